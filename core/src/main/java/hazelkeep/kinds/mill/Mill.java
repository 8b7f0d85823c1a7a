package hazelkeep.kinds.mill;

import hazelkeep.fit.FitClass;
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
 * What a turner states about a mill or the shaker that goes with it. The sizes of the bought parts
 * are sizes like all others.
 *
 * @param role whether it grinds or shakes
 * @param form the body's line
 * @param tenon which half has the tenon, the other is bored for it
 * @param fit how it goes in
 * @param holes how many holes a shaker's head has, 1 to 12
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param mouthBy how the body is held while its mouth's tenon goes
 * @param topBy how the head is held while its top is finished
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 */
public record Mill(
    Role role,
    Form form,
    Tenon tenon,
    FitClass fit,
    int holes,
    String species,
    int grit,
    String finish,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    Finishing mouthBy,
    Finishing topBy,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements)
    implements Design {

  /** What it does. */
  public enum Role {
    MILL,
    SHAKER
  }

  /** Which half has the tenon. */
  public enum Tenon {
    HEAD,
    BODY
  }

  /** The line of the body. */
  public enum Form {
    STRAIGHT,
    WAISTED
  }

  private static final int HOLES_MOST = 12;

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public Mill {
    elements = elements == null ? List.of() : List.copyOf(elements);
    tenon = tenon == null ? Tenon.HEAD : tenon;
    topBy = topBy(tenon, topBy);
    Stated.usual(grit, paper, grainSlope);
    if (holes < 1 || holes > HOLES_MOST) {
      throw new Refused(Wording.of("mill.a-shakers-head-has-1", HOLES_MOST));
    }
    if (fit == FitClass.JAM) {
      throw new Refused(Wording.of("mill.a-jam-is-for-turning"));
    }
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
  }

  /** One with nothing stated. */
  static Mill fresh(Role role) {
    return new Mill(
        role,
        Form.WAISTED,
        Tenon.HEAD,
        role == Role.MILL ? FitClass.EASY : FitClass.SNUG,
        5,
        "Common pear",
        320,
        "oil",
        Optional.empty(),
        Map.of(),
        Finishing.AROUND,
        Finishing.JAM_CUP,
        "Yellow-poplar",
        0,
        0,
        List.of());
  }

  /** With its sizes replaced. */
  Mill with(Map<DimKey, Size> stated) {
    return Restated.with(this, "sizes", stated);
  }

  /** With a size stated in mm. */
  public Mill with(String key, double mm) {
    Map<DimKey, Size> next = new TreeMap<>(sizes);
    next.put(new DimKey(key), Size.mm(mm));
    return with(next);
  }

  /** A head without a tenon is held in its recess in the same manner, and the other way round. */
  private static Finishing topBy(Tenon tenon, Finishing by) {
    return switch (by) {
      case JAM_CUP, JAM_PLUG -> tenon == Tenon.HEAD ? Finishing.JAM_CUP : Finishing.JAM_PLUG;
      case AROUND, EXPAND -> tenon == Tenon.HEAD ? Finishing.AROUND : Finishing.EXPAND;
      default -> by;
    };
  }

  /** Whether the body has the tenon. */
  boolean onBody() {
    return tenon == Tenon.BODY;
  }

  /** Whether it grinds. */
  boolean grinds() {
    return role == Role.MILL;
  }
}
