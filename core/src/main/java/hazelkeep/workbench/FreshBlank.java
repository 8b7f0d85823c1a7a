package hazelkeep.workbench;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.StockRules;
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
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A fresh blank for a part that is made again, and what is done to it until it stands where the
 * parted half stood: rounded, faced, its tenon cut, and a spigot turned that decides its mate.
 *
 * @param length along the grain, mm
 * @param across diameter, mm
 */
public record FreshBlank(double length, double across) {
  /** How far past the wood a cut reaches, mm. */
  private static final double BEYOND = 10;

  /** The least that a part needs. */
  static FreshBlank least(Aim aim, String part, Shop shop) {
    Optional<Body> own = own(aim, part);
    if (own.isPresent()) {
      HalfSection offcut = own.get().sound();
      return new FreshBlank(offcut.maxZ() - offcut.minZ(), 2 * offcut.maxR());
    }
    Place p = Place.of(aim, part);
    double length =
        p.to
            - p.from
            + 2 * aim.custom(Line.STOCK_FRESH_FACE)
            + shop.drive().dimple()
            + shop.live().dimple();
    return new FreshBlank(
        Math.ceil(length * 2) / 2,
        Rounding.to(aim.mm(StockRules.ROUND) + 2 * aim.custom(Line.STOCK_CENTRING), 1));
  }

  /** The blank that is all for this part. */
  private static Optional<Body> own(Aim aim, String part) {
    return aim.whole(aim.part(part)) ? Optional.of(aim.blank()) : aim.own(part);
  }

  /**
   * Its wood as it lies round the part.
   *
   * @throws Refused when it is too small, saying what would do
   */
  HalfSection stock(Aim aim, String part, Shop shop) {
    FreshBlank least = least(aim, part, shop);
    if (length < least.length - 1e-6 || across < least.across - 1e-6) {
      throw new Refused(
          Wording.of(
              "freshBlank.a-fresh-blank-for-the",
              part,
              Dims.both(least.length),
              Dims.both(least.across),
              Dims.both(length),
              Dims.both(across)));
    }
    Optional<Body> own = own(aim, part);
    if (own.isPresent()) {
      double low = own.get().sound().minZ();
      return HalfSection.box(low, low + length, 0, across / 2);
    }
    Place p = Place.of(aim, part);
    double middle = (p.from + p.to) / 2;
    return HalfSection.box(middle - length / 2, middle + length / 2, 0, across / 2);
  }

  /** Where a part and its tenon lie: from end to end, and the tenon's far end. */
  private record Place(double from, double to, HalfSection stub) {
    static Place of(Aim aim, String part) {
      HalfSection target = aim.part(part).target();
      HalfSection stub = aim.part(part).stub("tenon").region();
      double left = aim.custom(Line.STOCK_FRESH_LEFT);
      return new Place(
          Math.min(target.minZ() - left, stub.minZ()),
          Math.max(target.maxZ() + left, stub.maxZ()),
          stub);
    }
  }

  /** What is done to it first. */
  static Setup setup(Aim aim, String part) {
    Place p = Place.of(aim, part);
    double far = HalfSection.FAR / 2;
    SetupDraft s =
        new SetupDraft(
            "fresh " + part,
            Wording.of("freshBlank.fresh-blank-for-the-between", part),
            Hold.of(new Centres()),
            Map.of(part, new Frame(0, false)));
    s.step(
        "round",
        "Round the fresh blank",
        Wording.of("any.turn-it-by-hand-first"),
        Speeds.At.TURNING,
        Acts.remove(
            part, HalfSection.box(-far, far, aim.mm(StockRules.ROUND) / 2, HalfSection.FAR)));
    HalfSection ends =
        HalfSection.box(-far, p.from, 0, HalfSection.FAR)
            .plus(HalfSection.box(p.to, far, 0, HalfSection.FAR));
    s.step(
        "face",
        Wording.of("freshBlank.face-both-ends-of-the"),
        Wording.of("freshBlank.clear-of-the-centres-first"),
        Speeds.At.TURNING,
        Acts.remove(part, ends));
    HalfSection round =
        HalfSection.box(p.stub.minZ(), p.stub.maxZ(), 0, HalfSection.FAR).minus(p.stub);
    s.step(
        "tenon",
        "Cut its tenon",
        Wording.of("any.its-shoulder-clean-and-square"),
        Speeds.At.TURNING,
        Acts.remove(part, round));
    List<Act> spigot = spigot(aim, aim.part(part));
    if (!spigot.isEmpty()) {
      s.step(
          "spigot",
          "Turn its spigot",
          Wording.of("freshBlank.to-the-size-that-the"),
          Speeds.At.TURNING,
          spigot);
    }
    return s.done();
  }

  /** A spigot that its mate is fitted to is turned before anything else. */
  private static List<Act> spigot(Aim aim, Part part) {
    List<Act> out = new ArrayList<>();
    Acts acts = new Acts(aim, 0, "");
    for (Surface s : part.surfaces()) {
      boolean fitted = aim.joints().stream().anyMatch(j -> j.fitted().equals(s.id()));
      if (s.role() == Role.FIT && !s.inside() && !fitted) {
        out.add(acts.bare(0, part.name(), s.id().name()));
      }
    }
    return out;
  }
}
