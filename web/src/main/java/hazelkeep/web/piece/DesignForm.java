package hazelkeep.web.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Woods;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A design as it is typed, for every kind alike: fields are named as in the piece file, {@code
 * species}, {@code content.height}, {@code sizes.outside.diameter}.
 *
 * @param typed every field as typed, kept whatever becomes of it
 * @param errors message by field
 */
public record DesignForm(Map<String, String> typed, Map<String, String> errors) {
  private static final String SIZES = "sizes.";
  private static final List<String> WOODS = List.of("species", "jamWood");
  private static final Pattern ROW = Pattern.compile("(\\w+)\\.(\\d{1,3})\\.\\w+");

  /** The form of what was typed. */
  public static DesignForm of(Map<String, String> typed) {
    return new DesignForm(new LinkedHashMap<>(typed), new LinkedHashMap<>());
  }

  /** This form without the fields of one group; what is refused is noted here all the same. */
  DesignForm without(String group) {
    Map<String, String> rest = new LinkedHashMap<>(typed);
    rest.keySet().removeIf(k -> k.startsWith(group + "."));
    return new DesignForm(rest, errors);
  }

  /** The form of a design as it stands. */
  public static DesignForm of(Design design, Unit unit) {
    DesignForm form = of(Map.of());
    for (RecordComponent c : design.getClass().getRecordComponents()) {
      Object value = value(design, c);
      if (value instanceof Optional<?> group
          && group.isPresent()
          && group.get() instanceof Record r) {
        for (RecordComponent inner : r.getClass().getRecordComponents()) {
          form.typed.put(c.getName() + "." + inner.getName(), shown(value(r, inner), unit));
        }
      } else if (value instanceof Map<?, ?> sizes) {
        sizes.forEach((k, v) -> form.typed.put(SIZES + ((DimKey) k).path(), shown(v, unit)));
      } else if (value instanceof List<?> rows) {
        rows(c.getName(), rows, unit, form.typed);
      } else {
        form.typed.put(c.getName(), shown(value, unit));
      }
    }
    return form;
  }

  /** A list of records, a field for each of their components: {@code holes.0.height}. */
  private static void rows(String name, List<?> rows, Unit unit, Map<String, String> typed) {
    for (int i = 0; i < rows.size(); i++) {
      for (RecordComponent inner : rows.get(i).getClass().getRecordComponents()) {
        typed.put(name + "." + i + "." + inner.getName(), shown(value(rows.get(i), inner), unit));
      }
    }
  }

  private static Object value(Object record, RecordComponent c) {
    try {
      return c.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String shown(Object value, Unit unit) {
    if (value instanceof Optional<?> o) {
      return o.map(v -> shown(v, unit)).orElse("");
    }
    if (value instanceof Size s) {
      return unit.show(s);
    }
    if (value instanceof Double d && d == Math.rint(d)) {
      return Long.toString(Math.round(d));
    }
    return value instanceof Enum<?> e ? e.name() : String.valueOf(value);
  }

  /** What was typed into a field. */
  public String value(String field) {
    return typed.getOrDefault(field, "");
  }

  /** Whether there is such a field. */
  boolean takes(String field) {
    return typed.containsKey(field);
  }

  /** How many rows a list has that were typed or are there; one more is offered empty. */
  public int rows(String list) {
    return typed.keySet().stream()
        .map(ROW::matcher)
        .filter(m -> m.matches() && m.group(1).equals(list))
        .mapToInt(m -> Integer.parseInt(m.group(2)) + 1)
        .max()
        .orElse(0);
  }

  /** Why a field was refused; null when it was not. */
  public String error(String field) {
    return errors.get(field);
  }

  /** Notes why a field was refused. */
  public void refuse(String field, String why) {
    errors.putIfAbsent(field, why);
  }

  /** All refusals in one sentence or more. */
  public String refusals() {
    return String.join(" ", errors.values());
  }

  /**
   * The design with what this form says; errors are noted by field. A field that still says what
   * was shown for the stored value leaves that as it is: what is shown is rounded.
   *
   * @param woods the woods that a name may mean
   * @return the design, or empty when a field was refused
   */
  public <D extends Design> Optional<D> onto(Kind<D> kind, D design, Unit unit, Woods woods) {
    D next = design;
    DesignForm shown = of(design, unit);
    for (RecordComponent c : design.getClass().getRecordComponents()) {
      String name = c.getName();
      try {
        if (listed(c) != null) {
          next =
              hasRows(name)
                  ? Restated.with(next, name, rows(c, value(design, c), shown, unit))
                  : next;
        } else if (group(c) != null) {
          next = Restated.with(next, name, grouped(c, value(next, c), shown, unit));
        } else if (c.getType().isEnum()) {
          next = value(name).isBlank() ? next : kind.choose(next, name, value(name));
        } else if (typed.containsKey(name) && c.getType() == String.class) {
          String text = WOODS.contains(name) ? woods.meant(value(name)) : value(name);
          next = Restated.with(next, name, text);
        } else if (typed.containsKey(name) && c.getType() == int.class && !value(name).isBlank()) {
          next = Restated.with(next, name, whole(value(name)));
        }
      } catch (Refused e) {
        refuse(blamed(name), e.getMessage());
      }
    }
    for (Map.Entry<String, String> e : typed.entrySet()) {
      if (e.getKey().startsWith(SIZES) && !shown.says(e.getKey(), e.getValue())) {
        try {
          DimKey key = new DimKey(e.getKey().substring(SIZES.length()));
          // An emptied field leaves the size to the rules.
          next = kind.size(next, key, size(e.getValue(), unit));
        } catch (Refused x) {
          refuse(e.getKey(), x.getMessage());
        }
      }
    }
    return errors.isEmpty() ? Optional.of(next) : Optional.empty();
  }

  /** Whether this form shows just that in a field. */
  private boolean says(String field, String text) {
    return typed.containsKey(field) && typed.get(field).equals(text.strip());
  }

  private static Optional<Size> size(String typed, Unit unit) {
    return typed.isBlank() ? Optional.empty() : Optional.of(SizeText.parse(typed, unit));
  }

  /** The record that a list component holds; null for any other component. */
  private static Class<?> listed(RecordComponent c) {
    return c.getGenericType() instanceof ParameterizedType p
            && p.getRawType() == List.class
            && p.getActualTypeArguments()[0] instanceof Class<?> held
            && held.isRecord()
        ? held
        : null;
  }

  /** Whether a field takes a length, so that it is told as what one is understood. */
  public boolean length(String name) {
    int dot = name.lastIndexOf('.');
    return dot > 0 && !NO_LENGTHS.contains(name.substring(dot + 1));
  }

  /** The last words of fields in groups that take no length. */
  private static final Set<String> NO_LENGTHS = Set.of("ml", "degrees", "pieces", "count");

  /** Whether this form has rows for a list. */
  private boolean hasRows(String name) {
    return typed.keySet().stream().anyMatch(k -> k.startsWith(name + "."));
  }

  /** The rows of a list as typed; a row that was emptied is gone. */
  private List<Object> rows(RecordComponent c, Object now, DesignForm shown, Unit unit) {
    RecordComponent[] parts = listed(c).getRecordComponents();
    TreeSet<Integer> numbers = new TreeSet<>();
    for (String field : typed.keySet()) {
      Matcher m = ROW.matcher(field);
      if (m.matches() && m.group(1).equals(c.getName())) {
        numbers.add(Integer.valueOf(m.group(2)));
      }
    }
    List<Object> out = new ArrayList<>();
    for (int row : numbers) {
      String at = c.getName() + "." + row + ".";
      boolean blank = Arrays.stream(parts).allMatch(p -> value(at + p.getName()).isBlank());
      boolean same =
          Arrays.stream(parts).allMatch(p -> shown.says(at + p.getName(), value(at + p.getName())));
      if (same) {
        out.add(((List<?>) now).get(row));
      } else if (!blank) {
        row(listed(c), at, parts, unit).ifPresent(out::add);
      }
    }
    return out;
  }

  private Optional<Object> row(Class<?> type, String at, RecordComponent[] parts, Unit unit) {
    Object[] values = new Object[parts.length];
    Class<?>[] types = new Class<?>[parts.length];
    for (int i = 0; i < parts.length; i++) {
      String field = at + parts[i].getName();
      types[i] = parts[i].getType();
      try {
        values[i] =
            types[i] == Size.class
                ? SizeText.parse(value(field), unit)
                : types[i] == int.class
                    ? (Object) (value(field).isBlank() ? 0 : whole(value(field)))
                    : types[i] == double.class ? (Object) number(value(field)) : value(field);
      } catch (Refused e) {
        refuse(field, e.getMessage());
        return Optional.empty();
      }
    }
    return Optional.of(made(type, types, values));
  }

  private static Object made(Class<?> type, Class<?>[] types, Object[] values) {
    try {
      return type.getDeclaredConstructor(types).newInstance(values);
    } catch (java.lang.reflect.InvocationTargetException e) {
      throw new Refused(e.getCause().getMessage(), e);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The record that an optional component holds; null for any other component. */
  private static Class<?> group(RecordComponent c) {
    return c.getGenericType() instanceof ParameterizedType p
            && p.getRawType() == Optional.class
            && p.getActualTypeArguments()[0] instanceof Class<?> held
            && held.isRecord()
        ? held
        : null;
  }

  /** The field of a group that an error of the whole group is shown at: the first filled one. */
  private String blamed(String name) {
    return typed.entrySet().stream()
        .filter(e -> e.getKey().startsWith(name + ".") && !e.getValue().isBlank())
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(name);
  }

  private Optional<Object> grouped(RecordComponent c, Object now, DesignForm shown, Unit unit) {
    RecordComponent[] parts = group(c).getRecordComponents();
    Object[] values = new Object[parts.length];
    Class<?>[] types = new Class<?>[parts.length];
    boolean stated = false;
    for (int i = 0; i < parts.length; i++) {
      String field = c.getName() + "." + parts[i].getName();
      types[i] = parts[i].getType();
      values[i] =
          typed.containsKey(field) && !shown.says(field, value(field))
              ? read(field, parts[i].getGenericType(), unit)
              : now instanceof Optional<?> o && o.isPresent()
                  ? value(o.get(), parts[i])
                  : types[i] == boolean.class ? (Object) false : Optional.empty();
      stated |= !values[i].equals(Optional.empty()) && !values[i].equals(false);
    }
    if (!stated) {
      return Optional.empty();
    }
    return Optional.of(made(group(c), types, values));
  }

  /** One field of a group: a size, a plain number, or a tick. */
  private Object read(String field, Type type, Unit unit) {
    String text = value(field).strip();
    if (type == boolean.class) {
      return text.equals("true");
    }
    if (text.isEmpty()) {
      return Optional.empty();
    }
    try {
      Type held = ((ParameterizedType) type).getActualTypeArguments()[0];
      return Optional.of(held == Size.class ? SizeText.parse(text, unit) : (Object) number(text));
    } catch (Refused e) {
      refuse(field, e.getMessage());
      return Optional.empty();
    }
  }

  private static double number(String text) {
    try {
      return Double.parseDouble(text.replace(',', '.').replaceAll("\\s*ml$", ""));
    } catch (NumberFormatException e) {
      throw new Refused(Sentences.of("designForm.a-plain-number-is"), e);
    }
  }

  private static int whole(String text) {
    try {
      return Integer.parseInt(text.strip());
    } catch (NumberFormatException e) {
      throw new Refused(Sentences.of("designForm.a-whole-number-is"), e);
    }
  }
}
