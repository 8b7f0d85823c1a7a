package hazelkeep.element;

import hazelkeep.measure.Wording;
import hazelkeep.piece.OnSection;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A bore whose mouth a spigot goes into: its wall is a fit, its end a roof. */
public final class Recess extends Drilled {
  private final SurfaceId wall;

  /**
   * @param place where it is; its surface is the roof
   * @param wall the surface that the spigot meets
   */
  public Recess(HolePlace place, SurfaceId wall, HoleSizes sizes, WoodLeft left) {
    super(place, sizes, left);
    this.wall = wall;
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    List<Point> points = new ArrayList<>(line(lay).points());
    Point mouth = points.remove(0);
    Point corner = points.get(0);
    Collections.reverse(points);
    Polyline roof = new Polyline(points);
    HalfSection room =
        HalfSection.box(
            Math.min(mouth.z(), corner.z()), Math.max(mouth.z(), corner.z()), 0, mouth.r());
    HalfSection cavity = room;
    if (roof.first().z() != corner.z()) {
      cavity = room.plus(HalfSection.closed(roof, new Point(corner.z(), 0)));
    }
    part.inside(wall.name(), Role.FIT, new Polyline(List.of(corner, mouth)), room)
        .inside(place().on().name(), Role.MEET, roof, cavity)
        .hollow(cavity);
  }

  @Override
  protected SurfaceId opening() {
    return wall;
  }

  @Override
  protected double end(OnSection s) {
    return place().up() ? s.low(wall) : s.high(wall);
  }

  /** Measured: the spigot is turned to it. */
  public void measure(SetupDraft s, Work w) {
    s.step(
        "measure",
        "Measure the bore",
        Wording.of("recess.the-spigot-is-turned-to"),
        Speeds.At.TURNING,
        w.turned(diameter(), Wording.of("any.at-the-rim-and-again")));
  }
}
