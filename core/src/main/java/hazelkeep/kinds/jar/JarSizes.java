package hazelkeep.kinds.jar;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.BoredPair;
import hazelkeep.element.PairSizes;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.List;

/** The customs of a jar: its mouth comes first, the neck and the lid round it, then the belly. */
final class JarSizes extends PairSizes {
  private static final DimKey BELLY = new DimKey("outside.belly");
  private static final DimKey BELLY_AT = new DimKey("outside.belly-at");
  private static final DimKey WALL = new DimKey("hollow.wall");

  private final Jar design;

  JarSizes(Jar design) {
    super(
        new Stock(
            design.blank(),
            List.of(BELLY, JOIN),
            Stock.Round.leaving(Line.TURN_VESSEL_SPARE),
            Wording.of("jarSizes.a-lower-jar-or-a"),
            List.of(DEPTH, LID_DEPTH),
            Line.WALL_VESSEL),
        design.fit(),
        design.closes());
    this.design = design;
  }

  BoredPair.Swell swell() {
    return new BoredPair.Swell(
        BELLY,
        BELLY_AT,
        WALL,
        List.of(
            new SizeRule(BELLY, "Belly", 10, 400, this::belly),
            new SizeRule(BELLY_AT, "Belly, over the foot", 2, 500, this::bellyAt),
            new SizeRule(WALL, "Wall of the hollow", 1, 60, d -> usual(d, Line.JAR_WALL))));
  }

  private static Rule.Value usual(Dims<?> d, Line line) {
    return practice(d.custom(line), line.text().source());
  }

  private Rule.Value belly(Dims<?> d) {
    double want = d.custom(Line.JAR_BELLY) * d.mm(JOIN);
    double gives = stock().gives(d);
    return gives < want
        ? derived(gives, "what the blank gives")
        : practice(want, Line.JAR_BELLY.text().source());
  }

  private Rule.Value bellyAt(Dims<?> d) {
    Line share =
        switch (design.form()) {
          case ROUND -> Line.JAR_ROUND_AT;
          case PEAR -> Line.JAR_PEAR_AT;
          case SHOULDERED -> Line.JAR_SHOULDER_AT;
        };
    return practice(d.custom(share) * d.planned(BODY_HEIGHT), share.text().source());
  }

  @Override
  protected String floorSaid() {
    return "Floor";
  }

  @Override
  protected String depthSaid() {
    return Wording.of("jarSizes.depth-inside-from-the-necks");
  }

  /** It is hollowed past the bit's point. */
  @Override
  protected double tip(Dims<?> d) {
    return 0;
  }

  @Override
  protected Line spigot() {
    return Line.JAR_NECK;
  }

  @Override
  protected Line spigotWall() {
    return Line.JAR_NECK_WALL;
  }

  @Override
  protected Line wall() {
    return Line.JAR_LID_WALL;
  }

  @Override
  protected Rule.Value bore(Dims<?> d) {
    return usual(d, Line.JAR_MOUTH);
  }

  @Override
  protected Rule.Value depth(Dims<?> d) {
    return usual(d, Line.JAR_DEPTH);
  }

  @Override
  protected Rule.Value lidDepth(Dims<?> d) {
    return practice(
        d.mm(Spigot.LENGTH) + d.custom(Line.JAR_LID_AIR),
        Wording.of("jarSizes.takes-the-neck-with-a"));
  }

  @Override
  protected Rule.Value foot(Dims<?> d) {
    return practice(d.custom(Line.JAR_FOOT) * d.mm(BELLY), Line.JAR_FOOT.text().source());
  }

  @Override
  protected Rule.Value rounding(Dims<?> d) {
    return practice(d.custom(Line.JAR_DOME) * d.mm(TOP), Line.JAR_DOME.text().source());
  }

  @Override
  protected Rule.Value end(Dims<?> d) {
    return usual(d, Line.JAR_ROOF);
  }
}
