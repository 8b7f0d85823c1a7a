package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.HOLE;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.element.Built;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Hollowing;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What of a box is bored, and its hollowing stations. */
final class BoxBoring {
  private static final String MAIN = "main bore";

  private final LiddedBox design;
  private final Built b;
  private final double mouth;

  /**
   * @param mouth of the body, in the blank's z
   */
  BoxBoring(LiddedBox design, Built b, double mouth) {
    this.design = design;
    this.b = b;
    this.mouth = mouth;
  }

  /** The body. */
  Boring body() {
    List<BoringPlan> plans = new ArrayList<>();
    main()
        .ifPresent(
            p -> plans.add(BoringPlan.of(Bore.plain(MAIN, p.wanted(), p.depth()), b.shop())));
    b.shop()
        .depthBit()
        .ifPresent(
            bit ->
                plans.add(
                    BoringPlan.of(
                        Bore.byHand("depth hole", bit.diameter(), b.mm(HOLE)), b.shop())));
    Part body = b.part(BoxParts.BODY);
    return new Boring(
        BoxParts.BODY,
        design.school() == School.LID_OVER ? "spigot's end" : "rim",
        List.copyOf(plans),
        Stations.of(
            body.target(),
            mouth,
            body.surface("inside").line(),
            b.shop().depthGauge(),
            b.custom(Line.PAPER_STATION)));
  }

  /**
   * The lid's stations: turned round, its mouth upwards.
   *
   * @param face that looks into the body, in the blank's z
   */
  static Boring lid(LiddedBox d, Built b, double face) {
    Part lid = b.part(BoxParts.LID);
    Frame turned = new Frame(lid.target().maxZ(), true);
    return new Boring(
        BoxParts.LID,
        d.school() == School.LID_OVER ? "rim" : "spigot's end",
        List.of(),
        Stations.of(
            lid.target().in(turned),
            turned.x(face),
            lid.surface("inside").line().in(turned),
            b.shop().depthGauge(),
            b.custom(Line.PAPER_STATION)));
  }

  /** The main bore of the body, by the school; empty when it is hollowed by the gouge alone. */
  Optional<Pass> main() {
    if (design.hollowing() == Hollowing.GOUGE) {
      return Optional.empty();
    }
    double inside = b.mm(INSIDE);
    double most =
        design.hollowing() == Hollowing.DRILL ? b.custom(Line.BOX_HOLE_MIDDLING) * inside : inside;
    return b.shop().bits().stream()
        .filter(x -> x.form() != Bit.Form.DEPTH && x.diameter() <= most)
        .filter(x -> b.shop().depthBit().filter(x::equals).isEmpty())
        .map(x -> new Pass(x, x.diameter(), depth(x), Optional.empty(), false, b.shop().practice()))
        .filter(p -> p.depth() > b.custom(Line.BORE_STAND_OFF))
        .filter(this::reaches)
        .max(Comparator.comparingDouble(p -> p.bit().diameter()));
  }

  private boolean reaches(Pass p) {
    Bore bore = Bore.plain(MAIN, p.wanted(), p.depth());
    return !BoringPlan.of(bore, b.shop()).passes().isEmpty();
  }

  /**
   * How deep a bit may go at full diameter: its rim above the corner, its point above the floor.
   */
  private double depth(Bit bit) {
    double clear = b.custom(Line.BOX_HOLE_CLEAR);
    HalfSection body = b.part(BoxParts.BODY).target();
    double floor = mouth - b.mm(DEPTH);
    double z = floor + clear;
    while (z < mouth && body.inner(z) < bit.diameter() / 2) {
      z += clear;
    }
    return mouth - Math.max(z, floor + bit.tip() + clear);
  }
}
