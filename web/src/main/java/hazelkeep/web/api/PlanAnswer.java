package hazelkeep.web.api;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Properties;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Finding;
import hazelkeep.route.FitSteps;
import hazelkeep.route.Remedy;
import hazelkeep.route.Stage;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Bench;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A plan as it is answered. All lengths in mm.
 *
 * @param kind the kind of piece
 * @param dimensions every dimension by its key
 * @param budget the blank's length, each stretch named, from the foot end
 * @param properties what the finished piece is like
 * @param parts what is to be made
 * @param joints where parts meet in a fit
 * @param route holds and steps, what is left of them when facts were given
 * @param findings what would go wrong
 * @param done steps done and not owed again; empty without facts
 */
record PlanAnswer(
    String kind,
    Map<String, Dimension> dimensions,
    List<StickPiece> budget,
    Properties properties,
    List<PartAnswer> parts,
    List<JointAnswer> joints,
    List<SetupAnswer> route,
    List<FindingAnswer> findings,
    List<String> done) {

  /** A dimension with where it comes from. */
  record Dimension(
      String label,
      double mm,
      double planned,
      double due,
      String hedge,
      String origin,
      String reason,
      List<String> from) {}

  /** A part: its volume, its mass where the density is known, its surfaces' lengths. */
  record PartAnswer(
      String name, double volume, double from, double to, Map<String, Double> surfaces) {}

  /** A joint. */
  record JointAnswer(
      String name,
      String outer,
      String inner,
      double recess,
      double spigot,
      double clearance,
      String fit) {}

  /** A hold with its steps. */
  record SetupAnswer(
      String name, String title, String hold, boolean tail, List<StepAnswer> steps) {}

  /** A step with what it leaves. */
  record StepAnswer(
      String key,
      String title,
      double freeLength,
      double diameter,
      double[] rpm,
      List<PromptAnswer> prompts,
      List<Double> ladder,
      Map<String, Double> stock) {}

  /** Something to measure: the true length and what the device shows. */
  record PromptAnswer(
      String what,
      String gauge,
      double target,
      double shows,
      String where,
      double least,
      double most) {}

  /** A finding with its numbers. */
  record FindingAnswer(
      String code,
      String grade,
      double found,
      double limit,
      String unit,
      String title,
      String why,
      String advice,
      String step,
      String part,
      Point where,
      List<Remedy> remedies) {}

  static <D extends Design> PlanAnswer of(Plan<D> plan, Bench<D> bench) {
    Map<String, Dimension> dims = new TreeMap<>();
    for (Dim d : plan.aim().dims().values()) {
      dims.put(
          d.key().path(),
          new Dimension(
              d.label(),
              d.mm(),
              d.planned().mm(),
              d.due().mm(),
              d.hedge().name().toLowerCase(java.util.Locale.ROOT),
              d.origin().name().toLowerCase(java.util.Locale.ROOT),
              d.reason(),
              d.from().stream().map(k -> k.path()).sorted().toList()));
    }
    List<PartAnswer> parts = new ArrayList<>();
    for (Part p : plan.aim().parts()) {
      Map<String, Double> lines = new LinkedHashMap<>();
      p.surfaces().forEach(s -> lines.put(s.id().name(), s.line().length()));
      parts.add(
          new PartAnswer(
              p.name(), p.target().volume(), p.target().minZ(), p.target().maxZ(), lines));
    }
    List<JointAnswer> joints =
        plan.aim().joints().stream()
            .map(
                j -> {
                  double recess = plan.aim().dims().get(j.recess()).mm();
                  double spigot = plan.aim().dims().get(j.spigot()).mm();
                  return new JointAnswer(
                      j.name(),
                      j.outer().toString(),
                      j.inner().toString(),
                      recess,
                      spigot,
                      recess - spigot,
                      j.use().word());
                })
            .toList();
    return new PlanAnswer(
        plan.kind().name(),
        dims,
        plan.sketch().stick(),
        plan.sketch().properties(),
        parts,
        joints,
        route(plan),
        plan.findings().stream().map(PlanAnswer::finding).toList(),
        bench == null ? List.of() : bench.done().stream().map(k -> k.path()).sorted().toList());
  }

  private static List<SetupAnswer> route(Plan<?> plan) {
    List<SetupAnswer> out = new ArrayList<>();
    for (var setup : plan.rehearsal().route().setups()) {
      List<StepAnswer> steps = new ArrayList<>();
      for (Stage s : plan.rehearsal().stages()) {
        if (s.setup() == setup) {
          steps.add(step(plan, s));
        }
      }
      out.add(
          new SetupAnswer(
              setup.name(),
              setup.title(),
              setup.hold().words(),
              setup.hold().tail().isPresent(),
              steps));
    }
    return out;
  }

  private static StepAnswer step(Plan<?> plan, Stage s) {
    List<PromptAnswer> prompts =
        plan.prompts(s.step()).stream()
            .map(
                p ->
                    new PromptAnswer(
                        p.dim().key().path(),
                        p.gauge().name(),
                        p.target(),
                        p.shows(),
                        p.where(),
                        p.least(),
                        p.most()))
            .toList();
    Map<String, Double> stock = new LinkedHashMap<>();
    for (Body b : s.after().bodies().values()) {
      stock.put(b.name(), b.sound().volume());
    }
    return new StepAnswer(
        s.step().key().path(),
        s.step().title(),
        s.freeLength(),
        s.diameter(),
        s.speeds().map(w -> new double[] {w.from(), w.to(), w.ceiling()}).orElse(null),
        prompts,
        FitSteps.ladder(s)
            .map(l -> l.rungs().stream().map(x -> x.diameter()).toList())
            .orElse(List.of()),
        stock);
  }

  private static FindingAnswer finding(Finding f) {
    return new FindingAnswer(
        f.code(),
        f.grade().name().toLowerCase(java.util.Locale.ROOT),
        f.verdict().found(),
        f.verdict().limit(),
        f.verdict().unit(),
        f.verdict().title(),
        f.verdict().why(),
        f.advice(),
        f.at().map(k -> k.path()).orElse(null),
        f.part(),
        f.where().orElse(null),
        f.remedies());
  }
}
