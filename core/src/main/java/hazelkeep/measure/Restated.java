package hazelkeep.measure;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
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
   * @throws IllegalArgumentException when the record has no such component
   */
  public static Object of(Record record, String component) {
    try {
      for (RecordComponent c : record.getClass().getRecordComponents()) {
        if (c.getName().equals(component)) {
          return c.getAccessor().invoke(record);
        }
      }
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
    throw new IllegalArgumentException("There is nothing called “" + component + "” here");
  }

  /**
   * The record with one component replaced.
   *
   * @throws IllegalArgumentException when it has no such component, or refuses the value
   */
  public static <R> R with(R record, String component, Object value) {
    RecordComponent[] all = record.getClass().getRecordComponents();
    Object[] values = new Object[all.length];
    boolean there = false;
    try {
      for (int i = 0; i < all.length; i++) {
        boolean replaced = all[i].getName().equals(component);
        there |= replaced;
        values[i] = replaced ? value : all[i].getAccessor().invoke(record);
      }
      if (!there) {
        throw new IllegalArgumentException("There is nothing called “" + component + "” here");
      }
      Class<?>[] types = Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
      @SuppressWarnings("unchecked")
      R copy = (R) record.getClass().getDeclaredConstructor(types).newInstance(values);
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
   * @throws IllegalArgumentException when there is no such choice or option, saying what there is
   */
  public static <R> R chosen(R record, String choice, String option) {
    RecordComponent component =
        Arrays.stream(record.getClass().getRecordComponents())
            .filter(c -> c.getName().equals(choice) && c.getType().isEnum())
            .findFirst()
            .orElseThrow(
                () -> new IllegalArgumentException("There is no choice called “" + choice + "”"));
    String name = option.strip().toUpperCase(Locale.ROOT).replace('-', '_');
    Object[] options = component.getType().getEnumConstants();
    Object value =
        Arrays.stream(options)
            .filter(o -> ((Enum<?>) o).name().equals(name))
            .findFirst()
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "“"
                            + option
                            + "” is no option here; choose from "
                            + Arrays.toString(options)));
    return with(record, choice, value);
  }
}
