package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.Size;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;

/** Room inside, against probing the section and against a general integrator. */
class BoxRoomTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Firmly.SHOP;

  private LiddedBox random(Random r) {
    LiddedBox b = LiddedBox.fresh();
    b = kind.choose(b, "school", r.nextBoolean() ? "LID_OVER" : "LID_IN");
    b = kind.choose(b, "floor", r.nextBoolean() ? "FLAT" : "ROUNDED");
    b = kind.choose(b, "roof", r.nextBoolean() ? "FLAT" : "DOMED");
    b = kind.choose(b, "top", r.nextBoolean() ? "FLAT" : "DOME");
    return b.with("outside.diameter", 40 + 60 * r.nextDouble())
        .with("outside.height", 60 + 60 * r.nextDouble());
  }

  private Sketch<LiddedBox> sketch(LiddedBox b) {
    return Sketch.of(kind, b, shop, Map.of());
  }

  /** The closed box probed along a line parallel to the axis. */
  private static double probed(Sketch<LiddedBox> s, double r) {
    double floor = 0;
    double roof = Double.MAX_VALUE;
    for (Part p : s.aim().parts()) {
      HalfSection closed = p.target().in(p.closed());
      for (double z = closed.minZ(); z < closed.maxZ(); z += 0.005) {
        if (closed.holds(z, r)) {
          if (p.name().equals("body")) {
            floor = z;
          } else {
            roof = Math.min(roof, z);
          }
        }
      }
    }
    return roof - floor;
  }

  @Test
  void room_for_a_cylinder_is_what_probing_the_closed_section_finds() {
    Random r = new Random(5);
    for (int i = 0; i < 40; i++) {
      Sketch<LiddedBox> s = sketch(random(r));
      double inside = Math.min(s.aim().mm("inside.diameter"), s.aim().mm("lid.inside")) / 2;
      double radius = inside * (0.05 + 0.85 * r.nextDouble());
      double room = new BoxRoom(s.design(), s.aim()::mm, Practice.USUAL).closed(radius);
      assertThat(room)
          .as("%s at r %.2f", s.design(), radius)
          .isCloseTo(probed(s, radius), within(0.03));
    }
  }

  @Test
  void capacity_agrees_with_a_general_integrator() {
    Random r = new Random(6);
    IterativeLegendreGaussIntegrator gauss =
        new IterativeLegendreGaussIntegrator(8, 1e-9, 1e-9, 1, 60);
    for (int i = 0; i < 20; i++) {
      LiddedBox b = kind.choose(random(r), "school", "LID_OVER");
      Sketch<LiddedBox> s = sketch(b);
      double ri = s.aim().mm("inside.diameter") / 2;
      double deep = s.aim().mm("inside.depth");
      double corner = BoxRoom.floorCorner(b, s.aim()::mm);
      boolean rounded = b.floor() == LiddedBox.Floor.ROUNDED;
      double across = rounded ? ri : corner;
      double curved =
          gauss.integrate(
              100_000,
              h -> {
                double u = 1 - h / corner;
                double radius = ri - across + across * Math.sqrt(Math.max(0, 1 - u * u));
                return Math.PI * radius * radius;
              },
              0,
              corner);
      double exact = (curved + Math.PI * ri * ri * (deep - corner)) / 1000;
      assertThat(s.properties().brimMl()).as("%s", b).isCloseTo(exact, within(exact * 5e-4));
    }
  }

  /** MATHS: cylinder 60 dia by 80 with a 50 bore 74 deep holds 145.3 ml; 700 kg/m3 weigh 56.6 g. */
  @Test
  void a_bore_of_50_by_74_holds_145_ml() {
    double ml = Math.PI * 625 * 74 / 1000;
    assertThat(ml).isCloseTo(145.3, within(0.05));
    LiddedBox b =
        LiddedBox.fresh()
            .with("outside.diameter", 66)
            .with("body.height", 72)
            .with("lid.height", 30)
            .with("joint.length", 8)
            .with("joint.diameter", 59)
            .with("inside.diameter", 50)
            .with("inside.depth", 74)
            .with("inside.corner", 0.5);
    assertThat(sketch(b).properties().brimMl()).isCloseTo(ml, within(0.02));
  }

  @Test
  void a_box_for_a_content_is_as_low_as_it_can_be() {
    for (LiddedBox.Roof roof : LiddedBox.Roof.values()) {
      for (LiddedBox.Floor floor : LiddedBox.Floor.values()) {
        LiddedBox b = kind.choose(LiddedBox.fresh(), "roof", roof.name());
        b = kind.choose(b, "floor", floor.name());
        b =
            b.with(
                Optional.of(
                    new LiddedBox.Content(
                        Optional.of(Size.mm(30)), Optional.of(Size.mm(70)), Optional.empty())),
                Optional.empty());
        Plan<LiddedBox> p = Plan.of(kind, b, shop, List.of());
        assertThat(p.findings()).extracting(f -> f.code()).doesNotContain("content");
        double spare = new BoxRoom(b, p.aim()::mm, Practice.USUAL).closed(15) - 70;
        assertThat(spare).as("%s %s", roof, floor).isBetween(1.0, 1.6);
        LiddedBox lower = b.with("outside.height", p.aim().mm("outside.height") - 2);
        assertThat(Plan.of(kind, lower, shop, List.of()).findings())
            .extracting(f -> f.code())
            .contains("content");
      }
    }
  }

  @Test
  void tipping_by_the_foot_s_radius_over_the_height_of_the_centroid() {
    Sketch<LiddedBox> s = sketch(LiddedBox.fresh());
    double moment = 0;
    double wood = 0;
    for (Part p : s.aim().parts()) {
      HalfSection closed = p.target().in(p.closed());
      for (double z = closed.minZ() + 0.05; z < closed.maxZ(); z += 0.1) {
        double area =
            closed.at(z).stream()
                .mapToDouble(x -> Math.PI * (x.to() * x.to() - x.from() * x.from()))
                .sum();
        wood += area * 0.1;
        moment += area * 0.1 * z;
      }
    }
    double angle = Math.toDegrees(Math.atan(s.aim().mm("outside.foot") / 2 / (moment / wood)));
    assertThat(s.properties().tips()).isCloseTo(angle, within(0.05));
    assertThat(s.properties().woodMl()).isCloseTo(wood / 1000, within(0.1));
  }

  /**
   * A box with its lid on holds what body and lid are hollowed by, less the spigot that goes into
   * the mouth: closed cylinders, worked out by hand.
   */
  @Test
  void room_to_the_brim_and_room_with_the_lid_on() {
    for (String school : List.of("LID_OVER", "LID_IN")) {
      LiddedBox box = kind.choose(LiddedBox.fresh(), "school", school);
      box = box.with("inside.corner", 0.5).with("lid.inside", 30).with("lid.depth", 14);
      Plan<LiddedBox> plan = Plan.of(kind, box, shop, List.of());
      java.util.function.ToDoubleFunction<String> mm = plan.aim()::mm;
      boolean over = school.equals("LID_OVER");
      double r = mm.applyAsDouble("inside.diameter") / 2;
      double inBody = Math.PI * r * r * mm.applyAsDouble("inside.depth");
      double inLid = Math.PI * 15 * 15 * 14;
      double lost =
          over
              // The recess reaches over the spigot's end by the air that is left there.
              ? -Math.PI
                  * (Math.pow(mm.applyAsDouble("recess.diameter") / 2, 2) - 15 * 15)
                  * mm.applyAsDouble("joint.air")
              : 0;
      double closed =
          over
              ? inBody + inLid - Math.PI * 15 * 15 * mm.applyAsDouble("joint.length") - lost
              : inBody
                  + Math.PI
                      * (Math.pow(mm.applyAsDouble("recess.diameter") / 2, 2) - r * r)
                      * mm.applyAsDouble("joint.air")
                  + inLid
                  - Math.PI * r * r * mm.applyAsDouble("joint.length");
      double told = plan.sketch().properties().closedMl().orElseThrow();
      assertThat(told).as(school).isCloseTo(closed / 1000, within(0.02 * closed / 1000));
    }
  }
}
