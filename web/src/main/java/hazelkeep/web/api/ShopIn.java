package hazelkeep.web.api;

import hazelkeep.shop.Shop;
import hazelkeep.web.json.BadField;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** A shop as it is sent: its sizes are numbers in mm, or texts as a turner writes them. */
final class ShopIn {
  private static final List<String> FIELDS =
      Arrays.stream(Shop.class.getRecordComponents()).map(RecordComponent::getName).toList();

  private ShopIn() {}

  /**
   * Reads it.
   *
   * @throws NotPlanned when it can't be one, with the field
   */
  static Shop read(JsonNode node, Json json) {
    Fields.only(node, "shop", FIELDS);
    if (!node.path("lathe").isObject()) {
      throw NotPlanned.field("shop.lathe", Sentences.of("shopIn.a-shop-has-a-lathe"));
    }
    try {
      return json.lengths(node, Shop.class);
    } catch (BadField e) {
      throw NotPlanned.field(e.field().isEmpty() ? "shop" : "shop." + e.field(), e.getMessage());
    }
  }
}
