package hazelkeep.web.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;

/**
 * What a database holds, noted beside it after each change and compared before it is opened for
 * writing: an empty file, or one that lost its end, opens without a word and would be written over.
 *
 * @param changes so many changes were stored; of two notes of one database the later has more
 * @param pieces on the shelf and put away
 */
public record Held(long changes, int pieces) {
  private static final String FILE = "held";

  /** What an open database holds; as it is noted from now on. */
  public static Held in(Connection db) throws SQLException {
    try (Statement s = db.createStatement()) {
      boolean none =
          number(s, "select count(*) from information_schema.tables where table_name = 'PIECE'")
              == 0;
      return new Held(
          number(
              s,
              "select coalesce(max(base_value), 0) from information_schema.sequences"
                  + " where sequence_name = 'CHANGE_COUNT'"),
          none ? 0 : (int) number(s, "select count(*) from piece"));
    }
  }

  private static long number(Statement s, String sql) throws SQLException {
    try (ResultSet r = s.executeQuery(sql)) {
      r.next();
      return r.getLong(1);
    }
  }

  /** What is noted beside the data; empty when nothing was, or it can't be read. */
  static Optional<Held> noted(Folder folder) {
    try {
      String[] said = Files.readString(folder.path().resolve(FILE)).strip().split(" ");
      return Optional.of(new Held(Long.parseLong(said[0]), Integer.parseInt(said[1])));
    } catch (IOException | NumberFormatException | ArrayIndexOutOfBoundsException e) {
      return Optional.empty();
    }
  }

  /** Notes it, whole or not at all. */
  public void note(Folder folder) throws IOException {
    Path next = folder.path().resolve(FILE + ".next");
    Files.writeString(next, changes + " " + pieces + "\n");
    Files.move(
        next,
        folder.path().resolve(FILE),
        StandardCopyOption.REPLACE_EXISTING,
        StandardCopyOption.ATOMIC_MOVE);
  }

  /** Another database is wanted in the folder: what there was is no measure for it. */
  static void forget(Folder folder) throws IOException {
    Files.deleteIfExists(folder.path().resolve(FILE));
  }

  /** Where it is noted. */
  static Path file(Folder folder) {
    return folder.path().resolve(FILE);
  }
}
