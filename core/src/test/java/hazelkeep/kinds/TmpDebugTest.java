package hazelkeep.kinds;

import hazelkeep.piece.*;
import hazelkeep.route.*;
import hazelkeep.shop.Shop;
import java.util.*;
import org.junit.jupiter.api.Test;

class TmpDebugTest {
  @Test
  void t() {
    for (Kind<?> k : Kinds.ALL) go(k);
  }

  <D extends Design> void go(Kind<D> k) {
    Plan<D> p = Plan.of(k, k.fresh(), Shop.starter(), List.of());
    for (Setup s : p.route().setups())
      for (Step x : s.steps())
        for (Act a : x.acts())
          if (a instanceof Act.Remove r && (x.bit().isPresent() || !r.bares().isEmpty()))
            System.out.println(
                "CLEAN "
                    + k.name()
                    + " "
                    + x.key()
                    + " bit="
                    + x.bit().map(b -> b.name())
                    + " bares "
                    + r.bares().stream()
                        .map(
                            i ->
                                i
                                    + (p.aim().surface(i).inside()
                                        ? " in"
                                        : " out " + Math.round(p.aim().surface(i).line().length())))
                        .toList()
                    + " claims "
                    + r.claims().size());
  }
}
