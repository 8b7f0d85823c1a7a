package hazelkeep.piece;

import hazelkeep.route.Finding;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What follows from something that is told already says nothing more. */
final class Causes {
  /** Less wood than this is left by a fit that is a hair too tight, ml. */
  private static final double HAIR = 0.05;

  /** Effects of a cause, wherever they show. */
  private static final Map<String, Set<String>> EVERYWHERE =
      Map.of("no-jaws", Set.of("tenon-range", "shoulder-unseated"));

  /** Effects of a cause on its own part. */
  private static final Map<String, Set<String>> ON_ITS_PART =
      Map.of(
          "hold-missing",
          Set.of("tenon-range", "jam-loose"),
          "knob-by-hand",
          Set.of("wood-left", "last-cut", "last-sand", "last-finish", "before-cut"),
          "detail-no-room",
          Set.of("size-unused"),
          "detail-meets",
          Set.of("size-unused"));

  private Causes() {}

  /** Takes out what only follows. */
  static void effectsLeftOut(List<Finding> findings) {
    List<Finding> all = List.copyOf(findings);
    findings.removeIf(f -> all.stream().anyMatch(cause -> causes(cause, f)));
  }

  private static boolean causes(Finding cause, Finding effect) {
    if (EVERYWHERE.getOrDefault(cause.code(), Set.of()).contains(effect.code())) {
      return true;
    }
    boolean here = cause.part().equals(effect.part());
    boolean fitted =
        cause.code().equals("fit-tight")
            && effect.code().equals("wood-left")
            && effect.verdict().found() < HAIR;
    return here
        && (fitted || ON_ITS_PART.getOrDefault(cause.code(), Set.of()).contains(effect.code()));
  }
}
