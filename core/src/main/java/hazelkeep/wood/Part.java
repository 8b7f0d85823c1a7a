package hazelkeep.wood;

import hazelkeep.measure.Wording;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.List;

/**
 * What a body shall become.
 *
 * @param name its name, {@code lid}
 * @param core a point inside the target that no cut ever takes: the body that holds it is this
 *     part's stock
 * @param target the finished half-section, in the blank's z
 * @param surfaces the stretches of its outline
 * @param stubs waste spared on purpose
 * @param closed where it lies when the piece is closed: the blank's z to the closed piece's
 */
public record Part(
    String name,
    Point core,
    HalfSection target,
    List<Surface> surfaces,
    List<Stub> stubs,
    Frame closed) {
  /**
   * The surface of that name.
   *
   * @throws IllegalArgumentException when there is none
   */
  public Surface surface(String surface) {
    return surfaces.stream()
        .filter(s -> s.id().name().equals(surface))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException(Wording.of("part.has-no-surface", name, surface)));
  }

  /**
   * Where heights on it are counted from, in the blank's z: the low end of what is seen of it from
   * outside. That is where it stands, the rim of a lid, the shoulder over a spigot that goes into
   * its mate, the low side of a ring: a face that exists and that a rule can be laid against.
   */
  public double datum() {
    return surfaces.stream()
        .filter(Surface::seen)
        .flatMap(s -> s.line().points().stream())
        .mapToDouble(Point::z)
        .min()
        .orElse(target.minZ());
  }

  /** This part moved along the blank, mm. */
  public Part shifted(double dz) {
    if (dz == 0) {
      return this;
    }
    Frame by = new Frame(-dz, false);
    return new Part(
        name,
        by.of(core),
        target.shifted(dz),
        surfaces.stream()
            .map(
                s ->
                    new Surface(
                        s.id(),
                        s.role(),
                        s.line().in(by),
                        s.zone().shifted(dz),
                        s.inside(),
                        s.needs()))
            .toList(),
        stubs.stream().map(s -> new Stub(s.name(), s.region().shifted(dz), s.standsOn())).toList(),
        new Frame(closed.zero() + dz, false));
  }

  /** This part looked for by another point inside of it. */
  public Part at(Point other) {
    return new Part(name, other, target, surfaces, stubs, closed);
  }

  /** The stub that stands on a surface. */
  public Stub standingOn(SurfaceId surface) {
    return stubs.stream()
        .filter(s -> s.standsOn().equals(surface))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException(Wording.of("part.nothing-stands-on", surface)));
  }

  /** The stub of that name. */
  public Stub stub(String stub) {
    return stubs.stream()
        .filter(s -> s.name().equals(stub))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException(Wording.of("part.has-no-stub", name, stub)));
  }
}
