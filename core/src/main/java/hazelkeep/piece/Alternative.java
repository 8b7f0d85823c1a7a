package hazelkeep.piece;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Progress;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.stiffness.Stiffness;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The same piece made in another order, or begun otherwise: a whole route, played.
 *
 * @param change what is otherwise; empty for the route as it is
 * @param stops how many findings forbid it
 * @param watches how many are to be watched
 * @param holds how often the work is held
 * @param softest the least stiffness at the tool on the way, N/mm; infinite where it is not known
 * @param softAt what is done then; empty where it is not known
 * @param worst what would go wrong that does not go wrong now; the gravest first
 */
public record Alternative(
    Change change,
    long stops,
    long watches,
    int holds,
    double softest,
    String softAt,
    List<Finding> worst) {
  /** More than so many are no help to choose. */
  private static final int SHOWN = 6;

  /** Whole routes that are played at most. */
  private static final int MOST = 200;

  /** What is otherwise than in the route as it is. */
  public sealed interface Change {
    /** What is decided: of changes that decide the same, one is enough. */
    default Object moved() {
      return this;
    }

    /** Nothing. */
    record None() implements Change {}

    /**
     * A hold and all that is done in it comes elsewhere.
     *
     * @param what the hold, its number and title
     * @param after the one that it then follows, likewise
     * @param edit the change of the route
     */
    record Order(String what, String after, RouteEdit.MoveSetup edit) implements Change {
      @Override
      public Object moved() {
        return edit.setup();
      }
    }

    /**
     * A fit is made elsewhere in its own hold: before the wood behind it is hollowed, or after.
     *
     * @param what the step
     * @param after the one that it then follows
     * @param edit the change of the route
     */
    record Within(String what, String after, RouteEdit.MoveAfter edit) implements Change {
      @Override
      public Object moved() {
        return edit.what();
      }
    }

    /**
     * An end is held or finished otherwise.
     *
     * @param choice the decision
     * @param option what is chosen
     */
    record Held(Choice choice, Choice.Option option) implements Change {}
  }

  /**
   * The route of a plan as it is, then others that forbid no more than it: every hold that may come
   * elsewhere, every fit that may come earlier or later in its hold, every other way to begin.
   * Fewest stops first, then fewest watches, then fewest holds, then the stiffest; of each hold
   * only the best place.
   */
  public static <D extends Design> List<Alternative> of(Plan<D> plan) {
    Alternative now = judged(new Change.None(), plan, plan);
    List<Change> changes =
        Stream.of(orders(plan), fits(plan), begun(plan)).flatMap(List::stream).limit(MOST).toList();
    Runnable done = Progress.rounds(changes.size());
    List<Alternative> others =
        changes.stream()
            .parallel()
            .map(c -> played(plan, c))
            .peek(a -> done.run())
            .flatMap(Optional::stream)
            .filter(a -> a.stops <= now.stops)
            .sorted(
                Comparator.comparingLong(Alternative::stops)
                    .thenComparingLong(Alternative::watches)
                    .thenComparingInt(Alternative::holds)
                    .thenComparing(Comparator.comparingDouble(Alternative::softest).reversed()))
            .toList();
    // A hold that may go to three places that are alike is one thing to decide, not three.
    Set<Object> moved = new HashSet<>();
    List<Alternative> each = others.stream().filter(a -> moved.add(a.change.moved())).toList();
    // When to fit is what turners differ in: the best of that is shown whatever else there is.
    Optional<Alternative> fit =
        each.stream().filter(a -> a.change instanceof Change.Within).findFirst();
    Stream<Alternative> more =
        each.stream().skip(SHOWN).filter(a -> fit.filter(f -> f == a).isPresent());
    return Stream.of(Stream.of(now), each.stream().limit(SHOWN), more)
        .flatMap(Function.identity())
        .toList();
  }

  /** Every other place of a fit in the hold that it is made in. */
  private static List<Change> fits(Plan<?> plan) {
    List<Change> out = new ArrayList<>();
    for (Setup s : plan.route().setups()) {
      List<Step> steps = s.steps();
      for (int i = 0; i < steps.size() && s.hold().onLathe(); i++) {
        Step fit = steps.get(i);
        if (fit.acts().stream().noneMatch(Act.Try.class::isInstance)) {
          continue;
        }
        for (int k = 0; k < steps.size(); k++) {
          if (k != i && k != i - 1) {
            Step after = steps.get(k);
            out.add(
                new Change.Within(
                    fit.title(), after.title(), new RouteEdit.MoveAfter(fit.key(), after.key())));
          }
        }
      }
    }
    return out;
  }

  /**
   * Every order that one hold on the lathe taken elsewhere makes: the first stays first, and what
   * is done at the bench stays where it is.
   */
  private static List<Change> orders(Plan<?> plan) {
    List<Setup> setups = plan.route().setups();
    List<Setup> turned =
        setups.stream().filter(s -> s.hold().onLathe() && !s.steps().isEmpty()).toList();
    Set<List<Setup>> seen = new HashSet<>(List.of(setups));
    List<Change> out = new ArrayList<>();
    for (Setup s : turned.subList(Math.min(1, turned.size()), turned.size())) {
      for (Setup after : turned) {
        List<Setup> order = new ArrayList<>(setups);
        order.remove(s);
        order.add(order.indexOf(after) + 1, s);
        if (s != after && seen.add(order)) {
          out.add(
              new Change.Order(
                  numbered(setups, s),
                  numbered(setups, after),
                  new RouteEdit.MoveSetup(s.name(), after.name())));
        }
      }
    }
    return out;
  }

  /** Several holds may have one title: numbered as the route shows them. */
  private static String numbered(List<Setup> setups, Setup s) {
    return setups.indexOf(s) + 1 + ". " + s.title();
  }

  /** Every other way to hold the blank first. */
  private static List<Change> begun(Plan<?> plan) {
    String first = plan.route().setups().isEmpty() ? "" : plan.route().setups().get(0).name();
    return plan.sketch().ends().stream()
        .filter(e -> e.at(first))
        .map(End::choice)
        .flatMap(
            c ->
                c.options().stream()
                    .filter(o -> !o.name().equals(c.chosen()))
                    .<Change>map(o -> new Change.Held(c, o)))
        .toList();
  }

  private static <D extends Design> Optional<Alternative> played(Plan<D> plan, Change change) {
    try {
      Optional<RouteEdit> edit = edit(change);
      if (edit.isPresent()) {
        List<RouteEdit> edits = new ArrayList<>(plan.edits());
        edits.add(edit.get());
        Plan<D> then = Plan.of(plan.kind(), plan.design(), plan.shop(), edits);
        return Optional.of(judged(change, then, plan));
      }
      Change.Held held = (Change.Held) change;
      Remedy choose = new Remedy.Choose(held.choice().name(), held.option().name());
      return plan.applied(choose).map(then -> judged(change, then, plan));
    } catch (BadDesign e) {
      return Optional.empty();
    }
  }

  private static Optional<RouteEdit> edit(Change change) {
    return change instanceof Change.Order order
        ? Optional.of(order.edit())
        : change instanceof Change.Within within ? Optional.of(within.edit()) : Optional.empty();
  }

  private static <D extends Design> Alternative judged(Change change, Plan<D> then, Plan<D> now) {
    List<Finding> worst =
        then.findings().stream()
            .filter(f -> f.grade() != Grade.NOTE)
            .filter(f -> now.findings().stream().noneMatch(f::sameAs))
            .toList();
    Optional<Stage> soft =
        then.rehearsal().stages().stream()
            .filter(s -> s.setup().hold().onLathe() && s.stiffness().known())
            .min(Comparator.comparingDouble(s -> least(s.stiffness())));
    return new Alternative(
        change,
        then.stops(),
        then.watches(),
        (int) then.route().setups().stream().filter(s -> !s.steps().isEmpty()).count(),
        soft.map(s -> least(s.stiffness())).orElse(Double.POSITIVE_INFINITY),
        soft.map(s -> s.step().title()).orElse(""),
        worst);
  }

  private static double least(Stiffness s) {
    return Arrays.stream(s.held()).min().orElse(Double.POSITIVE_INFINITY);
  }
}
