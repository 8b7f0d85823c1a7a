package hazelkeep.piece;

import hazelkeep.measure.Wording;

/** How a blank is first held. */
public enum Mounting {
  CENTRES("Between centres", Wording.of("mounting.the-usual-start-both-ends")),
  SCREW("On a screw, tail up", Wording.of("mounting.quick-for-short-work-its")),
  JAWS("Straight in the jaws", Wording.of("mounting.for-a-round-limb-or"));

  private final String label;
  private final String reason;

  Mounting(String label, String reason) {
    this.label = label;
    this.reason = reason;
  }

  /** As a choice. */
  public Choice.Option option() {
    return new Choice.Option(name(), label, reason);
  }
}
