package hazelkeep.bore;

import hazelkeep.shop.Landmark;
import hazelkeep.shop.Shop;
import java.util.Comparator;
import java.util.Optional;

/**
 * An object held between the wood and what holds the bit, as a stop: when it just fits, so much is
 * still to go.
 *
 * @param object the landmark
 * @param more how much deeper the bore still goes, mm
 */
public record Gap(Landmark object, double more) {
  /**
   * How far what holds the bit stands from the wood at the end; below zero it is in the bore, mm.
   */
  public static double left(Pass p) {
    return p.bit().reach() + p.extension().map(e -> e.length()).orElse(0.0) - p.depth();
  }

  /** The object on the wall that leaves least to go; empty where none fits in before the end. */
  public static Optional<Gap> of(Pass p, Shop shop) {
    double left = left(p);
    return shop.landmarks().stream()
        .map(l -> new Gap(l, l.length() - left))
        .filter(g -> g.more() >= 0 && g.more() < p.depth())
        .min(Comparator.comparingDouble(Gap::more));
  }
}
