package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Curve;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * A hollow behind a narrow mouth: a hole is bored, then a hooked bar on a rig widens it from there
 * until a wall is left that follows the outside.
 */
public class Hollowed extends Drilled {
  /** How high its floor's corner is, by what it is rounded. */
  public static final DimKey CORNER = new DimKey("hollow.corner");

  /** How far apart heights of its line are, mm. */
  private static final double STEP = 1;

  /** How far apart the outside is looked at for its distance, mm. */
  private static final double GRID = 0.5;

  /** What a floor keeps of its width within its corner, mm. */
  private static final double FLAT = 0.5;

  private final Outside side;
  private final DimKey wall;
  private final ToDoubleFunction<Lay> below;

  /**
   * A hollow at the place of the hole that it is widened from.
   *
   * @param side the outside that it follows
   * @param wall the size of the wall between
   * @param below from where down it widens, in the blank's z; at 45 degrees at most, as a hooked
   *     bar that came in straight does
   */
  public Hollowed(
      HolePlace place,
      HoleSizes sizes,
      WoodLeft left,
      Outside side,
      DimKey wall,
      ToDoubleFunction<Lay> below) {
    super(place, sizes, left);
    this.side = side;
    this.wall = wall;
    this.below = below;
  }

  /** The hole ends above the floor's corner: bit and point stay in what is hollowed away. */
  @Override
  protected Bore bore(Lay lay, ToDoubleFunction<DimKey> mm) {
    double wide = lay.due(diameter());
    double tip =
        lay.once(
            this,
            "tip",
            () -> BoringPlan.of(Bore.plain("bore", wide, lay.due(depth())), lay.shop()).tip());
    double deep = mm.applyAsDouble(depth()) - Math.max(tip, corner(lay));
    return Bore.plain(place().name(), wide, deep);
  }

  /** The outside that it follows. */
  protected final Outside side() {
    return side;
  }

  /** The size of the wall between. */
  protected final DimKey wall() {
    return wall;
  }

  @Override
  public List<SizeRule> sizes() {
    List<SizeRule> out = new ArrayList<>(hole());
    out.add(new SizeRule(CORNER, "Corner at the floor", 0, 60, this::cornered));
    return out;
  }

  /** The sizes of the hole that it is widened from. */
  protected final List<SizeRule> hole() {
    return super.sizes();
  }

  private Rule.Value cornered(Dims<?> d) {
    double round = d.custom(Line.TURN_FLOOR_CORNER);
    return Rule.Value.practice(
        Math.min(round, d.planned(depth()) / 4), Line.TURN_FLOOR_CORNER.text().source());
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    saneHole(lay, sane);
    sane.below(CORNER, depth());
  }

  /** What the hole that it is widened from asks of its sizes. */
  protected final void saneHole(Lay lay, Sane sane) {
    super.sane(lay, sane);
  }

  /** How far over the floor its corner begins, mm. */
  private static double corner(Lay lay) {
    return lay.mm(CORNER);
  }

  @Override
  public double point(Lay lay) {
    return lay.mm(depth());
  }

  @Override
  protected List<Point> points(Lay lay) {
    List<Point> p = new ArrayList<>();
    double mouth = lay.mm(diameter()) / 2;
    double corner = corner(lay);
    double floor = place().below(lay, lay.mm(depth()));
    double[] outside = radii(lay);
    double foot = side.line(lay).first().z();
    p.add(new Point(place().top(lay), mouth));
    double from = below.applyAsDouble(lay);
    p.add(new Point(from, mouth));
    for (double z = from - STEP; z > floor + corner; z -= STEP) {
      double follows = within(outside, z - foot, lay.mm(wall));
      p.add(new Point(z, Math.max(mouth, Math.min(follows, mouth + from - z))));
    }
    double last = Math.max(mouth, within(outside, floor + corner - foot, lay.mm(wall)));
    if (corner > 0) {
      round(lay, new Point(floor + corner, last), p);
    } else {
      p.add(new Point(floor, last));
    }
    p.add(new Point(floor, 0));
    return p;
  }

  /** The corner, kept off the outside by the wall as all the rest. */
  private void round(Lay lay, Point top, List<Point> p) {
    double corner = corner(lay);
    double across = Math.min(corner, top.r() - FLAT);
    double[] outside = radii(lay);
    double foot = side.line(lay).first().z();
    Point centre = new Point(top.z(), top.r() - across);
    new Profile(List.of(new Curve.Arc(centre, corner, across, 180, 90)))
        .flat()
        .reversed()
        .points()
        .forEach(
            q -> {
              double follows = within(outside, q.z() - foot, lay.mm(wall));
              p.add(new Point(q.z(), Math.min(q.r(), Math.max(FLAT, follows))));
            });
  }

  /** The outside's radii on a grid from its low end up: read once, asked for often. */
  private double[] radii(Lay lay) {
    Polyline line = side.line(lay);
    double foot = line.first().z();
    return lay.once(
        this, "radii", () -> radii(z -> side.radius(lay, foot + z), line.last().z() - foot));
  }

  /** The radii of an outside on a grid from its low end up. */
  static double[] radii(DoubleUnaryOperator outside, double height) {
    double[] r = new double[(int) Math.ceil(height / GRID) + 1];
    for (int i = 0; i < r.length; i++) {
      r[i] = outside.applyAsDouble(Math.min(height, i * GRID));
    }
    return r;
  }

  /** The largest radius at a height that keeps a distance from all of the outside. */
  static double within(double[] outside, double at, double wall) {
    double least = Double.POSITIVE_INFINITY;
    int from = (int) Math.max(0, Math.ceil((at - wall) / GRID));
    int to = (int) Math.min(outside.length - 1, Math.floor((at + wall) / GRID));
    for (int i = from; i <= to; i++) {
      double dz = i * GRID - at;
      least = Math.min(least, outside[i] - Math.sqrt(Math.max(0, wall * wall - dz * dz)));
    }
    return least;
  }

  @Override
  protected double end(OnSection s) {
    return s.low(place().on());
  }

  /** Over where it widens. */
  @Override
  protected double hangs(Lay lay) {
    return (place().top(lay) + below.applyAsDouble(lay)) / 2;
  }

  @Override
  protected Optional<Act.Read> after(Work w, Pass p) {
    return Optional.empty();
  }

  @Override
  protected List<Act> readAtMouth(Work w) {
    return List.of();
  }

  /** Nothing is opened to the bore's size: it is hollowed later. */
  @Override
  public boolean opened(Lay lay) {
    return false;
  }

  /** Hollowed behind its mouth: the outside is there and tells where the wall goes. */
  public void hollow(SetupDraft s, Work w) {
    s.step(
        "hollow",
        "Hollow it through the mouth",
        Wording.of("hollowed.the-hooked-bar-on-its"),
        Speeds.At.TURNING,
        w.acts().bare(0, place().on().part(), place().on().name()),
        w.turned(diameter(), "inside the mouth"),
        w.deep(depth(), Wording.of("any.from-the-rim-to-the")));
  }
}
