package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is said stands in its files, and nowhere in the middle of an algorithm. */
class WordingTest {
  private static final Pattern TEXT = Pattern.compile("\"((?:\\\\.|[^\"\\\\])*)\"");
  private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|//[^\n]*");
  private static final Pattern WORD = Pattern.compile("[A-Za-z][a-z'’]+");

  /** What is told to whoever programs, to the log or to the database. */
  private static final Pattern NOT_SAID =
      Pattern.compile(
          "IllegalState|LOG\\.|select |Pattern\\.compile|checkArgument|throw new Illeg");

  private static final int SENTENCE = 6;

  @Test
  void every_sentence_is_asked_for() throws IOException {
    Phrases all = new Phrases(Wording.class, "wording.properties");
    StringBuilder code = new StringBuilder();
    for (Path p : sources()) {
      code.append(Files.readString(p));
    }
    assertThat(all.keys()).hasSizeGreaterThan(500);
    for (String key : all.keys()) {
      assertThat(code.indexOf('"' + key + '"')).as(key).isNotNegative();
    }
  }

  @Test
  void no_sentence_stands_in_the_middle_of_an_algorithm() throws IOException {
    List<String> found = new ArrayList<>();
    for (Path p : sources()) {
      String code = COMMENT.matcher(Files.readString(p)).replaceAll("");
      Matcher m = TEXT.matcher(code);
      while (m.find()) {
        String before = code.substring(Math.max(0, m.start() - 60), m.start());
        if (m.group(1).contains(" ")
            && WORD.matcher(m.group(1)).results().count() >= SENTENCE
            && !NOT_SAID.matcher(before).find()) {
          found.add(p.getFileName() + ": " + m.group(1));
        }
      }
    }
    assertThat(found).isEmpty();
  }

  @Test
  void what_stands_in_a_sentence_is_written_as_it_is_given() {
    assertThat(Wording.of("inlay.let-in-the-and-level", "$1 \\ {0}"))
        .isEqualTo("Let in the $1 \\ {0}, and level it");
    assertThatThrownBy(() -> Wording.of("no such")).hasMessageContaining("no such");
  }

  private static List<Path> sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      return files.filter(p -> p.toString().endsWith(".java")).toList();
    }
  }
}
