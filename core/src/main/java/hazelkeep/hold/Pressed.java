package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Pressed by the tailstock against a cone or pad at the headstock, which enters the mouth.
 *
 * @param part the part that is held
 * @param pad radius of the pad on which its rim or floor stands, mm
 */
public record Pressed(String part, double pad) implements Grip {
  @Override
  public String words(UnaryOperator<String> called) {
    return Wording.of("pressed.pressed-on-a-padded-disc", called.apply(part));
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(HalfSection.box(work.least() - Iron.JAW_LENGTH, work.least(), 0, pad));
  }

  @Override
  public Support support(Work work) {
    return new Support(work.least(), Support.Kind.PINNED, 0);
  }

  @Override
  public Allowed allows(Work work) {
    double seat = Math.min(pad, work.sound(part).outer(work.least() + Touch.PROBE));
    return new Allowed(
        work.least(),
        work.custom(Line.HOLD_FRICTION) * work.custom(Line.HOLD_TAIL_PRESS) * seat,
        0,
        true,
        0,
        Double.NaN,
        Wording.of(
            "pressed.friction-under-n-of-the", Math.round(work.custom(Line.HOLD_TAIL_PRESS))),
        List.of());
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    if (work.sound(part).isEmpty()) {
      return out;
    }
    if (!back.tail()) {
      out.add(Entry.PRESSED_NO_TAIL.told(Grade.STOP, 0, work.custom(Line.HOLD_TAIL_PRESS)));
      return out;
    }
    Jaws.weak(work, allows(work), back, out);
    return out;
  }
}
