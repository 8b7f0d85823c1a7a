package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.function.Function;

/**
 * Wood along the blank that is cut away: facing, waste, a kerf.
 *
 * @param rule how long it is
 * @param word what it is
 */
public record Spare(SizeRule rule, String word) implements Element {
  /** What is faced off to true an end. */
  public static Spare facing(
      String end, String label, double most, Function<Dims<?>, Rule.Value> by) {
    return new Spare(new SizeRule(new DimKey("stick.face-" + end), label, 0, most, by), "facing");
  }

  /** What is left between the piece and what holds it. */
  public static Spare waste(String end, Function<Dims<?>, Rule.Value> by) {
    DimKey key = new DimKey("stick.waste-" + end);
    return new Spare(new SizeRule(key, "Waste at the " + end, 0, 60, by), "waste");
  }

  /** Room for the parting tool between the foot and the jaws. */
  public static Rule.Value parting(Dims<?> d) {
    return Rule.Value.shop(
        Math.max(
            d.custom(Line.STOCK_WASTE_FOOT), Tenons.parting(d) + d.custom(Line.STOCK_WASTE_ROOM)),
        "room for the parting tool between foot and jaws");
  }

  /** The kerf that parts one member off another. */
  public static Spare kerf() {
    return new Spare(
        new SizeRule(
            new DimKey("stick.kerf"),
            "Kerf",
            0,
            30,
            d ->
                Rule.Value.shop(
                    d.custom(Line.STOCK_KERF) * Tenons.parting(d),
                    "wider than its tool, so that it does not bind")),
        "kerf");
  }

  /** The size that it is. */
  public DimKey key() {
    return rule.key();
  }

  /** Its stretch of the stick. */
  public Stretch stretch() {
    return Stretch.spent(rule.key(), word);
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(rule);
  }
}
