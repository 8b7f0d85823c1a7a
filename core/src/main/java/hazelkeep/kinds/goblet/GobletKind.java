package hazelkeep.kinds.goblet;

import static hazelkeep.kinds.goblet.GobletSizes.BELLY_AT;
import static hazelkeep.kinds.goblet.GobletSizes.BOWL_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.FLOOR;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT_EDGE;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.HEIGHT;
import static hazelkeep.kinds.goblet.GobletSizes.RIM;
import static hazelkeep.kinds.goblet.GobletSizes.STEM_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.STEM_LOW;
import static hazelkeep.kinds.goblet.GobletSizes.WALL;
import static hazelkeep.kinds.goblet.GobletSizes.WIDEST;

import hazelkeep.element.ComposedKind;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.RingZone;
import hazelkeep.element.StemLine;
import hazelkeep.element.Work;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Sane;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A goblet: a bowl on a stem on a foot, out of one blank. */
public final class GobletKind extends ComposedKind<Goblet> {
  /** The kind. */
  public static final GobletKind GOBLET = new GobletKind();

  private GobletKind() {
    super("goblet", "goblet", Goblet.fresh());
  }

  @Override
  protected Make make(Goblet d) {
    return new GobletParts(d).make();
  }

  @Override
  protected void order(Goblet d, Work w) {
    new GobletOrder(new GobletParts(d)).in(w);
  }

  /** Foot, stem and bowl have room over one another, and the stem goes into what it carries. */
  @Override
  protected void sane(Goblet d, Lay lay, Sane sane) {
    StemLine.room(
        lay, sane, HEIGHT, Map.entry(FOOT_HIGH, "the foot"), BOWL_HIGH, "the height less a stem");
    sane.below(FOOT_EDGE, FOOT_HIGH)
        .below(STEM_LOW, FOOT)
        .below(STEM_HIGH, WIDEST)
        .below(FLOOR, BOWL_HIGH);
    sane.size(WALL).below(lay.mm(RIM) / 2, "half of the rim", RIM);
  }

  @Override
  public List<Choice> choices(Goblet d) {
    List<Choice> out =
        new ArrayList<>(
            List.of(
                Choice.of(
                    "form",
                    "Outline of the bowl",
                    List.of(
                        new Option(
                            "EGG", "Egg", Wording.of("gobletKind.fullest-in-the-middle-drawn")),
                        new Option(
                            "TULIP", "Tulip", Wording.of("gobletKind.a-round-belly-the-rim")),
                        new Option(
                            "BELL", "Bell", Wording.of("gobletKind.slim-below-wide-open-at")),
                        new Option(
                            "CONE", "Cone", Wording.of("gobletKind.straight-from-the-stem-to"))),
                    d.form(),
                    BELLY_AT,
                    RIM),
                StemLine.choice(
                    d.stem(),
                    Wording.of("gobletKind.thinnest-in-the-middle-runs"),
                    Wording.of("gobletKind.one-thickness-lets-beads-stand")),
                Choice.of(
                    "stands",
                    "How wide the foot is",
                    List.of(
                        new Option(
                            "SMALLER",
                            Wording.of("gobletKind.a-little-smaller-than-the"),
                            "Looks light."),
                        new Option(
                            "AS_WIDE",
                            "As wide as the bowl",
                            Wording.of("gobletKind.stands-safer-when-it-is")),
                        new Option(
                            "ROUGH",
                            "Left as it grew",
                            Wording.of("gobletKind.a-branch-that-keeps-its"))),
                    d.stands(),
                    FOOT)));
    out.addAll(RingZone.choice(d.rings(), d.ringTool(), d.spare()));
    return out;
  }

  @Override
  public List<End> ends(Goblet d) {
    return List.of(
        End.of(
            new SurfaceId(GobletParts.PART, "foot"),
            "footBy",
            "How the foot is finished",
            d.footBy(),
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.PRESSED));
  }

  @Override
  public Properties.Room room(Goblet d, Aim aim) {
    double below = d.below() > 0 ? d.below() : aim.custom(Line.CONTENT_WATER_LINE);
    return Properties.Room.of(aim.part(GobletParts.PART), below, true);
  }
}
