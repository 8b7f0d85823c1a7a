package hazelkeep.wood;

import hazelkeep.measure.Wording;

/**
 * A number about a wood, with what it rests on.
 *
 * @param value in the unit of its property
 * @param letter how sure it is
 * @param source where it stands
 */
public record Figure(double value, Letter letter, String source) {
  /** How sure a number is. */
  public enum Letter {
    A(Wording.of("figure.sure-it-is-the-published")),
    B(Wording.of("figure.believed-to-be-published-so")),
    C("a guess"),
    OWN("the turner's own figure"),
    ESTIMATE(Wording.of("figure.worked-out-from-another-figure"));

    private final String words;

    Letter(String words) {
      this.words = words;
    }

    /** What the letter means. */
    public String words() {
      return words;
    }

    /** How it is shown beside a number. */
    public String shown() {
      return switch (this) {
        case OWN -> "own";
        case ESTIMATE -> "est.";
        default -> name();
      };
    }
  }
}
