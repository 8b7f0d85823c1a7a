package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A spigot that goes into the recess of what closes it, or that it closes: its shoulder, its wall
 * and its end.
 *
 * @param on its surface
 * @param rules of its sizes
 * @param side the outside that its shoulder belongs to
 * @param reach which way it stands, and what frees it
 * @param mate what it goes into
 */
public record Spigot(SurfaceId on, List<SizeRule> rules, Outside side, Reach reach, Mate mate)
    implements Element {
  /** How long it is. */
  public static final DimKey LENGTH = new DimKey("joint.length");

  /** How wide it is in use. */
  public static final DimKey DIAMETER = new DimKey("spigot.diameter");

  /** How wide it is while its partner is jammed on it. */
  public static final DimKey JAM = new DimKey("joint.jam");

  /** What is left between it and its recess. */
  public static final DimKey CLEARANCE = new DimKey("joint.clearance");

  private static final String SHOULDER = "shoulder";

  /** The name of its end. */
  public static final String END = "spigot end";

  /**
   * Which way a spigot stands, and what frees it.
   *
   * @param up whether it looks away from the blank's foot
   * @param opening the radius of what is bored in its end, mm
   * @param beyond where the wood that frees it ends
   * @param sunk where the cut ends that sinks its shoulder
   * @param spare what is left on it until it is fitted, a side; empty where it is turned to size at
   *     once
   * @param shown how it is shown
   * @param hollow how far the shoulder of one that looks down is hollow beside it, mm, so that only
   *     its outer rim touches
   */
  public record Reach(
      boolean up,
      ToDoubleFunction<Lay> opening,
      Edge beyond,
      Edge sunk,
      Optional<Line> spare,
      Shown shown,
      ToDoubleFunction<Lay> hollow) {
    /** One with a flat shoulder. */
    public Reach(
        boolean up,
        ToDoubleFunction<Lay> opening,
        Edge beyond,
        Edge sunk,
        Optional<Line> spare,
        Shown shown) {
      this(up, opening, beyond, sunk, spare, shown, lay -> 0);
    }
  }

  /**
   * How a spigot is shown.
   *
   * @param word of it on the drawing
   * @param length whether its length hangs there
   * @param across whether its diameter does
   */
  public record Shown(String word, boolean length, boolean across) {}

  /**
   * What a spigot goes into.
   *
   * @param wall the recess's surface
   * @param diameter the recess's size
   * @param depth of the recess; empty where that goes through
   * @param fitted the surface that is turned to the other
   * @param closes what lies between them
   */
  public record Mate(
      SurfaceId wall, DimKey diameter, Optional<DimKey> depth, SurfaceId fitted, Closes closes) {
    /** One of wood. */
    public Mate(SurfaceId wall, DimKey diameter, Optional<DimKey> depth, SurfaceId fitted) {
      this(wall, diameter, depth, fitted, Closes.WOOD);
    }
  }

  /** The fit that it makes; none where a ring is glued on either of them. */
  public List<Joint> joint(FitClass use) {
    return threaded()
        ? List.of()
        : List.of(new Joint("closure", mate.wall, on, mate.diameter, DIAMETER, mate.fitted, use));
  }

  /** Whether its partner is jammed on it before it is eased. */
  private boolean jams() {
    return reach.spare.isPresent() && !threaded();
  }

  private boolean threaded() {
    return mate.closes == Closes.THREAD;
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  double join(Lay lay) {
    return lay.at(new Edge(LENGTH, !reach.up));
  }

  private double end(Lay lay) {
    return lay.at(new Edge(LENGTH, reach.up));
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    double join = join(lay);
    double end = end(lay);
    double r = lay.mm(DIAMETER) / 2;
    HalfSection freed = between(lay, reach.beyond, r, lay.far());
    HalfSection sunk = between(lay, reach.sunk, r, lay.far());
    if (reach.up) {
      double outer = side.line(lay).last().r();
      part.outside(new Point(join, r), new Point(end, r))
          .surface(SHOULDER, Role.MEET, Polyline.of(join, outer, join, r), sunk)
          .surface(on.name(), Role.FIT, Polyline.of(join, r, end, r), freed)
          .surface(END, Role.MEET, Polyline.of(end, r, end, opening(lay)), beyond(lay, end));
    } else {
      double outer = side.line(lay).first().r();
      double root = join + hollow(lay, outer - r);
      HalfSection under =
          HalfSection.of(List.of(new Point(join, r), new Point(root, r), new Point(join, outer)));
      HalfSection room = root > join ? under : HalfSection.EMPTY;
      part.outside(new Point(end, r), new Point(root, r), new Point(join, outer))
          .surface(END, Role.MEET, Polyline.of(end, opening(lay), end, r), beyond(lay, end))
          .surface(on.name(), Role.FIT, Polyline.of(end, r, root, r), freed.plus(room))
          .surface(SHOULDER, Role.MEET, Polyline.of(root, r, join, outer), sunk.plus(room));
    }
    if (threaded()) {
      part.glued(on.name());
    }
    reach.spare.ifPresent(
        line -> part.stub("spare", between(lay, reach.sunk, r, r + lay.custom(line)), on.name()));
  }

  private HalfSection between(Lay lay, Edge to, double in, double out) {
    double a = join(lay);
    double b = lay.at(to);
    return HalfSection.box(Math.min(a, b), Math.max(a, b), in, out);
  }

  /**
   * How far the shoulder is hollow beside the spigot, mm: the cone that was wanted, whatever its
   * ends became.
   *
   * @param wide how wide the shoulder is, mm
   */
  private double hollow(Lay lay, double wide) {
    double deep = reach.hollow.applyAsDouble(lay);
    return deep * 2 * wide / (lay.due(side.across(false)) - lay.due(DIAMETER));
  }

  private double opening(Lay lay) {
    return reach.opening.applyAsDouble(lay);
  }

  private HalfSection beyond(Lay lay, double end) {
    return reach.up
        ? HalfSection.box(end, lay.length() + Lay.BEYOND, 0, lay.far())
        : HalfSection.box(-Lay.BEYOND, end, 0, lay.far());
  }

  /** It stays within its own outside, and longer than its recess it is no spigot. */
  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(DIAMETER, side.across(reach.up));
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double middle = (join(b) + end(b)) / 2;
    SurfaceId wall = mate.wall;
    Dimension length = d.size(LENGTH, on).reads(s -> longWithout(b, s)).recorded().stays();
    if (reach.shown.length) {
      length.length(reach.shown.word, Math.min(join(b), end(b)), Math.max(join(b), end(b)));
    }
    Dimension across = d.size(DIAMETER, on).widest().corrects(Feature.Kind.OUTER).recorded();
    if (reach.shown.across) {
      across.outside("⌀ " + reach.shown.word, middle);
    } else {
      across.outside(reach.shown.word, middle).atBench();
    }
    d.size(mate.diameter, wall).widest();
    d.size(CLEARANCE, on).reads(s -> 2 * (s.widest(wall) - s.widest(on))).recorded();
    if (jams()) {
      d.size(JAM, on).outside("jam", middle).atBench().corrects(Feature.Kind.OUTER);
    }
  }

  /** How long it was drawn, without the hollow of a shoulder that looks down, mm. */
  private double longWithout(Built b, OnSection s) {
    double run = s.high(on) - s.low(on);
    return reach.up ? run : run - hollow(b, side.line(b).first().r() - b.mm(DIAMETER) / 2);
  }

  @Override
  public void check(Built b, Told told) {
    mate.depth.ifPresent(depth -> bottoms(b, told, depth));
  }

  private void bottoms(Built b, Told told, DimKey depth) {
    double gap = b.mm(depth) - b.mm(LENGTH);
    double least = b.custom(Line.TURN_SPIGOT_AIR);
    if (gap < least) {
      double z = b.part(mate.wall.part()).surface(mate.wall.name()).line().first().z();
      told.found(
          Entry.SPIGOT_BOTTOMS.told(Grade.STOP, gap, least),
          mate.wall.part(),
          new Point(z, b.mm(mate.diameter) / 2));
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    switch (f.verdict().entry()) {
      case SPIGOT_BOTTOMS -> {
        mate.depth.ifPresent(depth -> r.more(f.lack(), depth));
        r.more(-f.lack(), LENGTH);
      }
      case SPIGOT_WALL -> r.more(2 * f.lack(), mate.diameter);
      case FIT_LOOSE -> {
        FitClass now = FitClass.at(f.verdict().found(), b.mm(mate.diameter), b.shop().practice());
        r.choose("fit", now.name());
      }
      default -> {}
    }
  }

  /** Its end faced, for the bit. */
  public void face(SetupDraft s, Work w) {
    s.step(
        "face",
        "Face the spigot's end",
        Wording.of("spigot.cut-it-clean-a-dimple"),
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), END));
  }

  /** Its shoulder sunk. */
  public void shoulder(SetupDraft s, Work w) {
    s.step(
        SHOULDER,
        "Shoulder cut",
        Wording.of("spigot.sink-the-shoulder-that-frees"),
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), SHOULDER));
  }

  /** Brought to a jam with its partner. */
  public Work.Task jam(String partner) {
    return (s, w) -> {
      Built b = w.built();
      HalfSection core = HalfSection.box(-Lay.BEYOND, b.length() + Lay.BEYOND, 0, b.mm(JAM) / 2);
      s.step(
          "jam",
          "Spigot to a jam",
          Wording.of("spigot.sneak-up-on-it-with", partner),
          Speeds.At.TURNING,
          Acts.remove(on.part(), b.part(on.part()).surface(on.name()).zone().minus(core)),
          w.fit(JAM, "on the spigot"),
          new Act.Try("closure", true));
    };
  }

  /** Eased to the fit that is wanted in use. */
  public void ease(SetupDraft s, Work w) {
    s.step(
        "ease",
        "Ease the spigot",
        Wording.of("spigot.nothing-hangs-on-the-jam"),
        Speeds.At.SANDING,
        w.acts().bare(0, on.part(), on.name()),
        w.fit(DIAMETER, "on the spigot"),
        new Act.Try("closure", false));
  }
}
