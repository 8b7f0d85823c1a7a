package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What would go wrong, with its number, limit and place, by hand. The box: 60 across, 90 high, body
 * 60, lid 30, joint 8 long and 45 across, inside 36 by 60, foot hollow 1.
 */
class BoxFindingsTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Firmly.SHOP;
  private final LiddedBox box =
      LiddedBox.fresh()
          .with("outside.diameter", 60)
          .with("body.height", 60)
          .with("lid.height", 30)
          .with("joint.length", 8)
          .with("joint.diameter", 45)
          .with("inside.diameter", 36)
          .with("inside.depth", 60)
          .with("foot.hollow", 1);

  private Plan<LiddedBox> plan(LiddedBox b) {
    return Plan.of(kind, b, shop, List.of());
  }

  private Finding find(LiddedBox b, String code) {
    return find(plan(b), code);
  }

  private static Finding find(Plan<LiddedBox> p, String code) {
    return p.findings().stream()
        .filter(f -> f.code().equals(code))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + code + " in " + p.findings()));
  }

  @Test
  void the_box_itself_is_sound() {
    assertThat(plan(box).findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  /** 12 of waste and tenon at the foot, 60, 8, 4.5 at the join, 30, 11.5 at the top: 126. */
  @Test
  void a_blank_too_short_says_by_how_much_and_what_gives() {
    LiddedBox b = box.with("blank.length", 120);
    Finding f = find(b, "blank-short");
    assertThat(f.verdict().found()).isEqualTo(120);
    assertThat(f.verdict().limit()).isCloseTo(126, within(1e-9));
    assertThat(f.advice()).contains("height");
    Plan<LiddedBox> tried = plan(b).withRemedies();
    assertThat(find(tried, "blank-short").remedies()).isNotEmpty();
    for (String gives : List.of("BODY", "LID", "JOINT")) {
      LiddedBox named = kind.choose(b, "gives", gives);
      assertThat(find(named, "blank-short").advice())
          .contains(gives.equals("JOINT") ? "joint" : gives.toLowerCase(java.util.Locale.ROOT));
    }
  }

  @Test
  void a_blank_too_thin_is_judged_on_the_round_it_surely_gives() {
    Finding f = find(box.with("blank.across", 61), "blank-thin");
    assertThat(f.verdict().found()).as("61 less a millimetre of centring a side").isEqualTo(59);
    assertThat(f.verdict().limit()).isEqualTo(60);
  }

  @Test
  void a_blank_short_both_ways_is_offered_one_that_does() {
    Plan<LiddedBox> p = plan(box.with("blank.length", 60).with("blank.across", 55)).withRemedies();
    for (String code : List.of("blank-short", "blank-thin")) {
      Plan<LiddedBox> larger =
          find(p, code).remedies().stream()
              .filter(Remedy.Together.class::isInstance)
              .findFirst()
              .flatMap(p::applied)
              .orElseThrow(() -> new AssertionError(code + ": " + find(p, code).remedies()));
      assertThat(larger.findings())
          .as(code)
          .filteredOn(hazelkeep.kinds.RandomPieces::judged)
          .isEmpty();
      assertThat(larger.aim().mm("blank.length")).isCloseTo(126, within(0.1));
      assertThat(larger.aim().mm("blank.across")).isCloseTo(62, within(0.1));
    }
  }

  @Test
  void a_blank_larger_than_the_lathe() {
    assertThat(find(box.with("blank.length", 460), "lathe-short").verdict().limit()).isEqualTo(450);
    LiddedBox square =
        box.with(
            Optional.empty(),
            Optional.of(new Blank(Optional.empty(), Optional.of(Size.mm(220)), true)));
    assertThat(find(square, "lathe-swing").verdict().found())
        .as("the corners of 220 square")
        .isCloseTo(311.1, within(0.1));
  }

  /** Mouth at 68, floor at 8; the foot is hollowed by 1: 7 on the axis, the point 1.8 deeper. */
  @ParameterizedTest
  @CsvSource({"63.5, 61.6974, 3.5, WATCH", "66, 64.1974, 1.0, STOP", "63, 62, 3.1974, WATCH"})
  void the_floor_is_counted_from_what_reaches_deepest(
      double depth, double hole, double floor, Grade grade) {
    Finding f = find(box.with("inside.depth", depth).with("depth-hole.body", hole), "floor-thin");
    assertThat(f.verdict().found()).isCloseTo(floor, within(1e-3));
    assertThat(f.verdict().limit()).isEqualTo(Practice.USUAL.of(Line.WALL_BOX_FLOOR));
    assertThat(f.grade()).isEqualTo(grade);
  }

  @Test
  void through_the_floor_is_said_in_those_words() {
    assertThat(find(box.with("inside.depth", 67.5), "floor-thin").verdict().title())
        .isEqualTo("Through the floor");
  }

  /** MATHS: spigot by a shoulder cut; the wall is half of spigot less bore. */
  @Test
  void the_spigot_s_wall_as_a_jam_and_in_use() {
    Finding jam = find(box.with("inside.diameter", 38), "spigot-wall");
    assertThat(jam.verdict().found()).isCloseTo(3.5, within(1e-9));
    assertThat(jam.verdict().limit()).isEqualTo(4);
    assertThat(jam.grade()).isEqualTo(Grade.WATCH);
    Finding use = find(box.with("inside.diameter", 42), "spigot-wall");
    assertThat(use.verdict().found()).isCloseTo(1.5, within(1e-9));
    assertThat(use.verdict().limit()).isEqualTo(4);
    assertThat(use.grade()).isEqualTo(Grade.STOP);
  }

  @Test
  void the_rim_round_the_recess() {
    Finding f = find(box.with("joint.diameter", 57).with("inside.diameter", 44), "rim-thin");
    assertThat(f.verdict().found())
        .as("60 less 57.075, halved")
        .isCloseTo((60 - 57.075) / 2, within(1e-3));
    assertThat(f.part()).isEqualTo("lid");
  }

  @Test
  void a_spigot_longer_than_its_recess_bottoms_and_does_not_close() {
    LiddedBox b = box.with("recess.depth", 7.5);
    assertThat(find(b, "spigot-bottoms").verdict().found()).isCloseTo(-0.5, within(1e-9));
    Finding apart = find(b, "does-not-close");
    assertThat(apart.verdict().found())
        .as("played: the rims stay apart")
        .isCloseTo(0.5, within(1e-3));
    assertThat(apart.at().orElseThrow().path()).isEqualTo("top, tail up/bulk");
  }

  @Test
  void the_wall_is_the_shortest_distance_and_not_the_radial_one() {
    // A foot of 40 under a straight side to 60: the outside leans by 10 over 87 mm.
    LiddedBox leans = kind.choose(box, "form", "TAPER");
    LiddedBox b = leans.with("outside.foot", 40).with("inside.corner", 0.5);
    Finding f = find(b, "wall-thin");
    double lean = Math.atan(10 / 87.0);
    double radial = 20 + 10 * 8 / 87.0 - 18;
    assertThat(f.verdict().found())
        .as("square to the leaning side, just above the floor")
        .isBetween(Math.cos(lean) * radial, Math.cos(lean) * radial + 0.1);
    Finding through =
        find(leans.with("outside.foot", 33).with("inside.corner", 0.5), "outside-into-inside");
    assertThat(through.grade()).isEqualTo(Grade.STOP);
    assertThat(through.where()).isPresent();
  }

  /** MATHS: room for the parting tool between foot and jaws; the thin one is 2 mm wide. */
  @Test
  void room_between_foot_and_jaws() {
    Finding f = find(box.with("stick.waste-foot", 1.5), "no-room-at-foot");
    assertThat(f.verdict().limit()).isEqualTo(2.5);
    assertThat(f.grade()).isEqualTo(Grade.STOP);
    assertThat(find(box.with("stick.waste-foot", 2.2), "no-room-at-foot").grade())
        .isEqualTo(Grade.WATCH);
    Finding kerf = find(box.with("stick.kerf", 1.8), "kerf-narrow");
    assertThat(kerf.verdict().limit()).isEqualTo(2);
  }

  @Test
  void a_foot_set_on_a_board_rocks_when_it_is_flat() {
    Finding f = find(box.with("foot.hollow", 0), "foot-rocks");
    assertThat(f.verdict().limit()).isEqualTo(0.2);
    Plan<LiddedBox> cured = plan(box.with("foot.hollow", 0)).withRemedies();
    assertThat(find(cured, "foot-rocks").remedies())
        .contains(
            new Remedy.SetDim(
                new hazelkeep.measure.DimKey("foot.hollow"), hazelkeep.measure.Length.mm(1)));
  }

  private LiddedBox holding(Double across, Double tall, Double ml) {
    return box.with(
        Optional.of(
            new LiddedBox.Content(
                Optional.ofNullable(across).map(Size::mm),
                Optional.ofNullable(tall).map(Size::mm),
                Optional.ofNullable(ml))),
        Optional.empty());
  }

  /** Lid depth: 30 less 5.4 of thickness is 24.6 over the rim, and 60 less 8 of spigot below. */
  @Test
  void contents_are_tried_in_the_closed_box() {
    assertThat(plan(holding(20.0, 76.0, null)).findings())
        .filteredOn(hazelkeep.kinds.RandomPieces::judged)
        .isEmpty();
    Finding tall = find(holding(20.0, 78.0, null), "content");
    assertThat(tall.verdict().found()).isCloseTo(52 + 24.6, within(1e-6));
    // 15 mm off the axis the corner of 6 has risen by 0.80, the roof's of 4 come down by 0.13.
    double lost = 6 * (1 - Math.sqrt(0.75)) + 4 * (1 - Math.sqrt(1 - 1 / 16.0));
    assertThat(find(holding(30.0, 78.0, null), "content").verdict().found())
        .isCloseTo(76.6 - lost, within(1e-6));
    assertThat(tall.verdict().limit()).isEqualTo(78);
    Finding wide = find(holding(37.0, null, null), "content");
    assertThat(wide.verdict().found()).isEqualTo(36);
    Finding more = find(holding(null, null, 70.0), "content");
    assertThat(more.verdict().found())
        .as("a bore of 36 by 60 with its corner of 6 rounded")
        .isBetween(59.0, Math.PI * 324 * 60 / 1000);
    assertThat(more.verdict().unit()).isEqualTo("ml");
  }

  @Test
  void a_shop_without_a_depth_bit_bores_no_depth_hole() {
    Shop bare = with(shop.tools(), List.of());
    Plan<LiddedBox> p = Plan.of(kind, box, bare, List.of());
    assertThat(p.route().steps()).noneMatch(s -> s.key().path().endsWith("depth hole"));
    assertThat(p.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
  }

  @Test
  void a_shop_without_a_slim_tool_can_t_hollow() {
    List<Tool> parting =
        shop.tools().stream()
            .filter(t -> t.parts() || t.width() == 0 && t.name().contains("sanding"))
            .toList();
    LiddedBox deeper = box.with("inside.depth", 62);
    Plan<LiddedBox> p = Plan.of(kind, deeper, with(parting, shop.bits()), List.of());
    assertThat(p.findings())
        .as("a parting tool 60 mm long does not get to a floor 62 mm down")
        .anyMatch(f -> f.code().equals("hidden") || f.code().equals("no-hold-reaches"));
  }

  private Shop with(List<Tool> tools, List<Bit> bits) {
    return shop.withTools(tools).withBits(bits);
  }

  @Test
  void every_finding_says_why_and_what_to_do() {
    Stream.of(
            box.with("blank.length", 118),
            box.with("inside.depth", 67.5),
            box.with("recess.depth", 7.2),
            box.with("tenon-foot.diameter", 20),
            box.with("stick.tenon-top", 12),
            box.with("joint.diameter", 57))
        .flatMap(b -> plan(b).findings().stream())
        .forEach(
            f -> {
              assertThat(f.verdict().title()).isNotBlank();
              assertThat(f.verdict().why()).as("%s", f).endsWith(".");
              assertThat(f.advice()).as("%s", f).isNotBlank();
            });
  }
}
