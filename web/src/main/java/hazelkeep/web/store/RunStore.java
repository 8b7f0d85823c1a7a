package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE;
import static hazelkeep.web.store.tables.Tables.PIECE_RECORD;
import static hazelkeep.web.store.tables.Tables.RUN;
import static hazelkeep.web.store.tables.Tables.RUN_ENTRY;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;

import hazelkeep.measure.DimKey;
import hazelkeep.web.json.Json;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Runs at the bench: facts are added, never changed. And the record that closes a piece. */
@Repository
public class RunStore {
  private final DSLContext db;
  private final Writes writes;
  private final Json json;
  private final KeptLogs logs;

  /** On a database and a mapper. */
  public RunStore(DSLContext db, Writes writes, Json json) {
    this.db = db;
    this.writes = writes;
    this.json = json;
    this.logs = new KeptLogs(db, json);
  }

  /** Whether a piece is on the lathe. */
  public boolean started(long piece) {
    return db.fetchExists(RUN, RUN.PIECE_ID.eq(piece));
  }

  /**
   * How far a piece has come.
   *
   * @param started whether it is or was on the lathe
   * @param closed whether it has its record
   * @param last the number of its last fact, 0 for none
   * @param waits how long it is left alone
   */
  public record Standing(boolean started, boolean closed, long last, Wait waits) {
    /** Of a piece that was never begun. */
    static final Standing NEW = new Standing(false, false, 0, Wait.NONE);
  }

  /** How far each piece has come, by its number. */
  public Map<Long, Standing> standings() {
    return standings(noCondition());
  }

  /** How far some pieces have come. */
  public Map<Long, Standing> standings(List<Long> pieces) {
    return standings(PIECE.ID.in(pieces));
  }

  /** How far a piece has come. */
  public Standing standing(long piece) {
    return standings(PIECE.ID.eq(piece)).getOrDefault(piece, Standing.NEW);
  }

  private Map<Long, Standing> standings(Condition which) {
    return db.select(
            PIECE.ID,
            RUN.PIECE_ID,
            PIECE_RECORD.PIECE_ID,
            coalesce(max(RUN_ENTRY.ENTRY_NO), inline(0L)),
            PIECE.WAITS_UNTIL,
            PIECE.WAITS_FOR)
        .from(PIECE)
        .leftJoin(RUN)
        .on(RUN.PIECE_ID.eq(PIECE.ID))
        .leftJoin(RUN_ENTRY)
        .on(RUN_ENTRY.PIECE_ID.eq(PIECE.ID))
        .leftJoin(PIECE_RECORD)
        .on(PIECE_RECORD.PIECE_ID.eq(PIECE.ID))
        .where(which)
        .groupBy(PIECE.ID, RUN.PIECE_ID, PIECE_RECORD.PIECE_ID)
        .fetchMap(
            PIECE.ID,
            r ->
                new Standing(
                    r.value2() != null,
                    r.value3() != null,
                    r.value4(),
                    Wait.on(LocalDate.now(), r.value5(), r.value6())));
  }

  /** Starts a run; one that is started already, by whatever tab, goes on. */
  public void start(long piece) {
    try {
      writes.of(
          tx ->
              started(tx, piece)
                  ? 0
                  : tx.insertInto(RUN)
                      .set(RUN.PIECE_ID, piece)
                      .set(RUN.STARTED_AT, now())
                      .execute());
    } catch (Stale e) {
      if (!started(piece)) {
        throw e;
      }
    }
  }

  private static boolean started(DSLContext tx, long piece) {
    return tx.fetchExists(RUN, RUN.PIECE_ID.eq(piece));
  }

  /** All facts of a run, in order. */
  public List<Entry> log(long piece) {
    return logs.of(piece);
  }

  /** The facts of a run were written anew: what was read of it is read again. */
  void forget(long piece) {
    logs.forget(piece);
  }

  /** The names of the pieces whose runs were begun last, by their numbers; at most so many. */
  public Map<Long, String> begun(int most) {
    return db.select(PIECE.ID, PIECE.NAME)
        .from(RUN)
        .join(PIECE)
        .on(PIECE.ID.eq(RUN.PIECE_ID))
        .orderBy(RUN.STARTED_AT.desc(), PIECE.ID)
        .limit(most)
        .fetchMap(PIECE.ID, PIECE.NAME);
  }

  /** Whether what was sent after a fact was entered: an answer may get lost on the way back. */
  public boolean entered(long piece, long last, Predicate<Fact> same) {
    return log(piece).stream().anyMatch(e -> e.no() == last + 1 && same.test(e.fact()));
  }

  /**
   * Adds a fact.
   *
   * @param last the last entry that the writer has seen, 0 for none
   * @throws Stale when there are newer ones; nothing is stored then
   */
  public void add(long piece, long last, int designVersion, Fact fact) {
    writes.of(tx -> entered(tx, json, piece, entry(last, designVersion, fact)));
  }

  /** An entry that follows the last one that its writer has seen. */
  static Entry entry(long last, int designVersion, Fact fact) {
    return new Entry(last + 1, now().toInstant(), designVersion, fact);
  }

  /**
   * Enters a fact as part of a larger change. Its number says what its writer has seen: of two at
   * once one fails.
   *
   * @throws Stale when there are newer ones
   */
  static int entered(DSLContext tx, Json json, long piece, Entry entry) {
    long newest = last(tx, piece);
    if (newest + 1 != entry.no()) {
      throw new Stale(newest);
    }
    if (entry.fact() instanceof Fact.Done) {
      // Who works on it does not wait any more.
      tx.update(PIECE)
          .setNull(PIECE.WAITS_UNTIL)
          .where(PIECE.ID.eq(piece).and(PIECE.WAITS_UNTIL.isNotNull()))
          .execute();
    }
    return tx.insertInto(RUN_ENTRY)
        .set(RUN_ENTRY.PIECE_ID, piece)
        .set(RUN_ENTRY.ENTRY_NO, entry.no())
        .set(RUN_ENTRY.ENTERED_AT, entry.at().atOffset(ZoneOffset.UTC))
        .set(RUN_ENTRY.DESIGN_VERSION, entry.designVersion())
        .set(RUN_ENTRY.FACT, json.fact(entry.fact()))
        .execute();
  }

  /** Notes in an open run that its design changed, as part of that change. */
  static void changed(DSLContext tx, Json json, long piece, Fact.Changed change) {
    if (started(tx, piece)) {
      entered(tx, json, piece, entry(last(tx, piece), change.version(), change));
    }
  }

  /** The number of a run's last entry; 0 for none. */
  public long last(long piece) {
    return last(db, piece);
  }

  private static long last(DSLContext tx, long piece) {
    return tx.select(coalesce(max(RUN_ENTRY.ENTRY_NO), inline(0L)))
        .from(RUN_ENTRY)
        .where(RUN_ENTRY.PIECE_ID.eq(piece))
        .fetchOne()
        .value1();
  }

  /** The record of a piece, if it is closed. */
  public Optional<Closing> closing(long piece) {
    return db.selectFrom(PIECE_RECORD)
        .where(PIECE_RECORD.PIECE_ID.eq(piece))
        .fetchOptional(
            r -> {
              Map<String, Double> made =
                  json.mapper()
                      .readValue(
                          r.getMade(), new TypeReference<LinkedHashMap<String, Double>>() {});
              Map<DimKey, Double> dims = new LinkedHashMap<>();
              made.forEach((k, v) -> dims.put(new DimKey(k), v));
              return new Closing(
                  r.getVersion(),
                  r.getClosedAt().toInstant(),
                  r.getFitFelt(),
                  r.getSignature(),
                  r.getNotes(),
                  dims);
            });
  }

  /**
   * Closes a piece, or amends its record.
   *
   * @param seen the version of the record that the writer has seen, 0 for none
   * @throws Stale when another tab wrote it meanwhile; nothing is stored then
   */
  public void close(long piece, int seen, Words said, Map<DimKey, Double> made) {
    Map<String, Double> sizes = new LinkedHashMap<>();
    made.forEach((k, v) -> sizes.put(k.path(), v));
    writes.of(
        tx ->
            seen == 0
                ? tx.insertInto(PIECE_RECORD)
                    .set(PIECE_RECORD.PIECE_ID, piece)
                    .set(PIECE_RECORD.VERSION, 1)
                    .set(PIECE_RECORD.CLOSED_AT, now())
                    .set(PIECE_RECORD.FIT_FELT, said.fit())
                    .set(PIECE_RECORD.SIGNATURE, said.signature())
                    .set(PIECE_RECORD.NOTES, said.notes())
                    .set(PIECE_RECORD.MADE, json.write(sizes))
                    .execute()
                : amended(tx, piece, seen, said, json.write(sizes)));
  }

  private static int amended(DSLContext tx, long piece, int seen, Words said, String made) {
    int rows =
        tx.update(PIECE_RECORD)
            .set(PIECE_RECORD.VERSION, seen + 1)
            .set(PIECE_RECORD.FIT_FELT, said.fit())
            .set(PIECE_RECORD.SIGNATURE, said.signature())
            .set(PIECE_RECORD.NOTES, said.notes())
            .set(PIECE_RECORD.MADE, made)
            .where(PIECE_RECORD.PIECE_ID.eq(piece).and(PIECE_RECORD.VERSION.eq(seen)))
            .execute();
    if (rows == 0) {
      throw new Stale(seen);
    }
    return rows;
  }

  /**
   * What is written into a record.
   *
   * @param fit the fit as felt
   * @param signature what stands on the foot
   * @param notes anything else
   */
  public record Words(String fit, String signature, String notes) {}

  private static OffsetDateTime now() {
    return Instant.now().truncatedTo(java.time.temporal.ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
  }
}
