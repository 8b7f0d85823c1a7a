package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
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
import java.util.Set;
import java.util.TreeSet;

/**
 * What an old hand sees before the lathe is switched on: room for the parting tool, a kerf that is
 * wide enough, a foot that stands. The same for every kind that has such sizes.
 */
final class Foresight {
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
    f.scratches(design);
    f.room("foot", aim.parts().get(0));
    f.room("top", aim.offBlank().get(aim.offBlank().size() - 1));
    if (!Added.apart(design.elements())) {
      f.kerf();
    }
    f.foot();
    design.blank().filter(Blank::limb).ifPresent(b -> f.pith());
    return new ArrayList<>(f.told.done());
  }

  /** Where the grain runs out of the surface it is end grain, which shows every scratch. */
  private void scratches(Design design) {
    int slope = design.grainSlope();
    int grit = design.grit();
    if (slope >= aim.custom(Line.STOCK_GRAIN_RUNS_OUT) && grit < aim.custom(Line.STOCK_FINE_GRIT)) {
      told.found(
          Entry.SCRATCHES_SHOW.told(
              Grade.WATCH, grit, aim.custom(Line.STOCK_FINE_GRIT), Integer.toString(slope)),
          aim.parts().get(0).name(),
          null);
    }
  }

  /**
   * A limb's pith runs where its middle lies, beside the axis by what it is set off. It is in the
   * open where the part is hollow or ends before it; else it goes through a stem, a floor or a
   * wall.
   */
  private void pith() {
    double off = aim.mm(StockRules.OFF);
    for (Part p : aim.offBlank()) {
      Set<String> through = new TreeSet<>();
      double open = 0;
      HalfSection wood = p.target();
      double step = (wood.maxZ() - wood.minZ()) / LOOKS;
      for (int i = 0; i < LOOKS; i++) {
        double z = wood.minZ() + (i + 0.5) * step;
        open = Math.max(open, wood.outer(z));
        if (wood.at(z).stream().anyMatch(s -> s.from() <= off && off < s.to())) {
          boolean slim = wood.outer(z) < aim.custom(Line.STIFF_SLENDER) * wood.maxR();
          through.add(wood.inner(z) > 0 ? "wall" : slim ? "stem" : "floor");
        }
      }
      if (!through.isEmpty()) {
        told.found(
            Entry.PITH.told(
                Grade.WATCH, off, open, p.name() + "'s " + String.join(" and ", through)),
            p.name(),
            new Point(wood.minZ(), off));
      }
    }
  }

  /** At so many heights a part is looked at. */
  private static final int LOOKS = 60;

  private Optional<Double> size(String key) {
    return Optional.ofNullable(aim.dims().get(new DimKey(key))).map(Dim::mm);
  }

  private void room(String end, Part part) {
    Optional<Double> waste = size("stick.waste-" + end);
    boolean held = size("stick.tenon-" + end).orElse(0.0) > 0;
    boolean recessed = end.equals("foot") && size("foot.recess").orElse(0.0) > 0;
    double least =
        parting
            .map(t -> t.width() + aim.custom(Line.STOCK_PARTING_ROOM))
            .orElse(aim.custom(Line.STOCK_PARTING_LEAST));
    if (waste.isEmpty() || !held || recessed || waste.get() >= least - 1e-9) {
      return;
    }
    double z = end.equals("foot") ? part.target().minZ() : part.target().maxZ();
    told.found(
        (end.equals("foot") ? Entry.NO_ROOM_AT_FOOT : Entry.NO_ROOM_AT_TOP)
            .told(
                waste.get() < least - aim.custom(Line.STOCK_PARTING_ROOM)
                    ? Grade.STOP
                    : Grade.WATCH,
                waste.get(),
                least),
        part.name(),
        new Point(z, part.target().outer(z)));
  }

  private void kerf() {
    Optional<Double> kerf = size("stick.kerf");
    if (kerf.isEmpty() || parting.isEmpty()) {
      return;
    }
    double tool = parting.get().width();
    double wide = 2 * aim.blank().swept().maxR();
    if (kerf.get() < tool - 1e-9) {
      told.found(Entry.KERF_NARROW.told(Grade.STOP, kerf.get(), tool), "blank", null);
    } else if (wide > aim.custom(Line.STOCK_KERF_DEEP)
        && kerf.get() < aim.custom(Line.STOCK_KERF_FREE) * tool - 1e-9) {
      told.found(
          Entry.KERF_BINDS.told(Grade.WATCH, kerf.get(), aim.custom(Line.STOCK_KERF_FREE) * tool),
          "blank",
          null);
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
    boolean outer = c.rTo() > aim.custom(Line.STOCK_FOOT_RIM) * wide.get() / 2;
    boolean onRim = outer && c.rFrom() > 0;
    if (!onRim || hollow.get() < aim.custom(Line.STOCK_FOOT_HOLLOW)) {
      told.found(
          Entry.FOOT_ROCKS.told(
              outer ? Grade.WATCH : Grade.STOP, hollow.get(), aim.custom(Line.STOCK_FOOT_HOLLOW)),
          body.name(),
          new Point(body.target().minZ(), 0));
    }
  }
}
