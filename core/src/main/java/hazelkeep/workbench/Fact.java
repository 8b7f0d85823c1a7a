package hazelkeep.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Act;
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
   * @param acts what was cut and treated, with its regions frozen as they were planned then
   * @param dims the dimensions then, mm: they tell where the parts lay in the blank
   */
  record Done(StepKey step, List<Act> acts, Map<DimKey, Double> dims) implements Fact {}

  /**
   * A size was measured. It never edits the design.
   *
   * @param what the dimension
   * @param gauge the device
   * @param shown what the device showed, mm
   * @param truth the true length behind it, mm
   */
  record Reading(DimKey what, String gauge, double shown, double truth) implements Fact {}

  /**
   * The wood was found otherwise than planned.
   *
   * @param as what was found
   * @param gone the wood that is not there, in the blank's z
   * @param words the turner's own words
   * @param dims the dimensions then, mm
   */
  record Found(AsFound as, HalfSection gone, String words, Map<DimKey, Double> dims)
      implements Fact {}

  /**
   * A lost part is made again from a fresh blank, rounded and with its tenon cut.
   *
   * @param part which
   * @param stock the fresh wood, in the blank's z
   * @param dims the dimensions then, mm
   */
  record Replaced(String part, HalfSection stock, Map<DimKey, Double> dims) implements Fact {}

  /**
   * The design was changed while the run was open.
   *
   * @param version the design's version from here on
   */
  record Changed(int version) implements Fact {}

  /**
   * An earlier fact is taken back. Nothing is deleted.
   *
   * @param no its number
   */
  record Withdrawn(long no) implements Fact {}

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

  /** The last fact that can be taken back: what was done, measured, found or made again. */
  static Optional<Long> lastToTakeBack(List<Entry> log) {
    Set<Long> gone = withdrawn(log);
    return log.stream()
        .filter(e -> !(e.fact() instanceof Withdrawn || e.fact() instanceof Changed))
        .map(Entry::no)
        .filter(no -> !gone.contains(no))
        .reduce((first, second) -> second);
  }
}
