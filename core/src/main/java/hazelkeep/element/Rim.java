package hazelkeep.element;

import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;

/**
 * The rim of a mouth that is seen.
 *
 * @param on its surface
 * @param at where it is
 * @param side the outside that ends at it
 * @param flare that it is cut to
 */
public record Rim(SurfaceId on, Edge at, Outside side, Flare flare) implements Element {
  @Override
  public void draw(Lay lay, PartDraft part) {
    double z = lay.at(at);
    part.surface(
        on.name(),
        Role.SHOW,
        Polyline.of(z, side.line(lay).last().r(), z, flare.mouth(lay)),
        HalfSection.box(z, lay.length() + Lay.BEYOND, 0, lay.far()));
  }

  /** Faced clean. */
  public void face(SetupDraft s, Work w) {
    s.step(
        "face",
        "Face the rim",
        "Cut it clean and flat; a shallow hollow at the centre starts the bit.",
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), on.name()));
  }

  /** Sanded and finished, with what is flared. */
  public void finish(SetupDraft s, Work w) {
    s.step(
        "sand rim",
        "Sand and finish the rim",
        "Rim and flare through the grits, then the finish; a split stick with abrasive, never a"
            + " finger in the bore.",
        Speeds.At.SANDING,
        w.acts().treat(on.part(), on.name()));
  }
}
