package hazelkeep.web.instrument;

import hazelkeep.air.Climate;
import hazelkeep.closing.Closing;
import hazelkeep.closing.InTheYear;
import hazelkeep.fit.Seen;
import hazelkeep.fit.SneakUp;
import hazelkeep.instrument.Device;
import hazelkeep.instrument.Sent;
import hazelkeep.instrument.SimulatedSet;
import hazelkeep.measure.Unit;
import hazelkeep.route.Prompt;
import hazelkeep.shop.Shop;
import hazelkeep.web.config.Callers;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.FitStore;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Sneaking;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Instruments: the switch, a simulated set, and the stream of what is read. */
@Controller
class InstrumentController {
  private final InstrumentPort port;
  private final Readings readings;
  private final PieceStore pieces;
  private final RunStore runs;
  private final FitStore fits;
  private final Planner planner;
  private final Random chance = new Random();
  private SimulatedSet set;
  private Shop setOf;

  InstrumentController(
      InstrumentPort port,
      Readings readings,
      PieceStore pieces,
      RunStore runs,
      FitStore fits,
      Planner planner) {
    this.port = port;
    this.readings = readings;
    this.pieces = pieces;
    this.runs = runs;
    this.fits = fits;
    this.planner = planner;
  }

  /**
   * Something that a simulated instrument can read.
   *
   * @param what in the trade's words
   * @param device with which
   * @param truth as that would show it without error, in its unit
   */
  public record Thing(String what, Device device, double truth) {}

  /** The runs begun last: one of them lies on the lathe. */
  private static final int OFFERED = 100;

  @GetMapping("/instruments")
  String page(@RequestParam(defaultValue = "0") long piece, Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("open", port.isOpen());
    model.addAttribute("port", port.port());
    model.addAttribute("devices", Device.values());
    model.addAttribute("pieces", runs.begun(OFFERED));
    model.addAttribute("piece", piece);
    model.addAttribute("things", things(piece));
    return "instrument/instruments";
  }

  private List<Thing> things(long piece) {
    return piece == 0 || !runs.started(piece) ? List.of() : things(pieces.get(piece));
  }

  private List<Thing> things(Piece piece) {
    List<Entry> log = runs.log(piece.id());
    Bench<?> bench = planner.bench(piece, log);
    List<Thing> out = new ArrayList<>();
    Optional<Sneaking> fit = Sneaking.of(bench, log);
    fit.ifPresent(f -> joint(f.so(), out));
    bench
        .next()
        .ifPresent(
            s ->
                bench.plan().prompts(s).stream()
                    .filter(p -> fit.isEmpty() || !p.dim().fit())
                    .forEach(p -> out.add(thing(p))));
    bench
        .plan()
        .aim()
        .closing()
        .map(j -> Closing.of(bench.plan().aim(), j))
        .flatMap(c -> c.lidGrams().stream().boxed().findFirst())
        .ifPresent(g -> out.add(new Thing("the lid, finished", Device.SCALE, g)));
    air(piece, out);
    return out;
  }

  private static Thing thing(Prompt p) {
    Device with = p.gauge().depth() ? Device.DEPTH_GAUGE : Device.CALIPER;
    return new Thing(p.dim().label(), with, p.shows());
  }

  /** The joint as it would be had every cut landed as it was meant. */
  private static void joint(SneakUp s, List<Thing> out) {
    double taken = s.meant();
    boolean recess = s.aimed().recessCut();
    out.add(
        new Thing(
            Seen.What.RECESS.words(), Device.CALIPER, s.aimed().recess() + (recess ? taken : 0)));
    out.add(
        new Thing(
            Seen.What.ROOT.words(), Device.CALIPER, s.aimed().spigot() - (recess ? 0 : taken)));
  }

  private void air(Piece piece, List<Thing> out) {
    int day = Math.min(Climate.DAYS, LocalDate.now().getDayOfYear()) - 1;
    InTheYear.Made made = new InTheYear.Made(fits.of(piece.id()), planner.shop());
    planner
        .shop()
        .climates()
        .named(made.wish().workshop())
        .ifPresent(
            c -> {
              out.add(new Thing("the wood", Device.MOISTURE_METER, InTheYear.today(made, day)));
              out.add(new Thing("the air here", Device.HYGROMETER, c.humidity(day)));
              out.add(new Thing("the air here", Device.THERMOMETER, c.celsius(day)));
            });
  }

  /** The stream of readings; it is there while instruments are switched on. */
  @GetMapping(path = "/instruments/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream(
      @RequestAttribute(name = Callers.DEVICE, required = false) Optional<String> device) {
    if (!port.isOpen()) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    return readings.page(device.orElse(""));
  }

  @PostMapping("/instruments/on")
  String on(RedirectAttributes after) {
    try {
      port.open();
    } catch (IllegalStateException e) {
      after.addFlashAttribute("refused", e.getMessage());
    }
    return "redirect:/instruments";
  }

  @PostMapping("/instruments/off")
  String off() {
    port.close();
    return "redirect:/instruments";
  }

  /** A simulated instrument reads one of the things of a piece. */
  @PostMapping("/instruments/read")
  String read(@RequestParam long piece, @RequestParam int no, Unit unit, RedirectAttributes after) {
    List<Thing> things = things(piece);
    if (port.isOpen() && no >= 0 && no < things.size()) {
      Thing t = things.get(no);
      Sent sent = simulated().read(t.device(), t.truth());
      int reached = readings.hand(sent);
      after.addFlashAttribute(
          "sent",
          t.device().word()
              + ", "
              + t.what().toLowerCase(java.util.Locale.ROOT)
              + ": "
              + Readings.text(sent, unit)
              + " "
              + (t.device().length() ? unit.word() : t.device().unit())
              + (reached == 0
                  ? Sentences.of("instrument.no-page-listens-open")
                  : Sentences.of("instrument.handed-to-the-page")));
    }
    return "redirect:/instruments?piece=" + piece;
  }

  private synchronized SimulatedSet simulated() {
    Shop shop = planner.shop();
    if (set == null || !shop.equals(setOf)) {
      set = new SimulatedSet(shop.practice(), 1, chance);
      setOf = shop;
    }
    return set;
  }
}
