package hazelkeep.web.json;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.web.said.Sentences;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.ObjectNode;

/** Lengths that may be written as texts, in trees of records whose numbers are mm. */
final class Lengths {
  private Lengths() {}

  /** The same tree with texts as numbers wherever a record has a number. */
  static JsonNode numbers(JsonNode node, Type type, String at) {
    if (type instanceof ParameterizedType p) {
      Type held = p.getActualTypeArguments()[0];
      if (p.getRawType() == Optional.class) {
        return node.isNull() ? node : numbers(node, held, at);
      }
      return p.getRawType() == List.class ? list(node, held, at) : node;
    }
    if (type == double.class) {
      return number(node, at);
    }
    return type instanceof Class<?> c && c.isRecord() && node instanceof ObjectNode object
        ? record(object, c, at)
        : node;
  }

  private static JsonNode list(JsonNode node, Type held, String at) {
    if (!(node instanceof ArrayNode array)) {
      throw new BadField(at, Sentences.of("lengths.a-list-is-expected-here"));
    }
    ArrayNode out = array.deepCopy().removeAll();
    for (int i = 0; i < array.size(); i++) {
      out.add(numbers(array.get(i), held, at + "[" + i + "]"));
    }
    return out;
  }

  private static JsonNode record(ObjectNode object, Class<?> type, String at) {
    ObjectNode out = object.deepCopy();
    for (RecordComponent c : type.getRecordComponents()) {
      JsonNode is = object.get(c.getName());
      if (is != null) {
        out.set(
            c.getName(),
            numbers(is, c.getGenericType(), (at.isEmpty() ? "" : at + ".") + c.getName()));
      }
    }
    return out;
  }

  private static JsonNode number(JsonNode node, String at) {
    if (node.isNumber()) {
      return node;
    }
    try {
      return DoubleNode.valueOf(SizeText.parse(node.asString(""), Unit.MM).mm());
    } catch (Refused e) {
      throw new BadField(at, e.getMessage());
    }
  }
}
