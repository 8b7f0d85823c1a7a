package hazelkeep.element;

import hazelkeep.route.Aim;
import hazelkeep.wood.Part;

/** A piece that was drawn: its sizes and stations, and what is to be made. */
public final class Built extends Lay {
  private final Aim aim;

  /** By what it was drawn from. */
  public Built(Lay lay, Aim aim) {
    super(lay);
    this.aim = aim;
  }

  /** What is to be made. */
  public Aim aim() {
    return aim;
  }

  /** One of its parts. */
  public Part part(String name) {
    return aim.part(name);
  }
}
