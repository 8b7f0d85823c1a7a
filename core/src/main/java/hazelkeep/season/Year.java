package hazelkeep.season;

import hazelkeep.air.Climate;
import hazelkeep.air.Movement;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The clearance of a joint through a year in some air, in the directions where it is least and
 * most.
 *
 * <p>Each half becomes an oval: a diameter at some angle gains e_T + (e_R - e_T) s, s its radial
 * share ({@link hazelkeep.air.Rings}). The clearance there is c + D (gain of the recess - gain of
 * the spigot). Example: 45 mm of sugar maple, 4 % damper, the spigot's grain a quarter turn off:
 * 0.10 becomes -0.24 at the tightest.
 *
 * @param joint the joint
 * @param least the clearance where it is least, each day, mm
 * @param most where it is most
 */
public record Year(Pairing joint, double[] least, double[] most) {
  /** Directions in which the clearance is looked at, in half a turn. */
  public static final int ANGLES = 72;

  private static final double HALF_TURN = 180;

  /** Of a joint in a climate. */
  public static Year of(Pairing joint, Climate climate) {
    double[] outer = climate.moisture(joint.outer().slow());
    double[] inner =
        joint.inner().slow() == joint.outer().slow()
            ? outer
            : climate.moisture(joint.inner().slow());
    double[] so = shares(joint.outer());
    double[] si = shares(joint.inner());
    double[] least = new double[Climate.DAYS];
    double[] most = new double[Climate.DAYS];
    for (int d = 0; d < Climate.DAYS; d++) {
      Span span = at(joint, new Moist(outer[d], inner[d]), so, si);
      least[d] = span.least;
      most[d] = span.most;
    }
    return new Year(joint, least, most);
  }

  /**
   * What the two halves come to.
   *
   * @param outer moisture of the recess's half, %
   * @param inner moisture of the spigot's half, %
   */
  public record Moist(double outer, double inner) {}

  /** The clearance where it is least and where it is most, mm. */
  public record Span(double least, double most) {}

  /** At some moisture of both halves. */
  public static Span at(Pairing joint, Moist then) {
    return at(joint, then, shares(joint.outer()), shares(joint.inner()));
  }

  private static double[] shares(Half half) {
    double[] out = new double[ANGLES];
    for (int i = 0; i < ANGLES; i++) {
      out[i] = half.rings().radialShare(HALF_TURN * i / ANGLES);
    }
    return out;
  }

  private static Span at(Pairing joint, Moist then, double[] so, double[] si) {
    Movement o = joint.outer().wood();
    Movement i = joint.inner().wood();
    double from = joint.outer().moisture();
    double ot = o.tangentially(from, then.outer);
    double or = o.radially(from, then.outer) - ot;
    double start = joint.inner().moisture();
    double it = i.tangentially(start, then.inner);
    double ir = i.radially(start, then.inner) - it;
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int a = 0; a < ANGLES; a++) {
      double gains = ot + or * so[a] - it - ir * si[a];
      low = Math.min(low, gains);
      high = Math.max(high, gains);
    }
    return new Span(
        joint.clearance() + joint.diameter() * low, joint.clearance() + joint.diameter() * high);
  }

  /** The least clearance of the year, mm. */
  public double tightest() {
    return Arrays.stream(least).min().orElseThrow();
  }

  /** The largest clearance of the year, mm. */
  public double loosest() {
    return Arrays.stream(most).max().orElseThrow();
  }

  /**
   * A month as it is felt.
   *
   * @param least the least clearance in it, mm
   * @param most the largest, mm
   * @param tight the class that it goes by where it is least
   * @param loose the class where it is most
   * @param seizes whether the lid can't be moved at its tightest
   * @param rattles whether it has play that is heard
   */
  public record Month(
      double least, double most, FitClass tight, FitClass loose, boolean seizes, boolean rattles) {}

  /** The twelve months, January first. */
  public List<Month> months(Practice practice) {
    double d = joint.diameter();
    double push = FitClass.PUSH.least(d, practice);
    double easy = FitClass.EASY.most(d, practice);
    List<Month> out = new ArrayList<>();
    for (int m = 0; m < Climate.MONTHS; m++) {
      double low = Double.POSITIVE_INFINITY;
      double high = Double.NEGATIVE_INFINITY;
      for (int day = 0; day < Climate.DAYS; day++) {
        if (Climate.month(day) == m) {
          low = Math.min(low, least[day]);
          high = Math.max(high, most[day]);
        }
      }
      out.add(
          new Month(
              low,
              high,
              FitClass.at(low, d, practice),
              FitClass.at(high, d, practice),
              low < push,
              high > easy));
    }
    return out;
  }

  /**
   * The clearances that may be cut today.
   *
   * @param least the smallest, mm
   * @param most the largest, mm; below the smallest when none will do
   * @param moves how much the clearance goes to and fro in the year, mm
   * @param room how wide the class is, mm
   */
  public record Today(double least, double most, double moves, double room) {
    /** Whether some clearance stays in its class all year. */
    public boolean holds() {
      return most >= least;
    }

    /** The one in the middle, mm. */
    public double middle() {
      return (least + most) / 2;
    }
  }

  /** Which clearance to cut today so that the joint stays in its class all year. */
  public Today today(Practice practice) {
    double lowest = joint.wanted().least(joint.diameter(), practice);
    double largest = joint.wanted().most(joint.diameter(), practice);
    double down = joint.clearance() - tightest();
    double up = loosest() - joint.clearance();
    return new Today(lowest + down, largest - up, down + up, largest - lowest);
  }
}
