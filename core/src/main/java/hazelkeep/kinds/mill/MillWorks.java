package hazelkeep.kinds.mill;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Fitting;
import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
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
    double mouth = aim.mm("body.height");
    double tenon = mouth - aim.mm("joint.length");
    if (design.grinds()) {
      add(out, "Retaining plate", "in the foot", 0, "plate.depth", "plate.diameter");
    }
    add(
        out,
        design.grinds() ? "Grinding ring" : "Stopper",
        "in the seat at the foot",
        aim.mm("plate.depth"),
        "ring.depth",
        "ring.diameter");
    if (design.grinds()) {
      add(out, "Drive plate", "in the head's tenon", tenon, "drive.depth", "drive.diameter");
      double shaft = aim.mm("shaft.diameter");
      double from = aim.mm("shaft.sunk");
      if (shaft > 0 && aim.mm("shaft.length") > 0) {
        out.add(
            new Fitting(
                "Shaft with its nut",
                "through body and head, its thread proud",
                keys("shaft.diameter", "shaft.length", "shaft.sunk", "shaft.hole", "thread.proud"),
                HalfSection.box(from, from + aim.mm("shaft.length"), 0, shaft / 2),
                false));
      }
    }
    return out;
  }

  private void add(
      List<Fitting> out, String name, String where, double from, String depth, String diameter) {
    double deep = aim.mm(depth);
    double to = depth.equals("drive.depth") ? from + deep : deep;
    if (deep > 0 && aim.mm(diameter) > 0 && to > from) {
      out.add(
          new Fitting(
              name,
              where,
              keys(diameter, depth),
              HalfSection.box(from, to, 0, aim.mm(diameter) / 2),
              false));
    }
  }

  private static List<DimKey> keys(String... keys) {
    return Stream.of(keys).map(DimKey::new).toList();
  }

  /** How it goes together, a sentence a step. */
  List<String> assembly() {
    if (!design.grinds()) {
      return List.of(
          "Head's tenon into the body, grain lines together; glue only once it has been tried dry.",
          "Fill it from the foot.",
          "Stopper into its seat: it comes out again without a tool.");
    }
    List<String> out = new ArrayList<>();
    if (there("drive")) {
      out.add("Drive plate into the end of the head's tenon, flush.");
    }
    out.add("Grinding ring into its seat, from the foot; then the shaft with what turns on it.");
    if (there("plate")) {
      out.add("Retaining plate over it, flush with the foot.");
    }
    out.add("Head on the body, grain lines together; the thread stands proud of the top.");
    out.add("Nut on: tighter grinds finer. Try it empty first.");
    return List.copyOf(out);
  }

  /** Whether a part has a seat. */
  private boolean there(String part) {
    return aim.mm(part + ".diameter") > 0 && aim.mm(part + ".depth") > 0;
  }
}
