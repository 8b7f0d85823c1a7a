package hazelkeep.element;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.shop.Bit;

/** A bore as wide as the next bit on the wall, so that nothing has to be opened. */
public final class NextBit {
  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  private NextBit() {}

  /**
   * The smallest bit that is no smaller than what is needed; what is needed where the wall has none
   * of that size. A depth bit is none: it is set once and stays so.
   *
   * @param least what is needed, mm
   * @param why the bit is chosen
   * @param otherwise why the size is what it is where there is no bit
   */
  public static Rule.Value of(Dims<?> d, double least, String why, String otherwise) {
    return d.shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH)
        .mapToDouble(Bit::diameter)
        .filter(b -> b >= least - SAME)
        .min()
        .stream()
        .mapToObj(b -> shop(b, why))
        .findFirst()
        .orElse(derived(least, otherwise));
  }
}
