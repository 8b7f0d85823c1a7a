package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Measures;
import hazelkeep.piece.OnSection;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * The outside of a part between two of its stations: through any number of places, each a diameter
 * at a share of the height, by one straight line or by a smooth one.
 *
 * @param on its surface
 * @param height the size that it is high, which is its stretch of the blank too
 * @param word of its height on the drawing
 * @param rules of all its sizes
 * @param places from its low end to its high end
 * @param widest the size that says how wide it is
 * @param walls the wood beside what is bored in the part
 */
public record Side(
    SurfaceId on,
    DimKey height,
    String word,
    List<SizeRule> rules,
    List<Place> places,
    Place widest,
    Function<Built, BoreWalls> walls)
    implements Element, Outside {

  /** How a place's diameter is read again on what was drawn. */
  public enum Reads {
    /** Where the line begins. */
    FIRST,
    /** Where it ends. */
    LAST,
    /** The widest of it. */
    WIDEST,
    /** The narrowest of it above the place before. */
    NARROWEST
  }

  /**
   * A place of its line.
   *
   * @param key its diameter, as it is stated, dragged and read
   * @param drawn the diameter that the line goes through
   * @param label in the trade's words
   * @param share how high it is, as a share of the height
   * @param reads how it is read again
   * @param shown whether it hangs on the drawing
   * @param grip whether it can be dragged
   */
  public record Place(
      DimKey key,
      DimKey drawn,
      String label,
      ToDoubleFunction<Lay> share,
      Reads reads,
      boolean shown,
      boolean grip) {
    /** An end or a place of the line that is what it is called. */
    public static Place of(DimKey key, String label, ToDoubleFunction<Lay> share, Reads reads) {
      return new Place(key, key, label, share, reads, true, true);
    }

    /** The same, drawn by another size and therefore not shown. */
    public Place drawnBy(DimKey other) {
      return new Place(key, other, label, share, reads, false, grip);
    }

    /** The same, not on the line. */
    public Place still() {
      return new Place(key, drawn, label, share, reads, shown, false);
    }
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  private double foot(Lay lay) {
    return lay.at(Edge.from(height));
  }

  private double z(Lay lay, Place p) {
    return foot(lay) + p.share.applyAsDouble(lay) * lay.mm(height);
  }

  private Profile profile(Lay lay) {
    return lay.once(
        this,
        "profile",
        () -> {
          List<Point> through = new ArrayList<>();
          for (Place p : places) {
            double up = p.share.applyAsDouble(lay) * lay.mm(height);
            through.add(new Point(up, lay.mm(p.drawn) / 2));
          }
          return new Profile(
              through.size() == 2
                  ? List.of(new Curve.Line(through.get(0), through.get(1)))
                  : Profile.smooth(through));
        });
  }

  @Override
  public Polyline line(Lay lay) {
    return lay.once(this, "line", () -> profile(lay).between(0, lay.mm(height)).moved(foot(lay)));
  }

  @Override
  public double radius(Lay lay, double z) {
    return profile(lay).radius(z - foot(lay));
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    Polyline line = line(lay);
    double far = lay.far();
    part.outside(line)
        .surface(
            on.name(),
            Role.SHOW,
            line,
            HalfSection.closed(
                line, new Point(line.last().z(), far), new Point(line.first().z(), far)));
  }

  @Override
  public void measures(Built b, Measures m) {
    m.length(height.path(), word, foot(b), b.at(Edge.to(height)), on.part());
    m.outside(widest.key.path(), "⌀", z(b, widest), on.part());
    for (Place p : places) {
      if (p.shown && !p.key.equals(widest.key)) {
        m.outside(p.key.path(), "⌀ " + p.label, z(b, p), on.part());
      }
    }
  }

  @Override
  public List<Grip> grips(Built b) {
    BoreWalls beside = walls.apply(b);
    return places.stream()
        .filter(Place::grip)
        .map(p -> Grip.round(p.key, p.label, new Point(z(b, p), b.mm(p.key) / 2), beside))
        .toList();
  }

  @Override
  public void onSection(Built b, OnSection s) {
    s.along(height.path(), on.part(), on.name());
    s.across(widest.key.path(), on.part(), on.name());
    double below = Double.NEGATIVE_INFINITY;
    for (Place p : places) {
      double from = below;
      switch (p.reads) {
        case FIRST -> s.is(p.key.path(), 2 * s.first(on.part(), on.name()));
        case LAST -> s.is(p.key.path(), 2 * s.last(on.part(), on.name()));
        case WIDEST -> s.across(p.key.path(), on.part(), on.name());
        case NARROWEST -> s.is(p.key.path(), 2 * s.narrowest(on.part(), on.name(), z -> z > from));
      }
      below = z(b, p);
    }
  }
}
