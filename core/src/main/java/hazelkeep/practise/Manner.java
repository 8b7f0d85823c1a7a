package hazelkeep.practise;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/** How a simulated hand works: what its spreads are, as many times those of Practice. */
public enum Manner {
  STEADY("steady", Line.PLAY_STEADY),
  HASTY("hasty", Line.PLAY_HASTY),
  TIRED("tired", Line.PLAY_TIRED);

  private final String word;
  private final Line spreads;

  Manner(String word, Line spreads) {
    this.word = word;
    this.spreads = spreads;
  }

  /** Its word. */
  public String word() {
    return word;
  }

  /** So many times as far as a usual hand's does its work scatter. */
  public double times(Practice practice) {
    return practice.of(spreads);
  }
}
