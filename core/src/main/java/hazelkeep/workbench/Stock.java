package hazelkeep.workbench;

import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;

/**
 * The blank as it was when its first step was done.
 *
 * @param sound wood at every angle
 * @param swept wood at some angle
 */
public record Stock(HalfSection sound, HalfSection swept) {
  static Stock of(Body blank) {
    return new Stock(blank.sound(), blank.swept());
  }
}
