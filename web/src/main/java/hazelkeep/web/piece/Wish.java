package hazelkeep.web.piece;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StockRules;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Extent;
import hazelkeep.web.drawing.BlankDrawing;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What is wished before it is a piece: carried from kind to kind, and drawn as it is typed. */
final class Wish {
  /** Before the name of a field that waits because its kind is not the one picked. */
  private static final String KEPT = "kept.";

  private static final String SIZES = "sizes.";

  /** What every kind's form has. */
  private static final List<String> ALWAYS = List.of("name", "once");

  private Wish() {}

  /** Each kind as it is when nothing is wished; drawn once, when first asked for. */
  static final class Pictures {
    static final Map<String, String> ALL = new LinkedHashMap<>();

    /** The sizes that each kind knows. */
    static final Map<String, Set<DimKey>> SIZES_OF = new LinkedHashMap<>();

    static {
      Kinds.ALL.forEach(Pictures::plan);
    }

    private Pictures() {}

    private static <D extends Design> void plan(Kind<D> kind) {
      Plan<D> plan = Plan.of(kind, kind.fresh(), Shop.starter(), List.of());
      ALL.put(kind.name(), PieceDrawing.card(plan.sketch()));
      SIZES_OF.put(kind.name(), plan.aim().dims().keySet());
    }
  }

  /**
   * The wish as it stands.
   *
   * @param svg the piece in its blank; empty when it can't be drawn
   * @param lines its sizes in a few words
   * @param error why it can't be drawn; empty when it can
   */
  public record Preview(String svg, List<String> lines, String error) {}

  /** What was typed for one kind, as far as another kind asks for it too. */
  static Map<String, String> carried(Map<String, String> typed, Kind<?> kind, Unit unit) {
    Map<String, String> out = new LinkedHashMap<>(DesignForm.of(kind.fresh(), unit).typed());
    all(typed)
        .forEach(
            (field, value) -> {
              if (!value.isBlank() && asks(kind, field, value)) {
                out.put(field, value);
              }
            });
    typed.forEach((k, v) -> keep(k, v, out));
    return out;
  }

  /** Everything that was typed, for whatever kind; what is shown now counts before what waited. */
  private static Map<String, String> all(Map<String, String> typed) {
    Map<String, String> out = new LinkedHashMap<>();
    typed.forEach((k, v) -> out.put(k.startsWith(KEPT) ? k.substring(KEPT.length()) : k, v));
    typed.forEach(
        (k, v) -> out.put(k, k.startsWith(KEPT) ? out.get(k.substring(KEPT.length())) : v));
    out.keySet().removeIf(k -> k.startsWith(KEPT) || k.equals("to") || k.equals("kind"));
    out.keySet().removeIf(k -> k.startsWith("_"));
    return out;
  }

  private static void keep(String field, String value, Map<String, String> into) {
    if (field.startsWith(KEPT)) {
      into.put(field, value);
    } else if (!field.startsWith("_") && !List.of("to", "kind", "once").contains(field)) {
      into.put(KEPT + field, value);
    }
  }

  /** The fields that wait, for the form to carry on. */
  static Map<String, String> kept(DesignForm form) {
    Map<String, String> out = new LinkedHashMap<>();
    form.typed()
        .forEach(
            (k, v) -> {
              if (k.startsWith(KEPT) && !v.isBlank()) {
                out.put(k, v);
              }
            });
    return out;
  }

  private static <D extends Design> boolean asks(Kind<D> kind, String field, String value) {
    if (ALWAYS.contains(field)) {
      return true;
    }
    D fresh = kind.fresh();
    try {
      if (field.startsWith(SIZES)) {
        return Pictures.SIZES_OF
            .get(kind.name())
            .contains(new DimKey(field.substring(SIZES.length())));
      }
      String head = field.contains(".") ? field.substring(0, field.indexOf('.')) : field;
      Optional<RecordComponent> c =
          Arrays.stream(fresh.getClass().getRecordComponents())
              .filter(x -> x.getName().equals(head))
              .findFirst();
      if (c.isPresent() && c.get().getType().isEnum()) {
        kind.choose(fresh, head, value);
      }
      return c.isPresent();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  /** The piece as far as it is said. */
  static <D extends Design> Preview preview(
      Kind<D> kind, DesignForm typed, Planner planner, Show show) {
    DesignForm form = DesignForm.of(typed.typed());
    try {
      return form.onto(kind, kind.fresh(), show.unit(), planner.shop().woods())
          .map(d -> drawn(planner.plan(kind, d, List.of()), show))
          .orElseGet(() -> new Preview("", List.of(), form.refusals()));
    } catch (BadDesign e) {
      return new Preview("", List.of(), e.getMessage());
    }
  }

  private static Preview drawn(Plan<?> plan, Show show) {
    Extent closed = Extent.of(plan.aim().closed());
    List<String> lines = new ArrayList<>();
    lines.add(show.len(closed.length()) + " tall, " + show.len(closed.across()) + " wide");
    lines.add(
        "from a blank "
            + show.len(plan.aim().mm(StockRules.LENGTH))
            + " long, "
            + show.len(plan.aim().mm(StockRules.ACROSS))
            + " across");
    long stops = plan.findings().stream().filter(f -> f.grade() == Grade.STOP).count();
    lines.add(
        stops == 0
            ? plan.route().steps().size() + " steps, nothing in the way"
            : stops == 1
                ? Sentences.of("wish.one-thing-stands-in-the")
                : Sentences.of("wish.things-stand-in-the-way", stops));
    return new Preview(BlankDrawing.of(plan.sketch()), lines, "");
  }
}
