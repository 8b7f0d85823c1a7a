package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.bore.Sweep;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.RecipeSteps;
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
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is bored in a head from its lower end: a recess that a tenon goes into, a seat or a hollow
 * under its cap, and a hole for a shaft through it.
 *
 * @param part it is in
 * @param keys its sizes
 * @param end its lower end: of its tenon, or of the head where the tenon is the body's
 * @param top the top of the head
 * @param roof the least wood over the seat
 */
public record Socket(String part, Keys keys, Edge end, Edge top, Line roof) implements Element {
  /** The surface that a tenon meets. */
  public static final String WALL = "recess";

  private static final String UNDER = "under";
  private static final String HOLE = "hole";
  private static final String STEP = "recess floor";

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  /**
   * Its sizes.
   *
   * @param rules of all of them
   * @param recess what a tenon goes into; empty where the head has the tenon
   * @param seat how wide the seat is
   * @param deep how deep it is
   * @param hole how wide the hole is; 0 for none
   * @param bored how deep that is bored
   */
  public record Keys(
      List<SizeRule> rules,
      Optional<Mouth> recess,
      DimKey seat,
      DimKey deep,
      DimKey hole,
      DimKey bored) {}

  /**
   * A recess that a tenon goes into.
   *
   * @param diameter how wide it is
   * @param depth how deep it is
   */
  public record Mouth(DimKey diameter, DimKey depth) {}

  /** Its lower end, in words. */
  private String datum() {
    return keys.recess.isPresent() ? "rim" : "end of its tenon";
  }

  private String counted() {
    return keys.recess.isPresent() ? "from the rim" : "from the tenon's end";
  }

  @Override
  public List<SizeRule> sizes() {
    return keys.rules;
  }

  private double end(Lay lay) {
    return lay.at(end);
  }

  /** Whether a hole goes through. */
  public boolean pierced(Lay lay) {
    return lay.mm(keys.hole) > 0;
  }

  /** The radius of the seat, mm; 0 where there is none. */
  private double seat(Lay lay) {
    return lay.mm(keys.deep) > 0 ? lay.mm(keys.seat) / 2 : 0;
  }

  private double hole(Lay lay) {
    return lay.mm(keys.hole) / 2;
  }

  /** The radius of what is open in its lower end, mm. */
  public double opening(Lay lay) {
    return keys.recess.map(m -> lay.mm(m.diameter) / 2).orElseGet(() -> within(lay));
  }

  /** The radius of seat or hole, where the recess ends, mm. */
  private double within(Lay lay) {
    return seat(lay) > 0 ? seat(lay) : hole(lay);
  }

  /** Where the recess ends. */
  private double floor(Lay lay) {
    return end(lay) + keys.recess.map(m -> lay.mm(m.depth)).orElse(0.0);
  }

  private double roof(Lay lay) {
    return seat(lay) > 0 ? end(lay) + lay.mm(keys.deep) : floor(lay);
  }

  /** How it is bored. */
  public BoringPlan bits(Lay lay) {
    return lay.once(this, "bits", () -> plan(lay));
  }

  private BoringPlan plan(Lay lay) {
    List<Bore.Step> steps = new ArrayList<>();
    keys.recess.ifPresent(m -> steps.add(new Bore.Step(lay.due(m.diameter), lay.mm(m.depth))));
    if (seat(lay) > 0) {
      steps.add(new Bore.Step(lay.due(keys.seat), lay.mm(keys.deep)));
    }
    if (pierced(lay)) {
      steps.add(new Bore.Step(lay.due(keys.hole), lay.mm(keys.bored)));
    }
    if (steps.isEmpty()) {
      throw new BadDesign(keys.seat, Wording.of("socket.something-is-bored-in-the"));
    }
    try {
      return BoringPlan.of(new Bore("from its " + datum(), steps), lay.shop());
    } catch (Refused e) {
      throw new BadDesign(
          keys.seat,
          Wording.of(
              "socket.in-the-head-each-goes",
              keys.recess.map(m -> "the recess, " + both(lay, m.diameter, m.depth)).orElse(""),
              both(lay, keys.seat, keys.deep),
              Dims.both(lay.mm(keys.hole))));
    }
  }

  private static String both(Lay lay, DimKey wide, DimKey deep) {
    return Dims.both(lay.mm(wide)) + " and " + Dims.both(lay.mm(deep)) + " deep, ";
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    List<Map.Entry<DimKey, DimKey>> steps = new ArrayList<>();
    keys.recess.ifPresent(m -> steps.add(Map.entry(m.diameter, m.depth)));
    if (seat(lay) > 0) {
      steps.add(Map.entry(keys.seat, keys.deep));
    }
    if (pierced(lay)) {
      steps.add(Map.entry(keys.hole, keys.bored));
    }
    sane.steps(steps);
    sane.below(keys.seat, keys.recess.map(Mouth::diameter).orElse(Spigot.DIAMETER));
    sane.size(keys.deep)
        .below(
            lay.at(top) - end(lay),
            Wording.of("socket.the-heads-height-with-its"),
            end.stretch(),
            top.stretch());
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    SurfaceId under = new SurfaceId(part, UNDER);
    keys.recess.ifPresent(m -> mouth(b, d, m));
    d.size(keys.seat, under).widest().recorded();
    d.size(keys.deep, under)
        .reads(s -> s.highAt(under, s.widest(under)) - end(b))
        .deep("seat", end(b), 1)
        .corrects(Feature.Kind.SHAPE);
    d.size(keys.hole, new SurfaceId(part, HOLE)).widest().recorded();
    d.size(keys.bored, part).deep("hole", end(b), 1);
  }

  private void mouth(Built b, Dimensions d, Mouth m) {
    SurfaceId wall = new SurfaceId(part, WALL);
    d.size(m.diameter, wall)
        .widest()
        .inside("⌀ recess", (end(b) + floor(b)) / 2)
        .corrects(Feature.Kind.INNER)
        .recorded();
    d.size(m.depth, wall)
        .reads(s -> s.high(wall) - end(b))
        .deep("recess", end(b), 1)
        .corrects(Feature.Kind.SHAPE)
        .recorded();
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    double hole = hole(lay);
    double floor = floor(lay);
    keys.recess.ifPresent(
        m -> {
          double wide = lay.mm(m.diameter) / 2;
          HalfSection room = HalfSection.box(end(lay), floor, 0, wide);
          draft
              .inside(WALL, Role.FIT, Polyline.of(floor, wide, end(lay), wide), room)
              .inside(STEP, Role.MEET, Polyline.of(floor, within(lay), floor, wide), room)
              .hollow(room);
        });
    if (seat(lay) > 0) {
      Polyline under = under(lay);
      HalfSection room = HalfSection.box(floor, roof(lay), 0, seat(lay));
      if (blind(lay)) {
        room = HalfSection.closed(under, new Point(floor, 0));
      }
      draft.inside(UNDER, Role.MEET, under, room).hollow(room);
    }
    if (hole > 0) {
      double top = lay.at(this.top);
      HalfSection through = HalfSection.box(floor, top, 0, hole);
      Polyline line = Polyline.of(top, hole, roof(lay), hole);
      draft.inside(HOLE, Role.MEET, line, through).hollow(through);
    }
  }

  /** Whether the point of a bit stays in the roof. */
  private boolean blind(Lay lay) {
    return !pierced(lay) && last(lay).isPresent();
  }

  /** The bit that ends in the roof; empty where the wall has none for it. */
  private Optional<Pass> last(Lay lay) {
    return bits(lay).passes().stream()
        .filter(p -> Math.abs(p.depth() - lay.mm(keys.deep)) < SAME)
        .findFirst();
  }

  private Polyline under(Lay lay) {
    List<Point> p = new ArrayList<>();
    Point corner = new Point(roof(lay), seat(lay));
    if (blind(lay)) {
      Pass pass = last(lay).orElseThrow();
      p.addAll(Sweep.end(pass.bit(), roof(lay), 1));
      Collections.reverse(p);
      if (pass.open() > 0) {
        p.add(corner);
      }
    } else {
      p.add(new Point(roof(lay), hole(lay)));
      p.add(corner);
    }
    p.add(new Point(floor(lay), seat(lay)));
    return new Polyline(p);
  }

  private HalfSection into(Lay lay, Pass p) {
    return Sweep.of(p.bit(), end(lay) - Lay.BEYOND, end(lay) + p.depth());
  }

  @Override
  public void check(Built b, Told told) {
    told.bores(bits(b), part, new Point(end(b), 0));
    double top = b.at(this.top);
    if (pierced(b)) {
      BothEnds.shortOfLine(
              "hole for the shaft", b.mm(keys.bored), top - end(b), b.custom(Line.BORE_PAST_FACE))
          .ifPresent(v -> told.found(v, part, new Point(top, 0)));
    }
    double over = top - end(b) - b.mm(keys.deep);
    told.thin(Entry.ROOF_THIN, over, b.custom(roof), part, new Point(top - over, 0));
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    switch (f.verdict().entry()) {
      case SHORT_OF_LINE -> r.more(f.lack(), keys.bored);
      case ROOF_THIN -> r.more(-f.lack(), keys.deep).more(f.lack(), top.stretch());
      case SPIGOT_WALL -> r.more(-2 * f.lack(), keys.seat);
      default -> {}
    }
  }

  @Override
  public List<Boring> boring(Built b) {
    Part p = b.part(part);
    Frame turned = new Frame(b.at(top), true);
    return List.of(
        new Boring(
            part,
            datum(),
            List.of(bits(b)),
            Stations.of(
                p.target().in(turned),
                turned.x(end(b)),
                p.surface(b.mm(keys.deep) > 0 ? UNDER : HOLE).line().in(turned),
                b.shop().depthGauge(),
                b.custom(Line.PAPER_STATION))));
  }

  /** Bored. */
  public void bore(SetupDraft s, Work w) {
    Built b = w.built();
    RecipeSteps.bits(s, part, bits(b), p -> into(b, p), p -> after(w, p));
  }

  /** What is read after a bit; a seat that a tool opens is read then. */
  private Optional<Act.Read> after(Work w, Pass p) {
    boolean opened = bits(w.built()).passes().stream().anyMatch(x -> x.open() > 0);
    return Stream.concat(keys.recess.map(Mouth::depth).stream(), Stream.of(keys.deep, keys.bored))
        .filter(k -> Math.abs(w.built().mm(k) - p.depth()) < SAME)
        .findFirst()
        .filter(k -> !opened || k.equals(keys.bored))
        .map(k -> w.deep(k, counted() + " to the bit's full diameter"));
  }

  /** Opened to size where no bit has it. */
  public void open(SetupDraft s, Work w) {
    Built b = w.built();
    if (RecipeSteps.opens(bits(b))) {
      s.step(
          "open",
          keys.recess.isPresent()
              ? Wording.of("socket.open-recess-and-seat-to")
              : seat(b) > 0 && opens(b, keys.seat)
                  ? "Open the seat to size"
                  : Wording.of("socket.open-the-hole-to-size"),
          Wording.of("socket.there-is-no-bit-of"),
          Speeds.At.TURNING,
          opened(b, w));
    }
  }

  /** Whether no bit has a width, so that a tool opens it. */
  private boolean opens(Built b, DimKey wide) {
    return bits(b).passes().stream()
        .anyMatch(p -> p.open() > 0 && Math.abs(p.wanted() - b.due(wide)) < SAME);
  }

  private List<Act> opened(Built b, Work w) {
    List<String> bared = new ArrayList<>();
    List<Act> read = new ArrayList<>();
    keys.recess.ifPresent(
        m -> {
          bared.addAll(List.of(WALL, STEP));
          read.add(w.deep(m.depth, counted()));
        });
    if (seat(b) > 0 && opens(b, keys.seat)) {
      bared.add(UNDER);
      read.add(w.deep(keys.deep, counted()));
    }
    if (pierced(b) && opens(b, keys.hole)) {
      bared.add(HOLE);
    }
    read.add(0, w.acts().bare(0, part, bared.toArray(String[]::new)));
    return read;
  }

  /** Measured: the tenon is turned to it. */
  public void measure(SetupDraft s, Work w) {
    keys.recess.ifPresent(
        m ->
            s.step(
                "measure",
                "Measure the recess",
                Wording.of("socket.the-bodys-tenon-is-turned"),
                Speeds.At.TURNING,
                w.turned(m.diameter, Wording.of("any.at-the-rim-and-again"))));
  }
}
