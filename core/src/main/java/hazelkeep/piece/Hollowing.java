package hazelkeep.piece;

import hazelkeep.measure.Wording;

/** How a half is hollowed. */
public enum Hollowing {
  GOUGE("Gouge from the centre", Wording.of("hollowing.no-bit-but-the-depth")),
  DRILL("Drill, then gouge", Wording.of("hollowing.a-middling-bit-takes-the")),
  FORSTNER("Forstner to width, clean up", Wording.of("hollowing.the-widest-bit-that-goes"));

  private final String label;
  private final String reason;

  Hollowing(String label, String reason) {
    this.label = label;
    this.reason = reason;
  }

  /** As a choice. */
  public Choice.Option option() {
    return new Choice.Option(name(), label, reason);
  }
}
