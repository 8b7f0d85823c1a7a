package hazelkeep.element;

/**
 * The tool that cuts captive rings free.
 *
 * @param how how it gets under them
 * @param thick its thickness, mm; a hook's shank and the hook itself are as thick
 * @param play of it in the slot, along the axis, mm
 * @param past how far its tip goes beyond a ring's middle, mm
 */
public record RingTool(How how, double thick, double play, double past) {
  /** How a tool gets under a ring. */
  public enum How {
    /** A straight one leans in from both sides. */
    STRAIGHT,
    /** A hook goes in flat through the slot and is drawn under the ring, from both sides. */
    HOOKED;

    /** What a file says; files from before there was a choice know the straight tool alone. */
    public static How or(How said) {
      return said == null ? STRAIGHT : said;
    }
  }

  /** Whether it is a hook. */
  boolean hooked() {
    return how == How.HOOKED;
  }

  /**
   * The narrowest slot that it goes into, mm: a hook with its shank, the hook half a ring long and
   * past its middle.
   *
   * @param width of a ring, mm
   */
  double slot(double width) {
    return thick + play + (hooked() ? width / 2 + past : 0);
  }
}
