package hazelkeep.closing;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.season.Coat;

/**
 * What a turner says of the air and the wood of a joint.
 *
 * @param home the climate that the piece will live in, by its name
 * @param workshop the climate that it is turned in
 * @param south whether both lie south of the equator, half a year off
 * @param moisture of the wood today, %; 0 for what the workshop's air makes it
 * @param turned how far the spigot's grain is turned from the recess's, degrees
 * @param spigotWood the wood of the half with the spigot; empty for that of the blank
 * @param pith how far the pith lies from the axis, mm; 0 for far away
 * @param coat what is put on it
 * @param sealed whether a finish inside closes the end grain to the air
 */
public record YearWish(
    String home,
    String workshop,
    boolean south,
    double moisture,
    double turned,
    String spigotWood,
    double pith,
    Coat coat,
    boolean sealed) {
  /** What is taken until the turner says otherwise. */
  public static final YearWish USUAL =
      new YearWish(
          "Heated home, mild winters",
          "Workshop with a stove",
          false,
          0,
          0,
          "",
          0,
          Coat.OIL,
          false);

  private static final double WETTEST = 60;
  private static final double TURN = 180;
  private static final double FAR = 2000;

  /**
   * @throws Refused when a number makes no sense, saying what would
   */
  public YearWish {
    home = home == null || home.isBlank() ? "Heated home, mild winters" : home;
    workshop = workshop == null || workshop.isBlank() ? "Workshop with a stove" : workshop;
    spigotWood = spigotWood == null ? "" : spigotWood.strip();
    coat = coat == null ? Coat.OIL : coat;
    check("Moisture", moisture, WETTEST, "%");
    check("The grain of the spigot", turned, TURN, "degrees");
    check("The pith's distance", pith, FAR, "mm");
  }

  private static void check(String what, double v, double most, String unit) {
    if (!(v >= 0 && v <= most)) {
      throw new Refused(Wording.of("yearWish.lies-between-0-and", what, Math.round(most), unit));
    }
  }
}
