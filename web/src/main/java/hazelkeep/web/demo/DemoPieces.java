package hazelkeep.web.demo;

import hazelkeep.closing.YearWish;
import hazelkeep.element.Elements;
import hazelkeep.fit.FitClass;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.kinds.handle.HandleKind;
import hazelkeep.kinds.jar.JarKind;
import hazelkeep.kinds.lid.LidKind;
import hazelkeep.kinds.mill.Mill;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.Progress;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.Twin;
import hazelkeep.route.Prompt;
import hazelkeep.route.Step;
import hazelkeep.season.Coat;
import hazelkeep.shop.Shop;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.FitStore;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.Wait;
import hazelkeep.web.working.Working;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;

/**
 * Made-up pieces of a coastal seed library and its harbour, put into an empty database under the
 * demo profile.
 */
@Component
class DemoPieces implements ApplicationRunner {
  /** Days that the blank of the one that waits still has to lie. */
  private static final int DRIES = 9;

  /** Asked when it starts: what is wired to what is settled when it is built. */
  private static final Profiles DEMO = Profiles.of("demo");

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final FitStore fits;
  private final ShelfStore shelf;
  private final Working working;
  private final Environment environment;
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  DemoPieces(
      PieceStore pieces,
      RunStore runs,
      Planner planner,
      FitStore fits,
      ShelfStore shelf,
      Working working,
      Environment environment) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.fits = fits;
    this.shelf = shelf;
    this.working = working;
    this.environment = environment;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (!environment.acceptsProfiles(DEMO) || !pieces.isEmpty()) {
      return;
    }
    List<Runnable> all =
        List.of(
            this::saltBox,
            this::pinBox,
            this::canister,
            this::well,
            this::vase,
            this::barley,
            this::needles,
            this::mill,
            this::house,
            this::goblet,
            this::pull,
            () -> create("Lid for the sorting bowl", LidKind.LID, DemoDesigns.bowlLid()),
            () -> create("Pea jar for the seed shelf", JarKind.JAR, DemoDesigns.jar()),
            () ->
                create(
                    "Small goblet from a rail's offcut", GobletKind.GOBLET, DemoDesigns.small()));
    Progress.Telling telling = working.on(Working.DEMO);
    try {
      Progress.each(all);
    } finally {
      telling.close();
    }
  }

  /** Its blank is not dry yet. */
  private void pull() {
    long pull = create("Pull for the ship's bell rope", HandleKind.HANDLE, DemoDesigns.pull());
    LocalDate dry = LocalDate.now().plusDays(DRIES);
    shelf.leave(pull, new Wait(Optional.of(dry), "its blank dries by the stove"));
  }

  /** A piece that things may be added to. */
  private long create(String name, Kind<?> kind, Design design) {
    return pieces.create(name, Kinds.named(kind.name()).orElseThrow(), design);
  }

  /** In the middle of freeing its rings. */
  private void goblet() {
    long id =
        create("Toasting goblet for the boat crew", GobletKind.GOBLET, DemoDesigns.toasting());
    runs.start(id);
    work(id, "rings/free ring 3", Map.of());
  }

  /** For the sailmaker's needles: a bundle, and the slimmest case that holds it. */
  private void needles() {
    Cased needles = Restated.with(CasedKind.NEEDLE_CASE.fresh(), "species", "Black cherry");
    needles =
        Restated.with(
            needles,
            "content",
            Optional.of(
                new Cased.Content(Optional.of(Size.mm(13)), Optional.of(Size.mm(86)), true)));
    pieces.create("Sailmaker's needle case", CasedKind.NEEDLE_CASE, needles);
  }

  /** For the galley: a mill as long as its shaft, and the shaker beside it. */
  private void mill() {
    Mill mill = Restated.with(MillKind.MILL.fresh(), "species", "Black walnut");
    mill = mill.with("shaft.length", 172).with("ring.diameter", 38).with("plate.diameter", 44);
    pieces.create("Spice mill for the galley", MillKind.MILL, mill);
    Twin<Mill> shaker =
        Sketch.of(MillKind.MILL, mill, Shop.starter(), Map.of()).twin().orElseThrow();
    pieces.create("Salt shaker, twin of the mill", shaker.kind(), shaker.design());
  }

  /** For the harbour wall. */
  private void house() {
    Cased house = Restated.with(CasedKind.HOUSE.fresh(), "species", "White oak");
    house =
        Restated.with(
            house,
            "holes",
            List.of(
                new SideHole("door", Size.mm(40), 0, Size.mm(16)),
                new SideHole("perch", Size.mm(22), 0, Size.mm(4)),
                new SideHole("air, right", Size.mm(48), 80, Size.mm(5)),
                new SideHole("air, left", Size.mm(48), 280, Size.mm(5))));
    pieces.create("Little house for the harbour wall", CasedKind.HOUSE, house);
  }

  /** For the seed library's barley: a good cupful, bored to width; a button to lift the lid by. */
  private void barley() {
    LiddedBox box = with(LiddedBoxKind.CANISTER.fresh(), "White ash", 320);
    box =
        Restated.with(
            box,
            "content",
            Optional.of(
                new LiddedBox.Content(Optional.empty(), Optional.empty(), Optional.of(180.0))));
    box = box.with("outside.diameter", 84).with("outside.height", 120);
    box = Elements.with(box, "button", "lid", Optional.empty());
    box = Elements.with(box, "lines", "body", Size.mm(52));
    long id = pieces.create("Barley canister", LiddedBoxKind.CANISTER, box);
    // Its lid comes off with the grain a little turned, for the seed library's shelf by the sea.
    fits.keep(
        id,
        new YearWish(
            "House by the sea", "Workshop with a stove", false, 0, 25, "", 0, Coat.OIL, true));
  }

  /** For the pens at the seed desk: a pen of 145 stands proud by a third. */
  private void well() {
    BoredVessel well = Restated.with(VesselKind.WELL.fresh(), "species", "Black walnut");
    well =
        Restated.with(
            well,
            "content",
            Optional.of(
                new BoredVessel.Content(
                    Optional.of(Size.mm(11)),
                    Optional.of(Size.mm(145)),
                    Optional.of(Size.mm(45)),
                    false)));
    pieces.create("Pen well for the seed desk", VesselKind.WELL, well);
  }

  /** For dry stems in the harbour window: out of a limb, patches of its bark kept. */
  private void vase() {
    BoredVessel vase = Restated.with(VesselKind.VASE.fresh(), "species", "American beech");
    vase =
        Restated.with(
            vase,
            "blank",
            Optional.of(
                new Blank(
                    Optional.of(Size.mm(172)),
                    Optional.of(Size.mm(66)),
                    false,
                    Optional.of(Size.mm(60)),
                    Optional.of(Size.mm(4)),
                    true)));
    pieces.create(
        "Dry-stem vase, harbour window", VesselKind.VASE, vase.with("outside.height", 136));
  }

  /** Finished, with its record. */
  private void saltBox() {
    LiddedBox box = kind.choose(LiddedBox.fresh(), "school", "LID_IN");
    box = kind.choose(box, "form", "TAPER");
    box = kind.choose(box, "floor", "ROUNDED");
    box = kind.choose(box, "fit", FitClass.EASY.name());
    box = with(box, "European sycamore", 240);
    box = box.with("outside.diameter", 84).with("outside.height", 70);
    long id = pieces.create("Salt box for the galley", kind, box);
    runs.start(id);
    work(
        id,
        "",
        Map.of(
            "spigot.diameter",
            0.12,
            "inside.depth",
            -0.2,
            "joint.jam",
            0.01,
            "recess.diameter",
            0.02));
    Bench<?> bench = planner.bench(pieces.get(id));
    runs.close(
        id,
        0,
        new RunStore.Words(
            "easy, falls in with a turn",
            "seed library, autumn, sycamore",
            "Lid in, so that salt does not gather in a joint outside. Mouth opened twice; the"
                + " second trial was right."),
        bench.plan().aim().sizes());
  }

  /** Drawn with things to solve. */
  private void pinBox() {
    LiddedBox box = kind.choose(LiddedBox.fresh(), "form", "BARREL");
    box = kind.choose(box, "top", "DOME");
    box = kind.choose(box, "roof", "DOMED");
    box = with(box, "Black cherry", 400);
    box =
        box.with(
                Optional.of(
                    new LiddedBox.Content(
                        Optional.of(Size.mm(32)), Optional.of(Size.mm(56)), Optional.empty())),
                Optional.of(new Blank(Optional.of(Size.mm(124)), Optional.of(Size.mm(63)), true)))
            .with("outside.diameter", 58)
            .with("outside.height", 92)
            .with("inside.diameter", 40)
            .with("joint.length", 8.7);
    pieces.create("Chart pin box", kind, box);
  }

  /** In the middle of its run. */
  private void canister() {
    LiddedBox box = with(LiddedBox.fresh(), "Common pear", 400);
    box = kind.choose(box, "form", "BARREL");
    box =
        box.with("outside.diameter", 62)
            .with("outside.height", 96)
            .with("outside.foot", 57)
            .with("outside.top", 58)
            .with("joint.length", 9)
            .with("lid.roundover", 5)
            .with(
                Optional.empty(),
                Optional.of(new Blank(Optional.of(Size.mm(135)), Optional.of(Size.mm(70)), true)));
    box = kind.choose(box, "hollowing", "FORSTNER");
    long id = pieces.create("Seed canister no. 4", kind, box);
    runs.start(id);
    work(id, "lid/recess", Map.of());
  }

  private static LiddedBox with(LiddedBox b, String species, int grit) {
    LiddedBox box = Restated.with(Restated.with(b, "species", species), "grit", grit);
    return Restated.with(box, "finish", "hard oil");
  }

  /** Does steps up to one, each with the readings that differ from their target by so much. */
  private void work(long id, String until, Map<String, Double> off) {
    Piece piece = pieces.get(id);
    long last = 0;
    boolean measured = true;
    while (measured) {
      // Without a reading in between, one plan serves for all steps: no need to replay for each.
      measured = false;
      Bench<?> bench = planner.bench(piece);
      for (Step step : bench.plan().rehearsal().route().steps()) {
        if (measured || step.key().path().equals(until)) {
          break;
        }
        runs.add(id, last++, piece.version(), bench.did(step.key()));
        for (Prompt p : bench.plan().prompts(step)) {
          Double by = off.get(p.dim().key().path());
          if (by != null) {
            double mm = p.target() + by;
            Fact reading =
                planner.bench(piece).read(p.dim().key(), p.gauge().name(), p.gauge().shows(mm), mm);
            runs.add(id, last++, piece.version(), reading);
            measured = true;
          }
        }
      }
    }
  }
}
