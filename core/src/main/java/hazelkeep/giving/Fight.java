package hazelkeep.giving;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.shop.Shop;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Stated sizes that fight one another or a law: one smallest set of them with which nothing that is
 * customary can give way far enough.
 *
 * <p>It is found by deletion: a size without which the rest still fights is let go of; what is left
 * when every one was tried is a smallest set, as any one more would end it. Example: recess 54,
 * foot 50 and lid 30 are stated; without the lid the two still fight, without either of them they
 * don't.
 *
 * @param sizes each with what it would have to become, mm, the nearest to what was stated; without
 *     one where nothing was found that it could be
 */
public record Fight(Map<DimKey, Optional<Double>> sizes) {
  /** No fight. */
  public static final Fight NONE = new Fight(Map.of());

  /** The fight in a design; none where customs can give way. */
  public static <D extends Design> Fight of(Kind<D> kind, D design, Shop shop) {
    Trial<D> trial = new Trial<>(kind, design, shop);
    if (GivesWay.can(trial)) {
      return NONE;
    }
    D left = design;
    for (DimKey key : design.sizes().keySet()) {
      D without = kind.size(left, key, Optional.empty());
      if (!GivesWay.can(new Trial<>(kind, without, shop))) {
        left = without;
      }
    }
    Map<DimKey, Optional<Double>> out = new LinkedHashMap<>();
    for (Map.Entry<DimKey, Size> e : left.sizes().entrySet()) {
      out.put(e.getKey(), GivesWay.nearest(trial, e.getKey()));
    }
    return new Fight(out);
  }
}
