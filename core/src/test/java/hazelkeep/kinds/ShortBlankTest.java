package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Stock that is too short is told as that, whatever is to be made of it, and a longer one helps.
 */
class ShortBlankTest {
  private static final DimKey LENGTH = new DimKey("blank.length");
  private static final DimKey HEIGHT = new DimKey("outside.height");

  @ParameterizedTest
  @ValueSource(doubles = {0.4, 0.7, 0.95})
  void every_kind_tells_a_short_blank_and_takes_a_longer_one(double share) {
    Kinds.ALL.forEach(k -> told(k, share));
  }

  private <D extends Design> void told(Kind<D> kind, double share) {
    Plan<D> plain = Plan.of(kind, kind.fresh(), Firmly.SHOP, List.of());
    // The height is stated, so that the piece does not shrink into what there is.
    D tall =
        kind.size(kind.fresh(), HEIGHT, Optional.of(Size.mm(plain.aim().mm("outside.height"))));
    double have = Math.rint(share * plain.aim().mm("stick.need"));
    Plan<D> plan =
        Plan.of(kind, kind.size(tall, LENGTH, Optional.of(Size.mm(have))), Firmly.SHOP, List.of())
            .withRemedies();
    Finding told =
        plan.findings().stream()
            .filter(f -> f.code().equals("blank-short"))
            .findFirst()
            .orElseThrow(() -> new AssertionError(kind.name() + " " + plan.findings()));
    assertThat(told.verdict().found()).as(kind.name()).isEqualTo(have);
    assertThat(told.remedies())
        .as(kind.name())
        .anyMatch(
            r ->
                r instanceof Remedy.SetDim set
                    && set.key().equals(LENGTH)
                    && set.to().mm() >= told.verdict().limit() - 0.1);
  }
}
