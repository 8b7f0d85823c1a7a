package hazelkeep.practice;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Optional;

/**
 * The turner's own bounds of a size: what may be typed for it on every piece that has it. The usual
 * ones say over which sizes the plans were tried out, and keep slips of the hand out.
 *
 * @param name of the size: {@code outside.height}; of what is added without its number: {@code
 *     bead.wide}
 * @param least smallest value taken, mm; empty for the usual one
 * @param most largest value taken, mm; empty for the usual one
 */
public record Bound(String name, Optional<Double> least, Optional<Double> most) {
  /** No size is smaller, mm: a clearance may lie a little below nothing. */
  private static final double LEAST = -1;

  /** No size is larger, mm: the longest lathe beds that hold such work. */
  private static final double MOST = 2_000;

  private static final int LONGEST = 60;

  /**
   * @throws Refused when it makes no sense, saying what would be accepted
   */
  public Bound {
    least = least == null ? Optional.empty() : least;
    most = most == null ? Optional.empty() : most;
    if (name == null || name.isBlank() || name.length() > LONGEST) {
      throw new Refused(Wording.of("bound.a-bound-is-that-of"));
    }
    sane(name, least);
    sane(name, most);
    if (least.isEmpty() && most.isEmpty()) {
      throw new Refused(Wording.of("bound.the-bound-of-says-nothing", name));
    }
    if (least.isPresent() && most.isPresent() && least.get() >= most.get()) {
      throw new Refused(
          Wording.of(
              "bound.the-least-that-is-taken",
              name,
              Custom.plain(least.get()),
              Custom.plain(most.get())));
    }
  }

  private static void sane(String name, Optional<Double> mm) {
    if (mm.isPresent() && !(mm.get() >= LEAST && mm.get() <= MOST)) {
      throw new Refused(
          Wording.of(
              "bound.a-bound-of-lies-between",
              name,
              Custom.plain(LEAST),
              Custom.plain(MOST),
              Custom.plain(mm.get())));
    }
  }

  /** The least that is taken where usually another is, mm. */
  public double least(double usual) {
    return least.orElse(usual);
  }

  /** The most that is taken where usually another is, mm. */
  public double most(double usual) {
    return most.orElse(usual);
  }

  /** Whether anything is left between it and the usual one. */
  public boolean leaves(double usualLeast, double usualMost) {
    return least(usualLeast) < most(usualMost);
  }
}
