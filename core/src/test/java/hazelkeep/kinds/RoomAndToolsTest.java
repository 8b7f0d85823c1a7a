package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.mill.Mill;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Worked;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a piece holds, by an integral of its own; and with which tools it is worked. */
class RoomAndToolsTest {
  private final Shop shop = Shop.starter();

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  private <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, shop, List.of());
  }

  /** Simpson's rule on the square of a radius, in ml. */
  private static double ml(double from, double to, DoubleUnaryOperator radius) {
    int n = 40_000;
    double dz = (to - from) / n;
    double sum = 0;
    for (int i = 0; i <= n; i++) {
      double r = radius.applyAsDouble(from + i * dz);
      double weight = i == 0 || i == n ? 1 : i % 2 == 1 ? 4 : 2;
      sum += weight * r * r;
    }
    return Math.PI * sum * dz / 3 / 1000;
  }

  @Test
  void wells_and_vases_hold_what_the_integral_says() {
    Random random = new Random(61);
    for (int i = 0; i < 12; i++) {
      BoredVessel v =
          Restated.with(
                  VesselKind.VASE.fresh(), "form", BoredVessel.Form.values()[random.nextInt(4)])
              .with("bore.diameter", 12 + random.nextInt(14))
              .with("bore.depth", 50 + random.nextInt(40))
              .with("outside.diameter", 64);
      if (random.nextBoolean()) {
        v = Restated.with(v, "inside", BoredVessel.Inside.RIGGED);
      }
      Plan<BoredVessel> p = plan(VesselKind.VASE, v);
      Part part = p.aim().part("vessel");
      HalfSection wood = part.target().in(part.closed());
      double h = p.aim().mm("outside.height");
      double hollow = p.aim().mm("foot.hollow");
      double room = ml(hollow + 0.5, h - 1e-4, wood::inner);
      assertThat(p.sketch().properties().brimMl())
          .as("%s", v)
          .isCloseTo(room, within(0.004 * room + 0.01));
      double line = ml(hollow + 0.5, h - 10, wood::inner);
      assertThat(p.sketch().properties().lineMl()).isCloseTo(line, within(0.004 * line + 0.01));
    }
  }

  @Test
  void a_mill_holds_what_lies_between_ring_and_tenon_round_its_shaft() {
    for (double bore : new double[] {20, 25, 30}) {
      Plan<Mill> p = plan(MillKind.MILL, MillKind.MILL.fresh().with("bore.diameter", bore));
      double shaft = p.aim().mm("shaft.diameter") / 2;
      double from = p.aim().mm("ring.depth");
      double to = p.aim().mm("body.height") - p.aim().mm("joint.length");
      double room = ml(from, to, z -> bore / 2) - ml(from, to, z -> shaft);
      assertThat(p.sketch().properties().brimMl()).isCloseTo(room, within(0.01));
    }
  }

  @Test
  void a_case_holds_its_bore_and_the_bits_point() {
    for (double depth : new double[] {40, 60, 72}) {
      Plan<Cased> p =
          plan(CasedKind.NEEDLE_CASE, CasedKind.NEEDLE_CASE.fresh().with("bore.depth", depth));
      Part body = p.aim().part("body");
      HalfSection wood = body.target().in(body.closed());
      double mouth = p.aim().mm("body.height") + p.aim().mm("joint.length");
      double room = ml(mouth - depth - 3.4, mouth - 1e-4, wood::inner);
      assertThat(p.sketch().properties().brimMl()).isCloseTo(room, within(0.01));
    }
  }

  @Test
  void a_box_holds_what_was_wished_by_the_integral_too() {
    LiddedBoxKind kind = LiddedBoxKind.BOX;
    for (double wish : new double[] {60, 180, 400}) {
      LiddedBox b =
          Restated.with(
              kind.fresh(),
              "content",
              Optional.of(
                  new LiddedBox.Content(Optional.empty(), Optional.empty(), Optional.of(wish))));
      Plan<LiddedBox> p = plan(kind, b);
      Part body = p.aim().part("body");
      HalfSection wood = body.target().in(body.closed());
      double mouth = wood.maxZ();
      double floor = mouth - p.aim().mm("inside.depth");
      double room = ml(floor + 1e-4, mouth - 1e-4, wood::inner);
      assertThat(p.sketch().properties().brimMl()).isCloseTo(room, within(0.003 * room));
      assertThat(room).isGreaterThanOrEqualTo(0.994 * wish);
    }
  }

  /** Every tool that is named hangs on the wall, does what it is named for, and reaches enough. */
  @ParameterizedTest
  @MethodSource("kinds")
  void tools_that_are_named_do_the_work(Kind<?> kind) {
    named(kind);
  }

  private <D extends Design> void named(Kind<D> kind) {
    Plan<D> p = plan(kind, kind.fresh());
    int named = 0;
    for (Part part : p.aim().parts()) {
      for (Surface s : part.surfaces()) {
        for (Worked w : p.rehearsal().worked(s.id(), shop)) {
          Tool tool =
              shop.tools().stream()
                  .filter(t -> t.name().equals(w.tool()))
                  .findFirst()
                  .orElseThrow();
          assertThat(tool.does()).as("%s on %s", w.tool(), s.id()).contains(w.doing());
          assertThat(w.share()).isBetween(w.doing() == Doing.CUT ? 0.9 : 0.5, 1 + 1e-9);
          assertThat(p.route().steps()).contains(w.at());
          named++;
        }
      }
    }
    assertThat(named).isGreaterThan(4);
  }

  /** Behind a narrow mouth only the hooked bars are named. */
  @Test
  void a_hollow_names_the_bar_that_gets_there() {
    BoredVessel v =
        Restated.with(VesselKind.VASE.fresh(), "inside", BoredVessel.Inside.RIGGED)
            .with("bore.diameter", 30)
            .with("outside.diameter", 84)
            .with("outside.height", 130);
    Plan<BoredVessel> p = plan(VesselKind.VASE, v);
    List<Worked> inside = p.rehearsal().worked(new SurfaceId("vessel", "inside"), shop);
    assertThat(inside).hasSize(1);
    assertThat(inside.get(0).tool()).contains("hooked bar");
    assertThat(
            plan(VesselKind.VASE, VesselKind.VASE.fresh())
                .rehearsal()
                .worked(new SurfaceId("vessel", "inside"), shop))
        .as("what a bit leaves no tool has to reach")
        .isEmpty();
  }

  /** A thing that goes in stands on the floor and out of the mouth by what was wished. */
  @Test
  void what_goes_in_stands_as_proud_as_it_was_wished() {
    Random random = new Random(67);
    for (int i = 0; i < 30; i++) {
      double long_ = 90 + random.nextInt(70);
      double proud = 10 + random.nextInt(40);
      boolean bundle = random.nextBoolean();
      double wide = 10 + random.nextInt(8);
      BoredVessel v =
          Restated.with(
              VesselKind.WELL.fresh(),
              "content",
              Optional.of(
                  new BoredVessel.Content(
                      Optional.of(Size.mm(wide)),
                      Optional.of(Size.mm(long_)),
                      Optional.of(Size.mm(proud)),
                      bundle)));
      Plan<BoredVessel> p = plan(VesselKind.WELL, v);
      Part part = p.aim().part("vessel");
      HalfSection wood = part.target().in(part.closed());
      double rim = wood.maxZ();
      // Down at the edge of a single piece; beside it, clear of the point, for a bundle.
      double r = bundle ? p.aim().mm("bore.diameter") / 2 - 0.2 : wide / 2 - 0.01;
      double z = rim - 0.01;
      while (z > 0 && !wood.holds(z, r)) {
        z -= 0.01;
      }
      assertThat(z + long_ - rim).as("%s", v.content()).isCloseTo(proud, within(0.03));
    }
  }
}
