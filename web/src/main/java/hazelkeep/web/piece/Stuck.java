package hazelkeep.web.piece;

import hazelkeep.measure.Patience;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.web.config.Units;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
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

  /** A piece that takes too much work is as stuck as one that can't be drawn. */
  @ExceptionHandler(Patience.Lost.class)
  ModelAndView tooMuch(Patience.Lost e, HttpServletRequest request) {
    Matcher m = PIECE.matcher(request.getRequestURI());
    if (!m.matches()) {
      throw e;
    }
    return page(e.getMessage(), request);
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
    page.addObject(
        "ways",
        piece.map(p -> Way.of(p.kind(), p.design(), planner, new Show(unit))).orElse(List.of()));
    return page;
  }
}
