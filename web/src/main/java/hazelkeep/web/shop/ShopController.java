package hazelkeep.web.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.JawDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.ShopStore.Item;
import hazelkeep.web.store.Stale;
import hazelkeep.wood.Species;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The wall of the workshop. */
@Controller
class ShopController {
  private final ShopStore store;
  private final Json json;
  private final Broken broken;
  private final WallPage wall;

  ShopController(ShopStore store, Json json, Broken broken, WallPage wall) {
    this.broken = broken;
    this.store = store;
    this.json = json;
    this.wall = wall;
  }

  @GetMapping("/shop")
  String shop(@RequestParam(defaultValue = "") String tenon, Unit unit, Model model) {
    double mm = WallPage.TENON;
    if (!tenon.isBlank()) {
      try {
        mm = SizeText.parse(tenon, unit).mm();
      } catch (Refused e) {
        model.addAttribute("tenonError", e.getMessage());
      }
    }
    wall.fill(mm, tenon.isBlank() ? unit.show(mm) : tenon, unit, model);
    return "shop/shop";
  }

  static ShopKind kind(String key) {
    return ShopKind.named(key)
        .orElseThrow(() -> new NotThere(Sentences.of("shop.there-is-no-wall", key)));
  }

  @GetMapping("/shop/{kind:[a-z]+}/new")
  String blank(@PathVariable String kind, Unit unit, Model model) {
    ShopKind of = kind(kind);
    return form(of, ThingForm.of(of, Map.of()), null, unit, model);
  }

  @GetMapping("/shop/{kind:[a-z]+}/{id:\\d+}")
  String change(@PathVariable String kind, @PathVariable long id, Unit unit, Model model) {
    Item item = item(kind, id);
    return form(
        item.kind(), ThingForm.of(item.kind(), item.thing(), json, unit), item, unit, model);
  }

  private Item item(String kind, long id) {
    Item item = store.item(id);
    if (item.kind() != kind(kind)) {
      throw new NotThere(Sentences.of("any.this-is-no-longer"));
    }
    return item;
  }

  private String form(ShopKind kind, ThingForm form, Item item, Unit unit, Model model) {
    Shop shop = store.shop();
    model.addAttribute("kind", kind.key());
    model.addAttribute("form", form);
    model.addAttribute("fields", Fields.of(kind));
    model.addAttribute("item", item);
    model.addAttribute(
        "title",
        item == null
            ? "Add: " + Fields.one(kind).toLowerCase(java.util.Locale.ROOT)
            : kind.single() ? Fields.one(kind) : kind.nameOf(item.thing()));
    model.addAttribute("why", Fields.why(kind));
    model.addAttribute("removable", item != null && kind != ShopKind.LATHE);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("species", shop.woods().all());
    if (kind == ShopKind.WOOD) {
      Optional<Species> shipped = Species.named(form.value("name"));
      model.addAttribute("figures", WoodFigure.of(shipped));
    }
    if (item != null && item.thing() instanceof JawSet j) {
      model.addAttribute(
          "drawing", JawDrawing.of(j, j.trueCircle() + 1, store.shop().practice(), new Show(unit)));
    }
    return "shop/thing";
  }

  @PostMapping("/shop/{kind:[a-z]+}")
  String add(
      @PathVariable String kind,
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    ShopKind of = kind(kind);
    ThingForm form = ThingForm.of(of, typed);
    form.halves();
    form.trial(unit);
    form.estimated();
    Optional<Record> thing = form.thing(json, unit);
    if (thing.isPresent()) {
      try {
        store.add(of, thing.get());
        return back(of);
      } catch (Refused e) {
        form.refuse("name", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(of, form, null, unit, model);
  }

  @PostMapping("/shop/{kind:[a-z]+}/{id:\\d+}")
  String change(
      @PathVariable String kind,
      @PathVariable long id,
      @RequestParam int version,
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Item item = item(kind, id);
    ThingForm form = ThingForm.of(item.kind(), typed);
    form.halves();
    form.trial(unit);
    form.estimated();
    Optional<Record> thing = form.thing(json, unit);
    HttpStatus status = HttpStatus.UNPROCESSABLE_CONTENT;
    if (thing.isPresent() && !sure(typed, with(item, Optional.of(thing.get())), model)) {
      form.refuse("", BREAKS);
    } else if (thing.isPresent()) {
      try {
        store.change(id, version, thing.get());
        return back(item.kind());
      } catch (Stale e) {
        form.refuse("", Sentences.of("shop.this-was-changed-in"));
        status = HttpStatus.CONFLICT;
      } catch (Refused e) {
        form.refuse("name", e.getMessage());
      }
    }
    response.setStatus(status.value());
    return form(item.kind(), form, store.item(id), unit, model);
  }

  private static final String BREAKS = Sentences.of("any.nothing-was-changed-yet");

  /** Whether a change breaks no piece, or is wanted all the same. */
  private boolean sure(Map<String, String> typed, Shop next, Model model) {
    String breaks = broken.by(next);
    boolean sure = breaks.isEmpty() || breaks.equals(typed.get("sure"));
    if (!sure) {
      model.addAttribute("breaks", breaks);
    }
    return sure;
  }

  /** The shop with another thing in the place of one, or without it. */
  private Shop with(Item item, Optional<Record> other) {
    List<Record> things = new ArrayList<>();
    for (Item i : store.items(item.kind())) {
      if (i.id() != item.id()) {
        things.add(i.thing());
      } else {
        other.ifPresent(things::add);
      }
    }
    return item.kind().with(store.shop(), things);
  }

  static String back(ShopKind kind) {
    return switch (kind) {
      case WOOD -> "redirect:/shop/woods";
      case PRACTICE -> "redirect:/shop/practice";
      case CLIMATE -> "redirect:/shop/air";
      case BOUND -> "redirect:/shop/practice/bounds";
      default -> "redirect:/shop#" + kind.key();
    };
  }

  @PostMapping("/shop/{kind:[a-z]+}/{id:\\d+}/remove")
  String remove(
      @PathVariable String kind,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Item item = item(kind, id);
    if (item.kind() == ShopKind.LATHE) {
      throw new NotThere(Sentences.of("shop.a-shop-without-a"));
    }
    if (!sure(typed, with(item, Optional.empty()), model)) {
      ThingForm form = ThingForm.of(item.kind(), item.thing(), json, unit);
      form.refuse("", BREAKS);
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(item.kind(), form, item, unit, model);
    }
    store.remove(id);
    flash.addFlashAttribute("removed", item.kind().nameOf(item.thing()));
    flash.addFlashAttribute("removedKind", item.kind().key());
    flash.addFlashAttribute(
        "removedFields", ThingForm.of(item.kind(), item.thing(), json, Unit.MM).typed());
    return "redirect:/shop";
  }

  /** What was taken off is hung back as it was, whatever unit is shown now. */
  @PostMapping("/shop/{kind:[a-z]+}/again")
  String again(
      @PathVariable String kind,
      @RequestParam Map<String, String> typed,
      Model model,
      Unit unit,
      HttpServletResponse response) {
    return add(kind, typed, Unit.MM, model, response);
  }

  @GetMapping("/shop/woods")
  String woods(Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("rows", WoodFigure.rows(store.shop().woods(), store.items(ShopKind.WOOD)));
    model.addAttribute("columns", WoodFigure.COLUMNS);
    return "shop/woods";
  }

  /** A wood of the library, for figures of one's own. */
  @GetMapping("/shop/woods/own")
  String own(@RequestParam String name, Unit unit, Model model) {
    Species wood =
        store
            .shop()
            .woods()
            .named(name)
            .orElseThrow(() -> new NotThere(Sentences.of("shop.there-is-no-wood", name)));
    Optional<Item> mine =
        store.items(ShopKind.WOOD).stream()
            .filter(i -> ((Species) i.thing()).name().equalsIgnoreCase(wood.name()))
            .findFirst();
    if (mine.isPresent()) {
      return "redirect:/shop/wood/" + mine.get().id();
    }
    ThingForm form =
        ThingForm.of(ShopKind.WOOD, Map.of("name", wood.name(), "botanical", wood.botanical()));
    return form(ShopKind.WOOD, form, null, unit, model);
  }
}
