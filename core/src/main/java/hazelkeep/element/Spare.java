package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.route.Acts;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
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
  public static Spare facing(String end, String label, double most, Line usual) {
    DimKey key = new DimKey("stick.face-" + end);
    return new Spare(new SizeRule(key, label, 0, most, by(usual)), "facing");
  }

  /** As much as the turner goes by. */
  public static Function<Dims<?>, Rule.Value> by(Line usual) {
    return d -> Rule.Value.practice(d.custom(usual), usual.text().source());
  }

  /** What is left between the piece and what holds it. */
  public static Spare waste(String end, Function<Dims<?>, Rule.Value> by) {
    DimKey key = new DimKey("stick.waste-" + end);
    return new Spare(new SizeRule(key, "Waste at the " + end, 0, 60, by), "waste");
  }

  /** Room for the parting tool between the foot and the jaws. */
  public static Rule.Value parting(Dims<?> d) {
    return parting(d, Line.STOCK_WASTE_FOOT, Line.STOCK_WASTE_ROOM);
  }

  /**
   * The same by other customs.
   *
   * @param least how long it is at least
   * @param room over the width of the tool
   */
  public static Rule.Value parting(Dims<?> d, Line least, Line room) {
    return Rule.Value.shop(
        Math.max(d.custom(least), Tenons.parting(d) + d.custom(room)),
        Wording.of("spare.room-for-the-parting-tool"));
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
                    Wording.of("any.wider-than-its-tool-so"))),
        "kerf");
  }

  /**
   * One member parted off another through it.
   *
   * @param held what stays in the jaws
   * @param called what is caught, in the trade's words
   */
  public Work.Task part(String held, String caught, String called) {
    return (s, w) -> {
      Built b = w.built();
      double from = b.at(Edge.from(key()));
      s.step(
          "part",
          "Part the " + called + " off",
          Wording.of("spare.cut-wider-than-the-tool"),
          Speeds.At.PARTING,
          Acts.part(held, caught, HalfSection.box(from, from + b.mm(key()), 0, b.far())));
    };
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
