package hazelkeep.web.workbench;

import hazelkeep.fit.Seen;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Plan;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
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

  /** A fact in words. */
  static String words(Fact fact, Plan<?> plan, Show show) {
    if (fact instanceof Fact.Done d) {
      return "Done: "
          + (d.title().isEmpty()
              ? plan.route().step(d.step()).map(Step::title).orElse(d.step().path())
              : d.title());
    }
    if (fact instanceof Fact.Reading r) {
      return measured(r, plan, show);
    }
    if (fact instanceof Fact.Found f) {
      return found(f, show);
    }
    if (fact instanceof Fact.Replaced r) {
      return Sentences.of("logLine.made-again-from-a-fresh", r.part());
    }
    if (fact instanceof Fact.Changed) {
      return "The design was changed";
    }
    if (fact instanceof Fact.RunOut r) {
      return Sentences.of("logLine.ran-out-after-gripping-again", show.fit(r.side()));
    }
    if (fact instanceof Fact.Tried t) {
      return tried(t.seen(), show);
    }
    return fact instanceof Fact.Paused p ? "Stopped for now. Next: " + p.next() : "";
  }

  private static String measured(Fact.Reading r, Plan<?> plan, Show show) {
    Dim dim = plan.aim().dims().get(r.what());
    String name = dim == null ? r.what().path() : dim.label();
    String shown =
        r.shown() == r.truth()
            ? ""
            : ", the " + r.gauge() + " showed " + show.unit().showFit(r.shown());
    String more = r.settles() ? "" : ", still to cut";
    return "Measured: " + name + " " + show.fit(r.truth()) + shown + more;
  }

  /** Something seen on the way to a fit, in words. */
  static String tried(Seen s, Show show) {
    if (!s.what().measured()) {
      return "Tried: " + s.what().words();
    }
    String value =
        s.what() == Seen.What.SINKS ? Rounding.text(s.value(), 1) + " s" : show.fit(s.value());
    return (s.what().trial() ? "Tried: " : s.what().cut() ? "Taken off: " : "Measured: ")
        + s.what().words()
        + ", "
        + value;
  }

  private static String found(Fact.Found f, Show show) {
    AsFound as = f.as();
    StringBuilder out = new StringBuilder("Found: " + as.part() + ", " + as.what().word());
    if (as.value() > 0) {
      out.append(' ').append(show.len(as.value()));
    }
    if (as.to() > as.at()) {
      out.append(" from ").append(show.bare(as.at())).append(" to ").append(show.len(as.to()));
    } else if (as.at() > 0) {
      out.append(" at ").append(show.len(as.at()));
    }
    if (as.degrees() > 0) {
      out.append(", ").append(as.degrees()).append("° from the mark");
    }
    if (as.round() && as.what().says().contains(AsFound.Says.ROUND)) {
      out.append(", turned off all round");
    }
    return f.words().isEmpty() ? out.toString() : out + ": " + f.words();
  }
}
