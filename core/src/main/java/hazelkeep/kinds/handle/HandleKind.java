package hazelkeep.kinds.handle;

import static hazelkeep.kinds.handle.HandleParts.BUTT_HIGH;
import static hazelkeep.kinds.handle.HandleParts.BUTT_WIDE;
import static hazelkeep.kinds.handle.HandleParts.DOME;
import static hazelkeep.kinds.handle.HandleParts.HEIGHT;
import static hazelkeep.kinds.handle.HandleParts.KNOB_HIGH;
import static hazelkeep.kinds.handle.HandleParts.WIDEST;

import hazelkeep.element.ComposedKind;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.RingZone;
import hazelkeep.element.StemLine;
import hazelkeep.element.Work;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.End;
import hazelkeep.piece.Sane;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A handle with captive rings: for a bell's rope, a drawer, a child's hand. */
public final class HandleKind extends ComposedKind<Handled> {
  /** The kind. */
  public static final HandleKind HANDLE = new HandleKind();

  private HandleKind() {
    super("ringed-handle", "ringed handle", Handled.fresh());
  }

  @Override
  public boolean stands() {
    return false;
  }

  @Override
  protected Make make(Handled d) {
    return new HandleParts(d).make();
  }

  @Override
  protected void order(Handled d, Work w) {
    new HandleOrder(new HandleParts(d)).in(w);
  }

  /** Butt, stem and knob have room over one another, and the stem goes into both. */
  @Override
  protected void sane(Handled d, Lay lay, Sane sane) {
    StemLine.room(
        lay, sane, HEIGHT, Map.entry(BUTT_HIGH, "the butt"), KNOB_HIGH, "the length less a stem");
    sane.below(StemLine.LOW, BUTT_WIDE).below(StemLine.HIGH, WIDEST).below(DOME, KNOB_HIGH);
  }

  @Override
  public List<Choice> choices(Handled d) {
    List<Choice> out =
        new ArrayList<>(
            List.of(
                StemLine.choice(
                    d.stem(),
                    Wording.of("handleKind.thinnest-in-the-middle-runs"),
                    Wording.of("handleKind.one-thickness-rings-slide-all"))));
    out.addAll(RingZone.choice(d.rings(), d.ringTool(), d.spare()));
    return out;
  }

  /** Both ends are sawn off and pared: there is no other way to hold a handle at its end. */
  @Override
  public List<End> ends(Handled d) {
    return List.of();
  }
}
