package hazelkeep.web.practise;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.fit.Seen.What;
import hazelkeep.fit.SneakUp;
import hazelkeep.measure.Refused;
import hazelkeep.practice.Line;
import hazelkeep.practise.FitRun;
import hazelkeep.practise.Hands;
import hazelkeep.practise.Manner;
import hazelkeep.web.said.Sentences;
import java.util.SplittableRandom;

/** A fit that is practised: the wood is hidden, what is seen of it is not. */
final class FitGame {
  private final Aimed aimed;
  private final Manner manner;
  private final boolean led;
  private final Hands hands;
  private SneakUp so;
  private double boldest;
  private double advised;
  private boolean over;

  /**
   * Begins one.
   *
   * @param planned the joint as it is planned: recess, and spigot in use
   * @param led whether the tool says what comes next
   */
  FitGame(Aimed planned, Manner manner, boolean led, SplittableRandom chance) {
    this.aimed = planned.before(planned.practice().of(Line.PLAY_SPARE));
    this.manner = manner;
    this.led = led;
    this.hands =
        new Hands(
            aimed,
            aimed.recess() + off() * chance.nextGaussian(),
            aimed.spigot() + off() * chance.nextGaussian(),
            manner,
            chance);
    this.so = SneakUp.of(aimed);
  }

  /** How far halves really are off their plan, mm. */
  private double off() {
    return aimed.practice().of(Line.PLAY_OFF);
  }

  synchronized SneakUp so() {
    return so;
  }

  Manner manner() {
    return manner;
  }

  boolean led() {
    return led;
  }

  synchronized boolean over() {
    return over;
  }

  /** The largest cut that was made, and what was advised then, mm. */
  synchronized double[] bold() {
    return new double[] {boldest, advised};
  }

  /** Measures, or tries the lid. */
  synchronized void look(What what) {
    if (!over) {
      so = so.with(what.trial() ? hands.tryLid() : hands.read(what));
    }
  }

  /**
   * Takes wood off.
   *
   * @throws Refused when that is no cut of a fit
   */
  synchronized void take(What what, double amount) {
    if (!(amount > 0 && amount < 2)) {
      throw new Refused(Sentences.of("fitGame.a-cut-of-a-fit"));
    }
    if (over) {
      return;
    }
    double now = Next.of(so).amount();
    if (what == What.CUT && amount > boldest) {
      boldest = amount;
      advised = now;
    }
    Seen seen = hands.take(what, amount);
    so = so.with(seen);
  }

  /** The turner says that it is done. */
  synchronized void stop() {
    over = true;
  }

  /** What came of it. */
  synchronized FitRun end() {
    return new FitRun(so, hands.clearance(), Next.of(so));
  }

  /**
   * What becomes of many who are led.
   *
   * @param fits share of them that fit
   * @param loose share that went past
   * @param cuts each
   * @param trials each
   */
  record Crowd(double fits, double loose, double cuts, double trials) {}

  /** Many that a hand like this one makes as it is led. */
  Crowd crowd(int many) {
    SplittableRandom chance = new SplittableRandom(many);
    double[] sums = new double[4];
    for (int i = 0; i < many; i++) {
      double recess = aimed.recess() + off() * chance.nextGaussian();
      double spigot = aimed.spigot() + off() * chance.nextGaussian();
      FitRun run = FitRun.led(aimed, new Hands(aimed, recess, spigot, manner, chance.split()));
      sums[0] += run.fits() ? 1 : 0;
      sums[1] += run.tooLoose() ? 1 : 0;
      sums[2] += run.cuts();
      sums[3] += run.trials();
    }
    return new Crowd(sums[0] / many, sums[1] / many, sums[2] / many, sums[3] / many);
  }
}
