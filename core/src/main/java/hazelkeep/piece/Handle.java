package hazelkeep.piece;

import hazelkeep.solid.Point;

/**
 * A point of the outline that can be dragged.
 *
 * @param name its stable name
 * @param label what it shapes
 * @param at where it is, in the blank's z
 * @param along whether it may move along the axis
 * @param across whether it may move in radius
 */
public record Handle(String name, String label, Point at, boolean along, boolean across) {}
