package hazelkeep.web.said;

import hazelkeep.measure.Phrases;
import hazelkeep.measure.Refused;

/** What pages answer beside their own text, in one file to be read through. */
public final class Sentences {
  private static final Phrases ALL = new Phrases(Sentences.class, "sentences.properties");

  private Sentences() {}

  /**
   * A sentence with what stands in it, written as it is given.
   *
   * @throws Refused when there is none of that name
   */
  public static String of(String key, Object... words) {
    return ALL.of(key, words);
  }
}
