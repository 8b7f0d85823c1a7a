package hazelkeep.practise;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.fit.Seen.What;
import hazelkeep.fit.SneakUp;

/**
 * A fit that a simulated hand made, led step by step.
 *
 * @param end what was thought at the end
 * @param clearance as it really is in the end, mm
 * @param said what the tool said last
 */
public record FitRun(SneakUp end, double clearance, Next said) {
  private static final int ACTIONS = 80;

  /** Leads a hand until the fit is there, or lost. */
  public static FitRun led(Aimed aimed, Hands hands) {
    // The recess is there to stay: it is worth measuring twice.
    SneakUp s = SneakUp.of(aimed).with(hands.read(What.RECESS)).with(hands.read(What.RECESS));
    s = s.with(hands.read(What.ROOT));
    Next next = Next.of(s);
    for (int i = 0; i < ACTIONS && !over(next); i++) {
      s = s.with(done(next, hands));
      if (next.what() == Next.Do.CUT || next.what() == Next.Do.SCRAPE) {
        s = s.with(hands.read(What.ROOT));
      }
      next = Next.of(s);
    }
    return new FitRun(s, hands.clearance(), next);
  }

  private static boolean over(Next next) {
    return next.what() == Next.Do.THERE || next.what() == Next.Do.OVER;
  }

  private static Seen done(Next next, Hands hands) {
    return switch (next.what()) {
      case CUT, SCRAPE -> hands.take(What.CUT, next.amount());
      case EASE -> hands.take(What.ABRASIVE, next.amount());
      case TRY -> hands.tryLid();
      case MEASURE_RECESS -> hands.read(What.RECESS);
      default -> hands.read(What.ROOT);
    };
  }

  /** Whether the fit really is in its class. */
  public boolean fits() {
    return clearance >= end.aimed().least() && clearance <= end.aimed().most();
  }

  /** Whether it really went past it. */
  public boolean tooLoose() {
    return clearance > end.aimed().most();
  }

  /** How often the lid was tried. */
  public long trials() {
    return end.taken().stream().filter(t -> t.seen().what().trial()).count();
  }

  /** How often wood was taken off. */
  public long cuts() {
    return end.taken().stream().filter(t -> t.seen().what().cut()).count();
  }
}
