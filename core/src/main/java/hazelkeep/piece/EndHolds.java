package hazelkeep.piece;

import hazelkeep.hold.Around;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Grip;
import hazelkeep.hold.HoldLimits;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.PressFit;
import hazelkeep.hold.Pressed;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Species;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** How a half or a vessel can be held by its mouth, its spigot or its rim to finish its end. */
public final class EndHolds {
  /** How deep jaws take an outside that has no shoulder, mm. */
  public static final double ROUND_DEPTH = 5;

  /** The least that they take of one that leans, mm. */
  private static final double ROUND_LEAST = 3;

  /** How closely a section is looked at for it, mm. */
  private static final double ROUND_STEP = 0.25;

  /** Of the lean that jaws still bite on, what is planned with. */
  private static final double LEAN_SHARE = 0.9;

  /** A kept plug may be turned down by so much, mm on its diameter. */
  private static final double TRUED = 4;

  /** By how much a plug narrows, mm a side to the mm: a shallow slow taper (common practice). */
  private static final double TAPER = 0.002;

  /** Clearance cut into the face at the plug's root, so that the rim's edge is free, mm. */
  private static final double RELIEF = 0.5;

  /** How thick the waste behind a plug's face is drawn, mm. */
  private static final double BEHIND = 25;

  /** Wall of a cup, mm. */
  private static final double CUP_WALL = 12;

  /** Plug of a jam chuck: what it reaches into a mouth at most, and at least; common practice. */
  private static final double PLUG_LENGTH = 10.0;

  private static final double PLUG_LEAST = 1.5;

  /** The same as a share of the inside's depth: the floor stays clear of it. */
  private static final double PLUG_SHARE = 0.5;

  /** What the plug stays short of a recess's floor. */
  public static final double PLUG_CLEAR = 0.5;

  /** Face round the plug that the rim seats on, on the radius. */
  private static final double PLUG_FACE = 6.0;

  private final Species wood;
  private final Species jamWood;
  private final double paper;
  private final Shop shop;

  /**
   * @param wood of the work
   * @param jamWood of jam chucks
   * @param layers of paper between them
   * @param shop what is on the wall
   */
  public EndHolds(Species wood, String jamWood, int layers, Shop shop) {
    this.wood = wood;
    this.shop = shop;
    this.jamWood = species(jamWood);
    this.paper = layers * HoldLimits.PAPER;
  }

  /**
   * A half held by what is left of it.
   *
   * @param grip what holds it
   * @param frame where its z lies in the setup
   * @param missing why it can't be so, if it can't; the grip is then a common jam plug
   */
  public record Mount(Grip grip, Frame frame, Optional<Verdict> missing) {}

  /**
   * A half as a hold sees it.
   *
   * @param mouth diameter of its mouth
   * @param straight how far the mouth is parallel
   * @param deep how deep it is in the middle
   * @param outer diameter of the spigot, or of the outside near the rim
   * @param face its mouth in the blank's z
   * @param flipped whether its mouth looks towards the lid's end of the blank
   * @param grip how deep jaws take its outside, mm
   */
  public record Half(
      String part,
      String seat,
      double mouth,
      double straight,
      double deep,
      double outer,
      double face,
      boolean flipped,
      double grip) {
    /** One whose outside is taken as deep as usual. */
    public Half(
        String part,
        String seat,
        double mouth,
        double straight,
        double deep,
        double outer,
        double face,
        boolean flipped) {
      this(part, seat, mouth, straight, deep, outer, face, flipped, ROUND_DEPTH);
    }

    /**
     * The same as its section says: a plug ends where the hollow narrows, and jaws take no more of
     * a leaning outside than they bite on.
     *
     * @param target the finished part, in the blank's z
     */
    public Half on(HalfSection target) {
      int in = flipped ? -1 : 1;
      double depth = ROUND_DEPTH;
      while (depth > ROUND_LEAST && lean(target, in * depth) > LEAN_SHARE * HoldLimits.JAWS_LEAN) {
        depth -= ROUND_STEP;
      }
      double open = Math.min(straight, parallel(target, in));
      return new Half(part, seat, mouth, open, deep, outer, face, flipped, depth);
    }

    /** How far in from the face a plug of the mouth's size meets nothing, mm. */
    private double parallel(HalfSection target, int in) {
      double free = ROUND_STEP;
      while (free < straight
          && target.inner(face + in * (free + ROUND_STEP)) >= mouth / 2 - HoldLimits.PROBE) {
        free += ROUND_STEP;
      }
      return free;
    }

    private double lean(HalfSection target, double to) {
      double from = face + Math.signum(to) * HoldLimits.PROBE;
      return Math.abs(target.outer(from) - target.outer(face + to));
    }
  }

  /**
   * Holds it one way.
   *
   * @param shoulder where its spigot stands on a shoulder, in the blank's z; not a number where it
   *     has none
   */
  public Mount mount(Finishing by, Half h, double shoulder) {
    return switch (by) {
      case EXPAND -> expand(h);
      case AROUND -> around(h, shoulder);
      case MANDREL -> mandrel(h);
      case PRESSED -> pressed(h);
      case JAM_CUP ->
          Double.isNaN(shoulder)
              ? missing(
                  h, Double.NaN, 0, "This half has no spigot for a cup", "Its partner carries it.")
              : cup(h, shoulder);
      default -> new Mount(plug(h), frame(h, h.face()), Optional.empty());
    };
  }

  private static Frame frame(Half h, double zero) {
    return new Frame(zero, h.flipped());
  }

  private Mount missing(Half h, double found, double limit, String title, String why) {
    // Without a size there is nothing to compare: the shop or the piece lacks it altogether.
    Verdict v =
        Double.isNaN(found)
            ? new Verdict("hold-missing", Grade.STOP, 0, 1, "", title, why)
            : new Verdict("hold-missing", Grade.STOP, found, limit, "mm", title, why);
    return new Mount(plug(h), frame(h, h.face()), Optional.of(v));
  }

  private Mount expand(Half h) {
    if (shop.jaws().stream().allMatch(j -> j.expand().isEmpty())) {
      return missing(h, Double.NaN, 0, "No jaws on the wall open", "They only squeeze.");
    }
    return shop.jaws().stream()
        .filter(j -> j.expand().map(e -> e.holds(h.mouth())).orElse(false))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - h.mouth())))
        .map(j -> new Mount(new Expand(h.part(), "mouth", j), frame(h, h.face()), Optional.empty()))
        .orElseGet(
            () ->
                missing(
                    h,
                    h.mouth(),
                    nearest(
                        h.mouth(), shop.jaws().stream().flatMap(j -> j.expand().stream()).toList()),
                    "No jaws open to this mouth",
                    "It lies outside of what any jaw set opens in."));
  }

  private static double nearest(double d, List<hazelkeep.solid.Span> ranges) {
    OptionalDouble best =
        ranges.stream()
            .flatMapToDouble(r -> java.util.stream.DoubleStream.of(r.from(), r.to()))
            .reduce((a, b) -> Math.abs(a - d) <= Math.abs(b - d) ? a : b);
    return best.orElse(0);
  }

  private Mount around(Half h, double shoulder) {
    boolean spigot = !Double.isNaN(shoulder);
    double zero = spigot ? shoulder : h.face() + (h.flipped() ? -h.grip() : h.grip());
    String on = spigot ? "spigot" : "rim";
    return shop.jaws().stream()
        .filter(j -> j.squeeze().holds(h.outer()))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - h.outer())))
        .map(j -> new Mount(new Around(h.part(), on, j, true), frame(h, zero), Optional.empty()))
        .orElseGet(
            () ->
                missing(
                    h,
                    h.outer(),
                    nearest(h.outer(), shop.jaws().stream().map(JawSet::squeeze).toList()),
                    "No jaws close on its " + on,
                    "It lies outside of what any jaw set squeezes."));
  }

  private Mount mandrel(Half h) {
    double want = h.mouth() + press(h) - 2 * paper;
    if (shop.chucks().stream().noneMatch(c -> c.form() == KeptChuck.Form.PLUG)) {
      return missing(
          h,
          Double.NaN,
          0,
          "No plug is kept on the wall",
          "A jam chuck that was kept is trued again.");
    }
    Optional<KeptChuck> kept =
        shop.chucks().stream()
            .filter(c -> c.form() == KeptChuck.Form.PLUG)
            .filter(c -> c.diameter() >= want - HoldLimits.JAM_SLACK)
            .filter(c -> c.diameter() <= want + TRUED)
            .min(Comparator.comparingDouble(KeptChuck::diameter));
    return kept.map(
            c -> {
              double length = Math.min(c.length(), reach(h));
              Species wood = species(c.wood());
              Grip g =
                  new JamChuck(
                      h.part(),
                      h.seat(),
                      shape(want / 2, length, c.face() / 2),
                      wood,
                      paper,
                      Optional.of(c.name()));
              return new Mount(g, frame(h, h.face()), Optional.empty());
            })
        .orElseGet(
            () ->
                missing(
                    h,
                    want,
                    shop.chucks().stream()
                        .mapToDouble(KeptChuck::diameter)
                        .reduce((a, b) -> Math.abs(a - want) <= Math.abs(b - want) ? a : b)
                        .orElse(0),
                    "No kept chuck fits this mouth",
                    "One that is a little larger could be turned down to it."));
  }

  private Mount pressed(Half h) {
    double pad = h.outer() / 2 + PLUG_FACE;
    return new Mount(new Pressed(h.part(), pad), frame(h, h.face()), Optional.empty());
  }

  private Mount cup(Half h, double shoulder) {
    double spigot = h.outer();
    double usual = HoldLimits.JAM_PER_MM * spigot;
    double press =
        PressFit.most(spigot / 2, spigot / 2 + CUP_WALL, jamWood, 0, wood)
            .map(m -> Math.min(usual, m))
            .orElse(usual);
    double recess = spigot - press + 2 * paper;
    double deep = Math.abs(h.face() - shoulder) + PLUG_CLEAR;
    HalfSection chuck =
        HalfSection.box(-deep - CUP_WALL, 0, 0, recess / 2 + CUP_WALL)
            .minus(HalfSection.box(-deep, 1, 0, recess / 2));
    return new Mount(
        new JamChuck(h.part(), "spigot", chuck, jamWood, paper, Optional.empty()),
        frame(h, shoulder),
        Optional.empty());
  }

  private JamChuck plug(Half h) {
    double plug = (h.mouth() + press(h)) / 2 - paper;
    double face = Math.max(plug + PLUG_FACE, h.outer() / 2);
    return new JamChuck(
        h.part(), h.seat(), shape(plug, reach(h), face), jamWood, paper, Optional.empty());
  }

  private double reach(Half h) {
    double reach = Math.min(PLUG_LENGTH, PLUG_SHARE * h.deep());
    return Math.max(PLUG_LEAST, Math.min(reach, h.straight()));
  }

  /** A plug with its taper, its face and the clearance at its root. */
  private static HalfSection shape(double plug, double length, double face) {
    double at = HoldLimits.JAM_AT;
    HalfSection cone =
        HalfSection.of(
            List.of(
                new Point(-1, 0),
                new Point(-1, plug + TAPER * at),
                new Point(0, plug + TAPER * at),
                new Point(length, plug + TAPER * (at - length)),
                new Point(length, 0)));
    return HalfSection.box(-BEHIND, 0, 0, face)
        .minus(HalfSection.box(-RELIEF, 1, plug, plug + RELIEF))
        .plus(cone);
  }

  /** The press of a plug in a mouth, mm on the diameter: no more than the wall bears. */
  private double press(Half h) {
    double usual = HoldLimits.JAM_PER_MM * h.mouth();
    return PressFit.most(h.mouth() / 2, h.outer() / 2, wood, 0, jamWood)
        .map(m -> Math.min(usual, m))
        .orElse(usual);
  }

  private Species species(String name) {
    return shop.woods().named(name).orElseGet(() -> new Species(name, "", Map.of()));
  }
}
