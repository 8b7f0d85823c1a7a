package hazelkeep.hold;

import hazelkeep.shop.JawSet;
import hazelkeep.solid.HalfSection;

/** Who carries the work. */
public sealed interface Grip {
  /** Between the drive and the live centre. */
  record Centres() implements Grip {}

  /**
   * A tenon squeezed by jaws.
   *
   * @param part the part whose stub {@code tenon} is gripped
   * @param jaws the jaw set
   */
  record Squeeze(String part, JawSet jaws) implements Grip {}

  /**
   * A part pressed on its partner, which is itself held.
   *
   * @param guest the part that is turned
   * @param host the part that carries it
   * @param hostHeld how the host is held
   */
  record JamOn(String guest, String host, Squeeze hostHeld) implements Grip {
    /**
     * @throws IllegalArgumentException when a part is to hold itself
     */
    public JamOn {
      if (guest.equals(host) || !host.equals(hostHeld.part())) {
        throw new IllegalArgumentException("A part is jammed on another that is held itself");
      }
    }
  }

  /**
   * A part pressed on a piece of waste turned to fit it.
   *
   * @param part the part that is turned
   * @param seat the surface of the part that the chuck fills
   * @param chuck the jam chuck's half-section in the setup's frame, its face at x = 0
   */
  record JamChuck(String part, String seat, HalfSection chuck) implements Grip {}

  /** Off the lathe, by hand. */
  record Bench() implements Grip {}
}
