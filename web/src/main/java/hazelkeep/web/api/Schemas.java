package hazelkeep.web.api;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** JSON Schemas of records, made from the records themselves. */
final class Schemas {
  private Schemas() {}

  /** How numbers that are not whole are written. */
  enum Numbers {
    /** As plain numbers. */
    PLAIN,
    /** In mm, or as texts with a unit. */
    LENGTHS
  }

  /** The definition of a size. */
  static Map<String, Object> size() {
    return map(
        "description",
        "A number in mm, or a size as a turner writes it: 54, \"2 1/8 in\", \"about 90 mm\".",
        "type",
        List.of("number", "string"));
  }

  /** An object of some fields and no others. */
  static Map<String, Object> object(Map<String, Object> fields, List<String> required) {
    Map<String, Object> out = map("type", "object", "properties", fields);
    if (!required.isEmpty()) {
      out.put("required", required);
    }
    out.put("additionalProperties", false);
    return out;
  }

  /** The fields of a record, each with its schema. */
  static Map<String, Object> fields(Class<?> record, Numbers numbers) {
    Map<String, Object> fields = new LinkedHashMap<>();
    for (RecordComponent r : record.getRecordComponents()) {
      fields.put(r.getName(), of(r.getGenericType(), numbers));
    }
    return fields;
  }

  /** The schema of a type. */
  static Map<String, Object> of(Type type, Numbers numbers) {
    if (type instanceof ParameterizedType p) {
      Class<?> raw = (Class<?>) p.getRawType();
      Type held = p.getActualTypeArguments()[0];
      if (raw == Optional.class) {
        return map("anyOf", List.of(of(held, numbers), map("type", "null")));
      }
      if (raw == List.class || raw == Set.class) {
        return map("type", "array", "items", of(held, numbers));
      }
      return map(
          "type", "object", "additionalProperties", of(p.getActualTypeArguments()[1], numbers));
    }
    Class<?> c = (Class<?>) type;
    if (c == Size.class) {
      return map("$ref", "#/$defs/size");
    }
    if (c.isEnum()) {
      return options(Arrays.stream(c.getEnumConstants()).map(e -> ((Enum<?>) e).name()).toList());
    }
    if (c == String.class || c == DimKey.class) {
      return map("type", "string");
    }
    if (c == boolean.class || c == Boolean.class) {
      return map("type", "boolean");
    }
    if (c == int.class) {
      return map("type", "integer");
    }
    if (c == double.class || c == Double.class) {
      return numbers == Numbers.LENGTHS ? map("$ref", "#/$defs/size") : map("type", "number");
    }
    return object(fields(c, numbers), required(c));
  }

  /** One of some names. */
  static Map<String, Object> options(List<String> names) {
    return map("enum", names);
  }

  /** What a record of its own can't do without: all but what may be empty, false or no list. */
  private static List<String> required(Class<?> record) {
    return Arrays.stream(record.getRecordComponents())
        .filter(
            r ->
                r.getType() != Optional.class
                    && r.getType() != boolean.class
                    && r.getType() != List.class
                    && r.getType() != Set.class)
        .map(RecordComponent::getName)
        .toList();
  }

  /** A map that keeps its order: the schema in the docs must not change from run to run. */
  static Map<String, Object> map(Object... keysAndValues) {
    Map<String, Object> out = new LinkedHashMap<>();
    for (int i = 0; i < keysAndValues.length; i += 2) {
      out.put((String) keysAndValues[i], keysAndValues[i + 1]);
    }
    return out;
  }
}
