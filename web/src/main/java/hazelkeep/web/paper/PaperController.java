package hazelkeep.web.paper;

import hazelkeep.bore.Blanks;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Quill;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rolled;
import hazelkeep.practice.Line;
import hazelkeep.route.Prompt;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.web.boring.BoringView;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.holding.HoldView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What goes to the lathe on paper: the cut sheet and the marking stick. */
@Controller
class PaperController {
  private final PieceStore pieces;
  private final Planner planner;

  PaperController(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  /**
   * A line across the blank.
   *
   * @param at distance from the datum face, shown
   * @param mm the same in mm
   * @param what what lies before it
   * @param length that stretch's length, shown
   */
  public record Cut(String at, double mm, String what, String length) {}

  /**
   * A size to turn to.
   *
   * @param what its name
   * @param size shown
   * @param other in the other unit
   * @param shows what the device shows, empty when the same
   */
  public record Turn(String what, String size, String other, String shows) {}

  @GetMapping("/pieces/{id:\\d+}/paper")
  String paper(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "paper");
    model.addAttribute("cuts", cuts(plan, show));
    model.addAttribute("turns", turns(plan, show));
    model.addAttribute("species", piece.design().species());
    model.addAttribute("octagon", octagon(plan, show));
    return "paper/paper";
  }

  /** How a square blank is made ready to be rounded; empty for a round one. */
  private static String octagon(Plan<?> plan, Show show) {
    if (plan.aim().blank().round()) {
      return "";
    }
    double side = plan.aim().mm("blank.across");
    return "Square of "
        + show.len(side)
        + ": saw the corners back by "
        + show.len(Blanks.setBack(side))
        + " for an octagon with flats of "
        + show.len(Blanks.flat(side))
        + "; "
        + show.len(Blanks.cylinder(side, plan.shop().custom(Line.STOCK_CENTRING)))
        + " is the largest sure cylinder.";
  }

  private static List<Cut> cuts(Plan<?> plan, Show show) {
    return plan.sketch().stick().stream()
        .filter(s -> s.length() > 0)
        .map(s -> new Cut(show.bare(s.to()), s.to(), s.label(), show.bare(s.length())))
        .toList();
  }

  /** Every size that is measured on the way, once, in the order of the work. */
  private static List<Turn> turns(Plan<?> plan, Show show) {
    Map<DimKey, Turn> out = new LinkedHashMap<>();
    for (Step step : plan.route().steps()) {
      for (Prompt p : plan.prompts(step)) {
        out.putIfAbsent(
            p.dim().key(),
            new Turn(
                p.dim().label() + ", " + p.where(),
                show.words(p.dim(), p.dim().mm()),
                show.other(p.dim()),
                Words.shows(p, "", show)));
      }
    }
    return List.copyOf(out.values());
  }

  @GetMapping("/pieces/{id:\\d+}/cut-sheet.pdf")
  ResponseEntity<byte[]> cutSheet(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Cut sheet: " + piece.name())) {
      titled(
          s,
          piece,
          "Cut sheet · "
              + piece.design().species()
              + " · blank "
              + show.len(plan.aim().mm("blank.length"))
              + " × "
              + show.len(plan.aim().mm("blank.across"))
              + " · all positions from the foot end of the blank, in "
              + unit.word());
      double y = head(s, 54, "Position", "After", "Length");
      for (Cut c : cuts(plan, show)) {
        s.right(44, y, 11, c.at());
        s.text(52, y, 10, c.what());
        s.right(112, y, 11, c.length());
        s.rule(18, y + 1.8, 192);
        y += 6.4;
      }
      y = head(s, y + 8, "Turn to", "", "");
      for (Turn t : turns(plan, show)) {
        s.text(18, y, 10, t.what());
        s.right(168, y, 11, t.size());
        s.right(192, y, 8, t.other());
        if (!t.shows().isEmpty()) {
          s.text(18, y + 4, 8, t.shows());
          y += 4;
        }
        s.rule(18, y + 1.8, 192);
        y += 6.4;
      }
      steps(s, plan, show, y + 8);
      return pdf(s.bytes(), "cut-sheet.pdf");
    }
  }

  /** Name, what the sheet is, and the bar that tells whether it was printed to scale. */
  private static void titled(Sheet s, Piece piece, String what) {
    s.text(18, 22, 18, piece.name());
    s.text(18, 29, 10, what);
    s.controlBar(18, 40);
  }

  private static double head(Sheet s, double y, String a, String b, String c) {
    s.text(18, y, 9, a);
    s.text(52, y, 9, b);
    s.text(100, y, 9, c);
    s.line(18, y + 1.8, 192, y + 1.8);
    return y + 7;
  }

  private static void steps(Sheet s, Plan<?> plan, Show show, double from) {
    double y = from;
    if (y > Sheet.HEIGHT - 40) {
      s.next();
      y = 24;
    }
    y = head(s, y, "Steps", "", "");
    String setup = "";
    int no = 0;
    for (Stage stage : plan.rehearsal().stages()) {
      if (y > Sheet.HEIGHT - 22) {
        s.next();
        y = 24;
      }
      if (!stage.setup().title().equals(setup)) {
        setup = stage.setup().title();
        s.text(18, y, 9, setup);
        y += 5.2;
      }
      no++;
      s.right(28, y, 10, Integer.toString(no));
      s.text(31, y, 10, stage.step().title());
      s.right(192, y, 9, stage.speeds().map(w -> show.rpm(w, plan.shop().lathe())).orElse(""));
      y += 5.4;
    }
  }

  @GetMapping("/pieces/{id:\\d+}/marking-stick.pdf")
  ResponseEntity<byte[]> stick(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Marking stick: " + piece.name())) {
      List<Cut> cuts = cuts(plan, show);
      double whole = cuts.get(cuts.size() - 1).mm();
      // Longer than a page: continued on the next, each part with its own datum line.
      double room = Sheet.HEIGHT - 62;
      int pages = (int) Math.ceil(whole / room);
      for (int p = 0; p < pages; p++) {
        if (p > 0) {
          s.next();
        }
        s.text(
            18,
            16,
            13,
            piece.name()
                + " · marking stick 1:1"
                + (pages > 1 ? ", part " + (p + 1) + " of " + pages : ""));
        s.controlBar(18, 28);
        double top = 42;
        double from = p * room;
        double to = Math.min(whole, from + room);
        s.line(30, top, 30, top + to - from);
        s.line(55, top, 55, top + to - from);
        s.line(24, top, 61, top);
        s.text(
            64,
            top + 1,
            8,
            p == 0 ? "0 · foot end of the blank, the datum" : "continues at " + show.len(from));
        double label = top + 1;
        for (Cut c : cuts) {
          if (c.mm() <= from || c.mm() > to + 1e-9) {
            continue;
          }
          double y = top + c.mm() - from;
          s.line(30, y, 55, y);
          // Labels keep 4 mm apart; a thin line leads to a mark they had to leave.
          double at = Math.max(y + 1, label + 4);
          s.line(55, y, 62, at - 1);
          s.text(64, at, 8, c.at() + " · end of " + c.what() + " " + c.length());
          label = at;
        }
        diameters(s, plan, show, p == 0 ? top : -1);
      }
      return pdf(s.bytes(), "marking-stick.pdf");
    }
  }

  private static void diameters(Sheet s, Plan<?> plan, Show show, double top) {
    if (top < 0) {
      return;
    }
    double y = top;
    s.text(132, y, 9, "Diameters");
    for (Measure m : plan.sketch().measures()) {
      boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
      if (across) {
        Dim d = plan.aim().dims().get(m.key());
        y += 6;
        s.text(132, y, 9, d.label());
        s.right(196, y, 9, show.words(d, d.mm()));
      }
    }
  }

  /** Flags to wrap round a bit's shank, 1:1, and the stations. */
  @GetMapping("/pieces/{id:\\d+}/bit-flags.pdf")
  ResponseEntity<byte[]> flags(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Bit flags: " + piece.name())) {
      titled(
          s,
          piece,
          "Bit flags 1:1: lay the line on the rim of the bit, wrap the flag's edge round; then what to fetch, and stations");
      double y = 56;
      for (Boring b : plan.sketch().boring()) {
        for (BoringPlan p : b.plans()) {
          for (Pass x : p.set()) {
            if (y > Sheet.HEIGHT - 30) {
              s.next();
              y = 24;
            }
            s.text(
                18,
                y,
                10,
                p.bore().name()
                    + ", "
                    + x.bit().name()
                    + ": "
                    + show.len(x.depth())
                    + " from the "
                    + b.from());
            flag(s, x.depth(), y + 4);
            y += 24;
          }
        }
      }
      y = bits(s, plan, show, y + 4);
      for (BoringView v :
          BoringView.all(
              plan,
              Quill.common(plan.shop().lathe().quillTravel(), plan.shop().practice()),
              show)) {
        if (y > Sheet.HEIGHT - 60) {
          s.next();
          y = 24;
        }
        s.text(
            18,
            y,
            11,
            "Stations of the " + v.part() + ", from the " + v.from() + ", in " + unit.word());
        y += 7;
        s.text(18, y, 9, "depth");
        s.text(48, y, 9, "inside");
        s.text(78, y, 9, "outside");
        s.text(108, y, 9, "wall");
        s.text(138, y, 9, v.gauge() + " shows");
        y += 5;
        for (BoringView.StationView t : v.stations()) {
          if (y > Sheet.HEIGHT - 18) {
            s.next();
            y = 24;
          }
          s.text(18, y, 10, t.depth());
          s.text(48, y, 10, t.inside());
          s.text(78, y, 10, t.outside());
          s.text(108, y, 10, t.wall());
          s.text(138, y, 10, t.reading());
          y += 5;
        }
        y += 6;
      }
      return pdf(s.bytes(), "bit-flags.pdf");
    }
  }

  /** The side rolled out, to be wrapped round it and pricked through. */
  @GetMapping("/pieces/{id:\\d+}/hole-template.pdf")
  ResponseEntity<byte[]> template(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Hole template: " + piece.name())) {
      Optional<Rolled> rolled = plan.sketch().rolled();
      titled(
          s,
          piece,
          "Hole template 1:1: the left edge on the grain mark, the long edge on the foot");
      rolled.ifPresentOrElse(
          r -> strips(s, r, show),
          () -> s.text(18, 56, 10, "This piece has no holes in its side."));
      return pdf(s.bytes(), "hole-template.pdf");
    }
  }

  /** Wider than the page, what is further round goes on the next strip below. */
  private static void strips(Sheet s, Rolled side, Show show) {
    double base = 56 + side.height();
    double room = Sheet.WIDTH - 36;
    int strips = (int) Math.ceil(side.round() / room);
    for (int i = 0; i < strips; i++) {
      if (i > 0 && base + side.height() + 24 > Sheet.HEIGHT) {
        s.next();
        base = 30 + side.height();
      } else if (i > 0) {
        base += side.height() + 18;
      }
      strip(s, side, show, i * room, Math.min(side.round(), (i + 1) * room), base);
    }
  }

  private static void strip(Sheet s, Rolled side, Show show, double from, double to, double base) {
    double high = side.height();
    double left = 18;
    s.line(left, base, left + to - from, base);
    s.line(left, base - high, left + to - from, base - high);
    s.line(left, base, left, base - high);
    s.line(left + to - from, base, left + to - from, base - high);
    s.text(left, base + 5, 8, from == 0 ? "grain mark · foot" : show.len(from) + " round");
    for (Rolled.Place p : side.places()) {
      if (p.along() < from || p.along() >= to) {
        continue;
      }
      double x = left + p.along() - from;
      double y = base - p.hole().height().mm();
      double d = p.hole().diameter().mm();
      s.circle(x, y, d / 2);
      s.line(x - 2, y, x + 2, y);
      s.line(x, y - 2, x, y + 2);
      s.text(x + d / 2 + 2, y, 8, p.hole().name() + " " + show.len(d));
    }
  }

  /** A story stick: the finished piece's own marks, 1:1, to be held against the work. */
  @GetMapping("/pieces/{id:\\d+}/story-stick.pdf")
  ResponseEntity<byte[]> story(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Story stick: " + piece.name())) {
      s.text(18, 16, 13, piece.name() + " · story stick 1:1");
      s.controlBar(18, 28);
      double top = 44;
      double x = 24;
      for (Part p : plan.aim().parts()) {
        if (x > Sheet.WIDTH - 60) {
          s.next();
          x = 24;
        }
        story(s, plan, p, show, x, top);
        x += COLUMN;
      }
      return pdf(s.bytes(), "story-stick.pdf");
    }
  }

  /** Room for a stick and its labels beside one another, mm. */
  private static final double COLUMN = 96;

  /** A depth's inner end, which is marked on the outside; where anything else lies. */
  private static double place(Measure m, Part p) {
    if (m.kind() != Measure.Kind.DEPTH) {
      return m.from().z();
    }
    double low = Math.abs(m.from().z() - p.target().minZ());
    double high = Math.abs(m.to().z() - p.target().maxZ());
    return low < high ? m.to().z() : m.from().z();
  }

  /** A part's heights from its lowest end, each with what is turned or bored there. */
  private static void story(Sheet s, Plan<?> plan, Part p, Show show, double x, double top) {
    double from = p.target().minZ();
    double long_ = p.target().maxZ() - from;
    double shown = Math.min(long_, Sheet.HEIGHT - top - 20);
    s.text(x, top - 4, 10, "The " + p.name() + ", " + show.len(long_) + " long");
    s.line(x, top, x, top + shown);
    s.line(x + 18, top, x + 18, top + shown);
    s.line(x - 3, top, x + 22, top);
    s.line(x - 3, top + shown, x + 22, top + shown);
    double label = top - 2;
    List<Measure> marks =
        plan.sketch().measures().stream()
            .filter(m -> m.part().equals(p.name()))
            .filter(m -> m.hangs() && m.kind() != Measure.Kind.LENGTH)
            .filter(m -> place(m, p) >= from - 0.01 && place(m, p) <= from + shown + 0.01)
            .sorted(Comparator.comparingDouble(m -> place(m, p)))
            .toList();
    for (Measure m : marks) {
      boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
      double y = top + place(m, p) - from;
      Dim d = plan.aim().dims().get(m.key());
      s.line(x, y, x + 18, y);
      label = Math.max(y + 1, label + 4);
      s.line(x + 18, y, x + 23, label - 1);
      s.text(
          x + 24,
          label,
          7.5,
          show.bare(place(m, p) - from)
              + " · "
              + d.label()
              + (across ? " ⌀ " : " ")
              + show.words(d, d.mm()));
    }
  }

  /** What to fetch from the wall before it begins: each bit once, with what lengthens it. */
  private static double bits(Sheet s, Plan<?> plan, Show show, double from) {
    Map<String, List<String>> fetch = new LinkedHashMap<>();
    for (Boring b : plan.sketch().boring()) {
      for (BoringPlan p : b.plans()) {
        for (Pass x : p.passes()) {
          String use =
              b.part()
                  + ", "
                  + p.bore().name()
                  + " "
                  + show.len(x.depth())
                  + x.extension().map(e -> " on the " + e.name()).orElse("")
                  + (x.open() > 0 ? ", then opened by " + show.fit(x.open()) + " a side" : "");
          fetch.computeIfAbsent(x.bit().name(), k -> new ArrayList<>()).add(use);
        }
      }
    }
    double y = from;
    if (fetch.isEmpty()) {
      return y;
    }
    s.text(18, y, 11, "Bits to fetch");
    y += 6;
    for (Map.Entry<String, List<String>> f : fetch.entrySet()) {
      if (y > Sheet.HEIGHT - 18 - 5 * f.getValue().size()) {
        s.next();
        y = 24;
      }
      s.text(18, y, 10, f.getKey());
      for (String use : f.getValue()) {
        s.text(66, y, 9, use);
        y += 5.2;
      }
    }
    return y + 6;
  }

  /** A flag shorter than this has no room for its words, mm. */
  private static final double WORDS = 24;

  /** A strip as long as a depth, cut off where the page ends. */
  private static void flag(Sheet s, double depth, double y) {
    double from = 18;
    double to = Math.min(from + depth, Sheet.WIDTH - 10);
    s.line(from, y, to, y);
    s.line(from, y + 9, to, y + 9);
    s.line(from, y - 1.5, from, y + 10.5);
    s.line(to, y - 1.5, to, y + 10.5);
    // A short flag has its words beside it.
    s.text(depth < WORDS ? to + 2 : from + 1.5, y + 6, 8, "rim of the bit");
  }

  /** What is cut and set for every hold, for the wall behind the chuck. */
  @GetMapping("/pieces/{id:\\d+}/holds.pdf")
  ResponseEntity<byte[]> holds(@PathVariable long id, Unit unit) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    try (Sheet s = new Sheet("Holds: " + piece.name())) {
      titled(s, piece, "Holds · " + piece.design().species() + " · all sizes in " + unit.word());
      double y = 54;
      for (HoldView h : HoldView.all(plan, show)) {
        if (y > Sheet.HEIGHT - 44) {
          s.next();
          y = 24;
        }
        s.text(18, y, 12, h.title());
        s.text(18, y + 5.4, 10, h.words());
        y += 11;
        for (String size : h.cut()) {
          s.text(24, y, 10, size);
          y += 5;
        }
        for (String line : List.of(h.why(), h.stands(), h.soft())) {
          if (!line.isEmpty()) {
            s.text(24, y, 9, line);
            y += 4.6;
          }
        }
        s.rule(18, y, 192);
        y += 8;
      }
      return pdf(s.bytes(), "holds.pdf");
    }
  }

  private static ResponseEntity<byte[]> pdf(byte[] bytes, String name) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header("Content-Disposition", "inline; filename=\"" + name + "\"")
        .body(bytes);
  }
}
