package hazelkeep.setout;

import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;

/**
 * A hole from outside as it is marked and drilled.
 *
 * @param part whose wall it goes through
 * @param hole the hole
 * @param height of its middle over the face that heights on the part begin at, mm
 * @param along how far round its middle lies on the outside from the grain mark, mm
 * @param wall what it goes through, mm
 */
public record Drilled(Part part, Hole hole, double height, double along, double wall) {
  static Drilled of(Part part, Hole hole) {
    double out = hole.mouth(part.target()).r();
    double high = hole.at().z() - part.datum();
    return new Drilled(part, hole, high, hole.at().turn() * out, hole.wall(part.target()));
  }
}
