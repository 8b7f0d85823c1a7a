package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

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
    assertThat(route).hasSize(11);
    assertThat(route.get(0).get("hold").asString()).isEqualTo("drive and live centre");
    JsonNode lid = route.get(2);
    assertThat(lid.get("hold").asString()).isEqualTo("50 mm jaws on the lid's tenon");
    JsonNode recess = lid.get("steps").get(1);
    assertThat(recess.get("key").asString()).isEqualTo("lid/recess");
    JsonNode depth = recess.get("prompts").get(1);
    assertThat(depth.get("target").asDouble()).isCloseTo(9.7, within(1e-9));
    assertThat(depth.get("shows").asDouble())
        .as("shows the length itself")
        .isCloseTo(9.7, within(1e-9));
    assertThat(recess.get("rpm").get(1).asDouble()).isPositive();
    JsonNode jam = route.get(3).get("steps").get(4);
    assertThat(jam.get("ladder").size()).isGreaterThan(2);
    double last = jam.get("ladder").get(jam.get("ladder").size() - 1).asDouble();
    assertThat(last).isCloseTo(43.075 * 1.0018, within(1e-6));
  }

  @Test
  void numbers_are_those_of_the_core() {
    JsonNode plan = visitor.plan("{\"piece\": {\"kind\": \"lidded-box\"}}");
    Plan<LiddedBox> core = Plan.of(LiddedBoxKind.BOX, LiddedBox.fresh(), Shop.starter(), List.of());
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
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"handle\": 1}}}|422|piece.design.handle",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"school\": \"BESIDE\"}}}|422|piece.design.school",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": -4}}}}|422|piece.design.sizes.outside.height",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": 1e9}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": \"tall\"}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"Outside\": 1}}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"joint.diameter\": 90, \"outside.diameter\": 60}}}}|422|piece.design.sizes.joint.diameter",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"form\": \"FREE\", \"points\": [{\"at\": 0.6, \"radius\": 30}, {\"at\": 0.2, \"radius\": 30}]}}}|422|",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"sung\"}]}|422|facts.type",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"done\", \"step\": \"a/b\"}]}|422|facts.step",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"found\", \"part\": \"lid\", \"what\": \"ghost\"}]}|422|facts.what",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"found\", \"part\": \"cat\", \"what\": \"lost\"}]}|422|facts.part",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"done\", \"step\": \"lid/hollow\"}]}|422|facts.step",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": 62, \"gauge\": \"thumb\"}]}|422|facts.reading",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": 90}]}|422|facts.stays",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": \"wide\"}]}|422|facts.shown",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [{\"type\": \"replaced\", \"part\": \"lid\"}]}|422|facts.length",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"shop\": {\"jaws\": 4}}|422|shop.lathe",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"shop\": {}}|422|shop.lathe",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"shop\": null}|400|shop",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"shop\": {\"lathe\": {\"name\": \"x\"}}}|422|shop.lathe",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"edits\": null}|422|edits",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"edits\": [null]}|422|edits",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"edits\": [{\"type\": \"drop\"}]}|422|edits[0]",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": null}|422|facts",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"facts\": [7]}|422|facts.type",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"apply\": [{\"type\": \"set\"}]}|422|apply[0]",
        "{\"piece\": {\"kind\": \"lidded-box\"}, \"edits\": [{\"type\": \"fly\"}]}|422|edits[0]",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\": null}}}}|422|piece.design.sizes.outside.height",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"species\": null}}}|422|piece.design",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"species\": \"ash\"}}}|422|piece.design.species",
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": null}}|422|piece.design",
      })
  void nonsense_is_refused_with_what_would_be_accepted(String body, int status, String field) {
    HttpResponse<String> r = visitor.json("/api/plan", body);
    assertThat(r.statusCode()).as(r.body()).isEqualTo(status);
    assertThat(r.headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    JsonNode problem = app.bean(Json.class).mapper().readTree(r.body());
    assertThat(problem.get("detail").asString())
        .isNotBlank()
        .doesNotContain("tools.jackson", "hazelkeep", "enum", "null,", "Exception");
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
    same("piece.schema.json", served);
    same("shop.schema.json", visitor.get("/api/shop.schema.json").body());
  }

  private static void same(String name, String served) throws IOException {
    Path file = Path.of("..", "docs", name);
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

  private static Schema schema(String text) {
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
  }

  /** Judged by a validator that knows nothing of this program. */
  @Test
  void the_examples_in_the_docs_are_what_the_schema_says_and_are_planned() throws IOException {
    String docs = Files.readString(Path.of("..", "docs", "piece-file.md"));
    List<String> examples = new ArrayList<>();
    Matcher m = Pattern.compile("```json\n(.*?)```", Pattern.DOTALL).matcher(docs);
    while (m.find()) {
      examples.add(m.group(1));
    }
    assertThat(examples).hasSizeGreaterThanOrEqualTo(2);
    Schema schema = schema(visitor.get("/api/piece.schema.json").body());
    assertThat(schema.validate(examples.get(0), InputFormat.JSON)).isEmpty();
    assertThat(visitor.json("/api/plan", "{\"piece\": " + examples.get(0) + "}").statusCode())
        .isEqualTo(200);
    HttpResponse<String> second = visitor.json("/api/plan", examples.get(1));
    assertThat(second.statusCode()).as(second.body()).isEqualTo(200);
    JsonNode piece = app.bean(Json.class).mapper().readTree(examples.get(1)).get("piece");
    assertThat(schema.validate(piece.toString(), InputFormat.JSON)).isEmpty();
  }

  private static final String HOLE = "{\"what\": \"hole\", \"no\": 1, \"part\": \"body\"}";

  /** What the schema does not offer is refused, and the other way round. */
  @Test
  void the_schema_offers_what_is_taken_and_nothing_else() {
    Schema schema = schema(visitor.get("/api/piece.schema.json").body());
    for (String design :
        List.of(
            "{\"fit\": \"JAM\"}",
            "{\"fit\": \"SNUG\"}",
            "{\"grit\": 60}",
            "{\"grit\": 180}",
            "{\"paper\": 7}",
            "{\"content\": {\"diameter\": 30}}",
            "{\"blank\": {\"length\": \"6 in\"}}",
            "{\"sizes\": {\"outside.height\": 900}}",
            "{\"sizes\": {\"outside.height\": 90}}",
            "{\"sizes\": {\"outside.heigth\": 90}}",
            "{\"sizes\": {\"hole-1.round\": 20}, \"elements\": [" + HOLE + "]}",
            "{\"sizes\": {\"hole-1.deep\": 20}, \"elements\": [" + HOLE + "]}",
            "{\"sizes\": {\"ball-1.round\": 20}, \"elements\": []}",
            "{\"colour\": 1}")) {
      String piece = "{\"kind\": \"lidded-box\", \"design\": " + design + "}";
      boolean offered = schema.validate(piece, InputFormat.JSON).isEmpty();
      int status = visitor.json("/api/plan", "{\"piece\": " + piece + "}").statusCode();
      assertThat(status).as(design).isEqualTo(offered ? 200 : 422);
    }
  }

  @Test
  void a_shop_takes_sizes_as_texts_and_keeps_to_its_schema() {
    Json json = app.bean(Json.class);
    ObjectNode shop = json.mapper().valueToTree(Shop.starter());
    Schema schema = schema(visitor.get("/api/shop.schema.json").body());
    assertThat(schema.validate(shop.toString(), InputFormat.JSON)).isEmpty();
    ((ObjectNode) shop.get("gauges").get(1)).put("dead", "-1 1/4 in");
    ((ObjectNode) shop.get("lathe")).put("swing", "12 in");
    assertThat(schema.validate(shop.toString(), InputFormat.JSON)).isEmpty();
    assertThat(worked(", \"shop\": " + shop).has("route")).isTrue();
    ((ObjectNode) shop.get("lathe")).put("swing", "wide");
    HttpResponse<String> r = visitor.json("/api/plan", WORKED.formatted(", \"shop\": " + shop));
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("\"field\":\"shop.lathe.swing\"");
  }

  /** A shop with anything missing, or nothing in its place, is planned for or refused in words. */
  @Test
  void whatever_is_missing_from_a_shop_nothing_breaks() {
    Json json = app.bean(Json.class);
    JsonNode whole = json.mapper().valueToTree(Shop.starter());
    List<String> paths = new ArrayList<>();
    paths(whole, "", paths);
    assertThat(paths).hasSizeGreaterThan(60);
    Random random = new Random(4);
    for (int i = 0; i < 120; i++) {
      String path = paths.get(random.nextInt(paths.size()));
      ObjectNode shop = (ObjectNode) whole.deepCopy();
      ObjectNode parent = (ObjectNode) shop.at(path.substring(0, path.lastIndexOf('/')));
      String field = path.substring(path.lastIndexOf('/') + 1);
      if (random.nextBoolean()) {
        parent.remove(field);
      } else {
        parent.putNull(field);
      }
      HttpResponse<String> r =
          visitor.json("/api/plan", "{\"piece\": {\"kind\": \"mill\"}, \"shop\": " + shop + "}");
      assertThat(r.statusCode()).as(path + ": " + r.body()).isIn(200, 422);
      assertThat(r.body()).doesNotContain("hazelkeep.", "Exception");
    }
  }

  private static void paths(JsonNode node, String at, List<String> out) {
    if (node.isObject()) {
      node.properties()
          .forEach(
              e -> {
                out.add(at + "/" + e.getKey());
                paths(e.getValue(), at + "/" + e.getKey(), out);
              });
    } else if (node.isArray() && !node.isEmpty()) {
      paths(node.get(0), at + "/0", out);
    }
  }

  /** A remedy that is sent back gives what the press on the screen gives, and says what went. */
  @Test
  void remedies_are_applied_as_the_screen_applies_them() {
    String piece =
        "{\"piece\": {\"kind\": \"lidded-box\", \"design\": {\"sizes\": {\"outside.height\":"
            + " 100, \"body.height\": 60, \"lid.height\": 30}}}%s}";
    JsonNode plan = visitor.plan(piece.formatted(""));
    JsonNode f = plan.get("findings").get(0);
    assertThat(f.get("code").asString()).isEqualTo("sizes-contradict");
    for (JsonNode remedy : f.get("remedies")) {
      JsonNode then = visitor.plan(piece.formatted(", \"apply\": [" + remedy + "]"));
      assertThat(codes(then)).doesNotContain("sizes-contradict");
      String key = remedy.get("key").asString();
      assertThat(then.get("letGo").get(0).asString()).isEqualTo(key);
      assertThat(mm(then, key)).isCloseTo(remedy.get("then").asDouble(), within(1e-9));
      assertThat(then.get("design").get("sizes").has(key)).isFalse();
    }
    JsonNode set =
        visitor.plan(
            piece.formatted(
                ", \"apply\": [{\"type\": \"set\", \"key\": \"outside.height\", \"to\": 95}]"));
    assertThat(set.get("letGo").get(0).asString()).as("as on the screen").isEqualTo("lid.height");
  }

  @Test
  void walls_drift_last_chances_and_stiffness_are_answered() {
    JsonNode plan = visitor.plan("{\"piece\": {\"kind\": \"dry-stem-vase\", \"design\": {}}}");
    JsonNode wall = plan.get("parts").get(0).get("walls").get(0);
    assertThat(wall.get("mm").asDouble()).isPositive();
    assertThat(wall.get("wanted").asDouble()).isPositive();
    JsonNode bore = plan.get("boring").get(0);
    assertThat(bore.get("depth").asDouble()).isCloseTo(mm(plan, "bore.depth"), within(1e-9));
    assertThat(bore.get("drift").asDouble()).isPositive();
    JsonNode setups = plan.get("route");
    int chances = 0;
    for (JsonNode s : setups) {
      chances += s.get("lastChances").size();
    }
    assertThat(chances).isPositive();
    JsonNode step = setups.get(setups.size() - 2).get("steps").get(0);
    assertThat(step.get("stiffness").get("softest").asDouble()).isPositive();
  }

  private int asked(String... headers) {
    return visitor
        .send(
            java.net.http.HttpRequest.newBuilder(visitor.uri("/api/plan"))
                .headers(headers)
                .POST(
                    java.net.http.HttpRequest.BodyPublishers.ofString(
                        "{\"piece\": {\"kind\": \"mill\"}}")))
        .statusCode();
  }

  /** A page from elsewhere can send text anywhere without asking; it can't ask for plans here. */
  @Test
  void only_programs_and_pages_of_this_server_may_ask() {
    assertThat(asked("Content-Type", "text/plain")).isEqualTo(415);
    assertThat(asked("Content-Type", "application/json")).isEqualTo(200);
    assertThat(asked("Content-Type", "application/json; charset=utf-8")).isEqualTo(200);
    assertThat(asked("Content-Type", "application/json", "Origin", "https://elsewhere.example"))
        .isEqualTo(403);
    assertThat(asked("Content-Type", "application/json", "Origin", "null")).isEqualTo(403);
    assertThat(asked("Content-Type", "application/json", "Origin", app.base())).isEqualTo(200);
    assertThat(asked("Content-Type", "application/json", "Sec-Fetch-Site", "cross-site"))
        .isEqualTo(403);
    assertThat(asked("Content-Type", "application/json", "Sec-Fetch-Site", "same-origin"))
        .isEqualTo(200);
  }

  @Test
  void a_log_of_many_readings_is_answered() {
    StringBuilder facts = new StringBuilder();
    for (int i = 0; i < 30; i++) {
      facts
          .append(i == 0 ? "" : ", ")
          .append("{\"type\": \"reading\", \"what\": \"blank.round\", \"shown\": ")
          .append(64.0 + 0.001 * (i % 40))
          .append("}");
    }
    HttpResponse<String> r =
        visitor.json("/api/plan", WORKED.formatted(", \"facts\": [" + facts + "]"));
    assertThat(r.statusCode()).as(r.body().substring(0, 200)).isEqualTo(200);
  }
}
