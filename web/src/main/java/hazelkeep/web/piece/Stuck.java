package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Contradictions;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.config.Units;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/**
 * Any page of a piece that can't be planned, since the shop changed or by an older version of the
 * program: the reason, and the ways out. Nothing of it is lost.
 */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Stuck {
  private static final Pattern PIECE = Pattern.compile("/pieces/(\\d+)(/.*)?");

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  Stuck(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  @ExceptionHandler(BadDesign.class)
  ModelAndView badDesign(BadDesign e, HttpServletRequest request) {
    return page(e.getMessage(), request);
  }

  /** A piece that takes too long is as stuck as one that can't be drawn. */
  @ExceptionHandler(Patience.Lost.class)
  ModelAndView tooLong(Patience.Lost e, HttpServletRequest request) {
    Matcher m = PIECE.matcher(request.getRequestURI());
    if (!m.matches()) {
      throw e;
    }
    return page(Planner.TOO_LONG, request);
  }

  private ModelAndView page(String why, HttpServletRequest request) {
    Unit unit = Units.chosen(request);
    ModelAndView page = new ModelAndView("piece/stuck");
    if (request.getMethod().equals("POST")) {
      page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
    Matcher m = PIECE.matcher(request.getRequestURI());
    Optional<Piece> piece =
        m.matches() ? Optional.of(pieces.get(Long.parseLong(m.group(1)))) : Optional.empty();
    page.addObject("why", why);
    page.addObject("show", new Show(unit));
    page.addObject("piece", piece.orElse(null));
    page.addObject("running", piece.filter(p -> runs.started(p.id())).isPresent());
    page.addObject("ways", piece.map(p -> ways(p.kind(), p, unit)).orElse(List.of()));
    return page;
  }

  private <D extends Design> List<PiecePage.Way> ways(Kind<D> kind, Piece piece, Unit unit) {
    D design = kind.type().cast(piece.design());
    List<PiecePage.Way> out = new ArrayList<>();
    for (Map.Entry<DimKey, Double> way :
        new Contradictions<>(kind, design, planner.shop()).ways().entrySet()) {
      D then = kind.size(design, way.getKey(), Optional.empty());
      Dim d = planner.sketch(kind, then).aim().dims().get(way.getKey());
      out.add(
          new PiecePage.Way(
              way.getKey().path(),
              "Let go of " + d.label() + ": then " + new Show(unit).words(d, way.getValue())));
    }
    return out;
  }
}
