package hazelkeep.web.piece;

import hazelkeep.element.AddedElement;
import hazelkeep.element.Elements;
import hazelkeep.measure.AmountText;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Outcome;
import hazelkeep.route.Aim;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Lines, beads and the like: put on a piece and taken off. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/elements")
class AddedController {
  private final PieceStore pieces;
  private final PiecePage page;
  private final Planner planner;

  AddedController(PieceStore pieces, PiecePage page, Planner planner) {
    this.pieces = pieces;
    this.page = page;
    this.planner = planner;
  }

  /**
   * What is to be put where.
   *
   * @param what its shape
   * @param part the part
   * @param height as typed, over the low end of the part's outside
   */
  record Put(String what, String part, String height) {
    Put {
      what = what == null ? "" : what;
      part = part == null ? "" : part;
      height = height == null ? "" : height;
    }
  }

  @PostMapping
  String put(@PathVariable long id, Put put, @RequestParam int version, PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked,
        "put a " + put.what + " on the " + put.part,
        () -> {
          boolean placed =
              Elements.all().stream().anyMatch(s -> s.placed() && s.key().equals(put.what));
          if (placed && put.height.isBlank()) {
            throw new Refused(Sentences.of("added.say-how-high-it"));
          }
          whole(piece, Elements.of(new Added(put.what, 1, put.part)));
          return with(piece.kind(), piece, put, asked);
        });
  }

  /** What is glued into the blank has to find it whole. */
  private void whole(Piece piece, AddedElement e) {
    if (e.ofBlank() && planner.bench(piece).now().removed() > 0) {
      throw new Refused(Sentences.of("added.blank-is-cut", e.word()));
    }
  }

  private <D extends Design> D with(Kind<D> kind, Piece piece, Put put, PiecePage.Asked asked) {
    D design = kind.type().cast(piece.design());
    if (put.height.isBlank()) {
      return Elements.with(design, put.what, put.part, Optional.empty());
    }
    Aim aim = planner.plan(piece).aim();
    return Elements.with(design, aim, put.what, put.part, SizeText.parse(put.height, asked.unit()));
  }

  /** The wood of something that has a blank of its own. */
  @PostMapping("/wood")
  String wood(
      @PathVariable long id,
      @RequestParam String element,
      @RequestParam(name = "value") String wood,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked,
        "chose the wood of " + element,
        () -> wooded(piece.kind(), piece, element, planner.shop().woods().meant(wood)));
  }

  private static <D extends Design> D wooded(Kind<D> kind, Piece piece, String id, String wood) {
    return Elements.of(kind.type().cast(piece.design()), id, wood);
  }

  /** Whether the upper half's own blank is square. */
  @PostMapping("/section")
  String section(
      @PathVariable long id,
      @RequestParam(name = "value") String square,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    Optional<Boolean> said =
        Optional.of(square).filter(s -> !s.isEmpty()).map(Boolean::parseBoolean);
    return page.change(
        piece,
        version,
        asked,
        "chose the section of a blank",
        () -> sawn(piece.kind(), piece, said));
  }

  private static <D extends Design> D sawn(Kind<D> kind, Piece piece, Optional<Boolean> square) {
    return Elements.sawn(kind.type().cast(piece.design()), square);
  }

  /** What the piece shall come to; an empty amount asks it no more. */
  @PostMapping("/asked")
  String asked(
      @PathVariable long id,
      @RequestParam String what,
      @RequestParam(name = "value") String amount,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked,
        what + " " + amount,
        () -> asking(piece.kind(), piece, what, amount, asked.unit()));
  }

  private <D extends Design> D asking(
      Kind<D> kind, Piece piece, String what, String amount, Unit unit) {
    Outcome outcome =
        Outcome.named(what).orElseThrow(() -> new Refused(Sentences.of("added.no-outcome", what)));
    Optional<Size> size =
        Optional.of(amount)
            .filter(a -> !a.isBlank())
            .map(a -> AmountText.parse(a, unit, outcome.quantity()));
    String part = planner.current(piece).aim().parts().get(0).name();
    return Elements.asking(kind.type().cast(piece.design()), outcome, part, size);
  }

  @PostMapping("/off")
  String off(
      @PathVariable long id,
      @RequestParam String element,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece, version, asked, "took off " + element, () -> without(piece.kind(), piece, element));
  }

  private static <D extends Design> D without(Kind<D> kind, Piece piece, String element) {
    return Elements.without(kind.type().cast(piece.design()), element);
  }
}
