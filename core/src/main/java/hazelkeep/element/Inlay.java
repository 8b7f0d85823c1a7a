package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Another wood let into a part and levelled with it, so that the outline stays as it was drawn: a
 * groove is cut, what fills it is glued in, and what stands out is turned away. Where it lies its
 * {@link InlayPlace} says.
 */
final class Inlay extends AddedElement {
  private final InlayPlace place;

  Inlay(Added added, InlayPlace place) {
    super(added, place.word());
    this.place = place;
  }

  private DimKey key(InlaySize size) {
    return size.of(added);
  }

  @Override
  public List<SizeRule> sizes() {
    return place.sizes().stream()
        .map(s -> s.rule(added, label(), place == InlayPlace.DISC))
        .toList();
  }

  @Override
  public Set<DimKey> stands() {
    return switch (place) {
      case RING -> Set.of(key(InlaySize.DEEP));
      case DISC -> Set.of(key(InlaySize.WIDE), key(InlaySize.DEEP));
      case COLLAR -> Set.of();
    };
  }

  /** No deeper than leaves wood under it; no wider than leaves wood round it. */
  @Override
  public OptionalDouble roomiest(DimKey size, Form form, Sizes s) {
    if (size.equals(key(InlaySize.WIDE))) {
      return OptionalDouble.of(widest(form, s.practice(Line.INLAY_EDGE)));
    }
    double left = s.practice(Line.DETAIL_LEFT);
    double most =
        place == InlayPlace.RING
            ? form.spare(s.mm(key(InlaySize.HEIGHT)), left)
            : form.sinks(s.mm(key(InlaySize.WIDE)), left);
    return OptionalDouble.of(Math.max(most, s.practice(Line.INLAY_LEAST)));
  }

  @Override
  public void shape(Form form, Sizes s) {
    double proud = s.practice(Line.INLAY_PROUD);
    (switch (place) {
          case RING ->
              InlayRoom.ring(
                  form,
                  s.mm(key(InlaySize.HEIGHT)),
                  s.mm(key(InlaySize.WIDE)),
                  s.mm(key(InlaySize.DEEP)),
                  proud);
          case DISC ->
              InlayRoom.disc(form, s.mm(key(InlaySize.WIDE)), s.mm(key(InlaySize.DEEP)), proud);
          case COLLAR -> InlayRoom.collar(form, s.mm(key(InlaySize.THICK)), proud);
        })
        .ifPresent(i -> form.inlay(added.id(), i));
  }

  @Override
  public HalfSection letIn(Form form) {
    return form.inlaid(added.id()).map(Form.Inlaid::groove).orElse(HalfSection.EMPTY);
  }

  @Override
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    Form.Inlaid in = form.inlaid(added.id()).orElseThrow();
    SurfaceId on = new SurfaceId(added.part(), in.on());
    double within = shop.custom(Line.READ_TURNED);
    List<Act> cut = new ArrayList<>();
    cut.add(Acts.remove(added.part(), in.groove()));
    for (InlaySize s : read()) {
      cut.add(Acts.read(key(s), shop.caliper().name(), s.where(), within, within));
    }
    List<Act> glue =
        List.of(
            new Act.LetIn(added.part(), in.fill(), place.word()),
            new Act.Remove(
                added.part(),
                in.fill().minus(aim.part(added.part()).target()),
                Set.of(on),
                List.of()));
    String cured =
        " " + Wording.of("inlay.leave-it-min-before-it", Math.round(shop.custom(Line.INLAY_CURE)));
    StepKey key = step(setup);
    return List.of(
        new Step(
            key,
            "Make room for the " + place.word(),
            place.cut(),
            Speeds.At.TURNING,
            List.copyOf(cut)),
        new Step(
            new StepKey(key.path() + " glue"),
            Wording.of("inlay.let-in-the-and-level", place.word()),
            place.glue() + cured,
            Speeds.At.TURNING,
            glue));
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    Optional<Form.Inlaid> in = form.inlaid(added.id());
    if (in.isEmpty()) {
      noRoom(form, aim, told);
      return;
    }
    Point at = InlayRoom.middle(in.get().groove());
    told.thin(
        Entry.DETAIL_THIN,
        left(form, in.get()),
        aim.custom(Line.DETAIL_LEFT),
        added.part(),
        at,
        label());
    told.thin(
        Entry.INLAY_THIN,
        aim.mm(key(thin())),
        aim.custom(Line.INLAY_LEAST),
        added.part(),
        at,
        label());
  }

  /** What is left under it, mm: under a ring in solid wood no more than its core. */
  private double left(Form form, Form.Inlaid in) {
    double wood = InlayRoom.left(form, in.groove(), place == InlayPlace.COLLAR);
    return place == InlayPlace.RING ? Math.min(wood, 2 * in.groove().minR()) : wood;
  }

  /** The size in which it is thinnest. */
  private InlaySize thin() {
    return place == InlayPlace.COLLAR ? InlaySize.THICK : InlaySize.DEEP;
  }

  private void noRoom(Form form, Aim aim, Told told) {
    switch (place) {
      case RING -> {
        double at = aim.mm(key(InlaySize.HEIGHT));
        double wide = aim.mm(key(InlaySize.WIDE));
        told.found(
            form.missing(at, wide, label()),
            added.part(),
            new Point(form.zero() + at, form.radius(at)));
      }
      case DISC -> {
        Point at = form.top().map(t -> new Point(t.z(), 0)).orElse(null);
        told.found(
            form.top().isEmpty()
                ? Entry.KNOB_NO_TOP.told(Grade.STOP, label(), added.part())
                : form.isTopTaken()
                    ? Entry.KNOB_SECOND.told(Grade.STOP, label(), added.part())
                    : Entry.INLAY_WIDE.told(
                        Grade.STOP,
                        aim.mm(key(InlaySize.WIDE)),
                        widest(form, aim.custom(Line.INLAY_EDGE)),
                        label()),
            added.part(),
            at);
      }
      case COLLAR ->
          told.found(
              Entry.INLAY_NO_RECESS.told(Grade.STOP, label(), added.part()), added.part(), null);
    }
  }

  /** The widest disc that leaves wood round it, mm. */
  private static double widest(Form form, double edge) {
    double radius = form.top().map(Form.Top::radius).orElse(0.0);
    return Math.max(0, 2 * (radius - edge));
  }

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    switch (finding.verdict().entry()) {
      case DETAIL_THIN -> {
        tries.set(key(thin()), Math.floor(10 * (aim.mm(key(thin())) - finding.lack())) / 10);
        slimmerJoint(finding.verdict().limit(), aim, tries);
      }
      case INLAY_THIN -> tries.more(finding.lack(), key(thin()));
      case INLAY_WIDE -> {
        tries.set(key(InlaySize.WIDE), finding.verdict().limit());
        tries.set(key(InlaySize.WIDE), aim.custom(Line.INLAY_DISC_WIDE));
      }
      case DETAIL_NO_ROOM, DETAIL_MEETS -> {
        double wide = aim.mm(key(InlaySize.WIDE));
        form.elsewhere(aim.mm(key(InlaySize.HEIGHT)), wide + aim.custom(Line.DETAIL_EDGE))
            .ifPresent(at -> tries.set(key(InlaySize.HEIGHT), at));
      }
      default -> {}
    }
  }

  /** Round a slimmer recess there is more wood for a collar: the outside less wood and collar. */
  private void slimmerJoint(double wood, Aim aim, Tries tries) {
    if (place != InlayPlace.COLLAR) {
      return;
    }
    Part part = aim.part(added.part());
    for (Joint j : aim.joints()) {
      if (j.outer().part().equals(part.name())) {
        double outside =
            aim.surface(j.outer()).line().points().stream()
                .mapToDouble(p -> part.target().outer(p.z()))
                .filter(r -> r > 0)
                .min()
                .orElse(0);
        double recess = 2 * (outside - wood - aim.mm(key(InlaySize.THICK)));
        tries.set(j.recess(), Math.floor(10 * recess) / 10);
      }
    }
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    form.inlaid(added.id()).ifPresent(in -> dimensions(form, in, aim, d));
    if (place != InlayPlace.COLLAR) {
      // Where it lies is not measured while its foot still hangs on waste.
      on(form)
          .ifPresent(
              on ->
                  place.sizes().stream()
                      .filter(s -> s != InlaySize.HEIGHT)
                      .forEach(s -> d.size(key(s), on).corrects(Feature.Kind.SKIN)));
    }
  }

  private void dimensions(Form form, Form.Inlaid in, Aim aim, Dimensions d) {
    HalfSection g = in.groove();
    String part = added.part();
    in.along()
        .ifPresent(
            along ->
                d.size(key(InlaySize.HEIGHT), part)
                    .reads(s -> (along.from() + along.to()) / 2 - form.zero()));
    switch (place) {
      case RING -> {
        DimKey height = key(InlaySize.HEIGHT);
        double up = aim.mm(height);
        Point at = new Point(form.zero() + up, form.radius(up));
        d.size(height, part).grip(() -> along(height, at, form.zero()));
        d.size(key(InlaySize.WIDE), part).reads(s -> g.maxZ() - g.minZ());
      }
      case DISC -> d.size(key(InlaySize.WIDE), part).reads(s -> 2 * g.maxR());
      case COLLAR -> d.size(key(InlaySize.THICK), part).reads(s -> g.maxR() - g.minR());
    }
  }

  /** What is measured: where it lies is not, while its foot still hangs on waste. */
  private List<InlaySize> read() {
    return place.sizes().stream().filter(s -> s != InlaySize.HEIGHT).toList();
  }
}
