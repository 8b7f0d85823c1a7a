package hazelkeep.web.paper;

import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.List;

/** Outside, inside and wall every so often along a hollow part, and where the wall is least. */
final class Stations {
  private static final double ROW = 5;

  /** Ends are corners: what is read there belongs to neither side, mm. */
  private static final double INSET = 0.05;

  /** How finely an inside is looked for, mm. */
  private static final double STEP = 0.25;

  /** Walls that a rule can't tell apart, mm. */
  private static final double SAME = 0.05;

  private Stations() {}

  static double draw(Sheet s, Plan<?> plan, Show show, double from) {
    double y = from;
    double every = plan.shop().custom(Line.PAPER_STATION);
    for (Part p : plan.aim().parts()) {
      if (hollow(p.target()).length() > every) {
        y = part(s, plan, p.name(), show, y) + 6;
      }
    }
    return y;
  }

  /**
   * A stretch along a part that is open inside.
   *
   * @param from its lower end
   * @param to its upper end
   */
  private record Hollow(double from, double to) {
    double length() {
      return to - from;
    }

    boolean has(double z) {
      return z >= from && z <= to;
    }
  }

  /** The longest open stretch: what is let into a foot is no inside. */
  private static Hollow hollow(HalfSection h) {
    Hollow longest = new Hollow(0, 0);
    double from = Double.NaN;
    for (double z = h.minZ() + INSET; z < h.maxZ() + STEP; z += STEP) {
      boolean open = z < h.maxZ() && h.inner(z) > 0;
      if (open && Double.isNaN(from)) {
        from = z;
      } else if (!open && !Double.isNaN(from)) {
        Hollow run = new Hollow(from, Math.min(z, h.maxZ()));
        longest = run.length() > longest.length() ? run : longest;
        from = Double.NaN;
      }
    }
    return longest;
  }

  private static double part(Sheet s, Plan<?> plan, String name, Show show, double from) {
    HalfSection h = plan.aim().part(name).target();
    double y = s.room(from, 40);
    s.text(Face.TITLE, Sheet.LEFT, y + 5, 11.5, "Stations of the " + name);
    s.text(Sheet.LEFT, y + 9.6, 8.5, Sentences.of("stations.places-from-its-lower-end"));
    y += 15;
    row(s, y, List.of("at", "outside \u2300", "inside \u2300", "wall", ""));
    double every = plan.shop().custom(Line.PAPER_STATION);
    Hollow hollow = hollow(h);
    double thin = thinnest(h, hollow, every);
    for (double at = 0; at <= h.maxZ() - h.minZ() + 1e-6; at += every) {
      double z = inset(h, at);
      y = s.room(y, 2 * ROW) + ROW;
      row(s, y, cells(h, hollow, thin, z, show.bare(at), show));
    }
    return y + ROW;
  }

  private static List<String> cells(
      HalfSection h, Hollow hollow, double thin, double z, String at, Show show) {
    double outside = h.outer(z);
    double inside = h.inner(z);
    double wall = outside - inside;
    boolean walled = inside > 0 && hollow.has(z);
    String note =
        inside == 0
            ? "solid"
            : !walled
                ? "let into the end"
                : wall < thin + SAME ? "thinnest: nothing more off here" : "";
    return List.of(
        at,
        show.bare(2 * outside),
        inside == 0 ? "" : show.bare(2 * inside),
        walled ? show.bare(wall) : "",
        note);
  }

  private static double thinnest(HalfSection h, Hollow hollow, double every) {
    double least = Double.POSITIVE_INFINITY;
    for (double at = 0; at <= h.maxZ() - h.minZ() + 1e-6; at += every) {
      double z = inset(h, at);
      if (hollow.has(z)) {
        least = Math.min(least, h.outer(z) - h.inner(z));
      }
    }
    return least;
  }

  private static double inset(HalfSection h, double at) {
    return Math.min(h.maxZ() - INSET, Math.max(h.minZ() + INSET, h.minZ() + at));
  }

  private static void row(Sheet s, double y, List<String> cells) {
    for (int i = 0; i < cells.size(); i++) {
      if (i == cells.size() - 1) {
        s.text(Sheet.LEFT + 116, y, 8.5, cells.get(i));
      } else {
        s.right(Sheet.LEFT + 20 + 28 * i, y, 8.5, cells.get(i));
      }
    }
  }
}
