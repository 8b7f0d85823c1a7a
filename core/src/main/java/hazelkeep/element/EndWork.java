package hazelkeep.element;

import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Told;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Figure;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a foot is finished once all else is done: sawn off and pared by hand, or the part turned
 * round and held by its bore, its rim or its spigot.
 *
 * @param on the foot's surface
 * @param by the way
 * @param design whose jam chucks are turned from some wood, with paper or without
 * @param bore that it is held by, or beside
 * @param spigot over it; empty where the rim is open
 */
public record EndWork(
    SurfaceId on, Finishing by, Design design, Drilled bore, Optional<Spigot> spigot)
    implements Element {
  /** How it is held while its foot is undercut for the saw. */
  public record Sawn(String title, Hold hold, Frame frame) {}

  /** What can't be held so is told; a recess is told by its foot. */
  @Override
  public void check(Built b, Told told) {
    if (by != Finishing.RECESS) {
      mount(b).missing().ifPresent(v -> told.found(v, on.part(), null));
    }
  }

  private EndHolds.Mount mount(Built b) {
    HalfSection target = b.part(on.part()).target();
    double face = b.at(bore.place().mouth());
    double rim = face - b.custom(Line.HOLD_ROUND_DEPTH) / 2;
    double deep = b.mm(bore.depth());
    EndHolds.Half half =
        new EndHolds.Half(
            on.part(),
            bore.place().on().name(),
            b.mm(bore.diameter()),
            deep - bore.place().lip().applyAsDouble(b),
            deep,
            spigot.isPresent() ? b.mm(Spigot.DIAMETER) : 2 * target.outer(rim),
            face,
            true);
    return new EndHolds(b.aim().wood(on.part()), design.jamWood(), design.paper(), b.shop())
        .mount(
            by,
            half.on(target, b.shop().practice()),
            spigot.map(s -> s.join(b)).orElse(Double.NaN),
            spigot.map(s -> s.mate().closes()).orElse(Closes.WOOD));
  }

  /** Where the wood ends that is not the foot's, in the blank's z. */
  private double other(Built b) {
    return spigot.map(s -> s.join(b)).orElseGet(() -> b.at(bore.place().mouth()));
  }

  /** Puts the holds and steps in order. */
  public void in(Work w, Sawn sawn) {
    if (by == Finishing.SAW) {
      saw(w, sawn);
    } else {
      turned(w, mount(w.built()));
    }
  }

  private HalfSection zone(Work w) {
    return w.built().part(on.part()).surface(on.name()).zone();
  }

  private void saw(Work w, Sawn sawn) {
    Built b = w.built();
    HalfSection between = HalfSection.box(sawn.frame.zero(), other(b), 0, b.far());
    w.held(
        on.name() + " undercut",
        sawn.title,
        sawn.hold,
        Map.of(on.part(), sawn.frame),
        (s, x) ->
            s.step(
                "undercut",
                "Undercut the foot",
                Wording.of("any.cut-in-behind-the-foot"),
                Speeds.At.PARTING,
                undercut(b, on, between, sawn.hold.supported())));
    byHand(w, on, Wording.of("endWork.saw-the-tenon-off-pare"));
  }

  /**
   * What a parting tool takes in behind an end, down to a neck for the saw. Where the far end is
   * carried the neck only has to hold the end; else all that stands out hangs on it, and a fine cut
   * F at its far end, a away, must not strain it beyond the share s of its strength that a stem is
   * trusted with: d = cbrt(32 F a / (pi s)).
   *
   * <p>Example: 20 N at 80 mm on a quarter of 90 MPa: 9.0 mm.
   *
   * @param between the stretch that the tool may come to
   * @param carried whether something carries the far end
   */
  public static Act.Remove undercut(Built b, SurfaceId on, HalfSection between, boolean carried) {
    HalfSection cut = b.part(on.part()).surface(on.name()).zone().and(between);
    HalfSection whole = b.part(on.part()).target().plus(cut);
    double arm = carried ? 0 : whole.maxZ() - whole.minZ();
    return Acts.remove(
        on.part(), cut.minus(HalfSection.box(cut.minZ(), cut.maxZ(), 0, neck(b, on, arm))));
  }

  private static double neck(Built b, SurfaceId on, double arm) {
    if (arm == 0) {
      return b.custom(Line.TURN_NUB);
    }
    double moment = b.custom(Line.STIFF_FINISHING_FORCE) * arm;
    double bears =
        b.aim().wood(on.part()).bending().map(Figure::value).orElse(0.0)
            * b.custom(Line.HOLD_STRENGTH_WATCH);
    double thick = bears > 0 ? Math.cbrt(32 * moment / Math.PI / bears) : 0;
    return Math.max(b.custom(Line.TURN_CASE_NUB), thick / 2);
  }

  private void turned(Work w, EndHolds.Mount mount) {
    boolean pressed = by == Finishing.PRESSED;
    Map<String, Frame> frames = Map.of(on.part(), mount.frame());
    Built b = w.built();
    HalfSection nub = HalfSection.box(-Lay.BEYOND, other(b), 0, b.shop().pad().radius());
    w.held(
        pressed ? on.name() : on.name() + ", tail up",
        "Reversed, tail up",
        Hold.of(mount.grip(), b.shop().pad()),
        frames,
        (s, x) ->
            s.step(
                "bulk",
                Wording.of("endWork.turn-the-foot-round-the"),
                Wording.of("any.light-cuts-towards-the-headstock"),
                Speeds.At.TURNING,
                Acts.remove(on.part(), zone(x).minus(nub))));
    if (pressed) {
      byHand(w, on, Wording.of("endWork.pare-the-nub-off-sand"));
      return;
    }
    w.held(
        on.name(),
        "Reversed",
        Hold.of(mount.grip()),
        frames,
        (s, x) ->
            s.step(
                "foot",
                "Finish the foot",
                Wording.of("endWork.hollow-it-a-little-so"),
                Speeds.At.TURNING,
                Acts.both(
                    List.of(x.acts().bare(0, on.part(), on.name())),
                    x.acts().treat(on.part(), on.name()))));
  }

  /** An end finished on the bench. */
  public static void byHand(Work w, SurfaceId on, String words) {
    w.held(
        on.name() + " by hand",
        "On the bench",
        Hold.of(new OffLathe()),
        Map.of(on.part(), Work.FLAT),
        (s, x) ->
            s.step(
                "pare",
                "Finish the " + on.name() + " by hand",
                words,
                Speeds.At.TURNING,
                Acts.both(
                    List.of(
                        Acts.remove(
                            on.part(), x.built().part(on.part()).surface(on.name()).zone())),
                    x.acts().treat(on.part(), on.name()))));
  }
}
