package hazelkeep.web.shop;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Progress;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Which pieces a change of the shop would break: those that could be made before, and can't then.
 */
@Component
class Broken {
  /** Pieces that are tried: those changed last, and not finished. */
  private static final int TRIED = 20;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  Broken(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  /** By a shop: the pieces with what stands in their way then, in a sentence; empty for none. */
  String by(Shop next) {
    Map<Long, RunStore.Standing> standings = runs.standings();
    List<Long> open =
        pieces.names().keySet().stream()
            .filter(id -> !standings.containsKey(id) || !standings.get(id).closed())
            .toList();
    List<String> out = new ArrayList<>();
    Progress.each(
        open.stream()
            .limit(TRIED)
            .<Runnable>map(id -> () -> breaks(pieces.get(id), next).ifPresent(out::add))
            .toList());
    // What was not tried stands in nobody's way; it is said beside what was found.
    if (!out.isEmpty() && open.size() > TRIED) {
      out.add(Sentences.of("broken.more-were-not-tried", TRIED));
    }
    return String.join("; ", out);
  }

  private Optional<String> breaks(Piece piece, Shop next) {
    Set<String> stops;
    try {
      stops = stops(planner.plan(piece));
    } catch (BadDesign | Patience.Lost e) {
      return Optional.empty();
    }
    try {
      return planner.with(piece, next).findings().stream()
          .filter(f -> f.grade() == Grade.STOP && !stops.contains(f.code()))
          .findFirst()
          .map(
              f ->
                  piece.name()
                      + " ("
                      + f.verdict().title().toLowerCase(java.util.Locale.ROOT)
                      + ")");
    } catch (BadDesign | Patience.Lost e) {
      return Optional.of(piece.name() + " (" + e.getMessage() + ")");
    }
  }

  private static Set<String> stops(Plan<?> plan) {
    return plan.findings().stream()
        .filter(f -> f.grade() == Grade.STOP)
        .map(Finding::code)
        .collect(Collectors.toSet());
  }
}
