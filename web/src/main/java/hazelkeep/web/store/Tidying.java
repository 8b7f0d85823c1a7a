package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE;
import static hazelkeep.web.store.tables.Tables.PIECE_DESIGN;
import static hazelkeep.web.store.tables.Tables.RUN;
import static org.jooq.impl.DSL.select;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Record4;
import org.jooq.Result;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Keeps what is stored small. Old versions of a design are thinned to the last of each day; a piece
 * that was at the lathe keeps all of its own, for its log names them.
 */
@Component
public class Tidying {
  private static final Logger LOG = LoggerFactory.getLogger(Tidying.class);

  /** Younger versions than this are all kept. */
  public static final int DAYS = 90;

  private final Writes writes;
  private final DSLContext db;

  /** On a database. */
  public Tidying(Writes writes, DSLContext db) {
    this.writes = writes;
    this.db = db;
  }

  @EventListener
  void opened(ApplicationReadyEvent event) {
    try {
      int thinned = thinned();
      if (thinned > 0) {
        LOG.info("{} versions older than {} days were thinned to one a day", thinned, DAYS);
      }
    } catch (NotWritten e) {
      LOG.warn("Old versions stay as they are: {}", e.getMessage());
    }
  }

  /**
   * Takes away what is older and not the last of its day.
   *
   * @return how many versions were taken away
   * @throws NotWritten when the disk does not take it
   */
  public int thinned() {
    var before =
        OffsetDateTime.ofInstant(Instant.now().minus(Duration.ofDays(DAYS)), ZoneOffset.UTC);
    Result<Record4<Long, Integer, OffsetDateTime, Integer>> old =
        db.select(
                PIECE_DESIGN.PIECE_ID,
                PIECE_DESIGN.VERSION,
                PIECE_DESIGN.CREATED_AT,
                PIECE_DESIGN.PARENT)
            .from(PIECE_DESIGN)
            .join(PIECE)
            .on(PIECE.ID.eq(PIECE_DESIGN.PIECE_ID))
            .where(PIECE_DESIGN.CREATED_AT.lt(before))
            .and(PIECE_DESIGN.VERSION.ne(PIECE.HEAD))
            .and(PIECE_DESIGN.PARENT.isNotNull())
            .and(PIECE.ID.notIn(select(RUN.PIECE_ID).from(RUN)))
            .orderBy(PIECE_DESIGN.PIECE_ID, PIECE_DESIGN.VERSION.desc())
            .fetch();
    record Day(long piece, LocalDate day) {}
    Set<Day> kept = new HashSet<>();
    Map<Long, Set<Integer>> gone = new HashMap<>();
    for (Record4<Long, Integer, OffsetDateTime, Integer> v : old) {
      if (!kept.add(new Day(v.value1(), v.value3().toLocalDate()))) {
        gone.computeIfAbsent(v.value1(), p -> new HashSet<>()).add(v.value2());
      }
    }
    gone.forEach((piece, versions) -> writes.of(tx -> without(tx, piece, versions)));
    return gone.values().stream().mapToInt(Set::size).sum();
  }

  /** What came after a version that goes comes after the one before it. */
  private static int without(DSLContext tx, long piece, Set<Integer> versions) {
    for (int v : versions) {
      var parent =
          tx.select(PIECE_DESIGN.PARENT)
              .from(PIECE_DESIGN)
              .where(PIECE_DESIGN.PIECE_ID.eq(piece), PIECE_DESIGN.VERSION.eq(v))
              .fetchOne(PIECE_DESIGN.PARENT);
      tx.update(PIECE_DESIGN)
          .set(PIECE_DESIGN.PARENT, parent)
          .where(PIECE_DESIGN.PIECE_ID.eq(piece), PIECE_DESIGN.PARENT.eq(v))
          .execute();
    }
    return tx.deleteFrom(PIECE_DESIGN)
        .where(PIECE_DESIGN.PIECE_ID.eq(piece), PIECE_DESIGN.VERSION.in(versions))
        .execute();
  }
}
