package hazelkeep.giving;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Rule;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;

/**
 * The search for the least change of customs within a reach, round by round from what was drawn.
 *
 * @param <D> the design
 */
final class Search<D extends Design> {
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

  /** How often a move is halved to see whether less will do. */
  private static final int HALVED = 3;

  /** Firmer than any custom: what was stated. */
  private static final double FIRMEST = 1000;

  /** No size is rounded by more than this share of itself. */
  private static final double COARSE = 0.05;

  /** Every size is round in these, mm. */
  private static final double FINE = 0.1;

  /** Moved sizes are round in these, mm, the first with which nothing lacks. */
  private static final List<Double> ROUND = List.of(1.0, 0.5, FINE);

  private final Trial<D> trial;
  private final Map<DimKey, Dim> customs;
  private final List<Rule<D>> movable;
  private final Reach reach;
  private final Map<DimKey, Double> pinned;
  private final Map<DimKey, Double> wished;

  /** The sizes with which it was drawn last, though it would stop. */
  private Optional<Map<DimKey, Double>> drawn = Optional.empty();

  Search(
      Trial<D> trial,
      Map<DimKey, Dim> customs,
      Reach reach,
      Map<DimKey, Double> pinned,
      Map<DimKey, Double> wished) {
    this.trial = trial;
    this.wished = wished;
    this.customs = customs;
    this.reach = reach;
    this.pinned = pinned;
    this.movable = trial.rules().stream().filter(this::moves).toList();
  }

  /** The sizes with which it was drawn last, though it would stop; empty where it never was. */
  Optional<Map<DimKey, Double>> drawn() {
    return drawn;
  }

  /**
   * Whether a size is a custom that may give way: neither stated nor the other side of a stated.
   */
  private boolean moves(Rule<D> rule) {
    if (wished.containsKey(rule.key())) {
      return true;
    }
    Dim d = customs.get(rule.key());
    if (!Firm.moves(rule.key(), d.origin() == Origin.DERIVED, reach.looks())
        || d.origin() == Origin.WISHED) {
      return false;
    }
    D with = trial.kind().size(trial.design(), rule.key(), Optional.of(Size.mm(d.mm())));
    return with.sizes().keySet().containsAll(trial.design().sizes().keySet());
  }

  /** A solution with every size moved back as far as nothing lacks, the firmest first. */
  Map<DimKey, Double> back(Map<DimKey, Double> found) {
    Map<DimKey, Double> out = new LinkedHashMap<>(found);
    List<Rule<D>> firmest =
        movable.stream()
            .filter(r -> found.containsKey(r.key()) && found.size() > 1)
            .sorted(Comparator.comparingDouble(r -> -trial.shop().custom(Firm.of(r.key()))))
            .toList();
    for (Rule<D> r : firmest) {
      double needed = out.remove(r.key());
      double custom = custom(r.key());
      double less = custom;
      for (int i = 0; i < HALVED && !trial.lacks(out, true, reach.grade()).none(); i++) {
        less = Bits.bored(this, r.key()) ? needed : (less + needed) / 2;
        out.put(r.key(), round(less, step(custom, 1), needed > custom, r));
      }
      if (!trial.lacks(out, true, reach.grade()).none()) {
        out.put(r.key(), needed);
      }
    }
    return out;
  }

  /** The same search with one more size held where it is said. */
  Search<D> pinning(DimKey key, double mm) {
    Map<DimKey, Double> pins = new LinkedHashMap<>(pinned);
    pins.put(key, mm);
    return new Search<>(trial, customs, reach, pins, wished);
  }

  /** Whether a size is held where it was said. */
  boolean pins(DimKey key) {
    return pinned.containsKey(key);
  }

  /** What it is tried on. */
  Trial<D> trial() {
    return trial;
  }

  /** How firmly the sizes are kept that may move, each firmness once. */
  Set<Double> firmnesses() {
    return movable.stream().map(r -> firm(r.key())).collect(Collectors.toSet());
  }

  /** How firmly a size is kept. */
  double firm(DimKey key) {
    return wished.containsKey(key) ? FIRMEST : trial.shop().custom(Firm.of(key));
  }

  /** A solution, whatever bits there are. */
  Optional<Map<DimKey, Double>> solved() {
    Map<DimKey, Double> at = new LinkedHashMap<>(wished);
    at.putAll(pinned);
    Cuts cuts = new Cuts();
    Set<Map<DimKey, Double>> been = new HashSet<>(Set.of(at));
    drawn = Optional.empty();
    for (int round = 0; round < ROUNDS; round++) {
      Trial.Lacks lacks = trial.lacks(at, true, reach.grade());
      if (lacks.none()) {
        return Optional.of(at).filter(a -> !a.isEmpty());
      }
      if (lacks.drawn()) {
        drawn = Optional.of(at);
      }
      if (!linear(lacks, at, cuts)) {
        return Optional.empty();
      }
      Optional<Map<DimKey, Double>> next = cuts.least(unknowns()).map(this::rounded);
      if (next.filter(n -> !been.add(n)).isPresent() && !cuts.every) {
        cuts.every = true;
        next = cuts.least(unknowns()).map(this::rounded).filter(been::add);
      }
      if (next.isEmpty()) {
        return next;
      }
      at = next.get();
    }
    return Optional.empty();
  }

  private List<LeastChange.Unknown> unknowns() {
    return movable.stream().map(this::unknown).toList();
  }

  private LeastChange.Unknown unknown(Rule<D> r) {
    double firm = firm(r.key());
    Double pin = pinned.get(r.key());
    if (pin != null) {
      return new LeastChange.Unknown(pin, pin, pin, firm);
    }
    double mm = custom(r.key());
    if (wished.containsKey(r.key())) {
      return new LeastChange.Unknown(mm, r.least(), r.most(), firm);
    }
    return new LeastChange.Unknown(
        mm, Math.max(r.least(), mm / reach.times()), Math.min(r.most(), mm * reach.times()), firm);
  }

  /** Limits by what each lack does when a custom moves; false where nothing moves one. */
  private boolean linear(Trial.Lacks now, Map<DimKey, Double> at, Cuts cuts) {
    cuts.held.clear();
    double nudge = now.drawn() ? DRAWN : NUDGE;
    List<Ask> asks =
        movable.stream().map(r -> new Ask(now, nudge, by -> moved(at, r.key(), by))).toList();
    for (Map.Entry<String, Double> lack : now.by().entrySet()) {
      double[] by = new double[movable.size()];
      double over = lack.getValue();
      // What is said is met; what holds by a hair may go on to.
      double room = lack.getKey().startsWith(Trial.SAID) ? HAIR : ROOM;
      double most = (over >= 0 ? -room : Math.max(-room, Math.min(-HAIR, over))) - over;
      boolean any = false;
      for (int i = 0; i < by.length; i++) {
        by[i] = pinned.containsKey(movable.get(i).key()) ? 0 : asks.get(i).factor(lack);
        any |= by[i] != 0;
        most += by[i] * mm(at, movable.get(i).key());
      }
      if (any) {
        cuts.add(lack.getKey(), over >= 0, new LeastChange.Limit(by, most));
      } else if (over >= 0) {
        return false;
      }
    }
    return true;
  }

  /** Where a size is when nothing moves it, mm. */
  double custom(DimKey key) {
    Double wish = wished.get(key);
    return wish != null ? wish : customs.get(key).mm();
  }

  private double mm(Map<DimKey, Double> at, DimKey key) {
    return at.getOrDefault(key, custom(key));
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
      out = new LinkedHashMap<>(wished);
      out.putAll(pinned);
      for (int i = 0; i < x.length; i++) {
        Rule<D> r = movable.get(i);
        double custom = custom(r.key());
        if (!pinned.containsKey(r.key()) && Math.abs(x[i] - custom) > Trial.AGREES) {
          out.put(r.key(), round(x[i], step(custom, round), x[i] > custom, r));
        }
      }
      if (trial.lacks(out, true, reach.grade()).none()) {
        break;
      }
    }
    return out;
  }

  /** A tenth of a small size is as much as a millimetre of a large one. */
  private static double step(double custom, double round) {
    return round <= custom * COARSE ? round : FINE;
  }

  private double round(double mm, double round, boolean up, Rule<D> r) {
    double steps = mm / round;
    double to = round * (up ? Math.ceil(steps - HAIR) : Math.floor(steps + HAIR));
    return Rounding.to(r.clamp(to), 1);
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
     * one that is told on neither side goes with the side on which all else can be drawn.
     */
    private double factor(Map.Entry<String, Double> lack) {
      double gone = 0;
      for (double by : new double[] {nudge, -nudge}) {
        Trial.Lacks then = trial.lacks(moved.apply(by), now.drawn(), reach.grade());
        Double told = then.like(now) ? then.by().get(lack.getKey()) : null;
        if (told != null) {
          double factor = (told - lack.getValue()) / by;
          return Math.abs(factor) > NOTHING ? factor : 0;
        }
        if (then.like(now) && !then.adds(now)) {
          gone = -Math.signum(by) * Math.max(1, lack.getValue() / nudge);
        }
      }
      return gone;
    }
  }
}
