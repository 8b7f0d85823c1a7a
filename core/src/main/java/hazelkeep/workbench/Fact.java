package hazelkeep.workbench;

import hazelkeep.fit.Seen;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Act;
import hazelkeep.route.Mounting;
import hazelkeep.route.StepKey;
import hazelkeep.solid.HalfSection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Something that happened at the bench. Facts are only ever added. */
public sealed interface Fact {
  /**
   * A step was done.
   *
   * @param step which
   * @param title what it was called, in the trade's words
   * @param mounting how the work was held; empty in logs from before it was noted
   * @param acts what was cut and treated, with its regions frozen as they were planned then; marks
   *     that mounting left come first
   * @param dims the dimensions then, mm
   * @param where where the parts lay then
   * @param blank the blank, with the first step of a run
   */
  record Done(
      StepKey step,
      String title,
      Optional<Mounting> mounting,
      List<Act> acts,
      Map<DimKey, Double> dims,
      Where where,
      Optional<Stock> blank)
      implements Fact {
    /** What older logs leave out is empty. */
    public Done {
      title = title == null ? "" : title;
      mounting = mounting == null ? Optional.empty() : mounting;
      acts = List.copyOf(acts);
      where = where == null ? Where.UNSAID : where;
      blank = blank == null ? Optional.empty() : blank;
    }
  }

  /**
   * A size was measured. It never edits the design.
   *
   * @param what the dimension
   * @param gauge the device
   * @param shown what the device showed, mm
   * @param truth the true length behind it, mm
   * @param settles whether the size is to stay so and the rest follows it; else there is still wood
   *     to cut, and only the stock is known better
   * @param mended how the wood was made to agree, here and wherever else something measured moved
   *     with it; empty where a size has no place on the wood
   * @param where where the parts lay then
   */
  record Reading(
      DimKey what,
      String gauge,
      double shown,
      double truth,
      boolean settles,
      List<Mended> mended,
      Where where)
      implements Fact {
    /** What older logs leave out: a reading settled its size. */
    public Reading {
      mended = mended == null ? List.of() : List.copyOf(mended);
      where = where == null ? Where.UNSAID : where;
    }

    /** A reading that settles its size and touches no wood. */
    public Reading(DimKey what, String gauge, double shown, double truth) {
      this(what, gauge, shown, truth, true, List.of(), Where.UNSAID);
    }
  }

  /**
   * The wood was found otherwise than planned.
   *
   * @param as what was found
   * @param gone the wood that is not there, in the blank's z
   * @param words the turner's own words
   * @param dims the dimensions then, mm
   * @param where where the parts lay then
   * @param now sizes that were read before and measure otherwise since: depths from a mouth that is
   *     further down now
   * @param reaches where sound wood begins beside something that takes none of it: mm from the
   *     axis, or from the part's plane for a rim
   */
  record Found(
      AsFound as,
      HalfSection gone,
      String words,
      Map<DimKey, Double> dims,
      Where where,
      Map<DimKey, Double> now,
      double reaches)
      implements Fact {
    /** What older logs leave out is empty. */
    public Found {
      where = where == null ? Where.UNSAID : where;
      now = now == null ? Map.of() : Map.copyOf(now);
    }
  }

  /**
   * A lost part is made again from a fresh blank.
   *
   * @param part which
   * @param stock the fresh wood, in the blank's z
   * @param dims the dimensions then, mm
   * @param where where the parts lay then
   * @param raw whether it is still to be rounded, faced and given its tenon
   */
  record Replaced(
      String part, HalfSection stock, Map<DimKey, Double> dims, Where where, boolean raw)
      implements Fact {
    /** What older logs leave out is empty. */
    public Replaced {
      where = where == null ? Where.UNSAID : where;
    }
  }

  /**
   * The design was changed while the run was open.
   *
   * @param version the design's version from here on
   * @param before its version before; 0 where that was not noted
   */
  record Changed(int version, int before) implements Fact {}

  /**
   * An earlier fact is taken back. Nothing is deleted.
   *
   * @param no its number
   */
  record Withdrawn(long no) implements Fact {}

  /**
   * Something seen on the way to a fit: a diameter, what a trial did, what was taken off.
   *
   * @param joint the joint's name
   * @param seen what was seen
   * @param device with which it was measured; empty where it was not
   */
  record Tried(String joint, Seen seen, String device) implements Fact {
    /** What is left out is empty. */
    public Tried {
      device = device == null ? "" : device;
    }
  }

  /**
   * How far work ran out after it was gripped again.
   *
   * @param step the first that was done in that hold
   * @param side how far it ran out a side, mm
   */
  record RunOut(StepKey step, double side) implements Fact {
    private static final double MOST = 20;

    /**
     * @throws Refused when nothing in jaws runs out so far
     */
    public RunOut {
      if (!(side >= 0 && side < MOST)) {
        throw new Refused(Wording.of("fact.work-runs-out-by-0"));
      }
    }
  }

  /**
   * Work stopped for now.
   *
   * @param next what comes next, in the turner's words
   */
  record Paused(String next) implements Fact {}

  /** Numbers of the facts that were taken back. */
  static Set<Long> withdrawn(List<Entry> log) {
    Set<Long> out = new HashSet<>();
    for (Entry e : log) {
      if (e.fact() instanceof Withdrawn w) {
        out.add(w.no());
      }
    }
    return out;
  }

  /**
   * What the one who stopped said comes next; empty when work went on since, or nothing was said.
   */
  static Optional<String> left(List<Entry> log) {
    Fact last = log.isEmpty() ? null : log.get(log.size() - 1).fact();
    return last instanceof Paused p
        ? Optional.of(p.next()).filter(n -> !n.isBlank())
        : Optional.empty();
  }

  /** The last thing that happened and stands: done, measured, found, made again or changed. */
  static Optional<Entry> lastToTakeBack(List<Entry> log) {
    Set<Long> gone = withdrawn(log);
    return log.stream()
        .filter(e -> !(e.fact() instanceof Withdrawn))
        .filter(e -> !(e.fact() instanceof Changed c && c.before() == 0))
        .filter(e -> !gone.contains(e.no()))
        .reduce((first, second) -> second);
  }
}
