package hazelkeep.route;

import hazelkeep.hold.Work;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * One step played: the wood before and after.
 *
 * @param setup how it is held
 * @param step what is done
 * @param before the wood before
 * @param after the wood after
 * @param aim what it is to become
 * @param mounted what is mounted before the step
 * @param left what is mounted after the step
 * @param freeLength how far the work stands out, mm
 * @param diameter the largest swept diameter, mm
 * @param speeds the speed window, below what the work's critical speed allows
 * @param stiffBefore how stiff the work is before the step
 * @param stiffAfter how stiff it is after the step
 */
public record Stage(
    Setup setup,
    Step step,
    State before,
    State after,
    Aim aim,
    Work mounted,
    Work left,
    double freeLength,
    double diameter,
    Optional<Speeds> speeds,
    Stiffness stiffBefore,
    Stiffness stiffAfter) {
  /** What a hold carries of the wood as it is. */
  static Work mount(Setup setup, State state, Aim aim) {
    Map<String, Part> parts = new LinkedHashMap<>();
    Map<String, Body> bodies = new LinkedHashMap<>();
    for (String name : setup.frames().keySet()) {
      Part p = aim.part(name);
      parts.put(name, p);
      state.stock(p).ifPresent(b -> bodies.put(name, b));
    }
    return new Work(parts, bodies, setup.frames(), aim.practice());
  }

  /** Whether it sets something free that was one with the work; an undercut does not. */
  public boolean parts() {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && !r.claims().isEmpty());
  }

  /** Whether it takes wood off a part. */
  public boolean cuts(String part) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && r.part().equals(part));
  }

  /** How stiff the work has become by this step; what a parting cut sets free no longer counts. */
  public Stiffness stiffness() {
    return parts() || !stiffAfter.known() ? stiffBefore : stiffAfter;
  }

  /** What this step takes off each part's stock, in the setup's frame; worked out when asked. */
  public Map<String, HalfSection> removed() {
    Map<String, HalfSection> out = new LinkedHashMap<>();
    Work was = mounted();
    Work is = left();
    for (String part : setup.frames().keySet()) {
      HalfSection gone = was.swept(part);
      for (String other : setup.frames().keySet()) {
        gone = gone.minus(is.swept(other));
      }
      for (Part p : aim.parts()) {
        Body b = after.stock(p).orElse(null);
        if (b != null && !setup.frames().containsKey(p.name())) {
          gone = gone.minus(b.swept().in(setup.frames().get(part)));
        }
      }
      if (!gone.isEmpty()) {
        out.put(part, gone);
      }
    }
    return out;
  }
}
