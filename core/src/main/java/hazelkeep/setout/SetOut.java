package hazelkeep.setout;

import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a step is set out: what it takes, said by numbers from a datum that can be reached in its
 * hold. It is read from the wood before and after the step as it was played, so it serves every
 * step of every kind; with these numbers and the wood as it is the region that goes can be built
 * again within 0.1 mm.
 *
 * <p>Places are counted from the free end of the work: a rule, a depth gauge and a template can be
 * laid against it. A step that cuts the end itself counts from the new end, and says by how much
 * the old one goes back. What lies outside and close to the chuck is counted from that.
 *
 * @param end the free end in the setup's frame, mm
 * @param takenOff by how much the end itself goes back, mm; 0 when it stays
 * @param passes the lines to cut to
 */
public record SetOut(double end, double takenOff, List<Pass> passes) {
  /** What goes off an end is told from so much, mm. */
  private static final double FACED = 0.05;

  /** Copies the passes. */
  public SetOut {
    passes = List.copyOf(passes);
  }

  /** Sets a step out. */
  public static SetOut of(Stage stage) {
    double before = stage.mounted().most();
    double after = stage.parts() ? before : stage.left().most();
    LineReader reader = new LineReader(stage, after);
    List<Pass> passes = new ArrayList<>();
    Set<HalfSection> told = new HashSet<>();
    for (Map.Entry<String, HalfSection> e : stage.removed().entrySet()) {
      // Two parts still in one piece of wood lose the same.
      if (told.add(e.getValue())) {
        for (List<Point> line : Bared.of(stage, e.getValue())) {
          passes.add(reader.pass(e.getKey(), line));
        }
      }
    }
    double off = before - after;
    return new SetOut(after, off > FACED ? off : 0, passes);
  }

  /** Whether there is nothing to set out: nothing is cut. */
  public boolean isEmpty() {
    return passes.isEmpty() && takenOff == 0;
  }
}
