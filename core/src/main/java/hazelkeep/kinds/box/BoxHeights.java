package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;
import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.Spigot;
import hazelkeep.kinds.box.LiddedBox.Content;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How wide and how high a box becomes: by what goes in, by the blank at hand, or by custom. */
final class BoxHeights {
  /** A height is found within so many tries. */
  private static final int TRIES = 30;

  /** And grows by this much at least, mm. */
  private static final double GROWS = 0.05;

  private static final double LOWEST = 20;
  private static final double HIGHEST = 600;
  private static final double ML = 1000;

  private final LiddedBox design;
  private final List<DimKey> consumed;

  /**
   * @param consumed all of the stick but body, spigot and lid
   */
  BoxHeights(LiddedBox design, List<DimKey> consumed) {
    this.design = design;
    this.consumed = consumed;
  }

  /** The diameter of what goes in, mm. */
  Optional<Double> holds() {
    return design.content().flatMap(Content::diameter).map(Size::mm);
  }

  private Optional<Double> ml() {
    return design.content().flatMap(Content::ml);
  }

  /** Walls and joint round an inside, mm a side. */
  private static double round(Dims<?> d, Line share, double of) {
    double wish = d.custom(share) * of;
    return Math.max(d.custom(Line.BOX_ROUND_LEAST), Math.min(d.custom(Line.BOX_ROUND_MOST), wish));
  }

  Rule.Value diameter(Dims<?> d) {
    if (design.form() == Form.FREE) {
      return derived(2 * BoxLine.widest(design.points()), "the outline's widest point");
    }
    if (holds().isPresent()) {
      double in = holds().get() + 2 * d.custom(Line.CONTENT_BOX);
      double walls = round(d, Line.BOX_ROUND, in) + BoxSizes.takes(d, design);
      return derived(in + 2 * walls, Wording.of("boxHeights.what-goes-in-plus-walls"));
    }
    Optional<Size> across = design.blank().flatMap(Blank::across);
    if (across.isPresent()) {
      double sure = Blank.sure(design.blank(), across.get().mm(), d.mm(StockRules.OFF));
      return derived(
          sure - d.custom(Line.BOX_BLANK_LEFT),
          Wording.of("boxHeights.largest-round-that-the-blank"));
    }
    if (ml().isPresent()) {
      double in = Math.cbrt(4 * ml().get() * ML / (d.custom(Line.BOX_ML_TALL) * Math.PI));
      double walls = round(d, Line.BOX_ROUND_ML, in) + BoxSizes.takes(d, design);
      return derived(in + 2 * walls, Wording.of("boxHeights.the-volume-wanted-a-little"));
    }
    return practice(d.custom(Line.BOX_DIAMETER), Wording.of("boxHeights.a-small-box-that-most"));
  }

  Rule.Value height(Dims<?> d) {
    boolean body = d.stated(BODY_HEIGHT).isPresent();
    if (body && d.stated(LID_HEIGHT).isPresent()) {
      return derived(d.mm(BODY_HEIGHT) + d.mm(LID_HEIGHT), "body and lid");
    }
    if (body) {
      return derived(d.mm(BODY_HEIGHT) / (1 - design.share().part()), "the body's share");
    }
    Optional<Double> tall = design.content().flatMap(Content::height).map(Size::mm);
    if (tall.isPresent()) {
      return derived(holding(d, tall.get()), Wording.of("boxHeights.what-goes-in-plus-floor"));
    }
    if (ml().isPresent()) {
      return derived(volume(d, ml().get()), "the volume wanted");
    }
    Optional<Size> length = design.blank().flatMap(Blank::length);
    if (length.isPresent()) {
      double left = length.get().mm() - spigot(d) - consumed.stream().mapToDouble(d::mm).sum();
      return derived(Math.max(LOWEST, left), Wording.of("boxHeights.the-largest-that-the-blank"));
    }
    return practice(
        d.custom(Line.BOX_HIGH) * d.mm(WIDEST), Wording.of("boxHeights.half-again-as-tall-as"));
  }

  /** The joint's length without asking for it: it may follow from the height, mm. */
  private static double spigot(Dims<?> d) {
    return d.stated(Spigot.LENGTH)
        .map(Size::mm)
        .orElseGet(
            () ->
                BoxSizes.ofDiameter(
                    d, Line.BOX_SPIGOT, Line.BOX_SPIGOT_LEAST, Line.BOX_SPIGOT_MOST));
  }

  private double volume(Dims<?> d, double ml) {
    double wide = d.mm(WIDEST);
    double in = wide - 2 * round(d, Line.BOX_ROUND_DEEP, wide);
    double deep = ml * ML / (Math.PI / 4 * in * in) * d.custom(Line.BOX_ML_SPARE);
    double spigot =
        design.school() == School.LID_OVER
            ? BoxSizes.ofDiameter(d, Line.BOX_SPIGOT, Line.BOX_SPIGOT_LEAST, Line.BOX_SPIGOT_MOST)
            : 0;
    double floor =
        BoxSizes.ofDiameter(d, Line.BOX_FLOOR, Line.BOX_FLOOR_LEAST, Line.BOX_FLOOR_MOST);
    return (deep - spigot + floor) / (1 - design.share().part());
  }

  /**
   * The least height whose closed room takes a content, with a hair of air: the height is tried
   * through all the rules, and grown by what is lacking until nothing is.
   */
  private double holding(Dims<?> d, double tall) {
    double radius = holds().orElse(1.0) / 2;
    double wanted = tall + d.custom(Line.CONTENT_BOX);
    double height = Math.max(LOWEST, tall);
    for (int i = 0; i < TRIES; i++) {
      double room = room(d, Math.min(HIGHEST, height), radius);
      if (room >= wanted) {
        return height;
      }
      height += Math.max(GROWS, wanted - room);
    }
    return height;
  }

  private double room(Dims<?> d, double height, double radius) {
    LiddedBox tried = ((LiddedBox) d.design()).with(HEIGHT.path(), height);
    try {
      Map<DimKey, Dim> dims =
          Dims.resolve(tried, LiddedBoxKind.BOX.rules(tried), d.shop(), Map.of());
      return new BoxRoom(tried, k -> dims.get(k).mm(), d.shop().practice()).closed(radius);
    } catch (BadDesign e) {
      // Too low to be drawn at all.
      return 0;
    }
  }
}
