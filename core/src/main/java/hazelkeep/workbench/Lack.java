package hazelkeep.workbench;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.State;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a design lacks from where a run stands: wood that its parts need and that is gone, and what
 * its walls, floors and joints have come out short of since it was wished. No kind is asked: what
 * counts is the section of the piece, less the wood that there is.
 *
 * @param <D> the design record
 */
final class Lack<D extends Design> {
  private final Bench<D> bench;
  private final Plan<D> plan;
  private final Replay<D> wood;
  private final List<Finding> accepted;
  private final HalfSection missing;
  private final double shortOf;

  /**
   * From where a run stands; a flaw that only weakens the wood counts as turned off all round.
   *
   * @param log all facts so far
   */
  Lack(Bench<D> bench, List<Entry> log) {
    this.bench = bench;
    this.plan = bench.plan();
    List<Entry> all = new ArrayList<>(log);
    Set<Long> withdrawn = Fact.withdrawn(log);
    for (Entry e : log) {
      if (e.fact() instanceof Fact.Found f && !withdrawn.contains(e.no())) {
        turnedOff(f.as()).ifPresent(x -> all.add(new Entry(Long.MAX_VALUE, Instant.EPOCH, 0, x)));
      }
    }
    this.wood = Replay.of(plan.kind(), plan.design(), plan.shop(), all);
    this.accepted = Sketch.of(plan.kind(), plan.design(), plan.shop(), Map.of()).findings();
    this.missing = missing();
    this.shortOf = lacks(wood.sketch(plan.design()));
  }

  private Optional<Fact> turnedOff(AsFound f) {
    boolean weakens = !f.takesWood() && f.value() > 0 && plan.aim().has(f.part());
    if (!weakens || f.what() == AsFound.What.OFF) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          bench.found(
              new AsFound(f.part(), f.what(), f.at(), f.to(), f.value(), f.degrees(), true), ""));
    } catch (Refused e) {
      // It lies in wood that goes in any case.
      return Optional.empty();
    }
  }

  /** All wood that is missing now, of whatever part. */
  private HalfSection missing() {
    State now = wood.now();
    HalfSection out = HalfSection.EMPTY;
    for (Part p : wood.aim().parts()) {
      out = out.plus(missing(p, now));
    }
    return out;
  }

  private static HalfSection missing(Part p, State in) {
    return in.stock(p).map(Body::sound).map(p.target()::minus).orElse(HalfSection.EMPTY).dusted();
  }

  /** By how much in all, of what was no finding when it was wished. */
  private double lacks(Sketch<D> s) {
    return s.findings().stream()
        .filter(f -> f.grade() != Grade.NOTE && accepted.stream().noneMatch(f::sameAs))
        .mapToDouble(f -> Math.max(1, Math.abs(f.verdict().found() - f.verdict().limit())))
        .sum();
  }

  /** How much there is of it now, mm² of section and mm of walls; 0 where nothing lacks. */
  double now() {
    return area(missing) + shortOf;
  }

  /** How far it reaches, mm: by how much a size may have to move. */
  double reach() {
    double wide = 2 * (missing.maxR() - missing.minR());
    return area(missing) > 0
        ? Math.max(wide, missing.maxZ() - missing.minZ())
        : Math.max(1, shortOf);
  }

  private static double area(HalfSection h) {
    return h.area() <= HalfSection.DUST_AREA ? 0 : h.area();
  }

  /** How much there is of it with a change; without bounds for what can't be drawn. */
  double with(Remedy r) {
    if (!plan.keepsWish(r)) {
      return Double.POSITIVE_INFINITY;
    }
    try {
      D other = plan.changed(bench.keeping(r));
      Optional<Sketch<D>> drawn = shortOf > 0 ? Optional.of(wood.sketch(other)) : Optional.empty();
      Aim then = drawn.map(Sketch::aim).orElseGet(() -> wood.aim(other));
      State is = wood.countedAs(plan.kind().anchors(other, then.sizes()), then);
      double gone = then.parts().stream().mapToDouble(p -> missing(p, is).area()).sum();
      return (gone <= HalfSection.DUST_AREA ? 0 : gone) + drawn.map(this::lacks).orElse(0.0);
    } catch (Refused e) {
      return Double.POSITIVE_INFINITY;
    }
  }

  /** How much of the section is another with a change than it is now, mm². */
  double changes(Remedy r) {
    Aim then = wood.aim(plan.changed(bench.keeping(r)));
    double out = 0;
    for (Part p : plan.aim().parts()) {
      HalfSection was = p.target().in(p.closed());
      HalfSection is =
          then.has(p.name())
              ? then.part(p.name()).target().in(then.part(p.name()).closed())
              : HalfSection.EMPTY;
      out += was.xor(is).area();
    }
    return out;
  }
}
