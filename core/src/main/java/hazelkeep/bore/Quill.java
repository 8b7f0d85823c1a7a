package hazelkeep.bore;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;

/**
 * The tailstock's quill with its scale.
 *
 * @param travel the last mark that it runs out to, mm
 * @param touch what the scale shows when the bit touches the wood, mm
 * @param again what it shows at each later start, mm: not below the reading at which it throws the
 *     taper out
 */
public record Quill(double travel, double touch, double again) {
  /**
   * @throws Refused when a quill can't be so, saying what would be accepted
   */
  public Quill {
    if (!(travel > 0)) {
      throw new Refused(Wording.of("quill.a-quill-that-does-not"));
    }
    if (!(touch >= 0 && touch < travel)) {
      throw new Refused(Wording.of("quill.the-reading-at-the-touch"));
    }
    if (!(again >= 0 && again < travel)) {
      throw new Refused(Wording.of("quill.the-reading-at-a-later"));
    }
  }

  /** A quill as most are set, within its own scale; one without travel is taken as 1 mm. */
  public static Quill common(double travel, Practice practice) {
    double scale = Math.max(1, travel);
    double touch = practice.of(Line.BORE_TOUCH);
    double again = practice.of(Line.BORE_AGAIN);
    return new Quill(scale, Math.min(touch, scale / 4), Math.min(again, scale / 20));
  }

  /**
   * One setting of the tailstock.
   *
   * @param start what the scale shows before the cut, mm
   * @param stop what it shows at the end of the cut, mm
   * @param depth how deep the hole then is, mm
   */
  public record Setting(double start, double stop, double depth) {}

  /** How often the tailstock is set for a depth, mm. */
  public int settings(double depth) {
    double rest = depth - (travel - touch);
    return 1 + (int) Math.max(0, Math.ceil(rest / (travel - again) - 1e-9));
  }

  /** Every setting for a depth, mm, with its start and its stop. */
  public List<Setting> to(double depth) {
    List<Setting> out = new ArrayList<>();
    double done = 0;
    double start = touch;
    for (int i = settings(depth); i > 0; i--) {
      double cut = Math.min(depth - done, travel - start);
      done += cut;
      out.add(new Setting(start, start + cut, done));
      start = again;
    }
    return out;
  }
}
