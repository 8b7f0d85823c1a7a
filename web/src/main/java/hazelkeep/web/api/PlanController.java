package hazelkeep.web.api;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.SizeText;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Plans a piece file for other programs. Nothing is saved. */
@RestController
class PlanController {
  /** The largest piece file that is read, bytes. */
  static final int MOST = 256 * 1024;

  /** The largest number of facts that is replayed. */
  private static final int FACTS = 400;

  private static final List<String> FIELDS = List.of("piece", "shop", "edits", "facts");
  private static final List<String> PIECE_FIELDS = List.of("schema", "kind", "name", "design");

  private final Json json;
  private final Planner planner;

  PlanController(Json json, Planner planner) {
    this.json = json;
    this.planner = planner;
  }

  /** What was sent can't be planned. */
  private static final class Refused extends RuntimeException {
    private final HttpStatus status;
    private final String field;

    Refused(HttpStatus status, String field, String message) {
      super(message);
      this.status = status;
      this.field = field;
    }
  }

  @GetMapping(value = "/api/piece.schema.json", produces = "application/schema+json")
  String schema() {
    return PieceSchema.text(json);
  }

  @PostMapping(
      value = "/api/plan",
      produces = {MediaType.APPLICATION_JSON_VALUE, MediaType.APPLICATION_PROBLEM_JSON_VALUE})
  ResponseEntity<String> plan(HttpServletRequest request) throws IOException {
    try {
      return ResponseEntity.ok()
          .contentType(MediaType.APPLICATION_JSON)
          .body(json.write(answer(read(request))));
    } catch (Refused e) {
      return problem(e.status, e.field, e.getMessage());
    } catch (BadDesign e) {
      return problem(HttpStatus.UNPROCESSABLE_CONTENT, "sizes." + e.key(), e.getMessage());
    } catch (JacksonException e) {
      return problem(
          HttpStatus.BAD_REQUEST, "", "This is not the JSON that is expected. " + Json.reason(e));
    } catch (IllegalArgumentException e) {
      return problem(HttpStatus.UNPROCESSABLE_CONTENT, "", e.getMessage());
    }
  }

  private ResponseEntity<String> problem(HttpStatus status, String field, String message) {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(status, message);
    p.setTitle("This can't be planned");
    java.util.Map<String, Object> body = new java.util.LinkedHashMap<>();
    body.put("type", "about:blank");
    body.put("title", p.getTitle());
    body.put("status", p.getStatus());
    body.put("detail", p.getDetail());
    if (!field.isEmpty()) {
      body.put("field", field);
    }
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(json.write(body));
  }

  private JsonNode read(HttpServletRequest request) throws IOException {
    byte[] bytes = request.getInputStream().readNBytes(MOST + 1);
    if (bytes.length > MOST) {
      throw new Refused(
          HttpStatus.CONTENT_TOO_LARGE, "", "A piece file is at most 256 KB; this one is larger.");
    }
    JsonNode root = json.mapper().readTree(new String(bytes, StandardCharsets.UTF_8));
    only(root, "", FIELDS);
    return root;
  }

  private static void only(JsonNode node, String at, List<String> fields) {
    if (node == null || !node.isObject()) {
      throw new Refused(
          HttpStatus.BAD_REQUEST,
          at,
          "A JSON object with " + String.join(", ", fields) + " is expected here.");
    }
    for (String name : node.propertyNames()) {
      if (!fields.contains(name)) {
        throw new Refused(
            HttpStatus.UNPROCESSABLE_CONTENT,
            at.isEmpty() ? name : at + "." + name,
            "“" + name + "” is not known here; known are " + String.join(", ", fields) + ".");
      }
    }
  }

  private PlanAnswer answer(JsonNode root) {
    JsonNode piece = root.get("piece");
    only(piece, "piece", PIECE_FIELDS);
    JsonNode schema = piece.get("schema");
    if (schema != null && !schema.asString("").equals(PieceSchema.NAME)) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "piece.schema",
          "The schema read here is " + PieceSchema.NAME + ".");
    }
    String name = piece.path("kind").asString("");
    Kind<?> kind =
        Kinds.named(name)
            .orElseThrow(
                () ->
                    new Refused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "piece.kind",
                        "There is no kind “"
                            + name
                            + "”; known are "
                            + String.join(", ", Kinds.ALL.stream().map(Kind::name).toList())
                            + "."));
    Shop shop =
        root.has("shop") ? json.mapper().treeToValue(root.get("shop"), Shop.class) : planner.shop();
    List<RouteEdit> edits =
        root.has("edits")
            ? Arrays.asList(json.mapper().treeToValue(root.get("edits"), RouteEdit[].class))
            : List.of();
    return planned(kind, piece.path("design"), shop, edits, root.path("facts"));
  }

  private <D extends Design> PlanAnswer planned(
      Kind<D> kind, JsonNode stated, Shop shop, List<RouteEdit> edits, JsonNode facts) {
    D design =
        json.design(kind, stated.isMissingNode() ? json.mapper().createObjectNode() : stated);
    if (facts.isMissingNode() || facts.isEmpty()) {
      return PlanAnswer.of(Plan.of(kind, design, shop, edits).withRemedies(), null);
    }
    if (!facts.isArray() || facts.size() > FACTS) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT, "facts", "Facts are a list of at most " + FACTS + ".");
    }
    List<Entry> log = new ArrayList<>();
    Bench<D> bench = Bench.replay(kind, design, shop, edits, log);
    for (JsonNode f : facts) {
      log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact(f, bench)));
      bench = Bench.replay(kind, design, shop, edits, log);
    }
    return PlanAnswer.of(bench.plan(), bench);
  }

  private <D extends Design> Fact fact(JsonNode f, Bench<D> bench) {
    String type = f.path("type").asString("");
    Plan<D> plan = bench.plan();
    switch (type) {
      case "done" -> {
        only(f, "facts", List.of("type", "step"));
        StepKey key = new StepKey(f.path("step").asString(""));
        if (plan.route().step(key).isEmpty()) {
          throw new Refused(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "facts.step",
              "There is no step “" + key + "” on this route.");
        }
        return bench.did(key);
      }
      case "reading" -> {
        only(f, "facts", List.of("type", "what", "shown", "gauge"));
        DimKey key = new DimKey(f.path("what").asString(""));
        if (!plan.aim().dims().containsKey(key)) {
          throw new Refused(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "facts.what",
              "There is no size “" + key + "” on this piece.");
        }
        Gauge gauge = plan.shop().gauge(f.path("gauge").asString("")).orElse(plan.shop().caliper());
        double shown = size(f.path("shown"));
        return new Fact.Reading(key, gauge.name(), shown, gauge.truth(shown));
      }
      case "found" -> {
        only(f, "facts", List.of("type", "part", "what", "at", "value", "words"));
        AsFound.What what;
        try {
          what = AsFound.What.valueOf(f.path("what").asString("").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
          throw new Refused(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "facts.what",
              "Found can be length, diameter, depth, flaw or lost.");
        }
        double at = f.has("at") ? size(f.get("at")) : 0;
        double value = f.has("value") ? size(f.get("value")) : 0;
        AsFound as = new AsFound(f.path("part").asString(""), what, at, value);
        return bench.found(as, f.path("words").asString(""));
      }
      case "replaced" -> {
        only(f, "facts", List.of("type", "part"));
        return bench.replaced(f.path("part").asString(""));
      }
      default ->
          throw new Refused(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "facts.type",
              "A fact is of type done, reading, found or replaced.");
    }
  }

  private static double size(JsonNode node) {
    return node.isNumber()
        ? hazelkeep.measure.Length.mm(node.asDouble()).mm()
        : SizeText.parse(node.asString(""), hazelkeep.measure.Unit.MM).mm();
  }
}
