package hazelkeep.air;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import java.util.List;

/**
 * The air of a place through the year.
 *
 * @param name as the turner calls it
 * @param celsius mean temperature of each month, January first, degrees Celsius
 * @param humidity mean relative humidity of each month, %
 */
public record Climate(String name, List<Double> celsius, List<Double> humidity) {
  /** Days that a year is drawn with. */
  public static final int DAYS = 365;

  /** Months in a year. */
  public static final int MONTHS = 12;

  private static final int NAME_MOST = 80;
  private static final double COLDEST = -40;
  private static final double HOTTEST = 60;
  private static final double DAMPEST = 98;

  /**
   * @throws Refused when it is not a year of air, saying what would be accepted
   */
  public Climate {
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > NAME_MOST) {
      throw new Refused(Wording.of("climate.a-climate-needs-a-name", NAME_MOST));
    }
    celsius = months(celsius, "temperature", COLDEST, HOTTEST, "°C");
    humidity = months(humidity, "humidity", 1, DAMPEST, "%");
  }

  private static List<Double> months(
      List<Double> values, String what, double least, double most, String unit) {
    if (values == null || values.size() != MONTHS) {
      throw new Refused(Wording.of("climate.a-climate-has-twelve-months", what));
    }
    for (double v : values) {
      if (!(v >= least && v <= most)) {
        throw new Refused(
            Wording.of(
                "climate.a-months-lies-between-and",
                what,
                Rounding.text(least, 0),
                Rounding.text(most, 0),
                unit,
                Rounding.text(v, 1)));
      }
    }
    return List.copyOf(values);
  }

  /** Temperature on a day, 0 to 364, straight between the middles of the months. */
  public double celsius(double day) {
    return between(celsius, day);
  }

  /** Relative humidity on a day, %. */
  public double humidity(double day) {
    return between(humidity, day);
  }

  private static double between(List<Double> months, double day) {
    double at = day / DAYS * MONTHS - 0.5;
    int low = (int) Math.floor(at);
    double share = at - low;
    return months.get(Math.floorMod(low, MONTHS)) * (1 - share)
        + months.get(Math.floorMod(low + 1, MONTHS)) * share;
  }

  /** The month that a day lies in, 0 to 11. */
  public static int month(int day) {
    return Math.min(MONTHS - 1, day * MONTHS / DAYS);
  }

  /** What thin wood would come to on each day, %. */
  public double[] moisture() {
    double[] out = new double[DAYS];
    for (int d = 0; d < DAYS; d++) {
      out[d] = Emc.percent(celsius(d), humidity(d));
    }
    return out;
  }

  /**
   * What wood comes to on each day that follows the air slowly, %: dm/dt = (EMC - m)/tau, the same
   * year over and over. Two years are gone through before the one that counts.
   *
   * @param slow tau, days; 0 for wood that follows at once
   */
  public double[] moisture(double slow) {
    double[] air = moisture();
    if (slow <= 0) {
      return air;
    }
    double keeps = Math.exp(-1 / slow);
    double[] out = new double[DAYS];
    double m = 0;
    for (double a : air) {
      m += a / DAYS;
    }
    for (int d = 0; d < 3 * DAYS; d++) {
      m = air[d % DAYS] + (m - air[d % DAYS]) * keeps;
      out[d % DAYS] = m;
    }
    return out;
  }

  /** The same with its seasons half a year later, as south of the equator. */
  public Climate turnedRound() {
    return new Climate(name, halfYear(celsius), halfYear(humidity));
  }

  private static List<Double> halfYear(List<Double> months) {
    List<Double> out = new java.util.ArrayList<>(months.subList(MONTHS / 2, MONTHS));
    out.addAll(months.subList(0, MONTHS / 2));
    return out;
  }
}
