package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.bore.BoreSpeed;
import hazelkeep.kinds.RandomPieces.Wished;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The work turns and not the bit: every step's window is bounded by all that turns. */
class SpeedsOfEveryKindTest {
  /** Diameter in inches times rpm, the lower of the two ceilings in use (common practice). */
  private static final double CEILING = 6000 * 25.4;

  private final Shop shop = Shop.starter();

  @Test
  void no_step_of_any_kind_turns_faster_than_work_bit_and_lathe_allow() {
    for (Wished<?> w : new RandomPieces(31).sound(40)) {
      for (Stage s : w.plan(shop).rehearsal().stages()) {
        s.speeds().ifPresent(x -> bounded(w, s, x));
      }
    }
  }

  private void bounded(Wished<?> w, Stage s, Speeds x) {
    String what = w.kind().name() + " " + s.step().key();
    assertThat(x.ceiling() * s.diameter()).as(what).isLessThanOrEqualTo(CEILING);
    assertThat(x.from()).as(what).isLessThanOrEqualTo(x.to());
    assertThat(x.to()).as(what).isLessThanOrEqualTo(x.ceiling());
    assertThat(x.ceiling()).as(what).isLessThanOrEqualTo(shop.lathe().fastest());
    double density =
        s.mounted().bodies().values().stream()
            .mapToDouble(b -> b.density())
            .max()
            .orElse(Double.NaN);
    s.step()
        .bit()
        .ifPresent(
            b ->
                assertThat(x.ceiling())
                    .as(what + " with its bit")
                    .isLessThanOrEqualTo(BoreSpeed.of(b, density, Practice.USUAL).to()));
    if (s.stiffBefore().criticals().length > 0) {
      assertThat(x.ceiling()).as(what).isLessThan(0.7 * s.stiffBefore().criticals()[0] + 1e-6);
    }
  }

  /** A 200 mm well with a 10 mm bore: the bit alone would allow three thousand. */
  @Test
  void a_wide_well_is_not_bored_at_its_bits_speed() {
    Plan<BoredVessel> plan = well(200, shop);
    Stage bored =
        plan.rehearsal().stages().stream()
            .filter(s -> s.step().bit().isPresent())
            .findFirst()
            .orElseThrow();
    assertThat(bored.diameter()).isGreaterThan(200);
    assertThat(bored.speeds().orElseThrow().ceiling())
        .isCloseTo(CEILING / bored.diameter(), within(10.0));
  }

  private static Plan<BoredVessel> well(double wide, Shop shop) {
    BoredVessel d = VesselKind.WELL.fresh().with("bore.diameter", 10);
    d = VesselKind.WELL.size(d, new DimKey("outside.diameter"), Optional.of(Size.mm(wide)));
    return Plan.of(VesselKind.WELL, d, shop, List.of());
  }

  @Test
  void a_lathe_that_can_not_turn_slowly_enough_is_told_with_both_numbers() {
    Shop fast = shop.with(Lathe.stepless(300, 450, 1000, 3200));
    Finding f =
        well(200, fast).findings().stream()
            .filter(x -> x.code().equals("lathe-fast"))
            .findFirst()
            .orElseThrow();
    assertThat(f.grade()).isEqualTo(Grade.STOP);
    assertThat(f.verdict().found()).isEqualTo(1000);
    assertThat(f.verdict().limit()).isLessThan(CEILING / 200);
    Shop bits =
        shop.with(Lathe.stepless(300, 450, 700, 3200))
            .withBits(List.of(hazelkeep.shop.Bit.forstner("30 mm Forstner bit", 30, 4, 200)));
    BoredVessel d = VesselKind.WELL.fresh().with("bore.diameter", 30);
    assertThat(Plan.of(VesselKind.WELL, d, bits, List.of()).findings())
        .anyMatch(x -> x.code().equals("bit-fast") && x.verdict().found() == 700);
  }
}
