package hazelkeep.web.words;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How a size is understood, while it is typed. */
@RestController
class UnderstoodController {
  /** In both units, the one that is shown first; nothing as long as it can't be read. */
  @GetMapping(path = "/understood", produces = "text/plain;charset=UTF-8")
  String understood(@RequestParam String text, Unit unit) {
    try {
      Size size = SizeText.parse(text, unit);
      Unit other = unit == Unit.MM ? Unit.INCH : Unit.MM;
      return size.hedge().words()
          + new Show(unit).len(size.mm())
          + " · "
          + new Show(other).len(size.mm());
    } catch (Refused e) {
      // It is still being typed: what can't be read is refused where it is sent.
      return "";
    }
  }
}
