package hazelkeep.web.api;

import static hazelkeep.web.api.Schemas.map;

import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The JSON Schema of a shop, made from its records. */
final class ShopSchema {
  private ShopSchema() {}

  /** The schema as indented JSON. */
  static String text(Json json) {
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("title", "A shop");
    Map<String, Object> fields = Schemas.fields(Shop.class, Schemas.Numbers.LENGTHS);
    root.putAll(Schemas.object(fields, List.of("lathe")));
    root.put("$defs", map("size", Schemas.size()));
    return json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
  }
}
