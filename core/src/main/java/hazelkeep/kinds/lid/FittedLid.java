package hazelkeep.kinds.lid;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Stated;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a turner states about a lid for a vessel that exists. Sizes that are not stated follow from
 * the rules, those of the vessel from what vessels usually are: they are to be measured.
 *
 * @param fit how its lip goes into the mouth
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param topBy how it is held while its top is turned
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 */
public record FittedLid(
    FitClass fit,
    String species,
    int grit,
    String finish,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    Finishing topBy,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements)
    implements Design {

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public FittedLid {
    elements = elements == null ? List.of() : List.copyOf(elements);
    Stated.usual(grit, paper, grainSlope);
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** A lid for a vessel of which nothing was measured yet. */
  static FittedLid fresh() {
    return new FittedLid(
        FitClass.EASY,
        "Common pear",
        400,
        "oil",
        Optional.empty(),
        Map.of(),
        Finishing.JAM_CUP,
        "Yellow-poplar",
        0,
        0,
        List.of());
  }
}
