package hazelkeep.web.shop;

import hazelkeep.measure.Unit;
import hazelkeep.practice.Practice;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.words.Sentences;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The bounds of sizes: what may be typed, with the turner's own. */
@Controller
class BoundsController {
  private final ShopStore store;
  private final PracticeSaved saved;
  private final Json json;

  BoundsController(ShopStore store, PracticeSaved saved, Json json) {
    this.store = store;
    this.saved = saved;
    this.json = json;
  }

  @GetMapping("/shop/practice/bounds")
  String page(Unit unit, Model model) {
    Practice now = store.shop().practice();
    return page(BoundsPage.of(now, unit), now, unit, model);
  }

  private String page(BoundsPage page, Practice was, Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("page", page);
    model.addAttribute("was", json.write(was));
    return "shop/bounds";
  }

  @PostMapping("/shop/practice/bounds")
  String save(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Practice now = store.shop().practice();
    BoundsPage.Typed read = BoundsPage.read(now, typed, unit);
    HttpStatus status =
        saved.put(ShopKind.BOUND, read.practice(), !read.errors().isEmpty(), typed, model);
    if (status == HttpStatus.OK) {
      flash.addFlashAttribute("saved", Sentences.of("practice.saved-plans-go-by"));
      return "redirect:/shop/practice/bounds";
    }
    response.setStatus(status.value());
    return page(BoundsPage.of(now, unit, typed, read.errors()), now, unit, model);
  }
}
