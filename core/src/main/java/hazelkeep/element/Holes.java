package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import java.util.List;

/**
 * Holes bored through the side of a part.
 *
 * @param part whose side it is
 * @param holes each with its height, its place round and its width
 * @param depth the size of the bore that they have to meet
 */
public record Holes(String part, List<SideHole> holes, DimKey depth) implements Element {
  @Override
  public void check(Built b, Told told) {
    told.all(new SideHoles(b.part(part), holes).judge(b.aim().practice()));
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    double lack = f.verdict().limit() - f.verdict().found();
    if (f.verdict().entry() == Entry.HOLE_MISSES) {
      r.more(lack + 1, depth);
    }
    if (f.verdict().entry() == Entry.HOLE_EDGE) {
      r.more(lack, depth);
    }
  }

  /** Drilled on the bench. */
  public void drill(SetupDraft s, Work w) {
    for (int i = 0; i < holes.size(); i++) {
      String name = holes.get(i).name();
      s.step(
          "hole " + (i + 1),
          "Drill the " + (name.isEmpty() ? "hole" : name),
          Wording.of("holes.wrap-the-template-round-the"),
          Speeds.At.TURNING,
          new Act.Mark(part, name));
    }
  }
}
