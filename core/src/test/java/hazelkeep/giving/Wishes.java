package hazelkeep.giving;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.goblet.Goblet;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Wishes as they are written down in a line: a kind, sizes in mm or inches, a blank, what goes in.
 */
final class Wishes {
  private static final double INCH = 25.4;

  private Wishes() {}

  /**
   * A wish.
   *
   * @param kind of piece
   * @param design what was stated
   */
  record Wish<D extends Design>(Kind<D> kind, D design) {}

  /** All lines of the file. */
  static List<String> lines() {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(Wishes.class.getResourceAsStream("wishes.txt")),
                StandardCharsets.UTF_8))) {
      return in.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A line read. */
  static Wish<?> of(String line) {
    String[] words = line.strip().split(" +");
    return read(Kinds.named(words[0]).orElseThrow(), words);
  }

  private static <D extends Design> Wish<D> read(Kind<D> kind, String[] words) {
    D design = kind.fresh();
    for (int i = 1; i < words.length; i++) {
      String[] said = words[i].split("=");
      design = stated(kind, design, said[0], said[1]);
    }
    return new Wish<>(kind, design);
  }

  private static <D extends Design> D stated(Kind<D> kind, D d, String what, String said) {
    return switch (what) {
      case "wood" -> Restated.with(d, "species", said.replace('_', ' '));
      case "blank" -> Restated.with(d, "blank", Optional.of(blank(said)));
      case "rings" -> Restated.with(d, "rings", Integer.parseInt(said));
      case "ml" -> Restated.with(d, "content", Optional.of(ml(d, Double.parseDouble(said))));
      case "holds" -> Restated.with(d, "content", Optional.of(holds(d, said)));
      default ->
          Character.isUpperCase(said.charAt(0))
              ? kind.choose(d, what, said)
              : kind.size(d, new DimKey(what), Optional.of(Size.mm(mm(said))));
    };
  }

  private static double mm(String said) {
    return said.endsWith("in")
        ? INCH * Double.parseDouble(said.substring(0, said.length() - 2))
        : Double.parseDouble(said);
  }

  private static Blank blank(String said) {
    boolean square = said.endsWith("s");
    String[] both = (square ? said.substring(0, said.length() - 1) : said).split("x");
    return new Blank(Optional.of(Size.mm(mm(both[0]))), Optional.of(Size.mm(mm(both[1]))), square);
  }

  private static Object ml(Design d, double ml) {
    return d instanceof Goblet
        ? new Goblet.Content(Optional.of(ml), Optional.empty())
        : new LiddedBox.Content(Optional.empty(), Optional.empty(), Optional.of(ml));
  }

  private static Object holds(Design d, String said) {
    boolean bundle = said.endsWith("b");
    String[] both = (bundle ? said.substring(0, said.length() - 1) : said).split("x");
    Optional<Size> wide = Optional.of(Size.mm(mm(both[0])));
    Optional<Size> tall = Optional.of(Size.mm(mm(both[1])));
    if (d instanceof Cased) {
      return new Cased.Content(wide, tall, bundle);
    }
    return d instanceof BoredVessel
        ? new BoredVessel.Content(wide, tall, Optional.empty(), bundle)
        : new LiddedBox.Content(wide, tall, Optional.empty());
  }
}
