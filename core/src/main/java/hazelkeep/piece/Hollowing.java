package hazelkeep.piece;

/** How a half is hollowed. */
public enum Hollowing {
  GOUGE(
      "Gouge from the centre", "No bit but the depth hole: cuts with the grain, centre outwards."),
  DRILL("Drill, then gouge", "A middling bit takes the middle out; the gouge opens it."),
  FORSTNER("Forstner to width, clean up", "The widest bit that goes in; little is left to turn.");

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
