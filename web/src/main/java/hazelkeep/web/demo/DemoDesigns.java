package hazelkeep.web.demo;

import hazelkeep.element.Elements;
import hazelkeep.kinds.goblet.Goblet;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.kinds.handle.HandleKind;
import hazelkeep.kinds.handle.Handled;
import hazelkeep.kinds.jar.Jar;
import hazelkeep.kinds.jar.JarKind;
import hazelkeep.kinds.lid.FittedLid;
import hazelkeep.kinds.lid.LidKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** What is stated of the demo's goblets, handles, jars and lids. */
final class DemoDesigns {
  private DemoDesigns() {}

  private static <D extends Design> D sized(D design, Map<String, Double> mm) {
    Map<DimKey, Size> sizes = new TreeMap<>(design.sizes());
    mm.forEach((key, size) -> sizes.put(new DimKey(key), Size.mm(size)));
    return Restated.with(design, "sizes", sizes);
  }

  /**
   * For the peas of the seed library: full above, drawn in over a foot; its lid of a darker wood,
   * with a ball.
   */
  static Jar jar() {
    Jar jar = Restated.with(JarKind.JAR.fresh(), "species", "European sycamore");
    jar = JarKind.JAR.choose(jar, "form", "SHOULDERED");
    jar = Elements.with(jar, "ball", "lid", Optional.empty());
    jar = Elements.with(jar, "point", "body", Size.mm(16));
    jar = Elements.with(jar, "blank", "lid", Optional.empty());
    jar = Elements.of(jar, "blank-1", "Black walnut");
    return sized(jar, Map.of("point-1.diameter", 58.0, "outside.foot", 64.0));
  }

  /** The sorting bowl of the seed library stands open: a lid with a finial from another offcut. */
  static FittedLid bowlLid() {
    FittedLid lid = Restated.with(LidKind.LID.fresh(), "species", "Common pear");
    lid =
        sized(
            lid,
            Map.of(
                "vessel.mouth", 88.0,
                "vessel.rim", 98.0,
                "vessel.below", 106.0,
                "vessel.below-at", 18.0,
                "vessel.depth", 52.0));
    Added finial = new Added("own-finial", 1, "lid").of(Optional.of("Gaboon ebony"));
    return Restated.with(lid, "elements", List.of(finial));
  }

  /** For the ship's bell: a pull with three rings that sound when it is taken. */
  static Handled pull() {
    return Restated.with(HandleKind.HANDLE.fresh(), "species", "Black walnut");
  }

  /** For the boat crew: a toast of 120 ml, five rings, a foot of walnut under a bowl of cherry. */
  static Goblet toasting() {
    Goblet goblet = Restated.with(GobletKind.GOBLET.fresh(), "species", "Black walnut");
    goblet = Restated.with(goblet, "rings", 5);
    goblet =
        Restated.with(
            goblet,
            "content",
            Optional.of(new Goblet.Content(Optional.of(120.0), Optional.of(Size.mm(5)))));
    Added seam = new Added("seam", 1, "goblet").of(Optional.of("Black cherry"));
    goblet = Restated.with(goblet, "elements", List.of(seam));
    return sized(goblet, Map.of("outside.height", 168.0, "seam-1.height", 12.0));
  }

  /** A square offcut of a locker's rail is enough for a small one, with a bead on its stem. */
  static Goblet small() {
    Goblet goblet = Restated.with(GobletKind.GOBLET.fresh(), "species", "European sycamore");
    goblet = GobletKind.GOBLET.choose(goblet, "form", "TULIP");
    goblet =
        Restated.with(
            goblet,
            "blank",
            Optional.of(new Blank(Optional.of(Size.mm(128)), Optional.of(Size.mm(58)), true)));
    goblet = Elements.with(goblet, "bead", "goblet", Size.mm(30));
    return sized(goblet, Map.of("outside.height", 100.0, "outside.diameter", 52.0));
  }
}
