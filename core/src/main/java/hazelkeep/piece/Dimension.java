package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import hazelkeep.wood.SurfaceId;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * A size and the faces of the wood that it lies between. It is said once, by what has it: how it is
 * read on the section that was drawn, where it stands on the drawing, what a reading at the bench
 * corrects and by which cut that expires, which point drags it, whether the record keeps it. What
 * of that is not said, it has not. All lengths in mm, places in the blank's z.
 *
 * <p>Example: a recess is {@code d.size(RECESS, wall).widest().inside("⌀ recess",
 * middle).corrects(INNER).recorded()}: its wall's largest diameter, shown half way down it.
 */
public final class Dimension {
  /** A depth that is nothing is still drawn as a mark, mm. */
  private static final double MARK = 0.1;

  private final DimKey key;
  private final SurfaceId on;
  private final Aim aim;
  private Function<OnSection, OptionalDouble> read;
  private Measure lies;
  private Feature feature;
  private Supplier<Grip> grip;
  private boolean recorded;
  private boolean stays;

  Dimension(DimKey key, SurfaceId on, Aim aim) {
    this.key = key;
    this.on = on;
    this.aim = aim;
  }

  /** Which size. */
  public DimKey key() {
    return key;
  }

  /** It is read on the section so, where its surface was drawn. */
  public Dimension reads(ToDoubleFunction<OnSection> by) {
    return sees(s -> OptionalDouble.of(by.applyAsDouble(s)));
  }

  /** It is read on the section so, if it is to be seen there. */
  public Dimension sees(Function<OnSection, OptionalDouble> by) {
    read = by;
    return this;
  }

  /** It is the largest diameter of its surface. */
  public Dimension widest() {
    return reads(s -> 2 * s.widest(on));
  }

  /** It is the diameter where its surface begins. */
  public Dimension first() {
    return reads(s -> 2 * s.first(on));
  }

  /** It is the diameter where its surface ends. */
  public Dimension last() {
    return reads(s -> 2 * s.last(on));
  }

  /** It is how far its surface runs along the axis. */
  public Dimension along() {
    return reads(s -> s.high(on) - s.low(on));
  }

  /** It lies along the axis, above the work. */
  public Dimension length(String label, double from, double to) {
    return lies(label, Measure.Kind.LENGTH, new Point(from, 0), new Point(to, 0));
  }

  /** It is an outside diameter, shown at a height. */
  public Dimension outside(String label, double z) {
    return lies(label, Measure.Kind.OUTSIDE, new Point(z, 0), new Point(z, aim.mm(key) / 2));
  }

  /** It is an inside diameter, shown at a height. */
  public Dimension inside(String label, double z) {
    return lies(label, Measure.Kind.INSIDE, new Point(z, 0), new Point(z, aim.mm(key) / 2));
  }

  /** It is a depth, measured anywhere up to a radius. */
  public Dimension deep(String label, double from, double to, double radius) {
    Point low = new Point(Math.min(from, to), 0);
    return lies(label, Measure.Kind.DEPTH, low, new Point(Math.max(from, to), radius));
  }

  /**
   * It is a depth that shows at the bench only, from a place on so far as it is.
   *
   * @param way 1 upwards, -1 downwards
   */
  public Dimension deep(String label, double from, int way) {
    return deep(label, from, from + way * Math.max(MARK, aim.mm(key)), 1).atBench();
  }

  private Dimension lies(String label, Measure.Kind kind, Point from, Point to) {
    lies = new Measure(key, label, from, to, kind, on.part(), true);
    return this;
  }

  /** It shows at the bench only. */
  public Dimension atBench() {
    lies = lies.atBench();
    return this;
  }

  /** A reading of it corrects the wood so, until its surface is cut again. */
  public Dimension corrects(Feature.Kind how) {
    return corrects(how, key);
  }

  /**
   * A reading of it corrects the wood so.
   *
   * @param keeps the size that stays once this was cut: it says the same from a face that stays
   */
  public Dimension corrects(Feature.Kind how, DimKey keeps) {
    feature = new Feature(key, on, how, keeps);
    return this;
  }

  /** It can be dragged; by what is worked out when it is asked for. */
  public Dimension grip(Supplier<Grip> by) {
    grip = by;
    return this;
  }

  /** The record of a finished piece keeps it. */
  public Dimension recorded() {
    recorded = true;
    return this;
  }

  /** A change in the middle of the work leaves it as it is. */
  public Dimension stays() {
    stays = true;
    return this;
  }

  /** What is read of it on the section, mm; empty where nothing of it is to be seen there. */
  OptionalDouble seen() {
    OnSection section = new OnSection(aim);
    return read != null && (on.name().isEmpty() || section.has(on))
        ? read.apply(section)
        : OptionalDouble.empty();
  }

  Optional<Measure> lies() {
    return Optional.ofNullable(lies);
  }

  Optional<Feature> feature() {
    return Optional.ofNullable(feature);
  }

  Optional<Grip> grip() {
    return Optional.ofNullable(grip).map(Supplier::get);
  }

  boolean isRecorded() {
    return recorded;
  }

  boolean isStaying() {
    return stays;
  }
}
