package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Rule;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.CrossHole;
import hazelkeep.solid.Point;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import java.util.List;

/**
 * A hole through the wall of a part, square to the axis: where it lies round the part is measured
 * along the outside from the grain mark, as the template is wrapped. It is drilled on the bench.
 */
final class SideBore extends AddedElement {
  /** Its name in piece files, and its word in the trade. */
  static final String HOLE = "hole";

  /** What moves a hole clear of an edge, mm. */
  private static final double CLEAR = 1;

  private final DimKey height = added.size("height");
  private final DimKey wide = added.size("wide");
  private final DimKey round = added.size("round");

  SideBore(Added added) {
    super(added, HOLE);
  }

  @Override
  public boolean onBench() {
    return true;
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        height(1, 600),
        new SizeRule(
            wide,
            "Width of " + label(),
            1,
            120,
            d ->
                Rule.Value.practice(
                    d.custom(Line.DETAIL_HOLE), Wording.of("sideBore.a-cord-or-a-peg"))),
        new SizeRule(
            round,
            Wording.of("sideBore.round-from-the-grain-mark", label()),
            0,
            1500,
            d -> Rule.Value.derived(0, "on the grain mark")));
  }

  /** Where it lies round the part is measured along its outside. */
  @Override
  public void shape(Form form, Sizes sizes) {
    double radius = form.radius(sizes.mm(height));
    double turn = radius > 0 ? sizes.mm(round) / radius % (2 * Math.PI) : 0;
    double z = form.zero() + sizes.mm(height);
    form.drill(new Hole(label(), new CrossHole(z, turn, sizes.mm(wide) / 2)));
  }

  private List<Hole> alone(Part part) {
    return part.holes().stream().filter(h -> h.name().equals(label())).toList();
  }

  @Override
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    Part part = aim.part(added.part());
    return alone(part).stream().map(h -> Holes.step(step(setup), part, h, shop)).toList();
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    Part part = aim.part(added.part());
    told.all(new SideHoles(part, alone(part)).judge(aim.practice()));
  }

  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    if (finding.verdict().entry() == Entry.HOLE_EDGE) {
      tries.more(-finding.lack(), height).more(-finding.lack(), wide);
    }
    if (finding.verdict().entry() == Entry.HOLE_MISSES) {
      tries.more(finding.lack() + CLEAR, height).more(-2 * finding.lack(), wide);
    }
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    double up = aim.mm(height);
    double z = form.zero() + up;
    d.size(height, added.part())
        .length(label(), form.zero(), z)
        .atBench()
        .grip(() -> along(height, new Point(z, form.radius(up)), form.zero()));
  }
}
