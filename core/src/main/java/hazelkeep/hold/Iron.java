package hazelkeep.hold;

import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.List;

/** What of chuck and centres can be run into. */
final class Iron {
  /** How deep behind its face a chuck is drawn, mm. */
  static final double JAW_LENGTH = 35;

  /** How long a centre is drawn, mm. */
  private static final double TAIL_LENGTH = 60;

  /** Room between the wood in the jaws and their outside, mm. */
  private static final double JAW_WALL = 10;

  private Iron() {}

  /** Jaws closed round a radius, their face at zero. */
  static HalfSection round(JawSet jaws, double bite) {
    return HalfSection.box(-JAW_LENGTH, 0, bite, Math.max(jaws.body() / 2, bite + JAW_WALL));
  }

  /** Jaws opened in a bore, their step at zero. */
  static HalfSection inside(JawSet jaws, double bore, double deep) {
    return HalfSection.box(-JAW_LENGTH, 0, 0, jaws.body() / 2)
        .plus(HalfSection.box(-1, deep, 0, bore));
  }

  /** A centre: its point on the work, its shank behind. */
  static HalfSection cone(double at, int way, double radius) {
    return HalfSection.of(
        List.of(
            new Point(at, 0),
            new Point(at + way * radius, radius),
            new Point(at + way * TAIL_LENGTH, radius),
            new Point(at + way * TAIL_LENGTH, 0)));
  }

  /** The dent of a centre; empty for a padded one. */
  static Grip.Mark mark(Centre c, double at, int into) {
    HalfSection dent =
        c.dimple() == 0
            ? HalfSection.EMPTY
            : HalfSection.of(
                List.of(
                    new Point(at, 0),
                    new Point(at + into * c.dimple(), 0),
                    new Point(at, c.dimpleRadius())));
    return new Grip.Mark(dent, c.name());
  }
}
