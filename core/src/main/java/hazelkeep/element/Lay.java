package hazelkeep.element;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Added;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * How a piece lies in its blank: its sizes, and its stations along the axis. An element asks for
 * stations and never adds up another's sizes.
 */
public class Lay {
  /** How far past the blank a cut reaches, mm. */
  public static final double BEYOND = 10;

  private static final DimKey LENGTH = new DimKey("blank.length");
  private static final DimKey ACROSS = new DimKey("blank.across");

  private final Map<DimKey, Dim> dims;
  private final Shop shop;
  private final List<Stretch> stick;
  private final Map<Edge, Double> stations;
  private final Through through;
  private final Map<Object, Map<String, Object>> once = new IdentityHashMap<>();

  /**
   * @param dims every size, resolved
   * @param stick the stretches of the blank from its foot on
   * @param through the places that outsides go through beside their own
   */
  Lay(Map<DimKey, Dim> dims, Shop shop, List<Stretch> stick, Through through) {
    this.dims = dims;
    this.shop = shop;
    this.stick = stick;
    this.through = through;
    this.stations = stations(stick, k -> dims.get(k).mm());
  }

  /** The same sizes and stations. */
  Lay(Lay other) {
    this(other.dims, other.shop, other.stick, other.through);
  }

  /**
   * Where stretches begin and end, one after the other.
   *
   * @param mm how long each is
   */
  static Map<Edge, Double> stations(List<Stretch> stick, ToDoubleFunction<DimKey> mm) {
    Map<Edge, Double> out = new HashMap<>();
    double z = 0;
    for (Stretch s : stick) {
      out.put(Edge.from(s.key()), z);
      z += mm.applyAsDouble(s.key());
      out.put(Edge.to(s.key()), z);
    }
    return out;
  }

  /**
   * The places that were added to the outside of a part, upwards, each a height over its low end
   * and a radius, mm.
   */
  public List<Point> through(String part) {
    return through.of(part, this::mm);
  }

  /** Where the outside of a part begins, in the blank's z. */
  double low(String part) {
    return at(through.low(part));
  }

  /** A size, mm. */
  public double mm(DimKey key) {
    return dims.get(key).mm();
  }

  /** What a bit is chosen for: the size that was wanted, whatever it really became, mm. */
  public double due(DimKey key) {
    return dims.get(key).due().mm();
  }

  /** Every size. */
  public Map<DimKey, Dim> dims() {
    return dims;
  }

  /** The shop it is made in. */
  public Shop shop() {
    return shop;
  }

  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return shop.custom(line);
  }

  /** A station, in the blank's z. */
  public double at(Edge edge) {
    return stations.get(edge);
  }

  /** Whether there is such a station. */
  boolean has(Edge edge) {
    return stations.containsKey(edge);
  }

  /** Whether each half comes from a blank of its own. */
  public boolean apart() {
    return Added.apart(through.added());
  }

  /** The length of the blank, or of the longer of two, mm. */
  public double longest() {
    Double from = stations.get(Edge.from(StockRules.KERF));
    Double to = stations.get(Edge.to(StockRules.KERF));
    return apart() && from != null && to != null ? Math.max(from, length() - to) : length();
  }

  /** The blank's length, mm. */
  public double length() {
    return mm(LENGTH);
  }

  /** A radius clear of the blank, mm. */
  public double far() {
    return StockRules.far(mm(ACROSS), mm(StockRules.OFF)) + BEYOND;
  }

  /** Something that is worked out once for these sizes, by who asks for it and what it is. */
  @SuppressWarnings("unchecked")
  public synchronized <T> T once(Object owner, String what, Supplier<T> made) {
    Map<String, Object> its = once.computeIfAbsent(owner, o -> new HashMap<>());
    Object known = its.get(what);
    if (known == null) {
      known = made.get();
      its.put(what, known);
    }
    return (T) known;
  }
}
