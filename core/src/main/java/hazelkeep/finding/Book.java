package hazelkeep.finding;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The words of all findings, read once. */
public final class Book {
  private static final List<String> FIELDS =
      List.of("code", "title", "says", "why", "helps", "carried", "unit", "limit", "below");

  private static final Map<String, Text> ALL = read();

  private Book() {}

  /**
   * The words of an entry.
   *
   * @param code its code; empty where its name is the code
   * @param title in a few words
   * @param says the numbers in a sentence; empty for an entry without numbers
   * @param why why it matters
   * @param helps what to do
   * @param carried what to do where the far end is carried already; empty where it is the same
   * @param unit of its numbers: mm, mm fit, %, N, N/mm, N m, MPa, rpm, ml, grit; empty for a count
   * @param limit the name of the line of Practice that its limit comes from; empty for none
   * @param below the same where what was found is below nothing: a length is never negative; empty
   *     where it can't be, or a fit that is tight
   */
  public record Text(
      String code,
      String title,
      String says,
      String why,
      String helps,
      String carried,
      String unit,
      String limit,
      String below) {}

  static Text text(String key) {
    Text text = ALL.get(key);
    if (text == null) {
      throw new IllegalStateException("findings.txt has no entry " + key);
    }
    return text;
  }

  /** Every entry in the book by its name. */
  static Map<String, Text> all() {
    return ALL;
  }

  private static Map<String, Text> read() {
    try (InputStream in = Book.class.getResourceAsStream("findings.txt");
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      Map<String, Text> out = new LinkedHashMap<>();
      String key = "";
      Map<String, String> fields = new LinkedHashMap<>();
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (line.startsWith("[")) {
          put(out, key, fields);
          key = line.substring(1, line.length() - 1);
          fields = new LinkedHashMap<>();
        } else if (!line.isBlank() && !line.startsWith("#")) {
          field(line, fields);
        }
      }
      put(out, key, fields);
      return out;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void field(String line, Map<String, String> fields) {
    int colon = line.indexOf(": ");
    if (colon < 0 || !FIELDS.contains(line.substring(0, colon))) {
      throw new IllegalStateException("findings.txt can't be read at “" + line + "”");
    }
    fields.put(line.substring(0, colon), line.substring(colon + 2));
  }

  private static void put(Map<String, Text> out, String key, Map<String, String> fields) {
    if (key.isEmpty()) {
      return;
    }
    List<String> f = FIELDS.stream().map(name -> fields.getOrDefault(name, "")).toList();
    Text text =
        new Text(
            f.get(0), f.get(1), f.get(2), f.get(3), f.get(4), f.get(5), f.get(6), f.get(7),
            f.get(8));
    out.put(key, text);
  }
}
