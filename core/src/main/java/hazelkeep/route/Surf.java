package hazelkeep.route;

import hazelkeep.wood.Doing;
import java.util.Optional;

/**
 * The state of a surface.
 *
 * @param covered share still under wood, 0 to 1
 * @param lost share where wood is missing, 0 to 1
 * @param grit finest grit it was sanded with since it was cut; 0 for none
 * @param coated whether it was finished since, or glued where it needs that
 * @param cutBy the step that last touched it
 */
public record Surf(double covered, double lost, int grit, boolean coated, Optional<StepKey> cutBy) {
  /** Share of a line that a sample's width may stand for. */
  static final double SOME = 0.03;

  /** A surface nobody has touched. */
  public static final Surf UNTOUCHED = new Surf(1, 0, 0, false, Optional.empty());

  /** Sanded down to a grit. */
  Surf sanded(int finest) {
    return new Surf(covered, lost, finest, coated, cutBy);
  }

  /** With its finish on. */
  Surf finished() {
    return new Surf(covered, lost, grit, true, cutBy);
  }

  /** Whether it is free of wood beyond it. */
  public boolean bare() {
    return covered <= SOME;
  }

  /** Whether wood is missing under it. */
  public boolean hurt() {
    return lost > SOME;
  }

  /** Whether something that the surface needs was done to it. */
  public boolean met(Doing doing) {
    return switch (doing) {
      case CUT -> bare();
      case SAND -> grit > 0;
      case FINISH, GLUE -> coated;
    };
  }
}
