package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.wood.SurfaceId;

/**
 * What a dimension measures on the wood, so that a reading can correct the stock.
 *
 * @param key the dimension
 * @param surface the surface it is taken on: a later cut there makes the reading expire
 * @param kind how the stock follows
 * @param keeps the dimension that stays as it is once this was cut, whatever else changes: itself,
 *     or one that says the same from a face that does not move
 */
public record Feature(DimKey key, SurfaceId surface, Kind kind, DimKey keeps) {
  /** How the stock follows a reading. */
  public enum Kind {
    /** The diameter of an outside cylinder. */
    OUTER,
    /** The diameter of an inside cylinder. */
    INNER,
    /** A depth or height: the stock follows the target along the surface. */
    SHAPE,
    /** Something on an outside: the stock follows the target over all that is seen of the part. */
    SKIN,
    /** The same, of every part that has a surface of that name: rings that are alike. */
    SKINS,
    /** The diameter of a tenon: the stock follows the stub. */
    STUB
  }
}
