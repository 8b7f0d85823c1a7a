package hazelkeep.piece.box;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.box.LiddedBox.Floor;
import hazelkeep.piece.box.LiddedBox.Form;
import hazelkeep.piece.box.LiddedBox.Gives;
import hazelkeep.piece.box.LiddedBox.OutlinePoint;
import hazelkeep.piece.box.LiddedBox.Roof;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.piece.box.LiddedBox.Share;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Profile;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** The lidded end-grain box. */
public final class LiddedBoxKind implements Kind<LiddedBox> {
  private static final int FREE_POINTS = 5;

  @Override
  public String name() {
    return "lidded-box";
  }

  @Override
  public String title() {
    return "lidded box";
  }

  @Override
  public Class<LiddedBox> type() {
    return LiddedBox.class;
  }

  @Override
  public LiddedBox fresh() {
    return LiddedBox.fresh();
  }

  @Override
  public List<Rule<LiddedBox>> rules() {
    return BoxRules.ALL;
  }

  @Override
  public Aim aim(LiddedBox design, Map<DimKey, Dim> dims, Shop shop) {
    return BoxShape.of(design, dims).aim();
  }

  @Override
  public Route route(LiddedBox design, Aim aim, Shop shop) {
    return new BoxRecipe(design, aim, shop).route();
  }

  @Override
  public List<Finding> judge(LiddedBox design, Aim aim, Shop shop) {
    return new BoxJudge(design, aim, shop).judge();
  }

  @Override
  public List<Remedy> remedies(LiddedBox design, Finding finding, Aim aim, Shop shop) {
    return new BoxRemedies(design, aim, shop).of(finding);
  }

  /** Sizes that say the same: stating the one takes the other back. */
  private static final Map<String, String> INSTEAD =
      Map.of(
          "inside.depth", "body.floor",
          "body.floor", "inside.depth",
          "lid.depth", "lid.thickness",
          "lid.thickness", "lid.depth",
          "joint.diameter", "joint.shoulder",
          "joint.shoulder", "joint.diameter");

  @Override
  public LiddedBox size(LiddedBox design, DimKey key, Optional<Size> size) {
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    if (size.isEmpty()) {
      next.remove(key);
      return design.with(next);
    }
    next.put(key, size.get());
    String other = INSTEAD.get(key.path());
    if (other != null) {
      next.remove(new DimKey(other));
    }
    DimKey whole = new DimKey("outside.height");
    DimKey body = new DimKey("body.height");
    DimKey lid = new DimKey("lid.height");
    if (next.containsKey(whole) && next.containsKey(body) && next.containsKey(lid)) {
      // Two of the three decide; the one that was just stated stays.
      next.remove(key.equals(whole) ? lid : whole);
    }
    return design.with(next);
  }

  @Override
  public LiddedBox choose(LiddedBox d, String choice, String option) {
    String o = option.toUpperCase(Locale.ROOT).replace('-', '_');
    return switch (choice) {
      case "school" ->
          remade(
              d,
              School.valueOf(o),
              d.form(),
              d.top(),
              d.floor(),
              d.roof(),
              d.share(),
              d.gives(),
              d.fit());
      case "form" ->
          remade(
              freed(d, Form.valueOf(o)),
              d.school(),
              Form.valueOf(o),
              d.top(),
              d.floor(),
              d.roof(),
              d.share(),
              d.gives(),
              d.fit());
      case "top" ->
          remade(
              d,
              d.school(),
              d.form(),
              Top.valueOf(o),
              d.floor(),
              d.roof(),
              d.share(),
              d.gives(),
              d.fit());
      case "floor" ->
          remade(
              d,
              d.school(),
              d.form(),
              d.top(),
              Floor.valueOf(o),
              d.roof(),
              d.share(),
              d.gives(),
              d.fit());
      case "roof" ->
          remade(
              d,
              d.school(),
              d.form(),
              d.top(),
              d.floor(),
              Roof.valueOf(o),
              d.share(),
              d.gives(),
              d.fit());
      case "share" -> {
        LiddedBox shared =
            remade(
                d,
                d.school(),
                d.form(),
                d.top(),
                d.floor(),
                d.roof(),
                Share.valueOf(o),
                d.gives(),
                d.fit());
        // A share counts only where no lid height is stated.
        yield size(shared, new DimKey("lid.height"), Optional.empty());
      }
      case "gives" ->
          remade(
              d,
              d.school(),
              d.form(),
              d.top(),
              d.floor(),
              d.roof(),
              d.share(),
              Gives.valueOf(o),
              d.fit());
      case "fit" ->
          remade(
              d,
              d.school(),
              d.form(),
              d.top(),
              d.floor(),
              d.roof(),
              d.share(),
              d.gives(),
              FitClass.valueOf(o));
      default -> throw new IllegalArgumentException("There is no choice called “" + choice + "”");
    };
  }

  private static LiddedBox remade(
      LiddedBox d,
      School school,
      Form form,
      Top top,
      Floor floor,
      Roof roof,
      Share share,
      Gives gives,
      FitClass fit) {
    return new LiddedBox(
        school,
        form,
        top,
        floor,
        roof,
        share,
        gives,
        fit,
        d.species(),
        d.grit(),
        d.finish(),
        d.content(),
        d.blank(),
        d.sizes(),
        d.points());
  }

  /** A free outline starts as the line it had. */
  private LiddedBox freed(LiddedBox d, Form to) {
    if (to != Form.FREE || !d.points().isEmpty()) {
      return d;
    }
    Map<DimKey, Dim> dims = hazelkeep.piece.Dims.resolve(d, rules(), Shop.starter(), Map.of());
    Profile line = BoxShape.outline(d, k -> dims.get(new DimKey(k)).mm());
    double cap = dims.get(new DimKey(d.top() == Top.DOME ? "lid.dome" : "lid.roundover")).mm();
    double side = line.flat().last().z() - cap;
    List<OutlinePoint> points = new ArrayList<>();
    for (int i = 0; i < FREE_POINTS; i++) {
      double at = i / (FREE_POINTS - 1.0);
      points.add(new OutlinePoint(at, Math.rint(line.radius(at * side * 0.999999) * 10) / 10));
    }
    return d.withPoints(points);
  }

  @Override
  public LiddedBox drag(LiddedBox d, Aim aim, String handle, double z, double r) {
    BoxShape s = BoxShape.of(d, aim.dims());
    double across = Math.rint(2 * r * 10) / 10;
    if (handle.startsWith("point-")) {
      int i = Integer.parseInt(handle.substring(6));
      List<OutlinePoint> points = new ArrayList<>(d.points());
      OutlinePoint p = points.get(i);
      double at = p.at();
      if (i > 0 && i < points.size() - 1) {
        double wanted = closed(s, z) / sideLength(d, aim);
        at =
            Math.max(
                points.get(i - 1).at() + 0.03, Math.min(points.get(i + 1).at() - 0.03, wanted));
      }
      points.set(i, new OutlinePoint(Math.rint(at * 1000) / 1000, across / 2));
      return d.withPoints(points);
    }
    return switch (handle) {
      case "foot" -> size(d, new DimKey("outside.foot"), Optional.of(Size.mm(across)));
      case "belly" -> size(d, new DimKey("outside.diameter"), Optional.of(Size.mm(across)));
      case "top" -> size(d, new DimKey("outside.top"), Optional.of(Size.mm(across)));
      case "cap" ->
          size(
              d,
              new DimKey(d.top() == Top.DOME ? "lid.dome" : "lid.roundover"),
              Optional.of(Size.mm(Math.max(0.3, tenth(s.top - z)))));
      case "inside" -> size(d, new DimKey("inside.diameter"), Optional.of(Size.mm(across)));
      case "floor" ->
          size(d, new DimKey("inside.depth"), Optional.of(Size.mm(tenth(s.mouth() - z))));
      case "roof" -> size(d, new DimKey("lid.depth"), Optional.of(Size.mm(tenth(z - s.lidFace()))));
      default -> throw new IllegalArgumentException("There is no point called “" + handle + "”");
    };
  }

  private static double tenth(double mm) {
    return Math.rint(mm * 10) / 10;
  }

  private static double closed(BoxShape s, double z) {
    return z > s.rim ? z - s.foot - s.jump : Math.min(z, s.join) - s.foot;
  }

  private static double sideLength(LiddedBox d, Aim aim) {
    double cap = aim.mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
    return aim.mm("body.height") + aim.mm("lid.height") - cap;
  }

  @Override
  public List<Handle> handles(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims());
    List<Handle> out = new ArrayList<>();
    double side = sideLength(d, aim);
    if (d.form() == Form.FREE) {
      for (int i = 0; i < d.points().size(); i++) {
        OutlinePoint p = d.points().get(i);
        boolean inner = i > 0 && i < d.points().size() - 1;
        out.add(
            new Handle(
                "point-" + i,
                "outline point " + (i + 1),
                at(s, p.at() * side, p.radius()),
                inner,
                true));
      }
    } else {
      out.add(new Handle("foot", "foot", at(s, 0, aim.mm("outside.foot") / 2), false, true));
      if (d.form() == Form.BARREL) {
        out.add(
            new Handle(
                "belly", "belly", at(s, side / 2, aim.mm("outside.diameter") / 2), false, true));
      }
      out.add(new Handle("top", "top edge", at(s, side, aim.mm("outside.top") / 2), false, true));
    }
    double cap = aim.mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
    out.add(
        new Handle(
            "cap",
            d.top() == Top.DOME ? "dome" : "round-over",
            new Point(s.top - cap, aim.mm("outside.top") / 2 * 0.7),
            true,
            false));
    out.add(
        new Handle(
            "inside",
            "inside wall",
            new Point(s.mouth() - aim.mm("inside.depth") * 0.5, aim.mm("inside.diameter") / 2),
            false,
            true));
    out.add(
        new Handle(
            "floor",
            "floor",
            new Point(s.mouth() - aim.mm("inside.depth"), aim.mm("inside.diameter") / 5),
            true,
            false));
    out.add(
        new Handle(
            "roof",
            "inside of the lid",
            new Point(s.lidFace() + aim.mm("lid.depth"), aim.mm("lid.inside") / 6),
            true,
            false));
    return out;
  }

  private static Point at(BoxShape s, double closed, double r) {
    double onBody = s.foot + closed;
    return new Point(onBody <= s.join + 1e-9 ? onBody : onBody + s.jump, r);
  }

  @Override
  public List<Choice> choices(LiddedBox d) {
    return List.of(
        new Choice(
            "school",
            "Which half carries the spigot",
            List.of(
                new Option(
                    "LID_OVER",
                    "Body, the lid slips over",
                    "Clean inside; the spigot is fitted last, from outside."),
                new Option(
                    "LID_IN",
                    "Lid, it sits in the mouth",
                    "Clean outside line; the mouth is opened to the spigot.")),
            d.school().name()),
        new Choice(
            "share",
            "Lid to whole",
            List.of(
                new Option("THIRDS", "One third", "The common proportion: body twice the lid."),
                new Option("GOLDEN", "Golden section", "A taller lid, 0.382 of the height.")),
            d.share().name()),
        new Choice(
            "fit",
            "How the lid fits",
            List.of(FitClass.PUSH, FitClass.SUCTION, FitClass.SNUG, FitClass.EASY, FitClass.DROP_ON)
                .stream()
                .map(f -> new Option(f.name(), capital(f.word()), capital(f.what()) + "."))
                .toList(),
            d.fit().name()),
        new Choice(
            "form",
            "Line of the outside",
            List.of(
                new Option("STRAIGHT", "Straight", "A cylinder; shows the wood."),
                new Option("BARREL", "Barrel", "Fullest at the middle."),
                new Option("TAPER", "Taper", "Narrows upwards."),
                new Option("OGEE", "Ogee", "An S: full low, drawn in under the lid."),
                new Option("FREE", "Free points", "Drag the outline point by point.")),
            d.form().name()),
        new Choice(
            "top",
            "Top of the lid",
            List.of(
                new Option("FLAT", "Flat, edge rounded", "Stacks, and keeps the lid thick."),
                new Option("DOME", "Dome", "Soft; wants a higher lid.")),
            d.top().name()),
        new Choice(
            "floor",
            "Floor inside",
            List.of(
                new Option(
                    "FLAT", "Flat with a round corner", "Most room; the corner fits a round nose."),
                new Option("ROUNDED", "Rounded", "Easy to sand, sheds seed and salt.")),
            d.floor().name()),
        new Choice(
            "roof",
            "Inside of the lid",
            List.of(
                new Option("FLAT", "Flat", "Most room under the lid."),
                new Option("DOMED", "Domed", "Follows a dome; even thickness.")),
            d.roof().name()),
        new Choice(
            "gives",
            "What gives when the blank is short",
            List.of(
                new Option("BOTH", "Body and lid", "Both shrink, in their share."),
                new Option("BODY", "The body", "The lid keeps its height."),
                new Option("LID", "The lid", "The body keeps its room."),
                new Option("JOINT", "The spigot", "Only the joint gets shorter.")),
            d.gives().name()));
  }

  private static String capital(String s) {
    return Character.toUpperCase(s.charAt(0)) + s.substring(1);
  }

  @Override
  public List<StickPiece> stick(LiddedBox d, Map<DimKey, Dim> dims) {
    List<StickPiece> out = new ArrayList<>();
    boolean over = d.school() == School.LID_OVER;
    add(out, dims, "stick.face-foot", "facing", false);
    add(out, dims, "stick.tenon-foot", "tenon", false);
    add(out, dims, "stick.waste-foot", "waste", false);
    add(out, dims, "body.height", "body", true);
    if (over) {
      add(out, dims, "joint.length", "spigot", true);
      add(out, dims, "stick.face-spigot", "facing", false);
      add(out, dims, "stick.kerf", "kerf", false);
      add(out, dims, "stick.face-rim", "facing", false);
    } else {
      add(out, dims, "stick.face-rim", "facing", false);
      add(out, dims, "stick.kerf", "kerf", false);
      add(out, dims, "stick.face-spigot", "facing", false);
      add(out, dims, "joint.length", "spigot", true);
    }
    add(out, dims, "lid.height", "lid", true);
    add(out, dims, "stick.waste-top", "waste", false);
    add(out, dims, "stick.tenon-top", "tenon", false);
    add(out, dims, "stick.face-top", "facing", false);
    double end = out.get(out.size() - 1).to();
    double blank = dims.get(new DimKey("blank.length")).mm();
    if (blank > end + 1e-6) {
      out.add(new StickPiece(new DimKey("blank.length"), "to spare", end, blank, false));
    }
    return out;
  }

  private static void add(
      List<StickPiece> out, Map<DimKey, Dim> dims, String key, String label, boolean kept) {
    double from = out.isEmpty() ? 0 : out.get(out.size() - 1).to();
    double length = dims.get(new DimKey(key)).mm();
    out.add(new StickPiece(new DimKey(key), label, from, from + length, kept));
  }

  @Override
  public List<Measure> measures(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims());
    boolean over = d.school() == School.LID_OVER;
    double ri = aim.mm("inside.diameter") / 2;
    double floor = s.mouth() - aim.mm("inside.depth");
    double roof = s.lidFace() + aim.mm("lid.depth");
    double half = s.foot + aim.mm("body.height") / 2;
    List<Measure> m = new ArrayList<>();
    m.add(measure("body.height", s.foot, s.join, 0, Measure.Kind.LENGTH));
    m.add(
        over
            ? measure("joint.length", s.join, s.mouth(), 0, Measure.Kind.LENGTH)
            : measure("joint.length", s.lidFace(), s.rim, 0, Measure.Kind.LENGTH));
    m.add(measure("lid.height", s.rim, s.top, 0, Measure.Kind.LENGTH));
    m.add(across("outside.diameter", half, aim.mm("outside.diameter") / 2, Measure.Kind.OUTSIDE));
    m.add(across("outside.foot", s.foot, aim.mm("outside.foot") / 2, Measure.Kind.OUTSIDE));
    m.add(
        across(
            "spigot.diameter",
            over ? (s.join + s.mouth()) / 2 : (s.lidFace() + s.rim) / 2,
            aim.mm("spigot.diameter") / 2,
            Measure.Kind.OUTSIDE));
    m.add(
        across("inside.diameter", floor + aim.mm("inside.depth") * 0.42, ri, Measure.Kind.INSIDE));
    m.add(
        across(
            "recess.diameter",
            over ? s.rim + aim.mm("recess.depth") / 2 : s.mouth() - aim.mm("recess.depth") / 2,
            aim.mm("recess.diameter") / 2,
            Measure.Kind.INSIDE));
    m.add(measure("inside.depth", floor, s.mouth(), 0, Measure.Kind.DEPTH));
    m.add(measure("lid.depth", s.lidFace(), roof, 0, Measure.Kind.DEPTH));
    m.add(measure("body.floor", s.foot, floor, 0, Measure.Kind.DEPTH));
    return m;
  }

  private static Measure measure(String key, double from, double to, double r, Measure.Kind kind) {
    return new Measure(new DimKey(key), new Point(from, r), new Point(to, r), kind);
  }

  private static Measure across(String key, double z, double r, Measure.Kind kind) {
    return new Measure(new DimKey(key), new Point(z, 0), new Point(z, r), kind);
  }

  @Override
  public Map<String, Double> anchors(LiddedBox d, Map<DimKey, Double> dims) {
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
    return Map.of("body", foot, "lid", rim);
  }

  private static double sum(Map<DimKey, Double> dims, String... keys) {
    double sum = 0;
    for (String k : keys) {
      sum += dims.get(new DimKey(k));
    }
    return sum;
  }

  @Override
  public Map<DimKey, Double> settled(
      LiddedBox d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    // The tenon on the lid stays where it was cut, however high the lid is to be.
    double waste = sum(then, "lid.height", "stick.waste-top") - sum(now, "lid.height");
    return Math.abs(waste - sum(now, "stick.waste-top")) < 1e-9
        ? Map.of()
        : Map.of(new DimKey("stick.waste-top"), Math.max(0, waste));
  }

  @Override
  public List<Feature> features(LiddedBox d) {
    boolean over = d.school() == School.LID_OVER;
    SurfaceId recess = new SurfaceId(over ? "lid" : "body", "recess");
    SurfaceId spigot = new SurfaceId(over ? "body" : "lid", "spigot");
    return List.of(
        new Feature(new DimKey("recess.diameter"), recess, Feature.Kind.INNER),
        new Feature(
            new DimKey("recess.depth"),
            over ? new SurfaceId("lid", "inside") : recess,
            Feature.Kind.SHAPE),
        new Feature(new DimKey("spigot.diameter"), spigot, Feature.Kind.OUTER),
        new Feature(
            new DimKey("joint.jam"),
            over ? spigot : recess,
            over ? Feature.Kind.OUTER : Feature.Kind.INNER),
        new Feature(
            new DimKey("inside.depth"), new SurfaceId("body", "inside"), Feature.Kind.SHAPE),
        new Feature(
            new DimKey("inside.diameter"), new SurfaceId("body", "inside"), Feature.Kind.SHAPE),
        new Feature(new DimKey("lid.depth"), new SurfaceId("lid", "inside"), Feature.Kind.SHAPE),
        new Feature(
            new DimKey("tenon-foot.diameter"), new SurfaceId("body", "foot"), Feature.Kind.STUB),
        new Feature(
            new DimKey("tenon-top.diameter"), new SurfaceId("lid", "top"), Feature.Kind.STUB));
  }

  @Override
  public List<Remedy> waysOn(LiddedBox d, Aim aim, String part, String what, double value) {
    List<Remedy> out = new ArrayList<>();
    boolean body = part.equals("body");
    boolean carries = body == (d.school() == School.LID_OVER);
    double joint = carries ? aim.mm("joint.length") : 0;
    String height = body ? "body.height" : "lid.height";
    // What the other half is to be stays: it may be cut already.
    String mate = body ? "lid.height" : "body.height";
    Remedy other = dim(mate, aim.mm(mate));
    switch (what) {
      case "LENGTH" -> {
        out.add(new Remedy.Together(List.of(dim(height, value - joint), other)));
        if (carries) {
          // The recess is cut already: it stays as deep as it is.
          Remedy recess = dim("recess.depth", aim.mm("recess.depth"));
          double rest = value - aim.mm(height);
          double least = Math.max(3, joint / 2);
          if (rest >= 2) {
            out.add(new Remedy.Together(List.of(dim("joint.length", rest), recess)));
          }
          out.add(
              new Remedy.Together(
                  List.of(dim(height, value - least), dim("joint.length", least), recess, other)));
        }
        out.add(new Remedy.Together(List.of(dim(height, 0.9 * (value - joint)), other)));
      }
      case "DIAMETER" -> {
        double ratio = value / aim.mm("outside.diameter");
        set(out, "outside.diameter", value);
        set(out, body ? "outside.foot" : "outside.top", value);
        set(out, "outside.diameter", value - 1);
        set(out, "inside.diameter", ratio * aim.mm("inside.diameter"));
        out.add(new Remedy.Choose("form", "TAPER"));
        out.add(new Remedy.Choose("form", "BARREL"));
      }
      case "DEPTH" -> {
        set(out, body ? "inside.depth" : "lid.depth", value);
        set(out, body ? "inside.depth" : "lid.depth", value + 0.5);
        set(out, "foot.hollow", 0.5);
        set(out, "depth-hole.body", value - 2);
      }
      default -> {}
    }
    double shorter = value > 0 && what.equals("FLAW") ? value : 3;
    out.add(new Remedy.Together(List.of(dim(height, aim.mm(height) - shorter), other)));
    set(out, "joint.diameter", aim.mm("joint.diameter") - 2);
    out.add(new Remedy.Choose("fit", "EASY"));
    out.add(new Remedy.Choose("top", d.top() == Top.DOME ? "FLAT" : "DOME"));
    return out;
  }

  private static Remedy dim(String key, double mm) {
    return new Remedy.SetDim(new DimKey(key), hazelkeep.measure.Length.mm(tenth(mm)));
  }

  private static void set(List<Remedy> out, String key, double mm) {
    if (mm > 1) {
      out.add(dim(key, mm));
    }
  }

  @Override
  public HalfSection gone(LiddedBox d, Aim aim, String part, String what, double at, double value) {
    BoxShape s = BoxShape.of(d, aim.dims());
    boolean body = part.equals("body");
    return switch (what) {
      case "LENGTH" ->
          // Measured from the foot up on the body, from the top down on the lid.
          body
              ? HalfSection.box(s.foot + value, s.kerfFrom() + 1, 0, s.far)
              : HalfSection.box(s.kerfFrom(), s.top - value, 0, s.far);
      case "DIAMETER" -> {
        double z = body ? s.foot + at : s.rim + at;
        yield HalfSection.box(z - 2, z + 2, value / 2, s.far);
      }
      case "DEPTH" ->
          body
              ? HalfSection.box(s.mouth() - value, s.mouth() + 1, 0, aim.mm("inside.diameter") / 4)
              : HalfSection.box(s.lidFace() - 1, s.lidFace() + value, 0, aim.mm("lid.inside") / 4);
      default -> {
        double z = body ? s.foot + at : s.rim + at;
        double r = aim.mm("outside.diameter") / 2;
        // A flaw is taken as a groove as deep as it was found, at its worst all round.
        yield value > 0 ? HalfSection.box(z - 1, z + 1, r - value, s.far) : HalfSection.EMPTY;
      }
    };
  }

  @Override
  public Properties properties(LiddedBox d, Aim aim) {
    BoxJudge judge = new BoxJudge(d, aim, Shop.starter());
    HalfSection body = aim.part("body").target();
    HalfSection lid = aim.part("lid").target();
    double wood = body.volume() + lid.volume();
    double density = aim.blank().density();
    BoxShape s = BoxShape.of(d, aim.dims());
    // Closed: the lid sits lower by the jump.
    double centre =
        (body.volume() * (body.centroid() - s.foot)
                + lid.volume() * (lid.centroid() - s.jump - s.foot))
            / wood;
    double tips = Math.toDegrees(Math.atan(aim.mm("outside.foot") / 2 / centre));
    return new Properties(
        judge.brimMl(),
        judge.lineMl(),
        wood / 1000,
        Double.isNaN(density) ? OptionalDouble.empty() : OptionalDouble.of(wood * density * 1e-6),
        tips);
  }
}
