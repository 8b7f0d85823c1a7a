package hazelkeep.web.api;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Kind;
import hazelkeep.web.json.Json;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The JSON Schema of piece files, made from the design records themselves. */
final class PieceSchema {
  /** The schema's name, as piece files state it. */
  static final String NAME = "hazel-keep/piece/1";

  private PieceSchema() {}

  /** The schema as indented JSON. */
  static String text(Json json) {
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("title", "A piece file");
    root.put("oneOf", Kinds.ALL.stream().map(PieceSchema::piece).toList());
    Map<String, Object> size = new LinkedHashMap<>();
    size.put(
        "description",
        "A number in mm, or a size as a turner writes it: 54, \"2 1/8 in\", \"about 90 mm\".");
    size.put("type", List.of("number", "string"));
    root.put("$defs", map("size", size));
    return json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
  }

  private static Map<String, Object> piece(Kind<?> kind) {
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("schema", map("const", NAME));
    fields.put("kind", map("const", kind.name()));
    fields.put("name", map("type", "string", "maxLength", 120));
    Map<String, Object> design = of(kind.type());
    // A file states only what it wants; the rest follows from the rules.
    design.remove("required");
    Map<String, Object> sizes = new LinkedHashMap<>();
    kind.rules()
        .forEach(
            r -> sizes.put(r.key().path(), map("$ref", "#/$defs/size", "description", r.label())));
    Map<String, Object> sizesType = new LinkedHashMap<>();
    sizesType.put("type", "object");
    sizesType.put("properties", sizes);
    sizesType.put("additionalProperties", false);
    @SuppressWarnings("unchecked")
    Map<String, Object> designFields = (Map<String, Object>) design.get("properties");
    designFields.put("sizes", sizesType);
    fields.put("design", design);
    return object(fields, List.of("kind"));
  }

  private static Map<String, Object> object(Map<String, Object> fields, List<String> required) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("type", "object");
    out.put("properties", fields);
    out.put("required", required);
    out.put("additionalProperties", false);
    return out;
  }

  private static Map<String, Object> of(Type type) {
    if (type instanceof ParameterizedType p) {
      Class<?> raw = (Class<?>) p.getRawType();
      if (raw == Optional.class) {
        return map("anyOf", List.of(of(p.getActualTypeArguments()[0]), map("type", "null")));
      }
      if (raw == List.class) {
        return map("type", "array", "items", of(p.getActualTypeArguments()[0]));
      }
      return map("type", "object", "additionalProperties", of(p.getActualTypeArguments()[1]));
    }
    Class<?> c = (Class<?>) type;
    if (c == Size.class) {
      return map("$ref", "#/$defs/size");
    }
    if (c.isEnum()) {
      return map(
          "enum", Arrays.stream(c.getEnumConstants()).map(e -> ((Enum<?>) e).name()).toList());
    }
    if (c == String.class || c == DimKey.class) {
      return map("type", "string");
    }
    if (c == boolean.class) {
      return map("type", "boolean");
    }
    if (c == int.class) {
      return map("type", "integer");
    }
    if (c == double.class || c == Double.class) {
      return map("type", "number");
    }
    Map<String, Object> fields = new LinkedHashMap<>();
    for (RecordComponent r : c.getRecordComponents()) {
      fields.put(r.getName(), of(r.getGenericType()));
    }
    return object(fields, List.copyOf(fields.keySet()));
  }

  /** A map that keeps its order: the schema in the docs must not change from run to run. */
  private static Map<String, Object> map(Object... keysAndValues) {
    Map<String, Object> out = new LinkedHashMap<>();
    for (int i = 0; i < keysAndValues.length; i += 2) {
      out.put((String) keysAndValues[i], keysAndValues[i + 1]);
    }
    return out;
  }
}
