package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.RUN;
import static hazelkeep.web.store.tables.Tables.RUN_ENTRY;

import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Older;
import java.util.List;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;

/**
 * Makes runs whole that were stored before a fact held all it says of the wood, before anything is
 * served. What is whole stays as it is, so an interrupted start goes on at the next one.
 */
@Component
class WholeLogs implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(WholeLogs.class);

  private final DSLContext db;
  private final Writes writes;
  private final PieceStore pieces;
  private final RunStore runs;
  private final ShopStore shops;
  private final Json json;

  WholeLogs(
      DSLContext db, Writes writes, PieceStore pieces, RunStore runs, ShopStore shops, Json json) {
    this.db = db;
    this.writes = writes;
    this.pieces = pieces;
    this.runs = runs;
    this.shops = shops;
    this.json = json;
  }

  @Override
  public void afterSingletonsInstantiated() {
    db.select(RUN.PIECE_ID)
        .from(RUN)
        .where(RUN.WHOLE.isFalse())
        .fetch(RUN.PIECE_ID)
        .forEach(this::whole);
  }

  private void whole(long id) {
    try {
      List<Entry> log = runs.log(id);
      write(id, log, whole(pieces.get(id), log));
      LOG.info("The log of piece {} is whole now", id);
    } catch (JacksonException | Refused | IllegalArgumentException | NotThere e) {
      LOG.warn("The log of piece {} can't be made whole: {}", id, e.getMessage());
    }
  }

  private List<Entry> whole(Piece piece, List<Entry> log) {
    return whole(piece.kind(), piece.id(), log, shops.shop());
  }

  private <D extends Design> List<Entry> whole(Kind<D> kind, long id, List<Entry> log, Shop shop) {
    return Older.whole(
        kind,
        v -> {
          Piece then = pieces.at(id, v);
          return new Older.Version<>(kind.type().cast(then.design()), then.edits());
        },
        shop,
        log);
  }

  private void write(long id, List<Entry> log, List<Entry> whole) {
    writes.of(
        tx -> {
          for (int i = 0; i < log.size(); i++) {
            Entry now = whole.get(i);
            if (!now.equals(log.get(i))) {
              tx.update(RUN_ENTRY)
                  .set(RUN_ENTRY.FACT, json.fact(now.fact()))
                  .where(RUN_ENTRY.PIECE_ID.eq(id).and(RUN_ENTRY.ENTRY_NO.eq(now.no())))
                  .execute();
            }
          }
          return tx.update(RUN).set(RUN.WHOLE, true).where(RUN.PIECE_ID.eq(id)).execute();
        });
    runs.forget(id);
  }
}
