package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.element.Form;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import hazelkeep.web.store.PieceStore;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.JsonNode;

/** Lines and beads over the web: put on, refused, taken off, in files and answers. */
class AddedTest {
  private static final App APP = App.shared();
  private final App.Visitor visitor = APP.visitor();
  private final PieceStore pieces = APP.bean(PieceStore.class);

  private static <D extends Design> D fresh(Kind<D> kind) {
    return kind.fresh();
  }

  private long piece(String kind) {
    Kind<?> k = Kinds.named(kind).orElseThrow();
    long id = pieces.create("Lined " + kind, k, fresh(k));
    visitor.get("/pieces/" + id);
    return id;
  }

  private HttpResponse<String> put(long id, String what, String part, String height, int version) {
    return visitor.asPart(
        "/pieces/" + id + "/elements",
        "what",
        what,
        "part",
        part,
        "height",
        height,
        "version",
        Integer.toString(version));
  }

  @Test
  void every_kind_takes_one_and_shows_it_on_all_its_pages() {
    for (Kind<?> kind : Kinds.ALL) {
      long id = piece(kind.name());
      String part = planPart(kind);
      HttpResponse<String> r = put(id, "line", part, "20", 1);
      assertThat(r.statusCode()).as(kind.name()).isEqualTo(200);
      for (String page : new String[] {"", "/route", "/bench", "/paper", "/holding", "/boring"}) {
        assertThat(visitor.get("/pieces/" + id + page).statusCode())
            .as(kind.name() + page)
            .isEqualTo(200);
      }
      assertThat(visitor.get("/pieces/" + id + "/route").body()).contains("Cut the line");
    }
  }

  private static <D extends Design> Form form(Kind<D> kind, String part) {
    return new Form(Plan.of(kind, kind.fresh(), Shop.starter(), List.of()).aim().part(part));
  }

  private static <D extends Design> String planPart(Kind<D> kind) {
    return Plan.of(kind, kind.fresh(), Shop.starter(), List.of()).aim().parts().get(0).name();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "wing | body | 20 | can't be added",
        "line | lid! | 20 | is on a part like body or lid",
        "line | roof | 20 | There is no part “roof”",
        "line | body | | Say how high it is to be",
        "line | body | high | size",
        "line | body | 2000 | Height of line 1",
      })
  void nonsense_is_refused_in_a_sentence_and_nothing_is_stored(
      String what, String part, String height, String says) {
    long id = piece("lidded-box");
    HttpResponse<String> r = put(id, what, part, height == null ? "" : height, 1);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(HtmlUtils.htmlUnescape(r.body())).contains(says);
    assertThat(pieces.get(id).version()).isEqualTo(1);
  }

  /** A point is put on the line as it runs there, so that adding it changes nothing yet. */
  @Test
  void a_point_is_put_on_the_line_as_it_runs_on_every_kind() {
    for (Kind<?> kind : Kinds.ALL) {
      long id = piece(kind.name());
      String part = planPart(kind);
      Form form = form(kind, part);
      double height = Math.rint(form.height() / 3);
      assertThat(put(id, "point", part, Double.toString(height), 1).statusCode())
          .as(kind.name())
          .isEqualTo(200);
      assertThat(pieces.get(id).design().sizes().get(new DimKey("point-1.diameter")).mm())
          .as(kind.name())
          .isCloseTo(2 * form.radius(height), within(0.051));
      HttpResponse<String> there = visitor.get("/pieces/" + id);
      assertThat(there.body()).contains("Point 1 on the " + part);
    }
  }

  @Test
  void a_long_blank_says_how_many_it_gives() {
    long id = piece("ringed-handle");
    HttpResponse<String> r =
        visitor.asPart(
            "/pieces/" + id + "/size", "key", "blank.length", "value", "520", "version", "1");
    assertThat(r.body()).contains("the blank gives").contains("sawn apart");
  }

  /** A finial from an offcut of another wood: on every page, and its wood in the file. */
  /** Each of two blanks has its own fields, from the wish to the paper. */
  @Test
  void two_blanks_are_wished_each_by_itself() {
    visitor.get("/pieces/new?kind=lidded-jar");
    HttpResponse<String> made =
        visitor.post(
            "/pieces",
            "kind",
            "lidded-jar",
            "name",
            "Two blanks wished",
            "species",
            "Black cherry",
            "blank.length",
            "140",
            "blank.across",
            "100",
            "second",
            "true",
            "second.wood",
            "Black walnut",
            "second.square",
            "true",
            "sizes.blank-1.high",
            "30",
            "sizes.blank-1.thick",
            "95");
    assertThat(made.statusCode()).as(made.body()).isEqualTo(302);
    String at =
        made.headers().firstValue("Location").orElseThrow().replaceAll("^https?://[^/]*", "");
    String page = visitor.get(at).body();
    assertThat(page).contains("for the body", "for the lid", "instead of");
    String paper = visitor.get(at + "/paper").body();
    assertThat(paper)
        .contains("Cuts across the body’s blank, from its foot end")
        .contains("Cuts across the lid’s blank, from its end at the join")
        .contains("Square of 95.0 mm")
        .doesNotContain("Square of 100.0 mm");
    long id = Long.parseLong(at.replaceAll(".*/", ""));
    HttpResponse<String> round =
        visitor.asPart("/pieces/" + id + "/elements/section", "value", "false", "version", "1");
    assertThat(round.statusCode()).isEqualTo(200);
    assertThat(visitor.get(at + "/paper").body()).doesNotContain("Square of");
  }

  /** A limb is no square, whatever of it is not round yet. */
  @Test
  void a_goblet_from_a_round_limb_is_not_sawn_from_a_square() {
    visitor.get("/pieces/new?kind=goblet");
    HttpResponse<String> made =
        visitor.post(
            "/pieces",
            "kind",
            "goblet",
            "name",
            "Limb",
            "species",
            "Black cherry",
            "blank.across",
            "80",
            "blank.slim",
            "76",
            "blank.bark",
            "3");
    assertThat(made.statusCode()).as(made.body()).isEqualTo(302);
    String at =
        made.headers().firstValue("Location").orElseThrow().replaceAll("^https?://[^/]*", "");
    assertThat(visitor.get(at + "/paper").body()).doesNotContain("Square of");
  }

  @Test
  void a_finial_has_its_own_wood_on_every_page() {
    long id = piece("lidded-box");
    assertThat(put(id, "own-finial", "lid", "", 1).statusCode()).isEqualTo(200);
    HttpResponse<String> wood =
        visitor.asPart(
            "/pieces/" + id + "/elements/wood",
            "element",
            "own-finial-1",
            "value",
            "walnut black",
            "version",
            "2");
    assertThat(wood.statusCode()).isEqualTo(200);
    HttpResponse<String> named =
        visitor.asPart(
            "/pieces/" + id + "/elements/wood",
            "element",
            "own-finial-1",
            "value",
            "ebony",
            "version",
            "3");
    assertThat(named.body()).contains("offcut of Gaboon ebony");
    for (String page :
        new String[] {"", "/route", "/bench", "/paper", "/holding", "/parts", "/standing"}) {
      assertThat(visitor.get("/pieces/" + id + page).statusCode()).as(page).isEqualTo(200);
    }
    assertThat(visitor.get("/pieces/" + id + "/file").body())
        .contains("\"wood\" : \"Gaboon ebony\"");
    assertThat(visitor.get("/pieces/" + id + "/standing.json?step=1").body()).contains("finial");
    HttpResponse<String> none =
        visitor.asPart(
            "/pieces/" + id + "/elements/wood",
            "element",
            "bead-7",
            "value",
            "ebony",
            "version",
            "4");
    assertThat(none.statusCode()).isEqualTo(422);
    assertThat(HtmlUtils.htmlUnescape(none.body())).contains("Nothing with a wood of its own");
  }

  /** Two woods glued end to end, on a goblet: drawn, weighed, glued first. */
  @Test
  void a_seam_is_drawn_and_comes_first() {
    long id = piece("goblet");
    assertThat(put(id, "seam", "goblet", "12", 1).statusCode()).isEqualTo(200);
    HttpResponse<String> wood =
        visitor.asPart(
            "/pieces/" + id + "/elements/wood",
            "element",
            "seam-1",
            "value",
            "Black walnut",
            "version",
            "2");
    assertThat(wood.body()).contains("class=\"seam\"");
    assertThat(visitor.get("/pieces/" + id + "/route").body()).contains("Glue the blank up");
    assertThat(visitor.get("/pieces/" + id + "/standing.json?step=99").body())
        .as("both woods are seen")
        .contains(
            hazelkeep.web.drawing.WoodColour.of("Black walnut"),
            hazelkeep.web.drawing.WoodColour.of("Common pear"));
  }

  /** Two halves from two blanks: offered where there are two, seen on every page, begun apart. */
  @Test
  void two_blanks_are_seen_everywhere() {
    long id = piece("canister");
    assertThat(put(id, "blank", "lid", "", 1).statusCode()).isEqualTo(200);
    visitor.asPart(
        "/pieces/" + id + "/elements/wood",
        "element",
        "blank-1",
        "value",
        "Black walnut",
        "version",
        "2");
    HttpResponse<String> sheet = visitor.get("/pieces/" + id);
    assertThat(sheet.body())
        .contains("Blank of its own for the lid", ", Black walnut \u00b7 bored");
    assertThat(visitor.get("/pieces/" + id + "/card").body()).contains(", Black walnut<");
    assertThat(sheet.body().split("class=\"blank\"", -1)).as("two blanks are drawn").hasSize(3);
    assertThat(visitor.get("/pieces/" + id + "/route").body())
        .contains("Cut both blanks to length", "of Black walnut")
        .doesNotContain("Part the lid off");
    for (String page :
        new String[] {"/bench", "/paper", "/all.pdf", "/holding", "/fit", "/parts", "/standing"}) {
      assertThat(visitor.get("/pieces/" + id + page).statusCode()).as(page).isEqualTo(200);
    }
    assertThat(visitor.get("/pieces/" + piece("goblet")).body()).doesNotContain("value=\"blank\"");
    assertThat(put(id, "strip", "lid", "12", 3).body())
        .as("nothing typed is dropped without a word")
        .contains("is put at no height");
  }

  /** A board along the grain: a band on the drawing, a stripe on what stands, glued first. */
  @Test
  void a_strip_is_drawn_in_its_wood_and_comes_first(@TempDir Path dir) throws Exception {
    long id = piece("goblet");
    put(id, "strip", "goblet", "", 1);
    visitor.asPart(
        "/pieces/" + id + "/elements/wood",
        "element",
        "strip-1",
        "value",
        "Black walnut",
        "version",
        "2");
    String walnut = hazelkeep.web.drawing.WoodColour.of("Black walnut");
    assertThat(visitor.get("/pieces/" + id).body()).contains("Strip 1 on the goblet", walnut);
    assertThat(visitor.get("/pieces/" + id + "/standing").body()).contains("stripe", walnut);
    assertThat(visitor.get("/pieces/" + id + "/standing.json?step=-1").body())
        .contains("\"strips\":[{\"from\":-3.0,\"to\":3.0");
    assertThat(visitor.get("/pieces/" + id + "/route").body())
        .contains("Glue strip 1 into the blank");
    byte[] glb = visitor.bytes("/pieces/" + id + "/piece.glb");
    assertThat(new String(glb, StandardCharsets.ISO_8859_1)).contains("goblet, Black walnut");
    StandingTest.valid(glb, dir);
  }

  /** The salt box is made: no strip and no seam goes into its blank any more. */
  @ParameterizedTest
  @CsvSource({"strip, ''", "seam, 20"})
  void what_is_glued_into_a_blank_finds_it_whole(String what, String height) {
    assertThat(visitor.get("/pieces/1").body()).contains("Salt box");
    HttpResponse<String> r =
        visitor.asPart(
            "/pieces/1/elements", "what", what, "part", "body", "height", height, "version", "1");
    assertThat(r.body()).contains("The blank is cut already", "Copy the piece");
    assertThat(visitor.get("/pieces/1.json").body()).doesNotContain("\"" + what + "\"");
    long fresh = piece("lidded-box");
    put(fresh, what, "body", height, 1);
    assertThat(visitor.get("/pieces/" + fresh).body()).contains(what + "-1");
  }

  @Test
  void another_tab_is_told() {
    long id = piece("lidded-box");
    put(id, "line", "body", "20", 1);
    assertThat(put(id, "bead", "body", "40", 1).statusCode()).isEqualTo(409);
    assertThat(pieces.get(id).design().elements()).hasSize(1);
  }

  @Test
  void it_travels_in_the_piece_s_file_and_answers_other_programs() {
    long id = piece("canister");
    put(id, "cove", "body", "30", 1);
    String file = visitor.get("/pieces/" + id + "/file").body();
    assertThat(file).contains("\"what\" : \"cove\"").contains("cove-1.height");
    JsonNode plan = visitor.plan(file);
    assertThat(plan.path("dimensions").path("cove-1.height").path("mm").asDouble()).isEqualTo(30);
    visitor.get("/data");
    assertThat(visitor.upload("/data/piece", "piece", file).headers().firstValue("Location").get())
        .contains("/pieces/");
    String wrong = file.replace("\"cove\"", "\"wing\"");
    assertThat(visitor.json("/api/plan", wrong).statusCode()).isBetween(400, 422);
  }

  @Test
  void taken_off_it_is_gone_with_its_sizes_and_can_be_brought_back() {
    long id = piece("lidded-box");
    put(id, "bead", "body", "20", 1);
    visitor.asPart("/pieces/" + id + "/elements/off", "element", "bead-1", "version", "2");
    assertThat(pieces.get(id).design().elements()).isEmpty();
    assertThat(pieces.get(id).design().sizes()).isEmpty();
    visitor.asPart("/pieces/" + id + "/undo", "version", "3");
    assertThat(pieces.get(id).design().elements()).hasSize(1);
  }
}
