package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillSizes.BODY_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.DRIVE;
import static hazelkeep.kinds.mill.MillSizes.DRIVE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.PLATE;
import static hazelkeep.kinds.mill.MillSizes.PLATE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RECESS_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RING;
import static hazelkeep.kinds.mill.MillSizes.RING_DEEP;
import static hazelkeep.kinds.mill.MillSizes.SHAFT;
import static hazelkeep.kinds.mill.MillSizes.SHAFT_LONG;
import static hazelkeep.kinds.mill.MillSizes.SUNK;
import static hazelkeep.kinds.mill.MillSizes.THREAD;

import hazelkeep.element.Spigot;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Fitting;
import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The bought parts of a mill where they sit, and the order in which it goes together. */
final class MillWorks {
  private final Mill design;
  private final Aim aim;

  MillWorks(Mill design, Aim aim) {
    this.design = design;
    this.aim = aim;
  }

  /** The parts that have a size. */
  List<Fitting> fittings() {
    List<Fitting> out = new ArrayList<>();
    Span ring = new Span(aim.mm(PLATE_DEEP), Math.max(aim.mm(PLATE_DEEP), aim.mm(RING_DEEP)));
    if (!design.grinds()) {
      add(out, "Stopper", "in the seat at the foot", ring, RING, RING_DEEP);
      return out;
    }
    Span plate = new Span(0, aim.mm(PLATE_DEEP));
    add(out, "Retaining plate", "in the foot", plate, PLATE, PLATE_DEEP);
    add(out, "Grinding ring", "in the seat at the foot", ring, RING, RING_DEEP);
    String in = design.onBody() ? "in the head's recess" : "in the head's tenon";
    add(out, "Drive plate", in, drive(), DRIVE, DRIVE_DEEP);
    Span shaft = new Span(aim.mm(SUNK), aim.mm(SUNK) + aim.mm(SHAFT_LONG));
    add(
        out,
        "Shaft with its nut",
        "through body and head, its thread proud",
        shaft,
        SHAFT,
        SHAFT_LONG,
        SUNK,
        HOLE,
        THREAD);
    return out;
  }

  /** Where the drive plate lies: on the tenon's end, or on the floor of the recess. */
  private Span drive() {
    double mouth = aim.mm(BODY_HEIGHT);
    double end = design.onBody() ? mouth : mouth - aim.mm(Spigot.LENGTH);
    double from = design.onBody() ? end + aim.mm(RECESS_DEEP) : end;
    return new Span(from, Math.max(from, end + aim.mm(DRIVE_DEEP)));
  }

  private void add(
      List<Fitting> out, String name, String where, Span along, DimKey diameter, DimKey... more) {
    if (along.length() > 0 && aim.mm(diameter) > 0) {
      List<DimKey> keys = Stream.concat(Stream.of(diameter), Stream.of(more)).toList();
      HalfSection there = HalfSection.box(along.from(), along.to(), 0, aim.mm(diameter) / 2);
      out.add(new Fitting(name, where, keys, there, false));
    }
  }

  /** How it goes together, a sentence a step. */
  List<String> assembly() {
    if (!design.grinds()) {
      return List.of(
          design.onBody()
              ? "Head on the body's tenon, grain lines together; glue only once it has been tried"
                  + " dry."
              : "Head's tenon into the body, grain lines together; glue only once it has been tried"
                  + " dry.",
          "Fill it from the foot.",
          "Stopper into its seat: it comes out again without a tool.");
    }
    List<String> out = new ArrayList<>();
    if (there(DRIVE, DRIVE_DEEP)) {
      out.add(
          design.onBody()
              ? "Drive plate into the floor of the head's recess, flush."
              : "Drive plate into the end of the head's tenon, flush.");
    }
    out.add("Grinding ring into its seat, from the foot; then the shaft with what turns on it.");
    if (there(PLATE, PLATE_DEEP)) {
      out.add("Retaining plate over it, flush with the foot.");
    }
    out.add("Head on the body, grain lines together; the thread stands proud of the top.");
    out.add("Nut on: tighter grinds finer. Try it empty first.");
    return List.copyOf(out);
  }

  /** Whether a part has a seat. */
  private boolean there(DimKey diameter, DimKey depth) {
    return aim.mm(diameter) > 0 && aim.mm(depth) > 0;
  }
}
