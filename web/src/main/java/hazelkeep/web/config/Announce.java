package hazelkeep.web.config;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints the address once the application is ready. */
@Component
class Announce {
  private static final Logger LOG = LoggerFactory.getLogger(Announce.class);

  @EventListener
  void ready(ApplicationReadyEvent event) {
    String port = event.getApplicationContext().getEnvironment().getProperty("local.server.port");
    LOG.info("Hazel Keep is open at http://localhost:{}/", port);
  }
}
