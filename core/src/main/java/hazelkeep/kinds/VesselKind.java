package hazelkeep.kinds;

import static hazelkeep.kinds.VesselParts.BODY;
import static hazelkeep.kinds.VesselSizes.BORE;
import static hazelkeep.kinds.VesselSizes.DEPTH;
import static hazelkeep.kinds.VesselSizes.FOOT;
import static hazelkeep.kinds.VesselSizes.HEIGHT;
import static hazelkeep.kinds.VesselSizes.NECK;
import static hazelkeep.kinds.VesselSizes.RIM;
import static hazelkeep.kinds.VesselSizes.WIDEST;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.EndWork;
import hazelkeep.element.Flare;
import hazelkeep.element.Hollowed;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.kinds.BoredVessel.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A vessel that is bored: the straight well and the dry-stem vase. It is bored before it is shaped,
 * so that the bore fixes the shape; a cone in the mouth carries it while the outside is turned; the
 * foot comes last, or first where a recess holds it.
 */
public final class VesselKind extends ComposedKind<BoredVessel> {
  /** A well for pens and the like: straight sides. */
  public static final VesselKind WELL =
      new VesselKind("straight-well", "straight well", Form.STRAIGHT);

  /** A vase for dry stems: a belly, a narrow neck, a funnel at the mouth. */
  public static final VesselKind VASE =
      new VesselKind("dry-stem-vase", "dry-stem vase", Form.NECKED);

  private final Form form;

  private VesselKind(String name, String title, Form form) {
    super(name, title, BoredVessel.class);
    this.form = form;
  }

  @Override
  public BoredVessel fresh() {
    return BoredVessel.fresh(form);
  }

  @Override
  protected Make make(BoredVessel d) {
    return new VesselParts(d).make();
  }

  @Override
  protected void order(BoredVessel d, Work w) {
    VesselParts v = new VesselParts(d);
    Built b = w.built();
    boolean recessed = v.foot.held(b);
    InJaws jaws = recessed ? v.foot.expand(b) : v.footTenon.squeeze(b);
    String held = recessed ? "Jaws opened in the foot's recess" : "Foot tenon in the jaws";
    Map<String, Frame> frame = Map.of(BODY, recessed ? v.foot.frame(b) : v.footTenon.frame(b));
    Hold coned = Hold.of(jaws, b.shop().centre(Centre.Form.CONE).orElseGet(b.shop()::live));
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        Map.of(BODY, Work.FLAT),
        (s, x) -> x.usual().round(s, BODY),
        recessed ? v.rimTenon::cut : v.footTenon::cut);
    if (recessed) {
      Map<String, Frame> turned = Map.of(BODY, v.rimTenon.frame(b));
      Hold rim = Hold.of(v.rimTenon.squeeze(b));
      w.held("foot", "Rim tenon in the jaws", rim, turned, v.foot::first);
    }
    w.held(
        "bore",
        held,
        Hold.of(jaws),
        frame,
        v.rim.faced(
            "Face the rim",
            "Cut it clean and flat; a shallow hollow at the centre starts the bit."),
        v.bore::bore,
        v.flare.cut(v.bore),
        v.rim.finished(
            "sand rim",
            "Sand and finish the rim",
            "Rim and flare through the grits, then the finish; a split stick with abrasive, never a"
                + " finger in the bore."));
    w.held("outside", "Cone in the mouth", coned, frame, (s, x) -> outside(d, s, x));
    if (v.bore instanceof Hollowed hollow) {
      w.held("hollow", held, Hold.of(jaws), frame, hollow::hollow);
    }
    if (!recessed) {
      EndWork.Sawn sawn =
          new EndWork.Sawn("Cone in the mouth", coned, frame.get(BODY), Line.TURN_NUB);
      new EndWork(new SurfaceId(BODY, "foot"), d.footBy(), mount(d, b), v.rimAt(b)).in(w, sawn);
    }
  }

  private static void outside(BoredVessel d, SetupDraft s, Work w) {
    s.step(
        "side",
        "Shape the outside",
        d.necked()
            ? "Belly first, then the neck by light cuts; keep the wall that the bore leaves in mind."
            : "One clean line from foot to rim.",
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "side"));
    s.step(
        "finish",
        "Sand and finish the outside",
        "Through the grits, then the finish.",
        Speeds.At.SANDING,
        w.acts().treat(BODY, "side"));
  }

  /** The vessel reversed, held by its mouth or rim. */
  private static EndHolds.Mount mount(BoredVessel d, Built b) {
    double rim = new VesselParts(d).rimAt(b);
    HalfSection target = b.part(BODY).target();
    return new EndHolds(b.aim().blank().wood(), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.footBy(),
            new EndHolds.Half(
                    BODY,
                    "inside",
                    b.mm(BORE),
                    b.mm(DEPTH) - b.mm(Flare.WIDE),
                    b.mm(DEPTH),
                    2 * target.outer(rim - b.custom(Line.HOLD_ROUND_DEPTH) / 2),
                    rim,
                    true)
                .on(target, b.shop().practice()),
            Double.NaN);
  }

  @Override
  protected void sane(BoredVessel d, Lay lay, Sane sane) {
    VesselParts v = new VesselParts(d);
    for (DimKey out : List.of(RIM, WIDEST)) {
      sane.size(BORE.path())
          .with("its flare", 2 * lay.mm(Flare.WIDE))
          .below(
              lay.mm(out),
              out == RIM ? "the piece at its mouth" : "the piece",
              out.path(),
              Flare.WIDE.path());
    }
    if (d.necked()) {
      sane.below(BORE.path(), NECK.path());
    }
    sane.size(DEPTH.path())
        .with("its point", v.bore.point(lay) - lay.mm(DEPTH))
        .below(lay.mm(HEIGHT), "the piece's height", HEIGHT.path());
    sane.below(DishedFoot.HOLLOW.path(), HEIGHT.path());
  }

  @Override
  protected void check(BoredVessel d, Built b, Told told) {
    if (!d.recessed()) {
      mount(d, b).missing().ifPresent(v -> told.found(v, BODY, null));
    }
  }

  @Override
  protected void remedies(BoredVessel d, Built b, Finding f, Tries r) {
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-thin" -> r.set(WIDEST.path(), f.verdict().found());
      case "floor-thin" -> r.more(-lack, DEPTH.path()).more(lack, HEIGHT.path());
      case "wall-thin" -> {
        double more = 2 * Math.max(0.5, lack);
        stouter(d, r, more, 3, 6);
        r.more(-more, BORE.path());
      }
      // What lacks is stiffness, not millimetres: a little stouter is tried.
      case "shakes" -> stouter(d, r, 3, 6, 10);
      default -> {}
    }
  }

  /** More wood where the bore leaves the least, at the rim, at the foot, mm of diameter. */
  private static void stouter(BoredVessel d, Tries r, double... more) {
    for (double mm : more) {
      r.more(mm, (d.necked() ? NECK : WIDEST).path(), RIM.path());
      r.more(mm, FOOT.path());
    }
  }

  /** The height stays while the bore is dragged in it; a cylinder dragged at one end tapers. */
  @Override
  protected BoredVessel held(BoredVessel d, Aim aim, DimKey dragged) {
    if (dragged.equals(DEPTH)) {
      return kept(d, HEIGHT, aim);
    }
    if (d.form() != Form.STRAIGHT || !List.of(FOOT, RIM).contains(dragged)) {
      return d;
    }
    BoredVessel out = Restated.with(d, "form", Form.TAPER);
    for (DimKey end : List.of(FOOT, RIM)) {
      double mm = Rounding.to(aim.mm(WIDEST.path()), 1);
      out = size(out, end, Optional.of(Size.mm(mm)));
    }
    return size(out, WIDEST, Optional.empty());
  }

  @Override
  public List<Choice> choices(BoredVessel d) {
    return List.of(
        Choice.of(
            "form",
            "Line of the outside",
            List.of(
                new Option("STRAIGHT", "Straight", "A cylinder; shows the wood."),
                new Option("TAPER", "Taper", "Narrows upwards."),
                new Option("BELLIED", "Bellied", "Fullest below the middle."),
                new Option("NECKED", "Necked", "A belly, a narrow neck, a flared rim.")),
            d.form(),
            NECK.path(),
            RIM.path()),
        Choice.of(
            "inside",
            "What the inside is",
            List.of(
                new Option(
                    "BORED", "Bored", "The bits leave it: narrow to the bottom, for dry stems."),
                new Option(
                    "RIGGED",
                    "Hollowed through its mouth",
                    "A hooked bar on a rig follows the outside; shaped first, then hollowed.")),
            d.inside(),
            DEPTH.path(),
            VesselSizes.WALL.path()));
  }

  @Override
  public List<End> ends(BoredVessel d) {
    return List.of(
        End.of(
            new SurfaceId(BODY, "foot"),
            "footBy",
            "How the foot is finished",
            d.footBy(),
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.MANDREL,
            Finishing.EXPAND,
            Finishing.AROUND,
            Finishing.RECESS,
            Finishing.PRESSED));
  }

  @Override
  public Map<DimKey, Double> settled(
      BoredVessel d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    return Map.of();
  }

  @Override
  public List<DimKey> stays(BoredVessel d, Set<DimKey> named) {
    return named.contains(HEIGHT) || named.contains(VesselSizes.FLOOR)
        ? List.of()
        : List.of(HEIGHT);
  }

  @Override
  public List<DimKey> recorded(BoredVessel d) {
    DimKey tenon = new VesselParts(d).footTenon.diameter();
    return List.of(WIDEST, HEIGHT, BORE, DEPTH, NECK, RIM, FOOT, tenon);
  }

  @Override
  public List<Remedy> waysOn(BoredVessel d, Aim aim, AsFound f) {
    Tries out = new Tries(aim);
    double v = f.value();
    switch (f.what()) {
      case LENGTH -> out.set(HEIGHT.path(), v).set(HEIGHT.path(), v - 2);
      case DIAMETER -> out.set(WIDEST.path(), v).set(WIDEST.path(), v - 1);
      case DEPTH -> out.set(DEPTH.path(), v).set(DEPTH.path(), v + 1);
      case FLAW -> out.more(-2 * v, WIDEST.path()).more(-2 * v - 1, WIDEST.path());
      default -> {}
    }
    out.more(-1, BORE.path());
    out.set(DishedFoot.HOLLOW.path(), 1.5);
    return out.done();
  }

  /** What is bored or hollowed is the zone of the surfaces in it. */
  @Override
  public Properties properties(BoredVessel d, Aim aim) {
    Part vessel = aim.part(BODY);
    double rim = vessel.closed().zero() + aim.mm(HEIGHT.path());
    HalfSection hollow =
        vessel.surfaces().stream()
            .filter(Surface::inside)
            .map(Surface::zone)
            .reduce(HalfSection.EMPTY, HalfSection::plus);
    double full = rim - aim.custom(Line.CONTENT_WATER_LINE);
    double foot = vessel.closed().zero();
    double line = hollow.and(HalfSection.box(foot, full, 0, HalfSection.FAR)).volume();
    return Properties.of(aim, hollow.volume(), line, aim.mm(FOOT.path()));
  }
}
