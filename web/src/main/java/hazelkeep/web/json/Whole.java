package hazelkeep.web.json;

import hazelkeep.web.said.Sentences;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;

/** Looks through a value that was read for what is missing in it. */
final class Whole {
  private Whole() {}

  /**
   * Looks through it.
   *
   * @param path where it stands
   * @throws BadField naming the first place where something is missing
   */
  static void check(Object value, String path) {
    if (value == null) {
      throw new BadField(path, Sentences.of("json.a-value-is-missing-here"));
    }
    if (value instanceof Collection<?> all) {
      int i = 0;
      for (Object one : all) {
        check(one, path + "." + i++);
      }
    } else if (value instanceof Map<?, ?> map) {
      map.forEach((k, v) -> check(v, below(path, String.valueOf(k))));
    } else if (value instanceof Record record && record.getClass().getName().startsWith("hazel")) {
      for (RecordComponent c : record.getClass().getRecordComponents()) {
        check(of(record, c), below(path, c.getName()));
      }
    }
  }

  private static String below(String path, String name) {
    return path.isEmpty() ? name : path + "." + name;
  }

  private static Object of(Record record, RecordComponent c) {
    try {
      c.getAccessor().setAccessible(true);
      return c.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
