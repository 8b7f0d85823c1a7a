package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillParts.BODY;
import static hazelkeep.kinds.mill.MillParts.HEAD;
import static hazelkeep.kinds.mill.MillSizes.BODY_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.BORE;
import static hazelkeep.kinds.mill.MillSizes.DOME;
import static hazelkeep.kinds.mill.MillSizes.DRIVE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.FOOT;
import static hazelkeep.kinds.mill.MillSizes.FROM_FOOT;
import static hazelkeep.kinds.mill.MillSizes.HEAD_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.JOIN;
import static hazelkeep.kinds.mill.MillSizes.RECESS;
import static hazelkeep.kinds.mill.MillSizes.RING_DEEP;
import static hazelkeep.kinds.mill.MillSizes.SHAFT;
import static hazelkeep.kinds.mill.MillSizes.THREAD;
import static hazelkeep.kinds.mill.MillSizes.TOP;
import static hazelkeep.kinds.mill.MillSizes.WAIST;
import static hazelkeep.kinds.mill.MillSizes.WAIST_AT;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Twin;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
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

  private MillKind(String name, String title, Mill.Role role) {
    super(name, title, Mill.fresh(role));
  }

  @Override
  protected Make make(Mill d) {
    return new MillParts(d).make();
  }

  @Override
  protected void order(Mill d, Work w) {
    new MillOrder(d, w).put();
  }

  @Override
  protected void sane(Mill d, Lay lay, Sane sane) {
    sane.below(BORE, WAIST).below(BORE, JOIN);
    sane.below(HOLE, TOP);
    double end = lay.mm(new MillParts(d).mouthFacing());
    if (d.onBody()) {
      end += lay.mm(Spigot.LENGTH);
      sane.below(RECESS, JOIN).below(BORE, Spigot.DIAMETER);
    }
    sane.size(FROM_FOOT).below(lay.mm(BODY_HEIGHT) + end, "the body's height", BODY_HEIGHT);
  }

  @Override
  protected void check(Mill d, Built b, Told told) {
    Stream.of(MillOrder.mouthHold(d, b), MillOrder.topHold(d, b))
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
                new Option("MILL", "Grinds", Wording.of("millKind.a-shaft-goes-through-its")),
                new Option("SHAKER", "Shakes", Wording.of("millKind.filled-from-the-foot-holes"))),
            d.role(),
            HEIGHT,
            DRIVE_DEEP),
        Choice.of(
            "form",
            "Line of the body",
            List.of(
                new Option("WAISTED", "Waisted", Wording.of("millKind.a-grip-for-the-hand")),
                new Option("STRAIGHT", "Straight", Wording.of("millKind.one-line-from-foot-to"))),
            d.form(),
            WAIST,
            JOIN),
        Choice.of(
            "tenon",
            "Which half has the tenon",
            List.of(
                new Option("HEAD", "The head", Wording.of("millKind.the-body-is-bored-in")),
                new Option("BODY", "The body", Wording.of("millKind.bored-on-through-its-tenon"))),
            d.tenon(),
            BODY_HEIGHT,
            Spigot.DIAMETER),
        Choice.fit("How the head goes on", d.fit()));
  }

  @Override
  public List<End> ends(Mill d) {
    return List.of(
        End.of(
            END_OF_MOUTH,
            "mouthBy",
            Wording.of("millKind.how-the-body-is-held"),
            d.mouthBy(),
            Finishing.AROUND,
            Finishing.EXPAND,
            Finishing.PRESSED),
        End.of(
            TOP_OF_HEAD,
            "topBy",
            "How the top is finished",
            d.topBy(),
            d.onBody() ? Finishing.JAM_PLUG : Finishing.JAM_CUP,
            d.onBody() ? Finishing.EXPAND : Finishing.AROUND,
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
    OUTSIDE.forEach(k -> shared.put(k, Size.mm(aim.mm(k))));
    // Its dome has no hole: what the shaft's hole takes off the mill's stands on the shaker.
    double hole = aim.mm(HOLE) / aim.mm(TOP);
    double dome = aim.mm(DOME);
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
  public List<Fitting> fittings(Mill d, Aim aim, Shop shop) {
    return new MillWorks(d, aim).fittings();
  }

  @Override
  public List<String> assembly(Mill d, Aim aim) {
    return new MillWorks(d, aim).assembly();
  }

  @Override
  public List<DimKey> stays(Mill d, List<DimKey> staying, Set<DimKey> named) {
    boolean whole = named.contains(HEIGHT) || named.contains(THREAD);
    return Stream.of(HEIGHT, HEAD_HEIGHT).filter(k -> !named.contains(k) && !whole).toList();
  }

  @Override
  public Properties.Room room(Mill d, Aim aim) {
    HalfSection body = aim.part(BODY).target().in(aim.part(BODY).closed());
    double from = aim.mm(RING_DEEP);
    double tenon = aim.mm(Spigot.LENGTH);
    double to = aim.mm(BODY_HEIGHT) + (d.onBody() ? tenon : -tenon);
    HalfSection shaft = HalfSection.box(0, to, 0, aim.mm(SHAFT) / 2);
    HalfSection room = HalfSection.box(from, to, 0, aim.mm(BORE) / 2).minus(body).minus(shaft);
    return new Properties.Room(room, to, 0, false);
  }
}
