package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Position;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.web.planning.Planner;
import hazelkeep.workbench.Fact;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The bench in the hand: dust, a pedal, a thumb, a server that went away. */
class AtTheLatheTest extends Browsing {
  private long id;

  /** A box at the step that cuts its recess: two sizes to enter. */
  @BeforeEach
  void recess() {
    id = pieces.create("Lathe box", kind, LiddedBox.fresh());
    runs.start(id);
    Planner planner = app.bean(Planner.class);
    long last = 0;
    while (!planner.bench(pieces.get(id)).next().orElseThrow().key().path().equals("lid/recess")) {
      var bench = planner.bench(pieces.get(id));
      runs.add(id, last++, 1, bench.did(bench.next().orElseThrow().key()));
    }
  }

  private void bench() {
    // Cut, and now it is measured.
    go("/pieces/" + id + "/bench?cut=9");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
  }

  private long readings() {
    return runs.log(id).stream().filter(e -> e.fact() instanceof Fact.Reading).count();
  }

  @Test
  void a_pedal_goes_on_and_back_and_sizes_left_open_are_left_knowingly() {
    bench();
    page.keyboard().press("PageDown");
    Locator asked = page.locator("[role=alert]");
    assertThat(asked).containsText("Not entered: recess diameter, recess depth");
    accessible();
    page.keyboard().press("PageDown");
    assertThat(page.locator("h2").first()).not().hasText("Cut the recess");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
    page.keyboard().press("PageUp");
    assertThat(page.locator("h2").first()).hasText("Cut the recess");
  }

  @Test
  void a_number_on_the_drawing_picks_its_line_and_its_big_number() {
    bench();
    String recess = page.locator(".rows:not(.hands) .cutrow").first().textContent();
    assertThat(recess).contains("recess").contains("deep");
    page.locator("text.set-out.lower").first().click();
    assertThat(page.locator(".cutrow[aria-current=true]")).hasCount(1);
    assertThat(page.locator(".to-cut.picked")).hasCount(1);
    String big = page.locator(".big").textContent();
    assertThat(recess).contains(big);
    accessible();
  }

  @Test
  void what_was_entered_waits_for_the_server_and_is_sent_once() {
    bench();
    String target = page.locator(".big").textContent();
    context.setOffline(true);
    page.fill("#value", target);
    page.keyboard().press("Enter");
    assertThat(page.locator("#away")).containsText("is kept on this page");
    assertThat(page.locator("#value")).hasValue(target);
    page.keyboard().press("PageDown");
    assertThat(page.locator("#value")).hasValue(target);
    context.setOffline(false);
    assertThat(page.locator(".chip").first()).containsText("\u2713 " + target);
    // It is sent again as often as it may be, until the server is back.
    forgiven();
    assertThat(readings()).isEqualTo(1);
  }

  @Test
  void an_answer_that_gets_lost_enters_nothing_twice() {
    bench();
    AtomicInteger sent = new AtomicInteger();
    page.route(
        "**/bench/measured",
        route -> {
          if (sent.getAndIncrement() == 0) {
            route.fetch(new Route.FetchOptions().setMaxRedirects(0));
            route.abort();
          } else {
            route.resume();
          }
        });
    page.fill("#value", page.locator(".big").textContent());
    page.keyboard().press("Enter");
    assertThat(page.locator(".chip").first()).containsText("\u2713");
    forgiven();
    assertThat(sent.get()).isEqualTo(2);
    assertThat(readings()).isEqualTo(1);
  }

  @Test
  void what_was_found_is_touched_and_drawn_before_it_is_recorded() {
    go("/pieces/" + id + "/bench/found");
    page.locator("[data-part=body]")
        .click(new Locator.ClickOptions().setPosition(new Position(60, 8)));
    assertThat(page.locator("input[name=part][value=body]")).isChecked();
    page.locator("label:has-text('too thin')").click();
    assertThat(page.locator("#at")).not().hasValue("");
    page.fill("#foundvalue", "52");
    assertThat(page.locator(".missing")).hasCount(1);
    accessible();
    assertThat(readings()).isZero();
  }

  @Test
  void a_thumb_types_on_the_pad_and_nothing_scrolls_sideways() {
    for (int width : List.of(820, 390)) {
      context.close();
      context =
          browser.newContext(
              new Browser.NewContextOptions()
                  .setViewportSize(width, 844)
                  .setHasTouch(true)
                  .setIsMobile(true));
      page = context.newPage();
      bench();
      page.locator("[data-pad='4']").tap();
      page.locator("[data-pad='.']").tap();
      page.locator("[data-pad='5']").tap();
      page.locator("[data-pad='7']").tap();
      page.locator("[data-pad=back]").tap();
      assertThat(page.locator("#value")).hasValue("4.5");
      assertThat(wide(page)).as("%d px", width).isLessThanOrEqualTo(width);
      assertThat(page.locator(".stage-drawing.large")).isVisible();
      accessible();
      // The field stands clear of the bar, and so does what is asked back.
      clear(page.locator("#value"));
      page.locator("button:has-text('Measured')").tap();
      Locator asked = page.locator("form.numbers [role=alert]");
      assertThat(asked).isVisible();
      assertThat(page.locator("html.bench-ready")).hasCount(1);
      clear(asked);
    }
  }

  private void clear(Locator what) {
    BoundingBox box = what.boundingBox();
    BoundingBox bar = page.locator("footer.bar").boundingBox();
    assertThat(box.y).isNotNegative();
    assertThat(box.y + Math.min(box.height, 60)).isLessThanOrEqualTo(bar.y + 1);
  }

  private static int wide(Page page) {
    return ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
  }
}
