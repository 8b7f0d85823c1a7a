package hazelkeep.web.shop;

import hazelkeep.web.store.ShopStore.Item;
import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import hazelkeep.wood.Woods;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A property of a wood as it is shown.
 *
 * @param name its stable name
 * @param label in words, with its unit
 * @param shipped the library's figure, empty where it has none
 * @param letter how far that can be trusted
 * @param source where it is from
 * @param estimate what may be taken where the library has none; empty where nothing can be
 *     estimated
 */
public record WoodFigure(
    String name, String label, String shipped, String letter, String source, String estimate) {
  /** The properties that the list of woods shows. */
  static final List<WoodProperty> COLUMNS =
      List.of(
          WoodProperty.DENSITY,
          WoodProperty.E_ALONG,
          WoodProperty.BENDING,
          WoodProperty.TENSION_ACROSS);

  /** Every property, with what the library says of a wood. */
  static List<WoodFigure> of(Optional<Species> shipped) {
    return Arrays.stream(WoodProperty.values())
        .map(
            p -> {
              Optional<Figure> f = shipped.flatMap(s -> s.figure(p));
              return new WoodFigure(
                  p.name(),
                  p.label() + (p.unit().isEmpty() ? "" : ", " + p.unit()),
                  f.map(x -> plain(x.value())).orElse(""),
                  f.map(x -> x.letter().shown() + ": " + x.letter().words()).orElse(""),
                  f.map(Figure::source).orElse(""),
                  f.isPresent() ? "" : estimate(shipped, p).map(x -> plain(x.value())).orElse(""));
            })
        .toList();
  }

  /** What a property may be estimated at from others; empty for most. */
  static Optional<Figure> estimate(Optional<Species> wood, WoodProperty property) {
    return property == WoodProperty.TENSION_ACROSS
        ? wood.flatMap(Species::estimatedTensionAcross)
        : Optional.empty();
  }

  static String plain(double v) {
    return v == Math.rint(v) ? Long.toString(Math.round(v)) : Double.toString(v);
  }

  /**
   * A wood in the list.
   *
   * @param name its common name
   * @param botanical its botanical name
   * @param own whether the turner has figures of their own for it
   * @param cells its figures, each with its letter; empty where it is not known
   */
  public record Row(String name, String botanical, boolean own, List<String> cells) {}

  /** All woods with the figures that matter most. */
  static List<Row> rows(Woods woods, List<Item> own) {
    List<Row> out = new ArrayList<>();
    for (Species s : woods.all()) {
      boolean mine =
          own.stream().anyMatch(i -> ((Species) i.thing()).name().equalsIgnoreCase(s.name()));
      out.add(
          new Row(
              s.name(),
              s.botanical(),
              mine,
              COLUMNS.stream()
                  .map(
                      p ->
                          s.figure(p)
                              .map(f -> plain(f.value()) + " " + f.letter().shown())
                              .orElse(""))
                  .toList()));
    }
    return out;
  }
}
