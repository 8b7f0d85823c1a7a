package hazelkeep.web.shelf;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Kind;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.RunStore.Standing;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.ShelfStore.Ask;
import hazelkeep.web.store.ShelfStore.Board;
import hazelkeep.web.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import tools.jackson.core.JacksonException;

/** What is on the go, and what is next: pieces on boards, a page of each at a time. */
@Controller
class ShelfController {
  private static final Logger LOG = LoggerFactory.getLogger(ShelfController.class);

  /** Pieces of a board worked out before the page opens; the others as they come into sight. */
  private static final int AT_ONCE = 4;

  /** So many stand on a board when all boards are shown, and on one that is shown alone. */
  private static final int FEW = 12;

  private static final int MANY = 36;

  private static final int LONGEST = 120;

  private static final double PERCENT = 100;

  private final PieceStore pieces;
  private final RunStore runs;
  private final ShelfStore shelf;
  private final Cards cards;
  private final Working working;

  ShelfController(
      PieceStore pieces, RunStore runs, ShelfStore shelf, Cards cards, Working working) {
    this.pieces = pieces;
    this.runs = runs;
    this.shelf = shelf;
    this.cards = cards;
    this.working = working;
  }

  /**
   * What is asked for.
   *
   * @param find words of the name, the wood or the kind
   * @param kind the name of a kind
   * @param wood a wood
   * @param by {@code name}, else what changed last comes first
   * @param board a board that is shown alone
   * @param from the first place on it that is shown
   */
  record Wanted(String find, String kind, String wood, String by, String board, Integer from) {
    Wanted {
      find = find == null ? "" : find.strip();
      find = find.length() > LONGEST ? find.substring(0, LONGEST) : find;
      kind = kind == null ? "" : kind;
      wood = wood == null ? "" : wood;
      by = by == null ? "" : by;
      board = board == null ? "" : board;
      from = from == null ? 0 : Math.max(0, from);
    }

    Ask ask() {
      return new Ask(find, kind, wood, by.equals("name"));
    }

    boolean asks() {
      return !(find + kind + wood).isEmpty();
    }

    /** Whether less than the whole shelf is shown. */
    public boolean isPart() {
      return asks() || !board.isEmpty();
    }
  }

  /**
   * What was done just before.
   *
   * @param did what
   * @param id to which piece; 0 where nothing was done
   */
  record Did(String did, Long id) {
    Did {
      did = did == null ? "" : did;
      id = id == null ? 0L : id;
    }

    String words(String name) {
      return switch (did) {
        case "named" -> Sentences.of("shelf.it-is-called-now", name);
        case "unnamed" -> Sentences.of("shelf.a-piece-has-a", name);
        case "away" -> Sentences.of("shelfController.was-put-away", name);
        case "back" -> Sentences.of("shelf.is-back-on-the", name);
        case "waits" -> Sentences.of("shelf.waits-now", name);
        case "taken-up" -> Sentences.of("shelf.no-longer-waits", name);
        case "no-day" -> Sentences.of("shelf.a-day-is-needed", name);
        case "off" -> Sentences.of("shelf.was-taken-off-the", name);
        default -> "";
      };
    }
  }

  /**
   * A board as it is shown.
   *
   * @param key its name in addresses
   * @param title its name
   * @param cards what stands on it here
   * @param all how many stand on it
   * @param from the place of the first that is shown
   * @param most how many are shown at a time
   */
  public record Row(String key, String title, List<Card> cards, int all, int from, int most) {
    /** Whether there is more than is shown. */
    public boolean isMore() {
      return from + cards.size() < all;
    }
  }

  private static String title(Board board) {
    return switch (board) {
      case BENCH -> "On the lathe";
      case PLAN -> "Next";
      case WAITING -> "Waiting";
      case DONE -> "Done";
      case AWAY -> "Put away";
    };
  }

  @GetMapping("/")
  String shelf(Wanted wanted, Did done, Unit unit, Model model) {
    Ask ask = wanted.ask();
    Map<Board, Integer> counts = shelf.counts(ask);
    List<String> unreadable = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    for (Board b : Board.values()) {
      String key = b.name().toLowerCase(java.util.Locale.ROOT);
      boolean alone = key.equals(wanted.board);
      boolean hidden = wanted.board.isEmpty() ? b == Board.AWAY : !alone;
      if (!hidden && counts.get(b) > 0) {
        int from = alone ? Math.min(wanted.from, counts.get(b) - 1) : 0;
        int most = alone ? MANY : FEW;
        List<Card> row = row(shelf.page(b, ask, from, most), unit, unreadable);
        rows.add(new Row(key, title(b), row, counts.get(b), from, most));
      }
    }
    model.addAttribute("said", done.id > 0 ? done.words(pieces.name(done.id)) : "");
    model.addAttribute("undo", done.did.equals("off") ? done.id : 0);
    model.addAttribute("rows", rows);
    model.addAttribute("away", wanted.board.isEmpty() ? counts.get(Board.AWAY) : 0);
    model.addAttribute("wanted", wanted);
    model.addAttribute("kinds", Kinds.ALL.stream().map(Kind::name).toList());
    model.addAttribute("titles", Kinds.ALL.stream().map(Kind::title).toList());
    model.addAttribute("woods", shelf.woods());
    model.addAttribute("unreadable", unreadable);
    OptionalDouble filling = working.share(Working.DEMO);
    filling.ifPresent(s -> model.addAttribute("filling", Math.round(PERCENT * s)));
    boolean empty = !wanted.asks() && pieces.isEmpty() && filling.isEmpty();
    model.addAttribute("empty", empty);
    model.addAttribute("first", empty ? FirstPiece.DRAWN : null);
    model.addAttribute("show", new Show(unit));
    return "shelf/shelf";
  }

  private List<Card> row(List<Long> ids, Unit unit, List<String> unreadable) {
    List<Card> row = new ArrayList<>();
    Map<Long, Standing> standings = runs.standings(ids);
    for (long id : ids) {
      try {
        Piece p = pieces.get(id);
        Standing standing = standings.get(id);
        Optional<Card> known = cards.known(p, standing, unit);
        boolean now = known.isEmpty() && row.size() < AT_ONCE;
        row.add(now ? cards.card(p, standing, unit) : known.orElseGet(() -> Card.later(p)));
      } catch (JacksonException | Refused | IllegalArgumentException | NotThere e) {
        LOG.warn("Piece {} can't be read: {}", id, e.getMessage());
        unreadable.add(pieces.name(id));
      }
    }
    return row;
  }

  /** A card that came into sight. */
  @GetMapping("/pieces/{id}/card")
  String card(@PathVariable long id, Unit unit, Model model) {
    model.addAttribute("c", cards.card(pieces.get(id), runs.standing(id), unit));
    return "shelf/card :: card(c=${c})";
  }
}
