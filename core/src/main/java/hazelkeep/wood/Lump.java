package hazelkeep.wood;

/**
 * Wood of one kind in what is turned: how much of it, and where its middle is along the axis.
 *
 * @param wood its species
 * @param mm3 its volume
 * @param z of its centroid, in the blank's z
 */
public record Lump(Species wood, double mm3, double z) {
  /** Its mass in grams; not a number where its density is not known. */
  public double grams() {
    return mm3 * wood.kilograms() * 1e-6;
  }
}
