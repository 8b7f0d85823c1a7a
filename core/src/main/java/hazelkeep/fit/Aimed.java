package hazelkeep.fit;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/**
 * A fit that is being made.
 *
 * @param wanted its class
 * @param recess the recess's diameter as it is planned, mm
 * @param spigot the spigot's diameter as the wood now is, mm
 * @param length of the joint, mm
 * @param recessCut whether the recess is opened to the spigot; else the spigot is turned down
 * @param lid weight of the lid as it now is, N; not a number where that is not known
 * @param practice what the turner goes by
 */
public record Aimed(
    FitClass wanted,
    double recess,
    double spigot,
    double length,
    boolean recessCut,
    double lid,
    Practice practice) {
  /**
   * The same joint with so much still to be taken off the half that is cut, mm off its diameter.
   */
  public Aimed before(double spare) {
    return new Aimed(
        wanted,
        recess - (recessCut ? spare : 0),
        spigot + (recessCut ? 0 : spare),
        length,
        recessCut,
        lid,
        practice);
  }

  /**
   * The spread with which wood comes off, mm on the diameter.
   *
   * @param how cut, or eased with abrasive
   * @param amount meant, mm
   */
  public double lands(Seen.What how, double amount) {
    return how == Seen.What.ABRASIVE
        ? practice.of(Line.SNEAK_ABRASIVE_SPREAD) * amount
        : practice.of(Line.SNEAK_CUT_LEAST) + practice.of(Line.SNEAK_CUT_SHARE) * amount;
  }

  /**
   * So many times as far as usual readings and cuts may scatter before a cut is risked: 1 where the
   * log has told the turner's own figure, more for a hand that nobody knows yet.
   */
  public double unsure(Line line) {
    return practice.own(line).isPresent() ? 1 : practice.of(Line.SNEAK_UNKNOWN);
  }

  /** The least clearance of the class, mm. */
  public double least() {
    return wanted.least(diameter(), practice);
  }

  /** Its largest, mm. */
  public double most() {
    return wanted.most(diameter(), practice);
  }

  /** Its middle, mm. */
  public double centre() {
    return wanted.centre(diameter(), practice);
  }

  /** The diameter that the class is said of: that of the half that stays as it is. */
  public double diameter() {
    return recessCut ? spigot : recess;
  }

  /**
   * Whether the class is so narrow that calipers can't tell it: less than four times the spread of
   * a difference of two readings.
   */
  public boolean lidIsTheGauge() {
    double spread = Math.sqrt(2) * practice.of(Line.READ_FIT);
    return most() - least() < 4 * spread;
  }
}
