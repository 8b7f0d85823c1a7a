package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;

/** Writes a dated copy: by the running application when there is one, else from its closed data. */
final class Backup {
  /** Carries the key of {@link Address}. */
  static final String KEY = "X-Hazel-Key";

  private static final Duration PATIENCE = Duration.ofMinutes(2);

  private final Folder folder;
  private final PrintStream out;

  Backup(Folder folder, PrintStream out) {
    this.folder = folder;
    this.out = out;
  }

  /**
   * Writes it and says where.
   *
   * @throws CantStart when it can't be written
   */
  void write() {
    if (folder.database().isEmpty()) {
      throw new CantStart(Sentences.of("backup.there-are-no-data-in", folder.path()));
    }
    try {
      out.println("Copied to " + running().orElseGet(this::closed));
    } catch (IOException e) {
      throw new CantStart("The copy can't be written: " + e.getMessage(), e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new CantStart(Sentences.of("backup.the-copy-was-interrupted"), e);
    }
  }

  private Optional<String> running() throws IOException, InterruptedException {
    Optional<Address> address = Address.of(folder);
    if (address.isEmpty()) {
      return Optional.empty();
    }
    try {
      HttpResponse<String> answer =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(address.get().url() + "data/copy-for-owner"))
                      .timeout(PATIENCE)
                      .header(KEY, address.get().key())
                      .POST(HttpRequest.BodyPublishers.noBody())
                      .build(),
                  HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200) {
        throw new CantStart(Sentences.of("backup.the-running-hazel-keep-could", answer.body()));
      }
      return Optional.of(answer.body());
    } catch (java.net.ConnectException e) {
      // The note is of one that was stopped hard.
      return Optional.empty();
    }
  }

  private String closed() {
    try (Connection db = new Database(folder).open(folder.url(";IFEXISTS=TRUE"))) {
      return new Copies(folder, Clock.systemDefaultZone()).write(db, "").path().toString();
    } catch (SQLException | IOException e) {
      throw new CantStart("The copy can't be written: " + e.getMessage(), e);
    }
  }
}
