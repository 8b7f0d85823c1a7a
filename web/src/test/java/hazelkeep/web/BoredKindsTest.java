package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.bore.Pass;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.mill.Mill;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.SideHole;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Mills, shakers, needle cases, little houses and limbs, from the wish to the paper. */
class BoredKindsTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final Planner planner = app.bean(Planner.class);
  private final Show show = new Show(Unit.MM);

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  private long made(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
    String at = answer.headers().firstValue("Location").orElseThrow();
    return Long.parseLong(at.replaceAll(".*/pieces/(\\d+).*", "$1"));
  }

  private Plan<?> plan(long id) {
    return planner.plan(pieces.get(id));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_kind_starts_from_a_name_alone_and_shows_on_every_page(Kind<?> kind) {
    assertThat(visitor.get("/pieces/new?kind=" + kind.name()).statusCode()).isEqualTo(200);
    long id = made(visitor.post("/pieces", "kind", kind.name(), "name", "One " + kind.title()));
    for (String page :
        List.of("", "/route", "/holding", "/boring", "/parts", "/paper", "/bench", "/record")) {
      HttpResponse<String> answer = visitor.get("/pieces/" + id + page);
      assertThat(answer.statusCode()).as(page).isEqualTo(200);
      // A token of the form is random letters: it may spell anything.
      String text = answer.body().replaceAll("[A-Za-z0-9_-]{40,}", "");
      assertThat(text).as(page).doesNotContain("NaN", "Infinity", "Optional[");
    }
    for (String pdf :
        List.of(
            "cut-sheet", "marking-stick", "story-stick", "holds", "bit-flags", "hole-template")) {
      byte[] bytes = visitor.bytes("/pieces/" + id + "/" + pdf + ".pdf");
      assertThat(new String(bytes, 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
          .as(pdf)
          .isEqualTo("%PDF-");
    }
  }

  /** Other programs get every number as the core has it. */
  @ParameterizedTest
  @MethodSource("kinds")
  void the_plan_for_other_programs_is_the_cores(Kind<?> kind) {
    var answer = visitor.plan("{\"piece\": {\"kind\": \"" + kind.name() + "\", \"design\": {}}}");
    long id = made(posted(kind));
    Plan<?> plan = plan(id);
    var dims = answer.get("dimensions");
    assertThat(dims.size()).isEqualTo(plan.aim().dims().size());
    plan.aim()
        .dims()
        .forEach(
            (k, d) -> {
              assertThat(dims.get(k.path()).get("mm").asDouble()).isCloseTo(d.mm(), within(1e-9));
              assertThat(dims.get(k.path()).get("reason").asString()).isEqualTo(d.reason());
            });
    assertThat(answer.get("parts").size()).isEqualTo(plan.aim().parts().size());
    for (int i = 0; i < plan.aim().parts().size(); i++) {
      assertThat(answer.get("parts").get(i).get("volume").asDouble())
          .isCloseTo(plan.aim().parts().get(i).target().volume(), within(1e-6));
    }
    assertThat(answer.get("findings").size()).isEqualTo(plan.findings().size());
    int steps = 0;
    for (var setup : answer.get("route")) {
      steps += setup.get("steps").size();
    }
    assertThat(steps).isEqualTo(plan.route().steps().size());
    String served = visitor.get("/api/piece.schema.json").body();
    assertThat(served).contains("\"" + kind.name() + "\"");
  }

  private HttpResponse<String> posted(Kind<?> kind) {
    visitor.get("/pieces/new?kind=" + kind.name());
    return visitor.post("/pieces", "kind", kind.name(), "name", "For others");
  }

  /** A piece of every kind is started at the bench and its first steps are done there. */
  @ParameterizedTest
  @MethodSource("kinds")
  void every_kind_is_led_at_the_bench(Kind<?> kind) {
    long id = made(posted(kind));
    visitor.get("/pieces/" + id + "/bench");
    assertThat(visitor.post("/pieces/" + id + "/bench/start").statusCode()).isIn(200, 302);
    String first = plan(id).route().steps().get(0).title();
    assertThat(visitor.get("/pieces/" + id + "/bench").body()).contains(first);
    assertThat(visitor.get("/").body()).contains("For others");
  }

  @Test
  void a_mill_is_planned_from_the_parts_that_were_bought() {
    visitor.get("/pieces/new?kind=mill");
    long id =
        made(
            visitor.post(
                "/pieces",
                "kind",
                "mill",
                "name",
                "Pepper",
                "sizes.shaft.length",
                "7 1/2 in",
                "sizes.ring.diameter",
                "36",
                "sizes.plate.diameter",
                "0",
                "blank.square",
                "true",
                "blank.across",
                "70"));
    Plan<?> plan = plan(id);
    assertThat(plan.aim().mm("outside.height")).isCloseTo(190.5 + 6 - 8, within(1e-6));
    assertThat(plan.aim().mm("plate.diameter")).isZero();
    String page = visitor.get("/pieces/" + id + "/parts").body();
    for (Fitting f : plan.sketch().fittings()) {
      assertThat(page).contains(f.name());
      for (DimKey key : f.sizes()) {
        assertThat(page).contains(show.len(plan.aim().dims().get(key).mm()));
      }
    }
    assertThat(page).doesNotContain("Retaining plate").contains("your wish").contains("Nut on");
  }

  @Test
  void a_twin_is_planned_with_one_press() {
    long id = pieces.create("Pair", MillKind.MILL, MillKind.MILL.fresh().with("outside.waist", 49));
    assertThat(visitor.get("/pieces/" + id + "/parts").body()).contains("Plan its twin shaker");
    long twin = made(visitor.post("/pieces/" + id + "/twin"));
    assertThat(pieces.get(twin).kind().name()).isEqualTo("shaker");
    assertThat(plan(twin).aim().mm("outside.waist")).isEqualTo(49);
    // Side and edge stand alike; its dome, which no shaft goes through, stands a little higher.
    assertThat(plan(twin).aim().mm("outside.height") - plan(twin).aim().mm("head.dome"))
        .isCloseTo(
            plan(id).aim().mm("outside.height") - plan(id).aim().mm("head.dome"), within(1e-9));
    assertThat(visitor.get("/pieces/" + twin + "/parts").body()).doesNotContain("Plan its");
    assertThat(visitor.post("/pieces/1/twin").statusCode()).isEqualTo(404);
  }

  @Test
  void an_emptied_size_is_left_to_the_rules() {
    long id =
        pieces.create("Emptied", MillKind.MILL, MillKind.MILL.fresh().with("ring.diameter", 34));
    visitor.get("/pieces/" + id);
    assertThat(visitor.get("/pieces/" + id).body()).contains("value=\"34.0\"");
    HttpResponse<String> answer =
        visitor.post("/pieces/" + id + "/wish", "version", "1", "sizes.ring.diameter", "");
    assertThat(answer.statusCode()).isEqualTo(200);
    assertThat(plan(id).aim().mm("ring.diameter")).isEqualTo(38);
  }

  @ParameterizedTest
  @CsvSource({
    "sizes.ring.diameter, wide, is not a size",
    "sizes.ring.diameter, 900, between",
    "blank.bark, 60, between",
    "blank.slim, 80, no more than its larger"
  })
  void nonsense_is_told_at_its_field_and_stays(String field, String typed, String told) {
    visitor.get("/pieces/new?kind=mill");
    HttpResponse<String> answer =
        visitor.post("/pieces", "kind", "mill", "name", "Odd", "blank.across", "70", field, typed);
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("value=\"" + typed + "\"").containsIgnoringCase(told);
  }

  @Test
  void the_bore_page_says_where_the_bores_meet() {
    long id = pieces.create("Meets", MillKind.MILL, MillKind.MILL.fresh());
    String page = visitor.get("/pieces/" + id + "/boring").body();
    var through = plan(id).sketch().boring().get(0).through().orElseThrow();
    assertThat(page)
        .contains(
            "meets the bore from the other end " + show.len(through.meeting()),
            "run past one another by " + show.len(through.overlap()),
            "Neither mouth is seen",
            "drill chuck");
    for (Pass p : through.far().passes()) {
      assertThat(page).contains(p.bit().name());
    }
  }

  @Test
  void holes_are_typed_in_rows_and_a_row_that_is_emptied_is_gone() {
    long id = pieces.create("Rows", CasedKind.HOUSE, CasedKind.HOUSE.fresh());
    String page = visitor.get("/pieces/" + id).body();
    assertThat(page)
        .contains("holes.0.name", "holes.1.name", "holes.2.name")
        .doesNotContain("holes.3.name");
    HttpResponse<String> added =
        visitor.post(
            "/pieces/" + id + "/wish",
            "version",
            "1",
            "holes.0.name",
            "door",
            "holes.0.height",
            "40",
            "holes.0.degrees",
            "0",
            "holes.0.diameter",
            "5/8 in",
            "holes.1.name",
            "",
            "holes.1.height",
            "",
            "holes.1.degrees",
            "",
            "holes.1.diameter",
            "",
            "holes.2.name",
            "air",
            "holes.2.height",
            "50",
            "holes.2.degrees",
            "90",
            "holes.2.diameter",
            "5");
    assertThat(added.statusCode()).as(added.body()).isEqualTo(200);
    Cased now = (Cased) pieces.get(id).design();
    assertThat(now.holes()).extracting(SideHole::name).containsExactly("door", "air");
    assertThat(now.holes().get(0).diameter().mm()).isCloseTo(15.875, within(1e-9));
    HttpResponse<String> wrong =
        visitor.post(
            "/pieces/" + id + "/wish",
            "version",
            "2",
            "holes.0.name",
            "door",
            "holes.0.height",
            "high",
            "holes.0.degrees",
            "0",
            "holes.0.diameter",
            "16");
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(((Cased) pieces.get(id).design()).holes()).as("nothing stored is lost").hasSize(2);
  }

  @Test
  void the_parts_page_and_the_template_say_what_the_core_says() throws IOException {
    Cased house =
        Restated.with(
            CasedKind.HOUSE.fresh(),
            "holes",
            List.of(
                new SideHole("door <b>", Size.mm(40), 0, Size.mm(16)),
                new SideHole("air", Size.mm(48), 200, Size.mm(5))));
    long id = pieces.create("Template", CasedKind.HOUSE, house);
    Rolled side = plan(id).sketch().rolled().get(0);
    assertThat(side.round())
        .isCloseTo(Math.PI * plan(id).aim().mm("outside.diameter"), within(1e-9));
    String page = visitor.get("/pieces/" + id + "/parts").body();
    assertThat(page).contains("door &lt;b&gt;").doesNotContain("door <b>");
    for (Rolled.Place p : side.places()) {
      assertThat(page).contains(show.len(p.along()), show.len(p.wall()), show.len(p.nearest()));
    }
    try (PDDocument pdf = Loader.loadPDF(visitor.bytes("/pieces/" + id + "/hole-template.pdf"))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("grain mark", "air 5.0 mm", "100 mm");
      assertThat(text).as("further round than the page is wide").contains(" round");
    }
  }

  @Test
  void bits_to_fetch_and_a_story_stick() throws IOException {
    long id = pieces.create("Fetch", MillKind.SHAKER, MillKind.SHAKER.fresh());
    try (PDDocument pdf = Loader.loadPDF(visitor.bytes("/pieces/" + id + "/bit-flags.pdf"))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("Bits to fetch");
      plan(id).sketch().boring().stream()
          .flatMap(b -> b.plans().stream())
          .flatMap(p -> p.passes().stream())
          .forEach(p -> assertThat(text).contains(p.bit().name(), show.len(p.depth())));
    }
    try (PDDocument pdf = Loader.loadPDF(visitor.bytes("/pieces/" + id + "/story-stick.pdf"))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text)
          .contains("The body, " + show.len(plan(id).aim().mm("body.height")), "The head");
    }
  }

  @Test
  void the_wood_that_no_cut_may_enter_and_its_limits_are_on_the_drawing() {
    long id = pieces.create("Keep", MillKind.MILL, MillKind.MILL.fresh());
    String page = visitor.get("/pieces/" + id).body();
    assertThat(page).contains("class=\"keep\"").contains("at least ⌀");
    var waist =
        plan(id).sketch().handles().stream()
            .filter(h -> h.name().equals("outside.waist"))
            .findFirst()
            .orElseThrow();
    assertThat(page).contains("at least ⌀ " + show.len(waist.least()));
    long vase = pieces.create("Deep", VesselKind.VASE, VesselKind.VASE.fresh());
    assertThat(visitor.get("/pieces/" + vase).body()).contains("at most", "hollow of the foot");
  }

  @Test
  void a_limb_is_stated_drawn_and_kept() {
    visitor.get("/pieces/new?kind=dry-stem-vase");
    long id =
        made(
            visitor.post(
                "/pieces",
                "kind",
                "dry-stem-vase",
                "name",
                "From a limb",
                "blank.across",
                "66",
                "blank.slim",
                "60",
                "blank.bark",
                "4",
                "blank.barkStays",
                "true"));
    BoredVessel vase = (BoredVessel) pieces.get(id).design();
    assertThat(vase.blank().orElseThrow().barkStays()).isTrue();
    assertThat(vase.blank().orElseThrow().thick()).isEqualTo(4);
    assertThat(visitor.get("/pieces/" + id).body()).contains("class=\"limb\"");
  }

  /** The piece file of each new kind comes back as it went. */
  @Test
  void piece_files_come_back_as_they_went() {
    Mill mill = MillKind.SHAKER.fresh().with("holes.circle", 11);
    for (var p :
        List.of(
            pieces.create("a", MillKind.SHAKER, mill),
            pieces.create("b", CasedKind.HOUSE, CasedKind.HOUSE.fresh()))) {
      var again = pieces.get(p);
      assertThat(again.design()).isIn(mill, CasedKind.HOUSE.fresh());
      assertThat(again.kind().type()).isEqualTo(again.design().getClass());
    }
    var answer =
        visitor.plan(
            """
            {"piece": {"kind": "dry-stem-vase", "design": {"blank": {"across": 66}, "inside": "RIGGED",
             "sizes": {"bore.diameter": 30, "outside.diameter": 60}}}}
            """);
    assertThat(answer.toString()).contains("hollow.wall");
  }

  /** Designs and tools that were stored before limbs and hooks were known are read as they were. */
  @Test
  void what_was_stored_before_is_still_read() {
    var json = app.bean(hazelkeep.web.json.Json.class);
    String before =
        """
        {"form": "NECKED", "species": "American beech", "grit": 320, "finish": "oil",
         "blank": {"length": "150 mm", "across": "60 mm", "square": true}, "sizes": {},
         "footBy": "SAW", "jamWood": "Yellow-poplar", "paper": 0, "grainSlope": 0}
        """;
    BoredVessel vase = json.design(VesselKind.VASE, json.mapper().readTree(before));
    assertThat(vase.inside()).isEqualTo(BoredVessel.Inside.BORED);
    assertThat(vase.blank().orElseThrow().thick()).isZero();
    assertThat(vase.blank().orElseThrow().square()).isTrue();
    var tool =
        json.read(
            "{\"name\": \"gouge\", \"shape\": {\"nose\": 2, \"shank\": 5, \"length\": 150}, \"does\": [\"CUT\"], \"width\": 0}",
            hazelkeep.shop.Tool.class);
    assertThat(tool.hook()).isZero();
  }

  @Test
  void a_hooked_bar_is_hung_on_the_wall_with_its_hook() {
    visitor.get("/shop/tool/new");
    HttpResponse<String> answer =
        visitor.post(
            "/shop/tool",
            "name",
            "long hook",
            "shape.nose",
            "2",
            "shape.shank",
            "5",
            "shape.length",
            "300",
            "does.CUT",
            "true",
            "kind",
            "HOOK",
            "blade",
            "12",
            "width",
            "0",
            "hook",
            "31");
    assertThat(answer.statusCode()).isIn(200, 302);
    assertThat(visitor.get("/shop").body())
        .contains("hooked by 31.0 mm, passes a mouth of 36.0 mm");
    visitor.post("/shop/tool/long%20hook/remove");
  }
}
