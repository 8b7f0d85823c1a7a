package hazelkeep.web.api;

import hazelkeep.web.said.Sentences;
import java.util.List;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** Which fields an object may have. */
final class Fields {
  private Fields() {}

  /**
   * Refuses what has other fields.
   *
   * @param at where it stands in what was sent
   */
  static void only(JsonNode node, String at, List<String> fields) {
    if (node == null || !node.isObject()) {
      throw new NotPlanned(
          HttpStatus.BAD_REQUEST,
          at,
          Sentences.of("fields.a-json-object-with-is", String.join(", ", fields)));
    }
    for (String name : node.propertyNames()) {
      if (!fields.contains(name)) {
        throw NotPlanned.field(
            at.isEmpty() ? name : at + "." + name,
            Sentences.of("fields.is-not-known-here-known", name, String.join(", ", fields)));
      }
    }
  }

  /** A list that may be left out, but not be null. */
  static void listed(JsonNode root, String field, int most) {
    JsonNode node = root.path(field);
    if (!node.isMissingNode() && (!node.isArray() || node.size() > most)) {
      throw NotPlanned.field(field, Sentences.of("fields.is-a-list-of-at", field, most));
    }
  }
}
