package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.workbench.Fact;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages, forms and refusals over HTTP. */
class PagesTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final RunStore runs = app.bean(RunStore.class);
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  private long fresh(String name) {
    return pieces.create(name, kind, LiddedBox.fresh());
  }

  private long demo(String name) {
    return pieces.shelf().pieces().stream()
        .filter(p -> p.name().equals(name))
        .findFirst()
        .orElseThrow()
        .id();
  }

  @ParameterizedTest
  @MethodSource("hazelkeep.web.App#pages")
  @ValueSource(strings = {"/api/piece.schema.json", "/actuator/health"})
  void every_page_opens_under_the_strict_policy(String path) {
    HttpResponse<String> r = visitor.get(path);
    assertThat(r.statusCode()).isEqualTo(200);
    assertThat(r.headers().firstValue("Content-Security-Policy").orElse(""))
        .contains("default-src 'none'")
        .contains("script-src 'self'")
        .doesNotContain("unsafe");
    assertThat(r.body()).doesNotContain("style=\"").doesNotContain("onclick").doesNotContain("??");
    assertThat(r.body()).doesNotContainPattern("<script(?![^>]*src=)");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/pieces/99999", "/pieces/99999/route", "/pieces/99999/bench", "/nowhere"})
  void what_is_not_there_says_so_and_shows_the_way(String path) {
    HttpResponse<String> r = visitor.get(path);
    assertThat(r.statusCode()).isEqualTo(404);
    assertThat(r.body()).contains("To the shelf").doesNotContain("Exception");
  }

  /** A full shelf opens at once; a card is worked out when it comes into sight, and kept. */
  @Test
  void a_full_shelf_leaves_cards_for_later() {
    List<Long> ids =
        java.util.stream.LongStream.range(0, 8).map(i -> fresh("Row " + i)).boxed().toList();
    String first = visitor.get("/?find=row").body();
    long later = ids.stream().filter(id -> waits(first, id)).count();
    assertThat(later).isPositive();
    long seen = ids.stream().filter(id -> waits(first, id)).findFirst().orElseThrow();
    assertThat(visitor.get("/pieces/" + seen + "/card").body())
        .contains("<svg", "Ready for the lathe")
        .doesNotContain("hx-get", "<html");
    assertThat(waits(visitor.get("/?find=row").body(), seen)).isFalse();
    pieces.save(seen, 1, "", LiddedBox.fresh().with("blank.length", 30), List.of());
    assertThat(visitor.get("/pieces/" + seen + "/card").body())
        .contains("solve what stands in the way");
  }

  private static boolean waits(String shelf, long id) {
    return shelf.contains("hx-get=\"/pieces/" + id + "/card\"");
  }

  @Test
  void a_mistake_that_goes_on_from_step_to_step_is_one_card() {
    long id = pieces.create("Much too short", kind, LiddedBox.fresh().with("blank.length", 30));
    String page = visitor.get("/pieces/" + id + "/findings").body();
    assertThat(page).containsOnlyOnce("<strong>There is no lid any more</strong>");
    assertThat(page)
        .containsPattern("<p>Also<span id=\"finding-\\d+\"[^>]*> at hollow the lid</span>")
        .containsPattern("<span id=\"finding-\\d+\"[^>]*>; at cut the recess</span>");
  }

  @Test
  void a_page_that_stayed_open_over_a_restart_can_save(@TempDir Path data) {
    String url = "jdbc:h2:file:" + data.resolve("hazel");
    App before = App.start(url, "bare");
    long id = before.bean(PieceStore.class).create("Open", kind, LiddedBox.fresh());
    App.Visitor tab = before.visitor();
    tab.get("/pieces/" + id);
    before.stop();
    App after = App.start(url, "bare");
    HttpResponse<String> r =
        tab.at(after)
            .post(
                "/pieces/" + id + "/size", "key", "outside.height", "value", "81", "version", "1");
    assertThat(r.statusCode()).isEqualTo(200);
    assertThat(after.bean(PieceStore.class).get(id).version()).isEqualTo(2);
    after.stop();
  }

  @Test
  void a_double_press_makes_one_piece() {
    String page = visitor.get("/pieces/new").body();
    String once = page.replaceAll("(?s).*name=\"once\" value=\"([^\"]+)\".*", "$1");
    HttpResponse<String> first =
        visitor.post("/pieces", "kind", "lidded-box", "name", "Twice", "once", once);
    HttpResponse<String> second =
        visitor.post("/pieces", "kind", "lidded-box", "name", "Twice", "once", once);
    assertThat(first.statusCode()).isEqualTo(302);
    assertThat(second.headers().firstValue("Location"))
        .isEqualTo(first.headers().firstValue("Location"));
    assertThat(pieces.names().values()).containsOnlyOnce("Twice");
  }

  @Test
  void a_change_that_a_page_from_elsewhere_sends_is_refused() {
    long id = fresh("Elsewhere");
    visitor.get("/pieces/" + id);
    assertThat(
            visitor
                .from("https://elsewhere.example", "/pieces/" + id + "/undo", "version", "1")
                .statusCode())
        .isEqualTo(403);
  }

  @Test
  void a_piece_goes_out_as_a_file_and_comes_back_equal() {
    LiddedBox box = LiddedBox.fresh().with("outside.height", 83.25).with("joint.length", 9);
    List<RouteEdit> edits = List.of(new RouteEdit.Drop(new StepKey("bench/sign")));
    long id = pieces.create("Out and in", kind, box, edits);
    HttpResponse<String> file = visitor.get("/pieces/" + id + "/file");
    assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
        .contains("attachment");
    visitor.get("/data");
    HttpResponse<String> in = visitor.upload("/data/piece", "piece", file.body());
    assertThat(in.statusCode()).isEqualTo(302);
    long back =
        Long.parseLong(in.headers().firstValue("Location").orElseThrow().replaceAll(".*/", ""));
    assertThat(pieces.get(back).design()).isEqualTo(box);
    assertThat(pieces.get(back).edits()).isEqualTo(edits);
    assertThat(pieces.get(back).name()).isEqualTo("Out and in");
    visitor.upload("/data/piece", "piece", "{\"kind\": \"teapot\"}");
    assertThat(visitor.get("/data").body())
        .contains("no kind “teapot”", "Nothing was put on the shelf");
  }

  @Test
  void a_size_that_can_t_be_drawn_offers_what_could_go() {
    long id = pieces.create("Let go", kind, LiddedBox.fresh().with("spigot.diameter", 40));
    visitor.get("/pieces/" + id);
    String[] typed = {"key", "inside.diameter", "value", "45", "version", "1"};
    HttpResponse<String> r = visitor.post("/pieces/" + id + "/size", typed);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body())
        .contains("With “45” one of these would have to change", "Spigot diameter ");
    HttpResponse<String> then =
        visitor.post(
            "/pieces/" + id + "/size",
            "key",
            "inside.diameter",
            "value",
            "45",
            "letgo",
            "spigot.diameter",
            "version",
            "1");
    assertThat(then.statusCode()).isEqualTo(200);
    assertThat(then.body()).contains("Gave way:", "spigot diameter, now");
    assertThat(pieces.get(id).design().sizes().keySet())
        .extracting(hazelkeep.measure.DimKey::path)
        .containsExactly("inside.diameter");
  }

  @Test
  void what_gave_way_is_told_and_can_be_held_on_to() {
    long id = pieces.create("A deep lid", kind, LiddedBox.fresh().with("lid.depth", 38));
    String page = visitor.get("/pieces/" + id).body();
    assertThat(page)
        .contains("instead of 30.0", "Hold on to 30.0", "Your depth in the lid of 38.0 needs it.");
    HttpResponse<String> held =
        visitor.post(
            "/pieces/" + id + "/size", "key", "lid.height", "value", "30.0", "version", "1");
    assertThat(held.statusCode()).isEqualTo(422);
    assertThat(held.body()).contains("one of these would have to change", "Depth in the lid ");
    assertThat(pieces.get(id).version()).as("nothing of it is stored").isEqualTo(1);
  }

  @Test
  void what_it_shall_come_to_is_asked_held_to_and_let_go() {
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    long id = pieces.create("A well of 12 ml", well, well.fresh());
    String path = "/pieces/" + id + "/elements/asked";
    visitor.get("/pieces/" + id);
    String page = visitor.post(path, "what", "holds", "value", "12 ml", "version", "1").body();
    assertThat(page).contains("value=\"12 ml\"", "Your contents of 12 ml needs it.");
    assertThat(pieces.get(id).design().sizes()).containsKey(new DimKey("holds-1.ml"));
    HttpResponse<String> bad =
        visitor.post(path, "what", "holds", "value", "a cupful", "version", "2");
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(bad.body()).contains("“a cupful” is not a volume. Accepted: 250, 250 ml");
    assertThat(visitor.post(path, "what", "shines", "value", "3", "version", "2").statusCode())
        .isEqualTo(422);
    visitor.post(path, "what", "holds", "value", "", "version", "2");
    assertThat(pieces.get(id).design()).isEqualTo(well.fresh());
  }

  @Test
  void how_far_a_size_may_go_is_told() {
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    long id = pieces.create("A well to bore", well, well.fresh());
    assertThat(visitor.get("/pieces/" + id + "/sizes").body()).contains("key=bore.depth");
    assertThat(visitor.get("/pieces/" + id + "/leeway?key=bore.depth").body())
        .matches("from [0-9.]+ to [0-9.]+ mm it holds, all else as it is");
    assertThat(visitor.get("/pieces/" + id + "/leeway?key=no.such").body())
        .isEqualTo("something stops as it is: mend that first");
  }

  @Test
  void a_change_without_a_token_is_refused_and_nothing_is_stored() {
    long id = fresh("No token");
    HttpResponse<String> r =
        app.visitor()
            .post(
                "/pieces/" + id + "/size", "key", "outside.height", "value", "80", "version", "1");
    assertThat(r.statusCode()).isEqualTo(403);
    assertThat(r.body()).contains("cookie", "Send it again");
    assertThat(pieces.get(id).version()).isEqualTo(1);
  }

  /** A page from elsewhere that was pointed at this machine must not be served. */
  @Test
  void a_foreign_name_for_this_machine_is_refused() throws IOException {
    int port = visitor.uri("/").getPort();
    try (Socket s = new Socket("127.0.0.1", port)) {
      OutputStream out = s.getOutputStream();
      out.write(
          "GET / HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
              .getBytes(StandardCharsets.US_ASCII));
      InputStream in = s.getInputStream();
      assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 400");
    }
  }

  @Test
  void it_listens_on_this_machine_only() {
    assertThat(
            app.bean(org.springframework.core.env.Environment.class).getProperty("server.address"))
        .isEqualTo("127.0.0.1");
  }

  @Test
  void a_wish_becomes_a_piece_and_what_was_not_said_follows() {
    visitor.get("/pieces/new");
    HttpResponse<String> r =
        visitor.post(
            "/pieces",
            "name",
            "Thread box",
            "sizes.outside.height",
            "about 3 1/2 in",
            "share",
            "GOLDEN",
            "content.diameter",
            "30",
            "species",
            "Holly");
    assertThat(r.statusCode()).isEqualTo(302);
    long id =
        Long.parseLong(r.headers().firstValue("Location").orElseThrow().replaceAll(".*/", ""));
    LiddedBox box = (LiddedBox) pieces.get(id).design();
    assertThat(box.share()).isEqualTo(LiddedBox.Share.GOLDEN);
    assertThat(box.species()).isEqualTo("American holly");
    assertThat(box.content().orElseThrow().diameter().orElseThrow().mm()).isEqualTo(30);
    HttpResponse<String> page = visitor.get("/pieces/" + id);
    assertThat(page.body())
        .contains("Thread box")
        .contains("common practice")
        .contains("your wish");
  }

  @Test
  void a_blank_and_no_height_give_the_largest_box_in_it() {
    visitor.get("/pieces/new");
    HttpResponse<String> r =
        visitor.post(
            "/pieces",
            "name",
            "Largest",
            "blank.length",
            "140",
            "blank.across",
            "70",
            "blank.square",
            "true",
            "gives",
            "BODY");
    String path = r.headers().firstValue("Location").orElseThrow().replaceAll(".*(/pieces/)", "$1");
    assertThat(visitor.get(path).body()).contains("the largest that the blank gives");
  }

  @Test
  void what_was_typed_is_still_there_when_it_is_refused() {
    visitor.get("/pieces/new");
    HttpResponse<String> r =
        visitor.post(
            "/pieces",
            "name",
            "Wrong <one>",
            "sizes.outside.height",
            "tall",
            "sizes.outside.diameter",
            "-6",
            "content.ml",
            "lots",
            "blank.length",
            "99999");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body())
        .contains("value=\"Wrong &lt;one&gt;\"")
        .contains("value=\"tall\"")
        .contains("value=\"-6\"")
        .contains("value=\"lots\"")
        .contains("is not a size. Accepted: 54, 54 mm")
        .contains("A plain number is expected here")
        .contains("longer than any lathe");
  }

  @Test
  void a_size_that_can_t_be_is_told_by_the_field() {
    visitor.get("/pieces/new");
    HttpResponse<String> r =
        visitor.post("/pieces", "name", "Odd", "sizes.outside.diameter", "900");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body())
        .contains("id=\"sizes.outside.diameter-error\"")
        .contains("between 15.0 mm (19/32 in) and 400.0 mm (15 3/4 in)");
  }

  @Test
  void a_name_with_markup_is_shown_as_it_was_typed() {
    long id = fresh("<script>alert(1)</script>");
    for (String page : List.of("", "/route", "/bench", "/paper", "/record")) {
      assertThat(visitor.get("/pieces/" + id + page).body())
          .doesNotContain("<script>alert")
          .contains("&lt;script&gt;alert(1)&lt;/script&gt;");
    }
    pieces.save(
        id,
        1,
        "x",
        hazelkeep.measure.Restated.with(LiddedBox.fresh(), "species", "\"><b>oak"),
        List.of());
    assertThat(visitor.get("/pieces/" + id).body()).doesNotContain("<b>oak");
  }

  @Test
  void a_size_is_changed_on_the_drawing_and_undone_and_redone() {
    long id = fresh("Undo me");
    String at = "/pieces/" + id;
    visitor.get(at);
    HttpResponse<String> r =
        visitor.post(at + "/size", "key", "outside.height", "value", "4 in", "version", "1");
    assertThat(r.statusCode()).isEqualTo(200);
    assertThat(height(id)).isEqualTo(101.6);
    assertThat(visitor.post(at + "/undo", "version", "2").statusCode()).isEqualTo(200);
    assertThat(height(id)).isNaN();
    assertThat(visitor.post(at + "/redo", "version", "1").statusCode()).isEqualTo(200);
    assertThat(height(id)).isEqualTo(101.6);
    visitor.post(at + "/size", "key", "outside.height", "value", "", "version", "2");
    assertThat(height(id)).as("emptied, it is left to the rules").isNaN();
  }

  private double height(long id) {
    var size = pieces.get(id).design().sizes().get(new hazelkeep.measure.DimKey("outside.height"));
    return size == null ? Double.NaN : size.mm();
  }

  @Test
  void a_refused_size_stays_in_its_field_with_the_reason() {
    long id = pieces.create("Refuse me", kind, LiddedBox.fresh().with("outside.diameter", 60));
    visitor.get("/pieces/" + id);
    HttpResponse<String> r =
        visitor.post(
            "/pieces/" + id + "/size", "key", "inside.diameter", "value", "200", "version", "1");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body())
        .contains("Inside diameter is 200.0 mm", "it has to stay below spigot diameter, 53.0 mm")
        .contains("aria-invalid=\"true\"")
        .contains("value=\"200\"");
    assertThat(pieces.get(id).version()).isEqualTo(1);
    for (String nonsense : List.of("1e9", "-1", "12 bananas", "1/0", "' or 1=1", "NaN")) {
      assertThat(
              visitor
                  .post(
                      "/pieces/" + id + "/size",
                      "key",
                      "outside.height",
                      "value",
                      nonsense,
                      "version",
                      "1")
                  .statusCode())
          .as(nonsense)
          .isEqualTo(422);
    }
  }

  @Test
  void a_second_tab_is_told_and_overwrites_nothing() {
    long id = fresh("Two tabs");
    visitor.get("/pieces/" + id);
    visitor.post("/pieces/" + id + "/size", "key", "outside.height", "value", "88", "version", "1");
    HttpResponse<String> late =
        visitor.post(
            "/pieces/" + id + "/size", "key", "outside.height", "value", "77.7", "version", "1");
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body()).contains("“77.7” was not saved").contains("changed in another tab");
    assertThat(height(id)).isEqualTo(88);
  }

  @Test
  void choices_wishes_and_remedies_are_taken() {
    long id = fresh("Choose");
    String at = "/pieces/" + id;
    visitor.get(at);
    visitor.post(at + "/choice", "name", "school", "option", "LID_IN", "version", "1");
    assertThat(((LiddedBox) pieces.get(id).design()).school()).isEqualTo(LiddedBox.School.LID_IN);
    assertThat(
            visitor
                .post(at + "/choice", "name", "school", "option", "NEITHER", "version", "2")
                .statusCode())
        .isEqualTo(422);
    HttpResponse<String> bad =
        visitor.post(at + "/wish", "grit", "fine", "species", "European yew", "version", "2");
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(bad.body()).contains("value=\"fine\"").contains("A whole number is expected");
    visitor.post(at + "/size", "key", "outside.height", "value", "90", "version", "2");
    visitor.post(
        at + "/wish",
        "grit",
        "320",
        "species",
        "European yew",
        "blank.length",
        "100",
        "version",
        "3");
    HttpResponse<String> findings = visitor.get(at + "/findings");
    assertThat(findings.body()).contains("The blank is too short").contains("name=\"remedy\"");
    String remedy =
        findings
            .body()
            .replaceAll("(?s).*?name=\"remedy\" value=\"([^\"]+)\".*", "$1")
            .replace("&quot;", "\"");
    visitor.get(at);
    HttpResponse<String> after = visitor.post(at + "/remedy", "remedy", remedy, "version", "4");
    assertThat(after.statusCode()).isEqualTo(200);
    assertThat(after.body()).doesNotContain("The blank is too short");
    assertThat(visitor.post(at + "/remedy", "remedy", "{]", "version", "5").statusCode())
        .isEqualTo(422);
  }

  /** Both halves of a joint stated: a half changed by much brings the other, by little it tunes. */
  @Test
  void a_half_of_a_joint_brings_its_partner_along() {
    long id = fresh("Halves");
    visitor.get("/pieces/" + id);
    String at = "/pieces/" + id + "/size";
    visitor.post(at, "key", "recess.diameter", "value", "46", "version", "1");
    visitor.post(at, "key", "spigot.diameter", "value", "45.9", "version", "2");
    HttpResponse<String> moved =
        visitor.post(at, "key", "recess.diameter", "value", "44", "version", "3");
    assertThat(moved.body()).contains("Brought along:").contains("spigot diameter, now 43.90 mm");
    visitor.post(at, "key", "spigot.diameter", "value", "43.95", "version", "4");
    Map<DimKey, Size> sizes = pieces.get(id).design().sizes();
    assertThat(sizes.get(new DimKey("recess.diameter")).mm()).isEqualTo(44.0);
    assertThat(sizes.get(new DimKey("spigot.diameter")).mm()).isEqualTo(43.95);
  }

  /** Where body and lid lie apart in the blank the closed height has a field of its own. */
  @Test
  void the_whole_height_stands_on_the_drawing() {
    long id = fresh("High");
    assertThat(visitor.get("/pieces/" + id).body())
        .contains("id=\"dim-outside-height\"")
        .contains("closed, high");
  }

  @Test
  void dragging_draws_without_saving_and_letting_go_saves() {
    long id = fresh("Drag");
    String at = "/pieces/" + id;
    visitor.get(at);
    HttpResponse<String> preview =
        visitor.post(
            at + "/dragging",
            "handle",
            "inside.diameter",
            "z",
            "50",
            "r",
            "17",
            "left",
            "51.5",
            "axis",
            "240.25",
            "scale",
            "3.125");
    assertThat(preview.statusCode()).isEqualTo(200);
    // The sheet lies where it lay, and the number stands beside the point.
    assertThat(preview.body()).contains("id=\"drawing\"").contains(">34.0 mm</text>");
    assertThat(preview.body())
        .contains("data-left=\"51.5\" data-axis=\"240.25\" data-scale=\"3.125\"");
    assertThat(
            visitor
                .post(
                    at + "/dragging",
                    "handle",
                    "inside.diameter",
                    "z",
                    "50",
                    "r",
                    "17",
                    "left",
                    "0",
                    "axis",
                    "0",
                    "scale",
                    "-1")
                .statusCode())
        .isEqualTo(422);
    // What is missing is refused like what is wrong.
    assertThat(
            visitor
                .post(at + "/dragging", "handle", "inside.diameter", "z", "50", "r", "17")
                .statusCode())
        .isEqualTo(422);
    assertThat(pieces.get(id).version()).isEqualTo(1);
    visitor.post(at + "/drag", "handle", "inside.diameter", "z", "50", "r", "17", "version", "1");
    assertThat(pieces.get(id).version()).isEqualTo(2);
    for (String r : List.of("NaN", "1e300", "-4")) {
      assertThat(
              visitor
                  .post(
                      at + "/drag", "handle", "inside.diameter", "z", "50", "r", r, "version", "2")
                  .statusCode())
          .isEqualTo(422);
    }
    assertThat(
            visitor
                .post(at + "/drag", "handle", "nothing", "z", "5", "r", "5", "version", "2")
                .statusCode())
        .isEqualTo(422);
  }

  @Test
  void numbers_follow_the_unit_and_the_unit_goes_nowhere_else() {
    // The newest card is on the shelf, however many others there are.
    pieces.create("In inches", kind, LiddedBox.fresh().with("outside.diameter", 62));
    visitor.get("/");
    HttpResponse<String> r =
        visitor.post("/unit", "to", "INCH", "back", "https://elsewhere.example/");
    assertThat(r.headers().firstValue("Location").orElse(""))
        .endsWith("/")
        .doesNotContain("elsewhere");
    assertThat(visitor.get("/").body()).contains("2 7/16").contains(" in</span>");
    assertThat(visitor.get("/pieces/" + demo("Seed canister no. 4")).body()).contains("3 25/32");
  }

  @Test
  void a_route_that_the_turner_changed_says_what_breaks() {
    long id = fresh("Reordered");
    pieces.save(
        id,
        1,
        "edit",
        LiddedBox.fresh(),
        List.of(
            new hazelkeep.route.RouteEdit.MoveAfter(
                new hazelkeep.route.StepKey("lid/inside"),
                new hazelkeep.route.StepKey("top/top"))));
    String body = visitor.get("/pieces/" + id + "/route").body();
    assertThat(body).contains("No tool gets to the lid&#39;s inside here");
    String findings = visitor.get("/pieces/" + id + "/findings").body();
    assertThat(findings).contains("Back to the recipe");
  }

  /** A way out that changes a hold is kept with the piece's route and can be undone. */
  @Test
  void a_remedy_of_the_route_is_kept_with_it() {
    long id = fresh("Light centre");
    String at = "/pieces/" + id;
    int version = pieces.get(id).version();
    var light =
        new hazelkeep.route.Remedy.Rehold(
            new hazelkeep.route.RouteEdit.Rehold(
                "whole",
                java.util.Optional.empty(),
                java.util.Optional.of("light centre"),
                java.util.Optional.empty(),
                0));
    String remedy = app.bean(hazelkeep.web.json.Json.class).write(light);
    visitor.get(at);
    visitor.post(at + "/remedy", "remedy", remedy, "version", Integer.toString(version));
    assertThat(pieces.get(id).edits()).containsExactly(light.by());
    assertThat(visitor.get(at + "/route").body()).contains("light centre");
  }

  @Test
  void the_bench_takes_what_calipers_type_and_doubts_what_is_far_off() {
    long id = fresh("Bench");
    String at = "/pieces/" + id + "/bench";
    visitor.get(at);
    visitor.post(at + "/start");
    String step = "centres/round";
    assertThat(visitor.get(at).body()).contains("Round the blank").contains("62.0");
    HttpResponse<String> far =
        visitor.post(at + "/measured", "what", "blank.round", "value", "90", "last", "0");
    assertThat(far.statusCode()).isEqualTo(422);
    assertThat(far.body())
        .contains("That makes 90.0 mm; ")
        .contains("Still to cut: I go on")
        .contains("It stays so")
        .contains("value=\"90\"");
    assertThat(
            visitor
                .post(at + "/measured", "what", "blank.round", "value", "x", "last", "0")
                .statusCode())
        .isEqualTo(422);
    for (String what : List.of("no.such", "N!", "")) {
      assertThat(
              visitor.post(at + "/measured", "what", what, "value", "5", "last", "0").statusCode())
          .isEqualTo(422);
    }
    visitor.post(at + "/measured", "what", "blank.round", "value", "62.1", "last", "0");
    assertThat(runs.log(id)).hasSize(1);
    HttpResponse<String> stale = visitor.post(at + "/done", "step", step, "last", "0");
    assertThat(stale.statusCode()).isEqualTo(409);
    assertThat(stale.body()).contains("Another tab was quicker");
    visitor.post(at + "/done", "step", step, "last", "1");
    assertThat(visitor.get(at).body()).contains("Face both ends");
    assertThat(visitor.post(at + "/done", "step", "foot/foot", "last", "2").statusCode())
        .isEqualTo(409);
    visitor.post(at + "/back", "last", "2");
    assertThat(runs.log(id).get(2).fact()).isEqualTo(new Fact.Withdrawn(2));
    assertThat(visitor.get(at).body())
        .contains("Round the blank")
        .contains("Taken back.")
        .contains("Done: Round the blank");
    visitor.post(at + "/pause", "next", "sharpen first", "last", "3");
    assertThat(visitor.get(at).body())
        .contains("Stopped for now. Next: sharpen first")
        .containsPattern("You left it with:</strong> <span>sharpen first<");
    assertThat(visitor.get("/pieces/" + id + "/card").body()).contains("Next: sharpen first");
    visitor.post(at + "/done", "step", step, "last", "4");
    assertThat(visitor.get(at).body()).doesNotContain("You left it with");
    assertThat(visitor.get("/pieces/" + id + "/card").body()).contains("Next: face both ends");
  }

  @Test
  void the_route_says_with_what_and_where_each_size_is_measured() {
    assertThat(visitor.get("/pieces/" + fresh("Route") + "/route").body())
        .containsPattern(
            "data-how=\"calipers at the rim and again near its floor\"[^>]*>Recess diameter \\d");
  }

  private HttpResponse<String> shorter(String at, String value, String words, long last) {
    String[] form = {
      "part", "body", "what", "LENGTH", "value", value, "words", words, "last", Long.toString(last)
    };
    return visitor.post(at + "/found", form);
  }

  @Test
  void as_found_leads_to_ways_on_and_one_of_them_is_taken() {
    long id = fresh("Found");
    String at = "/pieces/" + id + "/bench";
    visitor.get(at);
    visitor.post(at + "/start");
    long last = 0;
    Piece piece = pieces.get(id);
    var planner = app.bean(hazelkeep.web.planning.Planner.class);
    while (!planner.bench(piece).next().orElseThrow().key().path().equals("body/hollow")) {
      runs.add(id, last++, 1, planner.bench(piece).did(planner.bench(piece).next().get().key()));
    }
    HttpResponse<String> nothing = shorter(at, "", "", last);
    assertThat(nothing.statusCode()).isEqualTo(422);
    assertThat(nothing.body()).contains("Say its size: its whole length now");
    HttpResponse<String> found = shorter(at, "64", "tore at the mouth", last);
    assertThat(found.headers().firstValue("Location").orElse("")).endsWith("/bench/ways");
    String ways = visitor.get(at + "/ways").body();
    assertThat(ways.split("Go on this way: ")).as("lower, or made again").hasSizeGreaterThan(2);
    assertThat(ways)
        .contains("5.0 mm shorter")
        .contains("nothing left to mind")
        .contains("Body height 55.0 mm")
        .contains("way-drawing");
    String remedy =
        ways.replaceAll("(?s).*?name=\"remedy\" value=\"([^\"]+)\".*", "$1")
            .replace("&quot;", "\"");
    HttpResponse<String> taken =
        visitor.post(at + "/way", "remedy", remedy, "last", Long.toString(last + 1));
    assertThat(taken.statusCode()).isEqualTo(302);
    assertThat(planner.bench(pieces.get(id)).plan().stops()).isZero();
    assertThat(visitor.get(at + "/ways").body()).contains("The plan still holds");
    assertThat(visitor.get(at).body()).contains("tore at the mouth");
    assertThat(
            visitor
                .post(at + "/way", "remedy", "nonsense", "last", Long.toString(last + 2))
                .statusCode())
        .isEqualTo(422);
  }

  @Test
  void the_record_keeps_what_was_written_and_refuses_what_is_too_long() {
    long id = fresh("Record");
    String at = "/pieces/" + id + "/record";
    visitor.get(at);
    HttpResponse<String> r =
        visitor.post(at, "fit", "x".repeat(70), "signature", "", "notes", "keep me");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("keep me").contains("Too long");
    visitor.post(
        at, "fit", "suction, a soft pop", "signature", "for the harbour", "notes", "two coats");
    assertThat(visitor.get(at).body()).contains("suction, a soft pop").contains("Amend the record");
    assertThat(visitor.get("/").body()).contains("Finished and recorded");
    assertThat(runs.closing(id).orElseThrow().made()).isNotEmpty();
  }

  @Test
  void a_form_of_five_megabytes_is_refused() {
    visitor.get("/pieces/new");
    int before = pieces.shelf().pieces().size();
    HttpRequest.Builder large =
        HttpRequest.newBuilder(visitor.uri("/pieces"))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString("name=" + "x".repeat(5_000_000)));
    try {
      HttpResponse<String> r = visitor.send(large);
      assertThat(r.statusCode()).isBetween(400, 413);
      assertThat(r.body()).doesNotContain("Exception");
    } catch (UncheckedIOException hungUp) {
      // The server may hang up on so long a form before it was sent.
    }
    assertThat(visitor.get("/").statusCode()).isEqualTo(200);
    assertThat(pieces.shelf().pieces()).hasSize(before);
  }

  @Test
  void a_piece_that_can_t_be_read_hides_no_other_and_stays_stored() {
    long id = fresh("From a newer version");
    var db = app.bean(org.jooq.DSLContext.class);
    db.execute("update piece set kind = 'lidded-barrel' where id = " + id);
    try {
      HttpResponse<String> shelf = visitor.get("/");
      assertThat(shelf.statusCode()).isEqualTo(200);
      assertThat(shelf.body())
          .contains("can not read: From a newer version")
          .contains("class=\"card\"");
      assertThat(visitor.get("/pieces/" + id).statusCode()).isEqualTo(404);
    } finally {
      db.execute("update piece set kind = 'lidded-box' where id = " + id);
    }
    assertThat(visitor.get("/pieces/" + id).statusCode()).isEqualTo(200);
  }
}
