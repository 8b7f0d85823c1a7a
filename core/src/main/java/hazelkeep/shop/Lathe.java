package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.List;

/**
 * The lathe.
 *
 * @param swing largest diameter that turns over the bed, mm
 * @param between largest length between centres, mm
 * @param slowest rpm
 * @param fastest rpm
 * @param steps its fixed speeds, rpm, rising; empty when it is stepless
 * @param quillTravel how far the quill runs out, mm
 * @param spindle the spindle's thread, in words; may be empty
 * @param drawbar whether a drawbar keeps a taper in the quill
 */
public record Lathe(
    double swing,
    double between,
    double slowest,
    double fastest,
    List<Double> steps,
    double quillTravel,
    String spindle,
    boolean drawbar) {
  private static final double FASTEST = 10_000;

  /**
   * @throws Refused when a lathe can't be so, saying what would be accepted
   */
  public Lathe {
    Checks.mm("The swing", swing, 50, 2000);
    Checks.mm("The distance between centres", between, 50, 5000);
    Checks.plain("The slowest speed", slowest, 1, FASTEST, " rpm");
    Checks.plain("The fastest speed", fastest, 1, FASTEST, " rpm");
    if (slowest > fastest) {
      throw new Refused(Wording.of("lathe.the-slowest-speed-is-above"));
    }
    steps = steps == null ? List.of() : steps.stream().sorted().distinct().toList();
    steps.forEach(s -> Checks.plain("A fixed speed", s, 1, FASTEST, " rpm"));
    Checks.mm("The quill's travel", quillTravel, 0, 500);
    spindle = spindle == null ? "" : spindle.strip();
    if (spindle.length() > 40) {
      throw new Refused(Wording.of("lathe.the-spindles-thread-is-a"));
    }
  }

  /** A stepless lathe. */
  public static Lathe stepless(double swing, double between, double slowest, double fastest) {
    return new Lathe(swing, between, slowest, fastest, List.of(), 100, "", false);
  }

  /** Its fixed speeds within a window; empty for a stepless lathe, and where none lies in it. */
  public List<Double> within(Speeds window) {
    return steps.stream().filter(s -> s >= window.from() && s <= window.to()).toList();
  }

  /** The fastest of its fixed speeds that does not pass a ceiling; the slowest when all do. */
  public double atMost(double ceiling) {
    if (steps.isEmpty()) {
      return Math.max(slowest, Math.min(fastest, ceiling));
    }
    return steps.stream().filter(s -> s <= ceiling).reduce((a, b) -> b).orElse(steps.get(0));
  }
}
