package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;

/** What a cut does to the wood: pieces that come off, necks that are left, surfaces it touches. */
final class Cuts {
  /** How far inside the borders of a parting cut a bore is looked for, mm. */
  private static final double EDGE = 0.05;

  private final Aim aim;
  private final Log log;

  Cuts(Aim aim, Log log) {
    this.aim = aim;
    this.log = log;
  }

  /** Whether a cut leaves a piece hanging by less than a neck. */
  boolean neck(State after, Part part, Body before, HalfSection region) {
    return after
        .stock(part)
        .filter(b -> b.sound().thinSomewhere(aim.custom(Line.ROUTE_NECK), region))
        .map(b -> b.sound().countWithout(aim.custom(Line.ROUTE_NECK)))
        .filter(n -> n > 1)
        .filter(n -> n > before.sound().countWithout(aim.custom(Line.ROUTE_NECK)))
        .isPresent();
  }

  /** A parting cut that goes into what is hollow already. */
  void partsInto(Step step, Body body, Act.Remove r) {
    double z = (r.region().minZ() + r.region().maxZ()) / 2;
    double bore =
        DoubleStream.of(r.region().minZ() + EDGE, z, r.region().maxZ() - EDGE)
            .map(x -> 2 * body.sound().inner(x))
            .max()
            .orElse(0);
    if (bore > aim.custom(Line.ROUTE_NECK)) {
      log.find(
          Entry.PARTS_INTO_HOLLOW.told(Grade.STOP, bore, 0),
          step.key(),
          r.part(),
          new Point(z, bore / 2));
    }
  }

  /** Takes a region off a body; what comes loose gets a name or is lost. */
  State cut(State state, Body body, HalfSection region, List<Claim> claims, StepKey at) {
    Body rest = body.without(region);
    HalfSection clean = rest.sound().dusted();
    HalfSection cleanSwept = rest.round() ? clean : rest.swept().dusted();
    double gone = body.volume() - rest.volume();
    double dust = rest.swept().volume() - cleanSwept.volume();
    List<HalfSection> pieces = clean.pieces();
    List<HalfSection> sweptPieces = rest.round() ? pieces : cleanSwept.pieces();
    List<Part> inside = state.partsIn(body, aim);
    List<Body> now = new ArrayList<>();
    double loose = 0;
    List<HalfSection> kept = new ArrayList<>();
    for (HalfSection piece : pieces) {
      List<Part> owners = inside.stream().filter(p -> piece.holds(p.core())).toList();
      Optional<Claim> claim =
          claims.stream()
              .filter(c -> owners.stream().anyMatch(o -> o.name().equals(c.part())))
              .findFirst();
      boolean main = pieces.size() == 1;
      boolean holds = claim.isPresent() || main;
      if (owners.isEmpty() && !main) {
        loose += piece.volume();
        loose(piece, at, body.name());
        continue;
      }
      if (!holds) {
        // Set loose without anyone minding it: told, and the play goes on with it.
        loose(piece, at, owners.get(0).name());
      }
      HalfSection swept =
          rest.round()
              ? piece
              : sweptPieces.stream()
                  .filter(s -> owners.isEmpty() || s.holds(owners.get(0).core()))
                  .findFirst()
                  .orElse(piece);
      String name = main ? body.name() : owners.get(0).name();
      now.add(body.become(name, piece, rest.round() ? piece : swept));
      kept.add(piece);
    }
    if (claims.size() > 1 && pieces.size() == 1 && inside.size() > 1) {
      log.find(
          Entry.WEB_LEFT.told(
              Grade.STOP,
              pieces.get(0).at((region.minZ() + region.maxZ()) / 2).stream()
                  .mapToDouble(Span::length)
                  .sum(),
              0),
          at,
          body.name(),
          new Point((region.minZ() + region.maxZ()) / 2, 0));
    }
    return state.replaced(body, now, gone, dust, loose);
  }

  private void loose(HalfSection piece, StepKey at, String part) {
    log.find(
        Entry.COMES_LOOSE.told(Grade.STOP, piece.maxZ() - piece.minZ(), 0),
        at,
        part,
        new Point((piece.minZ() + piece.maxZ()) / 2, piece.maxR()));
  }

  /** Looks again at the surfaces near a cut; what it bared or hurt loses its treatment. */
  State touched(State before, State after, Step step, HalfSection region) {
    Map<SurfaceId, Surf> changed = new LinkedHashMap<>();
    for (Part p : aim.parts()) {
      Optional<Body> was = before.stock(p);
      Optional<Body> is = after.stock(p);
      if (was.equals(is) && was.isPresent() && was.get().sound() == is.get().sound()) {
        continue;
      }
      HalfSection wood = is.map(Body::sound).orElse(HalfSection.EMPTY);
      for (Surface s : p.surfaces()) {
        if (is.isPresent() && !near(region, s.line())) {
          continue;
        }
        Surf old = after.surf(s.id());
        Surf now = State.look(wood, s, old);
        boolean cutHere =
            Math.abs(now.covered() - old.covered()) > 1e-9
                || Math.abs(now.lost() - old.lost()) > 1e-9;

        changed.put(
            s.id(),
            cutHere ? new Surf(now.covered(), now.lost(), 0, false, Optional.of(step.key())) : now);
      }
    }
    return after.with(changed);
  }

  private static boolean near(HalfSection region, Polyline line) {
    double z0 = Double.POSITIVE_INFINITY;
    double z1 = Double.NEGATIVE_INFINITY;
    double r1 = 0;
    for (Point p : line.points()) {
      z0 = Math.min(z0, p.z());
      z1 = Math.max(z1, p.z());
      r1 = Math.max(r1, p.r());
    }
    return region.minZ() <= z1 + 1 && region.maxZ() >= z0 - 1 && r1 >= region.minR() - 1;
  }
}
