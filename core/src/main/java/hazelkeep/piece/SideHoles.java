package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
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
  private final double foot;
  private final double shoulder;
  private final List<SideHole> holes;

  /**
   * @param part whose side it is
   * @param holes heights counted from the foot of the part
   */
  public SideHoles(Part part, List<SideHole> holes) {
    this.part = part;
    this.holes = holes;
    this.foot = part.target().minZ();
    this.shoulder =
        part.surface("side").line().points().stream().mapToDouble(Point::z).max().orElse(foot);
  }

  private double at(SideHole h) {
    return Math.min(foot + h.height().mm(), shoulder);
  }

  /** Radius of the outside at the hole's own height, mm. */
  public double outside(SideHole h) {
    return part.target().outer(at(h));
  }

  /** Radius of the bore at the hole's own height, mm; 0 where the part is solid. */
  public double bore(SideHole h) {
    return part.target().inner(at(h));
  }

  /** The wall that a hole goes through, mm. */
  public double wall(SideHole h) {
    return outside(h) - bore(h);
  }

  /** The wood between two holes where there is least of it: at the bore, or outside, mm. */
  public double between(SideHole a, SideHole b) {
    double in = Math.min(bore(a), bore(b));
    double out = Math.min(outside(a), outside(b));
    return Math.min(a.between(b, in), a.between(b, out));
  }

  /** The least wood between a hole and any other, mm; not a number for a single one. */
  public double nearest(SideHole h) {
    return holes.stream()
        .filter(o -> o != h)
        .mapToDouble(o -> between(h, o))
        .min()
        .orElse(Double.NaN);
  }

  /** The side rolled out, with the holes on it. */
  public Rolled rolled() {
    double radius = holes.stream().mapToDouble(this::outside).max().orElse(0);
    return new Rolled(
        part.name(),
        radius,
        shoulder - foot,
        holes.stream()
            .map(
                h -> new Rolled.Place(h, Math.toRadians(h.degrees()) * radius, wall(h), nearest(h)))
            .toList());
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
      one(holes.get(i), name(i), practice, told);
      for (int j = i + 1; j < holes.size(); j++) {
        told.thin(
            Entry.HOLES_CLOSE,
            between(holes.get(i), holes.get(j)),
            least,
            part.name(),
            new Point(at(holes.get(i)), bore(holes.get(i))),
            name(i),
            name(j));
      }
    }
    return told.done();
  }

  private String name(int i) {
    String name = holes.get(i).name();
    return name.isEmpty() ? "hole " + (i + 1) : name;
  }

  private void one(SideHole h, String name, Practice practice, Told told) {
    double half = h.diameter().mm() / 2;
    Point where = new Point(at(h), outside(h));
    told.thin(
        Entry.HOLE_EDGE,
        shoulder - foot - h.height().mm() - half,
        practice.of(Line.WALL_HOLE),
        part.name(),
        where,
        name);
    double low = at(h) - half - floor(h, practice.of(Line.BORE_END));
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
  private double floor(SideHole h, double end) {
    double open = over(at(h), end);
    double wide = WIDE * part.target().inner(open);
    while (open > foot && part.target().inner(open - EVERY) >= wide) {
      open -= EVERY;
    }
    double shut = open - EVERY;
    while (open - shut > SAME) {
      double middle = (open + shut) / 2;
      if (part.target().inner(middle) >= wide) {
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
    while (z > foot && part.target().inner(z - EVERY) > 0) {
      z -= EVERY;
    }
    return z;
  }

  /** Up from solid wood, and from a bit's point, to where the bore is as wide as it stays. */
  private double over(double z, double end) {
    double from = z;
    while (from < shoulder && part.target().inner(from) <= 0) {
      from += EVERY;
    }
    double out = from;
    for (double up = from; up < Math.min(from + end, shoulder); up += EVERY) {
      if (part.target().inner(up + EVERY) - part.target().inner(up) > EVERY) {
        out = up + EVERY;
      }
    }
    return Math.min(out, shoulder);
  }
}
