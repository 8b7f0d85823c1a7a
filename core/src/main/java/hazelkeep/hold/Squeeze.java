package hazelkeep.hold;

import static hazelkeep.hold.Touch.PROBE;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A tenon squeezed by jaws.
 *
 * @param part the part that is held
 * @param stub its tenon that is gripped
 * @param jaws the jaw set
 */
public record Squeeze(String part, String stub, JawSet jaws) implements InJaws {
  /** By a part's only tenon. */
  public Squeeze(String part, JawSet jaws) {
    this(part, "tenon", jaws);
  }

  @Override
  public String words(UnaryOperator<String> called) {
    return jaws.name() + " on the " + called.apply(part) + "'s " + stub;
  }

  @Override
  public Squeeze in(JawSet other) {
    return new Squeeze(part, stub, other);
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(Iron.round(jaws, work.outer(part, -PROBE)));
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.SPRUNG, 2 * work.outer(part, -PROBE));
  }

  /** The tenon breaks before the jaws let go: a quarter of its bending strength is allowed. */
  @Override
  public Allowed allows(Work work) {
    double d = 2 * work.outer(part, -PROBE);
    Optional<Double> strength =
        work.wood(part, -PROBE).flatMap(Species::bending).map(Figure::value);
    if (strength.isEmpty()) {
      return Allowed.unknown(
          Wording.of("squeeze.the-bending-strength-of-the"),
          work.unknown(part, WoodProperty.BENDING));
    }
    double allowed = strength.get() * work.custom(Line.HOLD_STRENGTH_WATCH);
    return new Allowed(
        0,
        Double.POSITIVE_INFINITY,
        allowed * Math.PI * d * d * d / 32,
        false,
        0,
        Double.NaN,
        Wording.of("squeeze.a-quarter-of-the-tenons"),
        List.of());
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    Body body = work.bodies().get(part);
    if (body == null) {
      return out;
    }
    if (!work.parts().get(part).has(stub)) {
      out.add(Jaws.gone(part, stub));
      return out;
    }
    // A hole in its middle does not loosen a tenon: its outer wood is what is gripped.
    HalfSection whole = work.parts().get(part).stub(stub).region();
    double gripped = Math.max(whole.maxR() / 2, whole.maxR() - work.custom(Line.HOLD_TENON_WALL));
    HalfSection half =
        whole.isEmpty()
            ? whole
            : whole.minus(HalfSection.box(whole.minZ(), whole.maxZ(), 0, gripped));
    double left = body.sound().and(half).area() / half.area();
    if (left < work.custom(Line.HOLD_TENON_LEFT)) {
      out.add(
          Entry.TENON_GONE.told(Grade.STOP, 100 * left, 100 * work.custom(Line.HOLD_TENON_LEFT)));
      return out;
    }
    HalfSection stock = work.sound(part);
    double root = 2 * stock.outer(-PROBE);
    Jaws.range(jaws, root, "Tenon", out);
    double length = -stock.minZ();
    if (length > jaws.longestTenon(work.practice()) + 1e-6) {
      out.add(
          Entry.TENON_LONG.told(
              length > jaws.depth() ? Grade.STOP : Grade.WATCH,
              length,
              jaws.longestTenon(work.practice()),
              jaws.name()));
    }
    double step = stock.outer(PROBE) - root / 2;
    if (step < work.custom(Line.HOLD_SHOULDER)) {
      out.add(
          Entry.SHOULDER_UNSEATED.told(
              step <= PROBE ? Grade.STOP : Grade.WATCH,
              Math.max(0, step),
              work.custom(Line.HOLD_SHOULDER)));
    }
    Jaws.free(work, freeLength(work), root, back, out);
    return out;
  }
}
