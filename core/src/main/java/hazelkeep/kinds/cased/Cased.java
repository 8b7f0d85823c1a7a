package hazelkeep.kinds.cased;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.Stated;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a turner states about a bored case or a little house.
 *
 * @param form what it looks like
 * @param fit how the lid goes on
 * @param content what must go in
 * @param holes bored into its side
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
public record Cased(
    Form form,
    FitClass fit,
    Optional<Content> content,
    List<SideHole> holes,
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

  /** What it looks like. */
  public enum Form {
    /** One slim line, both ends rounded. */
    CASE,
    /** The same, fullest where lid and body meet. */
    SPINDLE,
    /** A roof that stands over its walls. */
    HOUSE
  }

  /**
   * What must go in.
   *
   * @param diameter of a piece, or over a bundle
   * @param height how long it is
   * @param bundle whether it is a bundle, which does not reach into the bits' points
   */
  public record Content(Optional<Size> diameter, Optional<Size> height, boolean bundle) {
    /**
     * @throws Refused when out of range
     */
    public Content {
      Stated.within(diameter, 0.3, 120, "What goes in is");
      Stated.within(height, 5, 500, "What goes in is");
    }
  }

  private static final int HOLES_MOST = 24;

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public Cased {
    elements = elements == null ? List.of() : List.copyOf(elements);
    closes = Closes.or(closes);
    Stated.usual(grit, paper, grainSlope);
    Stated.worn(fit);
    if (holes.size() > HOLES_MOST) {
      throw new Refused(Wording.of("cased.at-most-holes-go-into", HOLES_MOST));
    }
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    holes = List.copyOf(holes);
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** One with nothing stated; a house has its door and the hole for its perch. */
  static Cased fresh(Form form) {
    boolean house = form == Form.HOUSE;
    return new Cased(
        form,
        house ? FitClass.SNUG : FitClass.SUCTION,
        Optional.empty(),
        house
            ? List.of(
                new SideHole("door", Size.mm(38), 0, Size.mm(16)),
                new SideHole("perch", Size.mm(20), 0, Size.mm(4)))
            : List.of(),
        "Common pear",
        320,
        "oil",
        Optional.empty(),
        Map.of(),
        Finishing.SAW,
        house ? Finishing.ON_PARTNER : Finishing.SAW,
        "Yellow-poplar",
        0,
        0,
        List.of(),
        Closes.WOOD);
  }

  /** With its sizes replaced. */
  Cased with(Map<DimKey, Size> stated) {
    return Restated.with(this, "sizes", stated);
  }

  /** With a size stated in mm. */
  public Cased with(String key, double mm) {
    Map<DimKey, Size> next = new TreeMap<>(sizes);
    next.put(new DimKey(key), Size.mm(mm));
    return with(next);
  }

  /** Whether its roof stands over its walls. */
  boolean house() {
    return form == Form.HOUSE;
  }
}
