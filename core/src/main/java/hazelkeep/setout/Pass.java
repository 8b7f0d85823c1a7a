package hazelkeep.setout;

import java.util.List;

/**
 * A line to cut to, from where it leaves the air to where it comes out again.
 *
 * @param part whose wood is cut
 * @param datum where its places are counted from
 * @param cuts its stretches in order, the wood that stays on the right hand when the work is seen
 *     with the headstock on the left
 * @param closed whether the last stretch meets the first
 */
public record Pass(String part, Datum datum, List<Cut> cuts, boolean closed) {
  /** Copies the cuts. */
  public Pass {
    cuts = List.copyOf(cuts);
  }
}
