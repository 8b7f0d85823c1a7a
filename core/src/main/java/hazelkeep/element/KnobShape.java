package hazelkeep.element;

import hazelkeep.measure.Wording;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The shapes of a knob, with their words. */
enum KnobShape {
  BUTTON("button knob", Wording.of("knobShape.turn-the-knob-from-its")),
  BALL("ball knob", Wording.of("knobShape.mark-its-middle-roll-both")),
  SPIRE("spire", Wording.of("knobShape.from-the-tip-down-in")),
  FINIAL("turned finial", Wording.of("knobShape.from-the-tip-down-in"));

  /** Places along a curve of it. */
  private static final int PLACES = 24;

  /** Of a button's height: where its neck ends, and where it is widest. */
  private static final double NECK = 0.4;

  private static final double WIDEST = 0.65;

  /** Of a spire's height: where its foot is widest, and where the foot ends. */
  private static final double FOOT = 0.12;

  /** Radius of a spire's tip as a share of its largest radius: a slimmer one snaps. */
  private static final double TIP = 0.22;

  /**
   * Of a finial's height: its foot, its urn and its spire. Each is two thirds or one third of its
   * neighbour and none is equal to another (common practice): 1, 3/2 and 9/2 of seven parts.
   */
  private static final double FINIAL_FOOT = 1 / 7.0;

  private static final double FINIAL_URN = 1.5 / 7;

  /** Of a finial's width: where it is slim under its urn. */
  private static final double SLIM = 1 / 3.0;

  /** Of its slim place: where it is slimmest, between urn and spire. */
  private static final double SLIMMEST = 2 / 3.0;

  /** Of its spire: where that is stoutest. */
  private static final double STOUTEST = 0.15;

  private final String word;
  private final String how;

  KnobShape(String word, String how) {
    this.word = word;
    this.how = how;
  }

  /** Its word in the trade. */
  String word() {
    return word;
  }

  /** Its word where it is a piece of its own. */
  String own() {
    return this == FINIAL ? "finial" : key() + " finial";
  }

  /** What to do, a sentence or two. */
  String how() {
    return how;
  }

  /** Its name in piece files: {@code ball}. */
  String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The shape of that name. */
  static Optional<KnobShape> named(String key) {
    return Arrays.stream(values()).filter(s -> s.key().equals(key)).findFirst();
  }

  /**
   * Its outline from where it stands up to its tip on the axis, z = 0 where it stands.
   *
   * @param tall how tall, mm
   * @param wide its largest radius, mm
   * @param neck radius of its neck, mm
   */
  List<Point> outline(double tall, double wide, double neck) {
    List<Point> out = new ArrayList<>();
    switch (this) {
      case BUTTON -> {
        out.add(new Point(0, neck));
        arc(out, NECK * tall, neck, (WIDEST - NECK) * tall, wide - neck);
        dome(out, WIDEST * tall, (1 - WIDEST) * tall, wide);
      }
      case BALL -> {
        double round = Math.min(wide, tall / 2);
        double middle = tall - round;
        double low = Math.max(0, middle - Math.sqrt(Math.max(0, wide * wide - neck * neck)));
        out.add(new Point(0, neck));
        double from = Math.acos(Math.min(1, (middle - low) / round));
        for (int i = 0; i <= PLACES; i++) {
          double t = from + (Math.PI - from) * i / PLACES;
          double z = middle - round * Math.cos(t);
          out.add(
              new Point(
                  z, i == PLACES ? 0 : Math.max(neck * (i == 0 ? 1 : 0), wide * Math.sin(t))));
        }
      }
      case FINIAL -> finial(out, tall, wide, neck);
      case SPIRE -> {
        double tip = TIP * wide;
        out.add(new Point(0, neck));
        arc(out, 0, neck, FOOT * tall, wide - neck);
        double from = FOOT * tall;
        for (int i = 1; i <= PLACES; i++) {
          double u = (double) i / PLACES;
          out.add(
              new Point(from + u * (tall - tip - from), tip + (wide - tip) * (1 - u) * (1 - u)));
        }
        dome(out, tall - tip, tip, tip);
      }
    }
    return out;
  }

  private static void finial(List<Point> out, double tall, double wide, double neck) {
    double slim = SLIM * wide;
    double waist = SLIMMEST * slim;
    double foot = FINIAL_FOOT * tall;
    double urn = FINIAL_URN * tall;
    for (int i = 0; i <= PLACES; i++) {
      double t = Math.PI / 2 * i / PLACES;
      out.add(new Point(foot * Math.sin(t), slim + (neck - slim) * (1 - Math.sin(t))));
    }
    for (int i = 1; i <= PLACES; i++) {
      double u = (double) i / PLACES;
      double s = Math.sin(Math.PI * u);
      double under = slim + (waist - slim) * u;
      out.add(new Point(foot + u * urn, under + (wide - under) * s * s));
    }
    spire(out, foot + urn, tall, waist, TIP * wide);
  }

  /** Swells from a slim place, then runs out into a tip. */
  private static void spire(List<Point> out, double from, double tall, double waist, double tip) {
    double high = tall - tip - from;
    double stout = waist / SLIMMEST;
    for (int i = 1; i <= PLACES; i++) {
      double u = (double) i / PLACES;
      double r =
          u < STOUTEST
              ? waist + (stout - waist) * Math.sin(Math.PI / 2 * u / STOUTEST)
              : tip + (stout - tip) * Math.pow(1 - (u - STOUTEST) / (1 - STOUTEST), 2);
      out.add(new Point(from + u * high, r));
    }
    dome(out, tall - tip, tip, tip);
  }

  /** A quarter of an ellipse that flares out. */
  private static void arc(List<Point> out, double z, double r, double along, double across) {
    for (int i = 0; i <= PLACES / 2; i++) {
      double t = Math.PI / PLACES * i;
      out.add(new Point(z + along * (1 - Math.cos(t)), r + across * Math.sin(t)));
    }
  }

  /** A quarter of an ellipse that closes on the axis. */
  private static void dome(List<Point> out, double z, double along, double r) {
    for (int i = 1; i <= PLACES / 2; i++) {
      double t = Math.PI / PLACES * i;
      out.add(new Point(z + along * Math.sin(t), i == PLACES / 2 ? 0 : r * Math.cos(t)));
    }
  }
}
