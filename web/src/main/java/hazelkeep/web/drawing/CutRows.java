package hazelkeep.web.drawing;

import hazelkeep.measure.Rounding;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.setout.Bored;
import hazelkeep.setout.Cut;
import hazelkeep.setout.Cut.Shape;
import hazelkeep.setout.Datum;
import hazelkeep.setout.Drilled;
import hazelkeep.setout.Figure;
import hazelkeep.setout.Figures;
import hazelkeep.setout.Finished;
import hazelkeep.setout.Named;
import hazelkeep.setout.Pass;
import hazelkeep.setout.SetOut;
import hazelkeep.setout.Station;
import hazelkeep.shop.Bit;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** A step's setting out in lines that are read one by one: the same on every screen and paper. */
public final class CutRows {
  /** A straight bit shorter than this goes without a line: its neighbours say both its ends, mm. */
  private static final double CRUMB = 0.4;

  /** A lean that is told, degrees: less is told by the two diameters alone. */
  private static final double LEANS = 0.5;

  /** What is less is nothing, mm. */
  private static final double NONE = 0.03;

  private final Plan<?> plan;
  private final Show show;
  private final Figures figures;
  private final boolean several;
  private final boolean parts;
  private final UnaryOperator<String> called;
  private Optional<Bored> bored = Optional.empty();
  private boolean faced;
  private final List<CutRow> rows = new ArrayList<>();

  private CutRows(Plan<?> plan, Stage stage, Show show) {
    this.plan = plan;
    this.show = show;
    this.figures = new Figures(plan.shop(), plan.aim().practice());
    this.called = plan.kind()::called;
    this.parts = stage.parts();
    this.several = stage.setup().frames().size() > 1;
  }

  /** The lines of a step; none where nothing is cut. */
  public static List<CutRow> of(Plan<?> plan, Stage stage, Show show) {
    CutRows out = new CutRows(plan, stage, show);
    SetOut told = SetOut.of(stage);
    out.bored = told.bored();
    out.faced = told.takenOff() > 0;
    if (out.faced) {
      out.end(told);
    }
    told.passes().forEach(out::pass);
    told.finished().forEach(out::finished);
    told.drilled().forEach(d -> out.drilled(d, stage.step().bit()));
    return List.copyOf(out.rows);
  }

  /** The row whose number makes the cut: the longest line to a surface, else the longest of all. */
  public static Optional<CutRow> main(List<CutRow> rows) {
    return rows.stream()
        .max(
            Comparator.<CutRow, Boolean>comparing(r -> r.cut().filter(Cut::rough).isEmpty())
                .thenComparing(r -> r.cut().filter(c -> c.shape() == Shape.ROUND).isEmpty())
                .thenComparingDouble(r -> r.cut().map(CutRows::length).orElse(0.0)));
  }

  private void finished(Finished f) {
    Figure whole = figures.length(f);
    rows.add(
        new CutRow(
            rows.size() + 1,
            called.apply(f.part()),
            Sentences.of("cutRows.long-from-end-to-end", show.len(f.length())),
            List.of(),
            big(whole, Sentences.of("cutRows.whole-length", called.apply(f.part()))),
            Optional.empty(),
            Optional.empty()));
  }

  private void drilled(Drilled d, Optional<Bit> bit) {
    String from = Words.from(d.part(), plan.kind().stands());
    String says =
        Sentences.of(
            "cutRows.a-hole-lies",
            show.bare(d.hole().diameter()),
            from(d.height()),
            from,
            Rounding.text(d.hole().degrees(), 0),
            from(d.along()),
            show.bare(d.wall()));
    String by =
        bit.map(b -> Sentences.of("cutRows.by-the-bit", b.name()))
            .orElseGet(
                () ->
                    Sentences.of("cutRows.no-such-bit", show.len(d.hole().diameter()), nearest(d)));
    rows.add(
        new CutRow(
            rows.size() + 1,
            d.hole().name(),
            says + by,
            List.of(),
            big(figures.height(d), from),
            Optional.empty(),
            Optional.empty()));
  }

  private String nearest(Drilled d) {
    return plan.shop().bits().stream()
        .min(Comparator.comparingDouble(b -> Math.abs(b.diameter() - d.hole().diameter())))
        .map(Bit::name)
        .orElse("none");
  }

  private void end(SetOut told) {
    Figure f = figures.takenOff(told);
    String says = Sentences.of("cutRows.take-off-places-count-from", show.len(f.mm()));
    rows.add(
        new CutRow(
            1, "end", says, List.of(), big(f, "off the end"), Optional.empty(), Optional.empty()));
  }

  private void pass(Pass pass) {
    List<Cut> cuts = pass.cuts();
    for (int i = 0; i < cuts.size(); i++) {
      if (!implied(cuts, i)) {
        rows.add(row(pass, cuts.get(i)));
      }
    }
  }

  /**
   * A shoulder between two told ends needs no line of its own, nor a crumb, nor the end itself,
   * which was told by what comes off.
   */
  private boolean implied(List<Cut> cuts, int i) {
    Cut c = cuts.get(i);
    boolean before = i > 0 && straight(cuts.get(i - 1));
    boolean after = i < cuts.size() - 1 && straight(cuts.get(i + 1));
    if (c.shape() == Shape.FACE) {
      return before || after || faced && Math.abs(c.first().from()) < NONE;
    }
    return c.shape() != Shape.ROUND
        && c.shape() != Shape.CURVE
        && cuts.size() > 2
        && i > 0
        && i < cuts.size() - 1
        && length(c) < CRUMB;
  }

  private static boolean straight(Cut c) {
    return (c.shape() == Shape.PARALLEL || c.shape() == Shape.CONE) && length(c) >= CRUMB;
  }

  private static double length(Cut c) {
    return Math.hypot(
        c.last().from() - c.first().from(), (c.last().across() - c.first().across()) / 2);
  }

  private CutRow row(Pass pass, Cut c) {
    return new CutRow(
        rows.size() + 1,
        what(c),
        says(c, pass.datum()),
        c.shape() == Shape.CURVE ? places(c) : List.of(),
        big(pass, c),
        Optional.of(pass),
        Optional.of(c));
  }

  private String what(Cut c) {
    if (parts && c.on().isEmpty() && c.shape() == Shape.FACE && !c.sunk()) {
      // Where one half comes off the other, neither side of the cut is a surface of the piece.
      return "kerf";
    }
    String where =
        bored.isPresent()
            ? "bore"
            : c.shape() == Shape.FACE
                ? (c.sunk() ? "floor" : "face")
                : c.inside() ? "inside" : "outside";
    return c.on()
        .map(this::named)
        .orElse(where + (bored.isPresent() ? "" : ", some left for later"));
  }

  private String named(Named n) {
    return several ? n.part() + " " + n.name() : n.name();
  }

  private String says(Cut c, Datum datum) {
    if (bored.isPresent()) {
      return Sentences.of(
          "cutRows.deep-and-its-point",
          across(c, c.first()),
          from(bored.get().deep()),
          from(bored.get().point()));
    }
    String from = c.sunk() ? " deep" : datum(datum);
    Station a = c.first();
    Station b = c.last();
    return switch (c.shape()) {
      case FACE -> (c.sunk() ? "" : "at ") + from(a.from()) + from;
      case PARALLEL ->
          across(c, a)
              + ", "
              + from(Math.min(a.from(), b.from()))
              + " to "
              + from(Math.max(a.from(), b.from()))
              + from;
      case CONE -> at(c, a) + ", " + at(c, b) + from + leans(c);
      case ROUND ->
          "radius " + show.bare(Math.abs(c.radius())) + ", " + at(c, a) + " to " + at(c, b) + from;
      case CURVE -> at(c, a) + " to " + at(c, b) + from + ", by " + c.stations().size() + " places";
    };
  }

  /** A place; the datum itself is 0 in any unit. */
  private String from(double mm) {
    return Math.abs(mm) < NONE ? "0" : show.bare(mm);
  }

  private static String datum(Datum datum) {
    return datum.from() == Datum.From.END ? " from the end" : " from the chuck";
  }

  private String at(Cut c, Station s) {
    return across(c, s) + " at " + from(s.from());
  }

  private String across(Cut c, Station s) {
    Figure f = figures.across(c, s);
    return f.mm() < CRUMB ? "centre" : "⌀ " + number(f, f.mm());
  }

  private String number(Figure f, double mm) {
    return CutRow.Big.number(f, mm, show);
  }

  private static String leans(Cut c) {
    double lean = c.lean();
    boolean steep = lean > 45;
    double off = steep ? 90 - lean : lean;
    return off < LEANS
        ? ""
        : ", " + Rounding.text(off, off < 10 ? 1 : 0) + "° off " + (steep ? "square" : "the axis");
  }

  private List<CutRow.Place> places(Cut c) {
    return c.stations().stream().map(s -> new CutRow.Place(from(s.from()), across(c, s))).toList();
  }

  private CutRow.Big big(Pass pass, Cut c) {
    String at = c.sunk() ? "deep" : datum(pass.datum()).strip();
    return switch (c.shape()) {
      case FACE -> big(figures.place(c, c.first()), at);
      case ROUND -> big(figures.radius(c), "radius of the round");
      case PARALLEL, CONE, CURVE -> {
        if (bored.isPresent()) {
          yield big(figures.place(c, c.last()), "deep at the bit's rim");
        }
        Station wide = c.first().across() >= c.last().across() ? c.first() : c.last();
        String where =
            c.shape() == Shape.PARALLEL ? "" : " at " + show.bare(wide.from()) + " " + at;
        yield big(figures.across(c, wide), (c.inside() ? "inside" : "outside") + where);
      }
    };
  }

  private CutRow.Big big(Figure f, String words) {
    return CutRow.Big.of(f, words, show);
  }
}
