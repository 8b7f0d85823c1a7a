package hazelkeep.finding;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Rounding;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a judge found. Only entries of the book make one.
 *
 * @param entry what
 * @param grade how grave
 * @param found the number found, in the entry's unit
 * @param limit the number it was held against
 * @param said words and lengths, mm, that stand in its sentences
 */
public record Verdict(Entry entry, Grade grade, double found, double limit, List<String> said) {
  private static final Pattern PLACE = Pattern.compile("\\{([^}]+)}");

  /** Copies the list. */
  public Verdict {
    said = List.copyOf(said);
  }

  /** How numbers are shown. */
  public interface Numbers {
    /** A number with its unit: 5.2 mm, 12 N, 90 %. */
    String of(double value, String unit);
  }

  /** The mistake's stable name. */
  public String code() {
    return entry.code();
  }

  /** The unit of both numbers. */
  public String unit() {
    return entry.text().unit();
  }

  /** What, in a few words. */
  public String title() {
    return filled(entry.text().title(), Verdict::plain);
  }

  /** Its numbers in a sentence; empty where it has none. */
  public String says(Numbers numbers) {
    String below = entry.text().below();
    return filled(found < 0 && !below.isEmpty() ? below : entry.text().says(), numbers);
  }

  /** Why it matters. */
  public String why() {
    return filled(entry.text().why(), Verdict::plain);
  }

  /**
   * What to do.
   *
   * @param carried whether the far end is carried already
   */
  public String helps(boolean carried) {
    String other = entry.text().carried();
    return filled(carried && !other.isEmpty() ? other : entry.text().helps(), Verdict::plain);
  }

  private static String plain(double value, String unit) {
    return Rounding.to(value, 2) + " " + unit;
  }

  private String filled(String template, Numbers numbers) {
    Matcher m = PLACE.matcher(template);
    StringBuilder out = new StringBuilder();
    while (m.find()) {
      m.appendReplacement(out, Matcher.quoteReplacement(place(m.group(1), numbers)));
    }
    m.appendTail(out);
    return out.toString();
  }

  private String place(String name, Numbers numbers) {
    return switch (name) {
      case "found" -> numbers.of(found, unit());
      case "found hand" -> numbers.of(found / GRAVITY, "kg");
      case "limit hand" -> numbers.of(limit / GRAVITY, "kg");
      case "-found" -> numbers.of(-found, unit());
      case "limit" -> numbers.of(limit, unit());
      case "off" -> numbers.of(Math.abs(found - limit), unit());
      case "half" -> numbers.of(Math.abs(found - limit) / 2, unit());
      default -> said(name, numbers);
    };
  }

  /** What pushes as hard as so many newtons lies on a hand, m/s2. */
  private static final double GRAVITY = 9.81;

  private String said(String name, Numbers numbers) {
    String word = said.get(name.charAt(0) - '0');
    return name.endsWith(" mm") ? numbers.of(Double.parseDouble(word), "mm") : word;
  }
}
