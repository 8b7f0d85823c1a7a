package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.web.util.HtmlUtils;

/** The page of Practice, on an application of its own: others plan by theirs. */
class PracticePageTest {
  private static final App APP = App.start("jdbc:h2:mem:practice;DB_CLOSE_DELAY=-1", "demo");
  private final App.Visitor visitor = APP.visitor();
  private final ShopStore store = APP.bean(ShopStore.class);

  @AfterAll
  static void stop() {
    APP.stop();
  }

  @BeforeEach
  void usual() {
    store.replace(Shop.starter(), s -> true);
    visitor.get("/shop/practice");
  }

  private Practice practice() {
    return store.shop().practice();
  }

  @Test
  void an_own_value_is_kept_shown_on_the_plans_and_taken_back() {
    HttpResponse<String> r = visitor.post("/shop/practice", "wall.box", "2,5");
    assertThat(r.statusCode()).isEqualTo(302);
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(2.5);
    assertThat(visitor.get("/pieces/1").body())
        .contains("Least wall of a box 2.5 mm, usual 3")
        .contains("By your own");
    assertThat(visitor.get("/pieces/4").body()).doesNotContain("By your own");
    assertThat(visitor.get("/shop/practice/wall.box").body()).contains("2.5 mm");
    assertThat(visitor.get("/shop/practice/wall.box/uses").body()).contains("Barley canister");
    visitor.get("/shop/practice");
    visitor.post("/shop/practice", "wall.box", "");
    assertThat(practice()).isEqualTo(Practice.USUAL);
  }

  @Test
  void lengths_are_typed_in_inches_as_well() {
    visitor.post("/shop/practice", "wall.box", "1/8 in", "fit.push-least", "-0.04");
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(3.175);
    assertThat(practice().of(Line.FIT_PUSH_LEAST)).isEqualTo(-0.04);
  }

  @ParameterizedTest
  @ValueSource(strings = {"-3", "900", "thin", "0"})
  void nonsense_is_refused_and_kept_as_it_was_typed(String typed) {
    HttpResponse<String> r = visitor.post("/shop/practice", "wall.box", typed, "wall.mill", "4.5");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("field-error").contains("value=\"4.5\"");
    assertThat(practice()).isEqualTo(Practice.USUAL);
  }

  /** Its lines stand under headings of words, none under its own key. */
  @Test
  void every_group_has_a_title() {
    String page = visitor.get("/shop/practice").body();
    for (Line line : Line.values()) {
      assertThat(page)
          .contains("id=\"" + line.group() + "-title\">")
          .doesNotContain("id=\"" + line.group() + "-title\">" + line.group() + "<");
    }
  }

  @Test
  void a_number_that_is_no_length_says_its_unit() {
    HttpResponse<String> r = visitor.post("/shop/practice", "speed.parting", "slow");
    assertThat(HtmlUtils.htmlUnescape(r.body()))
        .contains("A number in rpm is expected here, like 1000.");
  }

  @Test
  void two_tabs_are_told_of_one_another_and_nothing_typed_is_lost() {
    visitor.post("/shop/practice", "was", "{\"own\":[],\"bounds\":[]}", "wall.box", "2.5");
    HttpResponse<String> r =
        visitor.post("/shop/practice", "was", "{\"own\":[],\"bounds\":[]}", "wall.mill", "4.5");
    assertThat(r.statusCode()).isEqualTo(409);
    assertThat(r.body()).contains("another tab").contains("value=\"4.5\"");
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(2.5);
  }

  @Test
  void a_value_that_breaks_a_piece_is_asked_about_first() {
    HttpResponse<String> r = visitor.post("/shop/practice", "wall.box", "25");
    assertThat(r.statusCode()).isEqualTo(422);
    Matcher sure = Pattern.compile("name=\"sure\" value=\"([^\"]+)\"").matcher(r.body());
    assertThat(sure.find()).isTrue();
    String words = HtmlUtils.htmlUnescape(sure.group(1));
    assertThat(visitor.post("/shop/practice", "wall.box", "25", "sure", words).statusCode())
        .isEqualTo(302);
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(25);
  }

  @Test
  void own_values_travel_with_the_shop_s_file() {
    HttpResponse<String> kept = visitor.post("/shop/practice", "wall.box", "2.5");
    assertThat(kept.statusCode()).as(kept.body()).isEqualTo(302);
    String file = visitor.get("/shop/shop.json").body();
    store.replace(Shop.starter(), s -> true);
    visitor.get("/shop");
    HttpResponse<String> in = visitor.upload("/shop/import", "shop", file);
    assertThat(in.statusCode()).as(in.body()).isEqualTo(302);
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(2.5);
    String wrong = file.replace("wall.box", "wall.paper");
    assertThat(HtmlUtils.htmlUnescape(visitor.upload("/shop/import", "shop", wrong).body()))
        .contains("Practice has no line called “wall.paper”");
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(2.5);
  }

  /** Twelve times two tabs at once: one saves, the other is told and keeps what it typed. */
  @Test
  void of_two_tabs_at_once_one_saves_and_the_other_is_told() throws Exception {
    for (int round = 0; round < 12; round++) {
      String was = was("/shop/practice");
      List<Callable<HttpResponse<String>>> tabs = new ArrayList<>();
      for (String line : new String[] {"wall.box", "wall.vessel"}) {
        // Never what stands already: to save that again would change nothing.
        String value = Integer.toString(200 + 5 * round).replaceFirst("2", "2.");
        App.Visitor tab = APP.visitor();
        tab.get("/shop/practice");
        tabs.add(() -> tab.post("/shop/practice", "was", was, line, value));
      }
      List<Integer> codes = new ArrayList<>();
      ExecutorService two = Executors.newFixedThreadPool(2);
      for (Future<HttpResponse<String>> f : two.invokeAll(tabs)) {
        codes.add(f.get().statusCode());
      }
      two.shutdown();
      assertThat(codes).containsExactlyInAnyOrder(302, 409);
    }
  }

  private String was(String page) {
    Matcher m =
        Pattern.compile("name=\"was\" value=\"([^\"]*)\"").matcher(visitor.get(page).body());
    assertThat(m.find()).isTrue();
    return HtmlUtils.htmlUnescape(m.group(1));
  }

  @Test
  void a_wall_that_was_changed_meanwhile_is_not_replaced() {
    String file = visitor.get("/shop/shop.json").body();
    Matcher m =
        Pattern.compile("name=\"seen\" value=\"([^\"]+)\"").matcher(visitor.get("/shop").body());
    assertThat(m.find()).isTrue();
    store.only(
        ShopKind.PRACTICE, practice().with(Line.WALL_BOX, OptionalDouble.of(4.4)).own(), s -> true);
    HttpResponse<String> late = visitor.post("/shop/back", "was", file, "seen", m.group(1));
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body()).contains("changed in another tab");
    assertThat(practice().of(Line.WALL_BOX)).isEqualTo(4.4);
    assertThat(visitor.post("/shop/practice", "was", "{}", "wall.box", "5").body())
        .contains("stored: 4.4");
  }

  @Test
  void a_line_that_is_not_there_is_said() {
    assertThat(visitor.get("/shop/practice/wall.paper").statusCode()).isEqualTo(404);
  }

  /** Bounds of one's own: wider, narrower, in inches, of what is added, and taken back. */
  @Test
  void own_bounds_of_sizes_are_kept_shown_and_taken_back() {
    String far = "/shop/practice/bounds";
    visitor.get(far);
    assertThat(
            visitor.post(far, "most:outside.height", "24 in", "least:bead.wide", "2").statusCode())
        .isEqualTo(302);
    assertThat(practice().bound("outside.height").orElseThrow().most()).contains(609.6);
    assertThat(practice().bound("outside.height").orElseThrow().least()).isEmpty();
    assertThat(practice().bound("bead.wide").orElseThrow().least()).contains(2.0);
    assertThat(visitor.get(far).body()).contains("609.6", "yours");
    assertThat(visitor.get("/pieces/1").body())
        .contains("By your own", "20.0 to 609.6 mm, usual 20.0 to 600.0");
    visitor.get(far);
    visitor.post(far, "most:outside.height", "", "least:bead.wide", "");
    assertThat(practice()).isEqualTo(Practice.USUAL);
  }

  /** What makes no sense is told at its field, and what was typed stays. */
  @ParameterizedTest
  @CsvSource({
    "least:outside.height, 700, nothing is left between",
    "most:outside.height, 5000, lies between -1 and 2000 mm",
    "most:outside.height, tall, Accepted: 54",
    "least:outside.height, -5, lies between -1 and 2000 mm"
  })
  void bounds_that_make_no_sense_are_told(String field, String value, String told) {
    visitor.get("/shop/practice/bounds");
    HttpResponse<String> r = visitor.post("/shop/practice/bounds", field, value);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains(told, "value=\"" + value + "\"");
    assertThat(practice()).isEqualTo(Practice.USUAL);
  }

  /** A piece that has a size beyond them is named first; asked once more it is done. */
  @Test
  void bounds_that_a_piece_breaks_are_asked_about() {
    visitor.get("/shop/practice/bounds");
    HttpResponse<String> r = visitor.post("/shop/practice/bounds", "most:outside.diameter", "30");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("It concerns");
    assertThat(practice()).isEqualTo(Practice.USUAL);
  }

  /** They travel with the shop's file. */
  @Test
  void bounds_are_in_the_shops_file() {
    visitor.get("/shop/practice/bounds");
    visitor.post("/shop/practice/bounds", "most:outside.height", "610");
    Shop shop = store.shop();
    String file = visitor.get("/shop/shop.json").body();
    assertThat(file).contains("outside.height", "610");
    store.replace(Shop.starter(), s -> true);
    assertThat(practice()).isEqualTo(Practice.USUAL);
    store.replace(shop, s -> true);
    assertThat(practice().bound("outside.height").orElseThrow().most()).contains(610.0);
  }
}
