package hazelkeep.workbench;

import hazelkeep.hold.JamOn;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Where a run stands: the wood as the facts made it, and the rest of the route planned from there.
 *
 * @param <D> the design record
 * @param plan the plan of what is left, with valid readings in its dimensions
 * @param now the wood as it is
 * @param done steps done, and not owed again
 * @param readings valid readings, true lengths in mm
 * @param expired readings that a later cut made out of date
 */
public record Bench<D extends Design>(
    Plan<D> plan, State now, Set<StepKey> done, Map<DimKey, Double> readings, Set<Long> expired) {

  /**
   * Replays a log.
   *
   * @param kind the kind of piece
   * @param design the design as it now is
   * @param shop the shop
   * @param edits the turner's changes of the route
   * @param log all facts so far, in order
   */
  public static <D extends Design> Bench<D> replay(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, List<Entry> log) {
    Set<Long> withdrawn = Fact.withdrawn(log);
    List<Entry> facts = log.stream().filter(e -> !withdrawn.contains(e.no())).toList();
    Replay<D> all = new Replay<>(kind, design, shop, edits, facts, latest(facts, Set.of()));
    all.run();
    if (!all.expired.isEmpty()) {
      all = new Replay<>(kind, design, shop, edits, facts, latest(facts, all.expired));
      all.run();
    }
    return all.bench();
  }

  private static Map<DimKey, Double> latest(List<Entry> facts, Set<Long> expired) {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    for (Entry e : facts) {
      if (e.fact() instanceof Fact.Reading r) {
        if (expired.contains(e.no())) {
          out.remove(r.what());
        } else {
          out.put(r.what(), r.truth());
        }
      }
    }
    return out;
  }

  /** The next step to do, with its setup; empty when nothing is owed. */
  public Optional<Step> next() {
    return plan.rehearsal().route().steps().stream().findFirst();
  }

  /** The setup of a step in the route. */
  public Optional<Setup> setupOf(StepKey key) {
    return plan.route().setups().stream()
        .filter(s -> s.steps().stream().anyMatch(x -> x.key().equals(key)))
        .findFirst();
  }

  /** Less wood than this in the way of a cut, mm2 of section, is not owed. */
  private static final double OWED = 0.5;

  private static final List<DimKey> BLANK =
      List.of(new DimKey("blank.length"), new DimKey("blank.across"));

  /** One pass over the facts. */
  private static final class Replay<D extends Design> {
    private final Kind<D> kind;
    private final D design;
    private final Shop shop;
    private final List<RouteEdit> edits;
    private final List<Entry> facts;
    private final Map<DimKey, Double> readings;
    private final Map<DimKey, Double> standing;
    private final Aim aim;
    private final Map<String, Double> anchors;
    private final Route route;
    private final Map<DimKey, Feature> features = new LinkedHashMap<>();
    private final Set<StepKey> logged = new LinkedHashSet<>();
    private final Map<DimKey, Long> taken = new LinkedHashMap<>();
    private final Set<Long> expired = new HashSet<>();
    private State now;

    /** The aim with its parts where they lay when the fact at hand was entered. */
    private Aim then;

    private Map<String, Double> at;

    Replay(
        Kind<D> kind,
        D design,
        Shop shop,
        List<RouteEdit> edits,
        List<Entry> facts,
        Map<DimKey, Double> readings) {
      this.kind = kind;
      this.design = design;
      this.shop = shop;
      this.edits = edits;
      this.facts = facts;
      this.readings = readings;
      Map<DimKey, Double> standing = new LinkedHashMap<>(readings);
      Map<DimKey, Dim> dims = Dims.resolve(design, kind.rules(), shop, readings);
      for (Entry e : facts) {
        if (e.fact() instanceof Fact.Done d && !d.dims().isEmpty()) {
          standing.putAll(kind.settled(design, d.dims(), lengths(dims)));
          // The blank is on the lathe: whatever the design becomes, it stays the blank it was.
          for (DimKey key : BLANK) {
            if (d.dims().containsKey(key)) {
              standing.put(key, d.dims().get(key));
            }
          }
          break;
        }
      }
      this.standing = standing;
      this.aim = kind.aim(design, Dims.resolve(design, kind.rules(), shop, standing), shop);
      this.anchors = kind.anchors(design, aim.sizes());
      this.then = aim;
      this.at = anchors;
      this.route = kind.route(design, aim, shop).with(edits);
      this.now = State.start(aim);
      kind.features(design).forEach(f -> features.put(f.key(), f));
    }

    /**
     * Counts z as it was counted then. A part that is still one blank with another stays where it
     * is; one that was parted off carries its own plane along.
     */
    private void countAs(Map<String, Double> planes) {
      if (planes.equals(at)) {
        return;
      }
      Map<String, Double> by = new LinkedHashMap<>();
      for (Part p : aim.parts()) {
        String name = p.name();
        Optional<Body> stock = now.stock(then.part(name));
        boolean alone =
            stock.isPresent()
                && then.parts().stream()
                    .noneMatch(q -> !q.name().equals(name) && now.stock(q).equals(stock));
        if (alone) {
          now = now.shifted(stock.get().name(), planes.get(name) - at.get(name));
        }
        by.put(name, planes.get(name) - anchors.get(name));
      }
      then = aim.shifted(by);
      at = planes;
    }

    private void countAs(Map<DimKey, Double> dims, boolean known) {
      if (known) {
        countAs(kind.anchors(design, dims));
      }
    }

    void run() {
      String mounted = "";
      for (Entry e : facts) {
        if (e.fact() instanceof Fact.Done d) {
          countAs(d.dims(), !d.dims().isEmpty());
        } else if (e.fact() instanceof Fact.Found f) {
          countAs(f.dims(), !f.dims().isEmpty());
        } else if (e.fact() instanceof Fact.Replaced r) {
          countAs(r.dims(), !r.dims().isEmpty());
        } else if (e.fact() instanceof Fact.Reading) {
          countAs(anchors);
        }
        if (e.fact() instanceof Fact.Done d) {
          mounted = done(d, mounted);
        } else if (e.fact() instanceof Fact.Reading r) {
          reading(e.no(), r);
        } else if (e.fact() instanceof Fact.Found f) {
          found(f);
        } else if (e.fact() instanceof Fact.Replaced r) {
          lost(r.part());
          Body fresh = new Body(r.part(), r.stock(), r.stock(), aim.blank().wood());
          now = now.corrected(fresh, then);
        }
      }
    }

    /** A part is gone, and with it all that was done to it and measured on it. */
    private void lost(String part) {
      now = now.gone(part, then);
      logged.removeIf(key -> isOf(part, key));
      taken.forEach(
          (key, no) -> {
            Feature f = features.get(key);
            if (f != null && f.surface().part().equals(part)) {
              expired.add(no);
            }
          });
    }

    private String done(Fact.Done d, String mounted) {
      Setup like = setup(d.step()).orElse(null);
      if (like == null) {
        return mounted;
      }
      Step step = like.steps().stream().filter(x -> x.key().equals(d.step())).findFirst().get();
      Step frozen = new Step(step.key(), step.title(), step.words(), step.at(), d.acts());
      now = Rehearsal.perform(now, like, frozen, !like.name().equals(mounted), then, shop);
      logged.add(d.step());
      for (Map.Entry<DimKey, Long> t : taken.entrySet()) {
        Feature f = features.get(t.getKey());
        boolean cut =
            f != null
                && now.surf(f.surface()).cutBy().filter(d.step()::equals).isPresent()
                && step.acts().stream().noneMatch(a -> reads(a, t.getKey()));
        if (cut) {
          expired.add(t.getValue());
        }
      }
      return like.name();
    }

    private static boolean reads(Act a, DimKey key) {
      return a instanceof Act.Read r && r.what().equals(key);
    }

    private void reading(long no, Fact.Reading r) {
      taken.put(r.what(), no);
      Feature f = features.get(r.what());
      if (f != null && readings.containsKey(r.what())) {
        now = Correction.of(now, aim, f, r.truth());
      } else if (f != null && f.kind() != Feature.Kind.SHAPE) {
        now = Correction.of(now, aim, f, r.truth());
      }
    }

    private void found(Fact.Found f) {
      String part = f.as().part();
      if (f.as().what() == AsFound.What.LOST) {
        lost(part);
      } else {
        now.stock(aim.part(part)).ifPresent(b -> now = now.corrected(b.without(f.gone()), aim));
      }
    }

    /** Whether a step worked a part that hangs on no one blank with another any more. */
    private boolean isOf(String part, StepKey key) {
      return route.setups().stream()
          .filter(
              s ->
                  s.frames().containsKey(part)
                      && (s.frames().size() == 1 || s.hold().grip() instanceof JamOn))
          .flatMap(s -> s.steps().stream())
          .filter(s -> s.key().equals(key))
          .flatMap(s -> s.acts().stream())
          .anyMatch(
              a ->
                  a instanceof Act.Remove r && r.part().equals(part)
                      || a instanceof Act.Sand x && x.on().part().equals(part)
                      || a instanceof Act.Coat c && c.on().part().equals(part));
    }

    /**
     * Steps owed again are done in the setup now mounted, where it holds their part; else in the
     * next one that does, when the one they belong to held parts together that now lie apart.
     */
    private List<RouteEdit> moves(Set<StepKey> done) {
      List<RouteEdit> moves = new ArrayList<>();
      StepKey last = null;
      for (StepKey key : logged) {
        last = key;
      }
      for (StepKey key : logged) {
        if (done.contains(key)) {
          continue;
        }
        Setup own = setup(key).orElseThrow();
        if (setup(last).filter(s -> !s.equals(own) && holds(s, key)).isPresent()) {
          moves.add(new RouteEdit.MoveAfter(key, last));
        } else if (apart(own)) {
          route.setups().stream()
              .filter(s -> !s.equals(own) && holds(s, key))
              .flatMap(s -> s.steps().stream())
              .map(Step::key)
              .filter(k -> !done.contains(k) && !logged.contains(k))
              .findFirst()
              .ifPresent(k -> moves.add(new RouteEdit.MoveAfter(key, k)));
        }
      }
      return moves;
    }

    private boolean holds(Setup s, StepKey step) {
      return s.hold().onLathe() && s.frames().keySet().containsAll(parts(step));
    }

    /** Whether a setup would carry parts as one blank that are one no more. */
    private boolean apart(Setup s) {
      return !(s.hold().grip() instanceof JamOn)
          && s.frames().keySet().stream().map(p -> now.stock(aim.part(p))).distinct().count() > 1;
    }

    private Optional<Setup> setup(StepKey key) {
      return route.setups().stream()
          .filter(s -> s.steps().stream().anyMatch(x -> x.key().equals(key)))
          .findFirst();
    }

    private Set<String> parts(StepKey key) {
      Set<String> out = new HashSet<>();
      for (Act a : route.step(key).map(Step::acts).orElse(List.of())) {
        if (a instanceof Act.Remove r) {
          out.add(r.part());
        }
      }
      return out;
    }

    /** Whether a cut to size, as it is planned now, would still find wood. */
    private boolean owes(Act.Remove r) {
      return !r.bares().isEmpty()
          && now.stock(aim.part(r.part()))
              .filter(b -> b.sound().and(r.region()).area() > OWED)
              .isPresent();
    }

    Bench<D> bench() {
      countAs(anchors);
      now = now.looked(aim);
      Set<StepKey> done = new LinkedHashSet<>();
      for (StepKey key : logged) {
        boolean owed =
            route.step(key).stream()
                .flatMap(x -> x.acts().stream())
                .anyMatch(a -> a instanceof Act.Remove r && owes(r));
        if (!owed) {
          done.add(key);
        }
      }
      Plan<D> plan =
          Plan.of(kind, design, shop, edits, new Plan.Standing(standing, now, done, moves(done)));
      return new Bench<>(plan, now, Set.copyOf(done), Map.copyOf(readings), Set.copyOf(expired));
    }
  }

  private static Map<DimKey, Double> lengths(Map<DimKey, Dim> dims) {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    dims.forEach((k, d) -> out.put(k, d.mm()));
    return out;
  }

  /** The dimensions now, mm, for a fact that is entered now. */
  public Map<DimKey, Double> dims() {
    return plan.aim().sizes();
  }

  /** Dimensions that stay as they are because what they measure is cut, mm. */
  public Map<DimKey, Double> settled() {
    Set<DimKey> cut =
        plan.route().steps().stream()
            .filter(s -> done.contains(s.key()))
            .flatMap(s -> plan.prompts(s).stream())
            .map(p -> p.dim().key())
            .collect(Collectors.toSet());
    Map<DimKey, Double> out = new LinkedHashMap<>();
    for (Feature f : plan.kind().features(plan.design())) {
      if (cut.contains(f.key())) {
        out.put(f.keeps(), plan.aim().dims().get(f.keeps()).mm());
      }
    }
    return out;
  }

  /** The fact that a step was done as it is planned now. */
  public Fact.Done did(StepKey key) {
    return new Fact.Done(key, frozen(key), dims());
  }

  /** The fact that the wood was found otherwise than planned, as things stand now. */
  public Fact.Found found(AsFound as, String words) {
    plan.aim().part(as.part());
    HalfSection gone = plan.kind().gone(plan.design(), plan.aim(), as);
    return new Fact.Found(as, gone, words, dims());
  }

  /** The fact that a part is made again from a fresh blank. */
  public Fact.Replaced replaced(String part) {
    return new Fact.Replaced(part, freshStock(part), dims());
  }

  /** What a step takes off, frozen for the log. */
  private List<Act> frozen(StepKey key) {
    return plan.route().step(key).map(Step::acts).orElse(new ArrayList<>());
  }

  /** A fresh blank for a lost part: rounded, its tenon cut, and a spigot that decides its mate. */
  private HalfSection freshStock(String part) {
    Aim aim = plan.aim();
    HalfSection target = aim.part(part).target();
    HalfSection stub = aim.part(part).stub("tenon").region();
    double r = aim.mm("blank.round") / 2;
    boolean above = stub.minZ() > target.maxZ();
    double z0 = above ? target.minZ() - 1 : stub.maxZ();
    double z1 = above ? stub.minZ() : target.maxZ() + 1;
    HalfSection stock = HalfSection.box(z0, z1, 0, r).plus(stub);
    for (Surface s : aim.part(part).surfaces()) {
      // A spigot that its mate is fitted to is turned before parting; the fresh blank has it.
      boolean fitted = aim.joints().stream().anyMatch(j -> j.fitted().equals(s.id()));
      if (s.role() == Role.FIT && !s.inside() && !fitted) {
        stock = stock.minus(s.zone().minus(target));
      }
    }
    return stock;
  }
}
