package hazelkeep.wood;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.LineOfWork;
import hazelkeep.solid.Polyline;
import java.util.EnumSet;
import java.util.Set;

/**
 * A named stretch of a part's outline. It lives on the target, not on the stock: an overlay loses
 * the names of edges, a target does not.
 *
 * @param id its name
 * @param role what it is for
 * @param line its line in the blank's z, wood on the right hand
 * @param zone what has to go for it to be bared: everything beyond it on its own side, and nothing
 *     of the part's own target
 * @param inside whether it lies in a hollow, so that tools come to it from the mouth
 * @param needs what it needs before the piece is finished
 */
public record Surface(
    SurfaceId id, Role role, Polyline line, HalfSection zone, boolean inside, Set<Doing> needs) {
  /**
   * A surface that needs what its role says.
   *
   * @param finished whether the piece gets a finish; else what is seen stays raw
   */
  public static Surface of(
      SurfaceId id, Role role, Polyline line, HalfSection zone, boolean inside, boolean finished) {
    Set<Doing> needs =
        switch (role) {
          case SHOW ->
              finished
                  ? EnumSet.of(Doing.CUT, Doing.SAND, Doing.FINISH)
                  : EnumSet.of(Doing.CUT, Doing.SAND);
          case FIT, MEET -> EnumSet.of(Doing.CUT);
          case GRIP -> EnumSet.noneOf(Doing.class);
        };
    return new Surface(id, role, line, zone, inside, needs);
  }

  /** The same where something is glued to it. */
  public Surface glued() {
    return new Surface(id, role, line, zone, inside, EnumSet.of(Doing.CUT, Doing.GLUE));
  }

  /**
   * The stretch of it that lies between two heights, in the blank's z; all of it where none does.
   */
  public Surface between(double from, double to) {
    return new Surface(id, role, line.between(from, to), zone, inside, needs);
  }

  /** Whether it is seen from outside. */
  public boolean seen() {
    return !inside && role == Role.SHOW;
  }

  /** The directions from which a tool may come to it on the lathe. */
  public LineOfWork.From from() {
    return inside ? LineOfWork.From.TAIL : LineOfWork.From.OUTSIDE;
  }
}
