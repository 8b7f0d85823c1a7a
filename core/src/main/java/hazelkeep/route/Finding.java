package hazelkeep.route;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Optional;

/**
 * Something that would go wrong.
 *
 * @param verdict what, with its number and limit
 * @param at the step at which it shows; empty for a matter of the design itself
 * @param part the part it is on, empty when it is about the blank
 * @param subject the surface of the part that it is about, or the figure that is not known; empty
 *     where the part says it all
 * @param where the place on the section in the blank's z, when there is one
 * @param advice what to do, in words
 * @param remedies ways out that were tried and help
 */
public record Finding(
    Verdict verdict,
    Optional<StepKey> at,
    String part,
    String subject,
    Optional<Point> where,
    String advice,
    List<Remedy> remedies) {
  /** One about a part as a whole. */
  public Finding(
      Verdict verdict,
      Optional<StepKey> at,
      String part,
      Optional<Point> where,
      String advice,
      List<Remedy> remedies) {
    this(verdict, at, part, "", where, advice, remedies);
  }

  /**
   * One about the design itself, with what the book says helps.
   *
   * @param where the place in the blank's z; null for none
   */
  public static Finding of(Verdict verdict, String part, Point where) {
    return new Finding(
        verdict,
        Optional.empty(),
        part,
        Optional.ofNullable(where),
        verdict.helps(false),
        List.of());
  }

  /** By how much what was found is short of its limit; below 0 where it is over it. */
  public double lack() {
    return verdict.limit() - verdict.found();
  }

  /** How grave. */
  public Grade grade() {
    return verdict.grade();
  }

  /** The mistake's stable name. */
  public String code() {
    return verdict.code();
  }

  /** Whether it is the same mistake at the same place, whatever its numbers. */
  public boolean sameAs(Finding o) {
    return code().equals(o.code())
        && at.equals(o.at)
        && part.equals(o.part)
        && subject.equals(o.subject);
  }

  /** This finding about one surface of its part. */
  public Finding on(String surface) {
    return new Finding(verdict, at, part, surface, where, advice, remedies);
  }

  /** This finding with its remedies replaced. */
  public Finding with(List<Remedy> tried) {
    return new Finding(verdict, at, part, subject, where, advice, tried);
  }
}
