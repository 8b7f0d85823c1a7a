package hazelkeep.web.drawing;

import hazelkeep.finding.Verdict;
import hazelkeep.hold.Allowed;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Quantity;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Speeds;
import hazelkeep.web.said.Sentences;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Numbers as they are shown: in the unit chosen, fits finer than lengths.
 *
 * @param unit the unit chosen
 */
public record Show(Unit unit) {
  /** A length with its unit's word. */
  public String len(double mm) {
    return unit.show(mm) + " " + unit.word();
  }

  /** A length without a word. */
  public String bare(double mm) {
    return unit.show(mm);
  }

  /** A size of a fit with its unit's word. */
  public String fit(double mm) {
    return unit.showFit(mm) + " " + unit.word();
  }

  /** A dimension's value without a word, as finely as it deserves, with its hedge. */
  public String value(Dim d) {
    String hedge = d.origin() == Origin.WISHED ? d.hedge().words() : "";
    return hedge + (d.key().quantity() == Quantity.LENGTH ? number(d, d.mm()) : words(d, d.mm()));
  }

  /** A length of some dimension without a word. */
  public String number(Dim d, double mm) {
    Quantity q = d.key().quantity();
    return q != Quantity.LENGTH ? plain(mm) : d.fit() ? unit.showFit(mm) : unit.show(mm);
  }

  /** A volume, a weight, an angle: in tenths, where there are some. */
  public static String plain(double amount) {
    return Rounding.text(amount, Rounding.to(amount, 0) == Rounding.to(amount, 1) ? 0 : 1);
  }

  /** A length of some dimension with its unit's word. */
  public String words(Dim d, double mm) {
    Quantity q = d.key().quantity();
    return q == Quantity.LENGTH ? number(d, mm) + " " + unit.word() : q.signed(number(d, mm));
  }

  /** A length of some dimension in the other unit, with its word. */
  public String other(Dim d) {
    if (d.key().quantity() != Quantity.LENGTH) {
      return "";
    }
    Show other = new Show(unit == Unit.MM ? Unit.INCH : Unit.MM);
    return other.words(d, d.mm());
  }

  /** A verdict's numbers in a sentence; empty where it has none. */
  public String says(Verdict v) {
    // A hair over the limit would read as the limit itself.
    boolean close =
        v.limit() != 0
            && v.found() != v.limit()
            && measure(v.found(), v.unit()).equals(measure(v.limit(), v.unit()));
    return v.says((value, in) -> close ? finer(value, in) : measure(value, in));
  }

  private String finer(double value, String in) {
    return switch (in) {
      case "mm", "mm fit" -> fit(value);
      case "%", "N", "rpm", "grit", "rings" -> tenth(value) + " " + in;
      default -> Rounding.text(value, 2) + (in.isEmpty() ? "" : " " + in);
    };
  }

  /** What a verdict found, in short; empty where it has no number. */
  public String found(Verdict v) {
    return v.entry().text().says().contains("found}") ? measure(v.found(), v.unit()) : "";
  }

  /** A number in a unit of the book, with its word. */
  public String measure(double value, String in) {
    return switch (in) {
      case "mm" -> len(value);
      case "mm fit" -> fit(value);
      case "" -> tenth(value);
      case "%", "N", "rpm", "grit", "rings" -> whole(value) + " " + in;
      default -> tenth(value) + " " + in;
    };
  }

  private static String tenth(double v) {
    return Rounding.text(v, 1);
  }

  /**
   * What a hold stands: a jam's is known only between two numbers.
   *
   * @param practice how far a jam may be off what is worked out
   */
  public String stands(Allowed a, double force, Practice practice) {
    if (Double.isNaN(force)) {
      return "not known";
    }
    if (force > ENOUGH) {
      return "any cut";
    }
    return a.jam()
        ? whole(practice.of(Line.HOLD_TORQUE_LEAST) * force)
            + "–"
            + whole(practice.of(Line.HOLD_TORQUE_MOST) * force)
            + " N"
        : whole(force) + " N";
  }

  /** Beyond this nothing that a turner does at a small lathe makes a hold give way, N. */
  private static final double ENOUGH = 500;

  /** A plain number without decimals. */
  public String whole(double v) {
    return Rounding.text(v, 0);
  }

  /** The usual speeds. */
  public String rpm(Speeds s) {
    return whole(s.from()) + "–" + whole(s.to());
  }

  /** The usual speeds on a lathe: a window, or those of its steps that lie in it. */
  public String rpm(Speeds s, Lathe lathe) {
    if (lathe.steps().isEmpty()) {
      return rpm(s) + " rpm";
    }
    List<Double> within = lathe.within(s);
    return within.isEmpty()
        ? "step " + whole(lathe.atMost(s.to())) + " rpm"
        : "step " + within.stream().map(this::whole).collect(Collectors.joining(" or ")) + " rpm";
  }

  /** The usual speeds, and what is never passed. */
  public String rpmAndCeiling(Speeds s, Lathe lathe) {
    return rpm(s, lathe) + ", never above " + whole(s.ceiling());
  }

  /**
   * A stiffness, as it is felt: how far a fine cut bends the work, and the number. What is rigid
   * for a turner is not told from what is more so.
   *
   * @param k N/mm
   */
  public String stiffness(double k, Practice practice) {
    if (k >= practice.of(Line.STIFF_RIGID)) {
      return "very stiff";
    }
    double force = practice.of(Line.STIFF_FINISHING_FORCE);
    return Sentences.of("show.a-fine-cut-bends-it", fit(force / k), whole(k));
  }
}
