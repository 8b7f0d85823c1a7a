package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Sketch;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A decision as it is shown.
 *
 * @param choice the decision
 * @param other what the option next to it would give; empty for a matter of looks
 */
public record ChoiceView(Choice choice, String other) {
  /** Sizes nearer than this are no difference that a turner sees, mm. */
  private static final double SAME = 0.005;

  /** The decisions of a piece, each with what another option would give. */
  static <D extends Design> List<ChoiceView> of(Sketch<D> sketch, Show show) {
    return sketch.choices().stream().map(c -> new ChoiceView(c, other(sketch, c, show))).toList();
  }

  private static <D extends Design> String other(Sketch<D> now, Choice choice, Show show) {
    if (choice.shows().isEmpty()) {
      return "";
    }
    Choice.Option option = choice.other();
    try {
      D design = now.kind().choose(now.design(), choice.name(), option.name());
      Map<DimKey, Dim> then = Sketch.of(now.kind(), design, now.shop(), Map.of()).aim().dims();
      String differs =
          choice.shows().stream()
              .map(then::get)
              .filter(d -> Math.abs(d.mm() - now.aim().dims().get(d.key()).mm()) > SAME)
              .map(d -> d.label().toLowerCase(Locale.ROOT) + " " + show.words(d, d.mm()))
              .collect(Collectors.joining(", "));
      return differs.isEmpty() ? "" : option.label() + " would give " + differs + ".";
    } catch (BadDesign e) {
      return Sentences.of("choiceView.cant-be-drawn-at-these", option.label());
    }
  }
}
