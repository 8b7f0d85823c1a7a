package hazelkeep.workbench;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Measure;
import hazelkeep.route.Prompt;
import hazelkeep.shop.Gauge;
import java.util.List;

/** What a reading leaves to do. */
public enum Leaves {
  /** It will do. */
  NOTHING,
  /** There is still wood to cut. */
  MORE_TO_CUT,
  /** Too much was cut. */
  TOO_MUCH;

  /**
   * What a reading leaves: outsides and lengths get smaller as they are cut, insides and depths
   * larger.
   *
   * @param truth the true length that was read, mm
   * @param with the device that it was read with
   * @param in the unit that it was read in
   */
  static Leaves of(List<Measure> measures, Prompt prompt, double truth, Gauge with, Unit in) {
    if (!prompt.doubts(truth, with, in)) {
      return NOTHING;
    }
    boolean shrinks =
        measures.stream()
            .filter(m -> m.key().equals(prompt.dim().key()))
            .findFirst()
            .map(m -> m.kind() == Measure.Kind.OUTSIDE || m.kind() == Measure.Kind.LENGTH)
            .orElse(false);
    return truth > prompt.most() == shrinks ? MORE_TO_CUT : TOO_MUCH;
  }
}
