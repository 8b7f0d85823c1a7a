package hazelkeep.instrument;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.EnumMap;
import java.util.Map;
import java.util.random.RandomGenerator;

/**
 * A set of instruments that read what is told them, as real ones do: each reading scatters, each
 * device drifts a little from one to the next, and now and then a hand slips.
 */
public final class SimulatedSet {
  private static final double PERCENT = 100;
  private static final double[] STEP = {0.01, 0.1, 0.1, 0.1, 1, 0.1};

  private final Practice practice;
  private final RandomGenerator chance;
  private final double times;
  private final Map<Device, Double> drift = new EnumMap<>(Device.class);

  /**
   * In some hand.
   *
   * @param times so many times as far as usual do its readings scatter
   */
  public SimulatedSet(Practice practice, double times, RandomGenerator chance) {
    this.practice = practice;
    this.times = times;
    this.chance = chance;
  }

  /**
   * A reading of something as it really is.
   *
   * @param truth in the device's unit, as the device would show it without error
   */
  public Sent read(Device device, double truth) {
    double spread = practice.of(device.spread());
    double off =
        drift.getOrDefault(device, 0.0)
            + practice.of(Line.PLAY_DRIFT) * spread * chance.nextGaussian();
    drift.put(device, off);
    double v = truth + off + times * spread * chance.nextGaussian();
    if (chance.nextDouble() < times * practice.of(Line.PLAY_SLIP) / PERCENT) {
      v = slip(device, v);
    }
    double step = STEP[device.ordinal()];
    double shown = Math.round(v / step) * step;
    // Beyond what it can show a device shows its last number.
    return new Sent(device, bounded(device, shown));
  }

  private static double bounded(Device device, double v) {
    double least = device == Device.DEPTH_GAUGE || device == Device.THERMOMETER ? -50 : 0;
    double most = device.unit().equals("%") ? PERCENT : 999;
    return Math.max(least, Math.min(most, v));
  }

  /** A slip of the hand or the eye: a unit off on the scale, or the jaws not closed. */
  private double slip(Device device, double v) {
    double unit = device.length() ? 1 : PERCENT / 10;
    return chance.nextBoolean() ? v + unit : v - unit / 2;
  }
}
