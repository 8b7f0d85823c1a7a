package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;

/**
 * The rim of a lid, that closes on the body's shoulder.
 *
 * @param on its surface
 * @param at where it is
 * @param side the outside that begins at it
 * @param bore the diameter of the recess in it
 */
public record LidRim(SurfaceId on, Edge at, Outside side, DimKey bore) implements Element {
  @Override
  public void draw(Lay lay, PartDraft part) {
    double z = lay.at(at);
    part.surface(
        on.name(),
        Role.MEET,
        Polyline.of(z, lay.mm(bore) / 2, z, side.line(lay).first().r()),
        HalfSection.box(-Lay.BEYOND, z, 0, lay.far()));
  }

  /** Faced, for the bit. */
  public void face(SetupDraft s, Work w) {
    s.step(
        "face",
        "Face the rim",
        "Cut it clean and a hair hollow, so that its outer edge closes; a dimple starts the bit.",
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), on.name()));
  }
}
