package hazelkeep.route;

import static hazelkeep.shop.ToolKind.BAR;
import static hazelkeep.shop.ToolKind.GOUGE;
import static hazelkeep.shop.ToolKind.HOOK;
import static hazelkeep.shop.ToolKind.PARTING;
import static hazelkeep.shop.ToolKind.ROUGHING;
import static hazelkeep.shop.ToolKind.SCRAPER;
import static hazelkeep.shop.ToolKind.SKEW;

import hazelkeep.shop.Tool;
import hazelkeep.shop.ToolKind;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * What a cut is, and which tools are taken for it, the first choice first (common practice). What
 * is not named for it is never taken: no roughing gouge goes into a hollow, no hooked bar along an
 * outside.
 */
enum Job {
  /** Out of square, or a lot of it, outside. */
  ROUGH(ROUGHING, GOUGE, SKEW, SCRAPER),
  /** What shows outside. */
  SHAPE(GOUGE, SKEW, SCRAPER, BAR, PARTING),
  /** What is hollow along the axis, a cove, a stem that runs into its foot: no skew cuts it. */
  COVE(GOUGE, SCRAPER, PARTING, BAR),
  /** A bead, a line, a round edge. */
  DETAIL(SKEW, GOUGE, PARTING, SCRAPER),
  /** Tenons, spigots and their shoulders: square, to a size. */
  SIZE(PARTING, SKEW, GOUGE, SCRAPER, BAR),
  /** Straight in. */
  SLOT(PARTING, SKEW, SCRAPER),
  /** A hollow. */
  HOLLOW(SCRAPER, GOUGE, BAR, HOOK, PARTING),
  /** A recess that something fits: parallel, its floor flat. */
  RECESS(SCRAPER, SKEW, GOUGE, BAR, HOOK, PARTING);

  private final List<ToolKind> kinds;

  Job(ToolKind... kinds) {
    this.kinds = Arrays.asList(kinds);
  }

  /** What cutting a surface is. */
  static Job of(Surface s) {
    if (s.inside()) {
      return s.role() == Role.FIT ? RECESS : HOLLOW;
    }
    return s.role() == Role.SHOW ? SHAPE : SIZE;
  }

  /** The tools that are taken, the first choice first; of one kind in the order of the wall. */
  List<Tool> tools(List<Tool> all) {
    return all.stream()
        .filter(t -> t.does().contains(Doing.CUT) && kinds.contains(t.kind()))
        .sorted(Comparator.comparingInt(t -> kinds.indexOf(t.kind())))
        .toList();
  }
}
