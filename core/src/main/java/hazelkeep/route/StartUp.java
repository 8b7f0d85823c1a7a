package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Support;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Starting the lathe: the work carries the tail centre along, so what is thin between the two is
 * twisted until that turns as fast. A tail centre of moment of inertia J that comes to a speed w in
 * a time t takes a torque of {@code J w / t}; a solid place of diameter d stands {@code pi d³ / 16}
 * times the shear strength of its wood.
 *
 * <p>By hand: 100 kg mm² to 1500 turns a minute in a second take 15.7 N mm; with 2.75 MPa allowed
 * that is a place of 3.08 mm.
 */
final class StartUp {
  /** So near to grip and tail nothing is looked at, mm: a dimple and its edge are there. */
  private static final double END = 3;

  /** Radii that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  private static final double SECONDS = 60;

  private StartUp() {}

  /** The torque that takes the tail centre along, N mm. */
  static double torque(double inertia, double rpm, double seconds) {
    return inertia * 1e-3 * (2 * Math.PI * rpm / SECONDS) / seconds;
  }

  /** The thinnest solid place that stands a torque, mm. */
  static double least(double torque, double shear) {
    return Math.cbrt(16 * torque / (Math.PI * shear));
  }

  /** What is told of a step with the tailstock up, its work as the step leaves it. */
  static Optional<Finding> judge(Stage stage, Speeds speeds, Shop shop) {
    Hold hold = stage.setup().hold();
    if (hold.tail().isEmpty() || !hold.onLathe()) {
      return Optional.empty();
    }
    double torque =
        torque(
            shop.custom(
                hold.tail().get().form() == Centre.Form.LIGHT
                    ? Line.TAIL_LIGHT
                    : Line.TAIL_INERTIA),
            speeds.from(),
            shop.custom(Line.TAIL_START));
    Work work = stage.left();
    double share = shop.custom(Line.HOLD_STRENGTH_WATCH);
    for (String part : work.distinct()) {
      Body body = work.bodies().get(part);
      Map<Species, Double> least = new IdentityHashMap<>();
      body.woods().forEach(w -> least.put(w, least(torque, share, w)));
      Optional<Point> thin = thinnest(work, hold.grip().support(work), part, least);
      if (thin.isPresent()) {
        double limit = least.get(body.wood(thin.get().z()));
        Verdict told = Entry.TAIL_TWISTS.told(Grade.WATCH, 2 * thin.get().r(), limit);
        return Optional.of(
            new Finding(
                told, Optional.of(stage.step().key()), part, thin, told.helps(true), List.of()));
      }
    }
    return Optional.empty();
  }

  /** The same of a wood; 0 where its shear strength is not known. */
  private static double least(double torque, double share, Species wood) {
    return wood.figure(WoodProperty.SHEAR)
        .map(Figure::value)
        .map(shear -> least(torque, share * shear))
        .orElse(0.0);
  }

  /**
   * The thinnest solid place between grip and tail that is too thin, in the blank's z.
   *
   * @param least the thinnest that each wood stands, mm
   */
  private static Optional<Point> thinnest(
      Work work, Support grip, String part, Map<Species, Double> least) {
    Body body = work.bodies().get(part);
    HalfSection wood = body.sound();
    Frame f = work.frames().get(part);
    return wood.rings().stream()
        .flatMap(r -> r.points().stream())
        .filter(p -> p.r() > 0 && 2 * p.r() < least.getOrDefault(body.wood(p.z()), 0.0))
        .filter(p -> f.x(p.z()) > grip.at() + END && f.x(p.z()) < work.most() - END)
        .filter(p -> wood.inner(p.z()) <= 0 && wood.outer(p.z()) <= p.r() + SAME)
        .min(Comparator.comparingDouble(Point::r));
  }
}
