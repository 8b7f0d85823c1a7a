package hazelkeep.web.api;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.FreshBlank;
import hazelkeep.workbench.Hand;
import hazelkeep.workbench.Leaves;
import hazelkeep.workbench.Taken;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** Facts as they are sent, each taken as the bench would take it. */
final class FactsIn {
  private FactsIn() {}

  /** A fact as the bench would take it at that time. */
  static Fact fact(JsonNode f, Hand hand) {
    String type = f.path("type").asString("");
    return switch (type) {
      case "done" -> done(f, hand);
      case "reading" -> reading(f, hand);
      case "found" -> found(f, hand);
      case "replaced" -> {
        Fields.only(f, "facts", List.of("type", "part", "length", "across"));
        FreshBlank blank = new FreshBlank(size(f, "length"), size(f, "across"));
        yield hand.replaced(part(f, hand), blank);
      }
      default -> throw NotPlanned.field("facts.type", Sentences.of("factsIn.a-fact-is-of-type"));
    };
  }

  private static Fact done(JsonNode f, Hand hand) {
    Fields.only(f, "facts", List.of("type", "step"));
    StepKey key = new StepKey(f.path("step").asString(""));
    if (!hand.ready(key)) {
      Optional<StepKey> next = hand.next().map(Step::key);
      throw NotPlanned.field(
          "facts.step",
          "“"
              + key
              + "” is not the next step; "
              + next.map(k -> "that is “" + k + "”.").orElse(Sentences.of("factsIn.all-is-done")));
    }
    return hand.did(key);
  }

  private static Fact reading(JsonNode f, Hand hand) {
    Fields.only(f, "facts", List.of("type", "what", "shown", "gauge", "stays"));
    String stays = f.path("stays").asString("");
    Taken t;
    try {
      DimKey what = new DimKey(f.path("what").asString(""));
      t = hand.taken(what, f.path("gauge").asString(""), size(f, "shown"), Unit.MM);
    } catch (Refused e) {
      throw NotPlanned.field("facts.reading", e.getMessage() + ".");
    }
    if (t.leaves() != Leaves.NOTHING && !STAYS.contains(stays)) {
      throw NotPlanned.field(
          "facts.stays",
          Sentences.of(
              "factsIn.is-none-that-will-do",
              t.prompt().dim().label(),
              Rounding.text(t.truth(), 2),
              Rounding.text(t.prompt().least(), 2),
              Rounding.text(t.prompt().most(), 2)));
    }
    boolean settles = t.leaves() == Leaves.NOTHING || stays.equals("so");
    return hand.read(t.prompt().dim().key(), t.gauge().name(), t.shown(), t.truth(), settles);
  }

  private static final List<String> STAYS = List.of("so", "more");

  private static Fact found(JsonNode f, Hand hand) {
    Fields.only(
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
    } catch (Refused e) {
      throw NotPlanned.field("facts.what", e.getMessage() + ".");
    }
  }

  private static String part(JsonNode f, Hand hand) {
    String name = f.path("part").asString("");
    List<String> parts = hand.aim().made().stream().map(Part::name).toList();
    if (!parts.contains(name)) {
      throw NotPlanned.field(
          "facts.part",
          Sentences.of("factsIn.there-is-no-part-there", name, String.join(", ", parts)));
    }
    return name;
  }

  private static double size(JsonNode fact, String field) {
    JsonNode node = fact.path(field);
    try {
      return node.isNumber()
          ? Length.mm(node.asDouble()).mm()
          : SizeText.parse(node.asString(""), Unit.MM).mm();
    } catch (Refused e) {
      throw NotPlanned.field("facts." + field, e.getMessage());
    }
  }
}
