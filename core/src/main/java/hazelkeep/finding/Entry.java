package hazelkeep.finding;

import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * An entry of the book of findings: one for each thing that may be said. Its words stand in {@code
 * findings.txt} beside this file, under the constant's name in small letters. Entries that say the
 * same mistake in other words share a code.
 */
public enum Entry {
  TENON_GONE,
  TENON_RANGE_THIN,
  TENON_RANGE_THICK,
  EXPAND_RANGE_NARROW,
  EXPAND_RANGE_WIDE,
  EXPAND_RANGE_NEVER,
  TENON_LONG,
  SHOULDER_UNSEATED,
  FREE_LENGTH,
  LEVER,
  SEAT_GONE,
  HOLD_WEAK,
  SPLITS,
  DOES_NOT_CLOSE,
  JAM_EASED,
  JAM_BOTTOMS,
  JAM_LOOSE,
  JAM_LOOSE_CUP,
  SEAT_LEANS,
  MARKS,
  STEADY_RANGE,
  STEADY_UNROUND,
  PRESSED_NO_TAIL,
  SCREW_NO_TAIL,
  EXPAND_WALL,
  RECESS_SHALLOW,
  TAIL_SPLITS,
  HOLD_MISSING_SPIGOT,
  HOLD_MISSING_THREAD,
  HOLD_MISSING_OPENING,
  HOLD_MISSING_MOUTH,
  HOLD_MISSING_OUTSIDE,
  HOLD_MISSING_PLUG,
  HOLD_MISSING_KEPT,
  HOLD_MISSING_RECESS,
  BIT_SHORT,
  BIT_MISSING,
  BORE_DRIFTS,
  BIT_SMALLER,
  BORES_APART,
  BORES_HARDLY,
  BORES_STEP,
  SHORT_OF_LINE,
  NO_CENTRE,
  TAIL_TAKEN,
  BORE_TURNS,
  DRAWBAR,
  BIT_FAST,
  LATHE_FAST,
  SHAKES,
  SHAKES_MUCH,
  BREAKS,
  TAIL_TWISTS,
  CRITICAL_SPEED,
  OUT_OF_BALANCE,
  STRIP_BALANCE,
  NOT_JUDGED,
  SANDED_EARLY,
  NOT_HELD,
  NOTHING_REMOVED,
  PART_GONE,
  HANGS,
  PARTS_INTO_HOLLOW,
  WEB_LEFT,
  COMES_LOOSE,
  FIT_EARLY,
  HIDDEN,
  RECESS_TOO_BIG,
  JAM_HARD,
  FIT_LOOSE,
  FIT_TIGHT,
  BEFORE_CUT,
  WOOD_LEFT,
  WOOD_MISSING,
  DIMPLE,
  PARTS_BETWEEN_CENTRES,
  SHAPED_EARLY,
  FIT_SANDED,
  FIT_FINISHED,
  LAST_CUT,
  LAST_SAND,
  LAST_FINISH,
  LAST_GLUE,
  NO_HOLD_REACHES,
  NO_ROOM_AT_FOOT,
  NO_ROOM_AT_TOP,
  KERF_NARROW,
  KERF_BINDS,
  FOOT_ROCKS,
  SCRATCHES_SHOW,
  BLANK_SHORT,
  BLANK_THIN,
  LATHE_SHORT,
  LATHE_SWING,
  NO_JAWS,
  BARK_CUT,
  BARK_STAYS,
  BARK_RIM,
  BARK_WALL,
  WALL_THIN,
  RIM_THIN,
  SPIGOT_WALL,
  LID_CORNER,
  FLOOR_THIN,
  FLOOR_THROUGH,
  OUTSIDE_INTO_INSIDE,
  SIZES_CONTRADICT,
  SIZES_CONTRADICT_FIT,
  SIZES_NO_FIT,
  SIZE_UNUSED,
  EDIT_UNUSED,
  CRACKED,
  FLAWED,
  OFF_CENTRE,
  DROPPED,
  RIM_CHIPPED,
  HOLES_CLOSE,
  HOLE_EDGE,
  HOLE_MISSES,
  HOLE_WIDE,
  ROOF_THIN,
  SALT_HOLES_CLOSE,
  HOLES_MISS,
  PARTS_JAM_HOLE,
  PARTS_JAM_BORE,
  THREAD_SHORT,
  SPIGOT_BOTTOMS,
  LID_SHALLOW,
  LID_THIN,
  CONTENT_WIDE,
  CONTENT_TALL,
  CONTENT_PROUD,
  CONTENT_LESS,
  DETAIL_THIN,
  DETAIL_FINE,
  BEAD_DEEP,
  DETAIL_MEETS,
  DETAIL_NO_ROOM,
  POINT_MISSED,
  TIPS_OVER,
  COMES_LESS,
  COMES_MORE,
  COMES_HEAVY,
  COMES_TIPPED,
  COMES_THIN,
  COMES_UNWEIGHED,
  KNOB_NO_TOP,
  KNOB_SECOND,
  KNOB_WIDE,
  KNOB_NECK,
  KNOB_NO_WOOD,
  KNOB_BY_HAND,
  SEAM_MISSES,
  SEAM_ONE_WOOD,
  SEAM_TENON_SHOWS,
  SEAM_AT_NECK,
  SEAM_MOVES,
  STRIP_ONE_WOOD,
  STRIP_CENTRE,
  STRIP_MISSES,
  STRIP_OVERLAPS,
  STRIP_FEATHER,
  BLANK_NOT_HERE,
  PART_GIVEN_UP,
  VESSEL_LEANS,
  SEAT_FLAT,
  LID_FALLS_IN,
  FINIAL_THROUGH,
  FINIAL_FLOOR,
  FINIAL_SEAM,
  FINIAL_SHORT,
  FINIAL_THIN,
  INLAY_NO_RECESS,
  INLAY_WIDE,
  INLAY_THIN,
  INSERT_TIGHT,
  INSERT_LOOSE,
  INSERT_THIN,
  INSERT_UNGLUED,
  RINGS_FIT,
  RINGS_NEAR,
  RING_DEEP,
  RING_STEM,
  RING_FALLS,
  RINGS_EVEN,
  RING_SWINGS,
  RING_WEAK,
  RING_SANDED,
  PITH,
  SIDES_EARLY,
  CONE_NO_MOUTH,
  CONE_ON_RIM,
  LINE_BREAKS;

  private final String key;
  private final Book.Text text;

  Entry() {
    key = name().toLowerCase(Locale.ROOT).replace('_', '-');
    text = Book.text(key);
  }

  /** The mistake's stable name: {@code wall-thin}. */
  public String code() {
    return text.code().isEmpty() ? key : text.code();
  }

  /** Its name in the book: its code, and more where several entries share one. */
  public String key() {
    return key;
  }

  /** Its words. */
  public Book.Text text() {
    return text;
  }

  /** The line of Practice that its limit comes from, where it is one. */
  public Optional<Line> limit() {
    return Optional.of(text.limit()).filter(l -> !l.isEmpty()).flatMap(Line::named);
  }

  /** The entries of a code, in the order of the book. */
  public static List<Entry> of(String code) {
    return Arrays.stream(values()).filter(e -> e.code().equals(code)).toList();
  }

  /**
   * What was found, with no number to it.
   *
   * @param said words and lengths, mm, that stand in its sentences
   */
  public Verdict told(Grade grade, String... said) {
    return told(grade, 0, 0, said);
  }

  /**
   * What was found.
   *
   * @param found the number found, in the entry's unit
   * @param limit the number it was held against
   * @param said words and lengths, mm, that stand in its sentences
   */
  public Verdict told(Grade grade, double found, double limit, String... said) {
    return new Verdict(this, grade, found, limit, List.of(said));
  }
}
