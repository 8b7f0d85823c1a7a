package hazelkeep.setout;

import hazelkeep.route.Act;
import hazelkeep.route.Claim;
import hazelkeep.route.Stage;
import hazelkeep.setout.HandCut.Does;
import hazelkeep.setout.HandCut.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The cuts that set something loose round what is held: a captive ring. It is cut under from both
 * sides until the two cuts meet; what that leaves on the core is roughed out and has no number.
 */
final class Freeing {
  private Freeing() {}

  /** Whether a step sets something loose. */
  static boolean frees(Stage stage) {
    return stage.step().acts().stream()
        .filter(Act.Remove.class::isInstance)
        .flatMap(a -> ((Act.Remove) a).claims().stream())
        .anyMatch(c -> c.fate() == Claim.Fate.FREED);
  }

  /** Its cuts: from one side, from the other. */
  static List<HandCut> of(SetOut told) {
    List<HandCut> out = new ArrayList<>();
    for (Pass pass : told.passes()) {
      List<Cut> under = pass.cuts().stream().filter(Cut::inside).toList();
      if (!under.isEmpty()) {
        Cut a = under.get(0);
        Cut b = under.get(under.size() - 1);
        out.add(cut(Does.UNDER, pass, List.of(a.first(), a.last()), a));
        out.add(cut(Does.FREE, pass, List.of(b.last(), b.first()), b));
      }
    }
    return out;
  }

  private static HandCut cut(Does does, Pass pass, List<Station> places, Cut of) {
    return new HandCut(does, pass.datum().from(), places, Stop.MEETS, 0, Optional.of(of));
  }
}
