package hazelkeep.piece;

import hazelkeep.wood.SurfaceId;
import java.util.Arrays;
import java.util.List;

/**
 * Where the ways to hold a piece differ: how its blank is first held, how an end is finished.
 *
 * @param name with which the setups begin that it is about: centres, foot, top
 * @param part the part that is held
 * @param choice the ways
 */
public record End(String name, String part, Choice choice) {
  /** Whether a setup works on it: its name begins with the end's. */
  public boolean at(String setup) {
    return setup.startsWith(name);
  }

  /**
   * An end with the ways to finish it.
   *
   * @param choice the choice's stable name
   * @param label the question in the trade's words
   * @param chosen the way in force
   */
  public static End of(
      SurfaceId end, String choice, String label, Finishing chosen, Finishing... ways) {
    List<Choice.Option> options = Arrays.stream(ways).map(Finishing::option).toList();
    return new End(end.name(), end.part(), Choice.of(choice, label, options, chosen));
  }
}
