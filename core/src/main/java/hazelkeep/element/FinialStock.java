package hazelkeep.element;

import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.Comparator;

/**
 * How the offcut of a finial is held: by a short tenon in the slimmest jaws on the wall, so that
 * little wood is enough.
 *
 * @param shop the jaws that are there, and what the turner goes by
 */
record FinialStock(Shop shop) {
  /** The jaws. */
  JawSet jaws() {
    return shop.jaws().stream()
        .filter(j -> j.form() != JawSet.Form.BUTTON)
        .min(Comparator.comparingDouble(JawSet::trueCircle))
        .orElse(Shop.COMMON_JAWS);
  }

  /** How long its tenon for the jaws is, mm. */
  double length() {
    return Math.min(shop.custom(Line.HOLD_TENON_LENGTH), jaws().longestTenon(shop.practice()));
  }

  /** How thick that is at its end, mm. */
  double end() {
    return jaws().trueCircle() + shop.custom(Line.HOLD_TENON_OVER_CIRCLE) + jaws().flare(length());
  }

  /** How thick it is at its root, mm. */
  private double root() {
    return end() - jaws().flare(length());
  }

  /** What the jaws hold, what is faced off there and what the tools need, mm. */
  double low() {
    return shop.custom(Line.STOCK_FACE) + length() + shop.custom(Line.FINIAL_WASTE);
  }

  /**
   * How thick the offcut is once it is rounded, mm.
   *
   * @param widest of the piece
   */
  double round(double widest) {
    return round(widest, end(), shop.practice());
  }

  /**
   * The same where its tenon for the jaws is known.
   *
   * @param end how thick that is at its end, mm
   */
  static double round(double widest, double end, Practice practice) {
    double shoulder = practice.of(Line.HOLD_SHOULDER) + practice.of(Line.HOLD_SHOULDER_SPARE);
    return Math.max(widest + 2 * practice.of(Line.DETAIL_KNOB_SPARE), end + 2 * shoulder);
  }

  /**
   * The tenon for the jaws.
   *
   * @param from where the offcut begins, in its own z
   */
  HalfSection tenon(double from) {
    double low = from + shop.custom(Line.STOCK_FACE);
    return Tenons.region(low, low + length(), end(), root());
  }
}
