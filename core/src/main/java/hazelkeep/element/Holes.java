package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Holes bored through the side of a part.
 *
 * @param part whose side it is
 * @param holes each with its height, its place round and its width
 * @param depth the size of the bore that they have to meet
 */
public record Holes(String part, List<SideHole> holes, DimKey depth) implements Element {
  @Override
  public List<Hole> drilled(Part on) {
    return on.name().equals(part)
        ? IntStream.range(0, holes.size())
            .mapToObj(i -> holes.get(i).on(on, "hole " + (i + 1)))
            .toList()
        : List.of();
  }

  @Override
  public void check(Built b, Told told) {
    told.all(new SideHoles(b.part(part), drilled(b.part(part))).judge(b.aim().practice()));
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (f.verdict().entry() == Entry.HOLE_MISSES) {
      r.more(f.lack() + 1, depth);
    }
    if (f.verdict().entry() == Entry.HOLE_EDGE) {
      r.more(f.lack(), depth);
    }
  }

  /** Drilled on the bench. */
  public void drill(SetupDraft s, Work w) {
    List<Hole> all = drilled(w.built().part(part));
    for (int i = 0; i < all.size(); i++) {
      s.add(step(s.key("hole " + (i + 1)), w.built().part(part), all.get(i), w.built().shop()));
    }
  }

  /** A hole is drilled: as near as a bit of the shop comes to its width. */
  static Step step(StepKey key, Part part, Hole hole, Shop shop) {
    Optional<Bit> bit =
        shop.bits().stream()
            .filter(b -> b.form() != Bit.Form.DEPTH)
            .filter(
                b -> Math.abs(b.diameter() - hole.diameter()) <= shop.custom(Line.BORE_SAME_SIZE))
            .min(Comparator.comparingDouble(b -> Math.abs(b.diameter() - hole.diameter())));
    return new Step(
        key,
        "Drill " + (hole.name().startsWith("hole ") ? "" : "the ") + hole.name(),
        Wording.of("holes.wrap-the-template-round-the", part.name()),
        Speeds.At.TURNING,
        List.of(new Act.Drill(part.name(), hole)),
        bit);
  }
}
