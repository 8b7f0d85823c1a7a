package hazelkeep.hold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Each hold judged on wood that was drawn by hand; x = 0 is the jaw face. */
class HoldTest {
  private static final Species MAPLE = Species.named("Hard maple (sugar)").orElseThrow();
  private final Shop shop = Shop.starter();
  private final JawSet fifty =
      shop.jaws().stream().filter(j -> j.trueCircle() == 50).findFirst().orElseThrow();

  private static HalfSection box(double z0, double z1, double r0, double r1) {
    return HalfSection.box(z0, z1, r0, r1);
  }

  private static Part part(String name, HalfSection tenon) {
    return new Part(
        name,
        new Point(20, 15),
        box(0, 40, 0, 30),
        List.of(),
        List.of(new Stub("tenon", tenon, new SurfaceId(name, "foot"))),
        new Frame(0, false));
  }

  private static Work work(String name, Part part, HalfSection wood) {
    Body body = new Body(name, wood, wood, MAPLE);
    return new Work(
        Map.of(name, part), Map.of(name, body), Map.of(name, new Frame(0, false)), Practice.USUAL);
  }

  /** A stub of some radius and length behind the jaw face, and work in front of it. */
  private Work tenoned(double radius, double length, double workRadius, double free) {
    HalfSection tenon = box(-length, 0, 0, radius);
    return work("body", part("body", tenon), tenon.plus(box(0, free, 0, workRadius)));
  }

  private Hold squeezed() {
    return new Hold(new Squeeze("body", fifty), Optional.empty());
  }

  private static Verdict only(List<Verdict> verdicts, String code) {
    return verdicts.stream().filter(v -> v.code().equals(code)).findFirst().orElseThrow();
  }

  @Test
  void a_tenon_at_the_true_circle_is_held_without_a_word() {
    assertThat(squeezed().judge(tenoned(25.5, 7, 31, 80))).isEmpty();
  }

  @Test
  void a_tenon_outside_the_range_is_told_with_its_root_and_the_range_it_misses() {
    Verdict thin = only(squeezed().judge(tenoned(19, 7, 31, 80)), "tenon-range");
    assertThat(thin.found()).isCloseTo(38, within(1e-3));
    assertThat(thin.limit()).isEqualTo(40);
    assertThat(thin.grade()).isEqualTo(Grade.STOP);
    Verdict thick = only(squeezed().judge(tenoned(34, 7, 40, 80)), "tenon-range");
    assertThat(thick.found()).isCloseTo(68, within(1e-3));
    assertThat(thick.limit()).isEqualTo(66);
  }

  /** Common practice: the tenon stays 1.5 mm shorter than the jaws are deep, here 10. */
  @Test
  void a_tenon_longer_than_the_jaws_allow() {
    assertThat(squeezed().judge(tenoned(25.5, 8.5, 31, 80))).isEmpty();
    Verdict watch = only(squeezed().judge(tenoned(25.5, 9.2, 31, 80)), "tenon-long");
    assertThat(watch.grade()).isEqualTo(Grade.WATCH);
    assertThat(watch.found()).isCloseTo(9.2, within(1e-3));
    assertThat(watch.limit()).isEqualTo(8.5);
    assertThat(only(squeezed().judge(tenoned(25.5, 10.5, 31, 80)), "tenon-long").grade())
        .isEqualTo(Grade.STOP);
  }

  @Test
  void a_shoulder_that_does_not_seat() {
    Verdict small = only(squeezed().judge(tenoned(25.5, 7, 26.7, 80)), "shoulder-unseated");
    assertThat(small.found()).isCloseTo(1.2, within(1e-3));
    assertThat(small.grade()).isEqualTo(Grade.WATCH);
    assertThat(only(squeezed().judge(tenoned(25.5, 7, 25.5, 80)), "shoulder-unseated").grade())
        .isEqualTo(Grade.STOP);
  }

  /** Common practice: 150 mm without the tailstock is told; its stiffness judges it. */
  @Test
  void free_length_and_lever() {
    Verdict far = only(squeezed().judge(tenoned(25.5, 7, 31, 160)), "free-length");
    assertThat(far.found()).isCloseTo(160, within(1e-3));
    assertThat(far.limit()).isEqualTo(150);
    assertThat(far.grade()).isEqualTo(Grade.NOTE);
    assertThat(only(squeezed().judge(tenoned(32.5, 7, 40, 223)), "free-length").grade())
        .as("stout work too")
        .isEqualTo(Grade.NOTE);
    Hold steadied = squeezed().with(new Steadied(shop.steadies().get(0), 150));
    assertThat(steadied.judge(tenoned(25.5, 7, 31, 240)))
        .as("a steady carries it")
        .noneMatch(v -> v.code().equals("free-length"));
    Hold supported = squeezed().with(shop.live());
    assertThat(supported.judge(tenoned(25.5, 7, 31, 260))).isEmpty();
    HalfSection slim = box(-7, 0, 0, 12.5);
    Work long_ = work("body", part("body", slim), slim.plus(box(0, 140, 0, 20)));
    JawSet small = shop.jaws().get(0);
    Verdict lever =
        only(new Hold(new Squeeze("body", small), Optional.empty()).judge(long_), "lever");
    assertThat(lever.found()).as("140 over 25").isCloseTo(5.6, within(1e-3));
    assertThat(lever.limit()).isEqualTo(5);
  }

  /** What is told is held against the limit that the code uses. */
  @Test
  void a_tenon_counts_as_gone_from_a_tenth_on() {
    HalfSection tenon = box(-7, 0, 0, 25);
    Verdict v =
        only(
            squeezed().judge(work("body", part("body", tenon), box(-6.2, 80, 0, 31))),
            "tenon-gone");
    assertThat(v.limit()).isEqualTo(90);
    assertThat(v.found()).isLessThan(v.limit());
    assertThat(squeezed().judge(work("body", part("body", tenon), box(-6.4, 80, 0, 31))))
        .noneMatch(x -> x.code().equals("tenon-gone"));
  }

  @Test
  void a_tenon_that_is_gone_ends_the_questions() {
    HalfSection tenon = box(-7, 0, 0, 25);
    Work gone = work("body", part("body", tenon), box(-2, 80, 0, 31));
    List<Verdict> verdicts = squeezed().judge(gone);
    assertThat(verdicts).hasSize(1);
    assertThat(verdicts.get(0).code()).isEqualTo("tenon-gone");
    assertThat(verdicts.get(0).found()).as("2 of 7 mm left").isCloseTo(100 * 2 / 7.0, within(0.1));
  }

  /** A cup with a spigot of some diameter at its mouth, and a lid with a recess over it. */
  private Work closed(double spigot, double recess, double recessDepth) {
    HalfSection tenon = box(-7, 0, 0, 25.5);
    HalfSection body =
        tenon.plus(box(0, 40, 0, 30)).plus(box(40, 48, 0, spigot / 2)).minus(box(8, 50, 0, 18));
    HalfSection lid = box(40, 65, 0, 30).minus(box(40, 40 + recessDepth, 0, recess / 2));
    Map<String, Part> parts = new LinkedHashMap<>();
    parts.put("body", part("body", tenon));
    parts.put("lid", part("lid", HalfSection.EMPTY));
    return new Work(
        parts,
        Map.of(
            "body", new Body("body", body, body, MAPLE), "lid", new Body("lid", lid, lid, MAPLE)),
        Map.of("body", new Frame(0, false), "lid", new Frame(0, false)),
        Practice.USUAL);
  }

  private Hold jammed() {
    return new Hold(new JamOn("lid", "body", new Squeeze("body", fifty)), Optional.empty());
  }

  @Test
  void a_lid_on_a_jam_of_eight_hundredths_is_driven() {
    assertThat(jammed().judge(closed(45.08, 45, 9))).isEmpty();
  }

  @Test
  void an_eased_spigot_no_longer_drives_the_lid() {
    Verdict loose = only(jammed().judge(closed(44.93, 45, 9)), "jam-eased");
    assertThat(loose.grade()).isEqualTo(Grade.STOP);
    assertThat(loose.found()).isCloseTo(0.07, within(1e-3));
    Verdict touch = only(jammed().judge(closed(45.0, 45, 9)), "jam-eased");
    assertThat(touch.grade()).as("no play, but no grip either").isEqualTo(Grade.WATCH);
    assertThat(touch.limit()).as("0.0006 of the diameter").isCloseTo(-0.027, within(1e-4));
  }

  @Test
  void a_recess_that_is_too_shallow_keeps_the_rims_apart() {
    Verdict apart = only(jammed().judge(closed(45.08, 45, 7.4)), "does-not-close");
    assertThat(apart.found()).as("8 mm of spigot in 7.4").isCloseTo(0.6, within(1e-3));
  }

  /** The reversed body's mouth at x = 0, open towards the headstock. */
  private Verdict plugged(double plug, double length, double bore, double deep, String code) {
    HalfSection wood = box(0, 60, 0, 30).minus(box(0, deep, 0, bore / 2));
    HalfSection chuck = box(-25, 0, 0, 32).plus(box(-1, length, 0, plug / 2));
    Hold hold = new Hold(JamChuck.of("body", "inside", chuck), Optional.empty());
    List<Verdict> all = hold.judge(work("body", part("body", HalfSection.EMPTY), wood));
    return code.isEmpty() ? all.stream().findFirst().orElse(null) : only(all, code);
  }

  @Test
  void a_jam_chuck_fits_bottoms_or_is_loose() {
    assertThat(plugged(40.07, 10, 40, 50, "")).isNull();
    assertThat(plugged(40.07, 10, 40, 8, "jam-bottoms").found()).isCloseTo(2, within(1e-3));
    Verdict loose = plugged(39.8, 10, 40, 50, "jam-loose");
    assertThat(loose.found()).isCloseTo(-0.2, within(1e-3));
    assertThat(loose.limit()).isZero();
  }

  @Test
  void centres_leave_their_dimples_and_a_pad_leaves_none() {
    Work blank = work("blank", part("blank", HalfSection.EMPTY), box(0, 120, 0, 34));
    List<Hold.Trace> dents = new Hold(new Centres(), Optional.empty()).traces(blank, shop);
    assertThat(dents).hasSize(2);
    assertThat(dents.get(0).dent().maxZ()).as("drive centre, 3 mm deep").isEqualTo(3);
    assertThat(dents.get(1).dent().minZ()).as("live centre, from the other end").isEqualTo(117);
    Work held = tenoned(25.5, 7, 31, 80);
    assertThat(squeezed().with(shop.pad()).traces(held, shop)).isEmpty();
    assertThat(squeezed().with(shop.live()).traces(held, shop)).hasSize(1);
  }

  @Test
  void what_stands_in_the_way_of_tools() {
    Work held = tenoned(25.5, 7, 31, 80);
    List<HalfSection> bare = squeezed().fixtures(held, shop);
    assertThat(bare).hasSize(1);
    assertThat(bare.get(0).maxZ()).as("the jaws end at their face").isEqualTo(0);
    List<HalfSection> supported = squeezed().with(shop.live()).fixtures(held, shop);
    assertThat(supported).hasSize(2);
    assertThat(supported.get(1).minZ()).as("the centre's point on the work").isEqualTo(80);
    assertThat(new Hold(new OffLathe(), Optional.empty()).fixtures(held, shop)).isEmpty();
  }

  @Test
  void nobody_holds_himself() {
    assertThatThrownBy(() -> new JamOn("lid", "lid", new Squeeze("lid", fifty)))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new JamOn("lid", "body", new Squeeze("lid", fifty)))
        .isInstanceOf(Refused.class);
  }

  @Test
  void a_hold_in_words() {
    assertThat(squeezed().with(shop.live()).words())
        .isEqualTo("50 mm jaws on the body's tenon, live centre up");
    assertThat(jammed().words()).isEqualTo("lid jammed on the body, held in the 50 mm jaws");
    assertThat(new Hold(new OffLathe(), Optional.empty()).words())
        .isEqualTo("by hand, off the lathe");
  }
}
