package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.Unit;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Jaw sets drawn to scale: read back from the picture. */
class JawDrawingTest {
  private final Show show = new Show(Unit.MM);
  private final JawSet fifty = Shop.starter().jaws("50 mm jaws").orElseThrow();

  private static double radius(String svg, String css) {
    Matcher m = Pattern.compile("<circle class=\"" + css + "\"[^>]* r=\"([0-9.]+)\"").matcher(svg);
    assertThat(m.find()).as(css).isTrue();
    return Double.parseDouble(m.group(1));
  }

  private static int count(String svg, String what) {
    return svg.split(Pattern.quote(what), -1).length - 1;
  }

  @Test
  void tenon_and_true_circle_are_to_one_scale_for_every_set() {
    double scale = radius(JawDrawing.of(fifty, 57, Practice.USUAL, show), "true-circle") / 25;
    for (JawSet j : Shop.starter().jaws()) {
      String svg = JawDrawing.of(j, j.trueCircle() + 1, Practice.USUAL, show);
      assertThat(radius(svg, "true-circle") / (j.trueCircle() / 2)).isCloseTo(scale, within(0.01));
      assertThat(radius(svg, "tenon-end") / ((j.trueCircle() + 1) / 2))
          .isCloseTo(scale, within(0.01));
    }
  }

  @Test
  void jaws_bite_all_round_on_eight_lines_or_on_four() {
    String full = JawDrawing.of(fifty, 51, Practice.USUAL, show);
    assertThat(count(full, "class=\"bite\"")).isEqualTo(4);
    assertThat(full).contains("bites all round");
    assertThat(count(JawDrawing.of(fifty, 60, Practice.USUAL, show), "class=\"bite-line\""))
        .isEqualTo(8);
    assertThat(count(JawDrawing.of(fifty, 43, Practice.USUAL, show), "class=\"bite-line\""))
        .isEqualTo(4);
  }

  @Test
  void what_they_can_not_squeeze_is_said() {
    String wide = JawDrawing.of(fifty, 70, Practice.USUAL, show);
    assertThat(wide).contains("tenon-end off").contains("opens in such a recess");
    assertThat(JawDrawing.of(fifty, 20, Practice.USUAL, show)).contains("out of its range");
    assertThat(count(wide, "class=\"bite")).isZero();
    assertThat(JawDrawing.bite(fifty, 60, 8, show))
        .contains(show.fit(fifty.miss(60)))
        .contains("8 lines");
  }

  @Test
  void names_are_escaped() {
    JawSet odd =
        new JawSet("<b>&\"jaws", fifty.form(), 50, fifty.squeeze(), fifty.expand(), 10, 8, 95);
    assertThat(JawDrawing.of(odd, 51, Practice.USUAL, show))
        .doesNotContain("<b>")
        .contains("&lt;b&gt;&amp;");
  }
}
