package hazelkeep.web.paper;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Plan;
import hazelkeep.route.Prompt;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where the blank is cut, what is turned to, and the steps: the paper beside the lathe. */
final class CutSheet {
  private CutSheet() {}

  /**
   * A line across the blank.
   *
   * @param at distance from the datum face, shown
   * @param mm the same in mm
   * @param what what lies before it
   * @param length that stretch's length, shown
   */
  public record Cut(String at, double mm, String what, String length) {}

  /**
   * A size to turn to.
   *
   * @param what its name
   * @param size shown
   * @param other in the other unit
   * @param shows what the device shows, empty when the same
   */
  public record Turn(String what, String size, String other, String shows) {}

  static List<Cut> cuts(Plan<?> plan, Show show) {
    return plan.sketch().stick().stream()
        .filter(s -> s.length() > 0)
        .map(s -> new Cut(show.bare(s.to()), s.to(), s.label(), show.bare(s.length())))
        .toList();
  }

  /** Every size that is measured on the way, once, in the order of the work. */
  static List<Turn> turns(Plan<?> plan, Show show) {
    Map<DimKey, Turn> out = new LinkedHashMap<>();
    for (Step step : plan.route().steps()) {
      for (Prompt p : plan.prompts(step)) {
        out.putIfAbsent(
            p.dim().key(),
            new Turn(
                p.dim().label() + ", " + p.where(),
                show.words(p.dim(), p.dim().mm()),
                show.other(p.dim()),
                Words.shows(p, "", show)));
      }
    }
    return List.copyOf(out.values());
  }

  static void draw(Sheet s, Printed of) {
    Plan<?> plan = of.plan();
    Show show = of.show();
    s.titled(
        of.piece().name(),
        "Cut sheet · "
            + of.piece().design().species()
            + " · blank "
            + show.len(plan.aim().mm("blank.length"))
            + " × "
            + show.len(plan.aim().mm("blank.across"))
            + " · all positions from the foot end of the blank, in "
            + show.unit().word());
    double y = head(s, 54, "Position", "After", "Length");
    for (Cut c : cuts(plan, show)) {
      y = s.room(y, 22);
      s.right(44, y, 11, c.at());
      s.text(52, y, 10, c.what());
      s.right(112, y, 11, c.length());
      s.rule(18, y + 1.8, 192);
      y += 6.4;
    }
    steps(s, plan, show, sizes(s, plan, show, y + 8) + 8);
  }

  private static double sizes(Sheet s, Plan<?> plan, Show show, double from) {
    double y = head(s, from, "Turn to", "", "");
    for (Turn t : turns(plan, show)) {
      y = s.room(y, 22);
      s.text(18, y, 10, t.what());
      s.right(168, y, 11, t.size());
      s.right(192, y, 8, t.other());
      if (!t.shows().isEmpty()) {
        s.text(18, y + 4, 8, t.shows());
        y += 4;
      }
      s.rule(18, y + 1.8, 192);
      y += 6.4;
    }
    return y;
  }

  private static double head(Sheet s, double y, String a, String b, String c) {
    s.text(18, y, 9, a);
    s.text(52, y, 9, b);
    s.text(100, y, 9, c);
    s.line(18, y + 1.8, 192, y + 1.8);
    return y + 7;
  }

  private static void steps(Sheet s, Plan<?> plan, Show show, double from) {
    double y = head(s, s.room(from, 40), "Steps", "", "");
    String setup = "";
    int no = 0;
    for (Stage stage : plan.rehearsal().stages()) {
      y = s.room(y, 22);
      if (!stage.setup().title().equals(setup)) {
        setup = stage.setup().title();
        s.text(18, y, 9, setup);
        y += 5.2;
      }
      no++;
      s.right(28, y, 10, Integer.toString(no));
      s.text(31, y, 10, stage.step().title());
      s.right(192, y, 9, stage.speeds().map(w -> show.rpm(w, plan.shop().lathe())).orElse(""));
      y += 5.4;
    }
  }
}
