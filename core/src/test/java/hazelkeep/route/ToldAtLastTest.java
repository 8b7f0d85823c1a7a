package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.element.Elements;
import hazelkeep.hold.Hold;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a turner warns of and a plan was long silent about. */
class ToldAtLastTest {
  private static final Shop SHOP = Shop.starter();

  private static Kind<?> kind(String name) {
    return Kinds.named(name).orElseThrow();
  }

  private static <D extends Design> Plan<D> plan(
      Kind<D> kind, List<Said> said, RouteEdit... edits) {
    D d = kind.fresh();
    for (Said s : said) {
      d = s.on(kind, d);
    }
    return Plan.of(kind, d, SHOP, List.of(edits));
  }

  private interface Said {
    <D extends Design> D on(Kind<D> kind, D design);
  }

  private static Said wood(String name) {
    return new Said() {
      @Override
      public <D extends Design> D on(Kind<D> kind, D design) {
        return Restated.with(design, "species", name);
      }
    };
  }

  private static Said size(String key, double mm) {
    return new Said() {
      @Override
      public <D extends Design> D on(Kind<D> kind, D design) {
        return kind.size(design, new DimKey(key), Optional.of(Size.mm(mm)));
      }
    };
  }

  private static Said added(String what, String part, double at) {
    return new Said() {
      @Override
      public <D extends Design> D on(Kind<D> kind, D design) {
        return Elements.with(design, what, part, Size.mm(at));
      }
    };
  }

  private static Optional<Finding> told(Plan<?> plan, String code) {
    return plan.findings().stream().filter(f -> f.code().equals(code)).findFirst();
  }

  @Test
  void a_thin_ring_is_told_in_a_wood_whose_strength_nobody_measured() {
    List<Said> thin =
        List.of(
            wood("European beech"),
            size("ring.outside", 30),
            size("ring.inside", 27),
            size("ring.width", 3));
    assertThat(told(plan(kind("ringed-handle"), thin), "ring-weak"))
        .hasValueSatisfying(f -> assertThat(f.grade()).isNotEqualTo(Grade.NOTE));
    assertThat(told(plan(kind("ringed-handle"), List.of(wood("European beech"))), "ring-weak"))
        .isEmpty();
  }

  @Test
  void a_ring_that_is_free_is_not_sanded_while_it_whirls() {
    RouteEdit late =
        new RouteEdit.MoveAfter(new StepKey("rings/sand rings"), new StepKey("rings/free ring 1"));
    assertThat(told(plan(kind("ringed-handle"), List.of(), late), "ring-sanded"))
        .hasValueSatisfying(f -> assertThat(f.grade()).isEqualTo(Grade.STOP));
    assertThat(told(plan(kind("ringed-handle"), List.of()), "ring-sanded")).isEmpty();
  }

  /** White oak is ring-porous and crumbles; lime is light and holds a fine edge. */
  @ParameterizedTest
  @CsvSource({
    "White oak, 1, true",
    "European oak, 1.2, true",
    "European lime, 1.2, false",
    "Hard maple (sugar), 0.9, false",
    "Hard maple (sugar), 0.7, true"
  })
  void fine_things_ask_for_fine_wood(String wood, double wide, boolean rings) {
    List<Said> said =
        List.of(
            wood(wood),
            added("bead", "body", 30),
            size("bead-1.wide", wide),
            size("bead-1.deep", wide / 2.5));
    assertThat(told(plan(kind("lidded-box"), said), "detail-fine").isPresent()).isEqualTo(rings);
  }

  @ParameterizedTest
  @CsvSource({"lidded-jar, body/jam, body/face", "needle-case, body/jam, body/face"})
  void a_fit_before_the_bore_is_told_of_every_pair(String name, String step, String after) {
    RouteEdit early = new RouteEdit.MoveAfter(new StepKey(step), new StepKey(after));
    assertThat(told(plan(kind(name), List.of(fit()), early), "fit-early"))
        .as(name)
        .hasValueSatisfying(f -> assertThat(f.grade()).isEqualTo(Grade.WATCH));
    assertThat(told(plan(kind(name), List.of(fit())), "fit-early")).isEmpty();
  }

  private static Said fit() {
    return new Said() {
      @Override
      public <D extends Design> D on(Kind<D> kind, D design) {
        return kind.choose(design, "fit", "SUCTION");
      }
    };
  }

  @Test
  void both_sides_at_size_before_they_are_parted() {
    Kind<?> box = kind("lidded-box");
    for (Kind<?> k : Kinds.ALL) {
      assertThat(told(plan(k, List.of()), "sides-early")).as(k.name()).isEmpty();
    }
    RouteEdit body = cut("body", "side", "whole/shoulder");
    RouteEdit lid = cut("lid", "side", "whole/shoulder");
    assertThat(told(plan(box, List.of(), body, lid), "sides-early"))
        .hasValueSatisfying(f -> assertThat(f.grade()).isEqualTo(Grade.WATCH));
  }

  private static RouteEdit cut(String part, String surface, String after) {
    return new RouteEdit.Add(
        new StepKey("whole/own " + part),
        new StepKey(after),
        new hazelkeep.wood.SurfaceId(part, surface),
        hazelkeep.wood.Doing.CUT,
        240,
        "");
  }

  @Test
  void a_cone_wants_a_mouth_and_spares_a_finished_rim() {
    Plan<?> vase = plan(kind("dry-stem-vase"), List.of());
    assertThat(told(vase, "cone-no-mouth")).isEmpty();
    boolean cone =
        vase.rehearsal().stages().stream()
            .map(s -> s.setup().hold())
            .flatMap(h -> h.tail().stream())
            .anyMatch(c -> c.form() == Centre.Form.CONE);
    assertThat(told(vase, "cone-on-rim").isPresent()).isEqualTo(cone);
    assertThat(conedEarly(kind("lidded-jar"))).isPresent();
  }

  /** The lid's blind end gets the cone that belongs into a mouth. */
  private static <D extends Design> Optional<Finding> conedEarly(Kind<D> kind) {
    Plan<D> plan = plan(kind, List.of());
    Centre cone = new Centre("cone", Centre.Form.CONE, 0, 0, 15);
    List<Setup> setups =
        plan.route().setups().stream()
            .map(
                s ->
                    s.name().equals("lid")
                        ? s.with(new Hold(s.hold().grip(), Optional.of(cone)))
                        : s)
            .toList();
    Rehearsal r =
        Rehearsal.play(State.start(plan.aim()), new Route(setups, List.of()), plan.aim(), SHOP);
    return r.findings().stream().filter(f -> f.code().equals("cone-no-mouth")).findFirst();
  }

  @Test
  void the_pith_of_a_limb_is_told_where_it_runs() {
    Plan<?> goblet = plan(kind("goblet"), List.of(limb()));
    assertThat(told(goblet, "pith").orElseThrow().verdict().title()).contains("stem", "floor");
    assertThat(told(plan(kind("goblet"), List.of()), "pith")).isEmpty();
  }

  private static Said limb() {
    return new Said() {
      @Override
      public <D extends Design> D on(Kind<D> kind, D design) {
        Blank b =
            new Blank(
                Optional.empty(),
                Optional.of(Size.mm(95)),
                false,
                Optional.of(Size.mm(92)),
                Optional.of(Size.mm(4)),
                false);
        return Restated.with(design, "blank", Optional.of(b));
      }
    };
  }

  @Test
  void a_lid_that_does_not_carry_the_side_on_is_told() {
    Plan<?> lid = plan(kind("fitted-lid"), List.of(size("outside.top", 71.4)));
    assertThat(told(lid, "line-breaks"))
        .hasValueSatisfying(
            f ->
                assertThat(f.verdict().limit())
                    .isCloseTo(92.0, org.assertj.core.api.Assertions.within(0.1)));
    assertThat(told(plan(kind("fitted-lid"), List.of()), "line-breaks")).isEmpty();
  }

  @Test
  void a_mask_is_worn_at_boring_too() {
    assertThat(Caution.BORING.words()).contains("Mask");
  }
}
