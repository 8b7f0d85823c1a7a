package hazelkeep.piece;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether blank, lathe and jaws are there for a piece, whatever its kind. */
public final class StockJudge {
  private final List<Finding> out = new ArrayList<>();

  private StockJudge() {}

  /**
   * What would go wrong.
   *
   * @param widest the largest diameter of the piece, mm
   * @param shorter what to do about a short blank
   * @param stock the blank as it was stated
   * @param wall the least wall that is wanted, mm
   */
  public static List<Finding> of(
      Aim aim, Shop shop, double widest, String shorter, Optional<Blank> stock, double wall) {
    StockJudge j = new StockJudge();
    stock.filter(b -> b.barkStays() && b.thick() > 0).ifPresent(b -> j.bark(aim, b, wall));
    stock.filter(b -> b.thick() > 0).ifPresent(j::barkCut);
    double need = aim.mm("stick.need");
    double length = aim.mm("blank.length");
    if (length < need - 1e-6) {
      j.say(
          "blank-short",
          length,
          need,
          "The blank is too short",
          "The piece and all that is consumed on the way need more length than there is.",
          shorter);
    }
    double sure = 2 * (aim.blank().sound().maxR() - aim.custom(Line.STOCK_CENTRING));
    if (sure < widest - 1e-6) {
      j.say(
          "blank-thin",
          sure,
          widest,
          "The blank is too thin",
          "The largest round that it surely gives is smaller than the piece.",
          "A thicker blank or a slimmer piece.");
    }
    if (length > shop.lathe().between()) {
      j.say(
          "lathe-short",
          length,
          shop.lathe().between(),
          "The blank does not fit between the centres",
          "The lathe's bed is shorter than the blank.",
          "A shorter blank.");
    }
    double swing = 2 * aim.blank().swept().maxR();
    if (swing > shop.lathe().swing()) {
      j.say(
          "lathe-swing",
          swing,
          shop.lathe().swing(),
          "The blank does not clear the bed",
          "Its widest place swings wider than the lathe allows.",
          "Saw the corners off, or take a thinner blank.");
    }
    if (shop.tenonJaws().isEmpty()) {
      j.out.add(
          finding(
              new Verdict(
                  "no-jaws",
                  Grade.STOP,
                  0,
                  1,
                  "",
                  "The shop has no jaws that hold a tenon",
                  "The work is held by one; the route is shown with a common set."),
              "Hang a jaw set on the wall."));
    }
    return j.out;
  }

  private void barkCut(Blank blank) {
    out.add(
        finding(
            new Verdict(
                "bark-cut",
                Grade.NOTE,
                blank.thick(),
                0,
                "mm thick",
                "The first cuts go through bark",
                "It holds grit, which dulls an edge in a few turns; its dust is worse than wood's, and"
                    + " loose pieces fly."),
            "Brush it clean, wear a mask and a shield, and sharpen once it is off."));
  }

  /** Where bark stays on the outside it is no wall: what is left under it is judged. */
  private void bark(Aim aim, Blank blank, double wall) {
    double wood = aim.blank().sound().maxR() - blank.thick();
    for (Part p : aim.parts()) {
      double least = Double.POSITIVE_INFINITY;
      Point where = null;
      double from = Double.NaN;
      double to = Double.NaN;
      for (double z = p.target().minZ() + 1; z < p.target().maxZ(); z += 1) {
        double outer = p.target().outer(z);
        double in = p.target().inner(z);
        if (outer <= wood) {
          continue;
        }
        from = Double.isNaN(from) ? z : from;
        to = z;
        if (in > 0 && wood - in < least) {
          least = wood - in;
          where = new Point(z, wood);
        }
      }
      if (Double.isNaN(from)) {
        continue;
      }
      out.add(
          new Finding(
              new Verdict(
                  "bark-stays",
                  Grade.NOTE,
                  to - from,
                  0,
                  "mm along",
                  "Patches of bark stay on the outside",
                  "Along this much of the height the outside comes into the bark. Thin glue and a dry year keep it on."),
              Optional.empty(),
              p.name(),
              Optional.of(new Point((from + to) / 2, wood)),
              "A slimmer outside there, if you want it clean.",
              List.of()));
      if (least < wall) {
        out.add(
            new Finding(
                new Verdict(
                    "bark-wall",
                    least <= wall / 2 ? Grade.STOP : Grade.WATCH,
                    least,
                    wall,
                    "mm",
                    "The wall under the bark is thin",
                    "Bark is no wall: it lets go as it dries."),
                Optional.empty(),
                p.name(),
                Optional.of(where),
                "A narrower inside, or a thicker limb.",
                List.of()));
      }
    }
  }

  private void say(
      String code, double found, double limit, String title, String why, String advice) {
    out.add(finding(new Verdict(code, Grade.STOP, found, limit, "mm", title, why), advice));
  }

  private static Finding finding(Verdict v, String advice) {
    return new Finding(v, Optional.empty(), "blank", Optional.empty(), advice, List.of());
  }
}
