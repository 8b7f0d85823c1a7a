package hazelkeep.route;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is to be made out of what.
 *
 * @param blank the stock at the start
 * @param parts what it shall become
 * @param joints where parts meet in a fit
 * @param dims every dimension by its key
 * @param practice what the turner goes by
 */
public record Aim(
    Body blank, List<Part> parts, List<Joint> joints, Map<DimKey, Dim> dims, Practice practice) {
  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return practice.of(line);
  }

  /** The part of that name. */
  public Part part(String name) {
    return parts.stream()
        .filter(p -> p.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("There is no part " + name));
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
        blank,
        parts.stream().map(p -> p.shifted(by.getOrDefault(p.name(), 0.0))).toList(),
        joints,
        dims,
        practice);
  }

  /** This aim with its parts looked for by other points inside of them; the rest stay. */
  public Aim cored(Map<String, Point> cores) {
    return new Aim(
        blank,
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
