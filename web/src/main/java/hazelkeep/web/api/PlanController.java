package hazelkeep.web.api;

import hazelkeep.giving.Fight;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Refused;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.web.config.Callers;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Hand;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.util.function.SingletonSupplier;
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

  private final Json json;
  private final Planner planner;
  private final Turns turns;

  /** Worked out when it is first asked for: thousands of numbers are tried for it. */
  private final SingletonSupplier<String> pieceSchema;

  PlanController(Json json, Planner planner, Turns turns) {
    this.json = json;
    this.planner = planner;
    this.turns = turns;
    this.pieceSchema = SingletonSupplier.of(() -> PieceSchema.text(json));
  }

  @GetMapping(value = "/api/piece.schema.json", produces = "application/schema+json")
  String schema() {
    return pieceSchema.obtain();
  }

  @GetMapping(value = "/api/shop.schema.json", produces = "application/schema+json")
  String shopSchema() {
    return ShopSchema.text(json);
  }

  @PostMapping(
      value = "/api/plan",
      produces = {MediaType.APPLICATION_JSON_VALUE, MediaType.APPLICATION_PROBLEM_JSON_VALUE})
  ResponseEntity<String> plan(HttpServletRequest request) throws IOException {
    try {
      allowed(request);
      String body = body(request);
      PlanAnswer answer =
          turns.of(request.getRemoteAddr(), () -> answer(json.mapper().readTree(body)));
      return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(json.write(answer));
    } catch (NotPlanned e) {
      return problem(e.status(), e.field(), e.getMessage(), Map.of());
    } catch (Patience.Lost e) {
      return problem(HttpStatus.UNPROCESSABLE_CONTENT, "", e.getMessage(), Map.of());
    } catch (JacksonException e) {
      String message = Sentences.of("pieceFile.this-is-not-the", json.reason(e));
      return problem(HttpStatus.BAD_REQUEST, "", message, Map.of());
    }
  }

  private static void allowed(HttpServletRequest request) {
    if (!json(request.getContentType())) {
      throw new NotPlanned(
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "",
          Sentences.of("planController.a-plan-is-asked-for"));
    }
    if (Callers.elsewhere(request)) {
      throw new NotPlanned(
          HttpStatus.FORBIDDEN, "", Sentences.of("planController.a-page-from-elsewhere-cant"));
    }
  }

  private static boolean json(String type) {
    try {
      return type != null && MediaType.APPLICATION_JSON.isCompatibleWith(MediaType.valueOf(type));
    } catch (InvalidMediaTypeException e) {
      return false;
    }
  }

  private ResponseEntity<String> problem(
      HttpStatus status, String field, String message, Map<String, Object> more) {
    Map<String, Object> body = new LinkedHashMap<>();
    body.put("type", "about:blank");
    body.put("title", "This can't be planned");
    body.put("status", status.value());
    body.put("detail", message);
    if (!field.isEmpty()) {
      body.put("field", field);
    }
    body.putAll(more);
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(json.write(body));
  }

  private static String body(HttpServletRequest request) throws IOException {
    byte[] bytes = request.getInputStream().readNBytes(MOST + 1);
    if (bytes.length > MOST) {
      throw new NotPlanned(
          HttpStatus.CONTENT_TOO_LARGE, "", Sentences.of("pieceFile.a-piece-file-is"));
    }
    return new String(bytes, StandardCharsets.UTF_8);
  }

  private PlanAnswer answer(JsonNode root) {
    return planned(PlanRequest.read(root, json, planner::shop));
  }

  private <D extends Design> PlanAnswer planned(PlanRequest<D> asked) {
    Applied<D> applied = Applied.of(asked);
    try {
      if (asked.facts().isMissingNode() || asked.facts().isEmpty()) {
        Plan<D> plan =
            Plan.of(asked.kind(), applied.design(), asked.shop(), applied.edits()).withRemedies();
        return PlanAnswer.of(plan, null, applied);
      }
      List<Function<Hand, Fact>> all = new ArrayList<>();
      asked.facts().forEach(f -> all.add(hand -> FactsIn.fact(f, hand)));
      Bench<D> bench =
          Bench.worked(asked.kind(), applied.design(), asked.shop(), applied.edits(), all);
      return PlanAnswer.of(bench.plan(), bench, applied);
    } catch (BadDesign e) {
      throw NotPlanned.field(
          "piece.design.sizes." + e.key(), e.getMessage() + ways(asked, applied));
    } catch (Refused e) {
      throw NotPlanned.field("", e.getMessage());
    }
  }

  /** What stated sizes would have to become, where the design can't be drawn with all of them. */
  private static <D extends Design> String ways(PlanRequest<D> asked, Applied<D> applied) {
    List<String> ways =
        Fight.of(asked.kind(), applied.design(), asked.shop()).sizes().entrySet().stream()
            .map(e -> e.getKey() + e.getValue().map(mm -> " " + mm).orElse(" left out"))
            .toList();
    return ways.isEmpty()
        ? ""
        : " " + Sentences.of("planController.one-of-these-would-have-to", String.join(", ", ways));
  }
}
