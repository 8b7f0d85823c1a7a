package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Unit;
import hazelkeep.measure.Verdict;
import hazelkeep.route.Aim;
import java.util.Locale;
import java.util.Set;

/**
 * Numbers as they are shown: in the unit chosen, fits finer than lengths.
 *
 * @param unit the unit chosen
 */
public record Show(Unit unit) {
  private static final Set<String> FINE = Set.of("joint.jam", "joint.clearance");

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

  /** Whether a dimension is shown as finely as a fit. */
  public static boolean fine(DimKey key, Aim aim) {
    return FINE.contains(key.path())
        || aim.joints().stream().anyMatch(j -> j.recess().equals(key) || j.spigot().equals(key));
  }

  /** A dimension's value without a word, as finely as it deserves, with its hedge. */
  public String value(Dim d, Aim aim) {
    String hedge = d.origin() == Origin.WISHED ? d.hedge().words() : "";
    return hedge + number(d.key(), d.mm(), aim);
  }

  /** A length of some dimension without a word. */
  public String number(DimKey key, double mm, Aim aim) {
    return fine(key, aim) ? unit.showFit(mm) : unit.show(mm);
  }

  /** A length of some dimension in the other unit, with its word. */
  public String other(DimKey key, double mm, Aim aim) {
    Unit o = unit == Unit.MM ? Unit.INCH : Unit.MM;
    return (fine(key, aim) ? o.showFit(mm) : o.show(mm)) + " " + o.word();
  }

  /** A verdict's number, with its limit. */
  public String numbers(Verdict v) {
    return switch (v.unit()) {
      case "mm" -> len(v.found()) + ", limit " + len(v.limit());
      case "mm fit" -> fit(v.found()) + ", limit " + fit(v.limit());
      case "" ->
          v.limit() <= 1 && v.found() <= 1
              ? ""
              : String.format(Locale.ROOT, "%.1f, limit %.1f", v.found(), v.limit());
      default ->
          String.format(
              Locale.ROOT, "%.1f %s, limit %.1f %s", v.found(), v.unit(), v.limit(), v.unit());
    };
  }

  /** A plain number without decimals. */
  public String whole(double v) {
    return String.format(Locale.ROOT, "%.0f", v);
  }
}
