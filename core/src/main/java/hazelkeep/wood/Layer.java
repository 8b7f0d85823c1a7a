package hazelkeep.wood;

import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of a blank that was glued up of more than one wood: from a seam on.
 *
 * @param from where it begins, in the blank's z
 * @param wood what it is of, up to the next seam
 */
public record Layer(double from, Species wood) {
  /**
   * Wood of one kind out of a blank of several.
   *
   * @param region where it is
   * @param wood what it is of
   */
  public record Of(HalfSection region, Species wood) {}

  /**
   * A region of a glued-up blank, wood by wood from its low end up.
   *
   * @param region in the blank's z
   * @param first the wood under the first seam
   * @param layers from the low one up
   */
  public static List<Of> split(HalfSection region, Species first, List<Layer> layers) {
    if (layers.isEmpty()) {
      return List.of(new Of(region, first));
    }
    List<Of> out = new ArrayList<>();
    double low = -HalfSection.FAR;
    Species wood = first;
    for (Layer l : layers) {
      add(out, region, low, l.from, wood);
      low = l.from;
      wood = l.wood;
    }
    add(out, region, low, HalfSection.FAR, wood);
    return out;
  }

  private static void add(List<Of> out, HalfSection region, double from, double to, Species wood) {
    HalfSection part = region.and(HalfSection.box(from, to, 0, HalfSection.FAR));
    if (!part.isEmpty()) {
      out.add(new Of(part, wood));
    }
  }
}
