package hazelkeep.bore;

import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.ArrayList;
import java.util.List;

/**
 * A bore that is wanted from one end: steps from the widest at the mouth to the narrowest.
 *
 * @param name in words: well, main bore
 * @param steps each deeper and narrower than the one before
 * @param byHand whether the bit is pushed in by hand, in a handle
 */
public record Bore(String name, List<Step> steps, boolean byHand) {
  /** Bored from the tailstock. */
  public Bore(String name, List<Step> steps) {
    this(name, steps, false);
  }

  /**
   * A stretch of one diameter.
   *
   * @param diameter mm
   * @param depth from the mouth to where the full diameter ends, mm
   */
  public record Step(double diameter, double depth) {}

  /**
   * @throws Refused when nobody can bore it so, saying what would be accepted
   */
  public Bore {
    steps = List.copyOf(steps);
    if (steps.isEmpty()) {
      throw new Refused(Wording.of("bore.a-bore-has-a-diameter"));
    }
    for (int i = 0; i < steps.size(); i++) {
      Step s = steps.get(i);
      if (!(s.diameter() > 0 && s.depth() > 0)) {
        throw new Refused(Wording.of("bore.a-bore-has-a-diameter-and"));
      }
      if (i > 0
          && !(s.diameter() < steps.get(i - 1).diameter()
              && s.depth() > steps.get(i - 1).depth())) {
        throw new Refused(
            Wording.of("bore.a-stepped-bore-gets-narrower", both(s), both(steps.get(i - 1))));
      }
    }
  }

  private static String both(Step s) {
    return Length.mm(s.diameter()).mm() + " by " + Length.mm(s.depth()).mm() + " mm";
  }

  /** A bore of one diameter. */
  public static Bore plain(String name, double diameter, double depth) {
    return new Bore(name, List.of(new Step(diameter, depth)));
  }

  /** A depth hole, bored by hand. */
  public static Bore byHand(String name, double diameter, double depth) {
    return new Bore(name, List.of(new Step(diameter, depth)), true);
  }

  /** How deep it goes at full diameter, mm. */
  public double depth() {
    return steps.get(steps.size() - 1).depth();
  }

  /** The steps from the narrowest to the widest. */
  List<Step> inwards() {
    List<Step> out = new ArrayList<>(steps);
    java.util.Collections.reverse(out);
    return out;
  }
}
