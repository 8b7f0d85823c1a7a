package hazelkeep.web.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import hazelkeep.measure.Refused;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Why JSON could not be read, in plain words: what is accepted, and no names of classes. */
final class Reasons {
  /** Names of the sorts of each thing that comes in several, by its class. */
  private final Map<Class<?>, List<String>> sorts = new LinkedHashMap<>();

  /** Knows the sorts that a mix-in names. */
  Reasons sorts(Class<?> type, Class<?> mixin) {
    sorts.put(
        type,
        Arrays.stream(mixin.getAnnotation(JsonSubTypes.class).value())
            .map(JsonSubTypes.Type::name)
            .toList());
    return this;
  }

  /** The reason. */
  String of(Throwable e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof Refused && t.getMessage() != null) {
        return t.getMessage();
      }
    }
    if (e instanceof InvalidTypeIdException id) {
      return choice(id.getTypeId(), sorts.getOrDefault(id.getBaseType().getRawClass(), List.of()));
    }
    if (e instanceof InvalidFormatException f
        && f.getTargetType() != null
        && f.getTargetType().isEnum()) {
      return choice(
          String.valueOf(f.getValue()),
          Arrays.stream(f.getTargetType().getEnumConstants())
              .map(o -> ((Enum<?>) o).name())
              .toList());
    }
    if (e instanceof UnrecognizedPropertyException u) {
      return Sentences.of(
          "reasons.is-not-known-here",
          u.getPropertyName(),
          u.getKnownPropertyIds().stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }
    return Sentences.of("reasons.there-is-something-here");
  }

  private static String choice(String value, List<String> options) {
    return value == null || value.equals("null")
        ? Sentences.of("reasons.say-which-choose-from", String.join(", ", options))
        : Sentences.of("reasons.is-not-known-here-2", value, String.join(", ", options));
  }

  /** Where it could not be read: {@code jaws[0].name}. */
  static String path(JacksonException e) {
    List<String> out = new ArrayList<>();
    for (JacksonException.Reference r : e.getPath()) {
      if (r.getPropertyName() != null) {
        out.add((out.isEmpty() ? "" : ".") + r.getPropertyName());
      } else {
        out.add("[" + r.getIndex() + "]");
      }
    }
    return String.join("", out);
  }
}
