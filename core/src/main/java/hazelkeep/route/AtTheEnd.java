package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Unknown;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * What is told once all is played: wood that is left or missing, woods of which too little is
 * known.
 */
final class AtTheEnd {
  private final Aim aim;
  private final Log log;

  AtTheEnd(Aim aim, Log log) {
    this.aim = aim;
    this.log = log;
  }

  /** What is not known of a wood is told once, with what is not judged for want of it. */
  static void unknown(List<Stage> stages, Log log) {
    TreeSet<Unknown> all = new TreeSet<>();
    for (Stage s : stages) {
      all.addAll(s.setup().hold().allows(s.mounted()).missing());
      all.addAll(s.stiffBefore().missing());
    }
    for (Unknown u : all) {
      Verdict v = Entry.NOT_JUDGED.told(Grade.NOTE, u.property().judges(), u.words());
      log.add(
          new Finding(
              v,
              Optional.empty(),
              "blank",
              u.words(),
              Optional.empty(),
              v.helps(false),
              List.of(new Remedy.Know(u))));
    }
  }

  /** Two equalities end every play: no wood left, none missing. */
  void whole(State end, StepKey last) {
    for (Part p : aim.parts()) {
      HalfSection wood = end.stock(p).map(Body::sound).orElse(HalfSection.EMPTY);
      if (wood.isEmpty()) {
        continue;
      }
      // Most often neither is: one look is enough.
      if (wood.alike(p.target()) || wood.xor(p.target()).dusted().area() <= HalfSection.DUST_AREA) {
        continue;
      }
      HalfSection left = wood.minus(p.target()).dusted();
      HalfSection missing = p.target().minus(wood).dusted();
      if (left.area() > HalfSection.DUST_AREA) {
        log.find(
            Entry.WOOD_LEFT.told(Grade.STOP, left.volume() / 1000, 0, p.name()),
            last,
            p.name(),
            middle(left));
      }
      if (missing.area() > HalfSection.DUST_AREA) {
        log.find(
            Entry.WOOD_MISSING.told(Grade.STOP, missing.volume() / 1000, 0, p.name()),
            last,
            p.name(),
            middle(missing));
      }
    }
  }

  private static Point middle(HalfSection h) {
    HalfSection most = h.pieces().get(0);
    double z = (most.minZ() + most.maxZ()) / 2;
    return new Point(z, (most.inner(z) + most.outer(z)) / 2);
  }
}
