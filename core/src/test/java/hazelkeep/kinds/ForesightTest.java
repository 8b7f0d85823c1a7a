package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Doing;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** What one kind knows all kinds know: the same mistake is told wherever it can be made. */
class ForesightTest {
  private static <D extends Design> Plan<D> plan(Kind<D> kind, RouteEdit... edits) {
    return Plan.of(kind, kind.fresh(), Shop.starter(), List.of(edits));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  private static <D extends Design> Plan<D> with(Kind<D> kind, String key, double mm) {
    return Plan.of(
        kind,
        kind.size(kind.fresh(), new DimKey(key), Optional.of(Size.mm(mm))),
        Shop.starter(),
        List.of());
  }

  /** Every kind that has the size tells the mistake; how many there are. */
  private static int told(String key, double mm, String code) {
    int kinds = 0;
    for (Kind<?> k : Kinds.ALL) {
      if (plan(k).aim().dims().containsKey(new DimKey(key))) {
        assertThat(codes(with(k, key, mm))).as("%s of a %s", key, k.name()).contains(code);
        kinds++;
      }
    }
    return kinds;
  }

  @Test
  void a_waste_that_leaves_the_parting_tool_no_room_is_told() {
    assertThat(told("stick.waste-foot", 0.8, "no-room-at-foot")).isGreaterThan(6);
    assertThat(told("stick.waste-top", 0.8, "no-room-at-top")).isGreaterThan(4);
  }

  @Test
  void a_kerf_narrower_than_its_tool_is_told() {
    assertThat(told("stick.kerf", 1.4, "kerf-narrow")).isGreaterThan(4);
  }

  @Test
  void a_kerf_as_narrow_as_its_tool_binds_in_wide_work() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    assertThat(codes(with(box, "stick.kerf", 2))).doesNotContain("kerf-binds");
    assertThat(codes(wide(box))).contains("kerf-binds");
  }

  private static <D extends Design> Plan<D> wide(Kind<D> kind) {
    D d = kind.size(kind.fresh(), new DimKey("outside.diameter"), Optional.of(Size.mm(110)));
    D narrow = kind.size(d, new DimKey("stick.kerf"), Optional.of(Size.mm(2)));
    return Plan.of(kind, narrow, Shop.starter(), List.of());
  }

  @Test
  void a_flat_foot_rocks_whatever_stands_on_it() {
    assertThat(told("foot.hollow", 0, "foot-rocks")).isGreaterThan(3);
  }

  @Test
  void a_fit_that_is_sanded_or_finished_is_told() {
    int joints = 0;
    for (Kind<?> k : Kinds.ALL) {
      Plan<?> sound = plan(k);
      for (Joint j : sound.aim().joints()) {
        StepKey cut = cuts(sound, j);
        for (Doing doing : List.of(Doing.SAND, Doing.FINISH)) {
          RouteEdit on =
              new RouteEdit.Add(
                  new StepKey("own/" + doing.name().toLowerCase(java.util.Locale.ROOT)),
                  cut,
                  j.inner(),
                  doing,
                  400,
                  "oil");
          assertThat(codes(plan(k, on)))
              .as("%s, %s", k.name(), doing)
              .contains(doing == Doing.SAND ? "fit-sanded" : "fit-finished");
        }
        joints++;
      }
    }
    assertThat(joints).isGreaterThan(3);
  }

  /** The step that brings the spigot of a joint to size. */
  private static StepKey cuts(Plan<?> plan, Joint j) {
    return last(
        plan,
        s ->
            s.acts().stream()
                .anyMatch(a -> a instanceof Act.Remove r && r.bares().contains(j.inner())));
  }

  private static StepKey last(Plan<?> plan, Function<Step, Boolean> which) {
    return plan.route().steps().stream()
        .filter(which::apply)
        .reduce((a, b) -> b)
        .map(Step::key)
        .orElseThrow();
  }

  @Test
  void parting_between_centres_is_told() {
    int told = 0;
    for (Kind<?> k : Kinds.ALL) {
      Plan<?> sound = plan(k);
      Optional<Setup> centres =
          sound.route().setups().stream()
              .filter(s -> s.hold().grip() instanceof hazelkeep.hold.Centres)
              .findFirst();
      Optional<Step> parts =
          sound.route().steps().stream()
              .filter(
                  s ->
                      s.acts().stream()
                          .anyMatch(a -> a instanceof Act.Remove r && r.claims().size() > 1))
              .findFirst();
      if (centres.isPresent() && parts.isPresent()) {
        StepKey end = centres.get().steps().get(centres.get().steps().size() - 1).key();
        assertThat(codes(plan(k, new RouteEdit.MoveAfter(parts.get().key(), end))))
            .as(k.name())
            .contains("parts-between-centres");
        told++;
      }
    }
    assertThat(told).isGreaterThan(2);
  }

  @Test
  void work_that_is_shaped_before_it_is_bored_is_told() {
    int told = 0;
    for (Kind<?> k : Kinds.ALL) {
      Plan<?> sound = plan(k);
      Optional<Step> bores =
          sound.route().steps().stream().filter(s -> s.bit().isPresent()).findFirst();
      if (bores.isEmpty()) {
        continue;
      }
      for (Step s : sound.route().steps()) {
        RouteEdit early = new RouteEdit.MoveAfter(bores.get().key(), s.key());
        if (bares(s) && codes(plan(k, early)).contains("shaped-early")) {
          told++;
          break;
        }
      }
    }
    assertThat(told).as("kinds that are bored").isGreaterThan(4);
  }

  private static boolean bares(Step step) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && !r.bares().isEmpty());
  }

  @Test
  void a_coarse_grit_on_leaning_grain_is_told_for_every_kind() {
    for (Kind<?> k : Kinds.ALL) {
      assertThat(codes(leaning(k, 7, 240))).as(k.name()).contains("scratches-show");
      assertThat(codes(leaning(k, 7, 400))).as(k.name()).doesNotContain("scratches-show");
      assertThat(codes(leaning(k, 0, 240))).as(k.name()).doesNotContain("scratches-show");
    }
  }

  private static <D extends Design> Plan<D> leaning(Kind<D> kind, int slope, int grit) {
    D d = Restated.with(Restated.with(kind.fresh(), "grainSlope", slope), "grit", grit);
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  @Test
  void a_limb_in_its_bark_and_a_large_bit_without_a_drawbar_are_noted() {
    for (Kind<?> k : Kinds.ALL) {
      assertThat(codes(limb(k))).as(k.name()).contains("bark-cut");
    }
    Kind<?> mill = Kinds.named("mill").orElseThrow();
    assertThat(codes(plan(mill))).contains("drawbar");
    assertThat(codes(with(mill, drawbar()))).doesNotContain("drawbar");
  }

  private static Shop drawbar() {
    Shop s = Shop.starter();
    return s.with(Restated.with(s.lathe(), "drawbar", true));
  }

  private static <D extends Design> Plan<D> with(Kind<D> kind, Shop shop) {
    return Plan.of(kind, kind.fresh(), shop, List.of());
  }

  private static <D extends Design> Plan<D> limb(Kind<D> kind) {
    Blank blank =
        new Blank(
            Optional.empty(),
            Optional.of(Size.mm(140)),
            false,
            Optional.of(Size.mm(130)),
            Optional.of(Size.mm(6)),
            false);
    D d = Restated.with(kind.fresh(), "blank", Optional.of(blank));
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  @Test
  void what_only_follows_from_something_told_is_not_told_again() {
    for (Kind<?> k : Kinds.ALL) {
      List<String> bare = codes(with(k, Shop.starter().withJaws(List.of())));
      assertThat(bare).as(k.name()).contains("no-jaws").doesNotContain("tenon-range");
      List<String> unbored = codes(with(k, Shop.starter().withBits(List.of())));
      assertThat(unbored).as(k.name()).doesNotContain("fit-tight");
    }
  }
}
