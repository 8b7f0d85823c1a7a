package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Origin;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Properties;
import hazelkeep.web.drawing.Show;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Something that the piece may be asked to come to.
 *
 * @param what its name
 * @param label in the trade's words
 * @param asked how much is asked, as it is typed; empty where nothing is
 * @param comes what it comes to as it is
 * @param below the size that says how far below the brim it is filled, as it is typed; null where
 *     there is none
 * @param belowKey the name of that size
 */
public record OutcomeView(
    String what, String label, String asked, String comes, String below, String belowKey) {
  /** All that can be asked of a piece. */
  static List<OutcomeView> of(Plan<?> plan, Show show, DesignForm form) {
    return Arrays.stream(Outcome.values())
        .filter(o -> o.in(plan.design()).isPresent() || can(o, plan, form))
        .map(o -> view(o, plan, show))
        .toList();
  }

  /** Nothing is asked twice: boxes and goblets are asked what they hold with what goes in. */
  private static boolean can(Outcome o, Plan<?> plan, DesignForm form) {
    Properties p = plan.sketch().properties();
    return switch (o) {
      case HOLDS -> p.brimMl() > 0 && !form.takes("content.ml");
      case WEIGHS -> p.grams().isPresent();
      case TIPS -> plan.kind().stands();
      case WALLS -> plan.sketch().comesTo(o).isPresent();
    };
  }

  private static OutcomeView view(Outcome o, Plan<?> plan, Show show) {
    Design design = plan.design();
    Optional<Added> added = o.in(design);
    Optional<Dim> amount = added.map(a -> plan.aim().dims().get(o.amount(a)));
    String asked =
        amount.filter(d -> d.origin() != Origin.COMMON_PRACTICE).map(show::value).orElse("");
    Optional<Dim> below =
        o == Outcome.HOLDS
            ? added.map(a -> plan.aim().dims().get(Outcome.below(a)))
            : Optional.empty();
    return new OutcomeView(
        o.key(),
        o.words(),
        asked,
        comes(o, plan, show),
        below.map(show::value).orElse(null),
        below.map(d -> d.key().path()).orElse(null));
  }

  private static String comes(Outcome o, Plan<?> plan, Show show) {
    double is = plan.sketch().comesTo(o).orElse(Double.NaN);
    return o == Outcome.WALLS ? show.len(is) : o.quantity().signed(Show.plain(is));
  }
}
