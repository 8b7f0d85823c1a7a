package hazelkeep.web.start;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the application is open: on the screen, and beside its data. */
@Component
public class Running {
  private static final Logger LOG = LoggerFactory.getLogger(Running.class);

  private final Optional<Folder> folder;
  private final String key = UUID.randomUUID().toString();

  Running(@Value("${hazel.data:}") String folder) {
    this.folder = folder.isEmpty() ? Optional.empty() : Optional.of(new Folder(Path.of(folder)));
  }

  /** Where the data lie; empty when they lie in memory. */
  public Optional<Folder> folder() {
    return folder;
  }

  /** Whether somebody knows the key that lies beside the data, which only their owner can read. */
  public boolean isOwner(String said) {
    return key.equals(said);
  }

  @EventListener
  void ready(ApplicationReadyEvent event) throws IOException {
    String port = event.getApplicationContext().getEnvironment().getProperty("local.server.port");
    String url = "http://localhost:" + port + "/";
    if (folder.isPresent()) {
      Database.upToDate(folder.get().path());
      new Address(url, key).note(folder.get());
    }
    LOG.info("Hazel Keep is open at {}", url);
  }

  @PreDestroy
  void stopped() throws IOException {
    if (folder.isPresent()) {
      Address.forget(folder.get().path());
    }
  }
}
