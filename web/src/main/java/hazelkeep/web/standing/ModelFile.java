package hazelkeep.web.standing;

import hazelkeep.solid.Mesh;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * Solids as files that other programs read: STL in millimetres, binary glTF 2.0 in metres, y
 * upwards.
 */
final class ModelFile {
  /** Bytes of a triangle in a binary STL: a normal, three corners, two that mean nothing. */
  private static final int FACET = 50;

  private static final int HEADER = 80;
  private static final double METRES = 1e-3;
  private static final int GLB = 0x46546C67;
  private static final int JSON = 0x4E4F534A;
  private static final int BIN = 0x004E4942;
  private static final int FLOAT = 5126;
  private static final int UNSIGNED = 5125;
  private static final int VERTICES = 34962;
  private static final int INDICES = 34963;

  private ModelFile() {}

  /**
   * A solid with its name and colour.
   *
   * @param colour red, green and blue, linear, 0 to 1
   */
  record Solid(String name, Mesh mesh, double[] colour) {}

  /** A binary STL of all solids, in mm, the axis upwards as such files have it: along z. */
  static byte[] stl(List<Solid> solids) {
    int n = solids.stream().mapToInt(s -> s.mesh().triangles().size()).sum();
    ByteBuffer out =
        ByteBuffer.allocate(HEADER + Integer.BYTES + n * FACET).order(ByteOrder.LITTLE_ENDIAN);
    out.position(HEADER);
    out.putInt(n);
    for (Solid s : solids) {
      for (int[] t : s.mesh().triangles()) {
        double[] a = upright(s.mesh().corners().get(t[0]));
        double[] b = upright(s.mesh().corners().get(t[1]));
        double[] c = upright(s.mesh().corners().get(t[2]));
        put(out, normal(a, b, c));
        put(out, a);
        put(out, b);
        put(out, c);
        out.putShort((short) 0);
      }
    }
    return out.array();
  }

  /** From y upwards to z upwards, turned about x so that no side changes hands. */
  private static double[] upright(double[] p) {
    return new double[] {p[0], -p[2], p[1]};
  }

  private static void put(ByteBuffer out, double[] p) {
    for (double x : p) {
      out.putFloat((float) x);
    }
  }

  private static double[] normal(double[] a, double[] b, double[] c) {
    double[] u = {b[0] - a[0], b[1] - a[1], b[2] - a[2]};
    double[] v = {c[0] - a[0], c[1] - a[1], c[2] - a[2]};
    double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
    double length = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
    return length == 0
        ? new double[] {0, 0, 0}
        : new double[] {n[0] / length, n[1] / length, n[2] / length};
  }

  /** A binary glTF: a node, a mesh and a material for each solid. */
  static byte[] glb(List<Solid> solids, JsonMapper mapper) {
    List<Map<String, Object>> nodes = new ArrayList<>();
    List<Map<String, Object>> meshes = new ArrayList<>();
    List<Map<String, Object>> materials = new ArrayList<>();
    List<Map<String, Object>> accessors = new ArrayList<>();
    List<Map<String, Object>> views = new ArrayList<>();
    int bytes =
        solids.stream()
            .mapToInt(s -> 12 * (s.mesh().corners().size() + s.mesh().triangles().size()))
            .sum();
    ByteBuffer bin = ByteBuffer.allocate(bytes).order(ByteOrder.LITTLE_ENDIAN);
    for (int i = 0; i < solids.size(); i++) {
      Solid s = solids.get(i);
      nodes.add(Map.of("name", s.name(), "mesh", i));
      materials.add(
          Map.of(
              "name",
              s.name(),
              "pbrMetallicRoughness",
              Map.of(
                  "baseColorFactor",
                  List.of(s.colour()[0], s.colour()[1], s.colour()[2], 1),
                  "metallicFactor",
                  0,
                  "roughnessFactor",
                  0.6)));
      meshes.add(
          Map.of(
              "primitives",
              List.of(
                  Map.of(
                      "attributes",
                      Map.of("POSITION", 2 * i),
                      "indices",
                      2 * i + 1,
                      "material",
                      i))));
      corners(s.mesh(), bin, views, accessors);
      indices(s.mesh(), bin, views, accessors);
    }
    Map<String, Object> json = new LinkedHashMap<>();
    json.put("asset", Map.of("version", "2.0", "generator", "Hazel Keep"));
    json.put("scene", 0);
    json.put(
        "scenes",
        List.of(
            Map.of("nodes", java.util.stream.IntStream.range(0, solids.size()).boxed().toList())));
    json.put("nodes", nodes);
    json.put("meshes", meshes);
    json.put("materials", materials);
    json.put("accessors", accessors);
    json.put("bufferViews", views);
    json.put("buffers", List.of(Map.of("byteLength", bytes)));
    return packed(mapper.writeValueAsString(json).getBytes(StandardCharsets.UTF_8), bin.array());
  }

  private static void corners(
      Mesh mesh, ByteBuffer bin, List<Map<String, Object>> views, List<Map<String, Object>> out) {
    float[] least = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
    float[] most = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
    int from = bin.position();
    for (double[] p : mesh.corners()) {
      for (int k = 0; k < 3; k++) {
        float x = (float) (p[k] * METRES);
        least[k] = Math.min(least[k], x);
        most[k] = Math.max(most[k], x);
        bin.putFloat(x);
      }
    }
    out.add(
        Map.of(
            "bufferView", views.size(),
            "componentType", FLOAT,
            "count", mesh.corners().size(),
            "type", "VEC3",
            "min", List.of(least[0], least[1], least[2]),
            "max", List.of(most[0], most[1], most[2])));
    view(views, from, bin.position() - from, VERTICES);
  }

  private static void indices(
      Mesh mesh, ByteBuffer bin, List<Map<String, Object>> views, List<Map<String, Object>> out) {
    int from = bin.position();
    for (int[] t : mesh.triangles()) {
      for (int i : t) {
        bin.putInt(i);
      }
    }
    out.add(
        Map.of(
            "bufferView",
            views.size(),
            "componentType",
            UNSIGNED,
            "count",
            3 * mesh.triangles().size(),
            "type",
            "SCALAR"));
    view(views, from, bin.position() - from, INDICES);
  }

  private static void view(List<Map<String, Object>> views, int from, int length, int target) {
    views.add(Map.of("buffer", 0, "byteOffset", from, "byteLength", length, "target", target));
  }

  /** Both chunks filled up to four bytes, the first with blanks. */
  private static byte[] packed(byte[] json, byte[] bin) {
    int words = (json.length + 3) / 4 * 4;
    ByteBuffer out =
        ByteBuffer.allocate(12 + 8 + words + 8 + bin.length).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(GLB).putInt(2).putInt(out.capacity());
    out.putInt(words).putInt(JSON).put(json);
    for (int i = json.length; i < words; i++) {
      out.put((byte) ' ');
    }
    out.putInt(bin.length).putInt(BIN).put(bin);
    return out.array();
  }
}
