package hazelkeep.kinds.cased;

import static hazelkeep.kinds.cased.CasedParts.BODY;
import static hazelkeep.kinds.cased.CasedParts.LID;
import static hazelkeep.kinds.cased.CasedSizes.BODY_HEIGHT;
import static hazelkeep.kinds.cased.CasedSizes.DEPTH;
import static hazelkeep.kinds.cased.CasedSizes.EAVES;
import static hazelkeep.kinds.cased.CasedSizes.JOIN;
import static hazelkeep.kinds.cased.CasedSizes.LID_DEPTH;
import static hazelkeep.kinds.cased.CasedSizes.LID_HEIGHT;

import hazelkeep.element.ComposedKind;
import hazelkeep.element.Make;
import hazelkeep.element.Work;
import hazelkeep.kinds.cased.Cased.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.SideHoles;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A slim case, and a little house. The lid is bored first, by the larger of two bits a step apart;
 * the smaller bores the body and leaves the spigot, which is turned to the lid's bore. Closed, both
 * are shaped in one line.
 */
public final class CasedKind extends ComposedKind<Cased> {
  /** A case for needles and the like. */
  public static final CasedKind NEEDLE_CASE =
      new CasedKind("needle-case", "needle case", Form.CASE);

  /** A little house that hangs. */
  public static final CasedKind HOUSE =
      new CasedKind("hanging-house", "little hanging house", Form.HOUSE);

  private static final SurfaceId TOP_OF_LID = new SurfaceId(LID, "top");

  private final Form form;

  private CasedKind(String name, String title, Form form) {
    super(name, title, Cased.class);
    this.form = form;
  }

  @Override
  public Cased fresh() {
    return Cased.fresh(form);
  }

  @Override
  protected Make make(Cased d) {
    return new CasedParts(d).make();
  }

  @Override
  protected void order(Cased d, Work w) {
    new CasedParts(d).order().in(w);
  }

  /** Body and lid keep their height while a bore is dragged in them. */
  @Override
  protected Cased held(Cased d, Aim aim, DimKey dragged) {
    return dragged.equals(DEPTH)
        ? kept(d, BODY_HEIGHT, aim)
        : dragged.equals(LID_DEPTH) ? kept(d, LID_HEIGHT, aim) : d;
  }

  @Override
  public List<Choice> choices(Cased d) {
    return List.of(
        Choice.of(
            "form",
            "What it looks like",
            List.of(
                new Option("CASE", "Slim case", "One straight line, both ends rounded."),
                new Option("SPINDLE", "Spindle", "Fullest at the join, where the walls need it."),
                new Option("HOUSE", "Little house", "A roof over its walls, holes in its side.")),
            d.form(),
            JOIN.path(),
            EAVES.path()),
        Choice.fit("How the lid fits", d.fit()));
  }

  @Override
  public List<End> ends(Cased d) {
    return List.of(
        End.of(
            new SurfaceId(BODY, "foot"),
            "footBy",
            "How the foot is finished",
            d.footBy(),
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.JAM_CUP,
            Finishing.AROUND,
            Finishing.MANDREL,
            Finishing.EXPAND,
            Finishing.PRESSED),
        End.of(
            TOP_OF_LID,
            "topBy",
            "How the top is finished",
            d.topBy(),
            Finishing.ON_PARTNER,
            Finishing.SAW));
  }

  /** The lid is bored first. */
  @Override
  public List<Boring> boring(Cased d, Aim aim, Shop shop) {
    List<Boring> out = new ArrayList<>(super.boring(d, aim, shop));
    Collections.reverse(out);
    return out;
  }

  @Override
  public Optional<Rolled> rolled(Cased d, Aim aim) {
    return d.holes().isEmpty()
        ? Optional.empty()
        : Optional.of(new SideHoles(aim.part(BODY), d.holes()).rolled());
  }

  @Override
  public List<String> assembly(Cased d, Aim aim) {
    return d.house()
        ? List.of(
            "Perch into its hole with a drop of glue, once the finish is dry.",
            "Eye into the ridge, its pilot hole no thicker than its core.",
            "Roof on its spigot, grain lines together; it lifts off to be cleaned.")
        : List.of();
  }
}
