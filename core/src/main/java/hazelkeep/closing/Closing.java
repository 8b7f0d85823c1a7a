package hazelkeep.closing;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.AirCushion;
import hazelkeep.fit.FitClass;
import hazelkeep.piece.Properties;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.route.Joint;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.SurfaceId;
import java.util.OptionalDouble;

/**
 * A lid on its piece, read from the drawn sections.
 *
 * @param joint the joint
 * @param lid the part that comes off
 * @param recess the recess's diameter, mm
 * @param spigot the spigot's diameter, mm
 * @param engaged how far they reach into one another, mm
 * @param lidGrams what the lid weighs; empty where the density is not known
 * @param restGrams what stays in the hand's way: all the rest
 * @param room air that is shut in, mm³; empty where it leads outside
 * @param ends thickness of the end grain over and under that room, mm
 */
public record Closing(
    Joint joint,
    String lid,
    double recess,
    double spigot,
    double engaged,
    OptionalDouble lidGrams,
    OptionalDouble restGrams,
    OptionalDouble room,
    double[] ends) {
  /** N for each gram. */
  public static final double WEIGHT = 9.81e-3;

  private static final double MM3 = 1000;
  private static final double QUARTER = 4;

  /** Of a joint of a piece. */
  public static Closing of(Aim aim, Joint j) {
    Part outer = aim.part(j.outer().part());
    Part inner = aim.part(j.inner().part());
    Part lid = high(outer) > high(inner) ? outer : inner;
    double lidGrams =
        grams(aim, lid)
            + aim.joints().stream()
                .filter(x -> x.outer().part().equals(lid.name()))
                .filter(x -> aim.own(x.inner().part()).isPresent())
                .mapToDouble(x -> grams(aim, aim.part(x.inner().part())))
                .sum();
    double all = aim.made().stream().mapToDouble(p -> grams(aim, p)).sum();
    OptionalDouble room = Properties.closed(aim);
    double recess = aim.mm(j.recess());
    return new Closing(
        j,
        lid.name(),
        recess,
        aim.mm(j.spigot()),
        engaged(aim, j),
        known(lidGrams),
        known(all - lidGrams),
        room.isPresent() ? OptionalDouble.of(room.getAsDouble() * MM3) : room,
        new double[] {thick(outer, recess / QUARTER), thick(inner, recess / QUARTER)});
  }

  /**
   * The fit that is made of it, both halves as they are planned.
   *
   * @param wanted the class: that of use, or a jam that drives the work
   */
  public Aimed aimed(FitClass wanted, Practice practice) {
    return new Aimed(
        wanted,
        recess,
        spigot,
        engaged,
        joint.fitted().equals(joint.outer()),
        lidWeight().orElse(Double.NaN),
        practice);
  }

  /** What is left between them, mm. */
  public double clearance() {
    return recess - spigot;
  }

  /** The weight of the lid, N. */
  public OptionalDouble lidWeight() {
    return weight(lidGrams);
  }

  /** The weight of the rest, N. */
  public OptionalDouble restWeight() {
    return weight(restGrams);
  }

  private static OptionalDouble weight(OptionalDouble grams) {
    return grams.isPresent() ? OptionalDouble.of(grams.getAsDouble() * WEIGHT) : grams;
  }

  private static OptionalDouble known(double v) {
    return Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v);
  }

  private static double grams(Aim aim, Part p) {
    return p.target().volume() * aim.wood(p.name()).kilograms() * 1e-6;
  }

  private static double high(Part p) {
    return p.target().in(p.closed()).centroid();
  }

  /** Where both surfaces lie along the closed piece. */
  private static double engaged(Aim aim, Joint j) {
    Span a = along(aim, j.outer());
    Span b = along(aim, j.inner());
    return Math.max(0, Math.min(a.to(), b.to()) - Math.max(a.from(), b.from()));
  }

  private static Span along(Aim aim, SurfaceId id) {
    Part p = aim.part(id.part());
    Polyline line = p.surface(id.name()).line().in(p.closed());
    double a = line.first().z();
    double b = line.last().z();
    return new Span(Math.min(a, b), Math.max(a, b));
  }

  /** How much wood lies along the axis at a radius, mm. */
  private static double thick(Part p, double radius) {
    return p.target().along(radius).stream().mapToDouble(s -> s.to() - s.from()).sum();
  }

  /**
   * The cushion of air under this lid.
   *
   * @param clearance of the joint, mm
   * @param permeability of open end grain, mm²; 0 where a finish inside closes it
   */
  public AirCushion cushion(double clearance, double permeability) {
    double area = Math.PI * recess * recess / QUARTER;
    double leak = 0;
    for (double thick : ends) {
      leak += thick > 0 && permeability > 0 ? AirCushion.leak(permeability, area, thick) : 0;
    }
    return new AirCushion(recess, engaged, clearance, leak);
  }
}
