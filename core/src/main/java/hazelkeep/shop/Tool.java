package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * A cutting tool, an abrasive holder or a brush.
 *
 * @param name as the turner calls it
 * @param shape what of it can collide
 * @param does what it is good for
 * @param width of the slot it leaves when pushed straight in, mm; 0 for a tool that does not part
 * @param hook how far the tip of a hooked bar stands out from the bar's middle, mm; 0 for a
 *     straight tool
 * @param kind what it is for
 * @param blade how high it is where it stands on edge in a slot, mm; 0 where nobody measured it
 */
public record Tool(
    String name,
    ToolShape shape,
    Set<Doing> does,
    double width,
    double hook,
    ToolKind kind,
    double blade) {
  /** A straight tool of which no more is said. */
  public Tool(String name, ToolShape shape, Set<Doing> does, double width) {
    this(name, shape, does, width, 0, null, 0);
  }

  /** A tool that cuts. */
  static Tool cuts(ToolKind kind, String name, ToolShape shape, double width, double hook) {
    return new Tool(name, shape, EnumSet.of(Doing.CUT), width, hook, kind, 0);
  }

  /**
   * @throws Refused when a tool can't be so, saying what would be accepted
   */
  public Tool {
    name = Checks.name(name);
    if (does.isEmpty()) {
      throw new Refused(Wording.of("tool.say-what-it-is-good"));
    }
    // In the order of the work, so that a shop's file reads the same each time it is taken out.
    does = Collections.unmodifiableSet(EnumSet.copyOf(does));
    Checks.mm("The tool's nose", shape.nose(), 0, 60);
    Checks.mm("Half its thickness", shape.shank(), 0.2, 60);
    Checks.mm("The tool's reach", shape.length(), 5, 1500);
    Checks.mm("The parting width", width, 0, 20);
    Checks.mm("The hook", hook, 0, 200);
    Checks.mm("The blade's height", blade, 0, 80);
    kind = kind == null ? ToolKind.of(shape, does, width, hook) : kind;
  }

  /** The narrowest mouth that it passes, mm across; 0 where its shape alone decides. */
  public double leastMouth() {
    return hook == 0 ? 0 : hook + shape.shank();
  }

  /** Whether it cuts a kerf. */
  public boolean parts() {
    return width > 0;
  }
}
