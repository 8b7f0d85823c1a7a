package hazelkeep.setout;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;

/**
 * The numbers of a set-out step with the devices that show them, and how near is near enough.
 *
 * @param shop whose devices
 * @param practice how near
 */
public record Figures(Shop shop, Practice practice) {
  /** What a rule and pencil show. */
  private static final Gauge RULE = new Gauge("rule", 0);

  /** A card cut to the round. */
  private static final Gauge CARD = new Gauge("card", 0);

  /** What stops a cut of the hand. */
  public Figure of(HandCut h) {
    Station at = h.places().isEmpty() ? new Station(h.mm(), h.mm()) : h.places().get(0);
    return switch (h.stop()) {
      case CALIPERS, INSIDE -> across(h.of().orElseThrow(), new Station(at.from(), h.mm()));
      case CARD -> radius(h.of().orElseThrow());
      case DEPTH ->
          new Figure(
              Figure.Kind.DEPTH, h.mm(), shop.depthGauge(), practice.of(Line.READ_PLACE), false);
      case TAKEN_OFF, PLACE, MEETS ->
          new Figure(Figure.Kind.PLACE, h.mm(), RULE, practice.of(Line.READ_PLACE), false);
    };
  }

  /** How long a part is sawn or pared. */
  public Figure length(Finished f) {
    return new Figure(Figure.Kind.PLACE, f.length(), RULE, practice.of(Line.READ_PLACE), false);
  }

  /** How high a hole is marked. */
  public Figure height(Drilled d) {
    return new Figure(Figure.Kind.PLACE, d.height(), RULE, practice.of(Line.READ_PLACE), false);
  }

  /** What comes off the end. */
  public Figure takenOff(SetOut setOut) {
    return new Figure(
        Figure.Kind.TAKE_OFF, setOut.takenOff(), RULE, practice.of(Line.READ_PLACE), false);
  }

  /** How wide one end of a cut is. */
  public Figure across(Cut cut, Station at) {
    boolean fine = cut.fine();
    Line within = fine ? Line.READ_FIT : cut.rough() ? Line.READ_ROUGH : Line.READ_TURNED;
    return new Figure(
        cut.inside() ? Figure.Kind.INSIDE : Figure.Kind.OUTSIDE,
        at.across(),
        shop.caliper(),
        practice.of(within),
        fine);
  }

  /** Where one end of a cut is. */
  public Figure place(Cut cut, Station at) {
    return new Figure(
        cut.sunk() ? Figure.Kind.DEPTH : Figure.Kind.PLACE,
        at.from(),
        cut.sunk() ? shop.depthGauge() : RULE,
        practice.of(cut.rough() ? Line.READ_ROUGH : Line.READ_PLACE),
        false);
  }

  /** The radius of a round. */
  public Figure radius(Cut cut) {
    return new Figure(
        Figure.Kind.RADIUS,
        Math.abs(cut.radius()),
        CARD,
        // A small round is none any more where all of it may be off.
        Math.min(
            practice.of(cut.rough() ? Line.READ_ROUGH : Line.READ_TURNED),
            Math.abs(cut.radius()) / ROUND),
        false);
  }

  /** Of a radius, what it may be off at most is its quarter. */
  private static final double ROUND = 4;
}
