package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.web.store.PieceStore;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.function.IntConsumer;
import org.jooq.DSLContext;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/**
 * How fast a changed size is answered over HTTP with ten thousand pieces stored, beside an empty
 * page of the same server, and how soon the first page is there. A measurement for a quiet machine:
 * {@code ./hazel load}, not one of the tests.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LoadCheck {
  private static final int PIECES = 10_000;
  private static final int WARM = 300;
  private static final int ASKED = 400;

  /** Milliseconds: the middle one, and what 95 of 100 stay below. */
  private record Times(double median, double p95) {
    static Times of(IntConsumer ask) {
      for (int i = 0; i < WARM; i++) {
        ask.accept(i);
      }
      double[] ms = new double[ASKED];
      for (int i = 0; i < ASKED; i++) {
        long from = System.nanoTime();
        ask.accept(WARM + i);
        ms[i] = (System.nanoTime() - from) / 1e6;
      }
      Arrays.sort(ms);
      return new Times(ms[ASKED / 2], ms[ASKED * 95 / 100]);
    }
  }

  static void fill(App app, int pieces) {
    long from = app.bean(PieceStore.class).create("Row 0", LiddedBoxKind.BOX, LiddedBox.fresh());
    DSLContext db = app.bean(DSLContext.class);
    db.execute(
        "insert into piece (name, kind, head, created_at, changed_at, wood)"
            + " select 'Row ' || x, kind, 1, created_at, changed_at, wood from piece,"
            + " system_range(1, "
            + (pieces - 1)
            + ") where id = "
            + from);
    db.execute(
        "insert into piece_design select p.id, 1, null, d.note, d.document, d.edits, d.created_at"
            + " from piece p, piece_design d where d.piece_id = "
            + from
            + " and p.id > "
            + from);
  }

  @Test
  @Order(2)
  void a_changed_size_with_ten_thousand_pieces() {
    App app = App.start("jdbc:h2:mem:load;DB_CLOSE_DELAY=-1", "default");
    try {
      fill(app, PIECES);
      App.Visitor visitor = app.visitor();
      visitor.get("/pieces/1");
      Times empty = Times.of(i -> visitor.get("/pieces/new/nothing"));
      Times size =
          Times.of(
              i ->
                  visitor.asPart(
                      "/pieces/1/size",
                      "key",
                      "outside.height",
                      "value",
                      Double.toString(90 + i % 37 * 0.5),
                      "version",
                      Integer.toString(app.bean(PieceStore.class).get(1).version())));
      System.out.println("empty page " + empty + ", changed size " + size);
      assertThat(size.p95()).isLessThan(50);
      assertThat(size.median()).isLessThan(6 * empty.median());
    } finally {
      app.stop();
    }
  }

  /** First, while nothing else is compiled on this machine. */
  @Test
  @Order(1)
  void from_the_start_to_the_first_page(@TempDir Path data) throws Exception {
    long from = System.nanoTime();
    RealProcess p = RealProcess.packaged(data);
    try {
      assertThat(p.visitor().get("/").statusCode()).isEqualTo(200);
      double seconds = (System.nanoTime() - from) / 1e9;
      System.out.println("first page after " + seconds + " s");
      assertThat(seconds).isLessThan(6);
    } finally {
      p.kill();
    }
  }
}
