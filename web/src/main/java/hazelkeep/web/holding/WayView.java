package hazelkeep.web.holding;

import hazelkeep.measure.Grade;
import hazelkeep.piece.Compared;
import hazelkeep.piece.End;
import hazelkeep.route.Finding;
import hazelkeep.web.drawing.ChuckDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A way to finish an end as it is shown.
 *
 * @param option its name
 * @param label in the trade's words
 * @param reason why one would
 * @param chosen whether it is in force
 * @param possible whether nothing forbids it
 * @param against what speaks against it, with numbers, the gravest first
 * @param reach what of the end it reaches
 * @param force what it stands
 * @param risk of splitting or marking
 * @param turned what has to be turned for it, empty for nothing
 * @param drawing the jam chuck, empty where there is none
 */
public record WayView(
    String option,
    String label,
    String reason,
    boolean chosen,
    boolean possible,
    List<String> against,
    String reach,
    String force,
    String risk,
    String turned,
    String drawing) {

  private static final int SAID = 2;

  /**
   * An end with its ways.
   *
   * @param name foot, top
   * @param choice the choice's name, for the way back
   * @param title the question
   * @param ways every way, possible ones first
   */
  public record EndView(String name, String choice, String title, List<WayView> ways) {
    /** The way in force. */
    public WayView now() {
      return ways.stream().filter(WayView::chosen).findFirst().orElseThrow();
    }
  }

  /** An end with its ways. */
  static EndView of(End end, List<Compared> ways, Show show) {
    return new EndView(
        end.name(),
        end.choice().name(),
        end.choice().label(),
        ways.stream().map(c -> of(c, end, show)).toList());
  }

  private static WayView of(Compared c, End end, Show show) {
    Optional<Compared.Held> jam = c.jam();
    return new WayView(
        c.option().name(),
        c.option().label(),
        c.option().reason(),
        c.chosen(),
        c.possible(),
        c.findings().stream().map(f -> said(f, show)).distinct().limit(SAID).toList(),
        reach(c, end),
        force(c, show),
        risk(c),
        jam.map(h -> String.join(", ", HoldView.cut(h.hold().grip(), h.work(), show))).orElse(""),
        jam.map(h -> ChuckDrawing.of(h.chuck().orElseThrow(), h.work(), show)).orElse(""));
  }

  private static String said(Finding f, Show show) {
    String says = show.says(f.verdict());
    String sign = f.grade() == Grade.STOP ? "■ " : f.grade() == Grade.WATCH ? "▲ " : "● ";
    return sign + f.verdict().title() + (says.isEmpty() ? "" : ". " + says);
  }

  private static String reach(Compared c, End end) {
    if (!c.possible() || Double.isNaN(c.reach())) {
      return "";
    }
    long share = Math.round(100 * c.reach());
    return share >= 100
        ? "the whole " + end.name()
        : Sentences.of("wayView.of-the-the-rest-by", share, end.name());
  }

  private static String force(Compared c, Show show) {
    if (!c.possible()) {
      return "";
    }
    return c.grips().stream()
        .min(Comparator.comparingDouble(Compared.Held::force))
        .map(h -> show.stands(h.allowed(), h.force(), h.work().practice()))
        .map(s -> s.endsWith("N") ? s + " at the far rim" : s)
        .orElse("not known");
  }

  private static String risk(Compared c) {
    if (!c.possible()) {
      return "";
    }
    boolean marks = c.findings().stream().anyMatch(f -> f.code().equals("marks"));
    String split =
        c.pulls()
            .map(
                h -> {
                  double share = h.allowed().splitting();
                  return Double.isNaN(share)
                      ? Sentences.of("wayView.splitting-not-judged-strength-across")
                      : Math.round(100 * share) + " % of what splits it";
                })
            .orElse("no splitting force");
    return split + (marks ? ", marks it" : "");
  }
}
