package hazelkeep.fit;

import hazelkeep.fit.Seen.What;
import hazelkeep.practice.Line;
import java.util.Optional;

/**
 * What comes next on the way to a fit.
 *
 * @param what to do
 * @param amount off a diameter, mm; 0 where nothing is cut
 * @param target the diameter to come to, mm
 * @param risk how likely that goes too far, 0 to 1
 * @param within how likely the fit is there already, 0 to 1
 */
public record Next(Do what, double amount, double target, double risk, double within) {
  /** What there is to do. */
  public enum Do {
    MEASURE_RECESS,
    MEASURE_SPIGOT,
    CUT,
    SCRAPE,
    TRY,
    EASE,
    THERE,
    OVER
  }

  /** So sure one is before a fit counts as reached without the lid having said so. */
  private static final double SURE = 0.9;

  private static final double EVEN = 0.5;

  /** Of a fit as it stands. */
  public static Next of(SneakUp s) {
    Aimed aim = s.aimed();
    Belief b = s.belief();
    double within = b.within(aim.least(), aim.most());
    double over = 1 - b.below(aim.most());
    if (b.spread() > aim.practice().of(Line.SNEAK_UNREAD) * EVEN) {
      boolean recess = b.recessVar() >= b.spigotVar();
      return new Next(recess ? Do.MEASURE_RECESS : Do.MEASURE_SPIGOT, 0, 0, over, within);
    }
    Optional<Seen> trial = s.lastTrial();
    if (trial.filter(t -> says(t, s)).isPresent() || within > SURE) {
      return new Next(Do.THERE, 0, 0, over, within);
    }
    if (over > EVEN) {
      return new Next(Do.OVER, 0, 0, over, within);
    }
    double cut = cut(aim, b);
    if (cut >= aim.practice().of(Line.SNEAK_SMALLEST)) {
      boolean scraped = cut <= aim.practice().of(Line.SNEAK_SCRAPE);
      return step(scraped ? Do.SCRAPE : Do.CUT, cut, s, within);
    }
    if (trial.isEmpty()) {
      return new Next(Do.TRY, 0, 0, over, within);
    }
    if (trial.get().what() == What.STOPS && s.taper() == 0) {
      // It is wider at its root, which was not measured yet: how much is to come off there?
      return new Next(Do.MEASURE_SPIGOT, 0, 0, over, within);
    }
    double pass = aim.practice().of(Line.SNEAK_ABRASIVE);
    double wanted = Math.max(aim.least() - b.clearance(), aim.centre() - b.clearance());
    return step(Do.EASE, Math.max(pass, Math.min(wanted, 2 * pass)), s, within);
  }

  private static Next step(Do what, double amount, SneakUp s, double within) {
    Aimed aim = s.aimed();
    Belief b = s.belief();
    double lands = aim.lands(what == Do.EASE ? What.ABRASIVE : What.CUT, amount);
    double off = Math.hypot(b.spread(), lands);
    double risk = 1 - Belief.normal((aim.most() - b.clearance() - amount) / off);
    double target = aim.recessCut() ? b.recess() + amount : b.spigot() - amount;
    return new Next(what, amount, target, risk, within);
  }

  /** Whether what the lid did is the very fit that is wanted. */
  private static boolean says(Seen trial, SneakUp s) {
    return switch (s.aimed().wanted()) {
      case JAM -> trial.what() == What.FORCE;
      case PUSH -> trial.what() == What.PUSH;
      case DROP_ON -> trial.what() == What.DROPS;
      case EASY -> trial.what() == What.SLIDES && halfWay(s);
      default -> (trial.what() == What.SINKS || trial.what() == What.SLIDES) && halfWay(s);
    };
  }

  private static boolean halfWay(SneakUp s) {
    return s.belief().within(s.aimed().least(), s.aimed().most()) > EVEN;
  }

  /**
   * The largest cut that goes too far no more often than the turner's risk, mm off the diameter.
   *
   * <p>With g what is left to the loosest clearance of the class, v the variance of what is
   * thought, and a cut that lands with s0 + s1 a, the risk is kept where g - a = z sqrt(v + (s0 +
   * s1 a)²):
   *
   * <pre>
   * a = [B - sqrt(B² - A (g² - z² (v + s0²)))] / A,   A = 1 - z² s1²,  B = g + z² s0 s1
   * </pre>
   *
   * Never past the middle of the class. Example: g 0.5, v 0.0018, s0 0.02, s1 0.10, z 2.457 (0.7 %)
   * gives 0.3327.
   */
  static double cut(Aimed aim, Belief b) {
    double z = Belief.deviations(aim.practice().of(Line.SNEAK_RISK) / 100);
    double s0 = aim.unsure(Line.SNEAK_CUT_LEAST) * aim.practice().of(Line.SNEAK_CUT_LEAST);
    double s1 = aim.unsure(Line.SNEAK_CUT_SHARE) * aim.practice().of(Line.SNEAK_CUT_SHARE);
    double v = Math.pow(aim.unsure(Line.READ_FIT), 2) * b.variance();
    double g = aim.most() - b.clearance();
    double rest = g * g - z * z * (v + s0 * s0);
    if (g <= 0 || rest <= 0) {
      return 0;
    }
    double a = 1 - z * z * s1 * s1;
    double half = g + z * z * s0 * s1;
    double root = half * half - a * rest;
    double cut = (half - Math.sqrt(Math.max(0, root))) / a;
    return Math.max(0, Math.min(cut, aim.centre() - b.clearance()));
  }
}
