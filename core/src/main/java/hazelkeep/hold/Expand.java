package hazelkeep.hold;

import static hazelkeep.hold.Touch.PROBE;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Jaws opened in a recess or a mouth, its edge on their step at x = 0.
 *
 * @param part the part that is held
 * @param in what they open in, in words
 * @param jaws the jaw set
 */
public record Expand(String part, String in, JawSet jaws) implements InJaws {
  @Override
  public String words(UnaryOperator<String> called) {
    return jaws.name() + " opened in the " + called.apply(part) + "'s " + in;
  }

  private static double bore(HalfSection wood) {
    return 2 * wood.inner(PROBE);
  }

  /** How deep the jaws go in: to their step, or to the floor. */
  private double depth(HalfSection wood) {
    double deep = jaws.depth();
    double r = bore(wood) / 2 - PROBE;
    for (double z = PROBE; z < deep; z += 0.25) {
      if (wood.holds(z, r - 1)) {
        return z;
      }
    }
    return deep;
  }

  /**
   * The thinnest that is left round what jaws open in, mm: a dovetail is widest at its floor. Where
   * it opens by more than their own dovetail they do not touch.
   *
   * @param wood with its edge at zero
   * @param deep how deep they go in, mm
   */
  public static double wall(HalfSection wood, JawSet jaws, double deep) {
    double edge = wood.inner(PROBE);
    double least = wood.outer(PROBE) - edge;
    for (double z = PROBE; z < deep - PROBE; z += PROBE) {
      double in = wood.inner(z);
      boolean touched = in <= edge + jaws.flare(z) / 2 + PROBE;
      least = touched ? Math.min(least, wood.outer(z) - in) : least;
    }
    return least;
  }

  @Override
  public Expand in(JawSet other) {
    return new Expand(part, in, other);
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    HalfSection wood = work.sound(part);
    return List.of(Iron.inside(jaws, bore(wood) / 2, depth(wood)));
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.SPRUNG, 2 * work.inner(part, PROBE));
  }

  @Override
  public Allowed allows(Work work) {
    HalfSection wood = work.sound(part);
    return Jaws.friction(work, part, wood, PROBE, depth(wood), true);
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    HalfSection wood = work.sound(part);
    if (wood.isEmpty()) {
      return out;
    }
    double bore = bore(wood);
    if (bore <= 0 || wood.minZ() > PROBE) {
      out.add(Jaws.gone(part, in));
      return out;
    }
    Jaws.expanding(jaws, bore, "The " + in, out);
    double wall = wall(wood, jaws, depth(wood));
    if (wall < work.custom(Line.HOLD_EXPAND_WALL)) {
      out.add(
          Entry.EXPAND_WALL.told(
              wall < work.custom(Line.HOLD_EXPAND_WALL) / 2 ? Grade.STOP : Grade.WATCH,
              wall,
              work.custom(Line.HOLD_EXPAND_WALL),
              in));
    }
    double depth = depth(wood);
    if (depth < work.custom(Line.HOLD_RECESS_LEAST)) {
      out.add(
          Entry.RECESS_SHALLOW.told(
              depth < work.custom(Line.HOLD_RECESS_LEAST) / 2 ? Grade.STOP : Grade.WATCH,
              depth,
              work.custom(Line.HOLD_RECESS_LEAST),
              in));
    }
    Jaws.weak(work, allows(work), back, out);
    Jaws.free(work, freeLength(work), bore, back, out);
    return out;
  }
}
