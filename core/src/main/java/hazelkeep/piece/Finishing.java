package hazelkeep.piece;

import hazelkeep.measure.Wording;

/** How an end of a piece is finished once its tenon is to go. */
public enum Finishing {
  ON_PARTNER("On its partner half", Wording.of("finishing.its-own-joint-is-the")),
  JAM_PLUG("Jam plug in the mouth", Wording.of("finishing.a-plug-of-waste-turned")),
  JAM_CUP("Jam cup over the spigot", Wording.of("finishing.a-recess-in-waste-over")),
  MANDREL("Kept chuck", Wording.of("finishing.a-jam-chuck-from-the")),
  EXPAND("Jaws opened in the mouth", Wording.of("finishing.quick-wants-a-stout-wall")),
  AROUND("Jaws round it, taped", Wording.of("finishing.small-jaws-on-the-spigot")),
  RECESS("Recess, finished beforehand", Wording.of("finishing.the-foot-is-made-first")),
  PRESSED("Cone and pad", Wording.of("finishing.pressed-by-the-tailstock-only")),
  SAW("Undercut, saw, sand", Wording.of("finishing.never-reversed-undercut-while-it"));

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
