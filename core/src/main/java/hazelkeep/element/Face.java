package hazelkeep.element;

import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.function.ToDoubleFunction;

/**
 * A flat end of a part, from what is open in it to its side: a rim, a mouth, a foot.
 *
 * @param on its surface
 * @param role whether it is seen
 * @param at where it is
 * @param up whether it looks away from the blank's foot
 * @param side the outside that it belongs to
 * @param opening the radius of what is open in it, mm
 */
public record Face(
    SurfaceId on, Role role, Edge at, boolean up, Outside side, ToDoubleFunction<Lay> opening)
    implements Element {
  @Override
  public void draw(Lay lay, PartDraft part) {
    double z = lay.at(at);
    double in = opening.applyAsDouble(lay);
    if (up) {
      part.surface(
          on.name(),
          role,
          Polyline.of(z, side.line(lay).last().r(), z, in),
          HalfSection.box(z, lay.length() + Lay.BEYOND, 0, lay.far()));
    } else {
      part.surface(
          on.name(),
          role,
          Polyline.of(z, in, z, side.line(lay).first().r()),
          HalfSection.box(-Lay.BEYOND, z, 0, lay.far()));
    }
  }

  /** Faced clean. */
  public Work.Task faced(String title, String words) {
    return (s, w) ->
        s.step("face", title, words, Speeds.At.TURNING, w.acts().bare(0, on.part(), on.name()));
  }

  /** Sanded and finished. */
  public Work.Task finished(String key, String title, String words) {
    return (s, w) ->
        s.step(key, title, words, Speeds.At.SANDING, w.acts().treat(on.part(), on.name()));
  }
}
