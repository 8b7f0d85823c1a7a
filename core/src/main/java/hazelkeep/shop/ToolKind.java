package hazelkeep.shop;

import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
import java.util.Set;

/** What a tool is for, in the trade's words. */
public enum ToolKind {
  ROUGHING("roughing gouge"),
  GOUGE("spindle gouge"),
  SKEW("skew"),
  PARTING("parting tool"),
  SCRAPER("scraper"),
  BAR("hollowing bar"),
  HOOK("hooked bar"),
  ABRASIVE("abrasive, brush");

  private final String words;

  ToolKind(String words) {
    this.words = words;
  }

  /** In the trade's words. */
  public String words() {
    return words;
  }

  /** A nose that is sharper than this is a corner, mm. */
  private static final double CORNER = 1;

  /** A nose that is rounder than this is a scraper's, mm. */
  private static final double ROUND = 3;

  /** A straight tool that reaches further works through a mouth, mm. */
  private static final double DEEP = 200;

  /** What a tool is most likely for of which that was not said: tools from before it was asked. */
  static ToolKind of(ToolShape shape, Set<Doing> does, double width, double hook) {
    if (!does.contains(Doing.CUT)) {
      return ABRASIVE;
    }
    if (width > 0) {
      return PARTING;
    }
    if (hook > 0) {
      return HOOK;
    }
    if (shape.length() > DEEP) {
      return BAR;
    }
    return shape.nose() >= CORNER && shape.nose() <= ROUND ? GOUGE : SCRAPER;
  }
}
