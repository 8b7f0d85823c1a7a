package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import java.util.List;
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
   * The rule of a length of the blank, where there are two: they count as they lie once both are
   * sawn to length, the kerf between them, which no parting tool goes into.
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
        d -> counted(r, d),
        r.read(),
        r.name());
  }

  private static <D extends Design> Rule.Value counted(Rule<D> r, Dims<D> d) {
    if (r.key().equals(StockRules.LENGTH)) {
      return Rule.Value.derived(d.mm(StockRules.NEED), Wording.of("otherBlank.as-sawn"));
    }
    Rule.Value v = r.by().apply(d);
    String why =
        r.key().equals(StockRules.KERF)
            ? Wording.of("otherBlank.what-a-saw-takes-where")
            : Wording.of("otherBlank.with-the-kerf-between-the", v.reason());
    return new Rule.Value(v.mm(), v.origin(), why);
  }

  /**
   * How long each of two blanks has to be: what lies on either side of the kerf.
   *
   * @param stretches what both are made of, from the foot end
   */
  static <D extends Design> List<Rule<D>> needs(List<DimKey> stretches) {
    int kerf = stretches.indexOf(StockRules.KERF);
    return kerf < 0
        ? List.of()
        : List.of(
            need(StockRules.NEED_LOW, "lower", stretches.subList(0, kerf)),
            need(StockRules.NEED_HIGH, "upper", stretches.subList(kerf + 1, stretches.size())));
  }

  private static <D extends Design> Rule<D> need(DimKey key, String half, List<DimKey> of) {
    return new Rule<>(
        key,
        "Length needed of the " + half + " blank",
        10,
        900,
        false,
        d ->
            Rule.Value.derived(
                of.stream().mapToDouble(d::mm).sum(),
                Wording.of("stockRules.the-piece-and-all-that")));
  }
}
