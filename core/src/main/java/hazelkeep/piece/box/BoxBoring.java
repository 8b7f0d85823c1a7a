package hazelkeep.piece.box;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Hollowing;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What of a box is bored, and its hollowing stations. */
final class BoxBoring {
  /** A middling bit takes no more than this share of the inside's diameter (common practice). */
  private static final double MIDDLING = 0.65;

  /** What a bit's point stays above the floor, mm. */
  private static final double CLEAR = 0.3;

  private final LiddedBox design;
  private final Aim aim;
  private final Shop shop;
  private final BoxShape shape;

  BoxBoring(LiddedBox design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = BoxShape.of(design, aim.dims(), aim.practice());
  }

  List<Boring> all() {
    List<BoringPlan> body = new ArrayList<>();
    main()
        .ifPresent(
            p -> body.add(BoringPlan.of(Bore.plain("main bore", p.wanted(), p.depth()), shop)));
    shop.depthBit()
        .ifPresent(
            b ->
                body.add(
                    BoringPlan.of(
                        Bore.byHand("depth hole", b.diameter(), aim.mm("depth-hole.body")), shop)));
    String rim = shape.over() ? "spigot's end" : "rim";
    return List.of(
        new Boring(
            "body",
            rim,
            List.copyOf(body),
            Stations.of(
                aim.part("body").target(),
                shape.mouth(),
                aim.part("body").surface("inside").line(),
                shop.depthGauge())),
        new Boring("lid", shape.over() ? "rim" : "spigot's end", List.of(), lid()));
  }

  /** The lid's stations: turned round, its mouth upwards. */
  private List<Stations.Station> lid() {
    Frame turned = new Frame(shape.top, true);
    HalfSection wood = aim.part("lid").target().in(turned);
    Polyline inside = aim.part("lid").surface("inside").line().in(turned);
    return Stations.of(wood, turned.x(shape.lidFace()), inside, shop.depthGauge());
  }

  /** The main bore of the body, by the school; empty when it is hollowed by the gouge alone. */
  Optional<Pass> main() {
    if (design.hollowing() == Hollowing.GOUGE) {
      return Optional.empty();
    }
    double inside = aim.mm("inside.diameter");
    double most = design.hollowing() == Hollowing.DRILL ? MIDDLING * inside : inside;
    return shop.bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH && b.diameter() <= most)
        .filter(b -> shop.depthBit().filter(b::equals).isEmpty())
        .map(b -> new Pass(b, b.diameter(), depth(b), Optional.empty(), false, shop.practice()))
        .filter(p -> p.depth() > shop.custom(Line.BORE_STAND_OFF))
        .filter(
            p ->
                !BoringPlan.of(Bore.plain("main bore", p.wanted(), p.depth()), shop)
                    .passes()
                    .isEmpty())
        .max(Comparator.comparingDouble(p -> p.bit().diameter()));
  }

  /**
   * How deep a bit may go at full diameter: its rim above the corner, its point above the floor.
   */
  private double depth(Bit bit) {
    double r = bit.diameter() / 2;
    HalfSection body = aim.part("body").target();
    double floor = shape.mouth() - aim.mm("inside.depth");
    double z = floor + CLEAR;
    while (z < shape.mouth() && body.inner(z) < r) {
      z += CLEAR;
    }
    return shape.mouth() - Math.max(z, floor + bit.tip() + CLEAR);
  }
}
