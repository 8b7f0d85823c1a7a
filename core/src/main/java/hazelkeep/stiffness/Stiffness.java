package hazelkeep.stiffness;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Support;
import hazelkeep.hold.Work;
import hazelkeep.measure.Memory;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
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
 * How stiff the work is as it stands and is held.
 *
 * @param z places along the work, mm from the setup's zero
 * @param held stiffness there with the yielding of lathe and chuck, N/mm, at most what is rigid for
 *     a turner
 * @param wood stiffness of the wood alone, in jaws that do not yield: orders of work are compared
 *     by it
 * @param criticals the lowest critical speeds, rpm; empty where the density is not known
 * @param weakest places where the wood bends most under a sideways force at a place: see {@link
 *     #stress}
 * @param missing what is not known and was therefore not judged
 */
public record Stiffness(
    double[] z,
    double[] held,
    double[] wood,
    double[] criticals,
    Slices weakest,
    List<Unknown> missing) {

  /** So many slices along the work. */
  static final int SLICES = 60;

  private static final int CRITICALS = 2;
  private static final double SECONDS = 60;
  private static final double TONNES = 1e-12;

  /** What stands in for a slice without wood, of the stiffest one: work that hangs on air. */
  private static final double AIR = 1e-6;

  /** Rims are looked at so far below their edge, which may be broken or hollowed, mm. */
  private static final double EDGE = 2;

  /** Euler's thrust over least stiffness times length, for a bar held and pinned. */
  private static final double BUCKLES = 20.19 / 107.3;

  /** What is left of the stiffness of a bar that its tail centre bends: next to nothing. */
  private static final double BENT = 0.01;

  /** How far beside a border a slice is taken, mm. */
  private static final double PROBE = 0.05;

  /**
   * Sections of the work that a bending moment meets.
   *
   * @param from where the head supports it, mm
   * @param to where the tail supports it, mm; not a number without a tailstock
   * @param z middles of the slices, mm
   * @param modulus section modulus of each, mm3
   * @param strength bending strength of the wood there, MPa; not a number where it is not known
   */
  record Slices(double from, double to, double[] z, double[] modulus, double[] strength) {}

  /** A place under stress. */
  public record Stress(double z, double mpa, double strength) {
    /** As a share of the strength. */
    public double share() {
      return mpa / strength;
    }
  }

  /**
   * Works it out.
   *
   * @param work what is mounted
   * @param hold how
   * @param spring how far lathe and chuck yield
   */
  public static Stiffness of(Work work, Hold hold, JawSpring spring) {
    return KNOWN.of(
        new Asked(work.bodies(), work.frames(), work.practice(), hold, spring),
        () -> new Sum(work, hold, spring).result());
  }

  /**
   * The thrust along the axis that bends a bar between two supports, N: from its least sideways
   * stiffness, since both hang on the same bending. Held and pinned 20.19 E I / L^2 against 107.3 E
   * I / L^3 (Euler's columns and beam tables; from memory); pinned at both ends it is a tenth more.
   *
   * @param least stiffness at its softest place, N/mm
   * @param length between the supports, mm
   */
  static double buckling(double least, double length) {
    return BUCKLES * least * length;
  }

  /** Answers that a generation of the memory holds: some 5 MB. */
  private static final int REMEMBERED = 1_500;

  private static final Memory<Asked, Stiffness> KNOWN = new Memory<>(REMEMBERED, s -> 1);

  private record Asked(
      Map<String, Body> bodies,
      Map<String, Frame> frames,
      Practice practice,
      Hold hold,
      JawSpring spring) {}

  /** Whether something could be worked out. */
  public boolean known() {
    return z.length > 0;
  }

  /** The least stiffness as held between two places, N/mm. */
  public double least(double from, double to) {
    return held[weakest(from, to)];
  }

  /** Where it is softest between two places: an index into {@link #z}. */
  public int weakest(double from, double to) {
    int at = -1;
    for (int i = 0; i < z.length; i++) {
      boolean in = z[i] >= from && z[i] <= to;
      if (in && (at < 0 || held[i] < held[at])) {
        at = i;
      }
    }
    return at >= 0 ? at : nearest((from + to) / 2);
  }

  private int nearest(double place) {
    int at = 0;
    for (int i = 1; i < z.length; i++) {
      if (Math.abs(z[i] - place) < Math.abs(z[at] - place)) {
        at = i;
      }
    }
    return at;
  }

  /**
   * Where a sideways force bends the wood hardest.
   *
   * @param force N
   * @param at where it is put on, mm from the setup's zero
   */
  public Stress stress(double force, double at) {
    return stress(force, at, 0);
  }

  /**
   * The same of a tool that goes along all the work up to a place, and is lighter on what is thin:
   * where it cuts wood that resists bending no more than a rod of diameter d below the given one
   * d0, it presses with F (d / d0)^2: its shaving is thinner and narrower. A rod that tapers to a
   * point is so not broken at its point by every cut. With the far end carried, the force is that
   * in the middle, as before.
   *
   * @param fine d0, mm; 0 for the same force everywhere
   */
  public Stress stress(double force, double at, double fine) {
    Slices s = weakest;
    Stress worst = new Stress(at, 0, Double.NaN);
    boolean tail = !Double.isNaN(s.to());
    double[] moment = tail ? null : moments(force, at, fine);
    for (int i = 0; i < s.z().length; i++) {
      double x = s.z()[i];
      double m =
          tail
              ? force * Math.max(0, (x - s.from()) * (s.to() - x)) / (s.to() - s.from())
              : moment[i];
      double mpa = s.modulus()[i] > 0 ? m / s.modulus()[i] : 0;
      if (mpa / s.strength()[i] > worst.share() || Double.isNaN(worst.strength())) {
        worst = new Stress(x, mpa, s.strength()[i]);
      }
    }
    return worst;
  }

  /** The largest moment at each slice that the tool makes anywhere between it and a place, N mm. */
  private double[] moments(double force, double at, double fine) {
    Slices s = weakest;
    double[] out = new double[s.z().length];
    double[] presses = new double[out.length];
    for (int i = 0; i < out.length; i++) {
      presses[i] = force * share(s, i, fine);
    }
    for (int i = 0; i < out.length; i++) {
      double x = s.z()[i];
      out[i] = Math.max(0, at - x) * presses[out.length - 1];
      for (int p = i + 1; p < out.length && s.z()[p] <= at; p++) {
        out[i] = Math.max(out[i], (s.z()[p] - x) * presses[p]);
      }
    }
    return out;
  }

  /** How much of a force the tool presses with on a slice. */
  private static double share(Slices s, int slice, double fine) {
    double rod = Math.cbrt(32 * s.modulus()[slice] / Math.PI);
    return fine <= 0 ? 1 : Math.min(1, rod * rod / fine / fine);
  }

  /** One working out. */
  private static final class Sum {
    private final Work work;
    private final Hold hold;
    private final JawSpring spring;
    private final List<String> parts;
    private final TreeSet<Unknown> missing = new TreeSet<>();

    /** By the very object: a slice asks for what its body names. */
    private final Map<Species, Section.Wood> woods = new IdentityHashMap<>();

    private boolean dense = true;

    Sum(Work work, Hold hold, JawSpring spring) {
      this.work = work;
      this.hold = hold;
      this.spring = spring;
      this.parts = work.distinct();
    }

    private Stiffness none() {
      double[] no = new double[0];
      return new Stiffness(
          no, no, no, no, new Slices(0, Double.NaN, no, no, no), List.copyOf(missing));
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
          new Slices(from, hold.supported() ? to : Double.NaN, mid, modulus, strength),
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
      return Math.max(BENT, 1 - work.custom(Line.HOLD_TAIL_TOUCH) / buckling(1 / most, length));
    }

    /**
     * Whether anything but the headstock's end carries it; where nothing does, the hold says so.
     */
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
     * An open rim gives under a tool by k = c E t^2 / R, t its wall and R its mean radius; the
     * nearer to the floor, the rounder the wall is kept.
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

    private static final double STEP = 1;
  }
}
