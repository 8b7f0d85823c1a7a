package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.RUN_ENTRY;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.tables.tables.records.RunEntryRecord;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.util.List;
import java.util.stream.Stream;
import org.jooq.DSLContext;

/** Logs as they were read: they are only ever added to, and their wood takes long to read. */
final class KeptLogs {
  private static final int MOST = 8;

  private final DSLContext db;
  private final Json json;
  private final Cache<Long, List<Entry>> kept = Caffeine.newBuilder().maximumSize(MOST).build();

  KeptLogs(DSLContext db, Json json) {
    this.db = db;
    this.json = json;
  }

  /** All facts of a run, in order. */
  List<Entry> of(long piece) {
    List<Entry> read = kept.get(piece, p -> List.of());
    long from = read.isEmpty() ? 0 : read.get(read.size() - 1).no();
    List<Entry> more =
        db.selectFrom(RUN_ENTRY)
            .where(RUN_ENTRY.PIECE_ID.eq(piece), RUN_ENTRY.ENTRY_NO.gt(from))
            .orderBy(RUN_ENTRY.ENTRY_NO)
            .fetch(this::entry);
    if (more.isEmpty()) {
      return read;
    }
    List<Entry> all = Stream.concat(read.stream(), more.stream()).toList();
    kept.put(piece, all);
    return all;
  }

  /** What is kept of a run is read again: its facts were written anew. */
  void forget(long piece) {
    kept.invalidate(piece);
  }

  private Entry entry(RunEntryRecord r) {
    return new Entry(
        r.getEntryNo(),
        r.getEnteredAt().toInstant(),
        r.getDesignVersion(),
        json.read(r.getFact(), Fact.class));
  }
}
