package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Rounding;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * Lines that were right at one time. They may change where that is meant, and nowhere else; {@code
 * -Dhazel.write-golden=true} writes them anew. What was seen lies in {@code target/golden}.
 */
final class GoldenFile {
  private static final Path FILES = Path.of("src", "test", "resources", "golden");

  private GoldenFile() {}

  /**
   * Holds what is made now against what was.
   *
   * @param now makes the lines out of those that were, whose inputs stand among them
   */
  static void same(String name, UnaryOperator<List<String>> now) {
    Path file = FILES.resolve(name + ".txt.gz");
    try {
      boolean write = Boolean.getBoolean("hazel.write-golden");
      List<String> was = Files.exists(file) ? read(file) : List.of();
      assertThat(write || !was.isEmpty()).as("%s is there", file).isTrue();
      List<String> is = now.apply(was);
      if (write) {
        write(file, is);
        return;
      }
      Path seen = Path.of("target", "golden", name + ".txt");
      Files.createDirectories(seen.getParent());
      Files.write(seen, is);
      for (int i = 0; i < Math.min(was.size(), is.size()); i++) {
        assertThat(is.get(i)).as("%s, line %d of %s", name, i + 1, seen).isEqualTo(was.get(i));
      }
      assertThat(is).hasSameSizeAs(was);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<String> read(Path file) throws IOException {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(Files.newInputStream(file)), StandardCharsets.UTF_8))) {
      return in.lines().toList();
    }
  }

  private static void write(Path file, List<String> lines) throws IOException {
    Files.createDirectories(file.getParent());
    try (Writer out =
        new OutputStreamWriter(
            new GZIPOutputStream(Files.newOutputStream(file)), StandardCharsets.UTF_8)) {
      for (String line : lines) {
        out.write(line);
        out.write('\n');
      }
    }
  }

  /** To two places: below that a sum may round this way or that. */
  static String num(double v) {
    return Double.isFinite(v) ? Rounding.text(v, 2) : String.valueOf(v);
  }
}
