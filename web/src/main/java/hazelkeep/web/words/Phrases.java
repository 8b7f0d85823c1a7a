package hazelkeep.web.words;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.Properties;

/** Sentences that stand together in a file, with places for their numbers. */
public final class Phrases {
  private final Properties all = new Properties();

  /**
   * Reads a file that lies beside a class.
   *
   * @throws IllegalStateException when there is none
   */
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
   * A sentence with what stands in it.
   *
   * @throws IllegalArgumentException when there is none of that name
   */
  public String of(String key, Object... words) {
    String pattern = all.getProperty(key);
    if (pattern == null) {
      throw new IllegalArgumentException("There is no sentence “" + key + "”");
    }
    return new MessageFormat(pattern, Locale.ROOT).format(words);
  }

  /** All names. */
  public java.util.Set<String> keys() {
    return all.stringPropertyNames();
  }
}
