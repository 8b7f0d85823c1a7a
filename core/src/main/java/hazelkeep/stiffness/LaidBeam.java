package hazelkeep.stiffness;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Steadied;
import hazelkeep.hold.Support;
import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.solid.Frame;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.Unknown;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;

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

  /** What is left of the stiffness of a bar that its tail centre bends: next to nothing. */
  private static final double BENT = 0.01;

  /** How far beside a border a slice is taken, mm. */
  private static final double PROBE = 0.05;

  private static final int SLICES = Stiffness.SLICES;

  private final Work work;
  private final Hold hold;
  private final JawSpring spring;
  private final List<String> parts;
  private final TreeSet<Unknown> missing = new TreeSet<>();

  /** By the very object: a slice asks for what its body names. */
  private final Map<Species, Section.Wood> woods = new IdentityHashMap<>();

  /** Nodes at corners of the wood, and both ends. */
  private final BitSet corners = new BitSet();

  private boolean dense = true;

  LaidBeam(Work work, Hold hold, JawSpring spring) {
    this.work = work;
    this.hold = hold;
    this.spring = spring;
    this.parts = work.distinct();
  }

  private Stiffness none() {
    double[] no = new double[0];
    return new Stiffness(no, no, no, no, List.of(), List.of(), List.copyOf(missing));
  }

  Stiffness result() {
    Support support = hold.grip().support(work);
    double from = support.at();
    double to = work.most();
    boolean slack = support.kind() == Support.Kind.SPRUNG && support.diameter() <= 0;
    boolean tips = support.kind() == Support.Kind.PINNED && carriers(nodes(from, to)).isEmpty();
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
    double[] z = nodes(from, to);
    double[] length = new double[SLICES];
    double[] bending = new double[SLICES];
    double[] shear = new double[SLICES];
    double[] mass = new double[SLICES];
    double[] inertia = new double[SLICES];
    Stiffness.Slice[] slices = new Stiffness.Slice[SLICES];
    for (int i = 0; i < SLICES; i++) {
      length[i] = z[i + 1] - z[i];
      Section s = slice(z, i, slices);
      bending[i] = s.bending();
      shear[i] = s.shear();
      mass[i] = s.mass();
      inertia[i] = s.inertia();
    }
    if (!solid(bending) || !solid(shear)) {
      return none();
    }
    Beam free = new Beam(length, bending, shear, mass, inertia);
    Beam headed = support.kind() == Support.Kind.PINNED ? free.pinned(0) : free.clamped(0);
    Beam rigid = carried(headed, z);
    Beam held = rigid;
    if (support.kind() == Support.Kind.SPRUNG) {
      double k = spring.of(gripped(from).along(), support.diameter());
      headed = free.sprung(0, k).pinned(0);
      held = carried(headed, z);
    }
    double[] wall = hold.supported() ? new double[z.length] : new OpenRim(work).walls(z);
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
        List.of(slices),
        carriers(headed, z),
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

  /** The node under the steady; 0 where it does not stand along the work. */
  private int steadied(double[] z) {
    double at = hold.steady().map(Steadied::at).orElse(z[0]);
    int node = 0;
    for (int i = 0; i <= SLICES; i++) {
      node = Math.abs(z[i] - at) < Math.abs(z[node] - at) ? i : node;
    }
    return node < SLICES ? node : 0;
  }

  /** The nodes that something but the headstock's end carries. */
  private List<Integer> carriers(double[] z) {
    int tail = hold.supported() ? SLICES : 0;
    return IntStream.of(tail, steadied(z)).filter(n -> n > 0).boxed().toList();
  }

  /** A beam held at its head, on what else carries it. */
  private Beam carried(Beam headed, double[] z) {
    Beam b = headed;
    for (int node : carriers(z)) {
      b = b.pinned(node);
    }
    return b;
  }

  /** Places evenly along the work, the nearest of them moved to where the wood turns a corner. */
  private double[] nodes(double from, double to) {
    corners.set(0);
    corners.set(SLICES);
    double l = (to - from) / SLICES;
    double[] z = new double[SLICES + 1];
    for (int i = 0; i <= SLICES; i++) {
      z[i] = from + i * l;
    }
    for (String p : parts) {
      Frame f = work.frames().get(p);
      for (Polyline ring : work.bodies().get(p).sound().rings()) {
        List<Point> line = ring.points();
        for (int i = 1; i < line.size() - 1; i++) {
          double at = f.x(line.get(i).z());
          int node = (int) Math.round((at - from) / l);
          if (node > 0 && node < SLICES && turns(line.get(i - 1), line.get(i), line.get(i + 1))) {
            corners.set(node);
            z[node] = Math.max(from + (node - ASIDE) * l, Math.min(from + (node + ASIDE) * l, at));
          }
        }
      }
    }
    return z;
  }

  private static boolean turns(Point a, Point b, Point c) {
    double along = (b.z() - a.z()) * (c.z() - b.z()) + (b.r() - a.r()) * (c.r() - b.r());
    return along < CORNER * a.distance(b) * b.distance(c);
  }

  /** Cosine of what a line turns at a corner, at least. */
  private static final double CORNER = 0.9;

  /** A node is moved by less than half the way to the next. */
  private static final double ASIDE = 0.49;

  /** What each carrier takes of a force at each place. */
  private List<Stiffness.Carried> carriers(Beam headed, double[] z) {
    List<Integer> all = carriers(z);
    List<Stiffness.Carried> out = new ArrayList<>();
    for (int node : all) {
      Beam others = headed;
      for (int other : all) {
        others = other == node ? others : others.pinned(other);
      }
      out.add(new Stiffness.Carried(z[node], others.moved(node)));
    }
    return out;
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

  private Section slice(double[] z, int at, Stiffness.Slice[] slices) {
    Section sum = Section.EMPTY;
    double mid = (z[at] + z[at + 1]) / 2;
    double low = corners.get(at) ? z[at] : mid;
    double high = corners.get(at + 1) ? z[at + 1] : mid;
    slices[at] = new Stiffness.Slice(low, high, 0, Double.NaN);
    for (String p : parts) {
      Body body = work.bodies().get(p);
      double in = place(p, mid);
      double outer = 0;
      double i = 0;
      for (Span s : body.sound().at(in)) {
        sum = sum.plus(woods.get(body.wood(in)), s.from(), s.to());
        outer = s.to();
        i += Math.PI / 4 * (Math.pow(s.to(), 4) - Math.pow(s.from(), 4));
      }
      if (outer > 0 && i / outer > slices[at].modulus()) {
        // Of two woods one in the other, the stronger section is asked.
        Figure strength = body.wood(in).bending().orElse(null);
        double mpa = strength == null ? Double.NaN : strength.value();
        slices[at] = new Stiffness.Slice(low, high, i / outer, mpa);
      }
    }
    return sum;
  }

  /** The setup's z in the z of a part's body. */
  private double place(String part, double z) {
    Frame f = work.frames().get(part);
    return f.inverse().x(z);
  }
}
