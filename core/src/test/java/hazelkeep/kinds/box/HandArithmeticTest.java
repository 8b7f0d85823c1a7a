package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StickPiece;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** A box and an inch canister carried by hand: every number here was worked out on paper. */
class HandArithmeticTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  /** A shop whose depth gauge starts from a dead length of 2. */
  private final Shop shop =
      Restated.with(
          Firmly.SHOP, "gauges", List.of(new Gauge("calipers", 0), new Gauge("depth gauge", 2)));

  private static LiddedBox stated(Map<String, String> sizes) {
    Map<DimKey, Size> all = new TreeMap<>();
    sizes.forEach((k, v) -> all.put(new DimKey(k), SizeText.parse(v, Unit.MM)));
    return LiddedBox.fresh().with(all);
  }

  private static final Map<String, String> WORKED =
      Map.of(
          "outside.diameter", "62",
          "body.height", "64",
          "lid.height", "32",
          "joint.length", "9",
          "joint.shoulder", "9.5",
          "stick.kerf", "2");

  private Plan<LiddedBox> plan(LiddedBox box) {
    return Plan.of(kind, box, shop, List.of());
  }

  @Test
  void the_axis_budget_of_a_62_by_96_box() {
    Plan<LiddedBox> p = plan(stated(WORKED));
    List<Double> cuts =
        kind.stick(p.design(), p.aim().dims()).stream().map(StickPiece::to).toList();
    assertThat(cuts)
        .containsExactly(2.0, 9.0, 12.0, 76.0, 85.0, 85.5, 87.5, 88.5, 120.5, 123.0, 130.0, 132.0);
    assertThat(p.aim().mm("stick.need")).isEqualTo(132);
    assertThat(p.aim().mm("outside.height")).isEqualTo(96);
    // The figure jumps by spigot, kerf and both facings: 9 + 2 + 0.5 + 1.
    double jump = p.aim().part("lid").closed().zero() - p.aim().part("body").closed().zero();
    assertThat(jump).isCloseTo(12.5, within(1e-3));
  }

  @Test
  void its_joint_depths_and_device_readings() {
    Plan<LiddedBox> p = plan(stated(WORKED));
    assertThat(p.aim().mm("joint.diameter")).isEqualTo(43.0);
    assertThat(p.aim().mm("recess.diameter")).isCloseTo(43.075, within(1e-9));
    assertThat(p.aim().mm("spigot.diameter")).isCloseTo(43.0, within(1e-9));
    // Middle of the jam class: 0.0018 of the recess beyond it.
    assertThat(p.aim().mm("joint.jam")).isCloseTo(43.075 * 1.0018, within(1e-9));
    assertThat(p.aim().mm("recess.depth")).isCloseTo(9.7, within(1e-9));
    // Brim 64 + 9 = 73 less a floor of a tenth of 62.
    assertThat(p.aim().mm("inside.depth")).isCloseTo(66.8, within(1e-9));
    // Less the point of a 6 mm bit of 118 degrees, 3 / tan 59 = 1.8026.
    assertThat(p.aim().mm("depth-hole.body")).isCloseTo(64.9974, within(1e-4));
    assertThat(shop.depthGauge().shows(66.8)).isCloseTo(64.8, within(1e-9));
    assertThat(p.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  /** A box of 75: shoulder and spigot's wall together are the wall of a turner, 6 to 8 mm. */
  @Test
  void a_box_of_75_has_walls_of_six_to_eight() {
    Plan<LiddedBox> p = plan(LiddedBox.fresh().with("outside.diameter", 75));
    assertThat((75 - p.aim().mm("inside.diameter")) / 2).isBetween(6.0, 8.0);
    assertThat(p.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  /** The lid carries the spigot: facing of the rim before the kerf, the spigot behind it. */
  @Test
  void the_same_box_with_the_spigot_on_the_lid() {
    LiddedBox box = kind.choose(stated(WORKED), "school", "LID_IN");
    Plan<LiddedBox> p = plan(box);
    List<Double> cuts =
        kind.stick(p.design(), p.aim().dims()).stream().map(StickPiece::to).toList();
    assertThat(cuts)
        .containsExactly(2.0, 9.0, 12.0, 76.0, 77.0, 79.0, 79.5, 88.5, 120.5, 123.0, 130.0, 132.0);
    assertThat(p.aim().mm("spigot.diameter")).isEqualTo(43.0);
    assertThat(p.aim().mm("recess.diameter")).isCloseTo(43.075, within(1e-9));
    // The mouth is opened to the spigot: a jam is 0.0018 of it too narrow.
    assertThat(p.aim().mm("joint.jam")).isCloseTo(43 * (1 - 0.0018), within(1e-9));
    assertThat(p.aim().mm("recess.depth")).isCloseTo(9.7, within(1e-9));
    // The brim is the rim: 64 less a floor of 6.2.
    assertThat(p.aim().mm("inside.depth")).isCloseTo(57.8, within(1e-9));
    assertThat(p.aim().mm("inside.diameter")).as("a ledge of 1 mm a side").isEqualTo(41);
    // Spigot 43 less two walls: 0.055 x 62 = 3.41 would be less than the least, 4.2.
    assertThat(p.aim().mm("lid.inside")).isCloseTo(43 - 2 * 4.2, within(1e-9));
    // Lid 32 and spigot 9, less 0.09 x 62.
    assertThat(p.aim().mm("lid.depth")).isCloseTo(41 - 5.58, within(1e-9));
    assertThat(p.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  /** What each step asks to be measured: the true length, and what the device shows. */
  @Test
  void prompts_by_hand() {
    Plan<LiddedBox> p = plan(stated(WORKED));
    Map<String, Double> shown = new TreeMap<>();
    p.route()
        .steps()
        .forEach(s -> p.prompts(s).forEach(x -> shown.put(x.dim().key().path(), x.shows())));
    assertThat(shown.get("blank.round")).isEqualTo(64);
    // True circle 50 and one over, with 7 mm of 8 degree dovetail on both sides.
    assertThat(shown.get("tenon-foot.diameter"))
        .isCloseTo(51 + 14 * Math.tan(Math.toRadians(8)), within(1e-9));
    assertThat(shown.get("recess.depth")).as("dead length 2").isCloseTo(7.7, within(1e-9));
    assertThat(shown.get("inside.depth")).isCloseTo(64.8, within(1e-9));
    assertThat(shown.get("depth-hole.body")).isCloseTo(62.9974, within(1e-4));
    assertThat(shown.get("recess.diameter")).isCloseTo(43.075, within(1e-9));
    assertThat(shown.get("lid.depth")).as("32 less 5.58, less 2").isCloseTo(24.42, within(1e-9));
  }

  @Test
  void the_largest_box_from_a_blank() {
    LiddedBox box =
        stated(
                Map.of(
                    "outside.diameter",
                    "62",
                    "joint.length",
                    "9",
                    "joint.shoulder",
                    "9.5",
                    "stick.kerf",
                    "2"))
            .with(
                Optional.empty(),
                Optional.of(new Blank(Optional.of(Size.mm(132)), Optional.of(Size.mm(68)), false)));
    Plan<LiddedBox> p = plan(box);
    // 132 less the fixed parts of 36 leaves 96; a third of it is the lid.
    assertThat(p.aim().mm("outside.height")).isCloseTo(96, within(1e-9));
    assertThat(p.aim().mm("lid.height")).isCloseTo(32, within(1e-9));
    assertThat(p.aim().mm("stick.need")).isCloseTo(132, within(1e-9));
  }

  @Test
  void an_inch_canister() {
    LiddedBox box =
        stated(
            Map.ofEntries(
                Map.entry("outside.diameter", "2 1/2"),
                Map.entry("outside.height", "4 in"),
                Map.entry("joint.length", "3/8"),
                Map.entry("joint.shoulder", "5/16"),
                Map.entry("stick.face-foot", "1/8"),
                Map.entry("stick.tenon-foot", "1/4"),
                Map.entry("stick.waste-foot", "1/8"),
                Map.entry("stick.face-spigot", "1/32"),
                Map.entry("stick.kerf", "1/8"),
                Map.entry("stick.face-rim", "1/16"),
                Map.entry("stick.waste-top", "1/8"),
                Map.entry("stick.tenon-top", "1/4"),
                Map.entry("stick.face-top", "1/8")));
    box = kind.choose(box, "share", "THIRDS");
    Plan<LiddedBox> p = plan(box);
    // 4 + 3/8 and 1 7/32 of waste: 5 19/32.
    assertThat(p.aim().mm("stick.need")).isCloseTo(5.59375 * 25.4, within(1e-9));
    assertThat(Unit.INCH.show(p.aim().mm("stick.need"))).isEqualTo("5 19/32");
    assertThat(p.aim().mm("lid.height")).isCloseTo(4 * 25.4 / 3, within(1e-9));
    assertThat(Unit.INCH.show(p.aim().mm("joint.diameter"))).isEqualTo("1 7/8");
    List<String> cuts =
        kind.stick(p.design(), p.aim().dims()).stream().map(s -> Unit.INCH.show(s.to())).toList();
    assertThat(cuts)
        .containsExactly(
            "1/8", "3/8", "1/2", "3 11/64", "3 35/64", "3 37/64", "3 45/64", "3 49/64", "5 3/32",
            "5 7/32", "5 15/32", "5 19/32");
    assertThat(p.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  @Test
  void room_and_mass_by_hand() {
    LiddedBox box =
        stated(
            Map.of(
                "outside.diameter",
                "60",
                "body.height",
                "60",
                "lid.height",
                "30",
                "joint.length",
                "8",
                "inside.diameter",
                "40",
                "inside.depth",
                "60",
                "inside.corner",
                "0.5"));
    Plan<LiddedBox> p = plan(box);
    // A bore of 40 by 60, its corner rounded by half a millimetre: 75.4 ml.
    assertThat(p.sketch().properties().brimMl()).isCloseTo(Math.PI * 400 * 60 / 1000, within(0.02));
    assertThat(p.sketch().properties().lineMl()).isCloseTo(Math.PI * 400 * 50 / 1000, within(0.02));
    double wood = p.sketch().properties().woodMl();
    assertThat(p.sketch().properties().grams().getAsDouble())
        .as("pear at 690 kg/m3, believed")
        .isCloseTo(wood * 0.69, within(1e-6));
  }

  @Test
  void what_must_go_in_fixes_the_inside_first() {
    for (LiddedBox.Roof roof : LiddedBox.Roof.values()) {
      LiddedBox box = kind.choose(LiddedBox.fresh(), "roof", roof.name());
      box =
          box.with(
              Optional.of(
                  new LiddedBox.Content(
                      Optional.of(Size.mm(34)), Optional.of(Size.mm(72)), Optional.empty())),
              Optional.empty());
      Plan<LiddedBox> p = plan(box);
      assertThat(p.aim().mm("inside.diameter")).isGreaterThanOrEqualTo(36);
      assertThat(p.findings()).extracting(f -> f.code()).doesNotContain("content");
      box =
          LiddedBox.fresh()
              .with(
                  Optional.of(
                      new LiddedBox.Content(
                          Optional.empty(), Optional.empty(), Optional.of(200.0))),
                  Optional.empty());
      assertThat(plan(box).sketch().properties().brimMl()).isBetween(199.0, 230.0);
    }
  }

  @Test
  void two_of_height_body_and_lid_decide() {
    LiddedBox b = LiddedBox.fresh().with("outside.height", 90);
    b = kind.size(b, new DimKey("body.height"), Optional.of(Size.mm(55)));
    assertThat(plan(b).aim().mm("lid.height")).isEqualTo(35);
    b = kind.size(b, new DimKey("lid.height"), Optional.of(Size.mm(40)));
    assertThat(plan(b).aim().mm("outside.height")).isEqualTo(95);
    b = kind.size(b, new DimKey("outside.height"), Optional.of(Size.mm(80)));
    assertThat(plan(b).aim().mm("lid.height")).isEqualTo(25);
  }

  @Test
  void nonsense_is_refused_with_what_would_do() {
    assertThatThrownBy(() -> plan(LiddedBox.fresh().with("outside.height", -5)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("between 20.0 mm");
    assertThatThrownBy(() -> plan(LiddedBox.fresh().with("joint.diameter", 70)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below the piece at the join, 60.0 mm");
    assertThatThrownBy(() -> plan(LiddedBox.fresh().with("lid.brim", 70)))
        .hasMessageContaining("no size called");
    assertThatThrownBy(
            () ->
                LiddedBox.fresh()
                    .withPoints(
                        List.of(
                            new LiddedBox.OutlinePoint(0.5, 30),
                            new LiddedBox.OutlinePoint(0.2, 30))))
        .hasMessageContaining("crosses itself");
    assertThatThrownBy(() -> kind.choose(LiddedBox.fresh(), "colour", "red"))
        .isInstanceOf(Refused.class);
  }

  @Test
  void the_largest_round_over_keeps_the_lid_s_corner() {
    LiddedBox thin =
        LiddedBox.fresh()
            .with("lid.thickness", 4.2)
            .with("lid.roundover", 18)
            .with("lid.inside", 46);
    Plan<LiddedBox> p = plan(thin).withRemedies();
    var corner = p.findings().stream().filter(f -> f.code().equals("lid-corner")).findFirst();
    assertThat(corner).isPresent();
    assertThat(corner.get().remedies()).isNotEmpty();
    double keeps = 0.3;
    for (double r = 0.3; r < 18; r += 0.1) {
      keeps = BoxKeeps.corner(thin, shop, r) ? r : keeps;
    }
    assertThat(BoxKeeps.corner(thin, shop, keeps)).isTrue();
    assertThat(BoxKeeps.corner(thin, shop, keeps + 0.15)).isFalse();
  }
}
