package hazelkeep.web.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;

/** The word list; finds its words in a text and leads from them to what they mean. */
@Component
public class Terms {
  private final List<Term> all = read();
  private final Map<String, Term> byForm = new LinkedHashMap<>();
  private final Pattern any;

  /** Reads the list. */
  public Terms() {
    all.forEach(t -> t.forms().forEach(f -> byForm.put(f, t)));
    any =
        Pattern.compile(
            byForm.keySet().stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|", "\\b(", ")\\b")),
            Pattern.CASE_INSENSITIVE);
  }

  /**
   * A word.
   *
   * @param word as it is listed
   * @param forms all forms that lead to it, in small letters
   * @param meaning what it means
   */
  public record Term(String word, List<String> forms, String meaning) {
    /** Its place on the page of words. */
    public String anchor() {
      return word.replace(' ', '-');
    }
  }

  /** All words, in the order of the list. */
  public List<Term> all() {
    return all;
  }

  private static List<Term> read() {
    try (InputStream in = Terms.class.getResourceAsStream("/hazelkeep/words/words.txt")) {
      List<Term> out = new ArrayList<>();
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\\R")) {
        if (!line.isBlank() && !line.startsWith("#")) {
          String[] cells = line.split("\\|");
          List<String> forms = new ArrayList<>(List.of(cells[0].strip()));
          Arrays.stream(cells[1].split(","))
              .map(String::strip)
              .filter(f -> !f.isEmpty())
              .forEach(forms::add);
          out.add(new Term(cells[0].strip(), forms, cells[2].strip()));
        }
      }
      return List.copyOf(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A text as HTML, escaped, each word of the list underlined once and leading to its meaning. */
  public String marked(String text) {
    Matcher m = any.matcher(text);
    StringBuilder out = new StringBuilder();
    Set<Term> seen = new HashSet<>();
    int at = 0;
    while (m.find()) {
      Term term = byForm.get(m.group().toLowerCase(Locale.ROOT));
      if (seen.add(term)) {
        out.append(HtmlUtils.htmlEscape(text.substring(at, m.start())))
            .append("<a class=\"term\" href=\"/words#")
            .append(term.anchor())
            .append("\">")
            .append(HtmlUtils.htmlEscape(m.group()))
            .append("</a>");
        at = m.end();
      }
    }
    return out.append(HtmlUtils.htmlEscape(text.substring(at))).toString();
  }
}
