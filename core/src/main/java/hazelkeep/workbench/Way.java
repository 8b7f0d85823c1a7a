package hazelkeep.workbench;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Progress;
import hazelkeep.measure.Refused;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.wood.Part;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A way on from where the run stands, tried through the same play.
 *
 * @param main what changes, for telling; empty when a part is made anew
 * @param remedy the whole change of the design, with what is cut already kept as it is; empty when
 *     a part is made anew
 * @param replaced the part that is made anew, empty when the design changes
 * @param then the plan as it would be
 */
public record Way(
    Optional<Remedy> main, Optional<Remedy> remedy, Optional<String> replaced, Plan<?> then) {
  /** How many findings still forbid the work. */
  public long stops() {
    return then.stops();
  }

  /** How many are to be watched. */
  public long watches() {
    return then.watches();
  }

  /** What it costs beside the plan as it was wished. */
  public Cost cost(Plan<?> now) {
    return Cost.of(now, then);
  }

  /** Ways that are tried at most. */
  public static final int MOST = 10;

  /** Sound changes of the design after which no more are looked for. */
  private static final int ENOUGH = 3;

  /**
   * Tries ways on, best first; only those that leave fewer stops than there are now or less to
   * watch, or that make up for a part that was given up.
   *
   * @param bench where the run stands
   * @param log all facts so far
   */
  public static <D extends Design> List<Way> on(Bench<D> bench, List<Entry> log) {
    List<Way> out = new ArrayList<>();
    List<Supplier<Optional<Way>>> tries = new ArrayList<>();
    replaceable(bench).forEach(part -> tries.add(() -> made(bench, log, part)));
    tries.addAll(tries(bench, log, new FitsWood<>(bench, log).changes()));
    tried(tries, out);
    if (sound(out).filter(w -> w.replaced().isEmpty()).count() < ENOUGH) {
      tried(tries(bench, log, helping(bench)), out);
    }
    boolean sound = sound(out).findAny().isPresent();
    return out.stream()
        // Where nothing is sound, a fresh blank is a way all the same, told with what it meets.
        .filter(
            w ->
                sound
                    ? w.stops() == 0 && helps(w, bench.plan())
                    : helps(w, bench.plan()) || w.replaced().isPresent())
        // A new blank comes after every change that saves the wood there is.
        .sorted(
            Comparator.comparingLong(Way::stops)
                .thenComparing(w -> w.replaced().isPresent())
                .thenComparingLong(Way::watches))
        .toList();
  }

  private static Stream<Way> sound(List<Way> ways) {
    return ways.stream().filter(w -> w.stops() == 0);
  }

  private static void tried(List<Supplier<Optional<Way>>> tries, List<Way> out) {
    for (int i = 0; i < tries.size(); i++) {
      Progress.round(i, tries.size(), tries.get(i)).ifPresent(out::add);
    }
  }

  private static <D extends Design> List<Supplier<Optional<Way>>> tries(
      Bench<D> bench, List<Entry> log, Collection<Remedy> changes) {
    return changes.stream()
        .limit(MOST)
        .<Supplier<Optional<Way>>>map(r -> () -> changed(bench, log, r))
        .toList();
  }

  private static boolean helps(Way w, Plan<?> now) {
    return w.stops() < now.stops()
        || w.stops() == now.stops()
            && (had(w.then) > had(now) || had(w.then) == had(now) && w.watches() < now.watches());
  }

  private static final hazelkeep.finding.Entry GIVEN_UP = hazelkeep.finding.Entry.PART_GIVEN_UP;

  /** How many parts there are or will be. */
  private static long had(Plan<?> plan) {
    long lost = plan.findings().stream().filter(f -> f.verdict().entry() == GIVEN_UP).count();
    return plan.aim().parts().size() - lost;
  }

  /** Parts that are lost, or stand apart and have something wrong with them or with their mate. */
  private static <D extends Design> List<String> replaceable(Bench<D> bench) {
    List<Part> parts = bench.plan().aim().parts();
    boolean wrong = bench.plan().stops() > 0;
    long bodies =
        parts.stream()
            .map(p -> bench.now().stock(p))
            .filter(Optional::isPresent)
            .distinct()
            .count();
    boolean apart = bodies == parts.stream().filter(p -> bench.now().stock(p).isPresent()).count();
    return parts.stream()
        // A captive ring is cut from what it goes round: no blank of its own makes it again.
        .filter(p -> bench.plan().aim().made().contains(p) && !bench.plan().aim().captive(p))
        .filter(p -> bench.now().stock(p).isEmpty() || (wrong && apart))
        .map(Part::name)
        .toList();
  }

  private static <D extends Design> Optional<Way> made(
      Bench<D> bench, List<Entry> log, String part) {
    Plan<D> plan = bench.plan();
    List<Entry> with = new ArrayList<>(log);
    with.add(new Entry(Long.MAX_VALUE, Instant.EPOCH, 0, bench.replaced(part, bench.fresh(part))));
    try {
      Plan<D> then =
          Bench.replay(plan.kind(), plan.design(), plan.shop(), plan.edits(), with).plan();
      return Optional.of(new Way(Optional.empty(), Optional.empty(), Optional.of(part), then));
    } catch (BadDesign e) {
      return Optional.empty();
    }
  }

  /** What helps each finding, the gravest first. */
  private static <D extends Design> Set<Remedy> helping(Bench<D> bench) {
    Set<Remedy> out = new LinkedHashSet<>();
    for (Finding f : bench.plan().findings()) {
      if (f.grade() != Grade.NOTE || f.verdict().entry() == GIVEN_UP) {
        out.addAll(bench.plan().worthTrying(f));
      }
    }
    out.removeIf(Remedy::ofRoute);
    return out;
  }

  private static <D extends Design> Optional<Way> changed(
      Bench<D> bench, List<Entry> log, Remedy main) {
    Plan<D> plan = bench.plan();
    try {
      Remedy whole = bench.keeping(main);
      Plan<D> then =
          Bench.replay(plan.kind(), plan.changed(whole), plan.shop(), plan.edits(), log).plan();
      return Optional.of(new Way(Optional.of(main), Optional.of(whole), Optional.empty(), then));
    } catch (Refused e) {
      // Can't be drawn: no way on.
      return Optional.empty();
    }
  }
}
