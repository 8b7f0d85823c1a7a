package hazelkeep.route;

import hazelkeep.hold.Hold;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.wood.Doing;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A route played on the stock.
 *
 * @param aim what was aimed at
 * @param route what was played
 * @param stages one for each step
 * @param end the wood after the last step
 * @param findings what would go wrong, in the order it shows
 */
public record Rehearsal(
    Aim aim, Route route, List<Stage> stages, State end, List<Finding> findings) {
  /** Plays a route from a state of the wood. Never throws for a bad plan: it reports. */
  public static Rehearsal play(State start, Route route, Aim aim, Shop shop) {
    return new Player(aim, shop).play(start, route);
  }

  /** Does one step as it was frozen in a log, without judging it. */
  public static State perform(State before, Step step, Aim aim, Shop shop) {
    return new Player(aim, shop).perform(before, step);
  }

  /** The marks that mounting leaves in the wood, as cuts. */
  public static List<Act> marks(State state, Setup setup, Aim aim, Shop shop) {
    List<Act> out = new ArrayList<>();
    for (Hold.Trace t : setup.hold().traces(Stage.mount(setup, state, aim), shop)) {
      out.add(Acts.remove(t.part(), t.dent()));
    }
    return List.copyOf(out);
  }

  /** What can be done in each setup and in no later one; worked out when asked. */
  public List<LastChance> lastChances(Shop shop) {
    return new Gates(this, new Reaching(shop, aim)).lastChances();
  }

  /** With which tools a surface is cut to size, sanded and finished on the lathe, in this order. */
  public List<Worked> worked(SurfaceId id, Shop shop) {
    Reaching reaching = new Reaching(shop, aim);
    List<Worked> out = new ArrayList<>();
    for (Stage s : stages) {
      for (Act act : s.step().acts()) {
        Doing doing =
            act instanceof Act.Remove r && r.bares().contains(id)
                ? Doing.CUT
                : act instanceof Act.Sand a && a.on().equals(id) ? Doing.SAND : null;
        if (doing != null && s.setup().hold().onLathe()) {
          Reaching.Answer a = reaching.full(s.setup(), leaving(s), aim.surface(id), doing);
          String with = a.tool().map(Tool::name).orElse("");
          a.best().ifPresent(b -> out.add(new Worked(doing, with, b.open() / b.whole(), s.step())));
        }
      }
    }
    return List.copyOf(out);
  }

  /** With which tools of the shop a step cuts, as it names or as they reach what it bares. */
  public List<String> tools(Stage stage, Shop shop) {
    return approaches(stage, shop).stream()
        .map(Approach::tool)
        .filter(t -> !t.isEmpty())
        .distinct()
        .toList();
  }

  /** How the tools of the shop come to what a step cuts, in the setup's frame. */
  public List<Approach> approaches(Stage stage, Shop shop) {
    return new Approaches(stage, leaving(stage), shop).all();
  }

  /** The wood as it leaves a stage's hold: later cuts there may open a surface further. */
  private State leaving(Stage stage) {
    return stages.stream()
        .filter(s -> s.setup() == stage.setup())
        .reduce((a, b) -> b)
        .map(Stage::after)
        .orElse(stage.after());
  }

  /** The stage of a step. */
  public Optional<Stage> stage(StepKey key) {
    return stages.stream().filter(s -> s.step().key().equals(key)).findFirst();
  }
}
