package hazelkeep.element;

import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** The shapes that an outside can be bent to, with their words. */
public enum Shape {
  LINE(
      "line",
      "Cut the line",
      Wording.of("shape.point-of-the-skew-straight"),
      Line.DETAIL_LINE_WIDE,
      Line.DETAIL_LINE_DEEP),
  LINES(
      "three lines",
      "Cut the three lines",
      Wording.of("shape.mark-all-three-first-the"),
      Line.DETAIL_LINE_WIDE,
      Line.DETAIL_LINE_DEEP),
  BURNT(
      "burnt line",
      Wording.of("shape.cut-the-line-and-burn"),
      Wording.of("shape.cut-it-first-then-press"),
      Line.DETAIL_BURNT_WIDE,
      Line.DETAIL_BURNT_DEEP),
  BEAD(
      "bead",
      "Turn the bead",
      Wording.of("shape.two-cuts-of-the-skew"),
      Line.DETAIL_BEAD_WIDE,
      Line.DETAIL_BEAD_DEEP),
  COVE(
      "cove",
      "Turn the cove",
      Wording.of("shape.small-gouge-from-both-sides"),
      Line.DETAIL_COVE_WIDE,
      Line.DETAIL_COVE_DEEP),
  WAIST(
      "waist",
      "Turn the waist",
      Wording.of("shape.gouge-from-both-sides-down"),
      Line.DETAIL_WAIST_WIDE,
      Line.DETAIL_WAIST_DEEP),
  STEP(
      "step",
      "Cut the step",
      Wording.of("shape.parting-tool-to-the-depth"),
      Line.DETAIL_STEP_WIDE,
      Line.DETAIL_STEP_DEEP),
  TEXTURE(
      "texture band",
      "Line off the band",
      Wording.of("shape.a-line-at-each-side"),
      Line.DETAIL_TEXTURE_WIDE,
      Line.DETAIL_TEXTURE_DEEP);

  /** Of a bead's depth, how far the cut beside it leans. */
  private static final double LEANS = 0.35;

  /** Of a flat's depth, how far its edges lean. */
  private static final double CRISP = 0.15;

  private final String word;
  private final String title;
  private final String how;
  private final Line wide;
  private final Line deep;

  Shape(String word, String title, String how, Line wide, Line deep) {
    this.word = word;
    this.title = title;
    this.how = how;
    this.wide = wide;
    this.deep = deep;
  }

  /** Its word in the trade. */
  public String word() {
    return word;
  }

  /** Its step in a few words. */
  String title() {
    return title;
  }

  /** What to do, a sentence or two. */
  String how() {
    return how;
  }

  /** How wide it usually is. */
  Line wide() {
    return wide;
  }

  /** How deep it usually is. */
  Line deep() {
    return deep;
  }

  /** Its name in piece files: {@code line}. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The shape of that name. */
  public static Optional<Shape> named(String key) {
    return Arrays.stream(values()).filter(s -> s.key().equals(key)).findFirst();
  }

  /**
   * How deep it lies at a place of its width.
   *
   * @param x from -1 at its low end over 0 in its middle to 1
   * @param deep its depth, mm
   * @param half half its width, mm
   */
  double at(double x, double deep, double half) {
    double off = Math.min(1, Math.abs(x));
    return switch (this) {
      case LINE, LINES, BURNT -> deep * (1 - off);
      case WAIST -> deep * (1 + Math.cos(Math.PI * off)) / 2;
      case COVE -> deep * Math.sqrt(1 - off * off);
      case BEAD -> {
        double lead = edge(deep, half);
        double on = off / (1 - lead);
        yield on <= 1 ? deep * (1 - Math.sqrt(1 - on * on)) : deep * (1 - off) / lead;
      }
      case STEP, TEXTURE -> deep * Math.min(1, (1 - off) / edge(deep, half));
    };
  }

  /** Of half its width, what its edge takes at each side; all of it where it has no flat. */
  private double edge(double deep, double half) {
    return switch (this) {
      case BEAD -> Math.min(0.4, LEANS * deep / half);
      case STEP, TEXTURE -> Math.min(0.5, CRISP * deep / half);
      default -> 1;
    };
  }

  /**
   * Places along its width at which its outline is drawn: evenly, and where it turns sharply.
   *
   * @param places how many at least
   */
  double[] places(int places, double deep, double half) {
    double corner = 1 - edge(deep, half);
    return DoubleStream.concat(
            IntStream.rangeClosed(0, places).mapToDouble(k -> 2.0 * k / places - 1),
            DoubleStream.of(-corner, corner))
        .sorted()
        .distinct()
        .toArray();
  }
}
