package hazelkeep.web.store;

import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import java.time.Instant;
import java.util.List;

/**
 * A piece as it is stored.
 *
 * @param id its number
 * @param name as the turner calls it
 * @param kind the kind of piece
 * @param version the design's version in force
 * @param design the design
 * @param edits the turner's changes of the route
 * @param changed when it was last changed
 * @param undo whether there is an earlier version to go back to
 * @param redo whether there is a version to go forward to
 * @param away whether it was put away
 * @param off whether it was taken off the shelf, and stays stored
 */
public record Piece(
    long id,
    String name,
    Kind<?> kind,
    int version,
    Design design,
    List<RouteEdit> edits,
    Instant changed,
    boolean undo,
    boolean redo,
    boolean away,
    boolean off) {}
