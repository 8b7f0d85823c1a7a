package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.route.Acts.remove;

import hazelkeep.element.Built;
import hazelkeep.element.EndWork;
import hazelkeep.element.Spigot;
import hazelkeep.element.ThreadPair;
import hazelkeep.element.Work;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Wording;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How a lidded box is finished: the top with the lid jammed on or alone, the fit eased last, the
 * foot reversed.
 */
final class BoxEndOrder {
  private static final String BODY = BoxParts.BODY;
  private static final String LID = BoxParts.LID;

  private final LiddedBox design;
  private final BoxParts p;
  private final Work w;
  private final Built b;
  private final BoxEnds ends;

  BoxEndOrder(LiddedBox design, Work w) {
    this.design = design;
    this.p = new BoxParts(design);
    this.w = w;
    this.b = w.built();
    this.ends = new BoxEnds(design, b);
  }

  void top() {
    boolean alone = design.topBy() != Finishing.ON_PARTNER;
    boolean sawn = design.topBy() == Finishing.SAW;
    EndHolds.Mount mount = ends.top(design.topBy());
    Grip jammed = ThreadPair.grip(p.thread(), LID, BODY, BoxOrder.onBody(p, b));
    // With the foot made on the lid the body has no tenon left: the lid is then held alone.
    boolean off = p.onLid() && alone && !sawn;
    SetupDraft up =
        off
            ? new SetupDraft(
                "top, tail up", "Lid alone, tail up", up(mount.grip()), Map.of(LID, mount.frame()))
            : new SetupDraft(
                "top, tail up", "Lid " + on() + " the body, tail up", up(jammed), closed());
    HalfSection nub =
        HalfSection.box(
            p.topAt(b) + b.custom(Line.TURN_BOX_SPARE) / 2,
            b.length() + 10,
            0,
            b.shop().pad().radius());
    List<Act> rough = new ArrayList<>();
    rough.add(Acts.sparing(w.acts().bare(b.custom(Line.TURN_BOX_SPARE), LID, "top"), nub));
    rough.add(w.acts().bare(0, LID, "side"));
    if (!off) {
      rough.add(w.acts().bare(0, BODY, "side"));
    }
    up.step(
        "bulk",
        Wording.of("boxEndOrder.rough-the-top-shape-the"),
        Wording.of("boxEndOrder.take-the-lids-tenon-down"),
        Speeds.At.TURNING,
        rough);
    if (alone) {
      up.step(
          "outside",
          "Sand and finish the outside",
          Wording.of("boxEndOrder.sand-the-sides-through-the"),
          Speeds.At.SANDING,
          off
              ? w.acts().treat(LID, "side")
              : Acts.both(w.acts().treat(LID, "side"), w.acts().sand(BODY, "side")));
    }
    if (sawn) {
      up.step(
          "undercut",
          "Undercut the top",
          Wording.of("boxEndOrder.cut-in-behind-the-top"),
          Speeds.At.PARTING,
          EndWork.undercut(
              b,
              new SurfaceId(LID, "top"),
              HalfSection.box(p.rimAt(b), p.topTenon.frame(b).zero(), 0, b.far()),
              true));
      w.put(up);
      byHand("top", LID, "top", Wording.of("boxEndOrder.saw-the-tenon-off-pare"));
      return;
    }
    w.put(up);
    if (design.topBy() == Finishing.PRESSED) {
      pressed("top", LID, mount);
      byHand("top", LID, "top", Wording.of("boxEndOrder.pare-the-nub-off-and"));
      return;
    }
    SetupDraft s =
        alone
            ? new SetupDraft("top", "Lid alone", Hold.of(mount.grip()), Map.of(LID, mount.frame()))
            : new SetupDraft("top", "Lid " + on() + " the body", Hold.of(jammed), closed());
    s.step(
        "top",
        "Finish the top",
        Wording.of("boxEndOrder.light-cuts-pressed-towards-the"),
        Speeds.At.TURNING,
        w.acts().bare(0, LID, "top"));
    s.step(
        "outside",
        alone ? "Sand and finish the top" : "Sand and finish the outside",
        alone
            ? Wording.of("any.through-the-grits-then-the")
            : Wording.of("boxEndOrder.sand-top-and-sides-through"),
        Speeds.At.SANDING,
        alone
            ? w.acts().treat(LID, "top")
            : Acts.both(w.acts().treat(LID, "top", "side"), w.acts().sand(BODY, "side")));
    w.put(s);
  }

  private String on() {
    return design.threaded() ? "screwed on" : "jammed on";
  }

  /** Both halves closed, the body held as it is. */
  private Map<String, Frame> closed() {
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(LID, new Frame(BoxOrder.bodyFrame(p, b).zero() + p.jump(b), false));
    frames.put(BODY, BoxOrder.bodyFrame(p, b));
    return frames;
  }

  /** What is left at an end goes by saw and knife, off the lathe. */
  private void byHand(String name, String part, String surface, String words) {
    SetupDraft s =
        new SetupDraft(
            name + " by hand", "On the bench", Hold.of(new OffLathe()), Map.of(part, Work.FLAT));
    s.step(
        "pare",
        "Finish the " + surface + " by hand",
        words,
        Speeds.At.TURNING,
        Acts.both(
            List.of(remove(part, b.part(part).surface(surface).zone())),
            part.equals(LID) ? w.acts().treat(part, surface) : w.acts().sand(part, surface)));
    w.put(s);
  }

  /** Pressed by the tailstock: all but a nub under the pad. */
  private void pressed(String end, String part, EndHolds.Mount mount) {
    SetupDraft s =
        new SetupDraft(
            end,
            Wording.of("boxEndOrder.pressed-on-a-pad-by"),
            up(mount.grip()),
            Map.of(part, mount.frame()));
    double r = b.shop().pad().radius();
    HalfSection nub =
        part.equals(LID)
            ? HalfSection.box(p.topAt(b) - 30, b.length() + 10, 0, r)
            : HalfSection.box(-10, p.joinAt(b), 0, r);
    s.step(
        end,
        "Finish the " + end + " round the pad",
        Wording.of("any.light-cuts-towards-the-headstock"),
        Speeds.At.TURNING,
        remove(part, b.part(part).surface(end).zone().minus(nub)));
    w.put(s);
  }

  /** How the body is held while its fit is eased and its outside finished. */
  private SetupDraft eased() {
    if (p.onLid() && design.threaded()) {
      // No tenon is left, jaws in its mouth crush the thread, and nothing is turned any more.
      return new SetupDraft(
          "ease", "On the bench", Hold.of(new OffLathe()), Map.of(BODY, Work.FLAT));
    }
    EndHolds.Mount mouth = ends.foot(Finishing.EXPAND);
    return p.onLid() && mouth.missing().isEmpty()
        ? new SetupDraft(
            "ease", "Body by its mouth", Hold.of(mouth.grip()), Map.of(BODY, mouth.frame()))
        : new SetupDraft(
            "ease",
            Wording.of("boxEndOrder.body-on-its-tenon-lid"),
            Hold.of(BoxOrder.onBody(p, b)),
            Map.of(BODY, BoxOrder.bodyFrame(p, b)));
  }

  void ease() {
    SetupDraft s = eased();
    if (!design.threaded()) {
      eased(s);
    }
    if (!design.finish().isEmpty()) {
      s.step(
          "finish",
          "Finish the body's outside",
          Wording.of("boxEndOrder.bring-the-bodys-side-to"),
          Speeds.At.SANDING,
          w.acts().coat(BODY, "side"));
    }
    w.put(s);
  }

  private void eased(SetupDraft s) {
    boolean over = p.over();
    s.step(
        "ease",
        over ? "Ease the spigot" : "Ease the mouth",
        Wording.of("boxEndOrder.nothing-hangs-on-the-jam"),
        Speeds.At.TURNING,
        over ? w.acts().bare(0, BODY, "spigot") : w.acts().bare(0, BODY, "recess", "ledge"),
        over ? w.fit(Spigot.DIAMETER, "on the spigot") : w.fit(RECESS, "inside the mouth"),
        new Act.Try("closure", false));
  }

  void foot() {
    EndHolds.Mount mount = ends.foot(design.footBy());
    if (design.footBy() == Finishing.SAW) {
      SetupDraft s =
          new SetupDraft(
              "foot undercut",
              "Body on its tenon",
              Hold.of(BoxOrder.onBody(p, b)),
              Map.of(BODY, BoxOrder.bodyFrame(p, b)));
      s.step(
          "undercut",
          "Undercut the foot",
          Wording.of("any.cut-in-behind-the-foot"),
          Speeds.At.PARTING,
          EndWork.undercut(
              b,
              new SurfaceId(BODY, "foot"),
              HalfSection.box(BoxOrder.bodyFrame(p, b).zero(), p.joinAt(b), 0, b.far()),
              false));
      w.put(s);
      byHand("foot", BODY, "foot", Wording.of("boxEndOrder.saw-the-tenon-off-pare-the"));
      return;
    }
    if (design.footBy() == Finishing.PRESSED) {
      pressed("foot", BODY, mount);
      byHand("foot", BODY, "foot", Wording.of("boxEndOrder.pare-the-nub-off-and"));
      return;
    }
    String on = design.footBy().option().label().toLowerCase(Locale.ROOT);
    SetupDraft up =
        new SetupDraft(
            "foot, tail up", "Reversed, tail up", up(mount.grip()), Map.of(BODY, mount.frame()));
    HalfSection nub = HalfSection.box(-10, p.joinAt(b), 0, b.shop().pad().radius());
    up.step(
        "bulk",
        "Rough the foot",
        Wording.of("boxEndOrder.hold-the-body-reversed-take", on),
        Speeds.At.TURNING,
        Acts.sparing(w.acts().bare(b.custom(Line.TURN_BOX_SPARE), BODY, "foot"), nub));
    w.put(up);
    footFinish("Reversed", Hold.of(mount.grip()), Map.of(BODY, mount.frame()));
  }

  private void footFinish(String title, Hold hold, Map<String, Frame> frames) {
    SetupDraft s = new SetupDraft("foot", title, hold, frames);
    s.step(
        "foot",
        "Finish the foot",
        Wording.of("boxEndOrder.light-cuts-towards-the-headstock"),
        Speeds.At.TURNING,
        Acts.both(List.of(w.acts().bare(0, BODY, "foot")), w.acts().sand(BODY, "foot")));
    w.put(s);
  }

  /** The body reversed on the lid, which still has its tenon. */
  void footOnLid() {
    Grip grip = ThreadPair.grip(p.thread(), BODY, LID, p.topTenon.squeeze(b));
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(BODY, new Frame(p.topTenon.frame(b).zero() - p.jump(b), true));
    frames.put(LID, p.topTenon.frame(b));
    SetupDraft up =
        new SetupDraft("foot, tail up", "Body " + on() + " the lid, tail up", up(grip), frames);
    HalfSection nub = HalfSection.box(-10, p.joinAt(b), 0, b.shop().pad().radius());
    up.step(
        "bulk",
        Wording.of("boxEndOrder.rough-the-foot-shape-the"),
        Wording.of("boxEndOrder.take-the-tenon-down-round"),
        Speeds.At.TURNING,
        Acts.sparing(w.acts().bare(b.custom(Line.TURN_BOX_SPARE), BODY, "foot"), nub),
        w.acts().bare(0, BODY, "side"));
    up.step(
        "outside",
        "Sand the body's side",
        Wording.of("boxEndOrder.through-the-grits"),
        Speeds.At.SANDING,
        w.acts().sand(BODY, "side"));
    w.put(up);
    footFinish("Body " + on() + " the lid", Hold.of(grip), frames);
  }

  void bench() {
    SetupDraft s =
        new SetupDraft("bench", "On the bench", Hold.of(new OffLathe()), BoxOrder.both(Work.FLAT));
    s.step(
        "sign",
        "Sign it",
        Wording.of("boxEndOrder.name-date-and-species-on"),
        Speeds.At.TURNING,
        Acts.both(
            List.of(new Act.Mark(BODY, "name, date, species")),
            p.foot.held(b) ? List.of() : w.acts().coat(BODY, "foot")));
    w.put(s);
  }

  private Hold up(Grip grip) {
    return Hold.of(grip, b.shop().pad());
  }
}
