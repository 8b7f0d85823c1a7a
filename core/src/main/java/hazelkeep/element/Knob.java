package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Point;
import hazelkeep.wood.Stub;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** A knob turned on the top of a part, out of the waste over it. */
final class Knob extends AddedElement {
  private final KnobShape shape;
  private final DimKey tall = added.size("height");
  private final DimKey wide = added.size("wide");
  private final DimKey neck = added.size("neck");

  Knob(Added added, KnobShape shape) {
    super(added, shape.word());
    this.shape = shape;
  }

  @Override
  public List<SizeRule> sizes() {
    boolean spire = shape == KnobShape.SPIRE;
    return List.of(
        new SizeRule(
            tall,
            "Height of " + label(),
            2,
            200,
            d ->
                Rule.Value.practice(
                    d.custom(spire ? Line.DETAIL_SPIRE_TALL : Line.DETAIL_KNOB_TALL),
                    "two fingers hold it")),
        new SizeRule(
            wide,
            "Width of " + label(),
            2,
            200,
            d -> Rule.Value.practice(d.custom(Line.DETAIL_KNOB_WIDE), "two fingers hold it")),
        new SizeRule(
            neck,
            "Neck of " + label(),
            1,
            150,
            d ->
                Rule.Value.practice(
                    Math.min(
                        d.custom(Line.DETAIL_KNOB_NECK),
                        d.custom(Line.DETAIL_KNOB_SLIM) * d.mm(wide)),
                    "slimmer than what is held")));
  }

  @Override
  public Set<DimKey> stands() {
    return Set.of(wide);
  }

  @Override
  public OptionalDouble roomiest(DimKey size, Form form, Sizes s) {
    return form.room(s.practice(Line.DETAIL_KNOB_ROOM), 0);
  }

  @Override
  public Optional<DimKey> lengthens() {
    return Optional.of(tall);
  }

  @Override
  public void shape(Form form, Sizes s) {
    double r = Math.min(s.mm(wide), s.mm(neck)) / 2;
    if (s.mm(wide) / 2 > form.top().map(Form.Top::radius).orElse(0.0)) {
      return;
    }
    List<Point> outline = shape.outline(s.mm(tall), s.mm(wide) / 2, r);
    form.grow(added.id(), outline, s.mm(wide) / 2 + s.practice(Line.DETAIL_KNOB_SPARE));
  }

  @Override
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    Form.Grown grown = form.grown(added.id()).orElseThrow();
    SurfaceId on = new SurfaceId(added.part(), grown.on());
    double within = shop.custom(Line.READ_TURNED);
    List<Act> acts = new ArrayList<>();
    acts.add(
        new Act.Remove(added.part(), grown.rough().minus(grown.wood()), Set.of(on), List.of()));
    acts.add(Acts.read(wide, shop.caliper().name(), "at its widest", within, within));
    acts.add(Acts.read(neck, shop.caliper().name(), "at its neck", within, within));
    return List.of(
        new Step(step(setup), "Turn the " + shape.word(), shape.how(), Speeds.At.TURNING, acts));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    Optional<Form.Top> top = form.top();
    if (top.isEmpty()) {
      told.found(Entry.KNOB_NO_TOP.told(Grade.STOP, label(), added.part()), added.part(), null);
      return;
    }
    Point at = new Point(top.get().z(), 0);
    if (form.grown(added.id()).isEmpty()) {
      boolean second = form.isTopTaken();
      told.found(
          second
              ? Entry.KNOB_SECOND.told(Grade.STOP, label(), added.part())
              : Entry.KNOB_WIDE.told(Grade.STOP, aim.mm(wide), 2 * top.get().radius(), label()),
          added.part(),
          at);
      return;
    }
    told.thin(
        Entry.KNOB_NECK,
        Math.min(aim.mm(neck), aim.mm(wide)),
        aim.custom(Line.DETAIL_KNOB_LEAST),
        added.part(),
        at,
        label());
    room(form, top.get(), aim)
        .ifPresent(
            room -> {
              if (room < aim.mm(tall)) {
                told.found(
                    Entry.KNOB_NO_WOOD.told(Grade.STOP, room, aim.mm(tall), label()),
                    added.part(),
                    at);
              }
            });
  }

  /** How much wood stands over the top before the tenon there begins, mm. */
  private static OptionalDouble room(Form form, Form.Top top, Aim aim) {
    OptionalDouble tenon =
        form.plain().stubs().stream()
            .map(Stub::region)
            .filter(r -> r.minZ() >= top.z() - 1e-6)
            .mapToDouble(r -> r.minZ() - top.z())
            .min();
    return tenon.isPresent() ? tenon : OptionalDouble.of(aim.blank().sound().maxZ() - top.z());
  }

  private static final DimKey WASTE = new DimKey("stick.waste-top");

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.code()) {
      case "knob-wide" -> tries.set(wide, 0.8 * finding.verdict().limit());
      case "knob-neck" -> tries.set(neck, finding.verdict().limit());
      case "knob-no-wood" -> {
        tries.set(tall, finding.verdict().found());
        tries.set(WASTE, finding.verdict().limit() + aim.custom(Line.STOCK_PARTING_LEAST));
      }
      default -> {}
    }
  }

  /** Its point lies so far off the axis, mm. */
  private static final double TIP = 0.5;

  /** Nothing is dragged lower, mm. */
  private static final double LEAST = 2;

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    form.grown(added.id()).ifPresent(g -> dimensions(form, g, aim.mm(tall), d));
  }

  private void dimensions(Form form, Form.Grown g, double high, Dimensions d) {
    SurfaceId on = on(form).orElseThrow();
    double z = form.top().orElseThrow().z();
    Handle handle = new Handle(added.id(), label(), new Point(z + high, TIP), true, false);
    d.size(tall, on)
        .reads(s -> g.wood().maxZ() - z)
        .length(label(), z, z + high)
        .atBench()
        .grip(() -> Grip.of(tall, handle, to -> Math.max(LEAST, to.z() - z)));
    d.size(wide, on)
        .reads(s -> 2 * g.widest().r())
        .outside(label(), g.widest().z())
        .atBench()
        .corrects(Feature.Kind.SKIN);
    d.size(neck, on).outside("neck", z).atBench().corrects(Feature.Kind.SKIN);
  }
}
