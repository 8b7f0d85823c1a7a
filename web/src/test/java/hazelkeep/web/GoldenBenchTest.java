package hazelkeep.web;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.Act;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Ten logs as they were stored, and where each stood: whatever becomes of recipes and shapes, the
 * wood of a run stays what was done to it.
 */
class GoldenBenchTest {
  private static final int LOGS = 10;
  private static final String DESIGN = "== ";
  private static final String FACT = "fact ";

  private final Json json = new Json();

  @Test
  void a_stored_log_stands_where_it_stood() {
    GoldenFile.same("benches", was -> was.isEmpty() ? made() : replayed(was));
  }

  private List<String> made() {
    List<String> out = new ArrayList<>();
    for (int i = 0; i < LOGS; i++) {
      Kind<?> kind = Kinds.ALL.get(i % Kinds.ALL.size());
      out.addAll(run(kind, new Random(100 + i)));
    }
    return out;
  }

  private List<String> replayed(List<String> was) {
    List<String> out = new ArrayList<>();
    for (int i = 0; i < was.size(); i++) {
      if (was.get(i).startsWith(DESIGN)) {
        String[] head = was.get(i).substring(DESIGN.length()).split(" ", 2);
        List<String> facts = new ArrayList<>();
        while (i + 1 < was.size() && was.get(i + 1).startsWith(FACT)) {
          facts.add(was.get(++i).substring(FACT.length()));
        }
        out.addAll(lines(Kinds.named(head[0]).orElseThrow(), head[1], facts));
      }
    }
    return out;
  }

  private static Entry entry(int before, Fact fact) {
    return new Entry(before + 1, Instant.EPOCH, 1, fact);
  }

  /** Design and facts stand as they were stored: the order within a fact says nothing. */
  private <D extends Design> List<String> lines(Kind<D> kind, String design, List<String> facts) {
    D d = json.design(kind, json.mapper().readTree(design));
    List<String> out = new ArrayList<>();
    out.add(DESIGN + kind.name() + " " + design);
    facts.forEach(f -> out.add(FACT + f));
    List<Entry> log = new ArrayList<>();
    facts.forEach(f -> log.add(entry(log.size(), json.read(f, Fact.class))));
    Bench<D> bench = Bench.replay(kind, d, Shop.starter(), List.of(), log);
    new TreeMap<>(bench.now().bodies())
        .forEach(
            (name, body) ->
                out.add(
                    "body "
                        + name
                        + " "
                        + GoldenFile.num(body.sound().volume())
                        + " "
                        + GoldenFile.num(body.sound().minZ())
                        + " to "
                        + GoldenFile.num(body.sound().maxZ())));
    out.add("removed " + GoldenFile.num(bench.now().removed()));
    new TreeMap<>(bench.readings())
        .forEach((k, mm) -> out.add("reading " + k + " " + GoldenFile.num(mm)));
    out.add(
        "done "
            + bench.done().stream().map(Object::toString).sorted().collect(Collectors.toList()));
    out.add("next " + bench.next().map(s -> s.key().path()).orElse("nothing"));
    bench.plan().findings().forEach(f -> out.add(f.grade() + " " + f.code() + " on " + f.part()));
    return out;
  }

  /** Some way along a route, readings a little off, and now and then something broken. */
  private <D extends Design> List<String> run(Kind<D> kind, Random r) {
    List<Entry> log = new ArrayList<>();
    Bench<D> bench = Bench.replay(kind, kind.fresh(), Shop.starter(), List.of(), log);
    int steps = 5 + r.nextInt(14);
    for (int i = 0; i < steps && bench.next().isPresent(); i++) {
      Step step = bench.next().get();
      log.add(entry(log.size(), bench.did(step.key())));
      bench = Bench.replay(kind, kind.fresh(), Shop.starter(), List.of(), log);
      for (Act a : step.acts()) {
        if (a instanceof Act.Read read) {
          double off = 0.3 * (r.nextBoolean() ? read.over() : -read.under());
          double mm = bench.plan().aim().mm(read.what().path()) + off;
          log.add(entry(log.size(), bench.read(read.what(), read.gauge(), mm, mm)));
          bench = Bench.replay(kind, kind.fresh(), Shop.starter(), List.of(), log);
        }
      }
    }
    if (r.nextBoolean()) {
      Part part = bench.plan().aim().parts().get(0);
      double length = part.target().maxZ() - part.target().minZ() - 2;
      AsFound torn = new AsFound(part.name(), AsFound.What.LENGTH, 0, 0, length, 0, false);
      log.add(entry(log.size(), bench.found(torn, "torn at the end")));
    }
    return lines(
        kind, json.write(kind.fresh()), log.stream().map(e -> json.fact(e.fact())).toList());
  }
}
