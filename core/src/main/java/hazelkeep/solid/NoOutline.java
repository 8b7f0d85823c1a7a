package hazelkeep.solid;

import hazelkeep.measure.Refused;

/**
 * A line that bounds no region: it crosses itself or runs back along the axis. Sizes that fit one
 * by one can still meet so; any other bad argument is an error of the program.
 */
public final class NoOutline extends Refused {
  /**
   * @param message what is wrong with the line
   */
  NoOutline(String message) {
    super(message);
  }
}
