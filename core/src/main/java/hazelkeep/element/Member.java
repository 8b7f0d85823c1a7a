package hazelkeep.element;

import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.WallWishes;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * One body that is made: what it is put together from, from its low end to its high end.
 *
 * @param name its name, {@code lid}
 * @param elements in the order in which they draw it
 * @param walls the lines of Practice that say how thick its walls are wanted, in the order of
 *     {@link WallWishes}
 * @param bored the wood beside what a bit leaves in it, whose drift its walls bear; empty where
 *     nothing drifts
 * @param core a height at which there is always some of its wall, in the blank's z
 * @param anchor the plane that stays with its wood when other members change
 * @param zero what is at the closed piece's zero, in the blank's z
 */
public record Member(
    String name,
    List<Element> elements,
    List<Line> walls,
    Optional<Function<Built, BoreWalls>> bored,
    ToDoubleFunction<Lay> core,
    Edge anchor,
    ToDoubleFunction<Lay> zero) {
  /** How thick its walls are wanted. */
  WallWishes wishes(Practice practice) {
    return WallWishes.of(practice, walls.toArray(Line[]::new));
  }
}
