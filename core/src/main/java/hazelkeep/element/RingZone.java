package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Where captive rings are cut round a stem: how many, how large, how far apart.
 *
 * @param count how many are wished
 * @param how how the tool gets under them
 * @param spare a block for one more, in case one breaks
 * @param room what they find room on
 */
public record RingZone(int count, RingTool.How how, Spare spare, Room room) implements Element {
  /** A block for one ring more, at the low end of the zone. */
  public enum Spare {
    /** There is none. */
    NONE,
    /** It is slotted like the rings and goes with the stem when it was not needed. */
    KEPT,
    /** One has broken: it is freed in its stead. */
    FREED;

    /** What a file says; files from before there was a choice know none. */
    public static Spare or(Spare said) {
      return said == null ? NONE : said;
    }
  }

  private static final int MOST = 9;

  /**
   * Looks at how many are wished.
   *
   * @throws Refused when a stem can't carry so many
   */
  public static void wished(int rings) {
    if (rings < 0 || rings > MOST) {
      throw new Refused(Wording.of("ringZone.a-stem-carries-0-to", MOST));
    }
  }

  /** Their outside. */
  public static final DimKey OUT = new DimKey("ring.outside");

  /** Their inside at the ridge. */
  public static final DimKey IN = new DimKey("ring.inside");

  /** Their width along the axis. */
  public static final DimKey WIDE = new DimKey("ring.width");

  /** The slot between two of them. */
  public static final DimKey SLOT = new DimKey("ring.slot");

  /** By what their outer edges are rounded. */
  public static final DimKey EDGE = new DimKey("ring.edge");

  /** Where the middle of all of them lies, over the low end of the stem. */
  public static final DimKey AT = new DimKey("ring.at");

  /**
   * What rings find room on.
   *
   * @param on the stem that they go round
   * @param along the size that the stem is long
   * @param low from where the middle of the first may lie, in the blank's z
   * @param high up to where the middle of the last may lie
   * @param stem the diameters of the stem
   * @param keeps the diameters that keep them captive, one at each end
   */
  public record Room(
      SurfaceId on, DimKey along, Limit low, Limit high, List<DimKey> stem, Keeps keeps) {}

  /** How near to what stands beside a zone a ring may lie. */
  @FunctionalInterface
  public interface Limit {
    /** In the blank's z. */
    double of(Lay lay, RingCut cut);
  }

  /**
   * What keeps rings captive.
   *
   * @param low the diameter at the low end
   * @param high the diameter at the high end
   */
  public record Keeps(DimKey low, DimKey high) {}

  /** A size where there are rings, and nothing else. */
  private Rule.Value usual(double mm, String why) {
    return count > 0 ? Rule.Value.practice(mm, why) : Rule.Value.derived(mm, "no rings");
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(
            OUT,
            "Rings, outside",
            8,
            250,
            d -> usual(d.custom(Line.RING_OUT), Wording.of("ringZone.they-slide-and-what-is"))),
        new SizeRule(
            IN,
            "Rings, inside at the ridge",
            4,
            240,
            d ->
                usual(
                    d.mm(OUT) - 2 * d.custom(Line.RING_HIGH),
                    Wording.of("ringZone.as-thick-as-they-are"))),
        new SizeRule(
            WIDE,
            "Width of a ring",
            1,
            40,
            d -> usual(d.custom(Line.RING_WIDE), "all of one section")),
        new SizeRule(SLOT, "Slot between rings", 1, 60, this::slot),
        new SizeRule(
            EDGE,
            Wording.of("ringZone.outer-edges-of-a-ring"),
            0,
            20,
            d ->
                usual(
                    d.custom(Line.RING_EDGE), Wording.of("ringZone.sanding-breaks-them-half-the"))),
        new SizeRule(AT, Wording.of("ringZone.middle-of-the-rings-over"), 0, 400, this::middle));
  }

  private Rule.Value slot(Dims<?> d) {
    return how == RingTool.How.HOOKED
        ? usual(tool(d.shop()).slot(d.mm(WIDE)), "the hook goes in flat")
        : usual(d.custom(Line.RING_SLOT), Wording.of("ringZone.the-parting-tool-leans-in"));
  }

  private RingTool tool(Shop shop) {
    double parts = shop.thinnestParting().map(t -> t.width()).orElse(shop.custom(Line.RING_TOOL));
    return new RingTool(
        how,
        how == RingTool.How.HOOKED ? shop.custom(Line.RING_HOOK) : parts,
        shop.custom(Line.RING_PLAY),
        shop.custom(Line.RING_PAST));
  }

  /** Between the low end, over which the tool leans in, and the high one; no reading moves it. */
  private Rule.Value middle(Dims<?> d) {
    double stem = d.planned(room.along);
    double low = cut(d.shop(), d::planned).clear(d.planned(ROUNDED) / 2);
    double high = stem - d.planned(WIDE) / 2;
    boolean free = low >= 0 && low < high;
    return usual(free ? (low + high) / 2 : Math.max(0, stem / 2), "between the two ends");
  }

  private static final DimKey ROUNDED = new DimKey("blank.round");

  /** The choice of how they are cut free; none where there are no rings. */
  public static List<Choice> choice(int count, RingTool.How how, Spare spare) {
    return count == 0
        ? List.of()
        : List.of(
            Choice.of(
                "ringTool",
                "What frees the rings",
                List.of(
                    new Choice.Option(
                        "STRAIGHT",
                        "A leaning parting tool",
                        Wording.of("ringZone.leaves-a-ridge-inside-to")),
                    new Choice.Option(
                        "HOOKED",
                        "A hook",
                        Wording.of("ringZone.leaves-them-square-inside-wants"))),
                how,
                SLOT,
                IN),
            Choice.of(
                "spare",
                Wording.of("ringZone.a-block-for-a-spare"),
                List.of(
                    new Choice.Option("NONE", "None", Wording.of("ringZone.all-of-the-stems-room")),
                    new Choice.Option(
                        "KEPT", "Kept", Wording.of("ringZone.stays-until-the-stem-is")),
                    new Choice.Option(
                        "FREED", "Freed", Wording.of("ringZone.a-ring-has-broken-this"))),
                spare));
  }

  /** Whether there are rings. */
  public boolean any() {
    return count > 0;
  }

  /** How each of them is cut. */
  public RingCut cut(Lay lay) {
    return cut(lay.shop(), lay::mm);
  }

  private RingCut cut(Shop shop, ToDoubleFunction<DimKey> mm) {
    return new RingCut(
        mm.applyAsDouble(OUT) / 2,
        mm.applyAsDouble(IN) / 2,
        mm.applyAsDouble(WIDE),
        mm.applyAsDouble(SLOT),
        mm.applyAsDouble(EDGE),
        tool(shop));
  }

  /** The rings themselves; what a spare became is the last of them. */
  public List<Ring> rings() {
    int freed = any() && spare == Spare.FREED ? count + 1 : count;
    return IntStream.range(0, freed).mapToObj(i -> new Ring(i, this)).toList();
  }

  /** How many places there are: for the rings, and for a spare at the low end. */
  int places() {
    return spare == Spare.NONE ? count : count + 1;
  }

  /** Where the middle of a ring is, in the blank's z. */
  double middle(Lay lay, int ring) {
    int place = spare == Spare.NONE ? ring : ring < count ? ring + 1 : 0;
    return middles(lay).get(place);
  }

  /**
   * The slot under a spare that is kept: its block stands free like a ring's; empty without one.
   */
  HalfSection spared(Lay lay) {
    if (spare != Spare.KEPT) {
      return HalfSection.EMPTY;
    }
    RingCut c = cut(lay);
    double low = middles(lay).get(0) - c.width() / 2;
    return HalfSection.box(low - c.slot(), low, c.lowest(), lay.far());
  }

  /** Between where the middle of the first and of the last ring may lie, in the blank's z. */
  double[] zone(Lay lay) {
    RingCut c = cut(lay);
    return new double[] {room.low.of(lay, c), room.high.of(lay, c)};
  }

  /** The middles of all places from the low one up, in the blank's z. */
  public List<Double> middles(Lay lay) {
    double pitch = lay.mm(WIDE) + lay.mm(SLOT);
    double first = lay.at(Edge.from(room.along)) + lay.mm(AT) - (places() - 1) / 2.0 * pitch;
    return IntStream.range(0, places()).mapToObj(i -> first + i * pitch).toList();
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    if (any()) {
      sane.below(IN, OUT);
      RingCut c = cut(lay);
      double least = c.tool().slot(c.width());
      boolean leans = c.tool().hooked() || c.lean() > 0;
      if (!leans || lay.mm(SLOT) < least - SAME) {
        throw new BadDesign(
            SLOT, Wording.of("ringZone.the-slot-between-rings-takes", Dims.both(least)));
      }
      sane.size(EDGE).below(c.roundest() + SAME, Wording.of("ringZone.half-the-width-and-the"));
    }
  }

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  @Override
  public void check(Built b, Told told) {
    if (any()) {
      new RingJudge(this, b).check(told);
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (any()) {
      new RingJudge(this, b).remedies(f, r);
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    if (!any()) {
      return;
    }
    SurfaceId first = Ring.on(0, Ring.OUTSIDE);
    double half = cut(b).width() / 2;
    double z = middle(b, 0);
    d.size(OUT, first).widest().outside("⌀ rings", z).corrects(Feature.Kind.SKINS).recorded();
    d.size(IN, first).reads(s -> 2 * s.narrowest(Ring.on(0, Ring.UNDER_LOW))).recorded();
    d.size(WIDE, first).along().length("ring", z - half, z + half).atBench().recorded();
    d.size(EDGE, first).reads(s -> s.widest(first) - s.narrowest(first));
    if (count > 1) {
      d.size(SLOT, first).reads(s -> s.low(Ring.on(1, Ring.OUTSIDE)) - s.high(first));
    }
    double low = b.at(Edge.from(room.along));
    Point at = new Point(low + b.mm(AT), b.mm(OUT) / 2);
    Handle handle = new Handle(AT.path(), "where the rings are", at, true, false);
    d.size(AT, room.on.part())
        .reads(s -> among(b, s) - low)
        .length("rings", low, low + b.mm(AT))
        .atBench()
        .grip(() -> Grip.of(AT, handle, to -> to.z() - low));
  }

  /** The middle of all of them with what is spared under them, as they were drawn. */
  private double among(Built b, OnSection s) {
    double below = spare == Spare.NONE ? 0 : b.mm(WIDE) + b.mm(SLOT);
    double low = s.low(Ring.on(0, Ring.OUTSIDE)) - below;
    return (low + s.high(Ring.on(count - 1, Ring.OUTSIDE))) / 2;
  }

  /**
   * The rings, each a body of its own once it is free.
   *
   * @param on a station of what they go round: they lie where it lies
   */
  public List<Member> members(Edge on) {
    List<Member> out = new ArrayList<>();
    for (Ring ring : rings()) {
      out.add(
          new Member(
              ring.name(),
              List.of(ring),
              List.of(
                  Line.RING_LEAST,
                  Line.RING_LEAST,
                  Line.RING_LEAST,
                  Line.RING_LEAST,
                  Line.RING_LEAST),
              Optional.empty(),
              on,
              Optional.of(on)));
    }
    return out;
  }
}
