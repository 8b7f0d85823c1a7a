package hazelkeep.element;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.bore.Sweep;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Measures;
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
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is bored in a head from the end of its tenon: a seat or a hollow under its cap, and a hole
 * for a shaft through it.
 *
 * @param part it is in
 * @param keys its sizes
 * @param end the end of the tenon
 * @param top the top of the head
 * @param roof the least wood over the seat
 */
public record Socket(String part, Keys keys, Edge end, Edge top, Line roof) implements Element {
  private static final String UNDER = "under";
  private static final String HOLE = "hole";
  private static final String TO = "from the tenon's end";

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  /**
   * Its sizes.
   *
   * @param rules of all of them
   * @param seat how wide the seat is
   * @param deep how deep it is
   * @param hole how wide the hole is; 0 for none
   * @param bored how deep that is bored
   */
  public record Keys(List<SizeRule> rules, DimKey seat, DimKey deep, DimKey hole, DimKey bored) {}

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

  /** The radius of what is open in the end of the tenon, mm. */
  public double opening(Lay lay) {
    return seat(lay) > 0 ? seat(lay) : hole(lay);
  }

  private double roof(Lay lay) {
    return end(lay) + (seat(lay) > 0 ? lay.mm(keys.deep) : 0);
  }

  /** How it is bored. */
  public BoringPlan bits(Lay lay) {
    return lay.once(this, "bits", () -> plan(lay));
  }

  private BoringPlan plan(Lay lay) {
    List<Bore.Step> steps = new ArrayList<>();
    if (seat(lay) > 0) {
      steps.add(new Bore.Step(lay.due(keys.seat), lay.mm(keys.deep)));
    }
    if (pierced(lay)) {
      steps.add(new Bore.Step(lay.due(keys.hole), lay.mm(keys.bored)));
    }
    if (steps.isEmpty()) {
      throw new BadDesign(keys.seat, "Something is bored in the head: a seat, a hollow, a hole.");
    }
    try {
      return BoringPlan.of(new Bore("from its tenon", steps), lay.shop());
    } catch (IllegalArgumentException e) {
      throw new BadDesign(
          keys.seat,
          "The seat in the head is wider than the shaft's hole, "
              + Dims.both(lay.mm(keys.hole))
              + ", and ends inside the head.");
    }
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(keys.seat.path(), Spigot.DIAMETER.path());
    sane.size(keys.deep.path())
        .below(
            lay.at(top) - end(lay),
            "the head's height with its tenon",
            end.stretch().path(),
            top.stretch().path());
  }

  @Override
  public List<DimKey> recorded() {
    return List.of(keys.seat, keys.hole);
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    double hole = hole(lay);
    if (seat(lay) > 0) {
      Polyline under = under(lay);
      HalfSection room = HalfSection.box(end(lay), roof(lay), 0, seat(lay));
      if (blind(lay)) {
        room = HalfSection.closed(under, new Point(end(lay), 0));
      }
      draft.inside(UNDER, Role.MEET, under, room).hollow(room);
    }
    if (hole > 0) {
      double top = lay.at(this.top);
      HalfSection through = HalfSection.box(end(lay), top, 0, hole);
      Polyline line = Polyline.of(top, hole, roof(lay), hole);
      draft.inside(HOLE, Role.MEET, line, through).hollow(through);
    }
  }

  /** Whether the point of a bit stays in the roof. */
  private boolean blind(Lay lay) {
    return !pierced(lay) && !bits(lay).passes().isEmpty();
  }

  private Polyline under(Lay lay) {
    List<Point> p = new ArrayList<>();
    Point corner = new Point(roof(lay), seat(lay));
    if (blind(lay)) {
      Pass pass = bits(lay).passes().get(0);
      p.addAll(Sweep.end(pass.bit(), roof(lay), 1));
      Collections.reverse(p);
      if (pass.open() > 0) {
        p.add(corner);
      }
    } else {
      p.add(new Point(roof(lay), hole(lay)));
      p.add(corner);
    }
    p.add(new Point(end(lay), seat(lay)));
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
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.verdict().entry()) {
      case SHORT_OF_LINE -> r.more(lack, keys.bored.path());
      case ROOF_THIN -> r.more(-lack, keys.deep.path()).more(lack, top.stretch().path());
      case SPIGOT_WALL -> r.more(-2 * lack, keys.seat.path());
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
            "end of its tenon",
            List.of(bits(b)),
            Stations.of(
                p.target().in(turned),
                turned.x(end(b)),
                p.surface(b.mm(keys.deep) > 0 ? UNDER : HOLE).line().in(turned),
                b.shop().depthGauge(),
                b.custom(Line.PAPER_STATION))));
  }

  @Override
  public void measures(Built b, Measures m) {
    m.read(keys.deep.path(), "seat", end(b), 1, part)
        .read(keys.bored.path(), "hole", end(b), 1, part);
  }

  @Override
  public List<Feature> features() {
    SurfaceId under = new SurfaceId(part, UNDER);
    return List.of(new Feature(keys.deep, under, Feature.Kind.SHAPE, keys.deep));
  }

  @Override
  public void onSection(Built b, OnSection s) {
    if (s.has(part, HOLE)) {
      s.across(keys.hole.path(), part, HOLE);
    }
    if (s.has(part, UNDER)) {
      double wide = s.widest(part, UNDER);
      s.is(keys.seat.path(), 2 * wide);
      s.is(keys.deep.path(), s.highAt(part, UNDER, wide) - end(b));
    }
  }

  /** Bored. */
  public void bore(SetupDraft s, Work w) {
    Built b = w.built();
    RecipeSteps.bits(s, part, bits(b), p -> into(b, p), p -> after(w, p));
  }

  /** What is read after a bit; a seat that a tool opens is read then. */
  private Optional<Act.Read> after(Work w, Pass p) {
    boolean opened = bits(w.built()).passes().stream().anyMatch(x -> x.open() > 0);
    return Stream.of(keys.deep, keys.bored)
        .filter(k -> Math.abs(w.built().mm(k) - p.depth()) < SAME)
        .findFirst()
        .filter(k -> !opened || !k.equals(keys.deep))
        .map(k -> w.deep(k, TO + " to the bit's full diameter"));
  }

  /** Opened to size where no bit has it. */
  public void open(SetupDraft s, Work w) {
    Built b = w.built();
    if (RecipeSteps.opens(bits(b))) {
      s.step(
          "open",
          "Open the seat to size",
          "There is no bit of that size: open it to it, and try the part itself.",
          Speeds.At.TURNING,
          b.mm(keys.deep) > 0
              ? List.of(w.acts().bare(0, part, UNDER), w.deep(keys.deep, TO))
              : List.of(w.acts().bare(0, part, HOLE)));
    }
  }
}
