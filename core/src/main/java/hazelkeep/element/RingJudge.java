package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Figure;
import java.util.Comparator;
import java.util.List;

/**
 * What would go wrong with captive rings, and what helps.
 *
 * @param zone where they are
 * @param b the piece that was drawn
 */
record RingJudge(RingZone zone, Built b) {
  /** What would go wrong with the rings. */
  void check(Told told) {
    int count = zone.places();
    RingCut c = zone.cut(b);
    double[] z = zone.zone(b);
    int fit = c.fit(z[1] - z[0]);
    Point first = new Point(zone.middles(b).get(0), c.outer());
    if (fit < count) {
      tell(told, Entry.RINGS_FIT.told(Grade.STOP, fit, count), first);
    } else {
      near(z, told);
    }
    if (c.straight() < 0) {
      tell(told, Entry.RING_DEEP.told(Grade.STOP, c.ridge(), c.outer() - c.inner()), first);
    }
    double stem = zone.room().stem().stream().mapToDouble(b::mm).max().orElse(0);
    double most = Math.max(0, 2 * (c.lowest() - b.custom(Line.RING_CLEAR)));
    if (stem > most) {
      tell(told, Entry.RING_STEM.told(Grade.STOP, stem, most), first);
    }
    double keeps = Math.min(b.mm(zone.room().keeps().low()), b.mm(zone.room().keeps().high()));
    // The ridge is sanded round: what is left is as wide as the straight sides.
    double open = 2 * (c.inner() + Math.min(c.ridge(), c.outer() - c.inner()));
    if (open >= keeps) {
      tell(told, Entry.RING_FALLS.told(Grade.STOP, open, keeps), first);
    }
    if (zone.count() % 2 == 0) {
      tell(told, Entry.RINGS_EVEN.told(Grade.NOTE, zone.count(), 0), first);
    }
    swings(c, told, first);
    weak(c, told, first);
  }

  /**
   * How far a free ring hangs out under the stem once that is down to size: by half of what its
   * inside is wider than the stem at its thinnest beneath the rings. Further than the rest stands
   * off, it strikes it at every turn.
   */
  private void swings(RingCut c, Told told, Point first) {
    HalfSection stem = b.part(zone.room().on().part()).target();
    List<Double> at = zone.middles(b);
    double least = Double.POSITIVE_INFINITY;
    for (double z = at.get(0); z <= at.get(at.size() - 1); z += LOOK) {
      least = Math.min(least, stem.outer(z));
    }
    double out = c.inner() - least;
    double rest = b.custom(Line.RING_REST);
    if (out > rest) {
      tell(told, Entry.RING_SWINGS.told(Grade.NOTE, out, rest), first);
    }
  }

  /** How far apart the stem is looked at, mm. */
  private static final double LOOK = 0.5;

  /** Rings that were put too near to an end, and how far they may go there. */
  private void near(double[] z, Told told) {
    List<Double> at = zone.middles(b);
    double low = b.at(Edge.from(zone.room().along()));
    double half = (at.get(at.size() - 1) - at.get(0)) / 2;
    double from = z[0] + half - low;
    double to = z[1] - half - low;
    double is = b.mm(RingZone.AT);
    if (is < from - SAME || is > to + SAME) {
      tell(
          told,
          Entry.RINGS_NEAR.told(Grade.STOP, is, is < from ? from : to, is < from ? "foot" : "bowl"),
          new Point(at.get(0), b.mm(RingZone.OUT) / 2));
    }
  }

  /** Lengths that differ by less are one, mm. */
  private static final double SAME = 1e-3;

  /**
   * The force at which it breaks across the grain, by what is known of the wood or estimated from
   * its density: of several the weakest.
   */
  private void weak(RingCut c, Told told, Point first) {
    zone.rings().stream()
        .map(r -> b.aim().wood(r.name()))
        .flatMap(w -> w.tensionAcross().or(w::estimatedTensionAcross).stream())
        .min(Comparator.comparingDouble(Figure::value))
        .map(strength -> strength.value() / c.squeezed(1))
        .ifPresent(
            breaks ->
                told.thin(
                    Entry.RING_WEAK,
                    breaks,
                    b.custom(Line.RING_SQUEEZE),
                    zone.room().on().part(),
                    first));
  }

  private void tell(Told told, Verdict v, Point at) {
    told.found(v, zone.room().on().part(), at);
  }

  /** Ways out, best first. */
  void remedies(Finding f, Tries r) {
    int count = zone.places();
    switch (f.verdict().entry()) {
      case RINGS_FIT -> {
        double pitch = b.mm(RingZone.WIDE) + b.mm(RingZone.SLOT);
        double less = pitch * f.lack() / count;
        r.more(-less, RingZone.WIDE).more(-less, RingZone.SLOT);
        r.more(pitch * f.lack(), zone.room().along());
      }
      case RINGS_NEAR -> r.set(RingZone.AT, f.verdict().limit());
      case RING_DEEP -> r.more(1, RingZone.SLOT).more(2, RingZone.SLOT).more(2, RingZone.IN);
      case RING_STEM -> r.more(-f.lack(), RingZone.IN, RingZone.OUT);
      case RING_FALLS -> r.more(f.lack() - 1, RingZone.IN);
      case RING_WEAK -> r.more(1, RingZone.WIDE).more(2, RingZone.WIDE).more(-2, RingZone.IN);
      case PART_GIVEN_UP -> spare(r);
      default -> {}
    }
  }

  /** A ring that broke: its spare is freed in its stead. */
  private void spare(Tries r) {
    if (zone.spare() == RingZone.Spare.KEPT) {
      r.choose("spare", RingZone.Spare.FREED.name());
    }
  }
}
