package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.FLOOR;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.LID_THICK;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;
import static hazelkeep.kinds.box.BoxSizes.SHOULDER;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Along;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Face;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.Opening;
import hazelkeep.element.Spare;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.element.ThreadPair;
import hazelkeep.element.Work;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.route.SetupDraft;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A lidded box: what it is put together from, by either school. */
final class BoxParts {
  static final String BODY = "body";
  static final String LID = "lid";

  private static final Edge AT_FOOT = Edge.from(BODY_HEIGHT);
  private static final Edge AT_JOIN = Edge.to(BODY_HEIGHT);
  private static final Edge AT_RIM = Edge.from(LID_HEIGHT);
  private static final Edge AT_TOP = Edge.to(LID_HEIGHT);
  private static final SurfaceId FOOT_OF_BODY = new SurfaceId(BODY, "foot");

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_BOX,
          Line.WALL_BOX_RIM,
          Line.WALL_SPIGOT_JAM,
          Line.WALL_BOX_FLOOR,
          Line.WALL_BOX_CORNER);

  private final LiddedBox d;
  private final Spare kerf = Spare.kerf();
  private final Spare faceFoot = Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE);
  private final Spare wasteFoot = Spare.waste("foot", this::waste);
  private final Spare faceSpigot =
      Spare.facing("spigot", "Facing of the spigot", 20, Line.STOCK_FACE_SPIGOT);
  private final Spare faceRim = Spare.facing("rim", "Facing of the rim", 20, Line.STOCK_FACE_RIM);
  private final Spare wasteTop = Spare.waste("top", Spare.by(Line.BOX_WASTE_TOP));
  private final Spare faceTop = Spare.facing("top", "Facing at the top", 60, Line.STOCK_FACE);
  private final BoxSizes sizes;
  private final BoxSide bodySide;
  private final BoxSide lidSide;
  private final BoxHollow hollow;
  private final BoxRoof roof;
  final ChuckTenon footTenon;
  final ChuckTenon topTenon = ChuckTenon.at(LID, "top", false);
  final DishedFoot foot;

  BoxParts(LiddedBox d) {
    this.d = d;
    ChuckTenon tenon = ChuckTenon.at(BODY, "foot", true);
    this.footTenon = recessed() ? tenon.without(Wording.of("any.none-a-recess-holds-the")) : tenon;
    this.sizes = new BoxSizes(d, new BoxHeights(d, consumed()));
    this.bodySide = new BoxSide(d, BODY, sizes.bodySide());
    this.lidSide = new BoxSide(d, LID, sizes.lidSide());
    this.hollow = new BoxHollow(d, sizes.inside());
    this.roof = new BoxRoof(d, sizes.roof());
    this.foot =
        new DishedFoot(
            FOOT_OF_BODY,
            AT_FOOT,
            bodySide,
            FOOT,
            new DishedFoot.By(recessed(), true, sizes::footHollow),
            hollow::spare);
  }

  /** Whether the body carries the spigot, and the lid goes over it. */
  boolean over() {
    return d.school() == School.LID_OVER;
  }

  /** Whether its foot is made with the body jammed on the lid. */
  boolean onLid() {
    return d.footBy() == Finishing.ON_PARTNER;
  }

  /** The threaded pair in the place of its joint. */
  Optional<ThreadPair> thread() {
    return d.threaded()
        ? Optional.of(new ThreadPair(spigot(), over() ? AT_RIM : AT_JOIN, WIDEST))
        : Optional.empty();
  }

  /** How wide its mouth is open, as a radius, mm. */
  private double mouth(Lay lay) {
    return thread().map(t -> t.mouth(lay)).orElseGet(() -> lay.mm(RECESS) / 2);
  }

  private boolean recessed() {
    return d.footBy() == Finishing.RECESS;
  }

  private List<DimKey> consumed() {
    return List.of(
        faceFoot.key(),
        footTenon.length(),
        wasteFoot.key(),
        faceSpigot.key(),
        kerf.key(),
        faceRim.key(),
        wasteTop.key(),
        topTenon.length(),
        faceTop.key());
  }

  private Rule.Value waste(Dims<?> x) {
    return recessed()
        ? Rule.Value.derived(0, Wording.of("any.none-the-foot-is-finished"))
        : Spare.parting(x, Line.BOX_WASTE_FOOT, Line.BOX_WASTE_ROOM);
  }

  double footAt(Lay lay) {
    return lay.at(AT_FOOT);
  }

  double joinAt(Lay lay) {
    return lay.at(AT_JOIN);
  }

  double rimAt(Lay lay) {
    return lay.at(AT_RIM);
  }

  double topAt(Lay lay) {
    return lay.at(AT_TOP);
  }

  /** The brim of the body. */
  double mouthAt(Lay lay) {
    return hollow.mouth(lay);
  }

  /** The face of the lid that looks into the body. */
  double faceAt(Lay lay) {
    return roof.face(lay);
  }

  /** From the lid's place in the blank to its place on the closed box, mm. */
  double jump(Lay lay) {
    return lay.at(AT_RIM) - lay.at(AT_JOIN);
  }

  /** How the work begins. */
  Opening opening() {
    return new Opening(footTenon, topTenon, kerf, LID);
  }

  Make make() {
    Along along =
        new Along().then(faceFoot).then(footTenon).then(wasteFoot).kept(BODY_HEIGHT, BODY);
    if (over()) {
      along.kept(Spigot.LENGTH, "spigot").then(faceSpigot).then(kerf).then(faceRim);
    } else {
      along.then(faceRim).then(kerf).then(faceSpigot).kept(Spigot.LENGTH, "spigot");
    }
    along.kept(LID_HEIGHT, LID).then(wasteTop).then(topTenon).then(faceTop);
    List<Element> others =
        List.of(
            new BoxWhole(List.of(sizes.whole(), sizes.widest())),
            new BoxJoint(over()),
            new BoxContent(d));
    List<Set<DimKey>> either =
        new ArrayList<>(
            List.of(Set.of(DEPTH, FLOOR), Set.of(LID_DEPTH, LID_THICK), Set.of(JOINT, SHOULDER)));
    if (d.threaded()) {
      either.addAll(ThreadPair.either(RECESS));
    }
    return new Make(
        stock(), along, List.of(body(), lid()), others, spigot().joint(d.fit()), either);
  }

  private Stock stock() {
    String giving =
        switch (d.gives()) {
          case BOTH -> "height";
          case BODY -> "body";
          case LID -> "lid";
          case JOINT -> "joint";
        };
    return new Stock(
        d.blank(),
        List.of(WIDEST),
        new Stock.Round(Line.TURN_BOX_SPARE, Optional.of(Line.TURN_ROUNDING)),
        Wording.of("boxParts.a-longer-blank-or-let", giving),
        List.of(),
        Line.WALL_BOX);
  }

  Spigot spigot() {
    SurfaceId on = new SurfaceId(over() ? BODY : LID, "spigot");
    SurfaceId wall = over() ? BoxRoof.WALL : BoxMouth.ON;
    Edge beyond = Edge.from(kerf.key());
    Spigot.Reach reach =
        new Spigot.Reach(
            over(),
            over() ? lay -> lay.mm(INSIDE) / 2 : lay -> lay.mm(LID_INSIDE) / 2,
            beyond,
            over() ? Edge.to(kerf.key()) : beyond,
            over() ? Optional.of(Line.TURN_BOX_SPARE) : Optional.empty(),
            new Spigot.Shown("spigot", true, true));
    return new Spigot(
        on,
        sizes.joint(),
        over() ? bodySide : lidSide,
        reach,
        new Spigot.Mate(wall, RECESS, Optional.of(RECESS_DEEP), over() ? on : wall, d.closes()));
  }

  private Face rim() {
    return new Face(new SurfaceId(BODY, "rim"), Role.MEET, AT_JOIN, true, bodySide, this::mouth);
  }

  /** The body's brim faced, from where all depths in it count. */
  void brim(SetupDraft s, Work w) {
    if (over()) {
      spigot().face(s, w);
    } else {
      rim().faced("Face the rim", Wording.of("spigot.cut-it-clean-a-dimple")).in(s, w);
    }
  }

  private Member body() {
    ChuckTenon tenon = footTenon;
    List<Element> elements =
        over()
            ? List.of(foot, bodySide, spigot(), hollow, tenon)
            : threaded(foot, bodySide, rim(), new BoxMouth(d), hollow, tenon);
    return new Member(BODY, elements, WALLS, Optional.empty(), AT_FOOT, Optional.empty());
  }

  private Member lid() {
    BoxTop top = new BoxTop(d, sizes.cap(), lidSide);
    Element end =
        over()
            ? new Face(new SurfaceId(LID, "rim"), Role.MEET, AT_RIM, false, lidSide, this::mouth)
            : spigot();
    List<Element> elements =
        over()
            ? threaded(roof, end, lidSide, top, topTenon)
            : List.of(roof, end, lidSide, top, topTenon);
    return new Member(LID, elements, WALLS, Optional.empty(), AT_RIM, Optional.of(AT_JOIN));
  }

  /** The elements of the half with the recess. */
  private List<Element> threaded(Element... elements) {
    List<Element> out = new ArrayList<>(List.of(elements));
    thread().ifPresent(out::add);
    return out;
  }

  /** The radius of the outside where both halves meet, mm. */
  double radiusAtJoin(Lay lay) {
    return bodySide.radius(lay, joinAt(lay));
  }

  /** How high a place of the outside is, as a share of its side. */
  double share(Lay lay, double z) {
    double closed =
        z > rimAt(lay)
            ? z - lay.at(AT_FOOT) - jump(lay)
            : Math.min(z, joinAt(lay)) - lay.at(AT_FOOT);
    double whole = lay.mm(BODY_HEIGHT) + lay.mm(LID_HEIGHT) - lay.mm(BoxLine.cap(d));
    return closed / whole;
  }

  /** The point of a free outline, in the blank's z. */
  hazelkeep.solid.Point free(Lay lay, LiddedBox.OutlinePoint p) {
    return bodySide.free(lay, p).or(() -> lidSide.free(lay, p)).orElseThrow();
  }
}
