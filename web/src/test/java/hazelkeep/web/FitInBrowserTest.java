package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.WaitUntilState;
import hazelkeep.element.Spigot;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Unit;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Sneaking;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The fit in the hand: a slider, calipers that type, a stopwatch, instruments that send. */
class FitInBrowserTest extends Browsing {
  private final Planner planner = app.bean(Planner.class);
  private long id;

  @BeforeEach
  void box() {
    id =
        pieces.create(
            "Fit at hand", kind, Restated.with(LiddedBox.fresh(), "species", "Black cherry"));
  }

  private Sneaking toTheFit() {
    runs.start(id);
    Optional<Sneaking> now = Optional.empty();
    while (now.isEmpty()) {
      Piece p = pieces.get(id);
      var bench = planner.bench(p);
      runs.add(id, runs.last(id), p.version(), bench.did(bench.next().orElseThrow().key()));
      List<Entry> log = runs.log(id);
      now = Sneaking.of(planner.bench(p, log), log);
    }
    go("/pieces/" + id + "/bench/fit");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
    return now.get();
  }

  private long tried() {
    return runs.log(id).stream().filter(e -> e.fact() instanceof Fact.Tried).count();
  }

  @Test
  void what_is_moved_before_the_scripts_have_come_is_followed_when_they_come() {
    List<Route> held = new ArrayList<>();
    page.route("**/*.js", held::add);
    page.navigate(
        app.base() + "/pieces/" + id + "/fit",
        new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
    page.locator("#clearance").focus();
    for (int i = 0; i < 30; i++) {
      page.keyboard().press("ArrowRight");
    }
    page.unroute("**/*.js");
    held.forEach(Route::resume);
    assertThat(page.locator("#fit-says")).containsText("a snug fit");
  }

  @Test
  void the_clearance_is_moved_by_keys_and_everything_follows() {
    go("/pieces/" + id + "/fit");
    Locator says = page.locator("#fit-says");
    assertThat(says).containsText("a suction fit");
    page.locator("#clearance").focus();
    for (int i = 0; i < 30; i++) {
      page.keyboard().press("ArrowRight");
    }
    assertThat(says).containsText("a snug fit");
    assertThat(page.locator("#clearance")).isFocused();
    assertThat(page.locator("text=tried, not kept")).isVisible();
    accessible();
    String shown = page.locator("#fit-says .num").textContent();
    page.locator("text=/^Keep .* in the plan$/").click();
    assertThat(page.locator("#fit-says .num")).hasText(shown);
    double mm = planner.plan(pieces.get(id)).aim().mm(Spigot.CLEARANCE);
    assertThat(Unit.MM.showFit(mm) + " mm").isEqualTo(shown);
  }

  @Test
  void other_air_is_tried_as_it_is_chosen() {
    go("/pieces/" + id + "/fit");
    page.selectOption("#home", "Galley of a boat");
    page.fill("#turned", "90");
    page.locator("#turned").press("Tab");
    assertThat(page.locator("#fit-view")).containsText("Line the grain up");
    accessible();
    for (int width : new int[] {820, 390}) {
      page.setViewportSize(width, 900);
      assertThat(((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
          .isLessThanOrEqualTo(width);
    }
  }

  @Test
  void calipers_that_type_are_read_with_a_comma_and_twice_is_once() {
    Sneaking fit = toTheFit();
    accessible();
    String recess = Unit.MM.showFit(fit.so().aimed().recess()).replace('.', ',');
    page.keyboard().type(recess + "\n");
    assertThat(page.locator("main")).containsText("Measure the spigot at its root");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
    page.keyboard().type(recess + "\n");
    assertThat(page.locator("#away")).containsText("came twice");
    assertThat(tried()).isEqualTo(1);
    // However much later: only once more makes it a reading of its own.
    page.keyboard().press("Enter");
    assertThat(page.locator("main")).not().containsText("came twice");
    assertThat(tried()).isEqualTo(2);
    page.setViewportSize(390, 800);
    assertThat(((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
        .isLessThanOrEqualTo(390);
  }

  @Test
  void a_stopwatch_times_the_sinking_lid() {
    page.clock().install();
    toTheFit();
    page.clock().pauseAt(System.currentTimeMillis() + 3_600_000);
    page.click("#watch");
    assertThat(page.locator("#watch")).hasAttribute("aria-pressed", "true");
    page.clock().runFor(2_300);
    page.click("#watch");
    assertThat(page.locator("#seconds")).hasValue("2.3");
    page.keyboard().press("Enter");
    assertThat(page.locator("main")).containsText("sinks by itself");
    assertThat(tried()).isEqualTo(1);
  }

  @Test
  void a_simulated_instrument_fills_the_field_that_asks_for_it() {
    App.Visitor other = app.visitor();
    other.get("/instruments");
    other.post("/instruments/on");
    try {
      Sneaking fit = toTheFit();
      assertThat(page.locator("html.listening")).hasCount(1);
      other.post("/instruments/read", "piece", "" + id, "no", "0");
      assertThat(page.locator("#sent")).containsText("Press Enter to record it.");
      double read = Double.parseDouble(page.locator("#value").inputValue());
      assertThat(Math.abs(read - fit.so().aimed().recess())).isLessThan(1.5);
      page.keyboard().press("Enter");
      assertThat(page.locator("main")).containsText("Seen so far");
      assertThat(tried()).isEqualTo(1);
    } finally {
      other.post("/instruments/off");
    }
  }
}
