package hazelkeep.piece.mill;

import hazelkeep.bore.Stations;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
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
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Measures;
import hazelkeep.piece.NamedKind;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Stick;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.Tries;
import hazelkeep.piece.Twin;
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

/** A mill that is bored from both ends, and the shaker that stands beside it. */
public final class MillKind extends NamedKind<Mill> {
  /** The mill. */
  public static final MillKind MILL = new MillKind("mill", "spice mill", Mill.Role.MILL);

  /** Its twin. */
  public static final MillKind SHAKER = new MillKind("shaker", "twin shaker", Mill.Role.SHAKER);

  private static final String BODY = MillShape.BODY;
  private static final String HEAD = MillShape.HEAD;

  private static final List<DimKey> RECORDED =
      Stream.of(
              "outside.height",
              "outside.diameter",
              "outside.waist",
              "bore.diameter",
              "bore.foot",
              "bore.mouth",
              "ring.diameter",
              "ring.depth",
              "plate.diameter",
              "drive.diameter",
              "shaft.hole",
              "spigot.diameter",
              "thread.proud",
              "tenon-foot.diameter",
              "tenon-mouth.diameter",
              "tenon-top.diameter")
          .map(DimKey::new)
          .toList();

  private final Mill.Role role;

  private MillKind(String name, String title, Mill.Role role) {
    super(name, title, Mill.class);
    this.role = role;
  }

  @Override
  public Mill fresh() {
    return Mill.fresh(role);
  }

  @Override
  public List<Rule<Mill>> rules(Mill design) {
    return MillRules.ALL;
  }

  @Override
  public Aim aim(Mill design, Map<DimKey, Dim> dims, Shop shop) {
    return new MillShape(design, dims, shop).aim();
  }

  @Override
  public Route route(Mill design, Aim aim, Shop shop) {
    return new MillRecipe(design, aim, shop).route();
  }

  @Override
  public List<Walled> walls(Mill d, Aim aim, Shop shop) {
    return List.of(
        new Walled(
            aim.part(BODY),
            WallWishes.of(
                shop.practice(),
                Line.WALL_MILL,
                Line.WALL_MILL_RIM,
                Line.WALL_MILL_RIM,
                Line.WALL_MILL_RIM,
                Line.WALL_MILL_RIM),
            new MillShape(d, aim.dims(), shop).walls().drift()),
        Walled.hollowed(
            aim.part(HEAD),
            WallWishes.of(
                shop.practice(),
                Line.WALL_MILL_CORNER,
                Line.WALL_MILL_TENON,
                Line.WALL_MILL_TENON,
                Line.WALL_MILL_CORNER,
                Line.WALL_MILL_CORNER)));
  }

  @Override
  public List<Finding> judge(Mill design, Aim aim, Shop shop) {
    return new MillJudge(design, aim, shop).judge();
  }

  @Override
  public List<Remedy> remedies(Mill design, Finding finding, Aim aim, Shop shop) {
    return new MillJudge(design, aim, shop).remedies(finding);
  }

  @Override
  public Mill size(Mill design, DimKey key, Optional<Size> size) {
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    size.ifPresentOrElse(s -> next.put(key, s), () -> next.remove(key));
    if (size.isPresent()) {
      said(next, key.path());
    }
    return design.with(next);
  }

  /** Height, thread and the two halves say one another: what was stated last counts. */
  private static void said(Map<DimKey, Size> next, String key) {
    DimKey whole = new DimKey("outside.height");
    DimKey thread = new DimKey("thread.proud");
    DimKey body = new DimKey("body.height");
    DimKey head = new DimKey("head.height");
    switch (key) {
      case "outside.height" -> {
        next.remove(thread);
        if (next.containsKey(head)) {
          next.remove(body);
        }
      }
      case "thread.proud" -> {
        next.remove(whole);
        if (next.containsKey(head)) {
          next.remove(body);
        }
      }
      case "body.height", "head.height" -> {
        if (next.containsKey(body) && next.containsKey(head)) {
          next.remove(whole);
          next.remove(thread);
        }
      }
      default -> {}
    }
  }

  @Override
  public Mill drag(Mill design, Aim aim, Shop shop, String handle, Point to) {
    double tenth = Rounding.to(Math.max(1, 2 * to.r()), 1);
    return size(design, new DimKey(handle), Optional.of(new Size(Length.mm(tenth), Hedge.EXACT)));
  }

  @Override
  public List<Handle> handles(Mill d, Aim aim, Shop shop) {
    BoreWalls walls = new MillShape(d, aim.dims(), shop).walls();
    double foot = foot(aim);
    double h = aim.mm("body.height");
    double rim = rim(aim);
    List<Handle> out = new ArrayList<>();
    out.add(round("outside.diameter", "foot", foot, aim, walls));
    if (d.form() == Mill.Form.WAISTED) {
      out.add(round("outside.waist", "waist", foot + aim.custom(Line.FORM_WAIST) * h, aim, walls));
    }
    out.add(round("outside.join", "under the head", foot + h, aim, walls));
    double top = rim + Math.max(0, aim.mm("head.height") - aim.mm("head.dome"));
    Point head = new Point(top, aim.mm("outside.top") / 2);
    out.add(new Handle("outside.top", "head", head, false, true));
    return out;
  }

  private static Handle round(String key, String label, double z, Aim aim, BoreWalls walls) {
    return Handle.round(key, label, new Point(z, aim.mm(key) / 2), walls);
  }

  private static double foot(Aim aim) {
    return aim.part(BODY).closed().zero();
  }

  /** The head's shoulder, in the blank's z. */
  private static double rim(Aim aim) {
    return aim.part(HEAD).closed().zero() + aim.mm("body.height");
  }

  @Override
  public List<Choice> choices(Mill d) {
    List<Choice> out = new ArrayList<>();
    out.add(
        Choice.of(
            "role",
            "What it does",
            List.of(
                new Option("MILL", "Grinds", "A shaft goes through; its length sets the height."),
                new Option("SHAKER", "Shakes", "Filled from the foot, holes in the head.")),
            d.role(),
            "outside.height",
            "drive.depth"));
    out.add(
        Choice.of(
            "form",
            "Line of the body",
            List.of(
                new Option("WAISTED", "Waisted", "A grip for the hand."),
                new Option("STRAIGHT", "Straight", "One line from foot to head.")),
            d.form(),
            "outside.waist",
            "outside.join"));
    out.add(
        Choice.of(
            "fit",
            "How the head goes in",
            Arrays.stream(FitClass.values())
                .filter(f -> f != FitClass.JAM)
                .map(f -> new Option(f.name(), f.word(), f.what()))
                .toList(),
            d.fit(),
            "joint.clearance"));
    return out;
  }

  static List<End> finishes(Mill d) {
    return List.of(
        new End(
            "mouth",
            BODY,
            Choice.of(
                "mouthBy",
                "How the body is held for its mouth",
                options(Finishing.AROUND, Finishing.EXPAND, Finishing.PRESSED),
                d.mouthBy())),
        new End(
            "top",
            HEAD,
            Choice.of(
                "topBy",
                "How the top is finished",
                options(Finishing.JAM_CUP, Finishing.AROUND, Finishing.PRESSED),
                d.topBy())));
  }

  private static List<Option> options(Finishing... ways) {
    return Arrays.stream(ways).map(Finishing::option).toList();
  }

  @Override
  public List<End> ends(Mill d) {
    return finishes(d);
  }

  @Override
  public List<Boring> boring(Mill d, Aim aim, Shop shop) {
    MillShape shape = new MillShape(d, aim.dims(), shop);
    HalfSection body = aim.part(BODY).target();
    Frame turned = new Frame(shape.top, true);
    return List.of(
        new Boring(
            BODY,
            "end of the tenon at its mouth",
            List.of(shape.through().near()),
            Stations.of(
                body,
                shape.mouthTenonEnd(),
                aim.part(BODY).surface("bore").line(),
                shop.depthGauge()),
            Optional.of(shape.through())),
        new Boring(
            BODY, "foot", List.of(shape.through().far()), List.of(), Optional.of(shape.through())),
        new Boring(
            HEAD,
            "end of its tenon",
            List.of(shape.headBore()),
            Stations.of(
                aim.part(HEAD).target().in(turned),
                turned.x(shape.tenonEnd),
                aim.part(HEAD)
                    .surface(aim.mm("drive.depth") > 0 ? "under" : "hole")
                    .line()
                    .in(turned),
                shop.depthGauge())));
  }

  @Override
  public HalfSection keep(Mill d, Aim aim, Shop shop) {
    return new MillShape(d, aim.dims(), shop).walls().zone();
  }

  /** The sizes that both of a pair share. */
  private static final List<String> OUTSIDE =
      List.of(
          "outside.height",
          "outside.diameter",
          "outside.waist",
          "outside.join",
          "outside.top",
          "head.height",
          "head.dome");

  /** The shaker beside a mill: the works decide the outside, so the mill comes first. */
  @Override
  public Optional<Twin<Mill>> twin(Mill d, Aim aim) {
    if (!d.grinds()) {
      return Optional.empty();
    }
    Mill fresh = SHAKER.fresh();
    Map<DimKey, Size> shared = new TreeMap<>();
    OUTSIDE.forEach(k -> shared.put(new DimKey(k), Size.mm(aim.mm(k))));
    // Its dome has no hole: what the shaft's hole takes off the mill's stands on the shaker.
    double more = MillShape.cap(aim::mm) - aim.mm("head.dome");
    for (String k : List.of("head.dome", "head.height", "outside.height")) {
      shared.computeIfPresent(new DimKey(k), (key, s) -> Size.mm(s.mm() + more));
    }
    Mill twin =
        new Mill(
            fresh.role(),
            d.form(),
            fresh.fit(),
            d.holes(),
            d.species(),
            d.grit(),
            d.finish(),
            Optional.empty(),
            shared,
            d.mouthBy(),
            d.topBy(),
            d.jamWood(),
            d.paper(),
            d.grainSlope(),
            List.of());
    return Optional.of(new Twin<>(SHAKER, twin));
  }

  @Override
  public List<Fitting> fittings(Mill d, Aim aim) {
    return new MillParts(d, aim).fittings();
  }

  @Override
  public List<String> assembly(Mill d, Aim aim) {
    return new MillParts(d, aim).assembly();
  }

  @Override
  public List<StickPiece> stick(Mill d, Map<DimKey, Dim> dims) {
    return new Stick(dims)
        .add("stick.face-foot", "facing", false)
        .add("stick.tenon-foot", "tenon", false)
        .add("stick.waste-foot", "waste", false)
        .add("body.height", "body", true)
        .add("stick.face-mouth", "facing", false)
        .add("stick.tenon-mouth", "tenon", false)
        .add("stick.kerf", "kerf", false)
        .add("stick.face-spigot", "facing", false)
        .add("joint.length", "head's tenon", true)
        .add("head.height", "head", true)
        .add("stick.waste-top", "waste", false)
        .add("stick.tenon-top", "tenon", false)
        .add("stick.face-top", "facing", false)
        .done();
  }

  @Override
  public Map<DimKey, Double> onSection(Mill d, Aim aim, Shop shop) {
    return MillOnSection.read(d, aim);
  }

  @Override
  public List<Measure> measures(Mill d, Aim aim, Shop shop) {
    double foot = foot(aim);
    double mouth = foot + aim.mm("body.height");
    double rim = rim(aim);
    double end = rim - aim.mm("joint.length");
    double top = rim + aim.mm("head.height");
    double tenon = mouth + aim.mm("stick.face-mouth") + aim.mm("stick.tenon-mouth");
    double r = aim.mm("bore.diameter") / 2;
    Measure.Kind out = Measure.Kind.OUTSIDE;
    Measures m = new Measures(aim);
    m.length("body.height", "body", foot, mouth, BODY)
        .length("head.height", "head", rim, top, HEAD)
        .outside("outside.diameter", "⌀ foot", foot, BODY);
    if (d.form() == Mill.Form.WAISTED) {
      m.outside(
          "outside.waist",
          "⌀ waist",
          foot + aim.custom(Line.FORM_WAIST) * aim.mm("body.height"),
          BODY);
    }
    return m.outside("outside.join", "⌀", mouth, BODY)
        .outside("outside.top", "⌀ head", top - aim.mm("head.dome"), HEAD)
        .inside("bore.diameter", "⌀ bore", mouth - 0.3 * aim.mm("body.height"), BODY)
        .inside("ring.diameter", "⌀ seat", foot + 0.7 * aim.mm("ring.depth"), BODY)
        .deep("bore.foot", "from foot", foot, foot + aim.mm("bore.foot"), r, BODY)
        .read("bore.mouth", "from mouth", tenon, -1, BODY)
        .read("plate.depth", "plate", foot, 1, BODY)
        .read("ring.depth", "seat", foot, 1, BODY)
        .read("drive.depth", "seat", end, 1, HEAD)
        .read("shaft.bore", "hole", end, 1, HEAD)
        .turned("spigot.diameter", "tenon", out, (end + rim) / 2, HEAD)
        .turned("tenon-foot.diameter", "tenon", out, foot / 2, BODY)
        .turned("tenon-mouth.diameter", "tenon", out, tenon - 2, BODY)
        .turned("tenon-top.diameter", "tenon", out, top + aim.mm("stick.waste-top") + 2, HEAD)
        .turned("blank.round", "round", out, foot + 5, BODY)
        .done();
  }

  @Override
  public Map<String, Double> anchors(Mill d, Map<DimKey, Double> dims) {
    double foot = sum(dims, "stick.face-foot", "stick.tenon-foot", "stick.waste-foot");
    double rim =
        foot
            + sum(
                dims,
                "body.height",
                "stick.face-mouth",
                "stick.tenon-mouth",
                "stick.kerf",
                "stick.face-spigot",
                "joint.length");
    return Map.of(BODY, foot, HEAD, rim);
  }

  private static double sum(Map<DimKey, Double> dims, String... keys) {
    return Arrays.stream(keys).mapToDouble(k -> dims.get(new DimKey(k))).sum();
  }

  @Override
  public Map<DimKey, Double> settled(Mill d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    // The tenon on the head stays where it was cut, however high the head is to be.
    double waste = sum(then, "head.height", "stick.waste-top") - sum(now, "head.height");
    return Math.abs(waste - sum(now, "stick.waste-top")) < 1e-9
        ? Map.of()
        : Map.of(new DimKey("stick.waste-top"), Math.max(0, waste));
  }

  @Override
  public List<DimKey> stays(Mill d, Set<DimKey> named) {
    DimKey height = new DimKey("outside.height");
    DimKey head = new DimKey("head.height");
    boolean whole = named.contains(height) || named.contains(new DimKey("thread.proud"));
    return Stream.of(height, head).filter(k -> !named.contains(k) && !whole).toList();
  }

  @Override
  public List<Feature> features(Mill d) {
    List<Feature> out = new ArrayList<>();
    out.add(feature("bore.diameter", BODY, "mouth bore", Feature.Kind.INNER));
    out.add(feature("spigot.diameter", HEAD, "spigot", Feature.Kind.OUTER));
    out.add(feature("ring.depth", BODY, "seats", Feature.Kind.SHAPE));
    out.add(feature("plate.depth", BODY, "seats", Feature.Kind.SHAPE));
    out.add(feature("drive.depth", HEAD, "under", Feature.Kind.SHAPE));
    out.add(feature("tenon-foot.diameter", BODY, "foot", Feature.Kind.STUB));
    out.add(feature("tenon-mouth.diameter", BODY, "mouth", Feature.Kind.STUB));
    out.add(feature("tenon-top.diameter", HEAD, "top", Feature.Kind.STUB));
    return out;
  }

  private static Feature feature(String key, String part, String on, Feature.Kind kind) {
    return new Feature(new DimKey(key), new SurfaceId(part, on), kind, new DimKey(key));
  }

  @Override
  public List<DimKey> recorded(Mill d) {
    return RECORDED;
  }

  @Override
  public List<Remedy> waysOn(Mill d, Aim aim, AsFound f) {
    Tries out = new Tries(aim);
    double v = f.value();
    String height = f.part().equals(BODY) ? "body.height" : "head.height";
    switch (f.what()) {
      case LENGTH -> {
        double tenon = f.part().equals(BODY) ? 0 : aim.mm("joint.length");
        out.set(height, v - tenon);
        out.set(height, v - tenon - 2);
      }
      case DIAMETER -> {
        for (String key : List.of("outside.diameter", "outside.waist", "outside.top")) {
          out.set(key, Math.min(v, aim.mm(key)));
        }
        out.choose("form", "WAISTED");
      }
      case DEPTH -> out.set("bore.foot", v);
      case FLAW -> {
        out.set("outside.waist", aim.mm("outside.waist") - 2 * v);
        out.set("outside.diameter", aim.mm("outside.diameter") - 2 * v);
      }
      default -> {}
    }
    out.set("bore.diameter", aim.mm("bore.diameter") - 2);
    return out.done();
  }

  @Override
  public Properties properties(Mill d, Aim aim) {
    HalfSection body = aim.part(BODY).target().in(aim.part(BODY).closed());
    double from = aim.mm("ring.depth");
    double to = aim.mm("body.height") - aim.mm("joint.length");
    HalfSection shaft = HalfSection.box(0, to, 0, aim.mm("shaft.diameter") / 2);
    HalfSection room =
        HalfSection.box(from, to, 0, aim.mm("bore.diameter") / 2).minus(body).minus(shaft);
    return Properties.of(aim, room.volume(), 0, aim.mm("outside.diameter"));
  }
}
