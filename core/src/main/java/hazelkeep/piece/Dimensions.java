package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Aim;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The dimensions of a piece that was drawn, put together one by one, and what each is asked for.
 */
public final class Dimensions {
  private final Aim aim;
  private final List<Dimension> all = new ArrayList<>();

  /** Of a piece as it is planned. */
  public Dimensions(Aim aim) {
    this.aim = aim;
  }

  /** A size that lies on a surface. */
  public Dimension size(DimKey key, SurfaceId on) {
    Dimension d = new Dimension(key, on, aim);
    all.add(d);
    return d;
  }

  /** A size of a part that lies on no surface of its own. */
  public Dimension size(DimKey key, String part) {
    return size(key, new SurfaceId(part, ""));
  }

  /** These and others. */
  public Dimensions with(Dimensions more) {
    Dimensions out = new Dimensions(aim);
    out.all.addAll(all);
    out.all.addAll(more.all);
    return out;
  }

  private <T> List<T> each(Function<Dimension, Optional<T>> of) {
    return all.stream().flatMap(d -> of.apply(d).stream()).toList();
  }

  /** Where they lie: those that hang on the drawing, and those measured at the bench. */
  public List<Measure> measures() {
    return each(Dimension::lies);
  }

  /** What they measure on the wood, for those that can be read at the bench. */
  public List<Feature> features() {
    return each(Dimension::feature);
  }

  /** The points that can be dragged. */
  public List<Grip> grips() {
    return each(Dimension::grip);
  }

  /** Those that the record of a finished piece keeps, in order. */
  public List<DimKey> recorded() {
    return all.stream().filter(Dimension::isRecorded).map(Dimension::key).distinct().toList();
  }

  /** Those that a change in the middle of the work leaves as they are. */
  public List<DimKey> staying() {
    return all.stream().filter(Dimension::isStaying).map(Dimension::key).toList();
  }

  /** Read again on the section that they were drawn on, mm. */
  public Map<DimKey, Double> onSection() {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    all.forEach(d -> d.seen().ifPresent(mm -> out.put(d.key(), mm)));
    return out;
  }
}
