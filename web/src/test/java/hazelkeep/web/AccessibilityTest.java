package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page on a screen, a tablet and a phone, looked at by axe. */
class AccessibilityTest extends Browsing {
  private static final List<String> BY_WIDTH =
      List.of("scrollable-region-focusable", "target-size", "heading-order", "region");

  /** {@code -Dhazel.axe=all} looks at every rule at every width. */
  private static final boolean ALL = "all".equals(System.getProperty("hazel.axe"));

  @ParameterizedTest
  @MethodSource("hazelkeep.web.App#pages")
  @ValueSource(strings = "/nowhere")
  void axe_finds_nothing_on_a_screen_a_tablet_and_a_phone(String path) {
    go(path);
    for (int width : new int[] {1280, 820, 390}) {
      page.setViewportSize(width, 1000);
      // At the lathe all is looked at on the tablet too; elsewhere what a width can change.
      accessible(width == 1280 || path.contains("bench") || ALL ? List.of() : BY_WIDTH);
      double wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).doubleValue();
      assertThat(wide).as("nothing sticks out at %d px", width).isLessThanOrEqualTo(width);
    }
  }
}
