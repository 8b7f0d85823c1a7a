package hazelkeep.piece;

import java.util.OptionalDouble;

/**
 * What the finished piece is like.
 *
 * @param brimMl room to the brim, ml
 * @param lineMl room to 10 mm below the brim, ml
 * @param woodMl wood in the finished parts, ml
 * @param grams mass of the finished parts; empty where the density is unknown
 * @param tips angle at which it tips over, degrees
 */
public record Properties(
    double brimMl, double lineMl, double woodMl, OptionalDouble grams, double tips) {}
