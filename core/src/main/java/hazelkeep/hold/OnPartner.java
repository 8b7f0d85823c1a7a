package hazelkeep.hold;

/** A part that is carried by its partner, which is itself held in jaws. */
public sealed interface OnPartner extends Grip permits JamOn, ScrewedOn {
  /** The part that is turned. */
  String guest();

  /** The part that carries it. */
  String host();

  /** How the host is held. */
  InJaws hostHeld();
}
