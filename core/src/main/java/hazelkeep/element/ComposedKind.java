package hazelkeep.element;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.NamedKind;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Stick;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.piece.Walled;
import hazelkeep.practice.Line;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.NoOutline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A kind of piece that is a list: what it is put together from, and the order of its work. What its
 * elements know, they answer; a kind of its own says no more than its choices and its customs.
 *
 * @param <D> its design record
 */
public abstract class ComposedKind<D extends Design> extends NamedKind<D> {

  /** A kind with its names. */
  protected ComposedKind(String name, String title, D fresh) {
    super(name, title, fresh);
  }

  /** What a design is put together from. */
  protected abstract Make make(D design);

  /** Puts its work in order. */
  protected abstract void order(D design, Work work);

  /** What sizes must hold of one another beyond what each element says. */
  protected void sane(D design, Lay lay, Sane sane) {}

  /** What would go wrong beyond what each element says. */
  protected void check(D design, Built built, Told told) {}

  /** Ways out beyond those of its elements. */
  protected void remedies(D design, Built built, Finding finding, Tries tries) {}

  /** What a design was last put together from: a plan asks for the same a dozen times. */
  private record Made<D>(D design, Make make) {}

  /** How it was last drawn. */
  private record Drawn<D>(D design, Aim aim, Shop shop, Built built) {}

  private volatile Made<D> made;
  private volatile Drawn<D> drawn;

  private Make made(D design) {
    Made<D> last = made;
    if (last == null || last.design != design) {
      last = new Made<>(design, make(design));
      made = last;
    }
    return last.make;
  }

  /** A design as it was drawn. */
  protected final Built built(D design, Aim aim, Shop shop) {
    Drawn<D> last = drawn;
    if (last == null || last.design != design || last.aim != aim || last.shop != shop) {
      Lay lay = lay(design, aim.dims(), shop);
      last = new Drawn<>(design, aim, shop, new Built(lay, aim));
      drawn = last;
    }
    return last.built;
  }

  private Lay lay(D design, Map<DimKey, Dim> dims, Shop shop) {
    Make make = made(design);
    return new Lay(dims, shop, make.stick(), Through.of(design, make));
  }

  private <T> List<T> each(D design, Function<Element, List<T>> of) {
    return made(design).elements().flatMap(e -> of.apply(e).stream()).toList();
  }

  @Override
  public final List<Rule<D>> rules(D design) {
    Make make = made(design);
    List<Rule<D>> out = new ArrayList<>();
    make.elements().flatMap(e -> e.sizes().stream()).forEach(r -> out.add(r.on()));
    out.addAll(make.stock().rules(make.stick(), OutlinePoint.diameters(design)));
    return out;
  }

  @Override
  public final Aim aim(D design, Map<DimKey, Dim> dims, Shop shop) {
    Make make = made(design);
    Lay lay = lay(design, dims, shop);
    sane(design, make, lay, new Sane(dims));
    List<Part> parts =
        new ArrayList<>(make.members().stream().map(m -> part(design, m, make, lay)).toList());
    Species wood =
        shop.woods()
            .named(design.species())
            .orElseGet(() -> new Species(design.species(), "", Map.of()));
    List<Body> blanks = new ArrayList<>();
    blanks.add(stock(design, make, lay, wood));
    for (Make.Given g : make.given()) {
      Part part = g.part(lay, lay.at(make.members().get(0).low()));
      parts.add(part);
      blanks.add(new Body(part.name(), part.target(), part.target(), NOT_SAID));
    }
    return new Aim(blanks, parts, make.joints(), dims, shop.practice());
  }

  private void sane(D design, Make make, Lay lay, Sane sane) {
    sane.size(StockRules.OFF)
        .below(
            Blank.reaches(make.stock().blank(), new Blank.Lying(0, lay.mm(StockRules.ACROSS), 0)),
            "the radius of the blank",
            StockRules.ACROSS);
    sane(design, lay, sane);
    make.elements().forEach(e -> e.sane(lay, sane));
  }

  @Override
  public final Map<String, Double> limits(D design, Map<DimKey, Dim> dims, Shop shop) {
    Map<String, Double> over = new LinkedHashMap<>();
    over.put("the blank", dims.get(StockRules.NEED).mm() - dims.get(StockRules.LENGTH).mm() - EVEN);
    try {
      sane(design, made(design), lay(design, dims, shop), Sane.noting(dims, over));
    } catch (Refused e) {
      // What comes after a limit that is passed may not make sense.
      if (over.values().stream().noneMatch(v -> v >= 0)) {
        throw e;
      }
    }
    return over;
  }

  /** Lengths that differ by less are one, mm. */
  private static final double EVEN = 1e-6;

  /** The blank, or both of them as they lie. */
  private static Body stock(Design design, Make make, Lay lay, Species wood) {
    double off =
        StockRules.lies(
            design.sizes().containsKey(StockRules.OFF),
            lay.mm(StockRules.OFF),
            lay.shop().practice());
    Blank.Lying at = new Blank.Lying(lay.length(), lay.mm(StockRules.ACROSS), off);
    Optional<Blank> first = make.stock().blank();
    Body one = Blank.body(first, at, wood, design.grainSlope());
    return Added.upper(design.elements())
        .filter(a -> lay.has(Edge.from(StockRules.KERF)))
        .map(a -> OwnBlank.both(lay, a, one, first, off))
        .orElse(one);
  }

  /** The wood of what was there before: nobody asked for it. */
  private static final Species NOT_SAID = new Species("as it is", "", Map.of());

  private Part part(D design, Member m, Make make, Lay lay) {
    PartDraft draft = new PartDraft(m.name(), !design.finish().isEmpty());
    double zero = m.zero(lay, make.members().get(0).low());
    try {
      m.elements().forEach(e -> e.draw(lay, draft));
      Part part = draft.done(m.core(lay), new Frame(zero, false));
      return part.drilled(make.elements().flatMap(e -> e.drilled(part).stream()).toList());
    } catch (NoOutline e) {
      // Sizes that no rule forbids one by one, and that leave no outline together.
      throw new BadDesign(
          design.sizes().keySet().stream().findFirst().orElse(StockRules.LENGTH),
          Wording.of("composedKind.with-these-sizes-the-cant", m.name()));
    }
  }

  @Override
  public final Route route(D design, Aim aim, Shop shop) {
    Work work = new Work(built(design, aim, shop), new Acts(aim, design.grit(), design.finish()));
    order(design, work);
    return work.route();
  }

  @Override
  public final List<Walled> walls(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    return made(design).members().stream()
        .map(
            m ->
                new Walled(
                    aim.part(m.name()),
                    m.wishes(shop.practice()),
                    m.bored().map(w -> w.apply(b).drift()).orElse(z -> 0)))
        .toList();
  }

  @Override
  public final List<Finding> judge(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    Told told = new Told();
    Make make = made(design);
    make.stock().check(b, told);
    make.elements().forEach(e -> e.check(b, told));
    check(design, b, told);
    return told.done();
  }

  @Override
  public List<Remedy> remedies(D design, Finding finding, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    Tries tries = new Tries(aim);
    Make make = made(design);
    make.stock().remedies(finding, tries, OutlinePoint.diameters(design));
    remedies(design, b, finding, tries);
    make.elements().forEach(e -> e.remedies(b, finding, tries));
    if (Tries.held(finding.code())) {
      tries.ends(ends(design), finding);
    }
    return tries.done();
  }

  @Override
  public D size(D design, DimKey key, Optional<Size> size) {
    Map<DimKey, Size> next = new TreeMap<>(design.sizes());
    size.ifPresentOrElse(s -> next.put(key, s), () -> next.remove(key));
    if (size.isPresent()) {
      stated(design, next, key);
    }
    return Restated.with(design, "sizes", next);
  }

  /** Lets go of what a size that was just stated says otherwise. */
  protected void stated(D design, Map<DimKey, Size> sizes, DimKey key) {
    for (Set<DimKey> one : made(design).either()) {
      if (one.contains(key)) {
        sizes.keySet().removeIf(k -> one.contains(k) && !k.equals(key));
      }
    }
  }

  @Override
  public List<Boring> boring(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    return each(design, e -> e.boring(b));
  }

  @Override
  public final HalfSection keep(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    return made(design).elements().map(e -> e.keep(b)).reduce(HalfSection.EMPTY, HalfSection::plus);
  }

  @Override
  public final List<DimKey> stretches(D design) {
    return made(design).stick().stream().map(Stretch::key).toList();
  }

  @Override
  public final List<StickPiece> stick(D design, Map<DimKey, Dim> dims) {
    Stick stick = new Stick(dims);
    made(design).stick().forEach(s -> stick.add(s.key(), s.word(), s.kept()));
    return stick.done();
  }

  @Override
  public final Dimensions dimensions(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    return b.once(this, "dimensions", () -> dimensions(design, b));
  }

  private Dimensions dimensions(D design, Built b) {
    Dimensions all = new Dimensions(b.aim());
    made(design).elements().forEach(e -> e.dimensions(b, all));
    Part first = b.aim().parts().get(0);
    double middle = (first.target().minZ() + first.target().maxZ()) / 2;
    all.size(ROUND, first.name()).outside("round", middle).atBench();
    return all;
  }

  private static final DimKey ROUND = new DimKey("blank.round");

  @Override
  public final Map<String, Double> anchors(D design, Map<DimKey, Double> dims) {
    Make make = made(design);
    Map<Edge, Double> at = Lay.stations(make.stick(), dims::get);
    return make.members().stream().collect(Collectors.toMap(Member::name, m -> at.get(m.low())));
  }

  private static final DimKey WASTE_TOP = new DimKey("stick.waste-top");

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  /** A tenon over the last member stays where it was cut, however high that becomes. */
  @Override
  public Map<DimKey, Double> settled(D design, Map<DimKey, Double> then, Map<DimKey, Double> now) {
    if (!now.containsKey(WASTE_TOP)) {
      return Map.of();
    }
    List<Member> members = made(design).members();
    DimKey height = members.get(members.size() - 1).low().stretch();
    double waste = then.get(height) + then.get(WASTE_TOP) - now.get(height);
    return Math.abs(waste - now.get(WASTE_TOP)) < SAME
        ? Map.of()
        : Map.of(WASTE_TOP, Math.max(0, waste));
  }

  /** Heights stay, but for one that what changes says otherwise. */
  @Override
  public List<DimKey> stays(D design, List<DimKey> staying, Set<DimKey> named) {
    List<Set<DimKey>> either = made(design).either();
    return staying.stream()
        .filter(k -> !named.contains(k))
        .filter(
            k ->
                either.stream()
                    .filter(one -> one.contains(k))
                    .noneMatch(one -> one.stream().anyMatch(named::contains)))
        .toList();
  }

  /** Whether it is filled up to a line, as with seed or salt; else things are laid in. */
  protected boolean filled() {
    return true;
  }

  /** What is hollowed in the first member holds what goes in. */
  @Override
  public Properties.Room room(D design, Aim aim) {
    return Properties.Room.of(aim.parts().get(0), aim.custom(Line.CONTENT_WATER_LINE), filled());
  }

  @Override
  public List<Fitting> fittings(D design, Aim aim, Shop shop) {
    Built b = built(design, aim, shop);
    return each(design, e -> e.fittings(b));
  }
}
