package hazelkeep.workbench;

import hazelkeep.measure.Grade;
import hazelkeep.route.Finding;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What turners do about what was found, beside changes that can be worked out; common practice. */
public final class ByHand {
  private ByHand() {}

  /**
   * Sentences, those first about what was found last.
   *
   * @param bench where the run stands
   * @param log all facts so far
   */
  public static List<String> of(Bench<?> bench, List<Entry> log) {
    Set<Long> withdrawn = Fact.withdrawn(log);
    List<String> found = new ArrayList<>();
    for (Entry e : log) {
      if (e.fact() instanceof Fact.Found f && !withdrawn.contains(e.no())) {
        found.add(0, f.as().what().helps());
      }
    }
    Set<String> out = new LinkedHashSet<>(found);
    for (Finding f : bench.plan().findings()) {
      if (f.grade() != Grade.NOTE || f.code().equals(GIVEN_UP)) {
        out.add(f.advice());
      }
    }
    return List.copyOf(out);
  }

  private static final String GIVEN_UP = hazelkeep.finding.Entry.PART_GIVEN_UP.code();
}
