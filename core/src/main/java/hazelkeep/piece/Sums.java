package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;

/**
 * Reads from a rule how its number adds up, without the rule having to say so: each size and each
 * line of Practice that it asks is moved a little, both ways, and what the number does is its
 * factor there. A rule that is no sum hereabouts (a root, a rounding, the point where two customs
 * change over) has none.
 *
 * @param <D> the design
 */
public final class Sums<D extends Design> {
  /** How far a size, or a line in parts of itself, is moved. */
  private static final double NUDGE = 1e-3;

  /** What is taken for nothing, of a second difference and of a factor. */
  private static final double NOTHING = 1e-6;

  /** Factors are shown to so many parts of one: what needs more is no sum for a pencil. */
  private static final double FINE = 1000;

  /** How far the pencil's sum may be off the number, mm: what is shown is rounded to a tenth. */
  private static final double OFF = 0.05;

  /** A sum of more terms than this is one only where they count whole, half or double. */
  private static final int FEW = 3;

  private static final Set<Double> WHOLE = Set.of(0.5, 1.0, 2.0);

  /** The unit of lines that are lengths themselves. */
  private static final String LENGTH = "mm";

  private final Dims<D> dims;

  private Sums(Dims<D> dims) {
    this.dims = dims;
  }

  /** The sums of all dimensions that were worked out from others, where they are such. */
  public static <D extends Design> Map<DimKey, Sum> of(
      Kind<D> kind, D design, Shop shop, Map<DimKey, Double> readings) {
    Dims<D> dims = Dims.done(kind.asked(design, shop), readings);
    Map<DimKey, Sum> out = new TreeMap<>();
    for (Dim d : dims.all().values()) {
      if (d.origin() != Origin.WISHED
          && d.origin() != Origin.GAVE_WAY
          && !readings.containsKey(d.key())) {
        new Sums<>(dims).sum(d).ifPresent(s -> out.put(d.key(), s));
      }
    }
    return out;
  }

  private Optional<Sum> sum(Dim d) {
    Set<Line> lines = new LinkedHashSet<>();
    double mm = Practice.noting(lines, () -> dims.again(d.key(), Map.of(), dims.shop()));
    List<Sum.Term> terms = new ArrayList<>();
    for (DimKey k : d.from()) {
      double at = dims.all().get(k).mm();
      OptionalDouble f =
          factor(mm, NUDGE, by -> dims.again(d.key(), Map.of(k, at + by), dims.shop()));
      if (f.isEmpty()) {
        return Optional.empty();
      }
      add(terms, new Sum.Term(f.getAsDouble(), Optional.of(k), Optional.empty(), at));
    }
    List<Sum.Term> customs = new ArrayList<>();
    for (Line line : lines) {
      double at = dims.custom(line);
      OptionalDouble f =
          factor(mm, NUDGE * Math.max(1, at), by -> dims.again(d.key(), Map.of(), moved(line, by)));
      if (f.isEmpty()) {
        return Optional.empty();
      }
      Sum.Term t = new Sum.Term(f.getAsDouble(), Optional.empty(), Optional.of(line), at);
      // A share or a lean is told as the factor of the size that it is of.
      if (line.text().unit().equals(LENGTH)) {
        add(customs, t);
      }
    }
    terms.addAll(customs);
    terms.sort(Comparator.comparing(t -> t.factor() < 0));
    if (terms.size() > FEW && !terms.stream().allMatch(t -> WHOLE.contains(Math.abs(t.factor())))) {
      return Optional.empty();
    }
    double told = terms.stream().mapToDouble(t -> t.factor() * t.value()).sum();
    double rest = Math.abs(mm - told) < OFF ? 0 : mm - told;
    return terms.isEmpty() ? Optional.empty() : Optional.of(new Sum(List.copyOf(terms), rest));
  }

  /** The turner's shop with one line moved; as it is where the line can't be so. */
  private Shop moved(Line line, double by) {
    Shop shop = dims.shop();
    double to = shop.custom(line) + by;
    return to >= line.text().least() && to <= line.text().most()
        ? shop.with(shop.practice().with(line, OptionalDouble.of(to)))
        : shop;
  }

  private static void add(List<Sum.Term> terms, Sum.Term t) {
    if (t.factor() != 0) {
      terms.add(t);
    }
  }

  /** How often a number goes with what is moved; empty where it does not go evenly. */
  private static OptionalDouble factor(double mm, double by, DoubleUnaryOperator then) {
    double up = (then.applyAsDouble(by) - mm) / by;
    double down = (mm - then.applyAsDouble(-by)) / by;
    double factor = Math.round((up + down) / 2 * FINE) / FINE;
    return Math.abs(up - down) > NOTHING * FINE || Math.abs(up - factor) > NOTHING * FINE
        ? OptionalDouble.empty()
        : OptionalDouble.of(factor);
  }
}
