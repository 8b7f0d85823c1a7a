package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.element.Adorned;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Gone;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Prompt;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every kind of piece, whoever adds it. */
class EveryKindTest {
  private final Shop shop = Firmly.SHOP;

  /** All that can be planned, and one that these tests alone know. */
  static Stream<Kind<?>> kinds() {
    return Stream.concat(Kinds.ALL.stream(), Stream.of(new Adorned<>(new LiddedWell())));
  }

  private <D extends Design> Plan<D> plan(Kind<D> kind, D design, RouteEdit... edits) {
    return Plan.of(kind, design, shop, List.of(edits));
  }

  private <D extends Design> Plan<D> fresh(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  @Test
  void names_are_one_of_a_kind() {
    assertThat(kinds().map(Kind::name)).doesNotHaveDuplicates();
    assertThat(kinds().map(Kind::title)).doesNotHaveDuplicates();
    assertThat(Kinds.ALL).allMatch(k -> Kinds.named(k.name()).orElseThrow() == k);
    assertThat(Kinds.named("teapot")).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_fresh_one_can_be_turned_as_it_is(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    assertThat(plan.findings().stream().filter(f -> f.grade() == Grade.STOP)).isEmpty();
    for (Part p : plan.aim().parts()) {
      HalfSection end = plan.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(end.minus(p.target()).area() + p.target().minus(end).area())
          .as("the %s is what was wished", p.name())
          .isLessThan(0.05);
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void the_stick_adds_up_to_what_it_needs(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    List<StickPiece> stick = plan.sketch().stick();
    double at = 0;
    for (StickPiece s : stick) {
      assertThat(s.from()).as(s.label()).isCloseTo(at, within(1e-9));
      at = s.to();
    }
    assertThat(at).isCloseTo(plan.aim().mm("stick.need"), within(1e-6));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void what_is_measured_has_its_place_and_its_size(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    Set<DimKey> placed = new HashSet<>();
    for (Measure m : plan.sketch().measures()) {
      placed.add(m.key());
      assertThat(plan.aim().dims()).containsKey(m.key());
      assertThat(plan.aim().parts()).anyMatch(p -> p.name().equals(m.part()));
    }
    for (Step step : plan.route().steps()) {
      for (Act act : step.acts()) {
        if (act instanceof Act.Read r) {
          assertThat(placed).as(step.key().path()).contains(r.what());
          assertThat(r.under() + r.over()).as("a reading can differ").isGreaterThan(0);
        }
      }
    }
    assertThat(keysOf(plan)).allMatch(k -> plan.aim().dims().containsKey(k));
  }

  /** What a device shows for the limits of a reading will do, in either unit. */
  @ParameterizedTest
  @MethodSource("kinds")
  void the_limits_that_are_told_will_do(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    for (Step step : plan.route().steps()) {
      for (Prompt p : plan.prompts(step)) {
        for (Unit unit : Unit.values()) {
          for (double limit : new double[] {p.least(), p.target(), p.most()}) {
            double on = p.gauge().shows(limit);
            String shown = p.dim().fit() ? unit.showFit(on) : unit.show(on);
            double typed = p.gauge().truth(SizeText.parse(shown, unit).mm());
            assertThat(p.doubts(typed, p.gauge(), unit))
                .as("%s %s %s", step.key(), p.dim().key(), shown)
                .isFalse();
          }
          assertThat(p.doubts(p.most() + 1.2, p.gauge(), unit)).isTrue();
          assertThat(p.doubts(p.least() - 1.2, p.gauge(), unit)).isTrue();
        }
      }
    }
  }

  private static <D extends Design> List<DimKey> keysOf(Plan<D> plan) {
    List<DimKey> out = new ArrayList<>(plan.sketch().dimensions().recorded());
    for (Feature f : plan.sketch().dimensions().features()) {
      out.add(f.key());
      out.add(f.keeps());
      Part part = plan.aim().part(f.surface().part());
      part.surface(f.surface().name());
      if (f.kind() == Feature.Kind.STUB) {
        assertThat(part.stubs()).extracting(Stub::standsOn).contains(f.surface());
      }
    }
    for (Choice c : plan.kind().choices(plan.design())) {
      out.addAll(c.shows());
    }
    out.addAll(plan.sketch().fittings().stream().flatMap(f -> f.sizes().stream()).toList());
    return out;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void anchors_lie_where_the_parts_lie(Kind<?> kind) {
    anchored(fresh(kind));
  }

  private static boolean stands(Part p) {
    return !p.stubs().isEmpty() || p.target().minR() == 0;
  }

  private static <D extends Design> void anchored(Plan<D> plan) {
    Map<String, Double> anchors = plan.kind().anchors(plan.design(), plan.aim().sizes());
    assertThat(anchors).containsOnlyKeys(plan.aim().made().stream().map(Part::name).toList());
    // A captive ring lies where what it goes round lies.
    for (Part p : plan.aim().made().stream().filter(EveryKindTest::stands).toList()) {
      assertThat(anchors.get(p.name()))
          .as(p.name())
          .isBetween(p.target().minZ() - 1, p.target().maxZ() + 1);
    }
    assertThat(plan.kind().settled(plan.design(), plan.aim().sizes(), plan.aim().sizes()))
        .as("nothing is settled otherwise than it is")
        .isEmpty();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_option_of_every_choice_plays(Kind<?> kind) {
    chosen(kind);
  }

  private <D extends Design> void chosen(Kind<D> kind) {
    D d = kind.fresh();
    List<Choice> all = new ArrayList<>(kind.choices(d));
    kind.ends(d).stream().map(End::choice).forEach(all::add);
    int played = 0;
    for (Choice c : all) {
      assertThat(c.now().name()).isEqualTo(c.chosen());
      for (Choice.Option o : c.options()) {
        assertThat(o.reason()).isNotBlank();
        D other = kind.choose(d, c.name(), o.name());
        try {
          Plan<D> plan = plan(kind, other);
          ledger(plan);
          played++;
        } catch (BadDesign e) {
          assertThat(e.getMessage()).as("%s %s", c.name(), o.name()).isNotBlank();
        }
      }
    }
    assertThat(played).isGreaterThan(all.size());
  }

  /** Blank = bodies, what was removed, dust and what came loose. */
  private static void ledger(Plan<?> plan) {
    double left = plan.rehearsal().end().bodies().values().stream().mapToDouble(Body::volume).sum();
    double blank = plan.aim().blanks().stream().mapToDouble(Body::volume).sum();
    var end = plan.rehearsal().end();
    assertThat(left + end.removed() + end.dust() + end.waste())
        .isCloseTo(blank, within(1e-5 * blank));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void any_order_plays_and_nothing_is_lost(Kind<?> kind) {
    shuffled(kind);
  }

  private <D extends Design> void shuffled(Kind<D> kind) {
    Random random = new Random(5);
    for (int round = 0; round < 4; round++) {
      List<Step> steps = new ArrayList<>(plan(kind, kind.fresh()).route().steps());
      Collections.shuffle(steps, random);
      RouteEdit[] edits = new RouteEdit[steps.size() - 1];
      for (int i = 1; i < steps.size(); i++) {
        edits[i - 1] = new RouteEdit.MoveAfter(steps.get(i).key(), steps.get(i - 1).key());
      }
      ledger(plan(kind, kind.fresh(), edits));
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void what_a_change_of_the_route_brought_goes_when_it_is_taken_back(Kind<?> kind) {
    takenBack(kind);
  }

  private <D extends Design> void takenBack(Kind<D> kind) {
    Plan<D> whole = plan(kind, kind.fresh());
    Step found = null;
    for (Step s : whole.route().steps()) {
      boolean bares =
          s.acts().stream().anyMatch(a -> a instanceof Act.Remove r && !r.bares().isEmpty());
      found = bares ? s : found;
    }
    StepKey last = found.key();
    Plan<D> without = plan(kind, kind.fresh(), new RouteEdit.Drop(last)).withRemedies();
    List<Finding> brought =
        without.findings().stream()
            .filter(f -> f.grade() == Grade.STOP)
            .filter(f -> whole.findings().stream().noneMatch(f::sameAs))
            .toList();
    assertThat(brought).isNotEmpty();
    assertThat(brought).allMatch(f -> f.remedies().contains(new Remedy.Restore(last)));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_step_that_is_left_out_is_missed(Kind<?> kind) {
    dropped(kind);
  }

  private <D extends Design> void dropped(Kind<D> kind) {
    Plan<D> whole = plan(kind, kind.fresh());
    int missed = 0;
    int cuts = 0;
    for (Step step : whole.route().steps()) {
      boolean bares =
          step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && !(r.bares().isEmpty()));
      if (!bares) {
        continue;
      }
      cuts++;
      Plan<D> without = plan(kind, kind.fresh(), new RouteEdit.Drop(step.key()));
      if (without.findings().size() > whole.findings().size()) {
        missed++;
      }
    }
    // A later cut may take what an earlier one left; most are missed at once.
    assertThat(missed).isGreaterThanOrEqualTo((cuts + 1) / 2);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void points_are_dragged_to_where_they_are_pulled(Kind<?> kind) {
    dragged(kind);
  }

  private <D extends Design> void dragged(Kind<D> kind) {
    Plan<D> plan = plan(kind, kind.fresh());
    for (Handle h : plan.sketch().handles()) {
      double z = h.at().z() + (h.along() ? 1 : 0);
      double r = h.at().r() + (h.across() ? 1 : 0);
      Plan<D> moved = plan(kind, plan.sketch().dragged(h.name(), z, r));
      Handle now =
          moved.sketch().handles().stream()
              .filter(x -> x.name().equals(h.name()))
              .findFirst()
              .orElseThrow();
      if (h.across()) {
        assertThat(now.at().r()).as(h.label()).isCloseTo(r, within(0.06));
      } else {
        assertThat(now.at().z()).as(h.label()).isNotCloseTo(h.at().z(), within(0.5));
      }
      assertThat(Double.isNaN(h.least()) || h.least() <= 2 * h.at().r() + 1e-6)
          .as("a fresh piece keeps clear of its own limit at the %s", h.label())
          .isTrue();
      assertThat(Double.isNaN(h.most()) || h.most() > 0).as(h.label()).isTrue();
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void what_no_cut_may_enter_lies_in_the_wood(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    HalfSection keep = plan.sketch().keep();
    HalfSection wood =
        plan.aim().parts().stream().map(Part::target).reduce(HalfSection.EMPTY, HalfSection::plus);
    assertThat(keep.minus(wood).area()).isLessThan(0.01);
    if (!keep.isEmpty()) {
      // The outside of a sound piece stays clear of it.
      for (double z = keep.minZ() + 0.5; z < keep.maxZ(); z += 2) {
        if (keep.outer(z) > 0) {
          assertThat(wood.outer(z)).isGreaterThanOrEqualTo(keep.outer(z) - 1e-6);
        }
      }
    }
  }

  /** Mass and room by slices: an integral of its own, not that of the section's polygons. */
  /** What a hole takes, cut along it into strips as long as the wall is at their side, ml. */
  private static double strips(Part part, Hole hole) {
    double rho = hole.diameter() / 2;
    double out = part.target().outer(hole.at().z());
    double in = part.target().inner(hole.at().z());
    double dw = rho / 1000;
    double sum = 0;
    for (double w = -rho + dw / 2; w < rho; w += dw) {
      double wall = Math.sqrt(out * out - w * w) - Math.sqrt(in * in - w * w);
      sum += wall * 2 * Math.sqrt(rho * rho - w * w) * dw;
    }
    return sum / 1000;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void the_wood_is_weighed_by_slices(Kind<?> kind) {
    Plan<?> plan = fresh(kind);
    Properties p = plan.sketch().properties();
    double ml = 0;
    double moment = 0;
    int slices = 20_000;
    for (Part part : plan.aim().made()) {
      HalfSection h = part.target().in(part.closed());
      double dz = (h.maxZ() - h.minZ()) / slices;
      for (int i = 0; i < slices; i++) {
        double z = h.minZ() + (i + 0.5) * dz;
        double area =
            h.at(z).stream()
                .mapToDouble(s -> Math.PI * (s.to() * s.to() - s.from() * s.from()))
                .sum();
        ml += area * dz / 1000;
        moment += area * dz / 1000 * z;
      }
      for (Hole x : part.holes()) {
        ml -= strips(part, x);
        moment -= strips(part, x) * part.closed().x(x.at().z());
      }
    }
    assertThat(p.woodMl()).isCloseTo(ml, within(1e-3 * ml));
    assertThat(p.grams().orElseThrow())
        .isCloseTo(ml * plan.aim().blank().density() / 1000, within(1e-3 * ml));
    double foot = plan.aim().parts().get(0).target().in(plan.aim().parts().get(0).closed()).maxR();
    assertThat(p.tips())
        .as("no wider than its widest stands")
        .isPositive()
        .isLessThanOrEqualTo(Math.toDegrees(Math.atan(foot / (moment / ml))) + 1e-3);
    boolean hollow =
        plan.aim().made().stream().anyMatch(x -> x.surfaces().stream().anyMatch(Surface::inside));
    boolean holds = hollow && plan.aim().made().size() == plan.aim().parts().size();
    assertThat(p.brimMl() > 0).as("what is solid, or a lid alone, holds nothing").isEqualTo(holds);
    assertThat(p.brimMl()).isLessThan(plan.aim().blank().swept().volume() / 1000);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_rule_says_why_and_keeps_its_own_range(Kind<?> kind) {
    ruled(fresh(kind));
  }

  private static <D extends Design> void ruled(Plan<D> plan) {
    for (Rule<D> r : plan.kind().rules(plan.design())) {
      var dim = plan.aim().dims().get(r.key());
      assertThat(dim.reason()).as(r.key().path()).isNotBlank();
      assertThat(dim.mm()).as(r.key().path()).isBetween(r.least() - 1e-9, r.most() + 1e-9);
      assertThat(r.label()).isNotBlank();
    }
  }

  /** Every size stated by itself is obeyed, refused with a reason, or told in a finding. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_size_that_is_stated_is_the_size_that_is_planned(Kind<?> kind) {
    stated(kind);
  }

  private <D extends Design> void stated(Kind<D> kind) {
    Plan<D> plan = plan(kind, kind.fresh());
    int obeyed = 0;
    for (Rule<D> r : kind.rules(kind.fresh())) {
      double mm = plan.aim().mm(r.key().path());
      double other = Math.rint(10 * Math.min(r.most(), mm * 1.04 + 0.3)) / 10;
      try {
        D d = kind.size(kind.fresh(), r.key(), Optional.of(Size.mm(other)));
        Plan<D> then = plan(kind, d);
        assertThat(then.aim().mm(r.key().path())).as(r.key().path()).isCloseTo(other, within(1e-9));
        D back = kind.size(d, r.key(), Optional.empty());
        assertThat(plan(kind, back).aim().mm(r.key().path()))
            .as("emptied, it is the rule's again: %s", r.key().path())
            .isCloseTo(mm, within(1e-9));
        obeyed++;
      } catch (BadDesign e) {
        assertThat(e.getMessage()).as(r.key().path()).isNotBlank();
      }
    }
    assertThat(obeyed).isGreaterThan(kind.rules(kind.fresh()).size() * 3 / 4);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void wood_found_otherwise_has_ways_on(Kind<?> kind) {
    found(fresh(kind));
  }

  private static <D extends Design> void found(Plan<D> plan) {
    for (Part part : plan.aim().parts().stream().filter(EveryKindTest::stands).toList()) {
      Gone gone = new Gone(part);
      double high = part.target().maxZ() - part.target().minZ();
      boolean spigot =
          part.surfaces().stream()
              .anyMatch(s -> s.role() == hazelkeep.wood.Role.FIT && !s.inside());
      for (AsFound.What what : AsFound.What.values()) {
        boolean open =
            part.surfaces().stream().noneMatch(Surface::inside)
                || part.target().alongAxis().isEmpty();
        boolean floor =
            what == AsFound.What.PIERCED || what == AsFound.What.DEPTH || what == AsFound.What.OFF;
        if (what == AsFound.What.SPIGOT && !spigot || floor && open) {
          continue;
        }
        double value =
            switch (what) {
              case LOST, DROPPED, PIERCED, SPIGOT -> 0;
              case FLAW, CRACK, RIM, OFF -> 2;
              case DEPTH -> 0.99 * high;
              case DIAMETER -> part.target().outer(begins(plan.aim(), part) + 0.4 * high);
              default -> 0.8 * high;
            };
        AsFound f = new AsFound(part.name(), what, 0.4 * high, value);
        assertThat(gone.of(f).isEmpty()).as("%s", what).isEqualTo(!f.takesWood());
        assertThat(gone.of(f).and(part.target()).isEmpty())
            .as("%s of the %s takes wood of it", what, part.name())
            .isEqualTo(!f.takesWood());
      }
    }
  }

  /**
   * Where a rule is laid against a part, by the closed piece alone: the lowest height at which the
   * part is the outermost wood there is. What goes into a mate is hidden by it.
   */
  private static double begins(Aim aim, Part part) {
    HalfSection own = part.target().in(part.closed());
    for (double z = own.minZ() + 0.01; z < own.maxZ(); z += 0.01) {
      double at = z;
      double most =
          aim.parts().stream()
              .mapToDouble(p -> p.target().in(p.closed()).outer(at))
              .max()
              .orElse(0);
      if (own.outer(at) > most - 1e-6) {
        return part.closed().inverse().x(at - 0.01);
      }
    }
    throw new AssertionError(part.name() + " is hidden");
  }

  /** What is found at a height, measured from where the part begins, is gone at that height. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_find_at_a_height_takes_wood_at_that_height(Kind<?> kind) {
    Aim aim = fresh(kind).aim();
    for (Part part : aim.made()) {
      Gone gone = new Gone(part);
      double low = begins(aim, part);
      assertThat(part.datum()).as(part.name()).isCloseTo(low, within(0.02));
      double high = part.target().maxZ() - low;
      for (double share : new double[] {0.1, 0.2, 0.3, 0.5, 0.65, 0.8}) {
        double z = low + share * high;
        double outer = part.target().outer(z);
        AsFound thin = new AsFound(part.name(), AsFound.What.DIAMETER, share * high, 2 * outer - 1);
        assertThat(part.target().minus(gone.of(thin)).outer(z))
            .as("%s at %s", part.name(), share)
            .isCloseTo(outer - 0.5, within(1e-3));
        AsFound flaw = new AsFound(part.name(), AsFound.What.FLAW, share * high, 0.5).allRound();
        assertThat(part.target().minus(gone.of(flaw)).outer(z))
            .as("%s at %s", part.name(), share)
            .isCloseTo(outer - 0.5, within(0.02));
        // As thick as anything there: nothing of the piece is missing.
        double wide = 2 * aim.blank().swept().maxR();
        assertThatThrownBy(
                () -> gone.missing(new AsFound(part.name(), AsFound.What.DIAMETER, high / 2, wide)))
            .hasMessageContaining("nothing of it is missing");
      }
    }
  }

  /** A stock too short is told with its numbers, and a remedy that is offered mends it. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_short_blank_is_told_and_mended(Kind<?> kind) {
    mended(kind);
  }

  private <D extends Design> void mended(Kind<D> kind) {
    double need = plan(kind, kind.fresh()).aim().mm("stick.need");
    D d =
        kind.size(
            kind.fresh(),
            new DimKey("blank.length"),
            Optional.of(new Size(Length.mm(Math.rint(need) - 6), hazelkeep.measure.Hedge.EXACT)));
    Plan<D> plan = plan(kind, d).withRemedies();
    Finding f =
        plan.findings().stream()
            .filter(x -> x.code().equals("blank-short"))
            .findFirst()
            .orElseThrow();
    assertThat(f.verdict().limit() - f.verdict().found()).isCloseTo(6, within(0.51));
    assertThat(f.remedies()).isNotEmpty();
    for (Remedy r : f.remedies()) {
      assertThat(plan.applied(r).orElseThrow().findings()).noneMatch(f::sameAs);
    }
  }
}
