package hazelkeep.web.drawing;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Stage;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.stiffness.StiffnessLimits.Cut;
import java.util.function.DoubleUnaryOperator;

/** Stiffness along the work under a stage's drawing, on the same scale along the axis. */
final class StiffnessDrawing {
  static final double TALL = 46;

  /** The curve runs from here to what is rigid, N/mm, by the logarithm. */
  private static final double LEAST = 5;

  private static final double MARGIN = 5;

  private StiffnessDrawing() {}

  /** Draws it with its upper edge at y. */
  static void draw(Svg svg, Stage stage, Sheet sheet, double y, double width) {
    Stiffness k = stage.stiffness();
    if (!k.known()) {
      return;
    }
    Practice custom = stage.aim().practice();
    double rigid = custom.of(Line.STIFF_RIGID);
    double least = at(y, custom.of(Cut.FINISHING.least()), rigid);
    svg.rect("stiff-soft", 0, least, width, y + TALL - least, null);
    double light = at(y, custom.of(Cut.FINISHING.light()), rigid);
    svg.line("stiff-limit", 0, light, width, light);
    svg.path("stiff-wood", curve(k.z(), k.wood(), sheet, v -> at(y, v, rigid)));
    svg.path("stiff-held", curve(k.z(), k.held(), sheet, v -> at(y, v, rigid)));
  }

  private static String curve(double[] z, double[] k, Sheet sheet, DoubleUnaryOperator at) {
    StringBuilder d = new StringBuilder();
    for (int i = 0; i < z.length; i++) {
      d.append(i == 0 ? 'M' : 'L')
          .append(Svg.n(sheet.x(z[i])))
          .append(' ')
          .append(Svg.n(at.applyAsDouble(k[i])));
    }
    return d.toString();
  }

  private static double at(double y, double k, double rigid) {
    double share = Math.log(Math.max(LEAST, k) / LEAST) / Math.log(rigid / LEAST);
    return y + TALL - MARGIN - share * (TALL - 2 * MARGIN);
  }
}
