package hazelkeep.kinds.lid;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.SizeRule;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.practice.Line;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Set;

/**
 * A vessel that a lid is made for, as it was measured: its mouth, its outside at the rim and a
 * little below, and how deep it is. Two diameters at two heights say how its side leans.
 */
final class Vessel implements Make.Given {
  static final String PART = "vessel";
  static final SurfaceId INSIDE = new SurfaceId(PART, "mouth");
  static final DimKey MOUTH = new DimKey("vessel.mouth");
  static final DimKey RIM = new DimKey("vessel.rim");
  static final DimKey BELOW = new DimKey("vessel.below");
  static final DimKey BELOW_AT = new DimKey("vessel.below-at");
  static final DimKey DEEP = new DimKey("vessel.depth");

  /** It lies so far from the lid's blank, mm: neither reaches into the other's z. */
  private static final double AWAY = 2000;

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(
                MOUTH,
                "Mouth of the vessel",
                10,
                400,
                d -> practice(d.custom(Line.LID_MOUTH), "to be measured"))
            .fine(),
        new SizeRule(
            RIM,
            "Outside of its rim",
            12,
            440,
            d -> practice(d.mm(MOUTH) + 2 * d.custom(Line.LID_VESSEL_WALL), "to be measured")),
        new SizeRule(
            BELOW_AT,
            Wording.of("vessel.second-diameter-so-far-below"),
            1,
            200,
            d -> practice(d.custom(Line.LID_BELOW), "to be measured")),
        new SizeRule(
            BELOW,
            "Outside, so far below",
            12,
            440,
            d -> derived(d.mm(RIM), "a side that is upright")),
        new SizeRule(
            DEEP,
            "Depth of the vessel",
            2,
            600,
            d -> practice(d.custom(Line.LID_VESSEL_DEEP), "to be measured")));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(MOUTH, RIM).below(MOUTH, BELOW);
  }

  /** How much its side widens upwards, mm on the radius for each mm along the axis. */
  static double leans(double rim, double below, double at) {
    return (rim - below) / 2 / at;
  }

  @Override
  public Part part(Lay lay, double foot) {
    double top = -AWAY;
    double mouth = lay.mm(MOUTH) / 2;
    double wide = lay.mm(BELOW) / 2;
    double at = top - lay.mm(BELOW_AT);
    double floor = top - lay.mm(DEEP);
    double low = Math.min(at, floor) - lay.custom(Line.LID_VESSEL_WALL);
    // Under its second diameter nobody measured: it is drawn upright down to its floor.
    HalfSection wood =
        HalfSection.of(
            List.of(
                new Point(low, 0),
                new Point(low, wide),
                new Point(at, wide),
                new Point(top, lay.mm(RIM) / 2),
                new Point(top, mouth),
                new Point(floor, mouth),
                new Point(floor, 0)));
    Polyline inside = Polyline.of(top, mouth, floor, mouth);
    Polyline rim = Polyline.of(top, lay.mm(RIM) / 2, top, mouth);
    HalfSection room = HalfSection.box(floor, top, 0, mouth);
    return new Part(
        PART,
        new Point((low + Math.min(at, floor)) / 2, wide / 2),
        wood,
        List.of(
            new Surface(INSIDE, Role.FIT, inside, room, true, Set.of()),
            new Surface(
                new SurfaceId(PART, "rim"), Role.MEET, rim, HalfSection.EMPTY, false, Set.of())),
        List.of(),
        new Frame(top, false));
  }

  /** A lean that nobody turns a lid to is a slip of the calipers, or of two heights. */
  @Override
  public void check(hazelkeep.element.Built b, Told told) {
    double lean = Math.toDegrees(Math.atan(leans(b.mm(RIM), b.mm(BELOW), b.mm(BELOW_AT))));
    double most = b.custom(Line.LID_LEAN_MOST);
    if (Math.abs(lean) > most) {
      told.found(
          Entry.VESSEL_LEANS.told(Grade.WATCH, Math.abs(lean), most), PART, new Point(-AWAY, 0));
    }
  }

  @Override
  public void dimensions(hazelkeep.element.Built b, Dimensions d) {
    d.size(MOUTH, INSIDE).widest().recorded();
    d.size(RIM, new SurfaceId(PART, "rim")).widest().recorded();
  }
}
