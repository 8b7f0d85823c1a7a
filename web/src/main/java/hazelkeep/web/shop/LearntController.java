package hazelkeep.web.shop;

import hazelkeep.element.PairSizes;
import hazelkeep.element.Spigot;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.LatestLogs;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.workbench.Learnt;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the turner's own logs say, beside what is gone by. */
@Controller
class LearntController {
  /** Runs that are read: those begun last. */
  private static final int RUNS = 200;

  private static final double ROUND = 1000;

  private static final Set<DimKey> FITS =
      Set.of(Spigot.DIAMETER, Spigot.JAM, Spigot.CLEARANCE, PairSizes.RECESS);

  private final ShopStore store;
  private final LatestLogs logs;

  LearntController(ShopStore store, LatestLogs logs) {
    this.store = store;
    this.logs = logs;
  }

  /**
   * What was learnt of a line.
   *
   * @param key its name
   * @param meaning what it is
   * @param says what the cases say
   * @param now what is gone by
   * @param value what would be gone by, in the line's unit
   * @param differs whether what is gone by lies outside of what the cases leave open
   */
  public record LearntView(
      String key, String meaning, String says, String now, double value, boolean differs) {}

  @GetMapping("/shop/learnt")
  String page(Unit unit, Model model) {
    Practice practice = store.shop().practice();
    List<Learnt> all = learnt(practice);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("all", all.stream().map(l -> view(l, practice, unit)).toList());
    model.addAttribute("least", Learnt.LEAST);
    return "shop/learnt";
  }

  private List<Learnt> learnt(Practice practice) {
    return Learnt.of(logs.of(RUNS), FITS, practice);
  }

  private static LearntView view(Learnt l, Practice practice, Unit unit) {
    return new LearntView(
        l.line().key(),
        l.line().text().meaning(),
        Sentences.of(
            "learnt.your-own-cases-say",
            l.cases(),
            CustomWords.words(l.line(), rounded(l.value()), unit),
            CustomWords.words(l.line(), rounded(l.least()), unit),
            CustomWords.words(l.line(), rounded(l.most()), unit)),
        CustomWords.words(l.line(), practice.of(l.line()), unit),
        rounded(l.value()),
        l.differs(practice));
  }

  private static double rounded(double v) {
    return Math.round(v * ROUND) / ROUND;
  }

  /** The turner goes by what the cases say. */
  @PostMapping("/shop/learnt")
  String goBy(@RequestParam String line, RedirectAttributes after) {
    Practice now = store.shop().practice();
    for (Learnt l : learnt(now)) {
      if (l.line().key().equals(line)) {
        Line.Text t = l.line().text();
        double v = Math.max(t.least(), Math.min(t.most(), rounded(l.value())));
        store.only(
            ShopKind.PRACTICE,
            now.with(l.line(), OptionalDouble.of(v)).own(),
            s -> s.practice().equals(now));
        after.addFlashAttribute("saved", Sentences.of("learnt.plans-go-by-your", t.meaning()));
      }
    }
    return "redirect:/shop/learnt";
  }
}
