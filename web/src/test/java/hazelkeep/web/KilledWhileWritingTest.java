package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The power goes while someone works: what a page said was saved is there afterwards, and nothing
 * is half there. Run with {@code -Dhazel.kills=200} for a night's worth.
 */
class KilledWhileWritingTest {
  private static final int KILLS = Integer.getInteger("hazel.kills", 5);
  private static final Pattern VERSION = Pattern.compile("data-version=\"(\\d+)\"");
  private static final Pattern KEY = Pattern.compile("data-key=\"([^\"]+)\"");
  private static final Pattern LAST = Pattern.compile("name=\"last\" value=\"(\\d+)\"");
  private static final Pattern STEP = Pattern.compile("name=\"step\" value=\"([^\"]+)\"");

  /** Changes that are acknowledged before the power may go: a cold server takes its time. */
  private static final int WARM = 5;

  /** At most so many more before it goes. */
  private static final int SOME = 30;

  @TempDir Path data;

  /** Something that was acknowledged: what is asked afterwards, and how many at least there are. */
  private record Saved(String what, String count, int least) {}

  private final List<Saved> saved = new CopyOnWriteArrayList<>();
  private final Random random = new Random(41);
  private int made;

  @Test
  void nothing_acknowledged_is_lost_and_nothing_is_half() throws Exception {
    int all = 0;
    for (int kill = 0; kill < KILLS; kill++) {
      RealProcess app = RealProcess.start(data);
      assertThat(app.said())
          .as("it starts again after a kill")
          .anyMatch(l -> l.contains("open at"));
      AtomicBoolean over = new AtomicBoolean();
      Thread work = new Thread(() -> work(app.visitor(), over));
      int before = saved.size();
      work.start();
      // However fast the machine: after so many more changes, in the middle of something.
      int until = before + WARM + random.nextInt(SOME);
      while (saved.size() < until && work.isAlive()) {
        Thread.sleep(1 + random.nextInt(20));
      }
      app.kill();
      over.set(true);
      work.join();
      check();
      all = saved.size();
    }
    assertThat(all).as("changes acknowledged").isGreaterThanOrEqualTo(KILLS * WARM);
  }

  /** A turner in a hurry: eight kinds of changes, until the server is gone. */
  private void work(App.Visitor visitor, AtomicBoolean over) {
    try {
      while (!over.get()) {
        round(visitor);
      }
    } catch (UncheckedIOException e) {
      // The server is gone: what was on the way was never acknowledged.
    }
  }

  private void round(App.Visitor visitor) {
    String name = "Kill " + made++;
    visitor.get("/pieces/new");
    HttpResponse<String> answer = visitor.post("/pieces", "name", name, "kind", "straight-well");
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
    String id = answer.headers().firstValue("Location").orElseThrow().replaceAll(".*/", "");
    String at = "/pieces/" + id;
    keep("new piece", "piece where id = " + id, 1);
    String designs = "piece_design where piece_id = " + id;
    if (ok(visitor.post(at + "/size", "version", "1", "key", "outside.height", "value", "96"))) {
      keep("size", designs, 2);
    }
    if (ok(visitor.post(at + "/choice", "version", "2", "name", "form", "option", "TAPER"))) {
      keep("choice", designs, 3);
    }
    if (ok(visitor.post(at + "/undo", "version", "3"))) {
      keep(
          "undo",
          "piece p where id = "
              + id
              + " and (head < 3 or exists (select 1 from piece_design d where d.piece_id = p.id"
              + " and version = 4 and parent = 2))",
          1);
    }
    route(visitor, at, designs);
    bench(visitor, at, id);
    visitor.get("/shop/gauge/new");
    if (ok(visitor.post("/shop/gauge", "name", name, "dead", "3"))) {
      keep("shop", "shop_item where name = '" + name + "'", 1);
    }
  }

  private void route(App.Visitor visitor, String at, String designs) {
    String page = visitor.get(at + "/route?change=on").body();
    String version = found(VERSION, page);
    Matcher keys = KEY.matcher(page);
    String last = "";
    while (keys.find()) {
      last = keys.group(1);
    }
    visitor.post(at + "/route/step", "version", version, "what", last, "how", "drop");
    // A refusal is told on the page that follows.
    if (!found(VERSION, visitor.get(at + "/route?change=on").body()).equals(version)) {
      keep("route", designs, 4);
    }
  }

  private void bench(App.Visitor visitor, String at, String id) {
    String entries = "run_entry where piece_id = " + id;
    if (ok(visitor.post(at + "/bench/start"))) {
      keep("start", "run where piece_id = " + id, 1);
    }
    String page = visitor.get(at + "/bench").body();
    if (ok(
        visitor.post(
            at + "/bench/done",
            "step",
            found(STEP, page),
            "last",
            found(LAST, page),
            "open",
            "left"))) {
      keep("done", entries, 1);
    }
    page = visitor.get(at + "/bench").body();
    if (ok(visitor.post(at + "/bench/pause", "next", "sharpen", "last", found(LAST, page)))) {
      keep("pause", entries, 2);
    }
    if (ok(visitor.post(at + "/record", "version", "0", "fitFelt", "none", "notes", "killed"))) {
      keep("record", "piece_record where piece_id = " + id, 1);
    }
  }

  private void keep(String what, String count, int least) {
    saved.add(new Saved(what, count, least));
  }

  private static boolean ok(HttpResponse<String> r) {
    return r.statusCode() == 200 || r.statusCode() == 302;
  }

  private static String found(Pattern p, String page) {
    Matcher m = p.matcher(page);
    return m.find() ? m.group(1) : "0";
  }

  private void check() throws SQLException {
    String url = "jdbc:h2:file:" + data.resolve("hazel");
    try (Connection db = DriverManager.getConnection(url, "hazel", "");
        Statement s = db.createStatement()) {
      for (Saved x : saved) {
        assertThat(count(s, x.count)).as("%s: %s", x.what, x.count).isGreaterThanOrEqualTo(x.least);
      }
      assertThat(
              count(
                  s,
                  "piece p where not exists (select 1 from piece_design d where d.piece_id = p.id"
                      + " and d.version = p.head)"))
          .as("pieces without their design")
          .isZero();
      assertThat(
              count(
                  s,
                  "run_entry e where entry_no > 1 and not exists (select 1 from run_entry f where"
                      + " f.piece_id = e.piece_id and f.entry_no = e.entry_no - 1)"))
          .as("gaps in a log")
          .isZero();
    }
  }

  private static int count(Statement s, String from) throws SQLException {
    try (ResultSet r = s.executeQuery("select count(*) from " + from)) {
      r.next();
      return r.getInt(1);
    }
  }
}
