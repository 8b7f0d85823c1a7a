package hazelkeep.web.shop;

import java.util.Arrays;
import java.util.List;

/**
 * A field of a thing on the wall.
 *
 * @param path as in a shop file: squeeze.from
 * @param label in the trade's words
 * @param form how it is typed
 * @param hint what an empty field means, or its unit
 * @param options what can be chosen; empty for other fields
 */
record Field(String path, String label, Form form, String hint, List<Option> options) {
  /** How a field is typed. */
  enum Form {
    TEXT,
    LENGTH,
    NUMBER,
    /** A number that may stay empty. */
    PERHAPS,
    NUMBERS,
    CHOICE,
    TICK,
    WOOD
  }

  /** One way to choose. */
  record Option(String name, String label) {}

  static Field text(String path, String label) {
    return new Field(path, label, Form.TEXT, "", List.of());
  }

  static Field length(String path, String label) {
    return new Field(path, label, Form.LENGTH, "", List.of());
  }

  static Field number(String path, String label, String unit) {
    return new Field(path, label, Form.NUMBER, unit, List.of());
  }

  /** A number that may stay empty: it is then as usual. */
  static Field perhaps(String path, String label, String unit) {
    return new Field(path, label, Form.PERHAPS, unit + ", empty as usual", List.of());
  }

  static Field numbers(String path, String label, String hint) {
    return new Field(path, label, Form.NUMBERS, hint, List.of());
  }

  static Field tick(String path, String label) {
    return new Field(path, label, Form.TICK, "", List.of());
  }

  static Field wood(String path, String label) {
    return new Field(path, label, Form.WOOD, "", List.of());
  }

  static <E extends Enum<E>> Field choice(
      String path, String label, E[] all, java.util.function.Function<E, String> words) {
    return new Field(
        path,
        label,
        Form.CHOICE,
        "",
        Arrays.stream(all).map(e -> new Option(e.name(), words.apply(e))).toList());
  }

  /** This field with a word on what it means when it stays empty. */
  Field or(String empty) {
    return new Field(path, label, form, empty, options);
  }

  /** Whether it may stay empty. */
  boolean mayBeEmpty() {
    return form == Form.NUMBERS || form == Form.TICK || (form != Form.NUMBER && !hint.isEmpty());
  }
}
