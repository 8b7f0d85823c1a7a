package hazelkeep.web.boring;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Gap;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Quill;
import hazelkeep.bore.Stations;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Plan;
import hazelkeep.route.Worked;
import hazelkeep.shop.Gauge;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;

/**
 * What is bored and hollowed in a part, as it is shown.
 *
 * @param part the part
 * @param from what depths are counted from
 * @param gauge the device that depths are read with
 * @param bores the passes of every bore, in the order of the work
 * @param against what would go wrong, or has to be watched
 * @param through where a bore from both ends meets, a sentence each
 * @param worked with which tools the inside is cut and sanded, a sentence each
 * @param hollow whether the inside changes with depth, so that the stations are worked by
 * @param stations sizes at depths
 */
public record BoringView(
    String part,
    String from,
    String gauge,
    List<PassView> bores,
    List<String> against,
    List<String> through,
    List<String> worked,
    boolean hollow,
    List<StationView> stations) {

  /**
   * One bit brought to one depth.
   *
   * @param bore what is bored
   * @param bit the bit
   * @param full depth to its full diameter
   * @param point depth to its point
   * @param speed rpm
   * @param how extension, chips and what is left to open, a sentence each
   * @param settings of the quill: start, stop, and how deep that is
   * @param stops what other devices show at the end
   */
  public record PassView(
      String bore,
      String bit,
      String full,
      String point,
      String speed,
      List<String> how,
      List<String> settings,
      List<String> stops) {}

  /**
   * A station.
   *
   * @param depth below the rim
   * @param inside diameter
   * @param outside diameter
   * @param wall least thickness
   * @param reading what the gauge shows
   */
  public record StationView(
      String depth, String inside, String outside, String wall, String reading) {}

  /** Everything that is bored and hollowed in a piece. */
  public static List<BoringView> all(Plan<?> plan, Quill quill, Show show) {
    Gauge gauge = plan.shop().depthGauge();
    List<BoringView> out = new ArrayList<>();
    for (Boring b : plan.sketch().boring()) {
      List<PassView> passes = new ArrayList<>();
      List<String> against = new ArrayList<>();
      for (BoringPlan p : b.plans()) {
        passes.addAll(passes(b.part(), p, plan, quill, show));
        p.verdicts().forEach(v -> against.add(p.bore().name() + ": " + said(v, show)));
      }
      out.add(
          new BoringView(
              b.part(),
              b.from(),
              gauge.name(),
              passes,
              against,
              b.through()
                  .map(t -> through(t, b.plans().contains(t.near()), show))
                  .orElse(List.of()),
              worked(b, plan),
              b.stations().stream().map(Stations.Station::inside).distinct().count() > SAME,
              b.stations().stream()
                  .map(
                      s ->
                          new StationView(
                              show.bare(s.depth()),
                              show.bare(s.inside()),
                              show.bare(s.outside()),
                              show.bare(s.wall()),
                              show.bare(s.reading())))
                  .toList()));
    }
    return out;
  }

  /** Insides that are the same but for the ends: a plain bore. */
  private static final int SAME = 3;

  /** Where the bores from both ends meet, counted from the end that is looked at. */
  private static List<String> through(BothEnds t, boolean near, Show show) {
    double at = near ? t.meeting() : t.length() - t.meeting();
    return List.of(
        Sentences.of("boringView.it-meets-the-bore-from", show.len(at), show.len(t.overlap())),
        t.step() > 0
            ? Sentences.of("boringView.where-they-meet-there-may", show.fit(t.step()))
            : Sentences.of("boringView.neither-is-so-deep-that"),
        t.seen());
  }

  /** The tools of the wall that reach the inside where it is worked. */
  private static List<String> worked(Boring b, Plan<?> plan) {
    List<String> out = new ArrayList<>();
    for (Surface s : plan.aim().part(b.part()).surfaces()) {
      if (!s.inside() || b.stations().isEmpty()) {
        continue;
      }
      for (Worked w : plan.rehearsal().worked(s.id(), plan.shop())) {
        out.add(
            Character.toUpperCase(s.id().name().charAt(0))
                + s.id().name().substring(1)
                + (w.doing() == Doing.CUT ? ": cut with the " : ": sanded with the ")
                + w.tool()
                + ", which reaches "
                + Math.round(100 * w.share())
                + " % of it; step “"
                + w.at().title()
                + "”");
      }
    }
    return out.stream().distinct().toList();
  }

  /** A pass for each bit that is set; what the same bit only begins is told with its next. */
  private static List<PassView> passes(
      String part, BoringPlan p, Plan<?> plan, Quill quill, Show show) {
    List<PassView> out = new ArrayList<>();
    List<String> begun = new ArrayList<>();
    List<Pass> set = p.set();
    for (Pass x : p.passes()) {
      if (!set.contains(x)) {
        begun.add(
            Sentences.of(
                "boringView.then-open-the-first-to",
                show.len(x.depth()),
                show.len(x.wanted()),
                show.fit(x.open())));
        continue;
      }
      PassView view = pass(p.bore(), x, speed(part, x, plan, show), plan, quill, show);
      view.how().addAll(begun);
      begun.clear();
      out.add(view);
    }
    return out;
  }

  private static String said(Verdict v, Show show) {
    String sign = v.grade() == Grade.STOP ? "■ " : v.grade() == Grade.WATCH ? "▲ " : "● ";
    String says = show.says(v);
    return sign + v.title() + (says.isEmpty() ? "." : ". " + says);
  }

  private static PassView pass(
      Bore bore, Pass p, String speed, Plan<?> plan, Quill quill, Show show) {
    List<String> how = new ArrayList<>();
    p.extension()
        .ifPresent(
            e ->
                how.add(
                    Sentences.of(
                        "boringView.first-with-the-bit-alone",
                        show.len(p.unextended()),
                        e.name())));
    if (p.chuckFollows()) {
      how.add(Sentences.of("boringView.the-drill-chuck-follows-into"));
    }
    how.add(
        Sentences.of("boringView.clear-the-chips-every-times", show.len(p.chips()), p.strokes()));
    if (p.open() > 0) {
      how.add(Sentences.of("boringView.then-open-it-by-a", show.fit(p.open())));
    }
    if (p.drift() > 0 && !bore.byHand()) {
      how.add(Sentences.of("boringView.its-end-may-lie-off", show.fit(p.drift())));
    }
    List<String> settings = new ArrayList<>();
    for (Quill.Setting s : bore.byHand() ? List.<Quill.Setting>of() : quill.to(p.depth())) {
      settings.add(
          "from "
              + show.bare(s.start())
              + " to "
              + show.bare(s.stop())
              + ": "
              + show.len(s.depth())
              + " deep");
    }
    return new PassView(
        bore.name(),
        p.bit().name() + (bore.byHand() ? ", in a handle" : ""),
        show.len(p.depth()),
        show.len(p.point()),
        bore.byHand() ? "" : speed,
        how,
        settings,
        stops(p, bore, plan, show));
  }

  /** The window of the step that bores with it, as on route, bench and paper. */
  private static String speed(String part, Pass p, Plan<?> plan, Show show) {
    return plan.rehearsal().stages().stream()
        .filter(s -> s.step().bit().filter(p.bit()::equals).isPresent())
        .filter(s -> s.cuts(part))
        .flatMap(s -> s.speeds().stream())
        .findFirst()
        .map(s -> show.rpmAndCeiling(s, plan.shop().lathe()))
        .orElse("");
  }

  /** What each device shows when the full diameter is at its depth. */
  private static List<String> stops(Pass p, Bore bore, Plan<?> plan, Show show) {
    List<String> out = new ArrayList<>();
    out.add(Sentences.of("boringView.mark-on-the-bit-behind", show.len(p.depth())));
    Gauge g = plan.shop().depthGauge();
    out.add(
        g.name()
            + (g.dead() == 0 ? ": " : " shows ")
            + show.bare(g.shows(p.depth()))
            + " to the rim's mark, "
            + show.bare(g.shows(p.point()))
            + " to the point's");
    if (!bore.byHand()) {
      double left = Gap.left(p);
      double shoulder = left + plan.shop().drillChuck().length();
      out.add(
          left >= 0
              ? Sentences.of("boringView.drill-chucks-nose-from-the", show.len(left))
              : Sentences.of("boringView.drill-chucks-nose-in-the", show.len(-left)));
      if (shoulder > 0) {
        out.add("its shoulder " + show.len(shoulder) + " from the wood");
      }
      Gap.of(p, plan.shop())
          .ifPresent(
              x ->
                  out.add(
                      Sentences.of(
                          "boringView.just-fits-between-nose-and",
                          x.object().name(),
                          show.len(x.more()))));
    }
    return out;
  }
}
