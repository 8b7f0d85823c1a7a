package hazelkeep.element;

import hazelkeep.piece.Added;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Told;
import hazelkeep.route.Aim;
import java.util.List;

/**
 * Something that the piece is asked to come to: it shapes nothing itself, what is customary gives
 * way to it. Whether it does is read on what was drawn.
 */
final class ComesTo extends AddedElement {
  /** A line lies at most so far below the brim, mm. */
  private static final double LOWEST = 100;

  private final Outcome outcome;

  ComesTo(Added added, Outcome outcome) {
    super(added, outcome.words());
    this.outcome = outcome;
  }

  @Override
  public String label() {
    return word();
  }

  @Override
  public List<SizeRule> sizes() {
    SizeRule amount =
        new SizeRule(
            outcome.amount(added),
            outcome.label(),
            outcome.least(),
            outcome.most(),
            d -> Rule.Value.practice(outcome.least(), "not asked"));
    return outcome == Outcome.HOLDS
        ? List.of(
            amount,
            new SizeRule(
                Outcome.below(added),
                "Line below the brim",
                0,
                LOWEST,
                d -> Rule.Value.practice(0, "up to the brim")))
        : List.of(amount);
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    // The piece as a whole is held against it once all of it is drawn.
  }
}
