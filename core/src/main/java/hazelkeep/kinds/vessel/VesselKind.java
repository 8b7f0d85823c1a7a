package hazelkeep.kinds.vessel;

import static hazelkeep.kinds.vessel.VesselParts.BODY;
import static hazelkeep.kinds.vessel.VesselSizes.DEPTH;
import static hazelkeep.kinds.vessel.VesselSizes.FOOT;
import static hazelkeep.kinds.vessel.VesselSizes.NECK;
import static hazelkeep.kinds.vessel.VesselSizes.RIM;
import static hazelkeep.kinds.vessel.VesselSizes.WIDEST;

import hazelkeep.element.ComposedKind;
import hazelkeep.element.Make;
import hazelkeep.element.Work;
import hazelkeep.kinds.vessel.BoredVessel.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.route.Aim;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;

/**
 * A vessel that is bored: the straight well and the dry-stem vase. It is bored before it is shaped,
 * so that the bore fixes the shape; a cone in the mouth carries it while the outside is turned; the
 * foot comes last, or first where a recess holds it.
 */
public final class VesselKind extends ComposedKind<BoredVessel> {
  /** A well for pens and the like: straight sides. */
  public static final VesselKind WELL =
      new VesselKind("straight-well", "straight well", Form.STRAIGHT);

  /** A vase for dry stems: a belly, a narrow neck, a funnel at the mouth. */
  public static final VesselKind VASE =
      new VesselKind("dry-stem-vase", "dry-stem vase", Form.NECKED);

  private VesselKind(String name, String title, Form form) {
    super(name, title, BoredVessel.fresh(form));
  }

  @Override
  protected Make make(BoredVessel d) {
    return new VesselParts(d).make();
  }

  @Override
  protected void order(BoredVessel d, Work w) {
    new VesselParts(d).order().in(w);
  }

  /** A cylinder of which one end is dragged tapers; the other end stays as it is. */
  @Override
  public BoredVessel held(BoredVessel d, Aim aim, DimKey dragged) {
    if (d.form() != Form.STRAIGHT || !List.of(FOOT, RIM).contains(dragged)) {
      return d;
    }
    BoredVessel out = Restated.with(d, "form", Form.TAPER);
    for (DimKey end : List.of(FOOT, RIM)) {
      double mm = Rounding.to(aim.mm(WIDEST), 1);
      out = size(out, end, Optional.of(Size.mm(mm)));
    }
    return size(out, WIDEST, Optional.empty());
  }

  @Override
  public List<Choice> choices(BoredVessel d) {
    return List.of(
        Choice.of(
            "form",
            "Line of the outside",
            List.of(
                new Option("STRAIGHT", "Straight", Wording.of("any.a-cylinder-shows-the-wood")),
                new Option("TAPER", "Taper", "Narrows upwards."),
                new Option("BELLIED", "Bellied", Wording.of("vesselKind.fullest-below-the-middle")),
                new Option("NECKED", "Necked", Wording.of("vesselKind.a-belly-a-narrow-neck"))),
            d.form(),
            NECK,
            RIM),
        Choice.of(
            "inside",
            "What the inside is",
            List.of(
                new Option("BORED", "Bored", Wording.of("vesselKind.the-bits-leave-it-narrow")),
                new Option(
                    "RIGGED",
                    "Hollowed through its mouth",
                    Wording.of("vesselKind.a-hooked-bar-on-a"))),
            d.inside(),
            DEPTH,
            VesselSizes.WALL));
  }

  @Override
  public List<End> ends(BoredVessel d) {
    return List.of(
        End.of(
            new SurfaceId(BODY, "foot"),
            "footBy",
            "How the foot is finished",
            d.footBy(),
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.MANDREL,
            Finishing.EXPAND,
            Finishing.AROUND,
            Finishing.RECESS,
            Finishing.PRESSED));
  }
}
