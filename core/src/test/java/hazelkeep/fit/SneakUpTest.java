package hazelkeep.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.fit.Seen.What;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Sneaking up on a fit: the next cut, what trials tell, what is doubted. */
class SneakUpTest {
  private static final Practice USUAL = Practice.USUAL;
  private static final double LID = 0.3;

  /** The hand is known: the usual figures are its own. */
  private static final Practice KNOWN = USUAL.with(Line.SNEAK_UNKNOWN, OptionalDouble.of(1));

  private static Aimed aimed(FitClass fit) {
    return new Aimed(fit, 45, 46, 8, false, LID, KNOWN);
  }

  private static Seen seen(What what, double value) {
    return new Seen(what, value);
  }

  /** Worked by hand from the rule of the risk: g 0.5, v 0.0018. */
  @Test
  void the_next_cut_is_the_worked_example() {
    // Drop-on reaches to 0.9, its middle is 0.7: the middle does not bind.
    Aimed drop = aimed(FitClass.DROP_ON);
    Belief b = new Belief(45, 45 - 0.4, 0.0009, 0.0009, 0);
    assertThat(Next.cut(drop, b)).isCloseTo(0.3, within(1e-9));
    Practice wide =
        KNOWN
            .with(Line.FIT_DROP_ON_MOST, OptionalDouble.of(3))
            .with(Line.FIT_EASY_MOST, OptionalDouble.of(2.9));
    Aimed far = new Aimed(FitClass.DROP_ON, 45, 46, 8, false, LID, wide);
    Belief near = new Belief(45, 45 - 2.5, 0.0009, 0.0009, 0);
    assertThat(Next.cut(far, near)).isCloseTo(0.3327, within(1e-4));
    assertThat(Belief.deviations(0.007)).isCloseTo(2.457, within(1e-3));
  }

  /** The cut's own definition: what it may go too far by is the risk. */
  @Test
  void a_cut_goes_too_far_as_often_as_the_turner_allows() {
    Random chance = new Random(3);
    for (int i = 0; i < 200; i++) {
      double v = 1e-5 + 4e-3 * chance.nextDouble();
      Belief b = new Belief(45, 45 + 0.2 * chance.nextDouble(), v / 2, v / 2, 0);
      Aimed aim = aimed(FitClass.EASY);
      double a = Next.cut(aim, b);
      if (a > 0 && a < aim.centre() - b.clearance() - 1e-9) {
        double off = Math.hypot(Math.sqrt(v), 0.02 + 0.10 * a);
        assertThat(1 - Belief.normal((aim.most() - b.clearance() - a) / off))
            .isCloseTo(0.007, within(1e-6));
      }
    }
  }

  @Test
  void narrow_classes_are_gauged_by_the_lid() {
    assertThat(aimed(FitClass.SUCTION).lidIsTheGauge()).isTrue();
    assertThat(aimed(FitClass.SNUG).lidIsTheGauge()).isTrue();
    assertThat(aimed(FitClass.JAM).lidIsTheGauge()).isTrue();
    assertThat(aimed(FitClass.EASY).lidIsTheGauge()).isFalse();
  }

  @Test
  void readings_are_weighed_by_how_sure_they_are() {
    Belief b = Belief.of(45, 46, 1).read(true, 45.2, 0.03).read(true, 45.1, 0.03);
    assertThat(b.recess()).isCloseTo(45.15, within(1e-3));
    assertThat(Math.sqrt(b.recessVar())).isCloseTo(0.03 / Math.sqrt(2), within(1e-4));
    assertThat(b.spigot()).isEqualTo(46);
  }

  /** A cloud of 200,000 guesses, weighed by what was seen: the same mean and spread. */
  @Test
  void what_trials_tell_is_what_a_cloud_of_guesses_says() {
    List<List<Seen>> runs =
        List.of(
            List.of(
                seen(What.RECESS, 45.02),
                seen(What.ROOT, 45.01),
                seen(What.FORCE, 0),
                seen(What.ABRASIVE, 0.03)),
            List.of(
                seen(What.RECESS, 45.02),
                seen(What.ROOT, 44.97),
                seen(What.SINKS, 2.5),
                seen(What.ROOT, 44.95)),
            List.of(
                seen(What.RECESS, 45.02),
                seen(What.RECESS, 44.98),
                seen(What.ROOT, 45.05),
                seen(What.WONT_START, 0),
                seen(What.CUT, 0.06),
                seen(What.PUSH, 0)),
            List.of(seen(What.RECESS, 45.0), seen(What.ROOT, 44.6), seen(What.SLIDES, 0)));
    for (List<Seen> run : runs) {
      Belief got = SneakUp.of(aimed(FitClass.SUCTION), run).belief();
      double[] cloud = cloud(run);
      assertThat(got.clearance()).as(run.toString()).isCloseTo(cloud[0], within(0.004));
      assertThat(got.spread()).as(run.toString()).isCloseTo(cloud[1], within(0.004));
    }
  }

  /** Mean and spread of the clearance, by weighing guesses; its windows are told here again. */
  private static double[] cloud(List<Seen> run) {
    Random chance = new Random(17);
    int n = 400_000;
    double sum = 0;
    double weight = 0;
    double squares = 0;
    // What is read first says where to guess.
    for (int i = 0; i < n; i++) {
      double r = run.get(0).value() + 0.03 * chance.nextGaussian();
      double s = Double.NaN;
      double w = 1;
      boolean first = true;
      for (Seen x : run) {
        switch (x.what()) {
          case RECESS -> {
            w *= first ? 1 : bell((x.value() - r) / 0.03);
            first = false;
          }
          case ROOT -> {
            w *= Double.isNaN(s) ? 1 : bell((x.value() - s) / 0.03);
            s = Double.isNaN(s) ? x.value() + 0.03 * chance.nextGaussian() : s;
          }
          case ABRASIVE -> s -= x.value() * (1 + 0.5 * chance.nextGaussian());
          case CUT -> s -= x.value() + (0.02 + 0.1 * x.value()) * chance.nextGaussian();
          default -> w *= seen(x, r - s);
        }
      }
      sum += w * (r - s);
      squares += w * (r - s) * (r - s);
      weight += w;
    }
    double mean = sum / weight;
    return new double[] {mean, Math.sqrt(squares / weight - mean * mean)};
  }

  private static double seen(Seen x, double c) {
    double soft = 0.015;
    return switch (x.what()) {
      case WONT_START -> Belief.normal(-c / soft);
      case FORCE -> Belief.normal((c + 0.135) / soft) - Belief.normal(c / soft);
      case PUSH -> Belief.normal((c + 0.03) / soft) - Belief.normal((c - 0.03) / soft);
      case SLIDES -> Belief.normal((c - 0.12) / soft) - Belief.normal((c - 0.5) / soft);
      default -> {
        double most =
            2
                * Math.cbrt(
                    6
                        * 1.82e-11
                        * 64
                        * Math.pow(Math.PI * 45 * 45 / 4, 2)
                        / (Math.PI * 45 * x.value() * LID));
        double s = 0.05 * most;
        yield Belief.normal((c - most / Math.cbrt(2.5)) / s) - Belief.normal((c - most) / s);
      }
    };
  }

  private static double bell(double z) {
    return Math.exp(-z * z / 2);
  }

  /** Recess = end + (root - end) x / l: 44.6 to 45.6 over 9, stopping at 3, is 44.933. */
  @Test
  void a_tapered_spigot_that_stops_tells_the_recess() {
    Aimed aim = new Aimed(FitClass.SUCTION, 45, 45.6, 9, false, LID, USUAL);
    SneakUp s =
        SneakUp.of(aim, List.of(seen(What.END, 44.6), seen(What.ROOT, 45.6), seen(What.STOPS, 3)));
    assertThat(s.taper()).isCloseTo(1, within(1e-9));
    assertThat(s.belief().recess()).isCloseTo(44.933, within(0.04));
    assertThat(FitClass.burnLine(44.6, 45.6, 9, 3)).isCloseTo(44.933, within(1e-3));
  }

  /**
   * Where its end alone was measured, the ring says what its root is: 59.81 + 0.07 x 7.6 / 2.3 =
   * 60.04, 0.16 too wide, where a lid that stops was told as one that is loose.
   */
  @Test
  void a_shine_ring_tells_the_root_of_a_spigot_that_was_measured_at_its_end() {
    Aimed aim = new Aimed(FitClass.SUCTION, 59.9, 60.2, 7.6, false, LID, USUAL);
    SneakUp s =
        SneakUp.of(
            aim, List.of(seen(What.RECESS, 59.88), seen(What.END, 59.81), seen(What.STOPS, 2.3)));
    assertThat(s.belief().clearance()).isCloseTo(-0.16, within(0.03));
    Next next = Next.of(s);
    assertThat(next.what()).isIn(Next.Do.CUT, Next.Do.SCRAPE, Next.Do.MEASURE_SPIGOT);
    SneakUp nearHome =
        SneakUp.of(
            aim, List.of(seen(What.RECESS, 59.88), seen(What.END, 59.81), seen(What.STOPS, 7)));
    assertThat(nearHome.belief().clearance()).as("almost home").isBetween(-0.03, 0.01);
  }

  @ParameterizedTest
  @EnumSource(What.class)
  void nothing_seen_is_lost_whatever_it_is(What what) {
    SneakUp s =
        SneakUp.of(
            aimed(FitClass.SUCTION),
            List.of(seen(What.RECESS, 45), seen(What.ROOT, 45), seen(what, 0.05)));
    assertThat(s.taken()).hasSize(3);
    assertThat(s.taken().get(2).seen().what()).isEqualTo(what);
    assertThat(s.belief().spread()).isFinite().isLessThan(1);
    assertThat(Next.of(s)).isNotNull();
  }

  @Test
  void what_can_t_be_is_doubted_and_changes_nothing() {
    Aimed aim = aimed(FitClass.SUCTION);
    List<Seen> sound = List.of(seen(What.RECESS, 45), seen(What.ROOT, 45.4));
    SneakUp before = SneakUp.of(aim, sound);
    assertThat(doubt(before, seen(What.ROOT, 43.0))).isEqualTo(SneakUp.Doubt.FAR_OFF);
    // 43.6 typed as inches, taken as mm in its tens.
    assertThat(doubt(before, seen(What.ROOT, 999))).isEqualTo(SneakUp.Doubt.CANT_BE);
    assertThat(doubt(before, seen(What.DROPS, 0))).isEqualTo(SneakUp.Doubt.AGAINST_THE_CALIPERS);
    SneakUp stuck = before.with(seen(What.WONT_START, 0));
    assertThat(stuck.taken().get(2).doubt()).isEmpty();
    assertThat(doubt(stuck, seen(What.DROPS, 0)))
        .as("it drops and won't start")
        .isEqualTo(SneakUp.Doubt.AGAINST_THE_CALIPERS);
    // What is read twice is so, and what the lid says twice against the calipers.
    SneakUp twice = before.with(seen(What.ROOT, 43.0)).with(seen(What.ROOT, 43.02));
    assertThat(twice.belief().spigot()).isCloseTo(43.02, within(1e-9));
    SneakUp dropped = before.with(seen(What.DROPS, 0)).with(seen(What.DROPS, 0));
    assertThat(dropped.belief().clearance()).isGreaterThan(0.45);
    Aimed unknown = new Aimed(FitClass.SUCTION, 45, 46, 8, false, Double.NaN, USUAL);
    assertThat(doubt(SneakUp.of(unknown, sound), seen(What.SINKS, 3)))
        .isEqualTo(SneakUp.Doubt.NO_WEIGHT);
    assertThatThrownBy(() -> new Seen(What.ROOT, -1)).hasMessageContaining("above 0");
  }

  private static SneakUp.Doubt doubt(SneakUp before, Seen odd) {
    SneakUp after = before.with(odd);
    assertThat(after.belief()).isEqualTo(before.belief());
    assertThat(after.taken()).hasSize(before.taken().size() + 1);
    return after.taken().get(after.taken().size() - 1).doubt().orElseThrow();
  }

  @Test
  void an_overshoot_is_told_with_what_helps() {
    SneakUp s =
        SneakUp.of(
            aimed(FitClass.SUCTION), List.of(seen(What.RECESS, 45.0), seen(What.ROOT, 44.84)));
    Next next = Next.of(s);
    assertThat(next.what()).isEqualTo(Next.Do.OVER);
    List<Cure> cures = new ArrayList<>(Cure.of(s));
    // 0.16 is a snug fit; back to the middle of suction, 0.075, is 0.0425 a side: two films.
    assertThat(cures)
        .extracting(Cure::how)
        .containsExactly(Cure.How.LOOSER, Cure.How.WAX, Cure.How.FILM, Cure.How.COLLAR);
    assertThat(cures.get(2).amount()).isCloseTo(0.0425, within(1e-3));
    assertThat(cures.get(2).layers()).isEqualTo(2);
    SneakUp jam =
        SneakUp.of(aimed(FitClass.JAM), List.of(seen(What.RECESS, 45.0), seen(What.ROOT, 44.95)));
    assertThat(Cure.of(jam)).extracting(Cure::how).contains(Cure.How.DAMP_TISSUE);
    assertThat(Cure.of(jam)).extracting(Cure::how).doesNotContain(Cure.How.LOOSER);
  }
}
