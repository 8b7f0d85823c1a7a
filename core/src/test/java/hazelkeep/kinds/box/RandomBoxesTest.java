package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Stage;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Random boxes, a third of them faulty by one planted mistake, played by the engine and by a raster
 * that knows only inequalities. More on demand: -Dhazel.boxes=2000.
 */
class RandomBoxesTest {
  private static final int BOXES = Integer.getInteger("hazel.boxes", 200);
  private static final long SEED = Long.getLong("hazel.seed", 20_261_124);
  private static final double CELL = 0.25;

  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Firmly.SHOP;

  private LiddedBox random(Random r) {
    LiddedBox b = LiddedBox.fresh();
    b = kind.choose(b, "school", r.nextBoolean() ? "LID_OVER" : "LID_IN");
    b = kind.choose(b, "form", List.of("STRAIGHT", "TAPER", "BARREL").get(r.nextInt(3)));
    b = kind.choose(b, "top", r.nextBoolean() ? "FLAT" : "DOME");
    if (b.top() == LiddedBox.Top.DOME) {
      b = kind.choose(b, "roof", "DOMED");
    }
    b = kind.choose(b, "floor", r.nextBoolean() ? "FLAT" : "ROUNDED");
    b = kind.choose(b, "share", r.nextBoolean() ? "THIRDS" : "GOLDEN");
    b = kind.choose(b, "fit", List.of("PUSH", "SUCTION", "SNUG", "EASY").get(r.nextInt(4)));
    double d = tenth(44 + 60 * r.nextDouble());
    b =
        b.with("outside.diameter", d)
            .with("outside.height", tenth(Math.min(150, d * (1.0 + 0.9 * r.nextDouble()))));
    if (r.nextBoolean()) {
      b =
          b.with(
              Optional.empty(),
              Optional.of(new Blank(Optional.empty(), Optional.of(Size.mm(d + 6)), true)));
    }
    return b;
  }

  private static double tenth(double v) {
    return Math.rint(v * 10) / 10;
  }

  /** One mistake, and how it must be told. */
  private record Mistake(
      String code, String step, UnaryOperator<LiddedBox> design, List<RouteEdit> edits) {
    static Mistake of(String code, String step, UnaryOperator<LiddedBox> design) {
      return new Mistake(code, step, design, List.of());
    }

    static Mistake of(String code, String step, RouteEdit... edits) {
      return new Mistake(code, step, UnaryOperator.identity(), List.of(edits));
    }
  }

  private double mm(LiddedBox b, String key) {
    return Plan.of(kind, b, shop, List.of()).aim().mm(key);
  }

  /** Both stated: the length of a spigot follows the depth of its recess otherwise. */
  private LiddedBox spigotTooLong(LiddedBox b) {
    double length = mm(b, "joint.length");
    return b.with("joint.length", length).with("recess.depth", length - 0.6);
  }

  /** A plain shape whose foot is wider than its inside by so much, or narrower. */
  private LiddedBox narrowFoot(LiddedBox b, double wider) {
    LiddedBox flat = kind.choose(kind.choose(b, "floor", "FLAT"), "form", "STRAIGHT");
    double inside = mm(flat, "inside.diameter");
    LiddedBox fixed =
        flat.with("joint.diameter", mm(flat, "joint.diameter"))
            .with("inside.diameter", inside)
            .with("inside.corner", 1);
    return kind.choose(fixed, "form", "TAPER").with("outside.foot", inside + wider);
  }

  private static StepKey key(String path) {
    return new StepKey(path);
  }

  private List<Mistake> mistakes() {
    return List.of(
        Mistake.of("blank-short", "", b -> b.with("blank.length", mm(b, "stick.need") - 4)),
        Mistake.of("blank-thin", "", b -> b.with("blank.across", mm(b, "outside.diameter") - 2)),
        Mistake.of("tenon-range", "whole/true", b -> b.with("tenon-foot.diameter", 11)),
        Mistake.of("tenon-long", "whole/true", b -> b.with("stick.tenon-foot", 11)),
        Mistake.of("tenon-long", "lid/hollow", b -> b.with("stick.tenon-top", 11)),
        Mistake.of(
            "shoulder-unseated",
            "whole/true",
            b -> b.with("tenon-foot.diameter", mm(b, "blank.round") - 0.5)),
        Mistake.of(
            "floor-thin",
            "",
            b ->
                b.with(
                    "inside.depth",
                    mm(b, "inside.depth") + mm(b, "body.floor") - mm(b, "foot.hollow") - 1.5)),
        Mistake.of("floor-thin", "", b -> b.with("depth-hole.body", mm(b, "inside.depth") + 1.5)),
        Mistake.of("wall-thin", "", b -> narrowFoot(b, 3)),
        Mistake.of("outside-into-inside", "", b -> narrowFoot(b, -8)),
        Mistake.of(
            "spigot-wall",
            "",
            b ->
                b.school() == LiddedBox.School.LID_OVER
                    ? b.with("inside.diameter", mm(b, "spigot.diameter") - 3)
                    : b.with("lid.inside", mm(b, "spigot.diameter") - 3)),
        Mistake.of("spigot-bottoms", "", this::spigotTooLong),
        Mistake.of("does-not-close", "top, tail up/bulk", this::spigotTooLong),
        Mistake.of("rim-thin", "", b -> b.with("joint.shoulder", 1.2)),
        Mistake.of("no-room-at-foot", "", b -> b.with("stick.waste-foot", 1)),
        Mistake.of("kerf-narrow", "", b -> b.with("stick.kerf", 1.2)),
        Mistake.of("foot-rocks", "", b -> b.with("foot.hollow", 0)),
        Mistake.of(
            "lid-thin",
            "",
            b -> b.with("lid.depth", mm(b, "lid.depth") + mm(b, "lid.thickness") - 1.5)),
        Mistake.of(
            "content",
            "",
            b ->
                b.with(
                    Optional.of(
                        new LiddedBox.Content(
                            Optional.of(Size.mm(10)), Optional.of(Size.mm(220)), Optional.empty())),
                    b.blank())),
        Mistake.of(
            "dimple",
            "whole/true",
            b -> b.with("stick.face-top", 0).with("stick.tenon-top", 1).with("stick.waste-top", 0)),
        Mistake.of("last-sand", "lid/*", new RouteEdit.Drop(key("lid/inside"))),
        Mistake.of(
            "hidden", "lid/inside", new RouteEdit.MoveAfter(key("lid/inside"), key("top/top"))),
        new Mistake(
            "fit-early",
            "body/jam",
            b -> kind.choose(b, "fit", "SUCTION"),
            List.of(new RouteEdit.MoveAfter(key("body/jam"), key("body/depth hole")))),
        Mistake.of(
            "jam-eased",
            "top, tail up/bulk",
            new RouteEdit.MoveAfter(key("ease/ease"), key("body/inside"))),
        Mistake.of("last-cut", "*", new RouteEdit.Drop(key("ease/ease"))),
        Mistake.of("wood-left", "*", new RouteEdit.Drop(key("foot/foot"))),
        Mistake.of(
            "not-held",
            "body/hollow",
            new RouteEdit.MoveAfter(key("body/hollow"), key("lid/hollow"))),
        Mistake.of(
            "comes-loose",
            "body/face",
            new RouteEdit.MoveAfter(key("body/face"), key("whole/grain mark"))),
        Mistake.of(
            "parts-into-hollow",
            "whole/part",
            new RouteEdit.MoveAfter(key("body/depth hole"), key("whole/grain mark"))),
        Mistake.of(
            "tenon-gone",
            "body/face",
            new RouteEdit.MoveAfter(key("foot/foot"), key("whole/grain mark"))));
  }

  @Test
  void engine_and_raster_agree_and_every_planted_mistake_is_told() {
    IntStream.range(0, BOXES).parallel().forEach(this::box);
  }

  private void box(int i) {
    LiddedBox sound = random(new Random(SEED + i));
    Plan<LiddedBox> plan = Plan.of(kind, sound, shop, List.of());
    String which = "box " + i + " " + sound;
    assertThat(plan.findings().stream().filter(f -> f.grade() == Grade.STOP)).as(which).isEmpty();
    if (i % 3 == 2) {
      List<Mistake> mistakes = mistakes();
      told(which, mistakes.get((i / 3) % mistakes.size()), sound);
    } else {
      nothingLeftNorMissing(which, plan);
      ledger(which, plan.rehearsal());
      raster(which, plan);
    }
  }

  private void told(String which, Mistake m, LiddedBox sound) {
    Plan<LiddedBox> bad = Plan.of(kind, m.design().apply(sound), shop, m.edits());
    assertThat(bad.findings())
        .as("%s with %s", which, m.code())
        .anyMatch(
            f ->
                f.code().equals(m.code())
                    && (m.step().equals("*")
                        || m.step().endsWith("/*")
                            && f.at()
                                .filter(k -> k.path().startsWith(m.step().replace("*", "")))
                                .isPresent()
                        || f.at().map(StepKey::path).orElse("").equals(m.step())));
    ledger(which, bad.rehearsal());
  }

  private static void nothingLeftNorMissing(String which, Plan<LiddedBox> plan) {
    for (Part p : plan.aim().parts()) {
      HalfSection is = plan.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(is.minus(p.target()).area()).as(which).isLessThan(0.01);
      assertThat(p.target().minus(is).area()).as(which).isLessThan(0.01);
    }
  }

  /** Blank = bodies + removed + dust + what came loose. */
  private static void ledger(String which, Rehearsal played) {
    double blank = played.aim().blank().swept().volume();
    State end = played.end();
    double bodies = end.bodies().values().stream().mapToDouble(Body::volume).sum();
    double all = bodies + end.removed() + end.dust() + end.waste();
    assertThat(all / blank).as(which).isCloseTo(1, within(1e-5));
    assertThat(end.dust()).as(which).isLessThan(1);
  }

  private void raster(String which, Plan<LiddedBox> plan) {
    RasterOracle oracle = new RasterOracle(plan, CELL);
    String setup = "";
    for (Stage s : plan.rehearsal().stages()) {
      if (!s.setup().name().equals(setup)) {
        setup = s.setup().name();
        oracle.mount(setup);
      }
      oracle.play(s.step().key().path());
      String at = which + " after " + s.step().key();
      int engine =
          s.after().bodies().values().stream().mapToInt(b -> b.sound().pieces().size()).sum();
      for (Body b : s.after().bodies().values()) {
        double area = b.sound().area();
        assertThat(oracle.area(b.name()) / area)
            .as(at + " " + b.name())
            .isCloseTo(1, within(0.005));
      }
      if (s.step().key().path().endsWith("part") || s.step().key().path().endsWith("foot")) {
        assertThat(oracle.pieces()).as(at).isEqualTo(engine);
      }
    }
    Part body = plan.aim().part("body");
    Wall wall =
        Wall.of(
                body.surface("side").line(),
                body.surface("inside").line(),
                Practice.USUAL.of(Line.WALL_BOX))
            .orElseThrow();
    assertThat(oracle.bodyWall(Practice.USUAL.of(Line.WALL_BOX)))
        .as(which)
        .isCloseTo(wall.least(), within(1.5 * CELL));
  }

  @Test
  void every_remedy_that_is_offered_helps_and_harms_nothing() {
    Random r = new Random(42);
    int offered = 0;
    for (Mistake m : mistakes()) {
      LiddedBox sound = random(r);
      Plan<LiddedBox> bad = Plan.of(kind, m.design().apply(sound), shop, m.edits()).withRemedies();
      List<Finding> stops = bad.findings().stream().filter(f -> f.grade() == Grade.STOP).toList();
      for (Finding f : bad.findings()) {
        for (Remedy remedy : f.remedies()) {
          if (remedy instanceof Remedy.Know) {
            continue;
          }
          offered++;
          Plan<LiddedBox> then = bad.applied(remedy).orElseThrow();
          assertThat(then.findings()).as("%s by %s", f, remedy).noneMatch(f::sameAs);
          assertThat(then.findings().stream().filter(x -> x.grade() == Grade.STOP))
              .as("%s by %s", f, remedy)
              .allMatch(x -> stops.stream().anyMatch(x::sameAs));
        }
      }
    }
    assertThat(offered).isGreaterThan(15);
  }

  /** What cuts aim by: a zone that reached into its own target would cut the piece. */
  @Test
  void zones_lie_clear_of_their_own_target_and_beside_their_surface() {
    Random r = new Random(13);
    for (int i = 0; i < 60; i++) {
      LiddedBox box = random(r);
      for (Part p : Sketch.of(kind, box, shop, Map.of()).aim().parts()) {
        for (Surface s : p.surfaces()) {
          assertThat(s.zone().and(p.target()).area()).as("%s of %s", s.id(), box).isLessThan(1e-6);
          for (Polyline.Sample x : s.line().samples(1, 0.5)) {
            Point in = new Point(x.at().z() - 0.02 * x.nz(), x.at().r() - 0.02 * x.nr());
            assertThat(p.target().holds(in)).as("%s at %s of %s", s.id(), x, box).isTrue();
          }
        }
      }
    }
  }

  @Test
  void any_order_plays_without_an_exception_and_keeps_the_ledger() {
    Random r = new Random(9);
    for (int i = 0; i < 40; i++) {
      LiddedBox box = random(r);
      Plan<LiddedBox> plan = Plan.of(kind, box, shop, List.of());
      List<Step> steps = new ArrayList<>(plan.route().steps());
      Collections.shuffle(steps, r);
      List<RouteEdit> edits = new ArrayList<>();
      for (int k = 1; k < 6; k++) {
        edits.add(new RouteEdit.MoveAfter(steps.get(k).key(), steps.get(k - 1).key()));
      }
      edits.add(new RouteEdit.Drop(steps.get(7).key()));
      edits.add(new RouteEdit.Drop(new StepKey("no/such step")));
      Plan<LiddedBox> shuffled = Plan.of(kind, box, shop, edits);
      ledger("shuffle " + i, shuffled.rehearsal());
      assertThat(shuffled.route().ignored()).contains(edits.get(edits.size() - 1));
      Plan<LiddedBox> back = Plan.of(kind, box, shop, List.of());
      assertThat(back.route().steps().stream().map(Step::key))
          .isEqualTo(plan.route().steps().stream().map(Step::key).toList());
    }
  }
}
