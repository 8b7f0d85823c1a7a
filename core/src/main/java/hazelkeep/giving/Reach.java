package hazelkeep.giving;

import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import java.util.ArrayList;
import java.util.List;

/**
 * How far customs may go to give way.
 *
 * @param grade from which on something found has to give way
 * @param looks whether sizes may move that follow others for their looks
 * @param times how many times as large or small a size may become
 */
record Reach(Grade grade, boolean looks, double times) {
  /** A size gives way by a factor, where that will not do by its second and its third power. */
  private static final int TIMES = 3;

  /** All of them, the least first. */
  static List<Reach> all(Trial<?> trial) {
    List<Reach> out = new ArrayList<>();
    for (int i = 1; i <= TIMES; i++) {
      for (Grade grade : List.of(Grade.WATCH, Grade.STOP)) {
        out.add(new Reach(grade, false, times(trial, i)));
        out.add(new Reach(grade, true, times(trial, i)));
      }
    }
    return out;
  }

  /** As far as anything may go so that nothing stops, then less far, at last not at all. */
  static List<Reach> down(Trial<?> trial) {
    return List.of(
        widest(trial, true),
        new Reach(Grade.STOP, false, times(trial, 1)),
        new Reach(Grade.STOP, false, 1));
  }

  /** How many times as large or small a size may become. */
  private static double times(Trial<?> trial, int power) {
    return Math.pow(trial.shop().custom(Line.FIRM_GIVES), power);
  }

  /** As far as anything may go so that nothing stops. */
  static Reach widest(Trial<?> trial, boolean looks) {
    return new Reach(Grade.STOP, looks, times(trial, TIMES));
  }
}
