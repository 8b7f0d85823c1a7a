package hazelkeep.stiffness;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Support;
import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.Unknown;
import hazelkeep.wood.WoodProperty;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * One working out of a {@link Stiffness}: the beam that is laid along the bodies that are mounted,
 * slice by slice, on jaws that yield and on tail and steady, with the yielding of an open rim.
 */
final class LaidBeam {
  private static final int CRITICALS = 2;
  private static final double SECONDS = 60;
  private static final double TONNES = 1e-12;

  /** What stands in for a slice without wood, of the stiffest one: work that hangs on air. */
  private static final double AIR = 1e-6;

  /** Rims are looked at so far below their edge, which may be broken or hollowed, mm. */
  private static final double EDGE = 2;

  /** What is left of the stiffness of a bar that its tail centre bends: next to nothing. */
  private static final double BENT = 0.01;

  /** How far beside a border a slice is taken, mm. */
  private static final double PROBE = 0.05;

  private static final int SLICES = Stiffness.SLICES;

  /** How far apart a rim's floor is looked for, mm. */
  private static final double STEP = 1;

  private final Work work;
  private final Hold hold;
  private final JawSpring spring;
  private final List<String> parts;
  private final TreeSet<Unknown> missing = new TreeSet<>();

  /** By the very object: a slice asks for what its body names. */
  private final Map<Species, Section.Wood> woods = new IdentityHashMap<>();

  private boolean dense = true;

  LaidBeam(Work work, Hold hold, JawSpring spring) {
    this.work = work;
    this.hold = hold;
    this.spring = spring;
    this.parts = work.distinct();
  }

  private Stiffness none() {
    double[] no = new double[0];
    return new Stiffness(
        no, no, no, no, new Stiffness.Slices(0, Double.NaN, no, no, no), List.copyOf(missing));
  }

  Stiffness result() {
    Support support = hold.grip().support(work);
    double from = support.at();
    double to = work.most();
    boolean slack = support.kind() == Support.Kind.SPRUNG && support.diameter() <= 0;
    boolean tips = support.kind() == Support.Kind.PINNED && !carried(from, (to - from) / SLICES);
    if (!hold.onLathe() || parts.isEmpty() || slack || tips || to - from < 1) {
      return none();
    }
    for (String p : parts) {
      if (!known(work.bodies().get(p))) {
        return none();
      }
    }
    return beam(support, from, to);
  }

  /** Notes what is not known of a body's woods; without their stiffness nothing can be said. */
  private boolean known(Body body) {
    for (Species s : body.woods()) {
      if (s.along().isEmpty()) {
        missing.add(new Unknown(s.name(), WoodProperty.E_ALONG));
        return false;
      }
      if (s.density().isEmpty()) {
        missing.add(new Unknown(s.name(), WoodProperty.DENSITY));
        dense = false;
      }
      double density = s.density().map(Figure::value).orElse(0.0);
      woods.put(
          s,
          new Section.Wood(
              s.along().get().value(), s.shearModulus().orElseThrow().value(), density * TONNES));
    }
    return true;
  }

  private Stiffness beam(Support support, double from, double to) {
    double l = (to - from) / SLICES;
    double[] length = new double[SLICES];
    double[] bending = new double[SLICES];
    double[] shear = new double[SLICES];
    double[] mass = new double[SLICES];
    double[] inertia = new double[SLICES];
    double[] mid = new double[SLICES];
    double[] modulus = new double[SLICES];
    double[] strength = new double[SLICES];
    Arrays.fill(length, l);
    Arrays.fill(strength, Double.NaN);
    for (int i = 0; i < SLICES; i++) {
      mid[i] = from + (i + 0.5) * l;
      Section s = slice(mid[i], i, modulus, strength);
      bending[i] = s.bending();
      shear[i] = s.shear();
      mass[i] = s.mass();
      inertia[i] = s.inertia();
    }
    if (!solid(bending) || !solid(shear)) {
      return none();
    }
    Beam free = new Beam(length, bending, shear, mass, inertia);
    Beam rigid = ends(free, support.kind() == Support.Kind.PINNED, from, l);
    Beam held = rigid;
    if (support.kind() == Support.Kind.SPRUNG) {
      double k = spring.of(gripped(from).along(), support.diameter());
      held = ends(free.sprung(0, k), true, from, l);
    }
    double[] z = new double[SLICES + 1];
    for (int i = 0; i <= SLICES; i++) {
      z[i] = from + i * l;
    }
    double[] wall = walls(z);
    double[] criticals = new double[0];
    if (dense) {
      criticals = held.frequencies(CRITICALS);
      for (int i = 0; i < criticals.length; i++) {
        criticals[i] *= SECONDS;
      }
    }
    double[] soft = held.flexibility();
    double[] alone = rigid.flexibility();
    return new Stiffness(
        z,
        stiff(soft, wall, thrust(soft, to - from)),
        stiff(alone, wall, thrust(alone, to - from)),
        criticals,
        new Stiffness.Slices(from, hold.supported() ? to : Double.NaN, mid, modulus, strength),
        List.copyOf(missing));
  }

  /** Fills what has no wood with next to nothing; whether there was any. */
  private static boolean solid(double[] values) {
    double most = Arrays.stream(values).max().orElse(0);
    for (int i = 0; i < values.length; i++) {
      values[i] = Math.max(values[i], AIR * most);
    }
    return most > 0;
  }

  /** The wood that the jaws hold. */
  private Section.Wood gripped(double from) {
    for (String p : parts) {
      double in = place(p, from + PROBE);
      Body body = work.bodies().get(p);
      if (!body.sound().at(in).isEmpty()) {
        return woods.get(body.wood(in));
      }
    }
    return woods.get(work.bodies().get(parts.get(0)).woods().get(0));
  }

  /** What the tail's thrust leaves of the stiffness: a slender stem is bent by it. */
  private double thrust(double[] flexibility, double length) {
    double most = Arrays.stream(flexibility).max().orElse(0);
    if (!hold.supported() || most <= 0) {
      return 1;
    }
    return Math.max(
        BENT, 1 - work.custom(Line.HOLD_TAIL_TOUCH) / Stiffness.buckling(1 / most, length));
  }

  /** Whether anything but the headstock's end carries it; where nothing does, the hold says so. */
  private boolean carried(double from, double slice) {
    return hold.supported() || steadied(from, slice) > 0;
  }

  /** The node under the steady; 0 where it does not stand along the work. */
  private int steadied(double from, double slice) {
    long at = hold.steady().map(s -> Math.round((s.at() - from) / slice)).orElse(0L);
    return at > 0 && at < SLICES ? (int) at : 0;
  }

  /** The beam on its supports. */
  private Beam ends(Beam beam, boolean turns, double from, double l) {
    Beam b = turns ? beam.pinned(0) : beam.clamped(0);
    if (hold.supported()) {
      b = b.pinned(SLICES);
    }
    int at = steadied(from, l);
    return at > 0 ? b.pinned(at) : b;
  }

  private double[] stiff(double[] beam, double[] wall, double thrust) {
    double[] k = new double[beam.length];
    double rigid = work.custom(Line.STIFF_RIGID);
    for (int i = 0; i < k.length; i++) {
      double gives = beam[i] + wall[i];
      k[i] = gives > 0 ? Math.min(rigid, thrust / gives) : rigid;
    }
    return k;
  }

  private Section slice(double z, int at, double[] modulus, double[] strength) {
    Section sum = Section.EMPTY;
    for (int p = 0; p < parts.size(); p++) {
      Body body = work.bodies().get(parts.get(p));
      double in = place(parts.get(p), z);
      double outer = 0;
      double i = 0;
      for (Span s : body.sound().at(in)) {
        sum = sum.plus(woods.get(body.wood(in)), s.from(), s.to());
        outer = s.to();
        i += Math.PI / 4 * (Math.pow(s.to(), 4) - Math.pow(s.from(), 4));
      }
      if (outer > 0 && (modulus[at] == 0 || i / outer > modulus[at])) {
        // Of two woods one in the other, the stronger section is asked.
        modulus[at] = i / outer;
        strength[at] = body.wood(in).bending().map(Figure::value).orElse(Double.NaN);
      }
    }
    return sum;
  }

  /** The setup's z in the z of a part's body. */
  private double place(String part, double z) {
    Frame f = work.frames().get(part);
    return f.inverse().x(z);
  }

  /** How far an open rim yields under a newton, at each place, mm/N. */
  private double[] walls(double[] z) {
    double[] out = new double[z.length];
    if (hold.supported()) {
      return out;
    }
    double most = work.most();
    for (String p : parts) {
      HalfSection wood = work.bodies().get(p).sound();
      Frame f = work.frames().get(p);
      double rim = Math.max(f.x(wood.minZ()), f.x(wood.maxZ()));
      if (rim < most - STEP || work.inner(p, rim - EDGE) <= 0) {
        continue;
      }
      double across =
          work.bodies()
              .get(p)
              .wood(f.inverse().x(rim))
              .across()
              .map(Figure::value)
              .orElse(Double.NaN);
      rim(z, out, p, rim, across);
    }
    return out;
  }

  /**
   * An open rim gives under a tool by k = c E t^2 / R, t its wall and R its mean radius; the nearer
   * to the floor, the rounder the wall is kept.
   */
  private void rim(double[] z, double[] out, String part, double rim, double across) {
    double round = work.custom(Line.STIFF_KEPT_ROUND);
    double yields = work.custom(Line.STIFF_RIM);
    double least = work.least();
    double floor = rim - EDGE;
    while (floor > least && work.inner(part, floor) > 0) {
      floor -= STEP;
    }
    for (int i = z.length - 1; i >= 0 && z[i] > floor; i--) {
      double at = Math.min(z[i], rim - EDGE);
      double in = work.inner(part, at);
      if (at > floor && in > 0) {
        double outer = work.outer(part, at);
        double t = outer - in;
        double mean = (outer + in) / 2;
        double share = Math.min(1, (at - floor) / (2 * mean * round));
        out[i] = share * mean / (yields * across * t * t);
      }
    }
  }
}
