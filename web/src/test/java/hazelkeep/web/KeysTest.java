package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import hazelkeep.kinds.box.LiddedBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Keys that every page knows, and what the browser itself can do: its voice, its light. */
class KeysTest extends Browsing {
  private long id;

  @BeforeEach
  void box() {
    id = pieces.create("Keyed box", kind, LiddedBox.fresh());
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/pieces/3/bench", "/pieces/2/route"})
  void a_question_mark_lists_the_keys_over_the_page(String path) {
    go(path);
    page.keyboard().press("?");
    Locator list = page.locator("#keys-list");
    assertThat(list).containsText("undo and redo");
    accessible();
    page.keyboard().press("Escape");
    assertThat(list).isHidden();
    page.keyboard().press("?");
    page.keyboard().press("Enter");
    assertThat(list).isHidden();
    assertThat(page.url()).endsWith(path);
  }

  @Test
  void what_was_typed_stays_while_the_keys_are_looked_up() {
    go("/pieces/3/bench?cut=9");
    Locator value = page.locator("#value");
    value.fill("58");
    value.press("?");
    assertThat(page.locator("#keys-list")).isVisible();
    String title = page.locator("h2").first().textContent();
    page.keyboard().press("PageDown");
    assertThat(page.locator("#keys-list")).isVisible();
    page.keyboard().press("Escape");
    assertThat(value).hasValue("58");
    assertThat(page.locator("h2").first()).hasText(title);
  }

  @Test
  void the_first_tab_leads_past_the_head_of_the_page() {
    go("/pieces/" + id);
    page.keyboard().press("Tab");
    assertThat(page.locator(".skip")).isFocused();
    page.keyboard().press("Enter");
    // The browser goes there in its own time.
    assertThat(page).hasURL(java.util.regex.Pattern.compile("#main$"));
    page.keyboard().press("Tab");
    assertThat((Boolean) page.evaluate("document.activeElement.closest('#main') !== null"))
        .isTrue();
  }

  @Test
  void both_ways_to_undo_work_in_a_field_and_an_unsaved_number_is_its_own() {
    go("/pieces/" + id);
    Locator depth = page.locator("#dim-inside-depth");
    String planned = depth.inputValue();
    for (String[] keys : new String[][] {{"Control+z", "Control+y"}, {"Alt+z", "Alt+y"}}) {
      depth.fill("57");
      depth.press("Enter");
      assertThat(depth).hasValue("57.0");
      depth.focus();
      page.keyboard().press(keys[0]);
      assertThat(depth).hasValue(planned);
      depth.focus();
      page.keyboard().press(keys[1]);
      assertThat(depth).hasValue("57.0");
      depth.focus();
      page.keyboard().press(keys[0]);
      assertThat(depth).hasValue(planned);
    }
    int version = pieces.get(id).version();
    depth.focus();
    page.keyboard().type("5");
    page.keyboard().press("Control+z");
    assertThat(depth).hasValue(planned);
    assertThat(pieces.get(id).version()).isEqualTo(version);
  }

  @Test
  void a_click_selects_a_size_and_dragging_shows_its_number_without_a_change_of_scale() {
    go("/pieces/" + id);
    page.locator("#dim-inside-depth").click();
    assertThat(page.evaluate("getSelection().toString()"))
        .isEqualTo(page.locator("#dim-inside-depth").inputValue());
    Locator handle = page.locator("[id='handle-inside.diameter']");
    var box = handle.boundingBox();
    String axis = "document.querySelector('#drawing .axis').getBoundingClientRect().width";
    Object wide = page.evaluate(axis);
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + 6, box.y + 24);
    page.mouse().move(box.x + 6, box.y + 32);
    assertThat(page.evaluate(axis)).isEqualTo(wide);
    page.mouse().up();
  }

  @Test
  void the_browser_s_voice_reads_title_and_number_and_the_screen_stays_lit() {
    context.addInitScript(
        """
        window.heard = []; window.lit = [];
        const voice = { speak: (u) => window.heard.push(u.text), cancel: () => {} };
        Object.defineProperty(window, "speechSynthesis", { value: voice });
        window.SpeechSynthesisUtterance = function (text) { this.text = text; };
        const lock = { request: async (what) => { window.lit.push(what); return {}; } };
        Object.defineProperty(navigator, "wakeLock", { value: lock });
        """);
    go("/pieces/3/bench?cut=9");
    assertThat(page.locator("html.bench-ready")).hasCount(1);
    assertThat(page.evaluate("lit.join()")).isEqualTo("screen");
    assertThat(page.evaluate("heard.length")).isEqualTo(0);
    page.click("#aloud");
    assertThat((String) page.evaluate("heard.join()"))
        .contains(page.locator("h2").first().textContent(), page.locator(".big").textContent());
    page.reload();
    assertThat(page.locator("#aloud[aria-pressed=true]")).isVisible();
    assertThat(page.evaluate("heard.length")).as("kept for the next step").isEqualTo(1);
    page.click("#aloud");
    go("/pieces/" + id);
    assertThat(page.evaluate("lit.length")).as("only at the bench").isEqualTo(0);
  }
}
