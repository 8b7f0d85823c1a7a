package hazelkeep.practise;

import hazelkeep.closing.Closing;
import hazelkeep.fit.Aimed;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.FitSteps;
import hazelkeep.route.Joint;
import hazelkeep.route.Prompt;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Hand;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;

/**
 * A whole piece turned by a simulated hand that is led: what came of each size that was measured,
 * and of each fit.
 *
 * @param sizes what was measured, in the order of work
 * @param fits fits that were made
 * @param left what is still said of the piece as it came out
 */
public record RunThrough(List<Made> sizes, List<FitRun> fits, List<Finding> left) {
  /**
   * A size as it came out.
   *
   * @param dim what it is
   * @param planned as it was planned then, mm
   * @param made as it came out, mm
   * @param will whether that will do as it is; else the rest was planned anew
   * @param lost why the rest could not follow it; empty where it could
   */
  public record Made(Dim dim, double planned, double made, boolean will, String lost) {}

  private static final double PERCENT = 100;

  /** What a hand has to do with. */
  private static final class Work {
    private final Manner manner;
    private final Practice practice;
    private final Shop shop;
    private final SplittableRandom chance;
    private final Map<DimKey, Made> made = new LinkedHashMap<>();
    private final List<FitRun> fits = new ArrayList<>();
    private StepKey at;
    private int read;

    Work(Manner manner, Shop shop, long seed) {
      this.manner = manner;
      this.shop = shop;
      this.practice = shop.practice();
      this.chance = new SplittableRandom(seed);
    }
  }

  /**
   * Turns a piece.
   *
   * @param seed what chance is drawn from: the same gives the same
   */
  public static <D extends Design> RunThrough of(Plan<D> plan, Manner manner, long seed) {
    Work w = new Work(manner, plan.shop(), seed);
    int facts = plan.route().steps().stream().mapToInt(t -> 1 + plan.prompts(t).size()).sum();
    // A size that came out otherwise may make steps owed once more.
    facts += plan.route().steps().size() / 2;
    Function<Hand, Fact> onward = hand -> next(hand, w);
    Bench<D> end =
        Bench.worked(
            plan.kind(),
            plan.design(),
            plan.shop(),
            plan.edits(),
            Collections.nCopies(facts, onward));
    List<Finding> left = end.plan().findings();
    return new RunThrough(List.copyOf(w.made.values()), List.copyOf(w.fits), left);
  }

  /** The next thing that is done: a size of the step at hand is measured, or the step ticked. */
  private static Fact next(Hand hand, Work w) {
    Optional<Step> next = hand.next();
    if (next.isEmpty()) {
      return new Fact.Paused("");
    }
    Step step = next.get();
    if (!step.key().equals(w.at)) {
      w.at = step.key();
      w.read = 0;
    }
    List<Prompt> prompts = Prompt.of(step, hand.aim(), w.shop);
    if (w.read < prompts.size()) {
      return read(hand, step, prompts.get(w.read++), w);
    }
    w.at = null;
    return hand.did(step.key());
  }

  private static Fact read(Hand hand, Step step, Prompt p, Work w) {
    double made = made(hand, step, p, w);
    boolean will = !p.doubts(made);
    DimKey key = p.dim().key();
    try {
      Fact fact = hand.read(key, p.gauge().name(), p.gauge().shows(made), made, true);
      w.made.put(key, new Made(p.dim(), p.target(), made, will, ""));
      return fact;
    } catch (BadDesign e) {
      w.made.put(key, new Made(p.dim(), p.target(), made, will, e.getMessage()));
      return new Fact.Paused("");
    }
  }

  /** What a hand makes of a size: a fit is sneaked up on, all else lands about where it should. */
  private static double made(Hand hand, Step step, Prompt p, Work w) {
    Optional<Act.Try> tried = FitSteps.tried(step);
    if (tried.isPresent() && p.dim().fit()) {
      Joint j = FitSteps.joint(hand.aim(), tried.get()).orElseThrow();
      FitRun run = fit(hand.aim(), j, tried.get().jam(), w);
      w.fits.add(run);
      boolean recess = run.end().aimed().recessCut();
      return recess
          ? hand.aim().mm(j.spigot()) + run.clearance()
          : hand.aim().mm(j.recess()) - run.clearance();
    }
    double room = (p.most() - p.least()) / 2;
    double off =
        w.practice.of(Line.PLAY_FILLS)
            * w.manner.times(w.practice)
            * room
            * w.chance.nextGaussian();
    boolean slips = w.chance.nextDouble() * PERCENT < w.practice.of(Line.PLAY_SLIP);
    return p.target() + off + (slips ? 2 * room : 0);
  }

  private static FitRun fit(Aim aim, Joint j, boolean jam, Work w) {
    Aimed aimed =
        Closing.of(aim, j)
            .aimed(jam ? FitClass.JAM : j.use(), w.practice)
            .before(w.practice.of(Line.SNEAK_UNREAD));
    Hands hands = new Hands(aimed, aimed.recess(), aimed.spigot(), w.manner, w.chance.split());
    return FitRun.led(aimed, hands);
  }

  /** How many sizes will not do as they came out. */
  public long off() {
    return sizes.stream().filter(m -> !m.will()).count();
  }
}
