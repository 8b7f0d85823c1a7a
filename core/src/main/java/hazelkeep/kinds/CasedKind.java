package hazelkeep.kinds;

import static hazelkeep.kinds.CasedParts.BODY;
import static hazelkeep.kinds.CasedParts.LID;
import static hazelkeep.kinds.CasedSizes.BODY_HEIGHT;
import static hazelkeep.kinds.CasedSizes.BORE;
import static hazelkeep.kinds.CasedSizes.DEPTH;
import static hazelkeep.kinds.CasedSizes.DOME;
import static hazelkeep.kinds.CasedSizes.EAVES;
import static hazelkeep.kinds.CasedSizes.END;
import static hazelkeep.kinds.CasedSizes.FOOT;
import static hazelkeep.kinds.CasedSizes.JOIN;
import static hazelkeep.kinds.CasedSizes.LID_DEPTH;
import static hazelkeep.kinds.CasedSizes.LID_HEIGHT;
import static hazelkeep.kinds.CasedSizes.RECESS;
import static hazelkeep.kinds.CasedSizes.TOP;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.EndWork;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OffLathe;
import hazelkeep.kinds.Cased.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Properties;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.Sane;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A slim case, and a little house. The lid is bored first, by the larger of two bits a step apart;
 * the smaller bores the body and leaves the spigot, which is turned to the lid's bore. Closed, both
 * are shaped in one line.
 */
public final class CasedKind extends ComposedKind<Cased> {
  /** A case for needles and the like. */
  public static final CasedKind NEEDLE_CASE =
      new CasedKind("needle-case", "needle case", Form.CASE);

  /** A little house that hangs. */
  public static final CasedKind HOUSE =
      new CasedKind("hanging-house", "little hanging house", Form.HOUSE);

  private static final SurfaceId TOP_OF_LID = new SurfaceId(LID, "top");

  private final Form form;

  private CasedKind(String name, String title, Form form) {
    super(name, title, Cased.class);
    this.form = form;
  }

  @Override
  public Cased fresh() {
    return Cased.fresh(form);
  }

  @Override
  protected Make make(Cased d) {
    return new CasedParts(d).make();
  }

  @Override
  protected void order(Cased d, Work w) {
    CasedParts c = new CasedParts(d);
    Built b = w.built();
    String lid = c.lidName();
    Frame frame = c.footTenon.frame(b);
    Map<String, Frame> alone = Map.of(BODY, frame);
    Hold onFoot = Hold.of(c.footTenon.squeeze(b));
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        both(Work.FLAT),
        (s, x) -> x.usual().round(s, BODY),
        (s, x) -> x.usual().tenons(s, BODY, "tenon", LID, b.custom(Line.READ_TURNED)));
    w.held(
        "whole",
        "Foot tenon in the jaws, tail up",
        Hold.of(c.footTenon.squeeze(b), b.shop().live()),
        both(frame),
        (s, x) -> RecipeSteps.grain(s, BODY, LID, lid),
        c.kerf.part(BODY, LID, lid));
    w.held(
        "lid",
        capital(lid) + " on its tenon",
        Hold.of(c.topTenon.squeeze(b)),
        Map.of(LID, c.topTenon.frame(b)),
        c.rim.faced(
            "Face the rim",
            "Cut it clean and a hair hollow, so that its outer edge closes; a dimple starts the"
                + " bit."),
        c.recess::bore,
        c.recess::open,
        c.recess::measure);
    w.held(
        "body",
        "Body on its tenon",
        onFoot,
        alone,
        c.spigot::face,
        c.bore::bore,
        c.bore::open,
        c.spigot::shoulder,
        c.spigot.jam(lid));
    outside(d, c, w);
    w.held(
        "ease",
        "Body on its tenon, " + lid + " off",
        onFoot,
        alone,
        c.spigot::ease,
        (s, x) -> coat(d, lid, s, x));
    new EndWork(new SurfaceId(BODY, "foot"), d.footBy(), mount(d, b), c.joinAt(b))
        .in(w, new EndWork.Sawn("Body on its tenon", onFoot, frame, Line.TURN_CASE_NUB));
    w.held(
        "bench",
        "On the bench",
        Hold.of(new OffLathe()),
        both(Work.FLAT),
        c.holes::drill,
        CasedKind::sign);
  }

  private static void coat(Cased d, String lid, SetupDraft s, Work w) {
    if (!d.finish().isEmpty()) {
      s.step(
          "finish",
          "Finish the body's outside",
          "Bring the body's side to the same finish as the " + lid + ".",
          Speeds.At.SANDING,
          w.acts().coat(BODY, "side"));
    }
  }

  private static void sign(SetupDraft s, Work w) {
    s.step(
        "sign",
        "Sign it",
        "Name, date and species on the foot.",
        Speeds.At.TURNING,
        new Act.Mark(BODY, "name, date, species"));
  }

  /** Closed, both halves are shaped in one line; then the top. */
  private static void outside(Cased d, CasedParts c, Work w) {
    Built b = w.built();
    Grip jammed = new JamOn(LID, BODY, c.footTenon.squeeze(b));
    boolean sawn = d.topBy() == Finishing.SAW;
    Map<String, Frame> closed = new LinkedHashMap<>();
    Frame frame = c.footTenon.frame(b);
    closed.put(LID, new Frame(frame.zero() + c.jump(b), false));
    closed.put(BODY, frame);
    w.held(
        "top, tail up",
        capital(c.lidName()) + " jammed on the body, tail up",
        Hold.of(jammed, sawn ? b.shop().live() : b.shop().pad()),
        closed,
        (s, x) -> shape(d, c, s, x),
        (s, x) ->
            s.step(
                "finish",
                "Sand and finish the outside",
                "Through the grits, then the finish on the " + c.lidName() + ".",
                Speeds.At.SANDING,
                Acts.both(x.acts().treat(LID, "side"), x.acts().sand(BODY, "side"))));
    if (sawn) {
      EndWork.byHand(
          w, TOP_OF_LID, "Saw the tenon off, pare the stub, sand and finish the top by hand.");
      return;
    }
    w.held(
        "top",
        capital(c.lidName()) + " jammed on the body",
        Hold.of(jammed),
        closed,
        (s, x) ->
            s.step(
                "top",
                "Finish the top",
                "Take the nub off by light cuts, pressed towards the headstock. Sand it, then the"
                    + " finish.",
                Speeds.At.TURNING,
                Acts.both(List.of(x.acts().bare(0, LID, "top")), x.acts().treat(LID, "top"))));
  }

  private static void shape(Cased d, CasedParts c, SetupDraft s, Work w) {
    Built b = w.built();
    HalfSection top = b.part(LID).surface("top").zone();
    HalfSection nub =
        HalfSection.box(c.rimAt(b), b.length() + Lay.BEYOND, 0, b.shop().pad().radius());
    HalfSection neck =
        HalfSection.box(
            c.rimAt(b), c.topTenon.frame(b).zero(), b.custom(Line.TURN_CASE_NUB), b.far());
    s.step(
        "side",
        "Shape the outside",
        d.house()
            ? "The walls straight, the roof over them; keep off the wood that the bores need."
            : "Both in one line, by light cuts; keep off the wood that the bores need.",
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "side"),
        w.acts().bare(0, LID, "side"),
        Acts.remove(LID, d.topBy() == Finishing.SAW ? top.and(neck) : top.minus(nub)));
  }

  /** The body reversed, held by its mouth or spigot. */
  private static EndHolds.Mount mount(Cased d, Built b) {
    CasedParts c = new CasedParts(d);
    return new EndHolds(b.aim().blank().wood(), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.footBy(),
            new EndHolds.Half(
                    BODY,
                    "inside",
                    b.mm(BORE),
                    b.mm(DEPTH),
                    b.mm(DEPTH),
                    b.mm(Spigot.DIAMETER),
                    c.mouthAt(b),
                    true)
                .on(b.part(BODY).target(), b.shop().practice()),
            c.joinAt(b));
  }

  @Override
  protected void sane(Cased d, Lay lay, Sane sane) {
    CasedParts c = new CasedParts(d);
    sane.below(BORE.path(), Spigot.DIAMETER.path())
        .below(Spigot.DIAMETER.path(), JOIN.path())
        .below(RECESS.path(), EAVES.path())
        .below(Spigot.LENGTH.path(), LID_DEPTH.path())
        .below(DOME.path(), LID_HEIGHT.path());
    sane.size(LID_DEPTH.path())
        .with("its point", c.recess.bits(lay).tip())
        .below(lay.mm(LID_HEIGHT), "the lid's height", LID_HEIGHT.path());
    sane.size(DEPTH.path())
        .with("its point", c.bore.bits(lay).tip())
        .below(
            lay.mm(BODY_HEIGHT) + lay.mm(Spigot.LENGTH),
            "the body's height with its spigot",
            BODY_HEIGHT.path(),
            Spigot.LENGTH.path());
  }

  @Override
  protected void check(Cased d, Built b, Told told) {
    mount(d, b).missing().ifPresent(v -> told.found(v, BODY, null));
  }

  @Override
  protected void remedies(Cased d, Built b, Finding f, Tries r) {
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-thin" ->
          r.set(JOIN.path(), f.verdict().found()).set(EAVES.path(), f.verdict().found());
      case "wall-thin" -> {
        double more = 2 * Math.max(0.5, lack);
        r.more(more, JOIN.path(), FOOT.path(), TOP.path()).more(-more, BORE.path());
      }
      case "lid-corner", "lid-thin" -> {
        r.more(lack + 1, END.path()).more(-lack - 1, LID_DEPTH.path());
        r.set(DOME.path(), b.mm(DOME) / 2).more(2 * lack, TOP.path());
      }
      case "spigot-wall" -> r.more(2 * lack, RECESS.path()).more(-2 * lack, BORE.path());
      case "floor-thin" -> r.more(lack, CasedSizes.FLOOR.path());
      case "content" -> r.more(lack, DEPTH.path());
      case "bore-drifts" -> r.more(3, BORE.path());
      default -> {}
    }
  }

  /** Body and lid keep their height while a bore is dragged in them. */
  @Override
  protected Cased held(Cased d, Aim aim, DimKey dragged) {
    return dragged.equals(DEPTH)
        ? kept(d, BODY_HEIGHT, aim)
        : dragged.equals(LID_DEPTH) ? kept(d, LID_HEIGHT, aim) : d;
  }

  @Override
  public List<Choice> choices(Cased d) {
    return List.of(
        Choice.of(
            "form",
            "What it looks like",
            List.of(
                new Option("CASE", "Slim case", "One straight line, both ends rounded."),
                new Option("SPINDLE", "Spindle", "Fullest at the join, where the walls need it."),
                new Option("HOUSE", "Little house", "A roof over its walls, holes in its side.")),
            d.form(),
            JOIN.path(),
            EAVES.path()),
        Choice.fit("How the lid fits", d.fit()));
  }

  @Override
  public List<End> ends(Cased d) {
    return List.of(
        End.of(
            new SurfaceId(BODY, "foot"),
            "footBy",
            "How the foot is finished",
            d.footBy(),
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.JAM_CUP,
            Finishing.AROUND,
            Finishing.MANDREL,
            Finishing.EXPAND,
            Finishing.PRESSED),
        End.of(
            TOP_OF_LID,
            "topBy",
            "How the top is finished",
            d.topBy(),
            Finishing.ON_PARTNER,
            Finishing.SAW));
  }

  /** The lid is bored first. */
  @Override
  public List<Boring> boring(Cased d, Aim aim, Shop shop) {
    List<Boring> out = new ArrayList<>(super.boring(d, aim, shop));
    Collections.reverse(out);
    return out;
  }

  @Override
  public Optional<Rolled> rolled(Cased d, Aim aim) {
    return d.holes().isEmpty()
        ? Optional.empty()
        : Optional.of(new SideHoles(aim.part(BODY), d.holes()).rolled());
  }

  @Override
  public List<String> assembly(Cased d, Aim aim) {
    return d.house()
        ? List.of(
            "Perch into its hole with a drop of glue, once the finish is dry.",
            "Eye into the ridge, its pilot hole no thicker than its core.",
            "Roof on its spigot, grain lines together; it lifts off to be cleaned.")
        : List.of();
  }

  @Override
  public Map<DimKey, Double> settled(Cased d, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    return left(LID_HEIGHT, then, now);
  }

  @Override
  public List<DimKey> stays(Cased d, Set<DimKey> named) {
    return Stream.of(Spigot.LENGTH, BODY_HEIGHT, LID_HEIGHT)
        .filter(k -> !named.contains(k))
        .toList();
  }

  @Override
  public List<DimKey> recorded(Cased d) {
    CasedParts c = new CasedParts(d);
    return List.of(
        JOIN,
        EAVES,
        BODY_HEIGHT,
        LID_HEIGHT,
        Spigot.LENGTH,
        BORE,
        DEPTH,
        RECESS,
        LID_DEPTH,
        Spigot.DIAMETER,
        Spigot.CLEARANCE,
        c.footTenon.diameter(),
        c.topTenon.diameter());
  }

  @Override
  public List<Remedy> waysOn(Cased d, Aim aim, AsFound f) {
    Tries out = new Tries(aim);
    double v = f.value();
    boolean body = f.part().equals(BODY);
    switch (f.what()) {
      case LENGTH -> {
        double spigot = body ? aim.mm(Spigot.LENGTH.path()) : 0;
        out.set((body ? BODY_HEIGHT : LID_HEIGHT).path(), v - spigot);
        out.more(-2, Spigot.LENGTH.path());
      }
      case DIAMETER -> out.set(JOIN.path(), v).set(JOIN.path(), v - 1);
      case DEPTH -> out.set((body ? DEPTH : LID_DEPTH).path(), v);
      case FLAW -> out.more(-2 * v, JOIN.path());
      default -> {}
    }
    out.more(-1, BORE.path());
    out.choose("fit", "EASY");
    return out.done();
  }

  @Override
  public Properties properties(Cased d, Aim aim) {
    HalfSection body = aim.part(BODY).target().in(aim.part(BODY).closed());
    double mouth = aim.mm(BODY_HEIGHT.path()) + aim.mm(Spigot.LENGTH.path());
    double floor = mouth - aim.mm(DEPTH.path());
    double foot = aim.mm(DishedFoot.HOLLOW.path()) + 0.5;
    double room =
        HalfSection.box(foot, mouth, 0, aim.mm(BORE.path()) / 2).minus(body).pieces().stream()
            .filter(p -> p.maxZ() > floor + 1)
            .mapToDouble(HalfSection::volume)
            .sum();
    return Properties.of(aim, room, 0, aim.mm(FOOT.path()));
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
