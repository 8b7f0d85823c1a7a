package hazelkeep.measure;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sentences that stand together in a file, with places like {0} for their numbers. */
public final class Phrases {
  private static final Pattern PLACE = Pattern.compile("\\{(\\d)}");

  private final Properties all = new Properties();

  /** Reads a file that lies beside a class. */
  public Phrases(Class<?> beside, String file) {
    String path = "/" + beside.getPackageName().replace('.', '/') + "/" + file;
    try (InputStreamReader in =
        new InputStreamReader(beside.getResourceAsStream(path), StandardCharsets.UTF_8)) {
      all.load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A sentence with what stands in it, written as it is given.
   *
   * @throws IllegalArgumentException when there is none of that name
   */
  public String of(String key, Object... words) {
    String pattern = all.getProperty(key);
    if (pattern == null) {
      throw new IllegalArgumentException("There is no sentence “" + key + "”");
    }
    return words.length == 0 ? pattern : filled(pattern, words);
  }

  private static String filled(String pattern, Object[] words) {
    Matcher place = PLACE.matcher(pattern);
    StringBuilder out = new StringBuilder();
    while (place.find()) {
      String word = String.valueOf(words[Integer.parseInt(place.group(1))]);
      place.appendReplacement(out, Matcher.quoteReplacement(word));
    }
    return place.appendTail(out).toString();
  }

  /** All names. */
  public Set<String> keys() {
    return all.stringPropertyNames();
  }
}
