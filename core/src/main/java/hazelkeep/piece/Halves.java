package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Joint;
import java.util.Optional;

/**
 * The two halves of a joint. Where one was stated the other follows by its rule; where both were, a
 * half that is changed by more than a fit is tuned by brings the other along, so that the clearance
 * stays the one that the two were stated with.
 *
 * <p>Example: recess 46.0 and spigot 45.9 are stated; a recess of 50.0 makes the spigot 49.9, one
 * of 46.1 leaves it at 45.9.
 */
public final class Halves {
  private Halves() {}

  /** A design with one size stated, or left to its rule, and its stated partner brought along. */
  public static <D extends Design> D sized(Sketch<D> before, DimKey key, Optional<Size> size) {
    D out = before.kind().size(before.design(), key, size);
    Aim aim = before.aim();
    if (size.isEmpty() || !aim.dims().containsKey(key)) {
      return out;
    }
    double by = size.get().mm() - aim.mm(key);
    for (Joint j : aim.joints()) {
      DimKey partner =
          key.equals(j.recess()) ? j.spigot() : key.equals(j.spigot()) ? j.recess() : null;
      Size stated = partner == null ? null : out.sizes().get(partner);
      if (stated != null && Math.abs(by) > aim.custom(Line.FIT_TUNED)) {
        out = before.kind().size(out, partner, Optional.of(Size.mm(stated.mm() + by)));
      }
    }
    return out;
  }
}
