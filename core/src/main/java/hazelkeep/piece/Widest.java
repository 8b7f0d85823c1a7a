package hazelkeep.piece;

import static hazelkeep.piece.Rule.Value.derived;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/** The widest diameter of an outside, where the diameters along it were stated instead. */
public final class Widest {
  private Widest() {}

  /**
   * At least as wide as what was stated along it.
   *
   * @param own what it is where nothing along it is wider
   * @param along names of the diameters along it
   */
  public static <D extends Design> Rule.Value of(Dims<D> d, Rule.Value own, DimKey... along) {
    OptionalDouble most = stated(d, along);
    return most.isPresent() && most.getAsDouble() > own.mm()
        ? derived(most.getAsDouble(), Wording.of("widest.the-widest-place-that-is"))
        : own;
  }

  /** The same for one straight line from end to end: where both ends are stated, the wider one. */
  public static <D extends Design> Rule.Value taper(
      Dims<D> d, Rule.Value own, DimKey foot, DimKey top) {
    return d.stated(foot).isPresent() && d.stated(top).isPresent()
        ? derived(stated(d, foot, top).orElseThrow(), "the wider end")
        : of(d, own, foot, top);
  }

  /**
   * The upper end of a straight line whose foot is drawn in below its widest: it opens upwards.
   *
   * @return empty where the foot is the wider end
   */
  public static <D extends Design> Optional<Rule.Value> opens(Dims<D> d, DimKey foot) {
    double widest = d.mm(StockRules.WIDEST);
    return d.stated(foot)
        .filter(f -> f.mm() < widest)
        .map(f -> derived(widest, Wording.of("widest.it-opens-upwards-from-its")));
  }

  private static <D extends Design> OptionalDouble stated(Dims<D> d, DimKey... keys) {
    return Arrays.stream(keys).flatMap(k -> d.stated(k).stream()).mapToDouble(Size::mm).max();
  }
}
