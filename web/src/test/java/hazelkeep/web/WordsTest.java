package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.web.words.Terms;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The word list and what leads to it. */
class WordsTest {
  private final App app = App.shared();
  private final Terms terms = app.bean(Terms.class);

  @Test
  void every_word_stands_once_with_a_meaning_and_a_drawing_of_its_own() {
    String page = app.visitor().get("/words").body();
    Set<String> forms = new HashSet<>();
    for (Terms.Term t : terms.all()) {
      assertThat(page).contains("id=\"" + t.anchor() + "\"").contains("<h3>" + t.word() + "</h3>");
      assertThat(t.meaning()).endsWith(".");
      t.forms().forEach(f -> assertThat(forms.add(f)).as(f).isTrue());
    }
    assertThat(page.split("class=\"word-drawing\"")).hasSize(terms.all().size() + 1);
  }

  @Test
  void a_word_is_underlined_once_in_whatever_form_and_the_rest_is_escaped() {
    assertThat(terms.marked("Tenons <b> and a tenon; the jam chuck, jammed"))
        .isEqualTo(
            "<a class=\"term\" href=\"/words#tenon\">Tenons</a> &lt;b&gt; and a tenon; the <a"
                + " class=\"term\" href=\"/words#jam-chuck\">jam chuck</a>, jammed");
    assertThat(app.visitor().get("/pieces/3/bench").body()).contains("/words#recess");
  }
}
