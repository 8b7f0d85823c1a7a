package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.fit.Seen;
import hazelkeep.fit.Seen.What;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Act;
import hazelkeep.route.StepKey;
import hazelkeep.solid.HalfSection;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What logs say of a hand, where the hand is known. */
class LearntTest {
  private static final DimKey WIDE = new DimKey("outside.diameter");

  private static List<Entry> log(List<Fact> facts) {
    List<Entry> out = new ArrayList<>();
    facts.forEach(f -> out.add(new Entry(out.size() + 1, Instant.EPOCH, 1, f)));
    return out;
  }

  private static Fact tried(What what, double value) {
    return new Fact.Tried("closure", new Seen(what, value), "calipers");
  }

  private static Fact done(HalfSection bore, Map<DimKey, Double> dims) {
    List<Act> acts = List.of(new Act.Remove("body", bore, Set.of(), List.of()));
    return new Fact.Done(
        new StepKey("body/bore"), "", Optional.empty(), acts, dims, null, Optional.empty());
  }

  private static Learnt of(Line line, List<Fact> facts) {
    return Learnt.of(List.of(log(facts)), Set.of(), Practice.USUAL).stream()
        .filter(l -> l.line() == line)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void readings_and_cuts_of_a_known_hand_are_found_again() {
    Random chance = new Random(8);
    List<Fact> facts = new ArrayList<>();
    double truth = 600;
    facts.add(tried(What.ROOT, truth + 0.05 * chance.nextGaussian()));
    for (int i = 0; i < 400; i++) {
      facts.add(tried(What.ROOT, truth + 0.05 * chance.nextGaussian()));
      double cut = 0.05 + 0.5 * chance.nextDouble();
      facts.add(tried(What.CUT, cut));
      truth -= cut + (0.03 + 0.2 * cut) * chance.nextGaussian();
      facts.add(tried(What.ROOT, truth + 0.05 * chance.nextGaussian()));
    }
    Learnt read = of(Line.READ_FIT, facts);
    assertThat(read.value()).isCloseTo(0.05, within(0.006));
    assertThat(read.least()).isLessThan(0.05);
    assertThat(read.most()).isGreaterThan(0.05);
    assertThat(read.cases()).isEqualTo(400);
    assertThat(read.differs(Practice.USUAL)).isTrue();
    Learnt share = of(Line.SNEAK_CUT_SHARE, facts);
    assertThat(share.value()).isCloseTo(0.2, within(0.05));
  }

  @Test
  void what_ran_out_drifted_and_came_out_otherwise_is_told_with_its_cases() {
    List<Fact> facts = new ArrayList<>();
    // 120 deep and 12 wide: 72 on the axis, 48 beyond.
    Map<DimKey, Double> dims = new HashMap<>();
    for (int i = 0; i < 6; i++) {
      dims.put(new DimKey(WIDE + "-" + i), 60.0);
    }
    facts.add(done(HalfSection.box(0, 120, 0, 6), dims));
    for (int i = 0; i < 6; i++) {
      facts.add(new Fact.RunOut(new StepKey("body/true"), 0.1));
      facts.add(
          new Fact.Found(
              new AsFound("body", AsFound.What.OFF, 0, 0.96),
              HalfSection.EMPTY,
              "",
              Map.of(),
              null,
              null,
              0));
      // Read twice, it is one case: the later reading.
      DimKey size = new DimKey(WIDE + "-" + i);
      facts.add(new Fact.Reading(size, "calipers", 63, 63));
      facts.add(new Fact.Reading(size, "calipers", 60.5, i % 2 == 0 ? 60.5 : 59.5));
    }
    assertThat(of(Line.ROUTE_REGRIP, facts).value()).isCloseTo(0.1, within(1e-12));
    assertThat(of(Line.BORE_DRIFT, facts).value()).isCloseTo(0.02, within(1e-12));
    Learnt turned = of(Line.READ_TURNED, facts);
    assertThat(turned.value()).isCloseTo(1.96 * 0.5, within(1e-9));
    assertThat(turned.cases()).isEqualTo(6);
    assertThat(Learnt.of(List.of(log(facts.subList(0, 4))), Set.of(), Practice.USUAL)).isEmpty();
  }

  @Test
  void what_was_taken_back_says_nothing() {
    List<Fact> facts = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      facts.add(new Fact.RunOut(new StepKey("body/true"), 3));
    }
    for (int i = 1; i <= 6; i++) {
      facts.add(new Fact.Withdrawn(i));
    }
    assertThat(Learnt.of(List.of(log(facts)), Set.of(), Practice.USUAL)).isEmpty();
  }
}
