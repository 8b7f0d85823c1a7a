package hazelkeep.hold;

import static hazelkeep.hold.Touch.JAM_AT;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Shop;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A part pressed on a piece of waste turned to fit it: a plug in its mouth, or a cup over its
 * spigot.
 *
 * @param part the part that is turned
 * @param seat the surface of the part that the chuck fills or grips
 * @param chuck the jam chuck's half-section in the setup's frame, its face at x = 0
 * @param wood the jam chuck's wood
 * @param paper thickness of paper between them, mm
 * @param kept the name of the kept chuck; empty for one that is turned for the piece
 */
public record JamChuck(
    String part, String seat, HalfSection chuck, Species wood, double paper, Optional<String> kept)
    implements Grip {

  /** One turned for the piece from a wood that nobody named. */
  public static JamChuck of(String part, String seat, HalfSection chuck) {
    return new JamChuck(part, seat, chuck, new Species("waste", "", Map.of()), 0, Optional.empty());
  }

  @Override
  public String words(UnaryOperator<String> called) {
    return kept.orElse("jam chuck")
        + (cup() ? " over the " : " in the ")
        + called.apply(part)
        + "'s "
        + seat;
  }

  /**
   * As it hangs on the wall once it is kept.
   *
   * @param name what it is to be called
   */
  public KeptChuck keep(String name) {
    return cup()
        ? new KeptChuck(
            name,
            KeptChuck.Form.CUP,
            2 * chuck.inner(-JAM_AT),
            deep(),
            2 * chuck.outer(-JAM_AT),
            wood.name())
        : new KeptChuck(
            name,
            KeptChuck.Form.PLUG,
            2 * chuck.outer(Touch.PROBE),
            chuck.maxZ(),
            2 * chuck.outer(-1),
            wood.name());
  }

  /** How deep a cup's recess is, mm. */
  private double deep() {
    double z = -Touch.PROBE;
    while (z > chuck.minZ() && chuck.inner(z) > 0) {
      z -= Touch.PROBE;
    }
    return -z;
  }

  /** Whether it goes over the work. */
  public boolean cup() {
    return chuck.maxZ() <= Touch.PROBE;
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(chuck);
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.CLAMPED, 0);
  }

  private Seat at(HalfSection wood, Work work) {
    double slack = work.custom(Line.HOLD_JAM_SLACK);
    // What does not reach into the chuck at all is pressed along no length.
    double from = cup() ? Math.min(0, Math.max(wood.minZ(), chuck.minZ())) : 0;
    double to = cup() ? 0 : Math.max(0, Math.min(wood.maxZ(), chuck.maxZ()));
    Seat.Packed packed = new Seat.Packed(new Span(from, to), paper, slack);
    return cup()
        ? Seat.at(wood, chuck, -JAM_AT, packed, false)
        : Seat.at(chuck, wood, JAM_AT, packed, true);
  }

  @Override
  public Allowed allows(Work work) {
    HalfSection stock = work.sound(part);
    if (stock.isEmpty()) {
      return Allowed.unknown("nothing is held", List.of());
    }
    Optional<Species> of = work.wood(part);
    double friction = work.custom(Line.HOLD_FRICTION);
    return cup()
        ? at(stock, work).allowed(Optional.of(wood), of, friction)
        : at(stock, work).allowed(of, Optional.of(wood), friction);
  }

  /**
   * The largest interference before the ring may split, mm on the diameter; empty where a figure is
   * missing.
   */
  public Optional<Double> most(Work work) {
    HalfSection stock = work.sound(part);
    if (stock.isEmpty()) {
      return Optional.empty();
    }
    Optional<Species> of = work.wood(part);
    return cup()
        ? at(stock, work).most(Optional.of(wood), of, work.practice())
        : at(stock, work).most(of, Optional.of(wood), work.practice());
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>();
    HalfSection stock = work.sound(part);
    if (stock.isEmpty()) {
      return out;
    }
    FirstContact c = FirstContact.of(chuck, stock, work.custom(Line.HOLD_JAM_GIVES));
    if (c.stop() > Touch.SEATED) {
      out.add(Entry.JAM_BOTTOMS.told(Grade.STOP, c.stop(), 0));
    }
    Seat s = at(stock, work);
    if (s.play() > 0) {
      out.add((cup() ? Entry.JAM_LOOSE_CUP : Entry.JAM_LOOSE).told(Grade.STOP, -s.play(), 0));
    } else {
      Allowed allowed = allows(work);
      Jaws.splits(work, allowed, cup() ? "jam chuck" : part, out);
      Jaws.weak(work, allowed, back, out);
    }
    Jaws.free(work, freeLength(work), s.diameter(), back, out);
    return out;
  }
}
