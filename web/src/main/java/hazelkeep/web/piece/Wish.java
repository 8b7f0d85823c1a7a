package hazelkeep.web.piece;

import hazelkeep.element.Elements;
import hazelkeep.finding.Verdict;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Added;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Billet;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Extent;
import hazelkeep.web.drawing.BlankDrawing;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Woods;
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
    if (field.startsWith("second") || field.startsWith(SIZES + SECOND)) {
      return upper(kind).isPresent();
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
    } catch (Refused e) {
      return false;
    }
  }

  /** The half that may have a blank of its own; empty where there are no two. */
  static <D extends Design> Optional<String> upper(Kind<D> kind) {
    Aim aim = Sketch.of(kind, kind.fresh(), Shop.starter(), Map.of()).aim();
    return Optional.of(aim.offBlank())
        .filter(all -> aim.dims().containsKey(StockRules.KERF))
        .map(all -> all.get(all.size() - 1).name());
  }

  /**
   * The design that a wish says.
   *
   * @return empty when a field was refused, which the form then says
   */
  static <D extends Design> Optional<D> design(
      Kind<D> kind, DesignForm form, Unit unit, Woods woods) {
    Optional<String> upper = upper(kind).filter(u -> form.value("second").equals("true"));
    D from =
        upper
            .map(u -> Elements.with(kind.fresh(), Added.BLANK, u, Optional.empty()))
            .orElse(kind.fresh());
    DesignForm said = upper.isPresent() ? form : form.without("sizes." + SECOND);
    Optional<D> out = said.onto(kind, from, unit, woods);
    if (upper.isEmpty()) {
      return out;
    }
    String wood = woods.meant(form.value("second.wood"));
    boolean square = form.value("second.square").equals("true");
    return out.map(d -> Elements.of(d, SECOND, wood))
        .map(d -> Elements.sawn(d, Optional.of(square)));
  }

  /** The second blank among what is added to a piece. */
  private static final String SECOND = Added.BLANK + "-1";

  /** The piece as far as it is said. */
  static <D extends Design> Preview preview(
      Kind<D> kind, DesignForm typed, Planner planner, Show show) {
    DesignForm form = DesignForm.of(typed.typed());
    try {
      return design(kind, form, show.unit(), planner.shop().woods())
          .map(d -> drawn(planner.plan(kind, d, List.of()), show))
          .orElseGet(() -> new Preview("", List.of(), form.refusals()));
    } catch (BadDesign e) {
      return new Preview("", List.of(), e.getMessage());
    }
  }

  /** So many of the things in the way are told beside the wish. */
  private static final int TOLD = 3;

  private static Preview drawn(Plan<?> plan, Show show) {
    Extent closed = Extent.of(plan.aim().closed());
    List<String> lines = new ArrayList<>();
    lines.add(show.len(closed.length()) + " tall, " + show.len(closed.across()) + " wide");
    for (Billet b : plan.sketch().billets()) {
      lines.add(
          (b.part().isEmpty() ? "from a blank " : "the " + b.part() + " from a blank ")
              + show.len(b.length())
              + " long, "
              + show.len(b.across())
              + " across");
    }
    List<Verdict> stops =
        plan.findings().stream()
            .filter(f -> f.grade() == Grade.STOP)
            .map(Finding::verdict)
            .toList();
    if (stops.isEmpty()) {
      lines.add(plan.route().steps().size() + " steps, nothing in the way");
    }
    stops.stream().limit(TOLD).map(v -> v.title() + ": " + show.says(v)).forEach(lines::add);
    if (stops.size() > TOLD) {
      lines.add(Sentences.of("wish.more-stand-in-the-way", stops.size() - TOLD));
    }
    return new Preview(BlankDrawing.of(plan.sketch()), lines, "");
  }
}
