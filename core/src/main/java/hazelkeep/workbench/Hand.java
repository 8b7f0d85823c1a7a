package hazelkeep.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import java.util.Optional;

/** Puts facts together as of where a run stands, without rehearsing what is left. */
public final class Hand {
  private final Standing<?> standing;
  private final Notes<?> notes;

  Hand(Standing<?> standing) {
    this.standing = standing;
    this.notes = new Notes<>(standing);
  }

  /** What is to be made, with everything that was measured. */
  public Aim aim() {
    return standing.aim();
  }

  /** The route from there. */
  public Route route() {
    return standing.route();
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

  /** The next step to do; empty when nothing is owed. */
  public Optional<Step> next() {
    return standing.route().steps().stream()
        .filter(s -> !standing.done().contains(s.key()))
        .findFirst();
  }

  /**
   * Whether a step can be done now: what is owed before it is done in the same hold, where a turner
   * may take one before the other, or touches no wood of the piece.
   */
  public boolean ready(StepKey key) {
    for (Setup s : standing.route().setups()) {
      boolean here = s.steps().stream().anyMatch(x -> x.key().equals(key));
      if (here) {
        return !standing.done().contains(key);
      }
      boolean owed =
          s.steps().stream()
              .filter(x -> !standing.done().contains(x.key()))
              .flatMap(x -> x.acts().stream())
              .anyMatch(a -> !(a instanceof Act.Mark));
      if (owed) {
        return false;
      }
    }
    return false;
  }

  /** The fact that a step was done. */
  public Fact.Done did(StepKey key) {
    return notes.did(key);
  }

  /**
   * The fact that a size was measured.
   *
   * @param settles whether it is to stay so; else wood is still to be cut there
   */
  public Fact read(DimKey what, String gauge, double shown, double truth, boolean settles) {
    return notes.read(what, gauge, shown, truth, settles);
  }

  /** The fact that the wood was found otherwise than planned. */
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
