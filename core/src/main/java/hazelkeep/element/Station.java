package hazelkeep.element;

import hazelkeep.measure.DimKey;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A place of a side: a diameter at a height.
 *
 * @param key its diameter, as it is stated, dragged and read
 * @param drawn the diameter that the line goes through
 * @param label in the trade's words
 * @param share how high it is, as a share of the side
 * @param reads how it is read again
 * @param sign before its diameter on the drawing; empty where it does not hang there
 * @param grip whether it can be dragged
 * @param height the size of its own height; empty where the line has it at an end
 * @param bend how the line comes up to it; empty where it runs as all of the side does
 */
public record Station(
    DimKey key,
    DimKey drawn,
    String label,
    ToDoubleFunction<Lay> share,
    Reads reads,
    String sign,
    boolean grip,
    Optional<DimKey> height,
    Optional<Bend> bend) {
  /** A place of the line that is what it is called. */
  public static Station of(DimKey key, String label, ToDoubleFunction<Lay> share, Reads reads) {
    return new Station(
        key, key, label, share, reads, "⌀ " + label, true, Optional.empty(), Optional.empty());
  }

  /** The same, drawn by another size and therefore not shown. */
  public Station drawnBy(DimKey other) {
    return new Station(key, other, label, share, reads, "", grip, height, bend);
  }

  /**
   * A place with a height of its own.
   *
   * @param height over the low end
   * @param whole the size that the line is high
   */
  public static Station at(DimKey key, String label, DimKey height, DimKey whole, Reads reads) {
    return new Station(
        key,
        key,
        label,
        lay -> lay.mm(height) / lay.mm(whole),
        reads,
        "⌀ " + label,
        true,
        Optional.of(height),
        Optional.empty());
  }

  /** The same, with another sign before its diameter. */
  public Station signed(String other) {
    return new Station(key, drawn, label, share, reads, other, grip, height, bend);
  }

  /** The same, read at its own height, where what is widest or narrowest is not its own. */
  Station here() {
    boolean end = reads == Reads.FIRST || reads == Reads.LAST;
    return end ? this : new Station(key, drawn, label, share, Reads.HERE, sign, grip, height, bend);
  }

  /** The same, shown as the diameter that it is all about. */
  public Station plain() {
    return new Station(key, drawn, label, share, reads, "⌀", grip, height, bend);
  }

  /** The same, not shown where something is so. */
  public Station hiddenIf(boolean so) {
    return so ? new Station(key, drawn, label, share, reads, "", grip, height, bend) : this;
  }

  /** The same, not dragged where something is so. */
  public Station stillIf(boolean so) {
    return so ? new Station(key, drawn, label, share, reads, sign, false, height, bend) : this;
  }

  /** The same, with a line of its own up to it. */
  public Station by(Bend own) {
    return new Station(key, drawn, label, share, reads, sign, grip, height, Optional.of(own));
  }

  /** How a place's diameter is read again on what was drawn. */
  public enum Reads {
    /** Where the line begins. */
    FIRST,
    /** Where it ends. */
    LAST,
    /** The widest of it. */
    WIDEST,
    /** The narrowest of it above the place before. */
    NARROWEST,
    /** At its own height. */
    HERE
  }
}
