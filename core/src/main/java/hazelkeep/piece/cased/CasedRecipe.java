package hazelkeep.piece.cased;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.bore.BoringPlan;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a bored case is made: the lid is bored first, by the larger bit; the smaller bores the body
 * and leaves the spigot, which is turned to the lid's bore. Closed, both are shaped in one line.
 */
final class CasedRecipe {
  private static final String BODY = CasedShape.BODY;
  private static final String LID = CasedShape.LID;

  private final Cased design;
  private final Aim aim;
  private final Shop shop;
  private final CasedShape shape;
  private final Acts acts;
  private final String calipers;
  private final String depthGauge;
  private final String lidName;
  private final RecipeSteps steps;
  private final List<Setup> setups = new ArrayList<>();

  CasedRecipe(Cased design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new CasedShape(design, aim.dims(), shop);
    this.acts = new Acts(aim, design.grit(), design.finish());
    this.calipers = shop.caliper().name();
    this.depthGauge = shop.depthGauge().name();
    this.steps = new RecipeSteps(aim, shop);
    this.lidName = design.house() ? "roof" : "lid";
  }

  Route route() {
    centres();
    whole();
    lid();
    body();
    outside();
    ease();
    foot();
    bench();
    return new Route(setups, List.of());
  }

  private void centres() {
    SetupDraft s =
        new SetupDraft("centres", "Between centres", Hold.of(new Centres()), both(flat()));
    steps.round(s, BODY);
    steps.tenons(s, BODY, "tenon", LID, shop.custom(Line.READ_TURNED));
    setups.add(s.done());
  }

  private void whole() {
    SetupDraft s =
        new SetupDraft(
            "whole",
            "Foot tenon in the jaws, tail up",
            Hold.of(squeeze(BODY), shop.live()),
            both(bodyFrame()));
    RecipeSteps.grain(s, BODY, LID, lidName);
    s.step(
        "part",
        "Part the " + lidName + " off",
        "Cut wider than the tool, slow, down to a neck of about 6 mm (1/4 in); finish it by hand with the lathe stopped.",
        Speeds.At.PARTING,
        Acts.part(
            BODY,
            LID,
            HalfSection.box(
                shape.kerfFrom(), shape.kerfFrom() + aim.mm("stick.kerf"), 0, shape.far)));
    setups.add(s.done());
  }

  private void lid() {
    SetupDraft s =
        new SetupDraft(
            "lid",
            capital(lidName) + " on its tenon",
            Hold.of(squeeze(LID)),
            Map.of(LID, lidFrame()));
    s.step(
        "face",
        "Face the rim",
        "Cut it clean and a hair hollow, so that its outer edge closes; a dimple starts the bit.",
        Speeds.At.TURNING,
        acts.bare(0, LID, "rim"));
    RecipeSteps.bits(
        s,
        LID,
        shape.lidBore(),
        shape::intoLid,
        p -> Optional.of(depth("lid.depth", "from the rim")));
    open(s, shape.lidBore(), LID, "roof");
    s.step(
        "measure",
        "Measure the bore",
        "The spigot is turned to what the bit really bored, not to its name.",
        Speeds.At.TURNING,
        read(
            "recess.diameter",
            calipers,
            "at the rim and again near its floor",
            shop.custom(Line.READ_TURNED),
            shop.custom(Line.READ_TURNED)));
    setups.add(s.done());
  }

  private void body() {
    SetupDraft s =
        new SetupDraft(
            "body", "Body on its tenon", Hold.of(squeeze(BODY)), Map.of(BODY, bodyFrame()));
    s.step(
        "face",
        "Face the spigot's end",
        "Cut it clean; a dimple starts the bit.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "spigot end"));
    RecipeSteps.bits(
        s,
        BODY,
        shape.bodyBore(),
        shape::intoBody,
        p -> Optional.of(depth("bore.depth", "from the spigot's end")));
    open(s, shape.bodyBore(), BODY, "inside");
    s.step(
        "shoulder",
        "Shoulder cut",
        "Sink the shoulder that frees the spigot; leave it a millimetre a side too thick.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "shoulder"));
    s.step(
        "jam",
        "Spigot to a jam",
        "Sneak up on it with trial fits until the "
            + lidName
            + " goes on tight, grain lines together. Its wall is thin: light cuts, no force.",
        Speeds.At.TURNING,
        remove(
            BODY,
            aim.part(BODY)
                .surface("spigot")
                .zone()
                .minus(HalfSection.box(-10, shape.length + 10, 0, aim.mm("joint.jam") / 2))),
        fit("joint.jam"),
        new Act.Try("closure", true));
    setups.add(s.done());
  }

  private Act.Read depth(String key, String from) {
    return read(
        key,
        depthGauge,
        from + " to the bit's full diameter",
        shop.custom(Line.READ_TURNED),
        shop.custom(Line.READ_TURNED));
  }

  private void open(SetupDraft s, BoringPlan plan, String part, String surface) {
    if (RecipeSteps.opens(plan)) {
      s.step(
          "open",
          "Open the bore",
          "There is no bit of that size: open the bore to it.",
          Speeds.At.TURNING,
          acts.bare(0, part, surface));
    }
  }

  private void outside() {
    Grip jammed = new JamOn(LID, BODY, squeeze(BODY));
    boolean sawn = design.topBy() == Finishing.SAW;
    SetupDraft up =
        new SetupDraft(
            "top, tail up",
            capital(lidName) + " jammed on the body, tail up",
            Hold.of(jammed, sawn ? shop.live() : shop.pad()),
            closed());
    HalfSection nub = HalfSection.box(shape.top - 30, shape.length + 10, 0, shop.pad().radius());
    HalfSection top = aim.part(LID).surface("top").zone();
    up.step(
        "side",
        "Shape the outside",
        design.house()
            ? "The walls straight, the roof over them; keep off the wood that the bores need."
            : "Both in one line, by light cuts; keep off the wood that the bores need.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "side"),
        acts.bare(0, LID, "side"),
        remove(
            LID,
            sawn
                ? top.and(
                    HalfSection.box(
                        shape.rim, lidFrame().zero(), shop.custom(Line.TURN_CASE_NUB), shape.far))
                : top.minus(nub)));
    up.step(
        "finish",
        "Sand and finish the outside",
        "Through the grits, then the finish on the " + lidName + ".",
        Speeds.At.SANDING,
        Acts.both(acts.treat(LID, "side"), acts.sand(BODY, "side")));
    setups.add(up.done());
    if (sawn) {
      byHand("top", LID, "Saw the tenon off, pare the stub, sand and finish the top by hand.");
      return;
    }
    SetupDraft s =
        new SetupDraft("top", capital(lidName) + " jammed on the body", Hold.of(jammed), closed());
    s.step(
        "top",
        "Finish the top",
        "Take the nub off by light cuts, pressed towards the headstock. Sand it, then the finish.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, LID, "top")), acts.treat(LID, "top")));
    setups.add(s.done());
  }

  private void ease() {
    SetupDraft s =
        new SetupDraft(
            "ease",
            "Body on its tenon, " + lidName + " off",
            Hold.of(squeeze(BODY)),
            Map.of(BODY, bodyFrame()));
    s.step(
        "ease",
        "Ease the spigot",
        "Nothing hangs on the jam any more: ease it to the fit you want, a hair at a time, with fine abrasive on a flat stick.",
        Speeds.At.SANDING,
        acts.bare(0, BODY, "spigot"),
        fit("spigot.diameter"),
        new Act.Try("closure", false));
    if (!design.finish().isEmpty()) {
      s.step(
          "finish",
          "Finish the body's outside",
          "Bring the body's side to the same finish as the " + lidName + ".",
          Speeds.At.SANDING,
          acts.coat(BODY, "side"));
    }
    setups.add(s.done());
  }

  private void foot() {
    HalfSection zone = aim.part(BODY).surface("foot").zone();
    if (design.footBy() == Finishing.SAW) {
      SetupDraft s =
          new SetupDraft(
              "foot undercut",
              "Body on its tenon",
              Hold.of(squeeze(BODY)),
              Map.of(BODY, bodyFrame()));
      s.step(
          "undercut",
          "Undercut the foot",
          "Cut in behind the foot, a little hollow, down to a neck for the saw.",
          Speeds.At.PARTING,
          remove(
              BODY,
              zone.and(
                  HalfSection.box(
                      bodyFrame().zero(),
                      shape.join,
                      shop.custom(Line.TURN_CASE_NUB),
                      shape.far))));
      setups.add(s.done());
      byHand("foot", BODY, "Saw the tenon off, pare the stub, sand and finish the foot by hand.");
      return;
    }
    EndHolds.Mount mount = end(design, aim, shop);
    SetupDraft up =
        new SetupDraft(
            design.footBy() == Finishing.PRESSED ? "foot" : "foot, tail up",
            "Reversed, tail up",
            Hold.of(mount.grip(), shop.pad()),
            Map.of(BODY, mount.frame()));
    HalfSection nub = HalfSection.box(-10, shape.join, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Turn the foot round the pad",
        "Light cuts towards the headstock, up to the nub that the pad presses on.",
        Speeds.At.TURNING,
        remove(BODY, zone.minus(nub)));
    setups.add(up.done());
    if (design.footBy() == Finishing.PRESSED) {
      byHand("foot", BODY, "Pare the nub off, sand and finish the foot by hand.");
      return;
    }
    SetupDraft s =
        new SetupDraft("foot", "Reversed", Hold.of(mount.grip()), Map.of(BODY, mount.frame()));
    s.step(
        "foot",
        "Finish the foot",
        "Hollow it a little, so that only the rim stands. Sand it, then the finish.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, BODY, "foot")), acts.treat(BODY, "foot")));
    setups.add(s.done());
  }

  private void byHand(String end, String part, String words) {
    SetupDraft s =
        new SetupDraft(
            end + " by hand", "On the bench", Hold.of(new OffLathe()), Map.of(part, flat()));
    s.step(
        "pare",
        "Finish the " + end + " by hand",
        words,
        Speeds.At.TURNING,
        Acts.both(
            List.of(remove(part, aim.part(part).surface(end).zone())), acts.treat(part, end)));
    setups.add(s.done());
  }

  private void bench() {
    SetupDraft s = new SetupDraft("bench", "On the bench", Hold.of(new OffLathe()), both(flat()));
    for (SideHole h : design.holes()) {
      s.step(
          "hole " + (design.holes().indexOf(h) + 1),
          "Drill the " + (h.name().isEmpty() ? "hole" : h.name()),
          "Wrap the template round the body at the grain mark, prick through it, drill square to the axis over a dowel in the bore, slowly where it breaks through.",
          Speeds.At.TURNING,
          new Act.Mark(BODY, h.name()));
    }
    s.step(
        "sign",
        "Sign it",
        "Name, date and species on the foot.",
        Speeds.At.TURNING,
        new Act.Mark(BODY, "name, date, species"));
    setups.add(s.done());
  }

  /** The body reversed, held by its mouth or spigot. */
  static EndHolds.Mount end(Cased design, Aim aim, Shop shop) {
    CasedShape shape = new CasedShape(design, aim.dims(), shop);
    return new EndHolds(aim.blank().wood(), design.jamWood(), design.paper(), shop)
        .mount(
            design.footBy(),
            new EndHolds.Half(
                    BODY,
                    "inside",
                    aim.mm("bore.diameter"),
                    aim.mm("bore.depth"),
                    aim.mm("bore.depth"),
                    aim.mm("spigot.diameter"),
                    shape.mouth,
                    true)
                .on(aim.part(BODY).target(), shop.practice()),
            shape.join);
  }

  private Act.Read turned(String key, String where) {
    return read(key, calipers, where, shop.custom(Line.READ_TURNED), shop.custom(Line.READ_TURNED));
  }

  private Act.Read fit(String key) {
    return read(
        key, calipers, "on the spigot", shop.custom(Line.READ_FIT), shop.custom(Line.READ_FIT));
  }

  private Squeeze squeeze(String part) {
    return new Squeeze(part, Tenons.jaws(shop, aim, part.equals(BODY) ? "foot" : "top"));
  }

  private Frame bodyFrame() {
    return new Frame(aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot"), false);
  }

  private Frame lidFrame() {
    return new Frame(shape.top + aim.mm("stick.waste-top"), true);
  }

  private Map<String, Frame> closed() {
    Map<String, Frame> frames = new LinkedHashMap<>();
    frames.put(LID, new Frame(bodyFrame().zero() + shape.jump(), false));
    frames.put(BODY, bodyFrame());
    return frames;
  }

  private static Frame flat() {
    return new Frame(0, false);
  }

  private static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(LID, f);
    return out;
  }

  private static String capital(String s) {
    return Character.toUpperCase(s.charAt(0)) + s.substring(1);
  }
}
