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
import hazelkeep.shop.ToolKind;
import hazelkeep.web.said.Sentences;
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
      case LATHE -> Sentences.of("fields.swing-and-length-bound-every");
      case JAWS -> Sentences.of("fields.tenons-are-sized-for-the");
      case CENTRE -> Sentences.of("fields.what-stands-in-the-way");
      case TOOL -> Sentences.of("fields.what-they-reach-decides-what");
      case BIT -> Sentences.of("fields.the-point-counts-a-floor");
      case EXTENSION -> Sentences.of("fields.slimmer-than-the-bore-added");
      case DRILL -> Sentences.of("fields.a-bore-wider-than-its");
      case GAUGE -> Sentences.of("fields.what-the-bench-shows-is");
      case LANDMARK -> Sentences.of("fields.a-shoulder-the-width-of");
      case STEADY -> Sentences.of("fields.keeps-long-work-from-giving");
      case SCREW -> Sentences.of("fields.for-blanks-that-are-hollowed");
      case CHUCK -> Sentences.of("fields.jam-chucks-worth-keeping-trued");
      case REST -> Sentences.of("fields.short-ones-go-where-long");
      case PUSH -> Sentences.of("fields.a-round-bar-in-the");
      case WOOD -> Sentences.of("fields.your-own-figures-win-over");
      case PRACTICE -> Sentences.of("fields.what-is-planned-and-judged");
      case CLIMATE -> Sentences.of("fields.what-the-seasons-do-to");
      case BOUND -> Sentences.of("fields.what-may-be-typed-for");
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
              tick("drawbar", Sentences.of("fields.a-drawbar-keeps-tapers-in")));
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
              length("dimple", Sentences.of("fields.depth-of-its-mark-0")),
              length("dimpleRadius", "Radius of its mark"),
              length("radius", Sentences.of("fields.room-it-takes-round-the")));
      case TOOL ->
          List.of(
              NAME,
              length("shape.nose", "Radius of the nose"),
              length("shape.shank", "Half its thickness"),
              length("shape.length", Sentences.of("fields.reach-in-front-of-the")),
              tick("does.CUT", "It cuts"),
              tick("does.SAND", "It sands"),
              tick("does.FINISH", "It lays on finish"),
              length("width", Sentences.of("fields.width-of-its-kerf-0")),
              length("hook", Sentences.of("fields.tip-stands-out-from-the")),
              choice("kind", "What it is for", ToolKind.values(), ToolKind::words),
              length("blade", Sentences.of("fields.height-of-its-blade")));
      case BIT ->
          List.of(
              NAME,
              choice("form", "What it looks like", Bit.Form.values(), Bit.Form::words),
              length("diameter", "Diameter"),
              length("tip", "Point beyond the full diameter"),
              length("reach", "Reach from the cutting rim"),
              length("shank", "Diameter of its shank"),
              tick("needsCentre", Sentences.of("fields.its-spur-needs-wood-at")),
              perhaps("own.drift", "It drifts in 100 mm by", "mm"),
              perhaps("own.slow", "Cuts well from", "rpm"),
              perhaps("own.fast", "Cuts well up to", "rpm"));
      case EXTENSION ->
          List.of(NAME, length("diameter", "Diameter"), length("length", "Makes a bit longer by"));
      case DRILL ->
          List.of(
              NAME,
              length("nose", "Diameter of its nose"),
              length("length", Sentences.of("fields.from-its-nose-to-its")));
      case GAUGE ->
          List.of(
              NAME,
              length("dead", Sentences.of("fields.dead-length-added-to-what")),
              tick("depth", Sentences.of("fields.it-reads-depths-from-a")));
      case LANDMARK -> List.of(NAME, length("length", "Its length"));
      case STEADY ->
          List.of(
              NAME,
              length("range.from", "Takes from"),
              length("range.to", "Takes to"),
              length("width", Sentences.of("fields.width-of-the-band-under")));
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
              length("diameter", Sentences.of("fields.diameter-of-the-plug-or")),
              length("length", "How long, how deep"),
              length("face", Sentences.of("fields.face-round-the-plug-outside")),
              wood("wood", "Its wood").or("if you know"));
      case REST -> List.of(NAME, length("length", "Length"));
      case PUSH ->
          List.of(
              wood("species", "Wood of the bar"),
              length("diameter", "Diameter of the bar"),
              length("tenon", "Diameter of its tenon"),
              length("at", Sentences.of("fields.pushed-and-read-so-far")),
              number("force", Sentences.of("fields.force-a-kilogram-on-a"), "N"),
              length("deflection", "Deflection read"));
      case PRACTICE -> List.of(NAME, number("value", "Value", "in its unit"));
      case CLIMATE -> List.of(NAME);
      case BOUND -> List.of(NAME, length("least", "Least"), length("most", "Most"));
      case WOOD -> List.of(NAME, text("botanical", "Botanical name").or("if you like"));
    };
  }
}
