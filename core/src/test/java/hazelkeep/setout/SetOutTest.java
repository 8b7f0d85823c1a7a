package hazelkeep.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Centres;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is said of a step suffices to cut it. */
class SetOutTest {
  private static final int PIECES = Integer.getInteger("hazel.pieces", 60);
  private final Shop shop = Shop.starter();

  @Test
  void the_numbers_of_every_step_of_every_kind_build_again_what_it_takes() {
    List<RandomPieces.Wished<?>> wished = new RandomPieces(4_711).sound(PIECES);
    IntStream.range(0, PIECES).parallel().forEach(i -> cut(i, wished.get(i)));
  }

  private <D extends Design> void cut(int i, RandomPieces.Wished<D> wished) {
    D design = RandomPieces.adorned(wished, new Random(i), shop);
    for (Stage s : Plan.of(wished.kind(), design, shop, List.of()).rehearsal().stages()) {
      SetOut told = SetOut.of(s);
      String what =
          String.format("%d %s %s, %s: %s", i, wished.kind().name(), design, s.step().key(), told);
      if (s.setup().hold().onLathe()) {
        assertThat(new Rebuilt(s, told).differs()).as(what).isEmpty();
        assertThat(told.passes().stream().map(Pass::datum).distinct()).as(what).hasSizeLessThan(2);
        told.passes().forEach(p -> reached(s, p.datum(), what));
      } else {
        byHand(s, told, what);
      }
    }
  }

  /**
   * A face that the places of a step count from is there then, and no wood or iron lies over it.
   */
  private static void reached(Stage s, Datum datum, String what) {
    double most =
        s.left().distinct().stream()
            .flatMap(p -> s.left().swept(p).rings().stream())
            .flatMap(r -> r.points().stream())
            .mapToDouble(Point::z)
            .max()
            .orElseThrow();
    boolean chucked = !(s.setup().hold().grip() instanceof Centres);
    assertThat(datum.x())
        .as(what)
        .isCloseTo(datum.from() == Datum.From.END ? most : 0, within(1e-6));
    assertThat(datum.from() == Datum.From.END || chucked).as(what).isTrue();
  }

  /** Off the lathe nothing is counted from a chuck: what is sawn is told from end to end. */
  private static void byHand(Stage s, SetOut told, String what) {
    assertThat(told.passes()).as(what).isEmpty();
    assertThat(told.takenOff()).as(what).isZero();
    for (Act a : s.step().acts()) {
      if (a instanceof Act.Remove r && s.after().removed() - s.before().removed() > 1) {
        Part part = s.aim().part(r.part());
        double length =
            s.after().stock(part).orElseThrow().swept().maxZ()
                - s.after().stock(part).orElseThrow().swept().minZ();
        assertThat(told.finished()).as(what).contains(new Finished(part.name(), length));
      }
    }
  }

  @Test
  void a_number_that_is_wrong_by_a_third_of_a_millimetre_builds_something_else() {
    int wrong = 0;
    for (Stage s : new RandomPieces(1).sound(Kinds.ALL.get(0)).plan(shop).rehearsal().stages()) {
      SetOut told = SetOut.of(s);
      double gone = s.removed().values().stream().mapToDouble(HalfSection::area).sum();
      // An edge that is only eased is smaller than that.
      for (int i = 0; gone > 1 && i < told.passes().size(); i++) {
        assertThat(new Rebuilt(s, off(told, i, 0.33)).differs())
            .as(s.step().key().path())
            .isPresent();
        wrong++;
      }
    }
    assertThat(wrong).isGreaterThan(10);
  }

  /** What a step's lines are read by counts among what the plan goes by. */
  @Test
  void lines_of_practice_that_setting_out_asks_are_the_plans() {
    for (RandomPieces.Wished<?> w : new RandomPieces(5).sound(Kinds.ALL.size())) {
      Plan<?> plan = w.plan(shop);
      Set<Line> asked = Practice.none();
      Figures figures = new Figures(shop, plan.aim().practice());
      Practice.noting(
          asked,
          () -> {
            plan.rehearsal().stages().forEach(s -> read(SetOut.of(s), figures));
            return null;
          });
      assertThat(asked).isNotEmpty();
      assertThat(plan.practice()).containsAll(asked);
    }
  }

  private static void read(SetOut told, Figures figures) {
    figures.takenOff(told);
    for (Pass p : told.passes()) {
      for (Cut c : p.cuts()) {
        c.stations().forEach(at -> figures.across(c, at));
        c.stations().forEach(at -> figures.place(c, at));
        figures.radius(c);
      }
    }
  }

  /** Every place and diameter of one pass told wrong. */
  private static SetOut off(SetOut told, int pass, double by) {
    List<Pass> all = new ArrayList<>(told.passes());
    Pass p = all.get(pass);
    List<Cut> cuts =
        p.cuts().stream()
            .map(
                c ->
                    new Cut(
                        c.shape(),
                        c.stations().stream()
                            .map(t -> new Station(t.from() + by, t.across() + 2 * by))
                            .toList(),
                        c.radius(),
                        c.on(),
                        c.inside(),
                        c.sunk()))
            .toList();
    all.set(pass, new Pass(p.part(), p.datum(), cuts, p.closed()));
    return new SetOut(
        told.end(),
        told.takenOff(),
        all,
        told.bored().map(b -> deeper(b, by)),
        List.of(),
        List.of());
  }

  private static Bored deeper(Bored b, double by) {
    return new Bored(b.part(), b.bit(), b.deep() + by);
  }
}
