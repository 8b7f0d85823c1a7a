package hazelkeep.web.shop;

import hazelkeep.air.Climate;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.AirDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The air of places: those that are shipped, and the turner's own. */
@Controller
class AirController {
  /** The largest log that is read, bytes. */
  private static final int MOST = 8 * 1024 * 1024;

  private final ShopStore store;

  AirController(ShopStore store) {
    this.store = store;
  }

  /**
   * The air of a place.
   *
   * @param id of its row; 0 for one that is shipped
   * @param name of the place
   * @param says driest and dampest, in a few words
   * @param drawing of the moisture that wood comes to
   */
  public record AirView(long id, String name, String says, String drawing) {}

  @GetMapping("/shop/air")
  String air(@RequestParam(defaultValue = "") String from, Unit unit, Model model) {
    return page(form(from), unit, model);
  }

  private String page(Map<String, String> form, Unit unit, Model model) {
    List<AirView> all = new ArrayList<>();
    store.items(ShopKind.CLIMATE).forEach(i -> all.add(view(i.id(), (Climate) i.thing())));
    int own = all.size();
    store.shop().climates().all().stream().skip(own).forEach(c -> all.add(view(0, c)));
    model.addAttribute("all", all);
    model.addAttribute("form", form);
    model.addAttribute("now", LocalDate.now().getMonthValue() - 1);
    model.addAttribute(
        "months", IntStream.range(0, Climate.MONTHS).mapToObj(AirFile::name).toList());
    model.addAttribute("show", new Show(unit));
    return "shop/air";
  }

  private static AirView view(long id, Climate c) {
    double[] m = c.moisture();
    double low = java.util.Arrays.stream(m).min().orElseThrow();
    double high = java.util.Arrays.stream(m).max().orElseThrow();
    return new AirView(
        id,
        c.name(),
        "wood " + Rounding.text(low, 1) + " to " + Rounding.text(high, 1) + " %",
        AirDrawing.of(c));
  }

  /** Twelve months to type over: those of a place that is there, else none. */
  private Map<String, String> form(String from) {
    Map<String, String> out = new LinkedHashMap<>();
    Optional<Climate> like = store.shop().climates().named(from);
    out.put("name", like.map(c -> c.name() + ", my own").orElse(""));
    for (int m = 0; m < Climate.MONTHS; m++) {
      int at = m;
      out.put("t" + m, like.map(c -> Rounding.text(c.celsius().get(at), 1)).orElse(""));
      out.put("h" + m, like.map(c -> Rounding.text(c.humidity().get(at), 0)).orElse(""));
    }
    return out;
  }

  @PostMapping("/shop/air")
  String add(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    try {
      Climate c =
          new Climate(
              typed.get("name"),
              numbers(typed, "t", "Temperature"),
              numbers(typed, "h", "Humidity"));
      store.lay(ShopKind.CLIMATE, List.of(c), s -> true);
      return "redirect:/shop/air";
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", e.getMessage());
      return page(typed, unit, model);
    }
  }

  private static List<Double> numbers(Map<String, String> typed, String key, String what) {
    List<Double> out = new ArrayList<>();
    for (int m = 0; m < Climate.MONTHS; m++) {
      String t = typed.getOrDefault(key + m, "").strip().replace(',', '.');
      try {
        out.add(Double.parseDouble(t.replaceAll("\\s*(%|°?C)$", "")));
      } catch (NumberFormatException e) {
        throw new Refused(Sentences.of("air.in-is-a-number", what, AirFile.name(m)), e);
      }
    }
    return out;
  }

  @PostMapping("/shop/air/log")
  String log(
      @RequestParam MultipartFile log,
      @RequestParam String name,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes after)
      throws IOException {
    try {
      if (log.getSize() > MOST) {
        throw new Refused(Sentences.of("air.a-log-of-at"));
      }
      AirFile.Read read = AirFile.read(name, AirFile.text(log.getBytes()));
      store.lay(ShopKind.CLIMATE, List.of(read.climate()), s -> true);
      after.addFlashAttribute("notes", read.notes());
      return "redirect:/shop/air";
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", e.getMessage());
      model.addAttribute("logName", name);
      return page(form(""), unit, model);
    }
  }

  @PostMapping("/shop/air/{id:\\d+}/remove")
  String remove(@PathVariable long id, RedirectAttributes after) {
    ShopStore.Item item = store.item(id);
    if (item.kind() == ShopKind.CLIMATE) {
      store.remove(id);
      after.addFlashAttribute(
          "notes", List.of(Sentences.of("air.is-off-the-list", ((Climate) item.thing()).name())));
    }
    return "redirect:/shop/air";
  }
}
