package hazelkeep.web.words;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the word list. */
@ControllerAdvice
class WordsAdvice {
  private final Terms terms;

  WordsAdvice(Terms terms) {
    this.terms = terms;
  }

  @ModelAttribute("wordList")
  Terms terms() {
    return terms;
  }
}
