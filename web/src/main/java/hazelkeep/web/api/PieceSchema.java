package hazelkeep.web.api;

import static hazelkeep.web.api.Schemas.map;

import hazelkeep.element.Elements;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Offered;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sketch;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.wood.Part;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The JSON Schema of piece files, made from the design records themselves. It offers what a record
 * takes: each option and each whole number is tried on a fresh design.
 */
final class PieceSchema {
  /** The schema's name, as piece files state it. */
  static final String NAME = "hazel-keep/piece/1";

  /** Whole numbers are tried up to here. */
  private static final int WHOLE_MOST = 2_500;

  private PieceSchema() {}

  /** The schema as indented JSON. */
  static String text(Json json) {
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("title", "A piece file");
    root.put("oneOf", Kinds.ALL.stream().map(k -> piece(k)).toList());
    root.put("$defs", map("size", Schemas.size()));
    return json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
  }

  private static <D extends Design> Map<String, Object> piece(Kind<D> kind) {
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("schema", map("const", NAME));
    fields.put("kind", map("const", kind.name()));
    fields.put("name", map("type", "string", "maxLength", 120));
    // A file states only what it wants; the rest follows from the rules.
    Map<String, Object> design = Schemas.fields(kind.type(), Schemas.Numbers.PLAIN);
    for (RecordComponent c : kind.type().getRecordComponents()) {
      if (c.getType().isEnum()) {
        design.put(c.getName(), Schemas.options(taken(kind, c)));
      } else if (c.getType() == int.class) {
        design.put(c.getName(), whole(kind, c.getName()));
      }
    }
    Map<String, Object> sizes = new LinkedHashMap<>();
    kind.rules(kind.fresh()).forEach(r -> sizes.put(r.key().path(), size(r)));
    Map<String, Object> stated = Schemas.object(sizes, List.of());
    stated.put("patternProperties", map(ADDED, map("$ref", "#/$defs/size")));
    design.put("sizes", stated);
    design.put("elements", map("type", "array", "items", added(kind)));
    fields.put("design", Schemas.object(design, List.of()));
    return Schemas.object(fields, List.of("kind"));
  }

  /** Sizes of what is added are named for it: line-1.height. */
  private static final String ADDED =
      whats().map(PieceSchema::sizesOf).collect(Collectors.joining("|", "^(", ")$"));

  /** All that may stand among a piece's elements: what is added to it and what is asked of it. */
  private static Stream<String> whats() {
    return Stream.concat(
        Elements.all().stream().map(Elements.Sort::key),
        Arrays.stream(Outcome.values()).map(Outcome::key));
  }

  /**
   * Those that its rules know, whichever of its sort it is: {@code cove-[1-9][0-9]?\\.(height)}.
   */
  private static String sizesOf(String what) {
    Added first = new Added(what, 1, "any");
    return Elements.of(first).sizes().stream()
        .map(r -> r.key().path().substring(first.id().length() + 1))
        .collect(Collectors.joining("|", what + "-[1-9][0-9]?\\.(", ")"));
  }

  private static <D extends Design> Map<String, Object> added(Kind<D> kind) {
    Sketch<D> fresh = Sketch.of(kind, kind.fresh(), Shop.starter(), Map.of());
    List<String> parts = fresh.aim().parts().stream().map(Part::name).toList();
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("what", Schemas.options(whats().toList()));
    fields.put("no", map("type", "integer", "minimum", 1, "maximum", Added.NO_MOST));
    fields.put("part", Schemas.options(parts));
    fields.put("wood", map("type", List.of("string", "null"), "maxLength", 60));
    fields.put("square", map("type", List.of("boolean", "null")));
    return Schemas.object(fields, List.of("what", "no", "part"));
  }

  /** A number within what is taken from a person, or a text. */
  private static Map<String, Object> size(Rule<?> r) {
    return map(
        "$ref",
        "#/$defs/size",
        "description",
        r.label(),
        "minimum",
        r.least(),
        "maximum",
        r.most());
  }

  /** The options that a fresh design takes. */
  private static <D extends Design> List<String> taken(Kind<D> kind, RecordComponent c) {
    return Arrays.stream(c.getType().getEnumConstants())
        .filter(o -> takes(kind, c.getName(), o))
        .map(o -> ((Enum<?>) o).name())
        .toList();
  }

  private static <D extends Design> Map<String, Object> whole(Kind<D> kind, String field) {
    int least = 0;
    while (least < WHOLE_MOST && !takes(kind, field, least)) {
      least++;
    }
    int most = WHOLE_MOST;
    while (most > least && !takes(kind, field, most)) {
      most--;
    }
    return map("type", "integer", "minimum", least, "maximum", most);
  }

  private static <D extends Design> boolean takes(Kind<D> kind, String field, Object value) {
    try {
      return Offered.not(kind, Restated.with(kind.fresh(), field, value)).isEmpty();
    } catch (Refused e) {
      return false;
    }
  }
}
