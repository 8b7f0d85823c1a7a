package hazelkeep.practise;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A route of the starter shop in which one step stands in the wrong place.
 *
 * @param plan the route as it is put, with what stands in its way
 * @param planted the move that spoils it
 */
public record OutOfOrder(Plan<?> plan, RouteEdit planted) {
  private static final int TRIES = 60;

  /** Nearer than this a step that moves spoils nothing worth finding. */
  private static final int APART = 2;

  /**
   * The one of a day; the same day has the same one.
   *
   * @param day counted from anywhere
   */
  public static OutOfOrder of(long day) {
    int n = Kinds.ALL.size();
    for (int i = 0; i < n; i++) {
      Kind<?> kind = Kinds.ALL.get((int) Math.floorMod(day + i, (long) n));
      Optional<OutOfOrder> found = of(kind, new Random(day));
      if (found.isPresent()) {
        return found.get();
      }
    }
    throw new IllegalStateException("No route can be spoilt");
  }

  private static <D extends Design> Optional<OutOfOrder> of(Kind<D> kind, Random chance) {
    Plan<D> sound = plan(kind, List.of());
    List<Step> steps = sound.route().steps();
    if (sound.stops() > 0) {
      return Optional.empty();
    }
    for (int i = 0; i < TRIES; i++) {
      int what = 1 + chance.nextInt(steps.size() - 1);
      int after = chance.nextInt(steps.size());
      if (Math.abs(what - after) <= APART) {
        continue;
      }
      RouteEdit move = new RouteEdit.MoveAfter(steps.get(what).key(), steps.get(after).key());
      try {
        Plan<D> spoilt = plan(kind, List.of(move));
        OutOfOrder riddle = new OutOfOrder(spoilt, move);
        // It can be put right: back after the step that it followed.
        if (spoilt.stops() > 0
            && riddle.solvedBy(steps.get(what).key(), steps.get(what - 1).key())) {
          return Optional.of(riddle);
        }
      } catch (BadDesign e) {
        // A route that can't even be played is no riddle.
        continue;
      }
    }
    return Optional.empty();
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, List<RouteEdit> edits) {
    return Plan.of(kind, kind.fresh(), Shop.starter(), edits);
  }

  /** The route with a step moved: what the rehearsal says of it then. */
  public Plan<?> moved(StepKey what, StepKey after) {
    List<RouteEdit> edits = new ArrayList<>(plan.edits());
    edits.add(new RouteEdit.MoveAfter(what, after));
    return plan(plan.kind(), edits);
  }

  /** Whether a step that is moved puts it right: nothing stands in the way any more. */
  public boolean solvedBy(StepKey what, StepKey after) {
    return moved(what, after).stops() == 0;
  }
}
