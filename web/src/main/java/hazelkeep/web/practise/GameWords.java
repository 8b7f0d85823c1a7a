package hazelkeep.web.practise;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.Seen.What;
import hazelkeep.fit.SneakUp;
import hazelkeep.measure.Phrases;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.practise.FitRun;
import hazelkeep.practise.RunThrough;
import hazelkeep.web.drawing.Show;
import java.util.ArrayList;
import java.util.List;

/** What became of a practice run, in sentences with their figures. */
final class GameWords {
  static final Phrases PHRASES = new Phrases(GameWords.class, "practise.properties");
  private static final double PERCENT = 100;
  private static final int CROWD = 300;

  private GameWords() {}

  /** What was won or lost at a fit, and why. */
  static List<String> end(FitGame game, Show show) {
    FitRun run = game.end();
    SneakUp s = run.end();
    Aimed aim = s.aimed();
    List<String> out = new ArrayList<>();
    String key = run.fits() ? "fit.won" : run.tooLoose() ? "fit.loose" : "fit.tight";
    String named = aim.wanted().named();
    out.add(
        PHRASES.of(
            key,
            show.fit(run.clearance()),
            run.fits() ? named : upper(named),
            show.fit(run.tooLoose() ? aim.most() : aim.least())));
    long measured = s.taken().stream().filter(t -> t.seen().what().reading()).count();
    out.add(PHRASES.of("fit.why.measured", measured, run.cuts(), run.trials()));
    out.add(
        PHRASES.of(
            "fit.why.thought",
            show.fit(s.belief().clearance()),
            show.fit(2 * s.belief().spread())));
    if (!run.fits()) {
      why(game, s, show, out);
    }
    FitGame.Crowd c = game.crowd(CROWD);
    out.add(
        PHRASES.of(
            "fit.led",
            game.manner().word(),
            Rounding.text(PERCENT * c.fits(), 0),
            Rounding.text(PERCENT * c.loose(), 1),
            Rounding.text(c.cuts(), 1),
            Rounding.text(c.trials(), 1)));
    return out;
  }

  private static void why(FitGame game, SneakUp s, Show show, List<String> out) {
    Aimed aim = s.aimed();
    What stays = aim.recessCut() ? What.ROOT : What.RECESS;
    if (s.taken().stream().filter(t -> t.seen().what() == stays).count() < 2) {
      out.add(PHRASES.of("fit.why.unmeasured"));
    }
    double[] bold = game.bold();
    if (bold[0] > bold[1] && bold[0] > 0) {
      out.add(
          PHRASES.of(
              "fit.why.bold",
              show.fit(bold[0]),
              Rounding.text(aim.practice().of(Line.SNEAK_RISK), 1),
              show.fit(bold[1])));
    }
    if (aim.lidIsTheGauge() && s.taken().stream().noneMatch(t -> t.seen().what().trial())) {
      out.add(
          PHRASES.of(
              "fit.why.untried", show.fit(4 * Math.sqrt(2) * aim.practice().of(Line.READ_FIT))));
    }
  }

  private static String upper(String s) {
    return s.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + s.substring(1);
  }

  /** What became of a whole piece: its sizes in a sentence, then its fits. */
  static List<String> run(RunThrough run, Show show) {
    List<String> out = new ArrayList<>();
    out.add(
        run.off() == 0
            ? PHRASES.of("run.all", run.sizes().size())
            : PHRASES.of("run.off", run.off(), run.sizes().size()));
    for (FitRun f : run.fits()) {
      out.add(
          PHRASES.of(
              "run.fit",
              upper(f.end().aimed().wanted().named()),
              show.fit(f.clearance()),
              f.cuts(),
              f.trials(),
              PHRASES.of(
                  f.fits() ? "run.fit.yes" : f.tooLoose() ? "run.fit.loose" : "run.fit.tight")));
    }
    return out;
  }
}
