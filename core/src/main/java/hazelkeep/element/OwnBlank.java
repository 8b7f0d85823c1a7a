package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Added;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Told;
import hazelkeep.route.Aim;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import java.util.List;
import java.util.Optional;

/**
 * A blank of its own for the upper half of a piece of two. Both lie along the axis as they would in
 * one blank, the kerf between them: so sizes, joint and drawing stay what they are. What changes is
 * how the work begins ({@link Opening}), and the wood of the upper half.
 */
final class OwnBlank implements AddedElement {
  private final Added added;

  OwnBlank(Added added) {
    this.added = added;
  }

  @Override
  public Added added() {
    return added;
  }

  @Override
  public String word() {
    return "blank of its own";
  }

  @Override
  public String label() {
    return word();
  }

  @Override
  public String where() {
    return word() + " for the " + added.part();
  }

  @Override
  public boolean wooded() {
    return true;
  }

  @Override
  public boolean ofBlank() {
    return true;
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of();
  }

  /** The upper of two halves that are parted from one another. */
  private boolean parts(Aim aim) {
    List<Part> all = aim.offBlank();
    return aim.dims().containsKey(StockRules.KERF)
        && all.get(all.size() - 1).name().equals(added.part());
  }

  /**
   * Its wood begins midway between what is drawn of the one half and of the other; where none was
   * said it is the piece's, whatever was glued into the lower half.
   */
  @Override
  public Optional<Layer> layer(Form form, Sizes s, Aim bare) {
    if (!parts(bare)) {
      return Optional.empty();
    }
    Part upper = bare.part(added.part());
    double high = upper.target().minZ();
    for (Stub stub : upper.stubs()) {
      high = Math.min(high, stub.region().minZ());
    }
    double low = 0;
    for (Part p : bare.offBlank()) {
      if (p != upper) {
        low = Math.max(low, p.target().maxZ());
        for (Stub stub : p.stubs()) {
          low = Math.max(low, stub.region().maxZ());
        }
      }
    }
    Species wood =
        added.wood().map(w -> Seam.wood(w, s.shop())).orElseGet(() -> bare.blank().wood());
    return Optional.of(new Layer((low + high) / 2, wood));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    if (!parts(aim)) {
      told.found(Entry.BLANK_NOT_HERE.told(Grade.STOP, added.part()), added.part(), null);
    }
  }
}
