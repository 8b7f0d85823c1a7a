package hazelkeep.season;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/** What keeps the air from the wood, and how far behind the air it is then. */
public enum Coat {
  BARE("bare", Line.SEASON_BARE),
  OIL("oil or wax", Line.SEASON_OIL),
  FILM("a film inside and outside", Line.SEASON_FILM);

  private final String words;
  private final Line slow;

  Coat(String words, Line slow) {
    this.words = words;
    this.slow = slow;
  }

  /** In the trade's words. */
  public String words() {
    return words;
  }

  /** How many days the wood follows the air behind. */
  public double days(Practice practice) {
    return practice.of(slow);
  }
}
