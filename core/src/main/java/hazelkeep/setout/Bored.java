package hazelkeep.setout;

import hazelkeep.shop.Bit;
import java.util.List;
import java.util.Optional;

/**
 * A hole as it is bored: with which bit, how far from the free end. Where it meets another hole the
 * wood ends earlier; what is set on the stop is this.
 *
 * @param part whose wood is bored
 * @param bit the bit
 * @param deep from the free end of the work to where its full diameter ends, mm
 */
public record Bored(String part, Bit bit, double deep) {
  /** From the free end to its point, mm. */
  public double point() {
    return deep + bit.tip();
  }

  /**
   * Its wall as a line to cut to, whatever of it is there already.
   *
   * @param bares the lines that it bares
   */
  Pass pass(List<Pass> bares, Datum end) {
    Optional<Named> on =
        bares.stream()
            .flatMap(p -> p.cuts().stream())
            .filter(c -> c.shape() == Cut.Shape.PARALLEL)
            .flatMap(c -> c.on().stream())
            .findFirst();
    List<Station> wall = List.of(new Station(0, bit.diameter()), new Station(deep, bit.diameter()));
    Cut cut = new Cut(Cut.Shape.PARALLEL, wall, 0, on, true, true);
    return new Pass(part, end, List.of(cut), false);
  }
}
