package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE_FIT;

import hazelkeep.closing.YearWish;
import hazelkeep.web.json.Json;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What is said of the air of each piece's joint. */
@Repository
public class FitStore {
  private final DSLContext db;
  private final Writes writes;
  private final Json json;

  /** On a database and a mapper. */
  public FitStore(DSLContext db, Writes writes, Json json) {
    this.db = db;
    this.writes = writes;
    this.json = json;
  }

  /** What was said; the usual where nothing was. */
  public YearWish of(long piece) {
    return db.selectFrom(PIECE_FIT)
        .where(PIECE_FIT.PIECE_ID.eq(piece))
        .fetchOptional(r -> json.read(r.getDocument(), YearWish.class))
        .orElse(YearWish.USUAL);
  }

  /** Keeps what is said. */
  public void keep(long piece, YearWish wish) {
    writes.of(
        tx ->
            tx.mergeInto(PIECE_FIT)
                .using(tx.selectOne())
                .on(PIECE_FIT.PIECE_ID.eq(piece))
                .whenMatchedThenUpdate()
                .set(PIECE_FIT.DOCUMENT, json.write(wish))
                .whenNotMatchedThenInsert(PIECE_FIT.PIECE_ID, PIECE_FIT.DOCUMENT)
                .values(piece, json.write(wish))
                .execute());
  }
}
