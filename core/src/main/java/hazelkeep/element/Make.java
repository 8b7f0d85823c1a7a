package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Joint;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a piece is put together from.
 *
 * @param stock the blank
 * @param stick the stretches of its length, from its foot on
 * @param members the bodies that are made of it
 * @param others elements that belong to no body or to more than one: waste, tenons, what goes in
 * @param joints where members meet in a fit
 * @param either sizes of which one says the others: what was stated last counts
 */
public record Make(
    Stock stock,
    List<Stretch> stick,
    List<Member> members,
    List<Element> others,
    List<Joint> joints,
    List<Set<DimKey>> either) {
  /** Every element. */
  public Stream<Element> elements() {
    return Stream.concat(members.stream().flatMap(m -> m.elements().stream()), others.stream());
  }
}
