package hazelkeep.web.drawing;

import hazelkeep.measure.Phrases;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.setout.Calipers;
import hazelkeep.setout.Cut;
import hazelkeep.setout.Datum;
import hazelkeep.setout.HandCut;
import hazelkeep.setout.HandCut.Does;
import hazelkeep.setout.HandCut.Stop;
import hazelkeep.setout.Station;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Tool;
import hazelkeep.shop.ToolKind;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A cut of the hand in sentences: what, with what, what stops it, what to look at. */
final class HandWords {
  private static final Phrases PHRASES = new Phrases(HandWords.class, "hand.properties");

  /** What is parted in to less is a nub that a centre stands on, mm. */
  private static final double NUB = 6;

  /** What lies nearer to the datum is the datum itself, mm. */
  private static final double NONE = 0.05;

  private final Plan<?> plan;
  private final Stage stage;
  private final Show show;
  private final List<String> reaching;

  /**
   * @param reaching the tools that come to what the step cuts
   */
  HandWords(Plan<?> plan, Stage stage, List<String> reaching, Show show) {
    this.reaching = reaching;
    this.plan = plan;
    this.stage = stage;
    this.show = show;
  }

  /** What is done, and where it begins. */
  String does(HandCut h) {
    boolean under = h.does() == Does.UNDER || h.does() == Does.FREE;
    String second = under ? square(h) : datum(h);
    return PHRASES.of("does." + name(h), begins(h), second);
  }

  /** How far it leans off square, whole degrees. */
  private static String square(HandCut h) {
    return Rounding.text(RIGHT - h.of().map(Cut::lean).orElse(RIGHT), 0);
  }

  private static final double RIGHT = 90;

  private static String name(HandCut h) {
    String plain = h.does().name().toLowerCase(Locale.ROOT);
    return switch (h.does()) {
      case FACE -> h.stop() == Stop.TAKEN_OFF ? plain + ".by" : plain;
      case SET, PARALLEL, STRAIGHT, FAIR, LEAN -> h.inside() ? plain + ".inside" : plain;
      case SHOULDER -> h.mm() < NUB ? plain + ".nub" : plain;
      case ROUND, EASE ->
          h.of().filter(c -> c.radius() < 0).isPresent() ? plain + ".hollow" : plain;
      default -> plain;
    };
  }

  private String begins(HandCut h) {
    return switch (h.does()) {
      case FACE -> show.len(h.mm());
      case STRIKE ->
          h.places().stream().map(s -> show.bare(s.from())).collect(Collectors.joining(" · "));
      case PART -> span(h);
      case SHOULDER, SET, GROOVE, UNDER, FREE -> place(h);
      case PARALLEL -> span(h);
      case FAIR -> String.valueOf(h.places().size());
      case EASE -> edge(h);
      case BORE, DRILL -> bit(h);
      case STRAIGHT, ROUND, FLOOR, LENGTH, LEAN -> "";
    };
  }

  /** The bit of the step; one that is missing on the wall by its width. */
  private String bit(HandCut h) {
    double wide = h.places().stream().mapToDouble(Station::across).findFirst().orElse(0);
    return stage
        .step()
        .bit()
        .map(Bit::name)
        .orElseGet(() -> PHRASES.of("bit.missing", show.len(wide)));
  }

  /** Where a setting is cut in: at a line, or where no line is needed. */
  private String place(HandCut h) {
    double at = h.places().get(0).from();
    boolean zero = at < NONE;
    if (h.inside() && h.does() != Does.UNDER && h.does() != Does.FREE) {
      return zero ? PHRASES.of("at.mouth") : PHRASES.of("at.deep", show.len(at));
    }
    if (zero) {
      return PHRASES.of(h.from() == Datum.From.END ? "at.end" : "at.jaws");
    }
    boolean beside = h.does() == Does.SHOULDER && h.mm() >= NUB;
    return PHRASES.of(beside ? "beside.line" : "at.line", show.bare(at), datum(h));
  }

  private static String datum(HandCut h) {
    return PHRASES.of(h.from() == Datum.From.END ? "from.end" : "from.chuck");
  }

  private String edge(HandCut h) {
    double at = h.places().stream().mapToDouble(Station::from).min().orElse(0);
    boolean end = at < NONE && h.from() == Datum.From.END;
    String far = show.bare(at) + (h.inside() ? " deep" : " " + datum(h));
    return "at " + (end ? "the end" : far);
  }

  private String span(HandCut h) {
    double a = h.places().stream().mapToDouble(Station::from).min().orElse(0);
    double b = h.places().stream().mapToDouble(Station::from).max().orElse(0);
    boolean end = a < NONE && h.from() == Datum.From.END;
    if (h.inside()) {
      return end
          ? PHRASES.of("span.deep", show.len(b))
          : PHRASES.of("span.between", show.bare(a), show.len(b));
    }
    if (b - a < NONE) {
      return PHRASES.of("at.line", show.bare(a), datum(h));
    }
    if (a < NONE && !end) {
      return PHRASES.of("span.jaws", show.bare(b));
    }
    return end
        ? PHRASES.of("span.end", show.bare(b))
        : PHRASES.of("span.lines", show.bare(a), show.bare(b)) + " " + datum(h);
  }

  /** With what, and how it is held to the work. */
  String with(HandCut h) {
    return switch (h.does()) {
      case STRIKE -> PHRASES.of("with.strike");
      case LENGTH -> PHRASES.of("with.saw");
      case BORE, DRILL -> PHRASES.of(h.does() == Does.BORE ? "with.bore" : "with.drill", bit(h));
      case FLOOR -> PHRASES.of("with.floor", tool(h));
      case LEAN -> PHRASES.of("with.lean", tool(h));
      case GROOVE -> PHRASES.of("with.groove", tool(h));
      case UNDER, FREE -> PHRASES.of("with.under", tool(h));
      default -> h.inside() ? PHRASES.of("with.inside", tool(h)) : outside(h);
    };
  }

  private String outside(HandCut h) {
    return switch (h.does()) {
      case SHOULDER, PART, SET -> PHRASES.of("with.parting", tool(h));
      case PARALLEL -> PHRASES.of("with.parallel", tool(h));
      case STRAIGHT -> PHRASES.of("with.straight", tool(h));
      case FAIR -> PHRASES.of("with.fair", tool(h));
      case ROUND -> PHRASES.of("with.round", tool(h));
      case EASE -> PHRASES.of("with.ease", tool(h));
      default -> PHRASES.of("with.face", tool(h));
    };
  }

  /** The tool that is made for it, where it hangs on the wall; else what comes to the place. */
  private String tool(HandCut h) {
    Optional<String> made = h.inside() && h.does() != Does.LEAN ? Optional.empty() : made(h);
    return made.or(() -> reaches(h)).orElse("your tool");
  }

  /** Of the tools that come to the place the sharpest into a corner, the roundest along a curve. */
  private Optional<String> reaches(HandCut h) {
    boolean curve = h.does() == Does.FAIR || h.does() == Does.ROUND;
    Comparator<Tool> nose = Comparator.comparingDouble(t -> t.shape().nose());
    return plan.shop().tools().stream()
        .filter(t -> reaching.contains(t.name()))
        .max(curve ? nose : nose.reversed())
        .map(Tool::name)
        .or(() -> reaching.stream().findFirst());
  }

  private Optional<String> made(HandCut h) {
    List<ToolKind> kinds =
        switch (h.does()) {
          case SHOULDER, SET, PART -> List.of(ToolKind.PARTING);
          case LEAN, GROOVE -> List.of(ToolKind.SKEW, ToolKind.PARTING);
          case PARALLEL -> List.of(roughed(h) ? ToolKind.ROUGHING : ToolKind.SKEW);
          case STRAIGHT -> List.of(ToolKind.SKEW, ToolKind.GOUGE);
          default -> List.of(ToolKind.GOUGE, ToolKind.SKEW);
        };
    double most = h.does() == Does.PART && length(h) > NONE ? length(h) + NONE : Double.MAX_VALUE;
    return kinds.stream().flatMap(k -> hung(k, most).stream()).findFirst();
  }

  /** A longer stretch is roughed along, mm. */
  private static final double ROUGHED = 40;

  private static boolean roughed(HandCut h) {
    return length(h) > ROUGHED && h.of().filter(Cut::rough).isPresent();
  }

  private static double length(HandCut h) {
    double a = h.places().get(0).from();
    return Math.abs(a - h.places().get(h.places().size() - 1).from());
  }

  private Optional<String> hung(ToolKind kind, double most) {
    return plan.shop().tools().stream()
        .filter(t -> t.kind() == kind && t.width() <= most)
        .max(Comparator.comparingDouble(Tool::width))
        .map(Tool::name);
  }

  /** What the number is that stops it. */
  static String stops(Stop stop, Optional<Calipers.Setting> set) {
    if (set.isPresent()) {
      String key = set.get().fresh() ? "stop.set" : "stop.stands";
      return PHRASES.of(key, String.valueOf(set.get().letter()));
    }
    return stop == Stop.MEETS ? "" : PHRASES.of("stop." + stop.name().toLowerCase(Locale.ROOT));
  }

  /** What stops a cut that no number stops. */
  static String meets(HandCut h) {
    return PHRASES.of(
        switch (h.does()) {
          case PART -> "meets.part";
          case FACE -> "meets.face";
          case STRIKE -> "meets.strike";
          case GROOVE -> "meets.groove";
          case UNDER -> "meets.under";
          case FREE -> "meets.free";
          default -> "meets";
        });
  }

  /** What to look at before going on. */
  static String look(HandCut h) {
    String plain = "look." + h.does().name().toLowerCase(Locale.ROOT);
    return PHRASES.of(h.does() == Does.SET && h.inside() ? plain + ".inside" : plain);
  }

  /** What it makes; empty where that has no name. */
  static String makes(HandCut h) {
    return h.of().flatMap(Cut::on).map(n -> n.name()).orElse("");
  }
}
