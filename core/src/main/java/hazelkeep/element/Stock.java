package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockJudge;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The blank that a piece is turned from.
 *
 * @param blank the stock at hand, if there is some
 * @param widest the diameters of which the largest decides how wide it is
 * @param round what rounding takes and leaves
 * @param shorter what to do about a short one, in words
 * @param saves the sizes that help then, best first
 * @param wall the least wall under bark
 */
public record Stock(
    Optional<Blank> blank,
    List<DimKey> widest,
    Round round,
    String shorter,
    List<DimKey> saves,
    Line wall) {
  /**
   * What rounding takes and leaves.
   *
   * @param left on the blank when it is rounded, a side
   * @param taken off a blank in rounding, on the diameter; empty for twice what is left
   * @param all whether all of the blank is rounded: nothing of it stays as it grew
   */
  public record Round(Line left, Optional<Line> taken, boolean all) {
    /** A blank that is rounded. */
    public Round(Line left, Optional<Line> taken) {
      this(left, taken, true);
    }

    /** A blank that is no wider than what is left on it. */
    public static Round leaving(Line left) {
      return new Round(left, Optional.empty());
    }

    /** The same, of which a stretch stays as it grew. */
    public Round but(boolean grown) {
      return new Round(left, taken, all && !grown);
    }
  }

  /**
   * The rules of the blank.
   *
   * @param stick what its length is made of
   * @param places diameters that were added to an outside
   */
  <D extends Design> List<Rule<D>> rules(List<Stretch> stick, List<DimKey> places) {
    return this.<D>usual()
        .blank(
            stick.stream().map(Stretch::key).toList(),
            d -> wide(d, places),
            round.left,
            round.taken)
        .done();
  }

  private <D extends Design> StockRules<D> usual() {
    return new StockRules<>(d -> blank);
  }

  private double wide(Dims<?> d, List<DimKey> places) {
    return Stream.concat(widest.stream(), places.stream())
        .mapToDouble(k -> d.mm(k))
        .max()
        .orElse(0);
  }

  /** The widest that the stock at hand surely gives once it is rounded, mm; endless without one. */
  public double gives(Dims<?> d) {
    return StockRules.widest(d, blank);
  }

  /** How far the blank surely reaches from the axis before it is turned, mm. */
  public double reaches(Dims<?> d) {
    double off =
        StockRules.lies(
            d.stated(StockRules.OFF).isPresent(), d.mm(StockRules.OFF), d.shop().practice());
    return Blank.reaches(
        blank, new Blank.Lying(d.mm(StockRules.LENGTH), d.mm(StockRules.ACROSS), off));
  }

  void check(Built b, Told told) {
    // What stays as it grew is as wide as the blank, whatever that is.
    double drawn = round.all ? b.aim().across() : 0;
    double wide = Math.max(drawn, widest.stream().mapToDouble(b::mm).max().orElse(0));
    told.all(StockJudge.of(b.aim(), b.shop(), wide, shorter, blank, b.custom(wall)));
    told.all(StockJudge.between(b.longest(), b.shop()));
  }

  /**
   * Ways out of what it told.
   *
   * @param places diameters that were added to an outside
   */
  void remedies(Finding f, Tries r, List<DimKey> places) {
    if (f.verdict().entry() == Entry.BLANK_SHORT) {
      saves.forEach(k -> r.more(-f.lack(), k));
    }
    if (f.verdict().entry() == Entry.BLANK_THIN) {
      widest.forEach(k -> r.set(k, f.verdict().found()));
      places.forEach(k -> r.set(k, f.verdict().found()));
    }
  }
}
