package hazelkeep.measure;

import java.util.Set;

/**
 * A dimension of the plan with where it comes from.
 *
 * @param key its name
 * @param label its name in the trade's words
 * @param value what counts: measured, else wished, else by rule
 * @param hedge how firmly it is meant
 * @param origin where the value comes from
 * @param reason the rule in words, without numbers
 * @param from the dimensions it was worked out from
 * @param planned what wish or rule say, whatever was measured
 */
public record Dim(
    DimKey key,
    String label,
    Length value,
    Hedge hedge,
    Origin origin,
    String reason,
    Set<DimKey> from,
    Length planned) {
  /** The value in millimetres. */
  public double mm() {
    return value.mm();
  }
}
