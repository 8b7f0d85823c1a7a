package hazelkeep.solid;

/**
 * Edges in runs of a few that follow one another, and the box round each run: most of what stands
 * far off is passed over a run at a time. What a box can't rule out is looked at edge by edge, so
 * that nothing that is found depends on them.
 */
final class Blocks {
  /** So many edges are a run. */
  private static final int RUN = 12;

  private final int count;
  private final int end;
  private final double[] box;

  /** Of edges, four numbers each. */
  Blocks(double[] e) {
    this.end = e.length;
    this.count = (e.length / 4 + RUN - 1) / RUN;
    this.box = new double[4 * count];
    for (int b = 0; b < count; b++) {
      double loZ = Double.POSITIVE_INFINITY;
      double hiZ = Double.NEGATIVE_INFINITY;
      double loR = Double.POSITIVE_INFINITY;
      double hiR = Double.NEGATIVE_INFINITY;
      for (int i = from(b); i < to(b); i += 2) {
        loZ = Math.min(loZ, e[i]);
        hiZ = Math.max(hiZ, e[i]);
        loR = Math.min(loR, e[i + 1]);
        hiR = Math.max(hiR, e[i + 1]);
      }
      box[4 * b] = loZ;
      box[4 * b + 1] = hiZ;
      box[4 * b + 2] = loR;
      box[4 * b + 3] = hiR;
    }
  }

  /** How many runs there are. */
  int count() {
    return count;
  }

  /** Where the numbers of a run begin. */
  int from(int b) {
    return 4 * RUN * b;
  }

  /** Where they end. */
  int to(int b) {
    return Math.min(end, 4 * RUN * (b + 1));
  }

  /** The run that an edge belongs to. */
  int of(int i) {
    return i / (4 * RUN);
  }

  /** The lowest z of a run. */
  double loZ(int b) {
    return box[4 * b];
  }

  /** Its highest z. */
  double hiZ(int b) {
    return box[4 * b + 1];
  }

  /** Its lowest r, below zero under the axis. */
  double loR(int b) {
    return box[4 * b + 2];
  }

  /** Its highest r. */
  double hiR(int b) {
    return box[4 * b + 3];
  }

  /** Whether a run may come so near to a point. */
  boolean near(int b, double z, double r, double by) {
    return hiZ(b) > z - by && loZ(b) < z + by && hiR(b) > r - by && loR(b) < r + by;
  }
}
