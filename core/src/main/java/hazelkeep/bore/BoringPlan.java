package hazelkeep.bore;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.DrillChuck;
import hazelkeep.shop.Extension;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which bits in which order.
 *
 * @param bore what is wanted
 * @param passes in the order of the work
 * @param verdicts what would go wrong, or has to be watched
 */
public record BoringPlan(Bore bore, List<Pass> passes, List<Verdict> verdicts) {
  /** The plan for a bore with the bits on the wall. */
  public static BoringPlan of(Bore bore, Shop shop) {
    List<Pass> passes = new ArrayList<>();
    List<Verdict> verdicts = new ArrayList<>();
    // The larger, shallower step first: a centred bit needs wood where its spur goes.
    for (Bore.Step step : bore.steps()) {
      Optional<Pass> pass = best(step, bore, shop);
      if (pass.isEmpty()) {
        verdicts.add(none(step, shop));
        continue;
      }
      passes.add(pass.get());
      judge(pass.get(), bore.byHand(), verdicts);
    }
    return new BoringPlan(bore, List.copyOf(passes), List.copyOf(verdicts));
  }

  /**
   * How far its deepest point goes below the full diameter of its last step, mm; 0 where not every
   * step can be bored.
   */
  public double tip() {
    return passes.size() < bore.steps().size() ? 0 : passes.get(passes.size() - 1).bit().tip();
  }

  /** The passes for which a bit is set: one that goes on deeper with the same bit is one. */
  public List<Pass> set() {
    List<Pass> out = new ArrayList<>();
    for (Pass p : passes) {
      if (!out.isEmpty() && out.get(out.size() - 1).bit().equals(p.bit())) {
        out.remove(out.size() - 1);
      }
      out.add(p);
    }
    return List.copyOf(out);
  }

  /** The bit that leaves least to open; among equals the one that needs no extension. */
  private static Optional<Pass> best(Bore.Step step, Bore bore, Shop shop) {
    return candidates(step, bore, shop).stream().min(BEST);
  }

  /** Less to open first, then without an extension, then the shorter one. */
  static final Comparator<Pass> BEST =
      Comparator.comparingDouble(Pass::open)
          .thenComparing(p -> p.extension().isPresent())
          .thenComparingDouble(p -> p.extension().map(Extension::length).orElse(0.0))
          .thenComparingDouble(p -> p.bit().reach());

  /** Every way to bring a bit of the wall to a step's depth. */
  static List<Pass> candidates(Bore.Step step, Bore bore, Shop shop) {
    List<Pass> out = new ArrayList<>();
    DrillChuck chuck = shop.drillChuck();
    // It follows no deeper than a wider bore lets it, and no further than to its shoulder.
    double follows = Math.min(free(chuck.nose(), bore), chuck.length());
    for (Bit b : shop.bits()) {
      if (b.diameter() > step.diameter() + shop.custom(Line.BORE_SAME_SIZE)) {
        continue;
      }
      double need = step.depth() + shop.custom(Line.BORE_STAND_OFF);
      if (b.reach() >= need) {
        out.add(
            new Pass(b, step.diameter(), step.depth(), Optional.empty(), false, shop.practice()));
      } else if (need - b.reach() <= follows) {
        out.add(
            new Pass(b, step.diameter(), step.depth(), Optional.empty(), true, shop.practice()));
      } else {
        for (Extension e : shop.extensions()) {
          if (e.diameter() < b.diameter() && b.reach() + e.length() >= need) {
            out.add(
                new Pass(b, step.diameter(), step.depth(), Optional.of(e), false, shop.practice()));
          }
        }
      }
    }
    return out;
  }

  /** How deep something of a diameter can follow into the bore, mm. */
  private static double free(double diameter, Bore bore) {
    return bore.inwards().stream()
        .filter(s -> diameter < s.diameter())
        .mapToDouble(Bore.Step::depth)
        .max()
        .orElse(0);
  }

  private static Verdict none(Bore.Step step, Shop shop) {
    boolean small = shop.bits().stream().anyMatch(b -> b.diameter() <= step.diameter());
    double longest =
        shop.bits().stream()
            .filter(b -> b.diameter() <= step.diameter() + shop.custom(Line.BORE_SAME_SIZE))
            .mapToDouble(
                b ->
                    b.reach()
                        + shop.extensions().stream()
                            .filter(e -> e.diameter() < b.diameter())
                            .mapToDouble(Extension::length)
                            .max()
                            .orElse(0))
            .max()
            .orElse(0);
    return small
        ? Entry.BIT_SHORT.told(Grade.STOP, longest, step.depth() + shop.custom(Line.BORE_STAND_OFF))
        : Entry.BIT_MISSING.told(
            Grade.STOP,
            step.diameter(),
            shop.bits().stream().mapToDouble(Bit::diameter).min().orElse(0));
  }

  private static void judge(Pass p, boolean byHand, List<Verdict> out) {
    double slender = p.depth() / p.bit().diameter();
    // A hole by hand only tells the depth: what surrounds it is hollowed away.
    if (slender > p.practice().of(Line.BORE_DRIFT_DIAMETERS) && !byHand) {
      out.add(
          Entry.BORE_DRIFTS.told(
              Grade.NOTE,
              slender,
              p.practice().of(Line.BORE_DRIFT_DIAMETERS),
              p.bit().name(),
              Double.toString(p.drift())));
    }
    if (p.open() > 0) {
      out.add(Entry.BIT_SMALLER.told(Grade.NOTE, p.bit().diameter(), p.wanted()));
    }
  }

  /** Whether a centred bit finds wood where its spur goes, when passes are done in an order. */
  static boolean centred(List<Pass> order) {
    for (int i = 0; i < order.size(); i++) {
      if (!order.get(i).bit().needsCentre()) {
        continue;
      }
      for (int j = 0; j < i; j++) {
        if (order.get(j).depth() >= order.get(i).depth()) {
          return false;
        }
      }
    }
    return true;
  }
}
