package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeMap;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;

/** A shelf that grew: no page asks for it piece by piece. */
class ManyPiecesTest {
  private static final int PIECES = Integer.getInteger("hazel.pieces", 600);

  /** What a page of a large shelf may ask, whatever lies on it. */
  private static final int MOST = 60;

  private static final App APP = App.start("jdbc:h2:mem:many;DB_CLOSE_DELAY=-1", "demo");

  @AfterAll
  static void stop() {
    APP.stop();
  }

  /** Pieces that are finished, with the logs of the demo's runs. */
  private static void fill() {
    DSLContext db = APP.bean(DSLContext.class);
    int ran =
        db.fetchOne("select piece_id from run order by piece_id fetch first row only")
            .get(0, Integer.class);
    LoadCheck.fill(APP, PIECES);
    db.execute(
        "insert into run (piece_id, started_at, whole) select p.id, r.started_at, true from piece p, run r"
            + " where p.name like 'Row %' and r.piece_id = "
            + ran);
    db.execute(
        "insert into run_entry select p.id, e.entry_no, e.entered_at, 1, e.fact from piece p, run_entry e"
            + " where p.name like 'Row %' and e.piece_id = "
            + ran);
  }

  /** How often the database was asked since the last time. */
  private static int asked() {
    DSLContext db = APP.bean(DSLContext.class);
    int n =
        db.fetchOne(
                "select coalesce(sum(execution_count), 0) from information_schema.query_statistics")
            .get(0, Integer.class);
    db.execute("set query_statistics false");
    db.execute("set query_statistics true");
    return n;
  }

  @Test
  void no_page_asks_piece_by_piece() {
    fill();
    TreeMap<String, Integer> many = new TreeMap<>();
    for (String page :
        List.of(
            "/",
            "/instruments",
            "/shop/learnt",
            "/data",
            "/practise",
            "/shop",
            "/shop/woods",
            "/shop/practice",
            "/shop/air",
            "/share",
            "/pieces/new",
            "/words",
            "/pieces/2",
            "/pieces/2/bench",
            "/?board=all&q=Row")) {
      for (int i = 0; i < 2; i++) {
        asked();
        assertThat(APP.visitor().get(page).statusCode()).as(page).isEqualTo(200);
      }
      many.put(page, asked());
    }
    assertThat(many).allSatisfy((page, n) -> assertThat(n).as(page).isLessThan(MOST));
    assertThat(many.values()).as("it is counted").anyMatch(n -> n > 0);
  }
}
