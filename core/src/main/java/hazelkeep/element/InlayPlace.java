package hazelkeep.element;

import hazelkeep.measure.Wording;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Where it lies, and what is let in there. */
enum InlayPlace {
  RING(
      "inlaid ring",
      List.of(InlaySize.HEIGHT, InlaySize.WIDE, InlaySize.DEEP),
      Wording.of("inlayPlace.parting-tool-square-sides-and"),
      Wording.of("inlayPlace.two-half-rings-or-a")),
  DISC(
      "inlaid disc",
      List.of(InlaySize.WIDE, InlaySize.DEEP),
      Wording.of("inlayPlace.point-tool-from-the-middle"),
      Wording.of("inlayPlace.the-disc-slides-in-by")),
  COLLAR(
      "collar",
      List.of(InlaySize.THICK),
      Wording.of("inlayPlace.widen-the-recess-for-it"),
      Wording.of("inlayPlace.a-ring-of-end-grain"));

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
