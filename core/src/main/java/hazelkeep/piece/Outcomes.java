package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Origin;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is asked of a drawn piece, held against what it comes to: room, weight and angle are read
 * from what was drawn, whatever sizes were stated.
 *
 * <p>Example: 250 ml asked of a jar that holds 213 ml is told as 213 of 250; a search for sizes is
 * told that 15 % lack, and how much of it a millimetre of its bore brings.
 *
 * @param sketch the drawn piece
 */
record Outcomes(Sketch<?> sketch) {
  private static final double PERCENT = 100;

  /** What is searched for is met this much nearer than what is told, times. */
  private static final double NEARER = 0.5;

  /**
   * What of it is passed by how much, about percent of what is asked and walls in mm, as sizes are:
   * below 0 where it holds. Nothing where nothing is asked or nothing can be known.
   */
  Map<String, Double> lacks() {
    Map<String, Double> out = new LinkedHashMap<>();
    for (Outcome o : Outcome.of(sketch.design())) {
      OptionalDouble wished = wished(o);
      OptionalDouble is = is(o);
      if (wished.isEmpty() || is.isEmpty()) {
        continue;
      }
      double one = o == Outcome.WALLS ? 1 : PERCENT / about(wished.getAsDouble());
      double over = one * (is.getAsDouble() - wished.getAsDouble());
      double spare = o == Outcome.HOLDS ? one * NEARER * spare(wished.getAsDouble()) : 0;
      if (o != Outcome.WEIGHS) {
        out.put(o.key() + " less", -over - spare);
      }
      if (o == Outcome.HOLDS || o == Outcome.WEIGHS) {
        out.put(o.key() + " more", over - spare);
      }
    }
    return out;
  }

  /**
   * A number rounded down to a power of two: parts of it are alike for all that is asked, and grow
   * in step with what is asked, as a linear programme takes them.
   */
  private static double about(double asked) {
    return Math.scalb(1, Math.getExponent(asked));
  }

  /** What is told where it comes to something else. */
  List<Finding> told() {
    List<Finding> out = new ArrayList<>();
    for (Outcome o : Outcome.of(sketch.design())) {
      wished(o).ifPresent(w -> told(o, w).ifPresent(out::add));
    }
    return out;
  }

  private Optional<Finding> told(Outcome o, double wished) {
    OptionalDouble known = is(o);
    if (known.isEmpty()) {
      return Optional.of(found(Entry.COMES_UNWEIGHED, Grade.NOTE, 0, wished));
    }
    double is = known.getAsDouble();
    double spare = o == Outcome.HOLDS ? spare(wished) : 0;
    if (o != Outcome.WEIGHS && is < wished - spare) {
      return Optional.of(found(less(o), Grade.STOP, is, wished));
    }
    if ((o == Outcome.HOLDS || o == Outcome.WEIGHS) && is > wished + spare) {
      Entry more = o == Outcome.WEIGHS ? Entry.COMES_HEAVY : Entry.COMES_MORE;
      return Optional.of(found(more, Grade.STOP, is, wished));
    }
    return Optional.empty();
  }

  private static Entry less(Outcome o) {
    return switch (o) {
      case TIPS -> Entry.COMES_TIPPED;
      case WALLS -> Entry.COMES_THIN;
      default -> Entry.COMES_LESS;
    };
  }

  private Finding found(Entry entry, Grade grade, double is, double wished) {
    return Finding.of(entry.told(grade, is, wished), sketch.aim().parts().get(0).name(), null);
  }

  /** How far off what is asked it may be, ml. */
  private double spare(double ml) {
    return ml * sketch.aim().custom(Line.CONTENT_LACKS) / PERCENT;
  }

  /** How much was asked; empty where the number was let go. */
  private OptionalDouble wished(Outcome o) {
    Dim d = sketch.aim().dims().get(o.amount(o.in(sketch.design()).orElseThrow()));
    return d == null || d.origin() == Origin.COMMON_PRACTICE
        ? OptionalDouble.empty()
        : OptionalDouble.of(d.mm());
  }

  OptionalDouble is(Outcome o) {
    return switch (o) {
      case HOLDS -> OptionalDouble.of(holds());
      case WEIGHS -> sketch.properties().grams();
      case TIPS -> OptionalDouble.of(tips());
      case WALLS -> thinnest();
    };
  }

  /** Of all parts, sides and rims: true distances on the drawn section. */
  private OptionalDouble thinnest() {
    return sketch.walls().stream()
        .flatMap(w -> w.least().stream())
        .filter(Walls.Least::wall)
        .mapToDouble(Walls.Least::mm)
        .min();
  }

  private double tips() {
    Properties p = sketch.properties();
    return Math.min(p.tips(), p.tipsFull());
  }

  private double holds() {
    return sketch.holds(
        Outcome.HOLDS.in(sketch.design()).map(a -> sketch.aim().mm(Outcome.below(a))).orElse(0.0));
  }
}
