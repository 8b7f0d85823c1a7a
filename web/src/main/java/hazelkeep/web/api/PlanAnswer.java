package hazelkeep.web.api;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Design;
import hazelkeep.piece.Gave;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Properties;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.Walls;
import hazelkeep.route.Finding;
import hazelkeep.route.FitSteps;
import hazelkeep.route.Joint;
import hazelkeep.route.LastChance;
import hazelkeep.route.Prompt;
import hazelkeep.route.Remedy;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.setout.SetOut;
import hazelkeep.shop.Extension;
import hazelkeep.solid.Point;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.web.drawing.Show;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Bench;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * A plan as it is answered. All lengths in mm.
 *
 * @param kind the kind of piece
 * @param design what was planned, with the remedies that were applied
 * @param letGo stated sizes that a remedy took back
 * @param dimensions every dimension by its key
 * @param gaveWay what is customary and gave way to what was stated
 * @param budget the blank's length, each stretch named, from the foot end
 * @param properties what the finished piece is like
 * @param parts what is to be made
 * @param joints where parts meet in a fit
 * @param boring which bit goes how deep, and by how much it may drift
 * @param route holds and steps, what is left of them when facts were given
 * @param findings what would go wrong
 * @param done steps done and not owed again; empty without facts
 */
record PlanAnswer(
    String kind,
    Design design,
    List<String> letGo,
    Map<String, Dimension> dimensions,
    Gave gaveWay,
    List<StickPiece> budget,
    Properties properties,
    List<PartAnswer> parts,
    List<JointAnswer> joints,
    List<BoreAnswer> boring,
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

  /** A part: its volume, where it lies, its surfaces' lengths, its thinnest walls. */
  record PartAnswer(
      String name,
      double volume,
      double from,
      double to,
      Map<String, Double> surfaces,
      List<Walls.Least> walls) {}

  /** One bit brought to one depth. */
  record BoreAnswer(
      String part,
      String from,
      String bit,
      double diameter,
      double depth,
      double drift,
      String extension,
      boolean chuckFollows) {}

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
      String name,
      String title,
      String hold,
      boolean tail,
      List<StepAnswer> steps,
      List<ChanceAnswer> lastChances) {}

  /** What can be done in a hold and in no later one. */
  record ChanceAnswer(String part, String surface, String doing, boolean done) {}

  /** How stiff the work has become: where it is softest, and the critical speeds. */
  record StiffnessAnswer(double softest, double at, double[] criticalRpm) {}

  /** A step with what it leaves. */
  record StepAnswer(
      String key,
      String title,
      double freeLength,
      double diameter,
      double[] rpm,
      StiffnessAnswer stiffness,
      List<PromptAnswer> prompts,
      double takenOff,
      List<CutAnswer> cuts,
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
      String says,
      String why,
      String advice,
      String step,
      String part,
      String subject,
      Point where,
      List<Remedy> remedies) {}

  static <D extends Design> PlanAnswer of(Plan<D> plan, Bench<D> bench, Applied<D> applied) {
    return new PlanAnswer(
        plan.kind().name(),
        applied.design(),
        applied.letGo(),
        dimensions(plan),
        plan.sketch().gave(),
        plan.sketch().stick(),
        plan.sketch().properties(),
        parts(plan),
        joints(plan),
        boring(plan),
        route(plan),
        plan.findings().stream().map(PlanAnswer::finding).toList(),
        bench == null ? List.of() : bench.done().stream().map(k -> k.path()).sorted().toList());
  }

  private static Map<String, Dimension> dimensions(Plan<?> plan) {
    Map<String, Dimension> dims = new TreeMap<>();
    for (Dim d : plan.aim().dims().values()) {
      dims.put(
          d.key().path(),
          new Dimension(
              d.label(),
              d.mm(),
              d.planned().mm(),
              d.due().mm(),
              d.hedge().name().toLowerCase(Locale.ROOT),
              d.origin().name().toLowerCase(Locale.ROOT),
              d.reason(),
              d.from().stream().map(k -> k.path()).sorted().toList()));
    }
    return dims;
  }

  private static List<PartAnswer> parts(Plan<?> plan) {
    List<PartAnswer> parts = new ArrayList<>();
    Map<String, List<Walls.Least>> walls = new LinkedHashMap<>();
    plan.sketch().walls().forEach(w -> walls.put(w.part().name(), w.least()));
    for (Part p : plan.aim().parts()) {
      Map<String, Double> lines = new LinkedHashMap<>();
      p.surfaces().forEach(s -> lines.put(s.id().name(), s.line().length()));
      parts.add(
          new PartAnswer(
              p.name(),
              p.target().volume(),
              p.target().minZ(),
              p.target().maxZ(),
              lines,
              walls.getOrDefault(p.name(), List.of())));
    }
    return parts;
  }

  private static List<JointAnswer> joints(Plan<?> plan) {
    List<JointAnswer> out = new ArrayList<>();
    for (Joint j : plan.aim().joints()) {
      double recess = plan.aim().dims().get(j.recess()).mm();
      double spigot = plan.aim().dims().get(j.spigot()).mm();
      out.add(
          new JointAnswer(
              j.name(),
              j.outer().toString(),
              j.inner().toString(),
              recess,
              spigot,
              recess - spigot,
              j.use().word()));
    }
    return out;
  }

  private static List<BoreAnswer> boring(Plan<?> plan) {
    List<BoreAnswer> out = new ArrayList<>();
    for (Boring b : plan.sketch().boring()) {
      for (BoringPlan bore : b.plans()) {
        for (Pass p : bore.passes()) {
          out.add(
              new BoreAnswer(
                  b.part(),
                  b.from(),
                  p.bit().name(),
                  p.bit().diameter(),
                  p.depth(),
                  p.drift(),
                  p.extension().map(Extension::name).orElse(null),
                  p.chuckFollows()));
        }
      }
    }
    return out;
  }

  private static List<SetupAnswer> route(Plan<?> plan) {
    List<SetupAnswer> out = new ArrayList<>();
    List<LastChance> chances = plan.rehearsal().lastChances(plan.shop());
    List<Setup> setups = plan.rehearsal().route().setups();
    for (int i = 0; i < setups.size(); i++) {
      Setup setup = setups.get(i);
      int no = i;
      List<StepAnswer> steps =
          plan.rehearsal().stages().stream()
              .filter(s -> s.setup() == setup)
              .map(s -> step(plan, s))
              .toList();
      out.add(
          new SetupAnswer(
              setup.name(),
              setup.title(),
              plan.words(setup.hold()),
              setup.hold().tail().isPresent(),
              steps,
              chances.stream().filter(c -> c.setup() == no).map(PlanAnswer::chance).toList()));
    }
    return out;
  }

  private static ChanceAnswer chance(LastChance c) {
    return new ChanceAnswer(
        c.surface().part(),
        c.surface().name(),
        c.doing().name().toLowerCase(Locale.ROOT),
        c.done());
  }

  private static StiffnessAnswer stiffness(Stage s) {
    Stiffness k = s.stiffness();
    if (!k.known()) {
      return null;
    }
    int at = k.weakest(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    return new StiffnessAnswer(k.held()[at], k.z()[at], k.criticals());
  }

  private static StepAnswer step(Plan<?> plan, Stage s) {
    List<PromptAnswer> prompts = plan.prompts(s.step()).stream().map(PlanAnswer::prompt).toList();
    SetOut setOut = SetOut.of(s);
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
        stiffness(s),
        prompts,
        setOut.takenOff(),
        CutAnswer.of(setOut),
        FitSteps.ladder(s)
            .map(l -> l.rungs().stream().map(x -> x.diameter()).toList())
            .orElse(List.of()),
        stock);
  }

  private static PromptAnswer prompt(Prompt p) {
    return new PromptAnswer(
        p.dim().key().path(),
        p.gauge().name(),
        p.target(),
        p.shows(),
        p.where(),
        p.least(),
        p.most());
  }

  private static FindingAnswer finding(Finding f) {
    return new FindingAnswer(
        f.code(),
        f.grade().name().toLowerCase(Locale.ROOT),
        f.verdict().found(),
        f.verdict().limit(),
        f.verdict().unit(),
        f.verdict().title(),
        new Show(Unit.MM).says(f.verdict()),
        f.verdict().why(),
        f.advice(),
        f.at().map(k -> k.path()).orElse(null),
        f.part(),
        f.subject().isEmpty() ? null : f.subject(),
        f.where().orElse(null),
        f.remedies());
  }
}
