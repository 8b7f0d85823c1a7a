package hazelkeep.web.shelf;

import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.RunStore.Standing;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What is on the go, and what is next. */
@Controller
class ShelfController {
  /** Cards of a row worked out before the page opens; the others follow as they come into sight. */
  private static final int AT_ONCE = 4;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Cards cards;

  ShelfController(PieceStore pieces, RunStore runs, Cards cards) {
    this.pieces = pieces;
    this.runs = runs;
    this.cards = cards;
  }

  @GetMapping("/")
  String shelf(Unit unit, Model model) {
    PieceStore.Shelf shelf = pieces.shelf();
    Map<Long, Standing> standings = runs.standings();
    Map<Place, List<Piece>> places = new EnumMap<>(Place.class);
    for (Piece p : shelf.pieces()) {
      places.computeIfAbsent(Place.of(standings.get(p.id())), x -> new ArrayList<>()).add(p);
    }
    for (Place place : Place.values()) {
      List<Card> row = new ArrayList<>();
      for (Piece p : places.getOrDefault(place, List.of())) {
        Standing standing = standings.get(p.id());
        Optional<Card> known = cards.known(p, standing, unit);
        row.add(known.orElseGet(() -> Card.later(p)));
        if (known.isEmpty() && row.size() <= AT_ONCE) {
          row.set(row.size() - 1, cards.card(p, standing, unit));
        }
      }
      model.addAttribute(place.name().toLowerCase(Locale.ROOT), row);
    }
    model.addAttribute("unreadable", shelf.unreadable());
    model.addAttribute("empty", shelf.pieces().isEmpty());
    model.addAttribute("show", new Show(unit));
    return "shelf/shelf";
  }

  /** A card that came into sight. */
  @GetMapping("/pieces/{id}/card")
  String card(@PathVariable long id, Unit unit, Model model) {
    model.addAttribute("c", cards.card(pieces.get(id), runs.standing(id), unit));
    return "shelf/card :: card(c=${c})";
  }
}
