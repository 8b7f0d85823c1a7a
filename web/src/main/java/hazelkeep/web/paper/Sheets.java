package hazelkeep.web.paper;

import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Predicate;

/** What can be printed of a piece, in the order in which one press prints it all. */
enum Sheets {
  CUT_SHEET("Cut sheet", p -> true, CutSheet::draw),
  MARKING_STICK("Marking stick 1:1", p -> true, MarkingStick::draw),
  STORY_STICK("Story stick 1:1", p -> true, StoryStick::draw),
  TEMPLATES("Templates 1:1", p -> true, Templates::draw),
  HOLDS("Hold cards", p -> true, HoldSheet::draw),
  BIT_FLAGS("Bit flags and bit list", p -> !p.plan().sketch().boring().isEmpty(), BitFlags::draw),
  HOLE_TEMPLATE(
      "Hole template 1:1", p -> !p.plan().sketch().rolled().isEmpty(), HoleTemplate::draw),
  RECORD("Record", p -> true, RecordSheet::draw);

  private final String words;
  private final Predicate<Printed> applies;
  private final BiConsumer<Sheet, Printed> draw;

  Sheets(String words, Predicate<Printed> applies, BiConsumer<Sheet, Printed> draw) {
    this.words = words;
    this.applies = applies;
    this.draw = draw;
  }

  /** What it is called. */
  public String words() {
    return words;
  }

  /** Its file: cut-sheet. */
  public String file() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  boolean applies(Printed of) {
    return applies.test(of);
  }

  void draw(Sheet s, Printed of) {
    draw.accept(s, of);
  }
}
