package hazelkeep.web.practise;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.practise.Mistake;
import hazelkeep.practise.OutOfOrder;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Riddles of the day, from the starter shop; the rehearsal is the judge. */
@Controller
class RiddleController {
  private static final int KEPT = 20;

  private final Cache<Long, OutOfOrder> orders = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Cache<Long, Mistake> mistakes = Caffeine.newBuilder().maximumSize(KEPT).build();

  /**
   * A step of a route that is put as a riddle.
   *
   * @param key the step's path
   * @param title in a few words
   * @param hold how the work is held; empty where that is as before
   */
  public record StepView(String key, String title, String hold) {}

  private static long day(long day) {
    long today = LocalDate.now().toEpochDay();
    return day <= 0 || day > today ? today : day;
  }

  @GetMapping("/practise/order")
  String order(
      @RequestParam(defaultValue = "0") long day,
      @RequestParam(defaultValue = "") String what,
      @RequestParam(defaultValue = "") String after,
      Unit unit,
      Model model) {
    long of = day(day);
    OutOfOrder riddle = orders.get(of, OutOfOrder::of);
    Show show = new Show(unit);
    model.addAttribute("show", show);
    model.addAttribute("day", of);
    model.addAttribute("kind", riddle.plan().kind().title());
    model.addAttribute("steps", steps(riddle.plan()));
    model.addAttribute("what", what);
    model.addAttribute("after", after);
    List<String> keys = steps(riddle.plan()).stream().map(StepView::key).toList();
    if (keys.contains(what) && keys.contains(after)) {
      judge(riddle, what, after, show, model);
    }
    return "practise/order";
  }

  private static List<StepView> steps(Plan<?> plan) {
    List<StepView> out = new ArrayList<>();
    for (Setup setup : plan.route().setups()) {
      String hold = setup.title();
      for (Step s : setup.steps()) {
        out.add(new StepView(s.key().path(), s.title(), hold));
        hold = "";
      }
    }
    return out;
  }

  private static void judge(OutOfOrder riddle, String what, String after, Show show, Model model) {
    model.addAttribute("right", false);
    if (what.equals(after)) {
      model.addAttribute("says", GameWords.PHRASES.of("order.same"));
      return;
    }
    StepKey moved = new StepKey(what);
    Plan<?> then = riddle.moved(moved, new StepKey(after));
    boolean right = then.stops() == 0;
    String title = riddle.plan().route().step(moved).map(Step::title).orElse(what);
    model.addAttribute("right", right);
    model.addAttribute(
        "says",
        right
            ? GameWords.PHRASES.of("order.right", title)
            : GameWords.PHRASES.of(
                "order.wrong", then.stops(), told(then.findings().get(0).verdict(), show)));
  }

  private static String told(Verdict v, Show show) {
    return (v.title() + ". " + show.says(v)).strip();
  }

  @GetMapping("/practise/mistake")
  String mistake(
      @RequestParam(defaultValue = "0") long day,
      @RequestParam(defaultValue = "") String title,
      @RequestParam(defaultValue = "") String answer,
      Unit unit,
      Model model) {
    long of = day(day);
    Mistake riddle = mistakes.get(of, Mistake::of);
    Show show = new Show(unit);
    Verdict v = riddle.answer().verdict();
    String label = riddle.planted().label();
    String size = show.words(riddle.planted(), riddle.planted().mm());
    model.addAttribute("show", show);
    model.addAttribute("day", of);
    model.addAttribute("kind", riddle.plan().kind().title());
    model.addAttribute("drawing", PieceDrawing.card(riddle.plan().sketch()));
    model.addAttribute("sizes", sizes(riddle, show));
    model.addAttribute("options", riddle.options());
    model.addAttribute("chosen", title);
    if (!answer.isEmpty()) {
      model.addAttribute("right", false);
      model.addAttribute(
          "says",
          GameWords.PHRASES.of("mistake.answer", v.title(), show.says(v), v.why(), label, size));
    } else if (!title.isEmpty()) {
      boolean right = riddle.solvedBy(title);
      model.addAttribute("right", right);
      model.addAttribute(
          "says",
          right
              ? GameWords.PHRASES.of("mistake.right", show.says(v), v.why(), label, size)
              : GameWords.PHRASES.of("mistake.wrong"));
    }
    return "practise/mistake";
  }

  /** Every size of the plan, as a turner would look them through. */
  private static List<String> sizes(Mistake riddle, Show show) {
    return riddle.plan().aim().dims().values().stream()
        .map(d -> d.label() + " " + show.words(d, d.mm()))
        .toList();
  }
}
