package hazelkeep.web.shelf;

import hazelkeep.web.store.Piece;
import hazelkeep.web.store.Wait;

/**
 * A piece on the shelf.
 *
 * @param id its number
 * @param name its name
 * @param wood its wood; empty on a card that is yet to be worked out
 * @param size height and diameter
 * @param next what is next, in a few words
 * @param href where that is done
 * @param stops findings that forbid the work
 * @param watches findings to be watched
 * @param svg its section
 * @param done steps done
 * @param steps steps in all; 0 when it is not on the lathe
 * @param stuck why it can't be planned; empty when it can
 * @param away whether it was put away
 * @param waits how long it is left alone
 */
public record Card(
    long id,
    String name,
    String wood,
    String size,
    String next,
    String href,
    long stops,
    long watches,
    String svg,
    int done,
    int steps,
    String stuck,
    boolean away,
    Wait waits) {

  /** A card with a name only: the rest is worked out when it comes into sight. */
  static Card later(Piece p) {
    return new Card(
        p.id(), p.name(), "", "", "", "/pieces/" + p.id(), 0, 0, "", 0, 0, "", p.away(), Wait.NONE);
  }

  /** A card of a piece that can't be planned. */
  static Card stuck(Piece p, Wait wait, String why) {
    String wood = p.design().species();
    return new Card(
        p.id(), p.name(), wood, "", "", "/pieces/" + p.id(), 0, 0, "", 0, 0, why, p.away(), wait);
  }

  /** Whether it is yet to be worked out. */
  public boolean isLater() {
    return svg.isEmpty() && stuck.isEmpty();
  }
}
