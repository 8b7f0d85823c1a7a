package hazelkeep.instrument;

import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A reading that an instrument sent.
 *
 * @param device which
 * @param value in its own unit: mm, g, %, degrees Celsius
 */
public record Sent(Device device, double value) {
  /** A line is no longer. */
  public static final int LONGEST = 80;

  private static final double OUNCE = 28.349523125;

  private static final Pattern LINE =
      Pattern.compile("([a-z-]+)\\s+([+-]?\\d{1,6}(?:[.,]\\d{1,6})?)\\s*(\\S*)");

  /**
   * @throws Refused when the device can't read that
   */
  public Sent {
    device.checked(value);
  }

  /**
   * A reading out of a line: {@code caliper 45.62 mm}, {@code caliper 1,796 in}, {@code scale 23.1
   * g}, {@code thermometer 68 F}. The unit may be left out where it is the device's own.
   *
   * @throws Refused when it is none, saying what would be
   */
  public static Sent parse(String line) {
    String text = line.strip().toLowerCase(Locale.ROOT);
    Matcher m = LINE.matcher(text);
    if (text.length() > LONGEST || !m.matches()) {
      throw new Refused(Wording.of("sent.a-line-is-a-device"));
    }
    Device device =
        Device.named(m.group(1))
            .orElseThrow(
                () ->
                    new Refused(
                        Wording.of("sent.is-no-device-there-are", m.group(1), Device.keys())));
    double v = Double.parseDouble(m.group(2).replace(',', '.'));
    return new Sent(device, in(device, v, m.group(3)));
  }

  private static double in(Device device, double v, String unit) {
    String own = device.unit().replace("°", "").toLowerCase(Locale.ROOT);
    String u = unit.replace("°", "");
    if (u.isEmpty() || u.equals(own)) {
      return v;
    }
    return switch (device.unit() + "/" + u) {
      case "mm/in", "mm/\"", "mm/inch" -> v * Length.INCH;
      case "mm/cm" -> v * 10;
      case "g/oz" -> v * OUNCE;
      case "g/kg" -> v * 1000;
      case "°C/f" -> (v - 32) * 5 / 9;
      default ->
          throw new Refused(Wording.of("sent.a-sends-not", device.word(), device.unit(), unit));
    };
  }
}
