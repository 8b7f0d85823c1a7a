package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Touch;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.shop.Centre;
import hazelkeep.solid.Frame;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.Optional;

/** What a cone in the tailstock comes up to. */
record AtTheTail(Aim aim) {
  /** A surface is touched where the mouth's edge lies as near to it as this, mm. */
  private static final double NEAR = 0.5;

  /** What is told of a cone: that there is no mouth for it, or that the mouth's rim is finished. */
  Optional<Verdict> cone(Hold hold, Work work, State state) {
    if (hold.tail().filter(c -> c.form() == Centre.Form.CONE).isEmpty()) {
      return Optional.empty();
    }
    double edge = work.most() - Touch.PROBE;
    double open = work.distinct().stream().mapToDouble(p -> work.inner(p, edge)).max().orElse(0);
    if (open <= 0) {
      return Optional.of(Entry.CONE_NO_MOUTH.told(Grade.STOP));
    }
    boolean finished =
        aim.parts().stream()
            .filter(p -> work.frames().containsKey(p.name()))
            .flatMap(p -> p.surfaces().stream().filter(s -> touches(s, p, work, open)))
            .anyMatch(s -> state.surf(s.id()).coated());
    return finished ? Optional.of(Entry.CONE_ON_RIM.told(Grade.NOTE)) : Optional.empty();
  }

  private static boolean touches(Surface s, Part p, Work work, double open) {
    Frame f = work.frames().get(p.name());
    return s.line().points().stream()
        .anyMatch(x -> Math.abs(f.x(x.z()) - work.most()) < NEAR && Math.abs(x.r() - open) < NEAR);
  }
}
