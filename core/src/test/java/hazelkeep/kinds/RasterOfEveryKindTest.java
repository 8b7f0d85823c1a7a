package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Stage;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Random pieces of every kind with random things added, a third of them with one planted mistake,
 * played by the engine and by a raster. More on demand: -Dhazel.pieces=2000.
 */
class RasterOfEveryKindTest {
  private static final int PIECES = Integer.getInteger("hazel.pieces", 200);
  private static final long SEED = Long.getLong("hazel.seed", 20_261_128);
  private static final double CELL = 0.36;

  /** Fewer cells than these are crumbs of a border. */
  private static final int CRUMBS = 14;

  private final Shop shop = Firmly.SHOP;

  @Test
  void engine_and_raster_agree_on_every_kind_and_what_is_planted_is_told() {
    IntStream.range(0, PIECES).parallel().forEach(this::piece);
  }

  private void piece(int i) {
    RandomPieces random = new RandomPieces(SEED + i);
    one(random.sound(Kinds.ALL.get(i % Kinds.ALL.size())), i);
  }

  private <D extends Design> void one(RandomPieces.Wished<D> wished, int i) {
    Random r = new Random(SEED ^ i);
    D design = RandomPieces.adorned(wished, r, shop);
    Plan<D> plan = Plan.of(wished.kind(), design, shop, List.of());
    String which = i + ": " + wished.kind().name() + " " + design;
    if (i % 3 == 2) {
      planted(which, plan, r);
    } else {
      same(which, plan);
    }
  }

  private void same(String which, Plan<?> plan) {
    List<RasterPlay> rasters =
        plan.aim().blanks().stream().map(b -> new RasterPlay(plan, b, CELL)).toList();
    String setup = "";
    double before = plan.aim().blanks().stream().mapToDouble(b -> b.sound().area()).sum();
    for (Stage s : plan.rehearsal().stages()) {
      if (!s.setup().name().equals(setup)) {
        setup = s.setup().name();
        rasters.forEach(x -> x.mount(s.setup(), s));
      }
      rasters.forEach(x -> x.play(s.step()));
      String at = which + " after " + s.step().key();
      double engine = area(s.after());
      // A web thinner than a cell, between a groove and an end, is a row of cells or none.
      // What came loose and is no part lies on the floor: the engine has let go of it.
      double loose = s.after().waste() > 0 ? before : 0;
      assertThat(rasters.stream().mapToDouble(RasterPlay::area).sum())
          .as(at)
          .isCloseTo(engine, within(0.008 * engine + loose));
      if (s.parts() && s.after().waste() == 0) {
        assertThat(rasters.stream().mapToInt(x -> x.pieces(CRUMBS).size()).sum())
            .as(at)
            .isEqualTo(pieces(s.after()));
      }
    }
    boolean sound = plan.findings().stream().noneMatch(f -> f.grade() == Grade.STOP);
    if (sound) {
      for (Part p : plan.aim().parts()) {
        RasterPlay its = rasters.stream().filter(x -> x.made(p.name())).findFirst().orElseThrow();
        assertThat(its.differs(p))
            .as(which + ": the " + p.name() + " is whole")
            .isLessThan(0.004 * p.target().area() + 2 * CELL);
      }
    }
  }

  private static double area(State state) {
    return state.bodies().values().stream().mapToDouble(b -> b.sound().area()).sum();
  }

  private static int pieces(State state) {
    return state.bodies().values().stream()
        .map(Body::sound)
        .mapToInt(
            h -> (int) h.pieces().stream().filter(p -> p.area() > CRUMBS * CELL * CELL).count())
        .sum();
  }

  /** One mistake in an order or a size; what it leads to must be told. */
  private <D extends Design> void planted(String which, Plan<D> sound, Random r) {
    List<Mistake> all = mistakes(sound);
    Mistake m = all.get(r.nextInt(all.size()));
    Plan<D> bad = m.on(sound, shop);
    Set<String> told =
        bad.findings().stream().map(Finding::code).collect(Collectors.toCollection(TreeSet::new));
    assertThat(told).as("%s with %s", which, m).containsAnyElementsOf(m.codes());
  }

  /**
   * A mistake.
   *
   * @param codes one of these tells it
   * @param key a size that is set; empty where the order is changed
   */
  private record Mistake(List<String> codes, String key, double mm, List<RouteEdit> edits) {
    <D extends Design> Plan<D> on(Plan<D> sound, Shop shop) {
      D d =
          key.isEmpty()
              ? sound.design()
              : sound.kind().size(sound.design(), new DimKey(key), Optional.of(Size.mm(mm)));
      return Plan.of(sound.kind(), d, shop, edits);
    }
  }

  private static Mistake size(String code, String key, double mm) {
    return new Mistake(List.of(code), key, mm, List.of());
  }

  private List<Mistake> mistakes(Plan<?> sound) {
    List<Mistake> out = new ArrayList<>();
    out.add(size("blank-short", "blank.length", sound.aim().mm("stick.need") - 4));
    for (String key : List.of("stick.waste-foot", "stick.waste-top")) {
      if (sound.aim().dims().containsKey(new DimKey(key))) {
        out.add(size("no-room-at-" + key.substring(12), key, 0.6));
      }
    }
    if (sound.aim().dims().containsKey(new DimKey("foot.hollow"))) {
      out.add(size("foot-rocks", "foot.hollow", 0));
    }
    sound.design().elements().stream()
        .filter(a -> sound.aim().dims().containsKey(a.size("deep")))
        .filter(a -> !a.what().equals("seam"))
        .findFirst()
        .ifPresent(
            a ->
                out.add(
                    new Mistake(
                        List.of(
                            "detail-thin",
                            "detail-meets",
                            "detail-no-room",
                            "knob-no-top",
                            "knob-wide",
                            "knob-second",
                            "finial-through"),
                        a.size("deep").path(),
                        28,
                        List.of())));
    sound.route().steps().stream()
        .filter(RasterOfEveryKindTest::onlyCut)
        .reduce((a, b) -> b)
        .ifPresent(
            s ->
                out.add(
                    new Mistake(
                        List.of("last-cut", "wood-left", "wood-missing", "last-sand"),
                        "",
                        0,
                        List.of(new RouteEdit.Drop(s.key())))));
    return out;
  }

  /** Whether a step brings something to size: without it wood is left. */
  private static boolean onlyCut(Step step) {
    return step.acts().stream()
        .anyMatch(a -> a instanceof hazelkeep.route.Act.Remove r && !r.bares().isEmpty());
  }
}
