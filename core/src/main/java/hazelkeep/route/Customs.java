package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Centres;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is done in an order or in a hold that a turner would not choose; the same for every kind.
 */
final class Customs {
  private final Aim aim;

  /** A verdict on a surface of a part; the surface is empty for the part as a whole. */
  record Told(Verdict verdict, SurfaceId on) {}

  Customs(Aim aim) {
    this.aim = aim;
  }

  /** What is told of a step. */
  List<Told> judge(Setup setup, Step step, State before) {
    List<Told> out = new ArrayList<>();
    for (Act act : step.acts()) {
      if (act instanceof Act.Remove r) {
        partsBetweenCentres(setup, r, out);
        unglued(setup, before, out);
        shapedEarly(step, r, before, out);
        sidesEarly(r, before, out);
      } else if (act instanceof Act.Sand s) {
        onFit(s.on(), true, out);
        whirls(setup, s.on(), before, out);
      } else if (act instanceof Act.Coat c) {
        onFit(c.on(), false, out);
      }
    }
    return out;
  }

  /** Between two points the kerf closes on the tool as the piece gives way. */
  private void partsBetweenCentres(Setup setup, Act.Remove r, List<Told> out) {
    if (setup.hold().grip() instanceof Centres && !r.claims().isEmpty()) {
      out.add(
          new Told(
              Entry.PARTS_BETWEEN_CENTRES.told(Grade.STOP, 0, aim.custom(Line.ROUTE_HANGS)),
              new SurfaceId(r.part(), "")));
    }
  }

  /**
   * A ring that is free swings about what it hangs on: outside of it nothing is sanded while that
   * turns. Its inside is done by abrasive on the stem, the ring held.
   */
  private void whirls(Setup setup, SurfaceId on, State before, List<Told> out) {
    Part ring = aim.part(on.part());
    Optional<Body> body = before.stock(ring);
    boolean loose =
        setup.hold().onLathe()
            && !aim.surface(on).inside()
            && body.filter(b -> b.sound().minR() > HANGS).isPresent()
            && setup.frames().keySet().stream()
                .flatMap(p -> before.stock(aim.part(p)).stream())
                .anyMatch(b -> through(b, body.get()));
    if (loose) {
      out.add(new Told(Entry.RING_SANDED.told(Grade.STOP), on));
    }
  }

  /** Whether a body runs through the middle of another. */
  private static boolean through(Body stem, Body ring) {
    double z = (ring.sound().minZ() + ring.sound().maxZ()) / 2;
    return stem != ring && stem.sound().outer(z) > 0 && stem.sound().outer(z) < ring.sound().minR();
  }

  /** What is nearer to the axis everywhere hangs on nothing, mm. */
  private static final double HANGS = 0.5;

  /**
   * Two halves that are both at their size while they are still one, and are parted now. A blank
   * that gives just their size leaves no choice.
   */
  private void sidesEarly(Act.Remove r, State before, List<Told> out) {
    List<Part> parted =
        r.claims().stream()
            .filter(c -> c.fate() != Claim.Fate.FREED)
            .map(c -> aim.part(c.part()))
            .toList();
    List<Surface> sides =
        parted.stream()
            .flatMap(
                p ->
                    p.surfaces().stream()
                        .filter(s -> s.seen() && along(s) > aim.custom(Line.ROUTE_SHAPED))
                        .filter(s -> before.surf(s.id()).bare() && spare(s) > LEAST_OVER)
                        .limit(1))
            .toList();
    if (parted.size() > 1 && sides.size() == parted.size()) {
      double most = sides.stream().mapToDouble(Customs::along).max().orElse(0);
      out.add(
          new Told(
              Entry.SIDES_EARLY.told(Grade.WATCH, most, aim.custom(Line.ROUTE_SHAPED)),
              sides.get(0).id()));
    }
  }

  /** What the round of the blank gives over an outside, mm of radius. */
  private double spare(Surface outside) {
    double widest = outside.line().points().stream().mapToDouble(Point::r).max().orElse(0);
    return aim.blank().sound().maxR() - aim.off() - widest;
  }

  /** A shaving, mm of radius: so little over size is no choice. */
  private static final double LEAST_OVER = 0.25;

  /** The bore runs where it runs: an outside that is at its size can't follow it any more. */
  private void shapedEarly(Step step, Act.Remove r, State before, List<Told> out) {
    double deep = r.region().maxZ() - r.region().minZ();
    if (step.bit().isEmpty() || deep <= aim.custom(Line.ROUTE_SHAPED) || goesLater(r)) {
      return;
    }
    aim.part(r.part()).surfaces().stream()
        .filter(
            s ->
                !s.inside()
                    && along(s) > aim.custom(Line.ROUTE_SHAPED)
                    && before.surf(s.id()).bare())
        .findFirst()
        .ifPresent(
            s ->
                out.add(
                    new Told(
                        Entry.SHAPED_EARLY.told(
                            Grade.WATCH, along(s), aim.custom(Line.ROUTE_SHAPED)),
                        s.id())));
  }

  /** What is screwed on hangs on the glue of both rings. */
  private void unglued(Setup setup, State before, List<Told> out) {
    if (setup.hold().grip() instanceof ScrewedOn on) {
      aim.parts().stream()
          .filter(p -> Set.of(on.guest(), on.host()).contains(p.name()))
          .flatMap(p -> p.surfaces().stream())
          .filter(s -> s.needs().contains(Doing.GLUE) && !before.surf(s.id()).coated())
          .map(s -> new Told(Entry.INSERT_UNGLUED.told(Grade.STOP, s.id().part()), s.id()))
          .filter(t -> !out.contains(t))
          .forEach(out::add);
    }
  }

  /** Whether all that a bit leaves is hollowed away later, as round a depth hole. */
  private boolean goesLater(Act.Remove r) {
    HalfSection target = aim.part(r.part()).target();
    double from = r.region().minZ();
    double step = (r.region().maxZ() - from) / LOOKS;
    for (int i = 1; i < LOOKS; i++) {
      double z = from + i * step;
      double clear = target.inner(z) - r.region().outer(z);
      if (!target.at(z).isEmpty() && clear < aim.custom(Line.ROUTE_HOLE_CLEAR)) {
        return false;
      }
    }
    return true;
  }

  /** At so many heights a hole is held against what is left round it. */
  private static final int LOOKS = 24;

  private static double along(Surface s) {
    return Math.abs(s.line().last().z() - s.line().first().z());
  }

  private void onFit(SurfaceId on, boolean sands, List<Told> out) {
    for (Joint j : aim.joints()) {
      if (j.outer().equals(on) || j.inner().equals(on)) {
        double width = aim.width(j);
        out.add(
            new Told(
                (sands ? Entry.FIT_SANDED : Entry.FIT_FINISHED)
                    .told(Grade.WATCH, aim.custom(Line.ROUTE_SANDED), width),
                on));
      }
    }
  }
}
