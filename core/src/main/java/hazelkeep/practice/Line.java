package hazelkeep.practice;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A line of Practice: a value of custom, a limit or an assumption, one for each thing that is
 * judged or planned by it. What it means, its unit, its usual value and its source stand in {@code
 * practice.csv} beside this file, under the constant's name in small letters: {@code
 * HOLD_FREE_LENGTH} is {@code hold.free-length}.
 */
public enum Line {
  HOLD_FREE_LENGTH,
  HOLD_LEVER_COMFORT,
  HOLD_LEVER,
  HOLD_LEVER_NONE,
  HOLD_SHOULDER,
  HOLD_SHOULDER_SPARE,
  HOLD_JAM_PRESS,
  HOLD_JAM_PRESS_LEAST,
  HOLD_JAM_GIVES,
  HOLD_JAM_SLACK,
  HOLD_TENON_LEFT,
  HOLD_TENON_WALL,
  HOLD_TENON_OVER_CIRCLE,
  HOLD_TENON_LENGTH,
  HOLD_BOTTOM_GAP,
  HOLD_FULL_BITE,
  HOLD_STRENGTH_WATCH,
  HOLD_STRENGTH_STOP,
  HOLD_LIGHT_CUT,
  HOLD_SPLIT_WATCH,
  HOLD_SPLIT_STOP,
  HOLD_SPLIT_SPARE,
  HOLD_EXPAND_WALL,
  HOLD_RECESS_DEPTH,
  HOLD_RECESS_LEAST,
  HOLD_RECESS_ROOM,
  HOLD_RECESS_FOOT,
  HOLD_JAW_FORCE,
  HOLD_TAIL_PRESS,
  HOLD_TAIL_TOUCH,
  HOLD_TAIL_STOUT,
  HOLD_JAWS_LEAN,
  HOLD_JAWS_LEAN_PLANNED,
  HOLD_ROUND_DEPTH,
  HOLD_ROUND_LEAST,
  HOLD_SCREW_SHARE,
  HOLD_SCREW_END_GRAIN,
  HOLD_PAPER,
  HOLD_FRICTION,
  HOLD_TORQUE_LEAST,
  HOLD_TORQUE_MOST,
  HOLD_STEADY_ROUND,
  HOLD_PLUG_LENGTH,
  HOLD_PLUG_LEAST,
  HOLD_PLUG_SHARE,
  HOLD_PLUG_CLEAR,
  HOLD_PLUG_FACE,
  HOLD_PLUG_TAPER,
  HOLD_PLUG_RELIEF,
  HOLD_PLUG_TRUED,
  HOLD_CUP_WALL,

  STIFF_RIGID,
  STIFF_ROUGHING_SOUND,
  STIFF_ROUGHING_LIGHT,
  STIFF_ROUGHING_LEAST,
  STIFF_ROUGHING_FORCE,
  STIFF_FINISHING_SOUND,
  STIFF_FINISHING_LIGHT,
  STIFF_FINISHING_LEAST,
  STIFF_FINISHING_FORCE,
  STIFF_SLENDER_SOUND,
  STIFF_SLENDER_LIGHT,
  STIFF_SLENDER_LEAST,
  STIFF_SLENDER_FORCE,
  STIFF_SLENDER,
  STIFF_BULK,
  STIFF_WORTH_SAYING,
  STIFF_CRITICAL_SHARE,
  STIFF_CRITICAL_SHARE_UNROUND,
  STIFF_JAWS,
  STIFF_LATHE,
  STIFF_RIM,
  STIFF_KEPT_ROUND,

  SPEED_USUAL_FROM,
  SPEED_USUAL_TO,
  SPEED_CEILING,
  SPEED_OUT_OF_ROUND,
  SPEED_PARTING,
  SPEED_BORING_FROM,
  SPEED_BORING_TO,
  SPEED_SANDING,
  SPEED_SMALLEST,

  BORE_RIM_SLOW,
  BORE_RIM_FAST,
  BORE_TWIST_FASTER,
  BORE_TWIST_SEEN_LEAST,
  BORE_TWIST_SEEN_MOST,
  BORE_HARD,
  BORE_SEEN_LEAST,
  BORE_SEEN_MOST,
  BORE_CHIPS,
  BORE_DRIFT_DIAMETERS,
  BORE_DRIFT,
  BORE_SAME_SIZE,
  BORE_STAND_OFF,
  BORE_CUTTING,
  BORE_FEED,
  BORE_BLIND,
  BORE_PULLS,
  BORE_TOO_FAST,
  BORE_OVERLAP_LEAST,
  BORE_OVERLAP,
  BORE_STEP_SEEN,
  BORE_PAST_FACE,
  BORE_STEP_SPIGOT,
  BORE_TOUCH,
  BORE_AGAIN,

  FIT_JAM_TIGHTEST,
  FIT_JAM_LOOSEST,
  FIT_PUSH_LEAST,
  FIT_PUSH_MOST,
  FIT_SUCTION_MOST,
  FIT_SNUG_MOST,
  FIT_EASY_MOST,
  FIT_DROP_ON_MOST,
  FIT_GROWS_ABOVE,
  FIT_GROWS,
  FIT_SLACK,

  READ_FIT,
  READ_TURNED,
  READ_HOLLOW,
  READ_SEAT,
  READ_RECESS_SHORT,

  ROUTE_NECK,
  ROUTE_REGRIP,
  ROUTE_MOVES,
  ROUTE_SANDED,
  ROUTE_HANGS,
  ROUTE_SHAPED,
  ROUTE_OPEN,
  ROUTE_OPEN_SOFT,
  ROUTE_HIDDEN,

  STOCK_CENTRING,
  STOCK_LEFT,
  STOCK_FACE,
  STOCK_FACE_RIM,
  STOCK_FACE_SPIGOT,
  STOCK_WASTE_FOOT,
  STOCK_WASTE_ROOM,
  STOCK_WASTE_TOP,
  STOCK_ROUNDED,
  STOCK_KERF,
  STOCK_KERF_FREE,
  STOCK_KERF_DEEP,
  STOCK_PARTING_TOOL,
  STOCK_PARTING_ROOM,
  STOCK_PARTING_LEAST,
  STOCK_FOOT_HOLLOW,
  STOCK_FOOT_RIM,
  STOCK_GRAIN_RUNS_OUT,
  STOCK_FINE_GRIT,
  STOCK_FRESH_FACE,
  STOCK_FRESH_LEFT,

  WALL_BOX,
  WALL_BOX_FLOOR,
  WALL_BOX_CORNER,
  WALL_BOX_RIM,
  WALL_SPIGOT_JAM,
  WALL_VESSEL,
  WALL_VESSEL_FLOOR,
  WALL_VESSEL_RIM,
  WALL_MILL,
  WALL_MILL_RIM,
  WALL_MILL_CORNER,
  WALL_MILL_TENON,
  WALL_MILL_ROOF,
  WALL_SHAKER_ROOF,
  WALL_CHUCK_TENON,
  WALL_CASE,
  WALL_CASE_END,
  WALL_CASE_RIM,
  WALL_CASE_SPIGOT,
  WALL_HOUSE_SPIGOT,
  WALL_HOLE,
  WALL_SALT_HOLES,

  CONTENT_BOX,
  CONTENT_VESSEL,
  CONTENT_CASE,
  CONTENT_CASE_AIR,
  CONTENT_WATER_LINE,
  CONTENT_SHAFT,
  CONTENT_THREAD,

  TURN_BOX_SPARE,
  TURN_BOX_TRUED,
  TURN_VESSEL_SPARE,
  TURN_MILL_SPARE,
  TURN_CASE_SPARE,
  TURN_SPIGOT_SPARE,
  TURN_NUB,
  TURN_CASE_NUB,
  TURN_ROUNDING,
  TURN_FOOT_LEAN,
  TURN_ROOF_CORNER,
  TURN_ROOF_CORNER_SHARE,
  TURN_FLOOR_CORNER,
  TURN_START_CLEAR,
  TURN_SPIGOT_AIR,

  FORM_BELLY,
  FORM_BELLY_NECKED,
  FORM_NECK,
  FORM_WAIST,

  VESSEL_BORE,
  VESSEL_BORE_NECKED,
  VESSEL_BORE_RIGGED,
  VESSEL_DEPTH,
  VESSEL_PROUD,
  VESSEL_NARROW,
  VESSEL_FLARE,
  VESSEL_EDGE,
  VESSEL_FLOOR_ROOM,
  VESSEL_FOOT,
  VESSEL_FOOT_HOLLOW,
  VESSEL_RIM,
  VESSEL_RIM_WALLS,
  VESSEL_NECK_ROOM,
  VESSEL_WIDE,
  VESSEL_WIDE_NECKED,
  VESSEL_ROUND,
  VESSEL_HOLLOW_ROOM,
  VESSEL_FACE_RIM,

  CASE_HOLDS,
  CASE_TALL,
  CASE_LID_SHARE,
  CASE_LID_DEPTH,
  CASE_SPIGOT,
  CASE_WALL,
  CASE_FOOT,
  CASE_TOP,
  CASE_FLOOR_ROOM,
  CASE_END_ROOM,
  CASE_DOME,
  CASE_DOME_END,
  CASE_FOOT_HOLLOW,
  HOUSE_HOLDS,
  HOUSE_DEPTH,
  HOUSE_LID_AIR,
  HOUSE_SPIGOT,
  HOUSE_WALL,
  HOUSE_EAVES,
  HOUSE_RIDGE,
  HOUSE_RIDGE_LEAST,
  HOUSE_ROOF,
  HOUSE_END_ROOM,
  HOUSE_DOME,

  DETAIL_LINE_WIDE,
  DETAIL_LINE_DEEP,
  DETAIL_APART,
  DETAIL_BURNT_WIDE,
  DETAIL_BURNT_DEEP,
  DETAIL_BEAD_WIDE,
  DETAIL_BEAD_DEEP,
  DETAIL_COVE_WIDE,
  DETAIL_COVE_DEEP,
  DETAIL_STEP_WIDE,
  DETAIL_STEP_DEEP,
  DETAIL_TEXTURE_WIDE,
  DETAIL_TEXTURE_DEEP,
  DETAIL_HEIGHT,
  DETAIL_LEFT,
  DETAIL_EDGE,
  DETAIL_FINEST,
  DETAIL_FINEST_SOFT,
  DETAIL_KNOB_TALL,
  DETAIL_SPIRE_TALL,
  DETAIL_KNOB_WIDE,
  DETAIL_KNOB_NECK,
  DETAIL_KNOB_SLIM,
  DETAIL_KNOB_LEAST,
  DETAIL_KNOB_SPARE;

  private static final Map<String, Line> BY_KEY =
      Arrays.stream(values()).collect(Collectors.toMap(Line::key, Function.identity()));

  private final String key;
  private final Text text;

  Line() {
    String small = name().toLowerCase(java.util.Locale.ROOT);
    int group = small.indexOf('_');
    key = small.substring(0, group) + "." + small.substring(group + 1).replace('_', '-');
    text = Table.of(key);
  }

  /**
   * What the table says of a line.
   *
   * @param value its usual value
   * @param unit of its value
   * @param least the smallest that makes sense
   * @param most the largest that makes sense
   * @param origin how it is known: common practice, published, calibrated, assumed
   * @param meaning what it is, a sentence without its end
   * @param source who says so, or why
   */
  public record Text(
      double value,
      String unit,
      double least,
      double most,
      String origin,
      String meaning,
      String source) {}

  /** Its stable name: {@code hold.free-length}. */
  public String key() {
    return key;
  }

  /** The first word of its name: what it is about. */
  public String group() {
    return key.substring(0, key.indexOf('.'));
  }

  /** What the table says of it. */
  public Text text() {
    return text;
  }

  /** Its usual value. */
  double usual() {
    return text.value();
  }

  /** The line of a name. */
  public static Optional<Line> named(String key) {
    return Optional.ofNullable(BY_KEY.get(key));
  }
}
