package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Quantity;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a finished piece may be asked to come to, whatever sizes bring it there. */
public enum Outcome {
  /** What its hollow holds up to a line, ml. */
  HOLDS("Holds", "Contents", Quantity.VOLUME, 1, 9000),
  /** What it weighs at most, g. */
  WEIGHS("Weighs at most", "Weight", Quantity.MASS, 1, 9000),
  /** The angle that it may be leaned to without tipping over, empty and full, degrees. */
  TIPS("Stands until leaned by", "Lean", Quantity.ANGLE, 0.5, 80),
  /** What its walls and rims leave at their thinnest, whatever a bit drifts, mm. */
  WALLS("Walls at least", "Thinnest wall", Quantity.LENGTH, 0.5, 60);

  /** The number of the first and only one of its sort. */
  private static final int ONLY = 1;

  private final String words;
  private final String label;
  private final Quantity quantity;
  private final double least;
  private final double most;

  Outcome(String words, String label, Quantity quantity, double least, double most) {
    this.words = words;
    this.label = label;
    this.quantity = quantity;
    this.least = least;
    this.most = most;
  }

  /** What is asked, in the trade's words, before its number. */
  public String words() {
    return words;
  }

  /** What the size that says how much is called. */
  public String label() {
    return label;
  }

  /** Its name in piece files. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The outcome of some name; empty where it is none. */
  public static Optional<Outcome> named(String what) {
    return Arrays.stream(values()).filter(o -> o.key().equals(what)).findFirst();
  }

  /** It as something asked of a part. */
  public Added asked(String part) {
    return new Added(key(), ONLY, part);
  }

  /** Where it is asked of a design; empty where it is not. */
  public Optional<Added> in(Design design) {
    return design.elements().stream().filter(a -> a.what().equals(key())).findFirst();
  }

  /** The size that says how much. */
  public DimKey amount(Added added) {
    return added.size(quantity.word());
  }

  /** The size that says how far below the brim the line lies that it is filled to. */
  public static DimKey below(Added added) {
    return added.size("below");
  }

  /** What it is measured in. */
  public Quantity quantity() {
    return quantity;
  }

  /** The least that is taken from a person. */
  public double least() {
    return least;
  }

  /** The most that is taken from a person. */
  public double most() {
    return most;
  }

  /** Whether something added shapes no wood: it is only asked. */
  public static boolean asked(Added added) {
    return named(added.what()).isPresent();
  }

  /** Whether a size of a design belongs to what is asked of it. */
  static boolean asks(Design design, DimKey size) {
    return of(design).stream()
        .map(o -> o.in(design).orElseThrow().id() + ".")
        .anyMatch(size.path()::startsWith);
  }

  /** All that is asked of a design. */
  static List<Outcome> of(Design design) {
    return design.elements().isEmpty()
        ? List.of()
        : Arrays.stream(values()).filter(o -> o.in(design).isPresent()).toList();
  }
}
