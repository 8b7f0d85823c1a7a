package hazelkeep.web.workbench;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Plan;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A fact of the log in words.
 *
 * @param no its number
 * @param text what happened
 * @param withdrawn whether it was taken back
 */
public record LogLine(long no, String text, boolean withdrawn) {
  /** The log in words, the newest first. */
  static List<LogLine> of(List<Entry> log, Plan<?> plan, Show show) {
    Set<Long> withdrawn = Fact.withdrawn(log);
    List<LogLine> out = new ArrayList<>();
    for (Entry e : log) {
      String text = words(e.fact(), plan, show);
      if (!text.isEmpty()) {
        out.add(0, new LogLine(e.no(), text, withdrawn.contains(e.no())));
      }
    }
    return out;
  }

  private static String words(Fact fact, Plan<?> plan, Show show) {
    if (fact instanceof Fact.Done d) {
      return "Done: " + plan.route().step(d.step()).map(Step::title).orElse(d.step().path());
    }
    if (fact instanceof Fact.Reading r) {
      Dim dim = plan.aim().dims().get(r.what());
      String name = dim == null ? r.what().path() : dim.label();
      String shown =
          r.shown() == r.truth()
              ? ""
              : ", the " + r.gauge() + " showed " + show.unit().showFit(r.shown());
      return "Measured: " + name + " " + show.fit(r.truth()) + shown;
    }
    if (fact instanceof Fact.Found f) {
      String size = f.as().value() > 0 ? " " + show.len(f.as().value()) : "";
      String words = f.words().isEmpty() ? "" : ": " + f.words();
      return "Found: " + f.as().part() + ", " + f.as().what().word() + size + words;
    }
    if (fact instanceof Fact.Replaced r) {
      return "Made again from a fresh blank: " + r.part();
    }
    if (fact instanceof Fact.Changed) {
      return "The design was changed";
    }
    return fact instanceof Fact.Paused p ? "Stopped for now. Next: " + p.next() : "";
  }
}
