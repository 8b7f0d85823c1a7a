package hazelkeep.stiffness;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Memory;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Frame;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Unknown;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How stiff the work is as it stands and is held.
 *
 * @param z places along the work, mm from the setup's zero
 * @param held stiffness there with the yielding of lathe and chuck, N/mm, at most what is rigid for
 *     a turner
 * @param wood stiffness of the wood alone, in jaws that do not yield: orders of work are compared
 *     by it
 * @param criticals the lowest critical speeds, rpm; empty where the density is not known
 * @param slices the sections between two places: see {@link #stress}
 * @param carried what carries it beside the headstock's end
 * @param missing what is not known and was therefore not judged
 */
public record Stiffness(
    double[] z,
    double[] held,
    double[] wood,
    double[] criticals,
    List<Slice> slices,
    List<Carried> carried,
    List<Unknown> missing) {

  /** So many slices along the work. */
  static final int SLICES = 60;

  /** Euler's thrust over least stiffness times length, for a bar held and pinned. */
  private static final double BUCKLES = 20.19 / 107.3;

  /**
   * A section of the work that a bending moment meets.
   *
   * @param from where it begins: at a corner of the wood, else in the middle of what it stands for
   * @param to where it ends, likewise, mm
   * @param modulus section modulus, mm3; 0 without wood
   * @param strength bending strength of the wood, MPa; not a number where it is not known
   */
  record Slice(double from, double to, double modulus, double strength) {}

  /**
   * Something that carries the work: the tail, a steady.
   *
   * @param at where, mm
   * @param share how much of a sideways force at each place of {@link #z} it takes
   */
  record Carried(double at, double[] share) {}

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
   * Where a tool bends the wood hardest while it cuts from one place to another.
   *
   * <p>A sideways force F at p makes the moment F (p - x) at x towards the head, less what each of
   * the carriers takes: it pushes back by its share R of F, so M(x) = F max(0, p - x) - sum of R
   * max(0, c - x).
   *
   * <p>A tool is lighter on what is thin: where it cuts wood that resists bending no more than a
   * rod of diameter d below the given one d0, it presses with F (d / d0)^2: its shaving is thinner
   * and narrower. A rod that tapers to a point is so not broken at its point by every cut.
   *
   * <p>Example: 100 N at the end of a stem of 8 mm, 120 long and held at one end: 12 000 N mm over
   * 50.3 mm3 are 239 MPa.
   *
   * @param force N
   * @param cut where it goes, mm from the setup's zero
   * @param fine d0, mm; 0 for the same force everywhere
   */
  public Stress stress(double force, Span cut, double fine) {
    Stress worst = new Stress(cut.to(), 0, Double.NaN);
    double[] carry = new double[carried.size()];
    for (double p : places(cut)) {
      double f = force * share(p, fine);
      for (int c = 0; c < carry.length; c++) {
        carry[c] = f * at(carried.get(c).share(), p);
      }
      for (Slice s : slices) {
        double low = moment(s.from(), p, f, carry);
        double high = s.to() > s.from() ? moment(s.to(), p, f, carry) : low;
        double mpa = s.modulus() > 0 ? Math.max(low, high) / s.modulus() : 0;
        if (mpa / s.strength() > worst.share() || Double.isNaN(worst.strength())) {
          worst = new Stress(low >= high ? s.from() : s.to(), mpa, s.strength());
        }
      }
    }
    return worst;
  }

  private double moment(double x, double p, double force, double[] carry) {
    double m = force * Math.max(0, p - x);
    for (int c = 0; c < carry.length; c++) {
      m -= carry[c] * Math.max(0, carried.get(c).at() - x);
    }
    return Math.abs(m);
  }

  /** Both ends of a cut, and places between them as close as slices or fewer. */
  private double[] places(Span cut) {
    double from = Math.max(z[0], Math.min(cut.from(), z[z.length - 1]));
    double to = Math.max(from, Math.min(cut.to(), z[z.length - 1]));
    int steps = Math.min(PLACES, slice(to) - slice(from) + 1);
    return IntStream.rangeClosed(0, steps)
        .mapToDouble(i -> from + (to - from) * i / steps)
        .toArray();
  }

  /** Places at most that a force is put on along a cut. */
  private static final int PLACES = 16;

  /** A quantity of the nodes at a place between them. */
  private double at(double[] nodes, double place) {
    int low = slice(place);
    double share = (place - z[low]) / (z[low + 1] - z[low]);
    return nodes[low] + share * (nodes[low + 1] - nodes[low]);
  }

  /** The slice that a place lies in. */
  private int slice(double place) {
    int i = Arrays.binarySearch(z, place);
    return Math.max(0, Math.min(i >= 0 ? i : -i - 2, z.length - 2));
  }

  /** How much of a force the tool presses with at a place. */
  private double share(double place, double fine) {
    double rod = Math.cbrt(32 * slices.get(slice(place)).modulus() / Math.PI);
    return fine <= 0 ? 1 : Math.min(1, rod * rod / fine / fine);
  }
}
