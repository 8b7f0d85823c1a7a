package hazelkeep.web.api;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.FreshBlank;
import hazelkeep.workbench.Hand;
import hazelkeep.workbench.Leaves;
import hazelkeep.workbench.Taken;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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
    List<Function<Hand, Fact>> all = new ArrayList<>();
    facts.forEach(f -> all.add(hand -> fact(f, hand)));
    Bench<D> bench = Bench.worked(kind, design, shop, edits, all);
    return PlanAnswer.of(bench.plan(), bench);
  }

  /** A fact as the bench would take it at that time. */
  private static Fact fact(JsonNode f, Hand hand) {
    String type = f.path("type").asString("");
    return switch (type) {
      case "done" -> done(f, hand);
      case "reading" -> reading(f, hand);
      case "found" -> found(f, hand);
      case "replaced" -> {
        only(f, "facts", List.of("type", "part", "length", "across"));
        FreshBlank blank = new FreshBlank(size(f, "length"), size(f, "across"));
        yield hand.replaced(part(f, hand), blank);
      }
      default ->
          throw new Refused(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "facts.type",
              "A fact is of type done, reading, found or replaced.");
    };
  }

  private static Fact done(JsonNode f, Hand hand) {
    only(f, "facts", List.of("type", "step"));
    StepKey key = new StepKey(f.path("step").asString(""));
    Optional<StepKey> next = hand.next().map(Step::key);
    if (next.filter(key::equals).isEmpty()) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "facts.step",
          "“"
              + key
              + "” is not the next step; "
              + next.map(k -> "that is “" + k + "”.").orElse("nothing is owed any more."));
    }
    return hand.did(key);
  }

  private static Fact reading(JsonNode f, Hand hand) {
    only(f, "facts", List.of("type", "what", "shown", "gauge", "stays"));
    String stays = f.path("stays").asString("");
    Taken t;
    try {
      DimKey what = new DimKey(f.path("what").asString(""));
      t = hand.taken(what, f.path("gauge").asString(""), size(f, "shown"));
    } catch (IllegalArgumentException e) {
      throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "facts.reading", e.getMessage() + ".");
    }
    if (t.leaves() != Leaves.NOTHING && !STAYS.contains(stays)) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "facts.stays",
          t.prompt().dim().label()
              + " "
              + Rounding.text(t.truth(), 2)
              + " is none that will do ("
              + Rounding.text(t.prompt().least(), 2)
              + " to "
              + Rounding.text(t.prompt().most(), 2)
              + "). Say “stays”: “so” when it is to stay, “more” when there is still wood to cut.");
    }
    boolean settles = t.leaves() == Leaves.NOTHING || stays.equals("so");
    return hand.read(t.prompt().dim().key(), t.gauge().name(), t.shown(), t.truth(), settles);
  }

  private static final List<String> STAYS = List.of("so", "more");

  private static Fact found(JsonNode f, Hand hand) {
    only(
        f,
        "facts",
        List.of("type", "part", "what", "at", "to", "value", "degrees", "round", "words"));
    double at = f.has("at") ? size(f, "at") : 0;
    AsFound as =
        new AsFound(
            part(f, hand),
            what(f),
            at,
            f.has("to") ? size(f, "to") : at,
            f.has("value") ? size(f, "value") : 0,
            f.path("degrees").asInt(0),
            f.path("round").asBoolean(false));
    return hand.found(as, f.path("words").asString(""));
  }

  private static AsFound.What what(JsonNode f) {
    try {
      return AsFound.What.named(f.path("what").asString(""));
    } catch (IllegalArgumentException e) {
      throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "facts.what", e.getMessage() + ".");
    }
  }

  private static String part(JsonNode f, Hand hand) {
    String name = f.path("part").asString("");
    List<String> parts = hand.aim().parts().stream().map(Part::name).toList();
    if (!parts.contains(name)) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "facts.part",
          "There is no part “" + name + "”; there are " + String.join(", ", parts) + ".");
    }
    return name;
  }

  private static double size(JsonNode fact, String field) {
    JsonNode node = fact.path(field);
    try {
      return node.isNumber()
          ? Length.mm(node.asDouble()).mm()
          : SizeText.parse(node.asString(""), Unit.MM).mm();
    } catch (IllegalArgumentException e) {
      throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "facts." + field, e.getMessage());
    }
  }
}
