package hazelkeep.measure;

import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * A record with one of its components replaced by name, so that a design of fifteen components is
 * not copied by hand for every choice. The record's own checks run on the copy.
 */
public final class Restated {
  private Restated() {}

  /**
   * The value of a component.
   *
   * @throws Refused when the record has no such component
   */
  public static Object of(Record record, String component) {
    Shape shape = SHAPES.get(record.getClass());
    int at = shape.names.indexOf(component);
    if (at >= 0) {
      try {
        return shape.accessors.get(at).invoke(record);
      } catch (ReflectiveOperationException e) {
        throw new IllegalStateException(e);
      }
    }
    throw new Refused(Wording.of("restated.there-is-nothing-called-here", component));
  }

  /** What a record is made of. */
  private record Shape(List<String> names, List<Method> accessors, Constructor<?> constructor) {
    static Shape of(Class<?> type) {
      RecordComponent[] all = type.getRecordComponents();
      Class<?>[] types = Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
      try {
        return new Shape(
            Arrays.stream(all).map(RecordComponent::getName).toList(),
            Arrays.stream(all).map(RecordComponent::getAccessor).toList(),
            type.getDeclaredConstructor(types));
      } catch (NoSuchMethodException e) {
        throw new IllegalStateException(e);
      }
    }
  }

  /** Looked up once a record: a design is restated hundreds of times for one plan. */
  private static final ClassValue<Shape> SHAPES =
      new ClassValue<>() {
        @Override
        protected Shape computeValue(Class<?> type) {
          return Shape.of(type);
        }
      };

  /**
   * The record with one component replaced.
   *
   * @throws Refused when it has no such component, or refuses the value
   */
  public static <R> R with(R record, String component, Object value) {
    Shape shape = SHAPES.get(record.getClass());
    Object[] values = new Object[shape.names.size()];
    int replaced = shape.names.indexOf(component);
    if (replaced < 0) {
      throw new Refused(Wording.of("restated.there-is-nothing-called-here", component));
    }
    try {
      for (int i = 0; i < values.length; i++) {
        values[i] = i == replaced ? value : shape.accessors.get(i).invoke(record);
      }
      @SuppressWarnings("unchecked")
      R copy = (R) shape.constructor.newInstance(values);
      return copy;
    } catch (java.lang.reflect.InvocationTargetException e) {
      if (e.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(e);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * The record with an option chosen for one of its enum components.
   *
   * @param option the option's name; lower case and hyphens are taken
   * @throws Refused when there is no such choice or option, saying what there is
   */
  public static <R> R chosen(R record, String choice, String option) {
    RecordComponent component =
        Arrays.stream(record.getClass().getRecordComponents())
            .filter(c -> c.getName().equals(choice) && c.getType().isEnum())
            .findFirst()
            .orElseThrow(
                () -> new Refused(Wording.of("restated.there-is-no-choice-called", choice)));
    String name = option.strip().toUpperCase(Locale.ROOT).replace('-', '_');
    Object[] options = component.getType().getEnumConstants();
    Object value =
        Arrays.stream(options)
            .filter(o -> ((Enum<?>) o).name().equals(name))
            .findFirst()
            .orElseThrow(
                () ->
                    new Refused(
                        Wording.of(
                            "restated.is-no-option-here-choose",
                            option,
                            Arrays.toString(options))));
    return with(record, choice, value);
  }
}
