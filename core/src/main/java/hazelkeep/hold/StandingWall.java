package hazelkeep.hold;

/**
 * A wall round a hollow that stands on solid wood and is pressed near its edge: the ring that it is
 * and the strips along the grain that it is, held at the floor, carry the press together.
 *
 * <p>A strip a millimetre wide, bent like a bar held at its floor, gives under a press p over a
 * stretch from a to its edge L by w = p (3 L^4 - 4 a^3 L + a^4) / (24 E t^3 / 12) at the edge; the
 * ring by w = p R^2 / (E' t), E along and E' across the grain. Each carries as it is stiff.
 *
 * <p>Example: a recess of 50 mm, 5 deep in a foot of 60, of a wood 15 times as stiff along its
 * grain: of the press the ring carries a hundredth. A mouth 60 deep with the same wall: all of it.
 *
 * @param radius of the wall's middle, mm
 * @param wall its thickness, mm
 * @param pressed how much of it is pressed, from the edge on, mm
 * @param high from its floor to its edge, mm; infinite without a floor
 */
record StandingWall(double radius, double wall, double pressed, double high) {
  /** Bending of a bar under an even press: 24 of its own, 12 of a strip's inertia. */
  private static final double STRIP = 24.0 / 12;

  /**
   * The share of a press that the ring carries, 0 to 1.
   *
   * @param along E along the grain, MPa
   * @param across E across it, MPa
   */
  double ring(double along, double across) {
    if (Double.isInfinite(high)) {
      return 1;
    }
    double l = Math.max(high, pressed);
    double a = l - pressed;
    double strip =
        STRIP
            * along
            * Math.pow(wall, 3)
            / (3 * Math.pow(l, 4) - 4 * Math.pow(a, 3) * l + Math.pow(a, 4));
    double ring = across * wall / (radius * radius);
    return ring / (ring + strip);
  }

  /**
   * The force of each of some jaws that breaks the strips off at the floor, N.
   *
   * @param jaws how many press, all round
   * @param strength in bending along the grain, MPa
   * @param ring the share that the ring carries
   */
  double breaks(int jaws, double strength, double ring) {
    if (ring >= 1) {
      return Double.POSITIVE_INFINITY;
    }
    double lever = Math.max(high, pressed) - pressed / 2;
    double line = strength * wall * wall / 6 / lever;
    return line * 2 * Math.PI * radius / jaws / (1 - ring);
  }
}
