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
   * @param brim room to the brim, mm3
   * @param line room to a line below it
   */
  public static Properties of(Aim aim, double brim, Filled line) {
    double wood = 0;
    double grams = 0;
    for (Part p : aim.made()) {
      double mm3 = p.volume();
      wood += mm3;
      grams += mm3 * aim.wood(p.name()).kilograms() / ML / ML;
    }
    return new Properties(
        brim / ML,
        line.room / ML,
        line.below,
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
   * How much fits up to a line.
   *
   * @param room mm3
   * @param below how far the line lies below the brim, mm
   */
  public record Filled(double room, double below) {
    /** A hollow filled up to a line below its brim. */
    public static Filled upTo(HalfSection hollow, double brim, double below) {
      HalfSection full = HalfSection.box(0, brim - below, 0, HalfSection.FAR);
      return new Filled(hollow.and(full).volume(), below);
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
