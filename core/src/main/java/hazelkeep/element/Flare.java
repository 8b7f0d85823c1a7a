package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dims;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.route.Act;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * A mouth that is flared: as deep as it is wide, so that it leads in.
 *
 * @param on its surface
 * @param at the rim that it begins at
 * @param bore the diameter that it leads to
 * @param usual how wide it is, a side
 * @param within the diameters outside that it has to stay below
 */
public record Flare(
    SurfaceId on, Edge at, DimKey bore, Function<Dims<?>, Rule.Value> usual, List<DimKey> within)
    implements Element {
  /** How wide it is, a side, and how deep. */
  public static final DimKey WIDE = new DimKey("mouth.flare");

  @Override
  public List<SizeRule> sizes() {
    return List.of(new SizeRule(WIDE, "Flare of the mouth", 0, 40, usual));
  }

  private static boolean there(Lay lay) {
    return lay.mm(WIDE) > 0;
  }

  /**
   * The radius of the mouth, mm. A flare is cut by the plan and stays when the bore is measured.
   */
  public double mouth(Lay lay) {
    return (there(lay) ? lay.due(bore) : lay.mm(bore)) / 2 + lay.mm(WIDE);
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    for (DimKey out : within) {
      sane.size(bore.path()).with("its flare", 2 * lay.mm(WIDE)).below(out.path(), WIDE.path());
    }
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    if (there(lay)) {
      double rim = lay.at(at);
      double wide = lay.mm(WIDE);
      Polyline line = Polyline.of(rim, mouth(lay), rim - wide, mouth(lay) - wide);
      HalfSection open = HalfSection.closed(line, new Point(rim - wide, 0), new Point(rim, 0));
      part.inside(on.name(), Role.MEET, line, open).hollow(open);
    }
  }

  @Override
  public void onSection(Built b, OnSection s) {
    if (s.has(on.part(), on.name())) {
      s.along(WIDE.path(), on.part(), on.name());
    }
  }

  /** Cut, and the bore under it opened where no bit has its size. */
  public Work.Task cut(Drilled hole) {
    return (s, w) -> cut(s, w, hole);
  }

  private void cut(SetupDraft s, Work w, Drilled hole) {
    // A hollow that is still to come is measured when it is there.
    boolean opens = hole.opened(w.built());
    List<String> bared = new ArrayList<>();
    if (there(w.built())) {
      bared.add(on.name());
    }
    if (opens) {
      bared.add(hole.place().on().name());
    }
    List<Act> acts = new ArrayList<>();
    acts.add(w.acts().bare(0, on.part(), bared.toArray(String[]::new)));
    acts.addAll(hole.readAtMouth(w));
    s.step(
        "mouth",
        opens ? "Open the bore, cut the flare" : "Cut the flare of the mouth",
        opens
            ? "There is no bit of that size: open the bore to it, then flare the mouth."
            : "A clean flare leads in; the cone sits in it later.",
        Speeds.At.TURNING,
        acts);
  }
}
