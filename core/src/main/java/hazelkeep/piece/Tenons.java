package hazelkeep.piece;

import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.shop.Bit;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Rules of chucking tenons, for every kind of piece that is held by one. */
public final class Tenons {
  /** A tenon is at least so much thicker than jaws close, mm. */
  private static final double BITE = 0.2;

  private Tenons() {}

  /** The shoulder that a tenon is planned with, mm a side. */
  static double shoulder(Shop shop) {
    return shop.custom(Line.HOLD_SHOULDER) + shop.custom(Line.HOLD_SHOULDER_SPARE);
  }

  /**
   * How thick wood is rounded at least for the smallest jaws to find a tenon with its shoulder, mm.
   */
  static double rounded(Dims<?> d) {
    double length = tenon(d).mm();
    return d.shop().tenonJaws().stream()
        .mapToDouble(j -> j.squeeze().from() + BITE + j.flare(length))
        .min()
        .stream()
        .map(end -> end + 2 * shoulder(d.shop()))
        .findFirst()
        .orElse(0);
  }

  /** How long a tenon is. */
  public static Rule.Value tenon(Dims<?> d) {
    double usual = d.custom(Line.HOLD_TENON_LENGTH);
    double most =
        d.shop().tenonJaws().stream()
            .mapToDouble(j -> j.longestTenon(d.shop().practice()))
            .min()
            .orElse(usual);
    return shop(Math.min(usual, most), Wording.of("tenons.6-to-7-mm-hold"));
  }

  /**
   * How wide a tenon is at its end: for the true circle of the widest jaws that leave a shoulder.
   */
  public static Rule.Value tenonEnd(Dims<?> d, DimKey length) {
    double round = d.mm(StockRules.ROUND);
    double most = round - 2 * shoulder(d.shop());
    double l = d.mm(length);
    for (JawSet j : byTrueCircle(d)) {
      double end = j.trueCircle() + d.custom(Line.HOLD_TENON_OVER_CIRCLE) + j.flare(l);
      if (end <= most) {
        return shop(end, Wording.of("tenons.true-circle-of-the-with", j.name()));
      }
    }
    List<JawSet> sets = byTrueCircle(d);
    JawSet smallest = sets.isEmpty() ? Shop.COMMON_JAWS : sets.get(sets.size() - 1);
    double root = smallest.squeeze().from() + BITE;
    Optional<Rule.Value> straight = straight(d, most);
    // The shoulder of a dovetail sits beside its root.
    if (straight.isPresent() && round - 2 * d.custom(Line.HOLD_SHOULDER) < root) {
      return straight.get();
    }
    double least = sets.isEmpty() ? 20 : root + smallest.flare(l);
    return shop(Math.max(10, Math.max(least, most)), Wording.of("tenons.as-thick-as-the-blank"));
  }

  /** A straight tenon for pin jaws, no wider than something; empty where they close on none. */
  private static Optional<Rule.Value> straight(Dims<?> d, double most) {
    return d.shop().pinJaws().stream()
        .filter(j -> most >= j.squeeze().from() + BITE)
        .map(
            j ->
                shop(
                    Math.min(most, j.squeeze().to() - BITE),
                    Wording.of("tenons.too-thin-for-a-dovetail", j.name())))
        .findFirst();
  }

  /** The widest that any jaws on the wall take and that leaves a shoulder; empty without jaws. */
  public static Optional<Rule.Value> widest(Dims<?> d, DimKey length, String why) {
    double most = d.mm(StockRules.ROUND) - 2 * shoulder(d.shop());
    return d.shop().tenonJaws().stream()
        .map(j -> Math.min(most, j.squeeze().to() - 0.5 + j.flare(d.mm(length))))
        .filter(e -> e <= most)
        .max(Double::compare)
        .map(e -> shop(e, why));
  }

  /**
   * A tenon's half-section.
   *
   * @param from where it begins, in the blank's z
   * @param first its diameter there, mm
   * @param last its diameter at its other end, mm
   */
  public static HalfSection region(double from, double to, double first, double last) {
    return HalfSection.of(
        List.of(
            new Point(from, 0),
            new Point(from, first / 2),
            new Point(to, last / 2),
            new Point(to, 0)));
  }

  /** The dovetail of the jaws that will hold it. */
  public static Rule.Value tenonRoot(Dims<?> d, DimKey end, DimKey length) {
    double l = d.mm(length);
    double e = d.mm(end);
    Optional<JawSet> jaws = jaws(d.shop(), e, l);
    double flare = jaws.map(j -> j.flare(l)).orElse(0.0);
    return shop(Math.max(0.5 * e, e - flare), Wording.of("tenons.its-end-less-the-dovetail"));
  }

  /** The jaws for a tenon of that diameter at its end: those that it fits best at its root. */
  public static Optional<JawSet> jaws(Shop shop, double end, double length) {
    return Stream.concat(shop.tenonJaws().stream(), shop.pinJaws().stream())
        .min(
            Comparator.<JawSet>comparingDouble(j -> misses(j, end - j.flare(length)))
                .thenComparing(j -> !j.forTenons())
                .thenComparingDouble(j -> Math.abs(end - j.flare(length) - j.trueCircle())));
  }

  /** How far a tenon's root lies outside of what jaws close on, mm. */
  private static double misses(JawSet jaws, double root) {
    return Math.max(0, jaws.squeeze().from() - root) + Math.max(0, root - jaws.squeeze().to());
  }

  /** The jaws for a piece's tenon at an end; a common set where the wall has none. */
  public static JawSet jaws(Shop shop, Aim aim, String end) {
    return jaws(
            shop,
            aim.mm(new DimKey("tenon-" + end + ".diameter")),
            aim.mm(new DimKey("stick.tenon-" + end)))
        .orElse(Shop.COMMON_JAWS);
  }

  /** Jaw sets for tenons, the widest first. */
  public static List<JawSet> byTrueCircle(Dims<?> d) {
    return d.shop().tenonJaws().stream()
        .sorted(Comparator.comparingDouble(JawSet::trueCircle).reversed())
        .toList();
  }

  /** Width of the thinnest parting tool, mm. */
  public static double parting(Dims<?> d) {
    return d.shop()
        .thinnestParting()
        .map(Tool::width)
        .orElseGet(() -> d.custom(Line.STOCK_PARTING_TOOL));
  }

  /** Point of the depth bit, mm. */
  public static double tip(Dims<?> d) {
    return d.shop().depthBit().map(Bit::tip).orElse(0.0);
  }
}
