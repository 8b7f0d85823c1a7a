package hazelkeep.wood;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A wood by its common name.
 *
 * @param name common name
 * @param botanical botanical name, may be empty
 * @param density kg/m3 at 12 % moisture; empty where unknown
 * @param confidence A sure it is the published figure, B believed, C a guess; empty with no density
 */
public record Species(String name, String botanical, OptionalDouble density, String confidence) {
  /**
   * The wood library. Densities are from the USDA Forest Products Laboratory's Wood Handbook,
   * imported species partly from general timber literature, all written from memory: each carries
   * its letter of confidence.
   */
  public static final List<Species> LIBRARY = read();

  /** Finds a species by its common name, whatever the case of its letters. */
  public static Optional<Species> named(String name) {
    return LIBRARY.stream().filter(s -> s.name.equalsIgnoreCase(name.strip())).findFirst();
  }

  private static List<Species> read() {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Species.class.getResourceAsStream("species.csv"), StandardCharsets.UTF_8))) {
      in.readLine();
      List<Species> all = new ArrayList<>();
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] f = line.split("(?<!\\s),(?!\\s)", -1);
        String name = f[0].replace("\"", "");
        OptionalDouble density =
            f[2].isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(f[2]));
        all.add(new Species(name, f[1], density, f[3]));
      }
      return List.copyOf(all);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
