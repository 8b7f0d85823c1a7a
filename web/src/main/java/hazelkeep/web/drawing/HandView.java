package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.route.Prompt;
import hazelkeep.route.Stage;
import hazelkeep.setout.Calipers;
import hazelkeep.setout.Figures;
import hazelkeep.setout.HandCut;
import hazelkeep.setout.HandCuts;
import hazelkeep.setout.SetOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A cut of the step as it is read at the lathe.
 *
 * @param no its number in the step, from 1
 * @param says what is done, and where it begins
 * @param makes what it makes; empty where that has no name
 * @param with with what, and how that is held to the work
 * @param big the number that stops it; null where none does
 * @param meets what stops it where no number does; else empty
 * @param look what to look at before going on
 * @param row the line of the setting out that it is cut to; 0 for none
 * @param of the cut itself
 * @param key the size that it makes and that the step asks for; empty for none
 */
public record HandView(
    int no,
    String says,
    String makes,
    String with,
    CutRow.Big big,
    String meets,
    String look,
    int row,
    HandCut of,
    String key) {
  /** What differs by less is one size, mm. */
  private static final double SAME = 0.02;

  /**
   * The cuts of a step.
   *
   * @param rows its lines
   * @param tools that come to what it cuts
   */
  public static List<HandView> of(
      Plan<?> plan, Stage stage, List<CutRow> rows, List<String> tools, Show show) {
    List<Prompt> asked = plan.prompts(stage.step());
    List<HandView> out = new ArrayList<>();
    HandWords words = new HandWords(plan, stage, tools, show);
    List<HandCut> cuts = HandCuts.of(stage, SetOut.of(stage));
    List<Optional<Calipers.Setting>> set = calipers(plan, stage, cuts);
    for (int i = 0; i < cuts.size(); i++) {
      HandCut h = cuts.get(i);
      String stops = HandWords.stops(h.stop(), set.get(i));
      Optional<Prompt> makes = asked.stream().filter(p -> makes(h, p)).findFirst();
      CutRow.Big big =
          makes.map(p -> big(p, show)).or(() -> stop(plan, h, stops, show)).orElse(null);
      int row =
          rows.stream()
              .filter(r -> h.of().isPresent() && r.cut().equals(h.of()))
              .mapToInt(CutRow::no)
              .findFirst()
              .orElse(0);
      out.add(
          new HandView(
              out.size() + 1,
              words.does(h),
              HandWords.makes(h),
              words.with(h),
              big,
              big == null ? HandWords.meets(h) : "",
              HandWords.look(h),
              row,
              h,
              makes.map(p -> p.dim().key().path()).orElse("")));
    }
    return out;
  }

  /** The number that a size is to be, as its device shows it. */
  public static CutRow.Big big(Prompt p, Show show) {
    Dim d = p.dim();
    double dead = p.target() - p.shows();
    return new CutRow.Big(
        show.number(d, p.shows()),
        show.unit().word()
            + " "
            + d.label().toLowerCase(Locale.ROOT)
            + (p.dead() ? ", as the " + p.gauge().name() + " shows it" : ""),
        p.dead() ? "true length " + show.words(d, p.target()) : "",
        show.number(d, p.least() - dead) + " to " + show.number(d, p.most() - dead) + " is fine");
  }

  /** The cuts of a step a line each, settings of one line after another in one: for paper. */
  public static List<String> lines(Plan<?> plan, Stage stage, Show show) {
    List<String> out = new ArrayList<>();
    boolean setting = false;
    for (HandView c : of(plan, stage, CutRows.of(plan, stage, show), List.of(), show)) {
      String number = c.big == null ? "" : ": " + c.big.shows();
      boolean one = setting && c.of.does() == HandCut.Does.SET;
      if (one) {
        int last = out.size() - 1;
        String says = c.says.substring(c.says.indexOf(' ', c.says.indexOf(' ') + 1) + 1);
        out.set(last, out.get(last) + "; " + says + number);
      } else {
        out.add(c.says + number);
      }
      setting = c.of.does() == HandCut.Does.SET;
    }
    return out;
  }

  /** Which calipers are set to what, counted through the hold from its first step on. */
  private static List<Optional<Calipers.Setting>> calipers(
      Plan<?> plan, Stage stage, List<HandCut> cuts) {
    List<HandCut> hold = new ArrayList<>();
    int at = 0;
    for (Stage s : plan.rehearsal().stages()) {
      if (s.setup().equals(stage.setup())) {
        boolean here = s.step().key().equals(stage.step().key());
        at = here ? hold.size() : at;
        hold.addAll(here ? cuts : HandCuts.of(s, SetOut.of(s)));
      }
    }
    int most = (int) plan.aim().custom(Line.SETOUT_CALIPERS);
    return Calipers.of(hold, most).subList(at, at + cuts.size());
  }

  /** The number that stops a cut; empty where it stops where it meets another. */
  private static Optional<CutRow.Big> stop(Plan<?> plan, HandCut h, String words, Show show) {
    if (h.stop() == HandCut.Stop.MEETS || h.mm() == 0 && h.stop() != HandCut.Stop.DEPTH) {
      return Optional.empty();
    }
    Figures figures = new Figures(plan.shop(), plan.aim().practice());
    return Optional.of(CutRow.Big.of(figures.of(h), words, show));
  }

  /** Whether a cut's number is a size that the step asks to be measured. */
  private static boolean makes(HandCut h, Prompt asked) {
    boolean number = h.stop() != HandCut.Stop.MEETS && h.stop() != HandCut.Stop.CARD;
    return number && h.mm() > 0 && Math.abs(asked.target() - h.mm()) < SAME;
  }
}
