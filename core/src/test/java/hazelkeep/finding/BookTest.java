package hazelkeep.finding;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The book of findings: whole, readable, with a number in its unit where there is one. */
class BookTest {
  /** Units that a number may have. */
  private static final Set<String> UNITS =
      Set.of(
          "", "mm", "mm fit", "%", "N", "N/mm", "N m", "MPa", "rpm", "ml", "grit", "rings",
          "degrees", "g");

  private static final String[] WORDS = {"4", "5", "6", "7"};

  private static String shown(double value, String unit) {
    return value + (unit.isEmpty() ? "" : " " + unit);
  }

  @Test
  void the_book_has_an_entry_for_each_constant_and_no_other() {
    assertThat(Book.all().keySet())
        .containsExactlyElementsOf(Arrays.stream(Entry.values()).map(Entry::key).toList());
  }

  @ParameterizedTest
  @EnumSource(Entry.class)
  void every_entry_reads_with_its_numbers(Entry entry) {
    Book.Text t = entry.text();
    Verdict v = entry.told(Grade.WATCH, 2, 3, WORDS);
    for (String said :
        List.of(v.title(), v.says(BookTest::shown), v.why(), v.helps(false), v.helps(true))) {
      assertThat(said).doesNotContain("{", "}", "null", "NaN", "  ");
    }
    assertThat(v.title()).isNotBlank().doesNotEndWith(".");
    assertThat(v.why()).isNotBlank();
    assertThat(v.helps(false)).isNotBlank();
    assertThat(UNITS).contains(t.unit());
    if (!t.says().isEmpty()) {
      assertThat(v.says(BookTest::shown)).endsWith(".").matches(".*[0-9].*");
      assertThat(t.says()).as("what was found, or what it is held against").containsPattern("\\{");
    }
    assertThat(t.limit().isEmpty() || entry.limit().isPresent()).as(t.limit()).isTrue();
    assertThat(Entry.of(entry.code())).contains(entry);
  }

  @ParameterizedTest
  @EnumSource(Entry.class)
  void a_limit_of_practice_has_the_entry_s_unit_or_is_a_share_of_something(Entry entry) {
    entry
        .limit()
        .map(l -> l.text().unit())
        .filter(u -> u.equals("rpm") || u.equals("N") || u.equals("grit"))
        .ifPresent(u -> assertThat(entry.text().unit()).isEqualTo(u));
  }

  @Test
  void every_code_is_provoked_by_a_test() throws IOException {
    Set<String> named = new TreeSet<>();
    Pattern quoted = Pattern.compile("\"([a-z]+(?:-[a-z]+)*)\"");
    Pattern typed = Pattern.compile("Entry\\.([A-Z][A-Z_]+)");
    for (String root : List.of("src/test/java", "../web/src/test/java")) {
      try (Stream<Path> files = Files.walk(Path.of(root))) {
        for (Path f : files.filter(p -> p.toString().endsWith(".java")).toList()) {
          String text = Files.readString(f);
          Matcher m = quoted.matcher(text);
          while (m.find()) {
            named.add(m.group(1));
          }
          Matcher entry = typed.matcher(text);
          while (entry.find()) {
            named.add(Entry.valueOf(entry.group(1)).code());
          }
        }
      }
    }
    Set<String> codes = new TreeSet<>();
    Arrays.stream(Entry.values()).map(Entry::code).forEach(codes::add);
    codes.removeAll(named);
    assertThat(codes).isEmpty();
  }

  /** The page of the docs is the book; {@code -Dhazel.write-docs=true} writes it anew. */
  @Test
  void the_page_in_the_docs_is_the_book() throws IOException {
    Path page = Path.of("../docs/findings.md");
    String text = page();
    if (Boolean.getBoolean("hazel.write-docs")) {
      Files.writeString(page, text);
    }
    assertThat(Files.readString(page)).isEqualTo(text);
  }

  private static String page() {
    StringBuilder out =
        new StringBuilder(
            "# Findings\n\nWhat a plan may be told, by its code, as it reads with 2 found and 3"
                + " wanted. Written from the book in the core; a limit that is a line of Practice is"
                + " the turner's to change.\n\n");
    out.append("| code | what | its numbers | limit | why | what helps |\n");
    out.append("| --- | --- | --- | --- | --- | --- |\n");
    for (Entry e : Entry.values()) {
      Verdict v = e.told(Grade.WATCH, 2, 3, "…", "4", "4", "…");
      out.append("| `").append(e.code()).append("` | ").append(v.title()).append(" | ");
      out.append(v.says(BookTest::shown)).append(" | ");
      out.append(e.limit().map(Line::key).map(k -> "`" + k + "`").orElse("")).append(" | ");
      out.append(v.why()).append(" | ").append(v.helps(false)).append(" |\n");
    }
    return out.toString();
  }
}
