package hazelkeep.hold;

import hazelkeep.shop.JawSet;

/** A grip by a chuck's jaws. */
public sealed interface InJaws extends Grip permits Squeeze, Around, Expand {
  /** The part that they hold. */
  String part();

  /** The jaw set. */
  JawSet jaws();

  @Override
  InJaws in(JawSet jaws);
}
