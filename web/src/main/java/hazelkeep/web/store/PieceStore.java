package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.PIECE;
import static hazelkeep.web.store.tables.Tables.PIECE_DESIGN;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.selectOne;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import hazelkeep.web.json.Json;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;

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
  private final Json json;

  /** On a database and a mapper. */
  public PieceStore(DSLContext db, Json json) {
    this.db = db;
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
              } catch (RuntimeException e) {
                LOG.warn("Piece {} can't be read: {}", row.get(PIECE.ID), e.getMessage());
                shelf.unreadable.add(row.get(PIECE.NAME));
              }
            });
    return shelf;
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
      throw new NotThere("There is no piece number " + id + " on the shelf.");
    }
    return piece(row);
  }

  private Piece at(long id, int version) {
    return piece(read(PIECE_DESIGN.VERSION.eq(version)).where(PIECE.ID.eq(id)).fetchOne());
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
            .orElseThrow(() -> new NotThere("This piece is of a kind that is not known here."));
    return new Piece(
        row.get(PIECE.ID),
        row.get(PIECE.NAME),
        kind,
        row.get(PIECE_DESIGN.VERSION),
        json.design(kind, json.mapper().readTree(row.get(PIECE_DESIGN.DOCUMENT))),
        Arrays.asList(json.read(row.get(PIECE_DESIGN.EDITS), RouteEdit[].class)),
        row.get(PIECE.CHANGED_AT).toInstant(),
        row.get(PIECE_DESIGN.PARENT) != null,
        row.get(REDO));
  }

  /** Puts a new piece on the shelf. */
  public long create(String name, Kind<?> kind, Design design) {
    return db.transactionResult(
        tx -> {
          OffsetDateTime now = now();
          long id =
              tx.dsl()
                  .insertInto(PIECE)
                  .set(PIECE.NAME, name)
                  .set(PIECE.KIND, kind.name())
                  .set(PIECE.HEAD, 1)
                  .set(PIECE.CREATED_AT, now)
                  .set(PIECE.CHANGED_AT, now)
                  .returningResult(PIECE.ID)
                  .fetchOne()
                  .value1();
          insert(tx.dsl(), id, 1, null, "new", design, List.of(), now);
          return id;
        });
  }

  /**
   * Stores a change as the next version.
   *
   * @param seen the version that the change was made on
   * @throws Stale when another version is in force; nothing is stored then
   */
  public int save(long id, int seen, String note, Design design, List<RouteEdit> edits) {
    return db.transactionResult(
        tx -> {
          int next =
              tx.dsl()
                      .select(max(PIECE_DESIGN.VERSION))
                      .from(PIECE_DESIGN)
                      .where(PIECE_DESIGN.PIECE_ID.eq(id))
                      .fetchOne()
                      .value1()
                  + 1;
          move(tx.dsl(), id, seen, next);
          insert(tx.dsl(), id, next, seen, note, design, edits, now());
          return next;
        });
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
   * Puts another version in force.
   *
   * @param seen the version that was in force
   * @throws Stale when another one is
   */
  public void travel(long id, int seen, int to) {
    move(db, id, seen, to);
  }

  private void move(DSLContext tx, long id, int seen, int to) {
    int moved =
        tx.update(PIECE)
            .set(PIECE.HEAD, to)
            .set(PIECE.CHANGED_AT, now())
            .where(PIECE.ID.eq(id).and(PIECE.HEAD.eq(seen)))
            .execute();
    if (moved == 0) {
      Integer head = tx.select(PIECE.HEAD).from(PIECE).where(PIECE.ID.eq(id)).fetchOne(PIECE.HEAD);
      if (head == null) {
        throw new NotThere("There is no piece number " + id + " on the shelf.");
      }
      throw new Stale(head);
    }
  }

  private void insert(
      DSLContext tx,
      long id,
      int version,
      Integer parent,
      String note,
      Design design,
      List<RouteEdit> edits,
      OffsetDateTime at) {
    tx.insertInto(PIECE_DESIGN)
        .set(PIECE_DESIGN.PIECE_ID, id)
        .set(PIECE_DESIGN.VERSION, version)
        .set(PIECE_DESIGN.PARENT, parent)
        .set(PIECE_DESIGN.NOTE, note.length() > 200 ? note.substring(0, 200) : note)
        .set(PIECE_DESIGN.DOCUMENT, json.write(design))
        .set(
            PIECE_DESIGN.EDITS,
            json.mapper()
                .writerFor(RouteEdit[].class)
                .writeValueAsString(edits.toArray(RouteEdit[]::new)))
        .set(PIECE_DESIGN.CREATED_AT, at)
        .execute();
  }

  private static OffsetDateTime now() {
    return Instant.now().truncatedTo(java.time.temporal.ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
  }
}
