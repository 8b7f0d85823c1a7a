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
 * @param planned what wish or rule said before anything was measured
 * @param due what wish or rule say now, given all else that was measured; the value itself where it
 *     was not measured
 * @param fit whether it belongs to a fit and is shown as finely as one
 */
public record Dim(
    DimKey key,
    String label,
    Length value,
    Hedge hedge,
    Origin origin,
    String reason,
    Set<DimKey> from,
    Length planned,
    Length due,
    boolean fit) {
  /** The value in millimetres. */
  public double mm() {
    return value.mm();
  }

  /** This dimension if it were otherwise. */
  public Dim at(Length other) {
    return new Dim(key, label, other, hedge, origin, reason, from, other, other, fit);
  }

  /** This dimension beside what was planned before anything was measured. */
  public Dim planned(Length before) {
    return new Dim(key, label, value, hedge, origin, reason, from, before, due, fit);
  }

  /** This measured dimension beside what it should have been. */
  public Dim due(Length should) {
    return new Dim(key, label, value, hedge, origin, reason, from, planned, should, fit);
  }
}
