package hazelkeep.web.store;

import com.zaxxer.hikari.HikariDataSource;
import hazelkeep.web.start.Copies;
import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Held;
import hazelkeep.web.start.Running;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Every change of what is stored goes through here: in one transaction, and on the disk before it
 * is acknowledged.
 */
@Component
public class Writes {
  private static final Logger LOG = LoggerFactory.getLogger(Writes.class);

  /**
   * A key that is there already, a row that it belongs to and that is not there, a row that another
   * transaction holds or has changed.
   */
  private static final Set<Integer> CONFLICTS = Set.of(23505, 23506, 40001, 50200, 90131);

  /** Reading or writing the file failed, it is read-only, or the database closed itself upon it. */
  private static final Set<Integer> DISK = Set.of(90028, 90031, 90030, 90097, 90098, 90121, 50000);

  private final DSLContext db;
  private final Room room;
  private final DataSource connections;
  private final Optional<Folder> folder;
  private final AtomicReference<String> trouble = new AtomicReference<>("");

  /** On a database, with the room it has; what it holds is noted beside it. */
  public Writes(DSLContext db, Room room, DataSource connections, Running running) {
    this.db = db;
    this.room = room;
    this.connections = connections;
    this.folder = running.folder();
  }

  @EventListener
  void opened(ApplicationReadyEvent event) {
    noted();
  }

  /** Counts a change, brings it to the disk, and notes what there is from now on. */
  private void settled() {
    if (folder.isPresent()) {
      db.fetch("select next value for change_count");
    }
    db.execute("checkpoint sync");
    noted();
  }

  private synchronized void noted() {
    if (folder.isPresent()) {
      try {
        db.connectionResult(Held::in).note(folder.get());
      } catch (IOException e) {
        // The change is stored all the same; a note that is behind is no harm.
        LOG.warn("{} can't be noted beside the data: {}", folder.get().path(), e.getMessage());
      }
    }
  }

  /**
   * Makes a change.
   *
   * @throws Stale when another change came in between; nothing is stored then
   * @throws NotWritten when the disk does not take it; nothing is stored then
   */
  public <T> T of(Function<DSLContext, T> change) {
    room.trouble()
        .ifPresent(
            why -> {
              throw new NotWritten(why);
            });
    try {
      T made = db.transactionResult(tx -> change.apply(tx.dsl()));
      settled();
      trouble.set("");
      return made;
    } catch (org.springframework.dao.DataAccessException
        | org.jooq.exception.DataAccessException
        | org.springframework.transaction.TransactionException e) {
      throw told(e);
    }
  }

  /**
   * Writes a copy of all that is stored, while others read and write.
   *
   * @return its file
   * @throws NotWritten when the disk does not take it
   */
  public Path copied(Copies copies) {
    room.trouble()
        .ifPresent(
            why -> {
              throw new NotWritten(why);
            });
    try (Connection c = connections.getConnection()) {
      return copies.write(c, "").path();
    } catch (SQLException | IOException e) {
      throw new NotWritten(e);
    }
  }

  private RuntimeException told(RuntimeException e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof SQLException s && CONFLICTS.contains(s.getErrorCode())) {
        return new Stale(0);
      }
      if (t instanceof SQLException s && DISK.contains(s.getErrorCode())) {
        trouble.set(t.getMessage());
        opened();
        return new NotWritten(e);
      }
      if (t instanceof java.sql.SQLTransientConnectionException
          || t instanceof org.springframework.jdbc.CannotGetJdbcConnectionException) {
        trouble.set(t.getMessage());
        return new NotWritten(e);
      }
    }
    return e;
  }

  /** The database closes itself when the disk fails: the next connection opens it again. */
  private void opened() {
    if (connections instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
      pool.getHikariPoolMXBean().softEvictConnections();
    }
  }

  /** Why a change can't be written now, or why the last one could not; empty when it could. */
  public String trouble() {
    return room.trouble().orElseGet(trouble::get);
  }
}
