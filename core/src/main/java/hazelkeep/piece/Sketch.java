package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Lump;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A design drawn and judged by geometry alone: what can be answered while a point is being dragged.
 *
 * @param <D> the design record
 * @param kind the kind of piece
 * @param design what was stated
 * @param shop the shop it is planned for
 * @param aim parts, joints and dimensions
 * @param findings what would go wrong by geometry
 */
public record Sketch<D extends Design>(
    Kind<D> kind, D design, Shop shop, Aim aim, List<Finding> findings) {
  /**
   * Draws a design.
   *
   * @param readings valid readings, true lengths in mm
   * @throws BadDesign when it can't be drawn
   */
  public static <D extends Design> Sketch<D> of(
      Kind<D> kind, D design, Shop shop, Map<DimKey, Double> readings) {
    Settled<D> settled = kind.settled(design, shop);
    if (readings.isEmpty() && settled.gave().sizes().isEmpty() && settled.plain().isPresent()) {
      return settled.plain().get();
    }
    Sketch<D> drawn = judged(kind, design, shop, kind.dims(design, shop, readings));
    // Once something is measured the section is the wood's own: the judges read it.
    return readings.isEmpty() ? drawn.contradicting() : drawn;
  }

  /** A design drawn by dimensions that were resolved. */
  public static <D extends Design> Sketch<D> drawn(
      Kind<D> kind, D design, Shop shop, Map<DimKey, Dim> dims) {
    return judged(kind, design, shop, dims).contradicting();
  }

  private Sketch<D> contradicting() {
    List<Finding> all = new ArrayList<>(new Contradictions<>(kind, design, shop).in(aim));
    all.addAll(findings);
    return with(all);
  }

  /** The same without telling what it contradicts. */
  public static <D extends Design> Sketch<D> judged(
      Kind<D> kind, D design, Shop shop, Map<DimKey, Dim> dims) {
    Aim aim = kind.aim(design, dims, shop);
    List<Finding> findings = new ArrayList<>();
    kind.walls(design, aim, shop).forEach(w -> findings.addAll(w.judge()));
    findings.addAll(kind.judge(design, aim, shop));
    findings.addAll(Foresight.of(aim, shop, design));
    Sketch<D> drawn = new Sketch<>(kind, design, shop, aim, List.copyOf(findings));
    Sketch<D> whole =
        kind.stands() ? drawn.tipping().told(aim).map(drawn::and).orElse(drawn) : drawn;
    List<Finding> asked = new Outcomes(whole).told();
    return asked.isEmpty()
        ? whole
        : whole.with(Stream.concat(asked.stream(), whole.findings.stream()).toList());
  }

  /**
   * What it was asked to come to and does not, by how much, percent of what was asked; below 0
   * where it does.
   */
  public Map<String, Double> outcomes() {
    return new Outcomes(this).lacks();
  }

  /** What is customary and gave way to what was stated. */
  public Gave gave() {
    return kind.settled(design, shop).gave();
  }

  private Sketch<D> and(Finding more) {
    List<Finding> all = new ArrayList<>(findings);
    all.add(more);
    return with(all);
  }

  /** This sketch with other findings. */
  Sketch<D> with(List<Finding> all) {
    return new Sketch<>(kind, design, shop, aim, List.copyOf(all));
  }

  /** Its sizes that have a place on the wood. */
  public Dimensions dimensions() {
    return kind.dimensions(design, aim, shop);
  }

  /** Where dimensions lie. */
  public List<Measure> measures() {
    return dimensions().measures();
  }

  /** The points of the outline that can be dragged. */
  public List<Handle> handles() {
    return kind.handles(design, aim, shop);
  }

  /** The blank's length with every millimetre named. */
  public List<StickPiece> stick() {
    return kind.stick(design, aim.dims());
  }

  /** The blanks that it comes from, along the axis: one, or one for each half. */
  public List<Billet> billets() {
    Billet.Section first = design.blank().map(Billet::section).orElse(Billet.Section.ROUND);
    double across = aim.mm(StockRules.ACROSS);
    Optional<Added> upper = Added.upper(design.elements());
    Optional<StickPiece> kerf =
        stick().stream().filter(s -> s.key().equals(StockRules.KERF)).findFirst();
    if (upper.isEmpty() || kerf.isEmpty()) {
      Span all = new Span(0, aim.mm(StockRules.LENGTH));
      String wood = aim.blank().wood(0).name();
      return List.of(new Billet("", all, aim.mm(StockRules.NEED), across, first, wood));
    }
    Added own = upper.get();
    String lower = aim.offBlank().get(0).name();
    Span low = new Span(0, kerf.get().from());
    Span high = new Span(kerf.get().to(), aim.mm(StockRules.LENGTH));
    Billet.Section second =
        own.square().map(x -> x ? Billet.Section.SQUARE : Billet.Section.ROUND).orElse(first);
    return List.of(
        new Billet(lower, low, aim.mm(StockRules.NEED_LOW), across, first, aim.wood(lower).name()),
        new Billet(
            own.part(),
            high,
            aim.mm(StockRules.NEED_HIGH),
            aim.mm(own.size("thick")),
            second,
            aim.wood(own.part()).name()));
  }

  /** What is bored and hollowed in each of its parts. */
  public List<Boring> boring() {
    return kind.boring(design, aim, shop);
  }

  /** Its parts, each with what its walls are wanted to be. */
  public List<Walled> walls() {
    return kind.walls(design, aim, shop);
  }

  /** The wood beside its bores that no cut from outside may enter. */
  public HalfSection keep() {
    return kind.keep(design, aim, shop);
  }

  /** The piece that stands beside it and has its outside. */
  public Optional<Twin<D>> twin() {
    return kind.twin(design, aim);
  }

  /** What is bought and let into it. */
  public List<Fitting> fittings() {
    return kind.fittings(design, aim, shop);
  }

  /** Where another wood is let in. */
  public List<HalfSection> letIn() {
    return kind.letIn(design, aim, shop);
  }

  /** How many like it the blank gives; of two blanks each gives its half. */
  public Batch batch() {
    return billets().size() > 1 ? new Batch(1, 0) : Batch.of(aim, shop);
  }

  /** The woods that its blank is glued up of above the first. */
  public List<Layer> layers() {
    return aim.blank().layers();
  }

  /** The boards that are glued into its blank along the grain. */
  public List<Strip> strips() {
    return aim.blank().strips();
  }

  /** All woods that it is made of, each once: that of its foot first, then as they come. */
  public List<String> species() {
    Set<String> names = new LinkedHashSet<>(List.of(design.species()));
    layers().forEach(l -> names.add(l.wood().name()));
    strips().forEach(s -> names.add(s.wood().name()));
    aim.made().forEach(p -> aim.own(p.name()).ifPresent(b -> names.add(b.wood().name())));
    return List.copyOf(names);
  }

  /** A region of what comes off the piece's blank, wood by wood. */
  public List<Layer.Of> woods(HalfSection region) {
    return aim.blank().woods(region);
  }

  /** The sides with holes bored into them, rolled out. */
  public List<Rolled> rolled() {
    return aim.made().stream()
        .filter(p -> !p.holes().isEmpty())
        .map(p -> new SideHoles(p, p.holes()).rolled())
        .toList();
  }

  /** How its parts go together. */
  public List<String> assembly() {
    return kind.assembly(design, aim);
  }

  /** Its ends, each with the ways to finish it. */
  public List<End> ends() {
    return kind.ends(design);
  }

  /** The decisions that shape it. */
  public List<Choice> choices() {
    return kind.choices(design);
  }

  /** What the finished piece is like. */
  public Properties properties() {
    Properties one = Properties.of(aim, kind.room(design, aim)).tipping(tipping());
    boolean single = layers().isEmpty() && strips().isEmpty();
    return single ? one : one.weighing(grams());
  }

  /**
   * What it comes to, in the outcome's own unit, up to the line that was asked where one was; empty
   * where nobody can know.
   */
  public OptionalDouble comesTo(Outcome outcome) {
    return new Outcomes(this).is(outcome);
  }

  /** What it holds up to a line so far below its brim, ml. */
  double holds(double below) {
    return kind.room(design, aim).upTo(below);
  }

  private Tipping tipping() {
    return Tipping.of(aim, this::made);
  }

  /** A part wood by wood, by weight. */
  private List<Lump> made(Part p) {
    return aim.own(p.name()).orElse(aim.blank()).drilled(p.holes()).lumps(p.target());
  }

  /** What a piece of several woods weighs, g; none where one of them is not known. */
  private double grams() {
    return aim.made().stream().flatMap(p -> made(p).stream()).mapToDouble(Lump::grams).sum();
  }

  /** The design with a handle moved to a place in the blank's z. */
  public D dragged(String handle, double z, double r) {
    return kind.drag(design, aim, shop, handle, new Point(z, r));
  }
}
