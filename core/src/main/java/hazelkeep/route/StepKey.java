package hazelkeep.route;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.regex.Pattern;

/**
 * The name of a step, stable through re-planning.
 *
 * @param path setup and step, {@code lid/recess}
 */
public record StepKey(String path) {
  private static final Pattern NAME =
      Pattern.compile("[a-z][a-z0-9 ,-]{0,30}/[a-z][a-z0-9 ,-]{0,30}");

  /**
   * @throws Refused when the name has any other form
   */
  public StepKey {
    if (!NAME.matcher(path).matches()) {
      throw new Refused(Wording.of("stepKey.is-not-the-name-of", path));
    }
  }

  /**
   * A name that stands for all steps of a setup.
   *
   * @throws Refused when no setup can have that name
   */
  public static StepKey any(String setup) {
    return new StepKey(setup + "/any");
  }

  /** The setup that it is named for. */
  public String setup() {
    return path.substring(0, path.indexOf('/'));
  }

  /** Whether it is named for a setup. */
  public boolean in(String setup) {
    return path.startsWith(setup + "/");
  }

  @Override
  public String toString() {
    return path;
  }
}
