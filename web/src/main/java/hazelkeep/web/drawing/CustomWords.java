package hazelkeep.web.drawing;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Custom;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;

/** Values of Practice in words, lengths in the unit chosen. */
public final class CustomWords {
  private static final String MM = "mm";

  private CustomWords() {}

  /** An own value beside the usual one. */
  public static String of(Custom own, Unit unit) {
    Line line = own.line();
    return line.text().meaning()
        + " "
        + words(line, own.value(), unit)
        + ", usual "
        + number(line, line.text().value(), unit);
  }

  /** The turner's own bounds of the sizes that a piece has, each beside the usual ones. */
  public static List<String> bounds(List<? extends Rule<?>> rules, Practice practice, Unit unit) {
    List<String> out = new ArrayList<>();
    for (Rule<?> r : rules) {
      Rule<?> own = r.within(practice);
      if (own != r) {
        out.add(r.label() + " " + span(own, unit) + " " + unit.word() + ", usual " + span(r, unit));
      }
    }
    return out;
  }

  /** What is taken for a size, from the least to the most. */
  public static String span(Rule<?> rule, Unit unit) {
    return unit.show(rule.least()) + " to " + unit.show(rule.most());
  }

  /** Whether a line is a length. */
  public static boolean length(Line line) {
    return line.text().unit().equals(MM);
  }

  /** The unit of a line's value as it is shown. */
  public static String word(Line line, Unit unit) {
    return length(line) ? unit.word() : line.text().unit();
  }

  /** A value of a line without its unit: finely, since fits are among them. */
  public static String number(Line line, double value, Unit unit) {
    return length(line) && unit == Unit.INCH ? Unit.INCH.showFit(value) : Custom.plain(value);
  }

  /** The same with its unit. */
  public static String words(Line line, double value, Unit unit) {
    return number(line, value, unit) + " " + word(line, unit);
  }
}
