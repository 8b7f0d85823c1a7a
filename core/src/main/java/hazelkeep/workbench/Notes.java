package hazelkeep.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.measure.Wording;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Gone;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Mounting;
import hazelkeep.route.Prompt;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Puts facts together as of where a run stands, whole: each says all that it says of the wood.
 *
 * @param <D> the design record
 */
final class Notes<D extends Design> {
  private final Standing<D> standing;
  private final Kind<D> kind;
  private final D design;
  private final Shop shop;
  private final Replay<D> log;
  private final Aim aim;
  private final State now;

  Notes(Standing<D> standing) {
    this.standing = standing;
    this.kind = standing.kind;
    this.design = standing.design;
    this.shop = standing.shop;
    this.log = standing.log;
    this.aim = standing.aim;
    this.now = standing.now;
  }

  private Where where() {
    return Where.of(aim, standing.anchors());
  }

  /** Where the parts lay by sizes that held then. */
  Where where(Map<DimKey, Double> dims) {
    return Where.of(aim, kind.anchors(design, dims));
  }

  /** A step from a log that did not note how the work was held, with that. */
  Fact.Done whole(Fact.Done d) {
    Optional<Setup> in = standing.setup(d.step());
    Optional<Mounting> held = in.map(Mounting::of);
    boolean changed = in.isPresent() && !log.mounted().equals(held);
    return new Fact.Done(
        d.step(),
        standing.recipe().step(d.step()).map(Step::title).orElse(""),
        held,
        changed ? Acts.both(Rehearsal.marks(now, in.get(), aim, shop), d.acts()) : d.acts(),
        d.dims(),
        where(d.dims()),
        log.begun() ? Optional.empty() : Optional.of(Stock.of(aim)));
  }

  /** The fact that a step was done as it is planned now. */
  Fact.Done did(StepKey key) {
    Optional<Setup> in =
        standing.route().setups().stream()
            .filter(s -> s.steps().stream().anyMatch(x -> x.key().equals(key)))
            .findFirst();
    Step step =
        standing
            .route()
            .step(key)
            .orElseThrow(() -> new Refused(Wording.of("notes.there-is-no-step-on", key)));
    Mounting held = Mounting.of(in.orElseThrow());
    List<Act> acts = step.acts();
    if (log.mounted().filter(held::equals).isEmpty()) {
      acts = Acts.both(Rehearsal.marks(now, in.get(), aim, shop), acts);
    }
    return new Fact.Done(
        key,
        step.title(),
        Optional.of(held),
        acts,
        aim.sizes(),
        where(),
        log.begun() ? Optional.empty() : Optional.of(Stock.of(aim)));
  }

  /**
   * The fact that a size was measured, with what it says of the wood: near what was measured it is
   * what the piece would be with a size like that. A depth that no piece of this design could have
   * is what was found: bored through.
   *
   * @param settles whether the size is to stay so
   * @throws BadDesign when neither could be
   */
  Fact read(DimKey what, String gauge, double shown, double truth, boolean settles) {
    Map<DimKey, Double> valid = new LinkedHashMap<>(log.standing());
    valid.put(what, truth);
    Aim then;
    try {
      then = kind.aim(design, kind.dims(design, shop, valid), shop);
    } catch (BadDesign e) {
      if (settles) {
        return bored(what, truth).orElseThrow(() -> e);
      }
      // On the way a size may be one that no finished piece could have.
      return new Fact.Reading(what, gauge, shown, truth, false, List.of(), where());
    }
    Map<String, Double> planes = kind.anchors(design, then.sizes());
    State there = log.countedAs(planes, then);
    return new Fact.Reading(
        what,
        gauge,
        shown,
        truth,
        settles,
        mended(there, then, what, truth),
        Where.of(then, planes));
  }

  /** A hollow deeper than its part lets it be; empty where the size is none from its mouth. */
  private Optional<Fact> bored(DimKey what, double truth) {
    for (Measure m : kind.dimensions(design, aim, shop).measures()) {
      if (m.key().equals(what) && m.kind() == Measure.Kind.DEPTH) {
        Gone gone = new Gone(aim.part(m.part()));
        if (fromMouth(m, gone) && gone.can(AsFound.What.DEPTH)) {
          return Optional.of(found(new AsFound(m.part(), AsFound.What.DEPTH, 0, truth), ""));
        }
      }
    }
    return Optional.empty();
  }

  private static boolean fromMouth(Measure m, Gone gone) {
    double near =
        Math.min(Math.abs(m.from().z() - gone.mouth()), Math.abs(m.to().z() - gone.mouth()));
    return m.kind() == Measure.Kind.DEPTH && near < AT_MOUTH;
  }

  /** What was measured before follows as well where the new size moves it. */
  private List<Mended> mended(State there, Aim then, DimKey what, double truth) {
    Map<DimKey, Double> sizes = new LinkedHashMap<>(log.readings());
    sizes.remove(what);
    sizes.put(what, truth);
    Map<DimKey, Feature> features = new LinkedHashMap<>();
    kind.dimensions(design, then, shop).features().forEach(f -> features.put(f.key(), f));
    State is = features.containsKey(what) ? there : bored(there, then, what);
    for (Map.Entry<DimKey, Double> e : sizes.entrySet()) {
      Feature f = features.get(e.getKey());
      is = f == null ? is : Correction.of(is, then, f, read(e.getKey(), e.getValue()));
    }
    List<Mended> out = new ArrayList<>();
    for (Part p : then.parts()) {
      HalfSection was = there.stock(p).map(Body::sound).orElse(HalfSection.EMPTY);
      HalfSection now = is.stock(p).map(Body::sound).orElse(HalfSection.EMPTY);
      boolean shared =
          out.stream().anyMatch(m -> there.stock(then.part(m.part())).equals(there.stock(p)));
      if (!was.equals(now) && !shared) {
        out.add(new Mended(p.name(), was.minus(now), now.minus(was)));
      }
    }
    return out;
  }

  private Correction.Read read(DimKey what, double truth) {
    return new Correction.Read(truth, Math.abs(truth - aim.mm(what)) / 2);
  }

  /** How far down a hole its width is looked at, as a share of its depth. */
  private static final double DOWN = 0.3;

  /**
   * A depth that ends at no finished surface, as of a bore that goes through: the hole is so deep.
   */
  private State bored(State there, Aim then, DimKey what) {
    State out = there;
    for (Measure m : kind.dimensions(design, then, shop).measures()) {
      Optional<Body> stock = there.stock(then.part(m.part()));
      if (!m.key().equals(what) || m.kind() != Measure.Kind.DEPTH || stock.isEmpty()) {
        continue;
      }
      double low = Math.min(m.from().z(), m.to().z());
      double high = Math.max(m.from().z(), m.to().z());
      HalfSection wood = stock.get().sound();
      double up = wood.inner(high - DOWN * (high - low));
      double down = wood.inner(low + DOWN * (high - low));
      // The narrower of the two: one may lie in a seat that is wider.
      double r = up > 0 && down > 0 ? Math.min(up, down) : Math.max(up, down);
      HalfSection hole = HalfSection.box(low, high, 0, r);
      out = out.corrected(stock.get().without(hole), then);
    }
    return out;
  }

  /** The fact that the wood was found otherwise than planned, as things stand now. */
  Fact.Found found(AsFound as, String words) {
    Gone gone = new Gone(aim.part(as.part()));
    gone.missing(as);
    return new Fact.Found(
        as, gone.of(as), words, aim.sizes(), where(), shortened(gone, as), reaches(gone, as));
  }

  /** Depths that were read from a mouth that lies further in now. */
  private Map<DimKey, Double> shortened(Gone gone, AsFound as) {
    double less = gone.shorter(as);
    Map<DimKey, Double> out = new LinkedHashMap<>();
    if (less <= 0) {
      return out;
    }
    for (Measure m : kind.dimensions(design, aim, shop).measures()) {
      Double read = log.readings().get(m.key());
      boolean fromMouth = m.part().equals(as.part()) && fromMouth(m, gone);
      if (read != null && fromMouth && read - less > 0) {
        out.put(m.key(), read - less);
      }
    }
    return out;
  }

  /** How near a mouth a depth begins that is read from it, mm. */
  private static final double AT_MOUTH = 0.1;

  /** Where sound wood begins beside something that only weakens it. */
  private double reaches(Gone gone, AsFound as) {
    // What has a blank of its own lies where no size moves it.
    double plane = standing.anchors().getOrDefault(as.part(), 0.0);
    if (as.what() == AsFound.What.RIM) {
      return gone.mouth() + (gone.opensUp() ? -as.value() : as.value()) - plane;
    }
    Optional<Body> stock = now.stock(aim.part(as.part()));
    return stock.isEmpty() || as.value() == 0
        ? 0
        : stock.get().sound().outer(aim.part(as.part()).datum() + as.at()) - as.value();
  }

  /** The least blank that a part can be made again from. */
  FreshBlank fresh(String part) {
    return FreshBlank.least(aim, part, shop);
  }

  /**
   * The fact that a part is made again from a fresh blank.
   *
   * @throws Refused when the blank is too small, saying what would do
   */
  Fact.Replaced replaced(String part, FreshBlank blank) {
    return new Fact.Replaced(part, blank.stock(aim, part, shop), aim.sizes(), where(), true);
  }

  /**
   * A reading held against what will do.
   *
   * @param what the dimension
   * @param gauge the device; empty for the one that the route names
   * @param shown what it showed, mm
   * @param in the unit that it was read in
   * @throws Refused when the size is not measured on this route, there is no such device, or
   *     nothing can be so long; saying what would be accepted
   */
  Taken taken(DimKey what, String gauge, double shown, Unit in) {
    Prompt prompt =
        standing.route().steps().stream()
            .flatMap(s -> Prompt.of(s, aim, shop).stream())
            .filter(p -> p.dim().key().equals(what))
            .findFirst()
            .orElseThrow(() -> new Refused(Wording.of("notes.is-not-measured-on-this", what)));
    Gauge device = gauge(prompt, gauge);
    double truth = device.truth(shown);
    if (!(truth > 0)) {
      throw new Refused(
          device.dead() < 0
              ? Wording.of("notes.the-starts-from-it-has", device.name(), Dims.both(-device.dead()))
              : Wording.of("notes.a-length-above-0-is"));
    }
    Leaves leaves =
        Leaves.of(kind.dimensions(design, aim, shop).measures(), prompt, truth, device, in);
    return new Taken(prompt, device, shown, truth, leaves);
  }

  private Gauge gauge(Prompt prompt, String name) {
    if (name.isEmpty() || name.equals(prompt.gauge().name())) {
      return prompt.gauge();
    }
    return shop.gauge(name)
        .orElseThrow(
            () ->
                new Refused(
                    Wording.of(
                        "notes.there-is-no-in-the",
                        name,
                        shop.gauges().stream()
                            .map(Gauge::name)
                            .collect(Collectors.joining(", ")))));
  }
}
