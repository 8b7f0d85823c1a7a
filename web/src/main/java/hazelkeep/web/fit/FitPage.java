package hazelkeep.web.fit;

import hazelkeep.air.Movement;
import hazelkeep.closing.Closing;
import hazelkeep.closing.Feel;
import hazelkeep.closing.InTheYear;
import hazelkeep.closing.YearWish;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Dim;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Joint;
import hazelkeep.season.Otherwise;
import hazelkeep.season.Year;
import hazelkeep.web.drawing.FitDrawing;
import hazelkeep.web.drawing.PullDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.YearDrawing;
import hazelkeep.wood.Species;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.ui.Model;

/** A joint on its page: drawn large, felt, and through the year. */
final class FitPage {
  private final Plan<?> plan;
  private final Show show;
  private final Practice practice;
  private final Joint joint;
  private final Closing closing;
  private double taper;

  FitPage(Plan<?> plan, Joint joint, Show show) {
    this.plan = plan;
    this.show = show;
    this.practice = plan.shop().practice();
    this.joint = joint;
    this.closing = Closing.of(plan.aim(), joint);
  }

  /**
   * A class of fit.
   *
   * @param name its stable name
   * @param word in the trade
   * @param what what it is for
   * @param range its clearances on this joint
   * @param wanted whether it is the one wanted
   */
  public record ClassView(String name, String word, String what, String range, boolean wanted) {}

  /** The clearance as it is planned or measured, mm. */
  double clearance() {
    return closing.clearance();
  }

  /** The same joint with a spigot that was measured to be narrower at its end, mm. */
  FitPage tapered(double by) {
    taper = by;
    return this;
  }

  /** A clearance that can be shown, mm. */
  double bounded(double clearance) {
    double d = closing.recess();
    return Math.max(
        FitDrawing.least(d, practice), Math.min(FitDrawing.most(d, practice), clearance));
  }

  /** Everything that follows from a clearance. */
  void view(double clearance, YearWish wish, int day, Model model) {
    FitWords words = new FitWords(show, practice);
    String wood = plan.aim().blank().wood().name();
    String inner = plan.aim().wood(closing.joint().inner().part()).name();
    Feel feel = Feel.of(closing, clearance, wish.sealed(), practice);
    InTheYear.Made made = new InTheYear.Made(wish, plan.shop());
    InTheYear.Answer answer = InTheYear.of(plan.aim(), closing, clearance, made, day);
    Year year = answer.year().map(InTheYear::year).orElse(null);
    String other = wish.spigotWood().isEmpty() ? inner : wish.spigotWood();
    model.addAttribute("clearance", show.unit().showFit(clearance));
    model.addAttribute("clearanceMm", clearance);
    model.addAttribute("planned", Math.abs(clearance - clearance()) < SAME);
    model.addAttribute("fit", feel.fit().named());
    model.addAttribute(
        "drawing",
        FitDrawing.of(new FitDrawing.Shown(closing, clearance, taper, wood, other), show));
    model.addAttribute(
        "strip",
        FitDrawing.strip(
            new FitDrawing.Strip(
                closing.recess(),
                joint.use(),
                clearance,
                year == null ? Double.NaN : year.tightest(),
                year == null ? Double.NaN : year.loosest()),
            practice,
            show));
    model.addAttribute("feel", words.feel(feel, closing, wood, wish.sealed()));
    model.addAttribute("pull", PullDrawing.of(feel, closing.engaged(), show));
    model.addAttribute(
        "missing",
        answer.missing().isEmpty() ? "" : FitWords.PHRASES.of("year.missing", answer.missing()));
    if (year != null) {
      year(year, answer.year().get(), words, day, model);
    }
  }

  /** Two clearances that differ by less are one, mm. */
  private static final double SAME = 5e-4;

  /** A clearance that differs by less is not worth another cut, mm. */
  private static final double FELT = 0.005;

  private void year(Year year, InTheYear in, FitWords words, int day, Model model) {
    List<String> says = words.year(year, in);
    Year.Today today = year.today(practice);
    model.addAttribute("verdict", says.get(0));
    model.addAttribute("yearWords", says.subList(1, says.size()));
    model.addAttribute("yearDrawing", YearDrawing.of(year, practice, day, show));
    boolean other = today.holds() && Math.abs(today.middle() - year.joint().clearance()) > FELT;
    model.addAttribute("months", words.months(year));
    model.addAttribute("cutMm", other ? today.middle() : null);
    model.addAttribute("cut", today.holds() ? show.fit(today.middle()) : "");
    Optional<Calm> calm = today.holds() ? Optional.empty() : calmest();
    model.addAttribute(
        "otherwise",
        today.holds()
            ? List.of()
            : words.otherwise(
                Otherwise.all(in.joint(), in.home(), practice, calm.map(Calm::moves)),
                calm.map(c -> c.wood().name()).orElse("")));
  }

  /** A wood with how it moves. */
  private record Calm(Species wood, Movement moves) {}

  /** The wood of the library whose rings and rays differ least: it stays round. */
  private Optional<Calm> calmest() {
    double saturation = practice.of(Line.SEASON_SATURATION);
    return plan.shop().woods().all().stream()
        .flatMap(s -> Movement.of(s, saturation).map(m -> new Calm(s, m)).stream())
        .min(Comparator.comparingDouble(c -> c.moves().tangential() - c.moves().radial()));
  }

  /** What does not change while the clearance is moved. */
  void frame(Model model) {
    double d = closing.recess();
    model.addAttribute("least", FitDrawing.least(d, practice));
    model.addAttribute("most", FitDrawing.most(d, practice));
    model.addAttribute("classes", classes());
    model.addAttribute("joint", joint.name());
    model.addAttribute("lid", closing.lid());
    model.addAttribute("wantedFit", joint.use().named());
    model.addAttribute("wantedName", joint.use().name());
    Dim clearance = plan.aim().dims().get(hazelkeep.element.Spigot.CLEARANCE);
    model.addAttribute("from", clearance == null ? "" : clearance.reason());
  }

  private List<ClassView> classes() {
    double d = closing.recess();
    return Arrays.stream(FitClass.values())
        .map(
            f ->
                new ClassView(
                    f.name(),
                    f.word().substring(0, 1).toUpperCase(Locale.ROOT) + f.word().substring(1),
                    f.what(),
                    show.unit().showFit(f.least(d, practice))
                        + " to "
                        + show.fit(f.most(d, practice)),
                    f == joint.use()))
        .toList();
  }
}
