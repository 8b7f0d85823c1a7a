package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.giving.Fight;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.End;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Settled;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.piece.Twin;
import hazelkeep.piece.Walled;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * A kind of piece with what its turner added to it. The kind knows nothing of what is added: it
 * draws, judges and orders its plain piece; elements bend the parts that it drew, judge themselves
 * on what is then there, and hang their steps into its route.
 *
 * @param <D> its design record
 * @param plain the kind itself
 */
public record Adorned<D extends Design>(Kind<D> plain) implements Kind<D> {
  @Override
  public String name() {
    return plain.name();
  }

  @Override
  public String title() {
    return plain.title();
  }

  @Override
  public Class<D> type() {
    return plain.type();
  }

  @Override
  public D fresh() {
    return plain.fresh();
  }

  @Override
  public Map<String, Double> limits(D design, Map<DimKey, Dim> dims, Shop shop) {
    return plain.limits(design, dims, shop);
  }

  @Override
  public Settled<D> settled(D design, Shop shop) {
    return Lately.settled(this, design, shop);
  }

  @Override
  public Map<DimKey, Optional<Double>> fight(D design, Shop shop) {
    return Fight.of(this, design, shop).sizes();
  }

  @Override
  public List<Rule<D>> rules(D design) {
    List<Rule<D>> out = new ArrayList<>(plain.rules(design));
    for (AddedElement e : Elements.of(design)) {
      e.lengthens().ifPresent(by -> out.replaceAll(r -> OtherBlank.longer(r, by)));
      for (SizeRule r : e.sizes()) {
        // Whatever its number, a bead's width has the bounds of a bead's width.
        String name = e.added().what() + r.key().path().substring(e.added().id().length());
        Rule<D> rule = r.on(name);
        out.add(e.stands().contains(r.key()) ? standing(rule, e, design) : rule);
      }
    }
    if (Added.apart(design.elements())) {
      out.replaceAll(OtherBlank::both);
      out.addAll(OtherBlank.needs(plain.stretches(design)));
    }
    return out;
  }

  /** The rule of a size that is no larger than what it stands on has room for. */
  private Rule<D> standing(Rule<D> rule, AddedElement e, D design) {
    Function<Dims<D>, Rule.Value> by =
        d -> {
          Rule.Value usual = rule.by().apply(d);
          double most =
              bare(e.added().part(), design, d.shop()).stream()
                  .map(f -> e.roomiest(rule.key(), f, AddedElement.Sizes.of(d)))
                  .flatMapToDouble(OptionalDouble::stream)
                  .findFirst()
                  .orElse(usual.mm());
          return most < usual.mm()
              ? Rule.Value.derived(most, Wording.of("adorned.what-it-stands-on"))
              : usual;
        };
    return new Rule<>(
        rule.key(),
        rule.label(),
        rule.least(),
        rule.most(),
        rule.fit(),
        by,
        rule.read(),
        rule.name());
  }

  /** A part as the kind draws it with nothing added; empty where it can't be drawn. */
  private Optional<Form> bare(String part, D design, Shop shop) {
    Map<DimKey, Size> own = new TreeMap<>(design.sizes());
    own.keySet().removeIf(k -> owner(design, k).isPresent());
    D alone = Restated.with(Restated.with(design, "elements", List.of()), "sizes", own);
    try {
      Map<DimKey, Dim> dims = Dims.resolve(alone, plain.rules(alone), shop, Map.of());
      return plain.aim(alone, dims, shop).parts().stream()
          .filter(p -> p.name().equals(part))
          .map(Form::new)
          .findFirst();
    } catch (BadDesign cantBe) {
      return Optional.empty();
    }
  }

  private Drawn drawn(D design, Map<DimKey, Dim> dims, Shop shop) {
    return Lately.drawn(plain, design, dims, shop);
  }

  private Drawn drawn(D design, Aim aim, Shop shop) {
    return drawn(design, aim.dims(), shop);
  }

  /** Whether nothing that was added is of wood. */
  private static boolean none(Design design) {
    return design.elements().stream().allMatch(Outcome::asked);
  }

  @Override
  public Aim aim(D design, Map<DimKey, Dim> dims, Shop shop) {
    return none(design) ? plain.aim(design, dims, shop) : drawn(design, dims, shop).aim();
  }

  @Override
  public Route route(D design, Aim aim, Shop shop) {
    if (none(design)) {
      return plain.route(design, aim, shop);
    }
    Drawn d = drawn(design, aim, shop);
    return d.hung(plain.route(design, d.plain(), shop), design, shop);
  }

  @Override
  public List<Walled> walls(D design, Aim aim, Shop shop) {
    return plain.walls(design, none(design) ? aim : drawn(design, aim, shop).plain(), shop);
  }

  @Override
  public List<Finding> judge(D design, Aim aim, Shop shop) {
    if (none(design)) {
      return plain.judge(design, aim, shop);
    }
    Drawn d = drawn(design, aim, shop);
    Told told = new Told();
    told.all(plain.judge(design, d.plain(), shop));
    d.check(told);
    d.close(told);
    d.byHand(plain.route(design, d.plain(), shop), told);
    return told.done();
  }

  @Override
  public List<Remedy> remedies(D design, Finding finding, Aim aim, Shop shop) {
    List<Remedy> out = new ArrayList<>(plain.remedies(design, finding, aim, shop));
    if (finding.verdict().entry() == Entry.KNOB_BY_HAND) {
      out.addAll(new Tries(aim).ends(plain.ends(design), finding).done());
    }
    if (!none(design)) {
      Drawn d = drawn(design, aim, shop);
      for (AddedElement e : d.elements()) {
        if (d.tells(e, finding)) {
          Tries tries = new Tries(aim);
          e.remedies(finding, d.form(e), d.aim(), tries);
          out.addAll(tries.done());
        }
      }
    }
    return out;
  }

  private static Optional<AddedElement> owner(Design design, DimKey key) {
    return Elements.of(design).stream().filter(e -> e.owns(key)).findFirst();
  }

  @Override
  public D size(D design, DimKey key, Optional<Size> size) {
    if (owner(design, key).isEmpty()) {
      return plain.size(design, key, size);
    }
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    size.ifPresentOrElse(s -> next.put(key, s), () -> next.remove(key));
    return Restated.with(design, "sizes", next);
  }

  @Override
  public D choose(D design, String choice, String option) {
    return plain.choose(design, choice, option);
  }

  @Override
  public D drag(D design, Aim aim, Shop shop, String handle, Point to) {
    return design.elements().stream().anyMatch(a -> a.id().equals(handle))
        ? Kind.super.drag(design, aim, shop, handle, to)
        : plain.drag(design, aim, shop, handle, to);
  }

  @Override
  public boolean stands() {
    return plain.stands();
  }

  @Override
  public List<Choice> choices(D design) {
    return plain.choices(design);
  }

  @Override
  public List<End> ends(D design) {
    return plain.ends(design);
  }

  @Override
  public List<Boring> boring(D design, Aim aim, Shop shop) {
    return plain.boring(design, aim, shop);
  }

  @Override
  public HalfSection keep(D design, Aim aim, Shop shop) {
    return plain.keep(design, aim, shop);
  }

  @Override
  public Optional<Twin<D>> twin(D design, Aim aim) {
    return plain
        .twin(design, aim)
        .map(t -> new Twin<>(new Adorned<>(t.kind()), carried(t.design(), design)));
  }

  /** A design with what was added to another. */
  private static <D extends Design> D carried(D onto, D from) {
    Map<DimKey, Size> sizes = new TreeMap<>(onto.sizes());
    from.sizes().forEach((k, s) -> owner(from, k).ifPresent(e -> sizes.put(k, s)));
    return Restated.with(Restated.with(onto, "elements", from.elements()), "sizes", sizes);
  }

  @Override
  public List<Fitting> fittings(D design, Aim aim, Shop shop) {
    List<Fitting> out = new ArrayList<>(plain.fittings(design, aim, shop));
    if (!none(design)) {
      Drawn d = drawn(design, aim, shop);
      for (AddedElement e : d.elements()) {
        HalfSection in = e.letIn(d.form(e));
        if (!in.isEmpty()) {
          out.add(
              new Fitting(
                  e.label() + ", another wood",
                  e.added().part(),
                  e.sizes().stream().map(SizeRule::key).toList(),
                  in.in(aim.part(e.added().part()).closed()),
                  true));
        }
      }
    }
    return out;
  }

  @Override
  public List<HalfSection> letIn(D design, Aim aim, Shop shop) {
    if (none(design)) {
      return List.of();
    }
    Drawn d = drawn(design, aim, shop);
    return d.elements().stream().map(e -> e.letIn(d.form(e))).filter(h -> !h.isEmpty()).toList();
  }

  @Override
  public List<String> assembly(D design, Aim aim) {
    return plain.assembly(design, aim);
  }

  @Override
  public List<DimKey> stretches(D design) {
    return plain.stretches(design);
  }

  @Override
  public List<StickPiece> stick(D design, Map<DimKey, Dim> dims) {
    return plain.stick(design, dims);
  }

  @Override
  public Dimensions dimensions(D design, Aim aim, Shop shop) {
    if (design.elements().isEmpty()) {
      return plain.dimensions(design, aim, shop);
    }
    Dimensions out =
        none(design)
            ? plain.dimensions(design, aim, shop).with(new Dimensions(aim))
            : plain
                .dimensions(design, drawn(design, aim, shop).plain(), shop)
                .with(added(design, aim, shop));
    Elements.of(design)
        .forEach(e -> e.sizes().forEach(r -> out.size(r.key(), e.added().part()).recorded()));
    return out;
  }

  /** Those of what was added and is of wood. */
  private Dimensions added(D design, Aim aim, Shop shop) {
    Drawn d = drawn(design, aim, shop);
    Dimensions out = new Dimensions(d.aim());
    d.elements().forEach(e -> e.dimensions(d.form(e), d.aim(), out));
    return out;
  }

  @Override
  public List<Handle> handles(D design, Aim aim, Shop shop) {
    List<Handle> out = new ArrayList<>(plain.handles(design, aim, shop));
    if (!none(design)) {
      added(design, aim, shop).grips().forEach(g -> out.add(g.handle()));
    }
    return out;
  }

  @Override
  public Map<String, Double> anchors(D design, Map<DimKey, Double> dims) {
    return plain.anchors(design, dims);
  }

  @Override
  public Map<DimKey, Double> settled(D design, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    return plain.settled(design, then, now);
  }

  @Override
  public List<DimKey> stays(D design, List<DimKey> staying, Set<DimKey> named) {
    return plain.stays(design, staying, named);
  }

  @Override
  public Properties.Room room(D design, Aim aim) {
    return plain.room(design, aim);
  }
}
