package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.measure.Restated;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.ShelfStore.Ask;
import hazelkeep.web.store.ShelfStore.Board;
import hazelkeep.web.store.Wait;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The shelf: boards, finding, pages, and what is done with a piece on it. */
class ShelfTest {
  private static final App APP = App.shared();
  private final App.Visitor visitor = APP.visitor();
  private final PieceStore pieces = APP.bean(PieceStore.class);
  private final ShelfStore shelf = APP.bean(ShelfStore.class);

  private long box(String name, String wood) {
    LiddedBox box = Restated.with(LiddedBox.fresh(), "species", wood);
    return pieces.create(name, LiddedBoxKind.BOX, box);
  }

  private String find(String words) {
    return visitor.get("/?find=" + URLEncoder.encode(words, StandardCharsets.UTF_8)).body();
  }

  @Test
  void it_is_searched_by_name_wood_and_kind() {
    box("Quince tin for the keeper", "Black cherry");
    box("Quince tin for the mate", "White ash");
    pieces.create("Quince cup", GobletKind.GOBLET, GobletKind.GOBLET.fresh());
    assertThat(find("quince cherry")).contains("for the keeper").doesNotContain("for the mate");
    assertThat(find("QUINCE goblet")).contains("Quince cup").doesNotContain("Quince tin");
    assertThat(visitor.get("/?find=quince&kind=lidded-box").body())
        .contains("for the keeper", "for the mate")
        .doesNotContain("Quince cup");
    assertThat(find("nothing of the sort")).contains("Fewer words find more");
    assertThat(find("100% _under")).as("signs of a pattern are letters").contains("Fewer words");
  }

  @Test
  void the_wood_follows_a_change_and_its_undoing() {
    long id = box("Gourd tin", "Black cherry");
    LiddedBox other = Restated.with(LiddedBox.fresh(), "species", "White oak");
    pieces.save(id, 1, "wood", other, List.of());
    assertThat(find("gourd oak")).contains("Gourd tin");
    pieces.travel(id, 2, 1);
    assertThat(find("gourd oak")).doesNotContain("Gourd tin");
    assertThat(find("gourd cherry")).contains("Gourd tin");
  }

  @Test
  void a_piece_stands_on_the_board_that_it_waits_on() {
    long id = box("Medlar tin", "White ash");
    Ask ask = new Ask("medlar", "", "", false);
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).containsExactly(id);
    APP.bean(RunStore.class).start(id);
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).isEmpty();
    assertThat(shelf.page(Board.BENCH, ask, 0, 9)).containsExactly(id);
  }

  @Test
  void it_is_renamed_copied_put_away_brought_back_taken_off_and_undone() {
    long id = box("Sorrel tin", "White ash");
    visitor.get("/");
    String keep = "/pieces/" + id + "/keep/";
    assertThat(visitor.post(keep + "name", "name", "Sorrel <b>jar").statusCode()).isEqualTo(302);
    assertThat(find("sorrel jar")).contains("Sorrel &lt;b&gt;jar").doesNotContain("<b>jar");
    HttpResponse<String> copy = visitor.post(keep + "copy");
    assertThat(copy.headers().firstValue("Location").orElseThrow()).matches(".*/pieces/\\d+");
    assertThat(find("sorrel variant")).contains(", variant");
    visitor.post(keep + "away", "away", "true");
    Ask ask = new Ask("sorrel", "", "", true);
    assertThat(shelf.page(Board.AWAY, ask, 0, 9)).containsExactly(id);
    assertThat(visitor.get("/?board=away&find=sorrel").body()).contains("Bring back");
    visitor.post(keep + "away", "away", "false");
    assertThat(then(visitor.post(keep + "off"))).contains("was taken off the shelf", "Undo");
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).doesNotContain(id);
    // A page that is open elsewhere goes on, and says so with the next change.
    HttpResponse<String> edited =
        visitor.post(
            "/pieces/" + id + "/size", "version", "1", "key", "outside.height", "value", "88");
    assertThat(edited.body()).contains("was taken off the shelf", "Bring it back");
    assertThat(pieces.get(id).version()).isEqualTo(2);
    assertThat(pieces.get(id).name()).as("nothing is lost").isEqualTo("Sorrel <b>jar");
    visitor.post(keep + "back");
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).contains(id);
  }

  @Test
  void a_wood_is_picked_out_of_those_on_the_shelf() {
    box("Quince tin", "Plum");
    box("Quince pot", "White ash");
    assertThat(shelf.woods()).contains("Plum", "White ash").doesNotHaveDuplicates().isSorted();
    String page = visitor.get("/?find=quince&wood=Plum").body();
    assertThat(page).contains("Quince tin").doesNotContain("Quince pot");
    assertThat(visitor.get("/?find=quince&wood=None").body()).contains("Fewer words find more");
  }

  @Test
  void what_waits_stands_apart_until_its_day_or_until_it_is_worked_on() {
    long id = box("Rowan tin", "White ash");
    Ask ask = new Ask("rowan", "", "", true);
    String keep = "/pieces/" + id + "/keep/wait";
    visitor.get("/");
    LocalDate today = LocalDate.now();
    for (LocalDate none : List.of(today, today.minusDays(1), today.plusYears(30))) {
      assertThat(then(visitor.post(keep, "until", none.toString(), "what", "")))
          .contains("Choose a day after today");
    }
    assertThat(then(visitor.post(keep, "until", "", "what", ""))).contains("Choose a day");
    assertThat(visitor.post(keep, "until", "soon", "what", "").statusCode()).isEqualTo(400);
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).containsExactly(id);
    LocalDate until = today.plusDays(3);
    String said = then(visitor.post(keep, "until", until.toString(), "what", "glue <cures>"));
    assertThat(said).contains("waits now", "datetime=\"" + until + "\"", "glue &lt;cures&gt;");
    assertThat(find("cures")).contains("Rowan tin");
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).isEmpty();
    assertThat(shelf.page(Board.WAITING, ask, 0, 9)).containsExactly(id);
    // Its day has come.
    shelf.leave(id, new Wait(Optional.of(today), "glue cures"));
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).containsExactly(id);
    assertThat(find("rowan")).doesNotContain("<time");
    shelf.leave(id, new Wait(Optional.of(until), ""));
    assertThat(then(visitor.post(keep, "over", "true"))).contains("no longer waits");
    assertThat(shelf.page(Board.PLAN, ask, 0, 9)).containsExactly(id);
    // It is worked on all the same.
    shelf.leave(id, new Wait(Optional.of(until), ""));
    visitor.post("/pieces/" + id + "/bench/start");
    assertThat(shelf.page(Board.WAITING, ask, 0, 9)).containsExactly(id);
    Planner planner = APP.bean(Planner.class);
    var bench = planner.bench(pieces.get(id));
    APP.bean(RunStore.class).add(id, 0, 1, bench.did(bench.next().orElseThrow().key()));
    assertThat(shelf.page(Board.BENCH, ask, 0, 9)).containsExactly(id);
  }

  @Test
  void what_was_left_at_the_bench_says_what_comes_next_and_how_long_it_waits() {
    long id = box("Sloe tin", "White ash");
    visitor.get("/");
    String bench = "/pieces/" + id + "/bench";
    visitor.post(bench + "/start");
    LocalDate until = LocalDate.now().plusDays(2);
    String[] past = {"next", "Sharpen first", "last", "0", "until", until.minusDays(9).toString()};
    HttpResponse<String> refused = visitor.post(bench + "/pause", past);
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("Choose a day after today", "Sharpen first");
    String[] left = {"next", "Sharpen first", "last", "0", "until", until.toString()};
    assertThat(visitor.post(bench + "/pause", left).statusCode()).isEqualTo(302);
    String card = visitor.get("/pieces/" + id + "/card").body();
    assertThat(card).contains("Next: sharpen first", "datetime=\"" + until + "\"");
    assertThat(visitor.get(bench).body()).contains("You left it with:", "Sharpen first");
    Planner planner = APP.bean(Planner.class);
    var now = planner.bench(pieces.get(id));
    APP.bean(RunStore.class).add(id, 1, 1, now.did(now.next().orElseThrow().key()));
    assertThat(visitor.get("/pieces/" + id + "/card").body())
        .doesNotContain("sharpen first", "<time");
    assertThat(visitor.get(bench).body()).doesNotContain("You left it with:");
  }

  private String then(HttpResponse<String> done) {
    String at = done.headers().firstValue("Location").orElseThrow();
    return visitor.get(at.substring(at.indexOf("/?"))).body();
  }

  @Test
  void an_empty_shelf_says_what_this_is_and_offers_three_ways() {
    App fresh = App.start("jdbc:h2:mem:fresh;DB_CLOSE_DELAY=-1", "default");
    App.Visitor guest = new App.Visitor(fresh.base());
    assertThat(guest.get("/").body())
        .contains("With a wish", "With wood at hand", "With an example to play");
    String at = guest.post("/pieces/example").headers().firstValue("Location").orElseThrow();
    assertThat(at).endsWith("/route");
    assertThat(guest.get(at.substring(at.indexOf("/pieces"))).body())
        .contains("Seed canister, an example", "Round");
    assertThat(guest.get("/").body()).doesNotContain("With a wish");
    HttpResponse<String> again = guest.post("/pieces/example");
    assertThat(again.headers().firstValue("Location").orElseThrow()).as("once").endsWith("/");
    assertThat(fresh.bean(PieceStore.class).names()).hasSize(1);
    fresh.stop();
  }

  @Test
  void a_name_that_is_none_is_refused_and_the_old_one_stays() {
    long id = box("Tansy tin", "White ash");
    visitor.get("/");
    for (String name : List.of("  ", "x".repeat(10_000))) {
      assertThat(then(visitor.post("/pieces/" + id + "/keep/name", "name", name)))
          .contains("it is still called “Tansy tin”");
    }
    assertThat(pieces.get(id).name()).isEqualTo("Tansy tin");
    assertThat(visitor.post("/pieces/99999/keep/off").statusCode()).isEqualTo(404);
  }

  /**
   * Ten thousand pieces: a page shows a few dozen, each board pages on, no piece is shown twice.
   */
  @Test
  void ten_thousand_pieces_are_a_page_at_a_time() {
    App full = App.start("jdbc:h2:mem:full;DB_CLOSE_DELAY=-1", "default");
    LoadCheck.fill(full, 10_000);
    App.Visitor guest = new App.Visitor(full.base());
    String page = guest.get("/").body();
    assertThat(page).contains(">10000<", "All 10000");
    assertThat(page.length()).isLessThan(120_000);
    Matcher cards = Pattern.compile("class=\"card\"").matcher(page);
    assertThat(cards.results().count()).isEqualTo(12);
    String next = guest.get("/?board=plan&from=36").body();
    assertThat(next).contains("37 to 72 of 10000", "Those before", "The next");
    assertThat(guest.get("/?board=plan&from=999999").body()).contains("of 10000");
    assertThat(guest.get("/?find=row+9876").body()).contains("Row 9876");
    full.stop();
  }
}
