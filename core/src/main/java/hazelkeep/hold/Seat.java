package hazelkeep.hold;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.Unknown;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where one wood sits in another.
 *
 * @param rim where the rim sits on its shoulder, mm from the setup's zero
 * @param diameter of the inner one, mm
 * @param play of the two and what is packed between, mm on the diameter; below zero they press
 * @param length along which they touch, mm
 * @param outside radius of the outer one there, mm
 * @param bore radius of the inner one's own bore there, mm; 0 when it is solid
 * @param spigotOnHost whether the host lies inside
 */
record Seat(
    double rim,
    double diameter,
    double play,
    double length,
    double outside,
    double bore,
    boolean spigotOnHost) {
  /** Places along the seat at which it is looked at. */
  private static final int PLACES = 9;

  /**
   * What lies between the two.
   *
   * @param along where the seat runs, mm from the setup's zero
   * @param paper thickness of paper between the two, mm
   * @param slack what calipers can't tell from a jam, mm
   */
  record Packed(Span along, double paper, double slack) {}

  /** Two halves pressed together; empty where they don't reach into one another. */
  static Optional<Seat> between(HalfSection host, HalfSection guest, Practice practice) {
    double from = Math.max(host.minZ(), guest.minZ());
    double to = Math.min(host.maxZ(), guest.maxZ());
    if (to - from < Touch.JOINT_LEAST) {
      return Optional.empty();
    }
    double z = (from + to) / 2;
    // The one that lies inside carries the spigot.
    boolean spigotOnHost = host.outer(z) < guest.outer(z);
    HalfSection in = spigotOnHost ? host : guest;
    HalfSection out = spigotOnHost ? guest : host;
    Packed packed = new Packed(new Span(from, to), 0, practice.of(Line.HOLD_JAM_SLACK));
    return Optional.of(at(in, out, z, packed, spigotOnHost));
  }

  /**
   * A seat judged at one place of it, counted over all its length.
   *
   * @param z where the press is judged; behind a chuck's face it lies below zero
   */
  static Seat at(HalfSection in, HalfSection out, double z, Packed packed, boolean onHost) {
    double from = packed.along().from();
    double to = packed.along().to();
    double packing = packed.paper();
    double r = in.outer(z);
    double play = 2 * (out.inner(z) - packing - r);
    int touching = 0;
    for (int i = 0; i < PLACES; i++) {
      double x = from + (to - from) * (i + 0.5) / PLACES;
      if (in.outer(x) > out.inner(x) - packing - packed.slack() && out.inner(x) > 0) {
        touching++;
      }
    }
    return new Seat(
        z < 0 ? to : from,
        2 * r,
        play,
        (to - from) * touching / PLACES,
        out.outer(z),
        in.inner(z),
        onHost);
  }

  /**
   * What the seat stands.
   *
   * @param ring the outer one's wood
   * @param plug the inner one's
   * @param friction of the two
   */
  Allowed allowed(Optional<Species> ring, Optional<Species> plug, double friction) {
    List<Unknown> missing = new ArrayList<>();
    Optional<Figure> outer = ring.flatMap(Species::across);
    Optional<Figure> inner = plug.flatMap(Species::across);
    if (outer.isEmpty() || inner.isEmpty()) {
      missing.add(unknown(outer.isEmpty() ? ring : plug, WoodProperty.E_ALONG));
      return Allowed.unknown("the press of the jam", missing);
    }
    Optional<Figure> strength = ring.flatMap(Species::tensionAcross);
    if (strength.isEmpty()) {
      missing.add(unknown(ring, WoodProperty.TENSION_ACROSS));
    }
    if (!(play < 0) || length <= 0 || !(outside > diameter / 2 && diameter / 2 > bore)) {
      return new Allowed(rim, 0, 0, true, 0, Double.NaN, "nothing presses", missing);
    }
    PressFit fit = fit(outer.get(), inner.get(), ring.get(), plug.get(), -play);
    return new Allowed(
        rim,
        fit.torque(friction),
        fit.torque(friction),
        true,
        fit.hoop(),
        strength.map(Figure::value).orElse(Double.NaN),
        "friction of the jam",
        missing);
  }

  private static Unknown unknown(Optional<Species> wood, WoodProperty property) {
    return new Unknown(wood.map(Species::name).orElse(""), property);
  }

  private PressFit fit(Figure outer, Figure inner, Species ring, Species plug, double press) {
    return PressFit.of(
        diameter / 2,
        new PressFit.Half(outside, outer.value(), ring.poisson().value()),
        new PressFit.Half(bore, inner.value(), plug.poisson().value()),
        press,
        length);
  }

  /**
   * The largest interference that does not pull the ring past what is watched, mm on the diameter;
   * empty where a figure is missing or there is no wall.
   */
  Optional<Double> most(Optional<Species> ring, Optional<Species> plug, Practice practice) {
    if (ring.isEmpty() || plug.isEmpty()) {
      return Optional.empty();
    }
    return PressFit.most(
        diameter / 2,
        new PressFit.Turned(outside, ring.get()),
        new PressFit.Turned(bore, plug.get()),
        practice);
  }
}
