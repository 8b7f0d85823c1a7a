package hazelkeep.element;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The sizes of a knob or finial that is a piece of its own, with a round tenon: what is seen of it,
 * its tenon and the hole for that, and the offcut that it is turned from.
 *
 * @param added where it was put
 * @param label its name
 * @param tall how tall it usually is
 * @param broad how wide it usually is
 */
record FinialSizes(Added added, String label, Line tall, Line broad) {
  DimKey height() {
    return added.size("height");
  }

  DimKey wide() {
    return added.size("wide");
  }

  /** How wide its foot is. */
  DimKey foot() {
    return added.size("foot");
  }

  DimKey hole() {
    return added.size("hole");
  }

  DimKey tenon() {
    return added.size("tenon");
  }

  /** How far its tenon goes in. */
  DimKey deep() {
    return added.size("deep");
  }

  DimKey along() {
    return added.size("blank-long");
  }

  DimKey across() {
    return added.size("blank-across");
  }

  List<SizeRule> rules() {
    return List.of(
        new SizeRule(
            height(),
            "Height of " + label,
            3,
            300,
            d -> practice(d.custom(tall), tall.text().source())),
        new SizeRule(
            wide(),
            "Width of " + label,
            3,
            150,
            d -> practice(d.custom(broad), broad.text().source())),
        new SizeRule(
            foot(),
            "Foot of " + label,
            2,
            150,
            d ->
                practice(
                    Math.max(
                        d.custom(Line.FINIAL_BASE) * d.mm(wide()),
                        d.mm(hole()) + 2 * d.custom(Line.FINIAL_SHOULDER)),
                    "covers its hole")),
        new SizeRule(hole(), "Hole of " + label, 2, 60, this::bored).fine(),
        new SizeRule(
                tenon(),
                "Tenon of " + label,
                1,
                60,
                d ->
                    derived(
                        d.mm(hole()) - FitClass.GLUED.centre(d.mm(hole()), d.shop().practice()),
                        Wording.of("finialSizes.its-hole-less-room-for")))
            .fine(),
        new SizeRule(
            deep(),
            "Tenon's length of " + label,
            1,
            80,
            d ->
                practice(d.custom(Line.FINIAL_TENON_LONG), Line.FINIAL_TENON_LONG.text().source())),
        new SizeRule(
            along(),
            "Offcut's length of " + label,
            10,
            500,
            d -> derived(need(d), Wording.of("finialSizes.all-that-comes-out-of"))),
        new SizeRule(
            across(),
            "Offcut's width of " + label,
            5,
            200,
            d ->
                derived(
                    round(d) + 2 * d.custom(Line.STOCK_CENTRING),
                    Wording.of("finialSizes.room-to-round-it-and"))));
  }

  /** As wide as the bit that is nearest to what is usual. */
  private Rule.Value bored(Dims<?> d) {
    double usual = d.custom(Line.FINIAL_TENON);
    return d.shop().bits().stream()
        .filter(b -> b.diameter() <= 2 * usual)
        .min(Comparator.comparingDouble(b -> Math.abs(b.diameter() - usual)))
        .map(b -> shop(b.diameter(), "the " + b.name()))
        .orElseGet(() -> practice(usual, Line.FINIAL_TENON.text().source()));
  }

  /** The bit for a hole; empty where it is opened with a tool. */
  static Optional<Bit> bit(Shop shop, double hole) {
    return shop.bits().stream()
        .filter(b -> Math.abs(b.diameter() - hole) < SAME)
        .max(Comparator.comparingDouble(Bit::reach));
  }

  /** What differs by less is one size, mm. */
  private static final double SAME = 0.01;

  /** What has to come out of the offcut's length, mm. */
  private double need(Dims<?> d) {
    double sure = d.mm(across()) - 2 * d.custom(Line.STOCK_CENTRING);
    return new FinialStock(d.shop(), widest(d), sure).low()
        + d.mm(deep())
        + d.mm(height())
        + d.custom(Line.FINIAL_FACE);
  }

  private double widest(Dims<?> d) {
    return Math.max(d.mm(wide()), d.mm(foot()));
  }

  /** How thick it has to be once it is rounded, for a tenon. */
  private double round(Dims<?> d) {
    return FinialStock.stout(d.shop(), widest(d)).round();
  }
}
