package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.air.Climate;
import hazelkeep.closing.Closing;
import hazelkeep.closing.Feel;
import hazelkeep.element.Spigot;
import hazelkeep.fit.AirCushion;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.Plan;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.FitStore;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShopStore;
import java.net.http.HttpResponse;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The fit page, and the air that it is worked out with. */
class FitPageTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final Planner planner = app.bean(Planner.class);
  private final FitStore fits = app.bean(FitStore.class);
  private final ShopStore shops = app.bean(ShopStore.class);
  private long id;

  @BeforeEach
  void box() {
    LiddedBox box = hazelkeep.measure.Restated.with(LiddedBox.fresh(), "species", "Black cherry");
    id = pieces.create("Fit box", LiddedBoxKind.BOX, box);
    visitor.get("/pieces/" + id + "/fit");
  }

  private Plan<?> plan() {
    return planner.plan(pieces.get(id));
  }

  private String path(String more) {
    return "/pieces/" + id + "/fit" + more;
  }

  @Test
  void its_numbers_are_the_core_s() {
    Plan<?> plan = plan();
    Closing c = Closing.of(plan.aim(), plan.aim().joints().get(0));
    Feel feel = Feel.of(c, c.clearance(), false, plan.shop().practice());
    String page = visitor.get(path("")).body();
    assertThat(page)
        .contains(Rounding.text(AirCushion.peak(feel.pull()), 1) + " N at most")
        .contains(feel.fit().named())
        .contains(Rounding.text(c.lidGrams().orElseThrow(), 0) + " g")
        .contains("Jan")
        .contains("Lid and body move together");
    // What the lid weighs is what its wood weighs, by the volume of the drawn section.
    double lid = plan.aim().part(c.lid()).target().volume() * 560e-6;
    assertThat(c.lidGrams().orElseThrow()).isCloseTo(lid, within(0.1));
  }

  @Test
  void another_clearance_is_shown_and_not_kept_until_it_is_kept() {
    String view = visitor.get(path("/view?clearance=0.3")).body();
    assertThat(view).contains("an easy fit").contains("tried, not kept").contains("0.30 mm");
    assertThat(view).doesNotContain("<html");
    assertThat(plan().aim().mm(Spigot.CLEARANCE)).isLessThan(0.12);
    int version = pieces.get(id).version();
    HttpResponse<String> kept =
        visitor.post(path("/keep"), "clearance", "0.3", "version", "" + version);
    assertThat(kept.statusCode()).isEqualTo(302);
    assertThat(plan().aim().mm(Spigot.CLEARANCE)).isCloseTo(0.3, within(1e-9));
    assertThat(
            visitor.post(path("/keep"), "clearance", "0.1", "version", "" + version).statusCode())
        .as("another tab was quicker")
        .isEqualTo(409);
    assertThat(plan().aim().mm(Spigot.CLEARANCE)).isCloseTo(0.3, within(1e-9));
    HttpResponse<String> wild =
        visitor.post(path("/keep"), "clearance", "50", "version", "" + (version + 1));
    assertThat(wild.statusCode()).isEqualTo(422);
  }

  @Test
  void another_class_lets_a_stated_clearance_go() {
    int version = pieces.get(id).version();
    visitor.post(path("/keep"), "clearance", "0.3", "version", "" + version);
    visitor.post(path("/class"), "option", "SNUG", "version", "" + (version + 1));
    assertThat(plan().aim().mm(Spigot.CLEARANCE)).isCloseTo(0.185, within(1e-9));
    assertThat(
            visitor
                .post(path("/class"), "option", "NONE", "version", "" + (version + 2))
                .statusCode())
        .isEqualTo(422);
  }

  @Test
  void what_is_said_of_the_air_is_kept_and_nonsense_is_kept_typed() {
    visitor.post(
        path("/year"),
        "home",
        "Galley of a boat",
        "workshop",
        "Workshop with a stove",
        "moisture",
        "9,5",
        "turned",
        "90",
        "coat",
        "BARE",
        "south",
        "true");
    assertThat(fits.of(id).home()).isEqualTo("Galley of a boat");
    assertThat(fits.of(id).moisture()).isEqualTo(9.5);
    String page = visitor.get(path("")).body();
    assertThat(page).contains("does not stay a suction fit").contains("Line the grain up");
    HttpResponse<String> bad =
        visitor.post(path("/year"), "home", "Cellar", "moisture", "damp", "coat", "OIL");
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(bad.body()).contains("value=\"damp\"").contains("a number like 11.5");
    assertThat(fits.of(id).home()).isEqualTo("Galley of a boat");
    assertThat(visitor.get(path("/view?clearance=x&home=Cellar")).statusCode()).isEqualTo(400);
    assertThat(visitor.get(path("/view?clearance=1e9&home=Nowhere&turned=900")).body())
        .contains("between 0 and 180");
  }

  @Test
  void numbers_that_are_none_and_places_that_are_gone() {
    int version = pieces.get(id).version();
    for (String none : List.of("NaN", "Infinity", "-Infinity")) {
      assertThat(visitor.get(path("?clearance=" + none)).body()).contains("a suction fit");
      assertThat(visitor.get(path("/view?clearance=" + none)).body()).doesNotContain("NaN");
      assertThat(
              visitor.post(path("/keep"), "clearance", none, "version", "" + version).statusCode())
          .isEqualTo(422);
    }
    assertThat(pieces.get(id).version()).isEqualTo(version);
    visitor.post(path("/year"), "home", "Attic", "workshop", "Cellar", "coat", "OIL");
    assertThat(visitor.get(path("")).body()).contains("“Attic” is no longer among the places");
  }

  @Test
  void a_wood_of_which_too_little_is_known_is_named() {
    visitor.post(path("/year"), "home", "Cellar", "spigotWood", "Boxwood", "coat", "OIL");
    assertThat(visitor.get(path("")).body()).contains("How Boxwood shrinks is not known here");
    visitor.post(path("/year"), "home", "Cellar", "spigotWood", "White oak", "coat", "OIL");
    assertThat(visitor.get(path("")).body()).contains("Through the year").contains("year-band");
  }

  @Test
  void a_piece_without_a_lid_says_so() {
    assertThat(visitor.get("/pieces/5/fit").body()).contains("there is nothing to fit");
  }

  /** A log of a year: six hours apart, some air. */
  private static String year(String head, String row) {
    StringBuilder out = new StringBuilder(head).append('\n');
    for (int m = 1; m <= 12; m++) {
      for (int d = 1; d <= 28; d += 3) {
        out.append(
                row.replace("DD", String.format("%02d", d)).replace("MM", String.format("%02d", m)))
            .append('\n');
      }
    }
    return out.toString();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "date,temperature,humidity | 2025-MM-DDT06:00,18.5,55 | 18.5",
        "Datum;Temperatur °C;Feuchte % | DD.MM.2025 06:00;18,5;55,0 | 18.5",
        "Time\tHum\tTemp(°F) | 2025/MM/DD\t55%\t65.3 | 18.5",
        "date,temp_c,rh | MM/DD/2025,18.5,55 | 18.5"
      })
  void logs_of_hygrometers_come_as_they_come(String head, String row, double celsius) {
    String text = year(head, row).replace("\\t", "\t");
    visitor.get("/shop/air");
    HttpResponse<String> r = visitor.upload("/shop/air/log?name=Loft", "log", text);
    assertThat(r.statusCode()).as(r.body()).isEqualTo(302);
    Climate loft = shops.shop().climates().named("Loft").orElseThrow();
    assertThat(loft.celsius()).allSatisfy(t -> assertThat(t).isCloseTo(celsius, within(0.06)));
    assertThat(loft.humidity()).isEqualTo(Collections.nCopies(12, 55.0));
    assertThat(visitor.get("/pieces/" + id + "/fit").body()).contains(">Loft<");
  }

  @Test
  void a_log_with_gaps_is_filled_and_says_so() {
    String text = year("date,temp,hum", "2025-MM-DD,18,55");
    String gaps =
        text.lines()
                .filter(l -> !l.startsWith("2025-03") && !l.startsWith("2025-04"))
                .reduce("", (a, b) -> a + b + "\n")
            + "2025-05-01,,\nnoise\n2025-05-02,18,0\n";
    visitor.get("/shop/air");
    visitor.upload("/shop/air/log?name=Gaps", "log", gaps);
    assertThat(visitor.get("/shop/air").body())
        .contains("March, April")
        .contains("2 lines could not be read")
        .contains("1 lines that no air can have");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "date,temp,hum | 2025-MM-DD,18,0 | fell silent",
        "a,b,c | 2025-MM-DD,18,55 | names the columns",
        "date,temp,hum | 2025-01-DD,18,55 | holds 1 months",
        "date,temp,hum | 2025-MM-DD,68,55 | name the column °F",
        "date,temp,hum | yesterday,18,55 | No line has a date"
      })
  void a_log_that_says_nothing_is_refused_with_what_would(String head, String row, String says) {
    visitor.get("/shop/air");
    HttpResponse<String> r = visitor.upload("/shop/air/log?name=Odd", "log", year(head, row));
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains(says);
    assertThat(shops.shop().climates().named("Odd")).isEmpty();
  }

  @Test
  void a_place_of_one_s_own_month_by_month() {
    List<String> fields = new java.util.ArrayList<>(List.of("name", "Boat house"));
    for (int m = 0; m < 12; m++) {
      fields.addAll(List.of("t" + m, "12,5", "h" + m, "70 %"));
    }
    visitor.get("/shop/air");
    visitor.post("/shop/air", fields.toArray(String[]::new));
    assertThat(shops.shop().climates().named("Boat house")).isPresent();
    fields.set(fields.indexOf("t1") + 1, "mild");
    HttpResponse<String> r = visitor.post("/shop/air", fields.toArray(String[]::new));
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("Temperature in February is a number like 18.5");
    String path =
        shops.items(hazelkeep.web.store.ShopKind.CLIMATE).stream()
            .filter(i -> ((Climate) i.thing()).name().equals("Boat house"))
            .map(i -> "/shop/air/" + i.id() + "/remove")
            .findFirst()
            .orElseThrow();
    visitor.post(path);
    assertThat(shops.shop().climates().named("Boat house")).isEmpty();
  }
}
