package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import java.util.function.Function;

/**
 * How a size of an element follows, whatever the piece it is on.
 *
 * @param key its name
 * @param label in the trade's words
 * @param least smallest value taken from a person, mm
 * @param most largest value taken from a person, mm
 * @param by the rule
 */
public record SizeRule(
    DimKey key, String label, double least, double most, Function<Dims<?>, Rule.Value> by) {}
