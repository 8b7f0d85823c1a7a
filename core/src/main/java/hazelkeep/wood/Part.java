package hazelkeep.wood;

import hazelkeep.measure.Refused;
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
 * @param holes drilled from outside through its wall; the half-section leaves them out
 */
public record Part(
    String name,
    Point core,
    HalfSection target,
    List<Surface> surfaces,
    List<Stub> stubs,
    Frame closed,
    List<Hole> holes) {
  /** One without a hole from outside. */
  public Part(
      String name,
      Point core,
      HalfSection target,
      List<Surface> surfaces,
      List<Stub> stubs,
      Frame closed) {
    this(name, core, target, surfaces, stubs, closed, List.of());
  }

  /** This part with holes from outside and no others. */
  public Part drilled(List<Hole> all) {
    return new Part(name, core, target, surfaces, stubs, closed, List.copyOf(all));
  }

  /** Its wood, less what its holes take, mm3. */
  public double volume() {
    return target.volume() - holes.stream().mapToDouble(h -> h.at().of(target).mm3()).sum();
  }

  /**
   * The surface of that name.
   *
   * @throws Refused when there is none
   */
  public Surface surface(String surface) {
    return surfaces.stream()
        .filter(s -> s.id().name().equals(surface))
        .findFirst()
        .orElseThrow(() -> new Refused(Wording.of("part.has-no-surface", name, surface)));
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

  /** The name of the face that lies there: foot, rim or shoulder; empty where there is none. */
  public String face() {
    double at = datum();
    List<String> there =
        surfaces.stream()
            .filter(s -> s.line().points().stream().anyMatch(p -> Math.abs(p.z() - at) < FACE))
            .map(s -> s.id().name())
            .toList();
    return FACES.stream().filter(there::contains).findFirst().orElse("");
  }

  private static final List<String> FACES = List.of("foot", "rim", "shoulder");

  /** A face lies at a height when it is as near as this, mm. */
  private static final double FACE = 0.05;

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
        new Frame(closed.zero() + dz, false),
        holes.stream().map(h -> h.shifted(dz)).toList());
  }

  /** This part looked for by another point inside of it. */
  public Part at(Point other) {
    return new Part(name, other, target, surfaces, stubs, closed, holes);
  }

  /** The stub that stands on a surface. */
  public Stub standingOn(SurfaceId surface) {
    return stubs.stream()
        .filter(s -> s.standsOn().equals(surface))
        .findFirst()
        .orElseThrow(() -> new Refused(Wording.of("part.nothing-stands-on", surface)));
  }

  /** Whether waste of that name is spared on it. */
  public boolean has(String stub) {
    return stubs.stream().anyMatch(s -> s.name().equals(stub));
  }

  /** The stub of that name. */
  public Stub stub(String stub) {
    return stubs.stream()
        .filter(s -> s.name().equals(stub))
        .findFirst()
        .orElseThrow(() -> new Refused(Wording.of("part.has-no-stub", name, stub)));
  }
}
