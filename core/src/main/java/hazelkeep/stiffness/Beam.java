package hazelkeep.stiffness;

import java.util.Arrays;

/**
 * A straight beam of Timoshenko elements in one plane: two freedoms a node, deflection and slope.
 * Stiffness and consistent mass with rotary inertia after Przemieniecki, Theory of Matrix
 * Structural Analysis (from memory). Matrices are banded, so that all answers cost time in
 * proportion to the number of elements.
 *
 * <p>Units: mm, N, MPa, tonne, second.
 */
public final class Beam {
  /** Entries of a row from its diagonal on: two nodes hang together, four freedoms. */
  private static final int BAND = 4;

  private static final double CONVERGED = 1e-8;
  private static final int ROUNDS_MOST = 400;

  private final int freedoms;
  private final double[] stiffness;
  private final double[] mass;

  /**
   * A free beam.
   *
   * @param length of each element, mm
   * @param bending E I of each element, N mm2
   * @param shear kappa G A of each element, N; infinite for a beam that does not yield in shear
   * @param lineMass rho A of each element, t/mm
   * @param lineInertia rho I of each element, t mm
   */
  public Beam(
      double[] length, double[] bending, double[] shear, double[] lineMass, double[] lineInertia) {
    int n = length.length;
    freedoms = 2 * (n + 1);
    stiffness = new double[freedoms * BAND];
    mass = new double[freedoms * BAND];
    for (int i = 0; i < n; i++) {
      double l = length[i];
      double phi = 12 * bending[i] / (shear[i] * l * l);
      addStiffness(2 * i, l, bending[i], phi);
      addMass(2 * i, l, lineMass[i], lineInertia[i], phi);
    }
  }

  private Beam(int freedoms, double[] stiffness, double[] mass) {
    this.freedoms = freedoms;
    this.stiffness = stiffness;
    this.mass = mass;
  }

  private void addStiffness(int at, double l, double ei, double phi) {
    double c = ei / (l * l * l * (1 + phi));
    element(
        stiffness,
        at,
        12 * c,
        6 * l * c,
        -12 * c,
        6 * l * c,
        (4 + phi) * l * l * c,
        -6 * l * c,
        (2 - phi) * l * l * c);
  }

  private void addMass(int at, double l, double ra, double ri, double phi) {
    double p2 = phi * phi;
    double t = ra * l / ((1 + phi) * (1 + phi));
    double r = ri / (l * (1 + phi) * (1 + phi));
    double a = t * (13 / 35.0 + 7 * phi / 10 + p2 / 3) + r * 1.2;
    double b = t * (11 / 210.0 + 11 * phi / 120 + p2 / 24) * l + r * (0.1 - phi / 2) * l;
    double c = t * (9 / 70.0 + 3 * phi / 10 + p2 / 6) - r * 1.2;
    double d = -t * (13 / 420.0 + 3 * phi / 40 + p2 / 24) * l + r * (0.1 - phi / 2) * l;
    double e =
        t * (1 / 105.0 + phi / 60 + p2 / 120) * l * l + r * (2 / 15.0 + phi / 6 + p2 / 3) * l * l;
    double f =
        -t * (1 / 140.0 + phi / 60 + p2 / 120) * l * l + r * (-1 / 30.0 - phi / 6 + p2 / 6) * l * l;
    element(mass, at, a, b, c, d, e, -d, f);
  }

  /** Adds a symmetric element matrix whose far end mirrors its near end. */
  private static void element(
      double[] m,
      int at,
      double k11,
      double k12,
      double k13,
      double k14,
      double k22,
      double k23,
      double k24) {
    add(m, at, 0, k11);
    add(m, at, 1, k12);
    add(m, at, 2, k13);
    add(m, at, 3, k14);
    add(m, at + 1, 0, k22);
    add(m, at + 1, 1, k23);
    add(m, at + 1, 2, k24);
    add(m, at + 2, 0, k11);
    add(m, at + 2, 1, -k12);
    add(m, at + 3, 0, k22);
  }

  private static void add(double[] m, int row, int off, double v) {
    m[row * BAND + off] += v;
  }

  /** Keeps a node from moving sideways. */
  public Beam pinned(int node) {
    return fixed(2 * node);
  }

  /** Keeps a node from moving and from turning. */
  public Beam clamped(int node) {
    return fixed(2 * node).fixed(2 * node + 1);
  }

  /**
   * Holds a node against turning by a spring.
   *
   * @param nmmPerRad N mm/rad
   */
  public Beam sprung(int node, double nmmPerRad) {
    Beam b = copy();
    add(b.stiffness, 2 * node + 1, 0, nmmPerRad);
    return b;
  }

  /**
   * Hangs a point mass on a node.
   *
   * @param tonnes t
   */
  public Beam loaded(int node, double tonnes) {
    Beam b = copy();
    add(b.mass, 2 * node, 0, tonnes);
    return b;
  }

  private Beam copy() {
    return new Beam(freedoms, stiffness.clone(), mass.clone());
  }

  private Beam fixed(int freedom) {
    Beam b = copy();
    for (int off = 0; off < BAND; off++) {
      if (freedom + off < freedoms) {
        b.stiffness[freedom * BAND + off] = 0;
        b.mass[freedom * BAND + off] = 0;
      }
      if (freedom - off >= 0) {
        b.stiffness[(freedom - off) * BAND + off] = 0;
        b.mass[(freedom - off) * BAND + off] = 0;
      }
    }
    b.stiffness[freedom * BAND] = 1;
    return b;
  }

  /** The full stiffness matrix, for checks against general solvers. */
  public double[][] fullStiffness() {
    return full(stiffness);
  }

  /** The full mass matrix, for checks against general solvers. */
  public double[][] fullMass() {
    return full(mass);
  }

  private double[][] full(double[] m) {
    double[][] out = new double[freedoms][freedoms];
    for (int i = 0; i < freedoms; i++) {
      for (int off = 0; off < BAND && i + off < freedoms; off++) {
        out[i][i + off] = m[i * BAND + off];
        out[i + off][i] = m[i * BAND + off];
      }
    }
    return out;
  }

  /** The stiffness matrix in its factors L D L', banded. */
  private double[] factored() {
    double[] f = stiffness.clone();
    for (int j = 0; j < freedoms; j++) {
      double d = f[j * BAND];
      if (!(d > 0)) {
        throw new IllegalStateException("Nothing holds this beam");
      }
      int reach = Math.min(BAND - 1, freedoms - 1 - j);
      for (int a = 1; a <= reach; a++) {
        double l = f[j * BAND + a] / d;
        for (int b = a; b <= reach; b++) {
          f[(j + a) * BAND + b - a] -= l * f[j * BAND + b];
        }
      }
      for (int a = 1; a <= reach; a++) {
        f[j * BAND + a] /= d;
      }
    }
    return f;
  }

  private void solve(double[] f, double[] x) {
    for (int j = 0; j < freedoms; j++) {
      for (int a = 1; a < BAND && j + a < freedoms; a++) {
        x[j + a] -= f[j * BAND + a] * x[j];
      }
    }
    for (int j = freedoms - 1; j >= 0; j--) {
      double v = x[j] / f[j * BAND];
      for (int a = 1; a < BAND && j + a < freedoms; a++) {
        v -= f[j * BAND + a] * x[j + a];
      }
      x[j] = v;
    }
  }

  /**
   * How far each node gives under a newton that is put on it, mm/N: the diagonal of the inverse,
   * worked out from its band alone (Takahashi's recursion).
   *
   * @throws IllegalStateException when nothing holds the beam
   */
  public double[] flexibility() {
    double[] f = factored();
    double[] z = new double[freedoms * BAND];
    for (int j = freedoms - 1; j >= 0; j--) {
      int reach = Math.min(BAND - 1, freedoms - 1 - j);
      for (int a = reach; a >= 0; a--) {
        double v = a == 0 ? 1 / f[j * BAND] : 0;
        for (int k = 1; k <= reach; k++) {
          // Z(j + a, j + k) by symmetry from the smaller of the two.
          double other = z[(j + Math.min(a, k)) * BAND + Math.abs(a - k)];
          v -= f[j * BAND + k] * (a == 0 ? z[j * BAND + k] : other);
        }
        z[j * BAND + a] = v;
      }
    }
    double[] out = new double[freedoms / 2];
    for (int i = 0; i < out.length; i++) {
      boolean held = stiffness[2 * i * BAND] == 1 && mass[2 * i * BAND] == 0;
      out[i] = held ? 0 : z[2 * i * BAND];
    }
    return out;
  }

  /**
   * How far each node goes sideways when one of them is moved by 1 and no force is put on: by Betti
   * it is as well the share of a force at each node that a support there carries.
   *
   * @throws IllegalStateException when nothing holds the beam but this node
   */
  public double[] moved(int node) {
    double[] x = new double[freedoms];
    int at = 2 * node;
    for (int off = 1; off < BAND; off++) {
      if (at + off < freedoms) {
        x[at + off] = -stiffness[at * BAND + off];
      }
      if (at - off >= 0) {
        x[at - off] = -stiffness[(at - off) * BAND + off];
      }
    }
    pinned(node).solve(x);
    x[at] = 1;
    double[] out = new double[freedoms / 2];
    for (int i = 0; i < out.length; i++) {
      out[i] = x[2 * i];
    }
    return out;
  }

  private void solve(double[] x) {
    solve(factored(), x);
  }

  /**
   * The lowest natural frequencies, Hz, by inverse iteration, each freed of those before it. A beam
   * has no two alike, so this converges.
   *
   * @param count how many
   * @throws IllegalStateException when nothing holds the beam
   */
  public double[] frequencies(int count) {
    double[] f = factored();
    double[][] modes = new double[count][];
    double[][] heavy = new double[count][];
    double[] out = new double[count];
    for (int m = 0; m < count; m++) {
      double[] x = new double[freedoms];
      for (int i = 0; i < freedoms; i += 2) {
        // Crosses the axis m times, like the mode that it is to become.
        x[i] = Math.cos(m * Math.PI * i / freedoms) + i / (double) freedoms;
      }
      clear(x, modes, heavy, m);
      double[] mx = times(x);
      double last = 0;
      for (int round = 0; round < ROUNDS_MOST; round++) {
        double norm = Math.sqrt(dot(x, mx));
        for (int i = 0; i < freedoms; i++) {
          x[i] /= norm;
          mx[i] /= norm;
        }
        double[] next = mx.clone();
        solve(f, next);
        clear(next, modes, heavy, m);
        // Rayleigh's quotient of the next vector, whose K-norm is known from this one.
        double[] mNext = times(next);
        double value = dot(next, mx) / dot(next, mNext);
        x = next;
        mx = mNext;
        if (Math.abs(value - last) <= CONVERGED * value) {
          last = value;
          break;
        }
        last = value;
      }
      double norm = Math.sqrt(dot(x, mx));
      for (int i = 0; i < freedoms; i++) {
        x[i] /= norm;
        mx[i] /= norm;
      }
      modes[m] = x;
      heavy[m] = mx;
      out[m] = Math.sqrt(last) / (2 * Math.PI);
    }
    return out;
  }

  private static void clear(double[] x, double[][] modes, double[][] heavy, int found) {
    for (int m = 0; m < found; m++) {
      double share = dot(x, heavy[m]);
      for (int i = 0; i < x.length; i++) {
        x[i] -= share * modes[m][i];
      }
    }
  }

  private double[] times(double[] x) {
    double[] y = new double[freedoms];
    for (int i = 0; i < freedoms; i++) {
      y[i] += mass[i * BAND] * x[i];
      for (int a = 1; a < BAND && i + a < freedoms; a++) {
        double v = mass[i * BAND + a];
        y[i] += v * x[i + a];
        y[i + a] += v * x[i];
      }
    }
    return y;
  }

  private static double dot(double[] a, double[] b) {
    double s = 0;
    for (int i = 0; i < a.length; i++) {
      s += a[i] * b[i];
    }
    return s;
  }

  /** A beam of equal elements, for checks and benchmarks. */
  public static Beam uniform(
      int elements,
      double length,
      double bending,
      double shear,
      double lineMass,
      double lineInertia) {
    double[][] a = new double[5][elements];
    Arrays.fill(a[0], length / elements);
    Arrays.fill(a[1], bending);
    Arrays.fill(a[2], shear);
    Arrays.fill(a[3], lineMass);
    Arrays.fill(a[4], lineInertia);
    return new Beam(a[0], a[1], a[2], a[3], a[4]);
  }
}
