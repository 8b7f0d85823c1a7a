package hazelkeep.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.air.Movement;
import hazelkeep.air.Rings;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Practice;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Ovals on ovals through the year. */
class YearTest {
  private static final Practice USUAL = Practice.USUAL;

  /** Shrinkage that moves by exactly these coefficients for one percent about ten. */
  private static Movement moving(double radial, double tangential) {
    return new Movement(shrinkage(radial), shrinkage(tangential), 30);
  }

  /** From C = 1 / (3000/S - 20). */
  private static double shrinkage(double c) {
    return 3000 / (1 / c + 20);
  }

  private static final Movement MAPLE = moving(0.00165, 0.00353);

  private static Pairing pair(double turned) {
    Half outer = new Half(MAPLE, 10, Rings.STRAIGHT, 0);
    return new Pairing(45, 0.10, outer, outer.turned(turned), FitClass.SUCTION);
  }

  /**
   * Worked by hand with the Wood Handbook's coefficients of sugar maple (from memory): 45 mm, 0.10
   * mm. The gains are counted from ten percent, where the coefficients hold exactly.
   */
  @Test
  void worked_examples_of_turned_grain() {
    assertThat(Year.at(pair(0), new Year.Moist(14, 14)).least()).isCloseTo(0.10, within(1e-9));
    assertThat(Year.at(pair(90), new Year.Moist(14, 14)).least()).isCloseTo(-0.238, within(1e-3));
    assertThat(Year.at(pair(30), new Year.Moist(14, 14)).least()).isCloseTo(-0.069, within(1e-3));
    assertThat(Year.at(pair(0), new Year.Moist(13, 14)).least()).isCloseTo(-0.058, within(2e-3));
    assertThat(Year.at(pair(45), new Year.Moist(14, 12)).least()).isCloseTo(0.144, within(2e-3));
    assertThat(Otherwise.bindsAt(pair(90), 14)).isCloseTo(17.2, within(0.1));
    // At a quarter turn it binds after 1.18 %.
    assertThat(Year.at(pair(90), new Year.Moist(11.18, 11.18)).least()).isCloseTo(0, within(1e-3));
  }

  /** c + D [dl ml - db mb -/+ sqrt(...)]: the closed form for ovals on ovals. */
  @Test
  void the_band_is_the_closed_form_whatever_woods_and_turns() {
    Random chance = new Random(11);
    for (int i = 0; i < 300; i++) {
      Movement o = moving(0.001 + chance.nextDouble() * 0.002, 0.002 + chance.nextDouble() * 0.003);
      Movement in =
          moving(0.001 + chance.nextDouble() * 0.002, 0.002 + chance.nextDouble() * 0.003);
      double phi = chance.nextInt(180);
      double d = 20 + chance.nextInt(90);
      Half outer = new Half(o, 10, Rings.STRAIGHT, 0);
      Half inner = new Half(in, 9, Otherwise.straight(phi), 0);
      Pairing p = new Pairing(d, 0.1, outer, inner, FitClass.SNUG);
      Year.Moist then = new Year.Moist(6 + 10 * chance.nextDouble(), 6 + 10 * chance.nextDouble());
      double ml = (o.radially(10, then.outer()) + o.tangentially(10, then.outer())) / 2;
      double al = (o.radially(10, then.outer()) - o.tangentially(10, then.outer())) / 2;
      double mb = (in.radially(9, then.inner()) + in.tangentially(9, then.inner())) / 2;
      double ab = (in.radially(9, then.inner()) - in.tangentially(9, then.inner())) / 2;
      double root = Math.sqrt(al * al + ab * ab - 2 * al * ab * Math.cos(2 * Math.toRadians(phi)));
      Year.Span got = Year.at(p, then);
      assertThat(got.least())
          .isCloseTo(0.1 + d * (ml - mb - root), within(d * root * 1.1e-3 + 1e-9));
      assertThat(got.most())
          .isCloseTo(0.1 + d * (ml - mb + root), within(d * root * 1.1e-3 + 1e-9));
    }
  }

  @Test
  void what_may_be_cut_today_stays_in_its_class_all_year_and_no_more() {
    for (Climate c : Climates.SHIPPED.all()) {
      for (double turned : new double[] {0, 20, 90}) {
        Pairing p = pair(turned).wanting(FitClass.EASY);
        Year.Today today = Year.of(p, c).today(USUAL);
        if (!today.holds()) {
          assertThat(today.moves()).isGreaterThan(today.room());
          continue;
        }
        for (double cut : new double[] {today.least(), today.middle(), today.most()}) {
          Year year = Year.of(p.with(cut), c);
          assertThat(year.tightest()).isGreaterThanOrEqualTo(0.25 - 1e-9);
          assertThat(year.loosest()).isLessThanOrEqualTo(0.5 + 1e-9);
        }
        Year outside = Year.of(p.with(today.most() + 0.01), c);
        assertThat(outside.loosest()).isGreaterThan(0.5);
      }
    }
  }

  @Test
  void what_would_help_is_tried_and_helps() {
    Climate hard = Climates.SHIPPED.named("Heated home, hard winters").orElseThrow();
    Pairing turned = pair(90);
    assertThat(Year.of(turned, hard).today(USUAL).holds()).isFalse();
    List<Otherwise> ways = Otherwise.all(turned, hard, USUAL, Optional.of(moving(0.001, 0.0012)));
    assertThat(ways)
        .filteredOn(w -> w.how() == Otherwise.How.GRAIN_LINED_UP)
        .singleElement()
        .satisfies(w -> assertThat(w.today().holds()).isTrue());
    assertThat(ways)
        .filteredOn(w -> w.how() == Otherwise.How.CALMER_WOOD)
        .singleElement()
        .satisfies(
            w ->
                assertThat(w.today().moves())
                    .isLessThan(Year.of(turned, hard).today(USUAL).moves() / 4));
    assertThat(ways)
        .filteredOn(w -> w.how() == Otherwise.How.LOOSER)
        .allSatisfy(w -> assertThat(w.today().holds()).isTrue());
    // With the grain lined up and one wood nothing has to be done otherwise for the grain.
    assertThat(Otherwise.all(pair(0), hard, USUAL, Optional.empty()))
        .noneMatch(w -> w.how() == Otherwise.How.GRAIN_LINED_UP);
  }

  @Test
  void months_say_where_it_seizes_and_where_it_rattles() {
    Climate damp = Climates.SHIPPED.named("Galley of a boat").orElseThrow();
    Half lid = new Half(MAPLE, 8, Rings.STRAIGHT, 0);
    Half body = new Half(moving(0.0026, 0.0052), 8, Rings.STRAIGHT, 0);
    Year swollen = Year.of(new Pairing(70, 0.1, lid, body, FitClass.SUCTION), damp);
    assertThat(swollen.months(USUAL)).hasSize(12).allMatch(Year.Month::seizes);
    Year loose = Year.of(new Pairing(70, 0.1, body, lid, FitClass.SUCTION), damp);
    assertThat(loose.months(USUAL)).allMatch(Year.Month::rattles);
    assertThat(loose.months(USUAL).get(0).loose()).isEqualTo(FitClass.DROP_ON);
  }
}
