package hazelkeep.setout;

/**
 * What a part is to measure once it was sawn or pared off the lathe: with nothing held, there is
 * nothing to count places from but its own two ends.
 *
 * @param part which part
 * @param length from end to end along the axis, mm
 */
public record Finished(String part, double length) {}
