package hazelkeep.setout;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.route.Stage;
import hazelkeep.solid.Frame;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the lines that a step bares: what they make, and by which numbers they are cut. */
final class LineReader {
  /** How near a line lies to a surface that it is, mm. */
  private static final double ON = 0.02;

  private final Stage stage;
  private final double end;
  private final double round;
  private final Work left;
  private final List<Known> known = new ArrayList<>();

  /** A line that has a name. */
  private record Known(Named name, Polyline line) {}

  LineReader(Stage stage, double end) {
    this.stage = stage;
    this.end = end;
    this.round = stage.aim().custom(Line.SETOUT_ROUND);
    this.left = stage.left();
    for (Map.Entry<String, Frame> e : stage.setup().frames().entrySet()) {
      Part part = stage.aim().part(e.getKey());
      for (Surface s : part.surfaces()) {
        add(new Named(part.name(), s.id().name(), Optional.of(s.role())), s.line(), e.getValue());
      }
      for (Stub s : part.stubs()) {
        for (Polyline ring : s.region().rings()) {
          add(new Named(part.name(), s.name(), Optional.empty()), ring, e.getValue());
        }
      }
    }
  }

  private void add(Named name, Polyline line, Frame frame) {
    known.add(new Known(name, line.in(frame)));
  }

  Pass pass(String part, List<Point> line, Datum datum) {
    List<Cut> cuts = new ArrayList<>();
    int from = 0;
    Optional<Named> on = on(line, 0);
    for (int i = 1; i < line.size(); i++) {
      boolean last = i == line.size() - 1;
      Optional<Named> next = last ? Optional.empty() : on(line, i);
      if (last || !next.equals(on)) {
        for (Outline.Piece p : Outline.of(line.subList(from, i + 1), round)) {
          cuts.add(cut(p, on, datum));
        }
        from = i;
        on = next;
      }
    }
    boolean closed = line.get(0).distance(line.get(line.size() - 1)) < ON;
    return new Pass(part, datum, cuts, closed);
  }

  /**
   * What all places of the step are counted from: the end, or the chuck where all of it is cut from
   * outside close in front of that.
   */
  Datum datum(List<List<Point>> lines) {
    boolean chuck = !(stage.setup().hold().grip() instanceof Centres) && !lines.isEmpty();
    return chuck && lines.stream().allMatch(this::atChuck)
        ? new Datum(Datum.From.CHUCK, 0)
        : new Datum(Datum.From.END, end);
  }

  private boolean atChuck(List<Point> line) {
    double low = line.stream().mapToDouble(Point::z).min().orElse(0);
    double high = line.stream().mapToDouble(Point::z).max().orElse(0);
    return line.stream().anyMatch(this::outside) && low > -ON && high < end - high;
  }

  /** Whether a place lies on the outside of the wood as it was. */
  private boolean outside(Point p) {
    Work was = stage.mounted();
    return was.parts().keySet().stream()
        .map(was::swept)
        .noneMatch(h -> h.holds(p.z() - ON, p.r() + ON) && h.holds(p.z() + ON, p.r() + ON));
  }

  private Cut cut(Outline.Piece p, Optional<Named> on, Datum datum) {
    Point a = p.points().get(0);
    Point b = p.points().get(p.points().size() - 1);
    boolean face = Math.abs(b.z() - a.z()) <= ON;
    // With the wood on the right hand, a line that runs towards the headstock has it outside.
    boolean inside = face ? floor(a, b) : b.z() < a.z();
    return new Cut(
        p.shape(),
        p.points().stream().map(q -> Station.of(q, datum)).toList(),
        p.radius(),
        on,
        inside,
        inside && datum.from() == Datum.From.END);
  }

  /** Whether a face looks to the tailstock out of a hollow: wood that stays stands round it. */
  private boolean floor(Point a, Point b) {
    double x = a.z() + 2 * ON;
    return b.r() < a.r()
        && left.parts().keySet().stream()
            .map(left::swept)
            .anyMatch(h -> !h.isEmpty() && h.outer(x) > a.r() + ON);
  }

  /** What an edge of the line makes. */
  private Optional<Named> on(List<Point> line, int edge) {
    Point m = line.get(edge).towards(line.get(edge + 1), 0.5);
    return known.stream().filter(k -> lies(m, k.line)).map(Known::name).findFirst();
  }

  private static boolean lies(Point p, Polyline line) {
    for (int i = 1; i < line.points().size(); i++) {
      if (p.distance(line.points().get(i - 1), line.points().get(i)) < ON) {
        return true;
      }
    }
    return false;
  }
}
