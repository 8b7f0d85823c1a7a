package hazelkeep.web.words;

import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Help by what is to be done, the keys, and the words. */
@Controller
class WordsController {
  private final Terms terms;

  WordsController(Terms terms) {
    this.terms = terms;
  }

  @GetMapping("/words")
  String words(Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("terms", terms.all());
    return "words/words";
  }
}
