package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Refused;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Stated sizes that can't all hold. What was drawn is read again; a size that differs from what is
 * drawn is told with the stated sizes of which one has to go. The section wins, whatever was stated
 * in whatever order.
 *
 * <p>Example: height 100, body 60 and lid 30 are stated. The section is 90 high; letting go of the
 * height makes it 90, of the body 70, of the lid 40.
 *
 * @param <D> the design record
 */
public final class Contradictions<D extends Design> {
  /** What is drawn agrees with what is said within this, mm: it rounds to what is shown. */
  public static final double AGREES = 0.05;

  /** The same for sizes of a fit, which are shown with two places and felt sooner, mm. */
  public static final double FITS = 0.05;

  public static final DimKey CLEARANCE = new DimKey("joint.clearance");

  private final Kind<D> kind;
  private final D design;
  private final Shop shop;

  /** In a design. */
  public Contradictions(Kind<D> kind, D design, Shop shop) {
    this.kind = kind;
    this.design = design;
    this.shop = shop;
  }

  /** What is told of a design that was drawn. */
  public List<Finding> in(Aim aim) {
    Map<DimKey, Double> off = off(aim);
    if (off.isEmpty()) {
      return List.of();
    }
    Map<DimKey, Map<DimKey, Double>> mends = new LinkedHashMap<>();
    off.keySet().forEach(k -> mends.put(k, new LinkedHashMap<>()));
    for (DimKey stated : design.sizes().keySet()) {
      without(stated)
          .ifPresent(
              then -> {
                Set<DimKey> left = off(then).keySet();
                if (off.keySet().containsAll(left)) {
                  off.keySet().stream()
                      .filter(k -> !left.contains(k))
                      .forEach(k -> mends.get(k).put(stated, then.dims().get(stated).mm()));
                }
              });
    }
    return told(aim, off, mends);
  }

  /** One finding for each set of sizes that would mend something. */
  private List<Finding> told(
      Aim aim, Map<DimKey, Double> off, Map<DimKey, Map<DimKey, Double>> mends) {
    List<Finding> out = new ArrayList<>();
    Set<Set<DimKey>> seen = new LinkedHashSet<>();
    List<DimKey> stated = off.keySet().stream().filter(k -> wished(aim, k)).toList();
    List<DimKey> order = new ArrayList<>(stated);
    off.keySet().stream().filter(k -> !stated.contains(k)).forEach(order::add);
    for (DimKey k : order) {
      Map<DimKey, Double> ways = mends.get(k);
      Set<DimKey> named = ways.isEmpty() ? Sane.roots(aim.dims(), Set.of(k)) : ways.keySet();
      if (seen.add(Set.copyOf(named))) {
        out.add(finding(aim, k, off.get(k), named, ways));
      }
    }
    return out;
  }

  private Finding finding(
      Aim aim, DimKey key, double read, Set<DimKey> named, Map<DimKey, Double> ways) {
    Dim d = aim.dims().get(key);
    List<Remedy> remedies = new ArrayList<>();
    ways.forEach((k, mm) -> remedies.add(new Remedy.LetGo(k, Length.mm(mm))));
    Optional<Measure> place =
        kind.dimensions(design, aim, shop).measures().stream()
            .filter(m -> m.key().equals(key))
            .findFirst();
    boolean unfit = Math.abs(read - d.mm()) <= FITS;
    Verdict v = unfit ? unfit(aim, d) : differs(d, read, stated(aim, named));
    return Finding.of(
            v,
            place.map(Measure::part).orElse(aim.parts().get(0).name()),
            place.map(Measure::to).orElse(null))
        .with(remedies);
  }

  private static String stated(Aim aim, Set<DimKey> named) {
    return named.stream()
        .map(k -> aim.dims().get(k))
        .map(x -> x.label() + " " + Dims.both(x.mm()))
        .collect(Collectors.joining(", "));
  }

  private static Verdict differs(Dim d, double read, String stated) {
    Entry entry = d.fit() ? Entry.SIZES_CONTRADICT_FIT : Entry.SIZES_CONTRADICT;
    return entry.told(Grade.STOP, read, d.mm(), d.label(), stated);
  }

  private Verdict unfit(Aim aim, Dim clearance) {
    Rule<D> rule = clearanceRule().orElseThrow();
    Joint j = aim.closing().orElseThrow();
    boolean tight = clearance.mm() < rule.least();
    return Entry.SIZES_NO_FIT.told(
        Grade.STOP,
        clearance.mm(),
        tight ? rule.least() : rule.most(),
        both(aim, j.spigot()),
        tight ? "does not go into" : "is far from filling",
        both(aim, j.recess()).toLowerCase(Locale.ROOT));
  }

  private static String both(Aim aim, DimKey key) {
    return aim.dims().get(key).label() + " " + Dims.both(aim.mm(key));
  }

  private Optional<Rule<D>> clearanceRule() {
    return kind.rules(design).stream()
        .filter(r -> r.key().equals(CLEARANCE))
        .map(r -> r.within(shop.practice()))
        .findFirst();
  }

  private static boolean wished(Aim aim, DimKey key) {
    return aim.dims().get(key).origin() == Origin.WISHED;
  }

  /** Sizes that differ from what was drawn, each with what was read. */
  public Map<DimKey, Double> off(Aim aim) {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    kind.dimensions(design, aim, shop)
        .onSection()
        .forEach(
            (key, read) -> {
              Dim d = aim.dims().get(key);
              if (d != null && !(Math.abs(d.mm() - read) <= (d.fit() ? FITS : AGREES))) {
                out.put(key, read);
              }
            });
    // Two sizes of a fit of which none goes into the other are no fit at all.
    Dim clearance = aim.dims().get(CLEARANCE);
    if (clearance != null && clearance.origin() == Origin.DERIVED && !fits(clearance.mm())) {
      out.put(CLEARANCE, clearance.mm());
    }
    return out;
  }

  private boolean fits(double clearance) {
    return clearanceRule().filter(r -> clearance < r.least() || clearance > r.most()).isEmpty();
  }

  /** What would be drawn without a stated size; empty when that can't be drawn. */
  private Optional<Aim> without(DimKey stated) {
    try {
      D then = kind.size(design, stated, Optional.empty());
      return Optional.of(
          kind.aim(then, Dims.resolve(then, kind.rules(then), shop, Map.of()), shop));
    } catch (Refused e) {
      return Optional.empty();
    }
  }
}
