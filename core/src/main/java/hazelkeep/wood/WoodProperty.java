package hazelkeep.wood;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Locale;

/** What is known of a wood at 12 % moisture. */
public enum WoodProperty {
  DENSITY("Density", "kg/m³", 80, 1500),
  E_ALONG("Stiffness along the grain", "GPa", 0.5, 40),
  BENDING("Bending strength", "MPa", 5, 400),
  TENSION_ACROSS("Tension across the grain", "MPa", 0.2, 20),
  SHEAR("Shear strength along the grain", "MPa", 1, 40),
  E_RADIAL(Wording.of("woodProperty.stiffness-radially-share-of-that"), "", 0.01, 0.5),
  E_TANGENTIAL(Wording.of("woodProperty.stiffness-tangentially-share-of-that"), "", 0.01, 0.5),
  G_RADIAL(Wording.of("woodProperty.shear-modulus-in-the-radial"), "", 0.01, 0.5),
  G_TANGENTIAL(Wording.of("woodProperty.shear-modulus-in-the-tangential"), "", 0.01, 0.5),
  POISSON_RT("Poisson's ratio radial to tangential", "", 0.05, 1.2),
  POISSON_TR("Poisson's ratio tangential to radial", "", 0.05, 1.2),
  SHRINK_RADIAL("Shrinkage radially, green to dry", "%", 0.5, 20),
  SHRINK_TANGENTIAL("Shrinkage tangentially, green to dry", "%", 0.5, 25);

  private final String label;
  private final String unit;
  private final double least;
  private final double most;

  WoodProperty(String label, String unit, double least, double most) {
    this.label = label;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  /** Its name in words. */
  public String label() {
    return label;
  }

  /** Its name within a sentence. */
  public String word() {
    return switch (this) {
      case TENSION_ACROSS -> "strength across the grain";
      case E_ALONG -> "stiffness";
      default -> label.toLowerCase(Locale.ROOT);
    };
  }

  /** What can't be judged without it. */
  public String judges() {
    return switch (this) {
      case TENSION_ACROSS -> "Splitting";
      case BENDING -> "Breaking";
      case DENSITY -> "Weight and critical speed";
      case SHRINK_RADIAL, SHRINK_TANGENTIAL -> "What the seasons do";
      default -> "Stiffness";
    };
  }

  /** Its unit; empty for a plain ratio. */
  public String unit() {
    return unit;
  }

  /**
   * A value that a wood can have.
   *
   * @throws Refused when it lies outside what any wood has
   */
  public double checked(double value) {
    if (!(value >= least && value <= most)) {
      throw new Refused(
          Wording.of(
              "woodProperty.lies-between-and-this-is",
              label,
              plain(least),
              plain(most),
              unit.isEmpty() ? "" : " " + unit,
              plain(value)));
    }
    return value;
  }

  private static String plain(double v) {
    return v == Math.rint(v) ? Long.toString((long) v) : Double.toString(v);
  }
}
