package hazelkeep.fit;

import java.util.ArrayList;
import java.util.List;

/**
 * The air that a lid traps: how slowly it lets the lid sink, and how it holds on when it is pulled.
 *
 * <p>Between spigot and recess air flows as between plates, h = c/2 apart: Q = pi D h³ p / (12 mu
 * x), x the length still engaged (laminar flow in a thin annulus, any handbook of fluid mechanics).
 * End grain leaks as well, by Darcy's law: Q = G p. A lid that lies to one side leaks more, up to
 * {@code eccentric} times where it touches.
 *
 * @param diameter of the joint, mm
 * @param length engaged when closed, mm
 * @param clearance diametral, mm; above 0
 * @param leak of the end grain, G, mm³/s per MPa
 */
public record AirCushion(double diameter, double length, double clearance, double leak) {
  /** Viscosity of air at 20 degrees, MPa s (handbook value, from memory). */
  public static final double VISCOSITY = 1.82e-11;

  /** Pressure of the air at the sea, MPa. */
  public static final double ATMOSPHERE = 0.101325;

  /** Below this share of what flows through the gap, the end grain is nothing beside it. */
  private static final double NOTHING = 1e-4;

  /** Steps in which the pull is followed. */
  private static final int STEPS = 400;

  /** Of the way, from which on the spigot counts as out. */
  private static final double OUT = 1e-3;

  /** In how many places the pull is told. */
  private static final int TOLD = 60;

  /**
   * What some end grain lets through, mm³/s per MPa: Darcy's law, G = K A / (mu t).
   *
   * @param permeability K along the grain, mm²; 1e-7 for 0.1 square micrometres
   * @param area of open end grain, mm²
   * @param thick how thick the wood is there, mm
   */
  public static double leak(double permeability, double area, double thick) {
    return permeability * area / (VISCOSITY * thick);
  }

  /** The area that the trapped air presses on, mm². */
  public double area() {
    return Math.PI * diameter * diameter / 4;
  }

  /** What flows through the gap at 1 MPa if 1 mm were engaged, mm⁴/s per MPa. */
  private double gap() {
    double h = clearance / 2;
    return Math.PI * diameter * h * h * h / (12 * VISCOSITY);
  }

  /**
   * Seconds that a lid takes to sink by its own weight.
   *
   * <p>A dx/dt = -(k/x + G) W/A gives t = A²/W [L/G - k/G² ln(1 + G L/k)]; without end grain A² L²
   * / (2 k W) = 6 mu L² A² / (pi D h³ W). Example: 45 mm, 8 mm engaged, 30 g: 15.7 s at 0.06 mm,
   * 3.4 s at 0.10, 0.43 s at 0.20.
   *
   * @param weight of the lid, N
   */
  public double sinks(double weight) {
    double k = gap();
    double share = leak * length / k;
    double way =
        share < NOTHING
            ? length * length / (2 * k)
            : length / leak - k / (leak * leak) * Math.log1p(share);
    return area() * area() / weight * way;
  }

  /**
   * The largest clearance that a lid may have which takes so long to sink, mm, end grain left out:
   * the formula of {@link #sinks} turned round. One that lies to one side has less, by the cube
   * root of what it leaks more.
   *
   * @param seconds that it took
   * @param weight of the lid, N
   */
  public static double clearance(double diameter, double length, double seconds, double weight) {
    double area = Math.PI * diameter * diameter / 4;
    return 2
        * Math.cbrt(
            6
                * VISCOSITY
                * length
                * length
                * area
                * area
                / (Math.PI * diameter * seconds * weight));
  }

  /**
   * A place on the way out.
   *
   * @param way how far it was pulled, mm
   * @param force of the air, N
   */
  public record Pull(double way, double force) {}

  /**
   * How the air holds a lid that is pulled off at a steady speed: the air in the closed room
   * stretches while more comes in through the gap. With p what is missing to the air outside, and V
   * the room, which grows by A v t:
   *
   * <pre>
   * dp/dt = (p0 - p) (A v - g p) / V,   g = k/x + G
   * </pre>
   *
   * Each step takes p0 - p and g as they are at its middle and solves the rest exactly, since near
   * the end the gap opens without bound. Example: 45 mm, 8 mm engaged, 50 mm/s, 145 ml, 0.10 mm:
   * 4.8 N at most.
   *
   * @param speed of the hand, mm/s
   * @param volume of the closed room before, mm³
   */
  public List<Pull> pulled(double speed, double volume) {
    double k = gap();
    double dt = length * (1 - OUT) / speed / STEPS;
    double p = 0;
    List<Pull> out = new ArrayList<>();
    out.add(new Pull(0, 0));
    for (int i = 1; i <= STEPS; i++) {
      double way = speed * dt * i;
      double g = k / (length - way + speed * dt / 2) + leak;
      double rest = area() * speed / g;
      double room = volume + area() * (way - speed * dt / 2);
      p = rest + (p - rest) * Math.exp(-(ATMOSPHERE - p) * g / room * dt);
      if (i * TOLD % STEPS < TOLD) {
        out.add(new Pull(way, p * area()));
      }
    }
    return out;
  }

  /** The largest force of the air on the way out, N. */
  public static double peak(List<Pull> pulls) {
    return pulls.stream().mapToDouble(Pull::force).max().orElse(0);
  }

  /** The same cushion with a lid that lies to one side and leaks so many times as much. */
  public AirCushion toOneSide(double eccentric) {
    return new AirCushion(diameter, length, clearance * Math.cbrt(eccentric), leak);
  }
}
