package hazelkeep.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The codes of findings, read from the places in the sources where something is told. */
final class Codes {
  /** A code stands first wherever a verdict is made or something is told. */
  private static final Pattern TOLD =
      Pattern.compile("\\b(?:Verdict|say|thin|tell)\\(\\s*\"([a-z]+(?:-[a-z]+)*)\"");

  /** Or one of two, by what is looked at. */
  private static final Pattern EITHER =
      Pattern.compile(
          "\\b(?:Verdict|say|thin|tell)\\(\\s*[^;?]{1,60}\\? \"([a-z]+(?:-[a-z]+)*)\" : \"([a-z]+(?:-[a-z]+)*)\"");

  /** Advice is kept by code; walls are told by where they are thin. */
  private static final Pattern KEPT = Pattern.compile("entry\\(\\s*\"([a-z]+(?:-[a-z]+)*)\"");

  private static final Pattern WALLS = Pattern.compile("case [A-Z]+ -> \"([a-z]+-[a-z]+)\"");

  private Codes() {}

  /** Each code, in order. */
  static List<String> of(Path sources) {
    TreeSet<String> codes = new TreeSet<>();
    try (Stream<Path> files = Files.walk(sources)) {
      for (Path p : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        String source = Files.readString(p);
        all(TOLD, source, codes);
        all(EITHER, source, codes);
        if (p.endsWith("Advice.java")) {
          all(KEPT, source, codes);
        }
        if (p.endsWith("Walls.java")) {
          all(WALLS, source, codes);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return codes.stream().map(c -> "`" + c + "`").toList();
  }

  private static void all(Pattern pattern, String source, TreeSet<String> into) {
    Matcher m = pattern.matcher(source);
    while (m.find()) {
      for (int group = 1; group <= m.groupCount(); group++) {
        into.add(m.group(group));
      }
    }
  }
}
