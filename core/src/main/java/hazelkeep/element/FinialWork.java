package hazelkeep.element;

import hazelkeep.hold.Around;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The order of work on a finial: rounded between centres, roughed out with the tail up, then from
 * its tip down in short lengths, each whole before the next; its tenon and its hollow foot last,
 * sawn off and pared.
 *
 * @param p its drawing
 * @param called its name
 */
record FinialWork(FinialPart p, String called, Aim aim, Shop shop) {
  private FinialStock stock() {
    return p.stock(shop);
  }

  private double far() {
    return aim.mm(p.sizes().across()) + 2 * Lay.BEYOND;
  }

  private HalfSection tenon() {
    return aim.part(p.name()).stubs().get(0).region();
  }

  /** The holds. */
  List<Setup> setups(Acts acts) {
    String name = p.sizes().added().id();
    SetupDraft centres = draft(name + " centres", "between centres", Hold.of(new Centres()));
    round(centres);
    Frame frame = new Frame(tenon().maxZ(), false);
    InJaws grip =
        stock().plain()
            ? new Around(p.name(), FinialStock.CYLINDER, stock().jaws(), false)
            : new Squeeze(p.name(), stock().jaws());
    Hold jaws = Hold.of(grip);
    Map<String, Frame> frames = Map.of(p.name(), frame);
    SetupDraft up =
        new SetupDraft(
            name + " rough", title("in the jaws, tail up"), Hold.of(grip, shop.live()), frames);
    rough(up, acts);
    SetupDraft held = new SetupDraft(name, title("in the jaws"), jaws, frames);
    lengths(held, acts);
    foot(held, acts);
    SetupDraft off = draft(name + " by hand", "on the bench", Hold.of(new OffLathe()));
    HalfSection rest = HalfSection.box(p.low(shop) - Lay.BEYOND, p.end(), 0, far());
    off.step(
        "pare",
        "Saw the " + called + " off",
        Wording.of("finialWork.saw-the-neck-through-pare"),
        Speeds.At.TURNING,
        Acts.remove(p.name(), rest));
    return List.of(centres.done(), up.done(), held.done(), off.done());
  }

  private String title(String how) {
    return "The " + called + ", " + how;
  }

  private SetupDraft draft(String name, String how, Hold hold) {
    return new SetupDraft(name, title(how), hold, Map.of(p.name(), new Frame(p.low(shop), false)));
  }

  private void round(SetupDraft s) {
    double low = p.low(shop) - Lay.BEYOND;
    double high = p.low(shop) + aim.mm(p.sizes().along()) + Lay.BEYOND;
    double r = stock().round() / 2;
    s.step(
        "round",
        "Round the offcut for the " + called,
        Wording.of("any.turn-it-by-hand-first"),
        Speeds.At.TURNING,
        Acts.remove(p.name(), HalfSection.box(low, high, r, far())));
    HalfSection faced = HalfSection.box(low, tenon().minZ(), 0, far());
    if (stock().plain()) {
      s.step(
          "face",
          "Face its foot end",
          Wording.of("finialWork.it-goes-into-the-jaws"),
          Speeds.At.TURNING,
          Acts.remove(p.name(), faced));
      return;
    }
    HalfSection around = HalfSection.box(tenon().minZ(), tenon().maxZ(), 0, far()).minus(tenon());
    s.step(
        "tenon",
        Wording.of("finialWork.face-its-foot-end-cut"),
        Wording.of("finialWork.a-short-one-its-shoulder"),
        Speeds.At.TURNING,
        Acts.remove(p.name(), faced.plus(around)));
  }

  /** Near to its shape while the tail still carries it, a nub left at its tip for that. */
  private void rough(SetupDraft s, Acts acts) {
    double spare = shop.custom(Line.FINIAL_SPARE);
    HalfSection nub =
        HalfSection.box(p.tip() - spare, HalfSection.FAR, 0, shop.custom(Line.TURN_NUB));
    HalfSection all =
        acts.bare(spare, p.name(), p.lengths().toArray(String[]::new))
            .region()
            .and(HalfSection.box(p.zero(), HalfSection.FAR, 0, far()));
    s.step(
        "rough",
        "Rough the " + called + " out",
        Wording.of("finialWork.near-to-its-shape", Dims.both(spare)),
        Speeds.At.TURNING,
        Acts.remove(p.name(), all.minus(nub)));
  }

  private void lengths(SetupDraft s, Acts acts) {
    List<String> all = p.lengths();
    for (int i = 0; i < all.size(); i++) {
      String on = all.get(i);
      List<Act> cut = new ArrayList<>();
      if (i == all.size() - 1) {
        cut.add(Acts.remove(p.name(), room()));
      }
      cut.add(acts.bare(0, p.name(), on));
      s.step(
          on,
          i == 0 ? "Turn the tip of the " + called : "The next length of the " + called,
          Wording.of("finialWork.light-cuts-towards-the-jaws"),
          Speeds.At.TURNING,
          Acts.both(cut, acts.treat(p.name(), on)).toArray(Act[]::new));
    }
  }

  /** What is cleared beside the foot, so that a tool comes to it from below. */
  private HalfSection room() {
    double foot = aim.mm(p.sizes().foot()) / 2;
    return HalfSection.box(p.end(), p.zero(), foot, far());
  }

  /**
   * What is cleared under the tenon down to a radius: room for the tool that hollows the foot, and
   * for the parting tool.
   */
  private HalfSection under(double radius) {
    double low = tenon().maxZ() + shop.custom(Line.STOCK_WASTE_ROOM) / 2;
    return HalfSection.box(low, p.end(), radius, far());
  }

  private void foot(SetupDraft s, Acts acts) {
    double within = shop.custom(Line.READ_FIT);
    s.step(
        "tenon",
        Wording.of("finialWork.turn-its-round-tenon-and"),
        Wording.of("finialWork.to-slide-into-its-hole"),
        Speeds.At.TURNING,
        Acts.remove(p.name(), under(aim.mm(p.sizes().tenon()) / 2)),
        acts.bare(0, p.name(), FinialPart.TENON, FinialPart.BASE),
        Acts.read(p.sizes().tenon(), shop.caliper().name(), "on the tenon", within, within),
        new Act.Try(p.sizes().added().id(), false));
  }
}
