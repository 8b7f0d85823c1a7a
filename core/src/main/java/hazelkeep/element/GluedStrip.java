package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule.Value;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import java.util.List;
import java.util.Optional;

/**
 * A board of another wood glued into the blank along the grain: it runs through the whole piece as
 * a stripe. Long grain glued to long grain holds as wood does; what is weak is a thin edge of it,
 * where the outside runs along a glue line, and a centre's point that stands in one.
 */
final class GluedStrip extends AddedElement {
  /** Its name in piece files, and its word in the trade. */
  static final String STRIP = "strip";

  private final DimKey thick = added.size("thick");
  private final DimKey off = added.size("off");

  GluedStrip(Added added) {
    super(added, STRIP);
  }

  @Override
  public boolean wooded() {
    return true;
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(
            thick,
            "Thickness of " + label(),
            0.5,
            200,
            d -> Value.practice(d.custom(Line.STRIP_THICK), Line.STRIP_THICK.text().source())),
        new SizeRule(
            off,
            "Middle of " + label() + " beside the axis",
            -200,
            200,
            d -> Value.derived(0, "through the middle")));
  }

  @Override
  public Optional<Strip> strip(Sizes s) {
    String wood = added.wood().orElse("");
    double middle = s.mm(off);
    double half = s.mm(thick) / 2;
    return Optional.of(new Strip(middle - half, middle + half, Seam.wood(wood, s.shop())))
        .filter(x -> added.wood().isPresent());
  }

  private double side(Aim aim, int way) {
    return aim.mm(off) + way * aim.mm(thick) / 2;
  }

  @Override
  public boolean ofBlank() {
    return true;
  }

  @Override
  public List<Step> first(Form form, String setup, Aim aim, Shop shop) {
    return List.of(
        new Step(
            step(setup),
            "Glue " + label() + " into the blank",
            Wording.of(
                "gluedStrip.saw-the-blank-along-the",
                Dims.both(aim.mm(thick)),
                Dims.both(Math.abs(aim.mm(off)))),
            Speeds.At.TURNING,
            List.of(new Act.Mark(added.part(), "glued up"))));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    HalfSection wood = form.plain().target();
    Point at = new Point((wood.minZ() + wood.maxZ()) / 2, 0);
    String part = added.part();
    double reach = aim.across() / 2;
    if (added.wood().isEmpty()) {
      told.found(Entry.STRIP_ONE_WOOD.told(Grade.NOTE, label()), part, at);
    }
    double near = Math.min(Math.abs(side(aim, -1)), Math.abs(side(aim, 1)));
    if (near < aim.custom(Line.STRIP_CENTRE)) {
      told.found(
          Entry.STRIP_CENTRE.told(Grade.WATCH, near, aim.custom(Line.STRIP_CENTRE), label()),
          part,
          at);
    }
    if (side(aim, -1) >= reach || side(aim, 1) <= -reach) {
      double from = Math.abs(side(aim, aim.mm(off) > 0 ? -1 : 1));
      told.found(Entry.STRIP_MISSES.told(Grade.NOTE, from, reach, label()), part, null);
    }
    overlaps(aim, told, at);
    aim.offBlank().forEach(p -> feathers(p, aim, told));
    moves(aim, reach, told, at);
  }

  /** It runs through all that comes off the blank. */
  private void feathers(Part p, Aim aim, Told told) {
    feather(p.target(), aim)
        .ifPresent(
            f ->
                told.found(
                    Entry.STRIP_FEATHER.told(
                        Grade.WATCH,
                        f.thin,
                        aim.custom(Line.STRIP_FEATHER),
                        label(),
                        Dims.both(f.along)),
                    p.name(),
                    f.at));
  }

  private void overlaps(Aim aim, Told told, Point at) {
    Strip own = new Strip(side(aim, -1), side(aim, 1), aim.blank().wood());
    double over =
        aim.blank().strips().stream().mapToDouble(own::over).sum()
            - (added.wood().isPresent() ? aim.mm(thick) : 0);
    if (over > SAME) {
      told.found(Entry.STRIP_OVERLAPS.told(Grade.STOP, over, 0, label()), added.part(), at);
    }
  }

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  private void moves(Aim aim, double reach, Told told, Point at) {
    aim.blank().strips().stream()
        .filter(s -> Math.abs(s.from() - side(aim, -1)) < SAME)
        .findFirst()
        .flatMap(s -> Seam.apart(aim.blank().wood(), s.wood(), reach, aim))
        .filter(step -> step > aim.custom(Line.SEAM_STEP))
        .ifPresent(
            step ->
                told.found(
                    Entry.SEAM_MOVES.told(
                        Grade.NOTE,
                        step,
                        aim.custom(Line.SEAM_STEP),
                        label(),
                        aim.blank().wood().name() + " and " + added.wood().orElse("")),
                    added.part(),
                    at));
  }

  /**
   * A stretch along which the wood over a glue line is thin.
   *
   * @param thin how thick it is there at least, mm
   * @param along how long the stretch is, mm
   * @param at its middle
   */
  private record Feather(double thin, double along, Point at) {}

  /** How far apart heights are at which it is looked for, mm. */
  private static final double STEP = 0.5;

  /** The longest thin edge: outside of a glue line that nearly comes out, or inside of one. */
  private Optional<Feather> feather(HalfSection wood, Aim aim) {
    Feather worst = null;
    for (int way : new int[] {-1, 1}) {
      double c = Math.abs(side(aim, way));
      for (boolean inside : new boolean[] {false, true}) {
        Optional<Feather> f = feather(wood, c, inside, aim);
        if (f.isPresent() && (worst == null || f.get().along > worst.along)) {
          worst = f.get();
        }
      }
    }
    return Optional.ofNullable(worst);
  }

  private static Optional<Feather> feather(HalfSection wood, double c, boolean inside, Aim aim) {
    double least = aim.custom(Line.STRIP_FEATHER);
    Feather best = null;
    double from = Double.NaN;
    double thin = Double.POSITIVE_INFINITY;
    for (double z = wood.minZ() + STEP; z < wood.maxZ() + STEP; z += STEP) {
      double r = inside ? wood.inner(z) : wood.outer(z);
      double over = inside ? c - r : r - c;
      boolean is = z < wood.maxZ() && r > 0 && over > 0 && over < least;
      if (is) {
        from = Double.isNaN(from) ? z : from;
        thin = Math.min(thin, over);
      } else if (!Double.isNaN(from)) {
        double along = z - from;
        if (along > aim.custom(Line.STRIP_RUN) && (best == null || along > best.along)) {
          best = new Feather(thin, along, new Point((from + z) / 2, c));
        }
        from = Double.NaN;
        thin = Double.POSITIVE_INFINITY;
      }
    }
    return Optional.ofNullable(best);
  }

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.verdict().entry()) {
      case STRIP_FEATHER -> tries.more(2 * finding.lack(), thick).more(-2 * finding.lack(), thick);
      case STRIP_CENTRE -> tries.more(2 * finding.lack(), thick);
      default -> {}
    }
  }
}
