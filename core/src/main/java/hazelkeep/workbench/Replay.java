package hazelkeep.workbench;

import hazelkeep.hold.OnPartner;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Patience;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.Weakness;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Mounting;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Takes the facts of a run one by one. What was cut is cut where the log says, in the body that
 * held the part then: neither today's design nor its recipe or shop is asked for that. They say
 * only what the sizes are now and which surfaces are looked at.
 *
 * @param <D> the design record
 */
final class Replay<D extends Design> {
  /** Sizes of the blank, which stays what it was once something was done to it. */
  private static final List<DimKey> BLANK =
      List.of(new DimKey("blank.length"), new DimKey("blank.across"));

  /** What taking up a fact takes beside its cuts, as {@link Patience} counts. */
  private static final int FACT = 200;

  private final Kind<D> kind;
  private final D design;
  private final Shop shop;
  private final Map<DimKey, Double> readings = new LinkedHashMap<>();
  private final Map<DimKey, Long> taken = new HashMap<>();
  private final Map<StepKey, Fact.Done> logged = new LinkedHashMap<>();
  private final Set<Long> expired = new HashSet<>();
  private final List<Weakness> weak = new ArrayList<>();
  private final Set<String> raw = new LinkedHashSet<>();
  private final Set<String> gone = new LinkedHashSet<>();
  private Map<DimKey, Double> begun = Map.of();
  private Mounting mounted;
  private State wood;
  private Where at = Where.UNSAID;
  private Aim aim;
  private Aim lately;
  private Aim featuresOf;
  private Map<DimKey, Feature> features = Map.of();
  private Map<DimKey, Double> standing;

  Replay(Kind<D> kind, D design, Shop shop) {
    this.kind = kind;
    this.design = design;
    this.shop = shop;
  }

  /** All facts of a log that stand. */
  static <D extends Design> Replay<D> of(Kind<D> kind, D design, Shop shop, List<Entry> log) {
    Replay<D> out = new Replay<>(kind, design, shop);
    Set<Long> withdrawn = Fact.withdrawn(log);
    log.stream().filter(e -> !withdrawn.contains(e.no())).forEach(out::take);
    return out;
  }

  /** Readings that stand, true lengths in mm. */
  Map<DimKey, Double> readings() {
    return readings;
  }

  /** Numbers of readings that a later cut made out of date. */
  Set<Long> expired() {
    return expired;
  }

  /** What was done, in order. */
  Map<StepKey, Fact.Done> logged() {
    return logged;
  }

  /** Parts that are lost for good: a captive ring, which no blank of its own makes again. */
  Set<String> gone() {
    return gone;
  }

  /** Parts that are made again from a raw blank. */
  Set<String> raw() {
    return raw;
  }

  /** What was found and only weakens the wood. */
  List<Weakness> weak() {
    return weak;
  }

  /** How the work was held last. */
  Optional<Mounting> mounted() {
    return Optional.ofNullable(mounted);
  }

  /** Whether anything was done yet. */
  boolean begun() {
    return !begun.isEmpty();
  }

  /** Readings, and what was settled by what is cut. */
  Map<DimKey, Double> standing() {
    resolve();
    return standing;
  }

  /** What is to be made, with everything that was measured. */
  Aim aim() {
    resolve();
    return aim;
  }

  private void resolve() {
    if (aim == null) {
      standing = standing(design);
      aim = aim(design, standing);
    }
  }

  /**
   * What would be made by another design from here.
   *
   * @throws hazelkeep.piece.BadDesign when it can't be drawn
   */
  Aim aim(D other) {
    return aim(other, standing(other));
  }

  /**
   * The same with what would go wrong by geometry.
   *
   * @throws hazelkeep.piece.BadDesign when it can't be drawn
   */
  Sketch<D> sketch(D other) {
    return Sketch.of(kind, other, shop, standing(other));
  }

  private Aim aim(D of, Map<DimKey, Double> by) {
    return kind.aim(of, kind.dims(of, shop, by), shop);
  }

  private Map<DimKey, Double> standing(D of) {
    Map<DimKey, Double> out = new LinkedHashMap<>(readings);
    if (begun()) {
      Map<DimKey, Dim> dims = kind.dims(of, shop, readings);
      Map<DimKey, Double> lengths = new LinkedHashMap<>();
      dims.forEach((k, d) -> lengths.put(k, d.mm()));
      out.putAll(kind.settled(of, begun, lengths));
      // The blank is on the lathe: whatever the design becomes, it stays the blank it was.
      for (DimKey key : BLANK) {
        if (begun.containsKey(key)) {
          out.put(key, begun.get(key));
        }
      }
    }
    return out;
  }

  private void unresolved() {
    lately = aim == null ? lately : aim;
    aim = null;
  }

  /** What it was resolved to last, for what no reading changes: which parts there are. */
  private Aim drawn() {
    return aim == null && lately != null ? lately : aim();
  }

  /** The wood as it is, as the parts lie now. */
  State now() {
    return countedAs(kind.anchors(design, aim().sizes()), aim()).looked(aim());
  }

  /** The wood counted as parts lie by other planes. */
  State countedAs(Map<String, Double> planes, Aim by) {
    if (wood == null) {
      return State.start(by);
    }
    return moved(wood, planes);
  }

  /**
   * Counts z from other planes. A part that is still one blank with another stays where it is; one
   * that was parted off carries its own plane along.
   */
  private State moved(State state, Map<String, Double> planes) {
    State out = state;
    if (!at.said() || planes.isEmpty() || planes.equals(at.planes())) {
      return out;
    }
    Aim there = aim().cored(at.cores());
    for (String part : planes.keySet()) {
      if (at.planes().containsKey(part) && Standing.alone(state, there, part)) {
        Body body = state.stock(there.part(part)).orElseThrow();
        out = out.shifted(body.name(), planes.get(part) - at.planes().get(part));
      }
    }
    return out;
  }

  /** What is to be made, with parts where they lay at some time. */
  private Aim as(Where then) {
    Map<String, Double> now = kind.anchors(design, aim().sizes());
    Map<String, Double> by = new LinkedHashMap<>();
    then.planes().forEach((part, z) -> by.put(part, z - now.getOrDefault(part, z)));
    return aim().shifted(by).cored(then.cores());
  }

  private Aim countAs(Where then) {
    lie(then);
    return as(at);
  }

  private void lie(Where then) {
    if (then.said()) {
      wood = moved(wood, then.planes());
      at = then;
    }
  }

  /** Takes the next fact. */
  void take(Entry e) {
    Patience.spend(FACT);
    if (wood == null) {
      wood = start(e.fact());
    }
    if (e.fact() instanceof Fact.Done d) {
      done(d, countAs(d.where()));
    } else if (e.fact() instanceof Fact.Reading r) {
      reading(e.no(), r);
    } else if (e.fact() instanceof Fact.Found f) {
      found(f, countAs(f.where()));
    } else if (e.fact() instanceof Fact.Replaced r) {
      replaced(r, countAs(r.where()));
    }
  }

  private State start(Fact first) {
    Optional<Stock> noted = first instanceof Fact.Done d ? d.blank() : Optional.empty();
    return State.of(Stock.all(aim(), noted));
  }

  private void done(Fact.Done d, Aim then) {
    State before = wood;
    Step frozen = new Step(d.step(), d.title(), "", Speeds.At.TURNING, d.acts());
    wood = Rehearsal.perform(before, frozen, then, shop);
    logged.put(d.step(), d);
    mounted = d.mounting().orElse(mounted);
    if (begun.isEmpty()) {
      begun = d.dims();
      unresolved();
    }
    for (Map.Entry<DimKey, Long> t : taken.entrySet()) {
      Feature f = features().get(t.getKey());
      if (f != null
          && d.acts().stream().noneMatch(a -> reads(a, t.getKey()))
          && Correction.changed(before, wood, then, f)) {
        expire(t.getKey(), t.getValue());
      }
    }
  }

  private Map<DimKey, Feature> features() {
    Aim by = drawn();
    if (featuresOf != by) {
      features = new LinkedHashMap<>();
      kind.dimensions(design, by, shop).features().forEach(f -> features.put(f.key(), f));
      featuresOf = by;
    }
    return features;
  }

  private static boolean reads(Act a, DimKey key) {
    return a instanceof Act.Read r && r.what().equals(key);
  }

  private void expire(DimKey key, long no) {
    if (expired.add(no) && readings.remove(key) != null) {
      unresolved();
    }
  }

  /**
   * Where the log says where its part lay, no size has to be worked out for a reading: of a hundred
   * in a row only the last decides what is made.
   */
  private void reading(long no, Fact.Reading r) {
    lie(r.where());
    taken.put(r.what(), no);
    for (Mended m : r.mended()) {
      stock(m.part()).ifPresent(b -> wood = wood.corrected(mended(b, m)));
    }
    if (r.settles()) {
      readings.put(r.what(), r.truth());
      unresolved();
    }
  }

  /** The stock of a part where it lies; none of one that was taken off since. */
  private Optional<Body> stock(String part) {
    if (!drawn().has(part)) {
      return Optional.empty();
    }
    Point core = at.cores().get(part);
    return core == null ? wood.stock(as(at).part(part)) : wood.stock(part, core);
  }

  private static Body mended(Body b, Mended m) {
    HalfSection is = b.sound().minus(m.less()).plus(m.more());
    return b.become(b.name(), is, is);
  }

  private void found(Fact.Found f, Aim then) {
    if (!then.has(f.as().part())) {
      // Found on something that was taken off since.
      return;
    }
    if (f.as().what() == AsFound.What.LOST) {
      lost(f.as().part(), then);
      if (then.captive(then.part(f.as().part()))) {
        gone.add(f.as().part());
      }
      return;
    }
    if (!f.as().takesWood()) {
      weak.add(new Weakness(f.as(), f.reaches(), at.planes().getOrDefault(f.as().part(), 0.0)));
      return;
    }
    wood.stock(then.part(f.as().part()))
        .ifPresent(b -> wood = wood.corrected(b.without(f.gone()), then));
    if (!f.now().isEmpty()) {
      readings.putAll(f.now());
      unresolved();
    }
  }

  private void replaced(Fact.Replaced r, Aim then) {
    if (!then.has(r.part())) {
      return;
    }
    lost(r.part(), then);
    if (then.whole(then.part(r.part()))) {
      // It begins anew, and what goes loosely round it with it.
      then.offBlank().forEach(p -> gone.remove(p.name()));
    } else if (r.raw()) {
      raw.add(r.part());
    }
    Body fresh = new Body(r.part(), r.stock(), r.stock(), aim().wood(r.part()));
    wood = wood.corrected(fresh, then);
  }

  /** A part is gone, and with it all that was done to it and measured on it. */
  private void lost(String part, Aim then) {
    Part lost = then.part(part);
    boolean whole = then.whole(lost);
    Set<String> parts =
        whole ? then.offBlank().stream().map(Part::name).collect(Collectors.toSet()) : Set.of(part);
    wood = wood.gone(lost, then);
    weak.removeIf(w -> parts.contains(w.as().part()));
    logged.values().removeIf(d -> isOf(part, d) || whole && holdsOnly(parts, d));
    taken.forEach(
        (key, no) -> {
          Feature f = features().get(key);
          if (f != null && parts.contains(f.surface().part())) {
            expire(key, no);
          }
        });
  }

  private static boolean holdsOnly(Set<String> parts, Fact.Done d) {
    return d.mounting().filter(m -> parts.containsAll(m.frames().keySet())).isPresent();
  }

  /** Whether a step worked a part that hung on no one blank with another. */
  private static boolean isOf(String part, Fact.Done d) {
    Map<String, Frame> frames = d.mounting().map(Mounting::frames).orElse(Map.of());
    boolean jam = d.mounting().filter(m -> m.hold().grip() instanceof OnPartner).isPresent();
    return frames.containsKey(part)
        && (frames.size() == 1 || jam)
        && d.acts().stream()
            .anyMatch(
                a ->
                    a instanceof Act.Remove r && r.part().equals(part)
                        || a instanceof Act.LetIn l && l.part().equals(part)
                        || a instanceof Act.Glue g && g.part().equals(part)
                        || a instanceof Act.Sand x && x.on().part().equals(part)
                        || a instanceof Act.Coat c && c.on().part().equals(part));
  }
}
