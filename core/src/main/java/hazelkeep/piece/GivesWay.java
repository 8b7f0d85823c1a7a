package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solve.LeastChange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * Finds which customs give way to what was stated, where with the customs as they are a design
 * can't be drawn or would stop by its geometry.
 *
 * <p>What lacks is a number each ({@link Trial}). Every custom that may move ({@link Firm}) is
 * moved a little and what each lack does is its factor; the least change with which by those
 * factors nothing lacks ({@link LeastChange}) is drawn, and where something still lacks, it is done
 * again from there. What is drawn decides: a change is taken only when nothing lacks on its
 * section.
 *
 * @param <D> the design
 */
final class GivesWay<D extends Design> {
  /** By how much a custom is moved to see what sizes say of one another, mm. */
  private static final double NUDGE = 0.05;

  /** The same to see what is drawn, which is known to a hundredth, mm. */
  private static final double DRAWN = 0.5;

  /** What is taken for nothing, of a factor. */
  private static final double NOTHING = 0.02;

  /** What a size is moved at least below what it has to stay below, mm. */
  private static final double ROOM = 0.1;

  /** What holds by less does not hold, mm. */
  private static final double HAIR = 1e-9;

  /** How often it is gone on from what was drawn. */
  private static final int ROUNDS = 8;

  /** So many bits further from what would do are tried. */
  private static final int BITS = 3;

  /** Moved sizes are round in these, mm, the first with which nothing lacks. */
  private static final List<Double> ROUND = List.of(1.0, 0.5, 0.1);

  private final Trial<D> trial;
  private final Map<DimKey, Dim> customs;
  private final List<Rule<D>> movable;
  private final double times;
  private final Map<DimKey, Double> pinned;

  private GivesWay(
      Trial<D> trial, Map<DimKey, Dim> customs, double times, Map<DimKey, Double> pinned) {
    this.trial = trial;
    this.customs = customs;
    this.times = times;
    this.pinned = pinned;
    this.movable = trial.rules().stream().filter(this::moves).toList();
  }

  /** What gives way in a design. */
  static <D extends Design> Settled<D> of(Kind<D> kind, D design, Shop shop) {
    Trial<D> trial = new Trial<>(kind, design, shop);
    Optional<Sketch<D>> plain = trial.drawn(Map.of());
    if (plain.filter(s -> !Trial.stops(s)).isPresent()) {
      return new Settled<>(Gave.NONE, plain);
    }
    Gave gave = trial.dims().map(customs -> found(trial, customs)).orElse(Gave.NONE);
    return new Settled<>(gave, plain);
  }

  private static <D extends Design> Gave found(Trial<D> trial, Map<DimKey, Dim> customs) {
    double few = trial.shop().custom(Line.ADVICE_FACTOR);
    for (double times : List.of(few, few * few, few * few * few)) {
      Optional<Map<DimKey, Double>> to =
          new GivesWay<>(trial, customs, times, Map.of())
              .bitted()
              .or(() -> new GivesWay<>(trial.stopsOnly(), customs, times, Map.of()).bitted());
      if (to.isPresent()) {
        List<Gave.Moved> moved = new ArrayList<>();
        to.get()
            .forEach(
                (k, mm) -> {
                  Dim was = customs.get(k);
                  moved.add(new Gave.Moved(k, was.label(), was.mm(), mm));
                });
        return new Gave(moved, trial.because());
      }
    }
    return Gave.NONE;
  }

  /**
   * Whether a size is a custom that may give way: neither stated nor the other side of a stated.
   */
  private boolean moves(Rule<D> rule) {
    Dim d = customs.get(rule.key());
    if (!Firm.moves(rule.key(), d.origin() == Origin.DERIVED) || d.origin() == Origin.WISHED) {
      return false;
    }
    D with = trial.kind().size(trial.design(), rule.key(), Optional.of(Size.mm(d.mm())));
    return with.sizes().keySet().containsAll(trial.design().sizes().keySet());
  }

  /** A solution in which a size that is a bit's by custom is a bit's still. */
  private Optional<Map<DimKey, Double>> bitted() {
    Optional<Map<DimKey, Double>> found = solved();
    Optional<DimKey> off =
        found.flatMap(
            f ->
                f.keySet().stream()
                    .filter(k -> !pinned.containsKey(k) && bit(customs.get(k).mm()))
                    .findFirst());
    if (off.isEmpty()) {
      return found;
    }
    for (double bit : further(off.get(), found.get().get(off.get()))) {
      Map<DimKey, Double> pins = new LinkedHashMap<>(pinned);
      pins.put(off.get(), bit);
      Optional<Map<DimKey, Double>> then = new GivesWay<>(trial, customs, times, pins).bitted();
      if (then.isPresent()) {
        return then;
      }
    }
    return Optional.empty();
  }

  private boolean bit(double mm) {
    return trial.shop().bits().stream().anyMatch(b -> Math.abs(b.diameter() - mm) < HAIR);
  }

  /** The bits next to a size, further from its custom. */
  private List<Double> further(DimKey key, double mm) {
    boolean less = mm < customs.get(key).mm();
    return trial.shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH)
        .map(Bit::diameter)
        .filter(b -> less ? b <= mm : b >= mm)
        .distinct()
        .sorted(less ? Comparator.reverseOrder() : Comparator.naturalOrder())
        .limit(BITS)
        .toList();
  }

  private Optional<Map<DimKey, Double>> solved() {
    Map<DimKey, Double> at = pinned;
    Map<String, LeastChange.Limit> limits = new LinkedHashMap<>();
    for (int round = 0; round < ROUNDS; round++) {
      Trial.Lacks lacks = trial.lacks(at, true);
      if (Boolean.getBoolean("dbg"))
        System.out.println(
            "   DBG round "
                + round
                + " times "
                + times
                + " pins "
                + pinned
                + " at "
                + at
                + " lacks "
                + lacks.by().entrySet().stream().filter(e -> e.getValue() >= 0).toList()
                + lacks.can());
      if (lacks.none()) {
        return Optional.of(at).filter(a -> !a.isEmpty());
      }
      if (!linear(lacks, at, limits)) {
        return Optional.empty();
      }
      Optional<double[]> found = LeastChange.of(unknowns(), List.copyOf(limits.values()));
      if (found.isEmpty()) {
        if (Boolean.getBoolean("dbg")) System.out.println("   DBG infeasible times " + times);
        return Optional.empty();
      }
      Map<DimKey, Double> next = rounded(found.get());
      if (next.equals(at)) {
        return Optional.empty();
      }
      at = next;
    }
    return Optional.empty();
  }

  private List<LeastChange.Unknown> unknowns() {
    return movable.stream().map(this::unknown).toList();
  }

  private LeastChange.Unknown unknown(Rule<D> r) {
    double firm = trial.shop().custom(Firm.of(r.key()));
    Double pin = pinned.get(r.key());
    if (pin != null) {
      return new LeastChange.Unknown(pin, pin, pin, firm);
    }
    double mm = customs.get(r.key()).mm();
    return new LeastChange.Unknown(
        mm, Math.max(r.least(), mm / times), Math.min(r.most(), mm * times), firm);
  }

  /** Limits by what each lack does when a custom moves; false where nothing moves one. */
  private boolean linear(
      Trial.Lacks now, Map<DimKey, Double> at, Map<String, LeastChange.Limit> limits) {
    double nudge = now.drawn() ? DRAWN : NUDGE;
    List<Ask> asks =
        movable.stream().map(r -> new Ask(now, nudge, by -> moved(at, r.key(), by))).toList();
    for (Map.Entry<String, Double> lack : now.by().entrySet()) {
      double[] by = new double[movable.size()];
      double over = lack.getValue();
      // What holds by a hair may go on to.
      double most = Math.max(-ROOM, Math.min(-HAIR, over)) - over;
      boolean any = false;
      for (int i = 0; i < by.length; i++) {
        by[i] = pinned.containsKey(movable.get(i).key()) ? 0 : asks.get(i).factor(lack);
        any |= by[i] != 0;
        most += by[i] * mm(at, movable.get(i).key());
      }
      if (any) {
        limits.put(lack.getKey(), new LeastChange.Limit(by, most));
      } else if (over >= 0) {
        if (Boolean.getBoolean("dbg"))
          System.out.println(
              "   DBG no factor: "
                  + lack
                  + " drawn "
                  + now.drawn()
                  + " movable "
                  + movable.stream().map(r -> r.key().path()).toList());
        return false;
      }
    }
    return true;
  }

  /**
   * What lacks when one size is moved either way.
   *
   * @param now what lacks as it is
   * @param nudge how far it is moved, mm
   * @param moved the sizes with it moved by so much
   */
  private final class Ask {
    private final Trial.Lacks now;
    private final double nudge;
    private final DoubleFunction<Map<DimKey, Double>> moved;

    private Ask(Trial.Lacks now, double nudge, DoubleFunction<Map<DimKey, Double>> moved) {
      this.now = now;
      this.nudge = nudge;
      this.moved = moved;
    }

    /**
     * By how much a lack grows with the size: from where it is still told, the larger side first. A
     * small one that is told on neither side goes with the side on which all else can be drawn.
     */
    private double factor(Map.Entry<String, Double> lack) {
      double gone = 0;
      for (double by : new double[] {nudge, -nudge}) {
        Trial.Lacks then = trial.lacks(moved.apply(by), now.drawn());
        Double told = then.like(now) ? then.by().get(lack.getKey()) : null;
        if (told != null) {
          double factor = (told - lack.getValue()) / by;
          return Math.abs(factor) > NOTHING ? factor : 0;
        }
        if (then.like(now) && lack.getValue() < nudge) {
          gone = -Math.signum(by);
        }
      }
      return gone;
    }
  }

  private double mm(Map<DimKey, Double> at, DimKey key) {
    return at.getOrDefault(key, customs.get(key).mm());
  }

  private Map<DimKey, Double> moved(Map<DimKey, Double> at, DimKey key, double by) {
    Map<DimKey, Double> out = new LinkedHashMap<>(at);
    out.put(key, mm(at, key) + by);
    return out;
  }

  /** What moved, in round numbers further from its custom where nothing lacks with those. */
  private Map<DimKey, Double> rounded(double[] x) {
    Map<DimKey, Double> out = Map.of();
    for (double round : ROUND) {
      out = new LinkedHashMap<>(pinned);
      for (int i = 0; i < x.length; i++) {
        Rule<D> r = movable.get(i);
        double custom = customs.get(r.key()).mm();
        if (!pinned.containsKey(r.key()) && Math.abs(x[i] - custom) > Trial.AGREES) {
          out.put(r.key(), round(x[i], round, x[i] > custom, r));
        }
      }
      if (trial.lacks(out, true).none()) {
        break;
      }
    }
    return out;
  }

  private double round(double mm, double round, boolean up, Rule<D> r) {
    double steps = mm / round;
    double to = round * (up ? Math.ceil(steps - HAIR) : Math.floor(steps + HAIR));
    return Rounding.to(Math.min(r.most(), Math.max(r.least(), to)), 1);
  }
}
