package hazelkeep.web.paper;

import hazelkeep.piece.Plan;
import hazelkeep.route.Prompt;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.drawing.HandView;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is left to do, hold by hold: a small drawing of each step with its numbers. */
final class StepPlates {
  /** Room for a step's drawing, mm. */
  private static final double WIDE = 52;

  private static final double TALL = 30;
  private static final double WORDS = Sheet.LEFT + WIDE + 6;
  private static final double LINE = 4.1;
  private static final double SIZE = 8.5;

  private final Sheet sheet;
  private final Plan<?> plan;
  private final Show show;
  private final double scale;
  private final double radius;
  private final int done;

  private StepPlates(Sheet sheet, Plan<?> plan, Show show) {
    this.sheet = sheet;
    this.plan = plan;
    this.show = show;
    this.done = plan.route().steps().size() - plan.rehearsal().stages().size();
    double longest = 1;
    double widest = 1;
    for (Stage s : plan.rehearsal().stages()) {
      longest = Math.max(longest, s.mounted().most() - s.mounted().least());
      widest = Math.max(widest, s.mounted().radius());
    }
    this.scale = Math.min(1, Math.min(WIDE / longest, TALL / 2 / widest));
    this.radius = widest * scale;
  }

  static void draw(Sheet sheet, Plan<?> plan, Show show, double from) {
    StepPlates plates = new StepPlates(sheet, plan, show);
    double y = from;
    Setup setup = null;
    int no = plates.done;
    for (Stage s : plan.rehearsal().stages()) {
      List<String> lines = plates.lines(s);
      boolean first = s.setup() != setup;
      double tall = Math.max(2 * plates.radius + 4, 12 + LINE * lines.size());
      y = sheet.room(y, tall + (first ? 14 : 0));
      if (first) {
        setup = s.setup();
        y = plates.hold(setup, y);
      }
      plates.step(++no, s, lines, y);
      y += tall + 3;
      sheet.rule(y - 3);
    }
  }

  private double hold(Setup setup, double y) {
    sheet.text(Face.TITLE, Sheet.LEFT, y + 5, 11.5, setup.title());
    sheet.text(Sheet.LEFT, y + 9.6, SIZE, plan.words(setup.hold()));
    return y + 13;
  }

  private void step(int no, Stage s, List<String> lines, double y) {
    if (s.setup().hold().onLathe() || !s.removed().isEmpty()) {
      picture(s, y + 2 + radius);
    }
    sheet.text(Face.STRONG, WORDS, y + 5, 9.5, no + "  " + s.step().title());
    double at = y + 9.5;
    for (String line : lines) {
      sheet.text(WORDS, at, SIZE, line);
      at += LINE;
    }
  }

  private void picture(Stage s, double axis) {
    double least = s.mounted().least();
    Sheet.Place place = (z, r) -> new double[] {Sheet.LEFT + (z - least) * scale, axis - r * scale};
    Set<HalfSection> wood = new LinkedHashSet<>();
    for (Part p : plan.aim().parts()) {
      Optional<Body> body = s.after().stock(p);
      if (body.isPresent() && s.setup().frames().containsKey(p.name())) {
        wood.add(body.get().sound().in(s.setup().frames().get(p.name())));
      }
    }
    wood.forEach(h -> sheet.section(h, place, 0.86f));
    new LinkedHashSet<>(s.removed().values()).forEach(h -> sheet.section(h, place, 1f, 0.7f, 0.7f));
    double end = Sheet.LEFT + (s.mounted().most() - least) * scale;
    sheet.faint(() -> sheet.line(Sheet.LEFT - 2, axis, end + 2, axis));
  }

  /** With what and how fast, what it is cut to, what is measured; broken into lines. */
  private List<String> lines(Stage s) {
    List<String> out = new ArrayList<>();
    String with =
        Optional.of(String.join(", ", plan.rehearsal().tools(s, plan.shop())))
            .filter(t -> !t.isEmpty())
            .map(t -> t + " \u00b7 ")
            .orElse("");
    s.speeds().ifPresent(w -> out.add(with + show.rpm(w, plan.shop().lathe())));
    HandView.lines(plan, s, show).forEach(l -> broken(out, l));
    for (Prompt p : plan.prompts(s.step())) {
      broken(
          out,
          "Measure: "
              + Words.target(p, show)
              + ", "
              + Words.how(p)
              + "; "
              + show.number(p.dim(), p.least())
              + " to "
              + show.number(p.dim(), p.most())
              + " is fine");
    }
    return out;
  }

  private void broken(List<String> out, String text) {
    out.addAll(sheet.broken(SIZE, Sheet.RIGHT - WORDS, text));
  }
}
