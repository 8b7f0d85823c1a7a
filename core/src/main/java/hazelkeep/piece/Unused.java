package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was stated and does nothing: a round-over on a domed lid, a change of a step that is not
 * there. A size is known to do nothing when neither the wood, the template of its holes nor the
 * route is another with it a millimetre larger or smaller.
 *
 * @param <D> the design record
 */
final class Unused<D extends Design> {
  /** By how much a size is changed to see whether anything follows, mm. */
  private static final double NUDGE = 1;

  private final Kind<D> kind;
  private final D design;
  private final Shop shop;

  Unused(Kind<D> kind, D design, Shop shop) {
    this.kind = kind;
    this.design = design;
    this.shop = shop;
  }

  /** Sizes without use; those that are read on the section again have one. */
  List<Finding> sizes(Aim aim) {
    List<Finding> out = new ArrayList<>();
    List<DimKey> open = new ArrayList<>(design.sizes().keySet());
    open.removeAll(kind.dimensions(design, aim, shop).onSection().keySet());
    open.removeIf(k -> Outcome.asks(design, k));
    // Every length of the stick lies somewhere in the blank.
    open.removeAll(StickPiece.stock(kind.stick(design, aim.dims())));
    if (open.isEmpty()) {
      return out;
    }
    Route route = kind.route(design, aim, shop);
    for (DimKey key : open) {
      if (!does(key, NUDGE, aim, route) && !does(key, -NUDGE, aim, route)) {
        out.add(told(aim, key));
      }
    }
    return out;
  }

  private boolean does(DimKey key, double nudge, Aim aim, Route route) {
    try {
      Size is = design.sizes().get(key);
      D other = kind.size(design, key, Optional.of(Size.mm(is.mm() + nudge)));
      Aim then = kind.aim(other, dims(other), shop);
      return !then.parts().equals(aim.parts())
          || !then.blanks().equals(aim.blanks())
          || !kind.route(other, then, shop).equals(route);
    } catch (Refused e) {
      // What can be wrong has a use, or lies at the end of its range: the other side tells.
      return nudge < 0;
    }
  }

  /** The dimensions of another design, with what gave way in this one. */
  private Map<DimKey, Dim> dims(D other) {
    Map<DimKey, Double> gave = kind.settled(design, shop).gave().to();
    return Dims.resolve(new Dims.Asked<>(other, kind.rules(other), shop, gave), Map.of());
  }

  private Finding told(Aim aim, DimKey key) {
    Dim d = aim.dims().get(key);
    D without = kind.size(design, key, Optional.empty());
    double then = dims(without).get(key).mm();
    return Finding.of(
            Entry.SIZE_UNUSED.told(Grade.NOTE, d.mm(), then, d.label()),
            aim.parts().get(0).name(),
            null)
        .with(List.of(new Remedy.LetGo(key, Length.mm(then))));
  }

  /** The turner's changes of the route that can't be made on it. */
  static List<Finding> edits(List<RouteEdit> edits, Route route, Aim aim) {
    List<Finding> out = new ArrayList<>();
    for (RouteEdit e : edits.stream().filter(route.ignored()::contains).toList()) {
      StepKey about = e.about();
      out.add(
          Finding.of(
                  Entry.EDIT_UNUSED.told(Grade.NOTE, about.path()), aim.parts().get(0).name(), null)
              .with(List.of(new Remedy.Restore(about))));
    }
    return out;
  }
}
