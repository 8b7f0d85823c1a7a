package hazelkeep.kinds.lid;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The sizes of a lid for a vessel.
 *
 * @param d what is stated
 */
record LidSizes(FittedLid d) {
  static final DimKey WHOLE = new DimKey("outside.height");
  static final DimKey HEIGHT = new DimKey("lid.height");
  static final DimKey EDGE = new DimKey("outside.diameter");
  static final DimKey TOP = new DimKey("outside.top");
  static final DimKey DOME = new DimKey("lid.dome");
  static final DimKey INSIDE = new DimKey("hollow.diameter");
  static final DimKey DEEP = new DimKey("hollow.depth");
  static final DimKey SEAT = new DimKey("seat.hollow");

  List<SizeRule> joint() {
    return List.of(
        new SizeRule(
            Spigot.LENGTH,
            "Length of the lip",
            1,
            80,
            x -> practice(x.custom(Line.LID_LIP), Line.LID_LIP.text().source())),
        new SizeRule(
                Spigot.CLEARANCE,
                "Clearance in the mouth",
                -0.1,
                4,
                x -> new Pair<>(x, Vessel.MOUTH, Spigot.DIAMETER).clearance(d.fit(), Vessel.MOUTH))
            .fine()
            .difference(Vessel.MOUTH, Spigot.DIAMETER),
        new SizeRule(
                Spigot.DIAMETER,
                "Lip, across",
                8,
                400,
                x ->
                    derived(
                        x.mm(Vessel.MOUTH) - x.mm(Spigot.CLEARANCE),
                        "the mouth less the clearance"))
            .fine(),
        new SizeRule(
            SEAT,
            "Seat, hollow by",
            0,
            10,
            x -> practice(x.custom(Line.LID_SEAT), Line.LID_SEAT.text().source())));
  }

  List<SizeRule> side() {
    return List.of(
        new SizeRule(
            HEIGHT,
            "Height over the rim",
            4,
            200,
            x ->
                practice(x.custom(Line.LID_HIGH) * x.planned(EDGE), Line.LID_HIGH.text().source())),
        new SizeRule(EDGE, "Edge, where it sits", 12, 450, LidSizes::edge),
        new SizeRule(TOP, "Edge, where the dome begins", 6, 450, LidSizes::carriedOn));
  }

  private static Rule.Value edge(Dims<?> x) {
    return practice(
        x.mm(Vessel.RIM) + 2 * x.custom(Line.LID_OVERHANG),
        Wording.of("lidSizes.the-rim-and-what-stands"));
  }

  /**
   * The lid carries the vessel's side on: its edge widens or narrows as that does, by twice the
   * lean for each mm of edge, so that a vessel that draws in by 1 in 10 gets an edge that does.
   */
  static double carriedOn(ToDoubleFunction<DimKey> mm) {
    double lean =
        Vessel.leans(
            mm.applyAsDouble(Vessel.RIM),
            mm.applyAsDouble(Vessel.BELOW),
            mm.applyAsDouble(Vessel.BELOW_AT));
    return mm.applyAsDouble(EDGE) + 2 * lean * (mm.applyAsDouble(HEIGHT) - mm.applyAsDouble(DOME));
  }

  private static Rule.Value carriedOn(Dims<?> x) {
    return derived(
        carriedOn((DimKey k) -> k.equals(EDGE) ? x.planned(k) : x.mm(k)),
        Wording.of("lidSizes.it-carries-the-vessels-side"));
  }

  SizeRule dome() {
    return new SizeRule(
        DOME,
        "Dome",
        0.3,
        199,
        x ->
            practice(
                Math.max(1, x.mm(HEIGHT) - x.custom(Line.LID_EDGE)),
                Wording.of("lidSizes.what-the-edge-leaves-of")));
  }

  SizeRule whole() {
    return new SizeRule(
        WHOLE,
        "Height with its lip",
        5,
        300,
        x -> derived(x.mm(HEIGHT) + x.mm(Spigot.LENGTH), "lid and lip"));
  }

  SizeRule inside() {
    return new SizeRule(
        INSIDE,
        "Hollow, across",
        4,
        390,
        x ->
            practice(
                x.planned(Spigot.DIAMETER) - 2 * x.custom(Line.LID_LIP_WALL), "the lip's wall"));
  }

  SizeRule depth() {
    return new SizeRule(
        DEEP,
        "Hollow, in the middle",
        1,
        250,
        x ->
            practice(
                x.planned(HEIGHT) + x.planned(Spigot.LENGTH) - x.custom(Line.LID_ROOF),
                "what the roof leaves"));
  }
}
