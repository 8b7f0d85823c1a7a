package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.element.Elements;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.shop.Tool;
import hazelkeep.shop.ToolKind;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which tool is taken for what: common practice, the first choice of most turners. */
class JobTest {
  private static final Shop SHOP = Shop.starter();

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  private static Set<ToolKind> taken(Plan<?> plan, Stage s) {
    Set<ToolKind> out = new TreeSet<>();
    for (Approach a : plan.rehearsal().approaches(s, SHOP)) {
      SHOP.tools().stream()
          .filter(t -> t.name().equals(a.tool()))
          .map(Tool::kind)
          .forEach(out::add);
    }
    return out;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void each_tool_does_what_it_is_for(Kind<?> kind) {
    Plan<?> plan = plan(kind);
    for (Stage s : plan.rehearsal().stages()) {
      Set<ToolKind> taken = taken(plan, s);
      boolean outside =
          s.step().acts().stream()
              .filter(Act.Remove.class::isInstance)
              .flatMap(a -> ((Act.Remove) a).bares().stream())
              .noneMatch(id -> s.aim().surface(id).inside());
      String what = s.step().key().path();
      if (what.endsWith("/round")) {
        assertThat(taken).as(what).containsExactly(ToolKind.ROUGHING);
      } else {
        assertThat(taken).as(what).doesNotContain(ToolKind.ROUGHING);
      }
      if (outside) {
        assertThat(taken).as(what).doesNotContain(ToolKind.HOOK, ToolKind.BAR);
      }
      if (s.step().at() == Speeds.At.PARTING && !taken.isEmpty()) {
        assertThat(taken).as(what).containsExactly(ToolKind.PARTING);
      }
      if (what.contains("tenon")) {
        assertThat(taken).as(what).containsExactly(ToolKind.PARTING);
      }
      if (what.contains("depth hole")) {
        assertThat(s.step().bit().map(Bit::byHand)).as(what).contains(true);
        assertThat(taken).as(what).isEmpty();
      }
    }
  }

  @Test
  void a_bead_is_rolled_with_a_skew_or_a_small_gouge() {
    bead(Kinds.named("lidded-box").orElseThrow());
    bead(Kinds.named("straight-well").orElseThrow());
  }

  private static <D extends Design> void bead(Kind<D> kind) {
    String part = plan(kind).aim().made().get(0).name();
    Plan<D> plan = plan(kind, Elements.with(kind.fresh(), "bead", part, Size.mm(18)));
    Stage s =
        plan.rehearsal().stages().stream()
            .filter(x -> x.step().key().path().contains("bead"))
            .findFirst()
            .orElseThrow();
    assertThat(taken(plan, s)).isSubsetOf(ToolKind.SKEW, ToolKind.GOUGE, ToolKind.PARTING);
    assertThat(taken(plan, s)).isNotEmpty();
  }
}
