package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import java.util.Comparator;
import java.util.Optional;

/**
 * A recess in the foot that jaws open in.
 *
 * @param jaws that open in it
 * @param diameter at its mouth, mm
 * @param undercut by which its floor is wider, mm on the diameter
 */
public record FootRecess(JawSet jaws, double diameter, double undercut) {
  /**
   * The widest recess that leaves a wall round it; empty where no jaws open in one.
   *
   * @param foot diameter of the foot, mm
   * @param depth of the recess, mm
   */
  public static Optional<FootRecess> of(Shop shop, double foot, double depth) {
    return shop.jaws().stream()
        .filter(JawSet::forTenons)
        .filter(j -> j.expand().isPresent())
        .map(
            j -> {
              double undercut = j.flare(depth);
              double most = foot - 2 * shop.custom(Line.HOLD_EXPAND_WALL) - undercut;
              double d = Math.min(most, j.expand().get().to() - shop.custom(Line.HOLD_RECESS_ROOM));
              return new FootRecess(j, d, undercut);
            })
        .filter(r -> r.jaws().expand().get().holds(r.diameter()))
        .max(Comparator.comparingDouble(FootRecess::diameter));
  }

  /**
   * The jaws that open in a recess of some diameter, whatever the foot would have room for; empty
   * where none do.
   */
  public static Optional<JawSet> jaws(Shop shop, double diameter) {
    return shop.jaws().stream()
        .filter(JawSet::forTenons)
        .filter(j -> j.expand().filter(e -> e.holds(diameter)).isPresent())
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - diameter)));
  }

  /**
   * The jaws for a recess that is there: those that open in it, else those that the foot would
   * take, which then tell why they don't.
   */
  public static JawSet held(Shop shop, double foot, double depth, double diameter) {
    return jaws(shop, diameter)
        .or(() -> of(shop, foot, depth).map(FootRecess::jaws))
        .orElse(Shop.COMMON_JAWS);
  }

  /**
   * The narrowest foot that any jaws open in, mm; 0 where none open.
   *
   * @param depth of the recess, mm: so much wider is its floor than its mouth
   */
  public static double least(Shop shop, double depth) {
    return shop.jaws().stream()
        .filter(JawSet::forTenons)
        .filter(j -> j.expand().isPresent())
        .mapToDouble(
            j -> j.expand().get().from() + 2 * shop.custom(Line.HOLD_EXPAND_WALL) + j.flare(depth))
        .min()
        .orElse(0);
  }

  /** The rule of its diameter. */
  public static Rule.Value rule(Dims<?> d, DimKey foot, DimKey depth) {
    return of(d.shop(), d.mm(foot), d.mm(depth))
        .map(
            x ->
                Rule.Value.shop(
                    x.diameter(), Wording.of("footRecess.the-open-in-it-a", x.jaws().name())))
        .orElse(Rule.Value.shop(0, Wording.of("footRecess.no-jaws-open-in-a")));
  }
}
