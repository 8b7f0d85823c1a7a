package hazelkeep.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.RandomPieces;
import hazelkeep.kinds.handle.HandleKind;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.setout.HandCut.Does;
import hazelkeep.setout.HandCut.Stop;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * A turner who knows nothing but what each cut says, cut by cut: a line from a face, one number.
 * What is joined between settings is joined as an even stick lies through them.
 */
class BlindTurnerTest {
  private static final int PIECES = Integer.getInteger("hazel.pieces", 24);

  /** What a joined line may be off, mm: a quarter, and what rounding to tenths adds. */
  private static final double WITHIN = 0.35;

  /** Numbers on a rule and on calipers in millimetres, by so many to the millimetre. */
  private static final double TENTHS = 10;

  /** The same in inches: 64ths and nothing finer. */
  private static final double SIXTY_FOURTHS = 64 / 25.4;

  /** What rounding to a 64th adds on either side of a line, mm. */
  private static final double INCHES = WITHIN + 25.4 / 64;

  private final Shop shop = Shop.starter();

  @Test
  void builds_every_step_of_every_kind_again() {
    List<RandomPieces.Wished<?>> wished = new RandomPieces(30_012).sound(PIECES);
    IntStream.range(0, PIECES).parallel().forEach(i -> cut(i, wished.get(i)));
  }

  private <D extends Design> void cut(int i, RandomPieces.Wished<D> wished) {
    D design = RandomPieces.adorned(wished, new Random(i), shop);
    for (Stage s : Plan.of(wished.kind(), design, shop, List.of()).rehearsal().stages()) {
      SetOut told = SetOut.of(s);
      List<HandCut> cuts = HandCuts.of(s, told);
      String what = i + " " + wished.kind().name() + " " + s.step().key() + " " + cuts;
      assertThat(cuts.isEmpty()).as(what).isEqualTo(told.isEmpty());
      orderly(s, told, cuts, what);
      if (s.setup().hold().onLathe()) {
        assertThat(built(s, told, cuts, TENTHS, WITHIN)).as(what).isEmpty();
        assertThat(i % 3 == 0 ? built(s, told, cuts, SIXTY_FOURTHS, INCHES) : Optional.empty())
            .as(what)
            .isEmpty();
      }
    }
  }

  /** One number or what it meets; nothing is joined to a place that no cut made before. */
  private static void orderly(Stage stage, SetOut told, List<HandCut> cuts, String what) {
    Set<Station> cut = new HashSet<>();
    Set<Does> joins = EnumSet.of(Does.STRAIGHT, Does.FAIR, Does.ROUND);
    for (HandCut h : cuts) {
      boolean number = h.stop() != Stop.MEETS && h.does() != Does.STRIKE;
      assertThat(h.mm() > 0 || !number || h.stop() == Stop.DEPTH).as(what).isTrue();
      if (joins.contains(h.does())) {
        for (Station s : h.places()) {
          boolean centre = s.across() < 0.4 || stood(stage, told, s);
          assertThat(centre || cut.stream().anyMatch(c -> near(c, s)))
              .as("%s in %s", s, what)
              .isTrue();
        }
      }
      cut.addAll(
          h.of()
              .map(Cut::stations)
              .filter(x -> !joins.contains(h.does()))
              .filter(x -> h.does() == Does.PARALLEL || h.does() == Does.LEAN)
              .orElse(h.places()));
    }
  }

  /** Whether the line of the wood as it was runs through a place, along the axis or leaning. */
  private static boolean stood(Stage stage, SetOut told, Station s) {
    Datum datum = told.passes().get(0).datum();
    Point p = s.in(datum);
    return stage.mounted().parts().keySet().stream()
        .flatMap(part -> stage.mounted().swept(part).rings().stream())
        .anyMatch(
            ring ->
                IntStream.range(1, ring.points().size())
                    .mapToObj(i -> List.of(ring.points().get(i - 1), ring.points().get(i)))
                    .filter(e -> Math.abs(e.get(0).z() - e.get(1).z()) > 0.01)
                    .anyMatch(e -> p.distance(e.get(0), e.get(1)) < 0.11));
  }

  private static boolean near(Station a, Station b) {
    return Math.abs(a.from() - b.from()) < 0.3 && Math.abs(a.across() - b.across()) < 0.06;
  }

  private static Optional<String> built(
      Stage s, SetOut told, List<HandCut> cuts, double digits, double within) {
    List<Pass> passes = new ArrayList<>();
    for (Pass p : told.passes()) {
      List<Cut> as = p.cuts().stream().map(c -> joined(c, cuts, digits)).toList();
      passes.add(new Pass(p.part(), p.datum(), as, p.closed()));
    }
    SetOut again =
        new SetOut(
            told.end(), told.takenOff(), passes, told.bored(), told.finished(), told.drilled());
    return new Rebuilt(s, again, within, 1_000).differs();
  }

  /** A stretch as the hand makes it: its numbers as they are shown, a curve as a stick lies. */
  private static Cut joined(Cut c, List<HandCut> cuts, double digits) {
    List<Station> places = c.stations();
    if (c.shape() == Cut.Shape.CURVE) {
      places =
          cuts.stream()
              .filter(h -> h.does() == Does.FAIR && h.of().equals(Optional.of(c)))
              .findFirst()
              .orElseThrow()
              .places();
    }
    List<Station> shown =
        places.stream()
            .map(x -> new Station(to(x.from(), digits), to(x.across(), digits)))
            .toList();
    return new Cut(
        c.shape(),
        c.shape() == Cut.Shape.CURVE ? stick(shown) : shown,
        to(c.radius(), digits),
        c.on(),
        c.inside(),
        c.sunk());
  }

  private static double to(double mm, double digits) {
    return Math.rint(digits * mm) / digits;
  }

  /**
   * An even stick through places, free at both ends: its bending moments by the three-moment
   * equation (Clapeyron 1857), solved from one end to the other.
   */
  private static List<Station> stick(List<Station> places) {
    int n = places.size();
    double[] t = new double[n];
    double[] x = places.stream().mapToDouble(Station::from).toArray();
    double[] r = places.stream().mapToDouble(s -> s.across() / 2).toArray();
    for (int i = 1; i < n; i++) {
      t[i] = t[i - 1] + Math.hypot(x[i] - x[i - 1], r[i] - r[i - 1]);
    }
    double[] mx = moments(t, x);
    double[] mr = moments(t, r);
    List<Station> out = new ArrayList<>();
    for (int i = 1; i < n; i++) {
      for (int k = i == 1 ? 0 : 1; k <= 20; k++) {
        double at = t[i - 1] + k * (t[i] - t[i - 1]) / 20;
        out.add(new Station(value(t, x, mx, i, at), 2 * Math.max(0, value(t, r, mr, i, at))));
      }
    }
    return out;
  }

  private static double[] moments(double[] t, double[] y) {
    int n = t.length;
    double[] over = new double[n];
    double[] m = new double[n];
    for (int i = 1; i < n - 1; i++) {
      double h = t[i] - t[i - 1];
      double g = t[i + 1] - t[i];
      double p = 2 * (h + g) - h * over[i - 1];
      over[i] = g / p;
      m[i] = (6 * ((y[i + 1] - y[i]) / g - (y[i] - y[i - 1]) / h) - h * m[i - 1]) / p;
    }
    for (int i = n - 2; i > 0; i--) {
      m[i] -= over[i] * m[i + 1];
    }
    return m;
  }

  private static double value(double[] t, double[] y, double[] m, int i, double at) {
    double h = t[i] - t[i - 1];
    double a = (t[i] - at) / h;
    double b = 1 - a;
    return a * y[i - 1]
        + b * y[i]
        + ((a * a * a - a) * m[i - 1] + (b * b * b - b) * m[i]) * h * h / 6;
  }

  /** A ring is freed by two leaning cuts: they meet where its bore is narrowest, or near it. */
  @Test
  void a_ring_is_freed_from_both_sides() {
    Plan<?> plan = Plan.of(HandleKind.HANDLE, HandleKind.HANDLE.fresh(), shop, List.of());
    int freed = 0;
    for (Stage s : plan.rehearsal().stages()) {
      List<HandCut> cuts = HandCuts.of(s, SetOut.of(s));
      if (cuts.stream().anyMatch(h -> h.does() == Does.FREE)) {
        assertThat(cuts).extracting(HandCut::does).containsExactly(Does.UNDER, Does.FREE);
        Station a = cuts.get(0).places().get(0);
        Station b = cuts.get(1).places().get(0);
        double left = Math.toRadians(Math.rint(90 - cuts.get(0).of().orElseThrow().lean()));
        double right = Math.toRadians(Math.rint(90 - cuts.get(1).of().orElseThrow().lean()));
        // Both go in from one diameter: they meet where their leans share the way between them.
        double deep = Math.abs(a.from() - b.from()) / (Math.tan(left) + Math.tan(right));
        double narrow = cuts.get(0).places().get(1).across();
        assertThat(a.across() - 2 * deep).isCloseTo(narrow, within(0.3));
        freed++;
      }
    }
    assertThat(freed).isEqualTo(3);
  }

  /** A curve takes no more settings than it needs: without any one of them it would be off. */
  @Test
  void sets_no_more_places_than_a_fair_line_needs() {
    int curves = 0;
    int all = 0;
    int set = 0;
    for (RandomPieces.Wished<?> w : new RandomPieces(7).sound(12)) {
      for (Stage s : w.plan(shop).rehearsal().stages()) {
        for (HandCut h : HandCuts.of(s, SetOut.of(s))) {
          if (h.does() == Does.FAIR) {
            curves++;
            all += h.of().orElseThrow().stations().size();
            set += h.places().size();
          }
        }
      }
    }
    assertThat(curves).isGreaterThan(10);
    assertThat(set).isLessThan(2 * all / 3);
  }
}
