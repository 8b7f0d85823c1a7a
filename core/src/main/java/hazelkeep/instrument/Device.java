package hazelkeep.instrument;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** Instruments that send what they read. */
public enum Device {
  CALIPER("calipers", "mm", 0, 1000, Line.READ_FIT),
  DEPTH_GAUGE("depth gauge", "mm", -500, 1000, Line.PLAY_DEPTH),
  SCALE("scale", "g", 0, 50_000, Line.PLAY_SCALE),
  MOISTURE_METER("moisture meter", "%", 0, 100, Line.PLAY_MOISTURE),
  HYGROMETER("hygrometer", "%", 0, 100, Line.PLAY_HYGROMETER),
  THERMOMETER("thermometer", "°C", -60, 100, Line.PLAY_THERMOMETER);

  private final String word;
  private final String unit;
  private final double least;
  private final double most;
  private final Line spread;

  Device(String word, String unit, double least, double most, Line spread) {
    this.word = word;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.spread = spread;
  }

  /** What the turner calls it. */
  public String word() {
    return word;
  }

  /** As it names itself in a line: {@code depth-gauge}. */
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  /** The unit that its readings are kept in. */
  public String unit() {
    return unit;
  }

  /** Whether it reads lengths. */
  public boolean length() {
    return unit.equals("mm");
  }

  /** The line of Practice that says how far its readings scatter. */
  public Line spread() {
    return spread;
  }

  /** The one of that key. */
  public static Optional<Device> named(String key) {
    return Arrays.stream(values()).filter(d -> d.key().equals(key)).findFirst();
  }

  /** All keys, in a sentence. */
  static String keys() {
    return Arrays.stream(values()).map(Device::key).collect(Collectors.joining(", "));
  }

  /**
   * A reading that it can give.
   *
   * @throws Refused when it can't, saying what it can
   */
  double checked(double value) {
    if (!(value >= least && value <= most)) {
      throw new Refused(
          Wording.of(
              "device.a-reads-from-to-not",
              word,
              Math.round(least),
              Math.round(most),
              unit,
              value));
    }
    return value;
  }
}
