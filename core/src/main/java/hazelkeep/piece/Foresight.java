package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Verdict;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an old hand sees before the lathe is switched on: room for the parting tool, a kerf that is
 * wide enough, a foot that stands. The same for every kind that has such sizes.
 */
final class Foresight {
  /** Room beside the parting tool between the work and the jaws, mm (common practice). */
  private static final double PARTING_ROOM = 0.5;

  /** The least room where no parting tool is known, mm (common practice). */
  private static final double NO_TOOL = 2.5;

  /** From this diameter on a kerf as narrow as its tool binds, mm (common practice). */
  private static final double DEEP_CUT = 80;

  /** How much wider than its tool a deep kerf is cut (common practice). */
  private static final double FREE = 1.2;

  /** The least hollow of a foot: what a season's swelling may take, mm (common practice). */
  private static final double FOOT_HOLLOW = 0.2;

  /** From which share of the foot's radius on a stand counts as on its rim. */
  private static final double RIM_SHARE = 0.9;

  /** From this lean on the grain runs out of the side, degrees (common practice). */
  private static final int RUNS_OUT = 5;

  /** The grit that end grain wants (common practice). */
  private static final int FINE = 320;

  private final Aim aim;
  private final Optional<Tool> parting;
  private final Told told = new Told();

  private Foresight(Aim aim, Shop shop) {
    this.aim = aim;
    this.parting = shop.thinnestParting();
  }

  /** All that is seen. */
  static List<Finding> of(Aim aim, Shop shop, Design design) {
    Foresight f = new Foresight(aim, shop);
    f.scratches((Record) design);
    f.room("foot", aim.parts().get(0));
    f.room("top", aim.parts().get(aim.parts().size() - 1));
    f.kerf();
    f.foot();
    return new ArrayList<>(f.told.done());
  }

  /** Where the grain runs out of the surface it is end grain, which shows every scratch. */
  private void scratches(Record design) {
    int slope = (int) Restated.of(design, "grainSlope");
    int grit = (int) Restated.of(design, "grit");
    if (slope >= RUNS_OUT && grit < FINE) {
      told.found(
          new Verdict(
              "scratches-show",
              Grade.WATCH,
              grit,
              FINE,
              "grit",
              "Scratches will show where the grain runs out",
              "The grain leans by "
                  + slope
                  + " degrees: on two sides the outside is end grain, and a finish brings out what the"
                  + " grit left."),
          aim.parts().get(0).name(),
          null,
          "Sand finer, along the grain, with the lathe off at the last.");
    }
  }

  private Optional<Double> size(String key) {
    return Optional.ofNullable(aim.dims().get(new DimKey(key))).map(Dim::mm);
  }

  private void room(String end, Part part) {
    Optional<Double> waste = size("stick.waste-" + end);
    boolean held = size("stick.tenon-" + end).orElse(0.0) > 0;
    boolean recessed = end.equals("foot") && size("foot.recess").orElse(0.0) > 0;
    double least = parting.map(t -> t.width() + PARTING_ROOM).orElse(NO_TOOL);
    if (waste.isEmpty() || !held || recessed || waste.get() >= least - 1e-9) {
      return;
    }
    double z = end.equals("foot") ? part.target().minZ() : part.target().maxZ();
    told.say(
        end.equals("foot") ? "no-room-at-foot" : "no-room-at-top",
        waste.get() < least - PARTING_ROOM ? Grade.STOP : Grade.WATCH,
        waste.get(),
        least,
        "No room for the parting tool between " + end + " and jaws",
        "The side can't be brought down to the " + end + " without touching the jaws.",
        part.name(),
        new Point(z, part.target().outer(z)),
        "More waste at the " + end + ".");
  }

  private void kerf() {
    Optional<Double> kerf = size("stick.kerf");
    if (kerf.isEmpty() || parting.isEmpty()) {
      return;
    }
    double tool = parting.get().width();
    double wide = 2 * aim.blank().swept().maxR();
    if (kerf.get() < tool - 1e-9) {
      told.say(
          "kerf-narrow",
          Grade.STOP,
          kerf.get(),
          tool,
          "The kerf is narrower than the parting tool",
          "What the tool really takes comes off the rim or the spigot.",
          "blank",
          null,
          "Plan at least one width of the tool.");
    } else if (wide > DEEP_CUT && kerf.get() < FREE * tool - 1e-9) {
      told.say(
          "kerf-binds",
          Grade.WATCH,
          kerf.get(),
          FREE * tool,
          "The kerf is as narrow as its tool",
          "So deep a cut closes on the tool: it rubs, burns and catches.",
          "blank",
          null,
          "Cut it wider as it goes deeper, and plan for that.");
    }
  }

  /** Sets the piece on a flat board: only the outer rim should touch. */
  private void foot() {
    Optional<Double> hollow = size("foot.hollow");
    Optional<Double> wide = size("outside.foot");
    if (hollow.isEmpty() || wide.isEmpty()) {
      return;
    }
    Part body = aim.parts().get(0);
    HalfSection board = HalfSection.box(-10, 0, 0, 2 * aim.blank().swept().maxR());
    FirstContact c = FirstContact.of(board, body.target(), 0);
    boolean outer = c.rTo() > RIM_SHARE * wide.get() / 2;
    boolean onRim = outer && c.rFrom() > 0;
    if (!onRim || hollow.get() < FOOT_HOLLOW) {
      told.say(
          "foot-rocks",
          outer ? Grade.WATCH : Grade.STOP,
          hollow.get(),
          FOOT_HOLLOW,
          "The foot may rock",
          "A flat foot swells to a bulge with the seasons and then stands on its middle.",
          body.name(),
          new Point(body.target().minZ(), 0),
          "Hollow it a little, so that only its rim stands.");
    }
  }
}
