package hazelkeep.fit;

import org.hipparchus.special.Erf;

/**
 * What is known of a recess and its spigot: two diameters that lie about where they are thought to
 * be, together normally distributed. What both share, a reading of the clearance by the lid itself,
 * ties them to one another.
 *
 * @param recess the recess's diameter, mm
 * @param spigot the spigot's diameter at its root, mm
 * @param recessVar how sure the recess is, mm²
 * @param spigotVar how sure the spigot is, mm²
 * @param shared their covariance, mm²
 */
public record Belief(
    double recess, double spigot, double recessVar, double spigotVar, double shared) {
  /** Below this weight of the tails a seen thing can't be told from an impossible one. */
  private static final double IMPOSSIBLE = 1e-12;

  /** Two diameters that were never measured. */
  public static Belief of(double recess, double spigot, double spread) {
    return new Belief(recess, spigot, spread * spread, spread * spread, 0);
  }

  /** The clearance, mm. */
  public double clearance() {
    return recess - spigot;
  }

  /** How sure the clearance is, mm². */
  public double variance() {
    return Math.max(0, recessVar + spigotVar - 2 * shared);
  }

  /** The standard deviation of the clearance, mm. */
  public double spread() {
    return Math.sqrt(variance());
  }

  /** How likely the clearance lies below a value. */
  public double below(double c) {
    double s = spread();
    return s == 0 ? (clearance() < c ? 1 : 0) : normal((c - clearance()) / s);
  }

  /** How likely the clearance lies between two values. */
  public double within(double low, double high) {
    return below(high) - below(low);
  }

  /**
   * How far a reading lies from what was thought, in standard deviations of both.
   *
   * @param ofRecess whether the recess was read, else the spigot
   */
  public double surprise(boolean ofRecess, double read, double spread) {
    double v = (ofRecess ? recessVar : spigotVar) + spread * spread;
    return Math.abs(read - (ofRecess ? recess : spigot)) / Math.sqrt(v);
  }

  /** With a reading folded in, each weighed by how sure it is (Kalman's gain). */
  public Belief read(boolean ofRecess, double read, double spread) {
    double v = (ofRecess ? recessVar : spigotVar) + spread * spread;
    double toRecess = ofRecess ? recessVar : shared;
    double toSpigot = ofRecess ? shared : spigotVar;
    double off = read - (ofRecess ? recess : spigot);
    return moved(toRecess, toSpigot, off / v, -1 / v);
  }

  /** With a reading that is believed, whatever was thought before. */
  public Belief told(boolean ofRecess, double read, double spread) {
    double v = spread * spread;
    return ofRecess
        ? new Belief(read, spigot, v, spigotVar, 0)
        : new Belief(recess, read, recessVar, v, 0);
  }

  /** The same two diameters, of which nothing is sure any more. */
  public Belief unsure(double spread) {
    return of(recess, spigot, spread);
  }

  /** After a cut that was to take so much off the spigot's diameter, or out of the recess's. */
  public Belief cut(boolean ofRecess, double amount, double spread) {
    double v = spread * spread;
    return ofRecess
        ? new Belief(recess + amount, spigot, recessVar + v, spigotVar, shared)
        : new Belief(recess, spigot - amount, recessVar, spigotVar + v, shared);
  }

  /**
   * How likely it was that the clearance would be seen between two values, whose borders are soft.
   */
  public double likelihood(double low, double high, double soft) {
    double d = Math.sqrt(variance() + soft * soft);
    return normal((clearance() - low) / d) - normal((clearance() - high) / d);
  }

  /**
   * After the clearance was seen to lie between two values, their borders soft by so much: the
   * normal distribution with the same mean and variance as the cut one (Rasmussen and Williams,
   * Gaussian Processes for Machine Learning, 3.9, for two borders). With a and b the distances to
   * the borders in units of d² = v + soft², Z = N(a) - N(b), u = (n(a) - n(b))/Z:
   *
   * <pre>
   * mean + v u/d,   v - v²/d² [ (a n(a) - b n(b))/Z + u² ]
   * </pre>
   *
   * <p>The same itself where it could not be.
   */
  public Belief seen(double low, double high, double soft) {
    double v = variance();
    double d = Math.sqrt(v + soft * soft);
    double a = (clearance() - low) / d;
    double b = (clearance() - high) / d;
    double z = normal(a) - normal(b);
    if (v == 0 || z < IMPOSSIBLE) {
      return this;
    }
    double u = (bell(a) - bell(b)) / z;
    double curve = (finite(a) - finite(b)) / z + u * u;
    // In the clearance's own direction: recess less spigot.
    double toRecess = recessVar - shared;
    double toSpigot = shared - spigotVar;
    return moved(toRecess, toSpigot, u / d, -curve / (d * d));
  }

  private static double finite(double a) {
    return Double.isInfinite(a) ? 0 : a * bell(a);
  }

  private Belief moved(double toRecess, double toSpigot, double by, double var) {
    return new Belief(
        recess + toRecess * by,
        spigot + toSpigot * by,
        recessVar + toRecess * toRecess * var,
        spigotVar + toSpigot * toSpigot * var,
        shared + toRecess * toSpigot * var);
  }

  /** The normal distribution below z. */
  static double normal(double z) {
    return Erf.erfc(-z / Math.sqrt(2)) / 2;
  }

  private static double bell(double z) {
    return Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
  }

  /** How many standard deviations a risk lies above the middle: 0.007 is 2.457. */
  static double deviations(double risk) {
    return Math.sqrt(2) * Erf.erfcInv(2 * risk);
  }
}
