package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.List;

/**
 * Holes bored into the side of a part, judged on its drawn section: each goes through the wall that
 * there is at its own height, and two of them come together towards the bore.
 */
public final class SideHoles {
  /** How far apart the bore is looked at, mm. */
  private static final double EVERY = 0.5;

  /** How exactly its floor is found, mm. */
  private static final double SAME = 1e-7;

  /** Of a bore's width: what is narrower belongs to its end. */
  private static final double WIDE = 0.95;

  private final Part part;
  private final HalfSection wood;
  private final double foot;
  private final double shoulder;
  private final List<Hole> holes;

  /**
   * @param part whose side it is
   * @param holes in it, some of its own or all
   */
  public SideHoles(Part part, List<Hole> holes) {
    this.part = part;
    this.wood = part.target();
    this.holes = holes;
    this.foot = part.datum();
    this.shoulder =
        part.surfaces().stream()
            .filter(Surface::seen)
            .flatMap(s -> s.line().points().stream())
            .mapToDouble(Point::z)
            .max()
            .orElse(foot);
  }

  /** The wood between two holes where there is least of it: at the bore, or outside, mm. */
  public double between(Hole a, Hole b) {
    double in = Math.min(bore(a), bore(b));
    double out = Math.min(a.mouth(wood).r(), b.mouth(wood).r());
    return Math.min(a.between(b, in), a.between(b, out));
  }

  /** The least wood between a hole and any other, mm; not a number for a single one. */
  public double nearest(Hole h) {
    return holes.stream()
        .filter(o -> o != h)
        .mapToDouble(o -> between(h, o))
        .min()
        .orElse(Double.NaN);
  }

  /** The side rolled out, with the holes on it. */
  public Rolled rolled() {
    double radius = holes.stream().mapToDouble(h -> h.mouth(wood).r()).max().orElse(0);
    return new Rolled(
        part.name(),
        foot,
        radius,
        shoulder - foot,
        holes.stream().map(h -> place(h, radius)).toList());
  }

  private Rolled.Place place(Hole h, double radius) {
    return new Rolled.Place(h, h.at().z() - foot, h.at().turn() * radius, h.wall(wood), nearest(h));
  }

  private double bore(Hole h) {
    return wood.inner(h.at().z());
  }

  /**
   * What would go wrong with them.
   *
   * @param practice the wood wanted between two holes and between a hole and an edge, and how long
   *     a bit's end is at most
   */
  public List<Finding> judge(Practice practice) {
    double least = practice.of(Line.WALL_HOLE);
    Told told = new Told();
    for (int i = 0; i < holes.size(); i++) {
      one(holes.get(i), practice, told);
      for (int j = i + 1; j < holes.size(); j++) {
        told.thin(
            Entry.HOLES_CLOSE,
            between(holes.get(i), holes.get(j)),
            least,
            part.name(),
            new Point(holes.get(i).at().z(), bore(holes.get(i))),
            holes.get(i).name(),
            holes.get(j).name());
      }
    }
    return told.done();
  }

  private void one(Hole h, Practice practice, Told told) {
    double half = h.at().radius();
    String name = h.name();
    Point where = h.mouth(wood);
    told.thin(
        Entry.HOLE_EDGE,
        shoulder - h.at().z() - half,
        practice.of(Line.WALL_HOLE),
        part.name(),
        where,
        name);
    double low = h.at().z() - half - floor(h, practice.of(Line.BORE_END));
    if (low < 0 || bore(h) <= 0) {
      told.found(Entry.HOLE_MISSES.told(Grade.STOP, Math.min(low, 0), 0, name), part.name(), where);
    }
    if (bore(h) > 0 && half >= bore(h)) {
      told.found(Entry.HOLE_WIDE.told(Grade.STOP, 2 * half, 2 * bore(h), name), part.name(), where);
    }
  }

  /**
   * Where the bore begins to be as wide as over the hole: what lies deeper is the bit's end. A
   * hollow that narrows over a longer way, as a bowl does, is open all the way.
   */
  private double floor(Hole h, double end) {
    double open = over(h.at().z(), end);
    double wide = WIDE * wood.inner(open);
    while (open > wood.minZ() && wood.inner(open - EVERY) >= wide) {
      open -= EVERY;
    }
    double shut = open - EVERY;
    while (open - shut > SAME) {
      double middle = (open + shut) / 2;
      if (wood.inner(middle) >= wide) {
        open = middle;
      } else {
        shut = middle;
      }
    }
    return Math.min(open, deepest(open) + end);
  }

  /** The end of the hollow under a height. */
  private double deepest(double from) {
    double z = from;
    while (z > wood.minZ() && wood.inner(z - EVERY) > 0) {
      z -= EVERY;
    }
    return z;
  }

  /** Up from solid wood, and from a bit's point, to where the bore is as wide as it stays. */
  private double over(double z, double end) {
    double from = z;
    while (from < shoulder && wood.inner(from) <= 0) {
      from += EVERY;
    }
    double out = from;
    for (double up = from; up < Math.min(from + end, shoulder); up += EVERY) {
      if (wood.inner(up + EVERY) - wood.inner(up) > EVERY) {
        out = up + EVERY;
      }
    }
    return Math.min(out, shoulder);
  }
}
