package hazelkeep.fit;

import java.util.ArrayList;
import java.util.List;

/**
 * Diameters on the way to a fit, each with a trial.
 *
 * @param rungs in the order they are cut
 */
public record Ladder(List<Rung> rungs) {
  /**
   * One trial.
   *
   * @param diameter to cut to, mm
   * @param perSide taken off on the radius since the last, mm
   * @param clearance then left to the mate, mm
   */
  public record Rung(double diameter, double perSide, double clearance) {}

  /**
   * A ladder that halves what is left until the fit.
   *
   * @param from diameter now, mm
   * @param mate diameter of the mate, mm
   * @param clearance wanted in the end, mm
   * @param outer whether the diameter being cut is the outer one, the recess, and so grows
   */
  public static Ladder of(double from, double mate, double clearance, boolean outer) {
    double sign = outer ? 1 : -1;
    double target = mate + sign * clearance;
    double left = sign * (target - from);
    List<Rung> rungs = new ArrayList<>();
    double at = from;
    // Above 0.12 mm a cut can go half way by calipers; below, the trial fit says when.
    while (left > 0.12 && rungs.size() < 6) {
      double step = Math.floor(left / 2 * 100) / 100;
      at += sign * step;
      left -= step;
      rungs.add(new Rung(at, step / 2, sign * (at - mate)));
    }
    if (left > 1e-9) {
      rungs.add(new Rung(target, left / 2, clearance));
    }
    return new Ladder(List.copyOf(rungs));
  }
}
