package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Something cut into an outside: a line, a bead, a cove, a step, a band of texture. */
final class Ornament extends AddedElement {
  /** Places along its width at which its outline is drawn, at least. */
  private static final int PLACES = 32;

  /** The same on a long smooth line: chords lie within 0.005 mm of it down to 18 mm of depth. */
  private static final int SMOOTH = 96;

  private final Shape shape;
  private final DimKey height = added.size("height");
  private final DimKey wide = added.size("wide");
  private final DimKey deep = added.size("deep");
  private final DimKey apart = added.size("apart");

  Ornament(Added added, Shape shape) {
    super(added, shape.word());
    this.shape = shape;
  }

  @Override
  public List<SizeRule> sizes() {
    String name = label();
    List<SizeRule> out = new ArrayList<>();
    out.add(height(0, 900));
    out.add(
        new SizeRule(
            wide,
            "Width of " + name,
            0.2,
            200,
            d -> Rule.Value.practice(d.custom(shape.wide()), "looks right on small work")));
    out.add(
        new SizeRule(
            deep,
            "Depth of " + name,
            0.1,
            30,
            d -> Rule.Value.practice(d.custom(shape.deep()), "looks right on small work")));
    if (shape == Shape.LINES) {
      out.add(
          new SizeRule(
              apart,
              "Between the lines of " + name,
              0.3,
              60,
              d -> Rule.Value.practice(d.custom(Line.DETAIL_APART), "looks right on small work")));
    }
    return out;
  }

  @Override
  public Set<DimKey> stands() {
    return Set.of(deep);
  }

  /** No deeper than leaves the wall under it stout enough. */
  @Override
  public OptionalDouble roomiest(DimKey size, Form form, Sizes s) {
    return OptionalDouble.of(form.spare(s.mm(height), s.practice(Line.DETAIL_LEFT)));
  }

  @Override
  public void shape(Form form, Sizes s) {
    double half = s.mm(wide) / 2;
    double reach = half + (shape == Shape.LINES ? s.mm(apart) : 0);
    double at = s.mm(height);
    form.free(at - reach, at + reach)
        .ifPresent(on -> form.bend(added.id(), on, chain(form, on, s)));
  }

  /** The new line: one shape, or three of them with the old line between. */
  private List<Point> chain(Form form, Surface on, Sizes s) {
    double half = s.mm(wide) / 2;
    double middle = form.zero() + s.mm(height);
    List<Point> out = new ArrayList<>();
    int each = shape == Shape.LINES ? 1 : 0;
    for (int i = -each; i <= each; i++) {
      double z = middle + i * (each > 0 ? s.mm(apart) : 0);
      for (double x : shape.places(shape == Shape.WAIST ? SMOOTH : PLACES, s.mm(deep), half)) {
        double at = z + x * half;
        double r = Rising.at(on.line(), at) - shape.at(x, s.mm(deep), half);
        boolean before = !out.isEmpty() && at <= out.get(out.size() - 1).z() + 1e-6;
        if (!before) {
          out.add(new Point(at, Math.max(0.05, r)));
        }
      }
    }
    return out;
  }

  @Override
  public List<Step> sanded(String setup) {
    if (shape != Shape.TEXTURE) {
      return List.of();
    }
    List<Act> acts = List.of(new Act.Mark(added.part(), shape.word()));
    String how = Wording.of("ornament.texture-between-its-lines");
    StepKey key = new StepKey(step(setup).path() + " pattern");
    return List.of(new Step(key, "Texture the band", how, Speeds.At.TURNING, acts));
  }

  @Override
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    Dug bend = form.bend(added.id()).orElseThrow();
    SurfaceId on = new SurfaceId(added.part(), bend.on());
    List<Act> acts = new ArrayList<>();
    acts.add(new Act.Remove(added.part(), bend.cut(), Set.of(on), List.of()));
    if (shape == Shape.BURNT) {
      acts.add(new Act.Mark(added.part(), shape.word()));
    }
    return List.of(new Step(step(setup), shape.title(), shape.how(), Speeds.At.TURNING, acts));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    Optional<Dug> bend = form.bend(added.id());
    if (bend.isEmpty()) {
      noRoom(form, aim, told);
      return;
    }
    Point deepest = bend.get().deepest();
    double left = left(form, bend.get().chain());
    told.thin(
        Entry.DETAIL_THIN, left, aim.custom(Line.DETAIL_LEFT), added.part(), deepest, label());
    told.thin(
        Entry.DETAIL_FINE, aim.mm(wide), finest(deepest, aim), added.part(), deepest, label());
    if (shape == Shape.BEAD && aim.mm(deep) > aim.mm(wide) / 2) {
      told.found(
          Entry.BEAD_DEEP.told(Grade.WATCH, aim.mm(deep), aim.mm(wide) / 2, label()),
          added.part(),
          deepest);
    }
  }

  /** Coarse wood crumbles at what fine wood holds. */
  private static double finest(Point at, Aim aim) {
    Species wood = aim.blank().wood(at.z());
    double density = wood.density().map(Figure::value).orElse(Double.NaN);
    boolean soft = wood.coarse() || density < aim.custom(Line.DETAIL_SOFT);
    return aim.custom(soft ? Line.DETAIL_FINEST_SOFT : Line.DETAIL_FINEST);
  }

  private void noRoom(Form form, Aim aim, Told told) {
    double at = aim.mm(height);
    Point where = new Point(form.zero() + at, form.radius(at));
    told.found(form.missing(at, 2 * reach(aim), label()), added.part(), where);
  }

  private double reach(Aim aim) {
    double between = shape == Shape.LINES ? aim.mm(apart) : 0;
    return aim.mm(wide) / 2 + between;
  }

  /** The least wood between it and any inside, mm; all of it where the part is solid there. */
  private static double left(Form form, Polyline chain) {
    double solid = 2 * chain.points().stream().mapToDouble(Point::r).min().orElse(0);
    return Math.min(solid, form.least(chain.points(), true));
  }

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.code()) {
      case "detail-thin" -> tries.more(-finding.lack(), deep);
      case "detail-fine" -> tries.more(finding.lack(), wide);
      case "bead-deep" -> tries.set(deep, finding.verdict().limit());
      case "detail-no-room", "detail-meets" ->
          form.elsewhere(aim.mm(height), 2 * reach(aim) + aim.custom(Line.DETAIL_EDGE))
              .ifPresent(at -> tries.set(height, at));
      default -> {}
    }
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    form.bend(added.id()).ifPresent(b -> dimensions(form, b, aim, d));
  }

  private void dimensions(Form form, Dug b, Aim aim, Dimensions d) {
    double between = shape == Shape.LINES ? aim.mm(apart) : 0;
    double z = form.zero() + aim.mm(height);
    d.size(height, added.part())
        .reads(s -> (b.from() + b.to()) / 2 - form.zero())
        .grip(() -> along(height, new Point(z, Rising.at(b.chain(), z)), form.zero()));
    d.size(wide, added.part()).reads(s -> b.to() - b.from() - 2 * between);
    d.size(deep, added.part()).reads(s -> b.deep());
  }
}
