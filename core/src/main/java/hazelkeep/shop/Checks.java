package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.measure.Wording;

/** What an item of the shop can be, told in plain words. */
final class Checks {
  private static final int NAME_MOST = 60;

  private Checks() {}

  static String name(String name) {
    String t = name == null ? "" : name.strip();
    if (t.isEmpty() || t.length() > NAME_MOST || t.chars().anyMatch(Character::isISOControl)) {
      throw new Refused(Wording.of("checks.give-it-a-name-of", NAME_MOST));
    }
    return t;
  }

  static double mm(String what, double mm, double least, double most) {
    if (!(mm >= least && mm <= most)) {
      throw new Refused(
          Wording.of("checks.lies-between-and-this-is", what, both(least), both(most), both(mm)));
    }
    return mm;
  }

  static double plain(String what, double v, double least, double most, String unit) {
    if (!(v >= least && v <= most)) {
      throw new Refused(
          Wording.of(
              "checks.lies-between-and-this-is-2",
              what,
              number(least),
              number(most),
              unit,
              number(v)));
    }
    return v;
  }

  static void rises(String what, double from, double to) {
    if (!(from < to)) {
      throw new Refused(Wording.of("checks.runs-from-the-smaller-to", what, both(from), both(to)));
    }
  }

  private static String both(double mm) {
    return Double.isFinite(mm)
        ? Unit.MM.show(mm) + " mm (" + Unit.INCH.show(mm) + " in)"
        : "no number";
  }

  private static String number(double v) {
    return v == Math.rint(v) && Math.abs(v) < 1e9 ? Long.toString((long) v) : Double.toString(v);
  }
}
