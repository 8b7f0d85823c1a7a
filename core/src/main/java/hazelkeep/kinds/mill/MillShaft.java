package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillSizes.BORE;
import static hazelkeep.kinds.mill.MillSizes.HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.SHAFT;
import static hazelkeep.kinds.mill.MillSizes.SHAFT_LONG;
import static hazelkeep.kinds.mill.MillSizes.SUNK;
import static hazelkeep.kinds.mill.MillSizes.THREAD;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.SizeRule;
import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The bought shaft that goes through a mill, with the thread of its nut.
 *
 * @param rules of its sizes
 * @param part that its thread looks out of
 * @param top where it does
 * @param high how high the closed mill was drawn
 */
record MillShaft(List<SizeRule> rules, String part, Edge top, ToDoubleFunction<OnSection> high)
    implements Element {
  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  /** A bore so much wider than the shaft is room for corns, mm. */
  private static final double ROOM = 10;

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  /** Whether what was bought goes together. */
  @Override
  public void check(Built b, Told told) {
    double shaft = b.mm(SHAFT);
    if (shaft <= 0) {
      return;
    }
    Point at = new Point(b.at(top), 0);
    double free = shaft + b.custom(Line.CONTENT_SHAFT);
    if (b.mm(HOLE) < free - SAME) {
      told.found(Entry.PARTS_JAM_HOLE.told(Grade.STOP, b.mm(HOLE), free), part, at);
    }
    double thread = b.mm(THREAD) + SAME;
    told.thin(Entry.THREAD_SHORT, thread, b.custom(Line.CONTENT_THREAD), part, at);
    if (shaft >= b.mm(BORE)) {
      told.found(Entry.PARTS_JAM_BORE.told(Grade.STOP, b.mm(BORE), shaft), MillParts.BODY, null);
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    switch (f.verdict().entry()) {
      case PARTS_JAM_HOLE, PARTS_JAM_BORE ->
          r.set(HOLE, f.verdict().limit()).set(BORE, b.mm(SHAFT) + ROOM);
      case THREAD_SHORT -> r.more(-f.lack(), HEIGHT);
      default -> {}
    }
  }

  /** It stands on the foot's own plane less what is sunk: so much of it looks out at the top. */
  @Override
  public void dimensions(Built b, Dimensions d) {
    Dimension out = d.size(THREAD, "").recorded();
    if (b.mm(SHAFT_LONG) > 0) {
      out.reads(s -> b.mm(SUNK) + b.mm(SHAFT_LONG) - high.applyAsDouble(s));
    }
  }
}
