package hazelkeep.web.instrument;

import hazelkeep.instrument.Sent;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Unit;
import hazelkeep.web.store.DeviceStore;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Hands each reading to every page that listens. */
@Component
class Readings {
  private static final long FOR = 30L * 60 * 1000;

  /** More pages than these listen on no bench. */
  private static final int MOST = 16;

  private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
  private final Map<SseEmitter, String> away = new ConcurrentHashMap<>();

  /** The pages of a device end with its pairing. */
  @EventListener
  void revoked(DeviceStore.Revoked device) {
    away.forEach(
        (page, digest) -> {
          if (digest.equals(device.digest())) {
            gone(page);
            page.complete();
          }
        });
  }

  private void gone(SseEmitter page) {
    pages.remove(page);
    away.remove(page);
  }

  /**
   * A page that listens; the one that listened longest makes room for it.
   *
   * @param device by what the device is known that it is open on; empty on this machine
   */
  SseEmitter page(String device) {
    while (pages.size() >= MOST) {
      pages.remove(0).complete();
    }
    SseEmitter page = new SseEmitter(FOR);
    page.onCompletion(() -> gone(page));
    page.onTimeout(page::complete);
    page.onError(e -> gone(page));
    pages.add(page);
    away.put(page, device);
    send(page, SseEmitter.event().comment("listening"));
    return page;
  }

  /**
   * Hands a reading on.
   *
   * @return how many pages it reached
   */
  int hand(Sent sent) {
    Map<String, String> says =
        Map.of(
            "device", sent.device().word(),
            "kind", sent.device().length() ? "mm" : sent.device().key(),
            "mm", text(sent, Unit.MM),
            "inch", text(sent, Unit.INCH),
            "unit", sent.device().unit());
    int reached = 0;
    for (SseEmitter page : pages) {
      boolean there =
          send(page, SseEmitter.event().name("reading").data(says, MediaType.APPLICATION_JSON));
      reached += there ? 1 : 0;
    }
    return reached;
  }

  /** A reading as it is typed in a unit. */
  static String text(Sent sent, Unit unit) {
    return sent.device().length() ? unit.showFit(sent.value()) : Rounding.text(sent.value(), 1);
  }

  private boolean send(SseEmitter page, SseEmitter.SseEventBuilder event) {
    try {
      page.send(event);
      return true;
    } catch (IOException | IllegalStateException e) {
      // A page that was closed: it hears nothing more.
      gone(page);
      return false;
    }
  }

  /** Lets all pages go. */
  void close() {
    pages.forEach(SseEmitter::complete);
    pages.clear();
    away.clear();
  }
}
