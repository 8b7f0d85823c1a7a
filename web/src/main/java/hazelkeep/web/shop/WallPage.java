package hazelkeep.web.shop;

import hazelkeep.measure.Unit;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.stiffness.JawSpring;
import hazelkeep.web.drawing.JawDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.ShopStore.Item;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the page of the wall shows. */
@Component
class WallPage {
  /** The tenon that jaws are shown with until another is asked for, mm. */
  static final double TENON = 51;

  private final ShopStore store;
  private final Json json;

  WallPage(ShopStore store, Json json) {
    this.store = store;
    this.json = json;
  }

  /** Whether a page showed this very wall; one that does not say so is taken at its word. */
  boolean isSeen(Shop shop, String seen) {
    return seen.isEmpty() || seen.equals(state(shop));
  }

  /** Stands for all that is on a wall: any change makes another. */
  private String state(Shop shop) {
    return UUID.nameUUIDFromBytes(json.write(shop).getBytes(StandardCharsets.UTF_8)).toString();
  }

  /**
   * A thing on the wall as it is shown.
   *
   * @param path of its page
   * @param name what the turner calls it
   * @param line what says most of it
   * @param drawing its drawing, empty for most
   */
  public record Thing(String path, String name, String line, String drawing) {}

  /**
   * A kind of thing.
   *
   * @param key as in paths
   * @param title in the trade's words
   * @param one what one of them is called
   * @param why why one keeps them
   * @param add whether one can be added
   * @param things what there is
   */
  public record Wall(
      String key, String title, String one, String why, boolean add, List<Thing> things) {}

  /**
   * Fills it.
   *
   * @param tenon what jaws are shown with, mm
   * @param typed the same as it was typed
   */
  void fill(double tenon, String typed, Unit unit, Model model) {
    List<Wall> walls = new ArrayList<>();
    for (ShopKind kind : ShopKind.values()) {
      if (!kind.onWall()) {
        continue;
      }
      List<Thing> things =
          store.items(kind).stream().map(i -> thing(i, tenon, new Show(unit))).toList();
      walls.add(
          new Wall(
              kind.key(),
              Fields.all(kind),
              Fields.one(kind),
              Fields.why(kind),
              !kind.single() || things.isEmpty(),
              things));
    }
    Shop shop = store.shop();
    model.addAttribute("walls", walls);
    model.addAttribute("seen", state(shop));
    model.addAttribute("tenon", typed);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("spring", JawSpring.of(shop).words());
    model.addAttribute("own", shop.woods().own().size());
    model.addAttribute("airs", shop.climates().own().size());
    model.addAttribute("customs", shop.practice().own().size());
    model.addAttribute("woods", shop.woods().all().size());
  }

  private Thing thing(Item i, double tenon, Show show) {
    String drawing =
        i.thing() instanceof JawSet j ? JawDrawing.of(j, tenon, store.shop().practice(), show) : "";
    return new Thing(
        "/shop/" + i.kind().key() + "/" + i.id(),
        i.kind().single() ? Fields.one(i.kind()) : i.kind().nameOf(i.thing()),
        Lines.of(i.thing(), show),
        drawing);
  }
}
