package hazelkeep.hold;

import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.function.UnaryOperator;

/** A part that is carried by its partner, which is itself held in jaws. */
public sealed interface OnPartner extends Grip permits JamOn, ScrewedOn {
  /** The part that is turned. */
  String guest();

  /** The part that carries it. */
  String host();

  /** How the host is held. */
  InJaws hostHeld();

  /**
   * In the trade's words.
   *
   * @param how it is on its partner: jammed on, screwed on
   */
  default String words(String how, UnaryOperator<String> called) {
    return called.apply(guest())
        + " "
        + how
        + " the "
        + called.apply(host())
        + ", held in the "
        + hostHeld().jaws().name();
  }

  @Override
  default List<HalfSection> fixtures(Work work, Shop shop) {
    return hostHeld().fixtures(work, shop);
  }

  @Override
  default Support support(Work work) {
    return hostHeld().support(work);
  }
}
