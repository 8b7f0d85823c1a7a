package hazelkeep.element;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.finding.Entry;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OnPartner;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A bought threaded pair in the place of a wooden joint: its outer ring is glued into the recess,
 * its flange lying flush on a shelf at the rim, its inner ring over the spigot. Screwed together
 * the shoulders of the wood meet.
 *
 * @param spigot that carries the inner ring
 * @param rim where the recess opens
 * @param outside the size across the wood round it
 */
public record ThreadPair(Spigot spigot, Edge rim, DimKey outside) implements Element {
  /** The shelf for the flange, across. */
  public static final DimKey SHELF = new DimKey("insert.shelf");

  /** How deep it is. */
  public static final DimKey SHELF_DEEP = new DimKey("insert.shelf-deep");

  private static final String ON = "shelf";

  /** Sizes of which one says the other. */
  public static List<Set<DimKey>> either(DimKey recess) {
    return List.of(Set.of(Pair.OUTER, recess), Set.of(Pair.INNER, Spigot.DIAMETER));
  }

  /** How wide it makes the mouth of its recess, mm. */
  public static double mouth(Dims<?> d, DimKey recess) {
    return d.mm(SHELF_DEEP) > 0 ? Math.max(d.mm(recess), d.mm(SHELF)) : d.mm(recess);
  }

  private String part() {
    return spigot.mate().wall().part();
  }

  private DimKey recess() {
    return spigot.mate().diameter();
  }

  /** The direction in which the recess goes. */
  private int way() {
    return spigot.reach().up() ? 1 : -1;
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(
            Pair.OUTER,
            Wording.of("threadPair.threaded-pair-across-its-outer"),
            4,
            380,
            d ->
                derived(
                    d.planned(recess()) - d.custom(Line.INSERT_ROOM),
                    Wording.of("threadPair.the-recess-less-room-for"))),
        new SizeRule(
            Pair.INNER,
            Wording.of("threadPair.threaded-pair-bore-of-its"),
            2,
            380,
            d ->
                derived(
                    d.planned(Spigot.DIAMETER) + d.custom(Line.INSERT_ROOM),
                    Wording.of("threadPair.the-spigot-and-room-for"))),
        new SizeRule(
            Pair.WALL,
            Wording.of("threadPair.threaded-pair-both-rings-a"),
            0.5,
            60,
            d -> new Pair<>(d, recess(), Spigot.DIAMETER, Closes.THREAD).wall()),
        new SizeRule(SHELF, "Shelf for the flange", 4, 380, this::wide),
        new SizeRule(
            SHELF_DEEP,
            "Shelf for the flange, deep",
            0,
            20,
            d -> practice(d.custom(Line.INSERT_SHELF_DEEP), "as thick as the flange")));
  }

  private Rule.Value wide(Dims<?> d) {
    return practice(
        d.mm(Pair.OUTER) + 2 * d.custom(Line.INSERT_FLANGE) + d.custom(Line.INSERT_ROOM),
        Wording.of("threadPair.the-flange-and-a-hair"));
  }

  /** Where the line of the recess begins under its mouth, mm: below the shelf. */
  public static double lip(Lay lay) {
    return lay.mm(SHELF_DEEP);
  }

  /** The radius of what is open in the rim, mm. */
  public double mouth(Lay lay) {
    double recess = lay.mm(recess()) / 2;
    return lip(lay) > 0 ? Math.max(recess, lay.mm(SHELF) / 2) : recess;
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(Pair.INNER, Pair.OUTER);
    if (lip(lay) > 0) {
      sane.size(SHELF).below(outside, Pair.OUTER);
      sane.below(recess(), SHELF);
    }
    spigot.mate().depth().ifPresent(deep -> sane.size(SHELF_DEEP).below(deep, Spigot.LENGTH));
  }

  private HalfSection room(Lay lay) {
    double a = lay.at(rim);
    double b = a + way() * lip(lay);
    return HalfSection.box(Math.min(a, b), Math.max(a, b), 0, lay.mm(SHELF) / 2);
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    if (lip(lay) > 0) {
      double from = lay.at(rim);
      double floor = from + way() * lip(lay);
      double r = lay.mm(SHELF) / 2;
      HalfSection room = room(lay);
      Polyline line = Polyline.of(floor, lay.mm(recess()) / 2, floor, r, from, r);
      // The wood lies to one side of a line: it runs down the axis in either half.
      draft.inside(ON, Role.MEET, way() > 0 ? line : line.reversed(), room).hollow(room);
    }
    draft.glued(spigot.mate().wall().name());
  }

  @Override
  public void check(Built b, Told told) {
    double least = b.custom(Line.INSERT_LEAST);
    double rings = (b.mm(Pair.OUTER) - b.mm(Pair.INNER)) / 2;
    double z = b.at(rim);
    if (rings < least) {
      told.found(
          Entry.INSERT_THIN.told(Grade.STOP, rings, least),
          part(),
          new Point(z, b.mm(recess()) / 2));
    }
    SurfaceId wall = spigot.mate().wall();
    room(b, told, widest(b, wall) * 2 - b.mm(Pair.OUTER), wall, "outer ring");
    room(b, told, b.mm(Pair.INNER) - widest(b, spigot.on()) * 2, spigot.on(), "inner ring");
  }

  private static double widest(Built b, SurfaceId on) {
    return b.aim().surface(on).line().points().stream().mapToDouble(Point::r).max().orElseThrow();
  }

  private static void room(Built b, Told told, double room, SurfaceId on, String ring) {
    double least = b.custom(Line.INSERT_ROOM_LEAST);
    double most = b.custom(Line.INSERT_ROOM_MOST);
    Point at = b.aim().surface(on).line().first();
    if (room < least) {
      told.found(Entry.INSERT_TIGHT.told(Grade.STOP, room, least, ring), on.part(), at);
    } else if (room > most) {
      told.found(Entry.INSERT_LOOSE.told(Grade.WATCH, room, most, ring), on.part(), at);
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    switch (f.verdict().entry()) {
      case INSERT_THIN ->
          r.more(2 * f.lack(), recess())
              .more(-2 * f.lack(), Spigot.DIAMETER)
              .choose("closes", Closes.WOOD.name());
      case WALL_THIN, SPIGOT_WALL -> r.more(-f.lack(), Pair.WALL);
      default -> {}
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    SurfaceId on = new SurfaceId(part(), ON);
    Dimension shelf = d.size(SHELF, on).widest().corrects(Feature.Kind.INNER);
    Dimension deep = d.size(SHELF_DEEP, on).along().corrects(Feature.Kind.SHAPE);
    if (lip(b) > 0) {
      double z = b.at(rim);
      shelf.inside("shelf", z + way() * lip(b) / 2).atBench();
      deep.deep("shelf", z, way());
    }
    d.size(Pair.OUTER, on.part()).recorded();
    d.size(Pair.INNER, on.part()).recorded();
    SurfaceId recess = spigot.mate().wall();
    double room = b.custom(Line.INSERT_ROOM);
    d.size(Pair.WALL, recess).reads(s -> s.widest(recess) - s.widest(spigot.on()) - room);
  }

  /** The two rings where they are once it is closed. */
  @Override
  public List<Fitting> fittings(Built b) {
    double join = spigot.join(b);
    double end = join + way() * b.mm(Spigot.LENGTH);
    double inner = b.mm(Pair.INNER) / 2;
    double outer = b.mm(Pair.OUTER) / 2;
    double thread = (inner + outer) / 2;
    HalfSection in = box(join, end, inner, thread);
    HalfSection out =
        box(join, end, thread, outer)
            .plus(box(join, join + way() * lip(b), thread, Math.max(outer, mouth(b))));
    Frame closed = b.part(spigot.on().part()).closed();
    return List.of(
        new Fitting(
            Wording.of("threadPair.inner-ring-of-the-threaded"),
            "on the spigot",
            List.of(Pair.INNER, Spigot.LENGTH),
            in.in(closed),
            false),
        new Fitting(
            Wording.of("threadPair.outer-ring-of-the-threaded"),
            Wording.of("threadPair.in-the-recess-its-flange"),
            List.of(Pair.OUTER, SHELF, SHELF_DEEP),
            out.in(closed),
            false));
  }

  private static HalfSection box(double a, double b, double in, double out) {
    return HalfSection.box(Math.min(a, b), Math.max(a, b), in, out);
  }

  /** A half on its partner: screwed on by a pair, else jammed. */
  public static OnPartner grip(
      Optional<ThreadPair> thread, String guest, String host, InJaws hostHeld) {
    return thread.isPresent()
        ? new ScrewedOn(guest, host, hostHeld)
        : new JamOn(guest, host, hostHeld);
  }

  /** The shelf cut into the rim. */
  public void shelf(SetupDraft s, Work w) {
    if (lip(w.built()) > 0) {
      s.step(
          ON,
          Wording.of("threadPair.cut-the-shelf-for-the"),
          Wording.of("threadPair.square-and-as-deep-as"),
          Speeds.At.TURNING,
          w.acts().bare(0, part(), ON),
          w.turned(SHELF, "at the rim"),
          w.deep(SHELF_DEEP, "from the rim"));
    }
  }

  /** The recess measured: what was bought has to go in. */
  public void measure(SetupDraft s, Work w) {
    s.step(
        "measure",
        "Try the outer ring",
        Wording.of("threadPair.it-slides-in-by-hand"),
        Speeds.At.TURNING,
        w.turned(recess(), Wording.of("any.at-the-rim-and-again")));
  }

  /** The spigot turned to the inner ring. */
  public void size(SetupDraft s, Work w) {
    s.step(
        "spigot",
        Wording.of("threadPair.turn-the-spigot-to-the"),
        Wording.of("threadPair.parallel-its-shoulder-square-the"),
        Speeds.At.TURNING,
        w.acts().bare(0, spigot.on().part(), spigot.on().name()),
        w.fit(Spigot.DIAMETER, "on the spigot"));
  }

  /** The ring of the half that is made first, glued. */
  public void first(SetupDraft s, Work w) {
    glued(s, w, firstOn(), Wording.of("threadPair.glue-all-round-none-in"));
  }

  /** The ring of the other half, glued while both are screwed together. */
  public void last(SetupDraft s, Work w) {
    glued(s, w, lastOn(), Wording.of("threadPair.screw-it-on-its-partner"));
  }

  private boolean over() {
    return spigot.reach().up();
  }

  /** The lid is made first. */
  private SurfaceId firstOn() {
    return over() ? spigot.mate().wall() : spigot.on();
  }

  private SurfaceId lastOn() {
    return over() ? spigot.on() : spigot.mate().wall();
  }

  private void glued(SetupDraft s, Work w, SurfaceId on, String words) {
    String ring = on.equals(spigot.on()) ? "inner ring" : "outer ring";
    s.step(
        "glue",
        "Glue the " + ring + (on.equals(spigot.on()) ? " on" : " in"),
        Wording.of(
            "threadPair.leave-it-h-before-it",
            words,
            Math.round(w.built().custom(Line.INSERT_CURE) / MINUTES)),
        Speeds.At.TURNING,
        new Act.Glue(on, ring));
  }

  private static final double MINUTES = 60;
}
