package hazelkeep.web.piece;

import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.box.LiddedBox;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The wish of a lidded box as it is typed.
 *
 * @param typed every field as typed, kept whatever becomes of it
 * @param errors message by field
 */
public record BoxForm(Map<String, String> typed, Map<String, String> errors) {
  /** The form of a box. */
  static BoxForm of(LiddedBox b, Unit unit) {
    Map<String, String> t = new LinkedHashMap<>();
    t.put("species", b.species());
    t.put("grit", Integer.toString(b.grit()));
    t.put("finish", b.finish());
    b.content()
        .flatMap(LiddedBox.Content::diameter)
        .ifPresent(s -> t.put("contentDiameter", unit.show(s)));
    b.content()
        .flatMap(LiddedBox.Content::height)
        .ifPresent(s -> t.put("contentHeight", unit.show(s)));
    b.content()
        .flatMap(LiddedBox.Content::ml)
        .ifPresent(v -> t.put("contentMl", unit.show(v).isEmpty() ? "" : number(v)));
    b.blank().flatMap(LiddedBox.Blank::length).ifPresent(s -> t.put("blankLength", unit.show(s)));
    b.blank().flatMap(LiddedBox.Blank::across).ifPresent(s -> t.put("blankAcross", unit.show(s)));
    t.put("blankSquare", b.blank().map(LiddedBox.Blank::square).orElse(false) ? "true" : "");
    return new BoxForm(t, new LinkedHashMap<>());
  }

  private static String number(double v) {
    return v == Math.rint(v) ? Long.toString(Math.round(v)) : Double.toString(v);
  }

  /** What was typed into a field. */
  public String value(String field) {
    return typed.getOrDefault(field, "");
  }

  /** Why a field was refused; null when it was not. */
  public String error(String field) {
    return errors.get(field);
  }

  /**
   * The box with this form's wish; errors are noted by field.
   *
   * @return the box, or empty when a field was refused
   */
  Optional<LiddedBox> onto(LiddedBox b, Unit unit) {
    Optional<Size> cd = size("contentDiameter", unit);
    Optional<Size> ch = size("contentHeight", unit);
    Optional<Double> ml = ml();
    Optional<Size> bl = size("blankLength", unit);
    Optional<Size> ba = size("blankAcross", unit);
    int grit = grit(b.grit());
    if (!errors.isEmpty()) {
      return Optional.empty();
    }
    Optional<LiddedBox.Content> content =
        attempt("contentDiameter", () -> new LiddedBox.Content(cd, ch, ml))
            .filter(c -> cd.isPresent() || ch.isPresent() || ml.isPresent());
    boolean square = value("blankSquare").equals("true");
    Optional<LiddedBox.Blank> blank =
        attempt("blankLength", () -> new LiddedBox.Blank(bl, ba, square))
            .filter(x -> bl.isPresent() || ba.isPresent() || square);
    if (!errors.isEmpty()) {
      return Optional.empty();
    }
    return attempt(
        "species",
        () ->
            new LiddedBox(
                b.school(),
                b.form(),
                b.top(),
                b.floor(),
                b.roof(),
                b.share(),
                b.gives(),
                b.fit(),
                value("species"),
                grit,
                value("finish"),
                content,
                blank,
                b.sizes(),
                b.points()));
  }

  private <T> Optional<T> attempt(String field, java.util.function.Supplier<T> make) {
    try {
      return Optional.of(make.get());
    } catch (IllegalArgumentException e) {
      errors.put(field, e.getMessage());
      return Optional.empty();
    }
  }

  private Optional<Size> size(String field, Unit unit) {
    if (value(field).isBlank()) {
      return Optional.empty();
    }
    return attempt(field, () -> SizeText.parse(value(field), unit));
  }

  private Optional<Double> ml() {
    String t = value("contentMl").strip().replace(',', '.');
    if (t.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(Double.parseDouble(t.replaceAll("\\s*ml$", "")));
    } catch (NumberFormatException e) {
      errors.put("contentMl", "A volume in ml, such as 250.");
      return Optional.empty();
    }
  }

  private int grit(int last) {
    String t = value("grit").strip();
    if (t.isEmpty()) {
      return last;
    }
    try {
      return Integer.parseInt(t);
    } catch (NumberFormatException e) {
      errors.put("grit", "A grit, such as 240 or 400.");
      return last;
    }
  }
}
