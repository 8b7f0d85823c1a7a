package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import java.util.List;
import java.util.Optional;

/**
 * A blank of its own for the upper half of a piece of two. Both lie along the axis as they would in
 * one blank, the kerf between them: so sizes, joint and drawing stay what they are. What changes is
 * how the work begins ({@link Opening}), and the wood of the upper half.
 */
final class OwnBlank extends AddedElement {

  OwnBlank(Added added) {
    super(added, "blank of its own");
  }

  @Override
  public String label() {
    return word();
  }

  @Override
  public String where() {
    return word() + " for the " + added.part();
  }

  @Override
  public boolean wooded() {
    return true;
  }

  @Override
  public boolean ofBlank() {
    return true;
  }

  private DimKey low() {
    return added.size("low");
  }

  private DimKey high() {
    return added.size("high");
  }

  private DimKey across() {
    return added.size("thick");
  }

  /** Both blanks as they are at hand; what of a long one is too much, is sawn off. */
  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(
            low(), "Length of the lower blank", 10, 900, d -> atHand(d, StockRules.NEED_LOW)),
        new SizeRule(
            high(),
            "Length of the " + added.part() + "'s blank",
            10,
            900,
            d -> Rule.Value.derived(needed(d, StockRules.NEED_HIGH), AS_NEEDED)),
        new SizeRule(
            across(),
            "The " + added.part() + "'s blank, across",
            8,
            450,
            d -> Rule.Value.derived(d.mm(StockRules.ACROSS), Wording.of("ownBlank.as-thick-as"))));
  }

  private static final String AS_NEEDED = "as long as it needs";

  private static Rule.Value atHand(Dims<?> d, DimKey need) {
    return d.design()
        .blank()
        .flatMap(Blank::length)
        .map(s -> Rule.Value.derived(s.mm(), "the blank at hand"))
        .orElseGet(() -> Rule.Value.derived(needed(d, need), AS_NEEDED));
  }

  /** On a piece that has no two halves nothing is needed of either. */
  private static double needed(Dims<?> d, DimKey need) {
    return d.knows(need) ? d.mm(need) : d.mm(StockRules.NEED);
  }

  /**
   * Both blanks as they lie, one body until they are sawn.
   *
   * @param one the stock as if all of it were of the lower blank
   * @param first the lower blank as it was stated
   * @param off how far beside the axis its middle is drawn, mm
   */
  static Body both(Lay lay, Added added, Body one, Optional<Blank> first, double off) {
    OwnBlank own = new OwnBlank(added);
    boolean square = added.square().orElse(first.map(Blank::square).orElse(false));
    Optional<Blank> sawn = Optional.of(new Blank(Optional.empty(), Optional.empty(), square));
    Blank.Lying at = new Blank.Lying(lay.length(), lay.mm(own.across()), off);
    Body two = Blank.body(sawn, at, one.wood(), 0);
    Span kerf = new Span(lay.at(Edge.from(StockRules.KERF)), lay.at(Edge.to(StockRules.KERF)));
    return one.become(
        one.name(),
        laid(lay, added, one.sound(), two.sound(), kerf),
        laid(lay, added, one.swept(), two.swept(), kerf));
  }

  /**
   * The stock as it lies before both are sawn: where one is short, its wood is missing at the
   * kerf's end of the lower one, at the outer end of the upper one.
   *
   * @param lower the stock as if all of it were of the lower one's section
   * @param upper the same of the upper one's
   * @param kerf where the saw goes
   */
  private static HalfSection laid(
      Lay lay, Added added, HalfSection lower, HalfSection upper, Span kerf) {
    OwnBlank own = new OwnBlank(added);
    double low = Math.min(lay.mm(own.low()), kerf.from());
    double high = Math.min(lay.mm(own.high()), lay.mm(StockRules.NEED_HIGH));
    HalfSection both = HalfSection.box(0, low, 0, HalfSection.FAR).and(lower);
    return both.plus(HalfSection.box(kerf.from(), kerf.to() + high, 0, HalfSection.FAR).and(upper));
  }

  /** The upper of two halves that are parted from one another. */
  private boolean parts(Aim aim) {
    List<Part> all = aim.offBlank();
    return aim.dims().containsKey(StockRules.KERF)
        && all.get(all.size() - 1).name().equals(added.part());
  }

  /**
   * Its wood begins midway between what is drawn of the one half and of the other; where none was
   * said it is the piece's, whatever was glued into the lower half.
   */
  @Override
  public Optional<Layer> layer(Form form, Sizes s, Aim bare) {
    if (!parts(bare)) {
      return Optional.empty();
    }
    Part upper = bare.part(added.part());
    double high = upper.target().minZ();
    for (Stub stub : upper.stubs()) {
      high = Math.min(high, stub.region().minZ());
    }
    double low = 0;
    for (Part p : bare.offBlank()) {
      if (p != upper) {
        low = Math.max(low, p.target().maxZ());
        for (Stub stub : p.stubs()) {
          low = Math.max(low, stub.region().maxZ());
        }
      }
    }
    Species wood =
        added.wood().map(w -> Seam.wood(w, s.shop())).orElseGet(() -> bare.blank().wood());
    return Optional.of(new Layer((low + high) / 2, wood));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    if (!parts(aim)) {
      told.found(Entry.BLANK_NOT_HERE.told(Grade.STOP, added.part()), added.part(), null);
      return;
    }
    String lower = aim.offBlank().get(0).name();
    shortOf(aim, low(), StockRules.NEED_LOW, lower, told);
    shortOf(aim, high(), StockRules.NEED_HIGH, added.part(), told);
    double gives = Blank.sure(Optional.empty(), aim.mm(across()), aim.off());
    double wide = 2 * aim.part(added.part()).target().maxR();
    if (gives < wide - SAME) {
      told.found(Entry.BLANK_THIN.told(Grade.STOP, gives, wide), added.part(), null);
    }
  }

  private static void shortOf(Aim aim, DimKey has, DimKey need, String part, Told told) {
    if (aim.mm(has) < aim.mm(need) - SAME) {
      String helps = Wording.of("ownBlank.a-longer-blank-or", part);
      told.found(Entry.BLANK_SHORT.told(Grade.STOP, aim.mm(has), aim.mm(need), helps), part, null);
    }
  }

  private static final double SAME = 1e-6;

  @Override
  public void remedies(Finding f, Form form, Aim aim, Tries tries) {
    double limit = f.verdict().limit();
    if (f.verdict().entry() == Entry.BLANK_SHORT) {
      tries.set(f.part().equals(added.part()) ? high() : low(), Math.ceil(2 * limit) / 2);
    }
    if (f.verdict().entry() == Entry.BLANK_THIN) {
      tries.set(across(), Math.ceil(2 * (limit + 2 * aim.off())) / 2);
    }
  }
}
