package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Stub;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** A knob or finial that is a piece of its own: from an offcut, let into a top by a round tenon. */
final class Finial extends AddedElement {
  /** Before the name of its shape in piece files. */
  private static final String OWN = "own-";

  private final KnobShape shape;
  private final FinialSizes sizes;

  Finial(Added added, KnobShape shape) {
    super(added, shape.own());
    this.shape = shape;
    boolean tall = shape == KnobShape.SPIRE || shape == KnobShape.FINIAL;
    this.sizes =
        new FinialSizes(
            added,
            label(),
            tall ? Line.FINIAL_TALL : Line.DETAIL_KNOB_TALL,
            tall ? Line.FINIAL_WIDE : Line.DETAIL_KNOB_WIDE);
  }

  /** Its name in piece files: {@code own-ball}. */
  static String key(KnobShape shape) {
    return OWN + shape.key();
  }

  /** The shape that a name in a piece file says. */
  static Optional<KnobShape> named(String key) {
    return key.startsWith(OWN) ? KnobShape.named(key.substring(OWN.length())) : Optional.empty();
  }

  /** What its part is called: the first of a sort goes by its word. */
  private String part() {
    return added.no() == 1 ? word() : label();
  }

  @Override
  public List<SizeRule> sizes() {
    return sizes.rules();
  }

  @Override
  public Set<DimKey> stands() {
    return Set.of(sizes.wide(), sizes.height(), sizes.deep());
  }

  @Override
  public OptionalDouble roomiest(DimKey size, Form form, Sizes s) {
    if (size.equals(sizes.wide())) {
      double covers = s.mm(sizes.hole()) + 2 * s.practice(Line.FINIAL_SHOULDER);
      return form.room(s.practice(Line.DETAIL_KNOB_ROOM), covers);
    }
    if (size.equals(sizes.height())) {
      // As stiff as the usual one: a bar's stiffness goes with d^4 / l^3.
      double slim = s.mm(sizes.wide()) / s.practice(sizes.broad());
      return OptionalDouble.of(s.practice(sizes.tall()) * Math.pow(slim, 4.0 / 3));
    }
    double floor = s.practice(Line.FINIAL_GLUE_ROOM) + s.practice(Line.FINIAL_FLOOR);
    return OptionalDouble.of(Math.max(1, form.sinks(s.mm(sizes.hole()), floor)));
  }

  @Override
  public void shape(Form form, Sizes s) {
    FinialPart.hole(form, sizes, s, bit(form, s)).ifPresent(h -> form.sink(added.id(), h));
  }

  /** The bit that bores its hole: none where its point would leave too little wood under it. */
  private Optional<Bit> bit(Form form, Sizes s) {
    double thick = form.top().map(t -> form.under(s.mm(sizes.hole()) / 2)).orElse(0.0);
    double deep =
        s.mm(sizes.deep()) + s.practice(Line.FINIAL_GLUE_ROOM) + s.practice(Line.FINIAL_FLOOR);
    return FinialSizes.bit(s.shop(), s.due(sizes.hole()))
        .filter(b -> deep + b.tip() <= thick + SAME);
  }

  private FinialPart drawn(Form.Sunk sunk, Sizes s) {
    return new FinialPart(part(), sizes, shape, s, sunk);
  }

  @Override
  public boolean wooded() {
    return true;
  }

  @Override
  public Optional<Own> own(Form form, Sizes s, Design design) {
    return form.sunk(added.id()).map(sunk -> drawn(sunk, s).own(form.plain(), s.shop(), design));
  }

  @Override
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    Form.Sunk sunk = form.sunk(added.id()).orElseThrow();
    Optional<Bit> bit = bit(form, Sizes.of(aim.dims(), shop));
    double within = shop.custom(Line.READ_FIT);
    List<Act> acts =
        List.of(
            new Act.Remove(added.part(), sunk.hole(), Set.of(sunk.wall().id()), List.of()),
            Acts.read(sizes.hole(), shop.caliper().name(), "at its mouth", within, within));
    return List.of(
        new Step(
            step(setup),
            "Bore the hole for the " + part(),
            bit.map(b -> "A dimple starts the bit; " + TO_DEPTH)
                .orElse(Wording.of("finial.with-a-small-scraper-parallel", TO_DEPTH)),
            bit.isPresent() ? Speeds.At.BORING : Speeds.At.TURNING,
            acts,
            bit));
  }

  private static final String TO_DEPTH = Wording.of("finial.to-its-depth-and-no");

  @Override
  public List<Setup> setups(Form form, Aim aim, Shop shop, Acts acts) {
    FinialPart p = drawn(form.sunk(added.id()).orElseThrow(), Sizes.of(aim.dims(), shop));
    return new FinialWork(p, part(), aim, shop).setups(acts);
  }

  @Override
  public List<Step> last(String setup, Aim aim) {
    return List.of(
        new Step(
            new StepKey(step(setup).path() + " glue"),
            "Glue the " + part() + " in",
            Wording.of("finial.glue-in-the-hole-and"),
            Speeds.At.TURNING,
            List.of(new Act.Mark(added.part(), part() + " glued in"))));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    Optional<Form.Top> top = form.top();
    if (top.isEmpty()) {
      told.found(Entry.KNOB_NO_TOP.told(Grade.STOP, label(), added.part()), added.part(), null);
      return;
    }
    Point at = new Point(top.get().z(), 0);
    double cover = cover(form, aim);
    told.thin(
        Entry.FINIAL_SEAM, cover, aim.custom(Line.FINIAL_SHOULDER), added.part(), at, label());
    Optional<Form.Sunk> sunk = form.sunk(added.id());
    if (sunk.isEmpty()) {
      if (cover > 0) {
        told.found(notThere(form, top.get(), aim), added.part(), at);
      }
      return;
    }
    under(form, sunk.get(), aim, told);
    offcut(aim, told);
  }

  /**
   * How far its foot reaches over its hole, a side, mm: as drawn, or as stated where it was not.
   */
  private double cover(Form form, Aim aim) {
    return form.sunk(added.id())
        .map(
            sunk ->
                aim.part(part()).surface(FinialPart.BASE).line().last().r() - sunk.hole().maxR())
        .orElseGet(() -> (aim.mm(sizes.foot()) - aim.mm(sizes.hole())) / 2);
  }

  private hazelkeep.finding.Verdict notThere(Form form, Form.Top top, Aim aim) {
    return form.isTopTaken()
        ? Entry.KNOB_SECOND.told(Grade.STOP, label(), added.part())
        : Entry.KNOB_WIDE.told(
            Grade.STOP,
            Math.max(aim.mm(sizes.wide()), aim.mm(sizes.foot())),
            2 * top.radius(),
            label());
  }

  /** What is left under the hole's point. */
  private void under(Form form, Form.Sunk sunk, Aim aim, Told told) {
    double thick = form.under(sunk.hole().maxR());
    double deep = sunk.mouth() - sunk.wall().line().last().z();
    Point at = new Point(sunk.hole().minZ(), 0);
    if (deep >= thick) {
      told.found(
          Entry.FINIAL_THROUGH.told(Grade.STOP, deep, thick, label(), added.part()),
          added.part(),
          at);
      return;
    }
    told.thin(
        Entry.FINIAL_FLOOR, thick - deep, aim.custom(Line.FINIAL_FLOOR), added.part(), at, label());
  }

  private void offcut(Aim aim, Told told) {
    Body blank = aim.own(part()).orElseThrow();
    double need = aim.part(part()).target().maxZ() - blank.sound().minZ();
    double length = blank.sound().maxZ() - blank.sound().minZ();
    need += aim.custom(Line.FINIAL_FACE);
    if (length < need - SAME) {
      told.found(Entry.FINIAL_SHORT.told(Grade.STOP, length, need, label()), part(), null);
    }
    double sure = 2 * (blank.sound().maxR() - aim.custom(Line.STOCK_CENTRING));
    double widest = Math.max(aim.mm(sizes.wide()), aim.mm(sizes.foot()));
    Stub held = aim.part(part()).stubs().get(0);
    double wide =
        held.name().equals(FinialStock.CYLINDER)
            ? FinialStock.slim(widest, aim.practice())
            : FinialStock.round(widest, 2 * held.region().maxR(), aim.practice());
    if (sure < wide - SAME) {
      told.found(Entry.FINIAL_THIN.told(Grade.STOP, sure, wide, label()), part(), null);
    }
  }

  /** Lengths that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.verdict().entry()) {
      case FINIAL_THROUGH -> shallower(finding.lack() - aim.custom(Line.FINIAL_FLOOR), aim, tries);
      case FINIAL_FLOOR -> shallower(-finding.lack(), aim, tries);
      case FINIAL_SEAM -> tries.more(2 * finding.lack(), sizes.foot());
      case FINIAL_SHORT ->
          tries.more(-finding.lack(), sizes.height()).more(finding.lack(), sizes.along());
      case FINIAL_THIN ->
          tries.more(-finding.lack(), sizes.wide()).more(finding.lack(), sizes.across());
      case KNOB_WIDE -> tries.set(sizes.wide(), 0.8 * finding.verdict().limit());
      default -> {}
    }
  }

  /** A tenon that goes in less deep, to the tenth of a millimetre. */
  private void shallower(double by, Aim aim, Tries tries) {
    tries.set(sizes.deep(), Math.floor(10 * (aim.mm(sizes.deep()) + by)) / 10);
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    SurfaceId hole = new SurfaceId(added.part(), label() + " hole");
    SurfaceId tenon = new SurfaceId(part(), FinialPart.TENON);
    Dimension bored = d.size(sizes.hole(), hole).corrects(Feature.Kind.SHAPE);
    Dimension peg = d.size(sizes.tenon(), tenon).corrects(Feature.Kind.OUTER);
    form.sunk(added.id())
        .ifPresent(
            sunk -> {
              Part own = aim.part(part());
              Point foot = own.surface(FinialPart.BASE).line().last();
              double tip = own.target().maxZ();
              d.size(sizes.height(), part())
                  .reads(s -> tip - foot.z())
                  .length(part(), foot.z(), tip)
                  .atBench();
              d.size(sizes.foot(), part())
                  .reads(s -> 2 * foot.r())
                  .outside("foot", foot.z())
                  .atBench();
              peg.first().outside("tenon", own.target().minZ()).atBench();
              bored.reads(s -> 2 * sunk.hole().maxR()).inside("hole", sunk.mouth()).atBench();
              d.size(sizes.deep(), added.part()).deep("tenon", sunk.mouth(), -1);
            });
  }
}
