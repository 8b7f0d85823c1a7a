package hazelkeep.element;

import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import java.util.List;

/**
 * One thing of wood that pieces are put together from: a foot, a side, a bore, a tenon. It owns all
 * that is known about it, whatever the kind of piece: its sizes, its stretch of the outline or its
 * hollow, where its sizes lie and how they are read again, what would go wrong with it and what
 * helps. What it has nothing to say about it leaves out.
 */
public interface Element {
  /** How its sizes follow. */
  default List<SizeRule> sizes() {
    return List.of();
  }

  /**
   * What its sizes must hold for it to be drawn at all.
   *
   * @throws hazelkeep.piece.BadDesign when they do not
   */
  default void sane(Lay lay, Sane sane) {}

  /** Its surfaces, its outline or its hollow, what is spared for it. */
  default void draw(Lay lay, PartDraft part) {}

  /** The holes that it drills from outside into a part, once that is drawn. */
  default List<Hole> drilled(Part part) {
    return List.of();
  }

  /** What would go wrong with it. */
  default void check(Built built, Told told) {}

  /** Changes worth trying when something was found, best first. */
  default void remedies(Built built, Finding finding, Tries tries) {}

  /** Where its sizes lie, and what follows from that. */
  default void dimensions(Built built, Dimensions dimensions) {}

  /** What the page of bores shows of it. */
  default List<Boring> boring(Built built) {
    return List.of();
  }

  /** What is bought and sits in it. */
  default List<Fitting> fittings(Built built) {
    return List.of();
  }

  /** The wood beside it that no cut from outside may enter. */
  default HalfSection keep(Built built) {
    return HalfSection.EMPTY;
  }
}
