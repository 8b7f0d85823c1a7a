package hazelkeep.bore;

import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Two bits a step apart: the smaller bores the body, the larger the lid; the spigot is what the
 * step leaves.
 *
 * @param small for the body
 * @param large for the lid
 */
public record StepPair(Bit small, Bit large) {
  /** The spigot's wall before anything is taken off for the fit, mm. */
  public double spigot() {
    return (large.diameter() - small.diameter()) / 2;
  }

  /** Slim before stout, then the stouter spigot that this leaves. */
  static final Comparator<StepPair> SLIMMEST =
      Comparator.<StepPair>comparingDouble(p -> p.large().diameter())
          .thenComparingDouble(p -> p.small().diameter())
          .thenComparingDouble(p -> -p.small().reach());

  /**
   * The pair that gives the slimmest case round what goes in.
   *
   * @param holds least diameter of the body's bore, mm
   * @param body how deep the body is bored, to the full diameter, mm
   * @param lid how deep the lid is bored, mm
   * @param spigot the least wall of the spigot between the two, mm
   * @return empty where no two bits of the wall will do
   */
  public static Optional<StepPair> slimmest(
      Shop shop, double holds, double body, double lid, double spigot) {
    return all(shop.bits(), spigot).stream()
        .filter(p -> p.small().diameter() >= holds - shop.custom(Line.BORE_SAME_SIZE))
        .filter(p -> reaches(p.small(), body, shop) && reaches(p.large(), lid, shop))
        .min(SLIMMEST);
  }

  /** Every two bits whose step leaves a spigot. */
  static List<StepPair> all(List<Bit> bits, double spigot) {
    return bits.stream()
        .flatMap(s -> bits.stream().map(l -> new StepPair(s, l)))
        .filter(p -> p.spigot() >= spigot - 1e-9)
        .filter(p -> p.small().form() != Bit.Form.DEPTH && p.large().form() != Bit.Form.DEPTH)
        .toList();
  }

  /** Whether a bit bores so deep, alone or on an extension. */
  static boolean reaches(Bit bit, double depth, Shop shop) {
    return BoringPlan.candidates(
            new Bore.Step(bit.diameter(), depth), Bore.plain("bore", bit.diameter(), depth), shop)
        .stream()
        .anyMatch(p -> p.bit().equals(bit));
  }
}
