package hazelkeep.web.standing;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Posed;
import hazelkeep.piece.Properties;
import hazelkeep.route.Stage;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StandingDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShelfStore;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Two pieces beside one another and over one another: a shape and its variant. */
@Controller
class BesideController {
  private final PieceStore pieces;
  private final Planner planner;
  private final ShelfStore shelf;

  BesideController(PieceStore pieces, Planner planner, ShelfStore shelf) {
    this.pieces = pieces;
    this.planner = planner;
    this.shelf = shelf;
  }

  /**
   * Something that both are asked.
   *
   * @param what it is
   * @param one of the first
   * @param other of the second
   * @param differs whether they differ
   */
  public record Row(String what, String one, String other, boolean differs) {
    static Row of(String what, String one, String other) {
      return new Row(what, one, other, !one.equals(other));
    }
  }

  @GetMapping("/pieces/{id:\\d+}/beside")
  String beside(
      @PathVariable long id, @RequestParam(required = false) Long other, Unit unit, Model model) {
    Piece one = pieces.get(id);
    Show show = new Show(unit);
    model.addAttribute("piece", one);
    model.addAttribute("show", show);
    model.addAttribute("others", others(one));
    model.addAttribute("other", null);
    if (other != null) {
      Piece two = pieces.get(other);
      Plan<?> a = planner.plan(one);
      Plan<?> b = planner.plan(two);
      model.addAttribute("other", two);
      model.addAttribute(
          "drawing",
          StandingDrawing.beside(Posed.finished(a.sketch()), Posed.finished(b.sketch())));
      model.addAttribute("rows", rows(a, b, show));
    }
    return "standing/beside";
  }

  /** Pieces of the same kind, the one changed last first: a variant is among them. */
  private List<Piece> others(Piece one) {
    ShelfStore.Ask ask = new ShelfStore.Ask("", one.kind().name(), "", false);
    List<Piece> out = new ArrayList<>();
    for (ShelfStore.Board b : ShelfStore.Board.values()) {
      for (long id : shelf.page(b, ask, 0, MOST)) {
        if (id != one.id()) {
          out.add(pieces.get(id));
        }
      }
    }
    return out;
  }

  private static final int MOST = 40;

  private static List<Row> rows(Plan<?> a, Plan<?> b, Show show) {
    Properties p = a.sketch().properties();
    Properties q = b.sketch().properties();
    List<Row> out = new ArrayList<>();
    out.add(Row.of("Wood", Words.woods(a), Words.woods(b)));
    for (String key : List.of("outside.height", "outside.diameter", "stick.need")) {
      out.add(
          Row.of(
              key.equals("stick.need") ? Sentences.of("beside.blank-it-needs-long") : label(a, key),
              show.len(a.aim().mm(key)),
              show.len(b.aim().mm(key))));
    }
    out.add(
        Row.of(
            Sentences.of("beside.holds-to-the-brim"), ml(p.brimMl(), show), ml(q.brimMl(), show)));
    out.add(Row.of("Wood in it", ml(p.woodMl(), show), ml(q.woodMl(), show)));
    out.add(Row.of("Weighs", grams(p.grams(), show), grams(q.grams(), show)));
    out.add(
        Row.of(
            Sentences.of("beside.tips-over-at-empty"),
            show.whole(p.tips()) + "°",
            show.whole(q.tips()) + "°"));
    if (p.tips() != p.tipsFull() || q.tips() != q.tipsFull()) {
      out.add(
          Row.of(
              Sentences.of("beside.tips-over-at-full"),
              show.whole(p.tipsFull()) + "°",
              show.whole(q.tipsFull()) + "°"));
    }
    out.add(
        Row.of(Sentences.of("beside.softest-moment-on-the"), softest(a, show), softest(b, show)));
    out.add(
        Row.of(
            "Holds and steps",
            a.route().setups().size() + ", " + a.route().steps().size(),
            b.route().setups().size() + ", " + b.route().steps().size()));
    out.add(Row.of(Sentences.of("beside.to-solve-to-watch"), told(a), told(b)));
    return out;
  }

  private static String label(Plan<?> p, String key) {
    return p.aim().dims().get(new hazelkeep.measure.DimKey(key)).label();
  }

  private static String ml(double ml, Show show) {
    return show.whole(ml) + " ml";
  }

  private static String grams(OptionalDouble grams, Show show) {
    return grams.isPresent() ? show.whole(grams.getAsDouble()) + " g" : "not known";
  }

  private static String softest(Plan<?> p, Show show) {
    OptionalDouble least =
        p.rehearsal().stages().stream()
            .filter(s -> s.setup().hold().onLathe() && s.stiffness().known())
            .mapToDouble(BesideController::least)
            .min();
    return least.isPresent() ? show.whole(least.getAsDouble()) + " N/mm" : "not known";
  }

  private static double least(Stage s) {
    double[] z = s.stiffness().z();
    return s.stiffness().least(z[0], z[z.length - 1]);
  }

  private static String told(Plan<?> p) {
    return p.stops() + ", " + p.watches();
  }
}
