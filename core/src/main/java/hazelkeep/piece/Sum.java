package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.Optional;

/**
 * How a number adds up: {@code sum of factor x value, and the rest}.
 *
 * <p>Example: 64 = 96 - 32 is the terms (1, height, 96) and (-1, lid, 32) with no rest.
 *
 * @param terms what it is made of, in the order in which its rule asks
 * @param rest what no other size and no line of Practice accounts for, mm: of the tool, the
 *     content, the wood
 */
public record Sum(List<Term> terms, double rest) {
  /**
   * One term.
   *
   * @param factor what it counts times
   * @param size the size that it is; empty for a line of Practice
   * @param line the line of Practice that it is; empty for a size
   * @param value of the size or the line, in its unit
   */
  public record Term(double factor, Optional<DimKey> size, Optional<Line> line, double value) {}

  /** What it adds up to, mm. */
  public double mm() {
    return rest + terms.stream().mapToDouble(t -> t.factor() * t.value()).sum();
  }
}
