package hazelkeep.web.paper;

import hazelkeep.web.drawing.Made;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Closing;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a piece became, on one page: drawing, made sizes, notes. */
final class RecordSheet {
  private RecordSheet() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Record");
    Optional<Closing> closing = of.closing();
    String when =
        closing.isPresent()
            ? "finished and recorded"
            : Sentences.of("recordSheet.not-recorded-yet-as-it");
    s.text(Sheet.LEFT, Sheet.TOP, 10, Words.woods(of.plan()) + " \u00b7 " + when);
    double y = SectionPlate.draw(s, of.plan(), of.show(), Sheet.TOP + 4);
    y = made(s, of, y + 2);
    for (List<String> said :
        closing
            .map(
                c ->
                    List.of(
                        List.of("The fit as felt", c.fitFelt()),
                        List.of("Written on the foot", c.signature()),
                        List.of("Notes", c.notes())))
            .orElse(List.of())) {
      if (!said.get(1).isEmpty()) {
        y = s.room(y + 3, 14);
        s.text(Face.STRONG, Sheet.LEFT, y, 9.5, said.get(0));
        for (String line : said.get(1).split("\\R")) {
          y = s.wrapped(Sheet.LEFT + 44, s.room(y, 6), 9.5, Sheet.RIGHT - Sheet.LEFT - 44, line);
        }
      }
    }
    StandingPlate.draw(s, of.plan().sketch(), y + 4);
  }

  private static double made(Sheet s, Printed of, double from) {
    double y = from;
    s.text(Face.STRONG, Sheet.LEFT, y, 9.5, "Size");
    s.right(120, y, 9, "wished");
    s.right(150, y, 9, "made");
    y += 6;
    for (Made m :
        Made.of(
            of.plan(), of.wished(), of.closing().map(Closing::made).orElse(Map.of()), of.show())) {
      y = s.room(y, 7);
      s.text(Sheet.LEFT, y, 9.5, m.label());
      s.right(120, y, 9, m.wished());
      s.right(150, y, 9, m.made());
      s.text(158, y, 8.5, m.how());
      s.rule(y + 1.6);
      y += 5.6;
    }
    return y;
  }
}
