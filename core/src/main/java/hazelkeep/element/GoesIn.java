package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Standing;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.wood.Part;
import java.util.Optional;

/**
 * What must go in.
 *
 * @param diameter of a piece, or over a bundle
 * @param height how long it is
 * @param proud how far it stands out of an open mouth
 * @param bundle whether it is a bundle, which does not reach into a bit's point
 * @param bore the diameter that it goes into
 * @param part with the bore
 * @param lid what closes it; empty where it stays open
 * @param play round it, a side
 */
public record GoesIn(
    Optional<Size> diameter,
    Optional<Size> height,
    Optional<Size> proud,
    boolean bundle,
    DimKey bore,
    String part,
    Optional<String> lid,
    Line play)
    implements Element {
  /** How far from the wall of the bore its floor is looked at, mm. */
  private static final double BESIDE = 0.2;

  /** Lengths that differ by less read alike: nobody can measure it, mm. */
  private static final double SAME = 0.01;

  /** Less than this is no more to be seen, mm. */
  private static final double SEEN = 0.5;

  @Override
  public void check(Built b, Told told) {
    diameter
        .map(Size::mm)
        .filter(d -> d > b.mm(bore) + SAME)
        .ifPresent(d -> told.found(Entry.CONTENT_WIDE.told(Grade.STOP, b.mm(bore), d), part, null));
    height.map(Size::mm).ifPresent(h -> tall(b, told, h));
  }

  private void tall(Built b, Told told, double high) {
    if (lid.isPresent()) {
      double room = room(b);
      if (high > room + SAME) {
        told.found(
            Entry.CONTENT_TALL.told(
                Grade.STOP,
                room,
                high,
                bundle
                    ? Wording.of("goesIn.a-bundle-does-not-reach")
                    : Wording.of("goesIn.with-the-lid-on-there")),
            part,
            null);
      }
      return;
    }
    double stands = high - depth(b);
    double want = proud.map(Size::mm).orElse(0.0);
    if (stands < want - SEEN) {
      told.found(Entry.CONTENT_PROUD.told(Grade.WATCH, stands, want), part, null);
    }
  }

  /** The room inside, closed, mm. */
  private double room(Built b) {
    double wide = b.mm(bore) / 2 - BESIDE;
    double radius = bundle ? wide : diameter.map(Size::mm).orElse(2 * wide) / 2;
    return Standing.room(b.part(part), b.part(lid.orElseThrow()), radius, wide);
  }

  /** How deep it stands, read from the drawn section, mm. */
  private double depth(Built b) {
    double wide = b.mm(bore) / 2 - BESIDE;
    Part p = b.part(part);
    double radius = bundle ? wide : diameter.map(s -> s.mm() / 2).orElse(wide);
    return p.target().in(p.closed()).maxZ() - Standing.floor(p, radius);
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    Entry e = f.verdict().entry();
    if (e == Entry.CONTENT_WIDE || e == Entry.CONTENT_PROUD || e == Entry.CONTENT_TALL) {
      r.set(bore, f.verdict().limit() + 2 * b.custom(play));
    }
  }
}
