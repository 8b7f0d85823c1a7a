package hazelkeep.practise;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.AirCushion;
import hazelkeep.fit.FitClass;
import hazelkeep.fit.Seen;
import hazelkeep.fit.Seen.What;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.SplittableRandom;

/** A simulated hand at a fit: what it cuts, what it reads, what its lid does. */
public final class Hands {
  private final Aimed aimed;
  private final double times;
  private final SplittableRandom chance;
  private double recess;
  private double spigot;

  /**
   * At a joint as it really is.
   *
   * @param recess the recess's true diameter, mm
   * @param spigot the spigot's true diameter, mm
   */
  public Hands(Aimed aimed, double recess, double spigot, Manner manner, SplittableRandom chance) {
    this.aimed = aimed;
    this.recess = recess;
    this.spigot = spigot;
    this.times = manner.times(aimed.practice());
    this.chance = chance;
  }

  /** The true clearance, mm. */
  public double clearance() {
    return recess - spigot;
  }

  /** A diameter as it is read. */
  public Seen read(What what) {
    double truth = what == What.RECESS ? recess : spigot;
    return new Seen(what, truth + times * custom(Line.READ_FIT) * chance.nextGaussian());
  }

  /** Takes about so much off; what was meant is what is known of it. */
  public Seen take(What how, double amount) {
    double spread = aimed.lands(how, amount);
    double took = Math.max(0, amount + times * spread * chance.nextGaussian());
    if (aimed.recessCut()) {
      recess += took;
    } else {
      spigot -= took;
    }
    return new Seen(how, amount);
  }

  /** Tries the lid. */
  public Seen tryLid() {
    double c = clearance() + times * custom(Line.SNEAK_TRIAL) * chance.nextGaussian();
    double d = aimed.diameter();
    Practice p = aimed.practice();
    if (c < FitClass.JAM.least(d, p)) {
      return new Seen(What.WONT_START, 0);
    }
    if (c < FitClass.JAM.most(d, p)) {
      return new Seen(What.FORCE, 0);
    }
    if (c < FitClass.PUSH.most(d, p)) {
      return new Seen(What.PUSH, 0);
    }
    if (c > custom(Line.SNEAK_RATTLES)) {
      return new Seen(What.DROPS, 0);
    }
    if (!(aimed.lid() > 0)) {
      return new Seen(What.SLIDES, 0);
    }
    double aside = 1 + (custom(Line.FIT_ECCENTRIC) - 1) * chance.nextDouble();
    double t = new AirCushion(d, aimed.length(), c, 0).sinks(aimed.lid()) / aside;
    return t < custom(Line.FIT_DROPS) ? new Seen(What.SLIDES, 0) : new Seen(What.SINKS, t);
  }

  private double custom(Line line) {
    return aimed.practice().of(line);
  }
}
