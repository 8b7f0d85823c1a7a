package hazelkeep.web.drawing;

import hazelkeep.hold.Allowed;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Unit;
import hazelkeep.measure.Verdict;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Speeds;
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
    return hedge + number(d, d.mm());
  }

  /** A length of some dimension without a word. */
  public String number(Dim d, double mm) {
    return d.fit() ? unit.showFit(mm) : unit.show(mm);
  }

  /** A length of some dimension with its unit's word. */
  public String words(Dim d, double mm) {
    return number(d, mm) + " " + unit.word();
  }

  /** A length of some dimension in the other unit, with its word. */
  public String other(Dim d) {
    Show other = new Show(unit == Unit.MM ? Unit.INCH : Unit.MM);
    return other.words(d, d.mm());
  }

  /** A verdict's number, with its limit. */
  public String numbers(Verdict v) {
    return switch (v.unit()) {
      case "mm" -> {
        // A hair over the limit would read as the limit itself.
        boolean close = bare(v.found()).equals(bare(v.limit()));
        yield close ? fits(v) : len(v.found()) + ", limit " + len(v.limit());
      }
      case "mm fit" -> fits(v);
      case "mm drawn" -> len(v.found()) + " drawn, " + len(v.limit()) + " said";
      case "mm fit drawn" -> fit(v.found()) + " drawn, " + fit(v.limit()) + " said";
      case "mm stated" -> len(v.found()) + " stated, " + len(v.limit()) + " without";
      case "mm along" -> len(v.found()) + " of the height";
      case "mm thick" -> len(v.found()) + " thick";
      case "grit" ->
          whole(v.found()) + " grit" + (v.limit() > 0 ? ", limit " + whole(v.limit()) : "");
      case "" ->
          v.limit() <= 1 && v.found() <= 1 ? "" : tenth(v.found()) + ", limit " + tenth(v.limit());
      default -> tenth(v.found()) + " " + v.unit() + ", limit " + tenth(v.limit()) + " " + v.unit();
    };
  }

  private static String tenth(double v) {
    return Rounding.text(v, 1);
  }

  private String fits(Verdict v) {
    return fit(v.found()) + ", limit " + fit(v.limit());
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

  /** A stiffness: what is rigid for a turner is shown as more than that. */
  public String stiffness(double k, Practice practice) {
    double rigid = practice.of(Line.STIFF_RIGID);
    return k >= rigid ? "> " + whole(rigid) + " N/mm" : whole(k) + " N/mm";
  }
}
