package hazelkeep.web.drawing;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import java.util.List;

/**
 * What every picture of a route shows: the same stretch of the axis at one scale, so that the
 * headstock, the axis and a millimetre are where they were in the picture before.
 *
 * @param lo where the pictures begin along the setup, mm
 * @param hi where they end, mm
 * @param radius the largest radius that is shown, mm
 * @param scale sheet units to the mm
 */
public record Reel(double lo, double hi, double radius, double scale) {
  /** Room for jaws behind the work, and for the tail centre in front of it, mm. */
  private static final double BEHIND = 42;

  private static final double TAIL = 34;

  /** What is shown beside the work of jaws and air, mm. */
  private static final double BESIDE = 10;

  /** The least radius that is shown, mm. */
  private static final double LEAST = 24;

  /** All stages of a plan's route in pictures of at most that width and height. */
  public static Reel of(Plan<?> plan, double wide, double tall) {
    return over(plan.rehearsal().stages(), wide, tall);
  }

  /** One stage alone, as large as it can be. */
  static Reel of(Stage stage, double wide, double tall) {
    return over(List.of(stage), wide, tall);
  }

  private static Reel over(List<Stage> stages, double wide, double tall) {
    double lo = 0;
    double hi = 0;
    // Jaws are cut off where they stand far out beside slim work: the work is what is looked at.
    double radius = LEAST;
    for (Stage s : stages) {
      double[] ends = ends(s);
      lo = Math.min(lo, ends[0]);
      hi = Math.max(hi, ends[1]);
      radius = Math.max(radius, s.mounted().radius() + BESIDE);
    }
    double scale = Math.min(wide / Math.max(1, hi - lo), tall / (2 * radius));
    return new Reel(lo, hi, radius, scale);
  }

  /** Where a stage's picture begins and ends, mm. */
  private static double[] ends(Stage stage) {
    Hold hold = stage.setup().hold();
    Work work = stage.mounted();
    boolean centres = hold.grip() instanceof Centres;
    double lo = centres ? -TAIL : hold.onLathe() ? -BEHIND : 0;
    double hi = 0;
    for (String p : work.parts().keySet()) {
      HalfSection h = work.swept(p);
      if (!h.isEmpty()) {
        hi = Math.max(hi, h.maxZ());
        lo = centres ? lo : Math.min(lo, h.minZ() - 2);
      }
    }
    return new double[] {lo, hi + (centres || hold.tail().isPresent() ? TAIL : 8)};
  }

  double width() {
    return (hi - lo) * scale;
  }

  Sheet sheet() {
    return new Sheet(-lo * scale, radius * scale + 4, scale);
  }
}
