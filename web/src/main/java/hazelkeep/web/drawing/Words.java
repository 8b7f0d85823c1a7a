package hazelkeep.web.drawing;

import hazelkeep.route.LastChance;
import hazelkeep.route.Prompt;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What several screens say alike. */
public final class Words {
  private Words() {}

  /** Last chances surface by surface: lid inside: cut, sand, finish. */
  public static List<String> lastChances(List<LastChance> chances) {
    Map<String, String> bySurface = new LinkedHashMap<>();
    for (LastChance c : chances) {
      String surface = c.surface().part() + " " + c.surface().name();
      String doing = c.doing().name().toLowerCase(Locale.ROOT);
      bySurface.merge(surface, doing, (a, b) -> a + ", " + b);
    }
    return bySurface.entrySet().stream().map(e -> e.getKey() + ": " + e.getValue()).toList();
  }

  /** A size to measure, and what the device shows where that is another number. */
  public static String target(Prompt p, Show show) {
    return p.dim().label() + " " + show.number(p.dim(), p.target()) + shows(p, " · ", show);
  }

  /** Where a size is measured, and with what unless its target says so. */
  public static String how(Prompt p) {
    return p.dead() ? p.where() : p.gauge().name() + " " + p.where();
  }

  /** What the device shows; empty where it shows the length itself. */
  public static String shows(Prompt p, String before, Show show) {
    return p.dead() ? before + p.gauge().name() + " shows " + show.number(p.dim(), p.shows()) : "";
  }
}
