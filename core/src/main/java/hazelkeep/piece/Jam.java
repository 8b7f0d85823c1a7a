package hazelkeep.piece;

import hazelkeep.fit.FitClass;
import hazelkeep.hold.PressFit;
import hazelkeep.measure.Wording;
import hazelkeep.wood.Species;
import java.util.Map;
import java.util.Optional;

/**
 * The press that drives one half on the other while it is turned.
 *
 * @param press interference, mm on the diameter
 * @param reason in words
 */
public record Jam(double press, String reason) {
  /**
   * The middle of the jam class, but no more than the ring bears.
   *
   * @param seat diameter of the seat, mm
   * @param outside least diameter of the ring's outside over it, mm
   * @param bore diameter of the bore in the inner half, mm
   */
  public static Jam of(Dims<?> d, double seat, double outside, double bore) {
    double usual = -FitClass.JAM.centre(seat, d.shop().practice());
    String name = d.design().species();
    Species wood = d.shop().woods().named(name).orElseGet(() -> new Species(name, "", Map.of()));
    Optional<Double> most =
        PressFit.most(
            seat / 2,
            new PressFit.Turned(outside / 2, wood),
            new PressFit.Turned(bore / 2, wood),
            d.shop().practice());
    return most.filter(m -> m < usual)
        .map(m -> new Jam(m, Wording.of("jam.the-greatest-press-that-the")))
        .orElse(new Jam(usual, "middle of the jam class"));
  }

  /** The rule of a spigot's diameter that is jammed into a recess. */
  public Rule.Value over(double recess) {
    return Rule.Value.practice(recess + press, reason);
  }
}
