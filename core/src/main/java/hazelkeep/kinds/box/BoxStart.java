package hazelkeep.kinds.box;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.element.Built;
import hazelkeep.element.Work;
import hazelkeep.hold.Around;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Screwed;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Mounting;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;

/** How the blank of a box is rounded and gets its tenons: between centres, or end for end. */
final class BoxStart {
  private static final String BODY = BoxParts.BODY;
  private static final DimKey ROUND = new DimKey("blank.round");

  private final LiddedBox design;
  private final BoxParts p;
  private final Work w;
  private final Built b;

  BoxStart(LiddedBox design, Work w) {
    this.design = design;
    this.p = new BoxParts(design);
    this.w = w;
    this.b = w.built();
  }

  private Act.Read rounded() {
    double within = b.custom(Line.STOCK_ROUNDED);
    return read(ROUND, b.shop().caliper().name(), "at both ends", within, within);
  }

  void put() {
    if (b.apart()) {
      p.opening().apart(w);
      return;
    }
    if (design.startBy() != Mounting.CENTRES) {
      endForEnd();
      return;
    }
    SetupDraft s =
        new SetupDraft(
            "centres", "Between centres", Hold.of(new Centres()), BoxOrder.both(Work.FLAT));
    s.step(
        "round",
        "Round the blank",
        Wording.of("any.turn-it-by-hand-first"),
        Speeds.At.TURNING,
        remove(BODY, rounding(-10, b.length() + 10)),
        rounded());
    s.step(
        "face",
        "Face both ends",
        Wording.of("boxStart.true-both-ends-with-the"),
        Speeds.At.TURNING,
        remove(BODY, p.footTenon.facing(b).plus(p.topTenon.facing(b))));
    s.step(
        "tenons",
        "Cut both tenons",
        Wording.of("any.a-dovetailed-tenon-at-each"),
        Speeds.At.TURNING,
        remove(BODY, p.footTenon.around(b).plus(p.topTenon.around(b))),
        w.turned(p.footTenon.diameter(), "across its widest"),
        w.turned(p.topTenon.diameter(), "across its widest"));
    w.put(s);
  }

  /** On a screw or straight in the jaws one end is made, then the other, held by the first. */
  private void endForEnd() {
    boolean screw = design.startBy() == Mounting.SCREW;
    JawSet jaws = BoxEnds.round(b.shop(), b.aim().blank().sound().maxR() * 2);
    double held = screw ? 0 : jaws.depth();
    Grip grip =
        screw ? new Screwed(BODY, b.shop().screw()) : new Around(BODY, "blank", jaws, false);
    SetupDraft s =
        new SetupDraft(
            "centres",
            screw ? "On the screw, tail up" : Wording.of("boxStart.blank-in-the-jaws-tail"),
            Hold.of(grip, b.shop().live()),
            BoxOrder.both(new Frame(held, false)));
    double from = held + b.custom(Line.TURN_START_CLEAR);
    s.step(
        "round",
        "Round the blank",
        Wording.of("boxStart.turn-it-by-hand-first"),
        Speeds.At.TURNING,
        remove(BODY, rounding(from, b.length() + 10)));
    s.step(
        "tenon-top",
        Wording.of("boxStart.face-the-end-cut-the"),
        Wording.of("any.its-shoulder-clean-and-square"),
        Speeds.At.TURNING,
        remove(BODY, p.topTenon.facing(b).plus(p.topTenon.around(b))),
        w.turned(p.topTenon.diameter(), "across its widest"));
    w.put(s);
    SetupDraft turned =
        new SetupDraft(
            "end for end",
            Wording.of("boxStart.top-tenon-in-the-jaws"),
            Hold.of(p.topTenon.squeeze(b), b.shop().pad()),
            BoxOrder.both(p.topTenon.frame(b)));
    turned.step(
        "round",
        "Round the rest",
        Wording.of("boxStart.bring-the-part-that-was"),
        Speeds.At.TURNING,
        remove(BODY, rounding(-10, from)),
        rounded());
    turned.step(
        "tenon-foot",
        Wording.of("boxStart.face-the-foot-cut-its"),
        Wording.of("boxStart.its-shoulder-clean-and-square"),
        Speeds.At.TURNING,
        remove(BODY, p.footTenon.facing(b).plus(p.footTenon.around(b))),
        w.turned(p.footTenon.diameter(), "across its widest"));
    w.put(turned);
  }

  private HalfSection rounding(double from, double to) {
    return HalfSection.box(from, to, b.mm(ROUND) / 2, b.far());
  }
}
