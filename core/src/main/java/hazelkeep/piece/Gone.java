package hazelkeep.piece;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.List;

/**
 * What is not there when a part is found otherwise than planned, read from its section: the same
 * for every kind of piece.
 */
public final class Gone {
  /** Half the length along which something found at one place is taken, mm. */
  private static final double GROOVE = 2;

  /** How far past an end wood is taken for gone, mm. */
  private static final double PAST = 100;

  /** Points closer than this are one, mm. */
  private static final double SAME = 0.05;

  private final Part part;
  private final HalfSection target;
  private final double low;
  private final double high;

  /** Of a part as it was to become. */
  public Gone(Part part) {
    this.part = part;
    this.target = part.target();
    this.low = target.minZ();
    this.high = target.maxZ();
  }

  /** Whether it can be found of this part: only what is hollow is bored too deep. */
  public boolean can(AsFound.What what) {
    return switch (what) {
      case SPIGOT -> part.surfaces().stream().anyMatch(s -> s.role() == Role.FIT && !s.inside());
      case PIERCED, DEPTH, OFF -> part.surfaces().stream().anyMatch(Surface::inside);
      default -> true;
    };
  }

  /** Whether its mouth lies at its upper end, as on a body; else at its lower one, as on a lid. */
  public boolean opensUp() {
    return part.surfaces().stream()
        .filter(Surface::inside)
        .flatMap(s -> s.line().points().stream())
        .anyMatch(p -> p.z() > high - SAME);
  }

  /** Its mouth, in the blank's z. */
  public double mouth() {
    return opensUp() ? high : low;
  }

  /**
   * The wood that is not there, in the blank's z; nothing where it only weakens the part.
   *
   * @throws Refused when the part has no such place
   */
  public HalfSection of(AsFound f) {
    double v = f.value();
    return switch (f.what()) {
      case LENGTH -> beyond(opensUp() ? low + v : high - v);
      case RIM -> f.round() ? beyond(opensUp() ? high - v : low + v) : HalfSection.EMPTY;
      case SPIGOT -> spigot(v);
      case DIAMETER -> groove(f, v / 2);
      case FLAW, CRACK ->
          f.round() && v > 0 ? groove(f, Math.max(0, outer(f) - v)) : HalfSection.EMPTY;
      case DEPTH -> deep(v);
      case PIERCED -> pierced(v > 0 ? v / 2 : SAME * 20);
      case OFF, DROPPED, LOST -> HalfSection.EMPTY;
    };
  }

  /**
   * Refuses what takes nothing of the part: wood that is to go in any case, or air.
   *
   * @throws Refused saying how thick it is to become there
   */
  public void missing(AsFound f) {
    if (!f.takesWood() || of(f).and(target).area() > HalfSection.DUST_AREA) {
      return;
    }
    String said =
        f.what() == AsFound.What.DIAMETER
            ? Wording.of("gone.it-is-to-become", part.name(), Dims.both(2 * outer(f)))
            : Wording.of("gone.nothing-of-it-is-missing", part.name());
    throw new Refused(said);
  }

  /** All that lies beyond a plane, on the side of the mouth. */
  private HalfSection beyond(double z) {
    return opensUp()
        ? HalfSection.box(z, Math.max(z, high) + PAST, 0, HalfSection.FAR)
        : HalfSection.box(Math.min(z, low) - PAST, z, 0, HalfSection.FAR);
  }

  private double outer(AsFound f) {
    return target.outer(Math.max(low + SAME, Math.min(high - SAME, part.datum() + f.at())));
  }

  private HalfSection groove(AsFound f, double r) {
    double from = part.datum() + f.at();
    double to = part.datum() + f.to();
    double half = f.what() == AsFound.What.DIAMETER ? GROOVE : GROOVE / 2;
    return HalfSection.box(from - half, to + half, r, HalfSection.FAR);
  }

  private HalfSection deep(double v) {
    double floor = opensUp() ? high - v : low + v;
    double from = opensUp() ? floor : low - 1;
    double to = opensUp() ? high + 1 : floor;
    double near = opensUp() ? Math.max(floor, low) + 1 : Math.min(floor, high) - 1;
    double r = Math.max(target.inner(near) / 2, bore() / 4);
    return HalfSection.box(from, to, 0, r);
  }

  /** The widest of its hollow, mm on the radius. */
  private double bore() {
    return part.surfaces().stream()
        .filter(Surface::inside)
        .flatMap(s -> s.line().points().stream())
        .mapToDouble(Point::r)
        .max()
        .orElse(2);
  }

  private HalfSection pierced(double r) {
    List<Span> wood = target.alongAxis();
    if (wood.isEmpty()) {
      throw new Refused(Wording.of("gone.the-has-no-floor-to", part.name()));
    }
    Span floor = opensUp() ? wood.get(0) : wood.get(wood.size() - 1);
    return HalfSection.box(floor.from() - 1, floor.to() + 1, 0, r);
  }

  /**
   * What broke off of a spigot.
   *
   * @param left of its length, mm
   */
  private HalfSection spigot(double left) {
    Surface s =
        part.surfaces().stream()
            .filter(x -> x.role() == Role.FIT && !x.inside())
            .findFirst()
            .orElseThrow(() -> new Refused(Wording.of("gone.the-has-no-spigot", part.name())));
    double from = s.line().points().stream().mapToDouble(Point::z).min().orElse(low);
    double to = s.line().points().stream().mapToDouble(Point::z).max().orElse(high);
    boolean up = to > high - SAME;
    return up
        ? HalfSection.box(from + left, to + PAST, 0, HalfSection.FAR)
        : HalfSection.box(from - PAST, to - left, 0, HalfSection.FAR);
  }

  /** How much further in the mouth lies than it was planned, mm. */
  public double shorter(AsFound f) {
    HalfSection gone = of(f);
    boolean atMouth =
        f.what() == AsFound.What.LENGTH
            || f.what() == AsFound.What.RIM
            || f.what() == AsFound.What.SPIGOT;
    if (!atMouth || gone.isEmpty()) {
      return 0;
    }
    return opensUp()
        ? Math.max(0, high - Math.max(low, gone.minZ()))
        : Math.max(0, Math.min(high, gone.maxZ()) - low);
  }
}
