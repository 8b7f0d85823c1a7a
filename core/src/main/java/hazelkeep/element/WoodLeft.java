package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What is left round a hole.
 *
 * @param wall the least wall beside it
 * @param floor the least floor under its deepest place
 * @param thin what is told of a thinner one
 * @param upTo where the wall beside it ends, in the blank's z
 * @param under the outside of the floor on the axis, in the blank's z
 * @param size the size of the floor, counted from the part's end
 * @param end that end
 * @param within the diameters outside that it has to stay below
 */
public record WoodLeft(
    Line wall,
    Line floor,
    Entry thin,
    ToDoubleFunction<Lay> upTo,
    ToDoubleFunction<Lay> under,
    DimKey size,
    Edge end,
    List<DimKey> within) {}
