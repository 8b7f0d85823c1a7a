package hazelkeep.web.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.shop.Gauge;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.shop.Field.Form;
import hazelkeep.web.store.ShopKind;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A thing on the wall as it is typed.
 *
 * @param kind what it is
 * @param typed every field as typed, kept whatever becomes of it
 * @param errors why a field was refused
 */
record ThingForm(ShopKind kind, Map<String, String> typed, Map<String, String> errors) {
  private static final int LONGEST = 200;

  static ThingForm of(ShopKind kind, Map<String, String> typed) {
    Map<String, String> kept = new LinkedHashMap<>();
    typed.forEach((k, v) -> kept.put(k, v.length() > LONGEST ? v.substring(0, LONGEST) : v));
    return new ThingForm(kind, kept, new LinkedHashMap<>());
  }

  /** A thing as it stands, in the unit chosen. */
  static ThingForm of(ShopKind kind, Record thing, Json json, Unit unit) {
    ThingForm form = of(kind, Map.of());
    if (thing instanceof Species s) {
      form.typed.put("name", s.name());
      form.typed.put("botanical", s.botanical());
      s.figures().forEach((p, f) -> form.typed.put(p.name(), plain(f.value())));
      return form;
    }
    JsonNode node = json.mapper().valueToTree(thing);
    for (Field f : Fields.of(kind)) {
      form.typed.put(f.path(), shown(f, node, unit));
    }
    return form;
  }

  private static String shown(Field f, JsonNode node, Unit unit) {
    if (f.path().startsWith("does.")) {
      String option = f.path().substring("does.".length());
      for (JsonNode n : node.get("does")) {
        if (n.asString().equals(option)) {
          return "true";
        }
      }
      return "";
    }
    JsonNode at = node.at("/" + f.path().replace('.', '/'));
    if (at.isMissingNode() || at.isNull()) {
      return "";
    }
    return switch (f.form()) {
      case LENGTH -> exact(at.asDouble(), unit);
      case NUMBER, PERHAPS -> plain(at.asDouble());
      case NUMBERS -> {
        List<String> all = new ArrayList<>();
        at.forEach(n -> all.add(plain(n.asDouble())));
        yield String.join(", ", all);
      }
      case TICK -> at.asBoolean() ? "true" : "";
      default -> at.asString();
    };
  }

  /** A length that is read back as it is: a shop's own sizes are not rounded by being looked at. */
  private static String exact(double mm, Unit unit) {
    String shown = unit.show(mm);
    double back = SizeText.parse(shown, unit).mm();
    return Math.abs(back - mm) < 1e-6 ? shown : plain(mm) + " mm";
  }

  private static String plain(double v) {
    return v == Math.rint(v) ? Long.toString(Math.round(v)) : Double.toString(v);
  }

  /** What was typed into a field. */
  public String value(String field) {
    return typed.getOrDefault(field, "");
  }

  /** Why a field was refused; null when it was not. */
  public String error(String field) {
    return errors.get(field);
  }

  /** Notes why a field was refused. */
  void refuse(String field, String why) {
    errors.putIfAbsent(field, why);
  }

  /** The core's record; empty when a field was refused. */
  Optional<Record> thing(Json json, Unit unit) {
    if (kind == ShopKind.WOOD) {
      return wood();
    }
    ObjectNode node = json.mapper().createObjectNode();
    for (Field f : Fields.of(kind)) {
      put(node, f, unit);
    }
    if (!errors.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(json.mapper().treeToValue(node, kind.type()));
    } catch (JacksonException | Refused e) {
      refuse("", json.reason(e));
      return Optional.empty();
    }
  }

  private void put(ObjectNode node, Field f, Unit unit) {
    String text = value(f.path()).strip();
    if (f.path().startsWith("does.")) {
      ArrayNode does = node.has("does") ? (ArrayNode) node.get("does") : node.putArray("does");
      if (text.equals("true")) {
        does.add(f.path().substring("does.".length()));
      }
      return;
    }
    int dot = f.path().indexOf('.');
    String name = dot < 0 ? f.path() : f.path().substring(dot + 1);
    if (text.isEmpty() && f.mayBeEmpty() && dot >= 0) {
      return;
    }
    ObjectNode in = dot < 0 ? node : node.withObject("/" + f.path().substring(0, dot));
    if (text.isEmpty() && f.form() != Form.NUMBERS && f.form() != Form.TICK) {
      if (f.mayBeEmpty()) {
        in.put(name, "");
      } else {
        refuse(f.path(), Sentences.of("thingForm.enter-a-value", f.label()));
      }
      return;
    }
    try {
      switch (f.form()) {
        case LENGTH -> in.put(name, SizeText.parse(text, unit).mm());
        case NUMBER, PERHAPS -> in.put(name, number(text));
        case NUMBERS -> {
          ArrayNode all = in.putArray(name);
          for (String part : text.split("[,;\\s]+")) {
            if (!part.isEmpty()) {
              all.add(number(part));
            }
          }
        }
        case TICK -> in.put(name, text.equals("true"));
        default -> in.put(name, text);
      }
    } catch (Refused e) {
      refuse(f.path(), e.getMessage());
    }
  }

  /** An estimate that was taken goes into its field, unless a figure stands there. */
  void estimated() {
    String[] taken = value("estimate").strip().split(" ");
    if (taken.length == 2) {
      typed.merge(taken[0], taken[1], (was, now) -> was.isBlank() ? now : was);
    }
  }

  /** A trial reading tells the dead length, unless one of its two numbers is missing. */
  void trial(Unit unit) {
    String truth = value("trial.true").strip();
    String shown = value("trial.shown").strip();
    if (kind != ShopKind.GAUGE || truth.isEmpty() != shown.isEmpty()) {
      if (truth.isEmpty() != shown.isEmpty()) {
        refuse("trial.true", Sentences.of("thingForm.a-trial-has-two"));
      }
      return;
    }
    try {
      if (!truth.isEmpty()) {
        double dead =
            Gauge.dead(SizeText.parse(truth, unit).mm(), SizeText.parse(shown, unit).mm());
        typed.put("dead", plain(Math.round(dead * HUNDREDTHS) / HUNDREDTHS) + " mm");
        typed.remove("trial.true");
        typed.remove("trial.shown");
      }
    } catch (Refused e) {
      refuse("trial.true", e.getMessage());
    }
  }

  private static final double HUNDREDTHS = 100;

  /** A range of which one end is missing is said at that end. */
  void halves() {
    for (String range : List.of("expand")) {
      boolean from = value(range + ".from").isBlank();
      boolean to = value(range + ".to").isBlank();
      if (from != to) {
        refuse(range + (from ? ".from" : ".to"), Sentences.of("thingForm.a-range-has-two"));
      }
    }
  }

  private static double number(String text) {
    try {
      double v = Double.parseDouble(text.replace(',', '.'));
      if (Double.isFinite(v)) {
        return v;
      }
    } catch (NumberFormatException e) {
      // Said below, as for every other text that is no number.
    }
    throw new Refused(Sentences.of("thingForm.is-not-a-number", text));
  }

  /** The turner's own figure, or the estimate where that is what was taken. */
  private Figure figure(WoodProperty p, double value) {
    return WoodFigure.estimate(Species.named(value("name")), p)
        .filter(e -> e.value() == value)
        .orElse(
            new Figure(value, Figure.Letter.OWN, Sentences.of("thingForm.the-turners-own-figure")));
  }

  private Optional<Record> wood() {
    String name = value("name").strip();
    if (name.isEmpty() || name.length() > 60) {
      refuse("name", Sentences.of("thingForm.give-it-a-name"));
    }
    Map<WoodProperty, Figure> own = new EnumMap<>(WoodProperty.class);
    for (WoodProperty p : WoodProperty.values()) {
      String text = value(p.name()).strip();
      if (!text.isEmpty()) {
        try {
          own.put(p, figure(p, p.checked(number(text))));
        } catch (Refused e) {
          refuse(p.name(), e.getMessage());
        }
      }
    }
    return errors.isEmpty()
        ? Optional.of(new Species(name, value("botanical").strip(), own))
        : Optional.empty();
  }
}
