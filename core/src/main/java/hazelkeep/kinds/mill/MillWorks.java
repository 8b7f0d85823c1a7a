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
import hazelkeep.measure.Wording;
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
      add(out, "Stopper", Wording.of("millWorks.in-the-seat-at-the"), ring, RING, RING_DEEP);
      return out;
    }
    Span plate = new Span(0, aim.mm(PLATE_DEEP));
    add(out, "Retaining plate", "in the foot", plate, PLATE, PLATE_DEEP);
    add(out, "Grinding ring", Wording.of("millWorks.in-the-seat-at-the"), ring, RING, RING_DEEP);
    String in = design.onBody() ? "in the head's recess" : "in the head's tenon";
    add(out, "Drive plate", in, drive(), DRIVE, DRIVE_DEEP);
    Span shaft = new Span(aim.mm(SUNK), aim.mm(SUNK) + aim.mm(SHAFT_LONG));
    add(
        out,
        "Shaft with its nut",
        Wording.of("millWorks.through-body-and-head-its"),
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
              ? Wording.of("millWorks.head-on-the-bodys-tenon")
              : Wording.of("millWorks.heads-tenon-into-the-body"),
          Wording.of("millWorks.fill-it-from-the-foot"),
          Wording.of("millWorks.stopper-into-its-seat-it"));
    }
    List<String> out = new ArrayList<>();
    if (there(DRIVE, DRIVE_DEEP)) {
      out.add(
          design.onBody()
              ? Wording.of("millWorks.drive-plate-into-the-floor")
              : Wording.of("millWorks.drive-plate-into-the-end"));
    }
    out.add(Wording.of("millWorks.grinding-ring-into-its-seat"));
    if (there(PLATE, PLATE_DEEP)) {
      out.add(Wording.of("millWorks.retaining-plate-over-it-flush"));
    }
    out.add(Wording.of("millWorks.head-on-the-body-grain"));
    out.add(Wording.of("millWorks.nut-on-tighter-grinds-finer"));
    return List.copyOf(out);
  }

  /** Whether a part has a seat. */
  private boolean there(DimKey diameter, DimKey depth) {
    return aim.mm(diameter) > 0 && aim.mm(depth) > 0;
  }
}
