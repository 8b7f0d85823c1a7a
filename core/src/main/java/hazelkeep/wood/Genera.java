package hazelkeep.wood;

import java.util.Set;

/** What a wood's genus says of it: the first word of its botanical name. */
final class Genera {
  /** Conifers by their genus: a softwood in the botanist's sense. */
  private static final Set<String> CONIFERS =
      Set.of(
          "Abies",
          "Cedrus",
          "Chamaecyparis",
          "Cupressus",
          "Hesperocyparis",
          "Juniperus",
          "Larix",
          "Picea",
          "Pinus",
          "Pseudotsuga",
          "Sequoia",
          "Taxodium",
          "Taxus",
          "Thuja",
          "Tsuga");

  /** Genera whose pores of the early wood stand in rings (USDA Wood Handbook; from memory). */
  private static final Set<String> RING_POROUS =
      Set.of(
          "Carya",
          "Castanea",
          "Catalpa",
          "Celtis",
          "Fraxinus",
          "Gleditsia",
          "Maclura",
          "Morus",
          "Quercus",
          "Robinia",
          "Sassafras",
          "Tectona",
          "Ulmus");

  private Genera() {}

  /** Whether it is a softwood. */
  static boolean conifer(String botanical) {
    return CONIFERS.contains(botanical.split(" ")[0]);
  }

  /** Whether its pores stand in rings. */
  static boolean ringPorous(String botanical) {
    return RING_POROUS.contains(botanical.split(" ")[0]);
  }
}
