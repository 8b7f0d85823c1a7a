package hazelkeep.web.api;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.BadField;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Woods;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;

/**
 * What is asked for.
 *
 * @param <D> the design record
 * @param kind the kind of piece
 * @param design what is stated
 * @param shop the shop to plan for
 * @param edits changes of the route
 * @param apply remedies of an earlier answer, to be applied first
 * @param facts what happened at the bench
 */
record PlanRequest<D extends Design>(
    Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, List<Remedy> apply, JsonNode facts) {
  /** The largest number of facts that is replayed. */
  private static final int FACTS = 400;

  private static final int EDITS = 200;
  private static final int REMEDIES = 40;

  private static final List<String> FIELDS = List.of("piece", "shop", "edits", "apply", "facts");
  private static final List<String> PIECE_FIELDS = List.of("schema", "kind", "name", "design");

  /**
   * Reads it.
   *
   * @param stored the shop that is planned for where none is sent
   * @throws NotPlanned when something can't be, with the field
   */
  static PlanRequest<?> read(JsonNode root, Json json, Supplier<Shop> stored) {
    Fields.only(root, "", FIELDS);
    JsonNode piece = root.get("piece");
    Fields.only(piece, "piece", PIECE_FIELDS);
    JsonNode schema = piece.get("schema");
    if (schema != null && !schema.asString("").equals(PieceSchema.NAME)) {
      throw NotPlanned.field(
          "piece.schema", Sentences.of("planRequest.the-schema-read-here-is", PieceSchema.NAME));
    }
    String name = piece.path("kind").asString("");
    Kind<?> kind =
        Kinds.named(name)
            .orElseThrow(
                () ->
                    NotPlanned.field(
                        "piece.kind",
                        Sentences.of(
                            "planRequest.there-is-no-kind-known",
                            name,
                            String.join(", ", Kinds.ALL.stream().map(Kind::name).toList()))));
    Shop shop = root.has("shop") ? ShopIn.read(root.get("shop"), json) : stored.get();
    Fields.listed(root, "facts", FACTS);
    return of(kind, piece.path("design"), shop, root, json);
  }

  private static <D extends Design> PlanRequest<D> of(
      Kind<D> kind, JsonNode stated, Shop shop, JsonNode root, Json json) {
    return new PlanRequest<>(
        kind,
        design(kind, stated, shop.woods(), json),
        shop,
        list(root, "edits", EDITS, RouteEdit[].class, json),
        list(root, "apply", REMEDIES, Remedy[].class, json),
        root.path("facts"));
  }

  private static <D extends Design> D design(
      Kind<D> kind, JsonNode stated, Woods woods, Json json) {
    D design;
    try {
      JsonNode given = stated.isMissingNode() ? json.mapper().createObjectNode() : stated;
      design = json.design(kind, given);
    } catch (BadField e) {
      throw NotPlanned.field(
          e.field().isEmpty() ? "piece.design" : "piece.design." + e.field(), e.getMessage());
    }
    return wood(wood(design, "species", woods), "jamWood", woods);
  }

  /** The wood that a name means. */
  private static <D extends Design> D wood(D design, String field, Woods woods) {
    String said = String.valueOf(Restated.of((Record) design, field));
    try {
      String meant = woods.meant(said);
      return meant.equals(said) ? design : Restated.with(design, field, meant);
    } catch (Refused e) {
      throw NotPlanned.field("piece.design." + field, e.getMessage());
    }
  }

  private static <T> List<T> list(
      JsonNode root, String field, int most, Class<T[]> type, Json json) {
    Fields.listed(root, field, most);
    if (!root.has(field)) {
      return List.of();
    }
    try {
      List<T> all = Arrays.asList(json.read(root.get(field), type));
      if (all.contains(null)) {
        throw NotPlanned.field(field, Sentences.of("planRequest.none-of-may-be-null", field));
      }
      return all;
    } catch (BadField e) {
      throw NotPlanned.field(field + e.field(), e.getMessage());
    }
  }
}
