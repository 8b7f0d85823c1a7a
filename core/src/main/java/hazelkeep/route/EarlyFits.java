package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Grip;
import hazelkeep.hold.JamOn;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleSupplier;

/**
 * Fits that were brought to size before the wood behind them was hollowed: what is relieved there
 * lets the wood move. A fit for use is lost by it; a jam only where it drives something afterwards.
 */
final class EarlyFits {
  /** One of them: what is told, at the step that made it. */
  record Early(Verdict verdict, StepKey at, String part) {}

  private final Aim aim;
  private final Map<Act.Try, StepKey> tried = new HashMap<>();
  private final List<Early> loosened = new ArrayList<>();

  EarlyFits(Aim aim) {
    this.aim = aim;
  }

  /** A fit is tried for the first time. */
  void tried(Act.Try fit, StepKey at) {
    tried.putIfAbsent(fit, at);
  }

  /**
   * A part is cut.
   *
   * @param share how much of its wood went
   * @return the fits for use that are lost by it
   */
  List<Early> hollowed(String part, Act.Remove cut, DoubleSupplier share) {
    List<Early> out = new ArrayList<>();
    for (Joint j : aim.joints()) {
      boolean made =
          List.of(true, false).stream().anyMatch(x -> tried.containsKey(new Act.Try(j.name(), x)));
      if (!made || !j.fitted().part().equals(part)) {
        continue;
      }
      boolean inside = hollows(part, cut, j);
      double width = aim.width(j);
      double off = 2 * aim.custom(Line.ROUTE_REGRIP);
      if (inside && off > width && share.getAsDouble() > aim.custom(Line.ROUTE_MOVES)) {
        Verdict told = Entry.FIT_EARLY.told(Grade.WATCH, off, width);
        early(new Act.Try(j.name(), false), told, part, out);
        early(new Act.Try(j.name(), true), told, part, loosened);
      }
    }
    return out;
  }

  /** Whether a cut takes wood out of the hollow, whatever is left there for later. */
  private boolean hollows(String part, Act.Remove cut, Joint j) {
    return aim.part(part).surfaces().stream()
        .filter(s -> s.inside() && !s.id().equals(j.outer()))
        .anyMatch(s -> s.zone().and(cut.region()).area() > HalfSection.DUST_AREA);
  }

  private void early(Act.Try fit, Verdict told, String part, List<Early> into) {
    if (tried.containsKey(fit)) {
      into.add(new Early(told, tried.get(fit), part));
    }
  }

  /** The work is mounted: the jams that drive it now, and that were hollowed behind. */
  List<Early> mounted(Grip grip) {
    return grip instanceof JamOn on
        ? loosened.stream().filter(e -> Set.of(on.guest(), on.host()).contains(e.part())).toList()
        : List.of();
  }
}
