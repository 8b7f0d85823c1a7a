package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Design;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import java.util.Map;

/** What was added may ask for more wood, or for two blanks: rules of the blank say so then. */
final class OtherBlank {
  /** The waste that something on the top is turned from. */
  private static final DimKey WASTE = new DimKey("stick.waste-top");

  private static final Map<DimKey, String> LONG =
      Map.of(
          StockRules.LENGTH,
          Wording.of("otherBlank.length-of-both-blanks-end"),
          StockRules.NEED,
          "Length needed of both blanks",
          StockRules.KERF,
          "Between the two blanks");

  private OtherBlank() {}

  /**
   * The rule of the waste over the top, with room for what is turned there.
   *
   * @param by how tall that is
   * @return any other rule as it is
   */
  static <D extends Design> Rule<D> longer(Rule<D> r, DimKey by) {
    if (!r.key().equals(WASTE)) {
      return r;
    }
    return new Rule<>(
        r.key(),
        r.label(),
        r.least(),
        r.most() + r.most(),
        r.fit(),
        d -> {
          Rule.Value v = r.by().apply(d);
          return new Rule.Value(
              v.mm() + d.mm(by),
              v.origin(),
              Wording.of("otherBlank.and-what-is-turned-on", v.reason()));
        },
        r.read(),
        r.name());
  }

  /**
   * The rule of a length of the blank, where there are two: they count as they lie, the kerf
   * between them, which no parting tool goes into.
   *
   * @return any other rule as it is
   */
  static <D extends Design> Rule<D> both(Rule<D> r) {
    if (!LONG.containsKey(r.key())) {
      return r;
    }
    return new Rule<>(
        r.key(),
        LONG.get(r.key()),
        r.least(),
        r.most(),
        r.fit(),
        d -> {
          Rule.Value v = r.by().apply(d);
          String why =
              r.key().equals(StockRules.KERF)
                  ? Wording.of("otherBlank.what-a-saw-takes-where")
                  : Wording.of("otherBlank.with-the-kerf-between-the", v.reason());
          return new Rule.Value(v.mm(), v.origin(), why);
        },
        r.read(),
        r.name());
  }
}
