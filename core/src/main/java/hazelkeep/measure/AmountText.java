package hazelkeep.measure;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads an amount as it is typed: a length by {@link SizeText}; a volume, a mass or an angle as
 * {@code 250}, {@code 250 ml}, {@code 0.25 l}, {@code 8 fl oz}, {@code 90 g}, {@code 3 oz}, {@code
 * 15°}.
 */
public final class AmountText {
  /** The US customary fluid ounce, by definition 231 / 128 cubic inches, ml. */
  private static final double FLUID_OUNCE = 29.5735295625;

  /** The international avoirdupois ounce, by definition (1959), g. */
  private static final double OUNCE = 28.349523125;

  private static final int LONGEST = 40;

  private static final Pattern AMOUNT =
      Pattern.compile("(\\d{1,9}(?:[.,]\\d{1,9})?)\\s*([a-z°][a-z ]{0,11})?");

  private static final Map<Quantity, Map<String, Double>> UNITS =
      Map.of(
          Quantity.VOLUME,
          Map.of("ml", 1.0, "cl", 10.0, "dl", 100.0, "l", 1000.0, "fl oz", FLUID_OUNCE),
          Quantity.MASS,
          Map.of("g", 1.0, "grams", 1.0, "kg", 1000.0, "oz", OUNCE),
          Quantity.ANGLE,
          Map.of("°", 1.0, "degrees", 1.0, "deg", 1.0));

  private AmountText() {}

  /**
   * Reads an amount.
   *
   * @param text what was typed
   * @param bare the unit of a length that names none
   * @param quantity what it is an amount of
   * @throws Refused with a message that shows what would be accepted
   */
  public static Size parse(String text, Unit bare, Quantity quantity) {
    if (quantity == Quantity.LENGTH) {
      return SizeText.parse(text, bare);
    }
    String plain = text == null ? "" : text.strip().toLowerCase(Locale.ROOT);
    Matcher m = AMOUNT.matcher(plain.length() > LONGEST ? "" : plain);
    Double unit =
        !m.matches()
            ? null
            : m.group(2) == null ? (Double) 1.0 : UNITS.get(quantity).get(m.group(2));
    if (unit == null) {
      throw refused(plain, quantity);
    }
    double amount = unit * Double.parseDouble(m.group(1).replace(',', '.'));
    if (amount >= Length.MOST) {
      throw refused(plain, quantity);
    }
    return Size.mm(amount);
  }

  private static Refused refused(String text, Quantity quantity) {
    String shown = text.length() > LONGEST ? text.substring(0, LONGEST) + " …" : text;
    return new Refused(
        switch (quantity) {
          case VOLUME -> Wording.of("amountText.no-volume", shown);
          case MASS -> Wording.of("amountText.no-mass", shown);
          default -> Wording.of("amountText.no-angle", shown);
        });
  }
}
