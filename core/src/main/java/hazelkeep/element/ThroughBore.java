package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * A bore that goes right through a part, from its mouth and from its foot until the two meet, with
 * seats for bought parts at the foot; a spigot may go into its mouth.
 *
 * @param part it goes through
 * @param keys its sizes
 * @param ends where it begins and ends
 * @param outside the diameter that its seats stay below
 * @param wall the least wall beside it
 * @param seen which of its mouths is seen once it is together, in words
 */
public record ThroughBore(String part, Keys keys, Ends ends, DimKey outside, Line wall, String seen)
    implements Element {
  private static final String SEATS = "seats";
  private static final String BORE = "bore";

  /** The surface that a spigot meets. */
  public static final String MOUTH = "mouth bore";

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  /**
   * Its sizes.
   *
   * @param rules of all of them
   * @param diameter of the bore
   * @param fromFoot how deep it is bored from the foot
   * @param fromMouth how deep it is bored from the mouth
   * @param seats at the foot, the widest first
   */
  public record Keys(
      List<SizeRule> rules, DimKey diameter, DimKey fromFoot, DimKey fromMouth, List<Seat> seats) {}

  /**
   * A seat of a bought part.
   *
   * @param word of it on the drawing
   */
  public record Seat(DimKey diameter, DimKey depth, String word) {
    boolean there(Lay lay) {
      return lay.mm(diameter) > 0 && lay.mm(depth) > 0;
    }
  }

  /**
   * Where it begins and ends.
   *
   * @param foot its mouth at the foot
   * @param mouth its mouth at the other end
   * @param datum where depths from there are counted from: the end of the tenon that still stands
   * @param fits whether a spigot goes into its mouth; the mouth is else the end of a spigot itself
   */
  public record Ends(Edge foot, Edge mouth, Edge datum, boolean fits) {}

  @Override
  public List<SizeRule> sizes() {
    return keys.rules;
  }

  private double foot(Lay lay) {
    return lay.at(ends.foot);
  }

  private double mouth(Lay lay) {
    return lay.at(ends.mouth);
  }

  private double datum(Lay lay) {
    return lay.at(ends.datum);
  }

  /** Down to where a spigot goes in. */
  private double lead(Lay lay) {
    return mouth(lay) - goesIn(lay);
  }

  /** How far a spigot goes into its mouth, mm. */
  private double goesIn(Lay lay) {
    return ends.fits ? lay.mm(Spigot.LENGTH) : 0;
  }

  private Bore fromFoot(Lay lay) {
    List<Bore.Step> steps = new ArrayList<>();
    for (Seat s : keys.seats) {
      if (s.there(lay)) {
        steps.add(new Bore.Step(lay.due(s.diameter), lay.mm(s.depth)));
      }
    }
    steps.add(new Bore.Step(lay.due(keys.diameter), lay.mm(keys.fromFoot)));
    try {
      return new Bore("from the foot", steps);
    } catch (Refused e) {
      throw new BadDesign(
          keys.seats.get(keys.seats.size() - 1).diameter,
          Wording.of("throughBore.the-parts-at-the-foot"));
    }
  }

  /** Both bores. */
  public BothEnds both(Lay lay) {
    return lay.once(
        this,
        "both",
        () ->
            new BothEnds(
                BoringPlan.of(
                    Bore.plain("from the mouth", lay.due(keys.diameter), lay.mm(keys.fromMouth)),
                    lay.shop()),
                BoringPlan.of(fromFoot(lay), lay.shop()),
                datum(lay) - foot(lay),
                seen));
  }

  private List<Bore.Step> seats(Lay lay) {
    List<Bore.Step> steps = fromFoot(lay).steps();
    return steps.subList(0, steps.size() - 1);
  }

  /** The radius of what is open in the foot, mm. */
  public double opening(Lay lay) {
    List<Bore.Step> seats = seats(lay);
    return (seats.isEmpty() ? lay.due(keys.diameter) : seats.get(0).diameter()) / 2;
  }

  private double deepestSeat(Lay lay) {
    List<Bore.Step> seats = seats(lay);
    return foot(lay) + (seats.isEmpty() ? 0 : seats.get(seats.size() - 1).depth());
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    List<Map.Entry<DimKey, DimKey>> steps = new ArrayList<>();
    keys.seats.stream()
        .filter(s -> s.there(lay))
        .forEach(s -> steps.add(Map.entry(s.diameter, s.depth)));
    steps.add(Map.entry(keys.diameter, keys.fromFoot));
    sane.steps(steps);
    keys.seats.forEach(s -> sane.below(s.diameter, outside));
    sane.below(keys.diameter, outside);
    double high = mouth(lay) - foot(lay);
    DimKey part = ends.foot.stretch();
    Seat inner = keys.seats.get(keys.seats.size() - 1);
    sane.size(inner.depth)
        .with("what goes into the mouth", goesIn(lay))
        .below(high, "the body's height", Spigot.LENGTH, part);
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    double bore = lay.mm(keys.diameter) / 2;
    // What is measured in the mouth is so there; further in the bit's own size stands.
    double within = lay.due(keys.diameter) / 2;
    double lead = lead(lay);
    double mouth = mouth(lay);
    HalfSection room = HalfSection.box(foot(lay), lead, 0, within);
    if (ends.fits) {
      HalfSection mouthRoom = HalfSection.box(lead, mouth, 0, bore);
      draft.inside(MOUTH, Role.FIT, Polyline.of(mouth, bore, lead, bore), mouthRoom);
      room = room.plus(mouthRoom);
    }
    draft
        .inside(BORE, Role.MEET, Polyline.of(lead, within, deepestSeat(lay), within), room)
        .hollow(room);
    drawSeats(lay, draft);
  }

  private void drawSeats(Lay lay, PartDraft draft) {
    List<Bore.Step> seats = seats(lay);
    if (seats.isEmpty()) {
      return;
    }
    List<Point> line = new ArrayList<>();
    HalfSection room = HalfSection.EMPTY;
    double narrow = lay.due(keys.diameter) / 2;
    for (int i = seats.size() - 1; i >= 0; i--) {
      double z = foot(lay) + seats.get(i).depth();
      double r = seats.get(i).diameter() / 2;
      line.add(new Point(z, narrow));
      line.add(new Point(z, r));
      narrow = r;
      room = room.plus(HalfSection.box(foot(lay), z, 0, r));
    }
    line.add(new Point(foot(lay), narrow));
    draft.inside(SEATS, Role.MEET, new Polyline(line), room).hollow(room);
  }

  private HalfSection fromFoot(Lay lay, Pass p) {
    return Sweep.of(p.bit(), foot(lay) - Lay.BEYOND, foot(lay) + p.depth());
  }

  private HalfSection fromMouth(Lay lay, Pass p) {
    return Sweep.of(p.bit(), datum(lay) + Lay.BEYOND, datum(lay) - p.depth());
  }

  /** The wood beside it. */
  public BoreWalls walls(Built b) {
    return new BoreWalls(
        b.part(part).target(),
        new Span(foot(b), mouth(b)),
        b.custom(wall),
        z -> Math.max(drift(both(b).near(), datum(b) - z), drift(both(b).far(), z - foot(b))));
  }

  private static double drift(BoringPlan plan, double deep) {
    return plan.passes().stream()
        .mapToDouble(p -> deep <= p.depth() ? p.driftAt(deep) : 0)
        .max()
        .orElse(0);
  }

  @Override
  public HalfSection keep(Built b) {
    return walls(b).zone();
  }

  @Override
  public void check(Built b, Told told) {
    BothEnds both = both(b);
    Point meet = new Point(datum(b) - both.meeting(), b.mm(keys.diameter) / 2);
    told.bores(both.near(), part, meet);
    told.bores(both.far(), part, meet);
    both.verdicts(b.shop().practice()).forEach(v -> told.found(v, part, meet));
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    DimKey wide = keys.diameter;
    switch (f.verdict().entry()) {
      case BORES_APART, BORES_HARDLY -> r.more(f.lack(), keys.fromMouth, keys.fromFoot);
      case BORES_STEP, BORE_DRIFTS, BIT_SHORT -> r.more(WIDER, wide);
      case BIT_MISSING -> r.set(wide, f.verdict().limit());
      default -> {}
    }
  }

  /** A wider bit is stiffer by so much more, mm. */
  private static final double WIDER = 5;

  @Override
  public void dimensions(Built b, Dimensions d) {
    double foot = foot(b);
    SurfaceId mouth = new SurfaceId(part, ends.fits ? MOUTH : BORE);
    d.size(keys.diameter, mouth)
        .inside("⌀ bore", mouth(b) - BORE_AT * (mouth(b) - foot))
        .corrects(Feature.Kind.INNER)
        .recorded();
    double r = b.mm(keys.diameter) / 2;
    d.size(keys.fromFoot, part).deep("from foot", foot, foot + b.mm(keys.fromFoot), r).recorded();
    d.size(keys.fromMouth, part).deep("from mouth", datum(b), -1).recorded();
    Optional<Seat> above = Optional.empty();
    for (Seat seat : keys.seats) {
      seat(b, d, seat, above);
      above = seat.there(b) ? Optional.of(seat) : above;
    }
  }

  /**
   * A seat.
   *
   * @param under the one that is wider and lies under it
   */
  private void seat(Built b, Dimensions d, Seat seat, Optional<Seat> under) {
    SurfaceId on = new SurfaceId(part, SEATS);
    Dimension across = d.size(seat.diameter, on).recorded();
    Dimension deep =
        d.size(seat.depth, on).deep(seat.word, foot(b), 1).corrects(Feature.Kind.SHAPE).recorded();
    if (seat.there(b)) {
      double from = under.map(u -> foot(b) + b.mm(u.depth)).orElse(Double.NEGATIVE_INFINITY);
      ToDoubleFunction<OnSection> wide = s -> s.widest(on, z -> z > from + SEEN);
      across.reads(s -> 2 * wide.applyAsDouble(s));
      deep.reads(s -> s.highAt(on, wide.applyAsDouble(s)) - foot(b));
    }
    if (seat.equals(keys.seats.get(keys.seats.size() - 1))) {
      across.inside("⌀ seat", foot(b) + SEAT_AT * b.mm(seat.depth));
    }
  }

  @Override
  public List<Boring> boring(Built b) {
    BothEnds both = both(b);
    Polyline line = b.part(part).surface(BORE).line();
    return List.of(
        new Boring(
            part,
            Wording.of("throughBore.end-of-the-tenon-at"),
            List.of(both.near()),
            Stations.of(
                b.part(part).target(),
                datum(b),
                line,
                b.shop().depthGauge(),
                b.custom(Line.PAPER_STATION)),
            Optional.of(both)),
        new Boring(part, "foot", List.of(both.far()), List.of(), Optional.of(both)));
  }

  /** How far down its diameter stands on the drawing, as a share of the part's height. */
  private static final double BORE_AT = 0.3;

  /** How far up a seat's does, as a share of its depth. */
  private static final double SEAT_AT = 0.7;

  /** Corners nearer than this are one, mm. */
  private static final double SEEN = 1e-6;

  /** Bored from the mouth. */
  public void fromMouth(SetupDraft s, Work w) {
    Built b = w.built();
    RecipeSteps.bits(
        s,
        part,
        both(b).near(),
        p -> fromMouth(b, p),
        p -> Optional.of(w.deep(keys.fromMouth, Wording.of("throughBore.from-the-tenons-end-to"))));
  }

  /** Bored from the foot: seats first, then on until both meet. */
  public void fromFoot(SetupDraft s, Work w) {
    Built b = w.built();
    BoringPlan far = both(b).far();
    RecipeSteps.bits(s, part, far, p -> fromFoot(b, p), p -> after(w, far, p));
  }

  /**
   * What is read after a bit: a seat, unless a tool opens it later. The bore that meets the other
   * has no floor to be read from.
   */
  private Optional<Act.Read> after(Work w, BoringPlan plan, Pass p) {
    boolean opened = plan.passes().stream().anyMatch(x -> x.open() > 0);
    return keys.seats.stream()
        .map(Seat::depth)
        .filter(k -> !opened && Math.abs(w.built().mm(k) - p.depth()) < SAME)
        .findFirst()
        .map(k -> w.deep(k, Wording.of("throughBore.from-the-foot-to-the")));
  }

  /** Opened to size where no bit has it: seats, main bore. */
  public void open(SetupDraft s, Work w) {
    Built b = w.built();
    List<String> opened = opened(b);
    if (opened.isEmpty()) {
      return;
    }
    List<Act> acts = new ArrayList<>();
    acts.add(w.acts().bare(0, part, opened.toArray(String[]::new)));
    if (opened.contains(SEATS)) {
      keys.seats.stream()
          .filter(x -> x.there(b))
          .forEach(x -> acts.add(w.deep(x.depth, "from the foot")));
    }
    s.step(
        "open",
        Wording.of("throughBore.open-seats-and-bore-to"),
        Wording.of("throughBore.there-is-no-bit-of"),
        Speeds.At.TURNING,
        acts);
  }

  private List<String> opened(Built b) {
    double bore = b.mm(keys.diameter);
    return Stream.concat(both(b).near().passes().stream(), both(b).far().passes().stream())
        .filter(p -> p.open() > 0)
        .flatMap(p -> p.wanted() > bore ? Stream.of(SEATS) : Stream.of(BORE, MOUTH))
        .filter(x -> ends.fits || !x.equals(MOUTH))
        .distinct()
        .toList();
  }
}
