package hazelkeep.setout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which of a few calipers is set to which diameter, cut by cut: a setting that comes again is kept,
 * and where one has to be set anew it is that whose setting is wanted last again, or never.
 *
 * <p>Setting the one that is wanted last again is as seldom as it can be (Belady 1966, for pages of
 * a store). Example: 62, 47, 62, 30, 25, 62 with three calipers: A 62, B 47, A again, C 30, B anew
 * to 25, A again: four are set, two are used again.
 */
public final class Calipers {
  /** Settings nearer than this are one, mm. */
  private static final double SAME = 0.05;

  private Calipers() {}

  /**
   * One of them for a cut.
   *
   * @param letter which, {@code A} the first
   * @param fresh whether it is set now; else it is set already
   */
  public record Setting(char letter, boolean fresh) {}

  /**
   * Calipers for the cuts of a hold, in order.
   *
   * @param cuts the cuts
   * @param most how many calipers may be open at a time, from 1 on
   * @return one for each cut; empty where calipers do not stop it, or where a fit is measured
   */
  public static List<Optional<Setting>> of(List<HandCut> cuts, int most) {
    List<Optional<Setting>> out = new ArrayList<>();
    List<Double> open = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      if (!set(cuts.get(i))) {
        out.add(Optional.empty());
        continue;
      }
      int at = find(open, cuts.get(i).mm());
      boolean fresh = at < 0;
      if (fresh) {
        at = open.size() < most ? open.size() : last(open, cuts, i);
        if (at == open.size()) {
          open.add(0.0);
        }
        open.set(at, cuts.get(i).mm());
      }
      out.add(Optional.of(new Setting((char) ('A' + at), fresh)));
    }
    return out;
  }

  private static boolean set(HandCut h) {
    return h.stop() == HandCut.Stop.CALIPERS && h.of().filter(Cut::fine).isEmpty();
  }

  private static int find(List<Double> open, double mm) {
    for (int i = 0; i < open.size(); i++) {
      if (Math.abs(open.get(i) - mm) < SAME) {
        return i;
      }
    }
    return -1;
  }

  /** The one whose setting is wanted last again. */
  private static int last(List<Double> open, List<HandCut> cuts, int from) {
    int at = 0;
    int latest = -1;
    for (int k = 0; k < open.size(); k++) {
      int next = Integer.MAX_VALUE;
      for (int i = cuts.size() - 1; i > from; i--) {
        boolean wanted = set(cuts.get(i)) && Math.abs(cuts.get(i).mm() - open.get(k)) < SAME;
        next = wanted ? i : next;
      }
      if (next > latest) {
        latest = next;
        at = k;
      }
    }
    return at;
  }
}
