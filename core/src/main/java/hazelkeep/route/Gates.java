package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What must be done while a hold still reaches it. A gate is the end of a setup: what was possible
 * there and is not later has had its last chance.
 */
final class Gates {
  private final Rehearsal played;
  private final Reaching reaching;
  private final List<Stage> gates = new ArrayList<>();

  Gates(Rehearsal played, Reaching reaching) {
    this.played = played;
    this.reaching = reaching;
    List<Stage> stages = played.stages();
    for (int i = 0; i < stages.size(); i++) {
      if (i + 1 == stages.size() || stages.get(i + 1).setup() != stages.get(i).setup()) {
        gates.add(stages.get(i));
      }
    }
  }

  /** Findings for every need that is still unmet at the end. */
  List<Finding> unmet() {
    List<Finding> out = new ArrayList<>();
    for (Part part : played.aim().parts()) {
      if (played.end().stock(part).isEmpty()) {
        continue;
      }
      for (Surface s : part.surfaces()) {
        for (Doing doing : s.needs()) {
          // What is not cut can't be sanded, and what is not sanded is told before its finish.
          if (!played.end().surf(s.id()).met(doing)) {
            out.add(finding(s, doing));
            break;
          }
        }
      }
    }
    return out;
  }

  private Finding finding(Surface s, Doing doing) {
    int last = lastGate(s, doing, 0);
    int lathe = last;
    while (lathe >= 0 && !gates.get(lathe).setup().hold().onLathe()) {
      lathe = lathe == 0 ? -1 : lastGateUpTo(s, doing, lathe - 1);
    }
    boolean ever = last >= 0;
    Stage at = ever ? gates.get(lathe >= 0 ? lathe : last) : null;
    boolean owed = doing == Doing.CUT || doing == Doing.GLUE;
    Grade grade = !ever || owed ? Grade.STOP : Grade.WATCH;
    String by = last > lathe && lathe >= 0 ? " " + Wording.of("gates.afterwards-by-hand-only") : "";
    Verdict v =
        ever
            ? LAST.get(doing).told(grade, s.id().part(), s.id().name(), by, at.setup().title())
            : Entry.NO_HOLD_REACHES.told(
                grade,
                s.id().part(),
                s.id().name(),
                doing == Doing.CUT ? "not cut to size" : "never " + doing.done());
    return new Finding(
        v,
        ever
            ? Optional.of(at.step().key())
            : gates.isEmpty()
                ? Optional.empty()
                : Optional.of(gates.get(gates.size() - 1).step().key()),
        s.id().part(),
        s.id().name(),
        Optional.of(s.line().points().get(s.line().points().size() / 2)),
        v.helps(false),
        List.of());
  }

  private static final Map<Doing, Entry> LAST =
      Map.of(
          Doing.CUT, Entry.LAST_CUT,
          Doing.SAND, Entry.LAST_SAND,
          Doing.FINISH, Entry.LAST_FINISH,
          Doing.GLUE, Entry.LAST_GLUE);

  private boolean workable(int gate, Surface s, Doing doing) {
    Stage g = gates.get(gate);
    if (doing != Doing.CUT && !g.after().surf(s.id()).bare()) {
      return false;
    }
    return reaching.of(g.setup(), g.after(), s, doing).workable();
  }

  private int lastGate(Surface s, Doing doing, int from) {
    for (int g = gates.size() - 1; g >= from; g--) {
      if (workable(g, s, doing)) {
        return g;
      }
    }
    return -1;
  }

  private int lastGateUpTo(Surface s, Doing doing, int to) {
    for (int g = to; g >= 0; g--) {
      if (workable(g, s, doing)) {
        return g;
      }
    }
    return -1;
  }

  /** For every need, the last gate on the lathe at which it can be met. */
  List<LastChance> lastChances() {
    List<LastChance> out = new ArrayList<>();
    for (Part part : played.aim().parts()) {
      for (Surface s : part.surfaces()) {
        for (Doing doing : s.needs()) {
          int last = lastOnLathe(s, doing);
          boolean done = last >= 0 && gates.get(last).after().surf(s.id()).met(doing);
          // What is pared on the bench afterwards missed nothing.
          boolean later = !done && doing == Doing.CUT && played.end().surf(s.id()).met(doing);
          if (last >= 0 && !later) {
            int setup = played.route().setups().indexOf(gates.get(last).setup());
            out.add(new LastChance(setup, s.id(), doing, done));
          }
        }
      }
    }
    return out;
  }

  private int lastOnLathe(Surface s, Doing doing) {
    for (int g = gates.size() - 1; g >= 0; g--) {
      if (gates.get(g).setup().hold().onLathe() && workable(g, s, doing)) {
        return g;
      }
    }
    return -1;
  }
}
