package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.piece.Plan;
import hazelkeep.piece.box.LiddedBox;
import hazelkeep.piece.box.LiddedBoxKind;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The plan as other programs ask for it. */
class PlanApiTest {
  private static final String WORKED =
      """
      {"piece": {"schema": "hazel-keep/piece/1", "kind": "lidded-box", "design": {
        "species": "Common pear",
        "sizes": {"outside.diameter": 62, "body.height": 64, "lid.height": 32,
                  "joint.length": 9, "joint.shoulder": "9.5 mm", "stick.kerf": 2}}}%s}
      """;

  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();

  private JsonNode worked(String more) {
    return visitor.plan(WORKED.formatted(more));
  }

  private static double mm(JsonNode plan, String key) {
    return plan.get("dimensions").get(key).get("mm").asDouble();
  }

  private static Map<String, Double> sizes(JsonNode plan) {
    Map<String, Double> out = new TreeMap<>();
    plan.get("dimensions")
        .properties()
        .forEach(e -> out.put(e.getKey(), e.getValue().get("mm").asDouble()));
    return out;
  }

  /** The worked budget: 2 + 7 + 3 + 64 + 9 + 0.5 + 2 + 1 + 32 + 2.5 + 7 + 2 = 132. */
  @Test
  void the_axis_budget_adds_up() {
    JsonNode plan = worked("");
    List<Double> ends = new ArrayList<>();
    plan.get("budget").forEach(s -> ends.add(s.get("to").asDouble()));
    assertThat(ends)
        .containsExactly(2.0, 9.0, 12.0, 76.0, 85.0, 85.5, 87.5, 88.5, 120.5, 123.0, 130.0, 132.0);
    assertThat(mm(plan, "joint.diameter")).isEqualTo(43);
    assertThat(plan.get("joints").get(0).get("clearance").asDouble())
        .isCloseTo(0.075, within(1e-9));
    assertThat(codes(plan)).isEmpty();
    assertThat(plan.get("done")).isEmpty();
  }

  @Test
  void it_answers_with_holds_prompts_ladders_and_speeds() {
    JsonNode route = worked("").get("route");
    assertThat(route).hasSize(10);
    assertThat(route.get(0).get("hold").asString()).isEqualTo("drive and live centre");
    JsonNode lid = route.get(2);
    assertThat(lid.get("hold").asString()).isEqualTo("50 mm jaws on the lid's tenon");
    JsonNode recess = lid.get("steps").get(1);
    assertThat(recess.get("key").asString()).isEqualTo("lid/recess");
    JsonNode depth = recess.get("prompts").get(1);
    assertThat(depth.get("target").asDouble()).isCloseTo(9.7, within(1e-9));
    assertThat(depth.get("shows").asDouble()).as("dead length 2").isCloseTo(7.7, within(1e-9));
    assertThat(recess.get("rpm").get(1).asDouble()).isPositive();
    JsonNode jam = route.get(3).get("steps").get(3);
    assertThat(jam.get("ladder").size()).isGreaterThan(2);
    double last = jam.get("ladder").get(jam.get("ladder").size() - 1).asDouble();
    assertThat(last).isCloseTo(43.075 * 1.0018, within(1e-6));
  }

  @Test
  void numbers_are_those_of_the_core() {
    JsonNode plan = visitor.plan("{\"piece\": {\"kind\": \"lidded-box\"}}");
    Plan<LiddedBox> core =
        Plan.of(new LiddedBoxKind(), LiddedBox.fresh(), Shop.starter(), List.of());
    core.aim().dims().forEach((k, d) -> assertThat(mm(plan, k.path())).isEqualTo(d.mm()));
    assertThat(plan.get("properties").get("brimMl").asDouble())
        .isEqualTo(core.sketch().properties().brimMl());
    assertThat(plan.get("parts").get(0).get("volume").asDouble())
        .isEqualTo(core.aim().part("body").target().volume());
  }

  @Test
  void a_reading_moves_what_depends_on_it_and_nothing_else() {
    String until =
        ", \"facts\": ["
            + done("centres/round", "centres/face", "centres/tenons", "whole/true")
            + done("whole/grain mark", "whole/shoulder", "whole/part", "lid/hollow", "lid/recess")
            + "{\"type\": \"reading\", \"what\": \"recess.diameter\", \"gauge\": \"calipers\", \"shown\": %s}]";
    Map<String, Double> one = sizes(worked(until.formatted("43.10")));
    Map<String, Double> two = sizes(worked(until.formatted("43.30")));
    List<String> moved = one.keySet().stream().filter(k -> !one.get(k).equals(two.get(k))).toList();
    assertThat(moved).containsExactly("joint.jam", "recess.diameter", "spigot.diameter");
    assertThat(two.get("spigot.diameter")).isCloseTo(43.225, within(1e-9));
    JsonNode plan = worked(until.formatted("43.30"));
    assertThat(plan.get("dimensions").get("recess.diameter").get("origin").asString())
        .isEqualTo("measured");
    assertThat(plan.get("dimensions").get("recess.diameter").get("planned").asDouble())
        .isCloseTo(43.075, within(1e-9));
    assertThat(plan.get("done")).hasSize(9);
    assertThat(plan.get("route").get(0).get("steps").get(0).get("key").asString())
        .isEqualTo("lid/inside");
  }

  private static String done(String... steps) {
    StringBuilder s = new StringBuilder();
    for (String step : steps) {
      s.append("{\"type\": \"done\", \"step\": \"").append(step).append("\"}, ");
    }
    return s.toString();
  }

  @Test
  void what_was_found_and_what_was_made_again_is_planned_with() {
    String facts =
        ", \"facts\": ["
            + done("centres/round", "centres/face", "centres/tenons", "whole/true")
            + done("whole/grain mark", "whole/shoulder", "whole/part", "lid/hollow")
            + "{\"type\": \"found\", \"part\": \"lid\", \"what\": \"lost\", \"words\": \"rolled away\"}%s]";
    JsonNode lost = worked(facts.formatted(""));
    assertThat(codes(lost)).contains("part-gone");
    JsonNode again =
        worked(
            facts.formatted(
                ", {\"type\": \"replaced\", \"part\": \"lid\", \"length\": \"3 in\", \"across\": 66}"));
    assertThat(again.has("findings")).as(again.toString()).isTrue();
    assertThat(codes(again)).isEmpty();
    assertThat(again.get("route").get(0).get("name").asString()).isEqualTo("fresh lid");
  }

  private static List<String> codes(JsonNode plan) {
    List<String> out = new ArrayList<>();
    plan.get("findings").forEach(f -> out.add(f.get("code").asString()));
    out.remove("not-judged");
    return out;
  }

  @Test
  void findings_carry_number_limit_reason_place_and_remedies() {
    JsonNode plan =
        visitor.plan(
            "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"recess.depth\": 8.4,"
                + " \"joint.length\": 9}}}}");
    JsonNode f = plan.get("findings").get(0);
    assertThat(f.get("code").asString()).isEqualTo("spigot-bottoms");
    assertThat(f.get("grade").asString()).isEqualTo("stop");
    assertThat(f.get("found").asDouble()).isCloseTo(-0.6, within(1e-9));
    assertThat(f.get("why").asString()).isNotBlank();
    assertThat(f.get("where").get("z").asDouble()).isPositive();
    assertThat(f.get("remedies").get(0).get("type").asString()).isEqualTo("set");
  }

  @Test
  void edits_of_the_route_are_played() {
    JsonNode plan =
        worked(
            ", \"edits\": [{\"type\": \"move-after\", \"what\": \"lid/inside\", \"after\":"
                + " \"top/top\"}]");
    assertThat(codes(plan)).contains("hidden", "last-sand");
    assertThat(codes(worked(", \"edits\": [{\"type\": \"drop\", \"what\": \"foot/foot\"}]")))
        .contains("wood-left");
  }

  @Test
  void a_shop_of_one_s_own_is_planned_for() {
    Json json = app.bean(Json.class);
    Shop s = Shop.starter();
    Shop small = s.withJaws(s.jaws().subList(0, 1));
    JsonNode plan = worked(", \"shop\": " + json.write(small));
    assertThat(plan.get("route").get(2).get("hold").asString()).startsWith("25 mm jaws");
    assertThat(mm(plan, "tenon-foot.diameter"))
        .isCloseTo(27 + 14 * Math.tan(Math.toRadians(8)), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "not json|400|",
        "[1, 2]|400|",
        "{}|400|piece",
        "{\"piece\": {\"kind\": \"teapot\"}}|422|piece.kind",
        "{\"piece\": {\"kind\": \"lidded-box\", \"colour\": 1}}|422|piece.colour",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"more\": 1}|422|more",
        "{\"piece\": {\"kind\": \"lidded-box\", \"schema\": \"other/9\"}}|422|piece.schema",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"handle\": 1}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"school\": \"BESIDE\"}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": -4}}}}|422|sizes.outside.height",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": 1e9}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": \"tall\"}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"Outside\": 1}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"joint.diameter\": 90}}}}|422|sizes.joint.diameter",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"form\": \"FREE\", \"points\": [{\"at\": 0.6, \"radius\": 30}, {\"at\": 0.2, \"radius\": 30}]}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"sung\"}]}|422|facts.type",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"done\", \"step\": \"a/b\"}]}|422|facts.step",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"found\", \"part\": \"lid\", \"what\": \"ghost\"}]}|422|facts.what",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"found\", \"part\": \"cat\", \"what\": \"lost\"}]}|422|facts.part",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"done\", \"step\": \"centres/face\"}]}|422|facts.step",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": 62, \"gauge\": \"thumb\"}]}|422|facts.reading",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": 90}]}|422|facts.stays",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": \"wide\"}]}|422|facts.shown",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"replaced\", \"part\": \"lid\"}]}|422|facts.length",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"shop\": {\"jaws\": 4}}|400|",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"edits\": [{\"type\": \"fly\"}]}|400|",
      })
  void nonsense_is_refused_with_what_would_be_accepted(String body, int status, String field) {
    HttpResponse<String> r = visitor.json("/api/plan", body);
    assertThat(r.statusCode()).as(r.body()).isEqualTo(status);
    assertThat(r.headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    JsonNode problem = app.bean(Json.class).mapper().readTree(r.body());
    assertThat(problem.get("detail").asString()).isNotBlank().doesNotContain("tools.jackson");
    if (field != null) {
      assertThat(problem.get("field").asString()).isEqualTo(field);
    }
  }

  @Test
  void five_megabytes_of_text_are_refused() {
    HttpResponse<String> r =
        visitor.json("/api/plan", "{\"piece\": \"" + "x".repeat(5_000_000) + "\"}");
    assertThat(r.statusCode()).isEqualTo(413);
    assertThat(r.body()).contains("at most 256 KB");
  }

  /** The schema in the docs is made from the design records; this keeps it so. */
  @Test
  void the_schema_in_the_docs_is_the_one_that_is_served() throws IOException {
    String served = visitor.get("/api/piece.schema.json").body();
    Path file = Path.of("..", "docs", "piece.schema.json");
    if (Boolean.getBoolean("hazel.write-docs")) {
      Files.writeString(file, served);
    }
    assertThat(Files.readString(file)).isEqualTo(served);
  }

  @Test
  void every_field_of_a_fresh_design_is_in_the_schema() {
    Json json = app.bean(Json.class);
    JsonNode schema = json.mapper().readTree(visitor.get("/api/piece.schema.json").body());
    JsonNode fields = schema.get("oneOf").get(0).get("properties").get("design").get("properties");
    JsonNode fresh = json.mapper().valueToTree(LiddedBox.fresh());
    assertThat(fields.propertyNames()).containsExactlyInAnyOrderElementsOf(fresh.propertyNames());
    assertThat(fields.get("sizes").get("properties").propertyNames())
        .contains("outside.height", "joint.jam", "stick.kerf");
  }
}
