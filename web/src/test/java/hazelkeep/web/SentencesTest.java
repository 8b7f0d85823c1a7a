package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Everything that the application can say, in one file to read through ({@code
 * target/sentences.txt}), and what holds for all of it.
 */
class SentencesTest {
  private static final Path OUT = Path.of("target/sentences.txt");

  /** Words that say nothing in a workshop. */
  private static final Pattern EMPTY =
      Pattern.compile(
          "\\b(please|simply|invalid|error occurred|successfully|utili[sz]e|click here)\\b",
          Pattern.CASE_INSENSITIVE);

  private static final Pattern TEXT = Pattern.compile("\"((?:\\\\.|[^\"\\\\])*)\"");
  private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|(?<!:)//[^\n]*|'\"'");
  private static final Pattern WORD = Pattern.compile("[A-Za-z][a-z'’]+");
  private static final int SENTENCE = 6;

  /** Names of the demo's own pieces and what a schema documents stand beside what they are of. */
  private static final Pattern TOLD =
      Pattern.compile("web/(?!demo/)[a-z]+/(?!\\w*Schema|\\w*Config|QrCode)\\w+\\.java$");

  /** What is told to whoever programs, to the log or to the database. */
  private static final Pattern NOT_SAID =
      Pattern.compile("select |is not null|IllegalState|LOG\\.|prepare|Pattern\\.compile");

  private static final int LONGEST = 330;

  private static final List<String> FILES =
      List.of(
          "/hazelkeep/measure/wording.properties",
          "/hazelkeep/route/cautions.properties",
          "/hazelkeep/web/fit/fit.properties",
          "/hazelkeep/web/workbench/sneak.properties",
          "/hazelkeep/web/drawing/hand.properties",
          "/hazelkeep/web/practise/practise.properties",
          "/hazelkeep/web/said/sentences.properties");

  private static <D extends Design> void steps(Kind<D> kind, Set<String> out) {
    List<D> all = new ArrayList<>(List.of(kind.fresh()));
    for (Choice c : kind.choices(kind.fresh())) {
      out.add(c.label());
      for (Choice.Option o : c.options()) {
        out.add(c.label() + ": " + o.label() + ". " + o.reason());
        all.add(kind.choose(kind.fresh(), c.name(), o.name()));
      }
    }
    for (D d : all) {
      try {
        Plan<D> plan = Plan.of(kind, d, Shop.starter(), List.of());
        for (Setup s : plan.route().setups()) {
          out.add(s.title() + ": " + s.hold().words());
          for (Step step : s.steps()) {
            out.add(step.title() + ". " + step.words());
          }
        }
      } catch (BadDesign e) {
        out.add(e.getMessage());
      }
    }
  }

  private static Set<String> said() throws IOException {
    Set<String> out = new LinkedHashSet<>();
    for (Entry e : Entry.values()) {
      Stream.of(
              e.text().title(),
              e.text().says(),
              e.text().why(),
              e.text().helps(),
              e.text().carried())
          .filter(s -> !s.isEmpty())
          .forEach(out::add);
    }
    for (Line l : Line.values()) {
      out.add(l.text().meaning() + " (" + l.text().source() + ")");
    }
    Kinds.ALL.forEach(k -> steps(k, out));
    for (String file : FILES) {
      Properties p = new Properties();
      p.load(
          new InputStreamReader(
              SentencesTest.class.getResourceAsStream(file), StandardCharsets.UTF_8));
      new TreeMap<>(p).values().forEach(v -> out.add(v.toString()));
    }
    return out;
  }

  /** What is asked by a name that is put together: its beginning stands in the code. */
  private static final List<String> BEGINNINGS =
      List.of(
          "next.", "otherwise.", "doubt.", "cure.", "fit.", "run.fit.", "does.", "look.", "stop.");

  @Test
  void no_sentence_is_there_for_nothing() throws IOException {
    StringBuilder code = new StringBuilder();
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      for (Path f : files.filter(p -> p.toString().endsWith(".java")).toList()) {
        code.append(Files.readString(f));
      }
    }
    for (String file : FILES.subList(2, FILES.size())) {
      Properties p = new Properties();
      p.load(
          new InputStreamReader(
              SentencesTest.class.getResourceAsStream(file), StandardCharsets.UTF_8));
      for (String key : p.stringPropertyNames()) {
        boolean begun = BEGINNINGS.stream().anyMatch(key::startsWith);
        assertThat(begun || code.indexOf('"' + key + '"') >= 0).as(key).isTrue();
      }
    }
  }

  @Test
  void no_sentence_stands_in_the_middle_of_a_page_s_code() throws IOException {
    List<String> found = new ArrayList<>();
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      for (Path f : files.filter(p -> TOLD.matcher(p.toString()).find()).toList()) {
        String code = COMMENT.matcher(Files.readString(f)).replaceAll("");
        TEXT.matcher(code)
            .results()
            .filter(m -> m.group(1).contains(" ") && words(m.group(1)) >= SENTENCE)
            .filter(
                m -> !NOT_SAID.matcher(code.substring(Math.max(0, m.start() - 60), m.end())).find())
            .forEach(m -> found.add(f.getFileName() + ": " + m.group(1)));
      }
    }
    assertThat(found).isEmpty();
  }

  private static long words(String text) {
    return WORD.matcher(text).results().count();
  }

  @Test
  void every_sentence_reads_as_a_sentence() throws IOException {
    Set<String> all = said();
    Files.write(OUT, all);
    assertThat(all).hasSizeGreaterThan(600);
    for (String s : all) {
      assertThat(s)
          .as(s)
          .isNotBlank()
          .doesNotContain("  ")
          .doesNotContain(" ,")
          .doesNotContain("..");
      assertThat(s.length()).as(s).isLessThan(LONGEST);
      assertThat(EMPTY.matcher(s).find()).as(s).isFalse();
      assertThat(s.chars().filter(c -> c == '(').count())
          .as(s)
          .isEqualTo(s.chars().filter(c -> c == ')').count());
    }
  }
}
