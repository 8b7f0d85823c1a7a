package hazelkeep.piece;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import java.util.Optional;

/**
 * The two sizes of a fit, and what lies between them: of recess, spigot and clearance any two
 * decide the third; one alone is followed by the other. Where a threaded pair is glued between them
 * it says both: what was bought can't be turned.
 *
 * @param <D> the design
 */
public final class Pair<D extends Design> {
  /** A threaded pair, across its outer ring. */
  public static final DimKey OUTER = new DimKey("insert.outer");

  /** The bore of its inner ring. */
  public static final DimKey INNER = new DimKey("insert.bore");

  /** What both rings take, a side. */
  public static final DimKey WALL = new DimKey("insert.wall");

  private final Dims<D> d;
  private final DimKey recess;
  private final DimKey spigot;
  private final Closes closes;

  /**
   * In some dimensions, wood on wood.
   *
   * @param recess the name of the outer one's diameter
   * @param spigot the name of the inner one's diameter
   */
  public Pair(Dims<D> d, DimKey recess, DimKey spigot) {
    this(d, recess, spigot, Closes.WOOD);
  }

  /**
   * In some dimensions.
   *
   * @param recess the name of the outer one's diameter
   * @param spigot the name of the inner one's diameter
   * @param closes what lies between them
   */
  public Pair(Dims<D> d, DimKey recess, DimKey spigot, Closes closes) {
    this.d = d;
    this.recess = recess;
    this.spigot = spigot;
    this.closes = closes;
  }

  private boolean threaded() {
    return closes == Closes.THREAD;
  }

  /** The room for glue, on the diameter, mm. */
  private double room() {
    return d.custom(Line.INSERT_ROOM);
  }

  private Optional<Double> ring(DimKey ring, double room) {
    return threaded() ? d.stated(ring).map(s -> s.mm() + room) : Optional.empty();
  }

  /** The recess as it was stated, or as the ring wants it that was; mm. */
  public Optional<Double> outer() {
    return d.stated(recess).map(Size::mm).or(() -> ring(OUTER, room()));
  }

  /** The spigot as it was stated, or as the ring wants it that was; mm. */
  public Optional<Double> inner() {
    return d.stated(spigot).map(Size::mm).or(() -> ring(INNER, -room()));
  }

  /**
   * The clearance: what two stated sizes leave, what the rings take, else the middle of a class.
   */
  public Rule.Value clearance(FitClass fit, DimKey nominal) {
    Optional<Double> outer = outer();
    Optional<Double> inner = inner();
    if (outer.isPresent() && inner.isPresent()) {
      return derived(outer.get() - inner.get(), "what the two sizes leave");
    }
    if (threaded()) {
      return derived(2 * (d.mm(WALL) + room()), Wording.of("pair.both-rings-and-room-for"));
    }
    double at = outer.or(() -> inner).orElseGet(() -> d.mm(nominal));
    return practice(fit.centre(at, d.shop().practice()), "middle of the " + fit.word() + " class");
  }

  /** What both rings take, a side: what two stated sizes leave for them, else what is usual. */
  public Rule.Value wall() {
    Optional<Double> outer = outer();
    Optional<Double> inner = inner();
    return outer.isPresent() && inner.isPresent()
        ? derived((outer.get() - inner.get()) / 2 - room(), "what the two sizes leave")
        : practice(d.custom(Line.INSERT_WALL), Line.INSERT_WALL.text().source());
  }

  /** The recess that a ring or a spigot says which alone was stated; empty otherwise. */
  public Optional<Rule.Value> recess() {
    return ring(OUTER, room())
        .map(r -> derived(r, Wording.of("pair.the-outer-ring-and-room")))
        .or(
            () ->
                inner()
                    .map(
                        s -> derived(s + d.mm(Contradictions.CLEARANCE), "spigot plus clearance")));
  }

  /** The spigot that a ring or a recess says which alone was stated; empty otherwise. */
  public Optional<Rule.Value> spigot() {
    return ring(INNER, -room())
        .map(r -> derived(r, Wording.of("pair.the-inner-ring-less-room")))
        .or(
            () ->
                outer()
                    .map(
                        s ->
                            derived(
                                s - d.mm(Contradictions.CLEARANCE), "recess less the clearance")));
  }
}
