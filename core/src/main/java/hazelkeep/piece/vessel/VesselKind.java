package hazelkeep.piece.vessel;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Stations;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Measures;
import hazelkeep.piece.NamedKind;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Stick;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.Tries;
import hazelkeep.piece.WallWishes;
import hazelkeep.piece.Walled;
import hazelkeep.piece.vessel.BoredVessel.Form;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** A vessel that is bored: one class for the straight well and the dry-stem vase. */
public final class VesselKind extends NamedKind<BoredVessel> {
  /** A well for pens and the like: straight sides. */
  public static final VesselKind WELL =
      new VesselKind("straight-well", "straight well", Form.STRAIGHT);

  /** A vase for dry stems: a belly, a narrow neck, a funnel at the mouth. */
  public static final VesselKind VASE =
      new VesselKind("dry-stem-vase", "dry-stem vase", Form.NECKED);

  private static final String BODY = VesselShape.BODY;

  private static final List<DimKey> RECORDED =
      Stream.of(
              "outside.diameter",
              "outside.height",
              "bore.diameter",
              "bore.depth",
              "outside.neck",
              "outside.rim",
              "outside.foot",
              "tenon-foot.diameter")
          .map(DimKey::new)
          .toList();

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
  public List<Rule<BoredVessel>> rules(BoredVessel design) {
    return VesselRules.ALL;
  }

  @Override
  public Aim aim(BoredVessel design, Map<DimKey, Dim> dims, Shop shop) {
    return new VesselShape(design, dims, shop).aim();
  }

  @Override
  public Route route(BoredVessel design, Aim aim, Shop shop) {
    return new VesselRecipe(design, aim, shop).route();
  }

  @Override
  public List<Walled> walls(BoredVessel d, Aim aim, Shop shop) {
    VesselShape shape = new VesselShape(d, aim.dims(), shop);
    return List.of(
        new Walled(
            aim.part(BODY),
            WallWishes.of(
                shop.practice(),
                Line.WALL_VESSEL,
                Line.WALL_VESSEL_RIM,
                Line.WALL_VESSEL,
                Line.WALL_VESSEL_FLOOR,
                Line.WALL_VESSEL),
            shape.walls().drift()));
  }

  @Override
  public List<Finding> judge(BoredVessel design, Aim aim, Shop shop) {
    return new VesselJudge(design, aim, shop).judge();
  }

  @Override
  public List<Remedy> remedies(BoredVessel design, Finding finding, Aim aim, Shop shop) {
    return new VesselJudge(design, aim, shop).remedies(finding);
  }

  @Override
  public BoredVessel size(BoredVessel design, DimKey key, Optional<Size> size) {
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    size.ifPresentOrElse(s -> next.put(key, s), () -> next.remove(key));
    if (size.isPresent() && key.path().equals("body.floor")) {
      next.remove(new DimKey("outside.height"));
    }
    if (size.isPresent() && key.path().equals("outside.height")) {
      next.remove(new DimKey("body.floor"));
    }
    return design.with(next);
  }

  private static final DimKey HEIGHT = new DimKey("outside.height");

  /** Each point drags the size it stands for; the height stays while the bore is dragged in it. */
  @Override
  public BoredVessel drag(BoredVessel design, Aim aim, String handle, double z, double r) {
    DimKey key = new DimKey(handle);
    double foot = aim.part(BODY).closed().zero();
    double mm =
        switch (handle) {
          case "bore.depth" -> Math.max(1, foot + aim.mm("outside.height") - z);
          case "foot.hollow" -> Math.max(0, z - foot);
          default -> Math.max(1, 2 * r);
        };
    BoredVessel held =
        handle.equals("bore.depth")
            ? size(design, HEIGHT, Optional.of(Size.mm(aim.mm(HEIGHT.path()))))
            : design;
    BoredVessel open =
        design.form() == Form.STRAIGHT && ENDS.contains(key) ? opened(held, aim) : held;
    return size(open, key, Optional.of(Size.mm(Rounding.to(mm, 1))));
  }

  private static final List<DimKey> ENDS =
      List.of(new DimKey("outside.foot"), new DimKey("outside.rim"));

  /** A cylinder of which one end is dragged tapers; the other end stays as it is. */
  private BoredVessel opened(BoredVessel d, Aim aim) {
    BoredVessel out = Restated.with(d, "form", Form.TAPER);
    for (DimKey end : ENDS) {
      out = size(out, end, Optional.of(Size.mm(Rounding.to(aim.mm("outside.diameter"), 1))));
    }
    return size(out, new DimKey("outside.diameter"), Optional.empty());
  }

  @Override
  public List<Handle> handles(BoredVessel d, Aim aim, Shop shop) {
    VesselShape shape = new VesselShape(d, aim.dims(), shop);
    BoreWalls walls = shape.walls();
    double foot = shape.foot;
    double h = aim.mm("outside.height");
    List<Handle> out = new ArrayList<>();
    out.add(round("outside.foot", "foot", foot, aim, walls));
    out.add(round("outside.rim", "rim", foot + h, aim, walls));
    if (d.form() == Form.BELLIED || d.necked()) {
      double belly = foot + VesselShape.widest(d, aim.practice()) * h;
      out.add(round("outside.diameter", "belly", belly, aim, walls));
    }
    if (d.necked()) {
      out.add(round("outside.neck", "neck", foot + shop.custom(Line.FORM_NECK) * h, aim, walls));
    }
    double spare = h - shape.point() - aim.mm("foot.hollow") - shop.custom(Line.WALL_VESSEL_FLOOR);
    double deep = aim.mm("bore.depth");
    out.add(
        Handle.deep(
            "bore.depth",
            "depth of the bore",
            new Point(foot + h - deep, aim.mm("bore.diameter") / 2),
            deep + spare));
    double hollow = aim.mm("foot.hollow");
    out.add(
        Handle.deep(
            "foot.hollow",
            "hollow of the foot",
            new Point(foot + hollow, aim.mm("outside.foot") / 8),
            hollow + spare));
    return out;
  }

  private static Handle round(String key, String label, double z, Aim aim, BoreWalls walls) {
    return Handle.round(key, label, new Point(z, aim.mm(key) / 2), walls);
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
            "outside.neck",
            "outside.rim"),
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
            "bore.depth",
            "hollow.wall"));
  }

  static List<End> finishes(BoredVessel d) {
    List<Option> ways =
        Stream.of(
                Finishing.SAW,
                Finishing.JAM_PLUG,
                Finishing.MANDREL,
                Finishing.EXPAND,
                Finishing.AROUND,
                Finishing.RECESS,
                Finishing.PRESSED)
            .map(Finishing::option)
            .toList();
    return List.of(
        new End("foot", BODY, Choice.of("footBy", "How the foot is finished", ways, d.footBy())));
  }

  @Override
  public List<End> ends(BoredVessel d) {
    return finishes(d);
  }

  @Override
  public List<Boring> boring(BoredVessel d, Aim aim, Shop shop) {
    VesselShape shape = new VesselShape(d, aim.dims(), shop);
    BoringPlan plan = shape.boring();
    return List.of(
        new Boring(
            BODY,
            "rim",
            List.of(plan),
            Stations.of(
                aim.part(BODY).target(),
                shape.rim,
                aim.part(BODY).surface("inside").line(),
                shop.depthGauge())));
  }

  @Override
  public HalfSection keep(BoredVessel d, Aim aim, Shop shop) {
    return new VesselShape(d, aim.dims(), shop).walls().zone();
  }

  @Override
  public List<StickPiece> stick(BoredVessel d, Map<DimKey, Dim> dims) {
    return new Stick(dims)
        .add("stick.face-foot", "facing", false)
        .add("stick.tenon-foot", "tenon", false)
        .add("stick.waste-foot", "waste", false)
        .add("outside.height", "vessel", true)
        .add("stick.face-rim", "facing", false)
        .add("stick.tenon-rim", "tenon", false)
        .done();
  }

  @Override
  public Map<DimKey, Double> onSection(BoredVessel d, Aim aim, Shop shop) {
    return VesselOnSection.read(d, aim);
  }

  @Override
  public List<Measure> measures(BoredVessel d, Aim aim, Shop shop) {
    double foot = aim.part(BODY).closed().zero();
    double h = aim.mm("outside.height");
    double rim = foot + h;
    double deep = rim - aim.mm("bore.depth");
    Measure.Kind out = Measure.Kind.OUTSIDE;
    Measures m = new Measures(aim);
    m.length("outside.height", "height", foot, rim, BODY)
        .outside("outside.diameter", "⌀", foot + VesselShape.widest(d, aim.practice()) * h, BODY);
    if (d.form() != Form.STRAIGHT) {
      m.outside("outside.foot", "⌀ foot", foot, BODY);
    }
    if (d.necked()) {
      m.outside("outside.neck", "⌀ neck", foot + aim.custom(Line.FORM_NECK) * h, BODY);
    }
    if (d.form() != Form.STRAIGHT) {
      m.outside("outside.rim", "⌀ rim", rim, BODY);
    }
    double tenon = aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot") / 2;
    double upper = rim + aim.mm("stick.face-rim") + aim.mm("stick.tenon-rim") / 2;
    return m.inside("bore.diameter", "⌀ bore", rim - 0.3 * aim.mm("bore.depth"), BODY)
        .deep("bore.depth", "deep", deep, rim, aim.mm("bore.diameter") / 2, BODY)
        .deep("body.floor", "floor", foot, foot + aim.mm("body.floor"), 0, BODY)
        .read("bore.narrow-depth", "narrow", rim, -1, BODY)
        .turned("tenon-foot.diameter", "tenon", out, tenon, BODY)
        .turned("tenon-rim.diameter", "tenon", out, upper, BODY)
        .turned("foot.recess", "recess", Measure.Kind.INSIDE, foot + 1, BODY)
        .read("foot.hollow", "hollow", foot, 1, BODY)
        .turned("blank.round", "round", out, foot + 5, BODY)
        .done();
  }

  @Override
  public Map<String, Double> anchors(BoredVessel d, Map<DimKey, Double> dims) {
    return Map.of(
        BODY,
        dims.get(new DimKey("stick.face-foot"))
            + dims.get(new DimKey("stick.tenon-foot"))
            + dims.get(new DimKey("stick.waste-foot")));
  }

  @Override
  public Map<DimKey, Double> settled(
      BoredVessel d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    return Map.of();
  }

  @Override
  public List<DimKey> stays(BoredVessel d, Set<DimKey> named) {
    DimKey height = new DimKey("outside.height");
    return named.contains(height) || named.contains(new DimKey("body.floor"))
        ? List.of()
        : List.of(height);
  }

  @Override
  public List<Feature> features(BoredVessel d) {
    SurfaceId inside = new SurfaceId(BODY, "inside");
    List<Feature> out = new ArrayList<>();
    out.add(feature("bore.diameter", inside, Feature.Kind.SHAPE));
    out.add(feature("bore.depth", inside, Feature.Kind.SHAPE));
    out.add(
        d.recessed()
            ? feature("tenon-rim.diameter", new SurfaceId(BODY, "rim"), Feature.Kind.STUB)
            : feature("tenon-foot.diameter", new SurfaceId(BODY, "foot"), Feature.Kind.STUB));
    if (d.recessed()) {
      SurfaceId foot = new SurfaceId(BODY, "foot");
      out.add(feature("foot.recess", foot, Feature.Kind.SHAPE));
      out.add(feature("foot.hollow", foot, Feature.Kind.SHAPE));
    }
    return out;
  }

  private static Feature feature(String key, SurfaceId on, Feature.Kind kind) {
    return new Feature(new DimKey(key), on, kind, new DimKey(key));
  }

  @Override
  public List<DimKey> recorded(BoredVessel d) {
    return RECORDED;
  }

  @Override
  public List<Remedy> waysOn(BoredVessel d, Aim aim, AsFound f) {
    Tries out = new Tries(aim);
    double v = f.value();
    switch (f.what()) {
      case LENGTH -> {
        out.set("outside.height", v);
        out.set("outside.height", v - 2);
      }
      case DIAMETER -> {
        out.set("outside.diameter", v);
        out.set("outside.diameter", v - 1);
      }
      case DEPTH -> {
        out.set("bore.depth", v);
        out.set("bore.depth", v + 1);
      }
      case FLAW -> {
        out.set("outside.diameter", aim.mm("outside.diameter") - 2 * v);
        out.set("outside.diameter", aim.mm("outside.diameter") - 2 * v - 1);
      }
      default -> {}
    }
    out.set("bore.diameter", aim.mm("bore.diameter") - 1);
    out.set("foot.hollow", 1.5);
    return out.done();
  }

  @Override
  public Properties properties(BoredVessel d, Aim aim) {
    Part vessel = aim.part(BODY);
    double foot = vessel.closed().zero();
    double rim = foot + aim.mm("outside.height");
    // What is bored or hollowed is the zone of the surfaces in it.
    HalfSection hollow =
        vessel.surfaces().stream()
            .filter(Surface::inside)
            .map(Surface::zone)
            .reduce(HalfSection.EMPTY, HalfSection::plus);
    double line =
        hollow
            .and(
                HalfSection.box(
                    foot, rim - aim.custom(Line.CONTENT_WATER_LINE), 0, HalfSection.FAR))
            .volume();
    return Properties.of(aim, hollow.volume(), line, aim.mm("outside.foot"));
  }
}
