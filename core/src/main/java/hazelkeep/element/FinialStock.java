package hazelkeep.element;

import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Stub;
import hazelkeep.wood.SurfaceId;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How the offcut of a finial is held: by a short tenon in the slimmest jaws on the wall, so that
 * little wood is enough. One that is too slim for a tenon with a shoulder goes into the jaws as it
 * is, a plain cylinder as deep as they are.
 *
 * @param shop the jaws that are there, and what the turner goes by
 * @param widest what is turned from it, mm
 * @param sure the thickest cylinder that surely comes out of it, mm
 */
record FinialStock(Shop shop, double widest, double sure) {
  /** One with wood for a tenon. */
  static FinialStock stout(Shop shop, double widest) {
    return new FinialStock(shop, widest, Double.POSITIVE_INFINITY);
  }

  private Stream<JawSet> sets() {
    return shop.jaws().stream().filter(j -> j.form() != JawSet.Form.BUTTON);
  }

  private JawSet slimmest() {
    return sets().min(Comparator.comparingDouble(JawSet::trueCircle)).orElse(Shop.COMMON_JAWS);
  }

  /** Jaws that close on the cylinder as it is; empty where it has a tenon. */
  private Optional<JawSet> through() {
    boolean slim = sure < tenoned() - SAME && sure > slim(widest, shop.practice()) - SAME;
    return sets()
        .filter(j -> slim && j.squeeze().from() <= sure && sure <= j.squeeze().to())
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - sure)));
  }

  /** Lengths that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  /** Whether it has no tenon. */
  boolean plain() {
    return through().isPresent();
  }

  /** The jaws. */
  JawSet jaws() {
    return through().orElseGet(this::slimmest);
  }

  /** How far it goes into the jaws, mm. */
  double length() {
    return through().map(JawSet::depth).orElseGet(this::tenonLong);
  }

  private double tenonLong() {
    return Math.min(shop.custom(Line.HOLD_TENON_LENGTH), slimmest().longestTenon(shop.practice()));
  }

  /** How thick its tenon is at its end, mm. */
  private double end() {
    return root() + slimmest().flare(tenonLong());
  }

  private double root() {
    return slimmest().trueCircle() + shop.custom(Line.HOLD_TENON_OVER_CIRCLE);
  }

  /** What the jaws hold, what is faced off there and what the tools need, mm. */
  double low() {
    return shop.custom(Line.STOCK_FACE) + length() + shop.custom(Line.FINIAL_WASTE);
  }

  /** How thick the offcut is once it is rounded, mm. */
  double round() {
    return plain() ? sure : tenoned();
  }

  private double tenoned() {
    return round(widest, end(), shop.practice());
  }

  /**
   * How thick it is where its tenon for the jaws is known.
   *
   * @param end how thick that is at its end, mm
   */
  static double round(double widest, double end, Practice practice) {
    double shoulder = practice.of(Line.HOLD_SHOULDER) + practice.of(Line.HOLD_SHOULDER_SPARE);
    return Math.max(slim(widest, practice), end + 2 * shoulder);
  }

  /** How thick it is at the least, mm. */
  static double slim(double widest, Practice practice) {
    return widest + 2 * practice.of(Line.DETAIL_KNOB_SPARE);
  }

  /**
   * What the jaws hold.
   *
   * @param from where the offcut begins, in its own z
   */
  Stub stub(double from, SurfaceId on) {
    double low = from + shop.custom(Line.STOCK_FACE);
    double high = low + length();
    return plain()
        ? new Stub(CYLINDER, HalfSection.box(low, high, 0, sure / 2), on)
        : new Stub(TENON, Tenons.region(low, high, end(), root()), on);
  }

  static final String CYLINDER = "cylinder";
  private static final String TENON = "tenon";
}
