package hazelkeep.kinds.vessel;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
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
 * What a turner states about a bored vessel. Sizes that are not stated follow from the rules.
 *
 * @param form the outside's line
 * @param inside whether the bore is the inside, or a hollow behind a narrow mouth
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param content what must go in
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param footBy how the foot is finished
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 */
public record BoredVessel(
    Form form,
    Inside inside,
    String species,
    int grit,
    String finish,
    Optional<Content> content,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    Finishing footBy,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements)
    implements Design {

  /** The line of the outside. */
  public enum Form {
    STRAIGHT,
    TAPER,
    BELLIED,
    NECKED
  }

  /** What the inside is. */
  public enum Inside {
    /** The bore as the bits leave it: for dry stems, pens, sticks. */
    BORED,
    /** Hollowed behind its narrow mouth with a hooked bar on a rig. */
    RIGGED
  }

  /**
   * What must go in.
   *
   * @param diameter of a piece, or over a bundle
   * @param height how long it is
   * @param proud how far it stands out of the mouth
   * @param bundle whether it is a bundle, which does not reach into the bit's point
   */
  public record Content(
      Optional<Size> diameter, Optional<Size> height, Optional<Size> proud, boolean bundle) {
    /**
     * @throws Refused when out of range
     */
    public Content {
      Stated.within(diameter, 0.3, 120, "What goes in is");
      Stated.within(height, 5, 600, "What goes in is");
      Stated.within(proud, 0, 500, "It stands proud by");
      if (height.isPresent() && proud.isPresent() && proud.get().mm() >= height.get().mm()) {
        throw new Refused(Wording.of("boredVessel.what-goes-in-stands-proud"));
      }
    }
  }

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public BoredVessel {
    elements = elements == null ? List.of() : List.copyOf(elements);
    Stated.usual(grit, paper, grainSlope);
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** A vessel of a form with nothing stated. */
  static BoredVessel fresh(Form form) {
    return new BoredVessel(
        form,
        Inside.BORED,
        "Common pear",
        320,
        "oil",
        Optional.empty(),
        Optional.empty(),
        Map.of(),
        Finishing.SAW,
        "Yellow-poplar",
        0,
        0,
        List.of());
  }

  /** This vessel with its sizes replaced. */
  BoredVessel with(Map<DimKey, Size> stated) {
    return Restated.with(this, "sizes", stated);
  }

  /** This vessel with a size stated in mm. */
  public BoredVessel with(String key, double mm) {
    Map<DimKey, Size> next = new TreeMap<>(sizes);
    next.put(new DimKey(key), Size.mm(mm));
    return with(next);
  }

  /** Whether it is hollowed behind its mouth. */
  boolean rigged() {
    return inside == Inside.RIGGED;
  }

  /** Whether its foot is made first, with a recess that holds it. */
  boolean recessed() {
    return footBy == Finishing.RECESS;
  }

  /** Whether its outside is drawn in to a neck. */
  boolean necked() {
    return form == Form.NECKED;
  }
}
