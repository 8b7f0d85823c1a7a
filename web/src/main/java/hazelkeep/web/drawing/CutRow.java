package hazelkeep.web.drawing;

import hazelkeep.setout.Cut;
import hazelkeep.setout.Figure;
import hazelkeep.setout.Pass;
import java.util.List;
import java.util.Optional;

/**
 * One line of a step's setting out, as it is read.
 *
 * @param no its number in the step, from 1
 * @param what what it makes
 * @param says its numbers in a line
 * @param places the places of a curve, each with its diameter; empty for all that a line says
 * @param big the number that matters most
 * @param pass the line that it is part of; empty for what comes off the end
 * @param cut its stretch; empty for what comes off the end
 */
public record CutRow(
    int no,
    String what,
    String says,
    List<Place> places,
    Big big,
    Optional<Pass> pass,
    Optional<Cut> cut) {
  /**
   * A place of a curve.
   *
   * @param from where, shown
   * @param across how wide, shown
   */
  public record Place(String from, String across) {}

  /**
   * A number to read across the workshop.
   *
   * @param shows what the device shows
   * @param words what it is, and in what unit
   * @param truth the true length where that is another number; else empty
   * @param fine what will do, as the device shows it
   */
  public record Big(String shows, String words, String truth, String fine) {
    /** Of a figure, as its device shows it. */
    static Big of(Figure f, String words, Show show) {
      double shown = f.gauge().shows(f.mm());
      boolean dead = f.gauge().dead() != 0;
      return new Big(
          number(f, shown, show),
          show.unit().word()
              + " "
              + words
              + (dead ? ", as the " + f.gauge().name() + " shows it" : ""),
          dead ? "true length " + show.len(f.mm()) : "",
          number(f, Math.max(0, shown - f.within()), show)
              + " to "
              + number(f, shown + f.within(), show)
              + " is fine");
    }

    /** A number of a figure, as finely as it is cut. */
    static String number(Figure f, double mm, Show show) {
      return f.fine() ? show.unit().showFit(mm) : show.bare(mm);
    }
  }
}
