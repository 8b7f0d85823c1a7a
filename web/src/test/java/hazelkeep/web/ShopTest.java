package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Restated;
import hazelkeep.shop.Bit;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.PushTest;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Span;
import hazelkeep.web.json.BadField;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.wood.Figure;
import hazelkeep.wood.WoodProperty;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The wall of the workshop, on an application of its own: others plan by theirs. */
class ShopTest {
  private static final App APP = App.start("jdbc:h2:mem:shop;DB_CLOSE_DELAY=-1", "demo");
  private final App.Visitor visitor = APP.visitor();
  private final ShopStore store = APP.bean(ShopStore.class);

  @AfterAll
  static void stop() {
    APP.stop();
  }

  @BeforeEach
  void stocked() {
    store.replace(Shop.starter(), s -> true);
    visitor.get("/shop");
  }

  private JawSet jaws(String name) {
    return store.shop().jaws(name).orElseThrow();
  }

  private String path(ShopKind kind, String name) {
    return store.items(kind).stream()
        .filter(i -> kind.nameOf(i.thing()).equals(name))
        .map(i -> "/shop/" + kind.key() + "/" + i.id())
        .findFirst()
        .orElseThrow();
  }

  private static String[] jawFields(String name, String from, String to) {
    return new String[] {
      "name",
      name,
      "form",
      "DOVETAIL",
      "trueCircle",
      "60",
      "squeeze.from",
      from,
      "squeeze.to",
      to,
      "expand.from",
      "",
      "expand.to",
      "",
      "depth",
      "11",
      "dovetail",
      "8",
      "body",
      "100"
    };
  }

  @Test
  void a_jaw_set_is_hung_up_and_drawn() {
    HttpResponse<String> r = visitor.post("/shop/jaws", jawFields("60 mm jaws", "52", "75"));
    assertThat(r.statusCode()).isEqualTo(302);
    assertThat(jaws("60 mm jaws").squeeze()).isEqualTo(new Span(52, 75));
    assertThat(jaws("60 mm jaws").expand()).isEmpty();
    String page = visitor.get("/shop?tenon=66").body();
    assertThat(page).contains("60 mm jaws on 66.0 mm: bites on 8 lines, misses a full bite by");
  }

  @Test
  void a_range_upside_down_is_told_and_what_was_typed_stays() {
    HttpResponse<String> r = visitor.post("/shop/jaws", jawFields("odd jaws", "75", "52"));
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("upside down").contains("value=\"odd jaws\"");
    assertThat(store.shop().jaws("odd jaws")).isEmpty();
    String[] half = jawFields("half jaws", "52", "75");
    half[11] = "60";
    assertThat(visitor.post("/shop/jaws", half).body()).contains("A range has two ends");
  }

  @Test
  void what_is_no_size_or_no_number_is_said_at_its_field() {
    String[] wrong = jawFields("x jaws", "fifty", "75");
    HttpResponse<String> r = visitor.post("/shop/jaws", wrong);
    assertThat(r.body()).contains("is not a size").contains("squeeze.from-error");
    assertThat(visitor.post("/shop/jaws", jawFields("50 mm jaws", "52", "75")).body())
        .contains("There is already one called");
  }

  @Test
  void speeds_of_zero_leave_the_lathe_as_it_was() {
    String lathe = path(ShopKind.LATHE, "lathe");
    HttpResponse<String> r =
        visitor.post(
            lathe,
            "version",
            "1",
            "swing",
            "300",
            "between",
            "450",
            "slowest",
            "0",
            "fastest",
            "0",
            "steps",
            "",
            "quillTravel",
            "100",
            "spindle",
            "");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("lies between 1 and 10000 rpm");
    assertThat(store.shop().lathe()).isEqualTo(Shop.starter().lathe());
    HttpResponse<String> steps =
        visitor.post(
            lathe,
            "version",
            "1",
            "swing",
            "300",
            "between",
            "450",
            "slowest",
            "200",
            "fastest",
            "2900",
            "steps",
            "2900, 200; 900 1500",
            "quillTravel",
            "100",
            "spindle",
            "M33");
    assertThat(steps.statusCode()).isEqualTo(302);
    assertThat(store.shop().lathe().steps()).containsExactly(200.0, 900.0, 1500.0, 2900.0);
    String route = visitor.get("/pieces/2/route").body();
    assertThat(route).as("speeds are shown on the lathe's own steps").contains("step 900");
  }

  /** Looked at in inches and saved as it was, a size stays what it was to the last digit. */
  @ParameterizedTest
  @EnumSource(ShopKind.class)
  void looking_at_a_thing_in_another_unit_changes_nothing(ShopKind kind) {
    Shop full = full("plug");
    store.replace(full, s -> true);
    visitor.post("/unit", "to", "INCH", "back", "/shop");
    for (ShopStore.Item i : store.items(kind)) {
      String path = "/shop/" + kind.key() + "/" + i.id();
      String[] fields = fields(visitor.get(path).body());
      assertThat(visitor.post(path, fields).statusCode()).as(path).isEqualTo(302);
    }
    visitor.post("/unit", "to", "MM", "back", "/shop");
    assertThat(store.shop()).isEqualTo(full);
  }

  /** A shop with something of every kind. */
  private static Shop full(String chuck) {
    Shop starter = Shop.starter();
    Bit.Own own = new Bit.Own(Optional.of(1.5), Optional.of(300.0), Optional.empty());
    List<Bit> bits = starter.bits().stream().map(b -> b.needsCentre() ? b.with(own) : b).toList();
    return Restated.with(
        starter.withBits(bits).with(new PushTest("Common pear", 40, 50, 180, 49.05, 0.213)),
        "chucks",
        List.of(new KeptChuck(chuck, KeptChuck.Form.PLUG, 44.37, 12, 70, "Plum")));
  }

  /** The fields of a form as a browser would send them back. */
  private static String[] fields(String page) {
    java.util.List<String> out = new java.util.ArrayList<>();
    String form = page.substring(page.indexOf("<form id=\"thing\""));
    form = form.substring(0, form.indexOf("</form>"));
    java.util.regex.Matcher m =
        java.util.regex.Pattern.compile(
                "<input ([^>]*)>|<select [^>]*name=\"([^\"]+)\"|<option ([^>]*)>")
            .matcher(form);
    String select = "";
    while (m.find()) {
      if (m.group(2) != null) {
        select = m.group(2);
      } else if (m.group(3) != null) {
        if (m.group(3).contains("selected")) {
          out.add(select);
          out.add(attribute(m.group(3), "value"));
        }
      } else if (!m.group(1).contains("_csrf")
          && (!m.group(1).contains("checkbox") || m.group(1).contains("checked"))) {
        out.add(attribute(m.group(1), "name"));
        out.add(attribute(m.group(1), "value"));
      }
    }
    return out.toArray(String[]::new);
  }

  private static String attribute(String tag, String name) {
    java.util.regex.Matcher m =
        java.util.regex.Pattern.compile("(?:^|\\s)" + name + "=\"([^\"]*)\"").matcher(tag);
    return m.find() ? m.group(1).replace("&quot;", "\"").replace("&amp;", "&") : "";
  }

  @Test
  void two_tabs_do_not_overwrite_one_another_unseen() {
    String path = path(ShopKind.GAUGE, "depth gauge");
    assertThat(visitor.post(path, "version", "1", "name", "depth gauge", "dead", "3").statusCode())
        .isEqualTo(302);
    HttpResponse<String> late =
        visitor.post(path, "version", "1", "name", "depth gauge", "dead", "5");
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body()).contains("another tab").contains("value=\"5\"");
    assertThat(store.shop().depthGauge().dead()).isEqualTo(3);
  }

  @Test
  void a_depth_gauge_begins_without_a_dead_length_and_a_trial_tells_it() {
    assertThat(store.shop().depthGauge().dead()).isZero();
    assertThat(visitor.get("/pieces/2/route").body()).doesNotContain("depth gauge shows");
    String path = path(ShopKind.GAUGE, "depth gauge");
    assertThat(visitor.get(path).body()).contains("A trial reading").contains("True depth =");
    HttpResponse<String> half =
        visitor.post(
            path,
            "version",
            "1",
            "name",
            "depth gauge",
            "dead",
            "0",
            "depth",
            "true",
            "trial.true",
            "10",
            "trial.shown",
            "");
    assertThat(half.statusCode()).isEqualTo(422);
    assertThat(half.body()).contains("A trial has two numbers").contains("value=\"10\"");
    visitor.post(
        path,
        "version",
        "1",
        "name",
        "depth gauge",
        "dead",
        "0",
        "depth",
        "true",
        "trial.true",
        "10",
        "trial.shown",
        "8,0");
    assertThat(store.shop().depthGauge().dead()).isEqualTo(2);
    // A recess 9.4 deep is 7.4 on it.
    assertThat(visitor.get("/pieces/2/route").body()).contains("depth gauge shows 7.4");
  }

  @Test
  void what_is_taken_off_can_be_hung_back() {
    HttpResponse<String> gone = visitor.post(path(ShopKind.JAWS, "75 mm jaws") + "/remove");
    assertThat(gone.statusCode()).isEqualTo(302);
    assertThat(store.shop().jaws("75 mm jaws")).isEmpty();
    String page = visitor.get("/shop").body();
    assertThat(page).contains("“75 mm jaws” is off the wall");
    String notice = page.substring(page.indexOf("jaws/again"), page.indexOf("Hang it back"));
    String[] fields = fields("<form id=\"thing\"" + notice + "</form>");
    assertThat(visitor.post("/shop/jaws/again", fields).statusCode()).isEqualTo(302);
    assertThat(jaws("75 mm jaws")).isEqualTo(Shop.starter().jaws("75 mm jaws").orElseThrow());
  }

  @Test
  void a_wall_without_jaws_still_shows_its_pieces() {
    for (JawSet j : store.shop().jaws()) {
      String at = path(ShopKind.JAWS, j.name()) + "/remove";
      HttpResponse<String> asked = visitor.post(at);
      if (asked.statusCode() == 422) {
        String sure = asked.body().replaceAll("(?s).*name=\"sure\" value=\"([^\"]*)\".*", "$1");
        visitor.post(at, "sure", HtmlUtils.htmlUnescape(sure));
      }
    }
    assertThat(visitor.get("/pieces/2").body()).contains("no jaws that hold a tenon");
    assertThat(visitor.get("/pieces/2/holding").statusCode()).isEqualTo(200);
    assertThat(visitor.get("/shop").statusCode()).isEqualTo(200);
  }

  @Test
  void a_jam_chuck_is_kept_and_serves_again() {
    visitor.get("/pieces/2/holding");
    assertThat(visitor.post("/pieces/2/holding/keep", "end", "foot").statusCode()).isEqualTo(302);
    KeptChuck kept = store.shop().chucks().get(0);
    assertThat(kept.name()).isEqualTo("Chart pin box, foot");
    assertThat(visitor.get("/pieces/2/holding/ways?end=foot").body())
        .as("it fits the mouth that it was turned for")
        .doesNotContain("No plug is kept on the wall");
    visitor.get("/pieces/2/holding");
    HttpResponse<String> twice = visitor.post("/pieces/2/holding/keep", "end", "foot");
    assertThat(twice.statusCode()).isEqualTo(422);
    assertThat(twice.body()).contains("There is already one called");
    assertThat(visitor.post("/pieces/2/holding/keep", "end", "lid").body())
        .contains("No jam chuck is turned for the lid");
  }

  private HttpResponse<String> upload(String path, String field, String content) {
    visitor.get("/shop");
    return visitor.upload(path, field, content);
  }

  @Test
  void a_shop_file_brings_the_same_shop_back() {
    store.replace(
        Restated.with(
            Shop.starter(),
            "chucks",
            List.of(new KeptChuck("plug", KeptChuck.Form.CUP, 44.37, 12, 70, ""))),
        s -> true);
    Shop was = store.shop();
    String text = visitor.get("/shop/shop.json").body();
    store.replace(Shop.starter().withJaws(List.of()), s -> true);
    assertThat(upload("/shop/import", "shop", text).statusCode()).isEqualTo(302);
    assertThat(store.shop()).isEqualTo(was);
    assertThat(visitor.get("/shop").body()).contains("Put the wall back as it was");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "not json",
        "{}",
        "{\"schema\":9,\"shop\":{}}",
        "{\"schema\":1,\"shop\":{}}",
        "{\"schema\":1,\"shop\":{\"lathe\":{\"swing\":0}}}",
        "{\"schema\":1,\"shop\":{\"lamps\":[]}}"
      })
  void a_file_that_is_no_shop_changes_nothing(String text) {
    HttpResponse<String> r = upload("/shop/import", "shop", text);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("Nothing on the wall was changed").doesNotContain("hazelkeep.");
    assertThat(store.shop()).isEqualTo(Shop.starter());
  }

  @ParameterizedTest
  @EnumSource(ShopKind.class)
  void every_kind_goes_out_and_comes_in_as_a_table(ShopKind kind) {
    Shop full =
        full("=plug, \"old\"")
            .with(
                new hazelkeep.wood.Woods(
                    List.of(
                        new hazelkeep.wood.Species(
                            "Driftwood",
                            "",
                            java.util.Map.of(
                                WoodProperty.DENSITY,
                                new Figure(512, Figure.Letter.OWN, "the turner's own figure"))))));
    store.replace(full, s -> true);
    String table = visitor.get("/shop/" + kind.key() + ".csv").body();
    if (kind == ShopKind.CHUCK) {
      assertThat(table).as("no formula for a table program").contains("'=plug");
    }
    HttpResponse<String> r = upload("/shop/" + kind.key() + "/import", "table", table);
    assertThat(r.statusCode()).isEqualTo(302);
    assertThat(new java.util.ArrayList<Record>(kind.of(store.shop())))
        .hasSameElementsAs(new java.util.ArrayList<Record>(kind.of(full)));
  }

  @Test
  void a_table_with_a_wrong_line_names_it_and_brings_nothing_in() {
    String table = "name,dead\nnew gauge,4\nworse gauge,four\n";
    HttpResponse<String> r = upload("/shop/gauge/import", "table", table);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("Line 3, dead").contains("is not a size");
    assertThat(store.shop().gauge("new gauge")).isEmpty();
    assertThat(upload("/shop/gauge/import", "table", "a,b\n1,2\n").body())
        .contains("The first line names the columns: name, dead");
  }

  @Test
  void a_figure_of_ones_own_wins_over_the_librarys() {
    String form = visitor.get("/shop/woods/own?name=Common%20pear").body();
    assertThat(form).contains("not known");
    assertThat(
            visitor
                .post("/shop/wood", "name", "Common pear", "botanical", "", "TENSION_ACROSS", "5.5")
                .statusCode())
        .isEqualTo(302);
    Optional<Figure> own = store.shop().woods().named("common pear").orElseThrow().tensionAcross();
    assertThat(own.orElseThrow().value()).isEqualTo(5.5);
    assertThat(own.orElseThrow().letter()).isEqualTo(Figure.Letter.OWN);
    assertThat(visitor.get("/shop/woods").body()).contains("5.5 own");
    assertThat(
            visitor.post("/shop/wood", "name", "Lead", "botanical", "", "DENSITY", "11340").body())
        .contains("Density lies between 80 and 1500 kg/m³");
  }

  @Test
  void a_push_test_says_what_stiffness_rests_on() {
    assertThat(visitor.get("/shop").body()).contains("no push test made");
    visitor.post(
        "/shop/push",
        "species",
        "American beech",
        "diameter",
        "50",
        "tenon",
        "50",
        "at",
        "200",
        "force",
        "50",
        "deflection",
        "0.15");
    assertThat(visitor.get("/shop").body()).contains("worked out with your push test");
  }

  /**
   * Every field of every thing, null or left out: read as something whole, or refused by its name.
   */
  @Test
  void a_shop_file_that_lacks_a_field_is_refused_by_its_name() {
    Json json = App.shared().bean(Json.class);
    store.replace(full("plug"), s -> true);
    JsonNode root = json.mapper().readTree(visitor.get("/shop/shop.json").body());
    int refused = 0;
    int taken = 0;
    for (String list : root.get("shop").propertyNames()) {
      JsonNode things = root.get("shop").get(list);
      JsonNode thing = things.isArray() ? things.get(0) : things;
      if (!(thing instanceof ObjectNode object)) {
        continue;
      }
      for (String field : List.copyOf(object.propertyNames())) {
        for (boolean none : new boolean[] {true, false}) {
          JsonNode was = object.get(field);
          if (none) {
            object.putNull(field);
          } else {
            object.remove(field);
          }
          String as = list + " without " + field + (none ? ", null" : ", left out");
          try {
            Shop read = json.lengths(root.get("shop"), Shop.class);
            if (++taken % 6 == 0) {
              store.replace(read, x -> true);
              assertThat(visitor.get("/shop").statusCode()).as(as).isEqualTo(200);
            }
          } catch (BadField e) {
            refused++;
            assertThat(e.field()).as(as).startsWith(list);
            assertThat(e.getMessage()).as(as).isNotBlank();
          }
          object.set(field, was);
        }
      }
    }
    store.replace(Shop.starter(), s -> true);
    assertThat(refused).isGreaterThan(50);
    // And the page says so.
    visitor.get("/shop");
    ((ObjectNode) root.get("shop").get("jaws").get(0)).putNull("form");
    HttpResponse<String> r =
        visitor.upload("/shop/import", "shop", json.mapper().writeValueAsString(root));
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("jaws").contains("Nothing on the wall was changed.");
    assertThat(taken).isPositive();
  }
}
