package hazelkeep.piece;

import hazelkeep.route.Finding;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * A part with what its walls are wanted to be.
 *
 * @param part the part
 * @param wishes how thick its walls are wanted
 * @param drift how far a bore may lie off the axis at a z of the blank, mm
 */
public record Walled(Part part, WallWishes wishes, DoubleUnaryOperator drift) {
  /** A part that is hollowed with a tool: nothing drifts. */
  public static Walled hollowed(Part part, WallWishes wishes) {
    return new Walled(part, wishes, z -> 0);
  }

  /** What is thinner than it is wanted to be. */
  public List<Finding> judge() {
    return Walls.of(part, wishes, drift);
  }

  /** Its thinnest places, whatever is wanted; empty where it has no inside or that is open. */
  public List<Walls.Least> least() {
    return Walls.least(this);
  }
}
