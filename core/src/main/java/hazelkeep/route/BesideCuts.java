package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import java.util.Optional;

/** What is told of a step beside its cuts: its speed, its bit, what was sanded before, a pull. */
final class BesideCuts {
  private final Aim aim;
  private final Shop shop;
  private final Log log;
  private final Balance balance;

  BesideCuts(Aim aim, Shop shop, Log log) {
    this.aim = aim;
    this.shop = shop;
    this.log = log;
    this.balance = new Balance(aim, shop);
  }

  /**
   * Everything but that it took nothing.
   *
   * @param work what is mounted
   * @param speeds its window by diameter alone; empty where nothing turns
   */
  void told(Setup setup, Step step, State before, Work work, Optional<Speeds> speeds) {
    sandedEarly(setup, step, before);
    for (Customs.Told t : new Customs(aim).judge(setup, step, before)) {
      log.find(t.verdict(), step.key(), t.on(), null);
    }
    String part = setup.frames().keySet().stream().findFirst().orElse("");
    for (Verdict v : BitWork.judge(setup, step, work, shop.lathe())) {
      log.find(v, step.key(), part, null);
    }
    speeds.flatMap(s -> tooFast(step, s, work)).ifPresent(v -> log.find(v, step.key(), part, null));
    speeds.flatMap(s -> balance.judge(work, s)).ifPresent(v -> log.find(v, step.key(), part, null));
  }

  /** The lathe turns faster at its slowest than the work, or its bit, may turn. */
  private Optional<Verdict> tooFast(Step step, Speeds window, Work work) {
    if (window.ceiling() >= shop.lathe().slowest()) {
      return Optional.empty();
    }
    return step.bit()
        .flatMap(b -> BitWork.tooFast(b, work, shop.lathe()))
        .or(
            () ->
                Optional.of(
                    Entry.LATHE_FAST.told(Grade.STOP, shop.lathe().slowest(), window.ceiling())));
  }

  /** Abrasive leaves grit in the wood, and a bit that goes into it is blunted. */
  private void sandedEarly(Setup setup, Step step, State before) {
    if (step.bit().isEmpty() || !setup.hold().onLathe()) {
      return;
    }
    for (Step earlier : setup.steps()) {
      if (earlier == step) {
        return;
      }
      for (Act act : earlier.acts()) {
        if (act instanceof Act.Sand s && before.surf(s.on()).grit() > 0) {
          log.find(
              Entry.SANDED_EARLY.told(
                  Grade.WATCH, before.surf(s.on()).grit(), 0, s.on().part(), s.on().name()),
              step.key(),
              s.on().part(),
              null);
          return;
        }
      }
    }
  }

  /** A step that was to cut something and found all of it gone. */
  void idle(Setup setup, Step step, State before) {
    step.acts().stream()
        .filter(Act.Remove.class::isInstance)
        .map(Act.Remove.class::cast)
        .filter(r -> !r.bares().isEmpty() || !r.claims().isEmpty())
        .filter(r -> setup.frames().containsKey(r.part()))
        .filter(r -> before.stock(aim.part(r.part())).isPresent())
        .findFirst()
        .ifPresent(
            r -> log.find(Entry.NOTHING_REMOVED.told(Grade.NOTE), step.key(), r.part(), null));
  }
}
