package hazelkeep.web.paper;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.solid.Extent;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.Locale;

/** The closed piece cut in half, to scale, with its sizes. */
final class SectionPlate {
  private static final double[] SCALES = {1, 0.75, 0.5, 0.4, 0.3, 0.2, 0.1};

  /** Room for the drawing itself, and for the numbers above and below it, mm. */
  private static final double TALL = 110;

  private static final double ABOVE = 54;
  private static final double BELOW = 16;

  private final Sheet sheet;
  private final Plan<?> plan;
  private final Show show;
  private final double scale;
  private final double low;
  private final double high;
  private final double left;
  private final double axis;
  private final double radius;

  private SectionPlate(Sheet sheet, Plan<?> plan, Show show, double top) {
    this.sheet = sheet;
    this.plan = plan;
    this.show = show;
    Extent box = Extent.of(plan.aim().closed());
    this.low = box.low();
    this.high = box.high();
    this.scale = fits(box.length(), box.across());
    this.left = (Sheet.LEFT + Sheet.RIGHT - box.length() * scale) / 2;
    this.radius = box.radius() * scale;
    this.axis = top + ABOVE + radius;
  }

  private static double fits(double length, double across) {
    for (double s : SCALES) {
      if (s * length <= Sheet.RIGHT - Sheet.LEFT && s * across <= TALL) {
        return s;
      }
    }
    return SCALES[SCALES.length - 1] / 2;
  }

  /** Draws it; says where it ends. */
  static double draw(Sheet sheet, Plan<?> plan, Show show, double top) {
    SectionPlate plate = new SectionPlate(sheet, plan, show, top);
    plate.wood();
    plate.numbers();
    double end = plate.axis + plate.radius + BELOW;
    String to = Sentences.of("sectionPlate.drawn-places-count-from-the", ratio(plate.scale));
    sheet.text(Sheet.LEFT, end, 8.5, to);
    return end + 8;
  }

  private static String ratio(double scale) {
    return scale == 1 ? "1:1" : String.format(Locale.ROOT, "1:%.3g", 1 / scale);
  }

  private double x(double z) {
    return left + (z - low) * scale;
  }

  private void wood() {
    int i = 0;
    for (Part p : plan.aim().parts()) {
      float grey = i++ % 2 == 0 ? 0.86f : 0.93f;
      sheet.section(
          p.target().in(p.closed()), (z, r) -> new double[] {x(z), axis - r * scale}, grey);
    }
    sheet.faint(() -> sheet.line(x(low) - 3, axis, x(high) + 3, axis));
  }

  private void numbers() {
    Ordinates above = new Ordinates();
    Ordinates below = new Ordinates();
    for (Measure m : plan.sketch().measures()) {
      Part part = plan.aim().part(m.part());
      double from = part.closed().x(m.from().z());
      double to = part.closed().x(m.to().z());
      Dim d = plan.aim().dims().get(m.key());
      boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
      if (across && m.hangs() && d.mm() > 0) {
        String text = d.label() + " \u2300 " + show.number(d, d.mm());
        above.add(x((from + to) / 2), axis - m.to().r() * scale, text);
      } else if (!across && m.hangs()) {
        place(below, from, m.from().r());
        place(below, to, m.to().r());
      }
    }
    above.draw(sheet, axis - radius - 2, true);
    below.draw(sheet, axis + radius + 2, false);
  }

  private void place(Ordinates below, double z, double r) {
    below.add(x(z), axis + r * scale, show.bare(z - low));
  }
}
