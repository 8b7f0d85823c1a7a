package hazelkeep.kinds;

import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.Bend;
import hazelkeep.element.BoredPair;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Holes;
import hazelkeep.element.Make;
import hazelkeep.element.PairSizes;
import hazelkeep.element.Stock;
import hazelkeep.element.Work;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A kind for the tests alone: a well with a lid, a knob on it and three lines round its body. */
public final class LiddedWell extends ComposedKind<LiddedWell.Well> {
  /** What is stated about it. */
  public record Well(
      Map<DimKey, Size> sizes,
      Optional<Blank> blank,
      List<Added> elements,
      FitClass fit,
      Finishing footBy,
      String species,
      int grit,
      String finish,
      String jamWood,
      int paper,
      int grainSlope)
      implements Design {}

  private static final List<Added> ADDED =
      List.of(new Added("button", 1, BoredPair.LID), new Added("lines", 1, BoredPair.BODY));

  LiddedWell() {
    super("lidded-well", "lidded well", nothingStated());
  }

  private static Well nothingStated() {
    Optional<Blank> blank = Optional.empty();
    Finishing foot = Finishing.SAW;
    FitClass fit = FitClass.SNUG;
    return new Well(
        Map.of(), blank, ADDED, fit, foot, "Common pear", 320, "oil", "Common pear", 0, 0);
  }

  private static BoredPair pair(Well w) {
    Stock stock =
        new Stock(
            w.blank(),
            List.of(PairSizes.JOIN),
            Stock.Round.leaving(Line.TURN_CASE_SPARE),
            "A shorter well or a longer blank.",
            List.of(PairSizes.DEPTH),
            Line.WALL_CASE);
    PairSizes sizes =
        new PairSizes(stock, w.fit(), Closes.WOOD) {
          @Override
          protected Rule.Value bore(Dims<?> d) {
            return practice(d.custom(Line.MILL_BORE), "a bit that most walls have");
          }
        };
    BoredPair.Look look =
        new BoredPair.Look("lid", Bend.STRAIGHT, false, false, "Both in one line.");
    return new BoredPair(w, sizes, look, new BoredPair.Ends(w.footBy(), Finishing.ON_PARTNER));
  }

  @Override
  protected Make make(Well w) {
    return pair(w).make(List.of());
  }

  @Override
  protected void order(Well w, Work work) {
    pair(w).order(new Holes(BoredPair.BODY, List.of(), PairSizes.DEPTH)).in(work);
  }

  @Override
  public List<Choice> choices(Well w) {
    return List.of(Choice.fit("How the lid fits", w.fit()));
  }

  @Override
  public List<End> ends(Well w) {
    return List.of(
        End.of(
            BoredPair.FOOT_OF_BODY,
            "footBy",
            "How the foot is finished",
            w.footBy(),
            Finishing.SAW,
            Finishing.PRESSED));
  }
}
