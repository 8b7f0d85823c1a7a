package hazelkeep.route;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is to be made out of what.
 *
 * @param blanks the stock at the start: the blank, then those of parts that have one of their own
 *     and bear its name; one that is its part already is a thing that was there before: a vessel
 * @param parts what it shall become
 * @param joints where parts meet in a fit
 * @param dims every dimension by its key
 * @param practice what the turner goes by
 */
public record Aim(
    List<Body> blanks,
    List<Part> parts,
    List<Joint> joints,
    Map<DimKey, Dim> dims,
    Practice practice) {
  /** How far the middle of the blank may lie beside the axis. */
  public static final DimKey OFF = new DimKey("blank.off");

  /** What is made of one blank. */
  public Aim(
      Body blank, List<Part> parts, List<Joint> joints, Map<DimKey, Dim> dims, Practice practice) {
    this(List.of(blank), parts, joints, dims, practice);
  }

  /** The blank that the piece is turned from. */
  public Body blank() {
    return blanks.get(0);
  }

  /**
   * The blank that a part has for itself; empty where it comes off the piece's blank or is given.
   */
  public Optional<Body> own(String part) {
    return named(part).filter(b -> !given(part));
  }

  /** Whether a part was there before and is only fitted to. */
  public boolean given(String part) {
    return named(part).filter(b -> b.sound() == part(part).target()).isPresent();
  }

  private Optional<Body> named(String part) {
    return blanks.stream().skip(1).filter(b -> b.name().equals(part)).findFirst();
  }

  /** The parts that are made. */
  public List<Part> made() {
    return parts.stream().filter(p -> !given(p.name())).toList();
  }

  /** Where the piece itself is closed; empty where nothing of it comes off and goes on again. */
  public Optional<Joint> closing() {
    return joints.stream()
        .filter(j -> own(j.inner().part()).isEmpty() && own(j.outer().part()).isEmpty())
        .findFirst();
  }

  /** The wood of a part; where a seam goes through it, that of its middle. */
  public Species wood(String part) {
    HalfSection target = part(part).target();
    return named(part).orElse(blank()).wood((target.minZ() + target.maxZ()) / 2);
  }

  /** The parts that come off the piece's blank. */
  public List<Part> offBlank() {
    return parts.stream().filter(p -> named(p.name()).isEmpty()).toList();
  }

  /**
   * Whether a part goes loosely round another of the same blank, as a captive ring round its stem:
   * no other blank makes it again.
   */
  public boolean captive(Part p) {
    HalfSection t = p.target();
    return t.minR() > 0
        && offBlank().contains(p)
        && offBlank().stream()
            .filter(q -> !q.equals(p))
            .map(q -> q.target().and(HalfSection.box(t.minZ(), t.maxZ(), 0, t.minR())))
            .anyMatch(within -> within.area() > HalfSection.DUST_AREA);
  }

  /**
   * Whether a part is all that is made of the piece's blank, but for what goes loosely round it.
   */
  public boolean whole(Part p) {
    return offBlank().contains(p)
        && offBlank().stream().filter(q -> !q.equals(p)).allMatch(this::captive);
  }

  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return practice.of(line);
  }

  /** The part of that name. */
  public Part part(String name) {
    return parts.stream()
        .filter(p -> p.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new Refused(Wording.of("aim.there-is-no-part", name)));
  }

  /** Whether there is a part of that name. */
  public boolean has(String part) {
    return parts.stream().anyMatch(p -> p.name().equals(part));
  }

  /** Whether there is a surface of that name. */
  public boolean has(SurfaceId id) {
    return parts.stream().flatMap(p -> p.surfaces().stream()).anyMatch(s -> s.id().equals(id));
  }

  /** The surface of that name. */
  public Surface surface(SurfaceId id) {
    return part(id.part()).surface(id.name());
  }

  /** This aim with parts moved along the blank by so much, mm; parts not named stay. */
  public Aim shifted(Map<String, Double> by) {
    return new Aim(
        blanks,
        parts.stream().map(p -> p.shifted(by.getOrDefault(p.name(), 0.0))).toList(),
        joints,
        dims,
        practice);
  }

  /** This aim with its parts looked for by other points inside of them; the rest stay. */
  public Aim cored(Map<String, Point> cores) {
    return new Aim(
        blanks,
        parts.stream()
            .map(p -> cores.containsKey(p.name()) ? p.at(cores.get(p.name())) : p)
            .toList(),
        joints,
        dims,
        practice);
  }

  /** How wide the class of a joint's fit is, mm. */
  double width(Joint j) {
    double recess = dims.get(j.recess()).mm();
    return j.use().most(recess, practice) - j.use().least(recess, practice);
  }

  /** The finished parts where they lie in the closed piece. */
  public List<HalfSection> closed() {
    return parts.stream().map(p -> p.target().in(p.closed())).toList();
  }

  /** The widest of what comes off the piece's blank, as drawn, mm. */
  public double across() {
    return offBlank().stream().mapToDouble(p -> 2 * p.target().maxR()).max().orElse(0);
  }

  /** How far the middle of what is not round yet may lie beside the axis, mm. */
  public double off() {
    Dim off = dims.get(OFF);
    return off == null ? 0 : off.mm();
  }

  /** A dimension in mm. */
  public double mm(String key) {
    return dims.get(new DimKey(key)).mm();
  }

  /** A dimension in mm. */
  public double mm(DimKey key) {
    return dims.get(key).mm();
  }

  /** Every dimension in mm. */
  public Map<DimKey, Double> sizes() {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    dims.forEach((k, d) -> out.put(k, d.mm()));
    return out;
  }
}
