package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.stiffness.JawSpring;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.stiffness.StiffnessLimits.Cut;
import hazelkeep.stiffness.StiffnessLimits.Judgement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Judges every step by the stiffness of the work as it is held. */
final class Shaking {
  private final Shop shop;
  private final JawSpring spring;
  private Setup lastSetup;
  private State lastState;
  private Stiffness last;

  Shaking(Shop shop) {
    this.shop = shop;
    this.spring = JawSpring.of(shop);
  }

  /** The stiffness of what a setup holds; what one step leaves the next one finds. */
  Stiffness of(Setup setup, State state, Work mounted) {
    boolean same =
        lastState != null
            && lastState.bodies() == state.bodies()
            && lastSetup.hold().equals(setup.hold())
            && lastSetup.frames().equals(setup.frames());
    if (!same) {
      last = Stiffness.of(mounted, setup.hold(), spring);
    }
    lastSetup = setup;
    lastState = state;
    return last;
  }

  /** The window that the work's critical speed leaves. */
  Speeds slowed(Speeds window, Stiffness held, boolean round) {
    return held.criticals().length == 0 ? window : window.below(most(held, round));
  }

  private double most(Stiffness held, boolean round) {
    Line share = round ? Line.STIFF_CRITICAL_SHARE : Line.STIFF_CRITICAL_SHARE_UNROUND;
    return shop.custom(share) * held.criticals()[0];
  }

  /**
   * What would shake, sing or break.
   *
   * @param earlier the stages before it
   * @param usual the speed window by diameter alone
   */
  List<Finding> judge(Stage stage, List<Stage> earlier, Optional<Speeds> usual) {
    List<Finding> out = new ArrayList<>();
    if (!stage.stiffBefore().known()) {
      return out;
    }
    double taken = stage.after().removed() - stage.before().removed();
    boolean parts = stage.parts();
    for (Act act : stage.step().acts()) {
      if (act instanceof Act.Remove r && stage.mounted().bodies().containsKey(r.part())) {
        Span z = along(stage, r).orElse(null);
        if (z != null && taken > shop.custom(Line.STIFF_BULK)) {
          cut(stage, stage.stiffBefore(), z, Cut.ROUGHING, r.part(), earlier, out);
        }
        if (z != null && !r.bares().isEmpty() && !parts && stage.stiffAfter().known()) {
          cut(stage, stage.stiffAfter(), z, Cut.FINISHING, r.part(), earlier, out);
        }
      }
    }
    usual.ifPresent(s -> sings(stage, s, out));
    usual.flatMap(s -> StartUp.judge(stage, s, shop)).ifPresent(out::add);
    return out;
  }

  /** Where along the work a cut takes wood, mm from the setup's zero: looked at place by place. */
  private static Optional<Span> along(Stage stage, Act.Remove r) {
    Frame f = stage.setup().frames().get(r.part()).inverse();
    HalfSection wood = stage.mounted().bodies().get(r.part()).swept();
    double[] places =
        Arrays.stream(stage.stiffBefore().z())
            .filter(z -> r.region().minZ() <= f.x(z) && f.x(z) <= r.region().maxZ())
            .filter(z -> takes(r.region().at(f.x(z)), wood.at(f.x(z))))
            .toArray();
    return places.length == 0
        ? Optional.empty()
        : Optional.of(new Span(places[0], places[places.length - 1]));
  }

  private static boolean takes(List<Span> region, List<Span> wood) {
    return region.stream()
        .anyMatch(g -> wood.stream().anyMatch(w -> g.from() < w.to() && w.from() < g.to()));
  }

  private void cut(
      Stage stage,
      Stiffness k,
      Span z,
      Cut kind,
      String part,
      List<Stage> earlier,
      List<Finding> out) {
    int at = k.weakest(z.from(), z.to());
    double place = k.z()[at];
    // Abrasive presses no harder than the fine cuts on a stem do.
    boolean rubbed = stage.step().at() == Speeds.At.SANDING;
    Cut cut = rubbed || slender(stage, place) ? Cut.SLENDER : kind;
    double found = k.held()[at];
    Judgement judged = cut.of(found, shop.practice());
    Point where = new Point(inBlank(stage, part, place), 0);
    if (judged.grade() != Grade.NOTE) {
      double limit = shop.custom(judged == Judgement.NOT ? cut.least() : cut.light());
      double force = shop.custom(cut.force());
      out.add(
          found(
              (force / found > MUCH ? Entry.SHAKES_MUCH : Entry.SHAKES)
                  .told(
                      judged.grade(),
                      found,
                      limit,
                      cut.words(),
                      Double.toString(Math.min(MUCH, force / found)),
                      Double.toString(force / limit)),
              stage,
              part,
              where,
              worse(stage, at, k, earlier)));
    }
    Stiffness.Stress s = k.stress(shop.custom(cut.force()), z, shop.custom(Line.STIFF_FINE));
    if (s.share() > shop.custom(Line.HOLD_STRENGTH_WATCH)) {
      out.add(
          found(
              Entry.BREAKS.told(
                  s.share() > shop.custom(Line.HOLD_STRENGTH_STOP) ? Grade.STOP : Grade.WATCH,
                  s.mpa(),
                  s.strength() * shop.custom(Line.HOLD_STRENGTH_WATCH)),
              stage,
              part,
              new Point(inBlank(stage, part, s.z()), 0),
              ""));
    }
  }

  /** What gives by more than this is not held in any sense, mm. */
  private static final double MUCH = 5;

  private boolean slender(Stage stage, double place) {
    Work work = stage.left();
    double r = 0;
    for (String p : work.parts().keySet()) {
      // At a tip there is no more wood at the very place.
      r = Math.max(r, Math.max(work.swept(p).outer(place), work.swept(p).outer(place - TIP)));
    }
    boolean solid = work.distinct().stream().allMatch(p -> work.sound(p).inner(place) <= 0);
    return (solid || stage.setup().hold().supported())
        && r > 0
        && r < shop.custom(Line.STIFF_SLENDER) * work.radius();
  }

  /** So far from its end a tip is looked at, mm. */
  private static final double TIP = 0.5;

  private static double inBlank(Stage stage, String part, double place) {
    return stage.setup().frames().get(part).inverse().of(new Point(place, 0)).z();
  }

  /** By how much it got worse, and by what. */
  private String worse(Stage stage, int at, Stiffness now, List<Stage> earlier) {
    double place = now.z()[at];
    StringBuilder out = new StringBuilder();
    if (!stage.setup().hold().supported()) {
      Stiffness up = Stiffness.of(stage.left(), stage.setup().hold().with(shop.live()), spring);
      if (up.known()) {
        say(
            out,
            up.least(place, place) / now.held()[at],
            times -> Wording.of("shaking.with-the-tailstock-up", times));
      }
    }
    Stage best = null;
    double most = shop.custom(Line.STIFF_WORTH_SAYING);
    for (Stage s : earlier) {
      if (!s.setup().name().equals(stage.setup().name()) || !s.stiffBefore().known()) {
        continue;
      }
      double was = s.stiffBefore().wood()[s.stiffBefore().weakest(place, place)];
      double is =
          s.stiffAfter().known()
              ? s.stiffAfter().wood()[s.stiffAfter().weakest(place, place)]
              : was;
      if (was / is > most) {
        most = was / is;
        best = s;
      }
    }
    if (best != null) {
      String title = best.step().title();
      say(out, most, times -> Wording.of("shaking.before-it-was", title, times));
    }
    return out.toString();
  }

  /** Beyond this nobody feels how many times stiffer something is. */
  private static final double FAR = 10;

  private void say(StringBuilder out, double factor, UnaryOperator<String> words) {
    if (factor > shop.custom(Line.STIFF_WORTH_SAYING)) {
      out.append(out.isEmpty() ? "" : " ")
          .append(
              words.apply(
                  factor > FAR
                      ? Wording.of("shaking.far-stiffer")
                      : Wording.of("shaking.times-as-stiff", Rounding.text(factor, 1))));
    }
  }

  private void sings(Stage stage, Speeds usual, List<Finding> out) {
    if (stage.stiffBefore().criticals().length == 0) {
      return;
    }
    Work work = stage.mounted();
    boolean round = work.bodies().values().stream().allMatch(b -> b.round());
    double most = most(stage.stiffBefore(), round);
    if (most < usual.from()) {
      out.add(
          found(
              Entry.CRITICAL_SPEED.told(
                  most < shop.lathe().slowest() ? Grade.STOP : Grade.WATCH, usual.from(), most),
              stage,
              stage.setup().frames().keySet().iterator().next(),
              null,
              ""));
    }
  }

  private static Finding found(Verdict v, Stage stage, String part, Point where, String more) {
    Hold hold = stage.setup().hold();
    String advice = v.helps(hold.supported() || hold.steady().isPresent());
    return new Finding(
        v,
        Optional.of(stage.step().key()),
        part,
        Optional.ofNullable(where),
        more.isEmpty() ? advice : more + " " + advice,
        List.of());
  }
}
