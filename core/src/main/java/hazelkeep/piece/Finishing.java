package hazelkeep.piece;

/** How an end of a piece is finished once its tenon is to go. */
public enum Finishing {
  ON_PARTNER("On its partner half", "Its own joint is the jam chuck: nothing else to turn."),
  JAM_PLUG("Jam plug in the mouth", "A plug of waste turned to the mouth: reaches the whole end."),
  JAM_CUP("Jam cup over the spigot", "A recess in waste, over the spigot: presses, never splits."),
  MANDREL("Kept chuck", "A jam chuck from the shelf, trued to the mouth."),
  EXPAND("Jaws opened in the mouth", "Quick; wants a stout wall round the mouth."),
  AROUND("Jaws round it, taped", "Small jaws on the spigot or rim, over tape."),
  RECESS("Recess, finished beforehand", "The foot is made first and holds the work from then on."),
  PRESSED("Cone and pad", "Pressed by the tailstock: only a nub is left for the knife."),
  SAW("Undercut, saw, sand", "Never reversed: undercut while it is held, sawn, sanded by hand.");

  private final String label;
  private final String reason;

  Finishing(String label, String reason) {
    this.label = label;
    this.reason = reason;
  }

  /** As a choice. */
  public Choice.Option option() {
    return new Choice.Option(name(), label, reason);
  }
}
