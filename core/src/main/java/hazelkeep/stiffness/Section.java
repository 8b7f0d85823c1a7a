package hazelkeep.stiffness;

/**
 * A slice of the work as a beam sees it.
 *
 * @param bending E I, N mm2
 * @param shear kappa G A, N
 * @param mass rho A, t/mm
 * @param inertia rho I, t mm
 */
record Section(double bending, double shear, double mass, double inertia) {
  static final Section EMPTY = new Section(0, 0, 0, 0);

  /** Poisson's ratio in the shear coefficient, on which it hardly hangs. */
  private static final double NU = 0.3;

  /**
   * A wood as a beam sees it.
   *
   * @param along E along the grain, MPa
   * @param shear G along the grain, MPa
   * @param density t/mm3
   */
  record Wood(double along, double shear, double density) {}

  /** With a ring of wood added. */
  Section plus(Wood wood, double in, double out) {
    double a = Math.PI * (out * out - in * in);
    double i = Math.PI / 4 * (Math.pow(out, 4) - Math.pow(in, 4));
    return new Section(
        bending + wood.along() * i,
        shear + kappa(in / out) * wood.shear() * a,
        mass + wood.density() * a,
        inertia + wood.density() * i);
  }

  /**
   * The shear coefficient of a round hollow section (Cowper, The shear coefficient in Timoshenko's
   * beam theory, 1966; from memory).
   *
   * @param m inside over outside
   */
  static double kappa(double m) {
    double q = (1 + m * m) * (1 + m * m);
    return 6 * (1 + NU) * q / ((7 + 6 * NU) * q + (20 + 12 * NU) * m * m);
  }
}
