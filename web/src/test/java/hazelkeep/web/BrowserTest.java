package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Position;
import com.microsoft.playwright.options.WaitUntilState;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.measure.Restated;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole way in a browser, from a wish to a record. */
class BrowserTest extends Browsing {
  private long fresh(String name) {
    return pieces.create(name, kind, LiddedBox.fresh());
  }

  /** Waits until the page shows a version of the design. */
  private void saved(int version) {
    assertThat(page.locator("#sheet")).hasAttribute("data-version", Integer.toString(version));
  }

  @Test
  void a_bead_is_put_where_the_outside_is_clicked_sized_moved_and_taken_off() {
    go("/pieces/" + fresh("Beaded box"));
    page.click("#added summary");
    page.locator("#drawing").click(new Locator.ClickOptions().setPosition(new Position(250, 60)));
    assertThat(page.locator("#put-height")).not().hasValue("");
    page.selectOption("#put-what", "bead");
    accessible();
    page.click("text=Add it");
    saved(2);
    assertThat(page.locator(".added")).containsText("Bead 1 on the body");
    Locator deep = page.locator("#el-bead-1\\.deep");
    deep.fill("0.9");
    deep.press("Tab");
    saved(3);
    Locator handle = page.locator("[data-handle='bead-1']");
    handle.focus();
    handle.press("ArrowRight");
    saved(4);
    page.fill("#put-height", "0.2");
    page.click("text=Add it");
    saved(5);
    assertThat(page.locator("#findings")).containsText("There is no room for the line 1");
    page.locator("text=Take off").nth(1).click();
    saved(6);
    assertThat(page.locator("#findings")).not().containsText("There is no room");
  }

  @Test
  void a_piece_is_started_by_picture_and_what_was_typed_stays_from_kind_to_kind() {
    go("/pieces/new");
    page.fill("[name='content.diameter']", "34");
    page.fill("[name='sizes.outside.height']", "80");
    assertThat(page.locator("#preview")).containsText("80.0 mm tall");
    page.fill("[name='name']", "Something for pins");
    page.fill("[name='sizes.lid.height']", "31");
    page.click(".kind:has-text('straight well')");
    assertThat(page.locator("h1")).hasText("A new straight well");
    assertThat(page.locator("[name='content.diameter']")).hasValue("34");
    assertThat(page.locator("[name='sizes.outside.height']")).hasValue("80");
    assertThat(page.locator("#preview")).containsText("80.0 mm tall");
    accessible();
    page.click(".kind:has-text('lidded box')");
    assertThat(page.locator("[name='sizes.lid.height']")).hasValue("31");
    assertThat(page.locator("[name='name']")).hasValue("Something for pins");
    page.fill("[name='sizes.outside.height']", "eighty");
    assertThat(page.locator("#preview")).containsText("is not a size");
    page.fill("[name='sizes.outside.height']", "\u00f8 8,2 cm");
    assertThat(page.locator("#preview")).containsText("82.0 mm tall");
  }

  @Test
  void what_is_typed_before_the_script_has_come_is_drawn_when_it_comes() {
    List<Route> held = new ArrayList<>();
    page.route("**/hazel.js", held::add);
    page.navigate(
        app.base() + "/pieces/new", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
    page.fill("[name='sizes.outside.height']", "eighty");
    page.waitForCondition(() -> !held.isEmpty());
    held.forEach(Route::resume);
    assertThat(page.locator("#preview")).containsText("is not a size");
  }

  @Test
  void from_a_wish_to_a_record() {
    go("/");
    page.locator("text=Start a piece").click();
    page.fill("[name='name']", "Harbour box");
    page.fill("[name='sizes.outside.height']", "3 1/2 in");
    page.fill("[name='content.diameter']", "34");
    page.fill("[name='blank.across']", "68");
    page.selectOption("[name='blank.square']", "true");
    page.click("text=Plan it");
    assertThat(page.locator("h1")).hasText("Harbour box");
    accessible();

    // A size on the drawing, by typing and by arrow keys.
    Locator depth = page.locator("#dim-inside-depth");
    depth.fill("58");
    depth.press("Enter");
    saved(2);
    assertThat(depth).hasValue("58.0");
    depth.press("ArrowUp");
    saved(3);
    assertThat(depth).hasValue("58.5");
    depth.press("Shift+ArrowDown");
    saved(4);
    assertThat(depth).hasValue("58.4");
    page.click("#undo");
    assertThat(depth).hasValue("58.5");
    page.click("#redo");
    assertThat(depth).hasValue("58.4");
    depth.fill("");
    depth.press("Enter");
    saved(5);
    assertThat(depth).not().hasValue("58.4");

    // The route, played.
    page.click("nav >> text=Route");
    assertThat(page.locator(".step")).not().hasCount(0);
    Locator others = page.locator("#other-orders summary");
    others.press("Enter");
    assertThat(page.locator("#orders tbody tr").first()).containsText("in force");
    accessible();
    others.press("Enter");
    page.locator("#scrubber").fill("9");
    assertThat(page.locator("#film-title")).containsText("9 Cut the recess");
    assertThat(page.locator(".step.on .title")).hasText("Cut the recess");
    // Played, a tool comes in and opens the wood; the film goes on by itself.
    assertThat(page.locator("#film-tools")).not().isEmpty();
    page.click("#play");
    assertThat(page.locator("#film .tool.here")).isVisible();
    assertThat(page.locator("#film .opened.begun").first()).isAttached();
    assertThat(page.locator("#film-title")).containsText("10 Sand and finish inside");
    page.click("#play");
    assertThat(page.locator("#play")).hasText("Play");

    // The bench, to its end.
    page.click("nav >> text=Bench");
    page.click("text=Start at the lathe");
    Locator bar = page.locator("header.bar");
    for (int step = 1; step <= 24; step++) {
      assertThat(bar).containsText("step " + step + " of 24");
      if (page.locator("h2").first().textContent().equals("Cut the recess")) {
        page.navigate(page.url().replaceAll("\\?.*", "") + "?cut=2");
        double target = Double.parseDouble(page.locator(".big").textContent());
        page.fill("#value", Double.toString(target + 0.12));
        page.keyboard().press("Enter");
        assertThat(page.locator(".tell.good:has-text('That changed')"))
            .containsText("Spigot diameter");
        accessible();
      }
      // Keys are heard once the page's script runs.
      assertThat(page.locator("html.bench-ready")).hasCount(1);
      while (page.locator("#next-cut").count() > 0) {
        String cut = page.url();
        page.keyboard().press("Alt+d");
        page.waitForCondition(() -> !page.url().equals(cut));
        assertThat(page.locator("html.bench-ready")).hasCount(1);
      }
      page.keyboard().press("Alt+d");
      Locator leave = page.locator("#leave-open");
      Locator next = bar.filter(new Locator.FilterOptions().setHasText(onwards(step)));
      assertThat(leave.or(next)).isVisible();
      if (leave.isVisible()) {
        page.keyboard().press("Alt+d");
      }
    }
    assertThat(bar).containsText("all steps done");
    page.click("text=To the record");
    page.fill("#fit", "suction, a soft pop");
    page.fill("#signature", "harbour, winter");
    page.click("text=Save and finish");
    assertThat(page.locator("#fit")).hasValue("suction, a soft pop");
    assertThat(page.locator("tr:has-text('Recess diameter')")).containsText("measured");
    go("/");
    assertThat(page.locator("a.card:has-text('Harbour box')"))
        .containsText("Finished and recorded");
  }

  private static String onwards(int step) {
    return step == 24 ? "all steps done" : "step " + (step + 1) + " of 24";
  }

  @Test
  void a_point_of_the_outline_is_dragged_and_moved_by_keys() {
    long id = fresh("Draggable");
    go("/pieces/" + id);
    String before = page.locator("#dim-inside-diameter").inputValue();
    BoundingBox handle = page.locator("[id='handle-inside.diameter']").boundingBox();
    page.mouse().move(handle.x + handle.width / 2, handle.y + handle.height / 2);
    page.mouse().down();
    page.mouse().move(handle.x + 6, handle.y + 22);
    page.mouse().move(handle.x + 6, handle.y + 30);
    page.waitForResponse(r -> r.url().endsWith("/drag"), () -> page.mouse().up());
    assertThat(page.locator("#dim-inside-diameter")).not().hasValue(before);
    String dragged = page.locator("#dim-inside-diameter").inputValue();
    assertThat(Double.parseDouble(dragged)).isLessThan(Double.parseDouble(before));
    page.locator("[id='handle-inside.diameter']").focus();
    page.keyboard().press("ArrowUp");
    String wider = Double.toString(Math.rint((Double.parseDouble(dragged) + 1) * 10) / 10);
    assertThat(page.locator("#dim-inside-diameter")).hasValue(wider);
    assertThat(pieces.get(id).version()).isEqualTo(3);
  }

  @Test
  void a_held_point_says_how_far_it_may_go() {
    long id = pieces.create("Held", MillKind.MILL, MillKind.MILL.fresh());
    go("/pieces/" + id);
    Locator waist = page.locator("[id='handle-outside.waist']");
    Locator limit = page.locator("[id='handle-outside.waist'] + .limit");
    assertThat(limit).isHidden();
    waist.focus();
    assertThat(limit).isVisible();
    assertThat(limit).containsText("at least ⌀ 35.0 mm");
    waist.press("ArrowDown");
    saved(2);
    assertThat(limit).isVisible();
    // At the limit nothing is told; beyond it the wall is.
    Locator size = page.locator("#dim-outside-waist");
    size.fill("35.2");
    size.press("Enter");
    saved(3);
    assertThat(page.locator("#findings")).not().containsText("wall is thin");
    page.locator("#dim-outside-waist").fill("33");
    page.locator("#dim-outside-waist").press("Enter");
    saved(4);
    assertThat(page.locator("#findings")).containsText("wall is thin");
  }

  @Test
  void a_hole_is_added_to_a_little_house() {
    long id = pieces.create("House", CasedKind.HOUSE, CasedKind.HOUSE.fresh());
    go("/pieces/" + id);
    page.locator("[id='holes.2.name']").fill("air");
    page.locator("[id='holes.2.height']").fill("46");
    page.locator("[id='holes.2.degrees']").fill("90");
    page.locator("[id='holes.2.diameter']").fill("5");
    page.locator("button:has-text('Set the holes')").click();
    assertThat(page.locator("[id='holes.3.name']")).isVisible();
    go("/pieces/" + id + "/parts");
    assertThat(page.locator("main")).containsText("air");
  }

  @Test
  void quick_fingers_overtake_nothing() {
    long id = fresh("Quick");
    go("/pieces/" + id);
    Locator depth = page.locator("#dim-inside-depth");
    double from = Double.parseDouble(depth.inputValue());
    depth.focus();
    for (int i = 0; i < 12; i++) {
      page.keyboard().press("ArrowDown");
      page.waitForTimeout(40 * (i % 4));
    }
    String wanted = hazelkeep.measure.Unit.MM.show(from - 6);
    assertThat(page.locator("#dim-inside-depth")).hasValue(wanted);
    assertThat(page.locator("#saved")).hasText("saved");
    assertThat(page.locator("#notice")).hasCount(0);
    page.reload();
    assertThat(page.locator("#dim-inside-depth")).hasValue(wanted);
    page.locator("[id='handle-inside.diameter']").focus();
    double wide = Double.parseDouble(page.locator("#dim-inside-diameter").inputValue());
    for (int i = 0; i < 6; i++) {
      page.keyboard().press("ArrowDown");
      // The findings come after each answer on their own: in between, a change is on its way.
      page.waitForTimeout(60 * (i % 3));
    }
    assertThat(page.locator("#dim-inside-diameter"))
        .hasValue(hazelkeep.measure.Unit.MM.show(wide - 6));
    assertThat(page.locator("#notice")).hasCount(0);
  }

  @Test
  void a_finding_is_pinned_told_and_solved_with_one_press() {
    // Of this wood the strength across the grain is known.
    LiddedBox beech =
        Restated.with(LiddedBox.fresh().with("inside.diameter", 47.8), "species", "American beech");
    long id = pieces.create("With findings", kind, beech);
    go("/pieces/" + id);
    assertThat(page.locator(".pin")).hasCount(1);
    // Two findings of one cause come together once their remedies were tried.
    assertThat(page.locator(".finding")).hasCount(1);
    assertThat(page.locator(".finding")).containsText("spigot's wall");
    page.locator(".finding button").first().click();
    assertThat(page.locator(".finding")).hasCount(0);
    assertThat(page.locator("#findings")).containsText("Nothing found");
    page.keyboard().press("Alt+z");
    assertThat(page.locator(".finding")).hasCount(1);
  }

  @Test
  void what_is_refused_stays_typed_and_says_what_would_do() {
    long id = fresh("Refused");
    go("/pieces/" + id);
    page.locator("#dim-body-height").fill("a lot");
    page.locator("#dim-body-height").press("Enter");
    assertThat(page.locator("#notice")).containsText("is not a size. Accepted: 54");
    assertThat(page.locator("#dim-body-height")).hasValue("a lot");
    accessible();
    page.locator("#dim-body-height").press("Escape");
  }

  @Test
  void a_second_tab_is_told() {
    long id = fresh("Tabs");
    go("/pieces/" + id);
    Page other = context.newPage();
    other.navigate(app.base() + "/pieces/" + id);
    other.locator("#dim-lid-height").fill("34");
    other.locator("#dim-lid-height").press("Enter");
    assertThat(other.locator("#dim-lid-height")).hasValue("34.0");
    page.locator("#dim-lid-height").fill("26");
    page.locator("#dim-lid-height").press("Enter");
    assertThat(page.locator("#notice")).containsText("changed in another tab");
    assertThat(page.locator("#notice")).containsText("“26”");
    assertThat(page.locator("#dim-lid-height")).hasValue("34.0");
  }

  @Test
  void one_reading_moves_its_dependents_on_every_screen_and_nothing_else() {
    LiddedBox box = LiddedBox.fresh().with("joint.diameter", 49.2).with("inside.diameter", 39.6);
    long id = pieces.create("Everywhere", kind, box);
    runs.start(id);
    var planner = app.bean(hazelkeep.web.planning.Planner.class);
    var piece = pieces.get(id);
    long last = 0;
    while (!planner.bench(piece).next().orElseThrow().key().path().equals("lid/inside")) {
      runs.add(id, last++, 1, planner.bench(piece).did(planner.bench(piece).next().get().key()));
    }
    Map<String, String> before = sizes(id);
    String stick = page.locator("svg .stick-number").allTextContents().toString();
    go("/pieces/" + id + "/bench");
    String off = "49.76";
    String spigot = hazelkeep.measure.Unit.MM.showFit(49.76 - 0.075);
    runs.add(
        id,
        last,
        1,
        new hazelkeep.workbench.Fact.Reading(
            new hazelkeep.measure.DimKey("recess.diameter"), "calipers", 49.76, 49.76));
    Map<String, String> after = sizes(id);
    assertThat(
            after.entrySet().stream()
                .filter(e -> !e.getValue().equals(before.get(e.getKey())))
                .map(Map.Entry::getKey))
        .containsExactlyInAnyOrder("Diameter for the jam", "Recess diameter", "Spigot diameter");
    assertThat(page.locator("svg .stick-number").allTextContents().toString()).isEqualTo(stick);
    assertThat(page.locator("#dim-recess-diameter")).hasValue(off);
    assertThat(page.locator("#dim-spigot-diameter")).hasValue(spigot);
    go("/pieces/" + id + "/route");
    assertThat(page.locator(".step:has-text('Spigot to a jam') .numbers")).containsText("49.85");
    go("/pieces/" + id + "/paper");
    assertThat(page.locator("tr:has-text('Spigot diameter')")).containsText(spigot + " mm");
    go("/pieces/" + id + "/record");
    assertThat(page.locator("tr:has-text('Recess diameter')")).containsText("49.76");
    assertThat(page.locator("tr:has-text('Recess diameter')")).containsText("49.28");
  }

  private Map<String, String> sizes(long id) {
    go("/pieces/" + id);
    page.locator("summary:has-text('Every size')").click();
    assertThat(page.locator("table.sizes tbody tr")).not().hasCount(0);
    return page.locator("table.sizes tbody tr").all().stream()
        .collect(
            Collectors.toMap(
                r -> r.locator("td").nth(0).textContent(),
                r -> r.locator("td").nth(1).textContent()));
  }

  @Test
  void what_is_typed_is_told_as_it_is_understood() {
    go("/pieces/new");
    page.locator("[id='sizes.outside.height']").pressSequentially("2 1/8");
    assertThat(page.locator("output.understood")).hasText("54.0 mm · 2 1/8 in");
    page.locator("[id='sizes.outside.height']").fill("5 cm");
    assertThat(page.locator("output.understood")).hasText("50.0 mm · 1 31/32 in");
    page.locator("[id='sizes.outside.height']").fill("a hand");
    assertThat(page.locator("output.understood")).isHidden();
    // A plain number that is no length is told as nothing.
    page.locator("[id='content.ml']").fill("250");
    assertThat(page.locator("output.understood")).isHidden();
  }

  @Test
  void targets_at_the_bench_are_large_enough_for_dusty_fingers() {
    go("/pieces/3/bench");
    for (Locator target :
        // A word in a sentence leads to what it means; it is no control of the bench.
        page.locator(
                ".night a:not(.term), .night button, .night input:not([type=hidden]), .night summary")
            .all()) {
      if (target.isVisible()) {
        BoundingBox box = target.boundingBox();
        assertThat(box.height).as(target.textContent()).isGreaterThanOrEqualTo(44);
      }
    }
  }

  @Test
  void the_bench_takes_the_caliper_s_keystrokes_without_a_click() {
    go("/pieces/3/bench?cut=2");
    assertThat(page.locator("#value")).isFocused();
    page.keyboard().type("12");
    page.keyboard().press("Enter");
    page.waitForLoadState();
    assertThat(page.locator("[role=alert]")).containsText("is still to be cut. Was it a slip");
    assertThat(page.locator("#value")).hasValue("12");
  }

  @Test
  void the_whole_piece_page_is_worked_by_keyboard() {
    long id = fresh("Keys");
    go("/pieces/" + id);
    List<String> reached = new ArrayList<>();
    for (int i = 0; i < 70; i++) {
      page.keyboard().press("Tab");
      reached.add(
          String.valueOf(
              page.evaluate("document.activeElement.id || document.activeElement.name")));
    }
    assertThat(reached)
        .contains(
            "dim-inside-depth",
            "dim-spigot-diameter",
            "handle-inside.diameter",
            "choice-school",
            "species");
  }

  @Test
  void the_unit_is_switched_and_fields_take_either() {
    long id = fresh("Inches");
    go("/pieces/" + id);
    page.click("button:has-text('inch')");
    page.waitForLoadState();
    assertThat(page.locator("#dim-outside-diameter")).hasValue("2 23/64");
    page.locator("#dim-outside-diameter").fill("2-1/2\"");
    page.locator("#dim-outside-diameter").press("Enter");
    assertThat(page.locator("#dim-outside-diameter")).hasValue("2 1/2");
    page.locator("#dim-outside-diameter").fill("60 mm");
    page.locator("#dim-outside-diameter").press("Enter");
    assertThat(page.locator("#dim-outside-diameter")).hasValue("2 23/64");
    page.locator("#dim-outside-diameter").press("ArrowUp");
    assertThat(page.locator("#dim-outside-diameter")).hasValue("2 25/64");
    double mm =
        pieces.get(id).design().sizes().get(new hazelkeep.measure.DimKey("outside.diameter")).mm();
    assertThat(mm).isCloseTo((2 + 23 / 64.0 + 1 / 32.0) * 25.4, within(1e-6));
  }

  @Test
  void leave_in_the_middle_restart_and_go_on(@TempDir Path dir) {
    String database = "jdbc:h2:file:" + dir.resolve("hazel").toAbsolutePath();
    App first = App.start(database, "demo");
    page.navigate(first.base() + "/pieces/3/bench?cut=2");
    String near = page.locator(".big").first().textContent().strip();
    page.fill("#value", near);
    page.keyboard().press("Enter");
    page.waitForLoadState();
    assertThat(page.locator(".tell.good")).isVisible();
    page.click("#done");
    assertThat(page.locator("#leave-open")).isVisible();
    page.click("#leave-open");
    assertThat(page.locator("h2").first()).hasText("Sand and finish inside");
    // What a page still fetches must not find the server gone.
    page.navigate("about:blank");
    first.stop();
    App second = App.start(database, "demo");
    page.navigate(second.base() + "/pieces/3/bench");
    page.waitForLoadState();
    assertThat(page.locator("h2").first()).hasText("Sand and finish inside");
    page.navigate(second.base() + "/pieces/3");
    assertThat(page.locator("#dim-recess-diameter")).hasValue(near);
    page.navigate(second.base() + "/");
    // The demo's pieces, nothing loaded twice.
    assertThat(page.locator(".card")).hasCount(15);
    page.navigate("about:blank");
    second.stop();
  }
}
