package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import java.util.List;
import java.util.Optional;

/** What holds have in common when they are judged. */
final class Jaws {
  /** Jaws of a chuck. */
  private static final int FOUR = 4;

  private Jaws() {}

  static void range(JawSet jaws, double diameter, String what, List<Verdict> out) {
    Span range = jaws.squeeze();
    if (!range.holds(diameter)) {
      boolean thin = diameter < range.from();
      out.add(
          (thin ? Entry.TENON_RANGE_THIN : Entry.TENON_RANGE_THICK)
              .told(Grade.STOP, diameter, thin ? range.from() : range.to(), what, jaws.name()));
    }
  }

  static void expanding(JawSet jaws, double bore, String what, List<Verdict> out) {
    if (jaws.expand().isEmpty()) {
      out.add(Entry.EXPAND_RANGE_NEVER.told(Grade.STOP, bore, 0, what, jaws.name()));
      return;
    }
    Span range = jaws.expand().get();
    if (!range.holds(bore)) {
      boolean narrow = bore < range.from();
      out.add(
          (narrow ? Entry.EXPAND_RANGE_NARROW : Entry.EXPAND_RANGE_WIDE)
              .told(Grade.STOP, bore, narrow ? range.from() : range.to(), what, jaws.name()));
    }
  }

  /**
   * A first look at long work: its lever, by which a catch tips it out of the hold; that custom has
   * it shorter is told as a note. What it really gives is judged by its stiffness.
   *
   * @param free how far it stands out, mm
   * @param root diameter that it is held by, mm
   */
  static void free(Work work, double free, double root, Backing back, List<Verdict> out) {
    if (back.carried() || root <= 0) {
      return;
    }
    double lever = free / root;
    if (lever > work.custom(Line.HOLD_LEVER)) {
      out.add(Entry.LEVER.told(Grade.WATCH, lever, work.custom(Line.HOLD_LEVER)));
    } else if (free > work.custom(Line.HOLD_FREE_LENGTH)) {
      out.add(
          Entry.FREE_LENGTH.told(
              Grade.NOTE,
              free,
              work.custom(Line.HOLD_FREE_LENGTH),
              Rounding.text(lever, 1),
              Rounding.text(work.custom(Line.HOLD_LEVER_COMFORT), 1)));
    }
  }

  /** What there is to grip is not there. */
  static Verdict gone(String part, String what) {
    return Entry.SEAT_GONE.told(Grade.STOP, part, what);
  }

  /** How jaws bite on a diameter, in words. */
  static String bite(JawSet jaws, double diameter, Practice practice) {
    int lines = jaws.lines(diameter, practice);
    return lines == 0 ? "their whole arcs" : lines + " lines";
  }

  /**
   * What jaws hold by friction on a wall, tightened to a third of what splits it.
   *
   * @param at where the wall is looked at, mm from the setup's zero
   * @param depth along which they press, mm
   * @param outward whether they open
   */
  static Allowed friction(
      Work work, String part, HalfSection wood, double at, double depth, boolean outward) {
    double in = wood.inner(at);
    double out = wood.outer(at);
    if (depth <= 0 || out <= 0) {
      return new Allowed(0, 0, 0, false, 0, Double.NaN, "nothing is gripped", List.of());
    }
    double radius = outward ? in : out;
    if (in <= 0) {
      double torque =
          FOUR * work.custom(Line.HOLD_FRICTION) * work.custom(Line.HOLD_JAW_FORCE) * radius;
      return new Allowed(
          0, torque, torque, false, 0, Double.NaN, "jaws tightened by hand", List.of());
    }
    JawsOnRing ring = new JawsOnRing((in + out) / 2, out - in, depth, outward);
    StandingWall stands =
        new StandingWall(ring.radius(), ring.wall(), depth, floor(work, wood, at) - at);
    double share = work.wood(part).map(w -> share(stands, w)).orElse(1.0);
    Optional<Double> strength = work.wood(part).flatMap(w -> w.tensionAcross()).map(Figure::value);
    if (strength.isEmpty() && share > NOTHING) {
      return Allowed.unknown(
          "the wall's strength", work.unknown(part, WoodProperty.TENSION_ACROSS));
    }
    double spare = work.custom(Line.HOLD_SPLIT_WATCH);
    double splits = strength.map(s -> ring.forceAt(s / spare) / share).orElse(FIRMLY);
    double breaks =
        work.wood(part)
            .flatMap(Species::bending)
            .map(s -> stands.breaks(FOUR, s.value() / spare, share))
            .orElse(FIRMLY);
    double force = Math.min(work.custom(Line.HOLD_JAW_FORCE), Math.min(splits, breaks));
    double torque = FOUR * work.custom(Line.HOLD_FRICTION) * force * radius;
    return new Allowed(
        0,
        torque,
        torque,
        false,
        share * force * ring.pullPerNewton(),
        strength.orElse(Double.POSITIVE_INFINITY),
        "jaws pressing " + Math.round(force) + " N each",
        List.of());
  }

  /** What nothing gives way under. */
  private static final double FIRMLY = Double.POSITIVE_INFINITY;

  /** Of what a ring carries: a share that its strength does not hang on. */
  private static final double NOTHING = 0.02;

  /** How closely the floor of a hollow is looked for, mm. */
  private static final double STEP = 0.25;

  private static double share(StandingWall wall, Species wood) {
    return wood.along().isPresent() && wood.across().isPresent()
        ? wall.ring(wood.along().get().value(), wood.across().get().value())
        : 1;
  }

  /** Where the hollow ends in solid wood; infinite where it is open through. */
  private static double floor(Work work, HalfSection wood, double at) {
    double most = Math.max(wood.maxZ(), work.most());
    for (double z = at; z < most; z += STEP) {
      if (wood.inner(z) <= 0 && wood.outer(z) > 0) {
        return z;
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  /** What a hold by friction stands, against the lightest cut. */
  static void weak(Work work, Allowed allowed, Backing back, List<Verdict> out) {
    double force =
        (back.carried() ? allowed.steadied() : allowed).force(work.radius(), work.most());
    // To the newton, as it is told.
    if (Math.rint(force) < work.custom(Line.HOLD_LIGHT_CUT)) {
      out.add(
          Entry.HOLD_WEAK.told(
              force < work.custom(Line.HOLD_LIGHT_CUT) / 2 ? Grade.STOP : Grade.WATCH,
              force,
              work.custom(Line.HOLD_LIGHT_CUT)));
    }
  }

  /** What pulls the wood across its grain, against what it stands. */
  static void splits(Work work, Allowed allowed, String what, List<Verdict> out) {
    double share = allowed.splitting();
    if (share > 1 / work.custom(Line.HOLD_SPLIT_WATCH)) {
      out.add(
          Entry.SPLITS.told(
              share > 1 / work.custom(Line.HOLD_SPLIT_STOP) ? Grade.STOP : Grade.WATCH,
              allowed.hoop(),
              allowed.strength() / work.custom(Line.HOLD_SPLIT_WATCH),
              what));
    }
  }
}
