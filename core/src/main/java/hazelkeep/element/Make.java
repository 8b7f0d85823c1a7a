package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Joint;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a piece is put together from.
 *
 * @param stock the blank
 * @param along the stretches of its length, from its foot on
 * @param members the bodies that are made of it
 * @param others elements that belong to no body or to more than one: holes, what goes in
 * @param joints where members meet in a fit
 * @param given what is there already and is only fitted to: a vessel that was measured
 * @param either sizes of which one says the others: what was stated last counts
 */
public record Make(
    Stock stock,
    Along along,
    List<Member> members,
    List<Element> others,
    List<Joint> joints,
    List<Given> given,
    List<Set<DimKey>> either) {
  /** Something that is there already. */
  public interface Given extends Element {
    /**
     * It as it was measured.
     *
     * @param foot where the piece stands on it or lies, in the blank's z
     */
    Part part(Lay lay, double foot);
  }

  /** What is made of nothing but its blank. */
  public Make(
      Stock stock,
      Along along,
      List<Member> members,
      List<Element> others,
      List<Joint> joints,
      List<Set<DimKey>> either) {
    this(stock, along, members, others, joints, List.of(), either);
  }

  /** The stretches of the blank's length. */
  List<Stretch> stick() {
    return along.stretches();
  }

  /** Every element. */
  Stream<Element> elements() {
    return Stream.of(
            members.stream().flatMap(m -> m.elements().stream()).toList(),
            along.elements(),
            others,
            given)
        .flatMap(List::stream);
  }
}
