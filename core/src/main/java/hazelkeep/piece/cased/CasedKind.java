package hazelkeep.piece.cased;

import hazelkeep.bore.Stations;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
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
import hazelkeep.piece.Rolled;
import hazelkeep.piece.Rule;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Stick;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.Tries;
import hazelkeep.piece.WallWishes;
import hazelkeep.piece.Walled;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** A slim case, and a little house: bored by two bits a step apart. */
public final class CasedKind extends NamedKind<Cased> {
  /** A case for needles and the like. */
  public static final CasedKind NEEDLE_CASE =
      new CasedKind("needle-case", "needle case", Cased.Form.CASE);

  /** A little house that hangs. */
  public static final CasedKind HOUSE =
      new CasedKind("hanging-house", "little hanging house", Cased.Form.HOUSE);

  private static final String BODY = CasedShape.BODY;
  private static final String LID = CasedShape.LID;

  private static final List<DimKey> RECORDED =
      Stream.of(
              "outside.diameter",
              "outside.eaves",
              "body.height",
              "lid.height",
              "joint.length",
              "bore.diameter",
              "bore.depth",
              "recess.diameter",
              "lid.depth",
              "spigot.diameter",
              "joint.clearance",
              "tenon-foot.diameter",
              "tenon-top.diameter")
          .map(DimKey::new)
          .toList();

  private final Cased.Form form;

  private CasedKind(String name, String title, Cased.Form form) {
    super(name, title, Cased.class);
    this.form = form;
  }

  @Override
  public Cased fresh() {
    return Cased.fresh(form);
  }

  @Override
  public List<Rule<Cased>> rules(Cased design) {
    return CasedRules.ALL;
  }

  @Override
  public Aim aim(Cased design, Map<DimKey, Dim> dims, Shop shop) {
    return new CasedShape(design, dims, shop).aim();
  }

  @Override
  public Route route(Cased design, Aim aim, Shop shop) {
    return new CasedRecipe(design, aim, shop).route();
  }

  private static WallWishes wishes(Shop shop) {
    return WallWishes.of(
        shop.practice(),
        Line.WALL_CASE,
        Line.WALL_CASE_RIM,
        Line.WALL_CASE_SPIGOT,
        Line.WALL_CASE_END,
        Line.WALL_CASE);
  }

  @Override
  public List<Walled> walls(Cased d, Aim aim, Shop shop) {
    CasedShape shape = new CasedShape(d, aim.dims(), shop);
    return List.of(
        new Walled(aim.part(BODY), wishes(shop), shape.bodyWalls().drift()),
        new Walled(aim.part(LID), wishes(shop), shape.lidWalls().drift()));
  }

  @Override
  public List<Finding> judge(Cased design, Aim aim, Shop shop) {
    return new CasedJudge(design, aim, shop).judge();
  }

  @Override
  public List<Remedy> remedies(Cased design, Finding finding, Aim aim, Shop shop) {
    return new CasedJudge(design, aim, shop).remedies(finding);
  }

  @Override
  public Cased size(Cased design, DimKey key, Optional<Size> size) {
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    size.ifPresentOrElse(s -> next.put(key, s), () -> next.remove(key));
    if (size.isPresent() && key.path().equals("body.floor")) {
      next.remove(new DimKey("body.height"));
      next.remove(new DimKey("outside.height"));
    }
    if (size.isPresent() && key.path().equals("outside.height")) {
      next.remove(new DimKey("body.floor"));
      next.remove(new DimKey("body.height"));
    }
    if (size.isPresent() && key.path().equals("body.height")) {
      next.remove(new DimKey("outside.height"));
    }
    if (size.isPresent() && key.path().equals("lid.end")) {
      next.remove(new DimKey("lid.height"));
    }
    return design.with(next);
  }

  @Override
  public Cased drag(Cased design, Aim aim, Shop shop, String handle, Point to) {
    double foot = aim.part(BODY).closed().zero();
    double mm =
        switch (handle) {
          case "bore.depth" -> foot + aim.mm("body.height") + aim.mm("joint.length") - to.z();
          case "lid.depth" -> to.z() - rim(aim);
          default -> 2 * to.r();
        };
    Size size = Size.mm(Rounding.to(Math.max(1, mm), 1));
    // Body and lid keep their height while a bore is dragged in them.
    Cased held =
        switch (handle) {
          case "bore.depth" -> kept(design, "body.height", aim);
          case "lid.depth" -> kept(design, "lid.height", aim);
          default -> design;
        };
    return size(held, new DimKey(handle), Optional.of(size));
  }

  private Cased kept(Cased design, String key, Aim aim) {
    return size(design, new DimKey(key), Optional.of(Size.mm(aim.mm(key))));
  }

  /** The lid's rim, in the blank's z. */
  private static double rim(Aim aim) {
    return aim.part(LID).closed().zero() + aim.mm("body.height");
  }

  @Override
  public List<Handle> handles(Cased d, Aim aim, Shop shop) {
    CasedShape shape = new CasedShape(d, aim.dims(), shop);
    BoreWalls body = shape.bodyWalls();
    BoreWalls lid = shape.lidWalls();
    double top = shape.top - aim.mm("lid.dome");
    List<Handle> out = new ArrayList<>();
    out.add(round("outside.foot", "foot", shape.foot, aim, body));
    out.add(round("outside.diameter", "join", shape.join, aim, body));
    if (d.house()) {
      out.add(round("outside.eaves", "eaves", shape.rim, aim, lid));
    }
    out.add(round("outside.top", "top edge", top, aim, lid));
    double deep = aim.mm("bore.depth");
    out.add(
        Handle.deep(
            "bore.depth",
            "depth of the body's bore",
            new Point(shape.mouth - deep, aim.mm("bore.diameter") / 4),
            deep + aim.mm("body.floor") - aim.mm("foot.hollow") - shop.custom(Line.WALL_CASE_END)));
    double inLid = aim.mm("lid.depth");
    out.add(
        Handle.deep(
            "lid.depth",
            "depth of the lid's bore",
            new Point(shape.rim + inLid, aim.mm("recess.diameter") / 4),
            inLid + aim.mm("lid.end") - shop.custom(Line.WALL_CASE_END)));
    return out;
  }

  private static Handle round(String key, String label, double z, Aim aim, BoreWalls walls) {
    return Handle.round(key, label, new Point(z, aim.mm(key) / 2), walls);
  }

  @Override
  public List<Choice> choices(Cased d) {
    return List.of(
        Choice.of(
            "form",
            "What it looks like",
            List.of(
                new Option("CASE", "Slim case", "One straight line, both ends rounded."),
                new Option("SPINDLE", "Spindle", "Fullest at the join, where the walls need it."),
                new Option("HOUSE", "Little house", "A roof over its walls, holes in its side.")),
            d.form(),
            "outside.diameter",
            "outside.eaves"),
        Choice.of(
            "fit",
            "How the lid fits",
            Arrays.stream(FitClass.values())
                .filter(f -> f != FitClass.JAM)
                .map(f -> new Option(f.name(), f.word(), f.what()))
                .toList(),
            d.fit(),
            "joint.clearance"));
  }

  static List<End> finishes(Cased d) {
    List<Option> ways =
        Stream.of(
                Finishing.SAW,
                Finishing.JAM_PLUG,
                Finishing.JAM_CUP,
                Finishing.AROUND,
                Finishing.MANDREL,
                Finishing.EXPAND,
                Finishing.PRESSED)
            .map(Finishing::option)
            .toList();
    List<Option> top =
        Stream.of(Finishing.ON_PARTNER, Finishing.SAW).map(Finishing::option).toList();
    return List.of(
        new End("foot", BODY, Choice.of("footBy", "How the foot is finished", ways, d.footBy())),
        new End("top", LID, Choice.of("topBy", "How the top is finished", top, d.topBy())));
  }

  @Override
  public List<End> ends(Cased d) {
    return finishes(d);
  }

  @Override
  public List<Boring> boring(Cased d, Aim aim, Shop shop) {
    CasedShape shape = new CasedShape(d, aim.dims(), shop);
    Frame turned = new Frame(shape.top, true);
    return List.of(
        new Boring(
            LID,
            "rim",
            List.of(shape.lidBore()),
            Stations.of(
                aim.part(LID).target().in(turned),
                turned.x(shape.rim),
                aim.part(LID).surface("roof").line().in(turned),
                shop.depthGauge())),
        new Boring(
            BODY,
            "spigot's end",
            List.of(shape.bodyBore()),
            Stations.of(
                aim.part(BODY).target(),
                shape.mouth,
                aim.part(BODY).surface("inside").line(),
                shop.depthGauge())));
  }

  @Override
  public HalfSection keep(Cased d, Aim aim, Shop shop) {
    CasedShape shape = new CasedShape(d, aim.dims(), shop);
    return shape.bodyWalls().zone().plus(shape.lidWalls().zone());
  }

  @Override
  public Optional<Rolled> rolled(Cased d, Aim aim) {
    return d.holes().isEmpty()
        ? Optional.empty()
        : Optional.of(new SideHoles(aim.part(BODY), d.holes()).rolled());
  }

  @Override
  public List<String> assembly(Cased d, Aim aim) {
    return d.house()
        ? List.of(
            "Perch into its hole with a drop of glue, once the finish is dry.",
            "Eye into the ridge, its pilot hole no thicker than its core.",
            "Roof on its spigot, grain lines together; it lifts off to be cleaned.")
        : List.of();
  }

  @Override
  public List<StickPiece> stick(Cased d, Map<DimKey, Dim> dims) {
    return new Stick(dims)
        .add("stick.face-foot", "facing", false)
        .add("stick.tenon-foot", "tenon", false)
        .add("stick.waste-foot", "waste", false)
        .add("body.height", "body", true)
        .add("joint.length", "spigot", true)
        .add("stick.face-spigot", "facing", false)
        .add("stick.kerf", "kerf", false)
        .add("stick.face-rim", "facing", false)
        .add("lid.height", d.house() ? "roof" : "lid", true)
        .add("stick.waste-top", "waste", false)
        .add("stick.tenon-top", "tenon", false)
        .add("stick.face-top", "facing", false)
        .done();
  }

  @Override
  public Map<DimKey, Double> onSection(Cased d, Aim aim, Shop shop) {
    return CasedOnSection.read(aim);
  }

  @Override
  public List<Measure> measures(Cased d, Aim aim, Shop shop) {
    double foot = aim.part(BODY).closed().zero();
    double join = foot + aim.mm("body.height");
    double mouth = join + aim.mm("joint.length");
    double rim = rim(aim);
    double top = rim + aim.mm("lid.height");
    double tenon = aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot") / 2;
    double upper = top + aim.mm("stick.waste-top") + aim.mm("stick.tenon-top") / 2;
    double spigot = (join + mouth) / 2;
    Measures m = new Measures(aim);
    m.length("body.height", "body", foot, join, BODY)
        .length("joint.length", "spigot", join, mouth, BODY)
        .length("lid.height", d.house() ? "roof" : "lid", rim, top, LID)
        .outside("outside.diameter", "⌀", join, BODY);
    if (d.form() == Cased.Form.SPINDLE) {
      m.outside("outside.foot", "⌀ foot", foot, BODY);
    }
    if (d.house()) {
      m.outside("outside.eaves", "⌀ eaves", rim, LID);
    }
    return m.inside("bore.diameter", "⌀ bore", mouth - 0.35 * aim.mm("bore.depth"), BODY)
        .inside("recess.diameter", "⌀ bore", rim + 0.5 * aim.mm("lid.depth"), LID)
        .deep(
            "bore.depth",
            "deep",
            mouth - aim.mm("bore.depth"),
            mouth,
            aim.mm("bore.diameter") / 2,
            BODY)
        .deep(
            "lid.depth", "deep", rim, rim + aim.mm("lid.depth"), aim.mm("recess.diameter") / 2, LID)
        .turned("spigot.diameter", "spigot", Measure.Kind.OUTSIDE, spigot, BODY)
        .turned("joint.jam", "jam", Measure.Kind.OUTSIDE, spigot, BODY)
        .turned("tenon-foot.diameter", "tenon", Measure.Kind.OUTSIDE, tenon, BODY)
        .turned("tenon-top.diameter", "tenon", Measure.Kind.OUTSIDE, upper, LID)
        .turned("blank.round", "round", Measure.Kind.OUTSIDE, foot + 5, BODY)
        .done();
  }

  @Override
  public Map<String, Double> anchors(Cased d, Map<DimKey, Double> dims) {
    double foot = sum(dims, "stick.face-foot", "stick.tenon-foot", "stick.waste-foot");
    double rim =
        foot
            + sum(
                dims,
                "body.height",
                "joint.length",
                "stick.face-spigot",
                "stick.kerf",
                "stick.face-rim");
    return Map.of(BODY, foot, LID, rim);
  }

  private static double sum(Map<DimKey, Double> dims, String... keys) {
    return Arrays.stream(keys).mapToDouble(k -> dims.get(new DimKey(k))).sum();
  }

  @Override
  public Map<DimKey, Double> settled(Cased d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    double waste = sum(then, "lid.height", "stick.waste-top") - sum(now, "lid.height");
    return Math.abs(waste - sum(now, "stick.waste-top")) < 1e-9
        ? Map.of()
        : Map.of(new DimKey("stick.waste-top"), Math.max(0, waste));
  }

  @Override
  public List<DimKey> stays(Cased d, Set<DimKey> named) {
    return Stream.of("joint.length", "body.height", "lid.height")
        .map(DimKey::new)
        .filter(k -> !named.contains(k))
        .toList();
  }

  @Override
  public List<Feature> features(Cased d) {
    return List.of(
        feature("recess.diameter", LID, "recess", Feature.Kind.INNER),
        feature("lid.depth", LID, "roof", Feature.Kind.SHAPE),
        feature("bore.diameter", BODY, "inside", Feature.Kind.SHAPE),
        feature("bore.depth", BODY, "inside", Feature.Kind.SHAPE),
        feature("spigot.diameter", BODY, "spigot", Feature.Kind.OUTER),
        feature("joint.jam", BODY, "spigot", Feature.Kind.OUTER),
        feature("tenon-foot.diameter", BODY, "foot", Feature.Kind.STUB),
        feature("tenon-top.diameter", LID, "top", Feature.Kind.STUB));
  }

  private static Feature feature(String key, String part, String on, Feature.Kind kind) {
    return new Feature(new DimKey(key), new SurfaceId(part, on), kind, new DimKey(key));
  }

  @Override
  public List<DimKey> recorded(Cased d) {
    return RECORDED;
  }

  @Override
  public List<Remedy> waysOn(Cased d, Aim aim, AsFound f) {
    Tries out = new Tries(aim);
    double v = f.value();
    boolean body = f.part().equals(BODY);
    switch (f.what()) {
      case LENGTH -> {
        out.set(body ? "body.height" : "lid.height", v - (body ? aim.mm("joint.length") : 0));
        out.set("joint.length", aim.mm("joint.length") - 2);
      }
      case DIAMETER -> {
        out.set("outside.diameter", v);
        out.set("outside.diameter", v - 1);
      }
      case DEPTH -> out.set(body ? "bore.depth" : "lid.depth", v);
      case FLAW -> out.set("outside.diameter", aim.mm("outside.diameter") - 2 * v);
      default -> {}
    }
    out.set("bore.diameter", aim.mm("bore.diameter") - 1);
    out.choose("fit", "EASY");
    return out.done();
  }

  @Override
  public Properties properties(Cased d, Aim aim) {
    HalfSection body = aim.part(BODY).target().in(aim.part(BODY).closed());
    double mouth = aim.mm("body.height") + aim.mm("joint.length");
    double floor = mouth - aim.mm("bore.depth");
    double room =
        HalfSection.box(aim.mm("foot.hollow") + 0.5, mouth, 0, aim.mm("bore.diameter") / 2)
            .minus(body)
            .pieces()
            .stream()
            .filter(p -> p.maxZ() > floor + 1)
            .mapToDouble(HalfSection::volume)
            .sum();
    return Properties.of(aim, room, 0, aim.mm("outside.foot"));
  }
}
