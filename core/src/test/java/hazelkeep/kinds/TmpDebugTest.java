package hazelkeep.kinds;

import hazelkeep.measure.*;
import hazelkeep.piece.*;
import hazelkeep.route.*;
import hazelkeep.shop.Shop;
import java.util.*;
import org.junit.jupiter.api.Test;

class TmpDebugTest {
  @Test
  void t() {
    for (Kind<?> k : Kinds.ALL) {
      go(k, Shop.starter().withBits(List.of()), "no bits");
      go(k, Shop.starter().withJaws(List.of()), "no jaws");
      fit(k);
    }
  }

  <D extends Design> void go(Kind<D> k, Shop s, String as) {
    try {
      Plan<D> p = Plan.of(k, k.fresh(), s, List.of());
      System.out.println(
          "CLEAN "
              + as
              + " "
              + k.name()
              + " "
              + p.findings().stream()
                  .filter(f -> f.grade() != Grade.NOTE)
                  .map(
                      f ->
                          f.code()
                              + "@"
                              + f.at().map(x -> x.path()).orElse("")
                              + " "
                              + Math.round(100 * f.verdict().found()) / 100.0
                              + "/"
                              + Math.round(100 * f.verdict().limit()) / 100.0)
                  .toList());
    } catch (BadDesign e) {
      System.out.println("CLEAN " + as + " " + k.name() + " BAD " + e.getMessage());
    }
  }

  <D extends Design> void fit(Kind<D> k) {
    Plan<D> p = Plan.of(k, k.fresh(), Shop.starter(), List.of());
    if (p.aim().joints().isEmpty()) return;
    StepKey ease =
        p.route().steps().stream()
            .filter(x -> x.key().path().startsWith("ease/") || x.key().path().endsWith("/tenon"))
            .findFirst()
            .map(Step::key)
            .orElse(null);
    if (ease == null) return;
    Plan<D> q = Plan.of(k, k.fresh(), Shop.starter(), List.of(new RouteEdit.Drop(ease)));
    System.out.println(
        "CLEAN drop "
            + ease
            + " "
            + k.name()
            + " "
            + q.findings().stream()
                .filter(f -> f.grade() != Grade.NOTE)
                .map(
                    f ->
                        f.code()
                            + "@"
                            + f.at().map(x -> x.path()).orElse("")
                            + " "
                            + Math.round(1000 * f.verdict().found()) / 1000.0
                            + "/"
                            + Math.round(100 * f.verdict().limit()) / 100.0
                            + f.verdict().unit()
                            + " ["
                            + f.advice()
                            + "]")
                .toList());
  }
}
