package hazelkeep.piece.vessel;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a bored vessel is made: bored before it is shaped, so that the bore fixes the shape; a cone
 * in the mouth carries it while the outside is turned; the foot comes last.
 */
final class VesselRecipe {
  private static final String BODY = VesselShape.BODY;

  private final BoredVessel design;
  private final Aim aim;
  private final Shop shop;
  private final VesselShape shape;
  private final Acts acts;
  private final String calipers;
  private final String depthGauge;
  private final boolean recessed;
  private final InJaws foot;
  private final List<Setup> setups = new ArrayList<>();

  VesselRecipe(BoredVessel design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new VesselShape(design, aim.dims(), shop);
    this.acts = new Acts(aim, design.grit(), design.finish());
    this.calipers = shop.caliper().name();
    this.depthGauge = shop.depthGauge().name();
    this.recessed = design.recessed() && aim.mm("foot.recess") > 0;
    this.foot =
        recessed
            ? new Expand(
                BODY,
                "recess",
                FootRecess.held(
                    shop, aim.mm("outside.foot"), aim.mm("foot.hollow"), aim.mm("foot.recess")))
            : new Squeeze(BODY, Tenons.jaws(shop, aim, "foot"));
  }

  Route route() {
    centres();
    if (recessed) {
      footFirst();
    }
    bore();
    outside();
    if (design.rigged()) {
      hollow();
    }
    if (!recessed) {
      foot();
    }
    return new Route(setups, List.of());
  }

  private void centres() {
    SetupDraft s = draft("centres", "Between centres", Hold.of(new Centres()), new Frame(0, false));
    new RecipeSteps(aim, shop).round(s, BODY);
    if (recessed) {
      double r0 = shape.rim + aim.mm("stick.face-rim");
      double r1 = r0 + aim.mm("stick.tenon-rim");
      tenon(s, "rim", HalfSection.box(r1, shape.length + 10, 0, shape.far), r0, r1);
    } else {
      double f0 = aim.mm("stick.face-foot");
      tenon(s, "foot", HalfSection.box(-10, f0, 0, shape.far), f0, f0 + aim.mm("stick.tenon-foot"));
    }
    setups.add(s.done());
  }

  private void tenon(SetupDraft s, String end, HalfSection facing, double from, double to) {
    s.step(
        "tenon",
        "Face the " + end + ", cut its tenon",
        "A dovetailed tenon, its shoulder clean and square: it has to sit on the jaw fronts.",
        Speeds.At.TURNING,
        remove(
            BODY,
            facing.plus(
                HalfSection.box(from, to, 0, shape.far)
                    .minus(aim.part(BODY).stub("tenon").region()))),
        read(
            "tenon-" + end + ".diameter",
            calipers,
            "across its widest",
            shop.custom(Line.READ_TURNED),
            shop.custom(Line.READ_TURNED)));
  }

  /** The foot and its recess come first: they hold the work from then on. */
  private void footFirst() {
    SetupDraft s =
        draft(
            "foot",
            "Rim tenon in the jaws",
            Hold.of(new Squeeze(BODY, Tenons.jaws(shop, aim, "rim"))),
            new Frame(shape.rim + aim.mm("stick.face-rim"), true));
    s.step(
        "foot",
        "Finish the foot and its recess",
        "True the foot, cut the recess clean to its depth; it can't be reached again.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "foot"),
        read(
            "foot.recess",
            calipers,
            "at its mouth",
            shop.custom(Line.READ_TURNED),
            shop.custom(Line.READ_TURNED)),
        read("foot.hollow", depthGauge, "from the foot's rim", 0.5, 1));
    s.step(
        "sand",
        "Sand and finish the foot",
        "Through the grits, then the finish; keep the recess crisp for the jaws.",
        Speeds.At.SANDING,
        acts.treat(BODY, "foot"));
    setups.add(s.done());
  }

  private void bore() {
    SetupDraft s = draft("bore", held(), Hold.of(foot), frame());
    s.step(
        "face",
        "Face the rim",
        "Cut it clean and flat; a shallow hollow at the centre starts the bit.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "rim"));
    BoringPlan plan = shape.boring();
    boolean open = RecipeSteps.opens(plan);
    RecipeSteps.bits(s, BODY, plan, shape::hole, p -> after(plan, p));
    // A hollow that is still to come is measured when it is there.
    boolean widened = open && !design.rigged();
    List<Act> mouth = new ArrayList<>();
    mouth.add(mouth(widened));
    if (!design.rigged()) {
      mouth.add(across());
    }
    if (widened) {
      mouth.add(depth("from the rim to where the full diameter ends"));
    }
    s.step(
        "mouth",
        widened ? "Open the bore, cut the flare" : "Cut the flare of the mouth",
        widened
            ? "There is no bit of that size: open the bore to it, then flare the mouth."
            : "A clean flare leads in; the cone sits in it later.",
        Speeds.At.TURNING,
        mouth);
    s.step(
        "sand rim",
        "Sand and finish the rim",
        "Rim and flare through the grits, then the finish; a split stick with abrasive, never a finger in the bore.",
        Speeds.At.SANDING,
        acts.treat(BODY, "rim"));
    setups.add(s.done());
  }

  /** What is read after a bit; what a tool opens or hollows afterwards is read then. */
  private Optional<Act.Read> after(BoringPlan plan, Pass p) {
    String to = "from the rim to the bit's full diameter";
    if (p.depth() > plan.bore().steps().get(0).depth()) {
      return Optional.of(
          read(
              "bore.narrow-depth",
              depthGauge,
              to,
              shop.custom(Line.READ_TURNED),
              shop.custom(Line.READ_TURNED)));
    }
    return p.open() == 0 && !design.rigged() ? Optional.of(depth(to)) : Optional.empty();
  }

  /** What the mouth's step cuts: the flare, and the bore where no bit has its size. */
  private Act.Remove mouth(boolean open) {
    List<String> cut = new ArrayList<>();
    if (aim.mm("mouth.flare") > 0) {
      cut.add("flare");
    }
    if (open) {
      cut.add("inside");
    }
    return acts.bare(0, BODY, cut.toArray(String[]::new));
  }

  private Act.Read depth(String where) {
    return read(
        "bore.depth",
        depthGauge,
        where,
        shop.custom(Line.READ_TURNED),
        shop.custom(Line.READ_TURNED));
  }

  private Act.Read across() {
    return read(
        "bore.diameter",
        calipers,
        "inside the mouth",
        shop.custom(Line.READ_TURNED),
        shop.custom(Line.READ_TURNED));
  }

  /** Hollowed behind its mouth: the outside is there and tells where the wall goes. */
  private void hollow() {
    SetupDraft s = draft("hollow", held(), Hold.of(foot), frame());
    s.step(
        "hollow",
        "Hollow it through the mouth",
        "The hooked bar on its rig, from the bored hole outwards, down in steps by the stations on the Bore page. Chips out often: a packed hollow grabs.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "inside"),
        across(),
        depth("from the rim to the floor"));
    setups.add(s.done());
  }

  private String held() {
    return recessed ? "Jaws opened in the foot's recess" : "Foot tenon in the jaws";
  }

  private void outside() {
    SetupDraft s = draft("outside", "Cone in the mouth", coned(), frame());
    s.step(
        "side",
        "Shape the outside",
        design.necked()
            ? "Belly first, then the neck by light cuts; keep the wall that the bore leaves in mind."
            : "One clean line from foot to rim.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "side"));
    s.step(
        "finish",
        "Sand and finish the outside",
        "Through the grits, then the finish.",
        Speeds.At.SANDING,
        acts.treat(BODY, "side"));
    setups.add(s.done());
  }

  private void foot() {
    EndHolds.Mount mount = end(design, aim, shop);
    HalfSection zone = aim.part(BODY).surface("foot").zone();
    if (design.footBy() == Finishing.SAW) {
      SetupDraft s = draft("foot undercut", "Cone in the mouth", coned(), frame());
      s.step(
          "undercut",
          "Undercut the foot",
          "Cut in behind the foot, a little hollow, down to a neck for the saw.",
          Speeds.At.PARTING,
          remove(
              BODY,
              zone.and(
                  HalfSection.box(
                      frame().zero(), shape.rim, shop.custom(Line.TURN_NUB), shape.far))));
      setups.add(s.done());
      byHand(zone, "Saw the tenon off, pare the stub, sand and finish the foot by hand.");
      return;
    }
    HalfSection nub = HalfSection.box(-10, shape.rim, 0, shop.pad().radius());
    SetupDraft up =
        draft(
            design.footBy() == Finishing.PRESSED ? "foot" : "foot, tail up",
            "Reversed, tail up",
            Hold.of(mount.grip(), shop.pad()),
            mount.frame());
    up.step(
        "bulk",
        "Turn the foot round the pad",
        "Light cuts towards the headstock, up to the nub that the pad presses on.",
        Speeds.At.TURNING,
        remove(BODY, zone.minus(nub)));
    setups.add(up.done());
    if (design.footBy() == Finishing.PRESSED) {
      byHand(zone, "Pare the nub off, sand and finish the foot by hand.");
      return;
    }
    SetupDraft s = draft("foot", "Reversed", Hold.of(mount.grip()), mount.frame());
    s.step(
        "foot",
        "Finish the foot",
        "Hollow it a little, so that only the rim stands. Sand it, then the finish.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, BODY, "foot")), acts.treat(BODY, "foot")));
    setups.add(s.done());
  }

  private void byHand(HalfSection zone, String words) {
    SetupDraft s =
        draft("foot by hand", "On the bench", Hold.of(new OffLathe()), new Frame(0, false));
    s.step(
        "pare",
        "Finish the foot by hand",
        words,
        Speeds.At.TURNING,
        Acts.both(List.of(remove(BODY, zone)), acts.treat(BODY, "foot")));
    setups.add(s.done());
  }

  /** The vessel reversed, held by its mouth or rim. */
  static EndHolds.Mount end(BoredVessel design, Aim aim, Shop shop) {
    VesselShape shape = new VesselShape(design, aim.dims(), shop);
    double z = shape.rim - shop.custom(Line.HOLD_ROUND_DEPTH) / 2;
    return new EndHolds(aim.blank().wood(), design.jamWood(), design.paper(), shop)
        .mount(
            design.footBy(),
            new EndHolds.Half(
                    BODY,
                    "inside",
                    aim.mm("bore.diameter"),
                    aim.mm("bore.depth") - aim.mm("mouth.flare"),
                    aim.mm("bore.depth"),
                    2 * aim.part(BODY).target().outer(z),
                    shape.rim,
                    true)
                .on(aim.part(BODY).target(), shop.practice()),
            Double.NaN);
  }

  private Hold coned() {
    Centre cone = shop.centre(Centre.Form.CONE).orElseGet(shop::live);
    return Hold.of(foot, cone);
  }

  private static SetupDraft draft(String name, String title, Hold hold, Frame frame) {
    return new SetupDraft(name, title, hold, Map.of(BODY, frame));
  }

  private Frame frame() {
    return new Frame(
        recessed ? shape.foot : aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot"), false);
  }
}
