package hazelkeep.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.fit.FitClass;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table of Practice: whole, sensible, asked by plans, and the only place of such values. */
class PracticeTest {
  @Test
  void the_table_has_a_line_for_each_constant_and_no_other() {
    assertThat(Table.all().keySet())
        .containsExactlyInAnyOrderElementsOf(Arrays.stream(Line.values()).map(Line::key).toList());
  }

  @ParameterizedTest
  @EnumSource(Line.class)
  void every_line_says_what_it_is(Line line) {
    Line.Text t = line.text();
    assertThat(t.value()).isBetween(t.least(), t.most());
    assertThat(t.meaning()).isNotBlank().doesNotEndWith(".");
    assertThat(t.source()).isNotBlank();
    assertThat(t.unit()).isNotBlank();
    assertThat(t.origin()).isIn("common practice", "published", "calibrated", "assumed");
    assertThat(Line.named(line.key())).contains(line);
  }

  @Test
  void own_values_win_and_can_be_taken_back() {
    Practice own = Practice.USUAL.with(Line.WALL_BOX, OptionalDouble.of(2.5));
    assertThat(own.of(Line.WALL_BOX)).isEqualTo(2.5);
    assertThat(own.of(Line.WALL_MILL)).isEqualTo(5);
    assertThat(own.with(Line.WALL_BOX, OptionalDouble.empty())).isEqualTo(Practice.USUAL);
  }

  @Test
  void what_makes_no_sense_is_refused_with_what_would_do() {
    assertThatThrownBy(() -> new Custom("wall.box", -1))
        .hasMessageContaining("Least wall of a box")
        .hasMessageContaining("between 0.5 and 30 mm; this is -1.");
    assertThatThrownBy(() -> new Custom("wall.box", Double.NaN)).hasMessageContaining("between");
    assertThatThrownBy(() -> new Custom("wall.bax", 1)).hasMessageContaining("wall.bax");
    assertThatThrownBy(
            () -> new Practice(List.of(new Custom("wall.box", 1), new Custom("wall.box", 2))))
        .hasMessageContaining("twice");
  }

  @Test
  void classes_of_fit_grow_where_the_turner_says_so() {
    Practice grows = Practice.USUAL.with(Line.FIT_GROWS, OptionalDouble.of(1));
    assertThat(FitClass.SUCTION.most(70, grows)).isEqualTo(0.12);
    // By hand: 105 mm is half again 70, so is the border.
    assertThat(FitClass.SUCTION.most(105, grows)).isCloseTo(0.18, within(1e-12));
    assertThat(FitClass.SUCTION.most(105, Practice.USUAL)).isEqualTo(0.12);
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, Shop shop) {
    return Plan.of(kind, kind.fresh(), shop, List.of());
  }

  @Test
  void a_plan_goes_by_the_turner_s_own_values_and_names_what_it_asked() {
    for (Kind<?> kind : Kinds.ALL) {
      Plan<?> plan = plan(kind, Shop.starter());
      assertThat(plan.practice()).as(kind.name()).contains(Line.HOLD_SHOULDER, Line.ROUTE_NECK);
      Shop strict =
          Shop.starter()
              .with(
                  Practice.USUAL
                      .with(Line.HOLD_FREE_LENGTH, OptionalDouble.of(20))
                      .with(Line.HOLD_LEVER, OptionalDouble.of(20)));
      // What is carried at both ends to the last has no free length.
      boolean free =
          plan.rehearsal().stages().stream()
              .filter(s -> s.setup().hold().onLathe() && !s.setup().hold().supported())
              .anyMatch(s -> s.freeLength() > 20);
      assertThat(codes(plan(kind, strict)).contains("free-length")).as(kind.name()).isEqualTo(free);
      assertThat(plan.findings())
          .as(kind.name())
          .noneMatch(f -> f.code().equals("free-length") && f.grade() != Grade.NOTE);
    }
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  @Test
  void no_line_is_there_for_nothing() throws IOException {
    Set<String> idle = new TreeSet<>();
    Arrays.stream(Line.values()).map(Line::name).forEach(idle::add);
    for (Path f : sources(Path.of("src/main/java"), Path.of("../web/src/main/java"))) {
      Matcher m = ASKED.matcher(Files.readString(f));
      while (m.find()) {
        idle.remove(m.group(1));
      }
    }
    assertThat(idle).isEmpty();
  }

  private static final Pattern ASKED = Pattern.compile("\\bLine\\.([A-Z_]+)");

  private static List<Path> sources(Path... roots) throws IOException {
    List<Path> out = new ArrayList<>();
    for (Path root : roots) {
      try (Stream<Path> files = Files.walk(root)) {
        files.filter(p -> p.toString().endsWith(".java")).forEach(out::add);
      }
    }
    return out;
  }

  /** Sizes are asked for by typed keys: a name in quotes is a slip that no compiler tells. */
  @Test
  void no_size_is_asked_for_by_a_name_in_quotes() throws IOException {
    List<String> quoted = new ArrayList<>();
    for (Path f : sources(Path.of("src/main/java"), Path.of("../web/src/main/java"))) {
      Matcher m = QUOTED.matcher(Files.readString(f));
      while (m.find()) {
        quoted.add(f.getFileName() + ": " + m.group());
      }
    }
    assertThat(quoted).isEmpty();
    assertThat(QUOTED.matcher("aim.mm(\"blank.length\")").find()).isTrue();
  }

  private static final Pattern QUOTED =
      Pattern.compile("\\b(?:mm|due|set|more|has|dim)\\(\"[a-z-]+\\.[a-z-]+\"?");

  private static final Pattern CONSTANT =
      Pattern.compile("static final (?:double|int|float|long) ([A-Z_0-9]+) =");

  /**
   * Numbers that stand in the code are of geometry, of arithmetic or of how a file is read; each is
   * in the list. One of the trade belongs into the table.
   */
  @Test
  void numbers_of_the_trade_stand_in_the_table() throws IOException {
    Set<String> found = new TreeSet<>();
    Path root = Path.of("src/main/java/hazelkeep");
    for (Path f : sources(root)) {
      Matcher m = CONSTANT.matcher(Files.readString(f));
      while (m.find()) {
        String file = root.relativize(f).toString().replace(".java", "").replace('/', '.');
        found.add(file + "." + m.group(1));
      }
    }
    Map<String, String> known;
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                PracticeTest.class.getResourceAsStream("constants.txt"), StandardCharsets.UTF_8))) {
      known =
          lines
              .lines()
              .filter(l -> !l.isBlank() && !l.startsWith("#"))
              .map(l -> l.split(" ", 2))
              .collect(Collectors.toMap(l -> l[0], l -> l.length > 1 ? l[1] : ""));
    }
    assertThat(found).containsExactlyInAnyOrderElementsOf(known.keySet());
  }
}
