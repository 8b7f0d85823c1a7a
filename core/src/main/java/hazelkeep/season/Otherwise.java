package hazelkeep.season;

import hazelkeep.air.Climate;
import hazelkeep.air.Movement;
import hazelkeep.air.Rings;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something that would be done otherwise, with what the year is then.
 *
 * @param how what
 * @param fit the class that is then wanted
 * @param today what may be cut today
 */
public record Otherwise(How how, FitClass fit, Year.Today today) {
  /** What can be done otherwise. */
  public enum How {
    GRAIN_LINED_UP,
    ONE_WOOD,
    ONE_PIECE,
    FILM,
    CALMER_WOOD,
    LOOSER
  }

  /**
   * Everything that would change something, each tried by itself.
   *
   * @param calmer a wood that moves less, tried for both halves
   */
  public static List<Otherwise> all(
      Pairing joint, Climate climate, Practice practice, Optional<Movement> calmer) {
    List<Otherwise> out = new ArrayList<>();
    Half o = joint.outer();
    Half i = joint.inner();
    Half lined = new Half(i.wood(), i.moisture(), o.rings(), i.slow());
    if (!o.rings().equals(i.rings())) {
      out.add(tried(How.GRAIN_LINED_UP, joint.of(o, lined), climate, practice));
    }
    if (!o.wood().equals(i.wood())) {
      out.add(tried(How.ONE_WOOD, joint.of(o, otherWood(i, o)), climate, practice));
      out.add(tried(How.ONE_PIECE, joint.of(o, o), climate, practice));
    }
    double film = practice.of(Line.SEASON_FILM);
    if (o.slow() < film || i.slow() < film) {
      out.add(tried(How.FILM, joint.of(o.slowed(film), i.slowed(film)), climate, practice));
    }
    calmer.ifPresent(
        m -> out.add(tried(How.CALMER_WOOD, joint.of(of(o, m), of(i, m)), climate, practice)));
    looser(joint, climate, practice).ifPresent(out::add);
    return out;
  }

  private static Half of(Half half, Movement wood) {
    return new Half(wood, half.moisture(), half.rings(), half.slow());
  }

  private static Half otherWood(Half half, Half like) {
    return new Half(like.wood(), like.moisture(), half.rings(), half.slow());
  }

  /** The next looser class of lids that stays what it is all year. */
  private static Optional<Otherwise> looser(Pairing joint, Climate climate, Practice practice) {
    for (FitClass f : FitClass.values()) {
      if (f.ofLids() && f.compareTo(joint.wanted()) > 0) {
        Otherwise o = tried(How.LOOSER, joint.wanting(f), climate, practice);
        if (o.today.holds()) {
          return Optional.of(o);
        }
      }
    }
    return Optional.empty();
  }

  private static Otherwise tried(How how, Pairing joint, Climate climate, Practice practice) {
    return new Otherwise(how, joint.wanted(), Year.of(joint, climate).today(practice));
  }

  /**
   * How far the spigot may be turned against the recess before the joint binds at some moisture,
   * degrees: halves of one wood and one moisture, a clearance of c, bind at asin(c / (D |e_T -
   * e_R|)). Ninety where it never does.
   */
  public static double bindsAt(Pairing joint, double moisture) {
    Half o = joint.outer();
    double strain =
        Math.abs(
            o.wood().tangentially(o.moisture(), moisture)
                - o.wood().radially(o.moisture(), moisture));
    double sine = joint.clearance() / (joint.diameter() * strain);
    return sine >= 1 ? QUARTER : Math.toDegrees(Math.asin(Math.max(0, sine)));
  }

  private static final double QUARTER = 90;

  /** Rings so far from the pith that they are straight, turned by so many degrees. */
  public static Rings straight(double degrees) {
    return new Rings(Double.POSITIVE_INFINITY, degrees);
  }
}
