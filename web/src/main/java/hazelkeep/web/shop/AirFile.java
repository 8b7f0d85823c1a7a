package hazelkeep.web.shop;

import hazelkeep.air.Climate;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The log of a hygrometer, as tables come: any separator, decimal commas, gaps, old encodings. */
final class AirFile {
  private static final int MONTHS_LEAST = 6;
  private static final double WARMEST_ROOM = 45;
  private static final Pattern DATE =
      Pattern.compile("(\\d{1,4})[-./](\\d{1,2})[-./](\\d{1,4})(?:[T ].*)?");

  private AirFile() {}

  /**
   * A climate out of a log.
   *
   * @param climate what it says
   * @param notes what was left out or filled, each in a sentence
   */
  record Read(Climate climate, List<String> notes) {}

  /** A file's text, in whatever encoding it was written. */
  static String text(byte[] bytes) {
    if (bytes.length > 1 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
    }
    if (bytes.length > 1 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
    }
    // Two bytes a sign without a mark before them: every other one is nothing.
    if (nothing(bytes, 1) > bytes.length / UTF_16) {
      return new String(bytes, StandardCharsets.UTF_16LE);
    }
    if (nothing(bytes, 0) > bytes.length / UTF_16) {
      return new String(bytes, StandardCharsets.UTF_16BE);
    }
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return text.startsWith("\ufeff") ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      return new String(bytes, Charset.forName("windows-1252"));
    }
  }

  /** A text is in two bytes a sign where more than one byte in so many is nothing, on one side. */
  private static final int UTF_16 = 4;

  private static int nothing(byte[] bytes, int from) {
    int n = 0;
    for (int i = from; i < bytes.length; i += 2) {
      n += bytes[i] == 0 ? 1 : 0;
    }
    return n;
  }

  /**
   * Reads a log.
   *
   * @throws Refused saying what would be accepted
   */
  static Read read(String name, String text) {
    Columns at = Columns.of(text);
    Sums sums = new Sums();
    try (var csv =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(at.separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get()
            .parse(new StringReader(text))) {
      for (CSVRecord r : csv) {
        sums.add(r, at);
      }
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      throw new Refused(Sentences.of("airFile.this-is-not-a"), e);
    }
    return sums.climate(name, at);
  }

  /** Where date, temperature and humidity stand. */
  private record Columns(
      char separator, int date, int celsius, int humidity, boolean fahrenheit, boolean dayFirst) {
    static Columns of(String text) {
      String[] lines = text.strip().split("\\R", 3);
      String head = lines[0];
      char separator = head.indexOf(';') >= 0 ? ';' : head.indexOf('\t') >= 0 ? '\t' : ',';
      List<String> names =
          Arrays.stream(head.split(Pattern.quote(String.valueOf(separator))))
              .map(n -> n.replace("\"", "").strip().toLowerCase(Locale.ROOT))
              .toList();
      int t = find(names, "temp", "°c", "°f", "celsius", "fahrenheit");
      int h = find(names, "hum", "rh", "feuchte", "%");
      int d = find(names, "date", "time", "datum", "zeit", "day", "month");
      if (t < 0 || h < 0 || d < 0) {
        throw new Refused(
            Sentences.of(
                "airFile.the-first-line-names",
                (head.length() > 80 ? head.substring(0, 80) + "…" : head)));
      }
      String name = names.get(t);
      boolean fahrenheit =
          name.contains("°f") || name.contains("fahrenheit") || name.matches(".*[(\\[_ ]f[)\\]]?$");
      return new Columns(separator, d, t, h, fahrenheit, dayFirst(text));
    }

    private static int find(List<String> names, String... words) {
      for (String w : words) {
        for (int i = 0; i < names.size(); i++) {
          if (names.get(i).contains(w)) {
            return i;
          }
        }
      }
      return -1;
    }

    /**
     * 13/2 says that the day stands first, 2/13 that the month does; where nothing says, the day.
     */
    private static boolean dayFirst(String text) {
      Matcher m = Pattern.compile("(?m)\\b(\\d{1,2})[./](\\d{1,2})[./]\\d{2,4}").matcher(text);
      while (m.find()) {
        if (Integer.parseInt(m.group(1)) > Climate.MONTHS) {
          return true;
        }
        if (Integer.parseInt(m.group(2)) > Climate.MONTHS) {
          return false;
        }
      }
      return true;
    }
  }

  /** What has been added up so far. */
  private static final class Sums {
    private final double[] celsius = new double[Climate.MONTHS];
    private final double[] humidity = new double[Climate.MONTHS];
    private final int[] count = new int[Climate.MONTHS];
    private int unread;
    private int odd;
    private int rows;

    void add(CSVRecord r, Columns at) {
      if (r.getRecordNumber() == 1) {
        return;
      }
      rows++;
      int month = month(field(r, at.date), at.dayFirst);
      double t = number(field(r, at.celsius));
      double h = number(field(r, at.humidity));
      if (month < 0 || Double.isNaN(t) || Double.isNaN(h)) {
        unread++;
        return;
      }
      t = at.fahrenheit ? (t - 32) * 5 / 9 : t;
      if (h <= 0 || h > 100 || t < -60 || t > 130) {
        odd++;
        return;
      }
      celsius[month] += t;
      humidity[month] += h;
      count[month]++;
    }

    private static String field(CSVRecord r, int at) {
      return at < r.size() ? r.get(at) : "";
    }

    Read climate(String name, Columns at) {
      int read = Arrays.stream(count).sum();
      if (read == 0 || read < odd) {
        throw new Refused(
            odd > 0
                ? Sentences.of("airFile.of-lines-say-a", odd, rows)
                : Sentences.of("airFile.no-line-has-a"));
      }
      List<Integer> missing = new ArrayList<>();
      for (int m = 0; m < Climate.MONTHS; m++) {
        if (count[m] == 0) {
          missing.add(m);
        } else {
          celsius[m] /= count[m];
          humidity[m] = Math.min(98, humidity[m] / count[m]);
        }
      }
      if (Climate.MONTHS - missing.size() < MONTHS_LEAST) {
        throw new Refused(
            Sentences.of(
                "airFile.the-log-holds-months", (Climate.MONTHS - missing.size()), MONTHS_LEAST));
      }
      double warm = Arrays.stream(celsius).max().orElseThrow();
      if (warm > WARMEST_ROOM && !at.fahrenheit) {
        throw new Refused(Sentences.of("airFile.a-months-mean-of", Rounding.text(warm, 0)));
      }
      for (int m : missing) {
        fill(celsius, m);
        fill(humidity, m);
      }
      return new Read(new Climate(name, list(celsius), list(humidity)), notes(read, missing));
    }

    /** A month without readings lies between those that have some. */
    private void fill(double[] months, int m) {
      int before = m;
      int after = m;
      while (count[Math.floorMod(before, Climate.MONTHS)] == 0) {
        before--;
      }
      while (count[after % Climate.MONTHS] == 0) {
        after++;
      }
      double share = (double) (m - before) / (after - before);
      months[m] =
          months[Math.floorMod(before, Climate.MONTHS)] * (1 - share)
              + months[after % Climate.MONTHS] * share;
    }

    private static List<Double> list(double[] months) {
      return Arrays.stream(months).mapToObj(v -> Math.round(v * 10) / 10.0).toList();
    }

    private List<String> notes(int read, List<Integer> missing) {
      List<String> out = new ArrayList<>();
      out.add(Sentences.of("airFile.readings-were-taken", read));
      if (unread > 0) {
        out.add(Sentences.of("airFile.lines-could-not-be", unread));
      }
      if (odd > 0) {
        out.add(Sentences.of("airFile.lines-that-no-air", odd));
      }
      if (!missing.isEmpty()) {
        out.add(
            Sentences.of(
                "airFile.without-readings-taken-from",
                String.join(", ", missing.stream().map(AirFile::name).toList())));
      }
      return out;
    }
  }

  static String name(int month) {
    return Month.of(month + 1).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  /** The month of a date, 0 to 11; -1 where it is none. */
  private static int month(String date, boolean dayFirst) {
    Matcher m = DATE.matcher(date.strip());
    if (!m.matches()) {
      return -1;
    }
    boolean year = m.group(1).length() == 4;
    int month = Integer.parseInt(m.group(year || dayFirst ? 2 : 1));
    return month >= 1 && month <= Climate.MONTHS ? month - 1 : -1;
  }

  private static double number(String text) {
    String t = text.strip().replaceAll("\\s*(%|°?[CF])$", "").replace(',', '.');
    try {
      return t.isEmpty() ? Double.NaN : Double.parseDouble(t);
    } catch (NumberFormatException e) {
      return Double.NaN;
    }
  }
}
