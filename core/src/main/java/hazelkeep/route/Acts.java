package hazelkeep.route;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import hazelkeep.wood.Stub;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The words of recipes: cuts that aim at targets, so that any order of them can be played. */
public final class Acts {
  private final Aim aim;
  private final int grit;
  private final String finish;

  /**
   * @param aim what is to be made
   * @param grit the finest grit
   * @param finish the finish product; empty when the piece stays raw
   */
  public Acts(Aim aim, int grit, String finish) {
    this.aim = aim;
    this.grit = grit;
    this.finish = finish;
  }

  /** Wood taken off where a region says. */
  public static Act.Remove remove(String part, HalfSection region) {
    return new Act.Remove(part, region, Set.of(), List.of());
  }

  /** A cut that spares a region. */
  public static Act.Remove sparing(Act.Remove cut, HalfSection spared) {
    return new Act.Remove(cut.part(), cut.region().minus(spared), cut.bares(), cut.claims());
  }

  /**
   * All that lies beyond some surfaces, but for the target, an allowance and the waste spared.
   *
   * @param leave what is left on the target on every side, mm; 0 cuts to size
   */
  public Act.Remove bare(double leave, String part, String... names) {
    Part p = aim.part(part);
    Set<SurfaceId> ids =
        Arrays.stream(names)
            .map(n -> new SurfaceId(part, n))
            .collect(Collectors.toCollection(LinkedHashSet::new));
    HalfSection zone = HalfSection.EMPTY;
    for (SurfaceId id : ids) {
      zone = zone.plus(aim.surface(id).zone());
    }
    if (leave > 0) {
      // Zones lie clear of their own target: only an allowance reaches into them.
      zone = zone.minus(p.target().leaving(leave));
    }
    for (Part q : aim.parts()) {
      if (q != p) {
        zone = zone.minus(q.target());
      }
      for (Stub stub : q.stubs()) {
        if (!ids.contains(stub.standsOn())) {
          zone = zone.minus(spared(stub, ids));
        }
      }
    }
    return new Act.Remove(part, zone, leave == 0 ? ids : Set.of(), List.of());
  }

  /**
   * What is spared of waste that stands on a surface: nothing of it beyond a face that is bared
   * past that surface's end, so that the face is cut flat.
   */
  private HalfSection spared(Stub stub, Set<SurfaceId> bared) {
    Polyline under = aim.surface(stub.standsOn()).line();
    HalfSection out = stub.region();
    for (SurfaceId id : bared) {
      HalfSection zone = aim.surface(id).zone();
      boolean past = zone.minZ() >= under.most() - SAME || zone.maxZ() <= under.least() + SAME;
      out = past && id.part().equals(stub.standsOn().part()) ? out.minus(zone) : out;
    }
    return out;
  }

  /** Places nearer than this are one, mm. */
  private static final double SAME = 1e-6;

  /** A parting cut between two parts: the one stays held, the other is caught. */
  public static Act.Remove part(String held, String caught, HalfSection region) {
    return new Act.Remove(
        held,
        region,
        Set.of(),
        List.of(new Claim(held, Claim.Fate.HELD), new Claim(caught, Claim.Fate.CAUGHT)));
  }

  /** Surfaces sanded to the finest grit. */
  public List<Act> sand(String part, String... names) {
    return Arrays.stream(names).<Act>map(n -> new Act.Sand(new SurfaceId(part, n), grit)).toList();
  }

  /** Surfaces coated; nothing when the piece stays raw. */
  public List<Act> coat(String part, String... names) {
    return finish.isEmpty()
        ? List.of()
        : Arrays.stream(names).<Act>map(n -> new Act.Coat(new SurfaceId(part, n), finish)).toList();
  }

  /** Surfaces sanded, then coated. */
  public List<Act> treat(String part, String... names) {
    return both(sand(part, names), coat(part, names));
  }

  /** Acts, then more acts. */
  public static List<Act> both(List<? extends Act> first, List<? extends Act> then) {
    List<Act> out = new ArrayList<>(first);
    out.addAll(then);
    return out;
  }

  /**
   * A size to measure.
   *
   * @param under how much smaller will do, mm
   * @param over how much larger will do, mm
   */
  public static Act.Read read(DimKey key, String gauge, String where, double under, double over) {
    return new Act.Read(key, gauge, where, under, over);
  }
}
