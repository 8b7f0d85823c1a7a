package hazelkeep.web.shop;

import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.words.Sentences;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/**
 * Puts what was typed of Practice in the place of what was there, unless something speaks against
 * it.
 */
@Component
class PracticeSaved {
  private final ShopStore store;
  private final Broken broken;
  private final Json json;

  PracticeSaved(ShopStore store, Broken broken, Json json) {
    this.store = store;
    this.broken = broken;
    this.json = json;
  }

  /**
   * Saves one kind of it.
   *
   * @param wrong whether something that was typed can't be so
   * @param typed with {@code was}, what the page showed, and {@code sure}, what was answered
   * @param model is told why nothing was saved
   * @return {@code OK} once it is saved
   */
  HttpStatus put(
      ShopKind kind, Practice next, boolean wrong, Map<String, String> typed, Model model) {
    String now = json.write(store.shop().practice());
    if (wrong) {
      model.addAttribute("refused", Sentences.of("practice.nothing-was-saved-yet"));
      return HttpStatus.UNPROCESSABLE_CONTENT;
    }
    if (!now.equals(typed.getOrDefault("was", now))) {
      model.addAttribute("refused", Sentences.of("practice.practice-was-changed-in"));
      return HttpStatus.CONFLICT;
    }
    Shop then = store.shop().with(next);
    String breaks = broken.by(then);
    if (!breaks.isEmpty() && !breaks.equals(typed.get("sure"))) {
      model.addAttribute("refused", Sentences.of("any.nothing-was-changed-yet"));
      model.addAttribute("breaks", breaks);
      return HttpStatus.UNPROCESSABLE_CONTENT;
    }
    store.only(kind, kind.of(then));
    return HttpStatus.OK;
  }
}
