package hazelkeep.web;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What every kind was planned as at one time: sizes, stick, surfaces, steps with the wood they
 * take, findings. It may change where that is meant, and nowhere else. The designs stand in the
 * files themselves, as pieces are stored, so that those of earlier versions are read as well.
 * Written anew by {@code -Dhazel.write-golden=true}, which keeps the designs.
 */
class GoldenTest {
  private static final int RANDOM = 40;
  private static final String DESIGN = "== ";

  private final Json json = new Json();

  static List<String> kinds() {
    return Kinds.ALL.stream().map(Kind::name).toList();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_kind_is_planned_as_it_was(String name) {
    Kind<?> kind = Kinds.named(name).orElseThrow();
    GoldenFile.same(name, was -> planned(kind, was));
  }

  private <D extends Design> List<String> planned(Kind<D> kind, List<String> was) {
    List<D> designs =
        was.stream()
            .filter(l -> l.startsWith(DESIGN))
            .map(l -> json.design(kind, json.mapper().readTree(l.substring(DESIGN.length()))))
            .toList();
    List<String> out = new ArrayList<>();
    for (D d : designs.isEmpty() ? chosen(kind) : designs) {
      out.add(DESIGN + json.write(d));
      out.addAll(lines(Plan.of(kind, d, Shop.starter(), List.of())));
    }
    return out;
  }

  /** The fresh design, and others at random that can be drawn. */
  private <D extends Design> List<D> chosen(Kind<D> kind) {
    Random r = new Random(kind.name().hashCode());
    List<D> out = new ArrayList<>(List.of(kind.fresh()));
    while (out.size() <= RANDOM) {
      try {
        D d = otherwise(kind, r);
        Plan.of(kind, d, Shop.starter(), List.of());
        out.add(d);
      } catch (Refused e) {
        // Not every throw of the dice is a piece.
        continue;
      }
    }
    return out;
  }

  private static <D extends Design> D otherwise(Kind<D> kind, Random r) {
    D d = kind.fresh();
    List<Choice> choices = new ArrayList<>(kind.choices(d));
    kind.ends(d).forEach(e -> choices.add(e.choice()));
    for (int i = r.nextInt(3); i > 0; i--) {
      Choice c = choices.get(r.nextInt(choices.size()));
      d = kind.choose(d, c.name(), c.options().get(r.nextInt(c.options().size())).name());
    }
    Plan<D> plain = Plan.of(kind, d, Shop.starter(), List.of());
    List<DimKey> keys = new ArrayList<>(plain.aim().dims().keySet());
    for (int i = 1 + r.nextInt(3); i > 0; i--) {
      DimKey key = keys.get(r.nextInt(keys.size()));
      double mm = plain.aim().mm(key.path()) * (0.8 + 0.5 * r.nextDouble());
      d = kind.size(d, key, Optional.of(Size.mm(Rounding.to(mm, 1))));
    }
    return d;
  }

  private static List<String> lines(Plan<?> plan) {
    List<String> out = new ArrayList<>();
    plan.aim()
        .dims()
        .values()
        .forEach(d -> out.add(d.key() + " " + GoldenFile.num(d.mm()) + " " + d.origin()));
    plan.sketch()
        .stick()
        .forEach(
            s ->
                out.add(
                    "stick "
                        + s.key()
                        + " "
                        + GoldenFile.num(s.from())
                        + " "
                        + GoldenFile.num(s.to())));
    for (Part p : plan.aim().parts()) {
      out.add("part " + p.name() + " " + GoldenFile.num(p.target().volume()));
      p.surfaces().forEach(s -> out.add(surface(s)));
    }
    for (Setup s : plan.route().setups()) {
      out.add("setup " + s.name() + ": " + s.hold().words());
      s.steps().forEach(step -> out.add(step(step)));
    }
    plan.findings().forEach(f -> out.add(finding(f)));
    return out;
  }

  private static String surface(Surface s) {
    return "surface "
        + s.id()
        + " long "
        + GoldenFile.num(s.line().length())
        + " from "
        + GoldenFile.num(s.line().first().z())
        + " "
        + GoldenFile.num(s.line().first().r())
        + " to "
        + GoldenFile.num(s.line().last().z())
        + " "
        + GoldenFile.num(s.line().last().r());
  }

  private static String step(Step s) {
    return "step "
        + s.key()
        + s.bit().map(b -> " with the " + b.name()).orElse("")
        + s.acts().stream().map(GoldenTest::act).collect(Collectors.joining(", ", ": ", ""));
  }

  private static String act(Act a) {
    return a instanceof Act.Remove r
        ? "takes "
            + GoldenFile.num(r.region().volume())
            + " of "
            + r.part()
            + " bares "
            + r.bares().stream().map(Object::toString).sorted().toList()
            + (r.claims().isEmpty() ? "" : " claims " + r.claims().size())
        : a instanceof Act.Read read
            ? "reads "
                + read.what()
                + " "
                + GoldenFile.num(read.under())
                + " "
                + GoldenFile.num(read.over())
            : a.toString();
  }

  private static String finding(Finding f) {
    return f.grade()
        + " "
        + f.code()
        + f.at().map(k -> " at " + k).orElse("")
        + " on "
        + f.part()
        + " "
        + GoldenFile.num(f.verdict().found())
        + "/"
        + GoldenFile.num(f.verdict().limit());
  }
}
