package hazelkeep.element;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Where it lies, and what is let in there. */
enum InlayPlace {
  RING(
      "inlaid ring",
      List.of(InlaySize.HEIGHT, InlaySize.WIDE, InlaySize.DEEP),
      "Parting tool, square sides and a level floor.",
      "Two half rings, or a strip bent round: they slide in by hand. Glue in the groove, tape round"
          + " it."),
  DISC(
      "inlaid disc",
      List.of(InlaySize.WIDE, InlaySize.DEEP),
      "Point tool from the middle outwards, square at the edge, the floor level.",
      "The disc slides in by hand, its grain in line with the grain of the piece. Glue on the"
          + " floor, press it home."),
  COLLAR(
      "collar",
      List.of(InlaySize.THICK),
      "Widen the recess for it, square at the shoulder.",
      "A ring of end grain like the piece, so that both move alike. Glue all round, press it home"
          + " against the shoulder.");

  private final String word;
  private final List<InlaySize> sizes;
  private final String cut;
  private final String glue;

  InlayPlace(String word, List<InlaySize> sizes, String cut, String glue) {
    this.word = word;
    this.sizes = sizes;
    this.cut = cut;
    this.glue = glue;
  }

  /** Its word in the trade. */
  String word() {
    return word;
  }

  /** Its name in piece files: {@code ring}. */
  String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The place of that name. */
  static Optional<InlayPlace> named(String key) {
    return Arrays.stream(values()).filter(p -> p.key().equals(key)).findFirst();
  }

  /** Its sizes. */
  List<InlaySize> sizes() {
    return sizes;
  }

  /** How room is made for it, a sentence or two. */
  String cut() {
    return cut;
  }

  /** How it is let in, a sentence or two. */
  String glue() {
    return glue;
  }
}
