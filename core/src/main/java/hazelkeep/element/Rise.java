package hazelkeep.element;

import hazelkeep.measure.DimKey;
import java.util.function.ToDoubleFunction;

/**
 * How high a side is.
 *
 * @param height the size that its part is high without a spigot, which is a stretch of the blank
 * @param word of it on the drawing
 * @param cap what a rounded top takes of it, mm
 * @param capped whether there is one
 * @param bend how the line runs from place to place
 */
public record Rise(
    DimKey height, String word, ToDoubleFunction<Lay> cap, boolean capped, Bend bend) {
  /** One that goes all the way up. */
  public static Rise whole(DimKey height, String word, Bend bend) {
    return new Rise(height, word, lay -> 0, false, bend);
  }

  /** What is all rounding still has a hair of side, mm, so that it has an edge. */
  private static final double HAIR = 0.05;

  /** One with a rounded top over it. */
  public static Rise under(DimKey cap, DimKey height, String word, Bend bend) {
    return new Rise(height, word, lay -> Math.min(lay.mm(cap), lay.mm(height) - HAIR), true, bend);
  }

  double high(Lay lay) {
    return lay.mm(height) - cap.applyAsDouble(lay);
  }
}
