package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.SHOULDER;
import static hazelkeep.kinds.box.BoxSizes.TOP;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.kinds.box.LiddedBox.OutlinePoint;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.End;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Hollowing;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The lidded end-grain box, by both schools. The half with the recess is hollowed while it can be
 * measured, the other fitted to it; the top is shaped with the lid jammed on, the fit eased last,
 * the foot finished reversed.
 */
public final class LiddedBoxKind extends ComposedKind<LiddedBox> {
  /** The lidded box. */
  public static final LiddedBoxKind BOX =
      new LiddedBoxKind("lidded-box", "lidded box", Hollowing.GOUGE);

  /** A canister: a lidded box whose body is bored to width. */
  public static final LiddedBoxKind CANISTER =
      new LiddedBoxKind("canister", "bored canister", Hollowing.FORSTNER);

  /** How close two points of a free outline may come, as a share of its height. */
  private static final double APART = 0.03;

  private LiddedBoxKind(String name, String title, Hollowing hollowing) {
    super(name, title, Restated.with(LiddedBox.fresh(), "hollowing", hollowing));
  }

  @Override
  protected Make make(LiddedBox d) {
    return new BoxParts(d).make();
  }

  @Override
  protected void order(LiddedBox d, Work w) {
    new BoxOrder(d, w).put();
  }

  /** What goes round the joint has wood where the two halves meet, by the true curve. */
  @Override
  protected void sane(LiddedBox d, Lay lay, Sane sane) {
    BoxParts parts = new BoxParts(d);
    double join = 2 * parts.radiusAtJoin(lay);
    sane.size((parts.over() ? RECESS : Spigot.DIAMETER))
        .below(join, "the piece at the join", JOINT, SHOULDER, WIDEST);
  }

  /** Ways of finishing an end that the shop or the piece does not allow. */
  @Override
  protected void check(LiddedBox d, Built b, Told told) {
    BoxEnds ends = new BoxEnds(d, b);
    ends.foot(d.footBy()).missing().ifPresent(v -> told.found(v, BoxParts.BODY, null));
    ends.top(d.topBy()).missing().ifPresent(v -> told.found(v, BoxParts.LID, null));
  }

  @Override
  protected void remedies(LiddedBox d, Built b, Finding finding, Tries tries) {
    new BoxRemedies(d, b.aim(), b.shop(), tries).of(finding);
  }

  /** A free outline says its diameters itself. */
  @Override
  public LiddedBox size(LiddedBox d, DimKey key, Optional<Size> size) {
    return d.form() == Form.FREE && size.isPresent() && BoxLine.SAID.contains(key)
        ? BoxLine.resized(d, key, size.get().mm())
        : super.size(d, key, size);
  }

  /** Of height, body and lid two decide; the one that was just stated stays. */
  @Override
  protected void stated(LiddedBox d, Map<DimKey, Size> sizes, DimKey key) {
    super.stated(d, sizes, key);
    if (sizes.keySet().containsAll(Set.of(HEIGHT, BODY_HEIGHT, LID_HEIGHT))) {
      sizes.remove(key.equals(HEIGHT) ? LID_HEIGHT : HEIGHT);
    }
  }

  @Override
  public LiddedBox choose(LiddedBox d, String choice, String option) {
    return switch (choice) {
      // A free outline starts as the line it had.
      case "form" ->
          Restated.chosen(
              option.equalsIgnoreCase(Form.FREE.name()) ? BoxLine.freed(d) : d, choice, option);
      // A share counts only where no lid height is stated.
      case "share" -> size(Restated.chosen(d, choice, option), LID_HEIGHT, Optional.empty());
      default -> Restated.chosen(d, choice, option);
    };
  }

  /** A cylinder of which one end is dragged tapers; the other end stays as it is. */
  @Override
  public LiddedBox held(LiddedBox d, Aim aim, DimKey dragged) {
    if (d.form() != Form.STRAIGHT || !List.of(FOOT, TOP).contains(dragged)) {
      return d;
    }
    LiddedBox out = Restated.with(d, "form", Form.TAPER);
    Optional<Size> is = Optional.of(Size.mm(Rounding.to(aim.mm(WIDEST), 1)));
    out = size(size(out, FOOT, is), TOP, is);
    return size(out, WIDEST, Optional.empty());
  }

  private static String name(int point) {
    return "point-" + point;
  }

  @Override
  public List<Handle> handles(LiddedBox d, Aim aim, Shop shop) {
    List<Handle> out = new ArrayList<>();
    if (d.form() == Form.FREE) {
      Built b = built(d, aim, shop);
      int last = d.points().size() - 1;
      for (int i = 0; i <= last; i++) {
        Point at = new BoxParts(d).free(b, d.points().get(i));
        String label = "outline point " + (i + 1);
        out.add(new Handle(name(i), label, at, i > 0 && i < last, true));
      }
    }
    out.addAll(super.handles(d, aim, shop));
    return out;
  }

  @Override
  public LiddedBox drag(LiddedBox d, Aim aim, Shop shop, String handle, Point to) {
    if (d.form() == Form.FREE) {
      for (int i = 0; i < d.points().size(); i++) {
        if (name(i).equals(handle)) {
          return dragged(d, built(d, aim, shop), i, to);
        }
      }
    }
    return super.drag(d, aim, shop, handle, to);
  }

  private static LiddedBox dragged(LiddedBox d, Built b, int i, Point to) {
    List<OutlinePoint> points = new ArrayList<>(d.points());
    double at = points.get(i).at();
    if (i > 0 && i < points.size() - 1) {
      double low = points.get(i - 1).at() + APART;
      double high = points.get(i + 1).at() - APART;
      at = Math.max(low, Math.min(high, new BoxParts(d).share(b, to.z())));
    }
    double across = Rounding.to(2 * to.r(), 1);
    points.set(i, new OutlinePoint(Rounding.to(at, 3), across / 2));
    return d.withPoints(points);
  }

  @Override
  public List<Choice> choices(LiddedBox d) {
    return BoxChoices.of(d);
  }

  @Override
  public List<End> ends(LiddedBox d) {
    return BoxChoices.ends(d);
  }

  /** Heights stay, unless one of them is what changes; then the other half does. */
  @Override
  public List<DimKey> stays(LiddedBox d, List<DimKey> staying, Set<DimKey> named) {
    List<DimKey> out = new ArrayList<>(List.of(Spigot.LENGTH));
    if (!named.contains(HEIGHT)) {
      out.addAll(List.of(BODY_HEIGHT, LID_HEIGHT));
    }
    out.removeAll(named);
    return out;
  }
}
