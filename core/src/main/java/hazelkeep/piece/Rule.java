package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.practice.Practice;
import java.util.Optional;
import java.util.function.Function;

/**
 * How a dimension follows when nobody stated or measured it.
 *
 * @param <D> the design
 * @param key its name
 * @param label its name in the trade's words
 * @param least smallest value taken from a person, mm
 * @param most largest value taken from a person, mm
 * @param fit whether it belongs to a fit and is shown as finely as one
 * @param by the rule
 * @param read what readings of other dimensions say of it; empty as long as they are not taken
 * @param name what its bounds go by: its key, of what is added without its number
 */
public record Rule<D extends Design>(
    DimKey key,
    String label,
    double least,
    double most,
    boolean fit,
    Function<Dims<D>, Value> by,
    Function<Dims<D>, Optional<Double>> read,
    String name) {
  /** A rule of a dimension that only its own reading can tell. */
  public Rule(
      DimKey key,
      String label,
      double least,
      double most,
      boolean fit,
      Function<Dims<D>, Value> by) {
    this(key, label, least, most, fit, by, d -> Optional.empty(), key.path());
  }

  /** The same rule, measured as the difference of two others once both are. */
  public Rule<D> difference(String of, String less) {
    return new Rule<>(
        key,
        label,
        least,
        most,
        fit,
        by,
        d ->
            d.measured(of) && d.measured(less)
                ? Optional.of(d.mm(of) - d.mm(less))
                : Optional.empty(),
        name);
  }

  /** The nearest value that is taken from a person, mm. */
  public double clamp(double mm) {
    return Math.min(most, Math.max(least, mm));
  }

  /** The same rule by the turner's own bounds; as it was where they leave nothing between them. */
  public Rule<D> within(Practice practice) {
    return practice
        .bound(name)
        .filter(b -> b.leaves(least, most))
        .map(b -> new Rule<>(key, label, b.least(least), b.most(most), fit, by, read, name))
        .orElse(this);
  }

  /**
   * What a rule says.
   *
   * @param mm the value
   * @param origin where it comes from
   * @param reason the rule in words, without numbers
   */
  public record Value(double mm, Origin origin, String reason) {
    /** Worked out from other dimensions. */
    public static Value derived(double mm, String reason) {
      return new Value(mm, Origin.DERIVED, reason);
    }

    /** A custom of the trade. */
    public static Value practice(double mm, String reason) {
      return new Value(mm, Origin.COMMON_PRACTICE, reason);
    }

    /** Follows from the shop. */
    public static Value shop(double mm, String reason) {
      return new Value(mm, Origin.SHOP, reason);
    }
  }
}
