package hazelkeep.piece;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * A decision with its options.
 *
 * @param name its stable name
 * @param label the question in the trade's words
 * @param options what can be chosen
 * @param chosen the option in force
 * @param shows dimensions by which its options are compared; empty for a matter of looks
 */
public record Choice(
    String name, String label, List<Option> options, String chosen, List<DimKey> shows) {
  /**
   * One way to decide.
   *
   * @param name its stable name
   * @param label in the trade's words
   * @param reason why one would
   */
  public record Option(String name, String label, String reason) {}

  /** A decision whose options are compared by some dimensions. */
  public static Choice of(
      String name, String label, List<Option> options, Enum<?> chosen, DimKey... shows) {
    return new Choice(name, label, options, chosen.name(), List.of(shows));
  }

  /** How two parts go together in use. */
  public static Choice fit(String label, FitClass chosen) {
    return of(
        "fit",
        label,
        Arrays.stream(FitClass.values())
            .filter(f -> f.ofLids() && f != FitClass.JAM)
            .map(f -> new Option(f.name(), upper(f.word()), upper(f.what())))
            .toList(),
        chosen,
        new DimKey("joint.clearance"));
  }

  private static String upper(String s) {
    return s.substring(0, 1).toUpperCase(Locale.ROOT) + s.substring(1);
  }

  /** The option that stands next to the one in force. */
  public Option other() {
    int now = options.indexOf(now());
    return options.get((now + 1) % options.size());
  }

  /** The option in force; of one that was stored and is not offered, its bare name. */
  public Option now() {
    return options.stream()
        .filter(o -> o.name().equals(chosen))
        .findFirst()
        .orElseGet(() -> new Option(chosen, chosen.toLowerCase(Locale.ROOT), ""));
  }
}
