package hazelkeep.hold;

import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Span;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A jaw set for a place of the work.
 *
 * @param jaws the set
 * @param diameter what it is to hold: a root, a rim, a recess, mm
 * @param range what it can hold there, mm; empty when it can't at all
 * @param miss by how much it misses a full bite, mm; 0 where it opens
 * @param lines on how many lines it bites; 0 for all round
 */
public record JawChoice(
    JawSet jaws, double diameter, Optional<Span> range, double miss, int lines) {
  /** Whether it can hold it. */
  public boolean fits() {
    return range.filter(r -> r.holds(diameter)).isPresent();
  }

  /**
   * The jaw sets for what a grip holds, best first: those that fit, nearest to their true circle.
   */
  public static List<JawChoice> ranked(InJaws grip, Work work, Shop shop) {
    double d = grip.support(work).diameter();
    boolean opens = grip instanceof Expand;
    return shop.jaws().stream()
        .filter(j -> opens || grip instanceof Around || j.forTenons())
        .map(
            j ->
                new JawChoice(
                    j,
                    d,
                    opens ? j.expand() : Optional.of(j.squeeze()),
                    opens || d <= 0 ? 0 : j.miss(d),
                    opens || d <= 0 ? 0 : j.lines(d, work.practice())))
        .sorted(
            Comparator.comparing((JawChoice c) -> !c.fits())
                .thenComparingDouble(c -> Math.abs(c.jaws.trueCircle() - d)))
        .toList();
  }
}
