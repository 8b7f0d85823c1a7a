package hazelkeep.element;

import hazelkeep.air.Movement;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
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
import hazelkeep.solid.Span;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A seam across the blank: it was glued up of two woods before anything was turned, end grain to
 * end grain, and a round tenon in the core holds what glue alone would not.
 */
final class Seam extends AddedElement {
  /** Its name in piece files, and its word in the trade. */
  static final String SEAM = "seam";

  /** How far apart heights are at which the wood round a tenon is looked at, mm. */
  private static final double STEP = 0.5;

  private final DimKey height = added.size("height");
  private final DimKey tenon = added.size("tenon");
  private final DimKey deep = added.size("deep");

  Seam(Added added) {
    super(added, SEAM);
  }

  @Override
  public boolean wooded() {
    return true;
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        height(1, 600),
        new SizeRule(
            tenon,
            "Tenon of " + label(),
            0,
            120,
            d -> Rule.Value.practice(d.custom(Line.SEAM_TENON), Line.SEAM_TENON.text().source())),
        new SizeRule(
            deep,
            "Tenon's length of " + label(),
            0,
            200,
            d -> Rule.Value.practice(d.custom(Line.SEAM_DEEP), Line.SEAM_DEEP.text().source())));
  }

  @Override
  public Set<DimKey> stands() {
    return Set.of(tenon);
  }

  /** Where the part is hollow two rings are glued end to end: a tenon would be bored away. */
  @Override
  public OptionalDouble roomiest(DimKey size, Form form, Sizes s) {
    HalfSection wood = form.plain().target();
    double z = at(form, s);
    boolean hollow = false;
    for (double h = z; h <= z + s.mm(deep); h += STEP) {
      hollow |= h < wood.maxZ() && wood.inner(h) > 0;
    }
    return hollow ? OptionalDouble.of(0) : OptionalDouble.empty();
  }

  private double at(Form form, Sizes s) {
    return form.zero() + s.mm(height);
  }

  @Override
  public Optional<Layer> layer(Form form, Sizes s, Aim bare) {
    return added.wood().map(w -> new Layer(at(form, s), wood(w, s.shop())));
  }

  private static Species unknown(String name) {
    return new Species(name, "", Map.of());
  }

  /** A wood by its name, whether the shop knows it or not. */
  static Species wood(String name, Shop shop) {
    return shop.woods().named(name).orElseGet(() -> unknown(name));
  }

  @Override
  public boolean ofBlank() {
    return true;
  }

  @Override
  public List<Step> first(Form form, String setup, Aim aim, Shop shop) {
    double z = at(form, Sizes.of(aim.dims(), shop));
    double low = z - aim.blank().sound().minZ();
    double high = aim.blank().sound().maxZ() - z;
    return List.of(
        new Step(
            step(setup),
            "Glue the blank up at " + label(),
            aim.mm(tenon) > 0
                ? Wording.of(
                    "seam.two-blocks-for-the-lower",
                    Dims.both(low + aim.mm(deep)),
                    Dims.both(high),
                    Dims.both(aim.mm(tenon)),
                    Dims.both(aim.mm(deep)))
                : Wording.of("seam.two-blocks-end-to-end", Dims.both(low), Dims.both(high)),
            Speeds.At.TURNING,
            List.of(new Act.Mark(added.part(), "glued up"))));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    double z = form.zero() + aim.mm(height);
    HalfSection wood = form.plain().target();
    Point at = new Point(z, wood.outer(z));
    if (z <= wood.minZ() || z >= wood.maxZ()) {
      told.found(
          Entry.SEAM_MISSES.told(
              Grade.STOP, aim.mm(height), wood.maxZ() - form.zero(), label(), added.part()),
          added.part(),
          null);
      return;
    }
    if (added.wood().isEmpty()) {
      told.found(Entry.SEAM_ONE_WOOD.told(Grade.NOTE, label()), added.part(), at);
    }
    told.thin(
        Entry.SEAM_TENON_SHOWS,
        cover(wood, z, aim),
        aim.custom(Line.SEAM_COVER),
        added.part(),
        at,
        label());
    thinnest(wood, z)
        .filter(t -> thick(wood, z) < aim.custom(Line.SEAM_STOUTER) * t)
        .ifPresent(
            t ->
                told.found(
                    Entry.SEAM_AT_NECK.told(
                        Grade.WATCH, thick(wood, z), aim.custom(Line.SEAM_STOUTER) * t, label()),
                    added.part(),
                    at));
    moves(z, wood.outer(z), aim)
        .filter(step -> step > aim.custom(Line.SEAM_STEP))
        .ifPresent(
            step ->
                told.found(
                    Entry.SEAM_MOVES.told(
                        Grade.NOTE, step, aim.custom(Line.SEAM_STEP), label(), named(z, aim)),
                    added.part(),
                    at));
  }

  private static String named(double z, Aim aim) {
    return aim.blank().wood(z - STEP).name() + " and " + aim.blank().wood(z + STEP).name();
  }

  /** The least wood round the tenon, mm; below nothing where it comes out into a hollow. */
  private double cover(HalfSection wood, double z, Aim aim) {
    double r = aim.mm(tenon) / 2;
    double least = Double.POSITIVE_INFINITY;
    for (double h = z; h <= z + aim.mm(deep) && r > 0; h += STEP) {
      boolean solid = h < wood.maxZ() && wood.inner(h) <= 0;
      least = Math.min(least, solid ? wood.outer(h) - r : -r);
    }
    return least;
  }

  /**
   * How thick the wood is at a height: its wall where it is hollow, all of it where it is solid.
   */
  private static double thick(HalfSection wood, double z) {
    double sum = wood.at(z).stream().mapToDouble(Span::length).sum();
    return wood.inner(z) > 0 ? sum : 2 * sum;
  }

  /** The thinnest place of a part that is solid at a height; its ends are left out. */
  private static Optional<Double> thinnest(HalfSection wood, double z) {
    if (wood.inner(z) > 0) {
      return Optional.empty();
    }
    double least = Double.POSITIVE_INFINITY;
    double high = wood.maxZ() - wood.minZ();
    for (double h = wood.minZ() + ENDS * high; h < wood.maxZ() - ENDS * high; h += STEP) {
      if (wood.inner(h) <= 0) {
        least = Math.min(least, thick(wood, h));
      }
    }
    return Optional.of(least);
  }

  /** What an end rounds off to is no thin place, as a share of the height. */
  private static final double ENDS = 0.1;

  /** The edge that the two woods make in the swing of a year, mm; empty where one is not known. */
  private static Optional<Double> moves(double z, double radius, Aim aim) {
    return apart(aim.blank().wood(z - STEP), aim.blank().wood(z + STEP), radius, aim);
  }

  /** The same of two woods side by side. */
  static Optional<Double> apart(Species one, Species other, double radius, Aim aim) {
    double dry = aim.custom(Line.SEAM_DRY);
    double damp = aim.custom(Line.SEAM_DAMP);
    double most = aim.custom(Line.SEASON_SATURATION);
    Optional<Movement> low = Movement.of(one, most);
    Optional<Movement> high = Movement.of(other, most);
    return low.isEmpty() || high.isEmpty()
        ? Optional.empty()
        : Optional.of(
            radius
                * Math.abs(low.get().tangentially(dry, damp) - high.get().tangentially(dry, damp)));
  }

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.verdict().entry()) {
      case SEAM_TENON_SHOWS -> {
        tries.more(-2 * finding.lack(), tenon);
        elsewhere(form, aim, tries);
      }
      case SEAM_AT_NECK -> elsewhere(form, aim, tries);
      case SEAM_MISSES -> tries.set(height, finding.verdict().limit() / 2);
      default -> {}
    }
  }

  /** The nearest heights at which the wood is stout enough. */
  private void elsewhere(Form form, Aim aim, Tries tries) {
    HalfSection wood = form.plain().target();
    double z = form.zero() + aim.mm(height);
    for (int way : new int[] {1, -1}) {
      for (double h = z; h > wood.minZ() && h < wood.maxZ(); h += way) {
        double here = h;
        boolean stout =
            thinnest(wood, h)
                .filter(t -> thick(wood, here) < aim.custom(Line.SEAM_STOUTER) * t)
                .isEmpty();
        if (stout && cover(wood, h, aim) >= aim.custom(Line.SEAM_COVER)) {
          tries.set(height, h - form.zero());
          break;
        }
      }
    }
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    double z = form.zero() + aim.mm(height);
    Point at = new Point(z, Math.max(1, form.plain().target().outer(z)));
    d.size(height, added.part())
        .length(label(), form.zero(), z)
        .atBench()
        .grip(() -> along(height, at, form.zero()));
  }
}
