package hazelkeep.web.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * Where the application that has the data open answers, kept beside the data for other commands of
 * the same owner.
 *
 * @param url where
 * @param key shows that who asks can read the data folder
 */
public record Address(String url, String key) {
  private static final String FILE = "running";

  /** Of a folder; empty when nothing runs there, or it was not noted. */
  static Optional<Address> of(Folder folder) {
    try {
      List<String> lines = Files.readAllLines(folder.path().resolve(FILE));
      return lines.size() == 2
          ? Optional.of(new Address(lines.get(0), lines.get(1)))
          : Optional.empty();
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  void note(Folder folder) throws IOException {
    Files.write(folder.path().resolve(FILE), List.of(url, key));
    folder.ownerOnly();
  }

  static void forget(Path folder) throws IOException {
    Files.deleteIfExists(folder.resolve(FILE));
  }
}
