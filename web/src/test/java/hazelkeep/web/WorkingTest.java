package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Route;
import hazelkeep.measure.Progress;
import hazelkeep.web.working.Working;
import java.net.http.HttpResponse;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What takes long says that it works, and how far it has come. */
class WorkingTest extends Browsing {
  @Test
  void a_page_that_is_worked_on_tells_its_share() {
    Working working = app.bean(Working.class);
    App.Visitor visitor = app.visitor();
    assertThat(visitor.get("/working?of=/nothing").statusCode()).isEqualTo(204);
    Progress.Telling telling = working.on("/something");
    HttpResponse<String> told = Progress.round(1, 4, () -> visitor.get("/working?of=/something"));
    assertThat(told.statusCode()).isEqualTo(200);
    assertThat(told.body()).isEqualTo("25");
    telling.close();
    assertThat(visitor.get("/working?of=/something").statusCode()).isEqualTo(204);
  }

  /** The browser waits for the page that comes, so what stood on the one before is noted there. */
  @Test
  void a_page_that_is_waited_for_shows_it_on_the_one_before() {
    go("/");
    page.evaluate(
        """
        new MutationObserver(() => sessionStorage.setItem("told", document.querySelector(".working:not([hidden])")?.textContent ?? ""))
          .observe(document.querySelector(".working"), { subtree: true, childList: true, characterData: true })
        """);
    AtomicReference<Route> held = new AtomicReference<>();
    AtomicInteger asked = new AtomicInteger();
    page.route(
        Pattern.compile("/working"),
        r -> {
          r.fulfill(new Route.FulfillOptions().setBody("40"));
          // The page itself may be held later than its share is asked for.
          Route late = asked.incrementAndGet() < 2 ? null : held.getAndSet(null);
          if (late != null) {
            late.resume();
          }
        });
    page.route("**/shop", held::set);
    page.click("header >> text=Shop");
    assertThat(page.locator("h1")).hasText("The shop");
    assertThat(page.evaluate("sessionStorage.getItem('told')")).isEqualTo("40 % worked out");
    assertThat(page.locator(".working")).isHidden();
  }

  @Test
  void a_part_of_a_page_that_is_answered_is_waited_for_no_longer() {
    long id = pieces.create("Waited for", kind, hazelkeep.kinds.box.LiddedBox.fresh());
    go("/pieces/" + id);
    AtomicReference<Route> held = new AtomicReference<>();
    page.route("**/size", held::set);
    page.fill("#dim-inside-depth", "57");
    page.press("#dim-inside-depth", "Enter");
    assertThat(page.locator(".working")).isVisible();
    accessible();
    held.get().resume();
    assertThat(page.locator("#sheet")).hasAttribute("data-version", "2");
    assertThat(page.locator(".working")).isHidden();
  }
}
