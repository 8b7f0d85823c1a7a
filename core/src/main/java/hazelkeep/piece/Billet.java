package hazelkeep.piece;

import hazelkeep.solid.Span;

/**
 * A blank as it is fetched and sawn, before anything is turned.
 *
 * @param part the part that it is for; empty where all comes off one blank
 * @param along where it lies, mm
 * @param need how much of its length is needed, mm
 * @param across its diameter, or the side of a square, mm
 * @param section its cross section
 * @param wood its wood's common name
 */
public record Billet(
    String part, Span along, double need, double across, Section section, String wood) {
  /** What a blank looks like from its end. */
  public enum Section {
    /** Turned round, or sawn and the corners taken off. */
    ROUND,
    /** Sawn square. */
    SQUARE,
    /** As it grew: out of round, or in its bark. */
    LIMB
  }

  /** How long it is, mm. */
  public double length() {
    return along.length();
  }

  /** The section of a blank as it was stated. */
  static Section section(Blank b) {
    if (b.square()) {
      return Section.SQUARE;
    }
    return b.slim().isPresent() || b.thick() > 0 ? Section.LIMB : Section.ROUND;
  }
}
