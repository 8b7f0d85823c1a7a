package hazelkeep.element;

import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Claim;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Set;

/**
 * A captive ring: one with the stem until it is cut free, then a body of its own.
 *
 * @param no which of them, from 0 at the low end
 * @param zone where they are
 */
public record Ring(int no, RingZone zone) implements Element {
  static final String OUTSIDE = "outside";
  static final String UNDER_LOW = "under low";
  static final String UNDER_HIGH = "under high";
  private static final String LOW = "low side";
  private static final String HIGH = "high side";

  /** The name of a ring's part. */
  public static String name(int no) {
    return "ring " + (no + 1);
  }

  /** A surface of one. */
  static SurfaceId on(int no, String surface) {
    return new SurfaceId(name(no), surface);
  }

  /** Its name. */
  public String name() {
    return name(no);
  }

  /** Whether it was wished from the start, and is not what a spare became. */
  boolean wished() {
    return no < zone.count();
  }

  private double z(Lay lay) {
    return zone.middle(lay, no);
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    RingCut c = zone.cut(lay);
    double z = z(lay);
    double z0 = z - c.width() / 2;
    double z1 = z + c.width() / 2;
    double q = c.inner() + Math.min(c.ridge(), c.outer() - c.inner());
    Polyline outside = c.outside(z);
    double side = outside.first().r();
    part.outside(outside);
    part.hollow(HalfSection.box(z0, z1, 0, c.outer()).minus(c.ring(z)));
    part.surface(
        OUTSIDE, Role.SHOW, outside, HalfSection.box(z0, z1, side, lay.far()).minus(c.ring(z)));
    double deep = c.lowest();
    part.surface(
        LOW,
        Role.SHOW,
        Polyline.of(z0, q, z0, side),
        HalfSection.box(z0 - c.slot(), z0, deep, lay.far()));
    part.surface(
        HIGH,
        Role.SHOW,
        Polyline.of(z1, side, z1, q),
        HalfSection.box(z1, z1 + c.slot(), deep, lay.far()));
    part.surface(
        UNDER_LOW, Role.SHOW, Polyline.of(z, c.inner(), z0, q), c.under(z, -1).minus(c.ring(z)));
    part.surface(
        UNDER_HIGH, Role.SHOW, Polyline.of(z1, q, z, c.inner()), c.under(z, 1).minus(c.ring(z)));
  }

  /** Its outside to size; where its edges are rounded, up to them. */
  Act turned(Work w) {
    RingCut c = zone.cut(w.built());
    double z = z(w.built());
    HalfSection over =
        HalfSection.box(z - c.width() / 2, z + c.width() / 2, c.outer(), w.built().far());
    return c.edge() > 0 ? Acts.remove(name(), over) : w.acts().bare(0, name(), OUTSIDE);
  }

  /** Its edges, once there are slots beside it. */
  Act edged(Work w) {
    return w.acts().bare(0, name(), OUTSIDE);
  }

  /** The slots beside it, its sides to size. */
  Act slotted(Work w) {
    return w.acts().bare(0, name(), LOW, HIGH);
  }

  /** Its outside and its sides sanded and finished while it is still held. */
  List<Act> finished(Work w) {
    return w.acts().treat(name(), OUTSIDE, LOW, HIGH);
  }

  /** Cut free from both sides; that the tool gets there is what its lean was worked out from. */
  Act freed(Work w, String stem) {
    Act.Remove r = w.acts().bare(0, name(), UNDER_LOW, UNDER_HIGH);
    return new Act.Remove(
        r.part(),
        r.region(),
        Set.of(),
        List.of(new Claim(stem, Claim.Fate.HELD), new Claim(name(), Claim.Fate.FREED)));
  }

  /** Its inside sanded round, once it is free. */
  List<Act> rounded(Work w) {
    return w.acts().treat(name(), UNDER_LOW, UNDER_HIGH);
  }
}
