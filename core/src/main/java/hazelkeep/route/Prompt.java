package hazelkeep.route;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Unit;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import java.util.List;

/**
 * A size to measure in a step: the number to be, and what the device shows then.
 *
 * @param dim the dimension
 * @param gauge with which device
 * @param where where to put it, in words
 * @param least the smallest true length that will do, mm
 * @param most the largest that will do, mm
 */
public record Prompt(Dim dim, Gauge gauge, String where, double least, double most) {
  /** What typing and units round by, mm. */
  private static final double HAIR = 1e-6;

  /** What a step asks to be measured, in order. */
  public static List<Prompt> of(Step step, Aim aim, Shop shop) {
    return step.acts().stream()
        .filter(Act.Read.class::isInstance)
        .map(a -> of((Act.Read) a, aim, shop))
        .toList();
  }

  private static Prompt of(Act.Read r, Aim aim, Shop shop) {
    Dim d = aim.dims().get(r.what());
    Gauge gauge = shop.gauge(r.gauge()).orElse(new Gauge(r.gauge(), 0));
    double due = d.due().mm();
    return new Prompt(d, gauge, r.where(), due - r.under(), due + r.over());
  }

  /** The number to be, mm. */
  public double target() {
    return dim.due().mm();
  }

  /** What the device shows when the size is right, mm. */
  public double shows() {
    return gauge.shows(target());
  }

  /** Whether the device shows another number than the true length. */
  public boolean dead() {
    return gauge.dead() != 0;
  }

  /** Whether a true length is none that will do: it is asked about before it counts. */
  public boolean doubts(double truth) {
    return truth < least - HAIR || truth > most + HAIR;
  }

  /**
   * The same of what a device shows in a unit: what reads there as one of the limits will do.
   *
   * <p>Example: where 87.4998 mm is the most, a rule that shows 87.5 shows the most.
   */
  public boolean doubts(double truth, Gauge with, Unit in) {
    return doubts(truth) && !alike(truth, least, with, in) && !alike(truth, most, with, in);
  }

  private boolean alike(double truth, double limit, Gauge with, Unit in) {
    double a = with.shows(truth);
    double b = with.shows(limit);
    return dim.fit() ? in.showFit(a).equals(in.showFit(b)) : in.show(a).equals(in.show(b));
  }
}
