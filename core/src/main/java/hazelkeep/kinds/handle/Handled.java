package hazelkeep.kinds.handle;

import hazelkeep.element.RingTool;
import hazelkeep.element.RingZone;
import hazelkeep.element.StemLine;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Stated;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a turner states about a ringed handle. Sizes that are not stated follow from the rules.
 *
 * @param stem the line of its stem
 * @param rings how many captive rings go round it, 0 to 9
 * @param ringTool how they are cut free
 * @param spare a block for one more
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 */
public record Handled(
    StemLine.Form stem,
    int rings,
    RingTool.How ringTool,
    RingZone.Spare spare,
    String species,
    int grit,
    String finish,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements)
    implements Design {

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public Handled {
    elements = elements == null ? List.of() : List.copyOf(elements);
    Stated.usual(grit, paper, grainSlope);
    ringTool = RingTool.How.or(ringTool);
    spare = RingZone.Spare.or(spare);
    RingZone.wished(rings);
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** A handle with three rings and nothing else stated. */
  static Handled fresh() {
    return new Handled(
        StemLine.Form.WAISTED,
        3,
        RingTool.How.STRAIGHT,
        RingZone.Spare.NONE,
        "Common pear",
        400,
        "oil",
        Optional.empty(),
        Map.of(),
        "Yellow-poplar",
        0,
        0,
        List.of());
  }
}
