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
import java.util.ArrayList;
import java.util.List;
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
   * @param pieces names by number
   * @param shop names of the shop's things, its gauges among them, by number
   * @param counts rows of every table there is
   * @param changed when a piece changed last
   */
  private record Holds(
      Map<Long, String> pieces,
      Map<Long, String> shop,
      Map<String, Integer> counts,
      String changed) {
    static Holds of(Connection db) throws SQLException {
      try (Statement s = db.createStatement()) {
        Map<String, Integer> counts = new TreeMap<>();
        for (String table : tables(s)) {
          counts.put(table, one(s, "select count(*) from " + table, Integer.class));
        }
        return new Holds(
            names(s, "select id, name from piece"),
            counts.containsKey("shop_item")
                ? names(s, "select id, name from shop_item")
                : new TreeMap<>(),
            counts,
            one(s, "select cast(max(changed_at) as varchar(16)) from piece", String.class));
      }
    }

    private static List<String> tables(Statement s) throws SQLException {
      List<String> out = new ArrayList<>();
      try (ResultSet r =
          s.executeQuery(
              "select lower(table_name) from information_schema.tables"
                  + " where table_schema = 'PUBLIC'")) {
        while (r.next()) {
          out.add(r.getString(1));
        }
      }
      out.remove("flyway_schema_history");
      return out;
    }

    private static Map<Long, String> names(Statement s, String sql) throws SQLException {
      Map<Long, String> out = new TreeMap<>();
      try (ResultSet r = s.executeQuery(sql)) {
        while (r.next()) {
          out.put(r.getLong(1), r.getString(2));
        }
      }
      return out;
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
          counts.getOrDefault("piece_design", 0),
          counts.getOrDefault("run_entry", 0),
          counts.getOrDefault("piece_record", 0),
          shop.size(),
          counts.getOrDefault("piece_fit", 0),
          counts.getOrDefault("device", 0),
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
      Held copied = compare(new Folder(beside), copy);
      if (!sure.getAsBoolean()) {
        out.println(Sentences.of("restore.nothing-was-changed"));
        return;
      }
      Path now = folder.path().resolve(Folder.DATABASE);
      // Interrupted from here on, the next start finds what is there or tells what is missing.
      copied.note(folder);
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

  private Held compare(Folder copied, Path copy) throws IOException {
    Database database = new Database(folder);
    Holds copyHolds;
    Held held;
    try (Connection db = database.open(copied.url(";ACCESS_MODE_DATA=r"))) {
      if (Database.version(db) > Database.knows()) {
        throw new CantStart(Sentences.of("restore.was-written-by-a-newer", copy));
      }
      copyHolds = Holds.of(db);
      held = Held.in(db);
    } catch (SQLException e) {
      throw new CantStart(Sentences.of("restore.cant-be-opened-it-is", copy), e);
    }
    out.println(Sentences.of("restore.the-copy-holds", copyHolds.words()));
    if (folder.database().isEmpty()) {
      out.println(Sentences.of("restore.there-are-no-data-in", folder.path()));
      return held;
    }
    try (Connection db = database.open(folder.url(";IFEXISTS=TRUE"))) {
      Holds now = Holds.of(db);
      out.println(Sentences.of("restore.now-there-are", now.words()));
      List<String> lacks = new ArrayList<>(lacking(now.pieces(), copyHolds.pieces()));
      lacks.addAll(lacking(now.shop(), copyHolds.shop()));
      if (!lacks.isEmpty()) {
        out.println(Sentences.of("restore.not-in-the-copy", String.join(", ", lacks)));
      }
    } catch (SQLException e) {
      out.println(Sentences.of("restore.what-is-there-now-cant"));
    }
    return held;
  }

  /** The names of what is there now and not in the copy. */
  private static List<String> lacking(Map<Long, String> now, Map<Long, String> copied) {
    return now.entrySet().stream()
        .filter(e -> !copied.containsKey(e.getKey()))
        .map(Map.Entry::getValue)
        .toList();
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
