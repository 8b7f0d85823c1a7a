package hazelkeep.element;

import hazelkeep.measure.DimKey;
import java.util.ArrayList;
import java.util.List;

/** The blank put together along its axis, from its foot on: what is kept, and what is cut away. */
public final class Along {
  private final List<Stretch> stretches = new ArrayList<>();
  private final List<Element> elements = new ArrayList<>();

  /** Something that is cut away. */
  public Along then(Spare spare) {
    stretches.add(spare.stretch());
    elements.add(spare);
    return this;
  }

  /** A tenon; the member that it stands on draws it. */
  public Along then(ChuckTenon tenon) {
    stretches.add(tenon.stretch());
    if (tenon.none().isPresent()) {
      elements.add(tenon);
    }
    return this;
  }

  /** What stays in the piece. */
  public Along kept(DimKey key, String word) {
    stretches.add(Stretch.kept(key, word));
    return this;
  }

  /** All stretches. */
  List<Stretch> stretches() {
    return List.copyOf(stretches);
  }

  /** What is no member's. */
  List<Element> elements() {
    return List.copyOf(elements);
  }
}
