package hazelkeep.web.shop;

import hazelkeep.shop.Bit;
import hazelkeep.shop.Centre;
import hazelkeep.shop.DrillChuck;
import hazelkeep.shop.Extension;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Landmark;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.PushTest;
import hazelkeep.shop.Rest;
import hazelkeep.shop.Steady;
import hazelkeep.shop.Tool;
import hazelkeep.shop.ToolKind;
import hazelkeep.shop.WoodScrew;
import hazelkeep.solid.Span;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Doing;
import java.util.stream.Collectors;

/** What says most of a thing on the wall, in a line. */
final class Lines {
  private Lines() {}

  static String of(Record thing, Show show) {
    if (thing instanceof Lathe l) {
      return show.len(l.swing())
          + " swing, "
          + show.len(l.between())
          + " between centres, "
          + (l.steps().isEmpty()
              ? "stepless " + show.whole(l.slowest()) + "–" + show.whole(l.fastest())
              : l.steps().stream().map(show::whole).collect(Collectors.joining(", ")))
          + " rpm, quill "
          + show.len(l.quillTravel());
    }
    if (thing instanceof JawSet j) {
      return j.form().words()
          + ", true circle "
          + show.len(j.trueCircle())
          + ". Squeeze "
          + range(j.squeeze(), show)
          + j.expand().map(e -> ", open " + range(e, show)).orElse(", do not open")
          + ". "
          + show.len(j.depth())
          + " deep"
          + (j.dovetail() == 0 ? "" : ", dovetail " + show.whole(j.dovetail()) + "°");
    }
    if (thing instanceof Centre c) {
      return c.form().words()
          + (c.dimple() == 0 ? ", leaves no mark" : ", mark " + show.len(c.dimple()) + " deep")
          + ", ⌀ "
          + show.len(2 * c.radius());
    }
    if (thing instanceof Tool t) {
      return (t.kind() == ToolKind.ABRASIVE ? does(t) : t.kind().words())
          + ", reaches "
          + show.len(t.shape().length())
          + ", nose "
          + show.len(t.shape().nose())
          + (t.parts() ? ", kerf " + show.len(t.width()) : "")
          + (t.hook() > 0
              ? Sentences.of(
                  "lines.hooked-by-passes-a-mouth", show.len(t.hook()), show.len(t.leastMouth()))
              : "");
    }
    if (thing instanceof Bit b) {
      return b.form().words()
          + " ⌀ "
          + show.len(b.diameter())
          + ", point "
          + show.len(b.tip())
          + ", reaches "
          + show.len(b.reach())
          + (b.needsCentre() ? ", needs wood at the centre" : "");
    }
    return small(thing, show);
  }

  private static String small(Record thing, Show show) {
    if (thing instanceof Gauge g) {
      return (g.depth() ? "depths, " : "")
          + (g.dead() == 0 ? "shows the length itself" : "dead length " + show.len(g.dead()));
    }
    if (thing instanceof Extension e) {
      return "⌀ " + show.len(e.diameter()) + ", longer by " + show.len(e.length());
    }
    if (thing instanceof DrillChuck d) {
      return d.name()
          + ", nose ⌀ "
          + show.len(d.nose())
          + ", "
          + show.len(d.length())
          + " to its shoulder";
    }
    if (thing instanceof Landmark l) {
      return show.len(l.length()) + " long";
    }
    if (thing instanceof Rest r) {
      return show.len(r.length()) + " long";
    }
    if (thing instanceof Steady s) {
      return "takes " + range(s.range(), show) + ", band " + show.len(s.width());
    }
    if (thing instanceof WoodScrew s) {
      return "⌀ "
          + show.len(s.diameter())
          + ", "
          + show.len(s.length())
          + " in the wood, face ⌀ "
          + show.len(s.face());
    }
    if (thing instanceof KeptChuck c) {
      return c.form().words()
          + ", ⌀ "
          + show.len(c.diameter())
          + ", "
          + show.len(c.length())
          + " long"
          + (c.wood().isEmpty() ? "" : ", " + c.wood());
    }
    PushTest p = (PushTest) thing;
    return Sentences.of(
        "lines.on-a-tenon-of-n",
        p.species(),
        show.len(p.diameter()),
        show.len(p.tenon()),
        show.whole(p.force()),
        show.len(p.at()),
        show.fit(p.deflection()));
  }

  private static String range(Span s, Show show) {
    return show.bare(s.from()) + "–" + show.len(s.to());
  }

  private static String does(Tool t) {
    return java.util.Arrays.stream(Doing.values())
        .filter(d -> d.by() == d && t.does().contains(d))
        .map(
            d ->
                switch (d) {
                  case CUT -> "cuts";
                  case SAND -> "sands";
                  case FINISH, GLUE -> "lays on finish";
                })
        .collect(Collectors.joining(", "));
  }
}
