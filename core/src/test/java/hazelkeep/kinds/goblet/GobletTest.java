package hazelkeep.kinds.goblet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.element.Adorned;
import hazelkeep.element.Bowl;
import hazelkeep.element.Elements;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Properties;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Goblets: what they hold, how they are turned, what would go wrong. */
class GobletTest {
  private static final Shop SHOP = Firmly.SHOP;
  private static final GobletKind KIND = GobletKind.GOBLET;

  private static Goblet goblet(Goblet.Form form) {
    Goblet d = Restated.with(KIND.fresh(), "species", "Black cherry");
    return Restated.with(d, "form", form);
  }

  private static Goblet holding(Goblet d, double ml, double below) {
    return Restated.with(
        d,
        "content",
        Optional.of(new Goblet.Content(Optional.of(ml), Optional.of(Size.mm(below)))));
  }

  private static Goblet with(Goblet d, Object... sizes) {
    Goblet out = d;
    for (int i = 0; i < sizes.length; i += 2) {
      double mm = ((Number) sizes[i + 1]).doubleValue();
      out = KIND.size(out, new DimKey((String) sizes[i]), Optional.of(Size.mm(mm)));
    }
    return out;
  }

  private static Plan<Goblet> plan(Goblet d, RouteEdit... edits) {
    return Plan.of(KIND, d, SHOP, List.of(edits));
  }

  private static List<Entry> told(Plan<?> p) {
    return p.findings().stream().map(f -> f.verdict().entry()).toList();
  }

  /** By slices of the drawn hollow, through a general integrator (Hipparchus, Romberg). */
  private static double slices(Plan<Goblet> p, double below) {
    Part goblet = p.aim().part("goblet");
    double top = goblet.target().maxZ() - below;
    double floor = top + below - p.aim().mm("bowl.depth");
    return new RombergIntegrator(1e-6, 1e-6, 4, 24)
            .integrate(
                Integer.MAX_VALUE,
                z -> Math.PI * Math.pow(goblet.target().inner(z), 2),
                floor + 1e-6,
                top - 1e-6)
        / 1000;
  }

  @ParameterizedTest
  @CsvSource({
    "EGG, 120, 0",
    "EGG, 180, 10",
    "TULIP, 100, 0",
    "BELL, 150, 5",
    "CONE, 60, 0",
    "CONE, 200, 0"
  })
  void it_holds_what_was_wished_to_the_line_that_was_wished(
      Goblet.Form form, double ml, double below) {
    Plan<Goblet> p = plan(holding(with(goblet(form), "outside.height", 170), ml, below));
    assertThat(slices(p, below)).isCloseTo(ml, within(0.005 * ml));
    assertThat(told(p)).doesNotContain(Entry.CONTENT_LESS);
    Properties is = p.sketch().properties();
    assertThat(below > 0 ? is.lineMl() : is.brimMl()).isCloseTo(ml, within(0.005 * ml));
  }

  @Test
  void what_was_stated_stays_as_it_is_while_it_is_made_to_hold_so_much() {
    Goblet d = with(goblet(Goblet.Form.EGG), "outside.height", 160, "outside.rim", 52);
    Plan<Goblet> p = plan(holding(d, 140, 0));
    assertThat(p.aim().mm("outside.rim")).isEqualTo(52);
    assertThat(p.aim().mm("outside.height")).isEqualTo(160);
    assertThat(slices(p, 0)).isCloseTo(140, within(0.7));
  }

  /** Half an ellipsoid on a cylinder, by its closed form: 2/3 pi a2 b and pi a2 h. */
  @Test
  void a_bowl_in_a_cylinder_is_half_an_ellipsoid_and_a_cylinder() {
    List<Point> line = Bowl.inside(z -> 30, 60, 4, 10, 20);
    HalfSection room = HalfSection.closed(new Polyline(line), new Point(60, 0));
    double a = 26;
    double closed = Math.PI * a * a * (2.0 / 3 * 20 + 30);
    assertThat(room.volume()).isCloseTo(closed, within(0.002 * closed));
  }

  /** A cone with a wall of next to nothing is a frustum: pi h/3 (r1 r1 + r1 r2 + r2 r2). */
  @Test
  void a_cone_is_a_frustum() {
    BowlShape.Hollow thin = new BowlShape.Hollow(1e-3, 2, 1);
    BowlShape cone = new BowlShape(Goblet.Form.CONE, 60, 20, 30, 60, 60, List.of(), thin);
    double low = 10 + 20.0 * 2 / 60;
    double frustum = Math.PI * 58 / 3 * (low * low + low * 30 + 900);
    assertThat(cone.holds(0)).isCloseTo(frustum / 1000, within(0.01 * frustum / 1000));
  }

  @ParameterizedTest
  @EnumSource(Goblet.Form.class)
  void its_wall_is_even_from_the_rim_to_the_belly(Goblet.Form form) {
    Plan<Goblet> p = plan(goblet(form));
    Part goblet = p.aim().part("goblet");
    double wall = p.aim().mm("bowl.wall");
    double from = goblet.target().maxZ() - p.aim().mm("bowl.height");
    double round = from + p.aim().mm("bowl.floor") + p.aim().mm("bowl.round");
    Polyline side = goblet.surface("side").line();
    for (Point q : goblet.surface("inside").line().points()) {
      double near = hazelkeep.solid.Wall.nearest(side, q).distance(q);
      if (q.z() > round + 1 && q.z() < goblet.target().maxZ() - wall) {
        assertThat(near).as(q.toString()).isCloseTo(wall, within(0.08));
      }
      assertThat(near).as(q.toString()).isGreaterThan(wall - 0.08);
    }
  }

  @Test
  void the_bowl_is_hollowed_while_the_stem_is_stout_and_each_length_is_sanded_before_the_next() {
    Plan<Goblet> p = plan(goblet(Goblet.Form.EGG));
    List<String> keys = p.route().steps().stream().map(s -> s.key().path()).toList();
    assertThat(keys)
        .containsSubsequence(
            "outside/side",
            "bowl/hollow",
            "bowl/finish bowl",
            "stem/stem 1",
            "stem/stem 2",
            "stem/stem 3",
            "stem/foot top");
    for (Step s : p.route().steps()) {
      if (s.key().path().startsWith("stem/")) {
        assertThat(s.acts()).hasAtLeastOneElementOfType(Act.Sand.class);
      }
    }
    assertThat(p.stops()).isZero();
  }

  /**
   * The reason for the order, in numbers: thinned first, the rim gives way twenty times as much.
   */
  @Test
  void a_stem_that_is_thinned_before_the_bowl_is_hollowed_is_told() {
    Goblet d = goblet(Goblet.Form.EGG);
    Plan<Goblet> p = plan(d);
    double stout = at(p, "bowl/hollow").stiffBefore().least(0, 400);
    List<RouteEdit> early = new ArrayList<>();
    String after = "bowl/face";
    for (String key : List.of("stem/stem 1", "stem/stem 2", "stem/stem 3")) {
      early.add(new RouteEdit.MoveAfter(new StepKey(key), new StepKey(after)));
      after = key;
    }
    Plan<Goblet> wrong = plan(d, early.toArray(RouteEdit[]::new));
    assertThat(wrong.findings()).extracting(Finding::code).containsAnyOf("shakes", "breaks");
    double thin = at(wrong, "bowl/hollow").stiffBefore().least(0, 400);
    assertThat(stout).isGreaterThan(5 * thin);
  }

  private static Stage at(Plan<?> p, String key) {
    return p.rehearsal().stages().stream()
        .filter(s -> s.step().key().path().equals(key))
        .findFirst()
        .orElseThrow();
  }

  /** Angle of tipping: the foot's radius over the height of the centroid, by slices. */
  @Test
  void it_tips_over_at_the_angle_of_its_foot_and_its_centroid() {
    Plan<Goblet> p = plan(goblet(Goblet.Form.TULIP));
    HalfSection wood = p.aim().part("goblet").target();
    double volume = 0;
    double moment = 0;
    double foot = wood.minZ();
    for (double z = foot + 0.05; z < wood.maxZ(); z += 0.1) {
      double out = wood.outer(z);
      double in = wood.inner(z);
      double slice = Math.PI * (out * out - in * in);
      volume += slice;
      moment += slice * (z - foot);
    }
    double hand = Math.toDegrees(Math.atan(p.aim().mm("outside.foot") / 2 / (moment / volume)));
    assertThat(p.sketch().properties().tips()).isCloseTo(hand, within(0.1));
  }

  @Test
  void it_holds_it_whatever_its_line_was_drawn_through() {
    Goblet wished = holding(with(goblet(Goblet.Form.EGG), "outside.height", 170), 90, 0);
    double high = plan(wished).aim().mm("bowl.height");
    Kind<Goblet> kind = new Adorned<>(KIND);
    Goblet d = Elements.with(wished, "point", "goblet", Size.mm(Math.rint(170 - high / 3)));
    double drawnIn = plan(wished).aim().mm("outside.diameter") - 8;
    d = kind.size(d, new DimKey("point-1.diameter"), Optional.of(Size.mm(drawnIn)));
    Plan<Goblet> p = Plan.of(kind, d, SHOP, List.of());
    assertThat(slices(p, 0)).isCloseTo(90, within(0.45));
    assertThat(p.aim().mm("outside.diameter"))
        .as("wider elsewhere, since it is drawn in over the belly")
        .isGreaterThan(plan(wished).aim().mm("outside.diameter"));
  }

  @Test
  void more_than_the_blank_holds_is_told_with_what_would_hold_it() {
    Blank slim = new Blank(Optional.empty(), Optional.of(Size.mm(62)), false);
    Goblet d = Restated.with(goblet(Goblet.Form.EGG), "blank", Optional.of(slim));
    Plan<Goblet> p = plan(holding(d, 250, 0)).withRemedies();
    Finding less =
        p.findings().stream()
            .filter(f -> f.verdict().entry() == Entry.CONTENT_LESS)
            .findFirst()
            .orElseThrow();
    assertThat(less.verdict().limit()).isEqualTo(250);
    assertThat(less.verdict().found()).isLessThan(150);
  }

  @ParameterizedTest
  @CsvSource({
    "stem.high, 90, stem.high",
    "stem.low, 80, stem.low",
    "bowl.height, 148, bowl.height",
    "foot.edge, 30, foot.edge",
    "bowl.floor, 70, bowl.floor"
  })
  void sizes_that_have_no_room_are_refused_by_name(String key, double mm, String blamed) {
    assertThatThrownBy(() -> plan(with(goblet(Goblet.Form.EGG), key, mm)))
        .isInstanceOfSatisfying(BadDesign.class, e -> assertThat(e.key().path()).isEqualTo(blamed));
  }

  @Test
  void what_makes_no_sense_is_refused_with_what_would() {
    assertThatThrownBy(() -> new Goblet.Content(Optional.of(0.0), Optional.empty()))
        .hasMessageContaining("between 1 and 3000 ml");
    assertThatThrownBy(() -> new Goblet.Content(Optional.empty(), Optional.of(Size.mm(300))))
        .hasMessageContaining("between");
  }

  @Test
  void a_stem_that_is_stated_makes_the_goblet_as_high_as_it_then_is() {
    Plan<Goblet> p = plan(with(goblet(Goblet.Form.EGG), "stem.length", 100));
    double foot = p.aim().mm("foot.height");
    double bowl = p.aim().mm("bowl.height");
    assertThat(p.aim().mm("outside.height")).isCloseTo(foot + 100 + bowl, within(1e-6));
    assertThat(bowl).isCloseTo(0.45 * (foot + 100 + bowl), within(1e-6));
  }
}
