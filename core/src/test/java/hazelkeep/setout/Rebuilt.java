package hazelkeep.setout;

import hazelkeep.bore.Sweep;
import hazelkeep.hold.Work;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * A step cut again by someone who has the work, a rule and calipers: nothing but the numbers as a
 * screen shows them, tenths of a millimetre. The numbers' lines divide the wood as it is; what lies
 * on the air's side of a line goes.
 */
final class Rebuilt {
  /** A difference thinner than this is none, mm. */
  private static final double WITHIN = 0.1;

  private static final double BESIDE = 0.01;
  private static final GeometryFactory MAKE = new GeometryFactory();

  private final Stage stage;
  private final SetOut told;
  private final double within;
  private final double digits;

  Rebuilt(Stage stage, SetOut told) {
    this(stage, told, WITHIN, 10);
  }

  /**
   * @param within a difference thinner than this is none, mm
   * @param digits by what a number is multiplied before it is rounded
   */
  Rebuilt(Stage stage, SetOut told, double within, double digits) {
    this.stage = stage;
    this.told = told;
    this.within = within;
    this.digits = digits;
  }

  /** Where the rebuilt cut and the played one differ by more than a tenth; empty when nowhere. */
  Optional<String> differs() {
    Geometry played = MAKE.createPolygon();
    Geometry wood = MAKE.createPolygon();
    Set<HalfSection> seen = new HashSet<>(stage.removed().values());
    for (HalfSection gone : seen) {
      played = played.union(jts(gone));
    }
    Work was = stage.mounted();
    for (String part : was.parts().keySet()) {
      wood = wood.union(jts(was.swept(part)));
    }
    Geometry off = played.symDifference(rebuilt(wood)).buffer(-within / 2);
    return off.isEmpty() ? Optional.empty() : Optional.of(off.toText());
  }

  private Geometry rebuilt(Geometry wood) {
    if (told.bored().isPresent()) {
      Bored b = told.bored().get();
      double full = told.end() - Math.rint(digits * b.deep()) / digits;
      return jts(Sweep.of(b.bit(), told.end() + 1, full)).intersection(wood).buffer(0);
    }
    List<List<Coordinate>> lines = new ArrayList<>();
    for (Pass p : told.passes()) {
      lines.add(line(p, wood));
    }
    List<Geometry> all = new ArrayList<>(List.of(wood.getBoundary()));
    for (List<Coordinate> l : lines) {
      all.add(MAKE.createLineString(l.toArray(Coordinate[]::new)));
    }
    Geometry net = UnaryUnionNG.union(all, MAKE, new PrecisionModel(1_000));
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(net);
    Geometry gone = MAKE.createPolygon();
    for (Object o : polygonizer.getPolygons()) {
      Geometry face = (Geometry) o;
      if (wood.contains(face.getInteriorPoint()) && goes(face, lines)) {
        gone = gone.union(face);
      }
    }
    return gone;
  }

  /** A face goes when more of its border lies on the air's side of the lines than on the wood's. */
  private static boolean goes(Geometry face, List<List<Coordinate>> lines) {
    double air = 0;
    for (List<Coordinate> l : lines) {
      for (int i = 1; i < l.size(); i++) {
        Coordinate a = l.get(i - 1);
        Coordinate b = l.get(i);
        double along = a.distance(b);
        if (along > 0) {
          air += along * (holds(face, a, b, BESIDE) - holds(face, a, b, -BESIDE));
        }
      }
    }
    return air > 0;
  }

  private static int holds(Geometry face, Coordinate a, Coordinate b, double left) {
    double l = a.distance(b);
    Coordinate m =
        new Coordinate(
            (a.x + b.x) / 2 - left * (b.y - a.y) / l, (a.y + b.y) / 2 + left * (b.x - a.x) / l);
    return face.contains(MAKE.createPoint(m)) ? 1 : 0;
  }

  /** The line of a pass, run on at both ends into the air that it comes from. */
  private List<Coordinate> line(Pass pass, Geometry wood) {
    List<Coordinate> out = new ArrayList<>();
    for (Cut c : pass.cuts()) {
      List<Coordinate> next = flat(c, pass.datum());
      out.addAll(out.isEmpty() ? next : next.subList(1, next.size()));
    }
    if (!pass.closed()) {
      out.add(0, air(out.get(1), out.get(0), wood));
      out.add(air(out.get(out.size() - 2), out.get(out.size() - 1), wood));
    }
    return out;
  }

  /** Rounded numbers may end a hair inside of the wood: the tool comes from the nearest air. */
  private Coordinate air(Coordinate before, Coordinate end, Geometry wood) {
    Coordinate near = DistanceOp.nearestPoints(wood.getBoundary(), MAKE.createPoint(end))[0];
    boolean there = near.distance(end) < 1e-6 || near.distance(end) > within;
    return there ? on(before, end) : on(end, near);
  }

  private static Coordinate on(Coordinate from, Coordinate to) {
    double by = 1e-3 / Math.max(1e-9, from.distance(to));
    return new Coordinate(to.x + by * (to.x - from.x), to.y + by * (to.y - from.y));
  }

  private List<Coordinate> flat(Cut c, Datum datum) {
    List<Coordinate> out = new ArrayList<>();
    for (Station s : c.stations()) {
      Point p = shown(s).in(datum);
      out.add(new Coordinate(p.z(), p.r()));
    }
    if (c.shape() == Cut.Shape.ROUND) {
      return round(out.get(0), out.get(1), Math.rint(digits * c.radius()) / digits);
    }
    return out;
  }

  /** The arc over a chord; the wood lies on the right hand, and inside of it when r is positive. */
  private static List<Coordinate> round(Coordinate a, Coordinate b, double r) {
    double half = a.distance(b) / 2;
    double radius = Math.max(Math.abs(r), half);
    double to = Math.sqrt(Math.max(0, radius * radius - half * half));
    double side = r > 0 ? -1 : 1;
    double cx = (a.x + b.x) / 2 - side * to * (b.y - a.y) / 2 / half;
    double cy = (a.y + b.y) / 2 + side * to * (b.x - a.x) / 2 / half;
    double from = Math.atan2(a.y - cy, a.x - cx);
    double turn = Math.IEEEremainder(Math.atan2(b.y - cy, b.x - cx) - from, 2 * Math.PI);
    List<Coordinate> out = new ArrayList<>();
    for (int i = 0; i <= 40; i++) {
      double t = from + turn * i / 40;
      out.add(new Coordinate(cx + radius * Math.cos(t), cy + radius * Math.sin(t)));
    }
    return out;
  }

  /** As a screen shows it, in tenths. */
  private Station shown(Station s) {
    return new Station(
        Math.rint(digits * s.from()) / digits, Math.rint(digits * s.across()) / digits);
  }

  private static Geometry jts(HalfSection h) {
    try {
      return new WKTReader(MAKE).read(h.text());
    } catch (ParseException e) {
      throw new IllegalStateException(e);
    }
  }
}
