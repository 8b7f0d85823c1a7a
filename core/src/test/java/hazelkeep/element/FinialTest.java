package hazelkeep.element;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Knobs and finials that are pieces of their own. */
class FinialTest {
  private static final Shop SHOP = Shop.starter();

  private static <D extends Design> Plan<D> plan(
      Kind<D> kind, String part, String what, Object... sizes) {
    D d = Elements.with(kind.fresh(), what, part, Optional.empty());
    for (int i = 0; i < sizes.length; i += 2) {
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm((Double) sizes[i + 1])));
    }
    return Plan.of(kind, d, SHOP, List.of());
  }

  @Test
  void look() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    for (String w : List.of("own-finial", "own-ball", "own-spire")) {
      Plan<?> p = plan(box, "lid", w);
      System.out.println(w);
      for (Finding f : p.findings()) {
        System.out.println(
            "  "
                + f.verdict().grade()
                + " "
                + f.code()
                + " "
                + f.at()
                + " "
                + f.part()
                + " "
                + f.verdict());
      }
      p.route()
          .setups()
          .forEach(
              s ->
                  System.out.println(
                      "   " + s.name() + ": " + s.steps().stream().map(x -> x.title()).toList()));
    }
  }
}
