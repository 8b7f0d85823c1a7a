package hazelkeep.kinds;

import hazelkeep.element.Adorned;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.kinds.handle.HandleKind;
import hazelkeep.kinds.jar.JarKind;
import hazelkeep.kinds.lid.LidKind;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The list of kinds. A new kind of piece is one folder under {@code piece} and one entry here. */
public final class Kinds {
  /** Every kind that can be planned. */
  public static final List<Kind<?>> ALL =
      Stream.<Kind<?>>of(
              LiddedBoxKind.BOX,
              LiddedBoxKind.CANISTER,
              VesselKind.WELL,
              VesselKind.VASE,
              CasedKind.NEEDLE_CASE,
              MillKind.MILL,
              MillKind.SHAKER,
              CasedKind.HOUSE,
              JarKind.JAR,
              GobletKind.GOBLET,
              HandleKind.HANDLE,
              LidKind.LID)
          .<Kind<?>>map(Kinds::adorned)
          .toList();

  private static <D extends Design> Kind<D> adorned(Kind<D> kind) {
    return new Adorned<>(kind);
  }

  private Kinds() {}

  /** The kind of that name. */
  public static Optional<Kind<?>> named(String name) {
    return ALL.stream().filter(k -> k.name().equals(name)).findFirst();
  }
}
