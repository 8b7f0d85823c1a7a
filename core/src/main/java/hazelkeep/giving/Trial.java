package hazelkeep.giving;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Contradictions;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A design tried with some of its customs moved: what lacks then, each a number.
 *
 * @param <D> the design
 * @param kind the kind of piece
 * @param design what was stated
 * @param shop that it is for
 * @param rules of its dimensions
 * @param tried what was tried before, with what lacked then
 */
record Trial<D extends Design>(
    Kind<D> kind, D design, Shop shop, List<Rule<D>> rules, Map<Object, Lacks> tried) {
  /** Sizes that differ by less are one, mm. */
  static final double AGREES = 1e-3;

  Trial(Kind<D> kind, D design, Shop shop) {
    this(
        kind,
        design,
        shop,
        kind.rules(design).stream().map(r -> r.within(shop.practice())).toList(),
        new HashMap<>());
  }

  /** The same with another size stated. */
  Trial<D> with(DimKey key, double mm) {
    return new Trial<>(kind, kind.size(design, key, Optional.of(Size.mm(mm))), shop);
  }

  /**
   * What lacks.
   *
   * @param by each lack with how much it is; below 0 where it holds
   * @param drawn whether it was drawn
   * @param can whether its sizes could be worked out at all
   */
  record Lacks(Map<String, Double> by, boolean drawn, boolean can) {
    boolean none() {
      return can && drawn && by.values().stream().allMatch(v -> v < 0);
    }

    /** Whether something lacks that did not: it may hide what is not told any more. */
    boolean adds(Lacks before) {
      return by.entrySet().stream()
          .anyMatch(e -> e.getValue() >= 0 && !(before.by.getOrDefault(e.getKey(), -1.0) >= 0));
    }

    /** Whether what lacks can be held against another trial's. */
    boolean like(Lacks other) {
      return can && drawn == other.drawn;
    }
  }

  /** So much is tried for a design, and no more. */
  private static final int MOST = 400;

  /** What a size is called that is drawn otherwise than it is said. */
  static final String SAID = "said ";

  /** What is drawn within this of what is said is well met, mm. */
  private static final double MET = Contradictions.FITS / 2;

  /** Whether a drawn design would stop. */
  static boolean stops(Sketch<?> sketch) {
    return sketch.findings().stream().anyMatch(f -> f.grade() == Grade.STOP);
  }

  /** The dimensions by custom; empty where they can't be worked out. */
  Optional<Map<DimKey, Dim>> dims() {
    try {
      return Optional.of(dims(Map.of()));
    } catch (Refused e) {
      return Optional.empty();
    }
  }

  private Map<DimKey, Dim> dims(Map<DimKey, Double> at) {
    return Dims.resolve(new Dims.Asked<>(design, rules, shop, at), Map.of());
  }

  /** It drawn with customs moved; empty where it can't be. */
  Optional<Sketch<D>> drawn(Map<DimKey, Double> at) {
    try {
      return Optional.of(Sketch.drawn(kind, design, shop, dims(at)));
    } catch (Refused e) {
      return Optional.empty();
    }
  }

  /**
   * What lacks with customs moved.
   *
   * @param draw whether it is drawn, where it can be; else only what sizes say of one another
   * @param grade from which on something found lacks
   */
  Lacks lacks(Map<DimKey, Double> at, boolean draw, Grade grade) {
    List<Object> what = List.of(Map.copyOf(at), draw, grade);
    Lacks known = tried.get(what);
    if (known == null && tried.size() >= MOST) {
      return new Lacks(Map.of(), false, false);
    }
    if (known == null) {
      known = lacking(at, draw, grade);
      tried.put(what, known);
    }
    return known;
  }

  private Lacks lacking(Map<DimKey, Double> at, boolean draw, Grade grade) {
    Map<String, Double> by = new LinkedHashMap<>();
    try {
      by.putAll(kind.limits(design, dims(at), shop));
    } catch (Refused e) {
      return new Lacks(by, false, false);
    }
    if (!draw || by.values().stream().anyMatch(v -> v >= 0)) {
      return new Lacks(by, false, true);
    }
    try {
      Sketch<D> s = Sketch.judged(kind, design, shop, dims(at));
      s.findings().stream().filter(f -> f.grade().compareTo(grade) <= 0).forEach(f -> told(f, by));
      by.putAll(s.outcomes());
      new Contradictions<>(kind, design, shop)
          .off(s.aim())
          .forEach(
              (k, read) -> {
                if (k.equals(Contradictions.CLEARANCE)) {
                  rules.stream()
                      .filter(r -> r.key().equals(k))
                      .forEach(
                          r -> {
                            by.put("looser than a fit", read - r.most());
                            by.put("tighter than a fit", r.least() - read);
                          });
                }
                double off = s.aim().mm(k) - read;
                by.put(SAID + k + " more", off - MET);
                by.put(SAID + k + " less", -off - MET);
              });
    } catch (Refused e) {
      return new Lacks(by, false, false);
    }
    return new Lacks(by, true, true);
  }

  /**
   * What is left between inside and outside, whatever it is called: less than nothing if pierced.
   */
  private static final Set<Entry> WOOD =
      EnumSet.of(
          Entry.WALL_THIN,
          Entry.RIM_THIN,
          Entry.SPIGOT_WALL,
          Entry.LID_CORNER,
          Entry.FLOOR_THIN,
          Entry.OUTSIDE_INTO_INSIDE);

  /** What is known as a number of its own, whether it is told or not. */
  private static final Set<Entry> ELSE =
      EnumSet.of(
          Entry.OUTSIDE_INTO_INSIDE,
          Entry.COMES_LESS,
          Entry.COMES_MORE,
          Entry.COMES_HEAVY,
          Entry.COMES_TIPPED,
          Entry.COMES_THIN);

  private static void told(Finding f, Map<String, Double> by) {
    double lack = Math.abs(f.lack());
    if (WOOD.contains(f.verdict().entry())) {
      by.merge("wood " + f.part(), lack, Math::max);
    }
    if (!ELSE.contains(f.verdict().entry())) {
      by.merge(name(f), lack, Math::max);
    }
  }

  private static String name(Finding f) {
    return f.code() + " " + f.part() + " " + f.subject() + " " + f.verdict().said();
  }

  /** The stated sizes without any one of which nothing would have to give way. */
  List<DimKey> because() {
    List<DimKey> out = new ArrayList<>();
    for (DimKey key : design.sizes().keySet()) {
      D without = kind.size(design, key, Optional.empty());
      if (new Trial<>(kind, without, shop).lacks(Map.of(), true, Grade.STOP).none()) {
        out.add(key);
      }
    }
    return out;
  }
}
