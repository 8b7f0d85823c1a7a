package hazelkeep.element;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.Comparator;

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

  /**
   * A bore as wide as is needed, where a bit of the wall gets so deep in it; else as wide as the
   * first bit above that does. Where none does it stays as wide as is needed, and that is told.
   *
   * <p>Example: a pen of 8 mm stands 122 deep in a bore of 9.5. Of the bits the 6 reaches 95; the
   * 12 with its extension reaches 235, so that the bore becomes 12.
   *
   * @param least what is needed and why
   * @param deep how deep it is bored, mm
   */
  public static Rule.Value reaching(Dims<?> d, Rule.Value least, double deep) {
    if (reaches(d.shop(), least.mm(), deep)) {
      return least;
    }
    return d.shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH && b.diameter() > least.mm())
        .filter(b -> reaches(d.shop(), b.diameter(), deep))
        .min(Comparator.comparingDouble(Bit::diameter))
        .map(b -> shop(b.diameter(), Wording.of("nextBit.the-first-that-reaches", b.name())))
        .orElse(least);
  }

  private static boolean reaches(Shop shop, double wide, double deep) {
    return BoringPlan.of(Bore.plain("bore", wide, deep), shop).verdicts().stream()
        .map(Verdict::entry)
        .noneMatch(e -> e == Entry.BIT_SHORT || e == Entry.BIT_MISSING);
  }
}
