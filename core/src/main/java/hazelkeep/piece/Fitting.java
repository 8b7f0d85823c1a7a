package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.HalfSection;
import java.util.List;

/**
 * A bought part, or another wood, that is let into the piece.
 *
 * @param name in the trade's words
 * @param where it sits
 * @param sizes the dimensions it needs: seat, depth, hole
 * @param outline its half-section in the closed piece's z
 * @param wood whether it is another wood, glued in and levelled; else it is bought
 */
public record Fitting(
    String name, String where, List<DimKey> sizes, HalfSection outline, boolean wood) {}
