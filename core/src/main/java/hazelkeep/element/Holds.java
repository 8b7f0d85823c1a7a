package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.Optional;

/**
 * How much something shall hold, read on what was drawn.
 *
 * @param part whose hollow it is
 * @param ml what it shall hold; empty where nobody asked
 * @param below how far the line lies below the brim, mm; 0 for the brim
 * @param saves sizes that make room, best first
 */
public record Holds(String part, Optional<Double> ml, double below, List<DimKey> saves)
    implements Element {
  private static final double ML = 1000;
  private static final double PERCENT = 100;

  /** What is tried to make room, mm. */
  private static final double STEP = 3;

  @Override
  public void check(Built b, Told told) {
    ml.filter(wished -> has(b) < wished * (1 - b.custom(Line.CONTENT_LACKS) / PERCENT))
        .ifPresent(
            wished -> told.found(Entry.CONTENT_LESS.told(Grade.STOP, has(b), wished), part, null));
  }

  private double has(Built b) {
    HalfSection hollow = Properties.hollow(b.part(part));
    double full = b.part(part).target().maxZ() - below;
    return hollow.and(HalfSection.box(0, full, 0, HalfSection.FAR)).volume() / ML;
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (f.verdict().entry() == Entry.CONTENT_LESS) {
      for (int times = 1; times <= 4; times *= 2) {
        for (DimKey key : saves) {
          r.more(times * STEP, key);
        }
      }
    }
  }
}
