package hazelkeep.web.workbench;

import hazelkeep.element.Spigot;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Contradictions;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What was wished and can't be any more, though nothing stands in the way of the rest. */
final class WishLost {
  /**
   * What is read within this of what was wished is what was wished: one place of what is shown, mm.
   */
  private static final double READS_ALIKE = 0.1;

  private WishLost() {}

  /**
   * Each in a sentence: a size that was stated, or the clearance of a joint, that is another now.
   *
   * @param wished the plan before anything was measured
   * @param now the plan from where the run stands
   */
  static List<String> of(Plan<?> wished, Plan<?> now, Show show) {
    Set<DimKey> asked = new LinkedHashSet<>(wished.design().sizes().keySet());
    wished.aim().closing().ifPresent(j -> asked.add(Spigot.CLEARANCE));
    List<String> out = new ArrayList<>();
    for (DimKey key : asked) {
      Dim was = wished.aim().dims().get(key);
      Dim is = now.aim().dims().get(key);
      if (was != null && is != null && differs(was, is)) {
        out.add(
            Sentences.of(
                "wishLost.is-now-was-wished",
                is.label(),
                show.number(is, is.mm()),
                show.number(was, was.mm()),
                show.unit().word()));
      }
    }
    return out;
  }

  private static boolean differs(Dim was, Dim is) {
    double agrees = is.fit() ? Contradictions.FITS : READS_ALIKE;
    return Math.abs(was.mm() - is.mm()) > agrees;
  }
}
