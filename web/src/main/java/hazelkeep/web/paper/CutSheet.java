package hazelkeep.web.paper;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Prompt;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

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
    s.sheet("Cut sheet");
    String blank =
        Words.woods(plan)
            + (plan.sketch().blanks().size() == 1 ? ", blank " : ", two blanks ")
            + plan.sketch().blanks().stream()
                .map(b -> show.len(b.length()))
                .collect(Collectors.joining(" and "))
            + " long, "
            + show.len(plan.aim().mm(StockRules.ACROSS))
            + (plan.aim().blank().round() ? " across" : " square");
    s.text(Sheet.LEFT, Sheet.TOP, 10, blank);
    double y = SectionPlate.draw(s, plan, show, Sheet.TOP + 4);
    if (!plan.rehearsal().stages().isEmpty()) {
      s.next();
      StepPlates.draw(s, plan, show, Sheet.TOP);
      s.next();
      y = Sheet.TOP;
    }
    y = positions(s, plan, show, y);
    y = sizes(s, plan, show, y + 6);
    Stations.draw(s, plan, show, y + 6);
  }

  private static double positions(Sheet s, Plan<?> plan, Show show, double from) {
    double y = s.room(from, 40);
    s.text(
        Face.TITLE, Sheet.LEFT, y + 5, 11.5, Sentences.of("cutSheet.cuts-across-the-blank-from"));
    y += 12;
    for (Cut c : cuts(plan, show)) {
      y = s.room(y, 8);
      s.right(44, y, 10, c.at());
      s.text(52, y, 9.5, "end of " + c.what());
      s.right(192, y, 9, c.length() + " long");
      s.rule(y + 1.8);
      y += 6.2;
    }
    return y;
  }

  private static double sizes(Sheet s, Plan<?> plan, Show show, double from) {
    double y = s.room(from, 40);
    s.text(Face.TITLE, Sheet.LEFT, y + 5, 11.5, "Turn to, and measure");
    y += 12;
    for (Turn t : turns(plan, show)) {
      y = s.room(y, 12);
      s.text(Sheet.LEFT, y, 9.5, t.what());
      s.right(168, y, 10, t.size());
      s.right(192, y, 8, t.other());
      if (!t.shows().isEmpty()) {
        s.text(Sheet.LEFT, y + 4, 8, t.shows());
        y += 4;
      }
      s.rule(y + 1.8);
      y += 6.2;
    }
    return y;
  }
}
