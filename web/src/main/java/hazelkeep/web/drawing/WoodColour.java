package hazelkeep.web.drawing;

import hazelkeep.route.Aim;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The colour a wood is drawn in: by eye, from memory. */
public final class WoodColour {
  private static final String ANY = "#d9b48a";

  private static final List<Map.Entry<String, String>> BY_NAME =
      List.of(
          Map.entry("pear", "#dcae87"),
          Map.entry("apple", "#cf9f76"),
          Map.entry("cherry", "#cf9468"),
          Map.entry("walnut", "#a07a57"),
          Map.entry("maple", "#e8cfa4"),
          Map.entry("sycamore", "#ecd9b6"),
          Map.entry("birch", "#e6cda0"),
          Map.entry("beech", "#dcb68c"),
          Map.entry("ash", "#e2c99d"),
          Map.entry("oak", "#cfae7c"),
          Map.entry("hazel", "#dcbd92"),
          Map.entry("yew", "#d08d55"),
          Map.entry("box", "#e9d28c"),
          Map.entry("holly", "#f0e6d0"),
          Map.entry("plum", "#b97f63"),
          Map.entry("olive", "#c9a86a"),
          Map.entry("laburnum", "#a98444"),
          Map.entry("ebony", "#6a584c"),
          Map.entry("mahogany", "#b9795a"),
          Map.entry("sapele", "#b0745a"),
          Map.entry("padauk", "#bf6546"),
          Map.entry("purpleheart", "#9a6a86"),
          Map.entry("wenge", "#75604e"),
          Map.entry("teak", "#c09560"));

  /** What another wood is drawn in, whatever it is let into. */
  public static final String INLAY = "#6f4a36";

  private WoodColour() {}

  /** The colour of a part. */
  static String of(Aim aim, String part) {
    return of(aim.wood(part).name());
  }

  /** A colour as it is where wood is freshly cut. */
  public static String lighter(String colour) {
    StringBuilder out = new StringBuilder("#");
    for (int part : parts(colour)) {
      out.append(String.format(Locale.ROOT, "%02x", part + (255 - part) * 2 / 5));
    }
    return out.toString();
  }

  /** Red, green and blue from 0 to 1 as light is added up, by the sRGB curve. */
  public static double[] linear(String colour) {
    return Arrays.stream(parts(colour))
        .mapToDouble(p -> p / 255.0)
        .map(v -> v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4))
        .toArray();
  }

  private static int[] parts(String colour) {
    int rgb = Integer.parseInt(colour.substring(1), 16);
    return new int[] {rgb >> 16 & 0xff, rgb >> 8 & 0xff, rgb & 0xff};
  }

  /** A colour for a species. */
  public static String of(String species) {
    String name = species.toLowerCase(Locale.ROOT);
    return BY_NAME.stream()
        .filter(e -> name.contains(e.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(ANY);
  }
}
