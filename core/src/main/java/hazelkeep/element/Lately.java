package hazelkeep.element;

import hazelkeep.giving.GivesWay;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Memory;
import hazelkeep.piece.Design;
import hazelkeep.piece.Gave;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Settled;
import hazelkeep.shop.Shop;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Designs that were asked for lately. What gave way in one, and what was drawn of it, is asked for
 * by its walls, its judges, its sizes, its route and each way out, one after the other.
 */
final class Lately {
  /** So many designs are known to be settled. */
  private static final int MOST = 1000;

  /** What was asked of a design. */
  private record Of(Kind<?> kind, Design design, Shop shop) {}

  /** What gave way in designs that were asked for lately. */
  private static final Memory<Of, Gave> GAVE = new Memory<>(MOST, g -> 1);

  /** The design that was settled last, as it was drawn. */
  private static final AtomicReference<Map.Entry<Of, Settled<?>>> SETTLED = new AtomicReference<>();

  /**
   * A design that was drawn.
   *
   * @param dims the very map that it was drawn by
   */
  private record Known(
      Kind<?> plain, Design design, Map<DimKey, Dim> dims, Shop shop, Drawn drawn) {
    private boolean is(Kind<?> kind, Design other, Map<DimKey, Dim> by, Shop in) {
      return design == other && dims == by && shop == in && plain.equals(kind);
    }
  }

  /** The design that was drawn last. */
  private static final AtomicReference<Known> DRAWN = new AtomicReference<>();

  private Lately() {}

  /** What gave way in a design; with it drawn as it was stated where that was done just now. */
  @SuppressWarnings("unchecked") // The kind is part of what was asked.
  static <D extends Design> Settled<D> settled(Kind<D> kind, D design, Shop shop) {
    Of of = new Of(kind, design, shop);
    Gave gave =
        GAVE.of(
            of,
            () -> {
              Settled<D> made = GivesWay.of(kind, design, shop);
              SETTLED.set(Map.entry(of, made));
              return made.gave();
            });
    Map.Entry<Of, Settled<?>> last = SETTLED.get();
    return last != null && last.getKey().equals(of)
        ? (Settled<D>) last.getValue()
        : new Settled<>(gave, Optional.empty());
  }

  /** What was added to a plain piece, on it. */
  static <D extends Design> Drawn drawn(Kind<D> plain, D design, Map<DimKey, Dim> dims, Shop shop) {
    Known known = DRAWN.get();
    if (known != null && known.is(plain, design, dims, shop)) {
      return known.drawn;
    }
    Drawn drawn = Drawn.of(plain.title(), plain.aim(design, dims, shop), design, dims, shop);
    DRAWN.set(new Known(plain, design, dims, shop, drawn));
    return drawn;
  }
}
