package hazelkeep.piece;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice.Option;
import java.util.List;

/** By what two halves go together. */
public enum Closes {
  /** A spigot in a recess, both of the piece's own wood. */
  WOOD,
  /** A bought threaded pair: one ring glued into the recess, the other on the spigot. */
  THREAD;

  /** What a design says; wood where it says nothing. */
  public static Closes or(Closes said) {
    return said == null ? WOOD : said;
  }

  /**
   * Both decisions about how a lid goes on: by what, and where that is wood, how it fits.
   *
   * @param label of the fit
   */
  public List<Choice> choices(String label, FitClass fit) {
    return this == WOOD ? List.of(choice(), Choice.fit(label, fit)) : List.of(choice());
  }

  /** As a decision. */
  public Choice choice() {
    return Choice.of(
        "closes",
        "What it closes by",
        List.of(
            new Option("WOOD", "Wood on wood", Wording.of("closes.a-spigot-in-a-recess")),
            new Option(
                "THREAD", "A bought threaded pair", Wording.of("closes.one-ring-is-glued-into"))),
        this,
        new DimKey("recess.diameter"),
        new DimKey("spigot.diameter"));
  }
}
