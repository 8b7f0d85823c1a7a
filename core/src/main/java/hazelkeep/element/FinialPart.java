package hazelkeep.element;

import hazelkeep.bore.Sweep;
import hazelkeep.fit.FitClass;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.practice.Line;
import hazelkeep.route.Joint;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A finial drawn in the z of its own offcut: the tenon for the jaws lies low, then its round tenon,
 * its foot and its tip. Its foot lies where no size moves it, so that what was cut stays where it
 * is when another size changes.
 *
 * @param name the part's name
 * @param sizes its sizes
 * @param shape its outline
 * @param s how long and how wide they are
 * @param sunk the hole that it goes into
 */
record FinialPart(
    String name, FinialSizes sizes, KnobShape shape, AddedElement.Sizes s, Form.Sunk sunk) {
  /** Offcuts lie so far from one another and from the blank, mm: none reaches into another's z. */
  private static final double APART = 1000;

  /** So many of a shape have a place of their own. */
  private static final int OF_A_SHAPE = 3;

  static final String TENON = "tenon";
  static final String BASE = "foot";
  static final String END = "end";

  /** Where its foot lies, in its own z. */
  double zero() {
    int no = (sizes.added().no() - 1) % OF_A_SHAPE;
    return APART * (1 + shape.ordinal() + KnobShape.values().length * no);
  }

  /** Where its tenon ends. */
  double end() {
    return zero() + sunk.mouth() - s.mm(sizes.deep()) - sunk.foot();
  }

  /**
   * Where its tenon begins: its foot is hollow there, a cone, so that only the rim touches. A tenon
   * that was found a hair off leaves the cone where it is.
   */
  private double root() {
    double deep = sunk.mouth() - sunk.foot() + s.practice(Line.FINIAL_UNDERCUT);
    double rim = s.mm(sizes.foot()) / 2;
    return zero() + deep * (rim - tenon()) / (rim - s.due(sizes.tenon()) / 2);
  }

  /** How its offcut is held. */
  FinialStock stock(Shop shop) {
    double widest = Math.max(s.mm(sizes.wide()), s.mm(sizes.foot()));
    double sure = s.mm(sizes.across()) - 2 * s.practice(Line.STOCK_CENTRING);
    return new FinialStock(shop, widest, sure);
  }

  /** Where its offcut begins. */
  double low(Shop shop) {
    return end() - stock(shop).low();
  }

  double tip() {
    return zero() + s.mm(sizes.height());
  }

  private double tenon() {
    return s.mm(sizes.tenon()) / 2;
  }

  /** Its line from the edge of its foot up to its tip. */
  private List<Point> outline() {
    return shape
        .outline(s.mm(sizes.height()), s.mm(sizes.wide()) / 2, s.mm(sizes.foot()) / 2)
        .stream()
        .map(p -> new Point(zero() + p.z(), p.r()))
        .toList();
  }

  /** What its tenon and its foot need to be freed. */
  private HalfSection below(double far) {
    return HalfSection.closed(
        new Polyline(
            List.of(
                new Point(end(), tenon()),
                new Point(root(), tenon()),
                new Point(zero(), s.mm(sizes.foot()) / 2))),
        new Point(zero(), far),
        new Point(end(), far));
  }

  private SurfaceId on(String surface) {
    return new SurfaceId(name, surface);
  }

  /** The lengths in which it is turned, the tip first. */
  List<String> lengths() {
    int n = (int) Math.ceil(s.mm(sizes.height()) / s.practice(Line.FINIAL_LENGTH) - 1e-9);
    List<String> out = new ArrayList<>();
    for (int i = 1; i <= Math.max(1, n); i++) {
      out.add("length " + i);
    }
    return out;
  }

  private List<Surface> surfaces(boolean finished, double far) {
    List<Surface> out = new ArrayList<>();
    HalfSection below = below(far);
    Polyline under = Polyline.of(end(), 0, end(), tenon());
    HalfSection jaws = HalfSection.box(zero() - APART / 2, end(), 0, far);
    out.add(Surface.of(on(END), Role.MEET, under, jaws, false, finished));
    Polyline round = Polyline.of(end(), tenon(), root(), tenon());
    out.add(Surface.of(on(TENON), Role.FIT, round, below, false, finished));
    Polyline foot = Polyline.of(root(), tenon(), zero(), s.mm(sizes.foot()) / 2);
    out.add(Surface.of(on(BASE), Role.MEET, foot, below, false, finished));
    List<String> names = lengths();
    Polyline line = new Polyline(outline());
    double high = tip();
    for (int i = 0; i < names.size(); i++) {
      double low = zero() + (names.size() - 1 - i) * (tip() - zero()) / names.size();
      out.add(length(names.get(i), line, low, high, finished, far));
      high = low;
    }
    return out;
  }

  private Surface length(
      String named, Polyline line, double low, double high, boolean finished, double far) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(low, Rising.at(line, low)));
    line.points().stream().filter(p -> p.z() > low && p.z() < high).forEach(points::add);
    boolean first = high >= tip();
    points.add(first ? new Point(tip(), 0) : new Point(high, Rising.at(line, high)));
    double over = first ? tip() + APART / 2 : high;
    Polyline run = new Polyline(points);
    List<Point> round = new ArrayList<>();
    if (first) {
      round.add(new Point(over, 0));
    }
    round.add(new Point(over, far));
    round.add(new Point(low, far));
    HalfSection zone = HalfSection.closed(run, round.toArray(Point[]::new));
    return Surface.of(on(named), Role.SHOW, run, zone, false, finished);
  }

  private HalfSection target() {
    List<Point> ring = new ArrayList<>();
    ring.add(new Point(end(), 0));
    ring.add(new Point(end(), tenon()));
    ring.add(new Point(root(), tenon()));
    ring.addAll(outline());
    return HalfSection.of(ring);
  }

  /**
   * It with its offcut and its fit.
   *
   * @param host the part that it goes into
   */
  AddedElement.Own own(Part host, Shop shop, Design design) {
    double across = s.mm(sizes.across());
    double far = across + 2 * Lay.BEYOND;
    List<Stub> stubs = List.of(stock(shop).stub(low(shop), on(END)));
    Frame closed = new Frame(zero() - sunk.foot() + host.closed().zero(), false);
    Point core = new Point((zero() + Math.min(tip(), zero() + 2 * CORE)) / 2, CORE);
    Part part =
        new Part(name, core, target(), surfaces(!design.finish().isEmpty(), far), stubs, closed);
    Joint joint =
        new Joint(
            sizes.added().id(),
            sunk.wall().id(),
            on(TENON),
            sizes.hole(),
            sizes.tenon(),
            on(TENON),
            FitClass.GLUED);
    return new AddedElement.Own(part, offcut(shop, design), joint);
  }

  /** A point of it lies so far from its axis and its foot, mm: no cut comes there. */
  private static final double CORE = 0.2;

  private Body offcut(Shop shop, Design design) {
    String named = sizes.added().wood().orElse(design.species());
    Species wood = shop.woods().named(named).orElseGet(() -> new Species(named, "", Map.of()));
    Body lying =
        Blank.body(
                Optional.empty(),
                new Blank.Lying(s.mm(sizes.along()), s.mm(sizes.across()), 0),
                wood,
                0)
            .shifted(low(shop));
    return new Body(name, lying.sound(), lying.sound(), wood);
  }

  /**
   * The hole for it; empty where there is no room.
   *
   * @param bit that bores it; empty where it is opened with a tool
   */
  static Optional<Form.Sunk> hole(
      Form form, FinialSizes sizes, AddedElement.Sizes s, Optional<Bit> bit) {
    double r = s.mm(sizes.hole()) / 2;
    double foot = s.mm(sizes.foot()) / 2;
    double most = Math.max(foot, s.mm(sizes.wide()) / 2);
    Form.Top top = form.top().orElse(null);
    if (top == null || form.isTopTaken() || most > top.radius() || r >= foot) {
      return Optional.empty();
    }
    Polyline line = form.plain().surface(top.surface()).line();
    double mouth = Rising.height(line, r);
    double floor = mouth - s.mm(sizes.deep()) - s.practice(Line.FINIAL_GLUE_ROOM);
    List<Point> end = end(bit, floor, r);
    List<Point> ring = new ArrayList<>(end);
    ring.add(new Point(top.z() + Lay.BEYOND, 0));
    ring.add(new Point(top.z() + Lay.BEYOND, r));
    HalfSection hole = HalfSection.of(ring).and(form.plain().target());
    List<Point> wall = new ArrayList<>();
    wall.add(new Point(mouth, r));
    wall.addAll(end);
    Surface surface =
        Surface.of(
            new SurfaceId(form.plain().name(), sizes.label() + " hole"),
            Role.FIT,
            new Polyline(wall),
            hole.plus(HalfSection.box(mouth, top.z() + Lay.BEYOND, 0, r)),
            true,
            false);
    return Optional.of(
        new Form.Sunk(top.surface(), hole, surface, mouth, Rising.height(line, foot)));
  }

  /** How the hole ends: as the bit leaves it, as wide as the hole was found to be; else flat. */
  private static List<Point> end(Optional<Bit> bit, double floor, double r) {
    return bit.map(
            b ->
                Sweep.end(b, floor, -1).stream()
                    .map(p -> new Point(p.z(), 2 * p.r() * r / b.diameter()))
                    .toList())
        .orElseGet(() -> List.of(new Point(floor, r), new Point(floor, 0)));
  }
}
