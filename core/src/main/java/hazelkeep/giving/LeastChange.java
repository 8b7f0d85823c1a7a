package hazelkeep.giving;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * The least change of customary values with which linear limits hold, the least firm first: a
 * lexicographic linear programme.
 *
 * <p>With {@code x[i] = c[i] + p[i] - m[i]}, {@code p, m >= 0}, what counts of a size is {@code
 * (p[i] + m[i]) / max(1, |c[i]|)}, by how much of itself it moves. Of the firmest sizes the
 * furthest move is made least first, then the sum of their moves; with both kept, those of the next
 * firm, and so on. So a size moves only as far as those that are less firm cannot make up for;
 * sizes as firm as one another keep their proportions, and one that does not help stays.
 *
 * <p>Example: foot 53 (firm 2) and recess 54 (firm 5) shall leave 9 on either side, {@code recess -
 * foot <= -18}: the foot becomes 72, the recess stays.
 */
final class LeastChange {
  /** What a firmer sum may grow by when the next is made least, in parts of itself. */
  private static final double KEPT = 1e-9;

  /** Pivots of one programme: many times what a hundred sizes need. */
  private static final int PIVOTS = 20_000;

  private LeastChange() {}

  /**
   * A size that may move.
   *
   * @param custom where it is when nothing moves it, mm
   * @param least smallest it may become, mm
   * @param most largest it may become, mm
   * @param firm how firmly it is kept; the higher, the later it moves
   */
  record Unknown(double custom, double least, double most, double firm) {}

  /**
   * A limit on all of them: {@code sum of by[i] x[i] <= most}.
   *
   * @param by the factors, one for each unknown
   * @param most what the sum may come to
   */
  record Limit(double[] by, double most) {}

  /** The values with which all limits hold; empty where none do. */
  static Optional<double[]> of(List<Unknown> unknowns, List<Limit> limits) {
    int n = unknowns.size();
    List<LinearConstraint> all = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      Unknown u = unknowns.get(i);
      all.add(atMost(row(n, 2 * i, 1), Math.max(0, u.most() - u.custom())));
      all.add(atMost(row(n, 2 * i + 1, 1), Math.max(0, u.custom() - u.least())));
    }
    limits.forEach(l -> all.add(limit(l, unknowns)));
    List<Double> tiers =
        unknowns.stream().map(Unknown::firm).distinct().sorted(Comparator.reverseOrder()).toList();
    double[] at = new double[2 * n + 1];
    try {
      for (double tier : tiers) {
        at = least(furthest(unknowns, tier, all), all);
        at = least(sum(unknowns, tier), all);
      }
    } catch (MathIllegalStateException e) {
      return Optional.empty();
    }
    double[] out = new double[n];
    for (int i = 0; i < n; i++) {
      out[i] = unknowns.get(i).custom() + at[2 * i] - at[2 * i + 1];
    }
    return Optional.of(out);
  }

  /** Makes a sum least, and keeps it so from then on. */
  private static double[] least(double[] sum, List<LinearConstraint> all) {
    PointValuePair found =
        new SimplexSolver()
            .optimize(
                new MaxIter(PIVOTS),
                new LinearObjectiveFunction(sum, 0),
                new LinearConstraintSet(all),
                GoalType.MINIMIZE,
                new NonNegativeConstraint(true));
    all.add(atMost(sum, found.getValue() + KEPT * (1 + found.getValue())));
    return found.getPoint();
  }

  /** The furthest that any size of a firmness moves, as a variable of its own, the last. */
  private static double[] furthest(
      List<Unknown> unknowns, double firm, List<LinearConstraint> all) {
    int n = unknowns.size();
    // It bounds those of this firmness alone: those before are kept by their own sums.
    all.removeIf(c -> c.getCoefficients().getEntry(2 * n) != 0);
    for (int i = 0; i < n; i++) {
      if (unknowns.get(i).firm() == firm) {
        double[] row = row(n, 2 * n, -1);
        row[2 * i] = one(unknowns.get(i));
        row[2 * i + 1] = row[2 * i];
        all.add(atMost(row, 0));
      }
    }
    return row(n, 2 * n, 1);
  }

  private static double[] sum(List<Unknown> unknowns, double firm) {
    double[] out = new double[2 * unknowns.size() + 1];
    for (int i = 0; i < unknowns.size(); i++) {
      if (unknowns.get(i).firm() == firm) {
        out[2 * i] = one(unknowns.get(i));
        out[2 * i + 1] = out[2 * i];
      }
    }
    return out;
  }

  /** What a millimetre counts of a size. */
  private static double one(Unknown u) {
    return share(u.custom(), 1);
  }

  /** By how much of itself a size moves; one below 1 mm counts as 1. */
  static double share(double custom, double by) {
    return Math.abs(by) / Math.max(1, Math.abs(custom));
  }

  private static double[] row(int unknowns, int at, double value) {
    double[] out = new double[2 * unknowns + 1];
    out[at] = value;
    return out;
  }

  private static LinearConstraint atMost(double[] row, double most) {
    return new LinearConstraint(row, Relationship.LEQ, most);
  }

  private static LinearConstraint limit(Limit l, List<Unknown> unknowns) {
    double[] by = new double[2 * unknowns.size() + 1];
    double most = l.most();
    for (int i = 0; i < unknowns.size(); i++) {
      by[2 * i] = l.by()[i];
      by[2 * i + 1] = -l.by()[i];
      most -= l.by()[i] * unknowns.get(i).custom();
    }
    return atMost(by, most);
  }
}
