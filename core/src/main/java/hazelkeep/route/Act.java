package hazelkeep.route;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Hole;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Set;

/** One thing done to the work. */
public sealed interface Act {
  /** The part that it is done to; empty where it is done to more than one. */
  default String part() {
    return "";
  }

  /**
   * Wood taken off.
   *
   * @param part the part aimed at; its stock is cut, which may still be the whole blank
   * @param region what goes, in the blank's z
   * @param bares surfaces that are finished to size by this cut
   * @param claims what becomes of the pieces; empty when nothing comes loose
   */
  record Remove(String part, HalfSection region, Set<SurfaceId> bares, List<Claim> claims)
      implements Act {}

  /**
   * Something let in and glued: from then on it is the part's own wood.
   *
   * @param part the part
   * @param region what it fills, in the blank's z, with what is left on it to be levelled
   * @param what what is let in
   */
  record LetIn(String part, HalfSection region, String what) implements Act {}

  /**
   * A surface sanded.
   *
   * @param on the surface
   * @param grit the finest grit used
   */
  record Sand(SurfaceId on, int grit) implements Act {
    @Override
    public String part() {
      return on.part();
    }
  }

  /**
   * A surface coated.
   *
   * @param on the surface
   * @param product the finish
   */
  record Coat(SurfaceId on, String product) implements Act {
    @Override
    public String part() {
      return on.part();
    }
  }

  /**
   * Something bought glued to a surface. It is no wood of the part: what it is screwed or plugged
   * into is drawn beside it.
   *
   * @param on the surface
   * @param what what is glued to it
   */
  record Glue(SurfaceId on, String what) implements Act {
    @Override
    public String part() {
      return on.part();
    }
  }

  /**
   * A mark on the wood.
   *
   * @param part the part
   * @param text what it says
   */
  record Mark(String part, String text) implements Act {}

  /**
   * A hole drilled from outside into the hollow.
   *
   * @param part the part
   * @param hole where and how wide, in the blank's z
   */
  record Drill(String part, Hole hole) implements Act {}

  /**
   * A size measured.
   *
   * @param what the dimension
   * @param gauge with which device
   * @param where in words
   * @param under how much smaller than the target will do, mm
   * @param over how much larger than the target will do, mm
   */
  record Read(DimKey what, String gauge, String where, double under, double over) implements Act {}

  /**
   * A fit tried.
   *
   * @param joint the joint's name
   * @param jam whether to the jam class that drives the lid, else to the class of use
   */
  record Try(String joint, boolean jam) implements Act {}
}
