package hazelkeep.giving;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Limits as they were found, round by round. The largest of several sizes turns where another
 * becomes the largest, so where the limits of the last round lead back, those of every round count
 * as long as they leave anything; and what holds may turn steeply, so where it leaves nothing it is
 * only looked at when it is drawn.
 */
final class Cuts {
  private final List<LeastChange.Limit> all = new ArrayList<>();
  private final Map<String, LeastChange.Limit> passed = new LinkedHashMap<>();
  final List<LeastChange.Limit> held = new ArrayList<>();

  /** Whether those of every round count, since the last alone led back to where it had been. */
  boolean every;

  void add(String lack, boolean over, LeastChange.Limit limit) {
    if (over || passed.containsKey(lack)) {
      passed.put(lack, limit);
      all.add(limit);
    } else {
      held.add(limit);
    }
  }

  Optional<double[]> least(List<LeastChange.Unknown> unknowns) {
    List<LeastChange.Limit> last = List.copyOf(passed.values());
    List<LeastChange.Limit> now = every ? all : last;
    List<LeastChange.Limit> both = new ArrayList<>(held);
    both.addAll(now);
    return LeastChange.of(unknowns, both)
        .or(() -> LeastChange.of(unknowns, now))
        .or(() -> every ? LeastChange.of(unknowns, last) : Optional.empty());
  }
}
