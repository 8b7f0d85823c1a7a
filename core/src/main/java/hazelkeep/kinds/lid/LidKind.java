package hazelkeep.kinds.lid;

import hazelkeep.element.Built;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Properties;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import java.util.List;

/** A lid for a vessel that exists: a bowl, a jar, a box that lost its own. */
public final class LidKind extends ComposedKind<FittedLid> {
  /** The kind. */
  public static final LidKind LID = new LidKind();

  private LidKind() {
    super("fitted-lid", "lid for a vessel", FittedLid.fresh());
  }

  @Override
  protected Make make(FittedLid d) {
    return new LidParts(d).make();
  }

  @Override
  protected void order(FittedLid d, Work w) {
    new LidOrder(d, new LidParts(d)).in(w);
  }

  @Override
  protected void sane(FittedLid d, Lay lay, Sane sane) {
    sane.below(Spigot.DIAMETER, LidSizes.EDGE);
    sane.size(LidSizes.SEAT).below(lay.mm(LidSizes.HEIGHT), "the lid", LidSizes.HEIGHT);
  }

  @Override
  protected void check(FittedLid d, Built b, Told told) {
    new LidOrder(d, new LidParts(d))
        .mount(b)
        .missing()
        .ifPresent(v -> told.found(v, LidParts.LID, null));
    double on = LidSizes.carriedOn(b::mm);
    if (d.sizes().containsKey(LidSizes.TOP)
        && Math.abs(b.mm(LidSizes.TOP) - on) > b.custom(Line.READ_TURNED)) {
      told.found(Entry.LINE_BREAKS.told(Grade.NOTE, b.mm(LidSizes.TOP), on), LidParts.LID, null);
    }
    Polyline seat = b.part(LidParts.LID).surface("shoulder").line();
    double hollow = seat.first().z() - seat.last().z();
    told.thin(Entry.SEAT_FLAT, hollow, b.custom(Line.LID_SEAT_LEAST), LidParts.LID, seat.last());
    double mouth = b.part(Vessel.PART).surface(Vessel.INSIDE.name()).line().first().r();
    double over = seat.last().r() - mouth;
    told.thin(Entry.LID_FALLS_IN, over, b.custom(Line.LID_SITS), LidParts.LID, seat.last());
  }

  @Override
  protected void remedies(FittedLid d, Built b, Finding f, Tries r) {
    switch (f.verdict().entry()) {
      case SEAT_FLAT -> r.set(LidSizes.SEAT, b.custom(Line.LID_SEAT));
      case LID_FALLS_IN -> {
        r.more(2 * f.lack(), LidSizes.EDGE);
        double over = 2 * b.custom(Line.LID_OVERHANG);
        r.set(LidSizes.EDGE, b.mm(Vessel.RIM) + over);
      }
      default -> {}
    }
  }

  @Override
  public boolean stands() {
    return false;
  }

  @Override
  public List<Choice> choices(FittedLid d) {
    return List.of(Choice.fit("How the lip fits", d.fit()));
  }

  @Override
  public List<End> ends(FittedLid d) {
    return List.of(
        End.of(
            LidParts.TOP,
            "topBy",
            Wording.of("lidKind.how-it-is-held-for"),
            d.topBy(),
            Finishing.JAM_CUP,
            Finishing.JAM_PLUG,
            Finishing.EXPAND,
            Finishing.AROUND));
  }

  /** What goes in is the vessel's; a lid stands on its rim. */
  @Override
  public Properties.Room room(FittedLid d, Aim aim) {
    return new Properties.Room(HalfSection.EMPTY, 0, aim.custom(Line.CONTENT_WATER_LINE), true);
  }
}
