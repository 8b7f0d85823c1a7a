package hazelkeep.piece.mill;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.piece.Dims;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * How a mill or shaker is made: the body is bored from its mouth on its foot tenon, reversed on the
 * tenon at its mouth and bored from the foot until the bores meet, shaped there between jaws and
 * cone; its mouth comes last. The head is bored and its tenon fitted to the body, then its top.
 */
final class MillRecipe {
  private static final String BODY = MillShape.BODY;
  private static final String HEAD = MillShape.HEAD;

  private final Mill design;
  private final Aim aim;
  private final Shop shop;
  private final MillShape shape;
  private final Acts acts;
  private final String calipers;
  private final String depthGauge;
  private final RecipeSteps steps;
  private final List<Setup> setups = new ArrayList<>();

  MillRecipe(Mill design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new MillShape(design, aim.dims(), shop);
    this.acts = new Acts(aim, design.grit(), design.finish());
    this.calipers = shop.caliper().name();
    this.depthGauge = shop.depthGauge().name();
    this.steps = new RecipeSteps(aim, shop);
  }

  Route route() {
    centres();
    whole();
    fromMouth();
    fromFoot();
    outside();
    mouth();
    head();
    top();
    bench();
    return new Route(setups, List.of());
  }

  private void centres() {
    SetupDraft s =
        new SetupDraft("centres", "Between centres", Hold.of(new Centres()), both(flat()));
    steps.round(s, BODY);
    steps.tenons(s, BODY, "foot tenon", HEAD, shop.custom(Line.READ_TURNED));
    setups.add(s.done());
  }

  private void whole() {
    SetupDraft s =
        new SetupDraft(
            "whole",
            "Foot tenon in the jaws, tail up",
            Hold.of(onFoot(), shop.live()),
            both(footFrame()));
    RecipeSteps.grain(s, BODY, HEAD, HEAD);
    double m0 = shape.mouth + aim.mm("stick.face-mouth");
    double m1 = shape.mouthTenonEnd();
    s.step(
        "mouth tenon",
        "Cut the tenon at the mouth",
        "A third tenon, between body and head: the body is held by it when it is bored from the foot.",
        Speeds.At.TURNING,
        remove(
            BODY,
            HalfSection.box(m0, m1, 0, shape.far).minus(aim.part(BODY).stub("tenon").region())),
        turned("tenon-mouth.diameter", "across its widest"));
    s.step(
        "part",
        "Part the head off",
        "Cut wider than the tool, slow, down to a neck of about 6 mm (1/4 in); finish it by hand with the lathe stopped.",
        Speeds.At.PARTING,
        Acts.part(
            BODY,
            HEAD,
            HalfSection.box(
                shape.kerfFrom(), shape.kerfFrom() + aim.mm("stick.kerf"), 0, shape.far)));
    setups.add(s.done());
  }

  private void fromMouth() {
    SetupDraft s =
        new SetupDraft(
            "from the mouth", "Body on its foot tenon", Hold.of(onFoot()), of(BODY, footFrame()));
    bits(s, shape.through().near(), BODY, shape::fromMouth, "from the tenon's end");
    setups.add(s.done());
  }

  private void fromFoot() {
    SetupDraft s =
        new SetupDraft(
            "from the foot",
            "Reversed, body on the tenon at its mouth",
            Hold.of(onMouth()),
            of(BODY, mouthFrame()));
    s.step(
        "face",
        "Face the foot",
        "Turn the foot's tenon away and true the foot: the mill stands on it, and all depths count from it.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "foot"));
    bits(s, shape.through().far(), BODY, shape::fromFoot, "from the foot");
    String[] opened = opened();
    if (opened.length > 0) {
      s.step(
          "open",
          "Open seats and bore to size",
          "There is no bit of that size: open them to it, and try the part itself.",
          Speeds.At.TURNING,
          opening(opened));
    }
    s.step(
        "sand foot",
        "Sand and finish the foot",
        "Through the grits, then the finish; keep both out of the seats.",
        Speeds.At.SANDING,
        acts.treat(BODY, "foot"));
    setups.add(s.done());
  }

  private List<Act> opening(String[] opened) {
    List<Act> out = new ArrayList<>();
    out.add(acts.bare(0, BODY, opened));
    if (List.of(opened).contains("seats")) {
      for (String part : List.of("plate", "ring")) {
        if (aim.mm(part + ".diameter") > 0 && aim.mm(part + ".depth") > 0) {
          out.add(seat(part + ".depth", "from the foot"));
        }
      }
    }
    return out;
  }

  /** What no bit of the wall bores to size: seats, main bore. */
  private String[] opened() {
    double bore = aim.mm("bore.diameter");
    List<String> out = new ArrayList<>();
    Stream.concat(shape.through().near().passes().stream(), shape.through().far().passes().stream())
        .filter(p -> p.open() > 0)
        .map(p -> p.wanted() > bore ? List.of("seats") : List.of("bore", "mouth bore"))
        .forEach(out::addAll);
    return out.stream().distinct().toArray(String[]::new);
  }

  /** Adds a step for every bit; whether something is left to open with a tool. */
  private boolean bits(
      SetupDraft s, BoringPlan plan, String part, Function<Pass, HalfSection> hole, String from) {
    RecipeSteps.bits(
        s,
        part,
        plan,
        hole,
        p ->
            depth(part, p)
                .filter(k -> !opens(plan, k))
                .map(k -> seat(k, from + " to the bit's full diameter")));
    return RecipeSteps.opens(plan);
  }

  /** Whether what a bit reached is opened with a tool afterwards, and read then. */
  private static boolean opens(BoringPlan plan, String key) {
    boolean seat = key.startsWith("plate") || key.startsWith("ring") || key.startsWith("drive");
    return seat && plan.passes().stream().anyMatch(p -> p.open() > 0);
  }

  private Act.Read seat(String key, String from) {
    return read(
        key, depthGauge, from, shop.custom(Line.READ_TURNED), shop.custom(Line.READ_TURNED));
  }

  /** The dimension that is read after a bit: the one it was brought to. */
  private Optional<String> depth(String part, Pass p) {
    return List.of(
            "plate.depth", "ring.depth", "bore.foot", "bore.mouth", "drive.depth", "shaft.bore")
        .stream()
        .filter(k -> part.equals(HEAD) == (k.startsWith("drive") || k.startsWith("shaft")))
        .filter(k -> Math.abs(aim.mm(k) - p.depth()) < 1e-9)
        .findFirst();
  }

  private void outside() {
    Centre cone = shop.centre(Centre.Form.CONE).orElseGet(shop::live);
    SetupDraft s =
        new SetupDraft(
            "outside",
            "Body on the tenon at its mouth, cone in the foot",
            Hold.of(onMouth(), cone),
            of(BODY, mouthFrame()));
    s.step(
        "side",
        "Shape the body",
        "Keep off the wood that the bores need: waist and foot are drawn against them.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "side"));
    s.step(
        "finish",
        "Sand and finish the body",
        "Through the grits, then the finish.",
        Speeds.At.SANDING,
        acts.treat(BODY, "side"));
    setups.add(s.done());
  }

  private void mouth() {
    EndHolds.Mount mount = mouthHold(design, aim, shop);
    Centre cone = shop.centre(Centre.Form.CONE).orElseGet(shop::live);
    SetupDraft s =
        new SetupDraft(
            "mouth",
            "Body by its foot, cone in the mouth",
            Hold.of(mount.grip(), cone),
            of(BODY, mount.frame()));
    s.step(
        "mouth",
        "Turn the tenon at the mouth away",
        "Light cuts; face the mouth clean and a hair hollow, so that the head sits on its outer edge.",
        Speeds.At.TURNING,
        acts.bare(0, BODY, "mouth"),
        read(
            "bore.diameter",
            calipers,
            "inside the mouth",
            shop.custom(Line.READ_SEAT),
            shop.custom(Line.READ_SEAT)));
    setups.add(s.done());
  }

  private void head() {
    SetupDraft s =
        new SetupDraft("head", "Head on its tenon", Hold.of(onHead()), of(HEAD, headFrame()));
    boolean grinds = aim.mm("shaft.hole") > 0;
    s.step(
        "face",
        "Face the head",
        "Face the end of its tenon: depths in the head count from there.",
        Speeds.At.TURNING,
        acts.bare(0, HEAD, "spigot end"));
    boolean open = bits(s, shape.headBore(), HEAD, shape::intoHead, "from the tenon's end");
    if (open) {
      s.step(
          "open",
          "Open the seat to size",
          "There is no bit of that size: open it to it, and try the part itself.",
          Speeds.At.TURNING,
          aim.mm("drive.depth") > 0
              ? List.of(acts.bare(0, HEAD, "under"), seat("drive.depth", "from the tenon's end"))
              : List.of(acts.bare(0, HEAD, "hole")));
    }
    s.step(
        "tenon",
        "Turn the head's tenon to the body",
        grinds
            ? "Sneak up on it with the body in hand: it has to turn freely without a rattle."
            : "Sneak up on it with the body in hand, grain lines together.",
        Speeds.At.TURNING,
        acts.bare(0, HEAD, "spigot", "shoulder"),
        read("spigot.diameter", calipers, "on the tenon", 0.05, 0.05),
        new Act.Try("closure", false));
    setups.add(s.done());
  }

  private void top() {
    EndHolds.Mount mount = topHold(design, aim, shop);
    SetupDraft up =
        new SetupDraft(
            "top, tail up",
            "Head by its own tenon, tail up",
            Hold.of(mount.grip(), shop.pad()),
            of(HEAD, mount.frame()));
    HalfSection nub = HalfSection.box(shape.top - 30, shape.length + 10, 0, shop.pad().radius());
    up.step(
        "bulk",
        "Shape the head",
        "Side and dome in one line with the body, round the pad; the last of the tenon stays under it.",
        Speeds.At.TURNING,
        acts.bare(0, HEAD, "side"),
        remove(HEAD, aim.part(HEAD).surface("top").zone().minus(nub)));
    up.step(
        "finish",
        "Sand and finish the head's side",
        "Through the grits, then the finish.",
        Speeds.At.SANDING,
        acts.treat(HEAD, "side"));
    setups.add(up.done());
    if (design.topBy() == Finishing.PRESSED) {
      SetupDraft hand =
          new SetupDraft("top by hand", "On the bench", Hold.of(new OffLathe()), of(HEAD, flat()));
      hand.step(
          "pare",
          "Finish the top by hand",
          "Pare the nub off, sand and finish the middle by hand.",
          Speeds.At.TURNING,
          Acts.both(
              List.of(remove(HEAD, aim.part(HEAD).surface("top").zone())),
              acts.treat(HEAD, "top")));
      setups.add(hand.done());
      return;
    }
    SetupDraft s =
        new SetupDraft(
            "top", "Head by its own tenon", Hold.of(mount.grip()), of(HEAD, mount.frame()));
    s.step(
        "top",
        "Finish the top",
        "Take the nub off by light cuts"
            + (aim.mm("shaft.hole") > 0 ? "; the shaft's hole opens as it goes." : ".")
            + " Sand it, then the finish.",
        Speeds.At.TURNING,
        Acts.both(List.of(acts.bare(0, HEAD, "top")), acts.treat(HEAD, "top")));
    setups.add(s.done());
  }

  private void bench() {
    SetupDraft s = new SetupDraft("bench", "On the bench", Hold.of(new OffLathe()), both(flat()));
    if (aim.mm("holes.diameter") > 0) {
      s.step(
          "holes",
          "Drill the holes in the head",
          design.holes()
              + " holes of "
              + Dims.both(aim.mm("holes.diameter"))
              + ", evenly on a circle of "
              + Dims.both(aim.mm("holes.circle"))
              + ", from outside into the hollow, over scrap.",
          Speeds.At.TURNING,
          new Act.Mark(HEAD, "holes"));
    }
    s.step(
        "assemble",
        "Put it together, sign it",
        "In the order of the parts list; nothing is glued before it has been tried dry.",
        Speeds.At.TURNING,
        new Act.Mark(BODY, "name, date, species"));
    setups.add(s.done());
  }

  /** The body held by its foot, so that its mouth can be finished. */
  static EndHolds.Mount mouthHold(Mill design, Aim aim, Shop shop) {
    MillShape shape = new MillShape(design, aim.dims(), shop);
    boolean plate = aim.mm("plate.diameter") > 0 && aim.mm("plate.depth") > 0;
    double seat = aim.mm(plate ? "plate.diameter" : "ring.diameter");
    double deep = aim.mm(plate ? "plate.depth" : "ring.depth");
    HalfSection body = aim.part(BODY).target();
    double outer = 2 * body.outer(shape.foot + shop.custom(Line.HOLD_ROUND_DEPTH) / 2);
    return new EndHolds(aim.blank().wood(), design.jamWood(), design.paper(), shop)
        .mount(
            design.mouthBy(),
            new EndHolds.Half(BODY, "seats", seat, deep, 2 * deep, outer, shape.foot, false)
                .on(body, shop.practice()),
            Double.NaN);
  }

  /** The head held by its own tenon, so that its top can be finished. */
  static EndHolds.Mount topHold(Mill design, Aim aim, Shop shop) {
    MillShape shape = new MillShape(design, aim.dims(), shop);
    double drive = aim.mm("drive.depth");
    return new EndHolds(aim.blank().wood(), design.jamWood(), design.paper(), shop)
        .mount(
            design.topBy(),
            new EndHolds.Half(
                    HEAD,
                    "under",
                    drive > 0 ? aim.mm("drive.diameter") : aim.mm("shaft.hole"),
                    drive,
                    2 * drive,
                    aim.mm("spigot.diameter"),
                    shape.tenonEnd,
                    false)
                .on(aim.part(HEAD).target(), shop.practice()),
            shape.rim);
  }

  private Act.Read turned(String key, String where) {
    return read(key, calipers, where, shop.custom(Line.READ_TURNED), shop.custom(Line.READ_TURNED));
  }

  private Squeeze onFoot() {
    return new Squeeze(BODY, "foot tenon", Tenons.jaws(shop, aim, "foot"));
  }

  private Squeeze onMouth() {
    return new Squeeze(BODY, Tenons.jaws(shop, aim, "mouth"));
  }

  private Squeeze onHead() {
    return new Squeeze(HEAD, Tenons.jaws(shop, aim, "top"));
  }

  private Frame footFrame() {
    return new Frame(aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot"), false);
  }

  private Frame mouthFrame() {
    return new Frame(shape.mouth + aim.mm("stick.face-mouth"), true);
  }

  private Frame headFrame() {
    return new Frame(shape.top + aim.mm("stick.waste-top"), true);
  }

  private static Frame flat() {
    return new Frame(0, false);
  }

  private static Map<String, Frame> of(String part, Frame frame) {
    return Map.of(part, frame);
  }

  private static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(HEAD, f);
    return out;
  }
}
