package hazelkeep.fit;

import hazelkeep.fit.Seen.What;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A fit that is sneaked up on: what is thought of recess and spigot after all that was seen.
 *
 * @param aimed the fit wanted
 * @param belief what is thought now
 * @param taken what was seen, each with what was thought after it
 */
public record SneakUp(Aimed aimed, Belief belief, List<Taken> taken) {
  /**
   * Something seen, folded in or doubted.
   *
   * @param seen what
   * @param after what was thought after it
   * @param doubt why it was left out; empty when it was not
   */
  public record Taken(Seen seen, Belief after, Optional<Doubt> doubt) {}

  /** Why something seen is left out. */
  public enum Doubt {
    /** A reading that lies far from all that was known. */
    FAR_OFF,
    /** A diameter that no joint of this piece can have. */
    CANT_BE,
    /** A trial that does not go with what was measured. */
    AGAINST_THE_CALIPERS,
    /** A lid that sinks has to weigh something, and trap air. */
    NO_WEIGHT
  }

  /** So little likely is a trial that is doubted. */
  private static final double UNLIKELY = 0.002;

  /** So many standard deviations off is a reading that is doubted. */
  private static final double SURPRISE = 4;

  /** A trial says no more than this about a border, as a share of a sinking lid's clearance. */
  private static final double SOFT_SINK = 0.05;

  /** Before anything was measured on purpose. */
  public static SneakUp of(Aimed aimed) {
    double spread = aimed.practice().of(Line.SNEAK_UNREAD);
    return new SneakUp(aimed, Belief.of(aimed.recess(), aimed.spigot(), spread), List.of());
  }

  /** After all that was seen, in order. */
  public static SneakUp of(Aimed aimed, List<Seen> seen) {
    SneakUp s = of(aimed);
    for (Seen x : seen) {
      s = s.with(x);
    }
    return s;
  }

  /** After one more thing that was seen. */
  public SneakUp with(Seen seen) {
    What w = seen.what();
    if (w.reading()) {
      return read(seen);
    }
    if (w.cut()) {
      return took(seen, belief.cut(aimed.recessCut(), seen.value(), aimed.lands(w, seen.value())));
    }
    if (w == What.SINKS && !(aimed.lid() > 0)) {
      return doubted(seen, Doubt.NO_WEIGHT);
    }
    if (w == What.STOPS && taper() == 0) {
      Optional<SneakUp> ring = ring(seen);
      if (ring.isPresent()) {
        return ring.get();
      }
    }
    Window win = window(seen);
    if (belief.likelihood(win.low, win.high, win.soft) >= UNLIKELY) {
      return took(seen, belief.seen(win.low, win.high, win.soft));
    }
    // Twice the same against the calipers: then it is the calipers that are wrong.
    return again(seen)
        ? took(seen, belief.unsure(custom(Line.SNEAK_UNREAD)).seen(win.low, win.high, win.soft))
        : doubted(seen, Doubt.AGAINST_THE_CALIPERS);
  }

  /**
   * The shine ring of a lid that stops on its way: a spigot of d at its end that meets a recess D
   * at x of its length l grows by (D - d) / x, so its root is d + (D - d) l / x. What d and D may
   * be off by grows by l / x - 1. Example: 59.81 in 59.88 that stops at 2.3 of 7.6 is 60.04 at its
   * root, 0.16 too wide. Empty where its end was not measured, or it is no narrower than the
   * recess.
   */
  private Optional<SneakUp> ring(Seen seen) {
    double end = last(sound(), What.END);
    double share = seen.value() / aimed.length();
    if (Double.isNaN(end) || !(end < belief.recess()) || share >= 1) {
      return Optional.empty();
    }
    double root = end + (belief.recess() - end) / share;
    double spread = Math.sqrt(2) * custom(Line.READ_FIT) * (1 / share - 1);
    return Optional.of(took(seen, belief.read(false, root, spread)));
  }

  private List<Seen> sound() {
    return taken.stream().filter(t -> t.doubt.isEmpty()).map(Taken::seen).toList();
  }

  /** What was read at a place since it was last cut; not a number where nothing was. */
  private static double last(List<Seen> seen, What where) {
    double out = Double.NaN;
    for (Seen s : seen) {
      out = s.what() == What.CUT ? Double.NaN : s.what() == where ? s.value() : out;
    }
    return out;
  }

  /** Whether the very same was seen before, and doubted, with no wood taken off since. */
  private boolean again(Seen seen) {
    boolean same = false;
    for (Taken t : taken) {
      if (t.seen.what().cut()) {
        same = false;
      } else if (t.doubt.isPresent() && t.seen.what() == seen.what()) {
        same |= Math.abs(t.seen.value() - seen.value()) <= near(seen);
      }
    }
    return same;
  }

  private double near(Seen seen) {
    return seen.what().reading() ? SURPRISE * custom(Line.READ_FIT) : seen.value();
  }

  private SneakUp read(Seen seen) {
    boolean ofRecess = seen.what() == What.RECESS;
    double planned = ofRecess ? aimed.recess() : aimed.spigot();
    if (Math.abs(seen.value() - planned) > custom(Line.SNEAK_FAR_OFF) * planned) {
      return doubted(seen, Doubt.CANT_BE);
    }
    double spread = custom(Line.READ_FIT);
    double atRoot = seen.value() + (ofRecess ? 0 : atRoot(seen.what()));
    if (seen.what() != What.RECESS && seen.what() != What.ROOT && taper() == 0) {
      // Where only its end was measured, it may be wider at the root.
      spread = Math.hypot(spread, custom(Line.SNEAK_TAPER));
    }
    if (belief.surprise(ofRecess, atRoot, spread) <= SURPRISE) {
      return took(seen, belief.read(ofRecess, atRoot, spread));
    }
    return again(seen)
        ? took(seen, belief.told(ofRecess, atRoot, spread))
        : doubted(seen, Doubt.FAR_OFF);
  }

  private double atRoot(What where) {
    return switch (where) {
      case END -> taper();
      case MIDDLE -> taper() / 2;
      default -> 0;
    };
  }

  /**
   * How much wider the spigot is at its root than at its end, by its readings there since it was
   * last cut, mm; 0 where it was not measured at both.
   */
  public double taper() {
    return taper(sound());
  }

  /** The same of things seen, none of them doubted. */
  public static double taper(List<Seen> seen) {
    double end = last(seen, What.END);
    double root = last(seen, What.ROOT);
    return Double.isNaN(end) || Double.isNaN(root) ? 0 : root - end;
  }

  /** What was meant to come off so far, mm on the diameter. */
  public double meant() {
    return taken.stream()
        .map(Taken::seen)
        .filter(s -> s.what().cut())
        .mapToDouble(Seen::value)
        .sum();
  }

  private record Window(double low, double high, double soft) {}

  /** Where the clearance at the root lies by what the lid did. */
  private Window window(Seen seen) {
    double soft = custom(Line.SNEAK_TRIAL);
    double tightest = FitClass.JAM.least(aimed.diameter(), aimed.practice());
    double taper = taper();
    return switch (seen.what()) {
      case WONT_START -> new Window(Double.NEGATIVE_INFINITY, -taper, soft);
      case STOPS -> stops(seen.value(), taper, soft);
      case FORCE -> new Window(tightest, 0, soft);
      case PUSH -> {
        double least = FitClass.PUSH.least(aimed.diameter(), aimed.practice());
        yield new Window(least, FitClass.PUSH.most(aimed.diameter(), aimed.practice()), soft);
      }
      case SINKS -> sinks(seen.value());
      case SLIDES -> {
        double least = FitClass.SUCTION.most(aimed.diameter(), aimed.practice());
        yield new Window(least, custom(Line.SNEAK_RATTLES), soft);
      }
      default -> new Window(custom(Line.SNEAK_RATTLES), Double.POSITIVE_INFINITY, soft);
    };
  }

  /**
   * A spigot d_end to d_root over l that stops at x meets the recess there: recess = d_end + taper
   * x/l, so the clearance at its root is -taper (1 - x/l). A parallel one that stops is a hair too
   * wide.
   */
  private Window stops(double at, double taper, double soft) {
    double share = Math.min(1, at / aimed.length());
    double meets = -taper * (1 - share);
    return new Window(meets - soft - (taper > 0 ? 0 : custom(Line.SNEAK_EDGE)), meets + soft, soft);
  }

  private Window sinks(double seconds) {
    double most = AirCushion.clearance(aimed.diameter(), aimed.length(), seconds, aimed.lid());
    double least = most / Math.cbrt(custom(Line.FIT_ECCENTRIC));
    return new Window(least, most, SOFT_SINK * most);
  }

  private SneakUp took(Seen seen, Belief after) {
    return added(new Taken(seen, after, Optional.empty()));
  }

  private SneakUp doubted(Seen seen, Doubt why) {
    return added(new Taken(seen, belief, Optional.of(why)));
  }

  private SneakUp added(Taken t) {
    List<Taken> next = new ArrayList<>(taken);
    next.add(t);
    return new SneakUp(aimed, t.after, List.copyOf(next));
  }

  /** The last trial that was not doubted, since wood was last taken off; empty for none. */
  public Optional<Seen> lastTrial() {
    Optional<Seen> out = Optional.empty();
    for (Taken t : taken) {
      if (t.seen.what().cut()) {
        out = Optional.empty();
      } else if (t.seen.what().trial() && t.doubt.isEmpty()) {
        out = Optional.of(t.seen);
      }
    }
    return out;
  }

  private double custom(Line line) {
    return practice().of(line);
  }

  private Practice practice() {
    return aimed.practice();
  }
}
