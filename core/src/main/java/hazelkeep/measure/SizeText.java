package hazelkeep.measure;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a size as a turner types it: {@code 54}, {@code 54 mm}, {@code 5.4 cm}, {@code 2 1/8},
 * {@code 2-1/8"}, {@code 2.125 in}, each with an optional hedge in front ({@code about}, {@code at
 * most}, {@code at least}) and a sign for a diameter ({@code ø 54}). A bare number is in the given
 * unit; a bare fraction is inches.
 */
public final class SizeText {
  /** What every refusal ends with. */
  public static final String ACCEPTED = Wording.of("sizeText.accepted-54-54-mm-5");

  private static final int LONGEST = 40;

  private static final Pattern HEDGE =
      Pattern.compile(
          "^(?:(about|approx\\.?|ca\\.?|~)|(at most|max\\.?|<=|≤)|(at least|min\\.?|>=|≥))\\s*");
  private static final Pattern DECIMAL = Pattern.compile("^([+-]?\\d{0,9}(?:[.,]\\d{1,17})?)$");
  private static final Pattern FRACTION =
      Pattern.compile("^([+-])?(?:(\\d{1,6})(?:\\s+|\\s*-\\s*))?(\\d{1,6})\\s*/\\s*(\\d{1,6})$");
  private static final Pattern UNIT =
      Pattern.compile("\\s*(mm|cm|millimet(?:er|re)s?|in\\.?|inch(?:es)?|\"|”|″)$");

  /** Fractions that are one letter. */
  private static final Pattern VULGAR = Pattern.compile("[¼-¾⅐-⅞]");

  /** Signs for a diameter, before a size or after its hedge. */
  private static final Pattern ACROSS = Pattern.compile("[ø⌀∅]\\s*|^(?:dia\\.?|d)\\s+(?=[\\d.,])");

  private SizeText() {}

  /**
   * Reads a size.
   *
   * @param text what was typed
   * @param bare the unit of a number that names none
   * @throws Refused with a message that shows what would be accepted
   */
  public static Size parse(String text, Unit bare) {
    String rest = text == null ? "" : plain(text);
    if (rest.isEmpty()) {
      throw new Refused(Wording.of("sizeText.there-is-no-size-here", ACCEPTED));
    }
    if (rest.length() > LONGEST) {
      throw new Refused(Wording.of("sizeText.that-is-too-long-for", ACCEPTED));
    }
    Hedge hedge = Hedge.EXACT;
    Matcher h = HEDGE.matcher(rest);
    if (h.find()) {
      hedge =
          h.group(1) != null ? Hedge.ABOUT : h.group(2) != null ? Hedge.AT_MOST : Hedge.AT_LEAST;
      rest = rest.substring(h.end());
    }
    double scale = bare == Unit.MM ? 1 : Length.INCH;
    boolean named = false;
    Matcher u = UNIT.matcher(rest);
    if (u.find()) {
      named = true;
      String unit = u.group(1);
      scale = unit.startsWith("m") ? 1 : unit.equals("cm") ? 10 : Length.INCH;
      rest = rest.substring(0, u.start()).strip();
    }
    Matcher f = FRACTION.matcher(rest);
    double number;
    if (f.matches()) {
      double under = Double.parseDouble(f.group(4));
      if (under == 0) {
        throw refused(text);
      }
      double whole = f.group(2) == null ? 0 : Double.parseDouble(f.group(2));
      number = whole + Double.parseDouble(f.group(3)) / under;
      number = "-".equals(f.group(1)) ? -number : number;
      if (!named) {
        scale = Length.INCH;
      }
    } else {
      Matcher d = DECIMAL.matcher(rest);
      if (!d.matches() || rest.chars().noneMatch(Character::isDigit)) {
        throw refused(text);
      }
      number = Double.parseDouble(rest.replace(',', '.'));
    }
    double mm = number * scale;
    if (Math.abs(mm) >= Length.MOST) {
      throw new Refused(Wording.of("sizeText.is-longer-than-any-lathe", text.strip()));
    }
    return new Size(Length.mm(mm), hedge);
  }

  /** Small letters, ⅛ as 1/8, and no sign for a diameter. */
  private static String plain(String text) {
    String apart = VULGAR.matcher(text).replaceAll(" $0");
    String plain = Normalizer.normalize(apart, Normalizer.Form.NFKC).replace('⁄', '/');
    return ACROSS.matcher(plain.strip().toLowerCase(Locale.ROOT)).replaceFirst("");
  }

  private static Refused refused(String text) {
    return new Refused(Wording.of("sizeText.is-not-a-size", text.strip(), ACCEPTED));
  }
}
