package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Work;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The quick search for a way out answers as the long one does, on stages of every kind. */
class SameWaysTest {
  private static final Shop SHOP = Shop.starter();

  private final Random random = new Random(3);

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  @Test
  void angles_are_those_of_the_platform() {
    for (int i = 0; i < 20_000; i++) {
      double z = 200 * random.nextGaussian();
      double r = i % 5 == 0 ? 0 : 200 * random.nextGaussian();
      assertThat(Angles.of(z, r)).isCloseTo(Math.atan2(r, z), within(1e-13));
      double d = Math.hypot(z, r);
      double radius = d * 1.2 * random.nextDouble();
      double half = Math.asin(Math.min(1, radius / d));
      // Close to a right angle the sine says little of the angle.
      assertThat(Angles.half(radius, d * d)).isCloseTo(half, within(half > 1.57 ? 1e-6 : 1e-11));
    }
    assertThat(Angles.of(0, 0)).isZero();
    assertThat(Angles.of(0, -1)).isEqualTo(-Math.PI / 2);
    assertThat(Angles.of(-1, 0)).isEqualTo(Math.PI);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_surface_is_reached_as_far_as_the_long_way_finds(Kind<?> kind) {
    int asked = 0;
    int open = 0;
    int hidden = 0;
    for (int i = 0; i < 2; i++) {
      Plan<?> plan = new RandomPieces(30 + i).sound(kind).plan(SHOP);
      List<Stage> stages = plan.rehearsal().stages();
      for (int k = 0; k < 6; k++) {
        Stage s = stages.get(random.nextInt(stages.size()));
        Work work = s.mounted();
        List<HalfSection> all = new ArrayList<>(s.setup().hold().fixtures(work, SHOP));
        work.bodies().keySet().forEach(p -> all.add(work.swept(p)));
        for (Part part : work.parts().values()) {
          for (Surface x : part.surfaces()) {
            Polyline line = x.line().in(s.setup().frames().get(part.name()));
            Tool tool = SHOP.tools().get(random.nextInt(SHOP.tools().size()));
            LineOfWork.Reach is = LineOfWork.of(all, tool.shape(), line, x.from());
            LineOfWork.Reach was = EveryDirection.of(all, tool.shape(), line, x.from());
            LineOfWork.Reach most =
                EveryDirection.of(all, tool.shape(), line, x.from(), EveryDirection.ALL);
            String as =
                kind.name() + " " + x.id() + " with " + tool.name() + " at " + s.step().key();
            // A short tool may lie along the way found next to it, which is no middle of a gap.
            assertThat(is.open()).as(as).isBetween(was.open() - 1e-6, most.open() + 1e-6);
            assertThat(is.tooTight()).as(as).isCloseTo(was.tooTight(), within(1e-6));
            assertThat(is.hidden()).as(as).isBetween(most.hidden() - 1e-6, was.hidden() + 1e-6);
            asked++;
            open += is.open() > 0 ? 1 : 0;
            hidden += is.hidden() > 0 ? 1 : 0;
          }
        }
      }
    }
    assertThat(asked).isGreaterThan(40);
    assertThat(open).isGreaterThan(5);
    // What is solid hides little of itself.
    assertThat(hidden).isPositive();
  }
}
