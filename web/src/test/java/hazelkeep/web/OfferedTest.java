package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.json.Json;
import java.lang.reflect.RecordComponent;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a piece file may state works on every page, or is refused by its name. */
class OfferedTest {
  private static final App.Visitor VISITOR = App.shared().visitor();

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void every_option_of_a_file_works_or_is_refused(Kind<D> kind) {
    Json json = App.shared().bean(Json.class);
    int taken = 0;
    int refused = 0;
    for (RecordComponent c : kind.type().getRecordComponents()) {
      if (!c.getType().isEnum()) {
        continue;
      }
      for (Object option :
          Stream.concat(Arrays.stream(c.getType().getEnumConstants()), Stream.of("NONSENSE"))
              .toList()) {
        String file =
            json.write(
                Map.of(
                    "piece",
                    Map.of(
                        "schema",
                        "hazel-keep/piece/1",
                        "kind",
                        kind.name(),
                        "name",
                        "Offered",
                        "design",
                        Map.of(c.getName(), option.toString()))));
        VISITOR.get("/data");
        HttpResponse<String> r = VISITOR.upload("/data/piece", "piece", file);
        String as = kind.name() + " " + c.getName() + " " + option;
        assertThat(r.statusCode()).as(as).isIn(302, 422);
        String page =
            java.net.URI.create(r.headers().firstValue("Location").orElse("/data")).getPath();
        if (!page.startsWith("/pieces/")) {
          refused++;
          String told = r.statusCode() == 422 ? r.body() : VISITOR.get(page).body();
          assertThat(told).as(as).containsAnyOf(c.getName(), "jam", "recess");
        } else {
          taken++;
          for (String more : new String[] {"", "/holding", "/fit"}) {
            assertThat(VISITOR.get(page + more).statusCode()).as(as + more).isEqualTo(200);
          }
        }
      }
    }
    assertThat(taken).isPositive();
    assertThat(refused).isPositive();
  }
}
