package hazelkeep.route;

import hazelkeep.bore.Sweep;
import hazelkeep.measure.Patience;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Tool;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Lie;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;

/**
 * A tool as it comes to the work and along it.
 *
 * @param tool its name
 * @param nose radius of its nose, mm; 0 for what is all bar
 * @param bar what is behind the nose, in mm: z back along its middle line, r to its left; a line
 *     that begins and ends beside the nose
 * @param lies how it lies, one place after another, in the setup's frame
 */
public record Approach(String tool, double nose, List<Point> bar, List<Lie> lies) {
  /** Stretches that half a round nose is drawn with. */
  private static final int ROUND = 5;

  /** A tool that lies clear at this share of the places is good enough: no other is tried. */
  static final double ENOUGH = 0.98;

  /** Outside the first choice does what it comes to, and the next one its corners. */
  static final double MOST = 0.85;

  /**
   * The first tool that lies clear at enough of so many places, else the one that does at most;
   * without a name where there is none.
   */
  static Approach of(List<Tool> tools, int places, double enough, Function<Tool, List<Lie>> lies) {
    Approach best = new Approach("", 0, List.of(), List.of());
    for (Tool t : tools) {
      Patience.spend(places);
      Approach way = of(t, lies.apply(t));
      best = best.tool.isEmpty() || way.lies.size() > best.lies.size() ? way : best;
      if (best.lies.size() >= enough * places) {
        break;
      }
    }
    return best;
  }

  /** Begun where it is nearest to the axis, as end grain is hollowed. */
  Approach fromMiddle() {
    if (lies.isEmpty() || lies.get(0).nose().r() <= lies.get(lies.size() - 1).nose().r()) {
      return this;
    }
    List<Lie> turned = new ArrayList<>(lies);
    Collections.reverse(turned);
    return new Approach(tool, nose, bar, List.copyOf(turned));
  }

  /** A tool of the shop. */
  static Approach of(Tool tool, List<Lie> lies) {
    double n = tool.shape().nose();
    double s = tool.shape().shank();
    double far = tool.shape().length();
    // A straight bar is as slim as its nose for twice its half, as its reach is judged.
    boolean hooked = tool.hook() > 0;
    List<Point> bar =
        List.of(
            new Point(hooked ? -n : 2 * s, s),
            new Point(far, s),
            new Point(far, -s),
            new Point(hooked ? n : 2 * s, -s));
    return new Approach(tool.name(), n, bar, lies);
  }

  /** A parting tool, straight in, in the middle of the kerf. */
  static Approach parting(Tool tool, HalfSection kerf) {
    double z = (kerf.minZ() + kerf.maxZ()) / 2;
    double half = tool.width() / 2;
    double far = tool.shape().length();
    return new Approach(
        tool.name(),
        0,
        both(List.of(new Point(0, half), new Point(far, half))),
        List.of(
            Lie.straight(z, kerf.maxR(), Math.PI / 2), Lie.straight(z, kerf.minR(), Math.PI / 2)));
  }

  /** A bit, along the axis. */
  static Approach of(Bit bit, double from, double to) {
    double r = bit.diameter() / 2;
    double shank = Math.min(bit.shank() / 2, r);
    List<Point> half = new ArrayList<>(Sweep.end(bit, bit.tip(), -1));
    Collections.reverse(half);
    half.add(new Point(bit.tip() + r, r));
    half.add(new Point(bit.tip() + r, shank));
    half.add(new Point(bit.reach(), shank));
    return new Approach(
        bit.name(), 0, both(half), List.of(Lie.straight(from, 0, 0), Lie.straight(to, 0, 0)));
  }

  private static List<Point> both(List<Point> half) {
    List<Point> out = new ArrayList<>(half);
    for (int i = half.size() - 1; i >= 0; i--) {
      out.add(new Point(half.get(i).z(), -half.get(i).r()));
    }
    return List.copyOf(out);
  }

  /** The tool's outline at a place, closed, in the setup's frame; below the axis r is negative. */
  public List<Point> outline(Lie at) {
    List<Point> out = new ArrayList<>();
    // A hook's arm stands on the side of its bar, so there its nose is half round only.
    boolean hooked = nose > 0 && bar.get(0).z() < 0;
    int side = at.beside() < 0 ? -1 : 1;
    for (int i = 0; nose > 0 && i <= (hooked ? ROUND : 2 * ROUND); i++) {
      double a = -Math.PI / 2 * (1 + i / (double) ROUND);
      out.add(placed(at.nose(), at.lean(), nose * Math.cos(a), side * nose * Math.sin(a)));
    }
    bar.forEach(p -> out.add(placed(at.bar(), at.lean(), p.z(), side * p.r())));
    return out;
  }

  private static Point placed(Point at, double lean, double back, double left) {
    double cos = Math.cos(lean);
    double sin = Math.sin(lean);
    return new Point(at.z() + back * cos - left * sin, at.r() + back * sin + left * cos);
  }
}
