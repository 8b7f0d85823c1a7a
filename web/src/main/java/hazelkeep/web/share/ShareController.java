package hazelkeep.web.share;

import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.store.DeviceStore;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The switch on this machine: opens the door, shows the code, lists who is paired. */
@Controller
class ShareController {
  private final Share share;
  private final Pairing pairing;
  private final DeviceStore devices;

  ShareController(Share share, Pairing pairing, DeviceStore devices) {
    this.share = share;
    this.pairing = pairing;
    this.devices = devices;
  }

  @GetMapping("/share")
  String page(Unit unit, Model model) {
    return page(unit, model, "");
  }

  private String page(Unit unit, Model model, String error) {
    List<String> addresses = share.addresses();
    model.addAttribute("show", new Show(unit));
    model.addAttribute("open", share.isOpen());
    model.addAttribute("addresses", addresses);
    model.addAttribute("fingerprint", share.fingerprint());
    model.addAttribute("readable", share.readable());
    model.addAttribute("passphrase", pairing.passphrase());
    model.addAttribute("locked", pairing.locked().toSeconds());
    model.addAttribute(
        "qr",
        addresses.isEmpty()
            ? ""
            : QrCode.of(addresses.get(0) + "/pair?code=" + pairing.freshCode()));
    model.addAttribute("devices", devices.all());
    model.addAttribute("error", error);
    return "share/share";
  }

  @PostMapping("/share/on")
  String on(@RequestParam(defaultValue = "false") boolean plain, Unit unit, Model model) {
    try {
      share.open(!plain);
    } catch (IllegalStateException e) {
      return page(unit, model, e.getMessage());
    }
    return "redirect:/share";
  }

  @PostMapping("/share/off")
  String off() {
    share.close();
    return "redirect:/share";
  }

  @PostMapping("/share/unlock")
  String unlock() {
    pairing.unlock();
    return "redirect:/share";
  }

  @PostMapping("/share/revoke")
  String revoke(@RequestParam long device) {
    devices.revoke(device);
    return "redirect:/share";
  }
}
