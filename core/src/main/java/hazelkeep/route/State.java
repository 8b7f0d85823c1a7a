package hazelkeep.route;

import hazelkeep.measure.Memory;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The wood as it is.
 *
 * @param bodies what exists, by name
 * @param surfaces the state of every surface of every part
 * @param removed volume taken off so far, mm3, swept wood
 * @param dust volume of scraps too small to hold, mm3
 * @param waste volume of pieces that came loose and are no part, mm3
 * @param letIn volume of what was let in, mm3
 */
public record State(
    Map<String, Body> bodies,
    Map<SurfaceId, Surf> surfaces,
    double removed,
    double dust,
    double waste,
    double letIn) {
  /** How far beyond a surface wood is looked for, mm. */
  private static final double PROBE = 0.05;

  /** The same on a fit, where a hundredth counts, mm. */
  private static final double PROBE_FIT = 0.01;

  private static final double STEP = 1.0;

  /** Every blank, untouched. */
  public static State start(Aim aim) {
    return of(aim.blanks()).looked(aim);
  }

  /** Blanks of which nothing has been looked at yet. */
  public static State of(List<Body> blanks) {
    Map<String, Body> all = new LinkedHashMap<>();
    blanks.forEach(b -> all.put(b.name(), b));
    return new State(all, new LinkedHashMap<>(), 0, 0, 0, 0);
  }

  /** The stock of a part: the body that holds its core, else the one that has its name. */
  public Optional<Body> stock(Part part) {
    return stock(part.name(), part.core());
  }

  /**
   * The same of a part of which no more is known.
   *
   * @param part its name
   * @param core a point inside of it
   */
  public Optional<Body> stock(String part, Point core) {
    Body named = bodies.get(part);
    if (named != null && named.holds(core)) {
      return Optional.of(named);
    }
    for (Body b : bodies.values()) {
      if (b != named && b.holds(core)) {
        return Optional.of(b);
      }
    }
    return Optional.ofNullable(named).filter(b -> !b.sound().isEmpty());
  }

  /** The state of a surface. */
  public Surf surf(SurfaceId id) {
    return surfaces.getOrDefault(id, Surf.UNTOUCHED);
  }

  /** This state with every surface looked at afresh, treatments kept. */
  public State looked(Aim aim) {
    Map<SurfaceId, Surf> now = new LinkedHashMap<>();
    for (Part p : aim.parts()) {
      HalfSection wood = stock(p).map(Body::sound).orElse(HalfSection.EMPTY);
      for (Surface s : p.surfaces()) {
        Surf was = surf(s.id());
        Surf is = look(wood, s, was);
        now.put(s.id(), is);
      }
    }
    return new State(bodies, now, removed, dust, waste, letIn);
  }

  /** Covered, bare or lost, by probing just outside and just inside of the surface. */
  static Surf look(HalfSection wood, Surface surface, Surf was) {
    boolean fit = surface.role() == Role.FIT;
    Looked is =
        LOOKED.of(new Looking(wood, surface.line(), fit), () -> looked(wood, surface.line(), fit));
    return new Surf(is.covered, is.lost, was.grit(), was.coated(), was.cutBy());
  }

  /** Looks that a generation of the memory holds: some 2 MB. */
  private static final int REMEMBERED = 10_000;

  private static final Memory<Looking, Looked> LOOKED = new Memory<>(REMEMBERED, l -> 1);

  private record Looking(HalfSection wood, Polyline line, boolean fit) {}

  private record Looked(double covered, double lost) {}

  private static Looked looked(HalfSection wood, Polyline line, boolean fit) {
    int covered = 0;
    int lost = 0;
    double probe = fit ? PROBE_FIT : PROBE;
    List<Polyline.Sample> samples = line.samples(STEP, 0.5);
    for (Polyline.Sample s : samples) {
      Point p = s.at();
      // In a sharp valley the wood of its other side lies a hair away: there it is looked nearer.
      if (wood.holds(p.z() + probe * s.nz(), p.r() + probe * s.nr())
          && wood.holds(p.z() + PROBE_FIT * s.nz(), p.r() + PROBE_FIT * s.nr())) {
        covered++;
      } else if (!wood.holds(p.z() - probe * s.nz(), p.r() - probe * s.nr())) {
        lost++;
      }
    }
    double n = samples.size();
    return new Looked(share(covered, n), lost / n);
  }

  /** A single place of many that lies in a corner, beside wood that stays, says nothing. */
  private static double share(int hits, double n) {
    return hits == 1 && n >= MANY ? Math.min(Surf.SOME, 1 / n) : hits / n;
  }

  private static final int MANY = 20;

  /** This state with one body replaced by what a cut leaves of it. */
  State replaced(Body was, List<Body> now, double gone, double scraps, double loose) {
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    next.remove(was.name());
    now.forEach(b -> next.put(b.name(), b));
    return new State(next, surfaces, removed + gone, dust + scraps, waste + loose, letIn);
  }

  /** This state with a hole drilled into a body. */
  State drilled(Body was, Hole hole) {
    Body now = was.drilled(List.of(hole));
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    next.put(was.name(), now);
    double more = was.volume() - now.volume();
    return new State(next, surfaces, removed + more, dust, waste, letIn);
  }

  /** This state with something let into a body. */
  State filled(Body was, HalfSection with) {
    Body now = was.with(with);
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    next.put(was.name(), now);
    double more = now.volume() - was.volume();
    return new State(next, surfaces, removed, dust, waste, letIn + more);
  }

  /** This state with some surfaces' states replaced. */
  State with(Map<SurfaceId, Surf> changed) {
    Map<SurfaceId, Surf> next = new LinkedHashMap<>(surfaces);
    next.putAll(changed);
    return new State(bodies, next, removed, dust, waste, letIn);
  }

  /** This state with a body put in the place of what was found to be there. */
  public State corrected(Body body, Aim aim) {
    return corrected(body).looked(aim);
  }

  /** The same; its surfaces are looked at later. */
  public State corrected(Body body) {
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    next.put(body.name(), body);
    return new State(next, surfaces, removed, dust, waste, letIn);
  }

  /** This state with a body's z counted from elsewhere; its surfaces are looked at later. */
  public State shifted(String body, double dz) {
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    next.computeIfPresent(body, (k, b) -> b.shifted(dz));
    return new State(next, surfaces, removed, dust, waste, letIn);
  }

  /**
   * This state without a part: lost or broken, and all that was done to it with it. Where it is all
   * that the blank is for, what goes loosely round it is lost with it; where it still hangs on
   * another part, that keeps its wood.
   */
  public State gone(Part part, Aim aim) {
    List<Part> lost = aim.whole(part) ? aim.offBlank() : List.of(part);
    Map<String, Body> next = new LinkedHashMap<>(bodies);
    for (Body b : bodies.values()) {
      List<Part> in = partsIn(b, aim);
      if (!in.isEmpty() && lost.containsAll(in)) {
        next.remove(b.name());
      } else if (in.contains(part)) {
        HalfSection t = part.target();
        next.put(
            b.name(), b.without(HalfSection.box(t.minZ(), t.maxZ(), t.minR(), HalfSection.FAR)));
      }
    }
    Map<SurfaceId, Surf> left = new LinkedHashMap<>(surfaces);
    left.keySet().removeIf(id -> lost.stream().anyMatch(p -> id.part().equals(p.name())));
    return new State(next, left, removed, dust, waste, letIn).looked(aim);
  }

  /** Parts whose stock is one and the same body. */
  List<Part> partsIn(Body body, Aim aim) {
    List<Part> out = new ArrayList<>();
    for (Part p : aim.parts()) {
      if (stock(p).filter(b -> b == body).isPresent()) {
        out.add(p);
      }
    }
    return out;
  }
}
