package hazelkeep.web.paper;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Quill;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Plan;
import hazelkeep.web.boring.BoringView;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Flags to wrap round a bit's shank, 1:1, the bits to fetch, and stations. */
final class BitFlags {
  /** A flag shorter than this has no room for its words, mm. */
  private static final double WORDS = 24;

  private BitFlags() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Bit flags 1:1");
    s.text(Sheet.LEFT, Sheet.TOP, 9.5, Sentences.of("bitFlags.lay-the-line-on-the"));
    Plan<?> plan = of.plan();
    Show show = of.show();
    double y = bits(s, plan, show, flags(s, plan, show) + 4);
    Quill quill = Quill.common(plan.shop().lathe().quillTravel(), plan.shop().practice());
    for (BoringView v : BoringView.all(plan, quill, show)) {
      y = stations(s, v, show, s.room(y, 60)) + 6;
    }
  }

  private static double flags(Sheet s, Plan<?> plan, Show show) {
    double y = 56;
    for (Boring b : plan.sketch().boring()) {
      for (BoringPlan p : b.plans()) {
        for (Pass x : p.set()) {
          y = s.room(y, 20);
          String bit = p.bore().name() + ", " + x.bit().name();
          s.text(18, y, 10, bit + ": " + show.len(x.depth()) + " from the " + b.from());
          flag(s, x.depth(), y + 4);
          y += 24;
        }
      }
    }
    return y;
  }

  private static double stations(Sheet s, BoringView v, Show show, double from) {
    String whose = "Stations of the " + v.part() + ", from the " + v.from();
    s.text(18, from, 11, whose + ", in " + show.unit().word());
    double y = from + 7;
    row(s, y, 9, List.of("depth", "inside", "outside", "wall", v.gauge() + " shows"));
    y += 5;
    for (BoringView.StationView t : v.stations()) {
      y = s.room(y, 8);
      row(s, y, 10, List.of(t.depth(), t.inside(), t.outside(), t.wall(), t.reading()));
      y += 5;
    }
    return y;
  }

  /** Columns 30 mm apart. */
  private static void row(Sheet s, double y, double size, List<String> cells) {
    for (int i = 0; i < cells.size(); i++) {
      s.text(18 + 30 * i, y, size, cells.get(i));
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
    return fetch.isEmpty() ? from : listed(s, fetch, from);
  }

  private static double listed(Sheet s, Map<String, List<String>> fetch, double from) {
    double y = from;
    s.text(18, y, 11, "Bits to fetch");
    y += 6;
    for (Map.Entry<String, List<String>> f : fetch.entrySet()) {
      y = s.room(y, 8 + 5 * f.getValue().size());
      s.text(18, y, 10, f.getKey());
      for (String use : f.getValue()) {
        s.text(66, y, 9, use);
        y += 5.2;
      }
    }
    return y + 6;
  }

  /** A strip as long as a depth, cut off where the page ends. */
  private static void flag(Sheet s, double depth, double y) {
    double from = 18;
    double to = Math.min(from + depth, Sheet.RIGHT);
    s.line(from, y, to, y);
    s.line(from, y + 9, to, y + 9);
    s.line(from, y - 1.5, from, y + 10.5);
    s.line(to, y - 1.5, to, y + 10.5);
    // A short flag has its words beside it.
    s.text(depth < WORDS ? to + 2 : from + 1.5, y + 6, 8, "rim of the bit");
  }
}
