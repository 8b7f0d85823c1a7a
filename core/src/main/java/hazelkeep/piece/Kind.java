package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of piece. Everything the rest of the program needs to plan, draw, rehearse and turn it.
 *
 * @param <D> its design record; the piece file is read and written from it
 */
public interface Kind<D extends Design> {
  /** Its stable name in piece files: {@code lidded-box}. */
  String name();

  /** Its name in the trade's words. */
  String title();

  /** Its design record. */
  Class<D> type();

  /** A design with nothing stated. */
  D fresh();

  /** How every dimension of a design follows. */
  List<Rule<D>> rules(D design);

  /**
   * What sizes must hold of one another, refusing nothing: each limit with by how much it is
   * passed, mm; below 0 where it holds.
   */
  default Map<String, Double> limits(D design, Map<DimKey, Dim> dims, Shop shop) {
    return Map.of();
  }

  /** What is customary of a design and gives way to what was stated, and it drawn without. */
  default Settled<D> settled(D design, Shop shop) {
    return new Settled<>(Gave.NONE, Optional.empty());
  }

  /**
   * What stated sizes that fight one another would have to become, mm, each by itself; nothing
   * where they don't fight.
   */
  default Map<DimKey, Optional<Double>> fight(D design, Shop shop) {
    return Map.of();
  }

  /** What is to be resolved of a design. */
  default Dims.Asked<D> asked(D design, Shop shop) {
    return new Dims.Asked<>(design, rules(design), shop, settled(design, shop).gave().to());
  }

  /**
   * Every dimension of a design.
   *
   * @param readings valid readings, true lengths in mm
   * @throws BadDesign when a stated size is unknown or out of its bounds
   */
  default Map<DimKey, Dim> dims(D design, Shop shop, Map<DimKey, Double> readings) {
    return Dims.resolve(asked(design, shop), readings);
  }

  /**
   * What is to be made.
   *
   * @throws BadDesign when it can't be drawn
   */
  Aim aim(D design, Map<DimKey, Dim> dims, Shop shop);

  /** How it is made by the school that the design chose. */
  Route route(D design, Aim aim, Shop shop);

  /** Its parts, each with what its walls are wanted to be. */
  List<Walled> walls(D design, Aim aim, Shop shop);

  /** What would go wrong by geometry alone, its walls apart. */
  List<Finding> judge(D design, Aim aim, Shop shop);

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(D design, Finding finding, Aim aim, Shop shop);

  /** What a turner calls a part: its own name, where that says it. */
  default String called(String part) {
    return part;
  }

  /** The design with a size stated, or left to the rules when empty. */
  D size(D design, DimKey key, Optional<Size> size);

  /**
   * The design with an option chosen.
   *
   * @throws Refused when there is no such choice or option
   */
  default D choose(D design, String choice, String option) {
    return Restated.chosen(design, choice, option);
  }

  /**
   * The design with a handle of the outline moved to a place in the blank's z.
   *
   * @throws Refused when there is no such handle
   */
  default D drag(D design, Aim aim, Shop shop, String handle, Point to) {
    Grip grip =
        dimensions(design, aim, shop).grips().stream()
            .filter(g -> g.handle().name().equals(handle))
            .findFirst()
            .orElseThrow(() -> new Refused(Wording.of("kind.there-is-no-point", handle)));
    D kept = grip.keeps().map(k -> size(design, k, Optional.of(Size.mm(aim.mm(k))))).orElse(design);
    D out = held(kept, aim, grip.key());
    for (Map.Entry<DimKey, Double> e : grip.sizes().apply(to).entrySet()) {
      double mm = Rounding.to(Math.max(0, e.getValue()), 1);
      out = size(out, e.getKey(), Optional.of(Size.mm(mm)));
    }
    return out;
  }

  /** A design in which a point may be dragged: what has to stay while it is. */
  default D held(D design, Aim aim, DimKey dragged) {
    return design;
  }

  /** Whether it is put down upright; what lies, hangs or is a lid is not. */
  default boolean stands() {
    return true;
  }

  /** The decisions that shape it. */
  List<Choice> choices(D design);

  /** Its ends, each with the ways to finish it. */
  List<End> ends(D design);

  /** What is bored and hollowed in each of its parts. */
  List<Boring> boring(D design, Aim aim, Shop shop);

  /**
   * The wood beside its bores that no cut from outside may enter: the least wall, and what a bit
   * may drift by. Empty where the shape is not fixed by a bore.
   */
  default HalfSection keep(D design, Aim aim, Shop shop) {
    return HalfSection.EMPTY;
  }

  /** The piece that stands beside it and has its outside; empty where there is none. */
  default Optional<Twin<D>> twin(D design, Aim aim) {
    return Optional.empty();
  }

  /** What is bought and let into it. */
  default List<Fitting> fittings(D design, Aim aim, Shop shop) {
    return List.of();
  }

  /** Where another wood is let in and levelled, in the blank's z. */
  default List<HalfSection> letIn(D design, Aim aim, Shop shop) {
    return List.of();
  }

  /** How its parts go together, a sentence a step; empty where there is nothing to say. */
  default List<String> assembly(D design, Aim aim) {
    return List.of();
  }

  /** What the blank's length is made of, from its foot end. */
  List<DimKey> stretches(D design);

  /** The blank's length with every millimetre named. */
  List<StickPiece> stick(D design, Map<DimKey, Dim> dims);

  /** Its sizes that have a place on the wood, each with all that follows from where it lies. */
  Dimensions dimensions(D design, Aim aim, Shop shop);

  /** The points of the outline that can be dragged. */
  default List<Handle> handles(D design, Aim aim, Shop shop) {
    return dimensions(design, aim, shop).grips().stream().map(Grip::handle).toList();
  }

  /**
   * A plane of each part that stays with its wood when other parts change: where it lies in the
   * blank's z.
   *
   * @param dims all dimensions, mm
   */
  Map<String, Double> anchors(D design, Map<DimKey, Double> dims);

  /**
   * Dimensions that were settled by what was cut when others were as they were then.
   *
   * @param then all dimensions when the tenons were cut, mm
   * @param now all dimensions by the design as it now is, mm
   */
  Map<DimKey, Double> settled(D design, Map<DimKey, Double> then, Map<DimKey, Double> now);

  /**
   * Of the dimensions that a change in the middle of the work leaves as they are, those that it
   * does so indeed: it neither names them nor what would say them otherwise.
   *
   * @param staying them
   * @param named the dimensions that the change sets
   */
  List<DimKey> stays(D design, List<DimKey> staying, Set<DimKey> named);

  /** What of it can be filled. */
  Properties.Room room(D design, Aim aim);
}
