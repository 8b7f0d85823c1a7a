package hazelkeep.piece;

/** How a blank is first held. */
public enum Mounting {
  CENTRES("Between centres", "The usual start: both ends come true to one another."),
  SCREW("On a screw, tail up", "Quick for short work; its hole must end in waste."),
  JAWS(
      "Straight in the jaws", "For a round limb or a turned blank; the rest is trued end for end.");

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
