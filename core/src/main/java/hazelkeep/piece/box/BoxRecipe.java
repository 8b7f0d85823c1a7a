package hazelkeep.piece.box;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.HoldLimits;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Bit;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a lidded box is made. Both schools hollow the half with the recess while it can be measured,
 * fit the other to it, shape the top with the lid jammed on, ease the fit last and finish the foot
 * reversed. A recipe states intent; it may not ask the rehearsal anything.
 */
final class BoxRecipe {
  private static final String BODY = "body";
  private static final String LID = "lid";

  private final LiddedBox design;
  private final Aim aim;
  private final Shop shop;
  private final BoxShape shape;
  private final Acts acts;
  private final Part body;
  private final Part lid;
  private final String calipers;
  private final String depthGauge;
  private final List<Setup> setups = new ArrayList<>();

  BoxRecipe(LiddedBox design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = BoxShape.of(design, aim.dims());
    this.acts = new Acts(aim, design.grit(), design.finish());
    this.body = aim.part(BODY);
    this.lid = aim.part(LID);
    this.calipers = shop.caliper().name();
    this.depthGauge = shop.depthGauge().name();
  }

  Route route() {
    centres();
    whole();
    setups.add(lid());
    setups.add(body());
    top();
    ease();
    foot();
    bench();
    return new Route(setups, List.of());
  }

  private void centres() {
    Map<String, Frame> frames = both(new Frame(0, false));
    SetupDraft s =
        new SetupDraft(
            "centres", "Between centres", new Hold(new Centres(), Optional.empty()), frames);
    double r = aim.mm("blank.round") / 2;
    s.step(
        "round",
        "Round the blank",
        "Turn it by hand first, start slow, and rough it to a cylinder.",
        Speeds.At.TURNING,
        remove(BODY, HalfSection.box(-10, shape.length + 10, r, shape.far)),
        read("blank.round", calipers, "at both ends", 1, 1));
    double end = shape.top + aim.mm("stick.waste-top") + aim.mm("stick.tenon-top");
    s.step(
        "face",
        "Face both ends",
        "True both ends with the parting tool, clear of the centres, then cut back to the centre's nub.",
        Speeds.At.TURNING,
        remove(
            BODY,
            HalfSection.box(-10, aim.mm("stick.face-foot"), 0, shape.far)
                .plus(HalfSection.box(end, shape.length + 10, 0, shape.far))));
    double f0 = aim.mm("stick.face-foot");
    double f1 = f0 + aim.mm("stick.tenon-foot");
    double t0 = shape.top + aim.mm("stick.waste-top");
    s.step(
        "tenons",
        "Cut both tenons",
        "A dovetailed tenon at each end, its shoulder clean and square: it has to sit on the jaw fronts.",
        Speeds.At.TURNING,
        remove(
            BODY,
            HalfSection.box(f0, f1, 0, shape.far)
                .minus(body.stub("tenon").region())
                .plus(HalfSection.box(t0, end, 0, shape.far).minus(lid.stub("tenon").region()))),
        turned("tenon-foot.diameter", calipers, "across its widest"),
        turned("tenon-top.diameter", calipers, "across its widest"));
    setups.add(s.done());
  }

  private void whole() {
    SetupDraft s =
        new SetupDraft(
            "whole",
            "Foot tenon in the jaws, tail up",
            new Hold(onBody(), Optional.of(shop.live())),
            both(bodyFrame()));
    s.step(
        "true",
        "True the outside",
        "Take the run-out off and shape lightly; leave half a millimetre a side for the finish.",
        Speeds.At.TURNING,
        acts.bare(BoxLimits.TRUE_LEAVE, BODY, "side"),
        acts.bare(BoxLimits.TRUE_LEAVE, LID, "side"));
    s.step(
        "grain mark",
        "Mark the grain",
        "Draw a pencil line across the join: the lid goes back on to it.",
        Speeds.At.TURNING,
        new Act.Mark(BODY, "grain"),
        new Act.Mark(LID, "grain"));
    if (shape.over()) {
      s.step(
          "shoulder",
          "Shoulder cut",
          "Sink the shoulder that frees the spigot; leave the spigot a millimetre a side too thick.",
          Speeds.At.TURNING,
          acts.bare(0, BODY, "shoulder"));
    } else {
      s.step(
          "spigot",
          "Turn the lid's spigot",
          "Turn the lid's spigot parallel and to size: the body's mouth is opened to it later.",
          Speeds.At.TURNING,
          acts.bare(0, LID, "spigot", "shoulder"),
          turned("spigot.diameter", calipers, "at its end and again at its root"));
    }
    double k = shape.kerfFrom();
    s.step(
        "part",
        "Part the lid off",
        "Cut wider than the tool, slow, down to a neck of about 6 mm (1/4 in); finish it by hand with the lathe stopped.",
        Speeds.At.PARTING,
        Acts.part(BODY, LID, HalfSection.box(k, k + aim.mm("stick.kerf"), 0, shape.far)));
    setups.add(s.done());
  }

  private Setup lid() {
    SetupDraft s =
        new SetupDraft(
            "lid",
            "Lid on its tenon",
            new Hold(squeeze(LID), Optional.empty()),
            Map.of(LID, lidFrame()));
    String face = shape.over() ? "rim" : "spigot end";
    s.step(
        "hollow",
        "Hollow the lid",
        "Face the "
            + (shape.over() ? "rim" : "end of the spigot")
            + ", then hollow from the centre outwards.",
        Speeds.At.TURNING,
        acts.bare(0, LID, face, "inside"),
        turned(
            "lid.depth",
            depthGauge,
            "from the " + (shape.over() ? "rim" : "spigot's end") + " to the middle"),
        turned("lid.inside", calipers, "in front of its roof"));
    if (shape.over()) {
      s.step(
          "recess",
          "Cut the recess",
          "Cut the recess parallel. Measure it at the rim and again near its floor.",
          Speeds.At.TURNING,
          acts.bare(0, LID, "recess"),
          turned("recess.diameter", calipers, "at the rim and again near its floor"),
          read(
              "recess.depth",
              depthGauge,
              "from the rim to the recess's floor",
              BoxLimits.READ_RECESS_SHORT,
              BoxLimits.READ_TURNED));
    }
    s.step(
        "inside",
        "Sand and finish inside",
        "Through the grits, then the finish. Keep both off the fit.",
        Speeds.At.SANDING,
        acts.treat(LID, "inside"));
    return s.done();
  }

  /** The body is hollowed, then brought to a jam with the lid: from outside, or from inside. */
  private Setup body() {
    SetupDraft s =
        new SetupDraft(
            "body",
            "Body on its tenon",
            new Hold(onBody(), Optional.empty()),
            Map.of(BODY, bodyFrame()));
    hollowBody(s, shape.over() ? "spigot end" : "rim");
    if (shape.over()) {
      finishInside(s, "Mask the spigot.");
      jamSpigot(s);
    } else {
      // The mouth opens into the inside: its chips would scratch a finished one.
      jamMouth(s);
      finishInside(s, "Keep both off the mouth.");
    }
    return s.done();
  }

  private void finishInside(SetupDraft s, String spare) {
    s.step(
        "inside",
        "Sand and finish inside",
        "Through the grits, then the finish. " + spare,
        Speeds.At.SANDING,
        acts.treat(BODY, "inside"));
  }

  private void jamSpigot(SetupDraft s) {
    s.step(
        "jam",
        "Spigot to a jam",
        "Sneak up on the diameter with trial fits until the lid goes on tight, grain lines together.",
        Speeds.At.TURNING,
        remove(BODY, body.surface("spigot").zone().minus(jamCore())),
        fit("joint.jam", "on the spigot"),
        new Act.Try("closure", true));
  }

  private void jamMouth(SetupDraft s) {
    s.step(
        "jam",
        "Mouth to a jam",
        "Open the mouth by light cuts until the lid's spigot goes in tight, grain lines together.",
        Speeds.At.TURNING,
        remove(BODY, body.surface("recess").zone().and(jamCore())),
        fit("joint.jam", "inside the mouth"),
        new Act.Try("closure", true));
  }

  /** All that lies within the diameter of the jam. */
  private HalfSection jamCore() {
    return HalfSection.box(-10, shape.length + 10, 0, aim.mm("joint.jam") / 2);
  }

  private void hollowBody(SetupDraft s, String face) {
    Optional<Bit> bit = shop.depthBit();
    bit.ifPresent(
        b ->
            s.step(
                "depth hole",
                "Bore the depth hole",
                "The "
                    + b.name()
                    + " in a handle, marked for depth: the floor is counted from its point.",
                Speeds.At.BORING,
                remove(BODY, hole(b)),
                read(
                    "depth-hole.body",
                    depthGauge,
                    "from the " + face + " to the bit's full diameter",
                    BoxLimits.READ_TURNED,
                    0)));
    s.step(
        "hollow",
        "Hollow the body",
        "Face the " + face + ", then hollow from the centre outwards; the hole tells the depth.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, face, "inside"),
        turned("inside.depth", depthGauge, "from the " + face + " to the floor"),
        turned("inside.diameter", calipers, "at the mouth"));
  }

  /** A size that what comes later is worked out from. */
  private static Act.Read turned(String key, String gauge, String where) {
    return read(key, gauge, where, BoxLimits.READ_TURNED, BoxLimits.READ_TURNED);
  }

  /** A size of the fit, by the calipers. */
  private Act.Read fit(String key, String where) {
    return read(key, calipers, where, BoxLimits.READ_FIT, BoxLimits.READ_FIT);
  }

  private HalfSection hole(Bit b) {
    double r = b.diameter() / 2;
    double mouth = shape.mouth();
    double full = mouth - aim.mm("depth-hole.body");
    return HalfSection.of(
        List.of(
            new Point(mouth + aim.mm(shape.over() ? "stick.face-spigot" : "stick.face-rim") + 1, 0),
            new Point(full - b.tip(), 0),
            new Point(full, r),
            new Point(
                mouth + aim.mm(shape.over() ? "stick.face-spigot" : "stick.face-rim") + 1, r)));
  }

  private void top() {
    Grip grip = new JamOn(LID, BODY, onBody());
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(LID, new Frame(bodyFrame().zero() + shape.jump, false));
    frames.put(BODY, bodyFrame());
    SetupDraft up =
        new SetupDraft(
            "top, tail up",
            "Lid jammed on the body, tail up",
            new Hold(grip, Optional.of(shop.pad())),
            frames);
    HalfSection nub =
        HalfSection.box(shape.top + BoxLimits.SPARE / 2, shape.length + 10, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Rough the top, shape the side",
        "Take the lid's tenon down round the pad while the tailstock still supports it; run both outsides into one line.",
        Speeds.At.TURNING,
        Acts.sparing(acts.bare(BoxLimits.SPARE, LID, "top"), nub),
        acts.bare(0, LID, "side"),
        acts.bare(0, BODY, "side"));
    setups.add(up.done());
    SetupDraft s =
        new SetupDraft("top", "Lid jammed on the body", new Hold(grip, Optional.empty()), frames);
    s.step(
        "top",
        "Finish the top",
        "Light cuts, pressed towards the headstock. The last of the tenon goes here.",
        Speeds.At.TURNING,
        acts.bare(0, LID, "top"));
    s.step(
        "outside",
        "Sand and finish the outside",
        "Sand top and sides through the grits, then the finish on lid and top.",
        Speeds.At.SANDING,
        Acts.both(acts.treat(LID, "top", "side"), acts.sand(BODY, "side")));
    setups.add(s.done());
  }

  private void ease() {
    SetupDraft s =
        new SetupDraft(
            "ease",
            "Body on its tenon, lid off",
            new Hold(onBody(), Optional.empty()),
            Map.of(BODY, bodyFrame()));
    boolean over = shape.over();
    s.step(
        "ease",
        over ? "Ease the spigot" : "Ease the mouth",
        "Nothing hangs on the jam any more: ease it to the fit you want, a hair at a time.",
        Speeds.At.TURNING,
        over ? acts.bare(0, BODY, "spigot") : acts.bare(0, BODY, "recess", "ledge"),
        over ? fit("spigot.diameter", "on the spigot") : fit("recess.diameter", "inside the mouth"),
        new Act.Try("closure", false));
    if (!design.finish().isEmpty()) {
      s.step(
          "finish",
          "Finish the body's outside",
          "Bring the body's side to the same finish as the lid.",
          Speeds.At.SANDING,
          acts.coat(BODY, "side"));
    }
    setups.add(s.done());
  }

  private void foot() {
    boolean over = shape.over();
    String seat = over ? "inside" : "recess";
    double mouth = over ? aim.mm("inside.diameter") : aim.mm("recess.diameter");
    double straight =
        over
            ? aim.mm("inside.depth") - aim.mm("inside.corner")
            : aim.mm("recess.depth") - BoxLimits.PLUG_CLEAR;
    double reach = Math.min(BoxLimits.PLUG_LENGTH, BoxLimits.PLUG_SHARE * aim.mm("inside.depth"));
    double length = Math.max(BoxLimits.PLUG_LEAST, Math.min(reach, straight));
    double plug = mouth / 2 * (1 + HoldLimits.JAM_PER_MM);
    double face = Math.max(plug + BoxLimits.PLUG_FACE, aim.mm("spigot.diameter") / 2);
    HalfSection chuck = HalfSection.box(-25, 0, 0, face).plus(HalfSection.box(-1, length, 0, plug));
    Grip grip = JamChuck.of(BODY, seat, chuck);
    Map<String, Frame> frames = Map.of(BODY, new Frame(shape.mouth(), true));
    SetupDraft up =
        new SetupDraft(
            "foot, tail up",
            "Reversed on a jam chuck, tail up",
            new Hold(grip, Optional.of(shop.pad())),
            frames);
    HalfSection nub = HalfSection.box(-10, shape.join, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Rough the foot",
        "Turn a plug of waste wood to the mouth, a shallow slow taper. Take the tenon down round the pad.",
        Speeds.At.TURNING,
        Acts.sparing(acts.bare(BoxLimits.SPARE, BODY, "foot"), nub));
    setups.add(up.done());
    SetupDraft s =
        new SetupDraft("foot", "Reversed on a jam chuck", new Hold(grip, Optional.empty()), frames);
    s.step(
        "foot",
        "Finish the foot",
        "Light cuts towards the headstock; hollow it a little, so that only the rim stands. Sand it.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, BODY, "foot")), acts.sand(BODY, "foot")));
    setups.add(s.done());
  }

  private void bench() {
    SetupDraft s =
        new SetupDraft(
            "bench",
            "On the bench",
            new Hold(new OffLathe(), Optional.empty()),
            both(new Frame(0, false)));
    s.step(
        "sign",
        "Sign it",
        "Name, date and species on the foot, then the last of the finish.",
        Speeds.At.TURNING,
        Acts.both(List.of(new Act.Mark(BODY, "name, date, species")), acts.coat(BODY, "foot")));
    setups.add(s.done());
  }

  // Holds and frames.

  private Squeeze onBody() {
    return squeeze(BODY);
  }

  private Squeeze squeeze(String part) {
    String end = part.equals(BODY) ? "foot" : "top";
    JawSet jaws =
        BoxRules.jaws(shop, aim.mm("tenon-" + end + ".diameter"), aim.mm("stick.tenon-" + end))
            .orElseThrow(
                () -> new IllegalArgumentException("The shop has no jaws to hold a tenon with"));
    return new Squeeze(part, jaws);
  }

  private Frame bodyFrame() {
    return new Frame(aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot"), false);
  }

  private Frame lidFrame() {
    return new Frame(shape.top + aim.mm("stick.waste-top"), true);
  }

  private static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(LID, f);
    return out;
  }
}
