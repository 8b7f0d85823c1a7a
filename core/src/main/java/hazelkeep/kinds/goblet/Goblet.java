package hazelkeep.kinds.goblet;

import hazelkeep.element.RingTool;
import hazelkeep.element.RingZone;
import hazelkeep.element.StemLine;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
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
 * What a turner states about a goblet. Sizes that are not stated follow from the rules.
 *
 * @param form the outline of the bowl
 * @param stem the line of the stem
 * @param stands how wide the foot is beside the bowl
 * @param rings how many captive rings go round the stem, 0 to 9
 * @param ringTool how they are cut free
 * @param spare a block for one more
 * @param species the wood's common name
 * @param grit the finest grit, 80 to 2000
 * @param finish the finish product; empty when it stays raw
 * @param content what it shall hold
 * @param blank the stock at hand, if there is some
 * @param sizes the sizes stated
 * @param footBy how the foot is finished
 * @param jamWood the wood that jam chucks are turned from
 * @param paper layers of paper between a jam chuck and the work
 * @param grainSlope lean of the grain against the axis, degrees, 0 to 30
 * @param elements what was added to it
 */
public record Goblet(
    Form form,
    StemLine.Form stem,
    Stands stands,
    int rings,
    RingTool.How ringTool,
    RingZone.Spare spare,
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

  /** The outline of the bowl. */
  public enum Form {
    EGG,
    TULIP,
    BELL,
    CONE
  }

  /** How wide the foot is. */
  public enum Stands {
    /** A little smaller than the bowl. */
    SMALLER,
    /** As wide as the bowl, for stability. */
    AS_WIDE,
    /** Left as the blank is: a branch in its bark. */
    ROUGH
  }

  /**
   * What it shall hold.
   *
   * @param ml to the brim, or to a line
   * @param below how far the line lies below the brim; empty for the brim itself
   */
  public record Content(Optional<Double> ml, Optional<Size> below) {
    /**
     * @throws Refused when out of range
     */
    public Content {
      if (ml.isPresent() && !(ml.get() >= 1 && ml.get() <= 3_000)) {
        throw new Refused(Wording.of("goblet.a-goblet-holds-between-1"));
      }
      Stated.within(below, 0, 100, Wording.of("goblet.the-line-lies-below-the"));
    }
  }

  /**
   * @throws Refused when something is out of range, saying what would be accepted
   */
  public Goblet {
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

  /** A goblet with nothing stated. */
  static Goblet fresh() {
    return new Goblet(
        Form.EGG,
        StemLine.Form.WAISTED,
        Stands.SMALLER,
        0,
        RingTool.How.STRAIGHT,
        RingZone.Spare.NONE,
        "Common pear",
        400,
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

  /** Whether its foot stays as it grew. */
  boolean rough() {
    return stands == Stands.ROUGH;
  }

  /** How much it shall hold, ml. */
  Optional<Double> ml() {
    return content.flatMap(Content::ml);
  }

  /** How far below the brim the line is that it shall hold so much to, mm. */
  double below() {
    return content.flatMap(Content::below).map(Size::mm).orElse(0.0);
  }
}
