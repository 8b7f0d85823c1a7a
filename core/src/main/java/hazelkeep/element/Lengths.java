package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tries;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * An outside that is turned in lengths, each a surface of its own that is cut, sanded and finished
 * before the next: a thin stem from the bowl down.
 *
 * @param side the line of all of it
 * @param one the surface of a length that is always there
 * @param lengths where it is divided
 */
public record Lengths(Side side, String one, Function<Lay, List<Length>> lengths)
    implements Element, Outside {
  /**
   * One length.
   *
   * @param name of its surface
   * @param from its low end, in the blank's z
   * @param to its high end
   */
  public record Length(String name, double from, double to) {}

  /** Its lengths from the high end down. */
  public List<Length> of(Lay lay) {
    return lay.once(this, "lengths", () -> lengths.apply(lay));
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    part.outside(line(lay));
    for (Length l : of(lay)) {
      Polyline line = side.between(lay, l.from, l.to);
      Point low = new Point(line.first().z(), lay.far());
      Point high = new Point(line.last().z(), lay.far());
      part.surface(l.name, Role.SHOW, line, HalfSection.closed(line, high, low));
    }
  }

  @Override
  public Polyline line(Lay lay) {
    return side.line(lay);
  }

  @Override
  public DimKey across(boolean high) {
    return side.across(high);
  }

  @Override
  public double radius(Lay lay, double z) {
    return side.radius(lay, z);
  }

  @Override
  public List<SizeRule> sizes() {
    return side.sizes();
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    side.sane(lay, sane);
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    side.remedies(b, f, r);
  }

  /**
   * Its line is put together again from what each length was drawn as; what is read on it counts
   * until the first length is cut again.
   */
  @Override
  public void dimensions(Built b, Dimensions d) {
    SurfaceId first = new SurfaceId(side.on().part(), one);
    side.dimensions(b, d, new Side.Read(s -> drawn(b), Optional.of(first)));
  }

  private Polyline drawn(Built b) {
    Part part = b.part(side.on().part());
    List<Length> of = of(b);
    List<Point> all = new ArrayList<>(under(b, part, of.get(of.size() - 1).from));
    for (int i = of.size() - 1; i >= 0; i--) {
      all.addAll(part.surface(of.get(i).name).line().points());
    }
    return new Polyline(all);
  }

  /** What lies under its lowest length and is never turned, as it was drawn. */
  private List<Point> under(Built b, Part part, double to) {
    double from = side.line(b).first().z();
    return to - from < SAME
        ? List.of()
        : List.of(
            new Point(from, part.target().outer(from + SAME)),
            new Point(to, part.target().outer(to - SAME)));
  }

  /** Heights nearer than this are one, mm. */
  private static final double SAME = 1e-3;
}
