package hazelkeep.web.paper;

import hazelkeep.piece.Posed;
import hazelkeep.piece.Sketch;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/** A piece as it stands, seen from outside: a still picture for the record. */
final class StandingPlate {
  /** How large it is at most, mm. */
  private static final double TALL = 62;

  private static final double WIDE = 60;

  /** The greys that woods are told apart by, the lightest first. */
  private static final float[] GREYS = {0.92f, 0.72f, 0.82f, 0.62f};

  /** Kept under the line that it stands on, mm. */
  private static final double GROUND = 2;

  private StandingPlate() {}

  /** Smaller than this it shows nothing. */
  private static final double LEAST = 18;

  /**
   * Draws it as large as there is room on the page: the record stays one page.
   *
   * @param top where its picture begins, mm
   */
  static void draw(Sheet s, Sketch<?> sketch, double top) {
    List<Posed> things = Posed.finished(sketch);
    double high = things.stream().mapToDouble(p -> p.shape().maxZ()).max().orElse(1);
    double wide = things.stream().mapToDouble(p -> 2 * p.shape().maxR()).max().orElse(1);
    double room = Math.min(TALL, s.bottom() - top - GROUND);
    if (room < LEAST) {
      return;
    }
    double scale = Math.min(1, Math.min(room / high, WIDE / wide));
    double ground = top + high * scale;
    double middle = Sheet.LEFT + WIDE / 2;
    List<String> woods = things.stream().map(Posed::wood).distinct().toList();
    for (Posed p : things) {
      float grey = GREYS[woods.indexOf(p.wood()) % GREYS.length];
      for (List<Point> run : p.seen(things)) {
        List<Point> ring = new ArrayList<>(run);
        ring.add(new Point(run.get(run.size() - 1).z(), 0));
        ring.add(new Point(run.get(0).z(), 0));
        s.section(
            HalfSection.of(ring),
            (z, r) -> new double[] {middle + r * scale, ground - z * scale},
            grey);
      }
    }
    s.line(Sheet.LEFT, ground, Sheet.LEFT + WIDE, ground);
  }
}
