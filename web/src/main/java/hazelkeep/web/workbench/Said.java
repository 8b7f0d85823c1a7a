package hazelkeep.web.workbench;

import java.util.List;
import java.util.Optional;

/**
 * What the bench has to say, what was typed, and what is looked at.
 *
 * @param message why something was refused; empty for nothing
 * @param typed what was typed, kept in the field
 * @param what the size in question; empty for the next one
 * @param row the line of the setting out that is looked at; 0 for none
 * @param cut the cut of the step that is at hand, from 1; 0 for the first that is open
 * @param question what is asked of a reading that will not do; empty for nothing
 * @param open sizes of the step that were not entered when it was ticked; empty when none
 */
record Said(
    String message,
    String typed,
    String what,
    int row,
    int cut,
    Optional<Question> question,
    List<String> open) {
  static Said of(String message) {
    return new Said(message, "", "", 0, 0, Optional.empty(), List.of());
  }

  Said about(String text, String size) {
    return new Said(message, text, size, row, cut, question, open);
  }

  Said at(int line, int hand) {
    return new Said(message, typed, what, line, hand, question, open);
  }

  Said asking(Question about) {
    return new Said(message, typed, what, row, cut, Optional.of(about), open);
  }

  Said leaving(List<String> sizes) {
    return new Said(message, typed, what, row, cut, question, sizes);
  }
}
