package hazelkeep.piece;

import hazelkeep.hold.Grip;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.OnPartner;
import hazelkeep.hold.Squeeze;
import hazelkeep.measure.Length;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.route.Remedy;
import hazelkeep.shop.JawSet;
import hazelkeep.wood.Stub;
import java.util.Optional;

/** A tenon sized for the jaws that are to hold it: jaws and tenon are chosen together. */
public final class TenonFor {
  private TenonFor() {}

  /**
   * The diameter at which a hold's tenon has the jaws' true circle at its root.
   *
   * @param setup the name of the setup whose tenon it is
   * @return empty where the hold squeezes no tenon, or the blank is too thin for one of that size
   */
  public static <D extends Design> Optional<Remedy.SetDim> of(
      Plan<D> plan, String setup, JawSet jaws) {
    return plan.route().setups().stream()
        .filter(s -> s.name().equals(setup))
        .flatMap(s -> squeezed(s.hold().grip()).stream())
        .findFirst()
        .flatMap(q -> sized(plan, q, jaws));
  }

  private static Optional<Squeeze> squeezed(Grip grip) {
    InJaws in = grip instanceof OnPartner j ? j.hostHeld() : grip instanceof InJaws i ? i : null;
    return in instanceof Squeeze q ? Optional.of(q) : Optional.empty();
  }

  private static <D extends Design> Optional<Remedy.SetDim> sized(
      Plan<D> plan, Squeeze q, JawSet jaws) {
    Stub stub = plan.aim().part(q.part()).stub(q.stub());
    double length = stub.region().maxZ() - stub.region().minZ();
    double end =
        jaws.trueCircle() + plan.shop().custom(Line.HOLD_TENON_OVER_CIRCLE) + jaws.flare(length);
    double most = plan.aim().mm(StockRules.ROUND) - 2 * Tenons.shoulder(plan.shop());
    if (end > most) {
      return Optional.empty();
    }
    return plan.sketch().dimensions().features().stream()
        .filter(f -> f.kind() == Feature.Kind.STUB && f.surface().equals(stub.standsOn()))
        .map(Feature::key)
        .findFirst()
        .map(key -> new Remedy.SetDim(key, Length.mm(Rounding.to(end, 1))));
  }
}
