package hazelkeep.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Where a run stands: the wood as the facts made it, and the rest of the route planned from there.
 *
 * @param <D> the design record
 */
public final class Bench<D extends Design> {
  private final Standing<D> standing;
  private final Notes<D> notes;
  private final Plan<D> plan;
  private final State now;
  private final Set<StepKey> done;
  private final Map<DimKey, Double> readings;
  private final Set<Long> expired;
  private Keeping<D> keeping;

  private Bench(Standing<D> standing, Replay<D> log) {
    this.standing = standing;
    this.notes = new Notes<>(standing);
    this.plan = standing.plan();
    this.now = log.now();
    this.done = Set.copyOf(standing.done());
    this.readings = Map.copyOf(log.readings());
    this.expired = Set.copyOf(log.expired());
  }

  /**
   * Replays a log.
   *
   * @param kind the kind of piece
   * @param design the design as it now is
   * @param shop the shop
   * @param edits the turner's changes of the route
   * @param log all facts so far, in order
   * @throws hazelkeep.piece.BadDesign when the design can't be drawn
   */
  public static <D extends Design> Bench<D> replay(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, List<Entry> log) {
    return Patience.within(
        Patience.LOG,
        () -> {
          Replay<D> all = Replay.of(kind, design, shop, log);
          return new Bench<>(new Standing<>(kind, design, shop, edits, all), all);
        });
  }

  /**
   * Where a run stands after facts that are put together one after the other, each as of what those
   * before it left; rehearsed once, at the end.
   *
   * @param facts each makes a fact out of what stands then
   */
  public static <D extends Design> Bench<D> worked(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, List<Function<Hand, Fact>> facts) {
    Replay<D> log = new Replay<>(kind, design, shop);
    long no = 0;
    for (Function<Hand, Fact> f : facts) {
      Fact fact = f.apply(new Hand(new Standing<>(kind, design, shop, edits, log)));
      log.take(new Entry(++no, Instant.EPOCH, 0, fact));
    }
    return new Bench<>(new Standing<>(kind, design, shop, edits, log), log);
  }

  /** The plan of what is left, with valid readings in its dimensions. */
  public Plan<D> plan() {
    return plan;
  }

  /** The wood as it is. */
  public State now() {
    return now;
  }

  /** Steps done, and not owed again. */
  public Set<StepKey> done() {
    return done;
  }

  /** Valid readings, true lengths in mm. */
  public Map<DimKey, Double> readings() {
    return readings;
  }

  /** Numbers of readings that a later cut made out of date. */
  public Set<Long> expired() {
    return expired;
  }

  /** The next step to do, with its setup; empty when nothing is owed. */
  public Optional<Step> next() {
    return plan.rehearsal().route().steps().stream().findFirst();
  }

  /** The setup of a step in the route. */
  public Optional<Setup> setupOf(StepKey key) {
    return plan.route().setups().stream()
        .filter(s -> s.steps().stream().anyMatch(x -> x.key().equals(key)))
        .findFirst();
  }

  /** Dimensions that stay as they are because what they measure is cut, mm. */
  public Map<DimKey, Double> settled() {
    Set<DimKey> cut = standing.cut();
    Map<DimKey, Double> out = new LinkedHashMap<>();
    for (Feature f : plan.sketch().dimensions().features()) {
      if (cut.contains(f.key())) {
        out.put(f.keeps(), plan.aim().dims().get(f.keeps()).mm());
      }
    }
    return out;
  }

  /** A change that leaves alone what was cut already. */
  Remedy keeping(Remedy main) {
    if (keeping == null) {
      keeping = new Keeping<>(this);
    }
    return keeping.with(main);
  }

  /** Puts facts together as of now. */
  public Hand hand() {
    return new Hand(standing);
  }

  /** The fact that a step was done as it is planned now. */
  public Fact.Done did(StepKey key) {
    return notes.did(key);
  }

  /**
   * A reading held against what will do, to be asked about before it is entered.
   *
   * @param gauge the device; empty for the one that the route names
   * @param shown what it showed, mm
   * @param in the unit that it was read in
   * @throws Refused when it can't be one, saying what would be accepted
   */
  public Taken taken(DimKey what, String gauge, double shown, Unit in) {
    return notes.taken(what, gauge, shown, in);
  }

  /**
   * The fact that a size was measured, and is to stay so; a depth that no piece of this design
   * could have is entered as what was found.
   */
  public Fact read(DimKey what, String gauge, double shown, double truth) {
    return notes.read(what, gauge, shown, truth, true);
  }

  /** The fact that a size was measured with wood still to be cut there. */
  public Fact onTheWay(DimKey what, String gauge, double shown, double truth) {
    return notes.read(what, gauge, shown, truth, false);
  }

  /** The fact that the wood was found otherwise than planned, as things stand now. */
  public Fact.Found found(AsFound as, String words) {
    return notes.found(as, words);
  }

  /** The least blank that a part can be made again from. */
  public FreshBlank fresh(String part) {
    return notes.fresh(part);
  }

  /**
   * The fact that a part is made again from a fresh blank.
   *
   * @throws Refused when the blank is too small, saying what would do
   */
  public Fact.Replaced replaced(String part, FreshBlank blank) {
    return notes.replaced(part, blank);
  }
}
