package hazelkeep.piece;

import static hazelkeep.route.Acts.read;
import static hazelkeep.route.Acts.remove;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Steps that every kind's recipe has in common, with their words. */
public final class RecipeSteps {
  /** How far beside the blank a cut reaches, mm. */
  private static final double BEYOND = 10;

  private final Aim aim;
  private final String calipers;
  private final double far;

  /** For a piece and a shop. */
  public RecipeSteps(Aim aim, Shop shop) {
    this.aim = aim;
    this.calipers = shop.caliper().name();
    this.far = StockRules.far(aim.mm(StockRules.ACROSS), aim.off()) + BEYOND;
  }

  /** The blank brought to a cylinder between centres. */
  public void round(SetupDraft s, String part) {
    round(s, part, -BEYOND);
  }

  /**
   * The same, what lies below a height left as it grew.
   *
   * @param from that height, in the blank's z
   */
  public void round(SetupDraft s, String part, double from) {
    boolean all = from <= 0;
    s.step(
        "round",
        "Round the blank",
        Wording.of(all ? "any.turn-it-by-hand-first" : "recipeSteps.down-to-what-grew"),
        Speeds.At.TURNING,
        remove(
            part,
            HalfSection.box(
                    from, aim.mm(StockRules.LENGTH) + BEYOND, aim.mm(StockRules.ROUND) / 2, far)
                .minus(all ? HalfSection.EMPTY : aim.part(part).target())),
        read(
            StockRules.ROUND,
            calipers,
            all ? "at both ends" : "where it is rounded",
            aim.custom(Line.STOCK_ROUNDED),
            aim.custom(Line.STOCK_ROUNDED)));
  }

  /** A tenon to be cut at an end: where its region is, and which way the blank ends. */
  private HalfSection around(String part, String stub) {
    HalfSection tenon = aim.part(part).stub(stub).region();
    return HalfSection.box(tenon.minZ(), tenon.maxZ(), 0, far).minus(tenon);
  }

  /**
   * Both ends faced, and a tenon cut at each.
   *
   * @param foot the part at the foot end and its stub
   * @param top the part at the other end and its stub
   * @param within what a tenon may be off, mm
   */
  public void tenons(SetupDraft s, String foot, String stub, String top, double within) {
    double from = aim.part(foot).stub(stub).region().minZ();
    double to = aim.part(top).stub("tenon").region().maxZ();
    s.step(
        "tenons",
        Wording.of("recipeSteps.face-both-ends-cut-both"),
        Wording.of("any.a-dovetailed-tenon-at-each"),
        Speeds.At.TURNING,
        remove(
            foot,
            HalfSection.box(-BEYOND, from, 0, far)
                .plus(HalfSection.box(to, aim.mm(StockRules.LENGTH) + BEYOND, 0, far))),
        remove(foot, around(foot, stub).plus(around(top, "tenon"))),
        read(new DimKey("tenon-foot.diameter"), calipers, "across its widest", within, within),
        read(new DimKey("tenon-top.diameter"), calipers, "across its widest", within, within));
  }

  /**
   * A pencil line across the join.
   *
   * @param called the other part in the trade's words
   */
  public static void grain(SetupDraft s, String one, String other, String called) {
    s.step(
        "grain mark",
        "Mark the grain",
        Wording.of("recipeSteps.draw-a-pencil-line-across", called),
        Speeds.At.TURNING,
        new Act.Mark(one, "grain"),
        new Act.Mark(other, "grain"));
  }

  /**
   * A step for every bit that is set; one that goes on deeper with the same bit is one step.
   *
   * @param hole what a pass takes
   * @param reads what is measured after it
   */
  public static void bits(
      SetupDraft s,
      String part,
      BoringPlan plan,
      Function<Pass, HalfSection> hole,
      Function<Pass, Optional<Act.Read>> reads) {
    int no = 0;
    for (Pass p : plan.set()) {
      no++;
      List<Act> acts = new ArrayList<>();
      acts.add(remove(part, hole.apply(p)));
      reads.apply(p).ifPresent(acts::add);
      s.bore(
          "bit " + no,
          "Bore with the " + p.bit().name(),
          Wording.of(
              "recipeSteps.tailstock-locked-chips-cleared-depths",
              p.often(),
              p.extension().map(e -> ", then on the " + e.name()).orElse("")),
          p.bit(),
          acts.toArray(Act[]::new));
    }
  }

  /** Whether something is left to open with a tool. */
  public static boolean opens(BoringPlan plan) {
    return plan.passes().isEmpty() || plan.passes().stream().anyMatch(p -> p.open() > 0);
  }
}
