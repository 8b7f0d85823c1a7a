package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Wording;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What sizes must hold of one another for a piece to be drawn at all. */
public final class Sane {
  private final Map<DimKey, Dim> dims;
  private final Optional<Map<String, Double>> over;

  private Sane(Map<DimKey, Dim> dims, Optional<Map<String, Double>> over) {
    this.dims = dims;
    this.over = over;
  }

  /** Of a design's dimensions: the first that does not hold is refused. */
  public Sane(Map<DimKey, Dim> dims) {
    this(dims, Optional.empty());
  }

  /**
   * Of a design's dimensions, refusing nothing.
   *
   * @param over where it is noted by how much each size is over its limit, mm; below 0 where it
   *     holds
   */
  public static Sane noting(Map<DimKey, Dim> dims, Map<String, Double> over) {
    return new Sane(dims, Optional.of(over));
  }

  /**
   * One size stays below another.
   *
   * @throws BadDesign when it does not
   */
  public Sane below(DimKey in, DimKey out) {
    return size(in).below(mm(out), name(out), out);
  }

  /**
   * What is bored in steps goes on narrower and deeper.
   *
   * @param steps diameter and depth of each, the widest first
   * @throws BadDesign when one does not
   */
  public Sane steps(List<Map.Entry<DimKey, DimKey>> steps) {
    for (int i = 1; i < steps.size(); i++) {
      below(steps.get(i).getKey(), steps.get(i - 1).getKey());
      below(steps.get(i - 1).getValue(), steps.get(i).getValue());
    }
    return this;
  }

  /** A size that has to stay below something. */
  public Sized size(DimKey key) {
    return new Sized(key, "", 0);
  }

  /** A size, and what comes on top of it. */
  public final class Sized {
    private final DimKey key;
    private final String with;
    private final double more;

    private Sized(DimKey key, String with, double more) {
      this.key = key;
      this.with = with;
      this.more = more;
    }

    /** The same with something on top of it: a bit's point, a flare. */
    public Sized with(String what, double mm) {
      return new Sized(key, what, mm);
    }

    /**
     * It stays below another size.
     *
     * @param from what besides those two decides
     * @throws BadDesign when it does not
     */
    public Sane below(DimKey out, DimKey from) {
      return below(mm(out), name(out), out, from);
    }

    /**
     * It stays below a limit.
     *
     * @param limit mm
     * @param what the limit's name in a sentence
     * @param from the sizes that the limit follows from
     * @throws BadDesign when it does not
     */
    public Sane below(double limit, String what, DimKey... from) {
      double by = mm(key) + more - limit;
      over.ifPresent(o -> o.put(key + " < " + what, by));
      if (by >= 0 && over.isEmpty()) {
        throw new BadDesign(
            blamed(key, List.of(from)),
            Wording.of(
                "sane.is-it-has-to-stay",
                dims.get(key).label(),
                Dims.both(mm(key)),
                more == 0 ? "" : ", with " + with + " " + Dims.both(mm(key) + more),
                what,
                Dims.both(limit)));
      }
      return Sane.this;
    }
  }

  /** The size to blame: of those that decide, one that was stated. */
  private DimKey blamed(DimKey first, Collection<DimKey> from) {
    if (wished(first)) {
      return first;
    }
    Optional<DimKey> stated = from.stream().filter(this::wished).findFirst();
    return stated.or(() -> roots(dims, concat(first, from)).stream().findFirst()).orElse(first);
  }

  private static Set<DimKey> concat(DimKey first, Collection<DimKey> from) {
    Set<DimKey> out = new HashSet<>(Arrays.asList(first));
    out.addAll(from);
    return out;
  }

  private boolean wished(DimKey key) {
    return dims.containsKey(key) && dims.get(key).origin() == Origin.WISHED;
  }

  /** The stated sizes that some sizes follow from, nearest first. */
  static Set<DimKey> roots(Map<DimKey, Dim> dims, Set<DimKey> of) {
    Set<DimKey> out = new java.util.LinkedHashSet<>();
    Set<DimKey> seen = new HashSet<>();
    Deque<DimKey> open = new ArrayDeque<>(of);
    while (!open.isEmpty()) {
      DimKey key = open.poll();
      Dim d = dims.get(key);
      if (d == null || !seen.add(key)) {
        continue;
      }
      if (d.origin() == Origin.WISHED) {
        out.add(key);
      }
      open.addAll(d.from());
    }
    return out;
  }

  private String name(DimKey key) {
    return dims.get(key).label().toLowerCase(Locale.ROOT);
  }

  private double mm(DimKey key) {
    return dims.get(key).mm();
  }
}
