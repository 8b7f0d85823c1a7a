package hazelkeep.stiffness;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.hold.Support;
import hazelkeep.hold.Work;
import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

/**
 * The stress in the wood under a tool, against a finite-element beam of its own: elements that are
 * bent and sheared evenly (Hughes, The Finite Element Method, from memory), twelve times as fine,
 * with springs for supports and Gauss's elimination, the moments read from how each element is
 * bent.
 */
class BentWorkTest {
  private static final Shop SHOP = Shop.starter();
  private static final int FINE = 720;
  private static final double FORCE = 60;
  private static final int BAND = 4;

  /** Stages of all kinds that have one body, its tail up or free, and where each is cut. */
  private record Bent(String name, Stage stage, Span cut) {}

  private static List<Bent> stages() {
    List<Bent> out = new ArrayList<>();
    for (Kind<?> kind : Kinds.ALL) {
      for (Stage s : stages(kind)) {
        if (s.stiffBefore().known() && s.mounted().distinct().size() == 1) {
          cut(s).ifPresent(c -> out.add(new Bent(kind.name() + " " + s.step().key().path(), s, c)));
        }
      }
    }
    return out;
  }

  private static <D extends Design> List<Stage> stages(Kind<D> kind) {
    return Plan.of(kind, kind.fresh(), SHOP, List.of()).rehearsal().stages();
  }

  private static Optional<Span> cut(Stage s) {
    HalfSection gone = s.removed().values().stream().reduce(HalfSection.EMPTY, HalfSection::plus);
    boolean cuts = s.step().acts().stream().anyMatch(Act.Remove.class::isInstance);
    return cuts && !gone.isEmpty()
        ? Optional.of(new Span(gone.minZ(), gone.maxZ()))
        : Optional.empty();
  }

  @Test
  void stress_agrees_with_a_finite_element_program() {
    List<Bent> all = stages();
    int supported = 0;
    int checked = 0;
    for (int i = 0; i < all.size(); i += Math.max(1, all.size() / 100)) {
      Bent b = all.get(i);
      double own = b.stage.stiffBefore().stress(FORCE, b.cut, 0).mpa();
      double other = new Reference(b.stage).most(b.cut);
      if (other > 0.2) {
        assertThat(own).as(b.name).isCloseTo(other, Percentage.withPercentage(5));
        checked++;
        supported += b.stage.setup().hold().supported() ? 1 : 0;
      }
    }
    assertThat(checked).as("stages").isGreaterThan(20);
    assertThat(supported).as("with the tail up").isGreaterThan(8);
  }

  /** A beam along one body, by another method than the one that is checked. */
  private static final class Reference {
    private final Body body;
    private final Stage stage;
    private final double from;
    private final double l;
    private final double[] inertia = new double[FINE];
    private final double[] modulus = new double[FINE];
    private final double[][] k = new double[2 * FINE + 2][BAND];
    private final double along;

    Reference(Stage stage) {
      this.stage = stage;
      Work work = stage.mounted();
      String part = work.distinct().get(0);
      this.body = work.bodies().get(part);
      Support support = stage.setup().hold().grip().support(work);
      this.from = support.at();
      this.l = (work.most() - from) / FINE;
      this.along = body.wood(body.sound().minZ()).along().map(Figure::value).orElseThrow();
      for (int i = 0; i < FINE; i++) {
        double z = work.frames().get(part).inverse().x(from + (i + 0.5) * l);
        double out = body.sound().outer(z);
        double in = body.sound().inner(z);
        inertia[i] = Math.PI / 4 * (Math.pow(out, 4) - Math.pow(in, 4));
        modulus[i] = out > 0 ? inertia[i] / out : 0;
        element(i, along * Math.max(inertia[i], 1e-3), shear(in, out));
      }
      double rigid = 1e12;
      k[0][0] += rigid;
      if (support.kind() == Support.Kind.CLAMPED) {
        k[1][0] += rigid;
      } else if (support.kind() == Support.Kind.SPRUNG) {
        k[1][0] += JawSpring.of(SHOP).of(along, support.diameter());
      }
      if (stage.setup().hold().supported()) {
        k[2 * FINE][0] += rigid;
      }
    }

    /** Gauss's elimination of a symmetric band; a row begins at its diagonal. */
    private double[] solve(int at) {
      double[][] a = new double[k.length][];
      for (int i = 0; i < a.length; i++) {
        a[i] = k[i].clone();
      }
      double[] x = new double[k.length];
      x[at] = FORCE;
      for (int i = 0; i < a.length; i++) {
        for (int r = 1; r < BAND && i + r < a.length; r++) {
          double share = a[i][r] / a[i][0];
          for (int c = r; c < BAND; c++) {
            a[i + r][c - r] -= share * a[i][c];
          }
          x[i + r] -= share * x[i];
        }
      }
      for (int i = a.length - 1; i >= 0; i--) {
        for (int r = 1; r < BAND && i + r < a.length; r++) {
          x[i] -= a[i][r] * x[i + r];
        }
        x[i] /= a[i][0];
      }
      return x;
    }

    /** From a solid bar to a thin tube the coefficient goes from 0.89 to 0.5. */
    private double shear(double in, double out) {
      double g = body.wood(body.sound().minZ()).shearModulus().map(Figure::value).orElseThrow();
      double area = Math.PI * (out * out - in * in);
      return Math.max(1e-3, g * area * (0.89 - 0.39 * in / Math.max(out, 1)));
    }

    /** Bent by the difference of its ends' slopes, sheared by what they lack of its own lean. */
    private void element(int i, double ei, double ga) {
      double[] bent = {0, -1 / l, 0, 1 / l};
      double[] sheared = {-1 / l, -0.5, 1 / l, -0.5};
      double[][] e = new double[4][4];
      for (int r = 0; r < 4; r++) {
        for (int s = 0; s < 4; s++) {
          e[r][s] = l * (ei * bent[r] * bent[s] + ga * sheared[r] * sheared[s]);
        }
      }
      for (int r = 0; r < 4; r++) {
        for (int s = r; s < 4; s++) {
          k[2 * i + r][s - r] += e[r][s];
        }
      }
    }

    /** The largest stress while the force goes along a cut, MPa. */
    double most(Span cut) {
      double most = 0;
      for (int node = 0; node <= FINE; node++) {
        double p = from + node * l;
        if (p >= cut.from() - l / 2 && p <= cut.to() + l / 2) {
          double[] u = solve(2 * node);
          for (int i = 0; i < FINE; i++) {
            if (modulus[i] > 0) {
              most = Math.max(most, moment(u, i) / modulus[i]);
            }
          }
        }
      }
      return most;
    }

    /** Half way along an element: E I times the curvature there. */
    private double moment(double[] u, int i) {
      return along * inertia[i] * Math.abs(u[2 * i + 3] - u[2 * i + 1]) / l;
    }
  }
}
