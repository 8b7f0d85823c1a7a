package hazelkeep.shop;

import hazelkeep.measure.Unit;

/** What an item of the shop can be, told in plain words. */
final class Checks {
  private static final int NAME_MOST = 60;

  private Checks() {}

  static String name(String name) {
    String t = name == null ? "" : name.strip();
    if (t.isEmpty() || t.length() > NAME_MOST || t.chars().anyMatch(Character::isISOControl)) {
      throw new IllegalArgumentException("Give it a name of 1 to " + NAME_MOST + " letters.");
    }
    return t;
  }

  static double mm(String what, double mm, double least, double most) {
    if (!(mm >= least && mm <= most)) {
      throw new IllegalArgumentException(
          what + " lies between " + both(least) + " and " + both(most) + "; this is " + both(mm));
    }
    return mm;
  }

  static double plain(String what, double v, double least, double most, String unit) {
    if (!(v >= least && v <= most)) {
      throw new IllegalArgumentException(
          what
              + " lies between "
              + number(least)
              + " and "
              + number(most)
              + unit
              + "; this is "
              + number(v)
              + unit);
    }
    return v;
  }

  static void rises(String what, double from, double to) {
    if (!(from < to)) {
      throw new IllegalArgumentException(
          what
              + " runs from the smaller to the larger diameter; "
              + both(from)
              + " to "
              + both(to)
              + " is upside down");
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
