package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE;
import static hazelkeep.web.store.tables.Tables.PIECE_DESIGN;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.selectOne;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.workbench.Fact;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import tools.jackson.core.JacksonException;

/**
 * Pieces and every version of their designs. A version is never overwritten: undo and redo move the
 * head, a change after an undo starts a new branch from there.
 */
@Repository
public class PieceStore {
  private static final Logger LOG = LoggerFactory.getLogger(PieceStore.class);

  private static final hazelkeep.web.store.tables.tables.PieceDesign LATER =
      PIECE_DESIGN.as("later");

  /** Whether a later version follows from the one read. */
  private static final Field<Boolean> REDO =
      field(
              exists(
                  selectOne()
                      .from(LATER)
                      .where(
                          LATER.PIECE_ID.eq(PIECE_DESIGN.PIECE_ID),
                          LATER.PARENT.eq(PIECE_DESIGN.VERSION))))
          .as("redo");

  private final DSLContext db;
  private final Writes writes;
  private final Json json;

  /** On a database and a mapper. */
  public PieceStore(DSLContext db, Writes writes, Json json) {
    this.db = db;
    this.writes = writes;
    this.json = json;
  }

  /**
   * What is on the shelf.
   *
   * @param pieces all pieces, the one changed last first
   * @param unreadable names of pieces that this version can't read; they stay stored as they are
   */
  public record Shelf(List<Piece> pieces, List<String> unreadable) {}

  /** All pieces; one that can't be read hides no other. */
  public Shelf shelf() {
    Shelf shelf = new Shelf(new ArrayList<>(), new ArrayList<>());
    read(PIECE_DESIGN.VERSION.eq(PIECE.HEAD))
        .orderBy(PIECE.CHANGED_AT.desc(), PIECE.ID)
        .fetch()
        .forEach(
            row -> {
              try {
                shelf.pieces.add(piece(row));
              } catch (JacksonException | Refused | IllegalArgumentException | NotThere e) {
                LOG.warn("Piece {} can't be read: {}", row.get(PIECE.ID), e.getMessage());
                shelf.unreadable.add(row.get(PIECE.NAME));
              }
            });
    return shelf;
  }

  /** The names of all pieces by their numbers, the one changed last first. */
  public Map<Long, String> names() {
    return names(Integer.MAX_VALUE);
  }

  /** The names of so many pieces at most, the one changed last first. */
  public Map<Long, String> names(int most) {
    return db.select(PIECE.ID, PIECE.NAME)
        .from(PIECE)
        .orderBy(PIECE.CHANGED_AT.desc(), PIECE.ID)
        .limit(most)
        .fetchMap(PIECE.ID, PIECE.NAME);
  }

  /**
   * The name of a piece, readable or not.
   *
   * @throws NotThere when there is none of that number
   */
  public String name(long id) {
    String name = db.select(PIECE.NAME).from(PIECE).where(PIECE.ID.eq(id)).fetchOne(PIECE.NAME);
    if (name == null) {
      throw new NotThere(Sentences.of("pieceStore.there-is-no-piece", id));
    }
    return name;
  }

  /** Whether nothing was ever stored. */
  public boolean isEmpty() {
    return !db.fetchExists(PIECE);
  }

  /**
   * A piece.
   *
   * @throws NotThere when there is none of that number
   */
  public Piece get(long id) {
    Record row = read(PIECE_DESIGN.VERSION.eq(PIECE.HEAD)).where(PIECE.ID.eq(id)).fetchOne();
    if (row == null) {
      throw new NotThere(Sentences.of("pieceStore.there-is-no-piece", id));
    }
    return piece(row);
  }

  /**
   * A piece as one version of its design had it.
   *
   * @throws NotThere when there is none
   */
  public Piece at(long id, int version) {
    Record row = read(PIECE_DESIGN.VERSION.eq(version)).where(PIECE.ID.eq(id)).fetchOne();
    if (row == null) {
      throw new NotThere(Sentences.of("pieceStore.piece-number-has-no", id, version));
    }
    return piece(row);
  }

  /** Pieces, each with one version of its design. */
  private SelectOnConditionStep<?> read(Condition version) {
    return db.select(PIECE.fields())
        .select(PIECE_DESIGN.fields())
        .select(REDO)
        .from(PIECE)
        .join(PIECE_DESIGN)
        .on(PIECE_DESIGN.PIECE_ID.eq(PIECE.ID).and(version));
  }

  private Piece piece(Record row) {
    Kind<?> kind =
        Kinds.named(row.get(PIECE.KIND))
            .orElseThrow(() -> new NotThere(Sentences.of("pieceStore.this-piece-is-of")));
    return new Piece(
        row.get(PIECE.ID),
        row.get(PIECE.NAME),
        kind,
        row.get(PIECE_DESIGN.VERSION),
        json.design(kind, json.mapper().readTree(row.get(PIECE_DESIGN.DOCUMENT))),
        Arrays.asList(json.read(row.get(PIECE_DESIGN.EDITS), RouteEdit[].class)),
        row.get(PIECE.CHANGED_AT).toInstant(),
        row.get(PIECE_DESIGN.PARENT) != null,
        row.get(REDO),
        row.get(PIECE.AWAY),
        row.get(PIECE.GONE_AT) != null);
  }

  /** Puts a new piece on the shelf. */
  public long create(String name, Kind<?> kind, Design design) {
    return create(name, kind, design, List.of());
  }

  /** Puts a new piece on the shelf, with changes of its route. */
  public long create(String name, Kind<?> kind, Design design, List<RouteEdit> edits) {
    return writes.of(
        tx -> {
          OffsetDateTime now = now();
          long id =
              tx.insertInto(PIECE)
                  .set(PIECE.NAME, name)
                  .set(PIECE.KIND, kind.name())
                  .set(PIECE.WOOD, wood(design))
                  .set(PIECE.HEAD, 1)
                  .set(PIECE.CREATED_AT, now)
                  .set(PIECE.CHANGED_AT, now)
                  .returningResult(PIECE.ID)
                  .fetchOne()
                  .value1();
          insert(tx, id, 1, null, new Change("new", design, edits), now);
          return id;
        });
  }

  /**
   * Stores a change as the next version. An open run notes it in the same transaction.
   *
   * @param seen the version that the change was made on
   * @throws Stale when another version is in force; nothing is stored then
   */
  public int save(long id, int seen, String note, Design design, List<RouteEdit> edits) {
    return writes.of(
        tx -> {
          int next = saved(tx, id, seen, new Change(note, design, edits));
          RunStore.changed(tx, json, id, new Fact.Changed(next, seen));
          return next;
        });
  }

  /**
   * Stores a way on from where a run stands as the next version.
   *
   * @param piece as the writer has seen it
   * @param last the last entry that the writer has seen
   * @throws Stale when anything came in between; nothing is stored then
   */
  public int wayOn(Piece piece, long last, Design design) {
    return writes.of(
        tx -> {
          Change change = new Change("way on", design, piece.edits());
          int next = saved(tx, piece.id(), piece.version(), change);
          Fact noted = new Fact.Changed(next, piece.version());
          RunStore.entered(tx, json, piece.id(), RunStore.entry(last, next, noted));
          return next;
        });
  }

  private record Change(String note, Design design, List<RouteEdit> edits) {}

  private int saved(DSLContext tx, long id, int seen, Change change) {
    int next =
        tx.select(max(PIECE_DESIGN.VERSION))
                .from(PIECE_DESIGN)
                .where(PIECE_DESIGN.PIECE_ID.eq(id))
                .fetchOne()
                .value1()
            + 1;
    move(tx, id, seen, next, change.design);
    insert(tx, id, next, seen, change, now());
    return next;
  }

  /** The piece one version back; empty when there is none. */
  public Optional<Piece> before(Piece piece) {
    return Optional.ofNullable(
            db.select(PIECE_DESIGN.PARENT)
                .from(PIECE_DESIGN)
                .where(version(piece))
                .fetchOne(PIECE_DESIGN.PARENT))
        .map(v -> at(piece.id(), v));
  }

  /** The piece as it was made last from this version; empty when there is none. */
  public Optional<Piece> after(Piece piece) {
    return Optional.ofNullable(
            db.select(max(PIECE_DESIGN.VERSION))
                .from(PIECE_DESIGN)
                .where(
                    PIECE_DESIGN
                        .PIECE_ID
                        .eq(piece.id())
                        .and(PIECE_DESIGN.PARENT.eq(piece.version())))
                .fetchOne()
                .value1())
        .map(v -> at(piece.id(), v));
  }

  private static Condition version(Piece piece) {
    return PIECE_DESIGN.PIECE_ID.eq(piece.id()).and(PIECE_DESIGN.VERSION.eq(piece.version()));
  }

  /**
   * Puts another version in force. An open run notes it in the same transaction.
   *
   * @param seen the version that was in force
   * @throws Stale when another one is
   */
  public void travel(long id, int seen, int to) {
    writes.of(
        tx -> {
          move(tx, id, seen, to, at(id, to).design());
          RunStore.changed(tx, json, id, new Fact.Changed(to, seen));
          return to;
        });
  }

  /**
   * Takes a change of the design in an open run back: the version before is in force again, and the
   * log says so.
   *
   * @param piece as the writer has seen it
   * @param last the last entry that the writer has seen
   * @param entry the number of the change in the log
   * @param to the version before it
   * @throws Stale when something came in between; nothing is stored then
   */
  public void takeBack(Piece piece, long last, long entry, int to) {
    writes.of(
        tx -> {
          move(tx, piece.id(), piece.version(), to, at(piece.id(), to).design());
          Fact back = new Fact.Withdrawn(entry);
          return RunStore.entered(tx, json, piece.id(), RunStore.entry(last, to, back));
        });
  }

  private void move(DSLContext tx, long id, int seen, int to, Design design) {
    int moved =
        tx.update(PIECE)
            .set(PIECE.HEAD, to)
            .set(PIECE.WOOD, wood(design))
            .set(PIECE.CHANGED_AT, now())
            .where(PIECE.ID.eq(id).and(PIECE.HEAD.eq(seen)))
            .execute();
    if (moved == 0) {
      Integer head = tx.select(PIECE.HEAD).from(PIECE).where(PIECE.ID.eq(id)).fetchOne(PIECE.HEAD);
      if (head == null) {
        throw new NotThere(Sentences.of("pieceStore.there-is-no-piece", id));
      }
      throw new Stale(head);
    }
  }

  /** What the shelf is searched by. */
  private static String wood(Design design) {
    String wood = design.species();
    return wood.length() > WOOD ? wood.substring(0, WOOD) : wood;
  }

  private static final int WOOD = 120;

  private void insert(
      DSLContext tx, long id, int version, Integer parent, Change change, OffsetDateTime at) {
    String note = change.note;
    tx.insertInto(PIECE_DESIGN)
        .set(PIECE_DESIGN.PIECE_ID, id)
        .set(PIECE_DESIGN.VERSION, version)
        .set(PIECE_DESIGN.PARENT, parent)
        .set(PIECE_DESIGN.NOTE, note.length() > 200 ? note.substring(0, 200) : note)
        .set(PIECE_DESIGN.DOCUMENT, json.write(change.design))
        .set(
            PIECE_DESIGN.EDITS,
            json.mapper()
                .writerFor(RouteEdit[].class)
                .writeValueAsString(change.edits.toArray(RouteEdit[]::new)))
        .set(PIECE_DESIGN.CREATED_AT, at)
        .execute();
  }

  private static OffsetDateTime now() {
    return Instant.now().truncatedTo(java.time.temporal.ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
  }
}
