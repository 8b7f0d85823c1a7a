package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.Firmly;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Findings that few plans have, each provoked by what a turner might state or do. */
class RareFindingsTest {
  private static final Shop SHOP = Firmly.SHOP;

  private static <D extends Design> Plan<D> plan(Kind<D> kind, Object... sizes) {
    D d = kind.fresh();
    for (int i = 0; i < sizes.length; i += 2) {
      double mm = ((Number) sizes[i + 1]).doubleValue();
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm(mm)));
    }
    return Plan.of(kind, d, SHOP, List.of());
  }

  private static void tells(Plan<?> plan, String code) {
    assertThat(plan.findings()).extracting(Finding::code).contains(code);
  }

  @Test
  void a_mill_whose_bought_parts_don_t_go_together() {
    Plan<?> mill = plan(MillKind.MILL);
    double shaft = mill.aim().mm("shaft.diameter");
    tells(plan(MillKind.MILL, "shaft.hole", shaft), "parts-jam");
    tells(plan(MillKind.MILL, "thread.proud", 4), "thread-short");
    double head = mill.aim().mm("head.height") + mill.aim().mm("joint.length");
    tells(plan(MillKind.MILL, "drive.depth", head - 4), "roof-thin");
  }

  @Test
  void a_lid_shallower_than_its_recess() {
    tells(plan(LiddedBoxKind.BOX, "lid.height", 14, "joint.length", 12), "lid-shallow");
  }

  /** The same route with one act of every step done otherwise, played from the blank. */
  private static Rehearsal played(Plan<?> plan, UnaryOperator<Act> other) {
    List<Setup> setups = new ArrayList<>();
    for (Setup s : plan.route().setups()) {
      List<Step> steps = new ArrayList<>();
      for (Step step : s.steps()) {
        List<Act> acts =
            step.acts().stream().map(other).filter(java.util.Objects::nonNull).toList();
        steps.add(new Step(step.key(), step.title(), step.words(), step.at(), acts, step.bit()));
      }
      setups.add(s.with(steps));
    }
    return Rehearsal.play(State.start(plan.aim()), new Route(setups, List.of()), plan.aim(), SHOP);
  }

  private static List<String> codes(Rehearsal r) {
    return r.findings().stream().map(Finding::code).toList();
  }

  @Test
  void a_parting_cut_that_stops_short_of_the_axis() {
    Plan<?> plan = plan(LiddedBoxKind.BOX);
    Rehearsal r =
        played(
            plan,
            a ->
                a instanceof Act.Remove cut && cut.claims().size() > 1
                    ? new Act.Remove(
                        cut.part(),
                        cut.region().minus(HalfSection.box(-1, HalfSection.FAR, 0, 6)),
                        cut.bares(),
                        cut.claims())
                    : a);
    assertThat(codes(r)).contains("web-left");
  }

  @Test
  void a_surface_that_never_gets_its_finish() {
    Rehearsal r = played(plan(LiddedBoxKind.BOX), a -> a instanceof Act.Coat ? null : a);
    assertThat(codes(r)).contains("last-finish");
  }

  @Test
  void a_jam_tighter_than_its_class() {
    double recess = plan(LiddedBoxKind.BOX).aim().mm("recess.diameter");
    tells(plan(LiddedBoxKind.BOX, "joint.jam", recess + 0.4), "jam-hard");
  }
}
