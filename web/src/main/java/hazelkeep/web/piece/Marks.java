package hazelkeep.web.piece;

import java.util.List;

/**
 * How many findings wait in a chapter, and how grave the worst is.
 *
 * @param text sign and number; empty for none
 * @param grade stop, watch or note
 */
public record Marks(String text, String grade) {
  /** Findings of the design itself. */
  public static Marks shape(List<FindingView> all) {
    return of(all.stream().filter(f -> f.key().isEmpty()).toList());
  }

  /** Findings of steps. */
  public static Marks route(List<FindingView> all) {
    return of(all.stream().filter(f -> !f.key().isEmpty()).toList());
  }

  private static Marks of(List<FindingView> some) {
    if (some.isEmpty()) {
      return new Marks("", "note");
    }
    FindingView worst = some.get(0);
    return new Marks(worst.mark().charAt(0) + " " + some.size(), worst.grade());
  }
}
