package hazelkeep.kinds.cased;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.StepPair;
import hazelkeep.bore.Sweep;
import hazelkeep.element.PairSizes;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.kinds.cased.Cased.Content;
import hazelkeep.kinds.cased.Cased.Form;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The customs of a bored case and a little house: the bits on the wall say how slim it can be. */
final class CasedSizes extends PairSizes {
  /** Any bit reaches so deep, mm. */
  private static final double SHORT = 10;

  /** No bore is planned shallower, mm. */
  private static final double SHALLOWEST = 5;

  private final Cased design;

  CasedSizes(Cased design) {
    super(
        new Stock(
            design.blank(),
            List.of(JOIN, EAVES),
            Stock.Round.leaving(Line.TURN_CASE_SPARE),
            Wording.of("casedSizes.a-shorter-content-or-a"),
            List.of(DEPTH, LID_DEPTH),
            Line.WALL_CASE),
        design.fit(),
        design.closes());
    this.design = design;
  }

  private Line either(Line house, Line other) {
    return design.house() ? house : other;
  }

  @Override
  protected Line spigot() {
    return either(Line.HOUSE_SPIGOT, Line.CASE_SPIGOT);
  }

  @Override
  protected Line spigotWall() {
    return either(Line.WALL_HOUSE_SPIGOT, Line.BORE_STEP_SPIGOT);
  }

  @Override
  protected Line wall() {
    return either(Line.HOUSE_WALL, Line.CASE_WALL);
  }

  /** The pair of bits for what goes in; deep enough for both, in case the halves share it anew. */
  private Optional<StepPair> bits(Dims<?> d) {
    if (wide().isPresent()) {
      return bits(d, wide().get() + 2 * d.custom(Line.CONTENT_CASE));
    }
    double usual = d.custom(either(Line.HOUSE_HOLDS, Line.CASE_HOLDS));
    double outside = d.stated(JOIN).map(Size::mm).orElse(stock().gives(d));
    double most = outside - 2 * d.custom(wall());
    return bits(d, usual)
        .filter(p -> p.large().diameter() <= most)
        .or(
            () ->
                d.shop().bits().stream()
                    .map(Bit::diameter)
                    .filter(b -> b < usual)
                    .sorted(Comparator.reverseOrder())
                    .flatMap(b -> bits(d, b).stream())
                    .filter(p -> p.large().diameter() <= most)
                    .findFirst())
        .or(() -> bits(d, usual));
  }

  private Optional<StepPair> bits(Dims<?> d, double holds) {
    double tall = tall().orElse(d.custom(Line.CASE_TALL));
    double inLid = d.custom(Line.CASE_LID_SHARE);
    double wall = d.custom(spigotWall());
    return StepPair.slimmest(d.shop(), holds, (1 - inLid) * tall, inLid * tall, wall);
  }

  @Override
  protected Rule.Value bore(Dims<?> d) {
    Optional<StepPair> bits = bits(d);
    if (bits.isPresent()) {
      return shop(bits.get().small().diameter(), Wording.of("casedSizes.the-smaller-of-two-bits"));
    }
    return wide()
        .map(
            s ->
                derived(
                    s + 2 * d.custom(Line.CONTENT_CASE),
                    Wording.of("casedSizes.what-goes-in-and-play")))
        .orElseGet(
            () -> practice(d.custom(Line.CASE_HOLDS), Wording.of("casedSizes.no-two-bits-on-the")));
  }

  @Override
  protected Rule.Value lidDepth(Dims<?> d) {
    double spigot = d.mm(Spigot.LENGTH);
    if (design.house()) {
      return practice(
          spigot + d.custom(Line.HOUSE_LID_AIR), Wording.of("casedSizes.takes-the-spigot-with-a"));
    }
    return tall()
        .map(
            s ->
                derived(
                    spigot + d.custom(Line.CASE_LID_SHARE) * s,
                    Wording.of("casedSizes.the-spigot-and-a-quarter")))
        .orElseGet(() -> super.lidDepth(d));
  }

  @Override
  protected Rule.Value depth(Dims<?> d) {
    if (tall().isEmpty()) {
      return practice(d.custom(either(Line.HOUSE_DEPTH, Line.CASE_TALL)), "a good hand's width");
    }
    boolean bundle = design.content().get().bundle();
    double wide = wide().orElse(d.planned(BORE) - 2 * d.custom(Line.CONTENT_CASE));
    // A single piece stands in one point at most, and only as far as it is thinner.
    double points =
        bundle
            ? 0
            : Math.max(
                sinks(d.shop(), d.planned(BORE), wide), sinks(d.shop(), d.planned(RECESS), wide));
    double lid = d.mm(LID_DEPTH) - d.mm(Spigot.LENGTH);
    return derived(
        Math.max(SHALLOWEST, tall().get() + d.custom(Line.CONTENT_CASE_AIR) - lid - points),
        bundle
            ? Wording.of("casedSizes.what-goes-in-less-what")
            : Wording.of("casedSizes.what-goes-in-less-what-the"));
  }

  /** How far a piece stands in the point of the bit that would bore a diameter, mm. */
  private static double sinks(Shop shop, double bore, double piece) {
    return BoringPlan.of(Bore.plain("bore", bore, SHORT), shop).passes().stream()
        .mapToDouble(p -> Sweep.sinks(p.bit(), piece))
        .findFirst()
        .orElse(0);
  }

  @Override
  protected Rule.Value foot(Dims<?> d) {
    return design.form() == Form.SPINDLE
        ? practice(
            Math.max(
                d.custom(Line.CASE_FOOT) * d.mm(JOIN),
                d.planned(BORE) + 2 * d.custom(Line.WALL_CASE)),
            Wording.of("casedSizes.drawn-in-with-a-wall"))
        : super.foot(d);
  }

  @Override
  protected Rule.Value eaves(Dims<?> d) {
    return design.house()
        ? practice(
            d.mm(JOIN) + 2 * d.custom(Line.HOUSE_EAVES),
            Wording.of("casedSizes.the-roof-stands-over-its"))
        : super.eaves(d);
  }

  @Override
  protected Rule.Value top(Dims<?> d) {
    return switch (design.form()) {
      case HOUSE ->
          practice(
              Math.max(d.custom(Line.HOUSE_RIDGE_LEAST), d.custom(Line.HOUSE_RIDGE) * d.mm(EAVES)),
              Wording.of("casedSizes.a-ridge-that-takes-an"));
      case SPINDLE ->
          practice(
              Math.max(
                  d.custom(Line.CASE_TOP) * d.mm(EAVES),
                  d.planned(RECESS) + 2 * d.custom(Line.WALL_CASE)),
              Wording.of("casedSizes.drawn-in-with-a-wall"));
      case CASE -> super.top(d);
    };
  }

  @Override
  protected Rule.Value end(Dims<?> d) {
    if (!design.house()) {
      return super.end(d);
    }
    double least = d.custom(Line.WALL_CASE_END) + d.custom(Line.HOUSE_END_ROOM);
    double high = d.custom(Line.HOUSE_ROOF) * d.mm(EAVES) - d.planned(LID_DEPTH);
    return derived(Math.max(least, high), "a roof that sheds rain");
  }

  @Override
  protected Rule.Value rounding(Dims<?> d) {
    return design.house()
        ? practice(d.custom(Line.HOUSE_DOME), Wording.of("casedSizes.a-ridge-with-its-edge"))
        : super.rounding(d);
  }

  private Optional<Double> wide() {
    return design.content().flatMap(Content::diameter).map(Size::mm);
  }

  private Optional<Double> tall() {
    return design.content().flatMap(Content::height).map(Size::mm);
  }
}
