package hazelkeep.web.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.BadField;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.ShopKind;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A shop as a JSON file, and each kind of thing in it as a table. */
final class ShopFile {
  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

  /** The first version of the shop file. */
  static final int SCHEMA = 1;

  private static final CSVFormat TABLE =
      CSVFormat.RFC4180.builder().setTrim(true).setIgnoreEmptyLines(true).get();

  private final Json json;

  ShopFile(Json json) {
    this.json = json;
  }

  /** The shop as a file. */
  String write(Shop shop) {
    ObjectNode root = json.mapper().createObjectNode();
    root.put("schema", SCHEMA);
    root.set("shop", json.mapper().valueToTree(shop));
    return json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(root);
  }

  /**
   * A shop out of a file.
   *
   * @throws Refused saying what is wrong with it
   */
  Shop read(String text) {
    try {
      JsonNode root = json.mapper().readTree(text);
      if (!(root instanceof ObjectNode) || !root.has("shop")) {
        throw new Refused(Sentences.of("shopFile.this-is-not-a"));
      }
      if (root.path("schema").asInt(0) != SCHEMA) {
        throw new Refused(Sentences.of("shopFile.this-shop-file-is", root.path("schema"), SCHEMA));
      }
      if (!root.path("shop").path("lathe").isObject()) {
        throw new Refused(Sentences.of("shopFile.a-shop-has-a"));
      }
      Shop shop = shop(root.get("shop"));
      for (ShopKind kind : ShopKind.values()) {
        twice(kind, kind.of(shop));
      }
      return shop;
    } catch (JacksonException e) {
      throw new Refused(Sentences.of("shopFile.this-is-not-the", json.reason(e)), e);
    }
  }

  private Shop shop(JsonNode node) {
    try {
      return json.lengths(node, Shop.class);
    } catch (BadField e) {
      throw new Refused(
          e.field().isEmpty() ? e.getMessage() : "At “" + e.field() + "”: " + e.getMessage(), e);
    }
  }

  private static void twice(ShopKind kind, List<? extends Record> things) {
    Set<String> names = new HashSet<>();
    for (Record t : things) {
      if (!names.add(kind.nameOf(t))) {
        throw new Refused(
            Sentences.of("shopFile.is-there-twice", Fields.all(kind), kind.nameOf(t)));
      }
    }
  }

  /** The things of a kind as a table: lengths in mm. */
  String table(ShopKind kind, List<? extends Record> things) {
    List<String> head = columns(kind);
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, TABLE)) {
      csv.printRecord(head);
      for (Record t : things) {
        ThingForm form = ThingForm.of(kind, t, json, Unit.MM);
        List<String> row = new ArrayList<>();
        for (String c : head) {
          row.add(guarded(form.value(c).replaceAll(" mm$", "")));
        }
        csv.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  /**
   * What a table program would take for a formula is kept a text by an apostrophe before it; one
   * that is there already gets another, so that reading takes away what writing put there.
   */
  private static String guarded(String v) {
    boolean formula = !v.isEmpty() && "=+-@\t\r'".indexOf(v.charAt(0)) >= 0;
    return formula && !NUMBER.matcher(v).matches() ? "'" + v : v;
  }

  private static List<String> columns(ShopKind kind) {
    List<String> out = new ArrayList<>(Fields.of(kind).stream().map(Field::path).toList());
    if (kind == ShopKind.WOOD) {
      for (hazelkeep.wood.WoodProperty p : hazelkeep.wood.WoodProperty.values()) {
        out.add(p.name());
      }
    }
    return out;
  }

  /**
   * Things out of a table.
   *
   * @throws Refused naming the line and what is wrong with it
   */
  List<Record> read(ShopKind kind, String text) {
    List<Record> out = new ArrayList<>();
    try (CSVParser csv =
        TABLE.builder().setHeader().setSkipHeaderRecord(true).get().parse(new StringReader(text))) {
      List<String> head = columns(kind);
      List<String> unknown = csv.getHeaderNames().stream().filter(h -> !head.contains(h)).toList();
      if (csv.getHeaderNames().isEmpty() || !unknown.isEmpty()) {
        throw new Refused(
            Sentences.of(
                "shopFile.the-first-line-names",
                String.join(", ", head),
                (unknown.isEmpty() ? "" : "; “" + unknown.get(0) + "” is none of them")));
      }
      for (CSVRecord r : csv) {
        out.add(row(kind, r));
      }
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      throw new Refused(Sentences.of("shopFile.this-is-not-a-2"), e);
    }
    twice(kind, out);
    if (kind.single() && out.size() != 1) {
      throw new Refused(Sentences.of("shopFile.there-is-one-of", out.size()));
    }
    return out;
  }

  private Record row(ShopKind kind, CSVRecord r) {
    Map<String, String> typed = new HashMap<>(new LinkedHashMap<>(r.toMap()));
    typed.replaceAll((k, v) -> v.startsWith("'") ? v.substring(1) : v);
    ThingForm form = ThingForm.of(kind, typed);
    form.halves();
    return form.thing(json, Unit.MM)
        .orElseThrow(
            () -> {
              Map.Entry<String, String> e = form.errors().entrySet().iterator().next();
              return new Refused(
                  "Line "
                      + (r.getRecordNumber() + 1)
                      + (e.getKey().isEmpty() ? "" : ", " + e.getKey())
                      + ": "
                      + e.getValue());
            });
  }
}
