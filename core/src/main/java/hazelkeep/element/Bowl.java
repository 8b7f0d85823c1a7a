package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Sane;
import hazelkeep.practice.Line;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * A hollow that is open at its rim and follows the outside by a wall, down to a floor that is
 * rounded into it: the bowl of a goblet. A depth hole is bored first, then it is hollowed from the
 * middle outwards.
 */
public final class Bowl extends Hollowed {
  /** How far apart heights of its line are, mm. */
  private static final double STEP = 1;

  /** The point of the depth hole stays so far over the floor, mm. */
  private static final double OVER = 0.5;

  private final DimKey round;
  private final Line hole;

  /**
   * A bowl.
   *
   * @param round the size that its floor is rounded over
   * @param hole how wide the depth hole is
   */
  public Bowl(
      HolePlace place, HoleSizes sizes, WoodLeft left, Follows follows, DimKey round, Line hole) {
    super(place, sizes, left, follows.side, follows.wall, lay -> lay.at(place.mouth()));
    this.round = round;
    this.hole = hole;
  }

  /**
   * What its line follows.
   *
   * @param side the outside
   * @param wall the size of the wall between
   */
  public record Follows(Outside side, DimKey wall) {}

  /**
   * The line of a bowl inside, from its rim down to its floor on the axis.
   *
   * @param outside the radius at a height over the outside's low end, mm
   * @param high how high the outside is
   * @param wall the wall to it
   * @param deepest how high its floor lies; a bowl that is no bowl is drawn a hair deep
   * @param round over how much of its depth the floor is rounded
   */
  public static List<Point> inside(
      DoubleUnaryOperator outside, double high, double wall, double deepest, double round) {
    double floor = Math.min(deepest, high - 2 * STEP);
    double corner = Math.max(STEP, Math.min(round, high - floor - STEP));
    double[] grid = Hollowed.radii(outside, high);
    double across = within(grid, floor + corner, wall);
    List<Point> p = new ArrayList<>();
    for (double z = high; z > floor + corner; z -= STEP) {
      p.add(new Point(z, Math.max(LEAST, within(grid, z, wall))));
    }
    Curve arc = new Curve.Arc(new Point(floor + corner, 0), corner, across, 180, 90);
    for (Point q : new Profile(List.of(arc)).flat().reversed().points()) {
      p.add(new Point(q.z(), Math.min(q.r(), Math.max(0, within(grid, q.z(), wall)))));
    }
    return p;
  }

  /** No bowl is narrower, mm. */
  private static final double LEAST = 0.5;

  /** Its floor is rounded by a size of its own. */
  @Override
  public List<SizeRule> sizes() {
    return hole();
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    saneHole(lay, sane);
  }

  /** The depth hole ends over the floor, its point counted. */
  @Override
  protected Bore bore(Lay lay, ToDoubleFunction<DimKey> mm) {
    double wide = lay.custom(hole);
    double tip =
        lay.once(
            this,
            "tip",
            () -> BoringPlan.of(Bore.plain("bore", wide, lay.due(depth())), lay.shop()).tip());
    return Bore.plain(place().name(), wide, mm.applyAsDouble(depth()) - tip - OVER);
  }

  @Override
  protected List<Point> points(Lay lay) {
    Polyline line = side().line(lay);
    double foot = line.first().z();
    double rim = line.last().z() - foot;
    double floor = rim - lay.mm(depth());
    List<Point> p = new ArrayList<>();
    for (Point q :
        inside(z -> side().radius(lay, foot + z), rim, lay.mm(wall()), floor, lay.mm(round))) {
      p.add(new Point(foot + q.z(), q.r()));
    }
    return p;
  }

  /** How wide it opens, as a radius, mm. */
  public double mouth(Lay lay) {
    return line(lay).first().r();
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    HalfSection room = HalfSection.closed(line(lay), new Point(place().top(lay), 0));
    part.inside(place().on().name(), Role.SHOW, line(lay), room).hollow(room);
  }

  /** What follows its outside is bound by no bore. */
  @Override
  public HalfSection keep(Built b) {
    return HalfSection.EMPTY;
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double mouth = b.at(place().mouth());
    double floor = place().below(b, b.mm(depth()));
    SurfaceId on = place().on();
    d.size(diameter(), on).first().inside("⌀ mouth", mouth - STEP).recorded();
    d.size(depth(), on)
        .reads(s -> place().deep(b, s.low(on)))
        .deep("deep", floor, mouth, mouth(b))
        .corrects(Feature.Kind.SHAPE)
        .recorded()
        .grip(() -> grip(b, new Point(floor, b.mm(diameter()) / 2)));
    d.size(wall(), on).recorded();
    floorDimension(b, d);
  }

  @Override
  public void hollow(SetupDraft s, Work w) {
    s.step(
        "hollow",
        "Hollow the bowl",
        Wording.of("bowl.from-the-depth-hole-outwards"),
        Speeds.At.TURNING,
        w.acts().bare(0, place().on().part(), place().on().name()),
        w.deep(depth(), Wording.of("any.from-the-rim-to-the")));
  }
}
