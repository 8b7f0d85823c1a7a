package hazelkeep.route;

import hazelkeep.wood.Doing;
import hazelkeep.wood.SurfaceId;

/**
 * Something that can be done in this setup and in no later one.
 *
 * @param setup the setup's index in the route
 * @param surface the surface
 * @param doing what it needs
 * @param done whether the plan has done it by then
 */
public record LastChance(int setup, SurfaceId surface, Doing doing, boolean done) {
  /** Whether it is done in a state of the wood. */
  public boolean met(State state) {
    return state.surf(surface).met(doing);
  }
}
