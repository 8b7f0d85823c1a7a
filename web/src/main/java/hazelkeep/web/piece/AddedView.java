package hazelkeep.web.piece;

import hazelkeep.element.AddedElement;
import hazelkeep.element.Elements;
import hazelkeep.element.Form;
import hazelkeep.element.SizeRule;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.Added;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import java.util.List;
import java.util.Locale;

/**
 * Something added to a piece as it is shown.
 *
 * @param id the first words of the names of its sizes
 * @param label its name and its part
 * @param wood the wood that it is of, where it has one of its own; null where it has none
 * @param section whether its blank is square, as it is said: true, false, or empty; null where it
 *     has none
 * @param sizes its sizes
 */
public record AddedView(String id, String label, String wood, String section, List<Field> sizes) {
  /**
   * One of its sizes.
   *
   * @param key its name
   * @param label what it is: height, width
   * @param value as it is shown
   */
  public record Field(String key, String label, String value) {}

  /**
   * A part on which something can be put.
   *
   * @param zero where its heights are counted from, in the blank's z
   * @param high how high it is, mm
   */
  public record Room(String part, double zero, double high) {}

  /** All that was added. */
  static List<AddedView> of(Plan<?> plan, Show show) {
    return Elements.of(plan.design()).stream()
        .filter(e -> !Outcome.asked(e.added()))
        .map(e -> view(e, plan, show))
        .toList();
  }

  private static AddedView view(AddedElement e, Plan<?> plan, Show show) {
    List<Field> sizes =
        e.sizes().stream()
            .map(
                r -> {
                  Dim d = plan.aim().dims().get(r.key());
                  return new Field(r.key().path(), word(e, r), show.value(d));
                })
            .toList();
    String wood = e.wooded() ? e.added().wood().orElse("") : null;
    String section =
        e.added().what().equals(Added.BLANK)
            ? e.added().square().map(String::valueOf).orElse("")
            : null;
    return new AddedView(e.added().id(), e.where(), wood, section, sizes);
  }

  private static String word(AddedElement e, SizeRule r) {
    return r.label()
        .replace(" of " + e.label(), "")
        .replace(" at " + e.label(), "")
        .toLowerCase(Locale.ROOT);
  }

  /** The parts that have an outside. */
  static List<Room> rooms(Plan<?> plan) {
    return plan.aim().offBlank().stream()
        .map(Form::new)
        .filter(Form::hasSide)
        .map(f -> new Room(f.plain().name(), Rounding.to(f.zero(), 3), Rounding.to(f.height(), 1)))
        .toList();
  }
}
