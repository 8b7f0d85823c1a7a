package hazelkeep.web.planning;

import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.route.RouteEdit;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.Stale;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Saves a change of a piece's design or route, once it was tried. */
@Component
public class Changes {
  private final PieceStore pieces;
  private final Planner planner;

  Changes(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  /**
   * A change that was not made.
   *
   * @param status of the answer
   * @param message why, and what would be accepted
   */
  public record NotTaken(int status, String message) {}

  /**
   * Tries a change and saves it.
   *
   * @param version the version that was changed
   * @param note what the change is called in the piece's history
   * @return why it was not made; empty when it was
   */
  public Optional<NotTaken> save(
      Piece piece,
      int version,
      String note,
      Supplier<Design> design,
      UnaryOperator<List<RouteEdit>> route) {
    try {
      if (version != piece.version()) {
        return Optional.of(stale());
      }
      Design next = design.get();
      List<RouteEdit> edits = route.apply(piece.edits());
      if (next.equals(piece.design()) && edits.equals(piece.edits())) {
        return Optional.empty();
      }
      planner.tryOut(piece, next, edits);
      pieces.save(piece.id(), version, note, next, edits);
      return Optional.empty();
    } catch (Stale e) {
      return Optional.of(stale());
    } catch (Refused e) {
      return Optional.of(new NotTaken(HttpStatus.UNPROCESSABLE_CONTENT.value(), e.getMessage()));
    }
  }

  private static NotTaken stale() {
    return new NotTaken(
        HttpStatus.CONFLICT.value(), Sentences.of("changes.this-piece-was-changed-in"));
  }
}
