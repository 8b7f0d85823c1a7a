package hazelkeep.piece;

import java.util.List;

/**
 * A decision with its options.
 *
 * @param name its stable name
 * @param label the question in the trade's words
 * @param options what can be chosen
 * @param chosen the option in force
 */
public record Choice(String name, String label, List<Option> options, String chosen) {
  /**
   * One way to decide.
   *
   * @param name its stable name
   * @param label in the trade's words
   * @param reason why one would
   */
  public record Option(String name, String label, String reason) {}

  /** The option in force. */
  public Option now() {
    return options.stream().filter(o -> o.name().equals(chosen)).findFirst().orElseThrow();
  }
}
