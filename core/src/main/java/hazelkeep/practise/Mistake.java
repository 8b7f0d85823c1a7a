package hazelkeep.practise;

import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A plan of the starter shop with one size planted in it that spoils it.
 *
 * @param plan the plan with what stands in its way
 * @param planted the size
 * @param options what may be wrong with it, in the words of the book; one of them is
 */
public record Mistake(Plan<?> plan, Dim planted, List<String> options) {
  private static final double[] TIMES = {0.4, 0.6, 1.5, 2};
  private static final int TRIES = 60;
  private static final int OPTIONS = 4;

  /** The one of a day; the same day has the same one. */
  public static Mistake of(long day) {
    int n = Kinds.ALL.size();
    for (int i = 0; i < n; i++) {
      Kind<?> kind = Kinds.ALL.get((int) Math.floorMod(day + i, (long) n));
      Optional<Mistake> found = of(kind, new Random(day));
      if (found.isPresent()) {
        return found.get();
      }
    }
    throw new IllegalStateException("No plan can be spoilt");
  }

  private static <D extends Design> Optional<Mistake> of(Kind<D> kind, Random chance) {
    D fresh = kind.fresh();
    Plan<D> sound = Plan.of(kind, fresh, Shop.starter(), List.of());
    List<Dim> dims = new ArrayList<>(sound.aim().dims().values());
    if (sound.stops() > 0) {
      return Optional.empty();
    }
    for (int i = 0; i < TRIES; i++) {
      Dim d = dims.get(chance.nextInt(dims.size()));
      double mm = Math.round(d.mm() * TIMES[chance.nextInt(TIMES.length)]);
      try {
        D spoilt = kind.size(fresh, d.key(), Optional.of(Size.mm(mm)));
        Plan<D> plan = Plan.of(kind, spoilt, Shop.starter(), List.of());
        if (plan.stops() > 0) {
          Dim now = plan.aim().dims().get(d.key());
          return Optional.of(new Mistake(plan, now, options(plan, chance)));
        }
      } catch (Refused e) {
        // A size that can't be drawn is told at once, and no riddle.
        continue;
      }
    }
    return Optional.empty();
  }

  private static List<String> options(Plan<?> plan, Random chance) {
    Set<String> told =
        plan.findings().stream().map(f -> f.verdict().title()).collect(Collectors.toSet());
    List<String> others =
        new ArrayList<>(
            Arrays.stream(Entry.values())
                .map(e -> e.text().title())
                .filter(t -> !told.contains(t) && t.indexOf('{') < 0)
                .distinct()
                .toList());
    Collections.shuffle(others, chance);
    List<String> out = new ArrayList<>(others.subList(0, OPTIONS - 1));
    out.add(gravest(plan).verdict().title());
    Collections.shuffle(out, chance);
    return List.copyOf(out);
  }

  private static Finding gravest(Plan<?> plan) {
    return plan.findings().stream().filter(f -> f.grade() == Grade.STOP).findFirst().orElseThrow();
  }

  /** What is wrong with it. */
  public Finding answer() {
    return gravest(plan);
  }

  /** Whether that is what is wrong: the rehearsal is the judge. */
  public boolean solvedBy(String title) {
    return plan.findings().stream()
        .anyMatch(f -> f.grade() == Grade.STOP && f.verdict().title().equals(title));
  }
}
