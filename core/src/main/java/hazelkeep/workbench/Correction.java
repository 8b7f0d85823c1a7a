package hazelkeep.workbench;

import hazelkeep.piece.Feature;
import hazelkeep.route.Aim;
import hazelkeep.route.State;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import java.util.List;
import java.util.Optional;

/** Makes the stock agree with a reading. */
final class Correction {
  /** A reading further off than this, mm a side, adds no wood: it is then a fact to be found. */
  private static final double MOST = 3;

  /** Half the width of the band along a surface in which the stock follows the target, mm. */
  private static final double BAND = 2.5;

  private Correction() {}

  /**
   * What a reading says.
   *
   * @param mm the true length
   * @param off by how much it moves what it measures, mm
   */
  record Read(double mm, double off) {}

  /** The state with its stock as a reading says, which the aim has in its sizes. */
  static State of(State state, Aim aim, Feature f, Read read) {
    if (f.kind() != Feature.Kind.SKINS) {
      return of(state, aim, aim.part(f.surface().part()), f, read);
    }
    State out = state;
    for (Part p : aim.parts()) {
      if (p.surfaces().stream().anyMatch(s -> s.id().name().equals(f.surface().name()))) {
        out = of(out, aim, p, f, read);
      }
    }
    return out;
  }

  private static State of(State state, Aim aim, Part part, Feature f, Read read) {
    Optional<Body> stock = state.stock(part);
    if (stock.isEmpty()) {
      return state;
    }
    Body body = stock.get();
    HalfSection wood = body.sound();
    HalfSection now =
        switch (f.kind()) {
          case OUTER -> outer(wood, aim.surface(f.surface()), read.mm / 2);
          case INNER -> inner(wood, aim.surface(f.surface()), read.mm / 2);
          case SHAPE -> shape(wood, part, aim.surface(f.surface()));
          case SKIN, SKINS -> skin(wood, part, read.off);
          case STUB -> stub(wood, part.standingOn(f.surface()));
        };
    if (now.equals(wood)) {
      return state;
    }
    return state.corrected(body.become(body.name(), now, now), aim);
  }

  /** A share of a surface that lies otherwise than before makes what was measured on it untrue. */
  private static final double RECUT = 0.25;

  /** A diameter that changed by less, mm a side, was not cut. */
  private static final double SAME = 1e-3;

  /** Whether what was measured was cut again between two states of the wood. */
  static boolean changed(State was, State is, Aim aim, Feature f) {
    Part part = aim.part(f.surface().part());
    HalfSection before = was.stock(part).map(Body::sound).orElse(HalfSection.EMPTY);
    HalfSection after = is.stock(part).map(Body::sound).orElse(HalfSection.EMPTY);
    if (before.equals(after)) {
      return false;
    }
    Surface s = aim.surface(f.surface());
    double z = (low(s) + high(s)) / 2;
    return switch (f.kind()) {
      case OUTER -> Math.abs(before.outer(z) - after.outer(z)) > SAME;
      case INNER -> Math.abs(before.inner(z) - after.inner(z)) > SAME;
      case STUB -> {
        HalfSection stub = part.standingOn(f.surface()).region();
        yield before.and(stub).area() - after.and(stub).area() > RECUT * stub.area();
      }
      case SHAPE, SKIN, SKINS -> differs(before, after, s) > RECUT;
    };
  }

  /** The share of a surface in front of or behind which the wood differs. */
  private static double differs(HalfSection before, HalfSection after, Surface s) {
    List<Polyline.Sample> all = s.line().samples(1, 0.5);
    long other =
        all.stream()
            .filter(
                x ->
                    before.holds(x.at().z() + PROBE * x.nz(), x.at().r() + PROBE * x.nr())
                            != after.holds(x.at().z() + PROBE * x.nz(), x.at().r() + PROBE * x.nr())
                        || before.holds(x.at().z() - PROBE * x.nz(), x.at().r() - PROBE * x.nr())
                            != after.holds(
                                x.at().z() - PROBE * x.nz(), x.at().r() - PROBE * x.nr()))
            .count();
    return other / (double) all.size();
  }

  /** How far in front of and behind a surface wood is looked for, mm. */
  private static final double PROBE = 0.05;

  private static double low(Surface s) {
    return s.line().points().stream().mapToDouble(Point::z).min().orElse(0);
  }

  private static double high(Surface s) {
    return s.line().points().stream().mapToDouble(Point::z).max().orElse(0);
  }

  private static HalfSection outer(HalfSection wood, Surface s, double r) {
    double z0 = low(s);
    double z1 = high(s);
    double is = wood.outer((z0 + z1) / 2);
    // What stands over it and is none of its waste stays: a hollow foot round a tenon.
    HalfSection over = HalfSection.box(z0, z1, r, HalfSection.FAR).and(s.zone());
    HalfSection less = wood.minus(over);
    return is < r && r - is < MOST
        ? less.plus(HalfSection.box(z0, z1, Math.max(0, is - 0.01), r))
        : less;
  }

  private static HalfSection inner(HalfSection wood, Surface s, double r) {
    double z0 = low(s);
    double z1 = high(s);
    double is = wood.inner((z0 + z1) / 2);
    HalfSection less = wood.minus(HalfSection.box(z0, z1, 0, r));
    return is > r && is - r < MOST ? less.plus(HalfSection.box(z0, z1, r, is + 0.01)) : less;
  }

  /** Near a surface that has been cut, the stock is what the target, with the reading, says. */
  private static HalfSection shape(HalfSection wood, Part part, Surface s) {
    if (uncut(wood, s, IN_FRONT)) {
      return wood;
    }
    double z0 = low(s) - BAND;
    double z1 = high(s) + BAND;
    double r = s.line().points().stream().mapToDouble(Point::r).max().orElse(0);
    if (!s.inside()) {
      // A face that runs out from the axis, hollowed or recessed; a side keeps its own line.
      if (s.line().first().r() > 0) {
        return wood;
      }
      HalfSection face = HalfSection.box(z0, z1, 0, r);
      return wood.minus(s.zone().and(face)).plus(part.target().and(face));
    }
    HalfSection band = HalfSection.box(z0, z1, 0, r + 0.5);
    // What lies under a thin floor is not the hollow's: a foot's waste stays.
    HalfSection hollow = band.and(s.zone());
    return wood.minus(hollow.minus(part.target())).plus(part.target().and(band));
  }

  /** How far under an outside the stock follows the target, mm. */
  private static final double UNDER = 0.5;

  /**
   * Over what is seen of a part and was cut, the stock is what the target says; what still lies
   * under more wood than the reading moves, as a butt beside a stem that is down to size, stays.
   */
  private static HalfSection skin(HalfSection wood, Part part, double moved) {
    double front = moved + UNDER;
    HalfSection filled = part.target();
    for (Surface s : part.surfaces()) {
      filled = s.inside() ? filled.plus(s.zone()) : filled;
    }
    HalfSection out = skin(wood, part, filled, HalfSection.EMPTY, front);
    // A nub that still stands on what was not cut would fall off: it stays, with what carries it.
    HalfSection off = HalfSection.EMPTY;
    for (HalfSection piece : out.pieces()) {
      off = piece.holds(part.core()) ? off : off.plus(piece);
    }
    return off.isEmpty() ? out : skin(wood, part, filled, off.leaving(2 * front), front);
  }

  private static HalfSection skin(
      HalfSection wood, Part part, HalfSection filled, HalfSection stays, double front) {
    HalfSection out = wood;
    for (Surface s : part.surfaces()) {
      if (!s.inside() && s.role() == Role.SHOW && !uncut(wood, s, Math.max(IN_FRONT, front))) {
        double r = s.line().points().stream().mapToDouble(Point::r).min().orElse(0) - UNDER;
        HalfSection over = HalfSection.box(low(s), high(s), Math.max(0, r), HalfSection.FAR);
        out = out.minus(over.minus(filled).minus(stays)).plus(over.and(part.target()));
      }
    }
    return out;
  }

  /** Whether wood stands so far before a place of a surface. */
  private static boolean before(HalfSection wood, Polyline.Sample x, double mm) {
    return wood.holds(x.at().z() + mm * x.nz(), Math.max(0, x.at().r() + mm * x.nr()));
  }

  /** How far in front of a surface wood must stand for it not to be cut yet, mm. */
  private static final double IN_FRONT = 1;

  /** Whether most of a surface still lies deep under wood; a hair of it is what a reading tells. */
  private static boolean uncut(HalfSection wood, Surface s, double front) {
    List<Polyline.Sample> all = s.line().samples(2, 0.2);
    long under = all.stream().filter(x -> before(wood, x, front)).count();
    return under > 0.9 * all.size();
  }

  private static HalfSection stub(HalfSection wood, Stub stub) {
    HalfSection region = stub.region();
    if (wood.and(region).area() < 0.5 * region.area()) {
      return wood;
    }
    return wood.minus(HalfSection.box(region.minZ(), region.maxZ(), 0, HalfSection.FAR))
        .plus(region);
  }
}
