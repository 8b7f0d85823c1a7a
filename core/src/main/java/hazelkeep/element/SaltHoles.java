package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Point;
import java.util.List;

/**
 * Holes in a top, evenly on a circle, that open into the hollow under it.
 *
 * @param part they are in
 * @param count how many
 * @param rules of their sizes: how wide, on which circle
 * @param hollow how wide the hollow is
 * @param top where they are
 */
public record SaltHoles(String part, int count, List<SizeRule> rules, DimKey hollow, Edge top)
    implements Element {
  /** How wide each is; 0 for none. */
  public static final DimKey DIAMETER = new DimKey("holes.diameter");

  /** The circle that they are on. */
  public static final DimKey CIRCLE = new DimKey("holes.circle");

  /** How far inside the edge of the hollow they are put, mm. */
  private static final double CLEAR = 0.2;

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  @Override
  public void check(Built b, Told told) {
    double d = b.mm(DIAMETER);
    double circle = b.mm(CIRCLE);
    if (d <= 0) {
      return;
    }
    Point at = new Point(b.at(top), circle / 2);
    if (count > 1) {
      double between = circle * Math.sin(Math.PI / count) - d;
      told.thin(Entry.SALT_HOLES_CLOSE, between, b.custom(Line.WALL_SALT_HOLES), part, at);
    }
    if (circle + d > b.mm(hollow)) {
      told.found(Entry.HOLES_MISS.told(Grade.STOP, circle + d, b.mm(hollow)), part, at);
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (f.verdict().entry() == Entry.SALT_HOLES_CLOSE) {
      r.more(Math.max(1, 1.2 * f.lack()), CIRCLE).more(-f.lack(), DIAMETER);
    }
    if (f.verdict().entry() == Entry.HOLES_MISS) {
      r.set(CIRCLE, b.mm(hollow) - b.mm(DIAMETER) - CLEAR);
    }
  }

  /** Drilled on the bench. */
  public void drill(SetupDraft s, Work w) {
    Built b = w.built();
    if (b.mm(DIAMETER) > 0) {
      s.step(
          "holes",
          Wording.of("saltHoles.drill-the-holes-in-the"),
          Wording.of(
              "saltHoles.holes-of-evenly-on-a",
              count,
              Dims.both(b.mm(DIAMETER)),
              Dims.both(b.mm(CIRCLE))),
          Speeds.At.TURNING,
          new Act.Mark(part, "holes"));
    }
  }
}
