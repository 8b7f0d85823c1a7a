package hazelkeep.web.holding;

import hazelkeep.hold.Allowed;
import hazelkeep.hold.Around;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Grip;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JawChoice;
import hazelkeep.hold.OnPartner;
import hazelkeep.hold.Squeeze;
import hazelkeep.hold.Touch;
import hazelkeep.hold.Work;
import hazelkeep.piece.Plan;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.drawing.ChuckDrawing;
import hazelkeep.web.drawing.JawDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Unknown;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A hold of the route as it is shown.
 *
 * @param setups the names of the setups that use it
 * @param title what the first of them is called
 * @param words what holds the work
 * @param cut the sizes to cut for it
 * @param why why this one
 * @param stands what it stands
 * @param soft how stiff the work is in it, empty where that is not known
 * @param missing what is not known and was therefore not judged, empty when all is
 * @param readings what is measured in it, empty for nothing
 * @param drawing the jaws or the jam chuck, empty for other holds
 * @param others other jaw sets for the same place, best first
 */
public record HoldView(
    List<String> setups,
    String title,
    String words,
    List<String> cut,
    String why,
    String stands,
    String soft,
    String missing,
    String readings,
    String drawing,
    List<Other> others) {

  /**
   * Another jaw set.
   *
   * @param name its name
   * @param why how it would hold
   * @param fits whether it can
   */
  public record Other(String name, String why, boolean fits) {}

  /** The holds of a plan, each once, in the order of the work. */
  public static List<HoldView> all(Plan<?> plan, Show show) {
    List<HoldView> out = new ArrayList<>();
    List<Grip> seen = new ArrayList<>();
    List<List<String>> setups = new ArrayList<>();
    List<List<Stage>> stages = new ArrayList<>();
    for (Stage s : plan.rehearsal().stages()) {
      Setup setup = s.setup();
      if (!setup.hold().onLathe()) {
        continue;
      }
      int at = seen.indexOf(setup.hold().grip());
      if (at < 0) {
        seen.add(setup.hold().grip());
        setups.add(new ArrayList<>());
        stages.add(new ArrayList<>());
        at = seen.size() - 1;
      }
      if (!setups.get(at).contains(setup.name())) {
        setups.get(at).add(setup.name());
      }
      stages.get(at).add(s);
    }
    for (int i = 0; i < seen.size(); i++) {
      out.add(one(plan, seen.get(i), setups.get(i), stages.get(i), show));
    }
    return out;
  }

  private static HoldView one(
      Plan<?> plan, Grip grip, List<String> setups, List<Stage> stages, Show show) {
    Stage first = stages.get(0);
    Work work = first.mounted();
    Optional<InJaws> jaws = jaws(grip);
    List<JawChoice> ranked =
        jaws.map(g -> JawChoice.ranked(g, work, plan.shop())).orElse(List.of());
    Allowed allowed = first.setup().hold().allows(work);
    return new HoldView(
        List.copyOf(setups),
        first.setup().title(),
        grip.words(plan.kind()::called),
        cut(grip, work, show),
        why(ranked, jaws, show),
        stands(allowed, work, show),
        soft(stages, show),
        String.join(", ", missing(allowed, stages)),
        stages.stream()
            .flatMap(s -> plan.prompts(s.step()).stream())
            .map(p -> p.dim().label())
            .distinct()
            .collect(Collectors.joining(", ")),
        drawing(grip, jaws, work, show),
        jaws.map(
                g ->
                    ranked.stream()
                        .filter(c -> !c.jaws().equals(g.jaws()))
                        .map(c -> new Other(c.jaws().name(), bite(c, show), c.fits()))
                        .toList())
            .orElse(List.of()));
  }

  static Optional<InJaws> jaws(Grip grip) {
    if (grip instanceof InJaws j) {
      return Optional.of(j);
    }
    return grip instanceof OnPartner j ? Optional.of(j.hostHeld()) : Optional.empty();
  }

  /** The sizes to cut, read off the wood that is to be held. */
  static List<String> cut(Grip grip, Work work, Show show) {
    List<String> out = new ArrayList<>();
    double p = Touch.PROBE;
    if (grip instanceof Squeeze s) {
      HalfSection wood = work.sound(s.part());
      if (!wood.isEmpty() && wood.minZ() < -p) {
        out.add("tenon ⌀ " + show.len(2 * wood.outer(wood.minZ() + p)) + " at its end");
        out.add("⌀ " + show.len(2 * wood.outer(-p)) + " at its root");
        out.add(show.len(-wood.minZ()) + " long");
        out.add("shoulder " + show.len(wood.outer(p) - wood.outer(-p)) + " wide, clean and square");
      }
    } else if (grip instanceof Expand e) {
      HalfSection wood = work.sound(e.part());
      out.add(e.in() + " ⌀ " + show.len(2 * wood.inner(p)));
      out.add("wall round it " + show.len(wood.outer(p) - wood.inner(p)));
    } else if (grip instanceof Around a) {
      out.add(a.on() + " ⌀ " + show.len(2 * work.sound(a.part()).outer(-p)));
      out.add("over tape, parallel for " + show.len(Math.abs(work.sound(a.part()).minZ())));
    } else if (grip instanceof JamChuck j) {
      HalfSection c = j.chuck();
      if (j.cup()) {
        out.add("recess ⌀ " + show.fit(2 * c.inner(-Touch.JAM_AT)));
      } else {
        out.add("plug ⌀ " + show.fit(2 * c.outer(p)) + " at its root");
        out.add("⌀ " + show.fit(2 * c.outer(c.maxZ() - p)) + " at its end");
        out.add(show.len(c.maxZ()) + " long");
        out.add(Sentences.of("holdView.face-cleared-at-the-plugs", show.len(2 * c.outer(-1))));
      }
      out.add("from " + j.wood().name() + (j.paper() > 0 ? ", paper between" : ""));
    }
    return out;
  }

  private static String why(List<JawChoice> ranked, Optional<InJaws> jaws, Show show) {
    return jaws.flatMap(g -> ranked.stream().filter(c -> c.jaws().equals(g.jaws())).findFirst())
        .map(c -> "These " + bite(c, show) + ".")
        .orElse("");
  }

  private static String bite(JawChoice c, Show show) {
    if (c.range().isEmpty()) {
      return "do not open";
    }
    if (!c.fits()) {
      return "take "
          + show.bare(c.range().get().from())
          + "–"
          + show.len(c.range().get().to())
          + ", not "
          + show.len(c.diameter());
    }
    return c.miss() == 0 && c.lines() == 0
        ? "hold all round, " + near(c, show)
        : JawDrawing.bite(c.jaws(), c.diameter(), c.lines(), show)
            .replaceFirst("^bites", "bite")
            .replaceFirst("misses", "miss");
  }

  private static String near(JawChoice c, Show show) {
    return show.len(Math.abs(c.diameter() - c.jaws().trueCircle())) + " off their true circle";
  }

  private static String stands(Allowed a, Work work, Show show) {
    double force = a.force(work.radius(), work.most());
    String much = show.stands(a, force, work.practice());
    return (Double.isNaN(force)
            ? Sentences.of("holdView.what-it-stands-is-not")
            : "Stands " + much + (much.endsWith("N") ? " at the far rim" : ""))
        + (a.towardsHeadOnly() ? ", pressed towards the headstock only" : "")
        + " ("
        + a.basis()
        + ").";
  }

  private static List<String> missing(Allowed a, List<Stage> stages) {
    return Stream.concat(
            a.missing().stream(), stages.stream().flatMap(s -> s.stiffBefore().missing().stream()))
        .distinct()
        .map(Unknown::words)
        .toList();
  }

  /** The least stiffness that the work comes down to in this hold. */
  private static String soft(List<Stage> stages, Show show) {
    double least = Double.POSITIVE_INFINITY;
    for (Stage s : stages) {
      for (double v : s.stiffness().held()) {
        least = Math.min(least, v);
      }
    }
    return Double.isInfinite(least)
        ? ""
        : "Softest place: " + show.stiffness(least, stages.get(0).aim().practice());
  }

  private static String drawing(Grip grip, Optional<InJaws> jaws, Work work, Show show) {
    if (grip instanceof JamChuck j) {
      return ChuckDrawing.of(j, work, show);
    }
    return jaws.filter(j -> !(j instanceof Expand))
        .map(j -> JawDrawing.of(j.jaws(), j.support(work).diameter(), work.practice(), show))
        .orElse("");
  }

  /** The sizes in a line. */
  public String sizes() {
    return cut.stream().collect(Collectors.joining(", "));
  }
}
