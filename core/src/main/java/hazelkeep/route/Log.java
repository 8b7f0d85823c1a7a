package hazelkeep.route;

import hazelkeep.finding.Verdict;
import hazelkeep.hold.Hold;
import hazelkeep.solid.Point;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a play found, in that order. */
final class Log {
  private final List<Finding> all = new ArrayList<>();

  /** What the step at hand is held by; null before and after the route. */
  private Hold held;

  void held(Hold now) {
    held = now;
  }

  void add(Finding f) {
    all.add(f);
  }

  void tell(List<EarlyFits.Early> early) {
    early.forEach(e -> find(e.verdict(), e.at(), e.part(), null));
  }

  void find(Verdict v, StepKey at, String part, Point where) {
    find(v, at, new SurfaceId(part, ""), where);
  }

  void find(Verdict v, StepKey at, SurfaceId on, Point where) {
    all.add(
        new Finding(
            v,
            Optional.ofNullable(at),
            on.part(),
            on.name(),
            Optional.ofNullable(where),
            v.helps(held != null && (held.supported() || held.steady().isPresent())),
            List.of()));
  }

  /** All of it; one mistake is told once at each step and part. */
  List<Finding> once() {
    List<Finding> out = new ArrayList<>();
    for (Finding f : all) {
      if (out.stream().noneMatch(f::sameAs)) {
        out.add(f);
      }
    }
    return List.copyOf(out);
  }
}
