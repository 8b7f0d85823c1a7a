package hazelkeep.web.api;

import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import java.util.List;
import java.util.function.Supplier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A piece as a file: what the plan for other programs takes, so that one can be fed to the other.
 *
 * @param kind the kind of piece
 * @param name its name; empty when the file has none
 * @param design what is stated
 * @param edits changes of the route
 */
public record PieceFile(Kind<?> kind, String name, Design design, List<RouteEdit> edits) {
  /**
   * Reads one, with its route's changes or the piece alone.
   *
   * @throws Refused when it can't be, naming the field
   */
  public static PieceFile read(String text, Json json, Supplier<Shop> shop) {
    try {
      JsonNode root = json.mapper().readTree(text);
      if (root.isObject() && root.has("kind")) {
        ObjectNode whole = json.mapper().createObjectNode();
        whole.set("piece", root);
        root = whole;
      }
      PlanRequest<?> read = PlanRequest.read(root, json, shop);
      String name = root.path("piece").path("name").asString("").strip();
      return new PieceFile(read.kind(), name, read.design(), read.edits());
    } catch (JacksonException e) {
      throw new Refused(Sentences.of("pieceFile.this-is-not-the", json.reason(e)), e);
    } catch (NotPlanned e) {
      throw new Refused(
          e.field().isEmpty() ? e.getMessage() : "At “" + e.field() + "”: " + e.getMessage(), e);
    }
  }

  /** A piece of the shelf as a file. */
  public static String write(Piece piece, Json json) {
    ObjectNode root = json.mapper().createObjectNode();
    ObjectNode head = root.putObject("piece");
    head.put("schema", PieceSchema.NAME);
    head.put("kind", piece.kind().name());
    head.put("name", piece.name());
    head.set("design", json.mapper().readTree(json.write(piece.design())));
    if (!piece.edits().isEmpty()) {
      root.set(
          "edits",
          json.mapper()
              .readTree(
                  json.mapper()
                      .writerFor(RouteEdit[].class)
                      .writeValueAsString(piece.edits().toArray(RouteEdit[]::new))));
    }
    return json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(root);
  }
}
