package hazelkeep.workbench;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.route.Aim;
import hazelkeep.route.Remedy;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Completes a change of the design so that it leaves alone what was cut already: sizes that it
 * would move are stated as they are, and a hollow keeps its floor where it lies in the wood, so
 * that it is shallower by as much as its mouth is cut back.
 *
 * @param <D> the design record
 */
final class Keeping<D extends Design> {
  /** A size that moves by less stays as it is, mm. */
  private static final double SAME = 1e-6;

  private final Bench<D> bench;
  private final Plan<D> plan;
  private final Kind<D> kind;
  private final Map<DimKey, Double> settled;
  private final Map<DimKey, Measure> depths;
  private final Set<DimKey> heights;

  Keeping(Bench<D> bench) {
    this.bench = bench;
    this.plan = bench.plan();
    this.kind = plan.kind();
    this.settled = bench.settled();
    this.depths = depths(plan.design(), plan.aim());
    this.heights = Set.copyOf(staying(Set.of()));
  }

  private List<DimKey> staying(Set<DimKey> named) {
    return kind.stays(plan.design(), plan.sketch().dimensions().staying(), named);
  }

  private Map<DimKey, Measure> depths(D design, Aim aim) {
    Map<DimKey, Measure> out = new LinkedHashMap<>();
    for (Measure m : kind.dimensions(design, aim, plan.shop()).measures()) {
      if (m.kind() == Measure.Kind.DEPTH && settled.containsKey(m.key())) {
        out.put(m.key(), m);
      }
    }
    return out;
  }

  /**
   * A change with all that has to be stated beside it.
   *
   * @throws hazelkeep.piece.BadDesign when that can't be drawn
   */
  Remedy with(Remedy main) {
    Set<DimKey> own = keys(main);
    D changed = plan.changed(main);
    Map<DimKey, Double> stays = new LinkedHashMap<>(settled);
    for (DimKey k : staying(own)) {
      stays.put(k, plan.aim().dims().get(k).mm());
    }
    stays.keySet().removeAll(own);
    Map<DimKey, Dim> then = resolved(changed);
    double lower = 0;
    for (DimKey k : own) {
      lower += heights.contains(k) ? plan.aim().dims().get(k).mm() - then.get(k).mm() : 0;
    }
    if (lower != 0 && stays.keySet().stream().anyMatch(depths::containsKey)) {
      stays.putAll(floors(drawn(main, stays, Math.max(0, lower)), own));
    }
    return all(main, stays);
  }

  /**
   * What a change makes, to see where its mouths lie: with hollows as deep as they are, or where
   * one would come out at the other end, with those of a part shallower by what is cut back.
   */
  private D drawn(Remedy main, Map<DimKey, Double> stays, double less) {
    Set<String> parts = new LinkedHashSet<>(List.of(""));
    depths.values().forEach(m -> parts.add(m.part()));
    BadDesign first = null;
    for (String part : parts) {
      Map<DimKey, Double> as = new LinkedHashMap<>(stays);
      as.replaceAll(
          (k, mm) -> depths.containsKey(k) && depths.get(k).part().equals(part) ? mm - less : mm);
      D design = plan.changed(all(main, as));
      try {
        kind.aim(design, resolved(design), plan.shop());
        return design;
      } catch (BadDesign e) {
        first = first == null ? e : first;
      }
    }
    throw first;
  }

  private Map<DimKey, Dim> resolved(D design) {
    return kind.dims(design, plan.shop(), bench.readings());
  }

  /** What is stated moves other sizes: those that have to stay are stated until none moves. */
  private Remedy all(Remedy main, Map<DimKey, Double> stays) {
    List<Remedy> all = new ArrayList<>(List.of(main));
    Map<DimKey, Double> left = new LinkedHashMap<>(stays);
    for (int before = 0; before < all.size(); ) {
      before = all.size();
      Map<DimKey, Dim> then = resolved(plan.changed(new Remedy.Together(all)));
      left.forEach(
          (key, mm) -> {
            if (then.containsKey(key) && Math.abs(then.get(key).mm() - mm) > SAME) {
              all.add(new Remedy.SetDim(key, Length.mm(mm)));
            }
          });
      all.forEach(r -> left.keySet().removeAll(keys(r)));
    }
    return all.size() == 1 ? main : new Remedy.Together(all);
  }

  /** How deep what was hollowed is from the mouth that it has by another design, mm. */
  private Map<DimKey, Double> floors(D design, Set<DimKey> own) {
    Aim then = kind.aim(design, resolved(design), plan.shop());
    Map<String, Double> was = kind.anchors(plan.design(), plan.aim().sizes());
    Map<String, Double> is = kind.anchors(design, then.sizes());
    Map<DimKey, Double> out = new LinkedHashMap<>();
    depths(design, then)
        .forEach(
            (key, m) -> {
              if (!own.contains(key)) {
                Mouth stood = Mouth.of(depths.get(key), plan.aim());
                double by = Mouth.of(m, then).z - is.getOrDefault(m.part(), 0.0);
                double less = stood.z - was.getOrDefault(m.part(), 0.0) - by;
                out.put(key, settled.get(key) - (stood.up ? less : -less));
              }
            });
    return out;
  }

  /** The end of a depth that it is measured from: that which is nearer to an end of its part. */
  private record Mouth(double z, boolean up) {
    static Mouth of(Measure m, Aim aim) {
      HalfSection target = aim.part(m.part()).target();
      double low = Math.min(m.from().z(), m.to().z());
      double high = Math.max(m.from().z(), m.to().z());
      boolean up = target.maxZ() - high < low - target.minZ();
      return new Mouth(up ? high : low, up);
    }
  }

  private static Set<DimKey> keys(Remedy r) {
    Set<DimKey> out = new HashSet<>();
    if (r instanceof Remedy.SetDim set) {
      out.add(set.key());
    } else if (r instanceof Remedy.Together t) {
      t.all().forEach(x -> out.addAll(keys(x)));
    }
    return out;
  }
}
