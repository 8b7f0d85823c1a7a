package hazelkeep.piece;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import java.util.List;

/** How deep something round stands in a hollow, read from the drawn section. */
public final class Standing {
  /** How far inside its rim something is looked at, mm. */
  private static final double EDGE = 1e-3;

  private Standing() {}

  /**
   * The floor under something that stands on the axis with its foot down, in the closed piece's z.
   *
   * @param radius of what stands there, mm
   */
  public static double floor(Part part, double radius) {
    List<Span> wood = closed(part).along(Math.max(EDGE, radius - EDGE));
    return wood.isEmpty() ? 0 : wood.get(0).to();
  }

  /** The roof over something in a part whose mouth looks down, in the closed piece's z. */
  public static double roof(Part part, double radius) {
    List<Span> wood = closed(part).along(Math.max(EDGE, radius - EDGE));
    return wood.isEmpty() ? 0 : wood.get(wood.size() - 1).from();
  }

  /**
   * Room between floor and roof for something round: a single piece stands in one end's point at
   * most, since both are never opposite one another; a bundle stands beside both.
   *
   * @param radius of what goes in, mm
   * @param wide radius of a bundle, which reaches to the walls, mm
   */
  public static double room(Part body, Part lid, double radius, double wide) {
    double down = roof(lid, wide) - floor(body, radius);
    double up = roof(lid, radius) - floor(body, wide);
    return Math.max(down, up);
  }

  private static HalfSection closed(Part part) {
    return part.target().in(part.closed());
  }
}
