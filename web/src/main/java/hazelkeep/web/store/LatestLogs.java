package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.RUN_ENTRY;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.substring;

import hazelkeep.web.json.Json;
import hazelkeep.web.store.tables.tables.records.RunEntryRecord;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.node.ObjectNode;

/** What was measured in the runs that were begun last, without the wood that their facts carry. */
@Repository
public class LatestLogs {
  private static final Field<String> SORT =
      substring(RUN_ENTRY.FACT.cast(SQLDataType.VARCHAR), 1, 16);

  /** So most facts are written: nothing was measured. */
  private static final String DONE = "{\"type\":\"done\"%";

  private static final String FOUND = "{\"type\":\"found\"%";

  private final DSLContext db;
  private final RunStore runs;
  private final Json json;
  private final Map<Long, Log> read = new ConcurrentHashMap<>();

  /** A log as it stood at its last entry. */
  private record Log(long last, List<Entry> entries) {}

  /** On a database and a mapper. */
  public LatestLogs(DSLContext db, RunStore runs, Json json) {
    this.db = db;
    this.runs = runs;
    this.json = json;
  }

  /** The logs of the runs that were begun last, of at most so many; only where was measured. */
  public List<List<Entry>> of(int most) {
    List<Long> begun = List.copyOf(runs.begun(most).keySet());
    Map<Long, Long> last =
        db.select(RUN_ENTRY.PIECE_ID, max(RUN_ENTRY.ENTRY_NO))
            .from(RUN_ENTRY)
            .where(RUN_ENTRY.PIECE_ID.in(begun))
            .groupBy(RUN_ENTRY.PIECE_ID)
            .fetchMap(RUN_ENTRY.PIECE_ID, r -> r.value2());
    read.keySet().retainAll(begun);
    List<Long> unread =
        last.keySet().stream()
            .filter(p -> !read.containsKey(p) || read.get(p).last() != last.get(p))
            .toList();
    read(unread).forEach((p, log) -> read.put(p, new Log(last.get(p), log)));
    return begun.stream()
        .map(read::get)
        .filter(log -> log != null && !log.entries().isEmpty())
        .map(Log::entries)
        .toList();
  }

  private Map<Long, List<Entry>> read(List<Long> pieces) {
    Set<Long> measured = having(pieces, SORT.notLike(DONE));
    Set<Long> bored = having(pieces, SORT.like(FOUND));
    Map<Long, List<Entry>> out = new TreeMap<>();
    pieces.forEach(p -> out.put(p, new ArrayList<>()));
    try (var all =
        db.selectFrom(RUN_ENTRY)
            .where(RUN_ENTRY.PIECE_ID.in(measured))
            .orderBy(RUN_ENTRY.PIECE_ID, RUN_ENTRY.ENTRY_NO)
            .fetchLazy()) {
      for (RunEntryRecord r : all) {
        out.get(r.getPieceId()).add(light(r, bored.contains(r.getPieceId())));
      }
    }
    return out;
  }

  private Set<Long> having(List<Long> pieces, org.jooq.Condition what) {
    return Set.copyOf(
        db.selectDistinct(RUN_ENTRY.PIECE_ID)
            .from(RUN_ENTRY)
            .where(RUN_ENTRY.PIECE_ID.in(pieces).and(what))
            .fetch(RUN_ENTRY.PIECE_ID));
  }

  /** A fact without its wood, which takes most of the time to read. */
  private Entry light(RunEntryRecord r, boolean acts) {
    ObjectNode f = (ObjectNode) json.mapper().readTree(r.getFact());
    f.remove(List.of("mounting", "where", "blank", "mended"));
    if (!acts && f.has("acts")) {
      f.putArray("acts");
    }
    return new Entry(
        r.getEntryNo(),
        r.getEnteredAt().toInstant(),
        r.getDesignVersion(),
        json.mapper().treeToValue(f, Fact.class));
  }
}
