package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE;
import static hazelkeep.web.store.tables.Tables.PIECE_RECORD;
import static hazelkeep.web.store.tables.Tables.RUN;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.not;
import static org.jooq.impl.DSL.selectOne;

import hazelkeep.kinds.Kinds;
import hazelkeep.web.said.Sentences;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.OrderField;
import org.springframework.stereotype.Component;

/** What stands on the shelf, board by board and a page at a time; putting away and taking off. */
@Component
public class ShelfStore {
  private final DSLContext db;
  private final Writes writes;

  /** On a database. */
  public ShelfStore(DSLContext db, Writes writes) {
    this.db = db;
    this.writes = writes;
  }

  /** A board of the shelf. */
  public enum Board {
    /** In the middle of a run. */
    BENCH,
    /** Planned. */
    PLAN,
    /** Left alone until a day. */
    WAITING,
    /** Finished. */
    DONE,
    /** Put away. */
    AWAY
  }

  /**
   * What is looked for.
   *
   * @param text in the name, the wood or the kind; empty for all
   * @param kind the name of a kind; empty for all
   * @param wood a wood; empty for all
   * @param byName whether it is ordered by name, else what changed last comes first
   */
  public record Ask(String text, String kind, String wood, boolean byName) {}

  /** The woods of what stands on the shelf, by name. */
  public List<String> woods() {
    return db.selectDistinct(PIECE.WOOD)
        .from(PIECE)
        .where(PIECE.GONE_AT.isNull().and(PIECE.WOOD.ne("")))
        .orderBy(PIECE.WOOD)
        .fetch(PIECE.WOOD);
  }

  /** So many as there are on each board. */
  public Map<Board, Integer> counts(Ask ask) {
    Map<Board, Integer> out = new EnumMap<>(Board.class);
    for (Board b : Board.values()) {
      out.put(b, db.select(count()).from(PIECE).where(on(b)).and(like(ask)).fetchOne().value1());
    }
    return out;
  }

  /** The numbers of pieces on a board, from a place on. */
  public List<Long> page(Board board, Ask ask, int from, int most) {
    List<OrderField<?>> order =
        ask.byName
            ? List.of(lower(PIECE.NAME), PIECE.ID)
            : List.of(PIECE.CHANGED_AT.desc(), PIECE.ID);
    return db.select(PIECE.ID)
        .from(PIECE)
        .where(on(board))
        .and(like(ask))
        .orderBy(order)
        .limit(most)
        .offset(from)
        .fetch(PIECE.ID);
  }

  private static Condition on(Board board) {
    Condition run = exists(selectOne().from(RUN).where(RUN.PIECE_ID.eq(PIECE.ID)));
    Condition done =
        exists(selectOne().from(PIECE_RECORD).where(PIECE_RECORD.PIECE_ID.eq(PIECE.ID)));
    Condition waits = PIECE.WAITS_UNTIL.gt(LocalDate.now());
    Condition free = PIECE.WAITS_UNTIL.isNull().or(PIECE.WAITS_UNTIL.le(LocalDate.now()));
    Condition out = PIECE.GONE_AT.isNull().and(PIECE.AWAY.isFalse());
    return switch (board) {
      case BENCH -> out.and(run).and(not(done)).and(free);
      case PLAN -> out.and(not(run)).and(not(done)).and(free);
      case WAITING -> out.and(not(done)).and(waits);
      case DONE -> out.and(done);
      case AWAY -> PIECE.GONE_AT.isNull().and(PIECE.AWAY.isTrue());
    };
  }

  /** Every word has to be found somewhere. */
  private static Condition like(Ask ask) {
    Condition out = ask.kind.isEmpty() ? noCondition() : PIECE.KIND.eq(ask.kind);
    out = ask.wood.isEmpty() ? out : out.and(PIECE.WOOD.eq(ask.wood));
    for (String word : ask.text.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
      if (!word.isEmpty()) {
        List<String> kinds =
            Kinds.ALL.stream()
                .filter(k -> k.title().toLowerCase(Locale.ROOT).contains(word))
                .map(k -> k.name())
                .toList();
        out =
            out.and(
                lower(PIECE.NAME)
                    .contains(word)
                    .or(lower(PIECE.WOOD).contains(word))
                    .or(lower(PIECE.WAITS_FOR).contains(word).and(PIECE.WAITS_UNTIL.isNotNull()))
                    .or(PIECE.KIND.in(kinds)));
      }
    }
    return out;
  }

  /**
   * Calls a piece otherwise.
   *
   * @throws NotThere when there is none
   */
  public void rename(long id, String name) {
    changed(
        id,
        writes.of(tx -> tx.update(PIECE).set(PIECE.NAME, name).where(PIECE.ID.eq(id)).execute()));
  }

  /** Puts a piece away, or brings it back. */
  public void put(long id, boolean away) {
    changed(
        id,
        writes.of(tx -> tx.update(PIECE).set(PIECE.AWAY, away).where(PIECE.ID.eq(id)).execute()));
  }

  /** Leaves a piece alone until a day, or takes it up again. */
  public void leave(long id, Wait wait) {
    changed(
        id,
        writes.of(
            tx ->
                tx.update(PIECE)
                    .set(PIECE.WAITS_UNTIL, wait.until().orElse(null))
                    .set(PIECE.WAITS_FOR, wait.what())
                    .where(PIECE.ID.eq(id))
                    .execute()));
  }

  /** Takes a piece off the shelf; it stays stored, and comes back as it was. */
  public void take(long id, boolean off) {
    var at = off ? Instant.now().atOffset(ZoneOffset.UTC) : null;
    changed(
        id,
        writes.of(tx -> tx.update(PIECE).set(PIECE.GONE_AT, at).where(PIECE.ID.eq(id)).execute()));
  }

  private static void changed(long id, int rows) {
    if (rows == 0) {
      throw new NotThere(Sentences.of("pieceStore.there-is-no-piece", id));
    }
  }
}
