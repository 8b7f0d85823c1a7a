package hazelkeep.practice;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/** The table of Practice as it is shipped, read once. */
final class Table {
  private static final int COLUMNS = 8;
  private static final Map<String, Line.Text> ALL = read();

  private Table() {}

  static Line.Text of(String key) {
    Line.Text text = ALL.get(key);
    if (text == null) {
      throw new IllegalStateException("practice.csv has no line " + key);
    }
    return text;
  }

  /** Every name in the table. */
  static Map<String, Line.Text> all() {
    return ALL;
  }

  private static Map<String, Line.Text> read() {
    try (InputStream in = Table.class.getResourceAsStream("practice.csv");
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      Map<String, Line.Text> out = new LinkedHashMap<>();
      lines.readLine();
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        String[] c = line.split(",", -1);
        if (c.length != COLUMNS) {
          throw new IllegalStateException("practice.csv has " + c.length + " columns at " + line);
        }
        out.put(c[0], text(c));
      }
      return out;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Meanings and sources hold no commas; a semicolon stands for one. */
  private static Line.Text text(String[] c) {
    return new Line.Text(
        Double.parseDouble(c[1]),
        c[2],
        Double.parseDouble(c[3]),
        Double.parseDouble(c[4]),
        c[5],
        c[6].replace(';', ','),
        c[7].replace(';', ','));
  }
}
