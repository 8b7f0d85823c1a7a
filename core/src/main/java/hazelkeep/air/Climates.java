package hazelkeep.air;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Climates to begin with, and the turner's own. Those that are shipped are guesses at rooms of a
 * kind, months as north of the equator; a hygrometer in the room knows better.
 *
 * @param own the turner's own
 */
public record Climates(List<Climate> own) {
  /** Only those that are shipped. */
  public static final Climates SHIPPED = new Climates(List.of());

  private static final List<Climate> USUAL = read();

  /** Copies the list. */
  public Climates {
    own = own == null ? List.of() : List.copyOf(own);
  }

  /** All: the turner's own first. */
  public List<Climate> all() {
    return Stream.concat(own.stream(), USUAL.stream().filter(c -> mine(c.name()).isEmpty()))
        .toList();
  }

  /** The one of that name. */
  public Optional<Climate> named(String name) {
    return all().stream().filter(c -> c.name().equals(name)).findFirst();
  }

  private Optional<Climate> mine(String name) {
    return own.stream().filter(c -> c.name().equals(name)).findFirst();
  }

  private static List<Climate> read() {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Climates.class.getResourceAsStream("climates.csv"), StandardCharsets.UTF_8))) {
      in.readLine();
      List<Climate> all = new ArrayList<>();
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] f = line.split(",");
        all.add(new Climate(f[0].replace(';', ','), numbers(f[1]), numbers(f[2])));
      }
      return List.copyOf(all);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<Double> numbers(String months) {
    return Arrays.stream(months.strip().split(" ")).map(Double::valueOf).toList();
  }
}
