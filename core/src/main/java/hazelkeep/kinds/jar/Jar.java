package hazelkeep.kinds.jar;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Stated;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a turner states about a jar.
 *
 * @param form where its body is fullest
 * @param fit how its lid goes over its neck
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param footBy how the foot is finished
 * @param topBy how the top is finished
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 * @param closes by what it closes; wood on wood where nothing is said
 */
public record Jar(
    Form form,
    FitClass fit,
    String species,
    int grit,
    String finish,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    Finishing footBy,
    Finishing topBy,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements,
    Closes closes)
    implements Design {

  /** Where its body is fullest. */
  public enum Form {
    ROUND,
    PEAR,
    SHOULDERED
  }

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public Jar {
    elements = elements == null ? List.of() : List.copyOf(elements);
    closes = Closes.or(closes);
    Stated.usual(grit, paper, grainSlope);
    Stated.worn(fit);
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** One with nothing stated. */
  static Jar fresh() {
    return new Jar(
        Form.ROUND,
        FitClass.SNUG,
        "Black cherry",
        320,
        "oil",
        Optional.empty(),
        Map.of(),
        Finishing.SAW,
        Finishing.ON_PARTNER,
        "Yellow-poplar",
        0,
        0,
        List.of(),
        Closes.WOOD);
  }
}
