package hazelkeep.kinds.jar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.element.BoredPair;
import hazelkeep.finding.Entry;
import hazelkeep.fit.FitClass;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Jars: hollowed through the mouth once the outside is there, closed by a lid over the neck. */
class JarTest {
  private static final JarKind KIND = JarKind.JAR;

  private static Plan<Jar> plan(Jar d) {
    return Plan.of(KIND, d, Shop.starter(), List.of());
  }

  private static Jar jar(Object... sizes) {
    Jar out = KIND.fresh();
    for (int i = 0; i < sizes.length; i += 2) {
      double mm = ((Number) sizes[i + 1]).doubleValue();
      out = KIND.size(out, new DimKey((String) sizes[i]), Optional.of(Size.mm(mm)));
    }
    return out;
  }

  @ParameterizedTest
  @EnumSource(Jar.Form.class)
  void a_fresh_one_can_be_turned_whatever_its_form(Jar.Form form) {
    Plan<Jar> p = plan(Restated.with(KIND.fresh(), "form", form));
    assertThat(p.findings())
        .filteredOn(f -> f.grade() == Grade.STOP)
        .as("stops of " + form)
        .isEmpty();
  }

  @Test
  void it_is_one_of_the_list() {
    assertThat(Kinds.named("lidded-jar")).isPresent();
  }

  @Test
  void its_numbers_by_hand() {
    Plan<Jar> p = plan(jar("bore.diameter", 40, "bore.depth", 95, "recess.diameter", 46));
    // A ring of 9 round the neck on either side: 46 + 18 at the join; the belly 1.28 times that.
    assertThat(p.aim().mm("outside.diameter")).isCloseTo(64, within(1e-6));
    assertThat(p.aim().mm("outside.belly")).isCloseTo(81.92, within(1e-6));
    // Hollowed to the floor itself: the bit's point takes nothing more.
    double floor = p.aim().mm("body.floor");
    assertThat(p.aim().mm("body.height")).isCloseTo(95 + floor - 10, within(1e-6));
    // The lid takes a neck of 10 with 2 of air.
    assertThat(p.aim().mm("lid.depth")).isCloseTo(12, within(1e-6));
  }

  /** The wall from any place of the hollow to the outside, by the nearest of its line. */
  @ParameterizedTest
  @EnumSource(Jar.Form.class)
  void the_hollow_keeps_its_wall_to_the_outside(Jar.Form form) {
    Plan<Jar> p = plan(Restated.with(jar("hollow.wall", 6), "form", form));
    Part body = p.aim().part(BoredPair.BODY);
    Polyline inside = body.surface("inside").line();
    Polyline side = body.surface("side").line();
    double mouth = p.aim().mm("bore.diameter") / 2;
    for (Point q : inside.points()) {
      if (q.r() > mouth + 0.01) {
        assertThat(Wall.nearest(side, q).distance(q)).isGreaterThan(5.7);
      }
    }
    assertThat(inside.points().stream().mapToDouble(Point::r).max().orElseThrow())
        .as("it widens behind the mouth")
        .isGreaterThan(mouth + 5);
  }

  /** Before the fit: what is hollowed out lets the neck move. */
  @Test
  void it_is_hollowed_with_the_lid_off_once_its_outside_is_there_and_before_the_fit_is_eased() {
    List<String> steps =
        plan(KIND.fresh()).route().steps().stream().map(s -> s.key().path()).toList();
    assertThat(steps).containsSubsequence("top, tail up/side", "ease/hollow", "ease/ease");
  }

  @Test
  void a_mouth_too_narrow_for_the_bar_is_told_with_what_helps() {
    Plan<Jar> p = plan(jar("bore.diameter", 16, "outside.belly", 110)).withRemedies();
    Finding f =
        p.findings().stream()
            .filter(x -> x.grade() == Grade.STOP && !x.part().isEmpty())
            .findFirst()
            .orElseThrow(() -> new AssertionError(p.findings().toString()));
    assertThat(f.verdict().entry()).isEqualTo(Entry.HIDDEN);
  }

  /**
   * Its jam drives nothing any more once it is hollowed: only the fit for use could be too early.
   */
  @Test
  void a_fine_fit_is_not_called_early_unless_it_is_eased_before_the_hollow() {
    Jar d = Restated.with(KIND.fresh(), "fit", FitClass.SUCTION);
    assertThat(plan(d).findings()).noneMatch(f -> f.verdict().entry() == Entry.FIT_EARLY);
    RouteEdit early = new RouteEdit.MoveAfter(new StepKey("ease/hollow"), new StepKey("ease/ease"));
    assertThat(Plan.of(KIND, d, Shop.starter(), List.of(early)).findings())
        .anyMatch(f -> f.verdict().entry() == Entry.FIT_EARLY);
  }

  /** The floor's corner is a size: a square one leaves the floor flat to its wall. */
  @Test
  void the_corner_of_the_floor_is_a_size_of_its_own() {
    double round = flat(jar("hollow.corner", 8));
    double square = flat(jar("hollow.corner", 0));
    assertThat(square - round).isGreaterThan(4);
  }

  /** How far from the axis the floor reaches, mm. */
  private static double flat(Jar d) {
    List<Point> in = plan(d).aim().part(BoredPair.BODY).surface("inside").line().points();
    double floor = in.get(in.size() - 1).z();
    return in.stream().filter(p -> p.z() < floor + 0.01).mapToDouble(Point::r).max().orElse(0);
  }
}
