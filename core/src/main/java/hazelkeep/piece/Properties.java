package hazelkeep.piece;

import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.OptionalDouble;

/**
 * What the finished piece is like.
 *
 * @param brimMl room to the brim, ml
 * @param lineMl room to a line below the brim, ml
 * @param below how far that line lies below the brim, mm
 * @param closedMl room with the lid on, ml: a spigot that goes into the mouth takes some of it;
 *     empty for what stays open
 * @param woodMl wood in the finished parts, ml
 * @param grams mass of the finished parts; empty where the density is unknown
 * @param tips angle at which it tips over empty, degrees
 * @param tipsFull the same filled to the brim
 */
public record Properties(
    double brimMl,
    double lineMl,
    double below,
    OptionalDouble closedMl,
    double woodMl,
    OptionalDouble grams,
    double tips,
    double tipsFull) {
  private static final double ML = 1000;

  /**
   * What the parts weigh, closed as they are; when it tips over {@link Tipping} says.
   *
   * @param room what can be filled
   */
  static Properties of(Aim aim, Room room) {
    double wood = 0;
    double grams = 0;
    for (Part p : aim.made()) {
      double mm3 = p.volume();
      wood += mm3;
      grams += mm3 * aim.wood(p.name()).kilograms() / ML / ML;
    }
    return new Properties(
        room.hollow.volume() / ML,
        room.filled ? room.upTo(room.below) : 0,
        room.below,
        closed(aim),
        wood / ML,
        Double.isNaN(grams) ? OptionalDouble.empty() : OptionalDouble.of(grams),
        Double.NaN,
        Double.NaN);
  }

  /** The same that tips over so. */
  Properties tipping(Tipping so) {
    return new Properties(brimMl, lineMl, below, closedMl, woodMl, grams, so.empty(), so.full());
  }

  /** The same of a weight in grams; not a number where it is not known. */
  Properties weighing(double weight) {
    return new Properties(
        brimMl,
        lineMl,
        below,
        closedMl,
        woodMl,
        Double.isNaN(weight) ? OptionalDouble.empty() : OptionalDouble.of(weight),
        tips,
        tipsFull);
  }

  /**
   * What of a piece can be filled.
   *
   * @param hollow it, along one axis
   * @param brim where it runs over, along that axis
   * @param below how far below the brim it is usually filled to, mm
   * @param filled whether it is filled to a line at all: what closes round its contents is not
   */
  public record Room(HalfSection hollow, double brim, double below, boolean filled) {
    /** A part's hollow, open to the part's end. */
    public static Room of(Part part, double below, boolean filled) {
      return new Room(Properties.hollow(part), part.target().maxZ(), below, filled);
    }

    /** What it holds up to a line so far below its brim, ml. */
    double upTo(double line) {
      return hollow.and(HalfSection.box(0, brim - line, 0, HalfSection.FAR)).volume() / ML;
    }
  }

  /** What is bored or hollowed in a part, open to its brim. */
  public static HalfSection hollow(Part part) {
    return part.surfaces().stream()
        .filter(Surface::inside)
        .map(Surface::zone)
        .reduce(HalfSection.EMPTY, HalfSection::plus);
  }

  /** How far round the closed piece its outside is drawn, mm. */
  private static final double ROUND = 1;

  /** What the closed parts enclose, ml: pieces of air that lead nowhere. */
  public static OptionalDouble closed(Aim aim) {
    if (aim.parts().size() < 2) {
      return OptionalDouble.empty();
    }
    HalfSection whole = HalfSection.EMPTY;
    for (Part p : aim.parts()) {
      whole = whole.plus(p.target().in(p.closed()));
    }
    double low = whole.minZ() - ROUND;
    double high = whole.maxZ() + ROUND;
    double far = whole.maxR() + ROUND;
    double room = 0;
    for (HalfSection air : HalfSection.box(low, high, 0, far).minus(whole).pieces()) {
      boolean outside =
          air.minZ() < whole.minZ() || air.maxZ() > whole.maxZ() || air.maxR() > whole.maxR();
      room += outside ? 0 : air.volume();
    }
    return room > ML ? OptionalDouble.of(room / ML) : OptionalDouble.empty();
  }
}
