package hazelkeep.piece;

import hazelkeep.hold.Allowed;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Progress;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Unknown;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A way to finish an end, judged by the whole route played with it.
 *
 * @param option the way
 * @param chosen whether it is the one in force
 * @param findings what would go wrong with it that does not go wrong with any other way; the
 *     gravest first
 * @param reach share of the end that is finished on the lathe, 0 to 1; the rest goes by hand; not a
 *     number where no end is finished
 * @param grips how the end is held while it is finished, in order
 * @param setups how many setups the whole route has with it
 */
public record Compared(
    Choice.Option option,
    boolean chosen,
    List<Finding> findings,
    double reach,
    List<Held> grips,
    int setups) {

  /**
   * A hold that an end is finished in.
   *
   * @param title the setup's
   * @param hold what holds it
   * @param work what is mounted
   * @param allowed what it stands
   * @param force the largest cutting force at the end's rim, N
   */
  public record Held(String title, Hold hold, Work work, Allowed allowed, double force) {
    /** The jam chuck, where it is one. */
    public Optional<JamChuck> chuck() {
      return hold.grip() instanceof JamChuck c ? Optional.of(c) : Optional.empty();
    }
  }

  /** Whether nothing forbids it. */
  public boolean possible() {
    return findings.stream().noneMatch(f -> f.grade() == Grade.STOP);
  }

  /** The weakest of its holds on the lathe, N; infinite where nothing gives way. */
  public double force() {
    return grips.stream().mapToDouble(Held::force).min().orElse(Double.NaN);
  }

  /** The hold that pulls hardest at the wood across its grain, of those that pull at it. */
  public Optional<Held> pulls() {
    return grips.stream()
        .filter(h -> h.allowed().hoop() > 0)
        .max(Comparator.comparingDouble(h -> h.allowed().hoop()));
  }

  /** What is not known and was therefore not judged. */
  public List<Unknown> missing() {
    return grips.stream().flatMap(h -> h.allowed().missing().stream()).distinct().toList();
  }

  /** The jam chuck that has to be turned, where there is one. */
  public Optional<Held> jam() {
    return grips.stream().filter(h -> h.chuck().isPresent()).findFirst();
  }

  /** Every way to finish an end of a plan's piece: possible ones first, as they are offered. */
  public static <D extends Design> List<Compared> of(Plan<D> plan, End end) {
    // Each way is a whole route to play: they are played side by side.
    Runnable done = Progress.rounds(end.choice().options().size());
    return end.choice().options().parallelStream()
        .map(o -> one(plan, played(plan, end, o), end, o))
        .peek(c -> done.run())
        .sorted(Comparator.comparing(c -> !c.possible()))
        .toList();
  }

  private static <D extends Design> Plan<D> played(Plan<D> plan, End end, Choice.Option option) {
    if (option.name().equals(end.choice().chosen())) {
      return plan;
    }
    D design = plan.kind().choose(plan.design(), end.choice().name(), option.name());
    return Plan.of(plan.kind(), design, plan.shop(), plan.edits());
  }

  private static <D extends Design> Compared one(
      Plan<D> now, Plan<D> plan, End end, Choice.Option option) {
    // What goes wrong elsewhere in the route as it is speaks neither for nor against a way.
    List<Finding> own =
        plan.findings().stream()
            .filter(f -> concerns(f, plan, end) || now.findings().stream().noneMatch(f::sameAs))
            .filter(f -> f.grade() != Grade.NOTE || f.code().equals("marks"))
            .toList();
    List<Held> grips = new ArrayList<>();
    double byHand = 0;
    double all = 0;
    for (Stage s : plan.rehearsal().stages()) {
      if (!end.at(s.setup().name())) {
        continue;
      }
      double taken = near(plan, end, s);
      all += taken;
      if (!s.setup().hold().onLathe()) {
        byHand += taken;
      } else if (grips.stream().noneMatch(g -> g.hold().equals(s.setup().hold()))) {
        grips.add(held(s));
      }
    }
    return new Compared(
        option,
        option.name().equals(end.choice().chosen()),
        own,
        all == 0 ? Double.NaN : 1 - byHand / all,
        List.copyOf(grips),
        (int) plan.route().setups().stream().filter(s -> !s.steps().isEmpty()).count());
  }

  private static <D extends Design> boolean concerns(Finding f, Plan<D> plan, End end) {
    boolean held = f.code().equals("hold-missing") && f.part().equals(end.part());
    return held
        || plan.route().setups().stream()
            .filter(s -> end.at(s.name()))
            .flatMap(s -> s.steps().stream())
            .anyMatch(s -> f.at().filter(s.key()::equals).isPresent());
  }

  /** The area of the end's surface that a step bares: its share of what was covered. */
  private static <D extends Design> double near(Plan<D> plan, End end, Stage s) {
    return plan.aim().part(end.part()).surfaces().stream()
        .filter(x -> x.id().name().equals(end.name()))
        .filter(x -> x.needs().contains(Doing.CUT))
        .mapToDouble(x -> s.before().surf(x.id()).covered() - s.after().surf(x.id()).covered())
        .map(d -> Math.max(0, d))
        .sum();
  }

  private static Held held(Stage s) {
    Work work = s.mounted();
    Allowed allowed = s.setup().hold().allows(work);
    return new Held(
        s.setup().title(),
        s.setup().hold(),
        work,
        allowed,
        allowed.force(work.radius(), work.most()));
  }
}
