package hazelkeep.piece;

import static hazelkeep.measure.Rounding.down;
import static hazelkeep.measure.Rounding.up;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Ways out of a finding that are worth trying, those that a turner would take first. Stock, tenons
 * and the stick are the same for every kind; a kind adds what it knows of its shape.
 *
 * <p>A way keeps the wish: what was bought and what must go in is not changed, no size becomes more
 * than some times what it is ({@link Line#ADVICE_FACTOR}) or less than its share, and a size that
 * was stated, or the line of the outside, gives way only after what was not.
 */
final class WaysOut {
  private final Sketch<?> sketch;
  private final Aim aim;
  private final Shop shop;
  private final Set<DimKey> bought;

  /** Other stock is no other piece: it may be as large as it has to be. */
  private final Set<DimKey> stock;

  WaysOut(Sketch<?> sketch) {
    this.sketch = sketch;
    this.aim = sketch.aim();
    this.shop = sketch.shop();
    this.stock = StickPiece.stock(sketch.stick());
    this.bought =
        sketch.fittings().stream()
            .filter(f -> !f.wood())
            .flatMap(f -> f.sizes().stream())
            .collect(Collectors.toSet());
  }

  /** Those for a finding, with what the kind adds. */
  List<Remedy> of(Finding f, List<Remedy> kinds) {
    List<Remedy> out = new ArrayList<>(common(f));
    out.addAll(kinds);
    return out.stream()
        .distinct()
        .filter(this::sensible)
        .sorted(Comparator.comparingInt(this::cost))
        .toList();
  }

  private List<Remedy> common(Finding f) {
    Tries tries = new Tries(aim);
    double limit = f.verdict().limit();
    switch (f.code()) {
      case "blank-short", "tenon-gone", "wood-missing" -> {
        longer(tries);
        larger(tries, aim.across());
      }
      case "part-gone" -> larger(tries, aim.across());
      case "blank-thin" -> {
        tries.set(StockRules.ACROSS, up(limit + 2 * aim.off()));
        larger(tries, limit);
      }
      case "dimple" -> fuller(f, tries);
      case "tail-twists" -> lighter(f, tries);
      case "no-room-at-foot" -> tries.set(at(WASTE, "foot"), up(limit));
      case "no-room-at-top" -> tries.set(at(WASTE, "top"), up(limit));
      case "foot-rocks" -> tries.set(FOOT_HOLLOW, 1);
      case "kerf-binds" -> tries.set(StockRules.KERF, up(limit));
      case "kerf-narrow" -> tries.set(StockRules.KERF, up(shop.custom(Line.STOCK_KERF) * limit));
      case "tenon-long" -> tenonEnds(f).forEach(end -> tries.set(at(TENON, end), down(limit)));
      case "tenon-range", "shoulder-unseated", "lever" ->
          tenonEnds(f).forEach(end -> tenons(end, tries));
      default -> {}
    }
    return tries.done();
  }

  /** More wood at the end that a centre's point goes into. */
  private void fuller(Finding f, Tries tries) {
    boolean top = f.part().equals(aim.offBlank().get(aim.offBlank().size() - 1).name());
    double more = up(f.verdict().found() + shop.custom(Line.STOCK_DIMPLE_WOOD));
    for (String what : List.of(WASTE, "stick.face-")) {
      DimKey key = at(what, top && has(at(what, "top")) ? "top" : "foot");
      if (has(key)) {
        tries.set(key, aim.mm(key) + more);
      }
    }
    longer(tries);
  }

  private void longer(Tries tries) {
    double need = up(aim.mm(StockRules.NEED));
    if (need > aim.mm(StockRules.LENGTH)) {
      tries.set(StockRules.LENGTH, need);
    }
  }

  /** A blank short both ways helps only when it is had longer and thicker at once. */
  private void larger(Tries tries, double diameter) {
    double need = up(aim.mm(StockRules.NEED));
    double thick = up(diameter + 2 * aim.off());
    if (need > aim.mm(StockRules.LENGTH) && thick > aim.mm(StockRules.ACROSS)) {
      tries.together(StockRules.LENGTH, need, StockRules.ACROSS, thick);
    }
  }

  /** Ends with a tenon, that of the finding's part first. */
  private List<String> tenonEnds(Finding f) {
    boolean top = f.part().equals(aim.offBlank().get(aim.offBlank().size() - 1).name());
    return (top ? List.of("top", "foot") : List.of("foot", "top"))
        .stream().filter(end -> has(across(end))).toList();
  }

  /** Tenons for each set of jaws, the largest that leaves a shoulder first. */
  private void tenons(String end, Tries tries) {
    double length = aim.mm(at(TENON, end));
    shop.tenonJaws().stream()
        .sorted(Comparator.comparingDouble(JawSet::trueCircle).reversed())
        .map(j -> j.trueCircle() + shop.custom(Line.HOLD_TENON_OVER_CIRCLE) + j.flare(length))
        .filter(d -> d < aim.mm(StockRules.ROUND) - 2 * shop.custom(Line.HOLD_SHOULDER))
        .forEach(d -> tries.set(across(end), down(d)));
  }

  /** A lighter tail centre, where the wall has one. */
  private void lighter(Finding f, Tries tries) {
    shop.centre(Centre.Form.LIGHT)
        .ifPresent(c -> f.at().ifPresent(step -> tries.tail(step.setup(), c.name())));
  }

  private boolean has(DimKey key) {
    return aim.dims().containsKey(key);
  }

  private static final DimKey FOOT_HOLLOW = new DimKey("foot.hollow");
  private static final String WASTE = "stick.waste-";
  private static final String TENON = "stick.tenon-";

  /** A size of the stick at an end. */
  private static DimKey at(String what, String end) {
    return new DimKey(what + end);
  }

  /** The diameter of an end's tenon. */
  private static DimKey across(String end) {
    return new DimKey("tenon-" + end + ".diameter");
  }

  /** Whether a change keeps the wish. */
  boolean sensible(Remedy r) {
    if (r instanceof Remedy.Together t) {
      return t.all().stream().allMatch(this::sensible);
    }
    if (!(r instanceof Remedy.SetDim set)) {
      return true;
    }
    Dim d = aim.dims().get(set.key());
    if (d == null || bought.contains(set.key())) {
      return false;
    }
    double share = set.to().mm() / d.mm();
    boolean little = Math.abs(set.to().mm() - d.mm()) <= shop.custom(Line.ADVICE_LITTLE);
    // Where something is put is no size: it may go anywhere.
    boolean place =
        sketch.design().elements().stream().anyMatch(a -> a.size("height").equals(set.key()));
    double most = shop.custom(Line.ADVICE_FACTOR);
    // What may be nothing can be left out: a hollow under a foot.
    return d.mm() <= 0
        || set.to().mm() == 0
        || place
        || stock.contains(set.key())
        || little
        || share <= most && share >= 1 / most;
  }

  private int cost(Remedy r) {
    if (r instanceof Remedy.Together t) {
      return t.all().stream().mapToInt(this::cost).max().orElse(0);
    }
    if (r instanceof Remedy.SetDim set) {
      return aim.dims().get(set.key()).origin() == Origin.WISHED ? 1 : 0;
    }
    boolean shapes =
        r instanceof Remedy.Choose c
            && sketch.choices().stream()
                .anyMatch(x -> x.name().equals(c.choice()) && !x.shows().isEmpty());
    return shapes ? 2 : 0;
  }
}
