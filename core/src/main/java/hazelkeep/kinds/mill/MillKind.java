package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillParts.BODY;
import static hazelkeep.kinds.mill.MillParts.HEAD;
import static hazelkeep.kinds.mill.MillSizes.BODY_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.BORE;
import static hazelkeep.kinds.mill.MillSizes.DOME;
import static hazelkeep.kinds.mill.MillSizes.DRIVE;
import static hazelkeep.kinds.mill.MillSizes.DRIVE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.FOOT;
import static hazelkeep.kinds.mill.MillSizes.FROM_FOOT;
import static hazelkeep.kinds.mill.MillSizes.HEAD_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.JOIN;
import static hazelkeep.kinds.mill.MillSizes.PLATE;
import static hazelkeep.kinds.mill.MillSizes.PLATE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RING;
import static hazelkeep.kinds.mill.MillSizes.RING_DEEP;
import static hazelkeep.kinds.mill.MillSizes.SHAFT;
import static hazelkeep.kinds.mill.MillSizes.THREAD;
import static hazelkeep.kinds.mill.MillSizes.TOP;
import static hazelkeep.kinds.mill.MillSizes.WAIST;
import static hazelkeep.kinds.mill.MillSizes.WAIST_AT;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.EndWork;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Properties;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Twin;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * A mill that is bored from both ends, and the shaker that stands beside it. The body is bored from
 * its mouth on its foot tenon, reversed on the tenon at its mouth and bored from the foot until the
 * bores meet, shaped there between jaws and cone; its mouth comes last. The head is bored and its
 * tenon fitted to the body, then its top.
 */
public final class MillKind extends ComposedKind<Mill> {
  /** The mill. */
  public static final MillKind MILL = new MillKind("mill", "spice mill", Mill.Role.MILL);

  /** Its twin. */
  public static final MillKind SHAKER = new MillKind("shaker", "twin shaker", Mill.Role.SHAKER);

  private static final SurfaceId END_OF_MOUTH = new SurfaceId(BODY, "mouth");
  private static final SurfaceId TOP_OF_HEAD = new SurfaceId(HEAD, "top");

  private final Mill.Role role;

  private MillKind(String name, String title, Mill.Role role) {
    super(name, title, Mill.class);
    this.role = role;
  }

  @Override
  public Mill fresh() {
    return Mill.fresh(role);
  }

  @Override
  protected Make make(Mill d) {
    return new MillParts(d).make();
  }

  @Override
  protected void order(Mill d, Work w) {
    MillParts m = new MillParts(d);
    Built b = w.built();
    Map<String, Frame> onFoot = Map.of(BODY, m.footTenon.frame(b));
    Map<String, Frame> onMouth = Map.of(BODY, m.mouthTenon.frame(b));
    Centre cone = b.shop().centre(Centre.Form.CONE).orElseGet(b.shop()::live);
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        both(Work.FLAT),
        (s, x) -> x.usual().round(s, BODY),
        (s, x) -> x.usual().tenons(s, BODY, "foot tenon", HEAD, b.custom(Line.READ_TURNED)));
    w.held(
        "whole",
        "Foot tenon in the jaws, tail up",
        Hold.of(m.footTenon.squeeze(b), b.shop().live()),
        both(m.footTenon.frame(b)),
        (s, x) -> RecipeSteps.grain(s, BODY, HEAD, HEAD),
        m.mouthTenon.cutBetween(
            "A third tenon, between body and head: the body is held by it when it is bored from"
                + " the foot."),
        m.kerf.part(BODY, HEAD, HEAD));
    w.held(
        "from the mouth",
        "Body on its foot tenon",
        Hold.of(m.footTenon.squeeze(b)),
        onFoot,
        m.bore::fromMouth);
    w.held(
        "from the foot",
        "Reversed, body on the tenon at its mouth",
        Hold.of(m.mouthTenon.squeeze(b)),
        onMouth,
        m.foot.faced(
            "Face the foot",
            "Turn the foot's tenon away and true the foot: the mill stands on it, and all depths"
                + " count from it."),
        m.bore::fromFoot,
        m.bore::open,
        m.foot.finished(
            "sand foot",
            "Sand and finish the foot",
            "Through the grits, then the finish; keep both out of the seats."));
    w.held(
        "outside",
        "Body on the tenon at its mouth, cone in the foot",
        Hold.of(m.mouthTenon.squeeze(b), cone),
        onMouth,
        MillKind::outside);
    mouth(mouthHold(d, b), cone, w);
    head(m, w);
    top(d, m, w);
    w.held(
        "bench",
        "On the bench",
        Hold.of(new OffLathe()),
        both(Work.FLAT),
        m.holes::drill,
        MillKind::assemble);
  }

  private static void outside(SetupDraft s, Work w) {
    s.step(
        "side",
        "Shape the body",
        "Keep off the wood that the bores need: waist and foot are drawn against them.",
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "side"));
    s.step(
        "finish",
        "Sand and finish the body",
        "Through the grits, then the finish.",
        Speeds.At.SANDING,
        w.acts().treat(BODY, "side"));
  }

  private static void mouth(EndHolds.Mount mount, Centre cone, Work w) {
    double within = w.built().custom(Line.READ_SEAT);
    String calipers = w.built().shop().caliper().name();
    w.held(
        "mouth",
        "Body by its foot, cone in the mouth",
        Hold.of(mount.grip(), cone),
        Map.of(BODY, mount.frame()),
        (s, x) ->
            s.step(
                "mouth",
                "Turn the tenon at the mouth away",
                "Light cuts; face the mouth clean and a hair hollow, so that the head sits on its"
                    + " outer edge.",
                Speeds.At.TURNING,
                x.acts().bare(0, BODY, "mouth"),
                Acts.read(BORE.path(), calipers, "inside the mouth", within, within)));
  }

  private static void head(MillParts m, Work w) {
    w.held(
        "head",
        "Head on its tenon",
        Hold.of(m.topTenon.squeeze(w.built())),
        Map.of(HEAD, m.topTenon.frame(w.built())),
        (s, x) ->
            s.step(
                "face",
                "Face the head",
                "Face the end of its tenon: depths in the head count from there.",
                Speeds.At.TURNING,
                x.acts().bare(0, HEAD, "spigot end")),
        m.socket::bore,
        m.socket::open,
        (s, x) -> tenon(m, s, x));
  }

  private static void tenon(MillParts m, SetupDraft s, Work w) {
    s.step(
        "tenon",
        "Turn the head's tenon to the body",
        m.socket.pierced(w.built())
            ? "Sneak up on it with the body in hand: it has to turn freely without a rattle."
            : "Sneak up on it with the body in hand, grain lines together.",
        Speeds.At.TURNING,
        w.acts().bare(0, HEAD, "spigot", "shoulder"),
        w.fit(Spigot.DIAMETER, "on the tenon"),
        new Act.Try("closure", false));
  }

  private static void top(Mill d, MillParts m, Work w) {
    Built b = w.built();
    EndHolds.Mount mount = topHold(d, b);
    Map<String, Frame> frame = Map.of(HEAD, mount.frame());
    HalfSection nub =
        HalfSection.box(m.shoulderAt(b), b.length() + Lay.BEYOND, 0, b.shop().pad().radius());
    w.held(
        "top, tail up",
        "Head by its own tenon, tail up",
        Hold.of(mount.grip(), b.shop().pad()),
        frame,
        (s, x) ->
            s.step(
                "bulk",
                "Shape the head",
                "Side and dome in one line with the body, round the pad; the last of the tenon"
                    + " stays under it.",
                Speeds.At.TURNING,
                x.acts().bare(0, HEAD, "side"),
                Acts.remove(HEAD, b.part(HEAD).surface("top").zone().minus(nub))),
        (s, x) ->
            s.step(
                "finish",
                "Sand and finish the head's side",
                "Through the grits, then the finish.",
                Speeds.At.SANDING,
                x.acts().treat(HEAD, "side")));
    if (d.topBy() == Finishing.PRESSED) {
      EndWork.byHand(w, TOP_OF_HEAD, "Pare the nub off, sand and finish the middle by hand.");
      return;
    }
    w.held(
        "top",
        "Head by its own tenon",
        Hold.of(mount.grip()),
        frame,
        (s, x) ->
            s.step(
                "top",
                "Finish the top",
                "Take the nub off by light cuts"
                    + (m.socket.pierced(b) ? "; the shaft's hole opens as it goes." : ".")
                    + " Sand it, then the finish.",
                Speeds.At.TURNING,
                Acts.both(List.of(x.acts().bare(0, HEAD, "top")), x.acts().treat(HEAD, "top"))));
  }

  private static void assemble(SetupDraft s, Work w) {
    s.step(
        "assemble",
        "Put it together, sign it",
        "In the order of the parts list; nothing is glued before it has been tried dry.",
        Speeds.At.TURNING,
        new Act.Mark(BODY, "name, date, species"));
  }

  /** The body held by its foot, so that its mouth can be finished. */
  private static EndHolds.Mount mouthHold(Mill d, Built b) {
    double foot = new MillParts(d).footAt(b);
    boolean plate = b.mm(PLATE) > 0 && b.mm(PLATE_DEEP) > 0;
    double deep = b.mm(plate ? PLATE_DEEP : RING_DEEP);
    HalfSection body = b.part(BODY).target();
    double outer = 2 * body.outer(foot + b.custom(Line.HOLD_ROUND_DEPTH) / 2);
    return new EndHolds(b.aim().blank().wood(), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.mouthBy(),
            new EndHolds.Half(
                    BODY, "seats", b.mm(plate ? PLATE : RING), deep, 2 * deep, outer, foot, false)
                .on(body, b.shop().practice()),
            Double.NaN);
  }

  /** The head held by its own tenon, so that its top can be finished. */
  private static EndHolds.Mount topHold(Mill d, Built b) {
    MillParts m = new MillParts(d);
    double drive = b.mm(DRIVE_DEEP);
    return new EndHolds(b.aim().blank().wood(), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.topBy(),
            new EndHolds.Half(
                    HEAD,
                    "under",
                    drive > 0 ? b.mm(DRIVE) : b.mm(HOLE),
                    drive,
                    2 * drive,
                    b.mm(Spigot.DIAMETER),
                    m.endAt(b),
                    false)
                .on(b.part(HEAD).target(), b.shop().practice()),
            m.shoulderAt(b));
  }

  @Override
  protected void sane(Mill d, Lay lay, Sane sane) {
    sane.below(BORE.path(), WAIST.path()).below(BORE.path(), JOIN.path());
    sane.below(HOLE.path(), TOP.path());
    double face = lay.mm(new MillParts(d).mouthFacing());
    sane.size(FROM_FOOT.path())
        .below(lay.mm(BODY_HEIGHT) + face, "the body's height", BODY_HEIGHT.path());
  }

  @Override
  protected void check(Mill d, Built b, Told told) {
    Stream.of(mouthHold(d, b), topHold(d, b))
        .flatMap(m -> m.missing().stream())
        .forEach(v -> told.found(v, BODY, null));
  }

  /** Height, thread and the two halves say one another: what was stated last counts. */
  @Override
  protected void stated(Mill d, Map<DimKey, Size> sizes, DimKey key) {
    boolean body = sizes.containsKey(BODY_HEIGHT);
    boolean head = sizes.containsKey(HEAD_HEIGHT);
    if (key.equals(HEIGHT) || key.equals(THREAD)) {
      sizes.remove(key.equals(HEIGHT) ? THREAD : HEIGHT);
      if (head) {
        sizes.remove(BODY_HEIGHT);
      }
    } else if ((key.equals(BODY_HEIGHT) || key.equals(HEAD_HEIGHT)) && body && head) {
      sizes.remove(HEIGHT);
      sizes.remove(THREAD);
    }
  }

  @Override
  public List<Choice> choices(Mill d) {
    return List.of(
        Choice.of(
            "role",
            "What it does",
            List.of(
                new Option("MILL", "Grinds", "A shaft goes through; its length sets the height."),
                new Option("SHAKER", "Shakes", "Filled from the foot, holes in the head.")),
            d.role(),
            HEIGHT.path(),
            DRIVE_DEEP.path()),
        Choice.of(
            "form",
            "Line of the body",
            List.of(
                new Option("WAISTED", "Waisted", "A grip for the hand."),
                new Option("STRAIGHT", "Straight", "One line from foot to head.")),
            d.form(),
            WAIST.path(),
            JOIN.path()),
        Choice.fit("How the head goes in", d.fit()));
  }

  @Override
  public List<End> ends(Mill d) {
    return List.of(
        End.of(
            END_OF_MOUTH,
            "mouthBy",
            "How the body is held for its mouth",
            d.mouthBy(),
            Finishing.AROUND,
            Finishing.EXPAND,
            Finishing.PRESSED),
        End.of(
            TOP_OF_HEAD,
            "topBy",
            "How the top is finished",
            d.topBy(),
            Finishing.JAM_CUP,
            Finishing.AROUND,
            Finishing.PRESSED));
  }

  /** The sizes that both of a pair share. */
  private static final List<DimKey> OUTSIDE =
      List.of(HEIGHT, FOOT, WAIST, WAIST_AT, JOIN, TOP, HEAD_HEIGHT, DOME);

  /** The shaker beside a mill: the works decide the outside, so the mill comes first. */
  @Override
  public Optional<Twin<Mill>> twin(Mill d, Aim aim) {
    if (!d.grinds()) {
      return Optional.empty();
    }
    Map<DimKey, Size> shared = new TreeMap<>();
    OUTSIDE.forEach(k -> shared.put(k, Size.mm(aim.mm(k.path()))));
    // Its dome has no hole: what the shaft's hole takes off the mill's stands on the shaker.
    double hole = aim.mm(HOLE.path()) / aim.mm(TOP.path());
    double dome = aim.mm(DOME.path());
    double more = dome / Math.sqrt(1 - hole * hole) - dome;
    for (DimKey k : List.of(DOME, HEAD_HEIGHT, HEIGHT)) {
      shared.computeIfPresent(k, (key, s) -> Size.mm(s.mm() + more));
    }
    Mill twin = Restated.with(Restated.with(d, "role", Mill.Role.SHAKER), "sizes", shared);
    twin = Restated.with(twin, "fit", SHAKER.fresh().fit());
    twin = Restated.with(twin, "blank", Optional.empty());
    return Optional.of(new Twin<>(SHAKER, Restated.with(twin, "elements", List.of())));
  }

  @Override
  public List<Fitting> fittings(Mill d, Aim aim) {
    return new MillWorks(d, aim).fittings();
  }

  @Override
  public List<String> assembly(Mill d, Aim aim) {
    return new MillWorks(d, aim).assembly();
  }

  @Override
  public List<DimKey> stays(Mill d, Set<DimKey> named) {
    boolean whole = named.contains(HEIGHT) || named.contains(THREAD);
    return Stream.of(HEIGHT, HEAD_HEIGHT).filter(k -> !named.contains(k) && !whole).toList();
  }

  @Override
  public Properties properties(Mill d, Aim aim) {
    HalfSection body = aim.part(BODY).target().in(aim.part(BODY).closed());
    double from = aim.mm(RING_DEEP.path());
    double to = aim.mm(BODY_HEIGHT.path()) - aim.mm(Spigot.LENGTH.path());
    HalfSection shaft = HalfSection.box(0, to, 0, aim.mm(SHAFT.path()) / 2);
    HalfSection room =
        HalfSection.box(from, to, 0, aim.mm(BORE.path()) / 2).minus(body).minus(shaft);
    return Properties.of(aim, room.volume(), 0, aim.mm(FOOT.path()));
  }

  private static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(HEAD, f);
    return out;
  }
}
