package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.WoodScrew;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Figure;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Drawn by a screw against a face at x = 0.
 *
 * @param part the part that is held
 * @param screw the screw chuck
 */
public record Screwed(String part, WoodScrew screw) implements Grip {
  /**
   * Withdrawal of a wood screw from side grain: F = 108.25 G^2 D L, N and mm, G the specific
   * gravity (USDA Wood Handbook; from memory).
   */
  private static final double WITHDRAWAL = 108.25;

  private static final double WATER = 1000;

  @Override
  public String words(UnaryOperator<String> called) {
    return screw.name() + " in the " + called.apply(part) + "'s end";
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(HalfSection.box(-Iron.JAW_LENGTH, 0, 0, screw.face() / 2));
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.CLAMPED, screw.face());
  }

  @Override
  public List<Mark> marks(Work work, Shop shop) {
    return List.of(
        new Mark(
            HalfSection.box(work.least(), work.least() + screw.length(), 0, screw.diameter() / 2),
            screw.name()));
  }

  /**
   * The load at which it pulls out of end grain, N.
   *
   * @param density of the wood, kg/m3
   * @param endGrain share of what it holds in side grain
   */
  public double withdrawal(double density, double endGrain) {
    double g = density / WATER;
    return endGrain * WITHDRAWAL * g * g * screw.diameter() * screw.length();
  }

  @Override
  public Allowed allows(Work work) {
    Optional<Figure> density = work.wood(part).flatMap(w -> w.density());
    if (density.isEmpty()) {
      return Allowed.unknown(
          Wording.of("screwed.the-screws-pull-in-the"), work.unknown(part, WoodProperty.DENSITY));
    }
    double pull =
        work.custom(Line.HOLD_SCREW_SHARE)
            * withdrawal(density.get().value(), work.custom(Line.HOLD_SCREW_END_GRAIN));
    double r = screw.face() / 2;
    return new Allowed(
        0,
        work.custom(Line.HOLD_FRICTION) * pull * 2 / 3 * r,
        pull * r,
        false,
        0,
        Double.NaN,
        Wording.of("screwed.a-sixth-of-the-screws"),
        List.of());
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    if (work.sound(part).isEmpty()) {
      return out;
    }
    if (!back.tail()) {
      out.add(Entry.SCREW_NO_TAIL.told(Grade.WATCH, work.most(), 0));
    }
    Jaws.weak(work, allows(work), back, out);
    Jaws.free(work, freeLength(work), screw.face(), back, out);
    return out;
  }
}
