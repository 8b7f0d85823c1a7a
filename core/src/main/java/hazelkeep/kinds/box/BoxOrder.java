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
import hazelkeep.bore.Sweep;
import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Lay;
import hazelkeep.element.Spigot;
import hazelkeep.element.ThreadPair;
import hazelkeep.element.Work;
import hazelkeep.hold.Around;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.measure.Wording;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.Arrays;
import java.util.LinkedHashMap;
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
        Wording.of("any.foot-tenon-in-the-jaws"),
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
        Wording.of("boxOrder.body-on-its-tenon-tail"),
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
        Wording.of("boxOrder.lid-on-its-tenon-tail"),
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
        Wording.of("boxOrder.take-the-run-out-off"),
        Speeds.At.TURNING,
        Arrays.stream(parts)
            .map(part -> w.acts().bare(b.custom(Line.TURN_BOX_TRUED), part, "side"))
            .toArray(Act[]::new));
  }

  private void shoulder(SetupDraft s, Work x) {
    s.step(
        "shoulder",
        "Shoulder cut",
        Wording.of("boxOrder.sink-the-shoulder-that-frees"),
        Speeds.At.TURNING,
        x.acts().bare(0, BODY, "shoulder"));
  }

  private void spigot(SetupDraft s, Work x) {
    s.step(
        "spigot",
        "Turn the lid's spigot",
        Wording.of("boxOrder.turn-the-lids-spigot-parallel"),
        Speeds.At.TURNING,
        x.acts().bare(0, LID, "spigot", "shoulder"),
        x.turned(Spigot.DIAMETER, Wording.of("boxOrder.at-its-end-and-again")));
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
        Wording.of("boxOrder.face-the-then-hollow-from", p.over() ? "rim" : "end of the spigot"),
        Speeds.At.TURNING,
        w.acts().bare(0, LID, face, "inside"),
        w.deep(LID_DEPTH, "from the " + (p.over() ? "rim" : "spigot's end") + " to the middle"),
        w.turned(LID_INSIDE, "in front of its roof"));
    if (p.over()) {
      s.step(
          "recess",
          "Cut the recess",
          Wording.of("boxOrder.cut-the-recess-parallel-measure"),
          Speeds.At.TURNING,
          w.acts().bare(0, LID, "recess"),
          w.turned(RECESS, Wording.of("any.at-the-rim-and-again")),
          read(
              RECESS_DEEP,
              depthGauge(),
              Wording.of("boxOrder.from-the-rim-to-the"),
              b.custom(Line.READ_RECESS_SHORT),
              b.custom(Line.READ_TURNED)));
    }
    p.thread().filter(t -> p.over()).ifPresent(t -> t.shelf(s, w));
    s.step(
        "inside",
        "Sand and finish inside",
        Wording.of("boxOrder.through-the-grits-then-the"),
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
    p.brim(s, w);
    hollowBody(s, p.over() ? "spigot end" : "rim");
    if (p.over()) {
      finishInside(s, Wording.of("boxOrder.mask-the-spigot"));
      p.thread().ifPresentOrElse(t -> t.size(s, w), () -> jamSpigot(s));
    } else {
      // The mouth opens into the inside: its chips would scratch a finished one.
      p.thread().ifPresentOrElse(t -> openMouth(s, t), () -> jamMouth(s));
      finishInside(s, Wording.of("boxOrder.keep-both-off-the-mouth"));
    }
    p.thread().ifPresent(t -> t.last(s, w));
    w.put(s);
  }

  private void finishInside(SetupDraft s, String spare) {
    s.step(
        "inside",
        "Sand and finish inside",
        Wording.of("boxOrder.through-the-grits-then-the-finish", spare),
        Speeds.At.SANDING,
        w.acts().treat(BODY, "inside"));
  }

  private void jamSpigot(SetupDraft s) {
    s.step(
        "jam",
        "Spigot to a jam",
        Wording.of("boxOrder.sneak-up-on-the-diameter"),
        Speeds.At.TURNING,
        remove(BODY, b.part(BODY).surface("spigot").zone().minus(jamCore())),
        w.fit(Spigot.JAM, "on the spigot"),
        new Act.Try("closure", true));
  }

  private void jamMouth(SetupDraft s) {
    s.step(
        "jam",
        "Mouth to a jam",
        Wording.of("boxOrder.open-the-mouth-by-light"),
        Speeds.At.TURNING,
        remove(BODY, b.part(BODY).surface("recess").zone().and(jamCore())),
        w.fit(Spigot.JAM, "inside the mouth"),
        new Act.Try("closure", true));
  }

  private void openMouth(SetupDraft s, ThreadPair thread) {
    s.step(
        "mouth",
        Wording.of("boxOrder.open-the-mouth-to-the"),
        Wording.of("boxOrder.parallel-by-light-cuts-until"),
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "recess", BoxMouth.LEDGE),
        w.fit(RECESS, "inside the mouth"),
        w.deep(RECESS_DEEP, Wording.of("boxOrder.from-the-rim-to-the-ledge")));
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
        Wording.of("boxOrder.from-the-centre-outwards-the"),
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "inside"),
        w.deep(DEPTH, "from the " + face + " to the floor"),
        w.turned(INSIDE, "at the mouth"));
  }

  private void middle(SetupDraft s, Pass pass) {
    s.bore(
        "bore",
        "Bore the middle out",
        Wording.of("boxOrder.the-in-the-tailstock-which", pass.bit().name(), pass.often()),
        pass.bit(),
        remove(BODY, hole(pass.bit(), pass.depth())));
  }

  private void depthHole(SetupDraft s, Bit bit, String face) {
    s.bore(
        "depth hole",
        "Bore the depth hole",
        Wording.of("boxOrder.the-in-a-handle-marked", bit.name()),
        bit.inHandle(),
        remove(BODY, hole(bit, b.mm(HOLE))),
        read(
            HOLE,
            depthGauge(),
            Wording.of("any.from-the-to-the-bits", face),
            b.custom(Line.READ_TURNED),
            0));
  }

  private HalfSection hole(Bit bit, double depth) {
    return Sweep.of(bit, p.mouthAt(b) + Lay.BEYOND, p.mouthAt(b) - depth);
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
