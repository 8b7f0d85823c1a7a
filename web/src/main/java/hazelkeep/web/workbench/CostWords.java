package hazelkeep.web.workbench;

import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.workbench.Cost;
import hazelkeep.workbench.FreshBlank;
import hazelkeep.workbench.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a way on costs, in words. */
final class CostWords {
  /** Less than this is no cost, mm or ml. */
  private static final double NOTHING = 0.05;

  private final Show show;
  private final List<String> out = new ArrayList<>();

  private CostWords(Show show) {
    this.show = show;
  }

  /** 1.5 mm narrower, 6 ml less, one more hold; then what is still to be minded. */
  static String of(Way w, Cost c, Optional<FreshBlank> blank, Show show) {
    CostWords words = new CostWords(show);
    blank.ifPresent(
        b ->
            words.out.add(
                Sentences.of(
                    "costWords.a-fresh-blank-of-across",
                    show.bare(b.length()),
                    show.len(b.across()))));
    words.length(c.narrower(), "narrower", "wider");
    words.length(c.shorter(), "shorter", "taller");
    if (Math.abs(c.less()) >= 0.5) {
      words.out.add(show.whole(Math.abs(c.less())) + " ml " + (c.less() > 0 ? "less" : "more"));
    }
    words.count(c.holds(), "hold");
    if (c.holds() == 0) {
      words.count(c.steps(), "step");
    }
    String cost = words.out.isEmpty() ? "costs nothing that is seen" : String.join(", ", words.out);
    return cost + "; " + left(w);
  }

  private void length(double mm, String less, String more) {
    if (Math.abs(mm) >= NOTHING) {
      out.add(show.len(Math.abs(mm)) + " " + (mm > 0 ? less : more));
    }
  }

  private void count(int more, String what) {
    if (more != 0) {
      String number = Math.abs(more) == 1 ? "one" : Integer.toString(Math.abs(more));
      out.add(number + (more > 0 ? " more " : " less ") + what + (Math.abs(more) == 1 ? "" : "s"));
    }
  }

  private static String left(Way w) {
    if (w.stops() > 0) {
      return w.stops()
          + (w.stops() == 1 ? " thing still stands" : " things still stand")
          + " in the way";
    }
    return w.watches() == 0 ? "nothing left to mind" : w.watches() + " to watch";
  }
}
