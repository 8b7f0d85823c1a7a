package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;

/** Brings a copy back, after saying what is in it and what is there now, which is kept too. */
final class Restore {
  private final Folder folder;
  private final PrintStream out;

  Restore(Folder folder, PrintStream out) {
    this.folder = folder;
    this.out = out;
  }

  /**
   * What a database holds.
   *
   * @param pieces names by number, with their number of versions
   * @param designs versions of designs in all
   * @param entries entries of the bench
   * @param changed when a piece changed last
   */
  private record Holds(Map<Long, String> pieces, int designs, int entries, String changed) {
    static Holds of(Connection db) throws SQLException {
      Map<Long, String> pieces = new TreeMap<>();
      try (Statement s = db.createStatement()) {
        try (ResultSet r = s.executeQuery("select id, name from piece order by id")) {
          while (r.next()) {
            pieces.put(r.getLong(1), r.getString(2));
          }
        }
        return new Holds(
            pieces,
            one(s, "select count(*) from piece_design", Integer.class),
            one(s, "select count(*) from run_entry", Integer.class),
            one(s, "select cast(max(changed_at) as varchar(16)) from piece", String.class));
      }
    }

    private static <T> T one(Statement s, String sql, Class<T> type) throws SQLException {
      try (ResultSet r = s.executeQuery(sql)) {
        r.next();
        return r.getObject(1, type);
      }
    }

    String words() {
      return Sentences.of(
          "restore.pieces-designs-entries-of-the",
          pieces.size(),
          designs,
          entries,
          changed == null ? "" : ", last changed " + changed);
    }
  }

  /**
   * Brings a copy back.
   *
   * @param sure asked once both were told
   * @throws CantStart when the copy or the folder won't do; nothing is changed then
   */
  void from(Path copy, BooleanSupplier sure) {
    if (!Files.isRegularFile(copy)) {
      throw new CantStart(Sentences.of("restore.there-is-no-file", copy));
    }
    Path beside = folder.path().resolve("restoring");
    try {
      Files.createDirectories(beside);
      Path unpacked = beside.resolve(Folder.DATABASE);
      Copies.unpacked(copy, unpacked);
      compare(new Folder(beside), copy);
      if (!sure.getAsBoolean()) {
        out.println(Sentences.of("restore.nothing-was-changed"));
        return;
      }
      Path now = folder.path().resolve(Folder.DATABASE);
      if (Files.exists(now)) {
        String stamp =
            LocalDateTime.now(Clock.systemDefaultZone())
                .format(DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss"));
        Path kept = folder.path().resolve("hazel-before-restore-" + stamp + ".mv.db");
        Files.move(now, kept);
        out.println(Sentences.of("restore.what-was-there-is-kept", kept));
      }
      Files.move(unpacked, now);
      folder.ownerOnly();
      out.println("Brought back: " + copy);
    } catch (IOException e) {
      throw new CantStart(Sentences.of("restore.the-copy-cant-be-brought", e.getMessage()), e);
    } finally {
      tidied(beside);
    }
  }

  private void compare(Folder copied, Path copy) throws IOException {
    Database database = new Database(folder);
    Holds copyHolds;
    try (Connection db = database.open(copied.url(";ACCESS_MODE_DATA=r"))) {
      if (Database.version(db) > Database.knows()) {
        throw new CantStart(Sentences.of("restore.was-written-by-a-newer", copy));
      }
      copyHolds = Holds.of(db);
    } catch (SQLException e) {
      throw new CantStart(Sentences.of("restore.cant-be-opened-it-is", copy), e);
    }
    out.println(Sentences.of("restore.the-copy-holds", copyHolds.words()));
    if (folder.database().isEmpty()) {
      out.println(Sentences.of("restore.there-are-no-data-in", folder.path()));
      return;
    }
    try (Connection db = database.open(folder.url(";IFEXISTS=TRUE"))) {
      Holds now = Holds.of(db);
      out.println(Sentences.of("restore.now-there-are", now.words()));
      now.pieces().keySet().removeAll(copyHolds.pieces().keySet());
      if (!now.pieces().isEmpty()) {
        out.println(
            Sentences.of("restore.not-in-the-copy", String.join(", ", now.pieces().values())));
      }
    } catch (SQLException e) {
      out.println(Sentences.of("restore.what-is-there-now-cant"));
    }
  }

  private static void tidied(Path beside) {
    try {
      Files.deleteIfExists(beside.resolve(Folder.DATABASE));
      Files.deleteIfExists(beside.resolve("hazel.trace.db"));
      Files.deleteIfExists(beside);
    } catch (IOException e) {
      // A leftover folder harms nothing: the next restore writes over it.
    }
  }
}
