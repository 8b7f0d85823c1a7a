package hazelkeep.web.shelf;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StandingDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.RunStore.Standing;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.util.StringUtils;

/** Works cards out and remembers them: a card takes a whole rehearsal. */
@Component
class Cards {
  private final Planner planner;
  private final RunStore runs;
  private final Cache<Key, Card> latest = Caffeine.newBuilder().maximumSize(1000).build();

  /** All that a card follows from; a run's log is only ever added to. */
  private record Key(
      long piece,
      String name,
      boolean away,
      int version,
      Standing standing,
      Unit unit,
      Shop shop) {}

  Cards(Planner planner, RunStore runs) {
    this.planner = planner;
    this.runs = runs;
  }

  /** The card of a piece, when it was worked out since anything changed. */
  Optional<Card> known(Piece p, Standing standing, Unit unit) {
    return Optional.ofNullable(latest.getIfPresent(key(p, standing, unit)));
  }

  /** The card of a piece. */
  Card card(Piece p, Standing standing, Unit unit) {
    return latest.get(key(p, standing, unit), k -> orWhyNot(p, standing, new Show(unit)));
  }

  private Key key(Piece p, Standing standing, Unit unit) {
    return new Key(p.id(), p.name(), p.away(), p.version(), standing, unit, planner.shop());
  }

  private Card orWhyNot(Piece p, Standing standing, Show show) {
    try {
      return made(p, standing, show);
    } catch (BadDesign | Patience.Lost e) {
      return Card.stuck(p, standing.waits(), e.getMessage());
    }
  }

  private Card made(Piece p, Standing standing, Show show) {
    Place place = Place.of(standing);
    Plan<?> plan = planner.current(p);
    String href = "/pieces/" + p.id();
    String next =
        plan.stops() > 0 ? Sentences.of("cards.next-solve-what-stands-in") : "Ready for the lathe";
    int done = 0;
    if (place == Place.DONE) {
      next = "Finished and recorded";
      href += "/record";
    } else if (place == Place.BENCH) {
      List<Entry> log = runs.log(p.id());
      Bench<?> bench = planner.bench(p, log);
      Optional<Step> step = bench.next();
      done = bench.done().size();
      next =
          "Next: "
              + Fact.left(log)
                  .or(() -> step.map(Step::title))
                  .map(StringUtils::uncapitalize)
                  .orElse("the record");
      href += step.isPresent() ? "/bench" : "/record";
    }
    boolean closed = place == Place.DONE;
    return new Card(
        p.id(),
        p.name(),
        Words.woods(plan),
        "⌀ " + show.bare(plan.aim().across()) + " × " + show.len(plan.aim().mm(StockRules.HEIGHT)),
        next,
        href,
        closed ? 0 : plan.stops(),
        closed ? 0 : plan.watches(),
        StandingDrawing.onShelf(plan.sketch()),
        done,
        place == Place.BENCH ? plan.route().steps().size() : 0,
        "",
        p.away(),
        standing.waits());
  }
}
