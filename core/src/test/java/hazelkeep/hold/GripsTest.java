package hazelkeep.hold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Steady;
import hazelkeep.shop.WoodScrew;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The holds beyond a plain tenon, each on wood that was drawn by hand; x = 0 is where it seats. */
class GripsTest {
  private static final Species BEECH = Species.named("American beech").orElseThrow();
  private static final Species POPLAR = Species.named("Yellow-poplar").orElseThrow();
  private static final Species UNKNOWN = new Species("found on the beach", "", Map.of());

  private final Shop shop = Shop.starter();
  private final JawSet fifty = shop.jaws("50 mm jaws").orElseThrow();

  private static HalfSection box(double z0, double z1, double r0, double r1) {
    return HalfSection.box(z0, z1, r0, r1);
  }

  private static Work work(HalfSection wood, Species species) {
    Part part =
        new Part(
            "body",
            new Point(20, 15),
            box(0, 40, 0, 30),
            List.of(),
            List.of(),
            new Frame(0, false));
    Body body = new Body("body", wood, wood, species);
    return new Work(
        Map.of("body", part),
        Map.of("body", body),
        Map.of("body", new Frame(0, false)),
        Practice.USUAL);
  }

  private static Hold by(Grip grip) {
    return new Hold(grip, Optional.empty());
  }

  private static Verdict only(List<Verdict> verdicts, String code) {
    return verdicts.stream().filter(v -> v.code().equals(code)).findFirst().orElseThrow();
  }

  private static List<String> codes(List<Verdict> verdicts) {
    return verdicts.stream().map(Verdict::code).toList();
  }

  /** A cup 56 across with its mouth at x = -8, so that the rim stands in the jaws. */
  private static Work cup(double bore, Species species) {
    return work(box(-8, 60, 0, 28).minus(box(-9, 50, 0, bore / 2)), species);
  }

  @Test
  void jaws_round_a_taped_rim() {
    Hold hold = by(new Around("body", "rim", fifty, true));
    assertThat(hold.judge(cup(40, BEECH))).isEmpty();
    assertThat(hold.words()).isEqualTo("50 mm jaws round the body's rim, taped");
    Allowed a = hold.allows(cup(40, BEECH));
    assertThat(a.force(28, 60)).as("tightened by hand, wall 8").isGreaterThan(10);
    assertThat(a.splitting()).isLessThanOrEqualTo(1 / 3.0 + 1e-9);
    Verdict weak = only(hold.judge(cup(54, BEECH)), "hold-weak");
    assertThat(weak.grade()).as("a wall of one millimetre").isEqualTo(Grade.STOP);
    Hold bare = by(new Around("body", "rim", fifty, false));
    assertThat(only(bare.judge(cup(40, BEECH)), "marks").grade()).isEqualTo(Grade.NOTE);
  }

  @Test
  void jaws_round_what_leans_or_is_gone_or_too_wide() {
    HalfSection cone =
        HalfSection.of(
            List.of(
                new Point(-8, 0),
                new Point(-8, 24),
                new Point(0, 28),
                new Point(60, 28),
                new Point(60, 0)));
    Hold hold = by(new Around("body", "side", fifty, true));
    Verdict leans = only(hold.judge(work(cone, BEECH)), "seat-leans");
    assertThat(leans.found())
        .as("4 mm over the 8 that stand in the jaws")
        .isCloseTo(4, within(0.1));
    assertThat(leans.grade()).isEqualTo(Grade.STOP);
    assertThat(codes(hold.judge(work(box(0, 60, 0, 28), BEECH)))).containsExactly("seat-gone");
    Verdict wide = only(hold.judge(work(box(-8, 60, 0, 40), BEECH)), "tenon-range");
    assertThat(wide.found()).isCloseTo(80, within(1e-3));
    assertThat(wide.limit()).isEqualTo(66);
  }

  @Test
  void a_wall_of_unknown_wood_is_not_judged_by_guess() {
    Allowed a = by(new Around("body", "rim", fifty, true)).allows(cup(40, UNKNOWN));
    assertThat(a.torque()).isNaN();
    assertThat(a.missing())
        .extracting(hazelkeep.wood.Unknown::property)
        .containsExactly(hazelkeep.wood.WoodProperty.TENSION_ACROSS);
  }

  /** Common practice: 10 mm of wall round a recess in end grain, 3 to 6 deep. */
  @Test
  void jaws_opened_in_a_recess() {
    Hold hold = by(new Expand("body", "recess", fifty));
    assertThat(hold.judge(work(box(0, 80, 0, 42).minus(box(-1, 4, 0, 30)), BEECH))).isEmpty();
    Verdict wall =
        only(hold.judge(work(box(0, 80, 0, 36).minus(box(-1, 4, 0, 30)), BEECH)), "expand-wall");
    assertThat(wall.found()).isCloseTo(6, within(1e-6));
    assertThat(wall.limit()).isEqualTo(10);
    assertThat(wall.grade()).isEqualTo(Grade.WATCH);
    Verdict shallow =
        only(hold.judge(work(box(0, 80, 0, 42).minus(box(-1, 2, 0, 30)), BEECH)), "recess-shallow");
    assertThat(shallow.found()).isCloseTo(2, within(0.3));
    Verdict range =
        only(hold.judge(work(box(0, 80, 0, 60).minus(box(-1, 4, 0, 40)), BEECH)), "expand-range");
    assertThat(range.found()).isCloseTo(80, within(1e-6));
    assertThat(range.limit()).isEqualTo(74);
    assertThat(codes(hold.judge(work(box(0, 80, 0, 42), BEECH)))).containsExactly("seat-gone");
    JawSet squeezeOnly = JawSet.squeezing("old jaws", 50, new Span(40, 60), 10, 8, 90);
    assertThat(
            only(
                    by(new Expand("body", "recess", squeezeOnly))
                        .judge(work(box(0, 80, 0, 42).minus(box(-1, 4, 0, 30)), BEECH)),
                    "expand-range")
                .title())
        .contains("do not expand");
  }

  /**
   * Wood screw in side grain 108.25 G^2 D L, three quarters of it in end grain, a sixth to be
   * counted on (USDA Wood Handbook; from memory).
   */
  @Test
  void a_screw_in_end_grain() {
    WoodScrew screw = new WoodScrew("screw chuck", 8, 25, 48);
    Screwed grip = new Screwed("body", screw);
    assertThat(grip.withdrawal(700, 0.75)).isCloseTo(0.75 * 108.25 * 0.49 * 8 * 25, within(1e-6));
    Work blank = work(box(0, 100, 0, 35), BEECH);
    assertThat(codes(by(grip).judge(blank))).contains("screw-no-tail");
    assertThat(by(grip).with(shop.live()).judge(blank)).isEmpty();
    Hold.Trace hole = by(grip).traces(blank, shop).get(0);
    assertThat(hole.by()).isEqualTo("screw chuck");
    assertThat(hole.dent()).isEqualTo(box(0, 25, 0, 4));
    assertThat(by(grip).allows(work(box(0, 100, 0, 35), UNKNOWN)).missing())
        .extracting(hazelkeep.wood.Unknown::property)
        .contains(hazelkeep.wood.WoodProperty.DENSITY);
  }

  @Test
  void cone_and_pad_hold_by_the_tailstock_alone() {
    Work reversed = work(box(0, 60, 0, 28).minus(box(-1, 50, 0, 20)), BEECH);
    Pressed grip = new Pressed("body", 30);
    assertThat(only(by(grip).judge(reversed), "pressed-no-tail").grade()).isEqualTo(Grade.STOP);
    Hold up = by(grip).with(shop.pad());
    assertThat(up.judge(reversed)).isEmpty();
    assertThat(up.allows(reversed).torque())
        .as("0.3 of 200 N at the rim's radius")
        .isCloseTo(0.3 * 200 * 28, within(1e-6));
    assertThat(up.allows(reversed).force(28, 60)).isCloseTo(60, within(1e-6));
  }

  /** A cup of waste over a spigot 40 across; the body's shoulder sits on its rim. */
  private Hold cupped(double recess, double wall, double depth) {
    HalfSection chuck = box(-35, 0, 0, recess / 2 + wall).minus(box(-depth, 1, 0, recess / 2));
    return by(new JamChuck("body", "spigot", chuck, POPLAR, 0, Optional.empty()));
  }

  private static Work spigoted() {
    return work(box(-8, 0, 0, 20).plus(box(0, 60, 0, 28)).minus(box(-9, 50, 0, 16)), BEECH);
  }

  @Test
  void a_cup_over_a_spigot() {
    assertThat(cupped(39.93, 12, 10).judge(spigoted())).isEmpty();
    assertThat(only(cupped(40.1, 12, 10).judge(spigoted()), "jam-loose").title())
        .contains("spigot is too thin");
    assertThat(only(cupped(39.93, 12, 6).judge(spigoted()), "jam-bottoms").found())
        .isCloseTo(2, within(1e-3));
    Verdict splits = only(cupped(39.2, 3, 10).judge(spigoted()), "splits");
    assertThat(splits.title()).contains("jam chuck");
    assertThat(splits.found()).isGreaterThan(splits.limit());
  }

  private static Work mouthed(double wall) {
    return work(box(0, 60, 0, 20 + wall).minus(box(-1, 50, 0, 20)), BEECH);
  }

  private static JamChuck plug(double diameter, double paper) {
    HalfSection chuck = box(-25, 0, 0, 30).plus(box(-1, 10, 0, diameter / 2));
    return new JamChuck("body", "mouth", chuck, POPLAR, paper, Optional.empty());
  }

  @Test
  void the_greatest_interference_is_just_watched_and_paper_adds_to_it() {
    double most = plug(40.05, 0).most(mouthed(6)).orElseThrow();
    Allowed at = plug(40 + most, 0).allows(mouthed(6));
    assertThat(at.splitting()).isCloseTo(0.97 / 3, within(0.01));
    assertThat(codes(by(plug(40 + most * 1.1, 0)).judge(mouthed(6)))).contains("splits");
    assertThat(codes(by(plug(39.9, 0.1)).judge(mouthed(6))))
        .as("a tenth of paper a side makes up for a tenth of play")
        .doesNotContain("jam-loose");
    assertThat(plug(39.9, 0.1).allows(mouthed(6)).hoop())
        .isCloseTo(plug(40.1, 0).allows(mouthed(6)).hoop(), within(0.02));
  }

  @Test
  void a_jam_chuck_is_kept_with_its_sizes() {
    KeptChuck kept = plug(40.08, 0).keep("plug");
    assertThat(kept.form()).isEqualTo(KeptChuck.Form.PLUG);
    assertThat(kept.diameter()).isCloseTo(40.08, within(1e-3));
    assertThat(kept.length()).isEqualTo(10);
    assertThat(kept.face()).isEqualTo(60);
    assertThat(kept.wood()).isEqualTo("Yellow-poplar");
    KeptChuck cup = ((JamChuck) cupped(39.93, 12, 10).grip()).keep("cup");
    assertThat(cup.form()).isEqualTo(KeptChuck.Form.CUP);
    assertThat(cup.length()).isCloseTo(10, within(0.1));
    assertThat(cup.diameter()).isCloseTo(39.93, within(1e-3));
  }

  @Test
  void a_steady_wants_a_round_band_of_its_range() {
    Steady steady = new Steady("three-wheel steady", new Span(20, 150), 12);
    HalfSection wood = box(-7, 0, 0, 25).plus(box(0, 200, 0, 30));
    Work work = work(wood, BEECH);
    Hold hold = by(new Screwed("body", new WoodScrew("screw chuck", 8, 25, 48)));
    assertThat(codes(hold.with(new Steadied(steady, 150)).judge(work)))
        .doesNotContain("steady-range", "steady-unround");
    Work stepped = work(wood.minus(box(152, 201, 28, 40)), BEECH);
    Verdict unround = only(hold.with(new Steadied(steady, 150)).judge(stepped), "steady-unround");
    assertThat(unround.found()).isCloseTo(2, within(1e-6));
    Work thin = work(wood.minus(box(100, 201, 8, 40)), BEECH);
    assertThat(only(hold.with(new Steadied(steady, 150)).judge(thin), "steady-range").found())
        .isCloseTo(16, within(1e-6));
    assertThat(hold.with(new Steadied(steady, 150)).fixtures(work, shop)).hasSize(2);
  }

  /** Arcs of 25 mm radius, half a jaw 12 wide: worked by the rise of both arcs. */
  @Test
  void by_how_much_jaws_miss_a_full_bite() {
    assertThat(fifty.miss(54, 12)).isCloseTo(0.255, within(5e-4));
    assertThat(fifty.miss(44, 12)).isCloseTo(0.493, within(5e-4));
    assertThat(fifty.miss(50, 12)).isZero();
    assertThat(fifty.lines(56, Practice.USUAL)).isEqualTo(8);
    assertThat(fifty.lines(44, Practice.USUAL)).isEqualTo(4);
    assertThat(fifty.lines(51, Practice.USUAL)).isZero();
  }

  @Test
  void a_point_in_a_slender_end_is_told_and_a_pad_is_not() {
    Centre live = Shop.starter().live();
    for (double thick : new double[] {8, 20}) {
      Work turned =
          work(HalfSection.box(0, 80, 0, 15).plus(HalfSection.box(80, 90, 0, thick / 2)), BEECH);
      boolean told =
          Hold.of(new Centres(), live).judge(turned).stream()
              .anyMatch(v -> v.code().equals("tail-splits"));
      assertThat(told).as("%s mm", thick).isEqualTo(thick < 10);
    }
    Centre pad = new Centre("pad", Centre.Form.PADDED, 0, 0, 8);
    Work slim = work(HalfSection.box(0, 90, 0, 4), BEECH);
    assertThat(Hold.of(new Centres(), pad).judge(slim))
        .noneMatch(v -> v.code().equals("tail-splits"));
  }
}
