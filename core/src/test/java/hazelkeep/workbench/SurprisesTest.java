package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.Remedy;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Surprises at the bench, each with what an experienced turner would do: it is among the ways that
 * are offered. They are listed in a file of their own.
 */
class SurprisesTest {
  static Stream<String> surprises() throws IOException {
    try (InputStream in = SurprisesTest.class.getResourceAsStream("surprises.txt")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList().stream();
    }
  }

  @ParameterizedTest
  @MethodSource("surprises")
  void what_a_turner_would_do_is_offered(String line) {
    String[] row = line.split(" \\| ");
    assertThat(row).hasSize(4);
    new Run<>(Kinds.named(row[0]).orElseThrow()).meets(row[1], row[2].split(" "), row[3]);
  }

  private static final class Run<D extends Design> {
    private final Kind<D> kind;
    private final List<Entry> log = new ArrayList<>();

    Run(Kind<D> kind) {
      this.kind = kind;
    }

    private Bench<D> bench() {
      return Bench.replay(kind, kind.fresh(), Shop.starter(), List.of(), log);
    }

    private void enter(Fact fact) {
      log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact));
    }

    /** All steps up to one, without a rehearsal after each. */
    private void worked(String step) {
      List<StepKey> steps = bench().plan().route().steps().stream().map(Step::key).toList();
      List<Function<Hand, Fact>> facts = new ArrayList<>();
      for (StepKey key : steps.subList(0, steps.indexOf(new StepKey(step)) + 1)) {
        facts.add(
            hand -> {
              Fact did = hand.did(key);
              enter(did);
              return did;
            });
      }
      assertThat(facts).isNotEmpty();
      Bench.worked(kind, kind.fresh(), Shop.starter(), List.of(), facts);
    }

    void meets(String step, String[] what, String wanted) {
      worked(step);
      Bench<D> planned = bench();
      enter(what[0].contains(".") ? read(planned, what) : found(planned, what));
      Bench<D> bench = bench();
      if (wanted.equals("holds")) {
        assertThat(bench.plan().stops()).as("%s", bench.plan().findings()).isZero();
        assertThat(bench.plan().watches()).as("%s", bench.plan().findings()).isZero();
      } else if (wanted.startsWith("“")) {
        assertThat(ByHand.of(bench, log))
            .anyMatch(s -> s.contains(wanted.substring(1, wanted.length() - 1)));
      } else {
        List<Way> ways = Way.on(bench, log);
        assertThat(ways.stream().filter(w -> w.stops() == 0))
            .as("ways %s", ways.stream().map(w -> w.main() + " " + w.replaced()).toList())
            .anyMatch(w -> is(w, wanted, bench));
      }
    }

    private Fact read(Bench<D> bench, String[] what) {
      DimKey key = new DimKey(what[0]);
      double mm =
          what[1].startsWith("=")
              ? Double.parseDouble(what[1].substring(1))
              : bench.plan().aim().mm(key) + Double.parseDouble(what[1]);
      return bench.read(key, "calipers", mm, mm);
    }

    private Fact found(Bench<D> bench, String[] what) {
      double value = what.length > 2 ? Double.parseDouble(what[2]) : 0;
      double at = what.length > 3 ? Double.parseDouble(what[3]) : 0;
      String part = what[0].replace('_', ' ');
      return bench.found(new AsFound(part, AsFound.What.named(what[1]), at, value), "");
    }

    private boolean is(Way w, String wanted, Bench<D> bench) {
      if (wanted.startsWith("again ")) {
        return w.replaced().equals(java.util.Optional.of(wanted.substring(6)));
      }
      return w.main().stream().anyMatch(r -> is(r, wanted, bench));
    }

    private boolean is(Remedy r, String wanted, Bench<D> bench) {
      if (r instanceof Remedy.Together t) {
        return t.all().stream().anyMatch(x -> is(x, wanted, bench));
      }
      if (r instanceof Remedy.Choose c) {
        return wanted.equals(c.choice() + "=" + c.option());
      }
      if (!(r instanceof Remedy.SetDim set) || !wanted.startsWith(set.key().path())) {
        return false;
      }
      double now = bench.plan().aim().mm(set.key());
      return wanted.endsWith("<") ? set.to().mm() < now : set.to().mm() > now;
    }
  }
}
