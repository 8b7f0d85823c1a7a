package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.practice.Line;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The line of a stem between two stouter ends: of one thickness, or waisted.
 *
 * @param on its surface
 * @param waisted whether it is thinnest somewhere, and stouter at its ends
 * @param customs what it follows
 * @param length its length, with its rule
 */
public record StemLine(SurfaceId on, boolean waisted, Customs customs, SizeRule length) {
  /** How long it is. */
  public static final DimKey LONG = new DimKey("stem.length");

  /** Its thinnest diameter. */
  public static final DimKey THIN = new DimKey("stem.diameter");

  /** Its diameter at the low end. */
  public static final DimKey LOW = new DimKey("stem.low");

  /** Its diameter at the high end. */
  public static final DimKey HIGH = new DimKey("stem.high");

  /** How high over its low end it is thinnest. */
  public static final DimKey WAIST_AT = new DimKey("stem.waist-at");

  /** What the line of a stem may be. */
  public enum Form {
    STRAIGHT,
    WAISTED
  }

  /** The choice of its line. */
  public static Choice choice(Form chosen, String waisted, String straight) {
    return Choice.of(
        "stem",
        "Line of the stem",
        List.of(
            new Choice.Option("WAISTED", "Waisted", waisted),
            new Choice.Option("STRAIGHT", "Straight", straight)),
        chosen,
        HIGH);
  }

  /** No stem is shorter, mm. */
  private static final double LEAST = 3;

  /**
   * What lies over one another leaves room for a stem.
   *
   * @param height of all of it
   * @param low what is under the stem, and what that is called
   * @param high what is over it
   * @param less what the height is then called
   */
  public static void room(
      Lay lay, Sane sane, DimKey height, Map.Entry<DimKey, String> low, DimKey high, String less) {
    sane.size(high)
        .with(low.getValue(), lay.mm(low.getKey()))
        .below(lay.mm(height) - LEAST, less, height, low.getKey());
  }

  /**
   * What a stem follows.
   *
   * @param thin how thick it is at its thinnest
   * @param ends how many times as thick it is at its ends
   * @param waist where it is thinnest, as a share of its length
   * @param lowEnd what its low end is called
   * @param highEnd what its high end is called
   */
  public record Customs(Line thin, Line ends, Line waist, String lowEnd, String highEnd) {}

  /** All its diameters. */
  public static List<DimKey> diameters() {
    return List.of(LOW, THIN, HIGH);
  }

  private List<SizeRule> sizes() {
    Function<Dims<?>, Rule.Value> thin =
        d -> Rule.Value.practice(d.custom(customs.thin), customs.thin.text().source());
    return List.of(
        length,
        new SizeRule(THIN, "Stem, at its thinnest", 3, 80, thin),
        new SizeRule(LOW, "Stem, at " + customs.lowEnd, 3, 120, this::end),
        new SizeRule(HIGH, "Stem, " + customs.highEnd, 3, 120, this::end),
        new SizeRule(
            WAIST_AT, Wording.of("stemLine.thinnest-place-over-the-stems"), 1, 399, this::waistAt));
  }

  private Rule.Value end(Dims<?> d) {
    return waisted
        ? Rule.Value.practice(d.custom(customs.ends) * d.mm(THIN), customs.ends.text().source())
        : Rule.Value.derived(d.mm(THIN), "as thick as it is");
  }

  private Rule.Value waistAt(Dims<?> d) {
    double at = d.custom(customs.waist) * d.mm(LONG);
    return waisted
        ? Rule.Value.practice(at, Wording.of("stemLine.in-the-middle-of-the"))
        : Rule.Value.derived(at, "no waist");
  }

  /** Its line. */
  public Side side() {
    Station low = Station.of(LOW, "low end", lay -> 0, Station.Reads.FIRST).signed("⌀ low");
    Station high = Station.of(HIGH, "top end", lay -> 1, Station.Reads.LAST).signed("⌀ top");
    Station thin = Station.at(THIN, "waist", WAIST_AT, LONG, Station.Reads.NARROWEST);
    return new Side(
        on,
        Rise.whole(LONG, "stem", Bend.STRAIGHT),
        sizes(),
        waisted
            ? List.of(low, thin.by(Bend.HOLLOW), high.by(Bend.HOLLOW))
            : List.of(low.hiddenIf(true), high.signed("⌀ stem")),
        Optional.empty(),
        Optional.empty());
  }
}
