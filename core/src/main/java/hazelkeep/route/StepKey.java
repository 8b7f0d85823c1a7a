package hazelkeep.route;

/**
 * The name of a step, stable through re-planning.
 *
 * @param path setup and step, {@code lid/recess}
 */
public record StepKey(String path) {
  /**
   * @throws IllegalArgumentException when the name has any other form
   */
  public StepKey {
    if (!path.matches("[a-z][a-z0-9 ,-]{0,30}/[a-z][a-z0-9 ,-]{0,30}")) {
      throw new IllegalArgumentException(
          "“" + path + "” is not the name of a step; one looks like lid/recess");
    }
  }

  @Override
  public String toString() {
    return path;
  }
}
