package hazelkeep.stiffness;

import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.PushTest;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import java.util.Optional;

/**
 * How far lathe, chuck and the wood in the jaws yield: a spring k = c E d^3 against turning, d the
 * diameter in the jaws.
 *
 * @param c without a unit
 * @param most the lathe's own spring, which no tenon exceeds, N mm/rad
 * @param tested whether a push test of this lathe says so
 * @param words what it rests on
 */
public record JawSpring(double c, double most, boolean tested, String words) {
  private static final int ELEMENTS = 40;

  /** The spring where no push test was made. */
  public static JawSpring common(Practice practice) {
    return untested(practice, Wording.of("jawSpring.no-push-test-made"));
  }

  private static JawSpring untested(Practice practice, String words) {
    return new JawSpring(practice.of(Line.STIFF_JAWS), practice.of(Line.STIFF_LATHE), false, words);
  }

  /** The spring of a shop, by its push test where there is one that can be used. */
  public static JawSpring of(Shop shop) {
    return shop.push().map(t -> tested(t, shop)).orElseGet(() -> common(shop.practice()));
  }

  private static JawSpring tested(PushTest t, Shop shop) {
    Optional<Species> wood = shop.woods().named(t.species());
    Optional<Figure> e = wood.flatMap(Species::along);
    Optional<Figure> g = wood.flatMap(Species::shearModulus);
    if (e.isEmpty() || g.isEmpty()) {
      return untested(
          shop.practice(), Wording.of("jawSpring.the-stiffness-is-not-known", t.species()));
    }
    double bar = bar(t, e.get().value(), g.get().value());
    double rest = t.deflection() / t.force() - bar;
    if (rest <= 0) {
      return untested(shop.practice(), Wording.of("jawSpring.a-bar-alone-gives-more"));
    }
    double spring = t.at() * t.at() / rest;
    double c = spring / (e.get().value() * Math.pow(t.tenon(), 3));
    return new JawSpring(
        c, Math.max(shop.custom(Line.STIFF_LATHE), spring), true, "your push test");
  }

  /** What the bar alone gives under a newton, mm. */
  private static double bar(PushTest t, double e, double g) {
    Section s = Section.EMPTY.plus(new Section.Wood(e, g, 0), 0, t.diameter() / 2);
    return Beam.uniform(ELEMENTS, t.at(), s.bending(), s.shear(), 1, 1)
        .clamped(0)
        .flexibility()[ELEMENTS];
  }

  /**
   * N mm/rad.
   *
   * @param along modulus of the wood in the jaws, MPa
   * @param diameter in the jaws, mm
   */
  public double of(double along, double diameter) {
    return Math.min(most, c * along * diameter * diameter * diameter);
  }
}
