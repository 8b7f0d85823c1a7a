package hazelkeep.web.workbench;

import hazelkeep.element.Spigot;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.fit.SneakUp;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.SneakDrawing;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Sneaking;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** At the lathe: a fit is sneaked up on. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/bench/fit")
class SneakController {
  private static final int TYPED_MOST = 60;
  private static final double SAME = 1e-6;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  SneakController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  /**
   * What may be said to have been seen.
   *
   * @param name its stable name
   * @param words in the trade's words
   * @param now whether it is what is asked for next
   */
  public record WhatView(String name, String words, boolean now) {}

  @GetMapping
  String page(
      @PathVariable long id, @RequestParam(defaultValue = "") String what, Unit unit, Model model) {
    return show(pieces.get(id), what, "", unit, model);
  }

  private String show(Piece piece, String what, String typed, Unit unit, Model model) {
    List<Entry> log = runs.log(piece.id());
    Bench<?> bench = planner.bench(piece, log);
    Optional<Sneaking> sneaking = Sneaking.of(bench, log);
    if (!runs.started(piece.id()) || sneaking.isEmpty()) {
      return "redirect:/pieces/" + piece.id() + "/bench";
    }
    Show show = new Show(unit);
    SneakUp s = sneaking.get().so();
    Next next = Next.of(s);
    SneakWords words = new SneakWords(s, bench.plan().shop(), show);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("last", log.isEmpty() ? 0 : log.get(log.size() - 1).no());
    model.addAttribute("step", bench.next().orElseThrow());
    model.addAttribute("next", next);
    model.addAttribute("title", words.title(next));
    model.addAttribute("big", big(next, unit));
    model.addAttribute("how", words.how(next));
    model.addAttribute("risk", words.risk(next));
    model.addAttribute("thought", s.taken().isEmpty() ? "" : words.thought());
    model.addAttribute("wanted", words.wanted());
    model.addAttribute("doubt", words.doubt());
    model.addAttribute("cures", next.what() == Next.Do.OVER ? words.cures() : List.of());
    model.addAttribute("svg", SneakDrawing.of(s, show));
    model.addAttribute("seen", seen(s, show));
    model.addAttribute("readings", readings(what, next));
    model.addAttribute("asked", asked(what, next));
    model.addAttribute("trials", trials());
    model.addAttribute("amount", unit.showFit(next.amount()));
    model.addAttribute("made", made(sneaking.get(), unit));
    model.addAttribute("typed", typed);
    return "workbench/sneak";
  }

  /**
   * What the step is told when the fit is done.
   *
   * @param what the size that was made
   * @param value what it is thought to be; empty where it was never measured
   */
  public record MadeView(String what, String value) {}

  private static MadeView made(Sneaking now, Unit unit) {
    boolean recess = now.so().aimed().recessCut();
    DimKey key = recess ? now.joint().recess() : now.jam() ? Spigot.JAM : now.joint().spigot();
    boolean read = now.so().taken().stream().anyMatch(t -> t.seen().what().reading());
    double mm = recess ? now.so().belief().recess() : now.so().belief().spigot();
    return new MadeView(key.path(), read ? unit.showFit(mm) : "");
  }

  /** The number to be seen from afar: the diameter to come to; empty where there is none. */
  private static String big(Next next, Unit unit) {
    return switch (next.what()) {
      case CUT, SCRAPE -> unit.showFit(next.target());
      case EASE -> "−" + unit.showFit(next.amount());
      default -> "";
    };
  }

  private static List<String> seen(SneakUp s, Show show) {
    List<String> out = new ArrayList<>();
    for (SneakUp.Taken t : s.taken()) {
      out.add(LogLine.tried(t.seen(), show) + (t.doubt().isPresent() ? " (doubted)" : ""));
    }
    Collections.reverse(out);
    return out;
  }

  private static Seen.What asked(String what, Next next) {
    return Arrays.stream(Seen.What.values())
        .filter(w -> w.reading() && w.name().equalsIgnoreCase(what))
        .findFirst()
        .orElse(next.what() == Next.Do.MEASURE_RECESS ? Seen.What.RECESS : Seen.What.ROOT);
  }

  private static List<WhatView> readings(String what, Next next) {
    Seen.What now = asked(what, next);
    return Arrays.stream(Seen.What.values())
        .filter(Seen.What::reading)
        .map(w -> new WhatView(w.name(), w.words(), w == now))
        .toList();
  }

  private static List<WhatView> trials() {
    return Arrays.stream(Seen.What.values())
        .filter(w -> w.trial() && !w.measured())
        .map(w -> new WhatView(w.name(), w.words(), false))
        .toList();
  }

  /**
   * What was seen.
   *
   * @param what its name
   * @param value as it was typed
   * @param device with which it was measured
   * @param again {@code true} when it is sent again because no answer came
   */
  record Typed(String what, String value, String device, String again) {
    Seen seen(Unit unit) {
      Seen.What w;
      try {
        w = Seen.What.valueOf((what == null ? "" : what).toUpperCase(Locale.ROOT));
      } catch (IllegalArgumentException e) {
        throw new Refused(Sentences.of("sneak.say-what-was-seen"), e);
      }
      return new Seen(w, w.measured() ? number(w, unit) : 0);
    }

    private double number(Seen.What w, Unit unit) {
      String text = value == null ? "" : value.strip();
      if (w != Seen.What.SINKS) {
        return SizeText.parse(text, unit).mm();
      }
      try {
        return Double.parseDouble(text.replace(',', '.').replaceAll("\\s*s$", ""));
      } catch (NumberFormatException e) {
        throw new Refused(Sentences.of("sneak.seconds-are-expected-here"), e);
      }
    }

    boolean is(Fact f, Unit unit) {
      return f instanceof Fact.Tried t
          && t.seen().what().name().equalsIgnoreCase(what)
          && Math.abs(t.seen().value() - seen(unit).value()) < SAME;
    }

    String shortened() {
      String v = value == null ? "" : value;
      return v.length() > TYPED_MOST ? v.substring(0, TYPED_MOST) : v;
    }
  }

  @PostMapping("/seen")
  String seen(
      @PathVariable long id,
      Typed typed,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    List<Entry> log = runs.log(id);
    Optional<Sneaking> sneaking = Sneaking.of(planner.bench(piece, log), log);
    String what = typed.what() == null ? "" : typed.what();
    try {
      if ("true".equals(typed.again()) && runs.entered(id, last, f -> typed.is(f, unit))) {
        return "redirect:/pieces/" + id + "/bench/fit";
      }
      Seen seen = typed.seen(unit);
      if (sneaking.isEmpty()) {
        // The step was done, or the run ended, in another tab.
        throw new Stale(last);
      }
      Fact fact = new Fact.Tried(sneaking.get().joint().name(), seen, typed.device());
      runs.add(id, last, piece.version(), fact);
      return "redirect:/pieces/" + id + "/bench/fit";
    } catch (Stale e) {
      if (sneaking.isEmpty()) {
        throw e;
      }
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("message", Sentences.of("sneak.another-tab-was-quicker"));
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("message", e.getMessage() + ".");
    }
    return show(piece, what, typed.shortened(), unit, model);
  }
}
