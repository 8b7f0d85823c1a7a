package hazelkeep.web.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.shop.Shop;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.Stale;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The shop as files: out, and in again. */
@Controller
class ShopFilesController {
  /** The largest shop file that is read, bytes. */
  private static final int MOST = 256 * 1024;

  private final ShopStore store;
  private final ShopFile file;
  private final Broken broken;
  private final WallPage wall;

  ShopFilesController(ShopStore store, Json json, Broken broken, WallPage wall) {
    this.store = store;
    this.file = new ShopFile(json);
    this.broken = broken;
    this.wall = wall;
  }

  @GetMapping("/shop/shop.json")
  ResponseEntity<String> json() {
    return attached("shop.json", MediaType.APPLICATION_JSON, file.write(store.shop()));
  }

  @GetMapping("/shop/{kind:[a-z]+}.csv")
  ResponseEntity<String> csv(@PathVariable String kind) {
    ShopKind of = ShopController.kind(kind);
    return attached(
        kind + ".csv",
        new MediaType("text", "csv", StandardCharsets.UTF_8),
        file.table(of, of.of(store.shop())));
  }

  private static ResponseEntity<String> attached(String name, MediaType type, String body) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(body);
  }

  @PostMapping("/shop/import")
  String bringIn(
      @RequestParam MultipartFile shop,
      @RequestParam(defaultValue = "") String seen,
      Unit unit,
      Model model,
      RedirectAttributes flash,
      HttpServletResponse response)
      throws IOException {
    try {
      return replaced(file.read(text(shop)), seen, flash);
    } catch (Refused e) {
      return refused(e.getMessage(), unit, model, response);
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return shown(Sentences.of("shop.the-wall-was-changed-in"), unit, model);
    }
  }

  /** The wall as it was before a file replaced it. */
  @PostMapping("/shop/back")
  String back(
      @RequestParam String was,
      @RequestParam(defaultValue = "") String seen,
      Unit unit,
      Model model,
      RedirectAttributes flash,
      HttpServletResponse response) {
    try {
      return replaced(file.read(was), seen, flash);
    } catch (Refused e) {
      return refused(e.getMessage(), unit, model, response);
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return shown(Sentences.of("shop.the-wall-was-changed-in"), unit, model);
    }
  }

  private String replaced(Shop next, String seen, RedirectAttributes flash) {
    Shop was = store.shop();
    store.replace(next, s -> wall.isSeen(s, seen) && s.equals(was));
    flash.addFlashAttribute("was", file.write(was));
    flash.addFlashAttribute("breaks", broken.by(next));
    return "redirect:/shop";
  }

  @PostMapping("/shop/{kind:[a-z]+}/import")
  String bringIn(
      @PathVariable String kind,
      @RequestParam MultipartFile table,
      @RequestParam(defaultValue = "") String seen,
      Unit unit,
      Model model,
      RedirectAttributes flash,
      HttpServletResponse response)
      throws IOException {
    ShopKind of = ShopController.kind(kind);
    try {
      Shop was = store.shop();
      store.lay(of, file.read(of, text(table)), s -> wall.isSeen(s, seen) && s.equals(was));
      flash.addFlashAttribute("was", file.write(was));
      return ShopController.back(of);
    } catch (Refused e) {
      return refused(e.getMessage(), unit, model, response);
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return shown(Sentences.of("shop.the-wall-was-changed-in"), unit, model);
    }
  }

  private static String text(MultipartFile file) throws IOException {
    if (file.getSize() > MOST) {
      throw new Refused(Sentences.of("shop.a-file-for-the"));
    }
    if (file.isEmpty()) {
      throw new Refused(Sentences.of("any.choose-a-file-first"));
    }
    return new String(file.getBytes(), StandardCharsets.UTF_8);
  }

  private String refused(String why, Unit unit, Model model, HttpServletResponse response) {
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return shown(
        Sentences.of("shop.nothing-on-the-wall", why.endsWith(".") ? why : why + "."), unit, model);
  }

  private String shown(String refused, Unit unit, Model model) {
    model.addAttribute("refused", refused);
    wall.fill(WallPage.TENON, unit.show(WallPage.TENON), unit, model);
    return "shop/shop";
  }
}
