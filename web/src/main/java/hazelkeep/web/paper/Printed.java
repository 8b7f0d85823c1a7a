package hazelkeep.web.paper;

import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.store.Closing;
import hazelkeep.web.store.Piece;
import java.util.Optional;

/**
 * What a sheet is drawn from.
 *
 * @param piece whose it is
 * @param plan as it now stands
 * @param wished as it was planned before anything was measured
 * @param show how sizes are written
 * @param closing its record, if it is closed
 */
record Printed(Piece piece, Plan<?> plan, Plan<?> wished, Show show, Optional<Closing> closing) {}
