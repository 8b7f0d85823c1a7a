package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.mill.Mill;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * What is left at the end of a route, place by place, against inequalities that know the dimensions
 * and nothing of the engine's regions, curves or overlays.
 */
class ShapesByInequalitiesTest {
  /** Nearer to a border than this nothing is asked, mm. */
  private static final double BORDER = 0.06;

  private static final int PLACES = 4_000;

  private final Shop shop = Shop.starter();

  /** Whether a place of the closed piece is wood. */
  @FunctionalInterface
  private interface Wood {
    boolean at(double z, double r);

    /** Whether it is the same all round a place, so that no border is near. */
    default boolean clear(double z, double r) {
      boolean here = at(z, r);
      for (int i = 0; i < 8; i++) {
        double a = Math.PI / 4 * i;
        if (at(z + BORDER * Math.cos(a), Math.abs(r + BORDER * Math.sin(a))) != here) {
          return false;
        }
      }
      return true;
    }
  }

  private static void same(Plan<?> plan, String part, Wood wood) {
    assertThat(plan.stops()).as("only a sound route is compared").isZero();
    Part p = plan.aim().part(part);
    HalfSection end = plan.rehearsal().end().stock(p).orElseThrow().sound().in(p.closed());
    Random random = new Random(part.hashCode());
    int asked = 0;
    int inside = 0;
    for (int i = 0; i < PLACES; i++) {
      double z = -4 + random.nextDouble() * (plan.aim().mm("outside.height") + 12);
      double r = random.nextDouble() * (plan.aim().mm("blank.across") / 2 + 2);
      if (wood.clear(z, r)) {
        asked++;
        inside += wood.at(z, r) ? 1 : 0;
        assertThat(end.holds(z, r))
            .as("%s of the %s at %s, %s", plan.kind().name(), part, z, r)
            .isEqualTo(wood.at(z, r));
      }
    }
    assertThat(asked).isGreaterThan(PLACES * 3 / 4);
    assertThat(inside).as("wood was asked too").isGreaterThan(PLACES / 20);
  }

  private <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, shop, List.of());
  }

  private static double line(double z, double z0, double r0, double z1, double r1) {
    return r0 + (r1 - r0) * (z - z0) / (z1 - z0);
  }

  /** What a bit takes below a mouth: its full width, then a cone or a spur. */
  private static boolean bored(double below, double r, double depth, double radius, Bit bit) {
    if (below < 0) {
      return false;
    }
    if (below <= depth) {
      return r < radius;
    }
    double tip = bit.form() == Bit.Form.TWIST ? bit.diameter() / 2 : 2;
    return below < depth + bit.tip() && r < tip * (1 - (below - depth) / bit.tip());
  }

  private static Bit bit(Plan<?> plan, int boring, int pass) {
    return plan.sketch().boring().get(boring).plans().get(0).passes().get(pass).bit();
  }

  private Wood vessel(Plan<BoredVessel> p) {
    double h = p.aim().mm("outside.height");
    double foot = p.aim().mm("outside.foot") / 2;
    double rim = p.aim().mm("outside.rim") / 2;
    double hollow = p.aim().mm("foot.hollow");
    double recess = p.aim().mm("foot.recess") / 2;
    double wide = p.aim().mm("foot.recess-wide") / 2;
    double bore = p.aim().mm("bore.diameter") / 2;
    double depth = p.aim().mm("bore.depth");
    double flare = p.aim().mm("mouth.flare");
    Bit bit = bit(p, 0, 0);
    return (z, r) -> {
      boolean hull = z > 0 && z < h && r < line(z, 0, foot, h, rim);
      boolean under =
          recess > 0
              ? z < hollow && r < recess + (wide - recess) * z / hollow
              : z < hollow * (1 - Math.min(1, r / foot));
      boolean mouth = z > h - flare && r < bore + z - (h - flare);
      return hull && !under && !mouth && !bored(h - z, r, depth, bore, bit);
    };
  }

  @Test
  void wells_straight_and_tapered() {
    BoredVessel well = VesselKind.WELL.fresh();
    for (BoredVessel v :
        List.of(
            well,
            well.with("bore.diameter", 10).with("bore.depth", 80),
            Restated.with(well, "form", BoredVessel.Form.TAPER).with("outside.rim", 36),
            Restated.with(well, "footBy", Finishing.AROUND))) {
      Plan<BoredVessel> p = plan(VesselKind.WELL, v);
      same(p, "vessel", vessel(p));
    }
  }

  @Test
  void a_well_on_a_recess() {
    BoredVessel v =
        Restated.with(VesselKind.WELL.fresh(), "footBy", Finishing.RECESS)
            .with("outside.diameter", 80)
            .with("outside.height", 110);
    Plan<BoredVessel> p = plan(VesselKind.WELL, v);
    same(p, "vessel", vessel(p));
  }

  /** Two diameters, the narrow one deeper. */
  @Test
  void a_stepped_well() {
    BoredVessel v =
        VesselKind.WELL
            .fresh()
            .with("bore.diameter", 25)
            .with("bore.depth", 50)
            .with("bore.narrow", 12)
            .with("bore.narrow-depth", 70);
    Plan<BoredVessel> p = plan(VesselKind.WELL, v);
    double h = p.aim().mm("outside.height");
    double radius = p.aim().mm("outside.diameter") / 2;
    double hollow = p.aim().mm("foot.hollow");
    Bit wide = bit(p, 0, 0);
    Bit narrow = bit(p, 0, 1);
    same(
        p,
        "vessel",
        (z, r) ->
            z > hollow * (1 - Math.min(1, r / radius))
                && z < h
                && r < radius
                && !(z > h - 1 && r < 12.5 + z - (h - 1))
                && !bored(h - z, r, 50, 12.5, wide)
                && !bored(h - z, r, 70, 6, narrow));
  }

  @Test
  void mills_and_shakers() {
    for (Mill.Role role : Mill.Role.values()) {
      MillKind kind = role == Mill.Role.MILL ? MillKind.MILL : MillKind.SHAKER;
      for (double height : new double[] {120, 150}) {
        Plan<Mill> p =
            plan(
                kind,
                Restated.with(kind.fresh(), "form", Mill.Form.STRAIGHT)
                    .with("outside.height", height)
                    .with("outside.join", 54));
        double foot = p.aim().mm("outside.diameter") / 2;
        double join = p.aim().mm("outside.join") / 2;
        double body = p.aim().mm("body.height");
        double plate = p.aim().mm("plate.diameter") / 2;
        double plateDeep = p.aim().mm("plate.depth");
        double ring = p.aim().mm("ring.diameter") / 2;
        double ringDeep = p.aim().mm("ring.depth");
        double bore = p.aim().mm("bore.diameter") / 2;
        same(
            p,
            "body",
            (z, r) ->
                z > 0
                    && z < body
                    && r < line(z, 0, foot, body, join)
                    && r > bore
                    && !(z < plateDeep && r < plate)
                    && !(z < ringDeep && r < ring));
        same(p, "head", head(p, join, body));
      }
    }
  }

  private static Wood head(Plan<Mill> p, double join, double body) {
    double tenon = p.aim().mm("joint.length");
    double spigot = p.aim().mm("spigot.diameter") / 2;
    double drive = p.aim().mm("drive.diameter") / 2;
    double deep = p.aim().mm("drive.depth");
    double hole = p.aim().mm("shaft.hole") / 2;
    double head = p.aim().mm("head.height");
    double dome = p.aim().mm("head.dome");
    double top = p.aim().mm("outside.top") / 2;
    Bit bit = bit(p, 2, 0);
    return (z, r) -> {
      double up = z - body;
      double side = head - dome;
      boolean stub = up > -tenon && up <= 0 && r < spigot;
      boolean below = up > 0 && up <= side && r < line(up, 0, join, side, top);
      // The dome's own top lies in the hole: its edge is as high as the head.
      double u = (up - side) / dome * Math.sqrt(1 - hole * hole / (top * top));
      boolean cap = up > side && u < 1 && r < top * Math.sqrt(Math.max(0, 1 - u * u));
      // A mill's spur goes where the shaft's hole will be.
      boolean seat =
          hole > 0 ? up < deep - tenon && r < drive : bored(up + tenon, r, deep, drive, bit);
      return (stub || below || cap) && !seat && r > hole;
    };
  }

  @Test
  void cases_and_houses() {
    for (Cased c :
        List.of(
            CasedKind.NEEDLE_CASE.fresh(),
            CasedKind.NEEDLE_CASE.fresh().with("lid.dome", 1).with("joint.length", 6),
            CasedKind.HOUSE.fresh(),
            CasedKind.HOUSE.fresh().with("outside.eaves", 84).with("bore.depth", 50))) {
      Plan<Cased> p = plan(CasedKind.NEEDLE_CASE, c);
      double foot = p.aim().mm("outside.foot") / 2;
      double join = p.aim().mm("outside.diameter") / 2;
      double body = p.aim().mm("body.height");
      double mouth = body + p.aim().mm("joint.length");
      double spigot = p.aim().mm("spigot.diameter") / 2;
      double hollow = p.aim().mm("foot.hollow");
      double bore = p.aim().mm("bore.diameter") / 2;
      double deep = p.aim().mm("bore.depth");
      Bit small = bit(p, 1, 0);
      same(
          p,
          "body",
          (z, r) ->
              z > hollow * (1 - Math.min(1, r / foot))
                  && (z < body ? r < line(z, 0, foot, body, join) : z < mouth && r < spigot)
                  && !bored(mouth - z, r, deep, bore, small));
      double eaves = p.aim().mm("outside.eaves") / 2;
      double top = p.aim().mm("outside.top") / 2;
      double lid = p.aim().mm("lid.height");
      double dome = p.aim().mm("lid.dome");
      double recess = p.aim().mm("recess.diameter") / 2;
      double lidDeep = p.aim().mm("lid.depth");
      Bit large = bit(p, 0, 0);
      same(
          p,
          "lid",
          (z, r) -> {
            double up = z - body;
            double side = lid - dome;
            double u = (up - side) / dome;
            boolean hull =
                up > 0
                    && (up <= side
                        ? r < line(up, 0, eaves, side, top)
                        : u < 1 && r < top * Math.sqrt(Math.max(0, 1 - u * u)));
            return hull && !bored(up, r, lidDeep, recess, large);
          });
    }
  }
}
