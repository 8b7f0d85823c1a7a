package hazelkeep.setout;

import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.shop.Bit;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a step is set out: what it takes, said by numbers from a datum that can be reached in its
 * hold. It is read from the wood before and after the step as it was played, so it serves every
 * step of every kind; with these numbers and the wood as it is the region that goes can be built
 * again within 0.1 mm.
 *
 * <p>Places are counted from the free end of the work: a rule, a depth gauge and a template can be
 * laid against it. A step that cuts the end itself counts from the new end, and says by how much
 * the old one goes back. Where all that a step cuts lies outside and close to the chuck, it is
 * counted from that. One step has one datum: two would make a width the difference of two measures.
 *
 * <p>Off the lathe no place is counted at all: what is sawn or pared is told by its finished
 * length.
 *
 * @param end the free end in the setup's frame, mm
 * @param takenOff by how much the end itself goes back, mm; 0 when it stays
 * @param passes the lines to cut to; none off the lathe
 * @param bored the hole, where a bit bores it
 * @param finished the lengths that parts are sawn or pared to off the lathe
 * @param drilled the holes that are drilled from outside off the lathe
 */
public record SetOut(
    double end,
    double takenOff,
    List<Pass> passes,
    Optional<Bored> bored,
    List<Finished> finished,
    List<Drilled> drilled) {
  /** What goes off an end is told from so much, mm. */
  private static final double FACED = 0.05;

  /** Copies the passes. */
  public SetOut {
    passes = List.copyOf(passes);
    finished = List.copyOf(finished);
    drilled = List.copyOf(drilled);
  }

  /** Sets a step out. */
  public static SetOut of(Stage stage) {
    double before = stage.mounted().most();
    double after = stage.parts() ? before : stage.left().most();
    if (!stage.setup().hold().onLathe()) {
      return new SetOut(after, 0, List.of(), Optional.empty(), lengths(stage), drilled(stage));
    }
    List<Line> lines = new ArrayList<>();
    Set<HalfSection> told = new HashSet<>();
    for (Map.Entry<String, HalfSection> e : stage.removed().entrySet()) {
      // Two parts still in one piece of wood lose the same.
      if (told.add(e.getValue())) {
        Bared.of(stage, e.getValue()).forEach(l -> lines.add(new Line(e.getKey(), l)));
      }
    }
    LineReader reader = new LineReader(stage, after);
    Datum datum = reader.datum(lines.stream().map(Line::points).toList());
    List<Pass> passes = lines.stream().map(l -> reader.pass(l.part, l.points, datum)).toList();
    Optional<Bored> bored = bored(stage, after);
    double off = before - after;
    return new SetOut(
        after,
        off > FACED ? off : 0,
        bored.map(b -> List.of(b.pass(passes, new Datum(Datum.From.END, after)))).orElse(passes),
        bored,
        List.of(),
        List.of());
  }

  /** A line to cut to. */
  private record Line(String part, List<Point> points) {}

  /** What each body that lost wood measures afterwards. */
  private static List<Finished> lengths(Stage stage) {
    List<Finished> out = new ArrayList<>();
    for (Body b : stage.after().bodies().values()) {
      Optional<String> part =
          stage.setup().frames().keySet().stream()
              .filter(p -> stage.after().stock(stage.aim().part(p)).filter(x -> x == b).isPresent())
              .findFirst();
      boolean same =
          stage.before().bodies().values().stream().anyMatch(w -> w.swept() == b.swept());
      if (part.isPresent() && !same) {
        out.add(new Finished(part.get(), b.swept().maxZ() - b.swept().minZ()));
      }
    }
    return out;
  }

  private static List<Drilled> drilled(Stage stage) {
    return stage.step().acts().stream()
        .filter(Act.Drill.class::isInstance)
        .map(Act.Drill.class::cast)
        .map(d -> Drilled.of(stage.aim().part(d.part()), d.hole()))
        .toList();
  }

  /** The hole that a bit bores: the last thing that its step takes. */
  private static Optional<Bored> bored(Stage stage, double end) {
    return stage.step().bit().flatMap(bit -> hole(stage, bit, end));
  }

  private static Optional<Bored> hole(Stage stage, Bit bit, double end) {
    return stage.step().acts().stream()
        .filter(Act.Remove.class::isInstance)
        .map(Act.Remove.class::cast)
        .reduce((a, b) -> b)
        .filter(r -> stage.setup().frames().containsKey(r.part()))
        .map(
            r -> {
              HalfSection hole = r.region().in(stage.setup().frames().get(r.part()));
              return new Bored(r.part(), bit, end - hole.minZ() - bit.tip());
            });
  }

  /** Whether there is nothing to set out: nothing is cut. */
  public boolean isEmpty() {
    return passes.isEmpty() && takenOff == 0 && finished.isEmpty() && drilled.isEmpty();
  }
}
