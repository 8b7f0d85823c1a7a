package hazelkeep.element;

import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The shapes of a knob, with their words. */
enum KnobShape {
  BUTTON(
      "button knob", "Turn the knob from its tip down, the neck last; light cuts, nothing pushed."),
  BALL("ball knob", "Mark its middle, roll both halves from there, the neck last."),
  SPIRE("spire", "From the tip down in short lengths; what is thin is never gone back to.");

  /** Places along a curve of it. */
  private static final int PLACES = 24;

  /** Of a button's height: where its neck ends, and where it is widest. */
  private static final double NECK = 0.4;

  private static final double WIDEST = 0.65;

  /** Of a spire's height: where its foot is widest, and where the foot ends. */
  private static final double FOOT = 0.12;

  /** Radius of a spire's tip as a share of its width. */
  private static final double TIP = 0.08;

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
