package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import java.util.Optional;
import java.util.function.Function;

/**
 * How a size of an element follows, whatever the piece it is on.
 *
 * @param key its name
 * @param label in the trade's words
 * @param least smallest value taken from a person, mm
 * @param most largest value taken from a person, mm
 * @param fit whether it belongs to a fit and is shown as finely as one
 * @param by the rule
 * @param read what readings of other sizes say of it; empty as long as they are not taken
 */
public record SizeRule(
    DimKey key,
    String label,
    double least,
    double most,
    boolean fit,
    Function<Dims<?>, Rule.Value> by,
    Function<Dims<?>, Optional<Double>> read) {
  /** A size that only its own reading can tell. */
  public SizeRule(
      DimKey key, String label, double least, double most, Function<Dims<?>, Rule.Value> by) {
    this(key, label, least, most, false, by, d -> Optional.empty());
  }

  /** What lies between a spigot and its recess, shown as finely as a fit. */
  public static SizeRule clearance(Closes closes, Function<Dims<?>, Rule.Value> by) {
    return closes == Closes.WOOD
        ? new SizeRule(Spigot.CLEARANCE, "Clearance in use", -0.1, 2, by).fine()
        : new SizeRule(Spigot.CLEARANCE, "Between spigot and recess", 0, 80, by).fine();
  }

  /** The same, shown as finely as a fit. */
  public SizeRule fine() {
    return new SizeRule(key, label, least, most, true, by, read);
  }

  /** The same, measured as the difference of two others once both are. */
  public SizeRule difference(DimKey of, DimKey less) {
    return new SizeRule(
        key,
        label,
        least,
        most,
        fit,
        by,
        d ->
            d.measured(of) && d.measured(less)
                ? Optional.of(d.mm(of) - d.mm(less))
                : Optional.empty());
  }

  /** The same with another rule. */
  public SizeRule by(Function<Dims<?>, Rule.Value> other) {
    return new SizeRule(key, label, least, most, fit, other, read);
  }

  /** The rule on a kind of piece. */
  <D extends Design> Rule<D> on() {
    return on(key.path());
  }

  /** The same with bounds that go by another name. */
  public <D extends Design> Rule<D> on(String name) {
    return new Rule<>(key, label, least, most, fit, by::apply, read::apply, name);
  }
}
