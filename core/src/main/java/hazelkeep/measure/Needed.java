package hazelkeep.measure;

/** What can't be left out of something that came from outside. */
public final class Needed {
  private Needed() {}

  /**
   * The value.
   *
   * @param name what it is called
   * @throws Refused when it is missing
   */
  public static <T> T of(T value, String name) {
    if (value == null) {
      throw new Refused(Wording.of("needed.cant-be-left-out-here", name));
    }
    return value;
  }
}
