package hazelkeep.piece.box;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.hold.Around;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Screwed;
import hazelkeep.hold.Squeeze;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.Mounting;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
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
import java.util.Locale;
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
  private final BoxEnds ends;
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
    this.shape = BoxShape.of(design, aim.dims(), aim.practice());
    this.ends = new BoxEnds(design, aim, shop, shape);
    this.acts = new Acts(aim, design.grit(), design.finish());
    this.body = aim.part(BODY);
    this.lid = aim.part(LID);
    this.calipers = shop.caliper().name();
    this.depthGauge = shop.depthGauge().name();
  }

  Route route() {
    centres();
    if (recessed()) {
      footFirst();
    }
    whole();
    setups.add(lid());
    setups.add(body());
    if (onLid()) {
      footOnLid();
    }
    top();
    ease();
    if (!recessed() && !onLid()) {
      foot();
    }
    bench();
    return new Route(setups, List.of());
  }

  private boolean recessed() {
    return design.footBy() == Finishing.RECESS && aim.mm("foot.recess") > 0;
  }

  private boolean onLid() {
    return design.footBy() == Finishing.ON_PARTNER;
  }

  private void centres() {
    if (design.startBy() != Mounting.CENTRES) {
      endForEnd();
      return;
    }
    SetupDraft s =
        new SetupDraft("centres", "Between centres", Hold.of(new Centres()), both(flat()));
    s.step(
        "round",
        "Round the blank",
        "Turn it by hand first, start slow, and rough it to a cylinder.",
        Speeds.At.TURNING,
        remove(BODY, rounding(-10, shape.length + 10)),
        read("blank.round", calipers, "at both ends", 1, 1));
    s.step(
        "face",
        "Face both ends",
        "True both ends with the parting tool, clear of the centres, then cut back to the centre's nub.",
        Speeds.At.TURNING,
        remove(BODY, footFacing().plus(topFacing())));
    s.step(
        "tenons",
        "Cut both tenons",
        "A dovetailed tenon at each end, its shoulder clean and square: it has to sit on the jaw fronts.",
        Speeds.At.TURNING,
        remove(BODY, footTenon().plus(topTenon())),
        turned("tenon-foot.diameter", calipers, "across its widest"),
        turned("tenon-top.diameter", calipers, "across its widest"));
    setups.add(s.done());
  }

  /** On a screw or straight in the jaws one end is made, then the other, held by the first. */
  private void endForEnd() {
    boolean screw = design.startBy() == Mounting.SCREW;
    JawSet jaws = BoxEnds.round(shop, aim.blank().sound().maxR() * 2);
    double held = screw ? 0 : jaws.depth();
    Grip grip = screw ? new Screwed(BODY, shop.screw()) : new Around(BODY, "blank", jaws, false);
    SetupDraft s =
        new SetupDraft(
            "centres",
            screw ? "On the screw, tail up" : "Blank in the jaws, tail up",
            Hold.of(grip, shop.live()),
            both(new Frame(held, false)));
    double from = held + shop.custom(Line.TURN_START_CLEAR);
    s.step(
        "round",
        "Round the blank",
        "Turn it by hand first, start slow, and rough it to a cylinder as far as the hold lets you.",
        Speeds.At.TURNING,
        remove(BODY, rounding(from, shape.length + 10)));
    s.step(
        "tenon-top",
        "Face the end, cut the top tenon",
        "Its shoulder clean and square: it has to sit on the jaw fronts.",
        Speeds.At.TURNING,
        remove(BODY, topFacing().plus(topTenon())),
        turned("tenon-top.diameter", calipers, "across its widest"));
    setups.add(s.done());
    SetupDraft turned =
        new SetupDraft(
            "end for end", "Top tenon in the jaws, tail up", up(squeeze(LID)), both(lidFrame()));
    turned.step(
        "round",
        "Round the rest",
        "Bring the part that was held to the same cylinder.",
        Speeds.At.TURNING,
        remove(BODY, rounding(-10, from)),
        read("blank.round", calipers, "at both ends", 1, 1));
    turned.step(
        "tenon-foot",
        "Face the foot, cut its tenon",
        "Its shoulder clean and square.",
        Speeds.At.TURNING,
        remove(BODY, footFacing().plus(footTenon())),
        turned("tenon-foot.diameter", calipers, "across its widest"));
    setups.add(turned.done());
  }

  private HalfSection rounding(double from, double to) {
    return HalfSection.box(from, to, aim.mm("blank.round") / 2, shape.far);
  }

  private double topEnd() {
    return shape.top + aim.mm("stick.waste-top") + aim.mm("stick.tenon-top");
  }

  private HalfSection footFacing() {
    return HalfSection.box(-10, aim.mm("stick.face-foot"), 0, shape.far);
  }

  private HalfSection topFacing() {
    return HalfSection.box(topEnd(), shape.length + 10, 0, shape.far);
  }

  private HalfSection footTenon() {
    double from = aim.mm("stick.face-foot");
    return HalfSection.box(from, from + aim.mm("stick.tenon-foot"), 0, shape.far)
        .minus(body.stub("tenon").region());
  }

  private HalfSection topTenon() {
    return HalfSection.box(shape.top + aim.mm("stick.waste-top"), topEnd(), 0, shape.far)
        .minus(lid.stub("tenon").region());
  }

  private void whole() {
    SetupDraft s =
        new SetupDraft(
            "whole",
            "Foot tenon in the jaws, tail up",
            Hold.of(onBody(), shop.live()),
            both(bodyFrame()));
    s.step(
        "true",
        "True the outside",
        "Take the run-out off and shape lightly; leave half a millimetre a side for the finish.",
        Speeds.At.TURNING,
        acts.bare(shop.custom(Line.TURN_BOX_TRUED), BODY, "side"),
        acts.bare(shop.custom(Line.TURN_BOX_TRUED), LID, "side"));
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
        new SetupDraft("lid", "Lid on its tenon", Hold.of(squeeze(LID)), Map.of(LID, lidFrame()));
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
              shop.custom(Line.READ_RECESS_SHORT),
              shop.custom(Line.READ_TURNED)));
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
        new SetupDraft("body", "Body on its tenon", Hold.of(onBody()), Map.of(BODY, bodyFrame()));
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
    // The wide bit first: its spur needs the wood that the depth hole takes.
    new BoxBoring(design, aim, shop)
        .main()
        .ifPresent(
            p ->
                s.bore(
                    "bore",
                    "Bore the middle out",
                    "The "
                        + p.bit().name()
                        + " in the tailstock, which stays locked; clear the chips "
                        + p.strokes()
                        + " times on the way. Depths and readings stand on the Bore page.",
                    p.bit(),
                    remove(BODY, hole(p.bit(), p.depth()))));
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
                remove(BODY, hole(b, aim.mm("depth-hole.body"))),
                read(
                    "depth-hole.body",
                    depthGauge,
                    "from the " + face + " to the bit's full diameter",
                    shop.custom(Line.READ_TURNED),
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
  private Act.Read turned(String key, String gauge, String where) {
    return read(key, gauge, where, shop.custom(Line.READ_TURNED), shop.custom(Line.READ_TURNED));
  }

  /** A size of the fit, by the calipers. */
  private Act.Read fit(String key, String where) {
    return read(key, calipers, where, shop.custom(Line.READ_FIT), shop.custom(Line.READ_FIT));
  }

  private HalfSection hole(Bit b, double depth) {
    double r = b.diameter() / 2;
    double mouth = shape.mouth();
    double full = mouth - depth;
    return HalfSection.of(
        List.of(
            new Point(mouth + aim.mm(shape.over() ? "stick.face-spigot" : "stick.face-rim") + 1, 0),
            new Point(full - b.tip(), 0),
            new Point(full, r),
            new Point(
                mouth + aim.mm(shape.over() ? "stick.face-spigot" : "stick.face-rim") + 1, r)));
  }

  private void top() {
    boolean alone = design.topBy() != Finishing.ON_PARTNER;
    boolean sawn = design.topBy() == Finishing.SAW;
    EndHolds.Mount mount = ends.top(design.topBy());
    Grip jammed = new JamOn(LID, BODY, onBody());
    // With the foot made on the lid the body has no tenon left: the lid is then held alone.
    boolean off = onLid() && alone && !sawn;
    SetupDraft up =
        off
            ? new SetupDraft(
                "top, tail up", "Lid alone, tail up", up(mount.grip()), of(LID, mount.frame()))
            : new SetupDraft(
                "top, tail up", "Lid jammed on the body, tail up", up(jammed), closed());
    HalfSection nub =
        HalfSection.box(
            shape.top + shop.custom(Line.TURN_BOX_SPARE) / 2,
            shape.length + 10,
            0,
            shop.pad().radius());
    List<Act> rough = new ArrayList<>();
    rough.add(Acts.sparing(acts.bare(shop.custom(Line.TURN_BOX_SPARE), LID, "top"), nub));
    rough.add(acts.bare(0, LID, "side"));
    if (!off) {
      rough.add(acts.bare(0, BODY, "side"));
    }
    up.step(
        "bulk",
        "Rough the top, shape the side",
        "Take the lid's tenon down round the pad while the tailstock still supports it; run both outsides into one line.",
        Speeds.At.TURNING,
        rough);
    if (alone) {
      up.step(
          "outside",
          "Sand and finish the outside",
          "Sand the sides through the grits, then the finish on the lid.",
          Speeds.At.SANDING,
          off
              ? acts.treat(LID, "side")
              : Acts.both(acts.treat(LID, "side"), acts.sand(BODY, "side")));
    }
    if (sawn) {
      up.step(
          "undercut",
          "Undercut the top",
          "Cut in behind the top, a little hollow, down to a neck for the saw.",
          Speeds.At.PARTING,
          undercut(LID, "top"));
      setups.add(up.done());
      byHand("top", LID, "top", "Saw the tenon off, pare the stub and sand the top by hand.");
      return;
    }
    setups.add(up.done());
    if (design.topBy() == Finishing.PRESSED) {
      pressed("top", LID, mount);
      byHand("top", LID, "top", "Pare the nub off and sand the middle by hand.");
      return;
    }
    SetupDraft s =
        alone
            ? new SetupDraft("top", "Lid alone", Hold.of(mount.grip()), of(LID, mount.frame()))
            : new SetupDraft("top", "Lid jammed on the body", Hold.of(jammed), closed());
    s.step(
        "top",
        "Finish the top",
        "Light cuts, pressed towards the headstock. The last of the tenon goes here.",
        Speeds.At.TURNING,
        acts.bare(0, LID, "top"));
    s.step(
        "outside",
        alone ? "Sand and finish the top" : "Sand and finish the outside",
        alone
            ? "Through the grits, then the finish."
            : "Sand top and sides through the grits, then the finish on lid and top.",
        Speeds.At.SANDING,
        alone
            ? acts.treat(LID, "top")
            : Acts.both(acts.treat(LID, "top", "side"), acts.sand(BODY, "side")));
    setups.add(s.done());
  }

  private static Map<String, Frame> of(String part, Frame frame) {
    return Map.of(part, frame);
  }

  private Hold up(Grip grip) {
    return Hold.of(grip, shop.pad());
  }

  /** Both halves closed, the body held as it is. */
  private Map<String, Frame> closed() {
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(LID, new Frame(bodyFrame().zero() + shape.jump, false));
    frames.put(BODY, bodyFrame());
    return frames;
  }

  /** What a parting tool takes between an end's surface and its tenon, down to a neck. */
  private Act.Remove undercut(String part, String surface) {
    HalfSection slot =
        part.equals(LID)
            ? HalfSection.box(shape.rim, lidFrame().zero(), shop.custom(Line.TURN_NUB), shape.far)
            : HalfSection.box(
                bodyFrame().zero(), shape.join, shop.custom(Line.TURN_NUB), shape.far);
    return remove(part, aim.part(part).surface(surface).zone().and(slot));
  }

  /** What is left at an end goes by saw and knife, off the lathe. */
  private void byHand(String name, String part, String surface, String words) {
    SetupDraft s =
        new SetupDraft(
            name + " by hand", "On the bench", Hold.of(new OffLathe()), of(part, flat()));
    s.step(
        "pare",
        "Finish the " + surface + " by hand",
        words,
        Speeds.At.TURNING,
        Acts.both(
            List.of(remove(part, aim.part(part).surface(surface).zone())),
            part.equals(LID) ? acts.treat(part, surface) : acts.sand(part, surface)));
    setups.add(s.done());
  }

  private static Frame flat() {
    return new Frame(0, false);
  }

  /** Pressed by the tailstock: all but a nub under the pad. */
  private void pressed(String end, String part, EndHolds.Mount mount) {
    SetupDraft s =
        new SetupDraft(
            end, "Pressed on a pad by the tailstock", up(mount.grip()), of(part, mount.frame()));
    double r = shop.pad().radius();
    HalfSection nub =
        part.equals(LID)
            ? HalfSection.box(shape.top - 30, shape.length + 10, 0, r)
            : HalfSection.box(-10, shape.join, 0, r);
    s.step(
        end,
        "Finish the " + end + " round the pad",
        "Light cuts towards the headstock, up to the nub that the pad presses on.",
        Speeds.At.TURNING,
        remove(part, aim.part(part).surface(end).zone().minus(nub)));
    setups.add(s.done());
  }

  private void ease() {
    SetupDraft s;
    EndHolds.Mount mouth = ends.foot(Finishing.EXPAND);
    if (onLid() && mouth.missing().isEmpty()) {
      s =
          new SetupDraft(
              "ease", "Body by its mouth", Hold.of(mouth.grip()), of(BODY, mouth.frame()));
    } else {
      s =
          new SetupDraft(
              "ease", "Body on its tenon, lid off", Hold.of(onBody()), of(BODY, bodyFrame()));
    }
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
    EndHolds.Mount mount = ends.foot(design.footBy());
    if (design.footBy() == Finishing.SAW) {
      SetupDraft s =
          new SetupDraft(
              "foot undercut", "Body on its tenon", Hold.of(onBody()), of(BODY, bodyFrame()));
      s.step(
          "undercut",
          "Undercut the foot",
          "Cut in behind the foot, a little hollow, down to a neck for the saw.",
          Speeds.At.PARTING,
          undercut(BODY, "foot"));
      setups.add(s.done());
      byHand("foot", BODY, "foot", "Saw the tenon off, pare the stub and sand the foot by hand.");
      return;
    }
    if (design.footBy() == Finishing.PRESSED) {
      pressed("foot", BODY, mount);
      byHand("foot", BODY, "foot", "Pare the nub off and sand the middle by hand.");
      return;
    }
    String on = design.footBy().option().label().toLowerCase(Locale.ROOT);
    SetupDraft up =
        new SetupDraft(
            "foot, tail up", "Reversed, tail up", up(mount.grip()), of(BODY, mount.frame()));
    HalfSection nub = HalfSection.box(-10, shape.join, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Rough the foot",
        "Hold the body reversed: " + on + ". Take the tenon down round the pad.",
        Speeds.At.TURNING,
        Acts.sparing(acts.bare(shop.custom(Line.TURN_BOX_SPARE), BODY, "foot"), nub));
    setups.add(up.done());
    footFinish("Reversed", Hold.of(mount.grip()), of(BODY, mount.frame()));
  }

  private void footFinish(String title, Hold hold, Map<String, Frame> frames) {
    SetupDraft s = new SetupDraft("foot", title, hold, frames);
    s.step(
        "foot",
        "Finish the foot",
        "Light cuts towards the headstock; hollow it a little, so that only the rim stands. Sand it.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, BODY, "foot")), acts.sand(BODY, "foot")));
    setups.add(s.done());
  }

  /** The foot and its recess come first: they hold the work from then on. */
  private void footFirst() {
    SetupDraft s =
        new SetupDraft("foot", "Top tenon in the jaws", Hold.of(squeeze(LID)), both(lidFrame()));
    s.step(
        "foot",
        "Finish the foot and its recess",
        "True the foot, cut the recess clean to its depth; it can't be reached again.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "foot"),
        turned("foot.recess", calipers, "at its mouth"),
        read("foot.hollow", depthGauge, "from the foot's rim", 0.5, 1));
    s.step(
        "sand",
        "Sand and finish the foot",
        "Through the grits, then the finish; keep the recess crisp for the jaws.",
        Speeds.At.SANDING,
        acts.treat(BODY, "foot"));
    setups.add(s.done());
  }

  /** The body reversed on the lid, which still has its tenon. */
  private void footOnLid() {
    Grip grip = new JamOn(BODY, LID, squeeze(LID));
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(BODY, new Frame(lidFrame().zero() - shape.jump, true));
    frames.put(LID, lidFrame());
    SetupDraft up =
        new SetupDraft("foot, tail up", "Body jammed on the lid, tail up", up(grip), frames);
    HalfSection nub = HalfSection.box(-10, shape.join, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Rough the foot, shape the side",
        "Take the tenon down round the pad; run the body's outside into the lid's.",
        Speeds.At.TURNING,
        Acts.sparing(acts.bare(shop.custom(Line.TURN_BOX_SPARE), BODY, "foot"), nub),
        acts.bare(0, BODY, "side"));
    up.step(
        "outside",
        "Sand the body's side",
        "Through the grits.",
        Speeds.At.SANDING,
        acts.sand(BODY, "side"));
    setups.add(up.done());
    footFinish("Body jammed on the lid", Hold.of(grip), frames);
  }

  private void bench() {
    SetupDraft s =
        new SetupDraft("bench", "On the bench", Hold.of(new OffLathe()), both(new Frame(0, false)));
    s.step(
        "sign",
        "Sign it",
        "Name, date and species on the foot, then the last of the finish.",
        Speeds.At.TURNING,
        Acts.both(
            List.of(new Act.Mark(BODY, "name, date, species")),
            recessed() ? List.of() : acts.coat(BODY, "foot")));
    setups.add(s.done());
  }

  // Holds and frames.

  /** The body by its tenon, or by the recess in its foot. */
  private InJaws onBody() {
    if (recessed()) {
      return new Expand(
          BODY,
          "recess",
          FootRecess.held(
              shop, aim.mm("outside.foot"), aim.mm("foot.hollow"), aim.mm("foot.recess")));
    }
    return squeeze(BODY);
  }

  private Squeeze squeeze(String part) {
    String end = part.equals(BODY) ? "foot" : "top";
    return new Squeeze(part, Tenons.jaws(shop, aim, end));
  }

  private Frame bodyFrame() {
    return new Frame(
        recessed() ? shape.foot : aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot"), false);
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
