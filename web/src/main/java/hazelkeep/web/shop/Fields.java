package hazelkeep.web.shop;

import static hazelkeep.web.shop.Field.choice;
import static hazelkeep.web.shop.Field.length;
import static hazelkeep.web.shop.Field.number;
import static hazelkeep.web.shop.Field.numbers;
import static hazelkeep.web.shop.Field.perhaps;
import static hazelkeep.web.shop.Field.text;
import static hazelkeep.web.shop.Field.tick;
import static hazelkeep.web.shop.Field.wood;

import hazelkeep.shop.Bit;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.web.store.ShopKind;
import java.util.List;

/** The fields of every kind of thing on the wall, and what the kind is called. */
final class Fields {
  private static final Field NAME = text("name", "Name");

  private Fields() {}

  /** What a kind is called: one of them. */
  static String one(ShopKind kind) {
    return switch (kind) {
      case LATHE -> "The lathe";
      case JAWS -> "Jaw set";
      case CENTRE -> "Centre";
      case TOOL -> "Tool";
      case BIT -> "Bit";
      case EXTENSION -> "Extension";
      case DRILL -> "Drill chuck";
      case GAUGE -> "Gauge";
      case LANDMARK -> "Object used as a gauge";
      case STEADY -> "Steady";
      case SCREW -> "Screw chuck";
      case CHUCK -> "Kept jam chuck";
      case REST -> "Tool rest";
      case PUSH -> "Push test";
      case WOOD -> "Wood";
      case PRACTICE -> "Own value of practice";
      case CLIMATE -> "Air of a place";
      case BOUND -> "Own bound of a size";
    };
  }

  /** What a kind is called: all of them. */
  static String all(ShopKind kind) {
    return switch (kind) {
      case LATHE, PUSH, DRILL -> one(kind);
      case EXTENSION -> "Extensions";
      case JAWS -> "Jaw sets";
      case CENTRE -> "Centres";
      case TOOL -> "Tools and abrasives";
      case BIT -> "Bits";
      case GAUGE -> "Gauges";
      case LANDMARK -> "Objects used as gauges";
      case STEADY -> "Steadies";
      case SCREW -> "Screw chucks";
      case CHUCK -> "Kept jam chucks and mandrels";
      case REST -> "Tool rests";
      case WOOD -> "Woods";
      case PRACTICE -> "Own values of practice";
      case CLIMATE -> "Air of places";
      case BOUND -> "Own bounds of sizes";
    };
  }

  /** Why one would keep them, in a sentence. */
  static String why(ShopKind kind) {
    return switch (kind) {
      case LATHE -> "Swing and length bound every blank; its speeds are the ones that are shown.";
      case JAWS -> "Tenons are sized for the true circle of these.";
      case CENTRE -> "What stands in the way at the ends, and the marks they leave.";
      case TOOL -> "What they reach decides what can be cut in a hold.";
      case BIT -> "The point counts: a floor is counted from it.";
      case EXTENSION -> "Slimmer than the bore; added once the bit has found its way.";
      case DRILL -> "A bore wider than its nose lets it follow.";
      case GAUGE -> "What the bench shows is what the device shows. Most show the length itself.";
      case LANDMARK -> "A shoulder, the width of a skew: its length is measured once.";
      case STEADY -> "Keeps long work from giving way; its band must stay round.";
      case SCREW -> "For blanks that are hollowed before they get a tenon.";
      case CHUCK -> "Jam chucks worth keeping: trued again, they fit the next mouth.";
      case REST -> "Short ones go where long ones can't.";
      case PUSH -> "A round bar in the jaws, pushed sideways, says how far lathe and chuck give.";
      case WOOD -> "Your own figures win over the library's.";
      case PRACTICE -> "What is planned and judged by, where you go by another value.";
      case CLIMATE -> "What the seasons do to a lid is worked out from it.";
      case BOUND -> "What may be typed for a size goes by them.";
    };
  }

  /** The fields of a kind, in the order in which they are asked. */
  static List<Field> of(ShopKind kind) {
    return switch (kind) {
      case LATHE ->
          List.of(
              length("swing", "Swing over the bed"),
              length("between", "Between centres"),
              number("slowest", "Slowest speed", "rpm"),
              number("fastest", "Fastest speed", "rpm"),
              numbers("steps", "Its fixed speeds", "empty when it is stepless"),
              length("quillTravel", "Travel of the quill"),
              text("spindle", "Spindle thread").or("if you like"),
              tick("drawbar", "A drawbar keeps tapers in the quill"));
      case JAWS ->
          List.of(
              NAME,
              choice("form", "What they look like", JawSet.Form.values(), JawSet.Form::words),
              length("trueCircle", "True circle"),
              length("squeeze.from", "Squeezes from"),
              length("squeeze.to", "Squeezes to"),
              length("expand.from", "Opens from").or("does not expand"),
              length("expand.to", "Opens to").or("does not expand"),
              length("depth", "Depth of the jaws"),
              number("dovetail", "Dovetail against the axis", "degrees"),
              length("body", "Over the jaws"));
      case CENTRE ->
          List.of(
              NAME,
              choice("form", "What it looks like", Centre.Form.values(), Centre.Form::words),
              length("dimple", "Depth of its mark, 0 for none"),
              length("dimpleRadius", "Radius of its mark"),
              length("radius", "Room it takes round the axis"));
      case TOOL ->
          List.of(
              NAME,
              length("shape.nose", "Radius of the nose"),
              length("shape.shank", "Half its thickness"),
              length("shape.length", "Reach in front of the rest"),
              tick("does.CUT", "It cuts"),
              tick("does.SAND", "It sands"),
              tick("does.FINISH", "It lays on finish"),
              length("width", "Width of its kerf, 0 unless it parts"),
              length("hook", "Tip stands out from the bar's middle, 0 for a straight tool"));
      case BIT ->
          List.of(
              NAME,
              choice("form", "What it looks like", Bit.Form.values(), Bit.Form::words),
              length("diameter", "Diameter"),
              length("tip", "Point beyond the full diameter"),
              length("reach", "Reach from the cutting rim"),
              length("shank", "Diameter of its shank"),
              tick("needsCentre", "Its spur needs wood at the centre"),
              perhaps("own.drift", "It drifts in 100 mm by", "mm"),
              perhaps("own.slow", "Cuts well from", "rpm"),
              perhaps("own.fast", "Cuts well up to", "rpm"));
      case EXTENSION ->
          List.of(NAME, length("diameter", "Diameter"), length("length", "Makes a bit longer by"));
      case DRILL ->
          List.of(
              NAME,
              length("nose", "Diameter of its nose"),
              length("length", "From its nose to its shoulder"));
      case GAUGE ->
          List.of(
              NAME,
              length("dead", "Dead length, added to what it shows"),
              tick("depth", "It reads depths, from a rim or a mouth"));
      case LANDMARK -> List.of(NAME, length("length", "Its length"));
      case STEADY ->
          List.of(
              NAME,
              length("range.from", "Takes from"),
              length("range.to", "Takes to"),
              length("width", "Width of the band under its wheels"));
      case SCREW ->
          List.of(
              NAME,
              length("diameter", "Diameter of the thread"),
              length("length", "Length in the wood"),
              length("face", "Face behind the wood"));
      case CHUCK ->
          List.of(
              NAME,
              choice("form", "What it looks like", KeptChuck.Form.values(), KeptChuck.Form::words),
              length("diameter", "Diameter of the plug or recess"),
              length("length", "How long, how deep"),
              length("face", "Face round the plug, outside of a cup"),
              wood("wood", "Its wood").or("if you know"));
      case REST -> List.of(NAME, length("length", "Length"));
      case PUSH ->
          List.of(
              wood("species", "Wood of the bar"),
              length("diameter", "Diameter of the bar"),
              length("tenon", "Diameter of its tenon"),
              length("at", "Pushed and read so far in front of the jaws"),
              number("force", "Force: a kilogram on a scale is 9.81", "N"),
              length("deflection", "Deflection read"));
      case PRACTICE -> List.of(NAME, number("value", "Value", "in its unit"));
      case CLIMATE -> List.of(NAME);
      case BOUND -> List.of(NAME, length("least", "Least"), length("most", "Most"));
      case WOOD -> List.of(NAME, text("botanical", "Botanical name").or("if you like"));
    };
  }
}
