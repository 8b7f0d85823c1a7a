package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How judges tell and what they try. */
class ToldAndTriesTest {
  private final Shop shop = Shop.starter();
  private final Aim aim = Sketch.of(MillKind.MILL, MillKind.MILL.fresh(), shop, Map.of()).aim();

  /** Half the limit stops the work, less than the limit is watched, the limit itself will do. */
  @ParameterizedTest
  @CsvSource({"3.0,", "3.1,", "2.9, WATCH", "1.6, WATCH", "1.5, STOP", "0, STOP", "-2, STOP"})
  void what_is_thin_is_graded_by_half_its_limit(double found, Grade grade) {
    Told told = new Told();
    boolean said = told.thin(Entry.WALL_THIN, found, 3, "body", new Point(1, 2), "body");
    assertThat(said).isEqualTo(grade != null);
    assertThat(told.done()).hasSize(grade == null ? 0 : 1);
    if (grade != null) {
      Finding f = told.done().get(0);
      assertThat(f.grade()).isEqualTo(grade);
      assertThat(f.verdict().found()).isEqualTo(found);
      assertThat(f.verdict().unit()).isEqualTo("mm");
      assertThat(f.where()).contains(new Point(1, 2));
    }
  }

  @Test
  void notes_of_a_boring_plan_are_not_told_but_what_stops_it_is() {
    Told told = new Told();
    told.bores(BoringPlan.of(Bore.plain("opened", 28, 60), shop), "body", null);
    assertThat(told.done()).isEmpty();
    told.bores(BoringPlan.of(Bore.plain("deep", 10, 400), shop), "body", new Point(0, 0));
    assertThat(told.done()).extracting(Finding::code).contains("bit-short");
    assertThat(told.done()).allMatch(f -> !f.advice().isBlank());
  }

  private static Remedy set(String key, double mm) {
    return new Remedy.SetDim(new DimKey(key), Length.mm(mm));
  }

  @Test
  void tries_are_rounded_kept_within_reason_and_said_once() {
    double ring = aim.mm("ring.depth");
    List<Remedy> tried =
        new Tries(aim)
            .set(new DimKey("ring.depth"), 12.349)
            .set(new DimKey("ring.depth"), 12.30001)
            .set(new DimKey("ring.depth"), -4)
            .set(new DimKey("ring.depth"), 5_000)
            .more(1.25, new DimKey("ring.depth"), new DimKey("bore.diameter"))
            .choose("form", "STRAIGHT")
            .choose("form", "STRAIGHT")
            .done();
    assertThat(tried)
        .containsExactly(
            set("ring.depth", 12.3),
            set("ring.depth", Math.round((ring + 1.25) * 10) / 10.0),
            set("bore.diameter", 26.3),
            new Remedy.Choose("form", "STRAIGHT"));
  }

  private static Finding weak(Optional<StepKey> at, String part) {
    return new Finding(
        Entry.HOLD_WEAK.told(Grade.STOP, 4, 10),
        at,
        part,
        Optional.empty(),
        "Otherwise.",
        List.of());
  }

  /** Where a step tells which end it is, that end's ways; else those of the part. */
  @Test
  void every_other_way_to_hold_that_end_is_tried() {
    List<End> ends = MillKind.MILL.ends(MillKind.MILL.fresh());
    for (End end : ends) {
      StepKey step = new StepKey(end.name() + "/foot");
      List<End> here = ends.stream().filter(e -> e.at(step.path())).toList();
      assertThat(here).contains(end);
      int others = here.stream().mapToInt(e -> e.choice().options().size() - 1).sum();
      Finding f = weak(Optional.of(step), end.part());
      List<Remedy> tried = new Tries(aim).ends(ends, f).done();
      assertThat(tried).hasSize(others);
      assertThat(tried)
          .doesNotContain(new Remedy.Choose(end.choice().name(), end.choice().chosen()));
      Finding anywhere = weak(Optional.empty(), end.part());
      int ofPart =
          ends.stream()
              .filter(e -> e.part().equals(end.part()))
              .mapToInt(e -> e.choice().options().size() - 1)
              .sum();
      assertThat(new Tries(aim).ends(ends, anywhere).done()).hasSize(ofPart);
    }
    assertThat(Tries.held("hold-weak")).isTrue();
    assertThat(Tries.held("wall-thin")).isFalse();
  }

  @Test
  void a_depth_that_is_nothing_still_has_its_mark() {
    Sketch<?> none =
        Sketch.of(MillKind.MILL, MillKind.MILL.fresh().with("plate.depth", 0), shop, Map.of());
    Measure plate =
        none.measures().stream()
            .filter(m -> m.key().equals(new DimKey("plate.depth")))
            .findFirst()
            .orElseThrow();
    assertThat(plate.to().z()).isGreaterThan(plate.from().z());
    assertThat(plate.hangs()).isFalse();
    for (Measure m : none.measures()) {
      if (m.kind() == Measure.Kind.DEPTH) {
        assertThat(m.to().z()).as("%s", m.key()).isGreaterThan(m.from().z());
      }
    }
  }
}
