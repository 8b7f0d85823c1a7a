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
    List<Finding> minded = bench.plan().findings().stream().filter(ByHand::minded).toList();
    List<String> found = new ArrayList<>();
    for (Entry e : log) {
      if (e.fact() instanceof Fact.Found f && !withdrawn.contains(e.no())) {
        // What a way on has mended already is told no more.
        if (minded.stream().anyMatch(m -> m.part().equals(f.as().part()))) {
          found.add(0, f.as().what().helps());
        }
      }
    }
    // What follows from wood that is gone would only bury what is done about it.
    Set<String> out = new LinkedHashSet<>(found);
    minded.stream()
        .filter(m -> found.isEmpty() || m.code().equals(GIVEN_UP))
        .map(Finding::advice)
        .distinct()
        .limit(MOST)
        .forEach(out::add);
    return List.copyOf(out);
  }

  /** More advice than this nobody reads with a tool in the hand. */
  private static final int MOST = 4;

  private static boolean minded(Finding f) {
    return f.grade() != Grade.NOTE || f.code().equals(GIVEN_UP) || f.code().equals(DROPPED);
  }

  private static final String GIVEN_UP = hazelkeep.finding.Entry.PART_GIVEN_UP.code();
  private static final String DROPPED = hazelkeep.finding.Entry.DROPPED.code();
}
