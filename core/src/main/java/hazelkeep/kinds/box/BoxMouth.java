package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Lay;
import hazelkeep.element.PartDraft;
import hazelkeep.element.Spigot;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Sane;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;

/**
 * The recess in a box's mouth that the lid's spigot sits in, and the ledge that it stands over.
 *
 * @param d the box
 */
record BoxMouth(LiddedBox d) implements Element {
  private static final String BODY = BoxParts.BODY;
  static final SurfaceId ON = new SurfaceId(BODY, "recess");
  static final String LEDGE = "ledge";

  private static double mouth(Lay lay) {
    return lay.at(Edge.to(BODY_HEIGHT));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(RECESS, BoxSizes.WIDEST);
    sane.below(RECESS_DEEP, DEPTH);
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    double mouth = mouth(lay);
    double floor = mouth - lay.mm(RECESS_DEEP);
    double r = lay.mm(RECESS) / 2;
    HalfSection room = HalfSection.box(floor, mouth, 0, r);
    draft
        .inside(ON.name(), Role.FIT, Polyline.of(mouth - d.lip(lay), r, floor, r), room)
        .inside(LEDGE, Role.MEET, Polyline.of(floor, r, floor, lay.mm(INSIDE) / 2), room)
        .hollow(room);
  }

  @Override
  public void dimensions(Built b, Dimensions to) {
    double mouth = mouth(b);
    double middle = mouth - b.mm(RECESS_DEEP) / 2;
    to.size(RECESS, ON).inside("⌀ recess", middle).corrects(Feature.Kind.INNER);
    to.size(RECESS_DEEP, ON).deep("recess", mouth, -1).corrects(Feature.Kind.SHAPE);
    if (!d.threaded()) {
      to.size(Spigot.JAM, ON).inside("jam", middle).atBench().corrects(Feature.Kind.INNER);
    }
  }
}
