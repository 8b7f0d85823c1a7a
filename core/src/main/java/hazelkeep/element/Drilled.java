package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.bore.Sweep;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A hole that bits leave along the axis, from one end of a part to a floor in it: of one diameter,
 * or narrower from some depth on.
 */
public class Drilled implements Element {
  private final HolePlace place;
  private final HoleSizes sizes;
  private final WoodLeft left;

  /** A hole at a place, of some sizes, with wood left round it. */
  public Drilled(HolePlace place, HoleSizes sizes, WoodLeft left) {
    this.place = place;
    this.sizes = sizes;
    this.left = left;
  }

  /** Where it is. */
  public HolePlace place() {
    return place;
  }

  /** The size of its diameter. */
  public DimKey diameter() {
    return sizes.diameter();
  }

  /** The size of its depth. */
  public DimKey depth() {
    return sizes.depth();
  }

  @Override
  public List<SizeRule> sizes() {
    return sizes.rules();
  }

  /**
   * What the bits bore.
   *
   * @param mm its sizes as they are, or as they were wanted
   */
  protected Bore bore(Lay lay, ToDoubleFunction<DimKey> mm) {
    List<Bore.Step> steps = new ArrayList<>();
    steps.add(new Bore.Step(lay.due(sizes.diameter()), mm.applyAsDouble(sizes.depth())));
    sizes
        .narrow()
        .filter(n -> lay.mm(n.diameter()) > 0)
        .ifPresent(
            n -> steps.add(new Bore.Step(lay.due(n.diameter()), mm.applyAsDouble(n.depth()))));
    try {
      return new Bore(place.name(), steps);
    } catch (Refused e) {
      throw new BadDesign(
          sizes.narrow().map(HoleSizes.Narrow::diameter).orElse(sizes.diameter()),
          e.getMessage() + ".");
    }
  }

  /** The bore as deep as it is. */
  protected final Bore bore(Lay lay) {
    return bore(lay, lay::mm);
  }

  /** How it is bored to what was wanted. */
  public final BoringPlan bits(Lay lay) {
    return lay.once(this, "bits", () -> BoringPlan.of(bore(lay, lay::due), lay.shop()));
  }

  /** How deep its deepest place is under the mouth, mm. */
  public double point(Lay lay) {
    return bore(lay).depth() + bits(lay).tip();
  }

  /** Its line from below the lip to its deepest place on the axis. */
  public Polyline line(Lay lay) {
    return lay.once(this, "line", () -> new Polyline(clean(points(lay))));
  }

  /** The points of its line. */
  protected List<Point> points(Lay lay) {
    List<Point> p = new ArrayList<>();
    double r = lay.mm(sizes.diameter()) / 2;
    List<Bore.Step> steps = bore(lay).steps();
    List<Pass> passes = bits(lay).passes();
    p.add(new Point(place.top(lay), r));
    for (int i = 0; i < steps.size(); i++) {
      double ri = i == 0 ? r : steps.get(i).diameter() / 2;
      if (i > 0) {
        p.add(new Point(place.below(lay, steps.get(i - 1).depth()), ri));
      }
      p.add(new Point(place.below(lay, steps.get(i).depth()), ri));
    }
    double floor = place.below(lay, bore(lay).depth());
    if (passes.isEmpty() || passes.size() < steps.size()) {
      p.add(new Point(floor, 0));
    } else {
      p.addAll(Sweep.end(passes.get(passes.size() - 1).bit(), floor, -place.way()));
    }
    return p;
  }

  private static List<Point> clean(List<Point> points) {
    List<Point> out = new ArrayList<>();
    for (Point p : points) {
      if (out.isEmpty() || !out.get(out.size() - 1).equals(p)) {
        out.add(p);
      }
    }
    return out;
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sizes
        .narrow()
        .filter(n -> lay.mm(n.diameter()) > 0)
        .ifPresent(
            n ->
                sane.steps(
                    List.of(
                        Map.entry(sizes.diameter(), sizes.depth()),
                        Map.entry(n.diameter(), n.depth()))));
    left.within().forEach(out -> sane.below(sizes.diameter(), out));
    double room = place.way() * (lay.at(place.mouth()) - lay.at(left.end()));
    sane.size(sizes.depth())
        .with("its point", point(lay) - lay.mm(sizes.depth()))
        .below(
            room,
            "the height of the " + place.on().part(),
            left.end().stretch(),
            place.mouth().stretch());
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    HalfSection room = HalfSection.closed(line(lay), new Point(place.top(lay), 0));
    part.inside(place.on().name(), Role.MEET, line(lay), room).hollow(room);
  }

  /** What a pass takes. */
  public final HalfSection hole(Lay lay, Pass p) {
    return Sweep.of(p.bit(), place.clear().applyAsDouble(lay), place.below(lay, p.depth()));
  }

  /** How far it may lie off the axis at a height, mm. */
  public final double drift(Lay lay, double z) {
    return bits(lay).passes().stream()
        .mapToDouble(p -> p.driftAt(place.deep(lay, z)))
        .max()
        .orElse(0);
  }

  /** The wood beside it. */
  public final BoreWalls walls(Built b) {
    double floor = place.below(b, bore(b).depth());
    double end = left.upTo().applyAsDouble(b);
    Span along = place.up() ? new Span(floor, Math.max(floor + 1, end)) : new Span(end, floor);
    return new BoreWalls(
        b.part(place.on().part()).target(), along, b.custom(left.wall()), z -> drift(b, z));
  }

  @Override
  public HalfSection keep(Built b) {
    return walls(b).zone();
  }

  /** What is left under its deepest place, mm. */
  protected final double floor(Built b) {
    return place.way() * (place.below(b, point(b)) - left.under().applyAsDouble(b));
  }

  /** What could still be taken off the floor under it, mm. */
  public final double spare(Built b) {
    return floor(b) - b.custom(left.floor());
  }

  @Override
  public void check(Built b, Told told) {
    String part = place.on().part();
    told.bores(bits(b), part, new Point(place.below(b, bore(b).depth()), 0));
    told.thin(
        left.thin(),
        floor(b),
        b.custom(left.floor()),
        part,
        new Point(place.below(b, point(b)), 0),
        left.thin() == Entry.FLOOR_THIN ? "under the bit's point" : part);
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (!f.part().equals(place.on().part())) {
      return;
    }
    DimKey deep = sizes.depth();
    DimKey wide = sizes.diameter();
    switch (f.verdict().entry()) {
      case FLOOR_THIN -> r.more(-f.lack(), deep).more(f.lack(), left.size());
      case LID_THIN, LID_CORNER -> r.more(f.lack() + 1, left.size()).more(-f.lack() - 1, deep);
      case BIT_SHORT -> r.more(-f.lack(), deep);
      case BIT_MISSING -> r.set(wide, f.verdict().limit());
      case WALL_THIN -> r.more(-2 * Math.max(0.5, f.lack()), wide);
      case BORE_DRIFTS -> r.more(3, wide);
      case CONTENT_TALL -> r.more(f.lack(), deep);
      default -> {}
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double mouth = b.at(place.mouth());
    double deep = b.mm(sizes.depth());
    Point floor = new Point(place.below(b, deep), b.mm(sizes.diameter()) / 2);
    d.size(sizes.diameter(), opening())
        .first()
        .inside("⌀ bore", hangs(b))
        .corrects(opening().equals(place.on()) ? Feature.Kind.SHAPE : Feature.Kind.INNER)
        .recorded();
    d.size(sizes.depth(), place.on())
        .reads(s -> place.deep(b, end(s)))
        .deep("deep", floor.z(), mouth, floor.r())
        .corrects(Feature.Kind.SHAPE)
        .recorded()
        .grip(() -> grip(b, floor));
    floorDimension(b, d);
    sizes.narrow().ifPresent(n -> narrow(b, d, n));
  }

  /** Its depth is dragged, and what lies under it gives. */
  protected final Grip grip(Built b, Point floor) {
    double most = b.mm(sizes.depth()) + spare(b);
    String label = "depth of the " + place.name();
    return Grip.deep(sizes.depth(), label, floor, b.at(place.mouth()), most)
        .keeping(left.end().stretch());
  }

  private void narrow(Built b, Dimensions d, HoleSizes.Narrow n) {
    Dimension deep =
        d.size(n.depth(), place.on()).deep("narrow", b.at(place.mouth()), -place.way());
    if (b.mm(n.diameter()) > 0) {
      ToDoubleFunction<OnSection> wide = s -> s.widest(place.on(), z -> z < end(s) - SEEN);
      d.size(n.diameter(), place.on()).reads(s -> 2 * wide.applyAsDouble(s));
      deep.reads(s -> place.deep(b, s.lowAt(place.on(), wide.applyAsDouble(s))));
    }
  }

  /** Heights nearer than this are one, mm. */
  private static final double SEEN = 1e-6;

  /** The surface that its diameter is read on. */
  protected SurfaceId opening() {
    return place.on();
  }

  /** Where it ends, as it was drawn. */
  protected double end(OnSection s) {
    return s.lowAt(place.on(), s.first(place.on()));
  }

  /** What is left under its deepest place. */
  protected final void floorDimension(Built b, Dimensions d) {
    double end = b.at(left.end());
    SurfaceId on = place.on();
    d.size(left.size(), on)
        .reads(s -> place.way() * ((place.up() ? s.low(on) : s.high(on)) - end))
        .deep(place.up() ? "floor" : "end", end, end + place.way() * b.mm(left.size()), 0);
  }

  /** Where its diameter stands on the drawing, in the blank's z. */
  protected double hangs(Lay lay) {
    return place.below(lay, AT * lay.mm(sizes.depth()));
  }

  /** How far down its diameter stands on the drawing, as a share of its depth. */
  private static final double AT = 0.3;

  @Override
  public List<Boring> boring(Built b) {
    Part part = b.part(place.on().part());
    Frame frame = place.up() ? Work.FLAT : new Frame(part.target().maxZ(), true);
    return List.of(
        new Boring(
            part.name(),
            place.from(),
            List.of(bits(b)),
            Stations.of(
                part.target().in(frame),
                frame.x(b.at(place.mouth())),
                part.surface(place.on().name()).line().in(frame),
                b.shop().depthGauge(),
                b.custom(Line.PAPER_STATION))));
  }

  /** A step for every bit that is set. */
  public void bore(SetupDraft s, Work w) {
    Built b = w.built();
    RecipeSteps.bits(s, place.on().part(), bits(b), p -> hole(b, p), p -> after(w, p));
  }

  /** What is read after a bit; what a tool opens afterwards is read then. */
  protected Optional<Act.Read> after(Work w, Pass p) {
    String to = Wording.of("any.from-the-to-the-bits", place.from());
    if (sizes.narrow().isPresent() && p.depth() > bits(w.built()).bore().steps().get(0).depth()) {
      return Optional.of(w.deep(sizes.narrow().get().depth(), to));
    }
    return p.open() == 0 ? Optional.of(w.deep(sizes.depth(), to)) : Optional.empty();
  }

  /** What is read once its mouth is cut. */
  protected List<Act> readAtMouth(Work w) {
    List<Act> out = new ArrayList<>(List.of(w.turned(sizes.diameter(), "inside the mouth")));
    if (opened(w.built())) {
      String to = Wording.of("drilled.from-the-to-where-the", place.from());
      out.add(w.deep(sizes.depth(), to));
    }
    return out;
  }

  /** Whether no bit has its size, so that a tool opens it. */
  public boolean opened(Lay lay) {
    return RecipeSteps.opens(bits(lay));
  }

  /** Opened to its size where no bit has it. */
  public void open(SetupDraft s, Work w) {
    if (opened(w.built())) {
      s.step(
          "open",
          "Open the bore",
          Wording.of("drilled.there-is-no-bit-of"),
          Speeds.At.TURNING,
          w.acts().bare(0, place.on().part(), place.on().name()),
          w.deep(sizes.depth(), Wording.of("drilled.from-the-to-where-the", place.from())));
    }
  }
}
