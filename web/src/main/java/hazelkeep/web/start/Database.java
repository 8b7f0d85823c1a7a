package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * The database before the application opens it: whether it can be opened, is not newer than the
 * program, and is safe when it has to be brought up to date.
 *
 * <p>The steps that bring it up to date can't be taken back one by one. So a copy is written first
 * and a mark is left; a start that finds the mark was interrupted, and begins again from the copy.
 */
final class Database {
  private static final int IN_USE = 90020;
  private static final Pattern STEP = Pattern.compile("V(\\d+)__.*\\.sql");

  /** The mark: holds the name of the copy, nothing when there was no database yet. */
  private static final String MARK = "bringing-up-to-date";

  private final Folder folder;
  private final Copies copies;

  Database(Folder folder) {
    this.folder = folder;
    this.copies = new Copies(folder, Clock.systemDefaultZone());
  }

  /**
   * Makes the database ready for the application.
   *
   * @throws CantStart when it can't be
   */
  void ready() {
    try {
      resumed();
      whole();
      boolean there = folder.database().isPresent();
      try (Connection db = open(folder.url(""))) {
        int is = version(db);
        int knows = knows();
        if (is > knows) {
          throw new CantStart(
              Sentences.of("database.the-data-in-were-written", folder.path(), is, knows));
        }
        if (is < knows) {
          Files.writeString(
              folder.path().resolve(MARK), there ? copies.write(db, "before-" + knows).name() : "");
        }
      }
      folder.ownerOnly();
    } catch (IOException e) {
      throw new CantStart(
          Sentences.of("database.the-data-in-cant-be", folder.path(), e.getMessage()), e);
    } catch (SQLException e) {
      throw damaged(e);
    }
  }

  /**
   * What lies there is what was there last: it is compared while nothing can be written.
   *
   * @throws CantStart when it is less, with the newest copy
   */
  private void whole() throws IOException, SQLException {
    Optional<Path> db = folder.database();
    Optional<Held> noted = Held.noted(folder);
    if (db.isEmpty()) {
      if (noted.isPresent() || !left().isEmpty()) {
        throw lost(Sentences.of("database.the-data-are-gone-from", folder.path()));
      }
      return;
    }
    if (Files.size(db.get()) == 0) {
      throw lost(Sentences.of("database.is-empty", db.get()));
    }
    if (noted.isPresent()) {
      Held is = held();
      if (is.changes() < noted.get().changes()) {
        throw lost(
            Sentences.of(
                "database.there-were-pieces-now-there",
                folder.path(),
                noted.get().pieces(),
                is.pieces(),
                noted.get().changes() - is.changes()));
      }
    }
  }

  private Held held() throws SQLException {
    try (Connection c = open(folder.url(";ACCESS_MODE_DATA=r;IFEXISTS=TRUE"))) {
      return Held.in(c);
    }
  }

  private CantStart lost(String what) throws IOException {
    List<Path> left = left();
    return new CantStart(
        what
            + " "
            + newest()
            + (left.isEmpty() ? "" : " " + Sentences.of("database.a-restore-left", left))
            + " "
            + Sentences.of("database.to-go-on-with-what", Held.file(folder)));
  }

  /** What a restore laid aside or did not get to lay in place. */
  private List<Path> left() throws IOException {
    try (Stream<Path> files = Files.list(folder.path())) {
      return Stream.concat(
              files.filter(f -> f.getFileName().toString().startsWith("hazel-before-restore-")),
              Stream.of(folder.path().resolve("restoring").resolve(Folder.DATABASE)))
          .filter(Files::exists)
          .toList();
    }
  }

  /** Begins again from before an interrupted step; what it left is kept aside. */
  private void resumed() throws IOException, SQLException {
    Path mark = folder.path().resolve(MARK);
    if (!Files.exists(mark)) {
      return;
    }
    Path db = folder.path().resolve(Folder.DATABASE);
    if (Files.exists(db)) {
      // Nobody else may be at it just now.
      open(folder.url("")).close();
      Files.move(
          db, folder.path().resolve("hazel-interrupted-" + System.currentTimeMillis() + ".mv.db"));
    }
    String copy = Files.readString(mark).strip();
    if (!copy.isEmpty()) {
      Copies.unpacked(copies.path().resolve(copy), db);
    }
    Files.delete(mark);
  }

  /** The database is up to date: the mark goes. */
  static void upToDate(Path folder) {
    try {
      Files.deleteIfExists(folder.resolve(MARK));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Opens a database.
   *
   * @throws CantStart when another program has it open
   */
  Connection open(String url) throws SQLException {
    try {
      return DriverManager.getConnection(url, "hazel", "");
    } catch (SQLException e) {
      if (e.getErrorCode() == IN_USE) {
        throw new CantStart(
            Sentences.of(
                "database.hazel-keep-is-running-already",
                folder.path(),
                Address.of(folder).map(a -> ": it is open at " + a.url()).orElse("")),
            e);
      }
      throw e;
    }
  }

  private CantStart damaged(SQLException e) {
    return new CantStart(
        Sentences.of(
            "database.the-data-in-cant-be-opened",
            folder.path().resolve(Folder.DATABASE),
            newest()),
        e);
  }

  /** The newest copy, and how it is brought back. */
  private String newest() {
    return copies
        .newest()
        .map(
            c ->
                Sentences.of(
                    "database.the-newest-copy-is-of",
                    c.at().atZone(ZoneId.systemDefault()).toLocalDateTime().withNano(0),
                    c.path()))
        .orElse(Sentences.of("database.there-is-no-copy-in", copies.path()));
  }

  /** The step that a database is brought up to; 0 for a new one. */
  static int version(Connection db) throws SQLException {
    try (Statement s = db.createStatement()) {
      try (ResultSet t =
          s.executeQuery(
              "select count(*) from information_schema.tables where table_name ="
                  + " 'flyway_schema_history'")) {
        t.next();
        if (t.getInt(1) == 0) {
          return 0;
        }
      }
      try (ResultSet v =
          s.executeQuery(
              "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where"
                  + " \"success\" and \"version\" is not null")) {
        v.next();
        return v.getInt(1);
      }
    }
  }

  /** The newest step that the program knows. */
  static int knows() throws IOException {
    return Arrays.stream(
            new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql"))
        .map(Resource::getFilename)
        .map(STEP::matcher)
        .filter(Matcher::matches)
        .mapToInt(m -> Integer.parseInt(m.group(1)))
        .max()
        .orElseThrow();
  }
}
