package hazelkeep.setout;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a step asks to be measured can be measured then: both its ends lie on wood that is bare. */
class BareFaceTest {
  private static final int PIECES = Integer.getInteger("hazel.pieces", 60);

  /** What a gauge tells of wood, mm. */
  private static final double TOLD = 0.06;

  private final Shop shop = Shop.starter();

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void of_every_kind_as_it_comes(Kind<?> kind) {
    fresh(kind);
  }

  private <D extends Design> void fresh(Kind<D> kind) {
    measured(kind, kind.fresh());
  }

  @Test
  void of_random_pieces_of_every_kind() {
    List<RandomPieces.Wished<?>> wished = new RandomPieces(8_128).sound(PIECES);
    IntStream.range(0, PIECES).parallel().forEach(i -> random(i, wished.get(i)));
  }

  private <D extends Design> void random(int i, RandomPieces.Wished<D> wished) {
    measured(wished.kind(), RandomPieces.adorned(wished, new Random(i), shop));
  }

  private <D extends Design> void measured(Kind<D> kind, D design) {
    Plan<D> plan = Plan.of(kind, design, shop, List.of());
    Map<DimKey, Measure> where =
        plan.sketch().measures().stream()
            .collect(Collectors.toMap(Measure::key, Function.identity(), (a, b) -> a));
    for (Stage s : plan.rehearsal().stages()) {
      for (Act a : s.step().acts()) {
        if (a instanceof Act.Read r && where.containsKey(r.what())) {
          bare(where.get(r.what()), plan.aim().mm(r.what().path()), s, kind.name() + " " + design);
        }
      }
    }
  }

  private static void bare(Measure m, double mm, Stage s, String what) {
    HalfSection wood =
        s.after().stock(s.aim().part(m.part())).map(Body::sound).orElse(HalfSection.EMPTY);
    String as = what + ": " + s.step().key() + " " + m + " is " + mm;
    switch (m.kind()) {
      case OUTSIDE -> assertThat(there(z -> 2 * wood.outer(z), m.to().z(), mm)).as(as).isTrue();
      case INSIDE -> assertThat(there(z -> 2 * wood.inner(z), m.to().z(), mm)).as(as).isTrue();
      default -> {
        assertThat(face(wood, m.from().z())).as("%s: begins", as).isTrue();
        assertThat(seen(wood, m.to().z())).as("%s: ends", as).isTrue();
      }
    }
  }

  /**
   * Calipers find a diameter near where it is drawn: a flared tenon at its root, a bowl above its
   * curve.
   */
  private static boolean there(DoubleUnaryOperator across, double z, double mm) {
    return DoubleStream.iterate(z - NEAR, x -> x <= z + NEAR, x -> x + STEP)
        .anyMatch(x -> Math.abs(across.applyAsDouble(x) - mm) < TOLD);
  }

  private static final double NEAR = 60;
  private static final double STEP = 0.04;
  private static final double GROOVE = 6;

  /** A face, or the middle between two edges: a groove is measured to both. */
  private static boolean seen(HalfSection wood, double z) {
    return face(wood, z)
        || DoubleStream.iterate(STEP, w -> w < GROOVE, w -> w + STEP)
            .anyMatch(w -> face(wood, z - w) && face(wood, z + w));
  }

  /** Whether wood begins or ends across a plane, over more than a hair. */
  private static boolean face(HalfSection wood, double z) {
    HalfSection below = wood.and(HalfSection.box(z - 2 * TOLD, z - TOLD, 0, HalfSection.FAR));
    HalfSection above = wood.and(HalfSection.box(z + TOLD, z + 2 * TOLD, 0, HalfSection.FAR));
    return below.shifted(3 * TOLD).xor(above).area() > TOLD * TOLD;
  }
}
