package hazelkeep.setout;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.setout.HandCut.Does;
import hazelkeep.setout.HandCut.Stop;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Calipers are set as seldom as can be. */
class CalipersTest {
  private static List<HandCut> cuts(double... mm) {
    return Arrays.stream(mm)
        .mapToObj(
            d ->
                new HandCut(
                    Does.SET,
                    Datum.From.END,
                    List.of(new Station(10, d)),
                    Stop.CALIPERS,
                    d,
                    Optional.empty()))
        .toList();
  }

  private static long set(List<Optional<Calipers.Setting>> all) {
    return all.stream().flatMap(Optional::stream).filter(Calipers.Setting::fresh).count();
  }

  @Test
  void a_setting_that_comes_again_is_kept() {
    List<Optional<Calipers.Setting>> all = Calipers.of(cuts(62, 47, 62, 30, 25, 62), 3);
    assertThat(all.stream().map(s -> s.orElseThrow().letter()))
        .containsExactly('A', 'B', 'A', 'C', 'B', 'A');
    assertThat(set(all)).isEqualTo(4);
  }

  @Test
  void what_no_calipers_stop_has_none() {
    HandCut join =
        new HandCut(Does.FAIR, Datum.From.END, List.of(), Stop.MEETS, 0, Optional.empty());
    assertThat(Calipers.of(List.of(join), 3)).containsExactly(Optional.empty());
  }

  /** Against every way to choose which is set anew, 200 rows of up to nine cuts. */
  @Test
  void no_other_choice_sets_fewer() {
    Random chance = new Random(11);
    for (int i = 0; i < 200; i++) {
      double[] mm = chance.ints(3 + chance.nextInt(7), 1, 6).mapToDouble(d -> 10 * d).toArray();
      int most = 1 + chance.nextInt(3);
      List<Optional<Calipers.Setting>> all = Calipers.of(cuts(mm), most);
      assertThat(set(all)).isEqualTo(fewest(mm, 0, List.of(), most));
      shown(mm, all, most);
    }
  }

  /** Every cut has the calipers that are set to it then, of no more than there are. */
  private static void shown(double[] mm, List<Optional<Calipers.Setting>> all, int most) {
    double[] open = new double[most];
    for (int i = 0; i < mm.length; i++) {
      Calipers.Setting s = all.get(i).orElseThrow();
      int at = s.letter() - 'A';
      assertThat(at).isBetween(0, most - 1);
      open[at] = s.fresh() ? mm[i] : open[at];
      assertThat(open[at]).isEqualTo(mm[i]);
    }
  }

  private static long fewest(double[] mm, int i, List<Double> open, int most) {
    if (i == mm.length) {
      return 0;
    }
    if (open.contains(mm[i])) {
      return fewest(mm, i + 1, open, most);
    }
    Stream<List<Double>> next =
        open.size() < most
            ? Stream.of(with(open, -1, mm[i]))
            : Stream.iterate(0, k -> k + 1).limit(most).map(k -> with(open, k, mm[i]));
    return 1 + next.mapToLong(o -> fewest(mm, i + 1, o, most)).min().orElseThrow();
  }

  private static List<Double> with(List<Double> open, int at, double mm) {
    List<Double> out = new ArrayList<>(open);
    if (at < 0) {
      out.add(mm);
    } else {
      out.set(at, mm);
    }
    return out;
  }
}
