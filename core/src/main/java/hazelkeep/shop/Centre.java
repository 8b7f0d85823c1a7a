package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * A drive or tail centre.
 *
 * @param name as the turner calls it
 * @param form what it looks like
 * @param dimple depth of the mark it leaves, mm; 0 for one that leaves none
 * @param dimpleRadius radius of the mark at the surface, mm
 * @param radius how much room it takes round the axis, mm
 */
public record Centre(String name, Form form, double dimple, double dimpleRadius, double radius) {
  /** What a centre looks like. */
  public enum Form {
    DRIVE("drive centre"),
    LIVE("live centre"),
    CONE("60-degree cone"),
    HOLLOW("hollow centre"),
    PADDED("padded centre"),
    LIGHT("light-running centre");

    private final String words;

    Form(String words) {
      this.words = words;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }
  }

  /**
   * @throws Refused when a centre can't be so, saying what would be accepted
   */
  public Centre {
    name = Checks.name(name);
    Checks.mm("The mark's depth", dimple, 0, 30);
    Checks.mm("The mark's radius", dimpleRadius, 0, 60);
    Checks.mm("The room round the axis", radius, 1, 100);
  }
}
