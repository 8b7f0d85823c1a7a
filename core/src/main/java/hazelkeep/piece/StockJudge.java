package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
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
    double need = aim.mm(StockRules.NEED);
    double length = aim.mm(StockRules.LENGTH);
    if (length < need - 1e-6) {
      j.out.add(finding(Entry.BLANK_SHORT.told(Grade.STOP, length, need, shorter)));
    }
    double sure = Blank.sure(stock, aim.mm(StockRules.ACROSS), aim.off());
    if (sure < widest - 1e-6) {
      j.out.add(finding(Entry.BLANK_THIN.told(Grade.STOP, sure, widest)));
    }
    double swing = 2 * aim.blank().swept().maxR();
    if (swing > shop.lathe().swing()) {
      j.out.add(finding(Entry.LATHE_SWING.told(Grade.STOP, swing, shop.lathe().swing())));
    }
    if (shop.tenonJaws().isEmpty()) {
      j.out.add(finding(Entry.NO_JAWS.told(Grade.STOP)));
    }
    return j.out;
  }

  /** Whether a blank goes between the centres. */
  public static List<Finding> between(double length, Shop shop) {
    double most = shop.lathe().between();
    return length > most
        ? List.of(finding(Entry.LATHE_SHORT.told(Grade.STOP, length, most)))
        : List.of();
  }

  private void barkCut(Blank blank) {
    out.add(finding(Entry.BARK_CUT.told(Grade.NOTE, blank.thick(), 0)));
  }

  /** Where bark stays on the outside it is no wall: what is left under it is judged. */
  private void bark(Aim aim, Blank blank, double wall) {
    double wood = aim.blank().sound().maxR() - blank.thick();
    for (Part p : aim.offBlank()) {
      rims(aim, p, wood);
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
          Finding.of(
              Entry.BARK_STAYS.told(Grade.NOTE, to - from, 0),
              p.name(),
              new Point((from + to) / 2, wood)));
      if (least < wall) {
        out.add(
            Finding.of(
                Entry.BARK_WALL.told(least <= wall / 2 ? Grade.STOP : Grade.WATCH, least, wall),
                p.name(),
                where));
      }
    }
  }

  /** An open end whose edge lies in the bark; a foot that is dished a little is none. */
  private void rims(Aim aim, Part p, double wood) {
    rim(aim, p, wood, 1);
    rim(aim, p, wood, -1);
  }

  private void rim(Aim aim, Part p, double wood, int in) {
    double end = in > 0 ? p.target().minZ() : p.target().maxZ();
    double z = end + in * EDGE;
    double outer = p.target().outer(z);
    double deep = aim.custom(Line.STOCK_MOUTH);
    boolean open = p.target().inner(z) > 0 && p.target().inner(end + in * deep) > 0;
    if (outer > wood && open) {
      out.add(
          Finding.of(Entry.BARK_RIM.told(Grade.WATCH, outer, wood), p.name(), new Point(z, outer)));
    }
  }

  /** So near to an end its edge is read, mm: past the corner itself, where two radii meet. */
  private static final double EDGE = 0.1;

  private static Finding finding(Verdict v) {
    return Finding.of(v, "blank", null);
  }
}
