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
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.exception.IntegrityConstraintViolationException;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Runs at the bench: facts are added, never changed. And the record that closes a piece. */
@Repository
public class RunStore {
  private final DSLContext db;
  private final Json json;

  /** On a database and a mapper. */
  public RunStore(DSLContext db, Json json) {
    this.db = db;
    this.json = json;
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
   */
  public record Standing(boolean started, boolean closed, long last) {}

  /** How far each piece has come, by its number. */
  public Map<Long, Standing> standings() {
    return standings(noCondition());
  }

  /** How far a piece has come. */
  public Standing standing(long piece) {
    return standings(PIECE.ID.eq(piece)).getOrDefault(piece, new Standing(false, false, 0));
  }

  private Map<Long, Standing> standings(Condition which) {
    return db.select(
            PIECE.ID,
            RUN.PIECE_ID,
            PIECE_RECORD.PIECE_ID,
            coalesce(max(RUN_ENTRY.ENTRY_NO), inline(0L)))
        .from(PIECE)
        .leftJoin(RUN)
        .on(RUN.PIECE_ID.eq(PIECE.ID))
        .leftJoin(RUN_ENTRY)
        .on(RUN_ENTRY.PIECE_ID.eq(PIECE.ID))
        .leftJoin(PIECE_RECORD)
        .on(PIECE_RECORD.PIECE_ID.eq(PIECE.ID))
        .where(which)
        .groupBy(PIECE.ID, RUN.PIECE_ID, PIECE_RECORD.PIECE_ID)
        .fetchMap(PIECE.ID, r -> new Standing(r.value2() != null, r.value3() != null, r.value4()));
  }

  /** Starts a run; one that is started already goes on. */
  public void start(long piece) {
    db.mergeInto(RUN)
        .using(db.selectOne())
        .on(RUN.PIECE_ID.eq(piece))
        .whenNotMatchedThenInsert(RUN.PIECE_ID, RUN.STARTED_AT)
        .values(piece, now())
        .execute();
  }

  /** All facts of a run, in order. */
  public List<Entry> log(long piece) {
    return db.selectFrom(RUN_ENTRY)
        .where(RUN_ENTRY.PIECE_ID.eq(piece))
        .orderBy(RUN_ENTRY.ENTRY_NO)
        .fetch(
            r ->
                new Entry(
                    r.getEntryNo(),
                    r.getEnteredAt().toInstant(),
                    r.getDesignVersion(),
                    json.read(r.getFact(), Fact.class)));
  }

  /**
   * Adds a fact.
   *
   * @param last the last entry that the writer has seen, 0 for none
   * @throws Stale when there are newer ones; nothing is stored then
   */
  public void add(long piece, long last, int designVersion, Fact fact) {
    long newest = last(piece);
    if (newest != last) {
      throw new Stale(newest);
    }
    try {
      db.insertInto(RUN_ENTRY)
          .set(RUN_ENTRY.PIECE_ID, piece)
          .set(RUN_ENTRY.ENTRY_NO, last + 1)
          .set(RUN_ENTRY.ENTERED_AT, now())
          .set(RUN_ENTRY.DESIGN_VERSION, designVersion)
          .set(RUN_ENTRY.FACT, json.mapper().writerFor(Fact.class).writeValueAsString(fact))
          .execute();
    } catch (IntegrityConstraintViolationException e) {
      // Another tab put its entry in between the look and the write.
      throw new Stale(last + 1);
    }
  }

  /** The number of a run's last entry; 0 for none. */
  public long last(long piece) {
    return db.select(coalesce(max(RUN_ENTRY.ENTRY_NO), inline(0L)))
        .from(RUN_ENTRY)
        .where(RUN_ENTRY.PIECE_ID.eq(piece))
        .fetchOne()
        .value1();
  }

  /** Notes in an open run that its design changed, after whatever came before. */
  public void changed(long piece, int designVersion) {
    for (int tries = 0; started(piece) && tries < 5; tries++) {
      try {
        add(piece, last(piece), designVersion, new Fact.Changed(designVersion));
        return;
      } catch (Stale e) {
        // A fact slipped in between: the note goes behind it.
      }
    }
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
                  r.getClosedAt().toInstant(),
                  r.getFitFelt(),
                  r.getSignature(),
                  r.getNotes(),
                  dims);
            });
  }

  /** Closes a piece, or amends its record. */
  public void close(
      long piece, String fitFelt, String signature, String notes, Map<DimKey, Double> made) {
    Map<String, Double> sizes = new LinkedHashMap<>();
    made.forEach((k, v) -> sizes.put(k.path(), v));
    db.mergeInto(PIECE_RECORD)
        .using(db.selectOne())
        .on(PIECE_RECORD.PIECE_ID.eq(piece))
        .whenMatchedThenUpdate()
        .set(PIECE_RECORD.FIT_FELT, fitFelt)
        .set(PIECE_RECORD.SIGNATURE, signature)
        .set(PIECE_RECORD.NOTES, notes)
        .set(PIECE_RECORD.MADE, json.write(sizes))
        .whenNotMatchedThenInsert(
            PIECE_RECORD.PIECE_ID,
            PIECE_RECORD.CLOSED_AT,
            PIECE_RECORD.FIT_FELT,
            PIECE_RECORD.SIGNATURE,
            PIECE_RECORD.NOTES,
            PIECE_RECORD.MADE)
        .values(piece, now(), fitFelt, signature, notes, json.write(sizes))
        .execute();
  }

  private static OffsetDateTime now() {
    return Instant.now().truncatedTo(java.time.temporal.ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
  }
}
