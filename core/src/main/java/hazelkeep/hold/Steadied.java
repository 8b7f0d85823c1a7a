package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.Steady;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import java.util.List;

/**
 * A steady rest at a place of the work.
 *
 * @param steady the steady
 * @param at the middle of its wheels, mm from the setup's zero
 */
public record Steadied(Steady steady, double at) {
  /** Room that its frame takes outside of the wheels, mm. */
  private static final double FRAME = 40;

  /** The band that must stay round. */
  public Span band() {
    return new Span(at - steady.width() / 2, at + steady.width() / 2);
  }

  private double radius(Work work) {
    return work.parts().keySet().stream().mapToDouble(p -> work.swept(p).outer(at)).max().orElse(0);
  }

  HalfSection fixture(Work work) {
    double r = radius(work);
    return HalfSection.box(band().from(), band().to(), r, r + FRAME);
  }

  void judge(Work work, List<Verdict> out) {
    double d = 2 * radius(work);
    Span range = steady.range();
    if (!range.holds(d)) {
      out.add(
          Entry.STEADY_RANGE.told(
              Grade.STOP, d, d < range.from() ? range.from() : range.to(), steady.name()));
      return;
    }
    for (String p : work.parts().keySet()) {
      HalfSection sound = work.sound(p);
      double least = Math.min(sound.outer(band().from()), sound.outer(band().to()));
      double off = d / 2 - least;
      if (sound.outer(at) > 0 && off > work.custom(Line.HOLD_STEADY_ROUND)) {
        out.add(
            Entry.STEADY_UNROUND.told(
                off > 2 ? Grade.STOP : Grade.WATCH, off, work.custom(Line.HOLD_STEADY_ROUND)));
      }
    }
  }
}
