package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import hazelkeep.workbench.Fact;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A box from the wish to its record, by keys alone and by touch alone; every page at 200 %. */
class WholeWayTest extends Browsing {
  private static final int TABS = 140;

  /** Goes from field to field until one is reached, as a hand without a mouse does. */
  private void tabTo(String selector) {
    for (int i = 0; i < TABS; i++) {
      if (Boolean.TRUE.equals(
          page.evaluate("s => document.activeElement?.matches(s) ?? false", selector))) {
        return;
      }
      page.keyboard().press("Tab");
    }
    throw new AssertionError("No Tab leads to " + selector);
  }

  private void enter(String selector) {
    tabTo(selector);
    String before = page.url();
    page.keyboard().press("Enter");
    page.waitForURL(url -> !url.equals(before));
  }

  private long entered(Class<? extends Fact> kind) {
    String id = page.url().replaceAll(".*/pieces/(\\d+).*", "$1");
    return runs.log(Long.parseLong(id)).stream().filter(e -> kind.isInstance(e.fact())).count();
  }

  /** Ticks steps until all are done. */
  private void work(Runnable done) {
    Locator bar = page.locator("header.bar");
    for (int i = 0; i < 400 && !bar.textContent().contains("all steps done"); i++) {
      assertThat(page.locator("html.bench-ready")).hasCount(1);
      String before = bar.textContent() + page.url();
      Locator asked = page.locator("#leave-open");
      boolean answered = asked.count() > 0;
      done.run();
      page.waitForCondition(
          () ->
              (!answered && asked.count() > 0) || !(bar.textContent() + page.url()).equals(before));
    }
    assertThat(bar).containsText("all steps done");
  }

  @Test
  void by_keys_alone() {
    go("/");
    enter("a[href='/pieces/new']");
    tabTo("[name='content.diameter']");
    page.keyboard().type("30");
    tabTo("[name='name']");
    page.keyboard().type("Keys alone");
    enter("aside .btn");
    assertThat(page.locator("h1")).hasText("Keys alone");
    enter("nav.chapters a[href$='/fit']");
    tabTo("#clearance");
    page.keyboard().press("ArrowRight");
    assertThat(page.locator("text=tried, not kept")).isVisible();
    page.keyboard().press("Shift+Tab");
    enter("nav.chapters a[href$='/bench']");
    tabTo("form[action$='/bench/start'] button");
    page.keyboard().press("Enter");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
    work(() -> page.keyboard().press("PageDown"));
    assertThat(entered(Fact.Done.class)).isEqualTo(24);
    enter("a.btn.go");
    tabTo("#fit");
    page.keyboard().type("suction");
    tabTo("form[action$='/record'] button");
    page.keyboard().press("Enter");
    assertThat(page.locator("text=Amend the record")).isVisible();
    assertThat(page.locator("#fit")).hasValue("suction");
  }

  @Test
  void by_touch_alone_on_a_tablet() {
    context.close();
    context =
        browser.newContext(
            new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true));
    page = context.newPage();
    page.setDefaultTimeout(LONG);
    go("/");
    page.tap("text=Start a piece");
    page.tap("[name='name']");
    page.keyboard().type("Touched");
    page.tap("text=Plan it");
    page.tap("nav.chapters >> text=Bench");
    page.tap("text=Start at the lathe");
    page.waitForLoadState();
    page.tap("text=✓ Cut, measure");
    assertThat(page.locator("#pad")).isVisible();
    String target = page.locator(".big").textContent();
    for (char c : target.toCharArray()) {
      page.tap("[data-pad='" + c + "']");
    }
    page.tap("text=Measured ⏎");
    assertThat(page.locator("text=Log, 1")).isVisible();
    assertThat(entered(Fact.Reading.class)).isEqualTo(1);
    work(
        () -> {
          Locator leave = page.locator("#leave-open");
          (leave.count() > 0 ? leave : page.locator("#done")).tap();
        });
    page.tap("text=To the record");
    page.tap("text=Save and finish");
    assertThat(page.locator("text=Amend the record")).isVisible();
  }

  /** 1280 by 800 at 200 % is 640 by 400: nothing sticks out to the side, nothing is covered. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "/", "/pieces/new", "/pieces/2", "/pieces/2/route", "/pieces/2/fit", "/pieces/3/bench",
        "/pieces/2/paper", "/pieces/1/record", "/shop", "/shop/air", "/practise", "/words"
      })
  void at_two_hundred_percent(String path) {
    page.setViewportSize(640, 400);
    go(path);
    double wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).doubleValue();
    assertThat(wide).isLessThanOrEqualTo(640);
    page.keyboard().press("Tab");
    page.keyboard().press("Tab");
    Object seen =
        page.evaluate(
            "() => { const r = document.activeElement.getBoundingClientRect();"
                + " return r.bottom > 0 && r.top < innerHeight && r.right > 0 && r.left <"
                + " innerWidth; }");
    assertThat(seen).as("what has the focus is seen").isEqualTo(true);
    page.screenshot(new Page.ScreenshotOptions());
  }
}
