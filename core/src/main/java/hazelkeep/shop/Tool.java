package hazelkeep.shop;

import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
import java.util.Set;

/**
 * A cutting tool, an abrasive holder or a brush.
 *
 * @param name as the turner calls it
 * @param shape what of it can collide
 * @param does what it is good for
 * @param width of the slot it leaves when pushed straight in, mm; 0 for a tool that does not part
 */
public record Tool(String name, ToolShape shape, Set<Doing> does, double width) {
  /** Whether it cuts a kerf. */
  public boolean parts() {
    return width > 0;
  }
}
