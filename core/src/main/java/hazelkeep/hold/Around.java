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
 * Jaws closed straight on the outside: a rim with tape round it, or a round limb.
 *
 * @param part the part that is held
 * @param on what they close on, in words
 * @param jaws the jaw set
 * @param taped whether tape keeps them from marking the wood
 */
public record Around(String part, String on, JawSet jaws, boolean taped) implements InJaws {
  @Override
  public String words(UnaryOperator<String> called) {
    return jaws.name() + " round the " + called.apply(part) + "'s " + on + (taped ? ", taped" : "");
  }

  @Override
  public Around in(JawSet other) {
    return new Around(part, on, other, taped);
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(Iron.round(jaws, work.outer(part, -PROBE)));
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.SPRUNG, 2 * work.outer(part, -PROBE));
  }

  /** How deep the wood stands in the jaws, mm. */
  private double depth(HalfSection wood) {
    return Math.min(jaws.depth(), Math.max(0, -wood.minZ()));
  }

  @Override
  public Allowed allows(Work work) {
    HalfSection wood = work.sound(part);
    return Jaws.friction(work, part, wood, -PROBE, depth(wood), false);
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    HalfSection wood = work.sound(part);
    if (wood.isEmpty()) {
      return out;
    }
    double diameter = 2 * wood.outer(-PROBE);
    double depth = depth(wood);
    if (diameter <= 0 || depth <= 0) {
      out.add(Jaws.gone(part, on));
      return out;
    }
    Jaws.range(jaws, diameter, "The " + on, out);
    double lean = diameter / 2 - wood.outer(-depth + PROBE);
    if (Math.abs(lean) > work.custom(Line.HOLD_JAWS_LEAN)) {
      out.add(
          Entry.SEAT_LEANS.told(
              Math.abs(lean) > 2 * work.custom(Line.HOLD_JAWS_LEAN) ? Grade.STOP : Grade.WATCH,
              Math.abs(lean),
              work.custom(Line.HOLD_JAWS_LEAN),
              on));
    }
    if (!taped) {
      out.add(Entry.MARKS.told(Grade.NOTE, on, Jaws.bite(jaws, diameter, work.practice())));
    }
    Allowed allowed = allows(work);
    Jaws.weak(work, allowed, back, out);
    Jaws.free(work, freeLength(work), diameter, back, out);
    return out;
  }
}
