package hazelkeep.element;

import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.WallWishes;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * One body that is made: what it is put together from, from its low end to its high end.
 *
 * @param name its name, {@code lid}
 * @param elements in the order in which they draw it
 * @param walls the lines of Practice that say how thick its walls are wanted, in the order of
 *     {@link WallWishes}
 * @param bored the wood beside what a bit leaves in it, whose drift its walls bear; empty where
 *     nothing drifts
 * @param low where its side begins: the plane that stays with its wood when other members change
 * @param sits the station of the member under it that it sits on; empty for the one that stands
 */
public record Member(
    String name,
    List<Element> elements,
    List<Line> walls,
    Optional<Function<Built, BoreWalls>> bored,
    Edge low,
    Optional<Edge> sits) {
  /** How thick its walls are wanted. */
  WallWishes wishes(Practice practice) {
    return WallWishes.of(practice, walls.toArray(Line[]::new));
  }

  /** A height at which there is some of its wall as a rule, in the blank's z. */
  double core(Lay lay) {
    return (lay.at(low) + lay.at(Edge.to(low.stretch()))) / 2;
  }

  /**
   * What is at the closed piece's zero, in the blank's z.
   *
   * @param foot where the piece stands
   */
  double zero(Lay lay, Edge foot) {
    return sits.map(at -> lay.at(foot) + lay.at(low) - lay.at(at)).orElseGet(() -> lay.at(low));
  }
}
