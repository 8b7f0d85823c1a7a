package hazelkeep.piece;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.Size;
import java.util.Optional;

/**
 * The two sizes of a fit, and what lies between them: of recess, spigot and clearance any two
 * decide the third; one alone is followed by the other.
 *
 * @param <D> the design
 */
public final class Pair<D extends Design> {
  private final Dims<D> d;
  private final String recess;
  private final String spigot;

  /**
   * In some dimensions.
   *
   * @param recess the name of the outer one's diameter
   * @param spigot the name of the inner one's diameter
   */
  public Pair(Dims<D> d, String recess, String spigot) {
    this.d = d;
    this.recess = recess;
    this.spigot = spigot;
  }

  /** The clearance: what two stated sizes leave, else the middle of a class. */
  public Rule.Value clearance(FitClass fit, String nominal) {
    Optional<Size> outer = d.stated(recess);
    Optional<Size> inner = d.stated(spigot);
    if (outer.isPresent() && inner.isPresent()) {
      return derived(outer.get().mm() - inner.get().mm(), "what the two sizes leave");
    }
    double at = outer.or(() -> inner).map(Size::mm).orElseGet(() -> d.mm(nominal));
    return practice(fit.centre(at, d.shop().practice()), "middle of the " + fit.word() + " class");
  }

  /** The recess that follows a spigot which alone was stated; empty otherwise. */
  public Optional<Rule.Value> recess() {
    return d.stated(spigot)
        .map(s -> derived(s.mm() + d.mm("joint.clearance"), "spigot plus clearance"));
  }

  /** The spigot that follows a recess which alone was stated; empty otherwise. */
  public Optional<Rule.Value> spigot() {
    return d.stated(recess)
        .map(s -> derived(s.mm() - d.mm("joint.clearance"), "recess less the clearance"));
  }
}
