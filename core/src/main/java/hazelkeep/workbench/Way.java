package hazelkeep.workbench;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Progress;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Gone;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.wood.Part;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

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
  public static final int MOST = 12;

  /** A size that moves by less stays as it is, mm. */
  private static final double SAME = 1e-6;

  /**
   * Tries ways on, best first; only those that leave fewer stops than there are now, or that make
   * up for a part that was given up.
   *
   * @param bench where the run stands
   * @param log all facts so far
   */
  public static <D extends Design> List<Way> on(Bench<D> bench, List<Entry> log) {
    List<Way> out = new ArrayList<>();
    List<Supplier<Optional<Way>>> tries = new ArrayList<>();
    replaceable(bench).forEach(part -> tries.add(() -> made(bench, log, part)));
    candidates(bench, log).stream()
        .limit(MOST)
        .forEach(r -> tries.add(() -> changed(bench, log, r)));
    for (int i = 0; i < tries.size(); i++) {
      Progress.round(i, tries.size(), tries.get(i)).ifPresent(out::add);
    }
    long now = bench.plan().stops();
    return out.stream()
        .filter(w -> w.stops() < now || w.stops() == now && had(w.then) > had(bench.plan()))
        // A new blank comes after every change that saves the wood there is.
        .sorted(
            Comparator.comparingLong(Way::stops)
                .thenComparing(w -> w.replaced().isPresent())
                .thenComparingLong(Way::watches))
        .toList();
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
        .filter(p -> !p.stubs().isEmpty())
        .filter(p -> bench.now().stock(p).isEmpty() || (wrong && apart && parts.size() > 1))
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

  private static <D extends Design> Set<Remedy> candidates(Bench<D> bench, List<Entry> log) {
    Plan<D> plan = bench.plan();
    Kind<D> kind = plan.kind();
    Set<Remedy> out = new LinkedHashSet<>();
    Set<Long> withdrawn = Fact.withdrawn(log);
    for (Entry e : log) {
      if (e.fact() instanceof Fact.Found f && !withdrawn.contains(e.no())) {
        AsFound plain = new Gone(plan.aim().part(f.as().part())).plain(f.as());
        out.addAll(kind.waysOn(plan.design(), plan.aim(), plain));
      }
    }
    for (Finding f : plan.findings()) {
      if (f.grade() == Grade.STOP) {
        out.addAll(kind.remedies(plan.design(), f, plan.aim(), plan.shop()));
      }
    }
    out.removeIf(Remedy::ofRoute);
    return out;
  }

  private static <D extends Design> Optional<Way> changed(
      Bench<D> bench, List<Entry> log, Remedy main) {
    Plan<D> plan = bench.plan();
    try {
      Remedy whole = keeping(bench, main);
      Plan<D> then =
          Bench.replay(plan.kind(), plan.changed(whole), plan.shop(), plan.edits(), log).plan();
      return Optional.of(new Way(Optional.of(main), Optional.of(whole), Optional.empty(), then));
    } catch (BadDesign | IllegalArgumentException e) {
      // Can't be drawn: no way on.
      return Optional.empty();
    }
  }

  /**
   * A change that leaves alone what was cut already: sizes it would move are stated as they are.
   */
  private static <D extends Design> Remedy keeping(Bench<D> bench, Remedy main) {
    Plan<D> plan = bench.plan();
    Set<DimKey> own = new HashSet<>();
    keys(main, own);
    D changed = plan.changed(main);
    Map<DimKey, Dim> then =
        Dims.resolve(changed, plan.kind().rules(changed), plan.shop(), bench.readings());
    Map<DimKey, Double> stays = new LinkedHashMap<>(bench.settled());
    for (DimKey k : plan.kind().stays(plan.design(), own)) {
      stays.put(k, plan.aim().dims().get(k).mm());
    }
    stays.keySet().removeAll(own);
    List<Remedy> all = new ArrayList<>(List.of(main));
    stays.forEach(
        (key, mm) -> {
          if (Math.abs(then.get(key).mm() - mm) > SAME) {
            all.add(new Remedy.SetDim(key, Length.mm(mm)));
          }
        });
    return all.size() == 1 ? main : new Remedy.Together(all);
  }

  private static void keys(Remedy r, Set<DimKey> into) {
    if (r instanceof Remedy.SetDim set) {
      into.add(set.key());
    } else if (r instanceof Remedy.Together t) {
      t.all().forEach(x -> keys(x, into));
    }
  }
}
