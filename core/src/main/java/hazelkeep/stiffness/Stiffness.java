package hazelkeep.stiffness;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Memory;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Frame;
import hazelkeep.wood.Body;
import hazelkeep.wood.Unknown;
import java.util.List;
import java.util.Map;

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

  /** Euler's thrust over least stiffness times length, for a bar held and pinned. */
  private static final double BUCKLES = 20.19 / 107.3;

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
        () -> new LaidBeam(work, hold, spring).result());
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
}
