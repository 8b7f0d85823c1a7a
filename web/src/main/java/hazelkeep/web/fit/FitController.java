package hazelkeep.web.fit;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.closing.YearWish;
import hazelkeep.element.Spigot;
import hazelkeep.fit.FitClass;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Joint;
import hazelkeep.season.Coat;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.FitStore;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Sneaking;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The fit of a piece's joint. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/fit")
class FitController {
  private final PieceStore pieces;
  private final FitStore fits;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;

  FitController(PieceStore pieces, FitStore fits, RunStore runs, Planner planner, Json json) {
    this.pieces = pieces;
    this.fits = fits;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
  }

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam(required = false) Double clearance,
      Unit unit,
      Model model) {
    Optional<Double> shown = Optional.ofNullable(clearance).filter(Double::isFinite);
    return show(pieces.get(id), shown, unit, model);
  }

  private String show(Piece piece, Optional<Double> clearance, Unit unit, Model model) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    List<FindingView> findings = FindingView.all(plan, show, json);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    Optional<Joint> joint = plan.aim().closing();
    if (joint.isEmpty()) {
      boolean screwed =
          plan.route().setups().stream().anyMatch(s -> s.hold().grip() instanceof ScrewedOn);
      model.addAttribute("none", FitWords.PHRASES.of(screwed ? "none.screwed" : "none"));
      return "fit/none";
    }
    FitPage page = new FitPage(plan, joint.get(), show).tapered(taper(piece, joint.get()));
    YearWish wish = fits.of(piece.id());
    if (!model.containsAttribute("form")) {
      model.addAttribute("form", YearForm.of(wish, unit));
    }
    gone(wish.home(), model);
    gone(wish.workshop(), model);
    model.addAttribute("climates", planner.shop().climates().all());
    model.addAttribute("coats", Coat.values());
    model.addAttribute("species", planner.shop().woods().all());
    page.frame(model);
    page.view(page.bounded(clearance.orElse(page.clearance())), wish, today(), model);
    return "fit/fit";
  }

  /** Says so where a place was taken off the list since it was chosen. */
  private void gone(String place, Model model) {
    Climates all = planner.shop().climates();
    if (all.named(place).isEmpty()) {
      model.addAttribute("gone", FitWords.PHRASES.of("gone", place, all.all().get(0).name()));
    }
  }

  /** What follows from another clearance, or from other air; nothing is kept. */
  @GetMapping("/view")
  String view(
      @PathVariable long id,
      @RequestParam(required = false) Double clearance,
      YearForm form,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    Joint joint = plan.aim().closing().orElseThrow(() -> new NotThere(FitWords.PHRASES.of("none")));
    FitPage page = new FitPage(plan, joint, show).tapered(taper(piece, joint));
    YearWish wish = fits.of(id);
    try {
      wish = form.empty() ? wish : form.wish(unit, planner.shop().woods());
    } catch (Refused e) {
      model.addAttribute("refused", e.getMessage());
    }
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    page.frame(model);
    boolean said = clearance != null && Double.isFinite(clearance);
    page.view(page.bounded(said ? clearance : page.clearance()), wish, today(), model);
    return "fit/fit :: view";
  }

  /** How much narrower the spigot was measured at its end than at its root; 0 where it was not. */
  private double taper(Piece piece, Joint joint) {
    return runs.started(piece.id()) ? Sneaking.taper(runs.log(piece.id()), joint) : 0;
  }

  private static int today() {
    return Math.min(Climate.DAYS, LocalDate.now().getDayOfYear()) - 1;
  }

  /** Keeps what is said of the air and the wood. */
  @PostMapping("/year")
  String year(
      @PathVariable long id, YearForm form, Unit unit, Model model, HttpServletResponse response) {
    Piece piece = pieces.get(id);
    try {
      fits.keep(id, form.wish(unit, planner.shop().woods()));
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", e.getMessage());
      model.addAttribute("form", form);
      return show(piece, Optional.empty(), unit, model);
    }
    return "redirect:/pieces/" + id + "/fit";
  }

  /** Puts a clearance into the plan. */
  @PostMapping("/keep")
  String keep(
      @PathVariable long id,
      @RequestParam double clearance,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    return change(
        new Change(piece, version, "clearance " + new Show(unit).fit(clearance)),
        () -> sized(piece.kind(), piece.design(), clearance),
        unit,
        model,
        response);
  }

  private static <D extends Design> D sized(Kind<D> kind, Design design, double clearance) {
    if (!Double.isFinite(clearance)) {
      throw new Refused(Sentences.of("fit.a-clearance-is-a"));
    }
    // Hundredths of a millimetre are as fine as anyone turns, and a digit more.
    double mm = Math.round(clearance * THOUSANDTHS) / THOUSANDTHS;
    return kind.size(
        kind.type().cast(design),
        Spigot.CLEARANCE,
        Optional.of(new Size(Length.mm(mm), Hedge.EXACT)));
  }

  private static final double THOUSANDTHS = 1000;

  /** Wants another class; a clearance that was stated gives way to it. */
  @PostMapping("/class")
  String wanted(
      @PathVariable long id,
      @RequestParam String option,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    return change(
        new Change(piece, version, "fit " + option),
        () -> classed(piece.kind(), piece.design(), option),
        unit,
        model,
        response);
  }

  private static <D extends Design> D classed(Kind<D> kind, Design design, String option) {
    FitClass wanted =
        Arrays.stream(FitClass.values())
            .filter(f -> f.name().equals(option))
            .findFirst()
            .orElseThrow(() -> new Refused(Sentences.of("fit.that-is-no-class", option)));
    return kind.size(
        kind.choose(kind.type().cast(design), "fit", wanted.name()),
        Spigot.CLEARANCE,
        Optional.empty());
  }

  private record Change(Piece piece, int version, String note) {}

  private String change(
      Change c, Supplier<Design> next, Unit unit, Model model, HttpServletResponse response) {
    Piece piece = c.piece;
    try {
      Design design = next.get();
      planner.tryOut(piece, design);
      if (!design.equals(piece.design())) {
        pieces.save(piece.id(), c.version, c.note, design, piece.edits());
      }
      return "redirect:/pieces/" + piece.id() + "/fit";
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("refused", Sentences.of("fit.this-piece-was-changed"));
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", e.getMessage());
    }
    return show(pieces.get(piece.id()), Optional.empty(), unit, model);
  }
}
