package hazelkeep.piece;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Rounding;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Changes of a design that are worth trying, best first. */
public final class Tries {
  private static final double LEAST = 0.2;
  private static final double MOST = 900;

  private final Aim aim;
  private final List<Remedy> out = new ArrayList<>();

  /** For a piece as it is planned. */
  public Tries(Aim aim) {
    this.aim = aim;
  }

  /** A size set, to the tenth of a millimetre; one that makes no sense is left out. */
  public Tries set(DimKey key, double mm) {
    if (mm > LEAST && mm < MOST) {
      out.add(new Remedy.SetDim(key, Length.mm(Rounding.to(mm, 1))));
    }
    return this;
  }

  /** Sizes made larger by so much, mm; smaller below zero. */
  public Tries more(double mm, DimKey... keys) {
    for (DimKey key : keys) {
      set(key, aim.mm(key) + mm);
    }
    return this;
  }

  /**
   * Feet as much wider as the tangent of the angle at which a piece tips over has to grow, and once
   * more as much, since what a wider foot carries grows with it.
   */
  public Tries wider(Verdict tips, DimKey... feet) {
    double times = Math.tan(Math.toRadians(tips.limit())) / Math.tan(Math.toRadians(tips.found()));
    for (DimKey foot : feet) {
      double lack = (times - 1) * aim.mm(foot) + LEAST;
      more(lack, foot).more(2 * lack, foot);
    }
    return this;
  }

  /** Another tail centre in a hold. */
  public Tries tail(String setup, String centre) {
    Optional<String> same = Optional.empty();
    out.add(new Remedy.Rehold(new RouteEdit.Rehold(setup, same, Optional.of(centre), same, 0)));
    return this;
  }

  /** An option chosen. */
  public Tries choose(String choice, String option) {
    out.add(new Remedy.Choose(choice, option));
    return this;
  }

  /** Two sizes set at once: either alone would not help. */
  public Tries together(DimKey one, double mm, DimKey other, double otherMm) {
    out.add(
        new Remedy.Together(
            List.of(
                new Remedy.SetDim(one, Length.mm(mm)),
                new Remedy.SetDim(other, Length.mm(otherMm)))));
    return this;
  }

  /** Every other way to finish the end that something was found at. */
  public Tries ends(List<End> ends, Finding f) {
    for (End e : ends) {
      if (!f.at().map(k -> e.at(k.path())).orElse(f.part().equals(e.part()))) {
        continue;
      }
      e.choice().options().stream()
          .filter(o -> !o.name().equals(e.choice().chosen()))
          .forEach(o -> choose(e.choice().name(), o.name()));
    }
    return this;
  }

  /** All of them, each once. */
  public List<Remedy> done() {
    return out.stream().distinct().toList();
  }

  /** Codes of holds that another way to hold an end would mend. */
  public static boolean held(String code) {
    return switch (code) {
      case "hold-missing",
          "hold-weak",
          "expand-wall",
          "expand-range",
          "recess-shallow",
          "splits",
          "comes-loose",
          "seat-leans",
          "seat-gone",
          "jam-loose",
          "jam-bottoms" ->
          true;
      default -> false;
    };
  }
}
