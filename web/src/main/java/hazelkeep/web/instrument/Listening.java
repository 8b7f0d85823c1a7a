package hazelkeep.web.instrument;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells every page whether instruments are switched on. */
@ControllerAdvice
class Listening {
  private final InstrumentPort port;

  Listening(InstrumentPort port) {
    this.port = port;
  }

  @ModelAttribute("instruments")
  boolean instruments() {
    return port.isOpen();
  }
}
