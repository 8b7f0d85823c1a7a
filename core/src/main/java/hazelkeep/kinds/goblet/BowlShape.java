package hazelkeep.kinds.goblet;

import hazelkeep.element.Bend;
import hazelkeep.element.Bent;
import hazelkeep.element.Bowl;
import hazelkeep.element.Through;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * The bowl of a goblet as numbers alone, before anything is drawn: what it holds, and how wide it
 * has to be to hold so much. It is drawn by the same lines ({@link Bent}, {@link Bowl#inside}).
 *
 * @param form its outline
 * @param high how high it is, mm
 * @param stem how wide it begins, mm
 * @param bellyAt how high its belly lies, mm
 * @param belly how wide its belly is, mm
 * @param rim how wide its rim is, mm
 * @param through what was added to its line, upwards, heights over its low end
 * @param in its hollow
 */
record BowlShape(
    Goblet.Form form,
    double high,
    double stem,
    double bellyAt,
    double belly,
    double rim,
    List<Point> through,
    Hollow in) {
  /**
   * A hollow.
   *
   * @param wall to the outside, mm
   * @param floor how high its floor lies, mm
   * @param round over how much of its depth the floor is rounded, mm
   */
  record Hollow(double wall, double floor, double round) {}

  private static final double ML = 1000;

  /** How exactly a width is found, mm. */
  private static final double EXACT = 1e-4;

  private static final int TRIES = 60;

  /** How the line comes up to the belly and to the rim. */
  static List<Bend> bends(Goblet.Form form) {
    return switch (form) {
      case EGG -> List.of(Bend.STRAIGHT, Bend.ROUND, Bend.BULGING);
      case TULIP, BELL -> List.of(Bend.STRAIGHT, Bend.ROUND, Bend.HOLLOW);
      case CONE -> List.of(Bend.STRAIGHT, Bend.STRAIGHT);
    };
  }

  private Profile outside() {
    List<Point> p = new ArrayList<>(List.of(new Point(0, stem / 2)));
    if (form != Goblet.Form.CONE) {
      p.add(new Point(bellyAt, belly / 2));
    }
    p.add(new Point(high, rim / 2));
    List<Point> all = Through.merged(p, through);
    return new Profile(all.size() > p.size() ? Profile.smooth(all) : Bent.through(p, bends(form)));
  }

  /** The line of its hollow from the rim down, heights over its low end. */
  List<Point> inside() {
    return Bowl.inside(outside()::radius, high, in.wall, in.floor, in.round);
  }

  /** How wide it opens, mm. */
  double mouth() {
    return 2 * inside().get(0).r();
  }

  /**
   * What it holds, ml.
   *
   * @param below how far the line lies below the brim, mm
   */
  double holds(double below) {
    Polyline line = new Polyline(inside());
    HalfSection room = HalfSection.closed(line, new Point(high, 0));
    return (below > 0 ? room.and(HalfSection.box(0, high - below, 0, HalfSection.FAR)) : room)
            .volume()
        / ML;
  }

  /** The same bowl, so many times as wide at its belly and its rim. */
  private BowlShape wider(double times) {
    return new BowlShape(form, high, stem, bellyAt, times * belly, times * rim, through, in);
  }

  /**
   * How many times as wide it has to be to hold so much; the most where even that holds less, the
   * least where even that holds more.
   *
   * @param ml what it shall hold
   * @param below how far the line lies below the brim, mm
   * @param least the narrowest that makes sense, times
   * @param most the widest, times
   */
  double times(double ml, double below, double least, double most) {
    if (wider(most).holds(below) <= ml) {
      return most;
    }
    if (wider(least).holds(below) >= ml) {
      return least;
    }
    return new BrentSolver(EXACT / belly)
        .solve(TRIES, t -> wider(t).holds(below) - ml, least, most);
  }
}
