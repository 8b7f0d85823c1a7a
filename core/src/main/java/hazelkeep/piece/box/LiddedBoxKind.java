package hazelkeep.piece.box;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.End;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Hollowing;
import hazelkeep.piece.Measure;
import hazelkeep.piece.NamedKind;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.WallWishes;
import hazelkeep.piece.Walled;
import hazelkeep.piece.box.LiddedBox.Form;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The lidded end-grain box. */
public final class LiddedBoxKind extends NamedKind<LiddedBox> {
  private static final List<DimKey> RECORDED =
      Stream.of(
              "outside.diameter",
              "outside.height",
              "body.height",
              "lid.height",
              "joint.length",
              "recess.diameter",
              "recess.depth",
              "spigot.diameter",
              "joint.clearance",
              "inside.diameter",
              "inside.depth",
              "lid.depth",
              "tenon-foot.diameter",
              "tenon-top.diameter")
          .map(DimKey::new)
          .toList();

  /** A canister: a lidded box whose body is bored to width. */
  public static final LiddedBoxKind CANISTER =
      new LiddedBoxKind("canister", "bored canister", Hollowing.FORSTNER);

  private final Hollowing hollowing;

  /** The lidded box. */
  public LiddedBoxKind() {
    this("lidded-box", "lidded box", Hollowing.GOUGE);
  }

  private LiddedBoxKind(String name, String title, Hollowing hollowing) {
    super(name, title, LiddedBox.class);
    this.hollowing = hollowing;
  }

  @Override
  public LiddedBox fresh() {
    return Restated.with(LiddedBox.fresh(), "hollowing", hollowing);
  }

  @Override
  public List<Rule<LiddedBox>> rules(LiddedBox design) {
    return BoxRules.ALL;
  }

  @Override
  public Aim aim(LiddedBox design, Map<DimKey, Dim> dims, Shop shop) {
    return BoxShape.of(design, dims, shop.practice()).aim(shop.woods());
  }

  @Override
  public Route route(LiddedBox design, Aim aim, Shop shop) {
    return new BoxRecipe(design, aim, shop).route();
  }

  /** How thick the walls of a box are wanted. */
  static WallWishes wishes(Aim aim) {
    return WallWishes.of(
        aim.practice(),
        Line.WALL_BOX,
        Line.WALL_BOX_RIM,
        Line.WALL_SPIGOT_JAM,
        Line.WALL_BOX_FLOOR,
        Line.WALL_BOX_CORNER);
  }

  @Override
  public List<Walled> walls(LiddedBox d, Aim aim, Shop shop) {
    return aim.parts().stream().map(p -> Walled.hollowed(p, wishes(aim))).toList();
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
    return sized(design, key, size);
  }

  static LiddedBox sized(LiddedBox design, DimKey key, Optional<Size> size) {
    if (design.form() == Form.FREE && size.isPresent() && BoxHandles.OUTLINE.contains(key)) {
      return BoxHandles.resized(design, key, size.get().mm());
    }
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
    return switch (choice) {
      // A free outline starts as the line it had.
      case "form" ->
          Restated.chosen(
              option.equalsIgnoreCase(Form.FREE.name()) ? BoxHandles.freed(d) : d, choice, option);
      // A share counts only where no lid height is stated.
      case "share" ->
          sized(Restated.chosen(d, choice, option), new DimKey("lid.height"), Optional.empty());
      default -> Restated.chosen(d, choice, option);
    };
  }

  @Override
  public LiddedBox drag(LiddedBox d, Aim aim, Shop shop, String handle, Point to) {
    return BoxHandles.drag(d, aim, handle, to.z(), to.r());
  }

  @Override
  public List<Handle> handles(LiddedBox d, Aim aim, Shop shop) {
    return BoxHandles.handles(d, aim);
  }

  @Override
  public List<Choice> choices(LiddedBox d) {
    return BoxChoices.of(d);
  }

  @Override
  public List<Boring> boring(LiddedBox d, Aim aim, Shop shop) {
    return new BoxBoring(d, aim, shop).all();
  }

  @Override
  public List<End> ends(LiddedBox d) {
    return BoxChoices.ends(d);
  }

  @Override
  public List<StickPiece> stick(LiddedBox d, Map<DimKey, Dim> dims) {
    return BoxMeasures.stick(d, dims);
  }

  @Override
  public Map<DimKey, Double> onSection(LiddedBox d, Aim aim, Shop shop) {
    return BoxOnSection.read(d, aim);
  }

  @Override
  public List<Measure> measures(LiddedBox d, Aim aim, Shop shop) {
    return BoxMeasures.measures(d, aim);
  }

  @Override
  public List<DimKey> recorded(LiddedBox d) {
    return RECORDED;
  }

  @Override
  public Map<String, Double> anchors(LiddedBox d, Map<DimKey, Double> dims) {
    return BoxAtBench.anchors(dims);
  }

  @Override
  public Map<DimKey, Double> settled(
      LiddedBox d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    return BoxAtBench.settled(then, now);
  }

  @Override
  public List<DimKey> stays(LiddedBox d, Set<DimKey> named) {
    return BoxAtBench.stays(named);
  }

  @Override
  public List<Feature> features(LiddedBox d) {
    return BoxAtBench.features(d);
  }

  @Override
  public List<Remedy> waysOn(LiddedBox d, Aim aim, AsFound found) {
    return BoxAtBench.waysOn(d, aim, found);
  }

  @Override
  public Properties properties(LiddedBox d, Aim aim) {
    return BoxRoom.properties(d, aim);
  }
}
