package hazelkeep.kinds.box;

import hazelkeep.element.Lay;
import hazelkeep.element.ThreadPair;
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
import hazelkeep.piece.Hollowing;
import hazelkeep.piece.Mounting;
import hazelkeep.piece.Stated;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a turner states about a lidded box. Sizes that are not stated follow from the rules.
 *
 * @param school which half carries the spigot
 * @param form the outside's line
 * @param top the lid's top
 * @param floor the inside of the body at its bottom
 * @param roof the inside of the lid
 * @param share lid to body, unless a lid height is stated
 * @param gives which dimension gives way when the blank is short
 * @param fit the class of fit in use
 * @param species the wood's common name; may be any name, its density is then unknown
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param content what must go in
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param points the free outline: share of the side's height, radius in mm; used by the free form
 * @param hollowing how the body is hollowed
 * @param startBy how the blank is first held
 * @param footBy how the foot is finished
 * @param topBy how the lid's top is finished
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 * @param closes by what it closes; wood on wood where nothing is said
 */
public record LiddedBox(
    School school,
    Form form,
    Top top,
    Floor floor,
    Roof roof,
    Share share,
    Gives gives,
    FitClass fit,
    String species,
    int grit,
    String finish,
    Optional<Content> content,
    Optional<Blank> blank,
    Map<DimKey, Size> sizes,
    List<OutlinePoint> points,
    Hollowing hollowing,
    Mounting startBy,
    Finishing footBy,
    Finishing topBy,
    String jamWood,
    int paper,
    int grainSlope,
    List<Added> elements,
    Closes closes)
    implements Design {

  /** Which half carries the spigot. */
  public enum School {
    LID_OVER,
    LID_IN
  }

  /** The line of the outside. */
  public enum Form {
    STRAIGHT,
    BARREL,
    TAPER,
    OGEE,
    FREE
  }

  /** The lid's top. */
  public enum Top {
    FLAT,
    DOME
  }

  /** The floor inside. */
  public enum Floor {
    FLAT,
    ROUNDED
  }

  /** The inside of the lid. */
  public enum Roof {
    FLAT,
    DOMED
  }

  /** Lid to whole. */
  public enum Share {
    THIRDS(1 / 3.0),
    GOLDEN(0.382);

    private final double part;

    Share(double part) {
      this.part = part;
    }

    /** The lid's part of the visible height. */
    public double part() {
      return part;
    }
  }

  /** What gives way when the blank is short. */
  public enum Gives {
    BOTH,
    BODY,
    LID,
    JOINT
  }

  /**
   * What must go in. All may be empty.
   *
   * @param diameter of a cylinder
   * @param height of a cylinder
   * @param ml a volume, to the brim of the body
   */
  public record Content(Optional<Size> diameter, Optional<Size> height, Optional<Double> ml) {
    /**
     * @throws Refused when out of range
     */
    public Content {
      Stated.within(diameter, 3, 350, "What goes in is");
      Stated.within(height, 2, 500, "What goes in is");
      if (ml.isPresent() && !(ml.get() >= 1 && ml.get() <= 20_000)) {
        throw new Refused(Wording.of("liddedBox.the-room-inside-stays-between"));
      }
    }
  }

  /**
   * A point of a free outline.
   *
   * @param at share of the side's height, 0 at the foot to 1 below the top
   * @param radius mm
   */
  public record OutlinePoint(double at, double radius) {}

  private static final int POINTS_MOST = 12;

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public LiddedBox {
    Stated.worn(fit);
    elements = elements == null ? List.of() : List.copyOf(elements);
    closes = Closes.or(closes);
    Stated.usual(grit, paper, grainSlope);
    species = Stated.name(species, "The wood's name");
    finish = Stated.name(finish, "The finish");
    jamWood = Stated.name(jamWood, "The jam chuck's wood");
    if (topBy == Finishing.RECESS) {
      throw new Refused(Wording.of("liddedBox.a-recess-would-stay-in"));
    }
    if (points.size() > POINTS_MOST) {
      throw new Refused(Wording.of("liddedBox.an-outline-has-at-most", POINTS_MOST));
    }
    for (int i = 0; i < points.size(); i++) {
      OutlinePoint p = points.get(i);
      boolean rises = i == 0 || p.at() >= points.get(i - 1).at() + 0.02;
      if (!(p.at() >= 0 && p.at() <= 1) || !(p.radius() >= 3 && p.radius() <= 220) || !rises) {
        throw new Refused(Wording.of("liddedBox.the-outline-crosses-itself-or"));
      }
    }
    if (form == Form.FREE && points.size() < 2) {
      throw new Refused(Wording.of("liddedBox.a-free-outline-needs-two"));
    }
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
    points = List.copyOf(points);
  }

  /** A box with nothing stated. */
  public static LiddedBox fresh() {
    return new LiddedBox(
        School.LID_OVER,
        Form.STRAIGHT,
        Top.FLAT,
        Floor.FLAT,
        Roof.FLAT,
        Share.THIRDS,
        Gives.BOTH,
        FitClass.SUCTION,
        "Common pear",
        400,
        "oil",
        Optional.empty(),
        Optional.empty(),
        Map.of(),
        List.of(),
        Hollowing.GOUGE,
        Mounting.CENTRES,
        Finishing.JAM_PLUG,
        Finishing.ON_PARTNER,
        "Yellow-poplar",
        0,
        0,
        List.of(),
        Closes.WOOD);
  }

  /** Whether a bought threaded pair closes it. */
  boolean threaded() {
    return closes == Closes.THREAD;
  }

  /** Where the line of its recess begins under the rim, mm. */
  double lip(Lay lay) {
    return threaded() ? ThreadPair.lip(lay) : 0;
  }

  /** This box with its sizes replaced. */
  public LiddedBox with(Map<DimKey, Size> stated) {
    return Restated.with(this, "sizes", stated);
  }

  /** This box with its outline drawn through free points, which then say its diameters. */
  public LiddedBox withPoints(List<OutlinePoint> outline) {
    Map<DimKey, Size> rest = new TreeMap<>(sizes);
    rest.keySet().removeAll(BoxLine.SAID);
    return Restated.with(Restated.with(with(rest), "points", outline), "form", Form.FREE);
  }

  /** This box out of a blank, holding something. */
  public LiddedBox with(Optional<Content> holds, Optional<Blank> stock) {
    return Restated.with(Restated.with(this, "content", holds), "blank", stock);
  }

  /** This box with a size stated in mm. */
  public LiddedBox with(String key, double mm) {
    Map<DimKey, Size> next = new TreeMap<>(sizes);
    next.put(new DimKey(key), Size.mm(mm));
    return with(next);
  }
}
