package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Quantity;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.solid.NoOutline;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * The one resolver of dimensions: a valid reading, else the turner's own size, else the rule.
 * Nobody else chooses between wished and made. A rule that asks for another dimension gets it
 * resolved; asking in a circle is an error of the kind's author.
 *
 * @param <D> the design
 */
public final class Dims<D extends Design> {
  private final D design;
  private final Shop shop;
  private final Map<DimKey, Rule<D>> rules = new LinkedHashMap<>();
  private final Map<DimKey, Double> readings;
  private final Map<DimKey, Double> gave;
  private final Map<DimKey, Dim> done = new TreeMap<>();
  private final Deque<Set<DimKey>> asking = new ArrayDeque<>();
  private final Set<DimKey> open = new LinkedHashSet<>();
  private Dims<D> before;

  private Dims(Asked<D> asked, Map<DimKey, Double> readings) {
    this.design = asked.design;
    this.shop = asked.shop;
    this.readings = readings;
    this.gave = asked.gave;
    asked.rules.forEach(r -> this.rules.put(r.key(), r.within(shop.practice())));
  }

  /**
   * What is resolved.
   *
   * @param design with the sizes that were stated
   * @param rules of all its dimensions
   * @param shop that rules may ask
   * @param gave customs that give way to what was stated, mm: they count as if they were stated
   */
  public record Asked<D extends Design>(
      D design, List<Rule<D>> rules, Shop shop, Map<DimKey, Double> gave) {}

  /**
   * Resolves every dimension of a design.
   *
   * @param readings valid readings, true lengths in mm
   * @throws BadDesign when a stated size is unknown or out of its bounds
   */
  public static <D extends Design> Map<DimKey, Dim> resolve(
      D design, List<Rule<D>> rules, Shop shop, Map<DimKey, Double> readings) {
    return resolve(new Asked<>(design, rules, shop, Map.of()), readings);
  }

  /**
   * Resolves every dimension of a design some of whose customs give way.
   *
   * @param readings valid readings, true lengths in mm
   * @throws BadDesign when a stated size is unknown or out of its bounds
   */
  public static <D extends Design> Map<DimKey, Dim> resolve(
      Asked<D> asked, Map<DimKey, Double> readings) {
    Dims<D> now = new Dims<>(asked, readings);
    now.bounded();
    now.all();
    if (readings.isEmpty()) {
      return now.done;
    }
    Map<DimKey, Dim> planned = new Dims<>(asked, Map.of()).all();
    Map<DimKey, Dim> out = new TreeMap<>();
    now.done.forEach((k, d) -> out.put(k, d.planned(planned.get(k).value())));
    for (DimKey measured : readings.keySet()) {
      if (out.containsKey(measured)) {
        Map<DimKey, Double> others = new LinkedHashMap<>(readings);
        others.remove(measured);
        Length due = new Dims<>(asked, others).dim(measured).value();
        out.computeIfPresent(measured, (k, d) -> d.due(due));
      }
    }
    return out;
  }

  /** All of them resolved, to be asked again. */
  static <D extends Design> Dims<D> done(Asked<D> asked, Map<DimKey, Double> readings) {
    Dims<D> dims = new Dims<>(asked, readings);
    dims.all();
    return dims;
  }

  /**
   * What one dimension's rule would say if others were otherwise.
   *
   * @param others dimensions that are otherwise, mm; all else is as it was resolved
   * @param in the shop that is asked
   */
  double again(DimKey key, Map<DimKey, Double> others, Shop in) {
    Dims<D> then = new Dims<>(new Asked<>(design, List.copyOf(rules.values()), in, gave), readings);
    then.done.putAll(done);
    others.forEach((k, mm) -> then.done.compute(k, (x, d) -> d.at(Length.mm(mm))));
    Rule<D> rule = rules.get(key);
    return rule.read().apply(then).orElseGet(() -> rule.by().apply(then).mm());
  }

  /** All of them, resolved. */
  Map<DimKey, Dim> all() {
    rules.keySet().forEach(this::dim);
    return done;
  }

  private void bounded() {
    for (Map.Entry<DimKey, Size> e : design.sizes().entrySet()) {
      Rule<D> rule = rules.get(e.getKey());
      if (rule == null) {
        throw new BadDesign(e.getKey(), Wording.of("dims.there-is-no-size-called", e.getKey()));
      }
      double mm = e.getValue().mm();
      if (mm < rule.least() || mm > rule.most()) {
        throw new BadDesign(
            e.getKey(),
            Wording.of(
                "dims.stays-between-and-this-is",
                rule.label(),
                rule.key().quantity().words(rule.least()),
                rule.key().quantity().words(rule.most()),
                rule.key().quantity().words(mm)));
      }
    }
  }

  /** A length in both units, for messages: 54.0 mm (2 1/8 in). */
  public static String both(double mm) {
    return Quantity.LENGTH.words(mm);
  }

  /** The design whose dimensions these are. */
  public D design() {
    return design;
  }

  /** The shop that rules may ask. */
  public Shop shop() {
    return shop;
  }

  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return shop.custom(line);
  }

  /** The size the turner stated, if any. */
  public Optional<Size> stated(String key) {
    return stated(new DimKey(key));
  }

  /** The size the turner stated, if any. */
  public Optional<Size> stated(DimKey key) {
    Size own = design.sizes().get(key);
    return own != null ? Optional.of(own) : Optional.ofNullable(gave.get(key)).map(Size::mm);
  }

  /** Whether this design has a dimension of that name. */
  public boolean knows(DimKey key) {
    return rules.containsKey(key);
  }

  /** Whether the turner stated or measured it, so that other sizes may follow from it. */
  public boolean fixed(String key) {
    return fixed(new DimKey(key));
  }

  /** Whether the turner stated or measured it. */
  public boolean fixed(DimKey key) {
    return stated(key).isPresent() || readings.containsKey(key);
  }

  /** Whether a valid reading stands for it. */
  public boolean measured(String key) {
    return measured(new DimKey(key));
  }

  /** Whether a valid reading stands for it. */
  public boolean measured(DimKey key) {
    return readings.containsKey(key);
  }

  /**
   * What a dimension was before anything was measured, mm: for what was cut by the plan and stays
   * where it is, whatever is read later.
   */
  public double planned(String key) {
    return planned(new DimKey(key));
  }

  /** The same. */
  public double planned(DimKey key) {
    if (readings.isEmpty()) {
      return mm(key);
    }
    if (!asking.isEmpty()) {
      asking.peek().add(key);
    }
    if (before == null) {
      before = new Dims<>(new Asked<>(design, List.copyOf(rules.values()), shop, gave), Map.of());
    }
    return before.mm(key);
  }

  /** A dimension in mm, resolved when needed. */
  public double mm(String key) {
    return mm(new DimKey(key));
  }

  /** A dimension in mm, resolved when needed. */
  public double mm(DimKey key) {
    if (!asking.isEmpty()) {
      asking.peek().add(key);
    }
    return dim(key).mm();
  }

  private Dim dim(DimKey key) {
    Dim ready = done.get(key);
    if (ready != null) {
      return ready;
    }
    Rule<D> rule = rules.get(key);
    if (rule == null || !open.add(key)) {
      throw new IllegalStateException("No rule, or a circle of rules, at " + key + " in " + open);
    }
    Size size = design.sizes().get(key);
    Set<DimKey> from = new LinkedHashSet<>();
    asking.push(from);
    Double own = readings.get(key);
    Double read = own != null ? own : rule.read().apply(this).orElse(null);
    double mm;
    Hedge hedge = Hedge.EXACT;
    Origin origin;
    String reason;
    if (read != null) {
      mm = read;
      origin = Origin.MEASURED;
      reason = own != null ? "as measured" : "what was measured leaves";
    } else if (size != null) {
      mm = size.mm();
      hedge = size.hedge();
      origin = Origin.WISHED;
      reason = "as you wish";
    } else if (gave.containsKey(key)) {
      mm = gave.get(key);
      origin = Origin.GAVE_WAY;
      reason = Wording.of("dims.gives-way-to-what-you");
    } else {
      Rule.Value v = follows(rule);
      mm = v.mm();
      origin = v.origin();
      reason = v.reason();
    }
    asking.pop();
    Length value = Length.mm(mm);
    Dim dim =
        new Dim(key, rule.label(), value, hedge, origin, reason, from, value, value, rule.fit());
    open.remove(key);
    done.put(key, dim);
    return dim;
  }

  private Rule.Value follows(Rule<D> rule) {
    try {
      return rule.by().apply(this);
    } catch (NoOutline e) {
      // A rule that draws, a bowl by what it holds, where the sizes leave nothing to be drawn.
      throw new BadDesign(rule.key(), Wording.of("dims.cant-be-worked-out-with", rule.label()));
    }
  }
}
