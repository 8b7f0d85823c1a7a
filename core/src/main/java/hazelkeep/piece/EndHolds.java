package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Around;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Grip;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.PressFit;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Touch;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
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
  /** How closely a section is looked at for it, mm. */
  private static final double ROUND_STEP = 0.25;

  /** How thick the waste behind a plug's face is drawn, mm. */
  private static final double BEHIND = 25;

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
    this.paper = layers * shop.custom(Line.HOLD_PAPER);
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
    /** One whose outside is still to be looked at. */
    public Half(
        String part,
        String seat,
        double mouth,
        double straight,
        double deep,
        double outer,
        double face,
        boolean flipped) {
      this(part, seat, mouth, straight, deep, outer, face, flipped, 0);
    }

    /**
     * The same as its section says: a plug ends where the hollow narrows, and jaws take no more of
     * a leaning outside than they bite on.
     *
     * @param target the finished part, in the blank's z
     * @param practice how deep jaws take an outside, and how it may lean
     */
    public Half on(HalfSection target, Practice practice) {
      int in = flipped ? -1 : 1;
      double depth = practice.of(Line.HOLD_ROUND_DEPTH);
      double most = practice.of(Line.HOLD_JAWS_LEAN) * practice.of(Line.HOLD_JAWS_LEAN_PLANNED);
      while (depth > practice.of(Line.HOLD_ROUND_LEAST) && lean(target, in * depth) > most) {
        depth -= ROUND_STEP;
      }
      double open = Math.min(straight, parallel(target, in));
      return new Half(part, seat, mouth, open, deep, outer, face, flipped, depth);
    }

    /** How far in from the face a plug of the mouth's size meets nothing, mm. */
    private double parallel(HalfSection target, int in) {
      double free = ROUND_STEP;
      while (free < straight
          && target.inner(face + in * (free + ROUND_STEP)) >= mouth / 2 - Touch.PROBE) {
        free += ROUND_STEP;
      }
      return free;
    }

    private double lean(HalfSection target, double to) {
      double from = face + Math.signum(to) * Touch.PROBE;
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
    return mount(by, h, shoulder, Closes.WOOD);
  }

  /**
   * Holds it one way.
   *
   * @param shoulder where its spigot stands on a shoulder, in the blank's z; not a number where it
   *     has none
   * @param closes what is glued on its spigot, or in its mouth
   */
  public Mount mount(Finishing by, Half h, double shoulder, Closes closes) {
    if (closes == Closes.THREAD && onThread(by, !Double.isNaN(shoulder))) {
      return missing(h, Entry.HOLD_MISSING_THREAD.told(Grade.STOP, h.part()));
    }
    return switch (by) {
      case EXPAND -> expand(h);
      case AROUND -> around(h, shoulder);
      case MANDREL -> mandrel(h);
      case PRESSED -> pressed(h);
      case JAM_CUP ->
          Double.isNaN(shoulder)
              ? missing(h, Entry.HOLD_MISSING_SPIGOT.told(Grade.STOP))
              : cup(h, shoulder);
      default -> new Mount(plug(h), frame(h, h.face()), Optional.empty());
    };
  }

  /** Whether it would press on the ring that is glued there. */
  private static boolean onThread(Finishing by, boolean spigot) {
    return switch (by) {
      case AROUND, JAM_CUP -> spigot;
      case EXPAND, MANDREL, JAM_PLUG -> !spigot;
      default -> false;
    };
  }

  private static Frame frame(Half h, double zero) {
    return new Frame(zero, h.flipped());
  }

  private Mount missing(Half h, Verdict why) {
    return new Mount(plug(h), frame(h, h.face()), Optional.of(why));
  }

  private Mount expand(Half h) {
    if (shop.jaws().stream().allMatch(j -> j.expand().isEmpty())) {
      return missing(h, Entry.HOLD_MISSING_OPENING.told(Grade.STOP));
    }
    return shop.jaws().stream()
        .filter(j -> j.expand().map(e -> e.holds(h.mouth())).orElse(false))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - h.mouth())))
        .map(j -> new Mount(new Expand(h.part(), "mouth", j), frame(h, h.face()), Optional.empty()))
        .orElseGet(
            () ->
                missing(
                    h,
                    Entry.HOLD_MISSING_MOUTH.told(
                        Grade.STOP,
                        h.mouth(),
                        nearest(
                            h.mouth(),
                            shop.jaws().stream().flatMap(j -> j.expand().stream()).toList()))));
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
    double grip = h.grip() > 0 ? h.grip() : shop.custom(Line.HOLD_ROUND_DEPTH);
    double zero = spigot ? shoulder : h.face() + (h.flipped() ? -grip : grip);
    String on = spigot ? "spigot" : "rim";
    return shop.jaws().stream()
        .filter(j -> j.squeeze().holds(h.outer()))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - h.outer())))
        .map(j -> new Mount(new Around(h.part(), on, j, true), frame(h, zero), Optional.empty()))
        .orElseGet(
            () ->
                missing(
                    h,
                    Entry.HOLD_MISSING_OUTSIDE.told(
                        Grade.STOP,
                        h.outer(),
                        nearest(h.outer(), shop.jaws().stream().map(JawSet::squeeze).toList()),
                        on)));
  }

  private Mount mandrel(Half h) {
    double want = h.mouth() + press(h) - 2 * paper;
    if (shop.chucks().stream().noneMatch(c -> c.form() == KeptChuck.Form.PLUG)) {
      return missing(h, Entry.HOLD_MISSING_PLUG.told(Grade.STOP));
    }
    Optional<KeptChuck> kept =
        shop.chucks().stream()
            .filter(c -> c.form() == KeptChuck.Form.PLUG)
            .filter(c -> c.diameter() >= want - shop.custom(Line.HOLD_JAM_SLACK))
            .filter(c -> c.diameter() <= want + shop.custom(Line.HOLD_PLUG_TRUED))
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
                    Entry.HOLD_MISSING_KEPT.told(
                        Grade.STOP,
                        want,
                        shop.chucks().stream()
                            .mapToDouble(KeptChuck::diameter)
                            .reduce((a, b) -> Math.abs(a - want) <= Math.abs(b - want) ? a : b)
                            .orElse(0))));
  }

  private Mount pressed(Half h) {
    double pad = h.outer() / 2 + shop.custom(Line.HOLD_PLUG_FACE);
    return new Mount(new Pressed(h.part(), pad), frame(h, h.face()), Optional.empty());
  }

  private Mount cup(Half h, double shoulder) {
    double spigot = h.outer();
    double wall = shop.custom(Line.HOLD_CUP_WALL);
    double usual = shop.custom(Line.HOLD_JAM_PRESS) * spigot;
    double press =
        PressFit.most(
                spigot / 2,
                new PressFit.Turned(spigot / 2 + wall, jamWood),
                new PressFit.Turned(0, wood),
                shop.practice())
            .map(m -> Math.min(usual, m))
            .orElse(usual);
    double recess = spigot - press + 2 * paper;
    double deep = Math.abs(h.face() - shoulder) + shop.custom(Line.HOLD_PLUG_CLEAR);
    HalfSection chuck =
        HalfSection.box(
                -deep - shop.custom(Line.HOLD_CUP_WALL),
                0,
                0,
                recess / 2 + shop.custom(Line.HOLD_CUP_WALL))
            .minus(HalfSection.box(-deep, 1, 0, recess / 2));
    return new Mount(
        new JamChuck(h.part(), "spigot", chuck, jamWood, paper, Optional.empty()),
        frame(h, shoulder),
        Optional.empty());
  }

  private JamChuck plug(Half h) {
    double plug = (h.mouth() + press(h)) / 2 - paper;
    double face = Math.max(plug + shop.custom(Line.HOLD_PLUG_FACE), h.outer() / 2);
    return new JamChuck(
        h.part(), h.seat(), shape(plug, reach(h), face), jamWood, paper, Optional.empty());
  }

  private double reach(Half h) {
    double reach =
        Math.min(shop.custom(Line.HOLD_PLUG_LENGTH), shop.custom(Line.HOLD_PLUG_SHARE) * h.deep());
    return Math.max(shop.custom(Line.HOLD_PLUG_LEAST), Math.min(reach, h.straight()));
  }

  /** A plug with its taper, its face and the clearance at its root. */
  private HalfSection shape(double plug, double length, double face) {
    double at = Touch.JAM_AT;
    HalfSection cone =
        HalfSection.of(
            List.of(
                new Point(-1, 0),
                new Point(-1, plug + shop.custom(Line.HOLD_PLUG_TAPER) * at),
                new Point(0, plug + shop.custom(Line.HOLD_PLUG_TAPER) * at),
                new Point(length, plug + shop.custom(Line.HOLD_PLUG_TAPER) * (at - length)),
                new Point(length, 0)));
    return HalfSection.box(-BEHIND, 0, 0, face)
        .minus(
            HalfSection.box(
                -shop.custom(Line.HOLD_PLUG_RELIEF),
                1,
                plug,
                plug + shop.custom(Line.HOLD_PLUG_RELIEF)))
        .plus(cone);
  }

  /** The press of a plug in a mouth, mm on the diameter: no more than the wall bears. */
  private double press(Half h) {
    double usual = shop.custom(Line.HOLD_JAM_PRESS) * h.mouth();
    return PressFit.most(
            h.mouth() / 2,
            new PressFit.Turned(h.outer() / 2, wood),
            new PressFit.Turned(0, jamWood),
            shop.practice())
        .map(m -> Math.min(usual, m))
        .orElse(usual);
  }

  private Species species(String name) {
    return shop.woods().named(name).orElseGet(() -> new Species(name, "", Map.of()));
  }
}
