package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A way of holding the work. It knows where it touches the wood and judges itself on the stock as
 * it then is.
 *
 * @param grip who carries it
 * @param tail the tail centre, if it is up
 * @param steady the steady rest, if one is set
 */
public record Hold(Grip grip, Optional<Centre> tail, Optional<Steadied> steady) {
  /** A grip without tail or steady. */
  public static Hold of(Grip grip) {
    return new Hold(grip, Optional.empty());
  }

  /** A grip with a centre in the tailstock. */
  public static Hold of(Grip grip, Centre tail) {
    return new Hold(grip, Optional.of(tail));
  }

  /** Without a steady. */
  public Hold(Grip grip, Optional<Centre> tail) {
    this(grip, tail, Optional.empty());
  }

  /** This hold with the tail centre up. */
  public Hold with(Centre centre) {
    return new Hold(grip, Optional.of(centre), steady);
  }

  /** This hold with a steady set. */
  public Hold with(Steadied rest) {
    return new Hold(grip, tail, Optional.of(rest));
  }

  /** What holds the work, in the trade's words. */
  public String words() {
    return words(UnaryOperator.identity());
  }

  /**
   * The same with a kind's own words for its parts.
   *
   * @param called what a part is called
   */
  public String words(UnaryOperator<String> called) {
    return grip.words(called)
        + tail.map(t -> ", " + t.name() + " up").orElse("")
        + steady.map(s -> ", " + s.steady().name() + " set").orElse("");
  }

  /** Whether the work turns. */
  public boolean onLathe() {
    return grip.onLathe();
  }

  /** Whether the far end is carried as well. */
  public boolean supported() {
    return tail.isPresent() || grip instanceof Centres;
  }

  /** Everything but the work that stands in a tool's way, in the setup's frame. */
  public List<HalfSection> fixtures(Work work, Shop shop) {
    List<HalfSection> out = new ArrayList<>(grip.fixtures(work, shop));
    tail.ifPresent(t -> out.add(Iron.cone(touches(t, work), 1, t.radius())));
    steady.ifPresent(s -> out.add(s.fixture(work)));
    return out;
  }

  /** Where a centre touches the work: a pad goes into an open bowl as far as its floor. */
  private static double touches(Centre t, Work work) {
    double at = work.most() - Touch.PROBE;
    if (t.form() != Centre.Form.PADDED || open(work, at) <= t.radius()) {
      return work.most();
    }
    // In whole steps from the mouth, so that a floor a hair off moves nothing.
    double steps = Math.ceil((at - Math.max(work.least(), floor(work, at))) / FLOOR);
    return at - FLOOR * Math.max(0, steps);
  }

  /** The highest wood on the axis below a place, in the setup's frame. */
  private static double floor(Work work, double below) {
    double out = Double.NEGATIVE_INFINITY;
    for (String p : work.distinct()) {
      Frame f = work.frames().get(p);
      for (Span s : work.bodies().get(p).sound().alongAxis()) {
        double high = Math.max(f.x(s.from()), f.x(s.to()));
        out = high <= below ? Math.max(out, high) : out;
      }
    }
    return out;
  }

  /** How exactly the floor of a bowl is looked for, mm. */
  private static final double FLOOR = 0.5;

  /** The radius that is open round the axis at a place, mm. */
  private static double open(Work work, double x) {
    return work.parts().keySet().stream()
        .filter(p -> work.outer(p, x) > 0)
        .mapToDouble(p -> work.inner(p, x))
        .min()
        .orElse(0);
  }

  /** How far the work stands out in front of the jaws or the jam chuck, mm; 0 between centres. */
  public double freeLength(Work work) {
    return grip.freeLength(work);
  }

  /** A mark that mounting leaves in the wood. */
  public record Trace(String part, HalfSection dent, String by) {}

  /** What mounting leaves in the wood: dimples and screw holes, in each body's own z. */
  public List<Trace> traces(Work work, Shop shop) {
    List<Trace> out = new ArrayList<>();
    if (work.bodies().isEmpty()) {
      return out;
    }
    grip.marks(work, shop).forEach(m -> trace(work, m).ifPresent(out::add));
    tail.map(t -> Iron.mark(t, work.most(), -1)).flatMap(m -> trace(work, m)).ifPresent(out::add);
    return out;
  }

  /** A mark on the part at whose end it lies. */
  private static Optional<Trace> trace(Work work, Grip.Mark mark) {
    HalfSection dent = mark.dent();
    if (dent.isEmpty()) {
      return Optional.empty();
    }
    for (String part : work.parts().keySet()) {
      HalfSection h = work.swept(part);
      if (!h.isEmpty() && (h.minZ() == dent.minZ() || h.maxZ() == dent.maxZ())) {
        Frame back = work.frames().get(part).inverse();
        return Optional.of(new Trace(part, dent.in(back), mark.by()));
      }
    }
    return Optional.empty();
  }

  /** Judges the hold on the stock as it is when it is mounted. */
  public List<Verdict> judge(Work work) {
    List<Verdict> out =
        new ArrayList<>(grip.judge(work, new Backing(supported(), steady.isPresent())));
    steady.ifPresent(s -> s.judge(work, out));
    tail.flatMap(t -> splitBy(t, work)).ifPresent(out::add);
    return out;
  }

  /** A point pressed into a slender end is a wedge in end grain. */
  private static Optional<Verdict> splitBy(Centre point, Work work) {
    double end = work.most() - Touch.PROBE;
    double thick =
        2
            * work.parts().keySet().stream()
                .mapToDouble(part -> work.outer(part, end))
                .max()
                .orElse(0);
    double least = work.custom(Line.HOLD_TAIL_STOUT) * 2 * point.dimpleRadius();
    return thick <= 0 || thick >= least
        ? Optional.empty()
        : Optional.of(Entry.TAIL_SPLITS.told(Grade.WATCH, thick, least, point.name()));
  }

  /** What it stands on the stock as it is. */
  public Allowed allows(Work work) {
    return supported() ? grip.allows(work).steadied() : grip.allows(work);
  }
}
