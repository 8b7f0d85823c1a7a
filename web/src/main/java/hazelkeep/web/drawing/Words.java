package hazelkeep.web.drawing;

import hazelkeep.piece.Plan;
import hazelkeep.route.LastChance;
import hazelkeep.route.Prompt;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What several screens say alike. */
public final class Words {
  private Words() {}

  private static final Pattern NUMBERED = Pattern.compile("(.+) \\d+");

  /** A part of several that are alike, without its number: ring; else as it is. */
  private static String alike(String part) {
    Matcher m = NUMBERED.matcher(part);
    return m.matches() ? "each " + m.group(1) : part;
  }

  /** What a rule is laid against: the face that lies where heights on a part begin. */
  public static String from(Part part, boolean stands) {
    String face = part.face();
    return face.isEmpty()
        ? Sentences.of("words.from-its-left-end")
        : "from its " + face + (face.equals("foot") && !stands ? " end" : "");
  }

  /** The woods that a piece is made of, that of its foot first. */
  public static String woods(Plan<?> plan) {
    return String.join(", ", plan.sketch().species());
  }

  /** Last chances surface by surface: lid inside: cut, sand, finish; those that are alike once. */
  public static List<String> lastChances(List<LastChance> chances) {
    Map<String, Set<String>> bySurface = new LinkedHashMap<>();
    for (LastChance c : chances) {
      bySurface
          .computeIfAbsent(
              alike(c.surface().part()) + " " + c.surface().name(), k -> new LinkedHashSet<>())
          .add(c.doing().name().toLowerCase(Locale.ROOT));
    }
    return bySurface.entrySet().stream()
        .map(e -> e.getKey() + ": " + String.join(", ", e.getValue()))
        .toList();
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
