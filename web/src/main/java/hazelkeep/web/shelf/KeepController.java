package hazelkeep.web.shelf;

import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.Wait;
import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A piece renamed, copied as a variant, left to wait, put away, brought back, taken off. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/keep")
class KeepController {
  private static final int LONGEST = 120;

  private final PieceStore pieces;
  private final ShelfStore shelf;

  KeepController(PieceStore pieces, ShelfStore shelf) {
    this.pieces = pieces;
    this.shelf = shelf;
  }

  @PostMapping("/name")
  String name(@PathVariable long id, @RequestParam String name) {
    String called = name.strip();
    if (called.isEmpty()
        || called.length() > LONGEST
        || called.chars().anyMatch(Character::isISOControl)) {
      return did("unnamed", id);
    }
    shelf.rename(id, called);
    return did("named", id);
  }

  /** The shelf, with what was done. */
  private static String did(String what, long id) {
    return "redirect:/?did=" + what + "&id=" + id;
  }

  private static final Pattern VARIANT = Pattern.compile("(.*), variant(?: (\\d{1,9}))?");

  /** A copy begins on paper, whatever became of the piece itself. */
  @PostMapping("/copy")
  String copy(@PathVariable long id) {
    Piece piece = pieces.get(id);
    Matcher before = VARIANT.matcher(piece.name());
    String name =
        !before.matches()
            ? piece.name() + ", variant"
            : before.group(1)
                + ", variant "
                + (before.group(2) == null ? 2 : Long.parseLong(before.group(2)) + 1);
    String called = name.length() > LONGEST ? piece.name() : name;
    return "redirect:/pieces/" + pieces.create(called, piece.kind(), piece.design(), piece.edits());
  }

  @PostMapping("/away")
  String away(@PathVariable long id, @RequestParam boolean away) {
    shelf.put(id, away);
    return did(away ? "away" : "back", id);
  }

  /** It is left alone until a day; without a day it is taken up again. */
  @PostMapping("/wait")
  String wait(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate until,
      @RequestParam(defaultValue = "") String what,
      @RequestParam(defaultValue = "false") boolean over) {
    if (over) {
      shelf.leave(id, Wait.NONE);
      return did("taken-up", id);
    }
    Optional<Wait> asked = Wait.asked(until, what);
    asked.ifPresent(w -> shelf.leave(id, w));
    return did(asked.isPresent() ? "waits" : "no-day", id);
  }

  /** Nothing is lost: the shelf offers to bring it back. */
  @PostMapping("/off")
  String off(@PathVariable long id) {
    shelf.take(id, true);
    return did("off", id);
  }

  @PostMapping("/back")
  String back(@PathVariable long id) {
    shelf.take(id, false);
    return did("back", id);
  }
}
