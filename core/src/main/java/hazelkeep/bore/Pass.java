package hazelkeep.bore;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Extension;
import java.util.Optional;

/**
 * One bit brought to one depth.
 *
 * @param bit the bit
 * @param wanted the diameter that is wanted there, mm
 * @param depth from the mouth to the bit's full diameter, mm
 * @param extension what it is lengthened by
 * @param chuckFollows whether the drill chuck goes into the bore behind it
 * @param practice what the turner goes by
 */
public record Pass(
    Bit bit,
    double wanted,
    double depth,
    Optional<Extension> extension,
    boolean chuckFollows,
    Practice practice) {
  /** How deep the point goes, mm. */
  public double point() {
    return depth + bit.tip();
  }

  /** By how much a side the hole is opened with a tool, mm; 0 with the very bit. */
  public double open() {
    double o = (wanted - bit.diameter()) / 2;
    return o <= practice.of(Line.BORE_SAME_SIZE) / 2 ? 0 : o;
  }

  /**
   * How deep the bit goes before it gets its extension, mm: as far as it reaches, less the room in
   * front of what holds it; the whole depth without one.
   */
  public double unextended() {
    return extension.isEmpty()
        ? depth
        : Math.max(0, Math.min(depth, bit.reach() - practice.of(Line.BORE_STAND_OFF)));
  }

  /** After how much the chips are cleared, mm. */
  public double chips() {
    return Math.min(practice.of(Line.BORE_CHIPS), bit.diameter());
  }

  /** How often they are cleared. */
  public int strokes() {
    return (int) Math.ceil(depth / chips() - 1e-9);
  }

  /** How far its end may lie off the axis, mm (common practice, until a log of readings says). */
  public double drift() {
    return driftAt(depth);
  }

  /** How far its axis may lie off at a depth, mm. */
  public double driftAt(double at) {
    double straight =
        extension.isPresent()
            ? unextended()
            : practice.of(Line.BORE_DRIFT_DIAMETERS) * bit.diameter();
    double share = bit.own().drift().map(d -> d / HUNDRED).orElse(practice.of(Line.BORE_DRIFT));
    return share * Math.max(0, Math.min(depth, at) - straight);
  }

  /** The length of bore that a bit's own drift is told for, mm. */
  private static final double HUNDRED = 100;

  /** How often its chips are cleared: once, twice, 5 times. */
  public String often() {
    int n = strokes();
    return n == 1 ? "once" : n == 2 ? "twice" : n + " times";
  }
}
