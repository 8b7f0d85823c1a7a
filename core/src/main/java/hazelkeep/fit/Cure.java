package hazelkeep.fit;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;

/**
 * What helps a fit that has become too loose.
 *
 * @param how what is done
 * @param amount how much it takes, mm: a side for a film, on the diameter for the rest; 0 for none
 * @param layers how many of them
 */
public record Cure(How how, double amount, int layers) {
  /** What may be done. */
  public enum How {
    LOOSER,
    DAMP_TISSUE,
    BURNISH,
    WAX,
    FILM,
    COLLAR
  }

  /**
   * Those that apply, the gentlest first.
   *
   * @param s a fit that went too far
   */
  public static List<Cure> of(SneakUp s) {
    Aimed aim = s.aimed();
    Practice p = aim.practice();
    double c = s.belief().clearance();
    double over = c - aim.most();
    double back = c - aim.centre();
    List<Cure> out = new ArrayList<>();
    if (aim.wanted() == FitClass.JAM) {
      double layer = p.of(Line.CURE_TISSUE);
      out.add(new Cure(How.DAMP_TISSUE, layer, (int) Math.max(1, Math.ceil(back / layer))));
    } else if (aim.wanted().ofLids() && aim.wanted() != FitClass.DROP_ON) {
      out.add(new Cure(How.LOOSER, c, 0));
    }
    if (over <= p.of(Line.CURE_BURNISH)) {
      out.add(new Cure(How.BURNISH, over, 0));
    }
    if (over <= p.of(Line.CURE_WAX)) {
      out.add(new Cure(How.WAX, over, 0));
    }
    double film = p.of(Line.CURE_FILM);
    int films = (int) Math.ceil(back / 2 / film);
    if (films <= p.of(Line.CURE_FILMS)) {
      out.add(new Cure(How.FILM, back / 2, films));
    }
    if (aim.length() > 0) {
      out.add(new Cure(How.COLLAR, p.of(Line.CURE_COLLAR), 0));
    }
    return out;
  }
}
