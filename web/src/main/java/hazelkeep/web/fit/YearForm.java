package hazelkeep.web.fit;

import hazelkeep.closing.YearWish;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.season.Coat;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Woods;
import java.util.Locale;

/** What is typed about the air and the wood of a joint; what is left out is the usual. */
public record YearForm(
    String home,
    String workshop,
    String south,
    String moisture,
    String turned,
    String spigotWood,
    String pith,
    String coat,
    String sealed) {

  static YearForm of(YearWish w, Unit unit) {
    return new YearForm(
        w.home(),
        w.workshop(),
        w.south() ? "true" : "",
        w.moisture() > 0 ? Rounding.text(w.moisture(), 1) : "",
        w.turned() > 0 ? Rounding.text(w.turned(), 0) : "",
        w.spigotWood(),
        w.pith() > 0 ? unit.show(w.pith()) : "",
        w.coat().name(),
        w.sealed() ? "true" : "");
  }

  /** Whether nothing of it was sent. */
  boolean empty() {
    return home == null;
  }

  /**
   * What was meant.
   *
   * @throws Refused when something can't be read, saying what would be accepted
   */
  YearWish wish(Unit unit, Woods woods) {
    return new YearWish(
        home,
        workshop,
        "true".equals(south),
        number("Moisture", moisture, "11.5"),
        number(Sentences.of("yearForm.the-grain-of-the"), turned, "90"),
        woods.meant(spigotWood == null ? "" : spigotWood),
        pith == null || pith.isBlank() ? 0 : SizeText.parse(pith, unit).mm(),
        coated(),
        "true".equals(sealed));
  }

  private Coat coated() {
    try {
      return coat == null ? Coat.OIL : Coat.valueOf(coat.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new Refused(Sentences.of("yearForm.it-is-bare-oiled"), e);
    }
  }

  private static double number(String what, String text, String like) {
    String t = text == null ? "" : text.strip().replace(',', '.').replaceAll("\\s*[%°]$", "");
    if (t.isEmpty()) {
      return 0;
    }
    try {
      return Double.parseDouble(t);
    } catch (NumberFormatException e) {
      throw new Refused(Sentences.of("yearForm.is-a-number-like", what, like), e);
    }
  }
}
