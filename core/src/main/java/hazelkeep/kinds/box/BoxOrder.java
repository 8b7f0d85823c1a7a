package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.HOLE;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;
import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.bore.Pass;
import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Spigot;
import hazelkeep.element.ThreadPair;
import hazelkeep.element.Work;
import hazelkeep.hold.Around;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How a lidded box is made up to the jam: the half with the recess is hollowed while it can be
 * measured, the other is fitted to it. The blank is rounded between centres, or end for end.
 */
final class BoxOrder {
  private static final String BODY = BoxParts.BODY;
  private static final String LID = BoxParts.LID;

  private final LiddedBox design;
  private final BoxParts p;
  private final Work w;
  private final Built b;

  BoxOrder(LiddedBox design, Work w) {
    this.design = design;
    this.p = new BoxParts(design);
    this.w = w;
    this.b = w.built();
  }

  /** Puts all holds and steps in order. */
  void put() {
    BoxEndOrder ends = new BoxEndOrder(design, w);
    boolean recessed = p.foot.held(b);
    new BoxStart(design, w).put();
    if (recessed) {
      w.held(
          "foot",
          b.apart() ? "Body's blank in the jaws" : "Top tenon in the jaws",
          Hold.of(b.apart() ? blank() : p.topTenon.squeeze(b)),
          b.apart() ? Map.of(BODY, blankFrame()) : both(p.topTenon.frame(b)),
          p.foot::first);
    }
    if (b.apart()) {
      each();
    } else {
      whole();
    }
    lid();
    body();
    if (p.onLid()) {
      ends.footOnLid();
    }
    ends.top();
    ends.ease();
    if (!recessed && !p.onLid()) {
      ends.foot();
    }
    ends.bench();
  }

  private String depthGauge() {
    return b.shop().depthGauge().name();
  }

  /** The body's blank as it was rounded, its foot towards the tailstock. */
  private Around blank() {
    return new Around(BODY, "blank", BoxEnds.round(b.shop(), b.mm(StockRules.ROUND)), false);
  }

  private Frame blankFrame() {
    double end = b.at(Edge.from(StockRules.KERF));
    return new Frame(end - blank().jaws().depth(), true);
  }

  private void whole() {
    w.held(
        "whole",
        "Foot tenon in the jaws, tail up",
        Hold.of(onBody(p, b), b.shop().live()),
        both(bodyFrame(p, b)),
        (s, x) -> trued(s, BODY, LID),
        (s, x) -> RecipeSteps.grain(s, BODY, LID, LID),
        p.over() ? this::shoulder : this::spigot,
        p.opening().kerf().part(BODY, LID, LID));
  }

  /** The same on two blanks. */
  private void each() {
    w.held(
        "whole",
        "Body on its tenon, tail up",
        Hold.of(onBody(p, b), b.shop().live()),
        Map.of(BODY, bodyFrame(p, b)),
        (s, x) -> trued(s, BODY),
        (s, x) -> {
          if (p.over()) {
            shoulder(s, x);
          }
        });
    w.held(
        "whole top",
        "Lid on its tenon, tail up",
        Hold.of(p.topTenon.squeeze(b), b.shop().live()),
        Map.of(LID, p.topTenon.frame(b)),
        (s, x) -> trued(s, LID),
        (s, x) -> {
          if (!p.over()) {
            spigot(s, x);
          }
        });
  }

  private void trued(SetupDraft s, String... parts) {
    s.step(
        "true",
        "True the outside",
        "Take the run-out off and shape lightly; leave half a millimetre a side for the finish.",
        Speeds.At.TURNING,
        Arrays.stream(parts)
            .map(part -> w.acts().bare(b.custom(Line.TURN_BOX_TRUED), part, "side"))
            .toArray(Act[]::new));
  }

  private void shoulder(SetupDraft s, Work x) {
    s.step(
        "shoulder",
        "Shoulder cut",
        "Sink the shoulder that frees the spigot; leave the spigot a millimetre a side too thick.",
        Speeds.At.TURNING,
        x.acts().bare(0, BODY, "shoulder"));
  }

  private void spigot(SetupDraft s, Work x) {
    s.step(
        "spigot",
        "Turn the lid's spigot",
        "Turn the lid's spigot parallel and to size: the body's mouth is opened to it later.",
        Speeds.At.TURNING,
        x.acts().bare(0, LID, "spigot", "shoulder"),
        x.turned(Spigot.DIAMETER, "at its end and again at its root"));
  }

  private void lid() {
    SetupDraft s =
        new SetupDraft(
            "lid",
            "Lid on its tenon",
            Hold.of(p.topTenon.squeeze(b)),
            Map.of(LID, p.topTenon.frame(b)));
    String face = p.over() ? "rim" : "spigot end";
    s.step(
        "hollow",
        "Hollow the lid",
        "Face the "
            + (p.over() ? "rim" : "end of the spigot")
            + ", then hollow from the centre outwards.",
        Speeds.At.TURNING,
        w.acts().bare(0, LID, face, "inside"),
        w.deep(LID_DEPTH, "from the " + (p.over() ? "rim" : "spigot's end") + " to the middle"),
        w.turned(LID_INSIDE, "in front of its roof"));
    if (p.over()) {
      s.step(
          "recess",
          "Cut the recess",
          "Cut the recess parallel. Measure it at the rim and again near its floor.",
          Speeds.At.TURNING,
          w.acts().bare(0, LID, "recess"),
          w.turned(RECESS, "at the rim and again near its floor"),
          read(
              RECESS_DEEP.path(),
              depthGauge(),
              "from the rim to the recess's floor",
              b.custom(Line.READ_RECESS_SHORT),
              b.custom(Line.READ_TURNED)));
    }
    p.thread().filter(t -> p.over()).ifPresent(t -> t.shelf(s, w));
    s.step(
        "inside",
        "Sand and finish inside",
        "Through the grits, then the finish. Keep both off the fit.",
        Speeds.At.SANDING,
        w.acts().treat(LID, "inside"));
    p.thread().ifPresent(t -> t.first(s, w));
    w.put(s);
  }

  /** The body is hollowed, then brought to a jam with the lid: from outside, or from inside. */
  private void body() {
    SetupDraft s =
        new SetupDraft(
            "body", "Body on its tenon", Hold.of(onBody(p, b)), Map.of(BODY, bodyFrame(p, b)));
    hollowBody(s, p.over() ? "spigot end" : "rim");
    if (p.over()) {
      finishInside(s, "Mask the spigot.");
      p.thread().ifPresentOrElse(t -> t.size(s, w), () -> jamSpigot(s));
    } else {
      // The mouth opens into the inside: its chips would scratch a finished one.
      p.thread().ifPresentOrElse(t -> openMouth(s, t), () -> jamMouth(s));
      finishInside(s, "Keep both off the mouth.");
    }
    p.thread().ifPresent(t -> t.last(s, w));
    w.put(s);
  }

  private void finishInside(SetupDraft s, String spare) {
    s.step(
        "inside",
        "Sand and finish inside",
        "Through the grits, then the finish. " + spare,
        Speeds.At.SANDING,
        w.acts().treat(BODY, "inside"));
  }

  private void jamSpigot(SetupDraft s) {
    s.step(
        "jam",
        "Spigot to a jam",
        "Sneak up on the diameter with trial fits until the lid goes on tight, grain lines together.",
        Speeds.At.TURNING,
        remove(BODY, b.part(BODY).surface("spigot").zone().minus(jamCore())),
        w.fit(Spigot.JAM, "on the spigot"),
        new Act.Try("closure", true));
  }

  private void jamMouth(SetupDraft s) {
    s.step(
        "jam",
        "Mouth to a jam",
        "Open the mouth by light cuts until the lid's spigot goes in tight, grain lines together.",
        Speeds.At.TURNING,
        remove(BODY, b.part(BODY).surface("recess").zone().and(jamCore())),
        w.fit(Spigot.JAM, "inside the mouth"),
        new Act.Try("closure", true));
  }

  private void openMouth(SetupDraft s, ThreadPair thread) {
    s.step(
        "mouth",
        "Open the mouth to the outer ring",
        "Parallel, by light cuts, until the ring slides in by hand with room for the glue.",
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "recess", BoxMouth.LEDGE),
        w.fit(RECESS, "inside the mouth"),
        w.deep(RECESS_DEEP, "from the rim to the ledge"));
    thread.shelf(s, w);
  }

  /** All that lies within the diameter of the jam. */
  private HalfSection jamCore() {
    return HalfSection.box(-10, b.length() + 10, 0, b.mm(Spigot.JAM) / 2);
  }

  private void hollowBody(SetupDraft s, String face) {
    // The wide bit first: its spur needs the wood that the depth hole takes.
    new BoxBoring(design, b, p.mouthAt(b)).main().ifPresent(pass -> middle(s, pass));
    b.shop().depthBit().ifPresent(bit -> depthHole(s, bit, face));
    s.step(
        "hollow",
        "Hollow the body",
        "Face the " + face + ", then hollow from the centre outwards; the hole tells the depth.",
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, face, "inside"),
        w.deep(DEPTH, "from the " + face + " to the floor"),
        w.turned(INSIDE, "at the mouth"));
  }

  private void middle(SetupDraft s, Pass pass) {
    s.bore(
        "bore",
        "Bore the middle out",
        "The "
            + pass.bit().name()
            + " in the tailstock, which stays locked; clear the chips "
            + pass.often()
            + " on the way. Depths and readings stand on the Bore page.",
        pass.bit(),
        remove(BODY, hole(pass.bit(), pass.depth())));
  }

  private void depthHole(SetupDraft s, Bit bit, String face) {
    s.step(
        "depth hole",
        "Bore the depth hole",
        "The "
            + bit.name()
            + " in a handle, marked for depth: the floor is counted from its point.",
        Speeds.At.BORING,
        remove(BODY, hole(bit, b.mm(HOLE))),
        read(
            HOLE.path(),
            depthGauge(),
            "from the " + face + " to the bit's full diameter",
            b.custom(Line.READ_TURNED),
            0));
  }

  /** From where a bit comes, mm in front of what is faced off. */
  private static final double CLEAR = 1;

  private HalfSection hole(Bit bit, double depth) {
    double r = bit.diameter() / 2;
    double full = p.mouthAt(b) - depth;
    double from = p.mouthAt(b) + b.mm(p.brimFacing()) + CLEAR;
    return HalfSection.of(
        List.of(
            new Point(from, 0),
            new Point(full - bit.tip(), 0),
            new Point(full, r),
            new Point(from, r)));
  }

  /** The body by its tenon, or by the recess in its foot. */
  static InJaws onBody(BoxParts p, Built b) {
    return p.foot.held(b) ? p.foot.expand(b) : p.footTenon.squeeze(b);
  }

  /** Where the body lies then. */
  static Frame bodyFrame(BoxParts p, Built b) {
    return p.foot.held(b) ? p.foot.frame(b) : p.footTenon.frame(b);
  }

  /** Both halves in one piece. */
  static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(LID, f);
    return out;
  }
}
