package hazelkeep.measure;

/**
 * What the core says beside the book of findings: what to do in a step, why a size is what it is,
 * what a choice means, what is refused. It stands in one file, {@code wording.properties}, class by
 * class, to be read through in one sitting; a name is that of its class and its first words.
 */
public final class Wording {
  private static final Phrases ALL = new Phrases(Wording.class, "wording.properties");

  private Wording() {}

  /**
   * A sentence with what stands in it.
   *
   * <pre>{@code
   * Wording.of("inlay.let-in-the-and-level", "disc") // "Let in the disc, and level it"
   * }</pre>
   *
   * @throws Refused when there is none of that name
   */
  public static String of(String key, Object... words) {
    return ALL.of(key, words);
  }
}
