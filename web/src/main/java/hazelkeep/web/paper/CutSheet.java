package hazelkeep.web.paper;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Billet;
import hazelkeep.piece.Plan;
import hazelkeep.route.Prompt;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
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

  /** The lines across a blank, each from the end that is its datum. */
  static List<Cut> cuts(Plan<?> plan, Billet of, Show show) {
    double zero = of.along().from();
    return plan.sketch().stick().stream()
        .filter(s -> s.length() > 0 && s.from() >= zero && s.to() <= of.along().to() + SAME)
        .map(
            s -> new Cut(show.bare(s.to() - zero), s.to() - zero, s.label(), show.bare(s.length())))
        .toList();
  }

  private static final double SAME = 1e-6;

  /** What a blank is, in a line. */
  static String said(Billet b, Show show) {
    return b.wood()
        + (b.part().isEmpty() ? ", blank " : ", the " + b.part() + "'s blank ")
        + show.len(b.length())
        + " long, "
        + show.len(b.across())
        + switch (b.section()) {
          case SQUARE -> " square";
          case ROUND -> " across";
          case LIMB -> " across, as it grew";
        };
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
    double top = Sheet.TOP;
    for (Billet b : plan.sketch().billets()) {
      s.text(Sheet.LEFT, top, 10, said(b, show));
      top += LINE;
    }
    double y = SectionPlate.draw(s, plan, show, top - LINE + 4);
    if (!plan.rehearsal().stages().isEmpty()) {
      s.next();
      StepPlates.draw(s, plan, show, Sheet.TOP);
      s.next();
      y = Sheet.TOP;
    }
    for (Billet b : plan.sketch().billets()) {
      y = positions(s, plan, b, show, y) + 2;
    }
    y = sizes(s, plan, show, y + 6);
    Stations.draw(s, plan, show, y + 6);
  }

  /** Between two lines of text, mm. */
  private static final double LINE = 5;

  /** What the lines across a blank are called. */
  static String across(Billet b) {
    return b.part().isEmpty()
        ? Sentences.of("cutSheet.cuts-across-the-blank-from")
        : Sentences.of("cutSheet.cuts-across-the-parts-blank", b.part(), end(b));
  }

  /** The end of a blank that its lines are counted from. */
  static String end(Billet b) {
    return b.along().from() == 0 ? "foot end" : "end at the join";
  }

  private static double positions(Sheet s, Plan<?> plan, Billet of, Show show, double from) {
    double y = s.room(from, 40);
    s.text(Face.TITLE, Sheet.LEFT, y + 5, 11.5, across(of));
    y += 12;
    for (Cut c : cuts(plan, of, show)) {
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
