package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
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
 * A mouth that is flared, so that it leads in: as deep as it is wide, or by another angle.
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
  /** How wide it is, a side. */
  public static final DimKey WIDE = new DimKey("mouth.flare");

  /** How deep it is. */
  public static final DimKey DEEP = new DimKey("mouth.flare-deep");

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        new SizeRule(WIDE, "Flare of the mouth", 0, 40, usual),
        new SizeRule(
            DEEP,
            "Flare, deep",
            0,
            80,
            d -> Rule.Value.derived(d.mm(WIDE), Wording.of("flare.as-deep-as-it-is"))));
  }

  private static boolean there(Lay lay) {
    return lay.mm(WIDE) > 0 && lay.mm(DEEP) > 0;
  }

  /** How deep it goes below the rim, mm; 0 where there is none. */
  public static double deep(Lay lay) {
    return there(lay) ? lay.mm(DEEP) : 0;
  }

  /**
   * The radius of the mouth, mm. A flare is cut by the plan and stays when the bore is measured.
   */
  public double mouth(Lay lay) {
    return there(lay) ? lay.due(bore) / 2 + lay.mm(WIDE) : lay.mm(bore) / 2;
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    for (DimKey out : within) {
      sane.size(bore).with("its flare", 2 * lay.mm(WIDE)).below(out, WIDE);
    }
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    if (there(lay)) {
      double rim = lay.at(at);
      double low = rim - deep(lay);
      Polyline line = Polyline.of(rim, mouth(lay), low, mouth(lay) - lay.mm(WIDE));
      HalfSection open = HalfSection.closed(line, new Point(low, 0), new Point(rim, 0));
      part.inside(on.name(), Role.MEET, line, open).hollow(open);
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    d.size(WIDE, on).reads(s -> s.first(on) - s.last(on));
    d.size(DEEP, on).along();
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
        opens
            ? Wording.of("flare.open-the-bore-cut-the")
            : Wording.of("flare.cut-the-flare-of-the"),
        opens ? Wording.of("flare.there-is-no-bit-of") : Wording.of("flare.a-clean-flare-leads-in"),
        Speeds.At.TURNING,
        acts);
  }
}
