package hazelkeep.air;

/**
 * The moisture that wood comes to in still air of some temperature and humidity, % of its dry mass.
 *
 * <p>Hailwood and Horrobin's sorption isotherm with two hydrates, coefficients of the USDA Forest
 * Products Laboratory's Wood Handbook, chapter “Moisture relations” (from memory), T in degrees
 * Fahrenheit and h from 0 to 1:
 *
 * <pre>
 * EMC = 1800/W [ K h / (1 - K h) + (K1 K h + 2 K1 K2 K² h²) / (1 + K1 K h + K1 K2 K² h²) ]
 * </pre>
 *
 * <p>Example: 21.1 degrees Celsius and 65 % humidity give 12.0 %.
 */
public final class Emc {
  private static final double DRY_MOLE = 1800;

  private Emc() {}

  /**
   * Equilibrium moisture, %.
   *
   * @param celsius temperature of the air, -10 to 60 degrees
   * @param humidity relative humidity, %, 0 to 98: above that the formula is not meant to hold
   */
  public static double percent(double celsius, double humidity) {
    double t = celsius * 9 / 5 + 32;
    double h = humidity / 100;
    double w = 330 + 0.452 * t + 0.00415 * t * t;
    double k = 0.791 + 4.63e-4 * t - 8.44e-7 * t * t;
    double k1 = 6.34 + 7.75e-4 * t - 9.35e-5 * t * t;
    double k2 = 1.09 + 2.84e-2 * t - 9.04e-5 * t * t;
    double kh = k * h;
    double bound = (k1 * kh + 2 * k1 * k2 * kh * kh) / (1 + k1 * kh + k1 * k2 * kh * kh);
    return DRY_MOLE / w * (kh / (1 - kh) + bound);
  }
}
