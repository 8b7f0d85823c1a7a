package hazelkeep.web.route;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.LastChance;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.shop.Gauge;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StageDrawing;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The route as a film strip: a row a hold, a picture a step. */
@Controller
class RouteController {
  private static final double CARD = 236;

  private final PieceStore pieces;
  private final Planner planner;
  private final Json json;

  RouteController(PieceStore pieces, Planner planner, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.json = json;
  }

  /**
   * A hold with its steps.
   *
   * @param no its number
   * @param title how the work is held
   * @param free how far it stands out, empty where that says nothing
   * @param cards its steps
   * @param before what must be done before it is let go
   */
  public record Row(int no, String title, String free, List<Card> cards, List<String> before) {}

  /**
   * A step.
   *
   * @param no its number
   * @param key its name
   * @param title what
   * @param words how
   * @param svg the stage
   * @param speed the speed window
   * @param targets what to measure
   * @param findings what would go wrong
   */
  public record Card(
      int no,
      String key,
      String title,
      String words,
      String svg,
      String speed,
      List<String> targets,
      List<FindingView> findings) {}

  @GetMapping("/pieces/{id}/route")
  String route(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    double scale = StageDrawing.scale(plan, CARD);
    double radius = StageDrawing.radius(plan);
    List<FindingView> all = FindingView.of(plan, show, json);
    List<LastChance> chances = plan.rehearsal().lastChances(plan.shop());
    List<Row> rows = new ArrayList<>();
    int no = 0;
    List<Setup> setups = plan.rehearsal().route().setups();
    for (int i = 0; i < setups.size(); i++) {
      Setup s = setups.get(i);
      List<Card> cards = new ArrayList<>();
      String free = "";
      for (Stage stage : plan.rehearsal().stages()) {
        if (stage.setup() != s) {
          continue;
        }
        no++;
        if (free.isEmpty() && stage.freeLength() > 0) {
          free = show.len(stage.freeLength()) + " free of the hold";
        }
        List<FindingView> here = new ArrayList<>();
        for (int f = 0; f < all.size(); f++) {
          Finding finding = plan.findings().get(f);
          if (finding.at().filter(stage.step().key()::equals).isPresent()) {
            here.add(all.get(f));
          }
        }
        cards.add(
            new Card(
                no,
                stage.step().key().path(),
                stage.step().title(),
                stage.step().words(),
                StageDrawing.card(plan, stage, scale, radius),
                stage
                    .speeds()
                    .map(w -> show.whole(w.from()) + "–" + show.whole(w.to()) + " rpm")
                    .orElse(""),
                targets(plan, stage, show),
                here));
      }
      rows.add(new Row(i + 1, s.title(), free, cards, before(chances, i)));
    }
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("rows", rows);
    model.addAttribute("steps", no);
    model.addAttribute("findings", all);
    model.addAttribute("chapter", "route");
    return "route/route";
  }

  /** What to measure in a step, as the device shows it. */
  static List<String> targets(Plan<?> plan, Stage stage, Show show) {
    List<String> out = new ArrayList<>();
    for (Act a : stage.step().acts()) {
      if (a instanceof Act.Read r) {
        Dim d = plan.aim().dims().get(r.what());
        Gauge gauge = plan.shop().gauge(r.gauge()).orElse(new Gauge(r.gauge(), 0));
        String text = d.label() + " " + show.number(d.key(), d.mm(), plan.aim());
        if (gauge.dead() != 0) {
          text +=
              " · "
                  + gauge.name()
                  + " shows "
                  + show.number(d.key(), gauge.shows(d.mm()), plan.aim());
        }
        out.add(text);
      }
    }
    return out;
  }

  /** What must be done before a hold is given up, in words. */
  public static List<String> before(List<LastChance> chances, int setup) {
    java.util.Map<String, String> bySurface = new java.util.LinkedHashMap<>();
    for (LastChance c : chances) {
      if (c.setup() == setup) {
        bySurface.merge(
            c.surface().part() + " " + c.surface().name(),
            c.doing().done(),
            (x, y) -> x + ", " + y);
      }
    }
    return bySurface.entrySet().stream().map(e -> e.getKey() + " " + e.getValue()).toList();
  }
}
