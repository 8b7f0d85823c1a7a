package hazelkeep.closing;

import hazelkeep.fit.AirCushion;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How a fit feels.
 *
 * @param clearance it is told for, mm
 * @param fit the class that it is in
 * @param quickest seconds to sink, the lid lying to one side; empty where nothing sinks
 * @param slowest seconds to sink, the lid in the middle
 * @param pull the force of the air on the way off, in the middle
 * @param loosePull the same with the lid to one side
 * @param follows whether the rest is lifted along by the air
 * @param pops whether it sounds when it comes off
 * @param why why the air does nothing; {@link Why#AIR} where it does
 */
public record Feel(
    double clearance,
    FitClass fit,
    OptionalDouble quickest,
    OptionalDouble slowest,
    List<AirCushion.Pull> pull,
    List<AirCushion.Pull> loosePull,
    boolean follows,
    boolean pops,
    Why why) {
  /** What the air does. */
  public enum Why {
    AIR,
    TOUCHING,
    OPEN_ROOM,
    NO_DENSITY
  }

  private static final double SQUARE_MICRON = 1e-6;

  /**
   * Of a lid with some clearance.
   *
   * @param sealed whether a finish closes the end grain inside
   */
  public static Feel of(Closing c, double clearance, boolean sealed, Practice p) {
    FitClass fit = FitClass.at(clearance, c.recess(), p);
    if (c.room().isEmpty()) {
      return without(clearance, fit, Why.OPEN_ROOM);
    }
    if (clearance <= 0) {
      return without(clearance, fit, Why.TOUCHING);
    }
    double k = sealed ? 0 : p.of(Line.FIT_PERMEABILITY) * SQUARE_MICRON;
    AirCushion middle = c.cushion(clearance, k);
    AirCushion aside = middle.toOneSide(p.of(Line.FIT_ECCENTRIC));
    double speed = p.of(Line.FIT_PULL_SPEED);
    double room = c.room().getAsDouble();
    List<AirCushion.Pull> pull = middle.pulled(speed, room);
    double peak = AirCushion.peak(pull);
    OptionalDouble weight = c.lidWeight();
    return new Feel(
        clearance,
        fit,
        weight.isPresent() ? OptionalDouble.of(aside.sinks(weight.getAsDouble())) : weight,
        weight.isPresent() ? OptionalDouble.of(middle.sinks(weight.getAsDouble())) : weight,
        pull,
        aside.pulled(speed, room),
        c.restWeight().isPresent() && peak > c.restWeight().getAsDouble(),
        peak >= p.of(Line.FIT_POPS),
        weight.isPresent() ? Why.AIR : Why.NO_DENSITY);
  }

  private static Feel without(double clearance, FitClass fit, Why why) {
    return new Feel(
        clearance,
        fit,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        List.of(),
        List.of(),
        false,
        false,
        why);
  }
}
