package hazelkeep.piece;

import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;

/**
 * How many like it a blank gives, sawn apart: n pieces and n - 1 kerfs of the saw.
 *
 * @param pieces how many
 * @param rest what is left over, mm
 */
public record Batch(int pieces, double rest) {

  /** A hair that a length may lack and still be enough, mm. */
  private static final double HAIR = 1e-6;

  /** Of a piece as it is planned. */
  static Batch of(Aim aim, Shop shop) {
    return of(aim.mm(StockRules.LENGTH), aim.mm(StockRules.NEED), shop.custom(Line.STOCK_SAW));
  }

  /**
   * The same by lengths.
   *
   * @param length of the blank, mm
   * @param need what one piece needs, mm
   * @param kerf of the saw, mm
   */
  static Batch of(double length, double need, double kerf) {
    int n = (int) Math.floor((length + kerf + HAIR) / (need + kerf));
    return new Batch(n, Math.max(0, n == 0 ? length : length - n * need - (n - 1) * kerf));
  }
}
